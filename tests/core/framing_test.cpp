// Framing: what of a capture is shown, and what stands around it.
#include "editing/framing.h"
#include "support/made.h"

#include <catch2/catch.hpp>

using namespace eyelid;

namespace {

constexpr QRgb red = 0xffc81e1e, ground = 0xfff6f2ea;

QImage redPicture(const QSize& size = {200, 120}) {
    QImage picture(size, QImage::Format_RGB32);
    picture.fill(red);
    return picture;
}

bool isGround(QRgb pixel) {
    return pixel == ground;
}

} // namespace

TEST_CASE("a picture is resized by percent, width, height or its longest side, and keeps its ratio") {
    const std::pair<Resize, QSize> all[] = {{{Resize::By::Percent, 50}, {100, 60}},
                                            {{Resize::By::Width, 400}, {400, 240}},
                                            {{Resize::By::Height, 30}, {50, 30}},
                                            {{Resize::By::Longest, 100}, {100, 60}},
                                            {{Resize::By::No, 7}, {200, 120}}};
    for (const auto& [resize, size] : all) {
        Framing framing;
        framing.resize = resize;
        CHECK(framed(redPicture(), framing).size() == size);
        CHECK(geometryOf(framing, {200, 120}).size == size);
        CHECK(framed(redPicture(), framing).pixel(5, 5) == red);
    }
    // However much is asked for, it stays a picture.
    Framing huge;
    huge.resize = {Resize::By::Percent, 1e9};
    CHECK(geometryOf(huge, {200, 120}).size.width() <= largestFramed);
    huge.resize = {Resize::By::Width, 1};
    CHECK(framed(redPicture(), huge).size() == QSize(2, 1));
}

TEST_CASE(
    "a small version is no larger than it is asked to be, with all that stands around it, and never larger than life") {
    Framing framing;
    framing.border = 6;
    framing.shadow = 10;
    const QSize small = geometryOf(smallVersion(framing, {2000, 900}, 320), {2000, 900}).size;
    CHECK(small.width() == 320);
    CHECK(smallVersion(framing, {100, 80}, 320) == framing);
}

TEST_CASE("a torn edge reaches in on the sides that are chosen, and on no other") {
    for (const Framing::Edge edge : {Framing::Edge::Wave, Framing::Edge::Steps, Framing::Edge::Fade})
        for (const Qt::Edge side : {Qt::LeftEdge, Qt::TopEdge, Qt::RightEdge, Qt::BottomEdge}) {
            Framing framing;
            framing.edge = edge;
            framing.edgeSides = side;
            framing.ground = ground;
            const QImage torn = framed(redPicture({300, 300}), framing);
            const auto rim = [&](Qt::Edge of) {
                int away = 0;
                for (int i = 60; i < 240; ++i) { // further from a corner than a fade reaches
                    const QPoint at = of == Qt::LeftEdge    ? QPoint(0, i)
                                      : of == Qt::RightEdge ? QPoint(299, i)
                                      : of == Qt::TopEdge   ? QPoint(i, 0)
                                                            : QPoint(i, 299);
                    away += torn.pixel(at) != red;
                }
                return away;
            };
            for (const Qt::Edge of : {Qt::LeftEdge, Qt::TopEdge, Qt::RightEdge, Qt::BottomEdge}) {
                INFO(int(edge) << ' ' << int(side) << ' ' << int(of));
                CHECK((of == side ? rim(of) > 60 : rim(of) == 0));
            }
            CHECK(torn.pixel(150, 150) == red);
            CHECK(torn.size() == QSize(300, 300));
        }
}

TEST_CASE("a fade ends in the ground, a wave and steps leave it bare") {
    Framing framing;
    framing.ground = ground;
    framing.edge = Framing::Edge::Fade;
    const QImage faded = framed(redPicture(), framing);
    CHECK(std::abs(qGreen(faded.pixel(0, 60)) - qGreen(ground)) < 12);
    framing.edge = Framing::Edge::Steps;
    const QImage steps = framed(redPicture(), framing);
    int bare = 0;
    for (int x = 0; x < 200; ++x) bare += isGround(steps.pixel(x, 0));
    CHECK(bare > 20);
}

