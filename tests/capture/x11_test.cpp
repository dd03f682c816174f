// The X11 source against a real server with a window manager and a program that is not ours. Pictures are compared with
// what a plain fetch over another connection gives.
#include "capture/x11_source.h"
#include "support/made.h"
#include "support/run_tests.h"

#include <nlohmann/json.hpp>
#include <QCoreApplication>
#include <QDir>
#include <QElapsedTimer>
#include <QProcess>
#include <QTemporaryDir>
#include <thread>
#include <xcb/xcb.h>

using namespace eyelid;

int main(int argc, char** argv) {
    QCoreApplication application(argc, argv);
    return runTests(argc, argv);
}

namespace {

// Calls `condition` until it holds; false after a minute.
bool until(const std::function<bool()>& condition) {
    QElapsedTimer clock;
    clock.start();
    while (!condition()) {
        if (clock.hasExpired(60'000)) return false;
        QCoreApplication::processEvents(QEventLoop::AllEvents, 20);
    }
    return true;
}

// What the server holds, fetched the plain way.
QImage bare(const QRect& r) {
    xcb_connection_t* c = xcb_connect(nullptr, nullptr);
    const auto root = xcb_setup_roots_iterator(xcb_get_setup(c)).data->root;
    xcb_get_image_reply_t* reply =
        xcb_get_image_reply(c,
                            xcb_get_image(c, XCB_IMAGE_FORMAT_Z_PIXMAP, root, int16_t(r.x()), int16_t(r.y()),
                                          uint16_t(r.width()), uint16_t(r.height()), ~0u),
                            nullptr);
    REQUIRE(reply);
    QImage picture(r.size(), QImage::Format_RGB32);
    std::copy_n(xcb_get_image_data(reply), picture.sizeInBytes(), picture.bits());
    std::free(reply);
    xcb_disconnect(c);
    for (int y = 0; y < picture.height(); ++y)
        for (int x = 0; x < picture.width(); ++x) picture.setPixel(x, y, picture.pixel(x, y) | 0xff000000u);
    return picture;
}

// What is taken is what the server holds. A desk that changed meanwhile says nothing: it is taken again.
void checkTaken(const QRect& place, const std::function<QImage()>& take) {
    QImage before, taken;
    REQUIRE(until([&] {
        before = bare(place);
        taken = take();
        return bare(place) == before;
    }));
    CHECK(taken == before);
}

void movePointer(int x, int y) {
    xcb_connection_t* c = xcb_connect(nullptr, nullptr);
    const auto root = xcb_setup_roots_iterator(xcb_get_setup(c)).data->root;
    xcb_warp_pointer(c, XCB_NONE, root, 0, 0, 0, 0, int16_t(x), int16_t(y));
    std::free(xcb_get_input_focus_reply(c, xcb_get_input_focus(c), nullptr)); // the server has done it
    xcb_disconnect(c);
}

X11Source& source() {
    static std::unique_ptr<X11Source> shared = [] {
        auto opened = X11Source::open();
        REQUIRE(opened);
        return std::move(*opened);
    }();
    return *shared;
}

QImage take(const Target& target, const TakeOptions& options = {}) {
    auto taken = source().take(target, options);
    REQUIRE(taken);
    return *taken;
}

std::optional<DeskWindow> windowTitled(const QString& title) {
    auto layout = source().layout();
    REQUIRE(layout);
    for (const DeskWindow& w : layout->windows)
        if (w.title == title) return w;
    return std::nullopt;
}

// A terminal that shows a text without a cursor, which would blink or change with the focus.
class Terminal {
public:
    Terminal(const QString& title, const QString& place) : m_title(title) {
        // The terminal answers where its cursor stands when it has taken in all that was written before.
        m_process.start(
            QStringLiteral("xterm"),
            {QStringLiteral("-T"), title, QStringLiteral("-geometry"), place, QStringLiteral("-xrm"),
             QStringLiteral("*allowTitleOps: false"), QStringLiteral("-e"), QStringLiteral("bash"),
             QStringLiteral("-c"),
             QStringLiteral("printf '\\033[?25lpump-07 telemetry: flow 38.2 l/s\\npressure 3.1 bar\\n\\033[6n'; "
                            "read -rsdR; touch \"$1\"; exec sleep 600"),
             QStringLiteral("_"), m_folder.filePath(QStringLiteral("written"))});
        REQUIRE(m_process.waitForStarted());
        REQUIRE(until([&] { return QFile::exists(m_folder.filePath(QStringLiteral("written"))); }));
        REQUIRE(until([&] { return windowTitled(m_title).has_value(); }));
        settle();
    }
    // The next terminal may get the same window id: it starts when the window manager has let go of this one.
    ~Terminal() { isGone(); }
    DeskWindow window() const { return *windowTitled(m_title); }
    QImage picture(const TakeOptions& options = {}) const {
        return take({Target::What::Window, window().id, {}}, options);
    }
    /// Until it shows its text and two pictures in a row are alike.
    void settle() const {
        QImage last;
        int alike = 0;
        REQUIRE(until([&] {
            const QImage now = bare(window().inner.intersected(QRect(0, 0, 1600, 1000)));
            alike = now == last && hasInk(now) ? alike + 1 : 0;
            last = now;
            return alike >= 5;
        }));
    }
    void close() { REQUIRE(isGone()); }

private:
    bool isGone() {
        m_process.kill();
        m_process.waitForFinished();
        return until([&] { return !windowTitled(m_title).has_value(); });
    }
    static bool hasInk(const QImage& picture) {
        for (int y = 0; y < picture.height(); ++y)
            for (int x = 0; x < picture.width(); ++x)
                if (picture.pixel(x, y) != picture.pixel(0, picture.height() - 1)) return true;
        return false;
    }
    QString m_title;
    QTemporaryDir m_folder;
    QProcess m_process;
};

} // namespace

TEST_CASE("the whole desk, a region and a window are what the server holds, exactly") {
    movePointer(1500, 900);
    Terminal terminal(QStringLiteral("Pump log"), QStringLiteral("60x12+100+80"));
    checkTaken(QRect(0, 0, 1600, 1000), [] { return take({Target::What::Desk, {}, {}}); });
    const QRect region(90, 70, 333, 111);
    checkTaken(region, [&] { return take({Target::What::Region, {}, region}); });
    const DeskWindow window = terminal.window();
    CHECK(window.application == QStringLiteral("XTerm"));
    CHECK(window.geometry.contains(window.inner));
    CHECK(window.geometry != window.inner); // the window manager's frame
    checkTaken(window.geometry, [&] { return terminal.picture(); });
    checkTaken(window.inner, [&] { return terminal.picture({.pointer = false, .frame = false}); });
    checkTaken(window.geometry, [] { return take({Target::What::ActiveWindow, {}, {}}); });
    // What reaches over the desk's edge is cut, not invented.
    auto edge = source().take({Target::What::Region, {}, QRect(1500, 900, 500, 500)});
    REQUIRE(edge);
    CHECK(edge->size() == QSize(100, 100));
}

TEST_CASE("a window that another hides is taken whole") {
    Terminal below(QStringLiteral("Below"), QStringLiteral("60x12+200+200"));
    const QImage before = below.picture({.pointer = false, .frame = false});
    {
        Terminal above(QStringLiteral("Above"), QStringLiteral("50x10+260+240"));
        REQUIRE(above.window().geometry.intersects(below.window().inner));
        CHECK(bare(below.window().inner) != before);
        CHECK(below.picture({.pointer = false, .frame = false}) == before);
    }
}

TEST_CASE("monitors are taken by name, each what the server holds") {
    const auto xrandr = [](const QStringList& arguments) {
        return QProcess::execute(QStringLiteral("xrandr"), arguments);
    };
    REQUIRE(xrandr({QStringLiteral("--setmonitor"), QStringLiteral("LEFT-1"), QStringLiteral("800/200x1000/250+0+0"),
                    QStringLiteral("screen")}) == 0);
    REQUIRE(xrandr({QStringLiteral("--setmonitor"), QStringLiteral("RIGHT-2"), QStringLiteral("800/200x600/150+800+0"),
                    QStringLiteral("none")}) == 0);
    auto layout = source().layout();
    REQUIRE(layout);
    REQUIRE(layout->monitors.size() == 2);
    CHECK(layout->monitors[0].name == QStringLiteral("LEFT-1"));
    CHECK(layout->monitors[1].geometry == QRect(800, 0, 800, 600));
    Terminal terminal(QStringLiteral("On the right"), QStringLiteral("40x8+900+100"));
    for (const Monitor& m : layout->monitors) {
        INFO(m.name.toStdString());
        checkTaken(m.geometry, [&] { return take({Target::What::Monitor, m.name, {}}); });
    }
    xrandr({QStringLiteral("--delmonitor"), QStringLiteral("LEFT-1")});
    xrandr({QStringLiteral("--delmonitor"), QStringLiteral("RIGHT-2")});
    auto unplugged = source().take({Target::What::Monitor, QStringLiteral("RIGHT-2"), {}});
    REQUIRE_FALSE(unplugged);
    CHECK(unplugged.error().sentence.contains(QStringLiteral("RIGHT-2")));
}

TEST_CASE("a part of a window that its program made a window of its own is taken by itself") {
    xcb_connection_t* c = xcb_connect(nullptr, nullptr);
    const auto* screen = xcb_setup_roots_iterator(xcb_get_setup(c)).data;
    const auto make = [&](xcb_window_t parent, int x, int y, int w, int h, uint32_t colour) {
        const xcb_window_t id = xcb_generate_id(c);
        xcb_create_window(c, XCB_COPY_FROM_PARENT, id, parent, int16_t(x), int16_t(y), uint16_t(w), uint16_t(h), 0,
                          XCB_WINDOW_CLASS_INPUT_OUTPUT, screen->root_visual, XCB_CW_BACK_PIXEL, &colour);
        xcb_map_window(c, id);
        return id;
    };
    const xcb_window_t window = xcb_generate_id(c);
    const uint32_t ground = 0xd0d0c0;
    xcb_create_window(c, XCB_COPY_FROM_PARENT, window, screen->root, 300, 300, 400, 300, 0,
                      XCB_WINDOW_CLASS_INPUT_OUTPUT, screen->root_visual, XCB_CW_BACK_PIXEL, &ground);
    xcb_change_property(c, XCB_PROP_MODE_REPLACE, window, XCB_ATOM_WM_NAME, XCB_ATOM_STRING, 8, 9, "With part");
    const xcb_window_t part = make(window, 30, 40, 200, 150, 0x305060), inner = make(part, 20, 20, 60, 50, 0xa08040);
    make(window, 5, 5, 8, 8, 0); // too small to be meant
    xcb_map_window(c, window);
    xcb_flush(c);
    REQUIRE(until([&] {
        const auto w = windowTitled(QStringLiteral("With part"));
        return w && w->panes.size() == 2;
    }));
    const DeskWindow found = *windowTitled(QStringLiteral("With part"));
    const auto id = [](xcb_window_t w) { return QStringLiteral("0x%1").arg(w, 0, 16); };
    CHECK(found.panes[0].id == id(inner)); // the innermost first
    CHECK(found.panes[1].id == id(part));
    CHECK(found.panes[1].geometry == QRect(found.inner.topLeft() + QPoint(30, 40), QSize(200, 150)));
    REQUIRE(until([&] { return bare(found.panes[0].geometry).pixel(2, 2) == 0xffa08040; }));
    for (const Pane& pane : found.panes) checkTaken(pane.geometry, [&] { return take({Target::What::Pane, pane.id}); });
    CHECK(targetAt(*source().layout(), found.panes[0].geometry.center(), true).id == id(inner));
    CHECK(targetAt(*source().layout(), found.panes[0].geometry.center(), false).what == Target::What::Window);
    // Pushed over the desk's edge it is still taken whole.
    const QImage before = *source().take({Target::What::Window, found.id}, {.pointer = false, .frame = false});
    const uint32_t place[] = {1500, 900};
    xcb_configure_window(c, window, XCB_CONFIG_WINDOW_X | XCB_CONFIG_WINDOW_Y, place);
    xcb_flush(c);
    REQUIRE(until([&] {
        const auto w = windowTitled(QStringLiteral("With part"));
        return w && w->inner.right() > 1610;
    }));
    REQUIRE(until([&] {
        auto taken = source().take({Target::What::Window, found.id}, {.pointer = false, .frame = false});
        return taken && *taken == before;
    }));
    // Hidden away by its program: it says so.
    xcb_unmap_window(c, window);
    xcb_flush(c);
    REQUIRE(until([&] { return !windowTitled(QStringLiteral("With part")); }));
    auto hidden = source().take({Target::What::Window, found.id});
    REQUIRE_FALSE(hidden);
    CHECK(hidden.error().sentence.endsWith(QLatin1Char('.')));
    xcb_disconnect(c);
}

TEST_CASE("a window that is moved and resized all the while is taken whole or refused, never torn") {
    Terminal terminal(QStringLiteral("Restless"), QStringLiteral("60x12+100+100"));
    const DeskWindow window = terminal.window();
    std::atomic<bool> stop{false};
    std::thread mover([&] {
        xcb_connection_t* c = xcb_connect(nullptr, nullptr);
        const auto moved = xcb_window_t(window.id.toULongLong(nullptr, 0));
        const uint32_t structure = XCB_EVENT_MASK_STRUCTURE_NOTIFY;
        xcb_change_window_attributes(c, moved, XCB_CW_EVENT_MASK, &structure);
        // The next one is asked for when the window manager has done the last: asked as fast as the server takes them,
        // it would still be busy with them long after this test.
        const auto isDone = [&] {
            return std::unique_ptr<xcb_generic_event_t, decltype(&std::free)>(xcb_poll_for_event(c), &std::free) !=
                   nullptr;
        };
        for (uint32_t i = 0; !stop; ++i) {
            const uint32_t place[] = {100 + i % 300, 100 + i % 200, 300 + i % 200, 150 + i % 100};
            xcb_configure_window(
                c, moved,
                XCB_CONFIG_WINDOW_X | XCB_CONFIG_WINDOW_Y | XCB_CONFIG_WINDOW_WIDTH | XCB_CONFIG_WINDOW_HEIGHT, place);
            xcb_flush(c);
            while (!stop && !isDone()) std::this_thread::yield();
            while (isDone()) {
            }
        }
        xcb_disconnect(c);
    });
    for (int i = 0; i < 60; ++i) {
        auto taken = source().take({Target::What::Window, window.id}, {.pointer = false, .frame = false});
        if (taken) {
            CHECK(taken->width() >= 100);
            CHECK(taken->height() >= 100);
        } else {
            CHECK(taken.error().sentence.endsWith(QLatin1Char('.')));
        }
    }
    stop = true;
    mover.join();
}

TEST_CASE("a server with none of the extensions still gives the same pictures, and says what it cannot do") {
    QProcess server;
    server.start(QStringLiteral("Xvfb"),
                 {QStringLiteral("-displayfd"), QStringLiteral("1"), QStringLiteral("-screen"), QStringLiteral("0"),
                  QStringLiteral("640x480x24"), QStringLiteral("-nolisten"), QStringLiteral("tcp"),
                  QStringLiteral("-extension"), QStringLiteral("MIT-SHM"), QStringLiteral("-extension"),
                  QStringLiteral("Composite"), QStringLiteral("-extension"), QStringLiteral("RANDR"),
                  QStringLiteral("-extension"), QStringLiteral("XTEST"), QStringLiteral("-extension"),
                  QStringLiteral("XFIXES")});
    REQUIRE(server.waitForReadyRead(20'000));
    const QString display = QStringLiteral(":") + QString::fromLatin1(server.readLine()).trimmed();
    auto bareSource = X11Source::open(display);
    REQUIRE(bareSource);
    auto layout = (*bareSource)->layout();
    REQUIRE(layout);
    REQUIRE(layout->monitors.size() == 1);
    CHECK(layout->bounds() == QRect(0, 0, 640, 480));
    auto whole = (*bareSource)->take({}, {.pointer = true});
    REQUIRE(whole);
    CHECK(whole->size() == QSize(640, 480));
    xcb_connection_t* c = xcb_connect(display.toLatin1().constData(), nullptr);
    const auto* screen = xcb_setup_roots_iterator(xcb_get_setup(c)).data;
    const xcb_window_t window = xcb_generate_id(c);
    const uint32_t values[] = {0x305060, 1};
    xcb_create_window(c, XCB_COPY_FROM_PARENT, window, screen->root, 600, 100, 200, 100, 0,
                      XCB_WINDOW_CLASS_INPUT_OUTPUT, screen->root_visual, XCB_CW_BACK_PIXEL | XCB_CW_OVERRIDE_REDIRECT,
                      values);
    xcb_map_window(c, window);
    std::free(xcb_get_input_focus_reply(c, xcb_get_input_focus(c), nullptr));
    const QString id = QStringLiteral("0x%1").arg(window, 0, 16);
    auto part = (*bareSource)->take({Target::What::Window, id});
    REQUIRE(part);
    CHECK(part->size() == QSize(40, 100)); // what lies off the desk cannot be seen without Composite
    CHECK(part->pixel(5, 5) == 0xff305060);
    auto scrolling = (*bareSource)->scrolling({Target::What::Window, id}, ScrollDirection::Down);
    REQUIRE_FALSE(scrolling);
    CHECK(scrolling.error().sentence.contains(QStringLiteral("XTEST")));
    const uint32_t away[] = {5000, 100};
    xcb_configure_window(c, window, XCB_CONFIG_WINDOW_X | XCB_CONFIG_WINDOW_Y, away);
    std::free(xcb_get_input_focus_reply(c, xcb_get_input_focus(c), nullptr));
    auto off = (*bareSource)->take({Target::What::Window, id});
    REQUIRE_FALSE(off);
    CHECK(off.error().sentence.contains(QStringLiteral("outside the desk")));
    xcb_disconnect(c);
    server.kill();
    server.waitForFinished();
    // The server has gone: told, not crashed.
    auto gone = (*bareSource)->take({});
    REQUIRE_FALSE(gone);
    CHECK(gone.error().sentence.endsWith(QLatin1Char('.')));
}

TEST_CASE("the pointer is in the picture only when asked for") {
    movePointer(700, 700);
    const QRect around(650, 650, 100, 100);
    const Target region{Target::What::Region, {}, around};
    checkTaken(around, [&] { return take(region); });
    const QImage without = take(region);
    CHECK(take(region, {.pointer = true}) != without);
    movePointer(10, 10);
    CHECK(take(region, {.pointer = true}) == without);
}

TEST_CASE("what is no longer there is told of in a sentence") {
    QString id;
    {
        Terminal terminal(QStringLiteral("Short-lived"), QStringLiteral("40x8+50+50"));
        id = terminal.window().id;
        terminal.close();
    }
    for (const Target& target :
         {Target{Target::What::Window, id, {}}, Target{Target::What::Window, QStringLiteral("nonsense"), {}},
          Target{Target::What::Window, QStringLiteral("0x7fffffff"), {}},
          Target{Target::What::Region, {}, QRect(5000, 5000, 10, 10)},
          Target{Target::What::Region, {}, QRect(10, 10, 0, 0)}}) {
        auto taken = source().take(target);
        REQUIRE_FALSE(taken);
        CHECK(taken.error().sentence.endsWith(QLatin1Char('.')));
    }
    auto nowhere = X11Source::open(QStringLiteral(":4242"));
    REQUIRE_FALSE(nowhere);
    CHECK(nowhere.error().sentence.contains(QStringLiteral(":4242")));
    // Still of use afterwards.
    CHECK(source().take({Target::What::Desk, {}, {}}));
}

TEST_CASE("take on the command line: list, by title, by region, in series") {
    Terminal one(QStringLiteral("Depot one"), QStringLiteral("40x8+50+50")),
        two(QStringLiteral("Depot two"), QStringLiteral("40x8+700+500"));
    QTemporaryDir folder;
    const auto run = [&](const QStringList& arguments, QString* out = nullptr, QString* err = nullptr) {
        QProcess process;
        process.start(QStringLiteral(EYELID_CLI), QStringList{QStringLiteral("take")} + arguments);
        REQUIRE(process.waitForFinished(60'000));
        if (out) *out = QString::fromUtf8(process.readAllStandardOutput());
        if (err) *err = QString::fromUtf8(process.readAllStandardError());
        return process.exitCode();
    };
    QString out, err;
    CHECK(run({QStringLiteral("--list")}, &out) == 0);
    const auto json = nlohmann::json::parse(out.toStdString());
    CHECK(json["monitors"].size() >= 1);
    CHECK(json["monitors"][0]["geometry"].size() == 4);
    CHECK(json["windows"].size() >= 2);
    const QString file = folder.filePath(QStringLiteral("two.png"));
    CHECK(run({QStringLiteral("--window"), QStringLiteral("depot TWO"), QStringLiteral("--out"), file}) == 0);
    CHECK(*readPicture(file) == two.picture());
    CHECK(run({QStringLiteral("--desk"), QStringLiteral("--out"), file}, nullptr, &err) == 2); // is there already
    CHECK(err.contains(QStringLiteral("--force")));
    CHECK(run({QStringLiteral("--window"), QStringLiteral("Depot"), QStringLiteral("--out"),
               folder.filePath(QStringLiteral("x.png"))},
              nullptr, &err) == 2);
    CHECK(err.contains(one.window().id));
    CHECK(run({QStringLiteral("--window"), QStringLiteral("Nobody"), QStringLiteral("--out"),
               folder.filePath(QStringLiteral("x.png"))}) == 3);
    CHECK(run({QStringLiteral("--desk"), QStringLiteral("--active"), QStringLiteral("--out"), file}) == 2);
    CHECK(run({QStringLiteral("--region"), QStringLiteral("0,0,30,20"), QStringLiteral("--out"),
               folder.filePath(QStringLiteral("r.png"))}) == 0);
    CHECK(readPicture(folder.filePath(QStringLiteral("r.png")))->size() == QSize(30, 20));
    // Nothing changes, so one picture of the series is kept.
    CHECK(run({QStringLiteral("--window"), one.window().id, QStringLiteral("--every"), QStringLiteral("0.05"),
               QStringLiteral("--count"), QStringLiteral("4"), QStringLiteral("--out"),
               folder.filePath(QStringLiteral("series"))}) == 0);
    CHECK(QDir(folder.filePath(QStringLiteral("series"))).entryList(QDir::Files).size() == 1);
}
