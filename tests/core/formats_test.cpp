// The formats a release is written in: each shows the picture and holds nothing else, the same every time.
#include "picture/container.h"
#include "picture/encoders.h"
#include "picture/palette.h"
#include "support/made.h"

#include <catch2/catch.hpp>

using namespace eyelid;

namespace {

QByteArray encodedAs(const QImage& picture, const Encoding& encoding) {
    auto bytes = encodePicture(picture, encoding);
    REQUIRE(bytes);
    return *bytes;
}

QImage shown(const QByteArray& bytes) {
    auto picture = decodePicture(bytes, QStringLiteral("it"));
    REQUIRE(picture);
    return *picture;
}

// The largest difference of one colour's share between two pictures.
int apart(const QImage& a, const QImage& b) {
    int most = 0;
    for (int y = 0; y < a.height(); ++y)
        for (int x = 0; x < a.width(); ++x) {
            const QRgb p = a.pixel(x, y), q = b.pixel(x, y);
            most = std::max(
                {most, std::abs(qRed(p) - qRed(q)), std::abs(qGreen(p) - qGreen(q)), std::abs(qBlue(p) - qBlue(q))});
        }
    return most;
}

} // namespace

TEST_CASE("each format shows the picture, holds nothing but it, and is the same every time") {
    for (const QImage& picture :
         {made::screen(), made::noise({90, 60}, 3), made::noise({1, 1}, 1), made::noise({300, 2}, 9)})
        for (const ReleaseFormat format : releaseFormats())
            for (const int quality : {Encoding::lossless, 50, 90}) {
                const Encoding encoding{format, quality};
                INFO(codeOf(format).toStdString() << ' ' << quality << ' ' << picture.width());
                const QByteArray bytes = encodedAs(picture, encoding);
                CHECK(bytes == encodedAs(picture, encoding));
                const Container inside = inspectStrictly(bytes);
                CHECK(inside.besides == QStringList());
                CHECK((inside.complete && inside.end == bytes.size() && inside.frames == 1));
                CHECK_FALSE(inside.transparency);
                CHECK(shown(bytes).size() == picture.size());
                if (isLossless(encoding)) CHECK(apart(shown(bytes), picture) == 0);
            }
}

TEST_CASE("a screen of few colours is a PNG with a palette, and a GIF that loses nothing") {
    QImage few(200, 100, QImage::Format_RGB32);
    for (int y = 0; y < 100; ++y)
        for (int x = 0; x < 200; ++x) few.setPixel(x, y, qRgb(x, x, 0)); // 200 colours
    CHECK(apart(shown(encodedAs(few, {ReleaseFormat::Png})), few) == 0);
    CHECK(apart(shown(encodedAs(few, {ReleaseFormat::Gif})), few) == 0);
    CHECK(encodedAs(few, {ReleaseFormat::Png}).contains("PLTE"));
    CHECK_FALSE(encodedAs(made::noise({90, 60}, 3), {ReleaseFormat::Png}).contains("PLTE"));
    REQUIRE(paletteOf(few));
    CHECK(paletteOf(few)->colours.size() == 200);
    QImage whole(16, 16, QImage::Format_RGB32);
    for (int i = 0; i < 256; ++i) whole.setPixel(i % 16, i / 16, qRgb(0, i, 0));
    CHECK(paletteOf(whole)->colours.size() == 256);
    CHECK_FALSE(paletteOf(made::noise({90, 60}, 3)));
}

TEST_CASE("a thin coloured line keeps its colour in a JPEG") {
    QImage line(64, 64, QImage::Format_RGB32);
    line.fill(Qt::white);
    for (int y = 0; y < 64; ++y) line.setPixel(31, y, qRgb(200, 0, 0));
    const QRgb there = shown(encodedAs(line, {ReleaseFormat::Jpeg, 95})).pixel(31, 30);
    CHECK(qRed(there) - qGreen(there) > 150);
}

TEST_CASE("a file keeps to its limit by giving way in quality, and says so where nothing is small enough") {
    const QImage picture = made::noise({300, 200}, 5);
    const qint64 whole = encodedAs(picture, {}).size();
    const auto easy = encodeWithin(picture, {}, whole);
    REQUIRE(easy);
    CHECK(easy->encoding == Encoding{});
    const auto tight = encodeWithin(picture, {}, whole / 3);
    REQUIRE(tight);
    CHECK(tight->bytes.size() <= whole / 3);
    CHECK(tight->encoding.format == ReleaseFormat::Jpeg);
    CHECK(tight->bytes == encodedAs(picture, tight->encoding));
    // As good as it can be: the next better quality would not do.
    const auto webp = encodeWithin(picture, {ReleaseFormat::WebP, Encoding::lossless}, whole / 4);
    REQUIRE(webp);
    CHECK(webp->encoding.format == ReleaseFormat::WebP);
    const auto never = encodeWithin(picture, {ReleaseFormat::Jpeg, 80}, 100);
    REQUIRE_FALSE(never);
    CHECK(never.error().sentence.contains(QStringLiteral("300 x 200")));
}

TEST_CASE("a picture too large for a format is refused with what to do") {
    const QImage wide(17000, 1, QImage::Format_RGB32);
    const auto webp = encodePicture(wide, {ReleaseFormat::WebP});
    REQUIRE_FALSE(webp);
    CHECK(webp.error().sentence.contains(QStringLiteral("16383")));
    CHECK(encodePicture(wide, {ReleaseFormat::Png}));
}
