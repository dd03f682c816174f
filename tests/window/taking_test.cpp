// Taking, driven for real: the region overlay, the desk map, series, scrolling, joins, shortcuts, and bringing in.
#include "app/checking/gate.h"
#include "app/sheet/joins_view.h"
#include "app/taking/keys_edit.h"
#include "app/taking/pdf_view.h"
#include "app/taking/region_overlay.h"
#include "app/taking/shortcuts_view.h"
#include "app/taking/taken_notice.h"
#include "capture/x11_source.h"
#include "support/made.h"
#include "support/server_input.h"
#include "window/desk.h"

#include <cstdlib>
#include <QCheckBox>
#include <QClipboard>
#include <QComboBox>
#include <QDoubleSpinBox>
#include <QLabel>
#include <QLineEdit>
#include <QMessageBox>
#include <QMimeData>
#include <QPdfWriter>
#include <QPushButton>
#include <QScreen>
#include <QSpinBox>
#include <QTemporaryDir>

using namespace eyelid;

namespace {

// A desk whose manager of windows is slow: Eyelid's own is seen on it for so many looks after it was hidden.
class SlowDesk final : public Source {
public:
    explicit SlowDesk(int looks) : m_left(looks) {}
    Result<DeskLayout> layout() const override { return m_desk.layout(); }
    Result<QImage> take(const Target& target, const TakeOptions& options) const override {
        ++taken;
        takenInSight = takenInSight || m_left > 0;
        return m_desk.take(target, options);
    }
    QString description() const override { return m_desk.description(); }
    bool showsOurselves() const override { return true; }
    bool stillShows(quint64) const override { return m_left > 0 && m_left-- > 0; }
    mutable int taken = 0;
    mutable bool takenInSight = false;

private:
    SimulatedDesk m_desk;
    mutable int m_left;
};

FrozenDesk twoWindows() {
    FrozenDesk desk;
    desk.corner = QPoint(-100, 0); // a monitor to the left of the first
    desk.picture = QImage(900, 500, QImage::Format_RGB32);
    desk.picture.fill(QColor(0x80, 0x90, 0x90));
    QPainter p(&desk.picture);
    p.fillRect(QRect(150, 60, 300, 200), Qt::white); // on the desk: 50,60
    p.fillRect(QRect(350, 160, 300, 200), QColor(0xf0, 0xe8, 0xd8));
    p.fillRect(QRect(400, 200, 120, 90), QColor(0xc0, 0xb0, 0xa0)); // a panel drawn inside it
    p.end();
    desk.layout.monitors = {{QStringLiteral("A"), QRect(-100, 0, 400, 500), 1},
                            {QStringLiteral("B"), QRect(300, 0, 500, 500), 2}};
    desk.layout.windows = {
        {QStringLiteral("front"),
         QStringLiteral("Front"),
         {},
         QRect(250, 160, 300, 200),
         QRect(252, 180, 296, 178),
         {{QStringLiteral("pane"), QRect(260, 190, 100, 80)}}},
        {QStringLiteral("back"), QStringLiteral("Back"), {}, QRect(50, 60, 300, 200), QRect(52, 80, 296, 178), {}}};
    return desk;
}

void dragOver(RegionChooser& c, QPoint from, QPoint to, bool free = false) {
    c.press(from, 7, free);
    c.move((from + to) / 2, 7, free);
    c.release(to, 7, free);
}

template <typename T> T* modal() {
    return qobject_cast<T*>(QApplication::activeModalWidget());
}

// Runs `act` on the dialog of this kind as soon as it is open; `open` opens it and blocks.
template <typename T> bool inDialog(const std::function<void()>& open, const std::function<void(T&)>& act) {
    bool seen = false;
    QTimer poll;
    QObject::connect(&poll, &QTimer::timeout, [&] {
        T* view = modal<T>();
        if (!view || !view->isVisible() || seen) return;
        seen = true;
        poll.stop();
        act(*view);
    });
    poll.start(20);
    open();
    return seen;
}

OverlayPane* firstPane(Desk& desk) {
    if (!until([&] { return desk.window.taker().overlay() && !desk.window.taker().overlay()->panes().empty(); }))
        return nullptr;
    auto* pane = static_cast<OverlayPane*>(desk.window.taker().overlay()->panes().front());
    return QTest::qWaitForWindowExposed(pane) ? pane : nullptr;
}

std::unique_ptr<Source> x11() {
    auto source = X11Source::open();
    REQUIRE(source);
    return std::move(*source);
}

} // namespace

