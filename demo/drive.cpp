#include "drive.h"

#include "app/cases/cases_view.h"
#include "app/checking/gate.h"
#include "app/explain/demo_marks.h"
#include "app/findings/decide_many.h"
#include "app/findings/findings_panel.h"
#include "app/findings/policies_view.h"
#include "app/releasing/register_view.h"
#include "app/releasing/release_view.h"
#include "app/releasing/verify_view.h"
#include "app/sheet/joins_view.h"
#include "app/sheet/words_view.h"
#include "app/taking/desk_map.h"
#include "app/taking/region_overlay.h"
#include "app/taking/take_view.h"
#include "app/window/handbook_view.h"
#include "app/window/main_window.h"
#include "app/window/settings.h"
#include "app/window/settings_view.h"
#include "app/window/theme.h"
#include "base/files.h"
#include "base/sentence.h"
#include "capture/simulated_desk.h"

#include <functional>
#include <QApplication>
#include <QCheckBox>
#include <QComboBox>
#include <QDateTime>
#include <QDir>
#include <QLabel>
#include <QLineEdit>
#include <QListView>
#include <QListWidget>
#include <QPushButton>
#include <QSlider>
#include <QTabWidget>
#include <QTemporaryDir>
#include <QTimer>
#include <QTreeWidget>
#include <QtTest/QTest>

