// What can be set, and what the window does then: keys, type, folders, new cases; and the first steps.
#include "app/taking/keys_edit.h"
#include "app/window/first_steps.h"
#include "app/window/keys_view.h"
#include "app/window/settings.h"
#include "desk.h"
#include "support/made.h"

#include <QCheckBox>
#include <QLabel>
#include <QListView>
#include <QListWidget>
#include <QSettings>
#include <QTemporaryDir>
#include <QToolButton>

using namespace eyelid;

namespace {

struct KeysDesk : Desk {
    KeysView view{const_cast<Commands&>(window.commands()), &window};
    KeysDesk() { view.show(); }
    template <typename Widget> Widget& part(const char* name) {
        return *view.findChild<Widget*>(QString::fromLatin1(name));
    }
    void choose(const QString& words) {
        view.findChild<QLineEdit*>()->setText(words);
        part<QListWidget>("keysList").setCurrentRow(0);
    }
    QKeySequence keysOf(const char* id) { return window.commands()[QString::fromLatin1(id)].shortcut(); }
};

} // namespace

TEST_CASE("a command can have other keys, which hold at once and the next time") {
    {
        KeysDesk desk;
        desk.choose(QStringLiteral("Next finding"));
        QTest::keyClick(&desk.part<KeysEdit>("keysOfChosen"), Qt::Key_N, Qt::AltModifier);
        CHECK(desk.keysOf("next") == QKeySequence(QStringLiteral("Alt+N")));
        CHECK(desk.window.commands()[QStringLiteral("next")].toolTip().contains(QStringLiteral("Alt+N")));
    }
    Theme theme = Theme::light();
    MainWindow again(theme, *loadPolicy(QStringLiteral("everything")), std::make_unique<SimulatedDesk>());
    CHECK(again.commands()[QStringLiteral("next")].shortcut() == QKeySequence(QStringLiteral("Alt+N")));
    const_cast<Commands&>(again.commands()).resetKeys(QStringLiteral("next"));
    CHECK(again.commands()[QStringLiteral("next")].shortcut() == QKeySequence(Qt::Key_J));
    CHECK_FALSE(again.commands().hasOwnKeys(QStringLiteral("next")));
}

TEST_CASE("keys another command has are said to be its own, and can be taken from it") {
    KeysDesk desk;
    desk.choose(QStringLiteral("Fit the width"));
    QTest::keyClick(&desk.part<KeysEdit>("keysOfChosen"), Qt::Key_J);
    CHECK(desk.keysOf("fitWidth") == QKeySequence(QStringLiteral("Ctrl+2")));
    CHECK(desk.part<QLabel>("keysTrouble").text().contains(QStringLiteral("Next finding")));
    QTest::mouseClick(&desk.part<QPushButton>("keysTake"), Qt::LeftButton);
    CHECK(desk.keysOf("fitWidth") == QKeySequence(Qt::Key_J));
    CHECK(desk.keysOf("next").isEmpty());
    QTest::mouseClick(&desk.part<QPushButton>("keysReset"), Qt::LeftButton);
    CHECK(desk.keysOf("fitWidth") == QKeySequence(QStringLiteral("Ctrl+2")));
    // What moves about in lists stays what it is.
    for (const Qt::Key key : {Qt::Key_Space, Qt::Key_Down, Qt::Key_Return})
        QTest::keyClick(&desk.part<KeysEdit>("keysOfChosen"), key);
    CHECK(desk.keysOf("fitWidth") == QKeySequence(QStringLiteral("Ctrl+2")));
    CHECK_FALSE(desk.part<QLabel>("keysTrouble").text().isEmpty());
    // None at all are keys as well.
    QTest::keyClick(&desk.part<KeysEdit>("keysOfChosen"), Qt::Key_Backspace);
    CHECK(desk.keysOf("fitWidth").isEmpty());
}

TEST_CASE("new cases are kept for fewer days and covered otherwise where the officer says so, never longer") {
    const CleanSettings clean;
    Policy policy = *loadPolicy(QStringLiteral("everything"));
    policy.retention.days = 30;
    CHECK(settings::forNewCases(policy).retention.days == 30);
    settings::setMostDays(10);
    settings::setCaseStyle(CoverStyle::Mosaic);
    CHECK(settings::forNewCases(policy).retention.days == 10);
    CHECK(settings::forNewCases(policy).rule(Kind::Person).style == CoverStyle::Mosaic);
    policy.retention.days = 5;
    CHECK(settings::forNewCases(policy).retention.days == 5);
    policy.retention.days = 0;
    CHECK(settings::forNewCases(policy).retention.days == 10);
}