TEST_CASE("a region snaps to windows, panes and edges in the picture, unless Alt is held") {
    RegionChooser c(twoWindows(), RegionChooser::Mode::Region);
    dragOver(c, {47, 63}, {351, 261});
    CHECK(c.region() == QRect(50, 60, 300, 200));
    // Pressed again inside: moved whole.
    dragOver(c, {200, 100}, {220, 130});
    CHECK(c.region() == QRect(70, 90, 300, 200));
    RegionChooser free(twoWindows(), RegionChooser::Mode::Region);
    dragOver(free, {47, 63}, {346, 257}, true);
    CHECK(free.region() == QRect(47, 63, 299, 194));
    RegionChooser panel(twoWindows(), RegionChooser::Mode::Region);
    dragOver(panel, {304, 203}, {417, 287});
    INFO(panel.region().x() << "," << panel.region().y() << " " << panel.region().width() << "x"
                            << panel.region().height());
    CHECK(panel.region() == QRect(300, 200, 120, 90)); // drawn, no window of its own
    RegionChooser pane(twoWindows(), RegionChooser::Mode::Region);
    pane.press({305, 230}, 7, false);
    pane.release({305, 230}, 7, false);
    CHECK(pane.region() == QRect(260, 190, 100, 80)); // a click means what lies under it
    CHECK(pane.cut() == twoWindows().picture.copy(360, 190, 100, 80));
}

TEST_CASE("a region is adjusted by handles, arrows and a size, and stays on the desk") {
    RegionChooser c(twoWindows(), RegionChooser::Mode::Region);
    dragOver(c, {-50, 300}, {20, 350}, true);
    CHECK(c.gripAt({-50, 300}, 5) == RegionChooser::Grip::TopLeft);
    CHECK(c.gripAt({-10, 325}, 5) == RegionChooser::Grip::Inside);
    CHECK(c.gripAt({200, 325}, 5) == RegionChooser::Grip::None);
    dragOver(c, {20, 325}, {40, 390}, true); // the right side: only the width changes
    CHECK(c.region() == QRect(-50, 300, 91, 50).adjusted(0, 0, -1, 0));
    c.nudge(-500, 0);
    CHECK(c.region().left() == -100);
    c.nudge(0, 5000);
    CHECK(c.region().bottom() == 499);
    c.stretch(10, -20);
    CHECK(c.region().size() == QSize(100, 30));
    c.setSize({640, 48});
    CHECK(c.region().size() == QSize(640, 48));
    c.setSize({100000, 100000});
    CHECK(c.region() == QRect(-100, 0, 900, 500));
    c.cycle(1);
    CHECK(c.region() == QRect(250, 160, 300, 200));
    c.cycle(1);
    CHECK(c.region() == QRect(50, 60, 300, 200));
}

