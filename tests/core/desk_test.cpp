// What a target on a desk is, pages of a PDF, and outlines: what the ways of taking share.
#include "capture/pdf_pages.h"
#include "capture/simulated_desk.h"
#include "capture/source.h"
#include "picture/boxes.h"
#include "picture/edges.h"
#include "support/made.h"

#include <catch2/catch.hpp>
#include <QFile>
#include <QPainter>
#include <QPdfWriter>
#include <QTemporaryDir>
#include <random>

using namespace eyelid;

namespace {

DeskLayout layout() {
    DeskLayout l;
    l.monitors = {{QStringLiteral("A"), QRect(0, 0, 400, 300), 1}, {QStringLiteral("B"), QRect(400, 0, 400, 300), 2}};
    l.windows = {
        {QStringLiteral("front"),
         QStringLiteral("Front"),
         {},
         QRect(50, 50, 200, 100),
         QRect(52, 70, 196, 78),
         {{QStringLiteral("inner"), QRect(60, 80, 40, 40)}, {QStringLiteral("outer"), QRect(52, 70, 120, 78)}}},
        {QStringLiteral("back"), QStringLiteral("Back"), {}, QRect(150, 80, 300, 150), QRect(150, 80, 300, 150)}};
    return l;
}

} // namespace

TEST_CASE("at a point stands the innermost pane, the frontmost window, the monitor, or the desk") {
    const DeskLayout l = layout();
    CHECK(targetAt(l, {70, 90}, true) == Target{Target::What::Pane, QStringLiteral("inner")});
    CHECK(targetAt(l, {70, 130}, true) == Target{Target::What::Pane, QStringLiteral("outer")});
    CHECK(targetAt(l, {70, 90}, false) == Target{Target::What::Window, QStringLiteral("front")});
    CHECK(targetAt(l, {200, 90}, true) == Target{Target::What::Window, QStringLiteral("front")});
    CHECK(targetAt(l, {300, 200}, true) == Target{Target::What::Window, QStringLiteral("back")});
    CHECK(targetAt(l, {700, 200}, true) == Target{Target::What::Monitor, QStringLiteral("B")});
    CHECK(targetAt(l, {900, 200}, true).what == Target::What::Desk);
}

TEST_CASE("the place of a target is where it stands now, and none when it has gone") {
    const DeskLayout l = layout();
    CHECK(placeOf(l, {}) == QRect(0, 0, 800, 300));
    CHECK(placeOf(l, {Target::What::Monitor, QStringLiteral("B")}) == QRect(400, 0, 400, 300));
    CHECK(placeOf(l, {Target::What::Window, QStringLiteral("front")}) == QRect(50, 50, 200, 100));
    CHECK(placeOf(l, {Target::What::Window, QStringLiteral("front")}, {.frame = false}) == QRect(52, 70, 196, 78));
    CHECK(placeOf(l, {Target::What::Pane, QStringLiteral("inner")}) == QRect(60, 80, 40, 40));
    CHECK(placeOf(l, {Target::What::ActiveWindow}) == QRect(50, 50, 200, 100));
    CHECK(placeOf(l, {Target::What::Region, {}, QRect(1, 2, 3, 4)}) == QRect(1, 2, 3, 4));
    CHECK(placeOf(l, {Target::What::Monitor, QStringLiteral("unplugged")}).isNull());
    CHECK(placeOf(l, {Target::What::Window, QStringLiteral("closed")}).isNull());
    CHECK(placeOf(DeskLayout(), {Target::What::ActiveWindow}).isNull());
    // Each place leads back to its target from its middle, for what nothing lies over.
    for (const DeskWindow& w : l.windows) {
        const Target t{Target::What::Window, w.id};
        if (w.id == QStringLiteral("front")) CHECK(targetAt(l, placeOf(l, t).center(), false) == t);
    }
}

