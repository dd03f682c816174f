// Choosing a place on the frozen desk, without any window: drawing, adjusting, snapping, pointing.
#include "app/taking/region_chooser.h"

#include <catch2/catch.hpp>
#include <QPainter>
#include <random>

using namespace eyelid;

namespace {

constexpr int reach = 6;

// Two monitors, the left one lower; two windows that overlap, one with a pane, one that hangs over the desk's edge.
FrozenDesk desk() {
    FrozenDesk d;
    d.layout.monitors = {{QStringLiteral("LEFT"), QRect(0, 100, 800, 600), 1},
                         {QStringLiteral("RIGHT"), QRect(800, 0, 1000, 900), 1.5}};
    DeskWindow front{QStringLiteral("1"), QStringLiteral("Account"), QStringLiteral("desk"), QRect(100, 200, 400, 300),
                     QRect(104, 224, 392, 272)};
    front.panes = {{QStringLiteral("1a"), QRect(104, 224, 120, 272)}};
    DeskWindow back{QStringLiteral("2"), QStringLiteral("Complaint"), QStringLiteral("mail"), QRect(400, 300, 500, 350),
                    QRect(404, 324, 492, 322)};
    DeskWindow over{QStringLiteral("3"), QStringLiteral("Roster"), QStringLiteral("sheet"), QRect(1500, 600, 500, 200),
                    QRect(1500, 600, 500, 200)};
    d.layout.windows = {front, back, over};
    d.corner = d.layout.bounds().topLeft();
    d.picture = QImage(d.layout.bounds().size(), QImage::Format_RGB32);
    d.picture.fill(QColor(0xc0, 0xc0, 0xc8));
    std::mt19937 random(5);
    QPainter painter(&d.picture);
    for (auto it = d.layout.windows.rbegin(); it != d.layout.windows.rend(); ++it) {
        painter.fillRect(it->geometry.translated(-d.corner), QColor(int(random() % 256), int(random() % 256), 0x80));
        painter.fillRect(it->inner.translated(-d.corner), Qt::white);
    }
    return d;
}

void drag(RegionChooser& chooser, const QPoint& from, const QPoint& to, bool free = true) {
    chooser.press(from, reach, free);
    chooser.move((from + to) / 2, reach, free);
    chooser.release(to, reach, free);
}

} // namespace

TEST_CASE("a region is drawn in any direction and kept on the desk") {
    const QPoint corners[] = {{950, 120}, {1250, 120}, {950, 420}, {1250, 420}};
    for (int a = 0; a < 4; ++a) {
        RegionChooser chooser(desk(), RegionChooser::Mode::Region);
        CHECK(chooser.region().isEmpty());
        CHECK(chooser.cut().isNull());
        drag(chooser, corners[a], corners[3 - a]);
        CHECK(chooser.region() == QRect(950, 120, 300, 300));
        CHECK(chooser.cut() == chooser.desk().picture.copy(950, 120, 300, 300));
        CHECK(chooser.target() == Target{Target::What::Region, {}, QRect(950, 120, 300, 300)});
    }
    RegionChooser chooser(desk(), RegionChooser::Mode::Region);
    drag(chooser, {1700, 800}, {5000, 5000});
    CHECK(chooser.region() == QRect(1700, 800, 100, 100));
    drag(chooser, {40, 40}, {-500, -70});
    CHECK(chooser.region() == QRect(0, 0, 40, 40));
}

TEST_CASE("each handle moves its own edges, the inside moves the whole") {
    struct Case {
        QPoint from, to;
        QRect want;
    };
    const QRect start(1000, 200, 200, 100);
    const Case cases[] = {{{1000, 250}, {960, 250}, QRect(960, 200, 240, 100)},
                          {{1199, 250}, {1259, 250}, QRect(1000, 200, 259, 100)},
                          {{1100, 200}, {1100, 180}, QRect(1000, 180, 200, 120)},
                          {{1100, 299}, {1100, 349}, QRect(1000, 200, 200, 149)},
                          {{1000, 200}, {990, 190}, QRect(990, 190, 210, 110)},
                          {{1199, 299}, {1219, 319}, QRect(1000, 200, 219, 119)},
                          {{1199, 200}, {1219, 190}, QRect(1000, 190, 219, 110)},
                          {{1000, 299}, {990, 319}, QRect(990, 200, 210, 119)},
                          {{1100, 250}, {1150, 270}, QRect(1050, 220, 200, 100)},
                          // Over its own opposite edge: it turns round and does not vanish.
                          {{1000, 250}, {1300, 250}, QRect(1200, 200, 100, 100)}};
    for (const Case& c : cases) {
        RegionChooser chooser(desk(), RegionChooser::Mode::Region);
        drag(chooser, start.topLeft(), start.bottomRight() + QPoint(1, 1));
        REQUIRE(chooser.region() == start);
        drag(chooser, c.from, c.to);
        INFO(c.from.x() << "," << c.from.y());
        CHECK(chooser.region() == c.want);
    }
}