TEST_CASE("folders that are chosen in the settings are where a case without its own begins") {
    Desk desk;
    const QTemporaryDir folder;
    const QString chosen = folder.filePath(QStringLiteral("handed on"));
    settings::setReleaseFolder(chosen);
    desk.window.intake().add(made::picture({QStringLiteral("nothing to see")}), QStringLiteral("made"));
    desk.waitUntilRead();
    desk.press(Qt::Key_Return, Qt::ControlModifier | Qt::ShiftModifier);
    ReleaseView* view = nullptr;
    REQUIRE(until([&] {
        view = desk.window.findChild<ReleaseView*>(QStringLiteral("releaseView"));
        return view && view->isVisible();
    }));
    CHECK(view->findChild<QLineEdit*>(QStringLiteral("releaseFolder"))->text() == chosen);
    view->reject();
    settings::forgetFolders(); // what somebody chose stays
    CHECK(settings::releaseFolder() == chosen);
}

TEST_CASE("whether the window comes back after a take is as the settings say") {
    const CleanSettings clean;
    Theme theme = Theme::light();
    CHECK(settings::comesBack());
    settings::setComesBack(false);
    SimulatedDesk source;
    TakeView view(source, theme, {}, nullptr);
    bool found = false;
    for (const QCheckBox* box : view.findChildren<QCheckBox*>())
        if (box->text().contains(QStringLiteral("come back"))) {
            found = true;
            CHECK_FALSE(box->isChecked());
        }
    CHECK(found);
}

TEST_CASE("with type twice as large every word of the desk is whole, and rows grow with it") {
    const Theme large = Theme::named(ThemeName::Light, 200), usual = Theme::light();
    applyTheme(*qApp, large);
    {
        Desk desk;
        desk.window.resize(1600, 1000);
        desk.window.intake().add(made::picture({QStringLiteral("Customer: Ines Hartwell")}), QStringLiteral("made"));
        desk.waitUntilRead();
        desk.press(Qt::Key_J);
        for (QAbstractButton* button : desk.window.findChildren<QAbstractButton*>()) {
            if (!button->isVisible() || button->text().isEmpty()) continue;
            INFO(button->text().toStdString());
            CHECK(button->height() >= button->fontMetrics().height());
        }
        for (QLabel* label : desk.window.findChildren<QLabel*>()) {
            if (!label->isVisible() || label->text().isEmpty()) continue;
            INFO(label->text().toStdString());
            CHECK(label->height() >= label->fontMetrics().height());
        }
        const QListView& list = *desk.window.findings().list();
        CHECK(list.visualRect(list.model()->index(0, 0)).height() >=
              3 * QFontMetrics(QApplication::font()).height() / 2);
    }
    applyTheme(*qApp, usual);
}

TEST_CASE("Tab goes through the captures and then on to the next field") {
    Desk desk;
    for (int i = 0; i < 3; ++i)
        desk.window.intake().add(made::picture({QStringLiteral("x %1").arg(i)}), QStringLiteral("made"));
    REQUIRE(until([&] { return desk.open().captures().size() == 3; }));
    const auto& captures = desk.open().captures();
    desk.window.selection().showCapture(captures[0].id);
    desk.press(Qt::Key_Tab);
    desk.press(Qt::Key_Tab);
    CHECK(desk.window.selection().capture() == captures[2].id);
    CHECK(desk.window.sheet().hasFocus());
    desk.press(Qt::Key_Tab);
    CHECK(desk.window.selection().capture() == captures[2].id);
    CHECK_FALSE(desk.window.sheet().hasFocus());
    desk.window.sheet().setFocus();
    desk.press(Qt::Key_Backtab, Qt::ShiftModifier);
    CHECK(desk.window.selection().capture() == captures[1].id);
}

TEST_CASE("no two commands come with the same keys") {
    Desk desk;
    const Commands& all = desk.window.commands();
    for (const FoundCommand& found : all.matching({}))
        for (const QKeySequence& keys : found.action->shortcuts()) {
            INFO(found.line().toStdString());
            CHECK_FALSE(all.withKeys(keys, all.idOf(found.action)));
        }
}

TEST_CASE("the first steps are ticked off as they are done, and leave nothing behind") {
    Desk desk;
    desk.window.beginFirstSteps();
    auto* steps = desk.window.findChild<FirstSteps*>();
    CHECK(steps->isVisible());
    CHECK(settings::knowsFirstSteps());
    desk.waitUntilRead();
    CHECK(steps->done() == 0);
    desk.press(Qt::Key_J);
    CHECK(steps->done() == 1);
    desk.press(Qt::Key_C);
    CHECK(steps->done() == 2);
    QTest::keyClick(&desk.window, Qt::Key_C, Qt::ControlModifier | Qt::ShiftModifier);
    QTest::keyClick(QApplication::focusWidget(), Qt::Key_Return);
    CHECK(steps->done() == 3);
    const QTemporaryDir folder;
    CHECK(desk.release(folder.filePath(QStringLiteral("out"))).size() == 6);
    CHECK(steps->done() == steps->count());
    bool ended = false;
    QObject::connect(&desk.window, &MainWindow::firstStepsEnded, [&] { ended = true; });
    QTest::mouseClick(steps->findChild<QPushButton*>(QStringLiteral("firstStepsEnd")), Qt::LeftButton);
    REQUIRE(until([&] { return ended; }));
    CHECK_FALSE(steps->isVisible());
    CHECK(desk.open().captures().isEmpty());
}

