// May be there: SOF, DHT, DQT, DRI, SOS with its data, RST, APP0 as JFIF without a thumbnail, APP14 of Adobe (it says
// how colours are meant).
#include "base/sentence.h"
#include "picture/inspectors.h"

#include <csetjmp>
#include <cstdio>
#include <jpeglib.h>

namespace eyelid {
namespace {

struct Trouble {
    jpeg_error_mgr base;
    jmp_buf back;
};

enum class Data { Sound, Surplus, Damaged };

// The library counts bytes it had to pass over before a marker; nothing else warns in a sound file.
Data dataOf(const QByteArray& b) {
    jpeg_decompress_struct jpeg{};
    Trouble trouble{};
    jpeg.err = jpeg_std_error(&trouble.base);
    trouble.base.error_exit = [](j_common_ptr j) { longjmp(reinterpret_cast<Trouble*>(j->err)->back, 1); };
    trouble.base.emit_message = [](j_common_ptr j, int level) {
        if (level < 0) ++j->err->num_warnings;
    };
    trouble.base.output_message = [](j_common_ptr) {};
    std::vector<JSAMPLE> row;
    if (setjmp(trouble.back)) {
        jpeg_destroy_decompress(&jpeg);
        return Data::Damaged;
    }
    jpeg_create_decompress(&jpeg);
    jpeg_mem_src(&jpeg, reinterpret_cast<const unsigned char*>(b.constData()), static_cast<unsigned long>(b.size()));
    jpeg_read_header(&jpeg, TRUE);
    jpeg.out_color_space = jpeg.jpeg_color_space; // nothing needs converting
    jpeg_start_decompress(&jpeg);
    row.resize(size_t(jpeg.output_width) * size_t(jpeg.output_components));
    JSAMPROW rows[] = {row.data()};
    while (jpeg.output_scanline < jpeg.output_height) jpeg_read_scanlines(&jpeg, rows, 1);
    jpeg_finish_decompress(&jpeg);
    const long warnings = trouble.base.num_warnings;
    jpeg_destroy_decompress(&jpeg);
    return warnings > 0 ? Data::Surplus : Data::Sound;
}

// Empty for what may be there.
QString jpegPartName(const QByteArray& b, qsizetype at, quint8 marker, qsizetype length) {
    const QByteArray body = b.mid(at + 4, length - 2);
    if (marker == 0xe0) {
        if (body.startsWith(QByteArrayView("JFIF\0", 5)) && body.size() == 14 && body[12] == 0 && body[13] == 0)
            return {};
        return body.startsWith("JFXX") || body.startsWith("JFIF") ? Tr::tr("thumbnail (APP0)")
                                                                  : Tr::tr("application data (APP0)");
    }
    if (marker == 0xee && body.startsWith("Adobe") && body.size() == 12) return {};
    if (marker == 0xe1) return body.startsWith("Exif") ? QStringLiteral("EXIF") : QStringLiteral("XMP");
    if (marker == 0xe2) return Tr::tr("colour profile");
    if (marker == 0xed) return Tr::tr("photo metadata (APP13)");
    if (marker == 0xfe) return QStringLiteral("comment");
    if ((marker & 0xf0) == 0xe0) return Tr::tr("application data (APP%1)").arg(marker - 0xe0);
    const bool frame = marker >= 0xc0 && marker <= 0xcf && marker != 0xc8 && marker != 0xcc; // SOF and DHT
    if (frame || marker == 0xda || marker == 0xdb || marker == 0xdd) return {};
    return Tr::tr("marker %1").arg(marker, 0, 16);
}

} // namespace

Container inspectJpeg(const QByteArray& b, bool strict) {
    Container c{PictureFormat::Jpeg, false, b.size()};
    qsizetype at = 2;
    while (at + 2 <= b.size() && !c.complete) {
        if (quint8(b[at]) != 0xff) return c;
        const quint8 marker = quint8(b[at + 1]);
        if (marker == 0xff) {
            ++at;
            continue;
        }
        if (marker == 0xd9) {
            c.complete = true;
            c.end = at + 2;
            break;
        }
        const qsizetype length = at16(b, at + 2, true);
        if (length < 2 || at + 2 + length > b.size()) return c;
        if (const QString name = jpegPartName(b, at, marker, length); !name.isEmpty()) c.tell(name);
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
    }
    if (!strict || !c.complete) return c;
    switch (dataOf(b)) {
    case Data::Sound:
        break;
    case Data::Surplus:
        c.tell(pixelless);
        break;
    case Data::Damaged:
        c.tell(Tr::tr("damaged picture data"));
        break;
    }
    return c;
}

} // namespace eyelid
