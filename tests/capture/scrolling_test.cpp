// Scrolling captures of real windows, compared with the page rendered whole: 32 made pages in a Qt window and in
// Chromium. Prints a line a page and the figures docs/scrolling.md states.
#include "capture/scroll_capture.h"
#include "capture/x11_source.h"
#include "support/run_tests.h"

#include <catch2/catch.hpp>
#include <cstdio>
#include <QCoreApplication>
#include <QDir>
#include <QElapsedTimer>
#include <QGuiApplication>
#include <QPainter>
#include <QProcess>
#include <QSet>
#include <QTemporaryDir>
#include <thread>
#include <xcb/xcb.h>

using namespace eyelid;

int main(int argc, char** argv) {
    qputenv("QT_QPA_PLATFORM", "offscreen");
    QGuiApplication application(argc, argv);
    return runTests(argc, argv);
}

namespace {

bool until(const std::function<bool()>& condition, int patience = 60'000) {
    QElapsedTimer timer;
    timer.start();
    while (!condition()) {
        if (timer.elapsed() > patience) return false;
        std::this_thread::sleep_for(std::chrono::milliseconds(20)); // between two looks; the condition decides
    }
    return true;
}

X11Source& source() {
    static std::unique_ptr<X11Source> shared = [] {
        auto opened = X11Source::open();
        REQUIRE(opened);
        return std::move(*opened);
    }();
    return *shared;
}

std::optional<DeskWindow> windowTitled(const QString& part) {
    auto layout = source().layout();
    REQUIRE(layout);
    for (const DeskWindow& w : layout->windows)
        if (w.title.contains(part)) return w;
    return std::nullopt;
}

// What a page in the browser tells in its title (scroll_stage), once it has drawn it.
struct Told {
    int missing = -1; // pictures still to be loaded
    int shown = 0;    // pixels of the page's height the window shows
    int whole = 0;    // the page's height
};

Told toldByTitle(const QString& spec) {
    const auto titled = windowTitled(spec);
    if (!titled) return {};
    const QStringList words = titled->title.split(QLatin1Char(' '));
    if (words.size() < 4) return {};
    const auto number = [&](qsizetype fromEnd) { return words[words.size() - fromEnd].toInt(); };
    return {number(3), number(2), number(1)};
}

std::vector<QString> specs() {
    std::vector<QString> all;
    unsigned seed = 1;
    for (const char* holds : {"table", "text", "images", "sparse"})
        for (const char* about : {"plain", "furniture", "badge", "dark"})
            for (const int length : {1900, 2630}) {
                // A last step of any length, also a very short one.
                all.push_back(QStringLiteral("%1,%2,%3,%4")
                                  .arg(QLatin1String(holds), QLatin1String(about))
                                  .arg(length + int(seed * 37 % 101))
                                  .arg(seed));
                ++seed;
            }
    return all;
}

// Where the badge is, nothing can be the same twice.
void maskBadge(QImage& page, const QString& spec, const QRect& badge) {
    if (spec.contains(QStringLiteral("badge"))) QPainter(&page).fillRect(badge, Qt::gray);
}

struct Tally {
    int pages = 0, exact = 0, marked = 0, wrongInSilence = 0;
    void add(const QString& where, const QString& spec, const QImage& got, const QImage& want, const Scrolled& run) {
        ++pages;
        const bool same = got == want;
        exact += same;
        const bool unsure = run.page.unsure() > 0 || !run.whole;
        marked += !same && unsure;
        wrongInSilence += !same && !unsure;
        std::printf("%-9s %-24s %2zu pictures, %d of %zu joins unsure, %s%s\n", qPrintable(where), qPrintable(spec),
                    run.page.pictures().size(), run.page.unsure(), run.page.joins().size(),
                    same     ? "exact"
                    : unsure ? "not exact, and says so"
                             : "WRONG",
                    same ? ""
                         : qPrintable(QStringLiteral(" (%1x%2, true %3x%4; %5)")
                                          .arg(got.width())
                                          .arg(got.height())
                                          .arg(want.width())
                                          .arg(want.height())
                                          .arg(run.ended)));
        if (!same)
            for (const Join& join : run.page.joins())
                std::printf("    %d%s%s\n", join.offset, join.sure ? "" : " unsure: ", qPrintable(join.doubt));
        std::fflush(stdout);
        if (!same) {
            const QString folder = qEnvironmentVariable("EYELID_KEEP");
            if (!folder.isEmpty()) {
                got.save(folder + QLatin1Char('/') + where + QLatin1Char('-') + spec + QStringLiteral("-got.png"));
                want.save(folder + QLatin1Char('/') + where + QLatin1Char('-') + spec + QStringLiteral("-true.png"));
            }
        }
    }
    void check(const char* where) const {
        std::printf("%s: %d pages, %d exact (%.1f %%), %d marked unsure, %d wrong in silence\n", where, pages, exact,
                    100.0 * exact / pages, marked, wrongInSilence);
        CHECK(wrongInSilence == 0);
        CHECK(exact >= 0.95 * pages);
        CHECK(pages >= 32);
    }
};

Scrolled scroll(const QString& id) {
    Progress progress;
    auto run = takeScrolling(source(), {Target::What::Window, id}, {}, progress);
    if (!run) FAIL(run.error().sentence.toStdString());
    return *run;
}

} // namespace

