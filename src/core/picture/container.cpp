#include "picture/container.h"

#include <QtEndian>

namespace eyelid {
namespace {

quint32 big32(const QByteArray& b, qsizetype at) {
    return qFromBigEndian<quint32>(b.constData() + at);
}
quint16 big16(const QByteArray& b, qsizetype at) {
    return qFromBigEndian<quint16>(b.constData() + at);
}
quint32 little32(const QByteArray& b, qsizetype at) {
    return qFromLittleEndian<quint32>(b.constData() + at);
}

Container inspectPng(const QByteArray& b) {
    Container c{PictureFormat::Png, false, b.size(), {}, false};
    qsizetype at = 8;
    while (at + 12 <= b.size()) {
        const quint32 length = big32(b, at);
        const QByteArray type = b.mid(at + 4, 4);
        if (length > 0x7fffffffu || at + 12 + qsizetype(length) > b.size()) return c;
        if (type == "IHDR" && length >= 13) {
            const int colour = b[at + 8 + 9];
            c.transparency = c.transparency || colour == 4 || colour == 6;
        } else if (type == "tRNS") {
            c.transparency = true;
        } else if (type == "IEND") {
            c.complete = true;
            c.end = at + 12;
            return c;
        } else if (type != "IDAT" && type != "PLTE") {
            const QString name = QString::fromLatin1(type);
            if (type == "eXIf")
                c.besides << QStringLiteral("EXIF (chunk eXIf)");
            else if (type == "tEXt" || type == "zTXt" || type == "iTXt")
                c.besides << QStringLiteral("text (chunk %1)").arg(name);
            else if (type == "tIME")
                c.besides << QStringLiteral("time stamp (chunk tIME)");
            else if (type == "iCCP")
                c.besides << QStringLiteral("named colour profile (chunk iCCP)");
            else
                c.besides << QStringLiteral("chunk %1").arg(name);
        }
        at += 12 + qsizetype(length);
    }
    return c;
}

Container inspectJpeg(const QByteArray& b) {
    Container c{PictureFormat::Jpeg, false, b.size(), {}, false};
    qsizetype at = 2;
    while (at + 4 <= b.size()) {
        if (quint8(b[at]) != 0xff) return c;
        const quint8 marker = quint8(b[at + 1]);
        if (marker == 0xff) {
            ++at;
            continue;
        }
        if (marker == 0xd9) {
            c.complete = true;
            c.end = at + 2;
            return c;
        }
        const qsizetype length = big16(b, at + 2);
        if (length < 2 || at + 2 + length > b.size()) return c;
        if (marker == 0xe1)
            c.besides << (b.mid(at + 4, 4) == "Exif" ? QStringLiteral("EXIF") : QStringLiteral("XMP"));
        else if (marker == 0xe2)
            c.besides << QStringLiteral("colour profile");
        else if (marker == 0xfe)
            c.besides << QStringLiteral("comment");
        else if (marker == 0xed)
            c.besides << QStringLiteral("photo metadata (APP13)");
        at += 2 + length;
        if (marker != 0xda) continue;
        // Entropy-coded data: runs to the next marker that is neither stuffing nor a restart.
        while (at + 1 < b.size()) {
            if (quint8(b[at]) == 0xff) {
                const quint8 next = quint8(b[at + 1]);
                if (next != 0 && next != 0xff && !(next >= 0xd0 && next <= 0xd7)) break;
            }
            ++at;
        }
        if (at + 2 <= b.size() && quint8(b[at]) == 0xff && quint8(b[at + 1]) == 0xd9) {
            c.complete = true;
            c.end = at + 2;
            return c;
        }
    }
    return c;
}

Container inspectGif(const QByteArray& b) {
    Container c{PictureFormat::Gif, false, b.size(), {}, false};
    if (b.size() < 13) return c;
    const auto tableSize = [](quint8 flags) {
        return (flags & 0x80) ? qsizetype(3) << ((flags & 7) + 1) : qsizetype(0);
    };
    qsizetype at = 13 + tableSize(quint8(b[10]));
    const auto skipBlocks = [&] {
        while (at < b.size()) {
            const qsizetype n = quint8(b[at]);
            at += 1 + n;
            if (n == 0) return true;
        }
        return false;
    };
    int frames = 0;
    while (at < b.size()) {
        const quint8 kind = quint8(b[at]);
        if (kind == 0x3b) {
            c.complete = true;
            c.end = at + 1;
            if (frames > 1) c.besides << QStringLiteral("further frames");
            return c;
        }
        if (kind == 0x21) {
            if (at + 1 < b.size() && quint8(b[at + 1]) == 0xfe) c.besides << QStringLiteral("comment");
            at += 2;
        } else if (kind == 0x2c) {
            if (at + 10 > b.size()) return c;
            ++frames;
            at += 10 + tableSize(quint8(b[at + 9])) + 1;
        } else {
            return c;
        }
        if (!skipBlocks()) return c;
    }
    return c;
}

Container inspectSized(const QByteArray& b, PictureFormat format, qsizetype end) {
    Container c{format, end <= b.size(), qMin(end, b.size()), {}, false};
    if (format == PictureFormat::WebP)
        for (const char* chunk : {"EXIF", "XMP ", "ICCP"})
            if (b.left(c.end).contains(chunk)) c.besides << QString::fromLatin1(chunk).trimmed();
    return c;
}

} // namespace

Container inspectContainer(const QByteArray& b) {
    if (b.startsWith("\x89PNG\r\n\x1a\n")) return inspectPng(b);
    if (b.startsWith("\xff\xd8\xff")) return inspectJpeg(b);
    if (b.startsWith("GIF87a") || b.startsWith("GIF89a")) return inspectGif(b);
    if (b.startsWith("BM") && b.size() >= 14) {
        const qsizetype stated = little32(b, 2);
        return inspectSized(b, PictureFormat::Bmp, stated < 26 ? b.size() : stated);
    }
    if (b.startsWith("RIFF") && b.size() >= 12 && b.mid(8, 4) == "WEBP")
        return inspectSized(b, PictureFormat::WebP, 8 + qsizetype(little32(b, 4)) + (little32(b, 4) & 1));
    if (b.startsWith("II*") || b.startsWith(QByteArrayView("MM\0*", 4)))
        return Container{PictureFormat::Tiff, true, b.size(), {}, false};
    return Container{PictureFormat::Unknown, true, b.size(), {}, false};
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