TEST_CASE("an outline keeps nothing of what lies outside it") {
    RegionChooser c(twoWindows(), RegionChooser::Mode::Outline);
    c.press({60, 70}, 7, false);
    for (const QPoint& p : {QPoint(200, 75), QPoint(220, 180), QPoint(90, 240)}) c.move(p, 7, false);
    c.release({60, 70}, 7, false);
    const QImage cut = c.cut();
    REQUIRE(cut.size() == c.region().size());
    // Everything it keeps is white paper or within the line; a corner that lies outside shows nothing of the desk.
    CHECK(cut.pixelColor(cut.width() - 2, 1) == QColor(Qt::white));
    CHECK(cut.pixelColor(1, cut.height() - 2) == QColor(Qt::white));
    FrozenDesk noise = twoWindows();
    noise.picture = made::noise(noise.picture.size(), 3);
    FrozenDesk other = noise;
    other.picture = made::noise(noise.picture.size(), 8);
    RegionChooser a(noise, RegionChooser::Mode::Outline), b(other, RegionChooser::Mode::Outline);
    for (RegionChooser* r : {&a, &b}) {
        r->press({60, 70}, 7, false);
        r->move({200, 75}, 7, false);
        r->release({90, 240}, 7, false);
    }
    const QImage first = a.cut(), second = b.cut();
    int same = 0;
    for (int y = 0; y < first.height(); ++y)
        for (int x = 0; x < first.width(); ++x)
            if (first.pixel(x, y) == second.pixel(x, y)) {
                ++same;
                CHECK(first.pixel(x, y) == 0xffffffffu);
            }
    CHECK(same > first.width() * first.height() / 3);
    RegionChooser nothing(twoWindows(), RegionChooser::Mode::Outline);
    nothing.press({60, 70}, 7, false);
    nothing.release({60, 70}, 7, false);
    CHECK(nothing.cut().isNull());
}

TEST_CASE("pointing names what would be taken; a window hidden in part is not cut from the frozen desk") {
    RegionChooser c(twoWindows(), RegionChooser::Mode::Point);
    c.move({300, 300}, 7, false);
    CHECK(c.title() == QStringLiteral("Front"));
    CHECK(c.cut() == twoWindows().picture.copy(350, 160, 300, 200));
    c.setFrame(false);
    CHECK(c.region() == QRect(252, 180, 296, 178));
    c.setPanes(true);
    c.move({300, 230}, 7, false);
    CHECK(c.target().what == Target::What::Pane);
    CHECK(c.region() == QRect(260, 190, 100, 80));
    c.move({80, 90}, 7, false);
    CHECK(c.target().id == QStringLiteral("back"));
    CHECK(c.cut().isNull());
    c.move({700, 480}, 7, false);
    CHECK(c.target().what == Target::What::Monitor);
    CHECK(c.region() == QRect(300, 0, 500, 500));
}

TEST_CASE("a region of the demo desk: drawn, nudged, sized by typing, taken by Enter") {
    Desk desk;
    desk.window.takeBy(QStringLiteral("region"));
    OverlayPane* pane = firstPane(desk);
    REQUIRE(pane);
    QTest::mousePress(pane, Qt::LeftButton, Qt::AltModifier, pane->fromDesk({100, 100}).toPoint());
    QTest::mouseMove(pane, pane->fromDesk({300, 180}).toPoint());
    QTest::mouseRelease(pane, Qt::LeftButton, Qt::AltModifier, pane->fromDesk({400, 200}).toPoint());
    RegionChooser& chooser = desk.window.taker().overlay()->chooser();
    const QRect drawn = chooser.region();
    REQUIRE(drawn.width() > 200);
    QTest::keyClick(pane, Qt::Key_Right);
    QTest::keyClick(pane, Qt::Key_Down, Qt::ShiftModifier);
    CHECK(chooser.region() == drawn.translated(1, 10));
    QTest::keyClicks(pane, QStringLiteral("320x200"));
    CHECK(chooser.region().size() == QSize(320, 200));
    const QRect wanted = chooser.region();
    QTest::keyClick(pane, Qt::Key_Return);
    REQUIRE(until([&] { return desk.open().captures().size() == 1; }));
    CHECK(desk.picture(0) == *SimulatedDesk().take({Target::What::Region, {}, wanted}));
    // Once more, without drawing.
    REQUIRE(until([&] { return !desk.window.taker().running(); }));
    CHECK(desk.window.taker().lastRegion() == wanted);
    desk.window.takeBy(QStringLiteral("last"));
    REQUIRE(until([&] { return desk.open().captures().size() == 2; }));
    CHECK(desk.picture(1) == desk.picture(0));
    // Escape takes nothing.
    REQUIRE(until([&] { return !desk.window.taker().running(); }));
    desk.window.takeBy(QStringLiteral("region"));
    pane = firstPane(desk);
    REQUIRE(pane);
    // Until it has the keys, Escape is the main window's.
    REQUIRE(until([&] { return pane->isActiveWindow(); }));
    QTest::keyClick(pane, Qt::Key_Escape);
    REQUIRE(until([&] { return !desk.window.taker().running(); }));
    CHECK(until([&] { return desk.open().captures().size() == 2; }));
}