TEST_CASE("pages in a scrolling Qt window come out as they are when rendered whole") {
    QTemporaryDir folder;
    Tally tally;
    for (const QString& spec : specs()) {
        const QString file = folder.filePath(QStringLiteral("truth.png"));
        REQUIRE(QProcess::execute(QStringLiteral(SCROLL_STAGE), {spec, QStringLiteral("--truth"), file}) == 0);
        QImage want = QImage(file).convertToFormat(QImage::Format_RGB32);
        QProcess stage;
        QProcessEnvironment environment = QProcessEnvironment::systemEnvironment();
        environment.insert(QStringLiteral("QT_QPA_PLATFORM"), QStringLiteral("xcb"));
        stage.setProcessEnvironment(environment);
        stage.start(QStringLiteral(SCROLL_STAGE), {spec});
        REQUIRE(stage.waitForStarted());
        REQUIRE(until([&] { return windowTitled(spec).has_value(); }));
        const Scrolled run = scroll(windowTitled(spec)->id);
        QImage got = run.page.compose();
        got = got.copy(0, 0, want.width(), got.height()); // the scroll bar is not of the page
        const QRect badge(560, 18, 150, 30);
        maskBadge(got, spec, badge);
        maskBadge(want, spec, badge);
        tally.add(QStringLiteral("qt"), spec, got, want, run);
        stage.kill();
        stage.waitForFinished();
        REQUIRE(until([&] { return !windowTitled(spec).has_value(); }));
    }
    tally.check("Qt window");
}

