// Every format's list of what may be in a file: whatever else is put there is told of.
#include "picture/container.h"
#include "picture/inspectors.h"
#include "support/made.h"

#include <catch2/catch.hpp>
#include <QBuffer>
#include <QImageWriter>
#include <QtEndian>
#include <zlib.h>

using namespace eyelid;

namespace {

QByteArray encoded(const QImage& picture, const char* format, int quality = -1) {
    QByteArray bytes;
    QBuffer buffer(&bytes);
    buffer.open(QIODevice::WriteOnly);
    QImageWriter writer(&buffer, format);
    writer.setQuality(quality);
    REQUIRE(writer.write(picture));
    return bytes;
}

QByteArray big(quint32 n) {
    QByteArray b(4, 0);
    qToBigEndian(n, b.data());
    return b;
}
QByteArray little(quint32 n, int bytes = 4) {
    QByteArray b(4, 0);
    qToLittleEndian(n, b.data());
    return b.left(bytes);
}

QByteArray pngChunk(const QByteArray& type, const QByteArray& body) {
    const QByteArray summed = type + body;
    return big(quint32(body.size())) + summed +
           big(quint32(crc32(0, reinterpret_cast<const Bytef*>(summed.constData()), uInt(summed.size()))));
}

QByteArray squeezed(const QByteArray& bytes) {
    return qCompress(bytes).mid(4); // without Qt's own length
}

// A picture of one colour, as its rows stand in a PNG.
QByteArray pngOf(const QByteArray& rows, int width, int height, const QByteArray& after = {}) {
    return "\x89PNG\r\n\x1a\n" +
           pngChunk("IHDR", big(quint32(width)) + big(quint32(height)) + QByteArray("\x08\x02\0\0\0", 5)) +
           pngChunk("IDAT", squeezed(rows) + after) + pngChunk("IEND", {});
}

struct Tag {
    quint16 tag, type;
    quint32 count, value;
};

// A TIFF of one uncompressed gray picture a page; `more` tags go into the first.
QByteArray tiffOf(int pages, const std::vector<Tag>& more = {}, const QByteArray& gap = {}) {
    QByteArray file = QByteArray("II*\0", 4) + little(0);
    qsizetype link = 4;
    for (int page = 0; page < pages; ++page) {
        const qsizetype strip = file.size();
        file += QByteArray(16, char(40 * page));
        if (page == 0) file += gap;
        if (file.size() % 2) file += '\0';
        const quint32 at = quint32(file.size());
        qToLittleEndian(at, file.data() + link);
        std::vector<Tag> tags{{256, 3, 1, 4}, {257, 3, 1, 4}, {258, 3, 1, 8},
                              {259, 3, 1, 1}, {262, 3, 1, 1}, {273, 4, 1, quint32(strip)},
                              {277, 3, 1, 1}, {278, 3, 1, 4}, {279, 4, 1, 16}};
        if (page == 0) tags.insert(tags.end(), more.begin(), more.end());
        file += little(quint32(tags.size()), 2);
        for (const Tag& t : tags) file += little(t.tag, 2) + little(t.type, 2) + little(t.count) + little(t.value);
        link = file.size();
        file += little(0);
    }
    return file;
}

bool clean(const QByteArray& bytes) {
    const Container c = inspectStrictly(bytes);
    INFO(c.besides.join(QStringLiteral(", ")).toStdString());
    CHECK(c.complete);
    return c.besides.isEmpty() && c.end == bytes.size();
}

QString told(const QByteArray& bytes) {
    const Container c = inspectStrictly(bytes);
    return c.besides.join(QStringLiteral(", ")) +
           (c.complete && c.end < bytes.size() ? QStringLiteral(" after the end") : QString());
}

} // namespace

TEST_CASE("what ordinary programs write is nothing but the picture") {
    const QImage picture = made::screen();
    CHECK(clean(encodePng(picture)));
    CHECK(clean(encoded(picture, "jpg", 80)));
    CHECK(clean(encoded(picture, "bmp")));
    CHECK(clean(encoded(picture.convertToFormat(QImage::Format_Indexed8), "bmp")));
    CHECK(clean(encoded(picture, "webp", 80)));
    CHECK(clean(encoded(picture, "webp", 100)));
    CHECK(clean(tiffOf(1)));
    CHECK(clean(tiffOf(3)));
    CHECK(inspectStrictly(tiffOf(3)).frames == 3);
}

