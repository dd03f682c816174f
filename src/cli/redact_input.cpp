#include "cli/redact_input.h"

#include "base/files.h"
#include "base/sentence.h"
#include "cli/console.h"
#include "picture/container.h"
#include "picture/picture_file.h"
#include "releasing/digest.h"

namespace eyelid {

std::vector<InputPicture> inputPicturesOf(const QStringList& files) {
    std::vector<InputPicture> pictures;
    for (qsizetype i = 0; i < files.size(); ++i) {
        InputPicture input;
        input.input = i;
        auto bytes = readFile(files[i]);
        auto frames = bytes ? PictureFrames::open(*bytes, files[i]) : Result<PictureFrames>(bytes.error());
        if (!frames) {
            input.trouble = frames.error().sentence;
            pictures.push_back(std::move(input));
            continue;
        }
        if (inspectContainer(*bytes).unreadFrames)
            complain(sentence(Tr::tr("%1 holds further frames; only the first is taken."), files[i]));
        input.digest = sha256(*bytes);
        input.pages = frames->count();
        for (input.page = 0; input.page < input.pages; ++input.page) pictures.push_back(input);
    }
    return pictures;
}

Result<QImage> openedAgain(const InputPicture& input, const QString& file) {
    auto bytes = readFile(file);
    if (!bytes) return bytes.error();
    if (sha256(*bytes) != input.digest)
        return Error{Error::Kind::NotReadable,
                     sentence(Tr::tr("%1 was changed while it was being worked on; start again."), file)};
    auto frames = PictureFrames::open(*bytes, file);
    if (!frames) return frames.error();
    for (int skipped = 0; skipped < input.page; ++skipped)
        if (auto other = frames->next(); !other) return other;
    return frames->next();
}

std::optional<Error> placeCovers(const std::vector<QRect>& areas, const CoverLook& look, const QString& file,
                                 Capture& capture) {
    for (const QRect& area : areas) {
        const QRect inside = area.intersected(QRect(QPoint(0, 0), capture.size));
        const QString asked = sentence(Tr::tr("--cover %1,%2,%3,%4"), area.x(), area.y(), area.width(), area.height());
        if (inside.isEmpty())
            return Error{Error::Kind::BadInput, sentence(Tr::tr("%1 lies outside %2, which is %3 x %4 pixels."), asked,
                                                         file, capture.size.width(), capture.size.height())};
        if (inside != area)
            complain(sentence(Tr::tr("%1 reaches over the edge of %2; covered is %3,%4,%5,%6."), asked, file,
                              inside.x(), inside.y(), inside.width(), inside.height()));
        capture.hands.push_back({int(capture.hands.size()) + 1, inside, look, {}});
    }
    return std::nullopt;
}

} // namespace eyelid
