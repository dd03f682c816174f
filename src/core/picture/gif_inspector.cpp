// May be there: the screen, colour tables, frames with their data, graphic controls, how often to repeat.
#include "base/sentence.h"
#include "picture/inspectors.h"

namespace eyelid {
namespace {

qsizetype tableSize(quint8 flags) {
    return (flags & 0x80) ? qsizetype(3) << ((flags & 7) + 1) : qsizetype(0);
}

// The blocks from `at` on, put together; moves past them. Nothing where the file ends first.
std::optional<QByteArray> blocks(const QByteArray& b, qsizetype& at) {
    QByteArray all;
    while (at < b.size()) {
        const qsizetype n = quint8(b[at]);
        if (n == 0) {
            ++at;
            return all;
        }
        all += b.mid(at + 1, n);
        at += 1 + n;
    }
    return std::nullopt;
}

void inspectExtension(Container& c, quint8 kind, const QByteArray& body) {
    if (kind == 0xf9 && body.size() == 4) {
        c.transparency = c.transparency || (body[0] & 1);
    } else if (kind == 0xff && (body.startsWith("NETSCAPE2.0") || body.startsWith("ANIMEXTS1.0"))) {
        if (body.size() != 14) c.tell(Tr::tr("application data"));
    } else if (kind == 0xff) {
        c.tell(body.startsWith("XMP Data") ? QStringLiteral("XMP") : Tr::tr("application data"));
    } else if (kind == 0xfe) {
        c.tell(QStringLiteral("comment"));
    } else if (kind == 0x01) {
        c.tell(Tr::tr("text (plain text extension)"));
    } else {
        c.tell(Tr::tr("an extension of an unknown kind"));
    }
}

} // namespace

Container inspectGif(const QByteArray& b, bool strict) {
    Container c{PictureFormat::Gif, false, b.size()};
    c.frames = 0;
    if (b.size() < 13) return c;
    const int width = at16(b, 6, false), height = at16(b, 8, false);
    qsizetype at = 13 + tableSize(quint8(b[10]));
    while (at < b.size()) {
        const quint8 kind = quint8(b[at]);
        if (kind == 0x3b) {
            c.complete = c.frames > 0;
            c.end = at + 1;
            return c;
        }
        if (kind == 0x21) {
            const quint8 extension = at + 1 < b.size() ? quint8(b[at + 1]) : 0;
            at += 2;
            const auto body = blocks(b, at);
            if (!body) return c;
            inspectExtension(c, extension, *body);
        } else if (kind == 0x2c) {
            if (at + 11 > b.size()) return c;
            const int left = at16(b, at + 1, false), top = at16(b, at + 3, false), w = at16(b, at + 5, false),
                      h = at16(b, at + 7, false);
            if (left + w > width || top + h > height) c.tell(Tr::tr("a frame that reaches over the edge"));
            at += 10 + tableSize(quint8(b[at + 9]));
            if (at >= b.size()) return c;
            const int bits = quint8(b[at++]);
            const auto body = blocks(b, at);
            if (!body) return c;
            ++c.frames;
            if (!strict) continue;
            const auto unfolded =
                bits >= 2 && bits <= 8 ? unfoldLzw(*body, {bits, false}, qint64(w) * h) : std::nullopt;
            if (!unfolded)
                c.tell(Tr::tr("damaged picture data"));
            else if (unfolded->size > qint64(w) * h || unfolded->taken < body->size())
                c.tell(pixelless);
        } else {
            return c;
        }
    }
    return c;
}

} // namespace eyelid
