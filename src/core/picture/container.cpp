#include "picture/container.h"

#include "picture/inspectors.h"

namespace eyelid {
namespace {

Container inspect(const QByteArray& bytes, bool strict) {
    switch (formatOf(bytes)) {
    case PictureFormat::Png:
        return inspectPng(bytes, strict);
    case PictureFormat::Jpeg:
        return inspectJpeg(bytes, strict);
    case PictureFormat::Gif:
        return inspectGif(bytes, strict);
    case PictureFormat::Bmp:
        return inspectBmp(bytes, strict);
    case PictureFormat::WebP:
        return inspectWebP(bytes, strict);
    case PictureFormat::Tiff:
        return inspectTiff(bytes, strict);
    case PictureFormat::Unknown:
        break;
    }
    return Container{PictureFormat::Unknown, true, bytes.size()};
}

} // namespace

PictureFormat formatOf(const QByteArray& b) {
    if (b.startsWith("\x89PNG\r\n\x1a\n")) return PictureFormat::Png;
    if (b.startsWith("\xff\xd8\xff")) return PictureFormat::Jpeg;
    if (b.startsWith("GIF87a") || b.startsWith("GIF89a")) return PictureFormat::Gif;
    if (b.startsWith("BM") && b.size() >= 14) return PictureFormat::Bmp;
    if (b.startsWith("RIFF") && b.mid(8, 4) == "WEBP") return PictureFormat::WebP;
    if (b.startsWith(QByteArrayView("II*\0", 4)) || b.startsWith(QByteArrayView("MM\0*", 4)))
        return PictureFormat::Tiff;
    return PictureFormat::Unknown;
}

Container inspectContainer(const QByteArray& bytes) {
    return inspect(bytes, false);
}

Container inspectStrictly(const QByteArray& bytes) {
    return inspect(bytes, true);
}

QString formatName(PictureFormat format) {
    switch (format) {
    case PictureFormat::Png:
        return QStringLiteral("PNG");
    case PictureFormat::Jpeg:
        return QStringLiteral("JPEG");
    case PictureFormat::Gif:
        return QStringLiteral("GIF");
    case PictureFormat::Bmp:
        return QStringLiteral("BMP");
    case PictureFormat::WebP:
        return QStringLiteral("WebP");
    case PictureFormat::Tiff:
        return QStringLiteral("TIFF");
    case PictureFormat::Unknown:
        break;
    }
    return QStringLiteral("unknown");
}

} // namespace eyelid
