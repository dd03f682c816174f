// The sheet: where one is on it, what it shows beside the capture, and what attracts what is drawn.
#include "app/sheet/beside_view.h"
#include "app/sheet/overview.h"
#include "app/sheet/tiled_picture.h"
#include "app/window/settings.h"
#include "desk.h"
#include "support/made.h"

#include <QComboBox>
#include <QPainter>
#include <QScrollBar>
#include <QWheelEvent>

using namespace eyelid;

namespace {

// A window with a title bar and a field in it, and nothing that is anybody's.
QImage windowPicture() {
    QImage picture(900, 600, QImage::Format_RGB32);
    picture.fill(QColor(0xf0, 0xf0, 0xf0));
    QPainter painter(&picture);
    painter.fillRect(QRect(0, 0, 900, 40), QColor(0x30, 0x50, 0x70));
    painter.setPen(Qt::white);
    painter.drawText(QRect(0, 0, 900, 40), Qt::AlignCenter, QStringLiteral("Pumps of the north"));
    painter.fillRect(QRect(200, 150, 300, 60), Qt::white);
    return picture;
}

struct SheetDesk : Desk {
    explicit SheetDesk(int captures = 1) {
        for (int i = 0; i < captures; ++i) window.intake().add(windowPicture(), QStringLiteral("made"));
        REQUIRE(until([&] { return open().captures().size() == captures && !sheet().smaller(1).isNull(); }));
    }
    Sheet& sheet() { return window.sheet(); }
    QAction& command(const char* id) { return window.commands()[QString::fromLatin1(id)]; }
    QRect drawn() {
        const HandCover* hand = open().hand(window.selection().item());
        return hand ? hand->shape.region({900, 600}).boundingRect() : QRect();
    }
    void coverWith(Sheet::CoverForm form) {
        press(Qt::Key_A);
        sheet().setCoverForm(form);
    }
};

} // namespace

TEST_CASE("a cover that is drawn takes its sides from edges near them, with Alt it does not") {
    SheetDesk desk;
    desk.coverWith(Sheet::CoverForm::Rectangle);
    desk.drag(QRectF(203, 147, 294, 66));
    CHECK(desk.drawn() == QRect(200, 150, 300, 60));
    desk.open().undo();
    QWidget* view = desk.sheet().viewport();
    const QPoint from = desk.sheet().toView({203, 147}).toPoint(), to = desk.sheet().toView({497, 213}).toPoint();
    QTest::mousePress(view, Qt::LeftButton, Qt::AltModifier, from);
    QMouseEvent move(QEvent::MouseMove, to, view->mapToGlobal(to), Qt::NoButton, Qt::LeftButton, Qt::AltModifier);
    QApplication::sendEvent(view, &move);
    QTest::mouseRelease(view, Qt::LeftButton, Qt::AltModifier, to);
    REQUIRE_FALSE(desk.drawn().isNull());
    CHECK(desk.drawn() != QRect(200, 150, 300, 60));
    CHECK(std::abs(desk.drawn().left() - 203) <= 1);
}

TEST_CASE("a click covers the title of a window, or the field it falls into") {
    SheetDesk desk;
    desk.coverWith(Sheet::CoverForm::Box);
    const auto click = [&](double x, double y) {
        QTest::mouseClick(desk.sheet().viewport(), Qt::LeftButton, {}, desk.sheet().toView({x, y}).toPoint());
    };
    click(450, 20); // among the letters of the title
    CHECK(until([&] { return desk.drawn() == QRect(0, 0, 900, 40); }));
    desk.open().undo();
    click(300, 180);
    CHECK(until([&] { return desk.drawn() == QRect(200, 150, 300, 60); }));
}