TEST_CASE("on a real desk the overlay shows every screen, and what is cut from it is what the desk held") {
    Desk desk(x11());
    desk.window.takeBy(QStringLiteral("region"));
    OverlayPane* pane = firstPane(desk);
    REQUIRE(pane);
    RegionOverlay& overlay = *desk.window.taker().overlay();
    CHECK(overlay.panes().size() == size_t(QGuiApplication::screens().size()));
    const QImage frozen = overlay.chooser().desk().picture;
    CHECK(frozen.size() == QSize(1600, 1000));
    REQUIRE(until([&] { return pane->width() == 1600 && pane->height() == 1000; }));
    QTest::mousePress(pane, Qt::LeftButton, Qt::AltModifier, {200, 150});
    QTest::mouseMove(pane, {300, 300});
    QTest::mouseRelease(pane, Qt::LeftButton, Qt::AltModifier, {700, 450});
    CHECK(overlay.chooser().region() == QRect(200, 150, 500, 300));
    QTest::keyClick(pane, Qt::Key_Return);
    REQUIRE(until([&] { return desk.open().captures().size() == 1; }));
    CHECK(desk.picture(0) == frozen.copy(200, 150, 500, 300));
    // From the background: the notice says so, opens it, or throws it away.
    TakenNotice& notice = desk.window.taker().notice();
    REQUIRE(until([&] { return notice.isVisible(); }));
    CHECK(notice.capture() == desk.open().captures()[0].id);
    QTest::mouseClick(notice.findChild<QPushButton*>(QStringLiteral("noticeAway")), Qt::LeftButton);
    CHECK(desk.open().captures().empty());
    CHECK_FALSE(notice.isVisible());
    desk.open().undo();
    CHECK(until([&] { return desk.open().captures().size() == 1; }));
}

TEST_CASE("on the desk map a click takes, dragging takes a region, and what is hovered is outlined") {
    Desk desk;
    const auto withMap = [&](const std::function<void(TakeView&)>& act) {
        REQUIRE(inDialog<TakeView>([&] { desk.press(Qt::Key_T, Qt::ControlModifier); }, act));
        REQUIRE(until([&] { return !desk.window.taker().running(); }));
    };
    withMap([](TakeView& view) {
        DeskMap* map = view.map();
        auto* button = view.findChild<QPushButton*>(QStringLiteral("takeButton"));
        // The pointer is the screen's own, and the window manager may yet move the dialog under it: moved again until
        // it is seen there.
        const auto hover = [&](const QRect& place, const QString& what) {
            return until([&] {
                if (button->text().contains(what)) return true;
                const QPoint at = map->placed(place).center().toPoint();
                QTest::mouseMove(map, at + QPoint(0, 20));
                QTest::mouseMove(map, at);
                return false;
            });
        };
        CHECK(hover(QRect(1700, 300, 10, 10), QStringLiteral("window")));
        CHECK(hover(QRect(1284, 4, 2, 2), QStringLiteral("monitor")));
        QTest::mousePress(map, Qt::LeftButton, {}, map->placed(QRect(100, 100, 1, 1)).center().toPoint());
        QTest::mouseMove(map, map->placed(QRect(500, 300, 1, 1)).center().toPoint());
        CHECK(until([&] { return button->text().contains(QStringLiteral("region")); }));
        QTest::mouseRelease(map, Qt::LeftButton, {}, map->placed(QRect(900, 500, 1, 1)).center().toPoint());
    });
    REQUIRE(until([&] { return desk.open().captures().size() == 1; }));
    const QSize region = desk.picture(0).size();
    CHECK(std::abs(region.width() - 800) < 12);
    CHECK(std::abs(region.height() - 400) < 12);
    REQUIRE(QTest::qWaitForWindowActive(&desk.window));
    withMap([](TakeView& view) {
        DeskMap* map = view.map();
        QTest::mouseClick(map, Qt::LeftButton, {}, map->placed(QRect(700, 200, 2, 2)).center().toPoint());
    });
    REQUIRE(until([&] { return desk.open().captures().size() == 2; }));
    CHECK(desk.picture(1) == *SimulatedDesk().take({Target::What::Window, QStringLiteral("mail")}));
}

