#include "cli/shared.h"

#include "base/files.h"
#include "base/sentence.h"
#include "checking/check.h"
#include "cli/commands.h"
#include "picture/picture_file.h"
#include "reading/reader.h"

#include <cmath>

namespace eyelid {

Result<Search> loadSearch(const FindSettings& settings) {
    auto policy = loadPolicy(settings.policy);
    if (!policy) return policy.error();
    WatchList watch;
    if (!settings.watchFile.isEmpty()) {
        auto loaded = WatchList::load(settings.watchFile);
        if (!loaded) return loaded.error();
        watch = std::move(*loaded);
    }
    Search search{std::make_shared<const Policy>(std::move(*policy)),
                  std::make_shared<const WatchList>(std::move(watch)), settings.languages};
    if (settings.languages == QLatin1String("auto")) return search;
    auto languages = checkLanguages(settings.languages);
    if (!languages) return languages.error();
    search.languages = *languages;
    return search;
}

Result<QImage> readFirst(const QString& file) {
    auto bytes = readFile(file);
    if (!bytes) return bytes.error();
    auto frames = PictureFrames::open(*bytes, file);
    if (!frames) return frames.error();
    if (frames->count() > 1)
        complain(sentence(Tr::tr("%1 holds %2 pages; only the first is read. redact and check take all of them."), file,
                          frames->count()));
    return frames->next();
}

Result<QRect> parseRect(const QString& text, const char* option) {
    const QStringList parts = text.split(QLatin1Char(','));
    int v[4] = {};
    bool ok = parts.size() == 4;
    for (int i = 0; ok && i < 4; ++i) v[i] = parts[i].trimmed().toInt(&ok);
    // Within what a QRect can hold without overflow.
    for (int n : v) ok = ok && n > -1'000'000 && n < 1'000'000;
    if (!ok || v[2] <= 0 || v[3] <= 0)
        return Error{
            Error::Kind::BadInput,
            sentence(
                Tr::tr("%1 %2: four whole numbers are expected, x,y,width,height, with a width and height above 0."),
                QString::fromLatin1(option), text)};
    return QRect(v[0], v[1], v[2], v[3]);
}

double rounded(double value, double steps) {
    return std::round(value * steps) / steps;
}

nlohmann::ordered_json boxJson(const QRectF& b) {
    return nlohmann::ordered_json::array(
        {rounded(b.x(), 10), rounded(b.y(), 10), rounded(b.width(), 10), rounded(b.height(), 10)});
}

void sayLeaks(const std::vector<Leak>& leaks) {
    for (const Leak& leak : leaks) {
        const QPoint at = leak.place.topLeft().toPoint();
        say(QStringLiteral("  ") +
            (leak.place.isNull() ? leak.sentence : sentence(Tr::tr("%1 [at %2,%3]"), leak.sentence, at.x(), at.y())));
    }
}

Result<QByteArray> firstLineOf(const QString& path) {
    if (path.isEmpty()) return QByteArray();
    constexpr qint64 longest = 4096;
    auto text = readFile(path == QLatin1String("-") ? QStringLiteral("/dev/stdin") : path, longest);
    if (!text) return text.error();
    const QByteArray line = text->split('\n').front().trimmed();
    if (line.isEmpty()) return Error{Error::Kind::BadInput, sentence(Tr::tr("The first line of %1 is empty."), path)};
    return line;
}

} // namespace eyelid