TEST_CASE("a small map is there while only a part is in view, and a click on it goes there") {
    SheetDesk desk;
    auto* map = desk.window.findChild<Overview*>();
    CHECK_FALSE(map->isVisible());
    desk.sheet().setZoom(3, {});
    REQUIRE(map->isVisible());
    CHECK(desk.sheet().viewport()->rect().contains(map->geometry()));
    QTest::mouseClick(map, Qt::LeftButton, {}, map->rect().bottomRight() - QPoint(4, 4));
    CHECK(desk.sheet().toView({900, 600}).x() <= desk.sheet().viewport()->width());
    CHECK(desk.sheet().toView({900, 600}).y() <= desk.sheet().viewport()->height());
    desk.command("overview").trigger();
    CHECK_FALSE(map->isVisible());
    CHECK_FALSE(settings::overviewShown());
    desk.sheet().fit();
    desk.command("overview").trigger();
    CHECK_FALSE(map->isVisible());
}

TEST_CASE("two captures stand side by side, scrolled and zoomed together") {
    SheetDesk desk(2);
    desk.press(Qt::Key_B);
    auto* beside = desk.window.findChild<BesideView*>();
    REQUIRE(beside);
    CHECK(beside->isVisible());
    CHECK(beside->capture() != desk.window.selection().capture());
    auto* other = beside->findChild<Sheet*>();
    desk.sheet().setZoom(4, {});
    CHECK(other->zoom() == 4);
    desk.sheet().horizontalScrollBar()->setValue(90);
    CHECK(other->horizontalScrollBar()->value() == 90);
    other->verticalScrollBar()->setValue(70);
    CHECK(desk.sheet().verticalScrollBar()->value() == 70);
    desk.press(Qt::Key_B);
    CHECK_FALSE(beside->isVisible());
    desk.sheet().horizontalScrollBar()->setValue(10);
    CHECK(other->horizontalScrollBar()->value() == 90);
}

TEST_CASE("panels that are folded away stay so") {
    {
        SheetDesk desk;
        CHECK(desk.window.findings().isVisible());
        desk.press(Qt::Key_F8);
        desk.press(Qt::Key_F7);
        CHECK_FALSE(desk.window.findings().isVisible());
        desk.press(Qt::Key_F6); // to the next panel that is there
        CHECK(QApplication::focusWidget());
    }
    CHECK(settings::isFolded(QStringLiteral("findings")));
    Theme theme = Theme::light();
    MainWindow again(theme, *loadPolicy(QStringLiteral("everything")), std::make_unique<SimulatedDesk>());
    again.show();
    CHECK_FALSE(again.findings().isVisible());
    again.commands()[QStringLiteral("foldFindings")].trigger();
    CHECK(again.findings().isVisible());
    CHECK(QTest::qWaitFor([&] { return again.findings().width() >= 240; }));
}

TEST_CASE("a wheel zooms at the pointer, two fingers pan, and zoom with Control") {
    SheetDesk desk;
    desk.sheet().setZoom(3, {});
    QWidget* view = desk.sheet().viewport();
    const QPointF at(300, 200);
    const auto turn = [&](const QPoint& pixels, const QPoint& angle, Qt::KeyboardModifiers modifiers = {}) {
        QWheelEvent event(at, view->mapToGlobal(at), pixels, angle, Qt::NoButton, modifiers, Qt::NoScrollPhase, false);
        QApplication::sendEvent(view, &event);
    };
    const QPointF under = desk.sheet().toPicture(at);
    turn({}, {0, 120});
    CHECK(desk.sheet().zoom() > 3);
    CHECK((desk.sheet().toPicture(at) - under).manhattanLength() < 1);
    const double zoom = desk.sheet().zoom();
    const int before = desk.sheet().verticalScrollBar()->value();
    turn({0, -40}, {0, -40});
    CHECK(desk.sheet().zoom() == zoom);
    CHECK(desk.sheet().verticalScrollBar()->value() > before);
    turn({0, 40}, {0, 40}, Qt::ControlModifier);
    CHECK(desk.sheet().zoom() > zoom);
}

TEST_CASE("the sides of a cover that is stretched go to edges near them as well") {
    SheetDesk desk;
    const int id = desk.open().cover(desk.open().captures()[0].id, {QRect(205, 155, 200, 40)}, {});
    desk.window.selection().select(id);
    desk.drag(QRectF(QPointF(405, 195), QPointF(497, 207))); // by its lower right corner
    CHECK(desk.drawn() == QRect(205, 155, 295, 55));
    desk.open().undo();
    CHECK(desk.drawn() == QRect(205, 155, 200, 40));
}