TEST_CASE("the countdown is not in the picture, and can be stopped") {
    Desk desk(x11());
    TakeRequest request;
    request.kind = TakeKind::Desk;
    request.timing.delay = 0.7;
    QImage bare;
    {
        // The desk with none of Eyelid's windows.
        desk.window.hide();
        REQUIRE(until([&] {
            QTest::qWait(50);
            auto now = desk.window.taker().source().take({});
            const bool same = now && *now == bare;
            bare = *now;
            return same;
        }));
        desk.window.show();
        REQUIRE(QTest::qWaitForWindowActive(&desk.window));
    }
    desk.window.taker().start(request);
    REQUIRE(until([&] { return desk.window.taker().pill().isVisible(); }));
    REQUIRE(until([&] { return desk.open().captures().size() == 1; }));
    CHECK(desk.picture(0) == bare);
    REQUIRE(until([&] { return desk.window.isVisible() && !desk.window.taker().running(); }));
    request.timing.delay = 600;
    desk.window.taker().start(request);
    REQUIRE(until([&] { return desk.window.taker().pill().isVisible(); }));
    QTest::mouseClick(desk.window.taker().pill().stopButton(), Qt::LeftButton);
    REQUIRE(until([&] { return !desk.window.taker().running() && desk.window.isVisible(); }));
    CHECK(until([&] { return desk.open().captures().size() == 1; }));
}

TEST_CASE("a series leaves out what is the same, goes on until it is stopped, and keeps what it took") {
    Desk desk;
    TakeRequest request;
    request.chosen = true;
    request.target = {Target::What::Window, QStringLiteral("readings")};
    request.timing.series = TakeTiming::Series::Every;
    request.timing.every = 0.2;
    desk.window.taker().start(request);
    REQUIRE(until([&] { return desk.window.taker().skipped() >= 2; }));
    CHECK(until([&] { return desk.open().captures().size() == 1; }));
    CHECK(desk.window.taker().pill().isVisible());
    // It changes: somebody scrolls it.
    auto scrolling = desk.window.taker().source().scrolling(request.target, ScrollDirection::Down);
    REQUIRE(scrolling);
    REQUIRE((*scrolling)->turn(3));
    REQUIRE(until([&] { return desk.open().captures().size() == 2; }));
    QTest::mouseClick(desk.window.taker().pill().stopButton(), Qt::LeftButton);
    CHECK_FALSE(desk.window.taker().running());
    CHECK_FALSE(desk.window.taker().pill().isVisible());
    CHECK(until([&] { return desk.open().captures().size() == 2; }));
    // When it changes by enough only.
    request.timing.series = TakeTiming::Series::OnChange;
    request.timing.threshold = 99;
    desk.window.taker().start(request);
    REQUIRE(until([&] { return desk.open().captures().size() == 3; }));
    REQUIRE((*scrolling)->turn(1));
    QTest::qWait(1200); // long enough for it to look twice
    CHECK(until([&] { return desk.open().captures().size() == 3; }));
    desk.window.taker().stop();
    CHECK(changedPercent(made::noise({20, 20}, 1), made::noise({20, 20}, 1)) == 0);
    CHECK(changedPercent(made::noise({20, 20}, 1), made::noise({20, 21}, 1)) == 100);
}

