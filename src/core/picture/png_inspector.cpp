// May be there: IHDR, PLTE, IDAT, IEND.
#include "base/sentence.h"
#include "picture/inspectors.h"

#include <zlib.h>

namespace eyelid {
namespace {

bool isAnimation(const QByteArray& type) {
    return type == "acTL" || type == "fcTL" || type == "fdAT";
}

QString pngPartName(const QByteArray& type) {
    const QString name = QString::fromLatin1(type);
    if (type == "eXIf") return Tr::tr("EXIF (chunk eXIf)");
    if (type == "tEXt" || type == "zTXt" || type == "iTXt") return Tr::tr("text (chunk %1)").arg(name);
    if (type == "tIME") return Tr::tr("time stamp (chunk tIME)");
    if (type == "iCCP") return Tr::tr("named colour profile (chunk iCCP)");
    if (isAnimation(type)) return Tr::tr("further frames (chunk %1)").arg(name);
    for (const char c : type)
        if (!isalpha(quint8(c))) return Tr::tr("a chunk of no proper name");
    return Tr::tr("chunk %1").arg(name);
}

// Bytes the filtered rows take, by the header; 0 for one that says nothing sensible.
qint64 rowBytes(const QByteArray& header) {
    const qint64 width = at32(header, 0, true), height = at32(header, 4, true);
    const int depth = quint8(header[8]), colour = quint8(header[9]), interlace = quint8(header[12]);
    const int channels = colour == 2 ? 3 : colour == 4 ? 2 : colour == 6 ? 4 : 1;
    const auto pass = [&](qint64 w, qint64 h) { return w > 0 && h > 0 ? h * (1 + (w * channels * depth + 7) / 8) : 0; };
    if (interlace == 0) return pass(width, height);
    struct Adam7 {
        int x, y, dx, dy;
    };
    qint64 sum = 0;
    for (const Adam7& a : {Adam7{0, 0, 8, 8}, Adam7{4, 0, 8, 8}, Adam7{0, 4, 4, 8}, Adam7{2, 0, 4, 4},
                           Adam7{0, 2, 2, 4}, Adam7{1, 0, 2, 2}, Adam7{0, 1, 1, 2}})
        sum += pass((width - a.x + a.dx - 1) / a.dx, (height - a.y + a.dy - 1) / a.dy);
    return sum;
}

} // namespace

Container inspectPng(const QByteArray& b, bool strict) {
    Container c{PictureFormat::Png, false, b.size()};
    QByteArray header, data;
    bool dataEnded = false;
    for (qsizetype at = 8; at + 12 <= b.size();) {
        const quint32 length = at32(b, at, true);
        const QByteArray type = b.mid(at + 4, 4);
        if (length > 0x7fffffffu || at + 12 + qsizetype(length) > b.size()) return c;
        const QByteArray body = b.mid(at + 8, qsizetype(length));
        if (strict) {
            const QByteArray summed = b.mid(at + 4, 4 + qsizetype(length));
            const auto crc = crc32(0, reinterpret_cast<const Bytef*>(summed.constData()), uInt(summed.size()));
            if (quint32(crc) != at32(b, at + 8 + qsizetype(length), true)) c.tell(Tr::tr("a check sum that is none"));
        }
        if (type == "IHDR" && header.isEmpty() && length == 13) {
            header = body;
            const int colour = quint8(body[9]);
            c.transparency = colour == 4 || colour == 6;
            if (quint8(body[8]) == 16) c.tell(Tr::tr("16 bits a colour, of which a screen shows half"));
        } else if (type == "PLTE" && length <= 768 && length % 3 == 0) {
            if (!data.isEmpty()) c.tell(Tr::tr("a second colour table"));
        } else if (type == "tRNS") {
            c.transparency = true;
        } else if (type == "IDAT") {
            if (dataEnded) c.tell(Tr::tr("picture data in several places"));
            if (strict) data += body;
        } else if (type == "IEND") {
            if (length > 0) c.tell(Tr::tr("bytes in the chunk IEND"));
            c.complete = !header.isEmpty();
            c.end = at + 12 + qsizetype(length);
            break;
        } else {
            c.tell(pngPartName(type));
            c.unreadFrames = c.unreadFrames || isAnimation(type);
        }
        dataEnded = dataEnded || (!data.isEmpty() && type != "IDAT");
        at += 12 + qsizetype(length);
    }
    if (!strict || !c.complete) return c;
    const qint64 expected = rowBytes(header);
    const auto unfolded = unfold(data, expected);
    if (!unfolded)
        c.tell(Tr::tr("damaged picture data"));
    else if (unfolded->size > expected)
        c.tell(Tr::tr("rows beyond the picture's height"));
    else if (unfolded->taken < data.size())
        c.tell(pixelless);
    return c;
}

} // namespace eyelid