TEST_CASE("what is not certain is told when asked for, and so is what the policy leaves out") {
    SheetDesk desk;
    desk.waitUntilRead();
    const auto top = [&] { return desk.sheet().viewport()->grab(QRect(0, 0, 2000, 40)).toImage(); };
    const QImage without = top();
    desk.press(Qt::Key_U);
    const QImage everything = top();
    CHECK(everything != without);
    desk.open().setPolicy(*loadPolicy(QStringLiteral("payment")));
    REQUIRE(until([&] { return !desk.window.worker().busy(); }));
    const QImage payment = top();
    CHECK(payment != everything); // more is left out
    desk.press(Qt::Key_U);
    CHECK(top() == without);
}

TEST_CASE("a cover has the colour that was chosen in the dock, and can be given another") {
    SheetDesk desk;
    desk.coverWith(Sheet::CoverForm::Rectangle);
    auto* dock = desk.window.findChild<QWidget*>(QStringLiteral("dock"));
    auto* colour = dock->findChild<QComboBox*>(QStringLiteral("coverColour"));
    REQUIRE(colour->isVisible());
    colour->setCurrentIndex(colour->findData(int(CoverColour::Black)));
    desk.drag(QRectF(600, 300, 120, 60));
    const int id = desk.window.selection().item();
    REQUIRE(desk.open().hand(id));
    CHECK(desk.open().hand(id)->look.colour == CoverColour::Black);
    CHECK(settings::handLook().colour == CoverColour::Black);
    desk.press(Qt::Key_Escape);
    auto* chosen = desk.window.findChild<QWidget*>(QStringLiteral("details"))
                       ->findChild<QComboBox*>(QStringLiteral("coverColour"));
    REQUIRE(chosen->isVisible());
    chosen->setCurrentIndex(chosen->findData(int(CoverColour::White)));
    CHECK(desk.open().hand(id)->look.colour == CoverColour::White);
    REQUIRE(until([&] { return desk.sheet().isReady(); }));
    const QImage shown = desk.sheet().viewport()->grab().toImage();
    CHECK(shown.pixelColor(desk.sheet().toView({660, 330}).toPoint()) == QColor(Qt::white));
    // Of a style without a colour there is none to choose.
    auto* style = chosen->parentWidget()->findChild<QComboBox*>(QStringLiteral("coverStyle"));
    style->setCurrentIndex(int(CoverStyle::Blur));
    CHECK_FALSE(chosen->isVisible());
}

TEST_CASE("a picture drawn in tiles is the picture, wherever it is moved and however large it is drawn") {
    const QImage picture = made::noise({700, 500}, 3);
    for (const double scale : {0.4, 0.75, 1.0, 1.5, 3.0}) {
        INFO(scale);
        TiledPicture tiled(picture);
        const auto drawn = [&](const QPointF& origin) {
            QImage view(400, 300, QImage::Format_RGB32);
            view.fill(Qt::white);
            QPainter painter(&view);
            tiled.draw(painter, origin, scale, view.rect());
            return view;
        };
        const QImage at = drawn({-100, -50}), moved = drawn({-130, -70});
        CHECK(at.copy(30, 20, 370, 280) == moved.copy(0, 0, 370, 280));
        // Where pixels are shown as they are, each is the picture's.
        if (scale == 1.0) CHECK(at == picture.copy(100, 50, 400, 300));
        if (scale == 3.0)
            for (int y = 0; y < 300; ++y)
                for (int x = 0; x < 400; ++x) REQUIRE(at.pixel(x, y) == picture.pixel((x + 100) / 3, (y + 50) / 3));
        // Nothing beside it.
        const QImage corner = drawn({300, 200});
        CHECK(corner.pixel(299, 250) == qRgb(255, 255, 255));
        CHECK(corner.pixel(350, 199) == qRgb(255, 255, 255));
    }
}