TEST_CASE("the meter book is scrolled to its end in the window, and joined") {
    Desk desk;
    REQUIRE(inDialog<TakeView>([&] { desk.press(Qt::Key_T, Qt::ControlModifier); },
                               [](TakeView& view) {
                                   auto* list = view.findChild<QListWidget*>(QStringLiteral("targets"));
                                   for (int i = 0; i < list->count(); ++i)
                                       if (list->item(i)->text().contains(QStringLiteral("Readings")))
                                           list->setCurrentRow(i);
                                   view.findChild<QCheckBox*>(QStringLiteral("scroll"))->setChecked(true);
                                   QTest::mouseClick(view.findChild<QPushButton*>(QStringLiteral("takeButton")),
                                                     Qt::LeftButton);
                               }));
    REQUIRE(until([&] { return !desk.window.taker().running(); }));
    REQUIRE(until([&] { return desk.open().captures().size() == 1; }));
    const Capture& capture = desk.open().captures()[0];
    CHECK(desk.open().picture(capture).height() == 1420 * 3 / 2);
    const auto page = desk.window.openCase().joinedPage(capture.id);
    REQUIRE(page);
    CHECK(page->unsure() == 0);
    CHECK_FALSE(desk.window.findChild<QWidget*>(QStringLiteral("joinsBar"))->isVisible());
}

TEST_CASE("joins that are not sure are shown, and put right by hand") {
    Desk desk;
    TakeRequest request;
    request.chosen = request.scroll = true;
    request.target = {Target::What::Window, QStringLiteral("console")};
    desk.window.taker().start(request);
    REQUIRE(until([&] { return !desk.window.taker().running() && desk.open().captures().size() == 1; }));
    const int id = desk.open().captures()[0].id;
    REQUIRE(desk.window.openCase().joinedPage(id)->unsure() > 0); // its middle is one line over and over
    auto* bar = desk.window.findChild<QWidget*>(QStringLiteral("joinsBar"));
    CHECK(bar->isVisible());
    const int before = desk.picture(0).height();
    REQUIRE(inDialog<JoinsView>(
        [&] { QTest::mouseClick(bar->findChild<QPushButton*>(QStringLiteral("lookAtJoins")), Qt::LeftButton); },
        [](JoinsView& view) {
            const int row = view.findChild<QListWidget*>(QStringLiteral("joins"))->currentRow();
            const Join join = view.page().joins()[size_t(row)];
            CHECK_FALSE(join.sure);
            CHECK(join.candidates.size() >= 2);
            auto* offset = view.findChild<QSpinBox*>(QStringLiteral("joinOffset"));
            offset->setFocus();
            QTest::keyClick(offset, Qt::Key_Up);
            CHECK(std::abs(view.page().joins()[size_t(row)].offset - join.offset) == 1);
            CHECK(view.page().joins()[size_t(row)].byHand);
            auto* right = view.findChild<QPushButton*>(QStringLiteral("joinRight"));
            for (int guard = 0; guard < 50 && view.page().unsure() > 0; ++guard) {
                if (!right->isEnabled()) {
                    auto* list = view.findChild<QListWidget*>(QStringLiteral("joins"));
                    for (int i = 0; i < list->count(); ++i)
                        if (!view.page().joins()[size_t(i)].sure) list->setCurrentRow(i);
                }
                QTest::mouseClick(right, Qt::LeftButton);
            }
            view.accept();
        }));
    CHECK(desk.window.openCase().joinedPage(id)->unsure() == 0);
    CHECK_FALSE(bar->isVisible());
    CHECK(std::abs(desk.picture(0).height() - before) == 1);
    desk.open().undo();
    CHECK(desk.picture(0).height() == before);
}