TEST_CASE("keys move it by pixels, stretch it and give it a size, never off the desk") {
    RegionChooser chooser(desk(), RegionChooser::Mode::Region);
    chooser.nudge(5, 5);
    CHECK(chooser.region().isEmpty());
    drag(chooser, {1000, 200}, {1200, 300});
    chooser.nudge(1, -10);
    CHECK(chooser.region() == QRect(1001, 190, 200, 100));
    chooser.stretch(10, -1);
    CHECK(chooser.region() == QRect(1001, 190, 210, 99));
    chooser.nudge(-100000, 100000);
    CHECK(chooser.region() == QRect(0, 801, 210, 99));
    chooser.setSize({640, 480});
    CHECK(chooser.region().size() == QSize(640, 480));
    CHECK(chooser.desk().layout.bounds().contains(chooser.region()));
    chooser.setSize({100000, 1});
    CHECK(chooser.region().width() == chooser.desk().layout.bounds().width());
    chooser.setSize({0, -4});
    CHECK(chooser.region().size() == QSize(1, 1));
    // Typed before anything was drawn: where the pointer is.
    RegionChooser typed(desk(), RegionChooser::Mode::Region);
    typed.move({1000, 300}, reach, false);
    typed.setSize({320, 200});
    CHECK(typed.region() == QRect(1000, 300, 320, 200));
}

TEST_CASE("edges snap to windows, panes and what is drawn, unless that is not wanted") {
    RegionChooser chooser(desk(), RegionChooser::Mode::Region);
    drag(chooser, {103, 197}, {498, 503}, false);
    CHECK(chooser.region() == QRect(100, 200, 400, 300));
    drag(chooser, {1000, 100}, {1001, 700}); // something else first, so that nothing of it is gripped
    drag(chooser, {97, 196}, {497, 497}, true);
    CHECK(chooser.region() == QRect(97, 196, 400, 301));
    // A panel that is only drawn.
    FrozenDesk drawn = desk();
    QPainter(&drawn.picture).fillRect(QRect(1003, 153, 220, 90), QColor(0x30, 0x40, 0x90));
    RegionChooser edges(drawn, RegionChooser::Mode::Region);
    drag(edges, {1000, 150}, {1226, 246}, false);
    CHECK(edges.region() == QRect(1003, 153, 220, 90));
}

TEST_CASE("a click means what lies under it, and cycling goes from window to window") {
    RegionChooser chooser(desk(), RegionChooser::Mode::Region);
    drag(chooser, {300, 300}, {300, 300});
    CHECK(chooser.region() == QRect(100, 200, 400, 300));
    RegionChooser pane(desk(), RegionChooser::Mode::Region);
    drag(pane, {150, 300}, {150, 300});
    CHECK(pane.region() == QRect(104, 224, 120, 272));
    RegionChooser free(desk(), RegionChooser::Mode::Region);
    drag(free, {1100, 450}, {1100, 450});
    CHECK(free.region() == QRect(800, 0, 1000, 900));
    chooser.cycle(1);
    CHECK(chooser.region() == QRect(100, 200, 400, 300));
    chooser.cycle(1);
    CHECK(chooser.region() == QRect(400, 300, 500, 350));
    chooser.cycle(1);
    CHECK(chooser.region() == QRect(1500, 600, 300, 200)); // what of it is on the desk
    chooser.cycle(-1);
    CHECK(chooser.region() == QRect(400, 300, 500, 350));
    chooser.setFrame(false);
    chooser.cycle(-1);
    CHECK(chooser.region() == QRect(104, 224, 392, 272));
}