TEST_CASE("a PNG's surplus is told of wherever it hides") {
    const QByteArray rows(3 * (1 + 3 * 5), '\0'); // 5 by 3 pixels
    CHECK(clean(pngOf(rows, 5, 3)));
    CHECK(told(pngOf(rows + rows, 5, 3)).contains(QStringLiteral("beyond the picture's height")));
    CHECK(told(pngOf(rows, 5, 3, "a secret")).contains(pixelless));
    CHECK(told(pngOf(rows, 5, 3, squeezed(QByteArray(500, 'x')))).contains(pixelless));
    CHECK(told(pngOf(rows.left(20), 5, 3)).isEmpty()); // too little is refused when it is decoded
    const QByteArray png = encodePng(made::screen());
    const auto with = [&](const QByteArray& chunk) { return QByteArray(png).insert(33, chunk); };
    for (const char* type : {"tEXt", "zTXt", "iTXt", "eXIf", "tIME", "iCCP", "pHYs", "prVt", "acTL"})
        CHECK(told(with(pngChunk(type, "ines"))).contains(QLatin1String(type)));
    CHECK(told(with(pngChunk("IHDR", "again"))).contains(QStringLiteral("IHDR")));
    QByteArray spoiled = with(pngChunk("PLTE", QByteArray(6, 'x')));
    spoiled[33 + 8 + 6] = char(~spoiled[33 + 8 + 6]);
    CHECK(told(spoiled).contains(QStringLiteral("check sum")));
    CHECK(inspectStrictly(with(pngChunk("tRNS", QByteArray(6, 'x')))).transparency);
}

TEST_CASE("a JPEG's surplus is told of wherever it hides") {
    const QByteArray jpeg = encoded(made::screen(), "jpg", 80);
    const auto segment = [](quint8 marker, const QByteArray& body) {
        return QByteArray("\xff") + char(marker) + char((body.size() + 2) >> 8) + char((body.size() + 2) & 255) + body;
    };
    const auto with = [&](const QByteArray& piece) { return QByteArray(jpeg).insert(2, piece); };
    for (int app = 1; app < 16; ++app) CHECK_FALSE(told(with(segment(quint8(0xe0 + app), "Ines Hartwell"))).isEmpty());
    CHECK(told(with(segment(0xe0, QByteArray("JFXX\0\x10", 6) + "thumbnail"))).contains(QStringLiteral("thumbnail")));
    CHECK(
        told(with(segment(0xe0, QByteArray("JFIF\0\1\1\0\0\1\0\1\1\1abc", 17)))).contains(QStringLiteral("thumbnail")));
    CHECK(told(with(segment(0xfe, "a remark"))).contains(QStringLiteral("comment")));
    CHECK(told(with(segment(0xf0, "x"))).contains(QStringLiteral("marker")));
    // Behind the last pixel, before the end.
    CHECK(told(jpeg.chopped(2) + "ines.hartwell@mail.example" + QByteArray("\xff\xd9")).contains(pixelless));
    CHECK(told(jpeg + "more").contains(QStringLiteral("after the end")));
}

TEST_CASE("a GIF's extensions, frames and surplus data are told of") {
    // 2 by 2 pixels of two colours, written as literals.
    const QByteArray head = QByteArray("GIF89a\2\0\2\0\x80\0\0\0\0\0\xff\xff\xff", 19);
    const QByteArray frame = QByteArray(",\0\0\0\0\2\0\2\0\0", 10);
    const QByteArray data = QByteArray("\2\3\x44\x02\x05\0", 6); // clear, 0 0 0 0, end
    CHECK(clean(head + frame + data + ";"));
    const Container two = inspectStrictly(head + frame + data + frame + data + ";");
    CHECK(two.frames == 2);
    CHECK(told(head + QByteArray("!\xfe\5hello\0", 9) + frame + data + ";").contains(QStringLiteral("comment")));
    CHECK(told(head + QByteArray("!\xff\x0bXMP DataXMP\4name\0", 20) + frame + data + ";")
              .contains(QStringLiteral("XMP")));
    CHECK(told(head + QByteArray("!\xff\x0bOTHERAPP1.0\3abc\0", 19) + frame + data + ";")
              .contains(QStringLiteral("application")));
    CHECK(told(head + QByteArray("!\x77\3abc\0", 7) + frame + data + ";").contains(QStringLiteral("extension")));
    CHECK(clean(head + QByteArray("!\xff\x0bNETSCAPE2.0\3\1\0\0\0", 19) + frame + data + ";"));
    CHECK(told(head + frame + QByteArray("\2\3\x44\x02\x05\6secret\0", 13) + ";").contains(pixelless));
    CHECK(told(head + QByteArray(",\1\0\0\0\2\0\2\0\0", 10) + data + ";").contains(QStringLiteral("edge")));
    CHECK(told(head + frame + data + ";more").contains(QStringLiteral("after the end")));
}