TEST_CASE("pages in Chromium come out as they are when rendered whole") {
    QTemporaryDir folder;
    const QStringList common{QStringLiteral("--no-sandbox"),
                             QStringLiteral("--disable-gpu"),
                             QStringLiteral("--no-first-run"),
                             QStringLiteral("--disable-background-networking"),
                             QStringLiteral("--disable-component-update"),
                             QStringLiteral("--disable-sync"),
                             QStringLiteral("--disable-quic"),
                             QStringLiteral("--disable-features=Translate,MediaRouter"),
                             QStringLiteral("--password-store=basic"),
                             QStringLiteral("--user-data-dir=") + folder.filePath(QStringLiteral("profile")),
                             QStringLiteral("--window-size=780,620")};
    const auto open = [&](const QString& file) {
        return QStringList(common) << QStringLiteral("--app=file://") + file;
    };
    xcb_connection_t* c = xcb_connect(nullptr, nullptr);
    const auto resize = [&](xcb_window_t window, uint32_t width, uint32_t height) {
        const uint32_t values[] = {20, 20, width, height};
        xcb_configure_window(
            c, window, XCB_CONFIG_WINDOW_X | XCB_CONFIG_WINDOW_Y | XCB_CONFIG_WINDOW_WIDTH | XCB_CONFIG_WINDOW_HEIGHT,
            values);
        xcb_flush(c);
    };
    const auto close = [&](xcb_window_t window) {
        const xcb_window_t root = xcb_setup_roots_iterator(xcb_get_setup(c)).data->root;
        xcb_intern_atom_reply_t* atom =
            xcb_intern_atom_reply(c, xcb_intern_atom(c, 0, 17, "_NET_CLOSE_WINDOW"), nullptr);
        REQUIRE(atom);
        xcb_client_message_event_t event{};
        event.response_type = XCB_CLIENT_MESSAGE;
        event.format = 32;
        event.window = window;
        event.type = atom->atom;
        event.data.data32[1] = 2;
        std::free(atom);
        xcb_send_event(c, 0, root, XCB_EVENT_MASK_SUBSTRUCTURE_REDIRECT | XCB_EVENT_MASK_SUBSTRUCTURE_NOTIFY,
                       reinterpret_cast<const char*>(&event));
        xcb_flush(c);
    };
    // Until several pictures in a row are alike outside the badge.
    const auto settled = [&](const QString& id, QSize size, const QString& spec) {
        QImage last;
        int alike = 0;
        QImage out;
        REQUIRE(until([&] {
            auto now = source().take({Target::What::Window, id}, {.pointer = false, .frame = false});
            if (!now || now->size() != size) return false;
            out = *now;
            maskBadge(*now, spec, QRect(0, 0, size.width(), 130));
            alike = *now == last ? alike + 1 : 0;
            last = *now;
            return alike >= 12;
        }));
        return out;
    };
    Tally tally;
    std::vector<std::unique_ptr<QProcess>> processes;
    for (const QString& spec : specs()) {
        const QString file =
            folder.filePath(QString(spec).replace(QLatin1Char(','), QLatin1Char('-')) + QStringLiteral(".html"));
        REQUIRE(QProcess::execute(QStringLiteral(SCROLL_STAGE), {spec, QStringLiteral("--html"), file}) == 0);
        processes.push_back(std::make_unique<QProcess>());
        processes.back()->setStandardErrorFile(QProcess::nullDevice());
        processes.back()->setStandardOutputFile(QProcess::nullDevice());
        processes.back()->start(QStringLiteral("chromium"), open(file));
        REQUIRE(until([&] { return windowTitled(spec).has_value(); }));
        const DeskWindow window = *windowTitled(spec);
        const auto id = xcb_window_t(window.id.toULongLong(nullptr, 0));
        resize(id, 780, 620);
        settled(window.id, QSize(780, 620), spec);
        Told told;
        REQUIRE(until([&] {
            told = toldByTitle(spec);
            return told.shown > 0 && told.shown < 620 && told.whole > 0;
        }));
        const Scrolled run = scroll(window.id);
        QImage got = run.page.compose();
        // The whole page in a window that just holds it.
        const int height = 620 - told.shown + told.whole;
        resize(id, 780, uint32_t(height));
        REQUIRE(until([&] {
            const Told now = toldByTitle(spec);
            return now.shown >= told.whole && now.missing == 0;
        }));
        QImage want = settled(window.id, QSize(780, height), spec);
        const QRect badge(0, 0, 780, 130);
        maskBadge(got, spec, badge);
        maskBadge(want, spec, badge);
        // The scroll bar is not of the page; in the whole window there is none.
        const int width = 780 - 24;
        tally.add(QStringLiteral("chromium"), spec, got.copy(0, 0, width, got.height()),
                  want.copy(0, 0, width, want.height()), run);
        close(id);
        REQUIRE(until([&] { return !windowTitled(spec).has_value(); }));
    }
    xcb_disconnect(c);
    for (auto& process : processes) {
        process->kill();
        process->waitForFinished();
    }
    tally.check("Chromium");
}

TEST_CASE("a pager that listens to neither the wheel nor leaves two pages in common is scrolled by lines") {
    QTemporaryDir folder;
    const QString path = folder.filePath(QStringLiteral("log.txt"));
    {
        QFile file(path);
        REQUIRE(file.open(QIODevice::WriteOnly));
        for (int i = 0; i < 150; ++i)
            file.write(QStringLiteral("%1 valve %2\n").arg(i, 4, 10, QLatin1Char('0')).arg(i * 7919 % 1000).toUtf8());
    }
    QProcess terminal;
    terminal.start(QStringLiteral("xterm"),
                   {QStringLiteral("-geometry"), QStringLiteral("80x24+40+40"), QStringLiteral("-T"),
                    QStringLiteral("pager"), QStringLiteral("-e"), QStringLiteral("less"), path});
    REQUIRE(terminal.waitForStarted());
    REQUIRE(until([&] { return windowTitled(QStringLiteral("pager")).has_value(); }));
    // It has printed its first page when its last row says which file this is.
    const QString id = windowTitled(QStringLiteral("pager"))->id;
    QImage last;
    int same = 0;
    REQUIRE(until([&] {
        auto now = source().take({Target::What::Window, id}, {.pointer = false, .frame = false});
        same = now && *now == last ? same + 1 : 0;
        if (now) last = *now;
        return same > 25;
    }));
    const int pitch = last.height() / 24;
    const Scrolled run = scroll(id);
    CHECK(run.whole);
    CHECK(run.page.unsure() == 0);
    const QImage got = run.page.compose();
    CHECK(got.height() / pitch == 151);
    // No line twice, none hidden by the prompt: all rows differ, and all begin with text.
    const int margin = (last.height() - 24 * pitch) / 2;
    QSet<QByteArray> rows;
    for (int i = 0; i < 150; ++i) {
        const QImage row = got.copy(0, margin + i * pitch, got.width() / 2, pitch);
        rows.insert(QByteArray(reinterpret_cast<const char*>(row.constBits()), row.sizeInBytes()));
    }
    CHECK(rows.size() == 150);
    terminal.kill();
    terminal.waitForFinished();
}
