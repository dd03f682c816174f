#include "picture/container.h"
#include "picture/geometry.h"
#include "picture/picture_file.h"
#include "support/made.h"

#include <catch2/catch.hpp>
#include <csignal>
#include <QBuffer>
#include <QDir>
#include <QImageWriter>
#include <QPainter>
#include <QTemporaryDir>
#include <sys/resource.h>

using namespace eyelid;

namespace {

QByteArray encoded(const QImage& image, const char* format) {
    QByteArray bytes;
    QBuffer buffer(&bytes);
    buffer.open(QIODevice::WriteOnly);
    QImageWriter writer(&buffer, format);
    REQUIRE(writer.write(image));
    return bytes;
}

QByteArray chunk(const char* type, const QByteArray& data) {
    QByteArray out;
    const auto big = [&](quint32 v) {
        for (int shift : {24, 16, 8, 0}) out.append(char(v >> shift));
    };
    big(quint32(data.size()));
    out.append(type, 4);
    out.append(data);
    big(0); // the checksum does not matter to who only lists chunks
    return out;
}

QByteArray pngOfSize(quint32 width, quint32 height) {
    QByteArray header;
    for (quint32 v : {width, height})
        for (int shift : {24, 16, 8, 0}) header.append(char(v >> shift));
    header.append("\x08\x02\0\0\0", 5);
    // A real checksum, so that the size is what a decoder stumbles over.
    QByteArray body = QByteArray("IHDR") + header;
    quint32 crc = 0xffffffffu;
    for (const char c : body) {
        crc ^= quint8(c);
        for (int k = 0; k < 8; ++k) crc = (crc & 1) ? 0xedb88320u ^ (crc >> 1) : crc >> 1;
    }
    crc ^= 0xffffffffu;
    QByteArray png("\x89PNG\r\n\x1a\n");
    png.append("\0\0\0\x0d", 4).append(body);
    for (int shift : {24, 16, 8, 0}) png.append(char(crc >> shift));
    return png + chunk("IDAT", QByteArray(10, 'x')) + chunk("IEND", {});
}

} // namespace

TEST_CASE("pictures of the six open formats are read as opaque RGB") {
    QImage image(40, 30, QImage::Format_RGB32);
    image.fill(QColor(200, 40, 40));
    for (const char* format : {"png", "jpg", "bmp", "webp", "tiff"}) {
        INFO(format);
        auto read = decodePicture(encoded(image, format), QStringLiteral("x"));
        REQUIRE(read);
        CHECK(read->size() == image.size());
        CHECK(read->format() == QImage::Format_RGB32);
        CHECK(qAbs(qRed(read->pixel(5, 5)) - 200) < 6);
    }
    // GIF cannot be written by the library; this is one made by hand: 1 x 1, black.
    const QByteArray gif = QByteArray::fromHex("47494638396101000100800000000000ffffff2c000000000100010000020144003b");
    auto read = decodePicture(gif, QStringLiteral("x.gif"));
    REQUIRE(read);
    CHECK(read->size() == QSize(1, 1));
}

TEST_CASE("what is transparent is laid on white, and nothing lies under it") {
    QImage image(10, 10, QImage::Format_ARGB32);
    image.fill(qRgba(255, 0, 0, 0));
    const QImage flat = flattened(image);
    CHECK(flat.pixel(3, 3) == qRgb(255, 255, 255));
    CHECK_FALSE(flat.hasAlphaChannel());
}

TEST_CASE("a written PNG holds the picture and nothing else, and is read back exactly") {
    QImage image = made::noise({37, 21}, 1);
    image.setText(QStringLiteral("Author"), QStringLiteral("somebody"));
    image.setDotsPerMeterX(5000);
    const QByteArray png = encodePng(image);
    const Container c = inspectContainer(png);
    CHECK(c.complete);
    CHECK(c.end == png.size());
    CHECK(c.besides.isEmpty());
    CHECK_FALSE(c.transparency);
    CHECK_FALSE(png.contains("somebody"));
    auto back = decodePicture(png, QStringLiteral("x"));
    REQUIRE(back);
    CHECK(*back == image.convertToFormat(QImage::Format_RGB32));
    CHECK(encodePng(image) == png);
}

TEST_CASE("bytes after the end and metadata are seen in each format that can carry them") {
    const QImage image = made::noise({16, 16}, 2);
    for (const char* format : {"png", "jpg", "bmp", "webp"}) {
        INFO(format);
        const QByteArray plain = encoded(image, format);
        CHECK(inspectContainer(plain).end == plain.size());
        const QByteArray longer = plain + "a hidden copy of the rest";
        CHECK(inspectContainer(longer).end == plain.size());
    }
    const QByteArray png = encodePng(image);
    const qsizetype end = png.size() - 12;
    const QByteArray carrying =
        png.left(end) + chunk("tEXt", "Author") + chunk("eXIf", "x") + chunk("tIME", "x") + png.mid(end);
    CHECK(inspectContainer(carrying).besides.size() == 3);
    QByteArray jpeg = encoded(image, "jpg");
    jpeg.insert(2, QByteArray("\xff\xe1\x00\x08"
                              "Exif\0\0",
                              10));
    CHECK(inspectContainer(jpeg).besides.contains(QStringLiteral("EXIF")));
}