TEST_CASE("keys take while another program has the keyboard; what is held elsewhere is told of") {
    CleanSettings clean;
    auto keys = x11Shortcuts();
    REQUIRE(keys);
    QString pressed;
    QObject::connect(keys.get(), &GlobalShortcuts::activated, [&](const QString& id) { pressed = id; });
    const GlobalShortcut region{QStringLiteral("region"), QStringLiteral("Region"),
                                QKeySequence(QStringLiteral("Ctrl+Shift+F9"))};
    CHECK(keys->bind({region}).isEmpty());
    ServerInput().chord({0xffe3 /* Control */, 0xffe1 /* Shift */, 0xffc6 /* F9 */});
    CHECK(until([&] { return pressed == QStringLiteral("region"); }));
    // Another program wants the same.
    auto others = x11Shortcuts();
    const auto troubles = others->bind({region});
    CHECK(troubles.value(QStringLiteral("region")).contains(QStringLiteral("another program")));
    CHECK(keys->bind({}).isEmpty());
    CHECK(others->bind({region}).isEmpty());
    pressed.clear();
    // Bound to a way of taking, in the window.
    others.reset();
    QSettings().setValue(QStringLiteral("shortcuts/desk"), QStringLiteral("Ctrl+Shift+F9"));
    Theme theme = Theme::light();
    MainWindow window(theme, *loadPolicy(QStringLiteral("everything")), std::make_unique<SimulatedDesk>(),
                      x11Shortcuts());
    ServerInput().chord({0xffe3, 0xffe1, 0xffc6});
    CHECK(until([&] { return window.openCase().captures().size() == 1; }));
    window.worker().cancel();
    until([&] { return !window.worker().busy(); });
}

TEST_CASE("two ways of taking with the same keys are told at both, and neither is bound") {
    CleanSettings clean;
    auto keys = x11Shortcuts();
    const Theme theme = Theme::light();
    ShortcutsView view(keys.get(), theme);
    view.show();
    view.findChild<KeysEdit*>(QStringLiteral("keys-region"))->setKeys(QKeySequence(QStringLiteral("Ctrl+Shift+F8")));
    CHECK(view.trouble(QStringLiteral("region")).isEmpty());
    view.findChild<KeysEdit*>(QStringLiteral("keys-desk"))->setKeys(QKeySequence(QStringLiteral("Ctrl+Shift+F8")));
    CHECK_FALSE(view.trouble(QStringLiteral("region")).isEmpty());
    CHECK_FALSE(view.trouble(QStringLiteral("desk")).isEmpty());
    QString pressed;
    QObject::connect(keys.get(), &GlobalShortcuts::activated, [&](const QString& id) { pressed = id; });
    view.findChild<KeysEdit*>(QStringLiteral("keys-desk"))->setKeys({});
    CHECK(view.trouble(QStringLiteral("region")).isEmpty());
    view.findChild<QPushButton*>(QStringLiteral("useKeys"))->click();
    ServerInput().chord({0xffe3, 0xffe1, 0xffc5});
    CHECK(until([&] { return pressed == QStringLiteral("region"); }));
    // Remembered.
    bool found = false;
    for (const GlobalShortcut& s : rememberedShortcuts())
        found = found || (s.id == QStringLiteral("region") && s.keys == QKeySequence(QStringLiteral("Ctrl+Shift+F8")));
    CHECK(found);
}