TEST_CASE("a border, round corners and a shadow stand around what is shown, and nothing of it is lost") {
    Framing framing;
    framing.border = 8;
    framing.borderColour = 0xff112233;
    framing.corner = 20;
    framing.shadow = 16;
    framing.ground = ground;
    const QImage picture = framed(redPicture(), framing);
    REQUIRE(picture.size() == QSize(200 + 48, 120 + 48));
    const FramedGeometry g = geometryOf(framing, {200, 120});
    CHECK(g.shown == QRect(24, 24, 200, 120));
    CHECK(picture.pixel(124, 20) == 0xff112233); // border above the middle
    CHECK(picture.pixel(124, 84) == red);
    CHECK(isGround(picture.pixel(0, 0)));
    CHECK(picture.pixel(16, 16) != 0xff112233); // a corner that is round
    // Darker below than above: light falls from there.
    CHECK(qGray(picture.pixel(124, 157)) < qGray(picture.pixel(124, 10)));
    CHECK(qGray(picture.pixel(124, 157)) < qGray(ground));
}

TEST_CASE("more ground is put on the sides it is asked for, and marks may stand on it") {
    Framing framing;
    framing.canvas = {10, 20, 30, 40};
    framing.ground = ground;
    const QImage picture = framed(redPicture(), framing);
    REQUIRE(picture.size() == QSize(240, 180));
    CHECK(isGround(picture.pixel(9, 60)));
    CHECK(picture.pixel(10, 20) == red);
    CHECK(picture.pixel(209, 139) == red);
    CHECK(isGround(picture.pixel(210, 60)));
    const FramedGeometry g = geometryOf(framing, {200, 120});
    CHECK(g.inner == QRect(0, 0, 240, 180));
    CHECK(g.shown == QRect(10, 20, 200, 120));
}

TEST_CASE("straightening turns about the middle of what is shown and fills its corners with the ground") {
    QImage picture = redPicture({201, 201});
    for (int x = 0; x < 201; ++x)
        for (int y = 99; y <= 101; ++y) picture.setPixel(x, y, qRgb(0, 0, 0));
    Framing framing;
    framing.angle = 45;
    framing.ground = ground;
    const QImage turned = framed(picture, framing);
    CHECK(turned.size() == picture.size());
    CHECK(qGray(turned.pixel(100, 100)) < 30);
    CHECK(qGray(turned.pixel(150, 150)) < 60); // the line runs down to the right now
    CHECK(turned.pixel(150, 50) == red);
    CHECK(isGround(turned.pixel(1, 1)));
}

TEST_CASE("a crop beside the picture, as of one that was joined anew, shows all of it") {
    Framing framing;
    framing.crop = QRect(900, 900, 50, 50);
    CHECK(framed(redPicture(), framing).size() == QSize(200, 120));
    framing.crop = QRect(150, 100, 500, 500); // and what reaches over its edge ends there
    CHECK(framed(redPicture(), framing).size() == QSize(50, 20));
    CHECK(geometryOf(framing, {200, 120}).shows(QRectF(160, 105, 5, 5)));
    CHECK_FALSE(geometryOf(framing, {200, 120}).shows(QRectF(10, 10, 5, 5)));
}

TEST_CASE("places are found again after framing, as far as they are shown") {
    Framing framing;
    framing.crop = QRect(50, 20, 100, 80);
    framing.quarters = 1;
    framing.resize = {Resize::By::Percent, 200};
    const FramedGeometry g = geometryOf(framing, {200, 120});
    CHECK(g.scale == Approx(2));
    const QRectF box(60, 30, 20, 10);
    const QRectF there = g.mapped(box);
    CHECK(there.size() == QSizeF(20, 40)); // turned on its side, twice as large
    CHECK(QRectF(g.mappedBack(there)).center() == box.center());
    CHECK(g.mapped(QRectF(0, 0, 40, 10)).isEmpty());
    const QRegion region = g.mapped(QRegion(QRect(40, 10, 20, 20))); // its lower right quarter is shown
    CHECK(region.boundingRect().size() == QSize(20, 20));
}
