#include "picture/encoders.h"

#include "base/sentence.h"
#include "picture/format_writers.h"
#include "picture/picture_file.h"

namespace eyelid {
namespace {

struct FormatTraits {
    ReleaseFormat format;
    const char* code;
    const char* title;
    const char* ending;
    int longestSide; ///< pixels: what the format's header holds, and readers take
    QByteArray (*write)(const QImage& picture, int quality);
};

constexpr FormatTraits allFormats[] = {
    {ReleaseFormat::Png, "png", "PNG", "png", 32000, writePng},
    {ReleaseFormat::Jpeg, "jpeg", "JPEG", "jpg", 32000, writeJpeg},
    {ReleaseFormat::WebP, "webp", "WebP", "webp", 16383, writeWebP},
    {ReleaseFormat::Gif, "gif", "GIF", "gif", 32000, writeGif},
    {ReleaseFormat::Tiff, "tiff", "TIFF", "tiff", 32000, writeTiff},
};

const FormatTraits& traitsOf(ReleaseFormat format) {
    return allFormats[size_t(format)];
}

// Tried one after the other when a file must keep to a size. Below the last, letters of 12 pixels fall apart.
constexpr int fallingQualities[] = {95, 90, 85, 80, 75, 70, 60, 50, 40, 30};

} // namespace

bool isLossless(const Encoding& encoding) {
    return encoding.format == ReleaseFormat::Png || encoding.format == ReleaseFormat::Tiff ||
           (encoding.format == ReleaseFormat::WebP && encoding.quality == Encoding::lossless);
}

bool hasQuality(ReleaseFormat format) {
    return format == ReleaseFormat::Jpeg || format == ReleaseFormat::WebP;
}

const std::vector<ReleaseFormat>& releaseFormats() {
    static const std::vector<ReleaseFormat> all{ReleaseFormat::Png, ReleaseFormat::Jpeg, ReleaseFormat::WebP,
                                                ReleaseFormat::Gif, ReleaseFormat::Tiff};
    return all;
}

QString codeOf(ReleaseFormat format) {
    return QLatin1String(traitsOf(format).code);
}

std::optional<ReleaseFormat> releaseFormatFromCode(const QString& code) {
    for (const FormatTraits& traits : allFormats)
        if (code == QLatin1String(traits.code)) return traits.format;
    return std::nullopt;
}

QString titleOf(ReleaseFormat format) {
    return QLatin1String(traitsOf(format).title);
}

QString endingOf(ReleaseFormat format) {
    return QLatin1String(traitsOf(format).ending);
}

bool canBeTransparent(const Encoding& encoding) {
    return isLossless(encoding) && (encoding.format == ReleaseFormat::Png || encoding.format == ReleaseFormat::WebP);
}

namespace {

Result<QByteArray> written(const QImage& picture, const Encoding& encoding) {
    const FormatTraits& traits = traitsOf(encoding.format);
    if (std::max(picture.width(), picture.height()) > traits.longestSide)
        return Error{Error::Kind::BadInput,
                     sentence(Tr::tr("A %1 holds pictures of up to %2 pixels a side, and this one is %3 x %4; choose "
                                     "another format, or a smaller size."),
                              titleOf(encoding.format), traits.longestSide, picture.width(), picture.height())};
    QByteArray bytes = picture.isNull() ? QByteArray() : traits.write(picture, encoding.quality);
    if (bytes.isEmpty())
        return Error{Error::Kind::NotWritable, Tr::tr("The picture could not be made: there is too little memory.")};
    return bytes;
}

} // namespace

Result<QByteArray> encodePicture(const QImage& picture, const Encoding& encoding) {
    return written(flattened(picture), encoding);
}

Result<QByteArray> encodeTransparent(const QImage& picture, const Encoding& encoding) {
    return written(picture.convertToFormat(QImage::Format_ARGB32), encoding);
}

Result<Fitted> encodeWithin(const QImage& picture, const Encoding& wanted, qint64 mostBytes) {
    auto first = encodePicture(picture, wanted);
    if (!first) return first.error();
    if (first->size() <= mostBytes) return Fitted{std::move(*first), wanted};
    Encoding lossy{wanted.format == ReleaseFormat::WebP ? ReleaseFormat::WebP : ReleaseFormat::Jpeg};
    qint64 smallest = first->size();
    for (const int quality : fallingQualities) {
        lossy.quality = quality;
        if (hasQuality(wanted.format) && wanted.quality != Encoding::lossless && quality >= wanted.quality) continue;
        auto bytes = encodePicture(picture, lossy);
        if (!bytes) return bytes.error();
        if (bytes->size() <= mostBytes) return Fitted{std::move(*bytes), lossy};
        smallest = std::min<qint64>(smallest, bytes->size());
    }
    return Error{
        Error::Kind::BadInput,
        sentence(Tr::tr("A picture of %1 x %2 pixels takes %3 bytes at the least, and no more than %4 were asked "
                        "for; crop it, or release it at a smaller size."),
                 picture.width(), picture.height(), smallest, mostBytes)};
}

} // namespace eyelid