TEST_CASE("folders, the clipboard and pages of a PDF are brought in") {
    Desk desk;
    QTemporaryDir folder;
    for (const int n : {10, 2, 1}) {
        const QImage picture = made::noise({40 + n, 30}, unsigned(n));
        REQUIRE(writeFileWhole(folder.filePath(QStringLiteral("p%1.png").arg(n)), encodePng(picture), false));
    }
    REQUIRE(writeFileWhole(folder.filePath(QStringLiteral("notes.txt")), QByteArray("not a picture"), false));
    desk.window.intake().bringIn({folder.path()});
    REQUIRE(until([&] { return desk.open().captures().size() == 3; }));
    for (size_t i = 0; i < 3; ++i) // in the order of their numbers
        CHECK(desk.picture(i).width() == 40 + (i == 0 ? 1 : i == 1 ? 2 : 10));
    const QImage copied = made::noise({25, 35}, 9);
    QGuiApplication::clipboard()->setImage(copied);
    desk.press(Qt::Key_V, Qt::ControlModifier);
    REQUIRE(until([&] { return desk.open().captures().size() == 4; }));
    CHECK(desk.picture(3) == copied);
    // Two pages; the second at 96 pixels an inch.
    const QString pdf = folder.filePath(QStringLiteral("letter.pdf"));
    {
        QPdfWriter writer(pdf);
        writer.setPageSize(QPageSize(QPageSize::A5));
        QPainter p(&writer);
        p.drawText(400, 400, QStringLiteral("first"));
        writer.newPage();
        p.drawText(400, 400, QStringLiteral("second"));
    }
    REQUIRE(inDialog<PdfView>([&] { desk.window.intake().bringIn({pdf}); },
                              [](PdfView& view) {
                                  auto* pages = view.findChild<QLineEdit*>(QStringLiteral("pdfPages"));
                                  pages->setText(QStringLiteral("7"));
                                  auto* bring = view.findChild<QPushButton*>(QStringLiteral("pdfBring"));
                                  CHECK_FALSE(bring->isEnabled());
                                  pages->setText(QStringLiteral("2"));
                                  view.findChild<QComboBox*>(QStringLiteral("pdfDpi"))->setCurrentIndex(0);
                                  QTest::mouseClick(bring, Qt::LeftButton);
                              }));
    REQUIRE(until([&] { return desk.open().captures().size() == 5; }));
    const QImage page = desk.picture(4);
    CHECK(std::abs(page.width() - 559) <= 2); // 148 mm
    CHECK(std::abs(page.height() - 794) <= 2);
    // A PDF that is none.
    const QString broken = folder.filePath(QStringLiteral("broken.pdf"));
    REQUIRE(writeFileWhole(broken, QByteArray("%PDF-1.7 and then nothing"), false));
    desk.window.intake().bringIn({broken});
    auto* box = desk.window.findChild<QMessageBox*>(QStringLiteral("trouble"));
    REQUIRE(box);
    CHECK(box->text().contains(QStringLiteral("broken.pdf")));
    box->close();
}

TEST_CASE("page numbers are read as people write them") {
    CHECK(*parsePages(QString(), 3) == std::vector<int>{0, 1, 2});
    CHECK(*parsePages(QStringLiteral("1-3, 7"), 9) == std::vector<int>{0, 1, 2, 6});
    CHECK(*parsePages(QStringLiteral("2, 2,1-2"), 9) == std::vector<int>{0, 1});
    CHECK(*parsePages(QStringLiteral("8-"), 9) == std::vector<int>{7, 8});
    for (const char* wrong : {"0", "10", "3-1", "a", "1;2", "-", "1--2", "99999999999"}) {
        auto pages = parsePages(QString::fromLatin1(wrong), 9);
        REQUIRE_FALSE(pages);
        CHECK(pages.error().sentence.contains(QLatin1String(wrong)));
    }
}

TEST_CASE("nothing is taken while Eyelid's own window is still on the desk") {
    const auto afterLooks = [](int looks) {
        auto source = std::make_unique<SlowDesk>(looks);
        const SlowDesk& slow = *source;
        Desk desk(std::move(source));
        QString trouble;
        QObject::connect(&desk.window.taker(), &Taker::trouble, [&](const QString& sentence) { trouble = sentence; });
        desk.window.taker().start({TakeKind::Desk});
        REQUIRE(until([&] { return !desk.window.taker().running() && desk.window.isVisible(); }));
        CHECK_FALSE(slow.takenInSight);
        return std::pair(slow.taken, trouble);
    };
    CHECK(afterLooks(12) == std::pair(1, QString()));
    const auto [taken, trouble] = afterLooks(1'000'000);
    CHECK(taken == 0);
    CHECK(trouble.contains(QStringLiteral("nothing was taken")));
}