namespace eyelid {
namespace {

bool waitFor(const std::function<bool()>& condition) {
    return QTest::qWaitFor(condition, patience);
}

void press(QWidget* widget, Qt::Key key, Qt::KeyboardModifiers modifiers = Qt::NoModifier) {
    QTest::keyClick(widget, key, modifiers);
    QApplication::processEvents();
}

// Opens Take, lets `act` use it, and waits until it is closed.
bool withTakeView(MainWindow& window, const std::function<void(TakeView&)>& act) {
    bool seen = false;
    // The dialog runs its own loop, so what is done in it is put into that loop beforehand.
    QTimer poll;
    QObject::connect(&poll, &QTimer::timeout, [&] {
        auto* view = qobject_cast<TakeView*>(QApplication::activeModalWidget());
        if (!view || !view->isVisible() || seen) return;
        seen = true;
        poll.stop();
        act(*view);
    });
    poll.start(20);
    press(&window.sheet(), Qt::Key_T, Qt::ControlModifier);
    // The keys come back to the window when the dialog has gone.
    return seen && QTest::qWaitForWindowActive(&window);
}

bool takeWindow(MainWindow& window, const QString& title) {
    const qsizetype before = window.openCase().captures().size();
    const bool seen = withTakeView(window, [&](TakeView& view) {
        auto* list = view.findChild<QListWidget*>(QStringLiteral("targets"));
        for (int i = 0; i < list->count(); ++i)
            if (list->item(i)->text().contains(title)) list->setCurrentRow(i);
        QTest::keyClick(list, Qt::Key_Return);
        if (view.isVisible())
            QTest::mouseClick(view.findChild<QPushButton*>(QStringLiteral("takeButton")), Qt::LeftButton);
    });
    return seen && waitFor([&] { return window.openCase().captures().size() == before + 1; });
}

bool waitUntilRead(MainWindow& window) {
    return waitFor([&] { return !window.worker().busy() && window.openCase().counts().unread == 0; });
}

// Goes from finding to finding and covers each value with Shift+C; the company's own address is kept.
bool settleAll(MainWindow& window) {
    QWidget* sheet = &window.sheet();
    for (int guard = 0; guard < 1000 && window.openCase().counts().open > 0; ++guard) {
        press(sheet, Qt::Key_J);
        const Item* item = window.openCase().item(window.selection().item());
        if (!item) return false;
        if (item->decision != Decision::Open) continue;
        const bool ours = item->finding.text.contains(QStringLiteral("larkmoor-water"));
        press(sheet, ours ? Qt::Key_E : Qt::Key_C, Qt::ShiftModifier);
    }
    return window.openCase().counts().open == 0;
}

bool dragCover(MainWindow& window, const QRectF& place) {
    Sheet& sheet = window.sheet();
    const int before = window.openCase().counts().cover;
    press(&sheet, Qt::Key_A);
    const QPoint from = sheet.toView(place.topLeft()).toPoint(), to = sheet.toView(place.bottomRight()).toPoint();
    QTest::mousePress(sheet.viewport(), Qt::LeftButton, Qt::NoModifier, from);
    QTest::mouseMove(sheet.viewport(), (from + to) / 2);
    QTest::mouseMove(sheet.viewport(), to);
    QTest::mouseRelease(sheet.viewport(), Qt::LeftButton, Qt::NoModifier, to);
    press(&sheet, Qt::Key_Escape);
    return window.openCase().counts().cover == before + 1;
}

void show(MainWindow& window) {
    window.show();
    window.activateWindow();
    window.sheet().setFocus();
    (void)QTest::qWaitForWindowActive(&window);
}

} // namespace

QStringList driveDemo(MainWindow& window, const QString& folder) {
    const auto failed = [](const char* step) {
        qWarning("the demo stopped at this step: %s", step);
        return QStringList();
    };
    show(window);
    auto* name = window.findChild<QLineEdit*>(QStringLiteral("caseName"));
    name->selectAll();
    QTest::keyClicks(name, QStringLiteral("Larkmoor demo"));
    QTest::keyClick(name, Qt::Key_Return);
    for (const char* title : {"Account 4471", "burst main", "pump-07"})
        if (!takeWindow(window, QString::fromLatin1(title))) return failed("taking a window");
    if (!waitUntilRead(window)) return failed("reading");
    if (!settleAll(window)) return failed("deciding");
    // Something no finder can know: the tariff, say, is nobody's business here.
    window.selection().showCapture(window.openCase().captures().front().id);
    if (!dragCover(window, QRectF(300, 86, 130, 22))) return failed("covering by hand");
    press(&window.sheet(), Qt::Key_Return, Qt::ControlModifier);
    if (!waitFor([&] { return !window.worker().busy() && !window.releaseFlow().pictures().empty(); }))
        return failed("checking");
    if (window.releaseFlow().blocking() > 0) {
        for (const CheckedPicture& file : window.releaseFlow().pictures())
            for (const Leak& leak : file.leaks)
                qWarning("%s at %d,%d: %s", qPrintable(file.artifact.fileName), int(leak.place.x()),
                         int(leak.place.y()), qPrintable(leak.sentence));
        return failed("checking: something is still readable");
    }
    press(&window, Qt::Key_Escape);
    QStringList paths;
    QObject::connect(&window.releaseFlow(), &ReleaseFlow::released, &window, [&](const QStringList& p) { paths = p; });
    press(&window.sheet(), Qt::Key_Return, Qt::ControlModifier | Qt::ShiftModifier);
    ReleaseView* view = nullptr;
    if (!waitFor([&] {
            return (view = window.findChild<ReleaseView*>(QStringLiteral("releaseView"))) != nullptr &&
                   view->isVisible();
        }))
        return failed("opening the release");
    view->findChild<QLineEdit*>(QStringLiteral("releaseFolder"))->setText(folder);
    QTest::mouseClick(view->findChild<QPushButton*>(QStringLiteral("releaseNow")), Qt::LeftButton);
    if (!waitFor([&] { return !paths.isEmpty(); })) return failed("releasing");
    view->close();
    QApplication::processEvents();
    const QString picture = QDir(folder).absoluteFilePath(QStringLiteral("window.png"));
    if (!window.grab().save(picture)) return failed("writing the picture of the window");
    return paths << picture;
}

// Cases as an officer has them after a month: parts of the one that is open, worked on and due on several days.
bool writeCases(const Case& open, const QString& folder, const OwnKeys& keys) {
    struct Sample {
        const char* name;
        int ago;            ///< days since it was worked on
        qsizetype captures; ///< the last so many
        bool thrownAway;
    };
    const Sample samples[] = {{"Complaint about a meter, Weir Lane", 1, 3, false},
                              {"Pump 07: telemetry", 3, 1, false},
                              {"Readings mailed twice", 9, 2, false},
                              {"Roster of the weir house", 30, 1, false},
                              {"Trial of the new console", 12, 1, true}};
    const auto locks = keys.locksForNewCase();
    if (!locks || !QDir().mkpath(folder)) return false;
    int number = 0;
    for (const Sample& sample : samples) {
        KeptCase kept = open.kept();
        kept.history = History();
        kept.state.name = QString::fromLatin1(sample.name);
        kept.state.begun = QDate::currentDate().addDays(-sample.ago - 1);
        while (kept.state.captures.size() > sample.captures) kept.state.captures.removeFirst();
        if (sample.ago == 3) // not all of it decided
            for (Capture& capture : kept.state.captures) capture.rulings.clear();
        auto file = CaseFile::create(QDir(folder).filePath(QStringLiteral("case-%1.eyelid").arg(++number)), *locks);
        if (!file || !(*file)->keep(kept, *open.pictures(), QDateTime::currentDateTimeUtc().addDays(-sample.ago)) ||
            !(*file)->keepCover(kept.state, *open.pictures()))
            return false;
        if (sample.thrownAway && !(*file)->throwAway(QDate::currentDate().addDays(-2))) return false;
    }
    return true;
}

bool showCases(MainWindow& window, const QString& folder) {
    const OwnKeys keys(folder, OwnKeys::Ring::Leave);
    const QString cases = QDir(folder).filePath(QStringLiteral("cases"));
    if (!writeCases(window.openCase(), cases, keys)) return false;
    window.keepCases(cases, keys);
    if (!waitFor([&] { return window.keeper().standing() == CaseKeeper::Standing::Kept && !window.shelf().busy(); }))
        return false;
    window.commands()[QStringLiteral("cases")].trigger();
    return waitFor([&] { return !window.shelf().busy() && window.casesView().isVisible(); });
}

// The release that is about to be made, the register of those before it, and one of them verified that somebody has
// worked on.
bool shootReleasing(MainWindow& window, const std::function<void(QWidget&, const char*)>& shoot) {
    window.commands()[QStringLiteral("release")].trigger();
    ReleaseView* view = nullptr;
    if (!waitFor([&] {
            return (view = window.findChild<ReleaseView*>(QStringLiteral("releaseView"))) != nullptr &&
                   view->isVisible();
        }))
        return false;
    view->findChild<QLineEdit*>(QStringLiteral("releaseFolder"))->setText(QStringLiteral("/srv/released/burst main"));
    view->findChild<QCheckBox*>(QStringLiteral("releaseReport"))->setChecked(true);
    shoot(*view, "release");
    const QTemporaryDir folder;
    const QString before = QDir::currentPath();
    QDir::setCurrent(folder.path()); // so that no path of whoever takes the pictures is on one
    QStringList paths;
    QObject::connect(&window.releaseFlow(), &ReleaseFlow::released, view, [&](const QStringList& all) { paths = all; });
    view->findChild<QLineEdit*>(QStringLiteral("releaseFolder"))
        ->setText(folder.filePath(QStringLiteral("burst main")));
    QTest::mouseClick(view->findChild<QPushButton*>(QStringLiteral("releaseNow")), Qt::LeftButton);
    if (!waitFor([&] { return !paths.isEmpty(); })) return false;
    view->close();
    if (!writeFileWhole(paths[1], QByteArray("altered"), true)) return false;
    {
        VerifyView verify(window.theme(), &window);
        verify.show();
        verify.verify({QStringLiteral("burst main")});
        if (!waitFor([&] { return verify.findChild<QTreeWidget*>()->topLevelItemCount() > 0; })) return false;
        shoot(verify, "verify");
        if (!waitFor([&] { return !window.worker().busy(); })) return false;
    }
    QDir::setCurrent(before);
    // As a register looks after a month.
    Case released(window.openCase().policy());
    const QDateTime day(QDate(2026, 11, 3), QTime(10, 12), Qt::UTC);
    const auto file = [](const char* name, char digit) {
        return ReleasedFile{QString::fromLatin1(name), QString(64, QLatin1Char(digit))};
    };
    released.noteRelease({day,
                          QStringLiteral("R. Abernal"),
                          Tr::tr("folder"),
                          QStringLiteral("/srv/released/burst main"),
                          Tr::tr("a reading of another month was on it"),
                          {file("burst-main.pdf", 'a')}});
    released.noteRelease({day.addDays(2),
                          QStringLiteral("R. Abernal"),
                          Tr::tr("folder"),
                          QStringLiteral("/srv/released/burst main"),
                          {},
                          {file("burst-main (2).pdf", 'b'), file("redaction-log (2).json", 'c')}});
    RegisterView registered(released, window.theme(), &window);
    registered.show();
    registered.findChild<QTreeWidget*>()->expandItem(registered.findChild<QTreeWidget*>()->topLevelItem(0));
    if (!QTest::qWaitForWindowExposed(&registered)) return false;
    shoot(registered, "register");
    return true;
}

QStringList takeScreenshots(MainWindow& window, const QString& wanted) {
    const QString folder = QDir(wanted).absolutePath();
    QStringList paths;
    const auto shoot = [&](QWidget& widget, const char* name) {
        QTest::qWait(50);
        const QString path = QDir(folder).absoluteFilePath(QString::fromLatin1(name) + QStringLiteral(".png"));
        if (widget.grab().save(path)) paths << path;
    };
    window.resize(1280, 800);
    show(window);
    window.setTheme(ThemeName::Light);
    shoot(window, "nothing-open");
    withTakeView(window, [&](TakeView& view) {
        waitFor([map = view.findChild<DeskMap*>()] { return !map || map->isComplete(); });
        shoot(view, "take");
        view.reject();
    });
    // The region overlay, with a region drawn and being adjusted.
    {
        TakeRequest request;
        request.kind = TakeKind::Region;
        window.taker().start(request);
        RegionOverlay* overlay = nullptr;
        if (!waitFor([&] { return (overlay = window.taker().overlay()) != nullptr; })) return {};
        auto* pane = static_cast<OverlayPane*>(overlay->panes().front());
        if (!QTest::qWaitForWindowExposed(pane)) return {};
        pane->resize(1280, 800);
        QTest::mousePress(pane, Qt::LeftButton, {}, pane->fromDesk(QPointF(646, 20)).toPoint());
        QTest::mouseMove(pane, pane->fromDesk(QPointF(900, 300)).toPoint());
        QTest::mouseRelease(pane, Qt::LeftButton, {}, pane->fromDesk(QPointF(1262, 444)).toPoint());
        QTest::mouseMove(pane, pane->fromDesk(QPointF(1300, 470)).toPoint());
        shoot(*pane, "region-overlay");
        overlay->leave();
        if (!waitFor([&] { return !window.taker().running(); })) return {};
        window.resize(1280, 800);
        show(window);
    }
    // A console that prints one line over and over: where its pictures join cannot be told for sure.
    {
        TakeRequest request;
        request.chosen = request.scroll = true;
        request.target = {Target::What::Window, QStringLiteral("console")};
        request.origin = QStringLiteral("pump-07: telemetry");
        window.taker().start(request);
        if (!waitFor([&] { return !window.taker().running() && !window.openCase().captures().empty(); })) return {};
        const auto page = window.openCase().joinedPage(window.selection().capture());
        if (!page || page->unsure() == 0) return {};
        JoinsView joins(*page, window.theme(), &window);
        joins.show();
        if (!QTest::qWaitForWindowExposed(&joins)) return {};
        shoot(joins, "joins");
        joins.close();
        window.openCase().startAnew();
        window.openCase().setOfficer(QStringLiteral("R. Abernal"));
        show(window);
    }
    auto* name = window.findChild<QLineEdit*>(QStringLiteral("caseName"));
    name->selectAll();
    QTest::keyClicks(name, QStringLiteral("Burst main, Tannery Row"));
    QTest::keyClick(name, Qt::Key_Return);
    for (const char* title : {"burst main", "Readings", "pump-07", "Account 4471"})
        if (!takeWindow(window, QString::fromLatin1(title))) return {};
    if (!waitUntilRead(window)) return {};
    // Some covered, one kept, some open: every state on one picture.
    QWidget* sheet = &window.sheet();
    press(sheet, Qt::Key_J);
    for (int i = 0; i < 4; ++i) press(sheet, i == 2 ? Qt::Key_E : Qt::Key_C, Qt::ShiftModifier);
    shoot(window, "review-light");
    // All that is open, from a sureness upwards, marked before it is covered.
    window.commands()[QStringLiteral("coverMany")].trigger();
    window.findings().decideMany().findChild<QSlider*>()->setValue(60);
    shoot(window, "cover-many");
    press(sheet, Qt::Key_Escape);
    // Words swept off the sheet, and a table beside them as it would be copied.
    {
        const Capture* here = window.openCase().capture(window.selection().capture());
        if (!here || !here->page || here->page->lines.size() < 4) return {};
        const auto middle = [&](size_t line, size_t word) {
            return window.sheet().toView(here->page->lines[line].words[word].box.center()).toPoint();
        };
        const size_t last = here->page->lines.size() - 1;
        QWidget* view = window.sheet().viewport();
        QTest::mousePress(view, Qt::LeftButton, {}, middle(last, 0));
        QTest::mouseMove(view, middle(last, 2));
        QTest::mouseMove(view, middle(last, here->page->lines[last].words.size() - 1));
        QTest::mouseRelease(view, Qt::LeftButton, {}, middle(last, here->page->lines[last].words.size() - 1));
        if (!waitFor([&] { return !window.sheet().chosenWords().empty(); })) return {};
        window.sheet().chooseWords({});
        for (int i = 0; i < 2; ++i) press(sheet, Qt::Key_Backtab);
        press(sheet, Qt::Key_W);
        auto* words = window.findChild<WordsView*>();
        if (!words || !QTest::qWaitForWindowExposed(words)) return {};
        words->findChild<QTabWidget*>()->setCurrentIndex(1);
        shoot(*words, "words-and-tables");
        words->close();
        show(window);
        press(sheet, Qt::Key_P);
        auto* policies = window.findChild<PoliciesView*>();
        if (!policies || !QTest::qWaitForWindowExposed(policies)) return {};
        policies->findChild<QComboBox*>(QStringLiteral("policyNames"))->setCurrentIndex(3);
        emit policies->findChild<QComboBox*>(QStringLiteral("policyNames"))->activated(3);
        if (!waitFor(
                [&] { return policies->findChild<QLabel*>(QStringLiteral("policyEffect"))->text().contains(u';'); }))
            return {};
        shoot(*policies, "policies");
        policies->close();
        show(window);
        for (int i = 0; i < 2; ++i) press(sheet, Qt::Key_Tab);
        press(sheet, Qt::Key_J);
    }
    window.setTheme(ThemeName::Dark);
    shoot(window, "review-dark");
    window.setTheme(ThemeName::Light);
    // A check that fails: something sensitive drawn wrongly, that is, kept open to the eye by opening a covered value.
    window.commands()[QStringLiteral("coverMany")].trigger();
    QTest::mouseClick(window.findings().decideMany().findChild<QPushButton*>(QStringLiteral("decideNow")),
                      Qt::LeftButton);
    press(sheet, Qt::Key_J);
    press(sheet, Qt::Key_O);
    press(sheet, Qt::Key_Return, Qt::ControlModifier);
    if (!waitFor([&] { return !window.worker().busy() && !window.releaseFlow().pictures().empty(); })) return {};
    shoot(window, "check-failed");
    press(&window, Qt::Key_Escape);
    press(sheet, Qt::Key_C);
    press(sheet, Qt::Key_Return, Qt::ControlModifier);
    if (!waitFor([&] { return !window.worker().busy() && window.releaseFlow().blocking() == 0; })) return {};
    shoot(window, "check-passed");
    press(&window, Qt::Key_Escape);
    if (!shootReleasing(window, shoot)) return {};
    show(window);
    // One of each kind by a stand-in, and what stood there beside it.
    window.selection().showCapture(window.openCase().captures().back().id);
    for (const Item& item : std::vector<Item>(window.openCase().items(window.selection().capture())))
        window.openCase().setLook(item.id, Scope::One, {CoverStyle::StandIn, 0.5});
    press(sheet, Qt::Key_D);
    QTest::qWait(400);
    shoot(window, "before-and-after");
    press(sheet, Qt::Key_D);
    const int explained = window.openCase().captures().back().id;
    window.selection().showCapture(explained);
    for (const Mark& mark : demoMarks()) window.openCase().addMark(explained, mark);
    press(sheet, Qt::Key_M);
    window.selection().select(window.openCase().capture(explained)->marks.back().id);
    QTest::qWait(400);
    shoot(window, "explain");
    press(sheet, Qt::Key_M);
    {
        settings::setOfficerName(QStringLiteral("R. Abernal"));
        SettingsView view(window.theme(), &window);
        view.show();
        if (!QTest::qWaitForWindowExposed(&view)) return {};
        shoot(view, "settings");
    }
    window.commands()[QStringLiteral("handbook")].trigger();
    auto* handbook = window.findChild<HandbookView*>();
    if (!handbook || !QTest::qWaitForWindowExposed(handbook)) return {};
    handbook->findChild<QListWidget*>()->setCurrentRow(2);
    shoot(*handbook, "handbook");
    handbook->close();
    const QTemporaryDir kept;
    if (!showCases(window, kept.path())) return {};
    shoot(window, "cases");
    return paths;
}

} // namespace eyelid
