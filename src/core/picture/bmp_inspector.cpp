// May be there: the file's header, a header of the picture, masks, a colour table, and rows without anything between
// them.
#include "base/sentence.h"
#include "picture/inspectors.h"

namespace eyelid {
namespace {

struct Rows {
    qsizetype at = 0, bytes = 0, used = 0;
    qint64 count = 0;
    int bits = 0;
};

// Bytes that no pixel is made of must be nought; of four bytes a pixel the last says nothing.
void inspectRows(Container& c, const QByteArray& b, const Rows& rows) {
    const char* data = b.constData();
    const quint8 rest = rows.bits == 32 ? quint8(data[rows.at + 3]) : 0;
    for (qint64 y = 0; y < rows.count; ++y) {
        const char* row = data + rows.at + y * rows.bytes;
        for (qsizetype x = rows.used; x < rows.bytes; ++x)
            if (row[x] != 0) return c.tell(pixelless);
        if (rows.bits == 32)
            for (qsizetype x = 3; x < rows.used; x += 4)
                if (quint8(row[x]) != rest) return c.tell(Tr::tr("a fourth channel"));
    }
}

} // namespace

Container inspectBmp(const QByteArray& b, bool strict) {
    Container c{PictureFormat::Bmp, true, b.size()};
    if (b.size() < 26) {
        c.complete = false;
        return c;
    }
    const qsizetype stated = at32(b, 2, false), offset = at32(b, 10, false), header = at32(b, 14, false);
    const bool old = header == 12;
    const int bits = old ? at16(b, 24, false) : at16(b, 28, false);
    const qint64 width = old ? at16(b, 18, false) : qint32(at32(b, 18, false));
    const qint64 height = std::abs(old ? qint64(at16(b, 20, false)) : qint64(qint32(at32(b, 22, false))));
    const quint32 compression = old ? 0 : at32(b, 30, false);
    if (width <= 0 || height == 0 || width > 1'000'000 || height > 1'000'000) return c; // refused when it is decoded
    const bool packed = compression == 1 || compression == 2;
    const Rows rows{offset, qsizetype((width * bits + 31) / 32 * 4), qsizetype((width * bits + 7) / 8), height, bits};
    const qsizetype end = packed ? std::max(stated, offset) : offset + qsizetype(rows.bytes * height);
    c.complete = end <= b.size();
    c.end = std::min(end, b.size());
    if (at32(b, 6, false) != 0) c.tell(Tr::tr("reserved fields that are in use"));
    if (stated > end && stated <= b.size()) c.end = end;
    if (packed) c.tell(Tr::tr("rows that are packed, which may hold more than is shown"));
    if (header == 124 && (at32(b, 14 + 112, false) != 0 || at32(b, 14 + 116, false) != 0))
        c.tell(Tr::tr("colour profile"));
    qsizetype colours = bits <= 8 ? (old ? 0 : qsizetype(at32(b, 46, false))) : 0;
    if (bits <= 8 && colours == 0) colours = qsizetype(1) << bits;
    const qsizetype masks = header == 40 && compression == 3 ? 12 : header == 40 && compression == 6 ? 16 : 0;
    const qsizetype needed = 14 + header + masks + colours * (old ? 3 : 4);
    if (offset > needed) c.tell(Tr::tr("a gap before the picture"));
    if (header >= 56 && compression == 3 && at32(b, 66, false) != 0) c.transparency = true;
    if (strict && c.complete && !packed) inspectRows(c, b, rows);
    return c;
}

} // namespace eyelid