TEST_CASE("settings of a newer version are read as far as they are known, and left as they are") {
    const CleanSettings clean;
    const std::pair<const char*, QVariant> newer[] = {{"theme", QStringLiteral("dusk")},
                                                      {"policy", QStringLiteral("a policy to come")},
                                                      {"newCases/style", QStringLiteral("glass")},
                                                      {"cover/style", 99},
                                                      {"release/clash", 17},
                                                      {"release/form", QByteArray(R"({"pictures":"holo","format":7})")},
                                                      {"marks/halo", QByteArray("{}")},
                                                      {"keys/aCommandToCome", QStringLiteral("Ctrl+Alt+F9")},
                                                      {"ofALaterDay/thing", QStringLiteral("kept")}};
    for (const auto& [key, value] : newer) QSettings().setValue(QString::fromLatin1(key), value);
    {
        Theme theme = Theme::light();
        MainWindow window(theme, *loadPolicy(QStringLiteral("everything")), std::make_unique<SimulatedDesk>());
        window.show();
        REQUIRE(QTest::qWaitForWindowExposed(&window));
        CHECK_FALSE(settings::theme());
        CHECK(loadPolicy(settings::policyName()));
        CHECK_FALSE(settings::caseStyle());
        CHECK(settings::handLook().style == CoverStyle::Solid);
        CHECK(settings::releaseClash() == Clash::KeepBoth);
        CHECK(packed(settings::releaseForm()) == packed(ReleaseForm()));
        window.close();
    }
    for (const auto& [key, value] : newer) {
        CAPTURE(key);
        CHECK(QSettings().value(QString::fromLatin1(key)) == value);
    }
}

TEST_CASE("what an older version kept of releases holds, and what it did not know is as usual") {
    const CleanSettings clean;
    QSettings().setValue(QStringLiteral("release/form"), QByteArray(R"({"pictures":"jpeg","quality":61})"));
    const ReleaseForm form = settings::releaseForm();
    CHECK(form.encoding.format == ReleaseFormat::Jpeg);
    CHECK(form.encoding.quality == 61);
    CHECK(form.wrapping == ReleaseForm().wrapping);
    CHECK(form.names == ReleaseForm().names);
    // Numbers no program wrote.
    QSettings().setValue(QStringLiteral("type"), 4000);
    CHECK(settings::typePercent() == 200);
    QSettings().setValue(QStringLiteral("newCases/mostDays"), -3);
    CHECK(settings::mostDays() == 0);
    QSettings().setValue(QStringLiteral("release/small"), 1000000);
    CHECK(settings::smallVersions() == 4000);
}

TEST_CASE("whichever theme is put on, every icon of the desk stands out from its ground") {
    Desk desk;
    desk.take(QStringLiteral("burst main"));
    desk.waitUntilRead();
    desk.press(Qt::Key_M); // the row of what explains
    // The mean of what an icon draws.
    const auto drawn = [](const QAbstractButton& button) {
        const QImage icon = button.icon().pixmap(32).toImage().convertToFormat(QImage::Format_ARGB32);
        qint64 red = 0, green = 0, blue = 0, all = 1;
        for (int y = 0; y < icon.height(); ++y)
            for (int x = 0; x < icon.width(); ++x) {
                const QColor c = icon.pixelColor(x, y);
                if (c.alpha() < 200) continue;
                red += c.red(), green += c.green(), blue += c.blue(), ++all;
            }
        return QColor(int(red / all), int(green / all), int(blue / all));
    };
    constexpr double seen = 3; // WCAG 2.1, 1.4.11
    for (const ThemeName name : {ThemeName::Dark, ThemeName::Light}) {
        desk.window.setTheme(name);
        int icons = 0;
        for (const QToolButton* button : desk.window.findChildren<QToolButton*>()) {
            if (!button->isVisible() || !button->property("flat").toBool() || button->icon().isNull()) continue;
            INFO(button->accessibleName().toStdString() << button->toolTip().toStdString());
            CHECK(contrast(drawn(*button), Theme::named(name, 100).paper) >= seen);
            ++icons;
        }
        CHECK(icons >= 12);
    }
}