TEST_CASE("bad input of any kind gives one sentence that names the file") {
    const auto sentence = [](const QByteArray& bytes) {
        auto read = decodePicture(bytes, QStringLiteral("letter.png"));
        REQUIRE_FALSE(read);
        CHECK(read.error().sentence.contains(QStringLiteral("letter.png")));
        CHECK(read.error().sentence.endsWith(QLatin1Char('.')));
        return read.error().sentence;
    };
    CHECK(sentence("This is a letter.").contains(QStringLiteral("not a picture")));
    CHECK(sentence({}).contains(QStringLiteral("not a picture")));
    const QImage image = made::noise({64, 64}, 3);
    for (const char* format : {"png", "jpg", "bmp", "webp"}) {
        INFO(format);
        const QByteArray whole = encoded(image, format);
        CHECK(sentence(whole.left(whole.size() / 2)).contains(QStringLiteral("cut short")));
    }
    CHECK(sentence(pngOfSize(40000, 10)).contains(QStringLiteral("40000 x 10")));
    CHECK(sentence(pngOfSize(30000, 30000)).contains(QStringLiteral("million")));
    sentence(pngOfSize(0, 10));
}

TEST_CASE("random damage to a picture file never crashes the reader") {
    std::mt19937 random(4);
    const QImage image = made::noise({24, 24}, 5);
    for (const char* format : {"png", "jpg", "bmp", "webp", "tiff"}) {
        const QByteArray whole = encoded(image, format);
        for (int round = 0; round < 120; ++round) {
            QByteArray hurt = whole;
            for (int n = 0; n < 4; ++n) hurt[qsizetype(random() % size_t(hurt.size()))] = char(random());
            if (round % 3 == 0) hurt.truncate(qsizetype(random() % size_t(hurt.size())));
            inspectContainer(hurt);
            auto read = decodePicture(hurt, QStringLiteral("x"));
            if (read)
                CHECK_FALSE(read->isNull());
            else
                CHECK_FALSE(read.error().sentence.isEmpty());
        }
    }
}

TEST_CASE("a file is written whole or not at all, and never over another without being told") {
    QTemporaryDir folder;
    const QString path = folder.filePath(QStringLiteral("a.png"));
    REQUIRE(writeFileWhole(path, "first", false));
    auto again = writeFileWhole(path, "second", false);
    REQUIRE_FALSE(again);
    CHECK(again.error().kind == Error::Kind::Exists);
    CHECK(*readFile(path) == "first");
    REQUIRE(writeFileWhole(path, "second", true));
    CHECK(*readFile(path) == "second");
    CHECK(QDir(folder.path()).entryList(QDir::Files | QDir::Hidden).size() == 1);
    auto nowhere = writeFileWhole(folder.filePath(QStringLiteral("no/such/a.png")), "x", false);
    REQUIRE_FALSE(nowhere);
    CHECK(nowhere.error().sentence.contains(QStringLiteral("does not exist")));
}

TEST_CASE("when the disk takes no more, nothing is left behind") {
    QTemporaryDir folder;
    // A limit on file size stands in for a full disk: writing stops in the middle.
    rlimit before{};
    getrlimit(RLIMIT_FSIZE, &before);
    std::signal(SIGXFSZ, SIG_IGN);
    rlimit small = before;
    small.rlim_cur = 1000;
    REQUIRE(setrlimit(RLIMIT_FSIZE, &small) == 0);
    auto written = writeFileWhole(folder.filePath(QStringLiteral("a.png")), QByteArray(100'000, 'x'), false);
    setrlimit(RLIMIT_FSIZE, &before);
    REQUIRE_FALSE(written);
    CHECK(written.error().kind == Error::Kind::NotWritable);
    CHECK(QDir(folder.path()).entryList(QDir::Files | QDir::Hidden).isEmpty());
}

TEST_CASE("files that cannot be read are told of") {
    QTemporaryDir folder;
    CHECK(readFile(folder.filePath(QStringLiteral("none"))).error().kind == Error::Kind::Missing);
    CHECK(readFile(folder.path()).error().sentence.contains(QStringLiteral("not a file")));
    REQUIRE(writeFileWhole(folder.filePath(QStringLiteral("e")), {}, false));
    CHECK(readFile(folder.filePath(QStringLiteral("e"))).error().sentence.contains(QStringLiteral("empty")));
}

TEST_CASE("boxes grow outwards to whole pixels") {
    CHECK(grownOutwards(QRectF(10.2, 5.7, 3, 2), 0) == QRect(10, 5, 4, 3));
    CHECK(grownOutwards(QRectF(10, 5, 3, 2), 1.5) == QRect(8, 3, 7, 6));
    CHECK(touches(QRect(0, 0, 4, 4), QRect(4, 0, 4, 4)));
    CHECK_FALSE(touches(QRect(0, 0, 4, 4), QRect(6, 0, 4, 4)));
    CHECK(shareWithin(QRectF(0, 0, 4, 4), QRectF(2, 0, 4, 4)) == Approx(0.5));
}

TEST_CASE("a picture with an orientation tag is brought in upright") {
    QImage upright(80, 40, QImage::Format_RGB32);
    upright.fill(Qt::white);
    QPainter(&upright).fillRect(0, 0, 40, 20, Qt::black); // the upper left quarter
    // Stored turned, with the tag that turns it back: 6, the stored top row is the picture's right side.
    QByteArray bytes;
    QBuffer buffer(&bytes);
    buffer.open(QIODevice::WriteOnly);
    REQUIRE(upright.transformed(QTransform().rotate(-90)).save(&buffer, "jpeg", 100));
    bytes.insert(2, QByteArray::fromHex("ffe1"
                                        "0022"
                                        "457869660000"
                                        "4d4d002a00000008"
                                        "0001"
                                        "0112000300000001"
                                        "00060000"
                                        "00000000"));
    auto read = decodePicture(bytes, QStringLiteral("turned.jpg"));
    REQUIRE(read);
    REQUIRE(read->size() == upright.size());
    CHECK(read->pixelColor(10, 10).lightness() < 40);
    CHECK(read->pixelColor(70, 10).lightness() > 215);
    CHECK(read->pixelColor(10, 30).lightness() > 215);
}