TEST_CASE("pointing names what would be taken and cuts it only where the frozen desk shows all of it") {
    RegionChooser chooser(desk(), RegionChooser::Mode::Point);
    chooser.move({300, 300}, reach, false);
    CHECK(chooser.target().id == QStringLiteral("1"));
    CHECK(chooser.title() == QStringLiteral("Account"));
    CHECK(chooser.region() == QRect(100, 200, 400, 300));
    CHECK(chooser.cut().size() == QSize(400, 300));
    chooser.setPanes(true);
    chooser.move({150, 300}, reach, false);
    CHECK(chooser.target() == Target{Target::What::Pane, QStringLiteral("1a")});
    CHECK(chooser.title() == QStringLiteral("Part of Account"));
    // The one behind is hidden in part: it has to be taken whole from the desk itself.
    chooser.move({880, 640}, reach, false);
    CHECK(chooser.target().id == QStringLiteral("2"));
    CHECK(chooser.cut().isNull());
    chooser.move({1600, 700}, reach, false);
    CHECK(chooser.target().id == QStringLiteral("3"));
    CHECK(chooser.cut().isNull()); // hangs over the edge
    chooser.move({1100, 400}, reach, false);
    CHECK(chooser.title() == QStringLiteral("Monitor RIGHT"));
    CHECK(chooser.cut().size() == QSize(1000, 900));
    chooser.move({100, 20}, reach, false);
    CHECK(chooser.title() == QStringLiteral("Whole desk"));
    chooser.cycle(1);
    CHECK(chooser.title() == QStringLiteral("Account"));
}

TEST_CASE("of an outline only what lies within is kept") {
    RegionChooser chooser(desk(), RegionChooser::Mode::Outline);
    chooser.press({1000, 100}, reach, false);
    for (const QPoint& p : {QPoint(1200, 100), QPoint(1200, 300), QPoint(1100, 200), QPoint(1000, 300)})
        chooser.move(p, reach, false);
    chooser.release({1000, 300}, reach, false);
    CHECK(chooser.outline().size() >= 5);
    CHECK(chooser.target().outline == chooser.outline());
    const QImage cut = chooser.cut();
    REQUIRE_FALSE(cut.isNull());
    const QRgb ground = chooser.desk().picture.pixel(1100, 150);
    CHECK(cut.pixel(100, 20) == ground);
    CHECK(cut.pixel(100, 180) == qRgb(255, 255, 255)); // in the notch
    RegionChooser nothing(desk(), RegionChooser::Mode::Outline);
    nothing.press({1000, 100}, reach, false);
    nothing.release({1000, 100}, reach, false);
    CHECK(nothing.cut().isNull());
}

TEST_CASE("whatever is done with pointer and keys, the region stays on the desk and the cut is what it shows") {
    std::mt19937 random(123);
    const auto point = [&] { return QPoint(int(random() % 2600) - 300, int(random() % 1500) - 300); };
    for (int round = 0; round < 60; ++round) {
        RegionChooser chooser(desk(), round % 5 == 4 ? RegionChooser::Mode::Point : RegionChooser::Mode::Region);
        for (int step = 0; step < 40; ++step) {
            const bool free = random() % 2;
            switch (random() % 8) {
            case 0:
                chooser.press(point(), reach, free);
                break;
            case 1:
            case 2:
                chooser.move(point(), reach, free);
                break;
            case 3:
                chooser.release(point(), reach, free);
                break;
            case 4:
                chooser.nudge(int(random() % 41) - 20, int(random() % 41) - 20);
                break;
            case 5:
                chooser.stretch(int(random() % 41) - 20, int(random() % 41) - 20);
                break;
            case 6:
                chooser.setSize({int(random() % 3000), int(random() % 3000)});
                break;
            default:
                chooser.cycle(random() % 2 ? 1 : -1);
            }
            const QRect region = chooser.region();
            if (!region.isEmpty()) CHECK(chooser.desk().layout.bounds().contains(region));
            if (const QImage cut = chooser.cut(); !cut.isNull())
                CHECK(cut == chooser.desk().picture.copy(region.translated(-chooser.desk().corner)));
        }
    }
}