TEST_CASE("a BMP's gaps, paddings and fourth channel are told of") {
    const QImage picture = made::noise({5, 4}, 1); // rows of 15 bytes and one of padding
    const QByteArray bmp = encoded(picture.convertToFormat(QImage::Format_RGB888), "bmp");
    REQUIRE(clean(bmp));
    QByteArray gap = bmp;
    const quint32 offset = qFromLittleEndian<quint32>(gap.constData() + 10);
    gap.insert(qsizetype(offset), "Ines Hartwell...");
    qToLittleEndian(offset + 16, gap.data() + 10);
    qToLittleEndian(quint32(gap.size()), gap.data() + 2);
    CHECK(told(gap).contains(QStringLiteral("gap")));
    QByteArray padded = bmp;
    padded[qsizetype(offset) + 15] = 'x';
    CHECK(told(padded).contains(pixelless));
    QByteArray reserved = bmp;
    reserved[6] = 'x';
    CHECK(told(reserved).contains(QStringLiteral("reserved")));
    CHECK(told(bmp + "more").contains(QStringLiteral("after the end")));
    // The size in the header covers what follows: it is surplus all the same.
    QByteArray longer = bmp + "more";
    qToLittleEndian(quint32(longer.size()), longer.data() + 2);
    CHECK(told(longer).contains(QStringLiteral("after the end")));
    QByteArray four = encoded(picture, "bmp");
    if (qFromLittleEndian<quint16>(four.constData() + 28) == 32) {
        four[qsizetype(qFromLittleEndian<quint32>(four.constData() + 10)) + 7] = 'x';
        CHECK(told(four).contains(QStringLiteral("fourth channel")));
    }
}

TEST_CASE("a WebP's chunks beside the picture, and bytes within it, are told of") {
    const QByteArray webp = encoded(made::screen(), "webp", 80);
    const auto with = [&](const QByteArray& type, const QByteArray& body) {
        QByteArray more = webp + type + little(quint32(body.size())) + body;
        if (body.size() % 2) more += '\0';
        qToLittleEndian(quint32(more.size() - 8), more.data() + 4);
        return more;
    };
    for (const char* type : {"EXIF", "XMP ", "ICCP", "note", "\1\2\3\4"})
        CHECK_FALSE(told(with(QByteArray(type, 4), "Ines Hartwell")).isEmpty());
    CHECK(told(webp + "more").contains(QStringLiteral("after the end")));
    for (const int quality : {80, 100}) {
        QByteArray within = encoded(made::screen(), "webp", quality);
        const QByteArray secret(64, 's');
        within += secret;
        qToLittleEndian(quint32(within.size() - 8), within.data() + 4);
        qToLittleEndian(qFromLittleEndian<quint32>(within.constData() + 16) + quint32(secret.size()),
                        within.data() + 16);
        CHECK(told(within).contains(pixelless));
    }
}

TEST_CASE("a TIFF's tags, gaps and what stands after its end are told of") {
    for (const int tag : {270, 271, 305, 306, 315, 316, 330, 700, 33723, 34665, 34675, 50000})
        CHECK_FALSE(told(tiffOf(1, {{quint16(tag), 4, 1, 7}})).isEmpty());
    CHECK(told(tiffOf(1, {{305, 4, 1, 7}})).contains(QStringLiteral("software")));
    CHECK(told(tiffOf(1) + "after").contains(QStringLiteral("after the end")));
    CHECK(told(tiffOf(1, {}, "between two strips!")).contains(QStringLiteral("nothing points to")));
    CHECK(inspectStrictly(tiffOf(1, {{338, 3, 1, 2}})).transparency);
    // A strip that is longer than its rows.
    QByteArray lower = tiffOf(1);
    const qsizetype height = lower.indexOf(little(257, 2) + little(3, 2));
    lower[height + 8] = 3;
    CHECK(told(lower).contains(pixelless));
    // A directory that leads back to itself is refused, not followed for ever.
    QByteArray circle = tiffOf(1);
    qToLittleEndian(qFromLittleEndian<quint32>(circle.constData() + 4), circle.data() + circle.size() - 4);
    CHECK_FALSE(inspectStrictly(circle).complete);
}

TEST_CASE("every page and frame is decoded, in order") {
    auto frames = PictureFrames::open(tiffOf(3), QStringLiteral("pages.tiff"));
    REQUIRE(frames);
    REQUIRE(frames->count() == 3);
    for (int i = 0; i < 3; ++i) {
        auto picture = frames->next();
        REQUIRE(picture);
        CHECK(qRed(picture->pixel(1, 1)) == 40 * i);
    }
}

TEST_CASE("codes of variable length are counted as they are unfolded") {
    // Against zlib, on all sorts of data; and what follows the end is not taken.
    std::mt19937 random(3);
    for (int round = 0; round < 60; ++round) {
        QByteArray data;
        for (size_t n = random() % 3000; n > 0; --n) data += char(random() % (1 + round * 4));
        const QByteArray stream = squeezed(data);
        const auto unfolded = unfold(stream + "more", data.size());
        REQUIRE(unfolded);
        CHECK(unfolded->size == data.size());
        CHECK(unfolded->taken == stream.size());
        CHECK_FALSE(unfold(stream.chopped(1 + qsizetype(random() % 4)), data.size()));
    }
}