TEST_CASE("outside an outline not a pixel of the picture is kept, inside all are") {
    std::mt19937 random(8);
    const QImage picture = made::noise({120, 90}, 3).convertToFormat(QImage::Format_RGB32);
    for (int round = 0; round < 40; ++round) {
        QPolygon outline;
        const int corners = 3 + int(random() % 6);
        for (int k = 0; k < corners; ++k) outline << QPoint(int(random() % 120), int(random() % 90));
        const QImage kept = keptWithin(picture, outline);
        REQUIRE(kept.size() == picture.size());
        for (int y = 0; y < 90; ++y)
            for (int x = 0; x < 120; ++x) {
                const bool white = kept.pixel(x, y) == qRgb(255, 255, 255),
                           same = kept.pixel(x, y) == picture.pixel(x, y);
                CHECK((white || same)); // never a mixture
                if (!outline.boundingRect().contains(x, y)) CHECK(white);
            }
        // Well inside a convex one everything is kept.
        const QPolygon box{{20, 20}, {100, 20}, {100, 70}, {20, 70}};
        CHECK(keptWithin(picture, box).copy(21, 21, 78, 48) == picture.copy(21, 21, 78, 48));
    }
}

TEST_CASE("an outline on a desk takes its bounds and nothing besides; one that holds nothing is told of") {
    const SimulatedDesk desk;
    const QPolygon outline{{100, 100}, {400, 100}, {250, 300}};
    auto taken = takeTarget(desk, {Target::What::Region, {}, {}, outline}, {});
    REQUIRE(taken);
    CHECK(taken->size() == outline.boundingRect().size());
    CHECK(taken->pixel(2, taken->height() - 2) == qRgb(255, 255, 255));
    auto whole = desk.take({});
    REQUIRE(whole);
    CHECK(taken->pixel(150, 60) == whole->pixel(250, 160));
    auto nothing = takeTarget(desk, {Target::What::Region, {}, {}, QPolygon{{5, 5}, {5, 5}, {6, 5}}}, {});
    REQUIRE_FALSE(nothing);
    CHECK(nothing.error().sentence.endsWith(QLatin1Char('.')));
}

TEST_CASE("pages are named as people write them") {
    const auto pages = [](const char* text, int count) { return parsePages(QString::fromLatin1(text), count); };
    CHECK(*pages("", 3) == std::vector<int>{0, 1, 2});
    CHECK(*pages("2", 3) == std::vector<int>{1});
    CHECK(*pages("1-3, 7", 9) == std::vector<int>{0, 1, 2, 6});
    CHECK(*pages(" 7 ,1 - 3,2", 9) == std::vector<int>{0, 1, 2, 6}); // in order, each once
    CHECK(*pages("2-", 4) == std::vector<int>{1, 2, 3});
    for (const char* wrong : {"0", "4", "a", "4-", "-2", "3-1", "1--2", "1,,x"}) {
        INFO(wrong);
        auto none = pages(wrong, 3);
        REQUIRE_FALSE(none);
        CHECK_FALSE(none.error().sentence.isEmpty());
    }
}

