// May be there: VP8, VP8L, VP8X, ALPH, ANIM and ANMF.
#include "base/sentence.h"
#include "picture/inspectors.h"

#include <QBuffer>
#include <QImageReader>

namespace eyelid {
namespace {

QString webpPartName(const QByteArray& type) {
    if (type == "EXIF") return QStringLiteral("EXIF");
    if (type == "XMP ") return QStringLiteral("XMP");
    if (type == "ICCP") return Tr::tr("colour profile");
    for (const char c : type)
        if (!isalnum(quint8(c)) && c != ' ') return Tr::tr("a chunk of no proper name");
    return Tr::tr("chunk %1").arg(QString::fromLatin1(type).trimmed());
}

QImage decoded(const QByteArray& bytes) {
    QByteArray data = bytes;
    QBuffer buffer(&data);
    buffer.open(QIODevice::ReadOnly);
    return QImageReader(&buffer, "webp").read();
}

QByteArray number32(quint32 n) {
    QByteArray b(4, 0);
    qToLittleEndian(n, b.data());
    return b;
}

// A stream says nowhere where it ends. One that shows the same without its last bytes did not need them; a sound one
// ends within a few bits of what is needed.
bool hasSurplus(const QByteArray& type, const QByteArray& body) {
    constexpr qsizetype spare = 16;
    if (body.size() <= 4 * spare) return false;
    const auto file = [&](QByteArray stream) {
        if (stream.size() % 2) stream += '\0';
        const QByteArray chunk = type + number32(quint32(stream.size())) + stream;
        return QByteArray("RIFF") + number32(quint32(4 + chunk.size())) + "WEBP" + chunk;
    };
    const QImage whole = decoded(file(body));
    return !whole.isNull() && decoded(file(body.chopped(spare))) == whole;
}

// The chunks from `at` to `end`; false where one of them reaches over the end.
bool inspectChunks(Container& c, const QByteArray& b, qsizetype at, qsizetype end, bool strict) {
    while (at + 8 <= end) {
        const QByteArray type = b.mid(at, 4);
        const qsizetype length = at32(b, at + 4, false);
        if (at + 8 + length > end) return false;
        const QByteArray body = b.mid(at + 8, length);
        if (type == "VP8X") {
            c.transparency = c.transparency || (length > 0 && (body[0] & 0x10));
        } else if (type == "ANMF") {
            if (length < 16) return false;
            ++c.frames;
            if (!inspectChunks(c, b, at + 8 + 16, at + 8 + length, strict)) return false;
        } else if (type == "VP8 " || type == "VP8L") {
            if (type == "VP8L" && length > 4 && (quint8(body[4]) & 0x10)) c.transparency = true;
            if (strict && hasSurplus(type, body)) c.tell(pixelless);
        } else if (type == "ALPH") {
            c.transparency = true;
        } else if (type != "ANIM") {
            c.tell(webpPartName(type));
        }
        at += 8 + length;
        if (length % 2 && at < end && b[at++] != 0) c.tell(pixelless);
    }
    if (at < end) c.tell(pixelless);
    return true;
}

} // namespace

Container inspectWebP(const QByteArray& b, bool strict) {
    Container c{PictureFormat::WebP, false, b.size()};
    const qsizetype end = 8 + qsizetype(at32(b, 4, false));
    if (end > b.size()) return c;
    c.end = end;
    c.frames = 0;
    c.complete = inspectChunks(c, b, 12, end, strict);
    c.frames = std::max(1, c.frames);
    return c;
}

} // namespace eyelid
