#include "picture/picture_file.h"

#include "base/sentence.h"
#include "picture/container.h"
#include "picture/format_writers.h"

#include <optional>
#include <QBuffer>
#include <QImageReader>
#include <QPainter>

namespace eyelid {
namespace {

Error bad(const QString& sentence) {
    return Error{Error::Kind::BadInput, sentence};
}

} // namespace

struct PictureFrames::State {
    QByteArray bytes;
    QString name;
    PictureLimits limits;
    Container container;
    QBuffer buffer;
    std::unique_ptr<QImageReader> reader;
    int next = 0;

    Result<QImage> read();
    void begin() {
        buffer.seek(0);
        reader = std::make_unique<QImageReader>(&buffer, formatName(container.format).toLower().toLatin1());
        reader->setAutoTransform(true);
        reader->setAllocationLimit(int(limits.pixels * 8 / 1'000'000));
    }
};

PictureFrames::PictureFrames(std::unique_ptr<State> state) : m_state(std::move(state)) {}
PictureFrames::PictureFrames(PictureFrames&&) noexcept = default;
PictureFrames& PictureFrames::operator=(PictureFrames&&) noexcept = default;
PictureFrames::~PictureFrames() = default;

int PictureFrames::count() const {
    return m_state->container.frames;
}

Result<PictureFrames> PictureFrames::open(const QByteArray& bytes, const QString& name, const PictureLimits& limits) {
    const Container container = inspectContainer(bytes);
    if (container.format == PictureFormat::Unknown)
        return bad(sentence(Tr::tr("%1 is not a picture Eyelid can open (PNG, JPEG, WebP, BMP, TIFF or GIF)."), name));
    if (!container.complete)
        return bad(sentence(Tr::tr("%1 is cut short: the file ends before the picture does."), name));
    auto state = std::make_unique<State>();
    state->bytes = bytes;
    state->name = name;
    state->limits = limits;
    state->container = container;
    state->buffer.setBuffer(&state->bytes);
    state->buffer.open(QIODevice::ReadOnly);
    state->begin();
    return PictureFrames(std::move(state));
}

Result<QImage> PictureFrames::next() {
    auto frame = m_state->read();
    if (!frame) return frame.error();
    return flattened(std::move(*frame));
}

Result<QImage> PictureFrames::nextTransparent() {
    auto frame = m_state->read();
    if (!frame) return frame.error();
    return std::move(*frame).convertToFormat(QImage::Format_ARGB32);
}

// As it is stored.
Result<QImage> PictureFrames::State::read() {
    State& s = *this;
    // A TIFF's pages are gone to, each from the start: the library loses its place after one was read. The frames of
    // the others follow by themselves.
    if (s.next > 0 && s.container.format == PictureFormat::Tiff) {
        s.begin();
        if (!s.reader->jumpToImage(s.next)) return bad(sentence(Tr::tr("%1 has a damaged page."), s.name));
    }
    ++s.next;
    const auto within = [&](const QSize& size) -> std::optional<Error> {
        if (size.width() <= 0 || size.height() <= 0)
            return bad(sentence(Tr::tr("%1 holds a picture of no size."), s.name));
        if (size.width() > s.limits.side || size.height() > s.limits.side)
            return bad(sentence(Tr::tr("%1 is %2 x %3 pixels; Eyelid opens pictures of up to %4 pixels a side."),
                                s.name, size.width(), size.height(), s.limits.side));
        const qint64 pixels = qint64(size.width()) * size.height();
        if (pixels > s.limits.pixels)
            return bad(sentence(Tr::tr("%1 is %2 x %3 pixels, %4 million in all; Eyelid opens up to %5 million."),
                                s.name, size.width(), size.height(), pixels / 1'000'000, s.limits.pixels / 1'000'000));
        return std::nullopt;
    };
    // The size is known from the header: a small file that would swell to gigabytes is refused before it does.
    if (const QSize size = s.reader->size(); size.isValid())
        if (auto error = within(size)) return *error;
    QImage image = s.reader->read();
    if (image.isNull())
        return bad(sentence(Tr::tr("%1 is a damaged %2 picture and cannot be opened."), s.name,
                            formatName(s.container.format)));
    if (auto error = within(image.size())) return *error;
    return image;
}

Result<QImage> decodePicture(const QByteArray& bytes, const QString& name, const PictureLimits& limits) {
    auto frames = PictureFrames::open(bytes, name, limits);
    if (!frames) return frames.error();
    return frames->next();
}

Result<QImage> readPicture(const QString& path, const PictureLimits& limits) {
    auto bytes = readFile(path, limits.fileBytes);
    if (!bytes) return bytes.error();
    return decodePicture(*bytes, path, limits);
}

QStringList readableEndings() {
    return {QStringLiteral("png"), QStringLiteral("jpg"), QStringLiteral("jpeg"), QStringLiteral("webp"),
            QStringLiteral("bmp"), QStringLiteral("tif"), QStringLiteral("tiff"), QStringLiteral("gif")};
}

QImage flattened(QImage picture) {
    return laidOn(qRgb(255, 255, 255), std::move(picture));
}

QImage laidOn(QRgb ground, QImage picture) {
    QImage result;
    if (picture.hasAlphaChannel()) {
        result = QImage(picture.size(), QImage::Format_RGB32);
        result.fill(QColor(ground));
        if (result.isNull()) return result;
        picture.setDevicePixelRatio(1);
        QPainter painter(&result);
        painter.drawImage(0, 0, picture);
    } else {
        result = std::move(picture).convertToFormat(QImage::Format_RGB32);
    }
    result.setDevicePixelRatio(1);
    return result;
}

QByteArray encodePng(const QImage& picture) {
    const QImage rgb = flattened(picture);
    return rgb.isNull() ? QByteArray() : writePlainPng(rgb);
}

} // namespace eyelid
