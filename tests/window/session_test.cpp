// The window is made anew in another language or size of type, around the case that is open.
#include "app/checking/gate.h"
#include "app/window/session.h"
#include "app/window/settings.h"
#include "app/window/settings_view.h"
#include "base/sentence.h"
#include "window/kept_desk.h"

#include <algorithm>
#include <QComboBox>
#include <QMessageBox>
#include <QPointer>
#include <QSpinBox>

using namespace eyelid;

namespace {

struct Running : CleanSettings {
    Theme theme = Theme::light();
    int begun = 0;
    Session session;
    explicit Running(std::function<void(MainWindow&)> begin = [](MainWindow&) {})
        : session(*qApp, theme,
                  {.policy = *loadPolicy(QStringLiteral("everything")),
                   .source = [] { return std::make_unique<SimulatedDesk>(); },
                   .shortcuts = [] { return nullptr; },
                   .begin = [this, begin = std::move(begin)](MainWindow& window) { begin(window), ++begun; },
                   .everyTime = [](MainWindow& window) { window.setObjectName(QStringLiteral("its own")); }}) {}
    ~Running() {
        window().worker().cancel();
        until([&] { return !window().worker().busy(); });
        settings::setLanguage({});
        speakAs(*qApp, QLocale(QLocale::English));
        applyTheme(*qApp, Theme::light());
    }
    MainWindow& window() { return session.window(); }
    bool isIdle() {
        return until([&] { return !window().worker().busy() && window().openCase().counts().unread == 0; });
    }
    QPushButton* release() { return window().gate().releaseButton(); }
    // Opens the settings, does something there, and leaves the view the next window opens.
    void inSettings(const std::function<void(SettingsView&)>& change) {
        QPointer<SettingsView> first;
        bool again = false;
        QTimer poll;
        QObject::connect(&poll, &QTimer::timeout, [&] {
            auto* view = qobject_cast<SettingsView*>(QApplication::activeModalWidget());
            if (!view || !view->isVisible()) return;
            if (!first && !again) {
                first = view;
                change(*view);
                if (view->isVisible()) view->close();
                again = true;
            } else if (view != first) {
                view->close();
                again = false;
                poll.stop();
            }
        });
        poll.start(20);
        const QPointer<MainWindow> before = &window();
        window().showSettings();
        REQUIRE(until([&] { return !before && !again; }));
    }
    void speak(const QString& code) {
        inSettings([&](SettingsView& view) {
            auto* language = view.findChild<QComboBox*>(QStringLiteral("language"));
            language->setCurrentIndex(language->findData(code));
            emit language->activated(language->currentIndex());
        });
    }
};

} // namespace

TEST_CASE("another language is spoken at once, by the same case where one was") {
    const Kept kept;
    Running running([&](MainWindow& window) { window.keepCases(kept.cases(), kept.keys()); });
    running.window().addDemoCaptures();
    REQUIRE(until([&] { return running.window().openCase().captures().size() == 3; }));
    REQUIRE(running.isIdle());
    Case& before = running.window().openCase();
    const int second = before.captures()[1].id;
    running.window().selection().showCapture(second);
    const int item = before.items(second).front().id;
    before.decide(item, Scope::One, Decision::Cover);
    const auto stillOpen = std::find_if(before.items(second).begin(), before.items(second).end(),
                                        [](const Item& each) { return each.decision == Decision::Open; });
    REQUIRE(stillOpen != before.items(second).end());
    const int other = stillOpen->id;
    const QString reason = stillOpen->finding.reason;
    const int covered = before.counts().cover;
    REQUIRE(until([&] { return running.window().keeper().standing() == CaseKeeper::Standing::Kept; }));
    const QString path = running.window().keeper().path();

    running.speak(QStringLiteral("de"));
    CHECK(running.release()->text() == QStringLiteral("Freigeben…"));
    CHECK(running.window().objectName() == QStringLiteral("its own"));
    CHECK(running.begun == 1);
    Case& open = running.window().openCase();
    REQUIRE(open.captures().size() == 3);
    CHECK(running.window().selection().capture() == second);
    CHECK(running.window().keeper().path() == path);
    REQUIRE(running.isIdle());
    CHECK(open.counts().cover == covered);
    REQUIRE(open.item(item));
    CHECK(open.item(item)->decision == Decision::Cover);
    REQUIRE(open.item(other));
    CHECK(open.item(other)->finding.reason != reason); // told in German
    CHECK(!open.picture(open.captures()[2]).isNull());

    // It is kept on, in the same file, and what was done before can be undone.
    open.undo();
    CHECK(open.counts().cover < covered);
    REQUIRE(until([&] { return running.window().keeper().standing() == CaseKeeper::Standing::Kept; }));
    CHECK(kept.files().size() == 1);

    running.speak(QStringLiteral("en"));
    CHECK(running.release()->text() == QStringLiteral("Release…"));
    CHECK(running.window().openCase().captures().size() == 3);
}

TEST_CASE("a larger size of type holds as soon as the settings are closed, and a case in memory goes along") {
    Running running;
    running.window().addDemoCaptures();
    REQUIRE(until([&] { return running.window().openCase().captures().size() == 3; }));
    const int usual = running.release()->font().pixelSize();
    running.inSettings(
        [](SettingsView& view) { view.findChild<QSpinBox*>(QStringLiteral("typePercent"))->setValue(150); });
    CHECK(running.release()->font().pixelSize() > usual);
    CHECK(running.window().openCase().captures().size() == 3);
    // What was being read is read on.
    REQUIRE(running.isIdle());
    CHECK(running.window().openCase().counts().open > 0);
}

TEST_CASE("nothing is pulled away from under what is under way, or open over the window") {
    Running running;
    running.window().addDemoCaptures();
    REQUIRE(until([&] { return running.window().openCase().captures().size() == 3; }));
    CHECK(!running.window().isAtRest()); // it reads
    REQUIRE(running.isIdle());
    const QPointer<MainWindow> before = &running.window();
    {
        QMessageBox open(&running.window());
        open.open();
        REQUIRE(QTest::qWaitForWindowExposed(&open));
        settings::setTypePercent(150);
        emit running.window().renewAsked();
        int asked = 0; // as often as the session asks, and more
        QTimer turns;
        QObject::connect(&turns, &QTimer::timeout, [&] { ++asked; });
        turns.start(100);
        REQUIRE(until([&] { return asked > 3; }));
        CHECK(before);
    }
    QTimer poll;
    QObject::connect(&poll, &QTimer::timeout, [] {
        if (auto* view = qobject_cast<SettingsView*>(QApplication::activeModalWidget())) view->close();
    });
    poll.start(20);
    CHECK(until([&] { return !before; }));
    CHECK(running.window().openCase().captures().size() == 3);
    settings::setTypePercent(100);
}