TEST_CASE("pages of a PDF are drawn in the resolution asked for; what is no PDF is told of") {
    QTemporaryDir folder;
    const QString path = folder.filePath(QStringLiteral("letter.pdf"));
    {
        QPdfWriter writer(path);
        writer.setPageSize(QPageSize(QPageSize::A5));
        writer.setResolution(300);
        QPainter painter(&writer);
        QFont font = made::font(60);
        painter.setFont(font);
        painter.drawText(300, 400, QStringLiteral("first"));
        writer.newPage();
        painter.fillRect(200, 200, 400, 300, Qt::black);
    }
    CHECK(PdfFile::isPdf(path));
    auto file = PdfFile::open(path);
    REQUIRE(file);
    CHECK((*file)->pages() == 2);
    // A5 is 148 by 210 mm.
    CHECK(std::abs((*file)->pageSize(0).width() - 148 / 25.4 * 72) < 1.5);
    for (const double dpi : {72.0, 150.0, 300.0}) {
        auto page = (*file)->render(1, dpi);
        REQUIRE(page);
        CHECK(page->format() == QImage::Format_RGB32);
        CHECK(std::abs(page->width() - 148 / 25.4 * dpi) < 2);
        CHECK(page->pixel(2, 2) == qRgb(255, 255, 255));
        int dark = 0;
        for (int y = 0; y < page->height(); ++y)
            for (int x = 0; x < page->width(); ++x) dark += qGray(page->pixel(x, y)) < 100;
        CHECK(std::abs(dark - 400.0 * 300 * dpi * dpi / 90000) < 0.05 * 400 * 300 * dpi * dpi / 90000);
    }
    CHECK_FALSE((*file)->render(7, 72));
    CHECK_FALSE((*file)->render(0, 1e6));
    const QString letter = folder.filePath(QStringLiteral("not.pdf"));
    QFile other(letter);
    REQUIRE(other.open(QIODevice::WriteOnly));
    other.write("%PDF-1.4 and then nothing of the kind");
    other.close();
    CHECK_FALSE(PdfFile::open(letter));
    CHECK_FALSE(PdfFile::open(folder.filePath(QStringLiteral("none.pdf"))));
    CHECK_FALSE(PdfFile::needsPassword(PdfFile::open(letter).error()));
}

TEST_CASE("the box a point lies in goes as far as its ground, whatever is written on it") {
    QImage image(300, 200, QImage::Format_RGB32);
    image.fill(Qt::white);
    QPainter painter(&image);
    QLinearGradient shade(0, 0, 300, 0);
    shade.setColorAt(0, QColor(0x20, 0x40, 0x80));
    shade.setColorAt(1, QColor(0x60, 0x20, 0x60));
    painter.fillRect(QRect(0, 0, 300, 30), shade);
    painter.setPen(Qt::white);
    painter.drawText(QRect(0, 0, 300, 30), Qt::AlignCenter, QStringLiteral("A title over all of it"));
    painter.fillRect(QRect(40, 80, 100, 24), QColor(0xee, 0xee, 0xf4));
    painter.end();
    for (int x = 2; x < 300; x += 7) CHECK(boxAround(image, {x, 15}) == QRect(0, 0, 300, 30));
    CHECK(boxAround(image, {60, 90}) == QRect(40, 80, 100, 24));
    CHECK(boxAround(image, {10, 190}) == QRect(0, 30, 300, 170));
    CHECK(boxAround(image, {300, 20}).isNull());
    CHECK(boxAround(image, {-1, 20}).isNull());
}

TEST_CASE("the strongest edge near a place is found, and none where nothing runs through") {
    QImage image(200, 100, QImage::Format_RGB32);
    image.fill(Qt::white);
    QPainter painter(&image);
    painter.fillRect(QRect(60, 20, 80, 60), QColor(0x20, 0x40, 0x80));
    painter.end();
    for (int near = 54; near <= 66; ++near) CHECK(verticalEdge(image, near, 6, 25, 75) == 60);
    CHECK(verticalEdge(image, 141, 6, 25, 75) == 140); // the first column past it
    CHECK_FALSE(verticalEdge(image, 100, 6, 25, 75));
    CHECK_FALSE(verticalEdge(image, 60, 6, 82, 98)); // not along these rows
    CHECK(horizontalEdge(image, 22, 6, 70, 130) == 20);
    CHECK(horizontalEdge(image, 79, 6, 70, 130) == 80);
    CHECK_FALSE(horizontalEdge(image, 50, 6, 70, 130));
    // At and past the picture's border there is nothing to read and nothing to find.
    for (const int near : {-50, 0, 199, 500}) CHECK_FALSE(verticalEdge(image, near, 6, -20, 300));
    CHECK_FALSE(verticalEdge(QImage(), 0, 6, 0, 10));
}
