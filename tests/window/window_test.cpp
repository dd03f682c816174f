// The window, driven by keys and pointer under Xvfb with a window manager.
#include "app/cases/lid_gauge.h"
#include "app/checking/gate.h"
#include "app/findings/findings_panel.h"
#include "app/releasing/release_view.h"
#include "app/taking/take_view.h"
#include "app/window/main_window.h"
#include "app/window/reader_names.h"
#include "app/window/theme.h"
#include "base/sentence.h"
#include "capture/fonts.h"
#include "capture/simulated_desk.h"
#include "capture/x11_source.h"
#include "checking/check.h"
#include "picture/container.h"
#include "support/made.h"
#include "support/run_tests.h"
#include "window/desk.h"

#include <nlohmann/json.hpp>
#include <QAbstractButton>
#include <QApplication>
#include <QComboBox>
#include <QDir>
#include <QLabel>
#include <QLineEdit>
#include <QListView>
#include <QListWidget>
#include <QMessageBox>
#include <QMimeData>
#include <QProcess>
#include <QPushButton>
#include <QSettings>
#include <QSlider>
#include <QStandardPaths>
#include <QTemporaryDir>
#include <QTimer>
#include <QtTest/QTest>

using namespace eyelid;

int main(int argc, char** argv) {
    QStandardPaths::setTestModeEnabled(true);
    QApplication application(argc, argv);
    QApplication::setOrganizationName(QStringLiteral("eyelid"));
    QApplication::setApplicationName(QStringLiteral("eyelid-test"));
    // Settings of their own, whatever runs beside these tests.
    const QTemporaryDir own;
    QSettings::setPath(QSettings::NativeFormat, QSettings::UserScope, own.path());
    const ReaderNames names(application);
    loadShippedFonts();
    Q_INIT_RESOURCE(icons);
    applyTheme(application, Theme::light());
    speakAs(application, QLocale::c());
    return runTests(argc, argv);
}

TEST_CASE("the whole job: take, read, decide by keyboard, cover by hand, check, release") {
    Desk desk;
    desk.take(QStringLiteral("burst main"));
    desk.waitUntilRead();
    REQUIRE(desk.open().counts().open >= 6);
    CHECK(desk.window.gate().message().contains(QStringLiteral("open")));
    CHECK_FALSE(desk.window.gate().releaseButton()->isEnabled());

    // Cover and keep by keyboard.
    QString kept;
    for (int guard = 0; guard < 200 && desk.open().counts().open > 0; ++guard) {
        desk.press(Qt::Key_J);
        REQUIRE(desk.selected());
        if (desk.selected()->decision != Decision::Open) continue;
        if (desk.selected()->finding.text.contains(QStringLiteral("larkmoor-water"))) {
            kept = desk.selected()->finding.text;
            desk.press(Qt::Key_E);
        } else {
            desk.press(Qt::Key_C, Qt::ShiftModifier);
        }
    }
    CHECK(desk.open().counts().open == 0);
    CHECK(desk.open().counts().keep == 1);

    // A cover by dragging, in the style chosen in the dock.
    desk.press(Qt::Key_A);
    CHECK(desk.window.sheet().tool() == Sheet::Tool::Cover);
    const int before = desk.open().counts().cover;
    desk.drag(QRectF(20, 44, 150, 24));
    CHECK(desk.open().counts().cover == before + 1);
    REQUIRE(desk.open().hand(desk.window.selection().item()));
    const QRect area = desk.open().placeOf(desk.window.selection().item()).toRect();
    desk.press(Qt::Key_Escape);
    CHECK(desk.window.sheet().tool() == Sheet::Tool::Select);

    // Check.
    desk.press(Qt::Key_Return, Qt::ControlModifier);
    REQUIRE(until([&] { return !desk.window.worker().busy() && !desk.window.releaseFlow().pictures().empty(); }));
    for (const CheckedPicture& picture : desk.window.releaseFlow().pictures())
        for (const Leak& leak : picture.leaks) UNSCOPED_INFO(leak.sentence.toStdString());
    CHECK(desk.window.releaseFlow().blocking() == 0);
    CHECK(desk.window.checkView().isVisible());
    CHECK(desk.window.gate().message().contains(QStringLiteral("ready")));
    desk.press(Qt::Key_Escape);
    CHECK(desk.window.sheet().isVisible());

    // Release.
    QTemporaryDir folder;
    const QStringList paths = desk.release(folder.filePath(QStringLiteral("out")));
    auto* view = desk.window.findChild<ReleaseView*>(QStringLiteral("releaseView"));
    REQUIRE(paths.size() == 4); // picture, signature, checksums, log

    // The file on the disk, not what is in memory.
    const QByteArray bytes = *readFile(paths[0]);
    const Container container = inspectContainer(bytes);
    CHECK(container.complete);
    CHECK(container.end == bytes.size());
    CHECK(container.besides.isEmpty());
    const QImage released = *readPicture(paths[0]);
    const Capture& capture = desk.open().captures()[0];
    CHECK(released.size() == desk.open().picture(capture).size());
    CHECK(released.pixel(area.center()) == solidColour());
    for (const Item& item : desk.open().items(capture.id))
        if (item.decision == Decision::Cover)
            for (const QRectF& box : item.finding.boxes) CHECK(released.pixel(box.center().toPoint()) == solidColour());
    CHECK(released.pixel(3, 300) == desk.open().picture(capture).pixel(3, 300));
    Reader reader(1);
    Progress progress;
    auto page = reader.read(released, {}, progress);
    QString text;
    for (const TextLine& line : page->lines) text += line.text() + QLatin1Char('\n');
    CHECK(text.contains(QStringLiteral("larkmoor-water")));
    CHECK_FALSE(text.contains(QStringLiteral("Ashgrove")));
    CHECK_FALSE(text.contains(QStringLiteral("0440532")));
    const QByteArray log = *readFile(paths[3]);
    CHECK_FALSE(log.contains("Ashgrove"));
    const auto json = nlohmann::json::parse(log.toStdString());
    CHECK(json["files"][0]["sha256"].get<std::string>().size() == 64);
    CHECK(json["files"][0]["check"]["result"] == "clean");

    // And once more to the same place: not without being told.
    view->close();
    REQUIRE(QTest::qWaitForWindowActive(&desk.window));
    desk.press(Qt::Key_Return, Qt::ControlModifier | Qt::ShiftModifier);
    ReleaseView* again = nullptr;
    REQUIRE(until([&] {
        for (ReleaseView* v : desk.window.findChildren<ReleaseView*>())
            if (v->isVisible()) again = v;
        return again != nullptr;
    }));
    CHECK(again->folder() == folder.filePath(QStringLiteral("out")));
    const auto says = [&](const QString& words) {
        return again->findChild<QListWidget*>(QStringLiteral("releaseFiles"))->item(0)->text().contains(words);
    };
    CHECK(says(QStringLiteral("-01 (2).png")));
    auto* clash = again->findChild<QComboBox*>(QStringLiteral("releaseClash"));
    CHECK(clash->currentData().toInt() == int(Clash::KeepBoth)); // nothing is lost by pressing Return
    clash->setCurrentIndex(clash->findData(int(Clash::Refuse)));
    emit clash->activated(clash->currentIndex());
    CHECK(says(QStringLiteral("is there already")));
    CHECK_FALSE(again->findChild<QPushButton*>(QStringLiteral("releaseNow"))->isEnabled());
    again->close();
}

TEST_CASE("of a real desk the whole and single windows are taken, and never Eyelid itself") {
    QProcess terminal;
    terminal.start(QStringLiteral("xterm"),
                   {QStringLiteral("-T"), QStringLiteral("Pump log"), QStringLiteral("-geometry"),
                    QStringLiteral("60x12+100+80"), QStringLiteral("-e"), QStringLiteral("sh"), QStringLiteral("-c"),
                    QStringLiteral("printf 'mail ines.hartwell@mail.example'; exec sleep 600")});
    REQUIRE(terminal.waitForStarted());
    auto opened = X11Source::open();
    REQUIRE(opened);
    const X11Source& source = **opened;
    REQUIRE(until([&] {
        auto layout = source.layout();
        return layout && !layout->windows.empty();
    }));
    {
        Desk desk(std::move(*opened));
        desk.take(QStringLiteral("Whole desk"));
        desk.take(QStringLiteral("Pump log"));
        const QImage whole = desk.picture(0), window = desk.picture(1);
        CHECK(whole.size() == QSize(1600, 1000));
        CHECK(window.width() < 500);
        int ours = 0;
        for (int y = 0; y < whole.height(); ++y)
            for (int x = 0; x < whole.width(); ++x) ours += QColor(whole.pixel(x, y)) == desk.theme.oat;
        CHECK(ours == 0);
        desk.waitUntilRead();
        CHECK(desk.open().counts(desk.open().captures()[1]).open >= 1);
    }
    terminal.kill();
    terminal.waitForFinished();
}

TEST_CASE("decisions reach one, all of a value and all of a kind; undo takes each back") {
    Desk desk;
    desk.take(QStringLiteral("Readings"));
    desk.waitUntilRead();
    const int all = desk.open().counts().open;
    REQUIRE(all >= 9);
    desk.press(Qt::Key_J);
    const int covered = desk.window.selection().item();
    desk.press(Qt::Key_C);
    CHECK(desk.open().counts().cover == 1);
    desk.press(Qt::Key_E, Qt::AltModifier);
    CHECK(desk.open().counts().keep >= 9);
    desk.press(Qt::Key_Z, Qt::ControlModifier);
    CHECK(desk.open().counts().keep == 0);
    CHECK(desk.open().counts().cover == 1);
    desk.press(Qt::Key_Z, Qt::ControlModifier);
    CHECK(desk.open().counts().open == all);
    desk.press(Qt::Key_Z, Qt::ControlModifier | Qt::ShiftModifier);
    CHECK(desk.open().counts().cover == 1);
    desk.window.selection().select(covered);
    desk.press(Qt::Key_O);
    CHECK(desk.open().counts().open == all);
    const int first = desk.window.selection().item();
    desk.press(Qt::Key_J);
    CHECK(desk.window.selection().item() != first);
    desk.press(Qt::Key_K);
    CHECK(desk.window.selection().item() == first);
}

TEST_CASE("a change after the check asks for another check") {
    Desk desk;
    desk.window.intake().add(made::picture({QStringLiteral("Balance 38.20")}), QStringLiteral("made"));
    desk.waitUntilRead();
    desk.press(Qt::Key_Return, Qt::ControlModifier);
    REQUIRE(until([&] { return !desk.window.worker().busy() && !desk.window.releaseFlow().pictures().empty(); }));
    CHECK(desk.window.gate().message().contains(QStringLiteral("ready")));
    desk.press(Qt::Key_Escape);
    desk.press(Qt::Key_A);
    desk.drag(QRectF(10, 10, 100, 30));
    CHECK(desk.window.gate().message().contains(QStringLiteral("check not run"), Qt::CaseInsensitive));
}

TEST_CASE("a failed check blocks the release until each leak is covered or let pass with a reason") {
    Desk desk;
    desk.window.intake().add(made::picture({QStringLiteral("Write to ines.hartwell@mail.example")}, 15),
                             QStringLiteral("made"));
    desk.waitUntilRead();
    REQUIRE(desk.open().counts().open == 1);
    desk.press(Qt::Key_Return, Qt::ControlModifier);
    REQUIRE(until([&] { return !desk.window.worker().busy() && !desk.window.releaseFlow().pictures().empty(); }));
    CHECK(desk.window.releaseFlow().blocking() == 1);
    CHECK_FALSE(desk.window.gate().releaseButton()->isEnabled());
    const int id = desk.open().captures()[0].id;
    const Leak leak = desk.window.releaseFlow().blockingLeaks(id)[0];
    CHECK(desk.window.releaseFlow().letPass(id, leak, QStringLiteral("a public address")).isEmpty());
    CHECK(desk.window.releaseFlow().blocking() == 0);
    CHECK(desk.open().passedBecause(id, leak) == QStringLiteral("a public address"));
    // Nor is it asked about again when the same is checked once more.
    desk.press(Qt::Key_Return, Qt::ControlModifier);
    REQUIRE(until([&] { return !desk.window.worker().busy(); }));
    CHECK(desk.window.releaseFlow().blocking() == 0);
    // Still open, so still not to be released: letting pass is no decision about the finding.
    CHECK_FALSE(desk.window.gate().releaseButton()->isEnabled());
}

TEST_CASE("nothing is drawn unless the tool for it is on; panning and clicking change nothing") {
    Desk desk;
    desk.window.intake().add(made::picture({QStringLiteral("Nothing to find here")}), QStringLiteral("made"));
    desk.waitUntilRead();
    const int revision = desk.open().revision();
    desk.drag(QRectF(10, 10, 200, 30));
    QTest::mousePress(desk.window.sheet().viewport(), Qt::MiddleButton, Qt::NoModifier, QPoint(200, 200));
    QTest::mouseMove(desk.window.sheet().viewport(), QPoint(260, 240));
    QTest::mouseRelease(desk.window.sheet().viewport(), Qt::MiddleButton, Qt::NoModifier, QPoint(260, 240));
    CHECK(desk.open().revision() == revision);
    desk.press(Qt::Key_A);
    QTest::mousePress(desk.window.sheet().viewport(), Qt::LeftButton, Qt::ShiftModifier, QPoint(200, 200));
    QTest::mouseMove(desk.window.sheet().viewport(), QPoint(260, 240));
    QTest::mouseRelease(desk.window.sheet().viewport(), Qt::LeftButton, Qt::ShiftModifier, QPoint(260, 240));
    CHECK(desk.open().revision() == revision);
}

TEST_CASE("the wheel zooms at the pointer, and Space shows the capture bare only while it is held") {
    Desk desk;
    desk.window.intake().add(made::noise({1200, 900}, 3), QStringLiteral("made"));
    Sheet& sheet = desk.window.sheet();
    sheet.actualSize();
    QApplication::processEvents();
    const QPointF pointer(300, 250);
    const QPointF under = sheet.toPicture(pointer);
    QWheelEvent wheel(pointer, sheet.viewport()->mapToGlobal(pointer), {}, {0, 240}, Qt::NoButton, Qt::NoModifier,
                      Qt::NoScrollPhase, false);
    QApplication::sendEvent(sheet.viewport(), &wheel);
    CHECK(sheet.zoom() > 1.4);
    CHECK((sheet.toPicture(pointer) - under).manhattanLength() < 2);
    sheet.fit();
    CHECK(sheet.zoom() < 1);
    QTest::keyPress(&sheet, Qt::Key_Space);
    CHECK(sheet.isBare());
    QTest::keyRelease(&sheet, Qt::Key_Space);
    CHECK_FALSE(sheet.isBare());
}

TEST_CASE("files are brought in, and those that cannot be are told of without losing the others") {
    Desk desk;
    QTemporaryDir folder;
    REQUIRE(made::picture({QStringLiteral("One")}).save(folder.filePath(QStringLiteral("one.png"))));
    REQUIRE(made::picture({QStringLiteral("Two")}).save(folder.filePath(QStringLiteral("two.jpg"))));
    REQUIRE(writeFileWhole(folder.filePath(QStringLiteral("bad.png")), "no picture", false));
    QMimeData data;
    data.setUrls({QUrl::fromLocalFile(folder.filePath(QStringLiteral("one.png"))),
                  QUrl::fromLocalFile(folder.filePath(QStringLiteral("bad.png"))),
                  QUrl::fromLocalFile(folder.filePath(QStringLiteral("two.jpg")))});
    QDragEnterEvent enter(QPoint(300, 300), Qt::CopyAction, &data, Qt::LeftButton, Qt::NoModifier);
    QApplication::sendEvent(&desk.window, &enter);
    CHECK(enter.isAccepted());
    QDropEvent drop(QPointF(300, 300), Qt::CopyAction, &data, Qt::LeftButton, Qt::NoModifier);
    QApplication::sendEvent(&desk.window, &drop);
    QMessageBox* box = nullptr;
    REQUIRE(until([&] {
        return desk.open().captures().size() == 2 &&
               (box = desk.window.findChild<QMessageBox*>(QStringLiteral("trouble"))) != nullptr;
    }));
    CHECK(box->text().contains(QStringLiteral("bad.png")));
    CHECK(box->text().count(QLatin1Char('\n')) == 0);
    box->close();
}

TEST_CASE("reading can be stopped, and is said to be missing") {
    Desk desk;
    desk.window.intake().add(
        made::picture(QStringList(60, QStringLiteral("Stopped before it is read, line by line")), 15),
        QStringLiteral("made"));
    desk.window.worker().cancel();
    REQUIRE(until([&] { return !desk.window.worker().busy(); }));
    CHECK(desk.open().captures()[0].reading == Capture::Reading::Failed);
    CHECK(desk.window.gate().message().contains(QStringLiteral("1 capture not read")));
    CHECK_FALSE(desk.window.gate().releaseButton()->isEnabled());
}

TEST_CASE("Shift+Tab goes to the capture before, search finds words in the whole case") {
    Desk desk;
    desk.window.intake().add(made::picture({QStringLiteral("Depot at the gatehouse")}), QStringLiteral("made"));
    desk.window.intake().add(made::picture({QStringLiteral("Turbidity of the sample")}), QStringLiteral("made"));
    desk.waitUntilRead();
    const int first = desk.open().captures()[0].id, second = desk.open().captures()[1].id;
    CHECK(desk.window.selection().capture() == second);
    desk.press(Qt::Key_Backtab);
    CHECK(desk.window.selection().capture() == first);
    auto* search = desk.window.findChild<QLineEdit*>(QStringLiteral("search"));
    desk.press(Qt::Key_F, Qt::ControlModifier);
    CHECK(search->hasFocus());
    QTest::keyClicks(search, QStringLiteral("turbidity"));
    QTest::keyClick(search, Qt::Key_Return);
    CHECK(desk.window.selection().capture() == second);
}

TEST_CASE("findings are filtered by state and kind, and J keeps to what is shown") {
    Desk desk;
    desk.take(QStringLiteral("Account 4471"));
    desk.waitUntilRead();
    FindingsPanel& panel = desk.window.findings();
    const int all = int(panel.order().size());
    QComboBox* kind = nullptr;
    QComboBox* state = nullptr;
    for (QComboBox* box : panel.findChildren<QComboBox*>()) {
        if (box->accessibleName().contains(QStringLiteral("kind"))) kind = box;
        if (box->accessibleName().contains(QStringLiteral("state"))) state = box;
    }
    REQUIRE(kind);
    REQUIRE(state);
    kind->setCurrentIndex(kind->findText(kindTitle(Kind::Person)));
    const int persons = int(panel.order().size());
    CHECK(persons >= 2);
    CHECK(persons < all);
    for (int i = 0; i < 2 * persons; ++i) {
        desk.press(Qt::Key_J);
        REQUIRE(desk.selected());
        CHECK(desk.selected()->finding.kind == Kind::Person);
    }
    desk.press(Qt::Key_C, Qt::AltModifier);
    state->setCurrentIndex(state->findText(QStringLiteral("Open")));
    CHECK(panel.order().empty());
    kind->setCurrentIndex(0);
    CHECK(int(panel.order().size()) == all - persons);
}

TEST_CASE("style and note of the selected finding are changed in the panel, and undone") {
    Desk desk;
    desk.window.intake().add(made::picture({QStringLiteral("Write to ines.hartwell@mail.example")}, 15),
                             QStringLiteral("made"));
    desk.waitUntilRead();
    desk.press(Qt::Key_J);
    desk.press(Qt::Key_C);
    REQUIRE(desk.selected());
    for (QComboBox* box : desk.window.findings().findChildren<QComboBox*>())
        if (box->accessibleName().contains(QStringLiteral("Style"))) box->setCurrentIndex(1);
    CHECK(desk.selected()->look.style == CoverStyle::Mosaic);
    for (QLineEdit* edit : desk.window.findings().findChildren<QLineEdit*>())
        if (edit->accessibleName() == QStringLiteral("Note")) {
            edit->setFocus();
            QTest::keyClicks(edit, QStringLiteral("asked by phone"));
            QTest::keyClick(edit, Qt::Key_Return);
        }
    CHECK(desk.selected()->note == QStringLiteral("asked by phone"));
    desk.window.sheet().setFocus();
    desk.press(Qt::Key_Z, Qt::ControlModifier);
    CHECK(desk.selected()->note.isEmpty());
    desk.press(Qt::Key_Z, Qt::ControlModifier);
    CHECK(desk.selected()->look.style == CoverStyle::Solid);
}

TEST_CASE("a release that cannot be written says so and leaves nothing") {
    Desk desk;
    desk.window.intake().add(made::picture({QStringLiteral("Balance 38.20")}), QStringLiteral("made"));
    desk.waitUntilRead();
    desk.press(Qt::Key_Return, Qt::ControlModifier | Qt::ShiftModifier); // checks by itself, then asks where to
    ReleaseView* view = nullptr;
    REQUIRE(until([&] {
        return (view = desk.window.findChild<ReleaseView*>(QStringLiteral("releaseView"))) != nullptr &&
               view->isVisible();
    }));
    QTemporaryDir folder;
    REQUIRE(writeFileWhole(folder.filePath(QStringLiteral("file")), "x", false));
    view->findChild<QLineEdit*>(QStringLiteral("releaseFolder"))
        ->setText(folder.filePath(QStringLiteral("file/below")));
    QTest::mouseClick(view->findChild<QPushButton*>(QStringLiteral("releaseNow")), Qt::LeftButton);
    CHECK(until([&] {
        QStringList texts;
        for (QLabel* label : view->findChildren<QLabel*>()) texts << label->text();
        return texts.join(QLatin1Char(' ')).contains(QStringLiteral("cannot be made"));
    }));
    CHECK(QDir(folder.path()).entryList(QDir::Files).size() == 1);
    view->close();
}

TEST_CASE("the window fits small screens, with its gate and its findings in sight") {
    Desk desk;
    desk.window.intake().add(made::picture({QStringLiteral("Write to ines.hartwell@mail.example")}),
                             QStringLiteral("made"));
    desk.waitUntilRead();
    for (const QSize& size : {QSize(1280, 740), QSize(1024, 640)}) {
        // With a tool chosen the dock has the most to hold.
        desk.press(Qt::Key_A);
        desk.window.resize(size);
        REQUIRE(until([&] { return desk.window.width() == size.width(); }));
        CHECK(desk.window.size() == size);
        const auto inSight = [&](QWidget& widget) {
            const QRect place(widget.mapTo(&desk.window, QPoint(0, 0)), widget.size());
            return widget.isVisible() && desk.window.rect().contains(place);
        };
        CHECK(inSight(desk.window.gate()));
        CHECK(inSight(*desk.window.gate().releaseButton()));
        CHECK(inSight(desk.window.findings()));
        CHECK(inSight(desk.window.sheet()));
        CHECK(desk.window.sheet().width() > 400);
        CHECK(desk.window.findings().list()->height() > 100);
    }
}

TEST_CASE("closing the window with work in it asks first") {
    Desk desk;
    CHECK(desk.window.close()); // nothing to lose
    desk.window.show();
    REQUIRE(QTest::qWaitForWindowActive(&desk.window));
    desk.window.intake().add(made::picture({QStringLiteral("Balance 38.20")}), QStringLiteral("made"));
    desk.waitUntilRead();
    QTimer poll;
    bool asked = false;
    QObject::connect(&poll, &QTimer::timeout, [&] {
        auto* box = qobject_cast<QMessageBox*>(QApplication::activeModalWidget());
        if (!box || !box->isVisible() || asked) return;
        asked = true;
        QTest::keyClick(box, Qt::Key_Escape);
    });
    poll.start(20);
    CHECK_FALSE(desk.window.close());
    CHECK(asked);
    CHECK(desk.window.isVisible());
    CHECK(until([&] { return desk.open().captures().size() == 1; }));
}

TEST_CASE("a value met on one capture is found on the next, and taking a capture away can be undone") {
    Desk desk;
    desk.window.intake().add(made::picture({QStringLiteral("Customer: Zorblat Quillfeather")}, 15),
                             QStringLiteral("made"));
    desk.waitUntilRead();
    REQUIRE(desk.open().counts().open == 1);
    desk.window.intake().add(made::picture({QStringLiteral("then we told Quillfeather to wait")}, 15),
                             QStringLiteral("made"));
    desk.waitUntilRead();
    REQUIRE(desk.open().counts(desk.open().captures()[1]).open == 1);
    const int second = desk.open().captures()[1].id;
    desk.open().remove(second);
    CHECK(until([&] { return desk.open().captures().size() == 1; }));
    CHECK(desk.window.selection().capture() == desk.open().captures()[0].id);
    desk.press(Qt::Key_Z, Qt::ControlModifier);
    CHECK(until([&] { return desk.open().captures().size() == 2; }));
}

TEST_CASE("every control has a name for those who cannot see it") {
    Desk desk;
    const auto named = [](const QWidget& w) {
        if (const auto* box = qobject_cast<const QComboBox*>(&w); box && box->isVisible())
            return !box->accessibleDescription().isEmpty();
        if (!w.accessibleName().isEmpty()) return true;
        if (const auto* button = qobject_cast<const QAbstractButton*>(&w)) return !button->text().isEmpty();
        return false;
    };
    int controls = 0;
    for (const QWidget* w : desk.window.findChildren<QWidget*>()) {
        const bool control = qobject_cast<const QAbstractButton*>(w) || qobject_cast<const QComboBox*>(w) ||
                             qobject_cast<const QAbstractItemView*>(w) || qobject_cast<const QSlider*>(w) ||
                             qobject_cast<const QLineEdit*>(w) || qobject_cast<const Sheet*>(w) ||
                             qobject_cast<const LidGauge*>(w);
        // What Qt itself puts within a control belongs to it.
        if (!control || w->objectName().startsWith(QStringLiteral("qt_")) ||
            qobject_cast<const QComboBox*>(w->parentWidget()) ||
            (qobject_cast<const QLineEdit*>(w->parentWidget()) && !w->isVisible()) ||
            QString::fromLatin1(w->metaObject()->className()).contains(QStringLiteral("Private")) ||
            QString::fromLatin1(w->parentWidget()->metaObject()->className()).contains(QStringLiteral("Private")))
            continue;
        ++controls;
        INFO(w->metaObject()->className() << " " << w->objectName().toStdString());
        CHECK(named(*w));
    }
    CHECK(controls > 20);
}

TEST_CASE("text stands out from its ground in all themes") {
    for (const Theme& t : {Theme::light(), Theme::night()}) {
        for (const QColor& text : {t.ink, t.faint, t.aubergine, t.pine, t.brick})
            for (const QColor& ground : {t.paper, t.oat}) CHECK(contrast(text, ground) >= 4.5);
        CHECK(contrast(t.onBrand, t.aubergine) >= 4.5);
        CHECK(contrast(t.ink, t.selection) >= 4.5);
        CHECK(contrast(t.faint, t.selection) >= 4.5);
    }
    const Theme t = Theme::contrast();
    for (const QColor& text : {t.ink, t.faint, t.aubergine, t.clay, t.pine, t.brick, t.hairline})
        for (const QColor& ground : {t.paper, t.oat}) CHECK(contrast(text, ground) >= 7);
    CHECK(contrast(t.onBrand, t.aubergine) >= 7);
    CHECK(contrast(t.ink, t.selection) >= 7);
    CHECK(contrast(t.faint, t.selection) >= 7);
}

TEST_CASE("theme, place of release and style of covers are remembered") {
    {
        Desk desk;
        desk.window.intake().add(made::picture({QStringLiteral("x")}), QStringLiteral("made"));
        desk.press(Qt::Key_D, Qt::ControlModifier | Qt::ShiftModifier);
        CHECK(desk.theme.dark);
        CHECK(QSettings().value(QStringLiteral("theme")).toString() == QStringLiteral("dark"));
        desk.press(Qt::Key_D, Qt::ControlModifier | Qt::ShiftModifier);
        CHECK_FALSE(desk.theme.dark);
        desk.press(Qt::Key_A);
        desk.window.findChild<QWidget*>(QStringLiteral("dock"))
            ->findChild<QComboBox*>(QStringLiteral("coverStyle"))
            ->setCurrentIndex(int(CoverStyle::Blur));
        desk.drag(QRectF(30, 10, 100, 30));
        const HandCover* drawn = desk.open().hand(desk.window.selection().item());
        REQUIRE(drawn);
        CHECK(drawn->look.style == CoverStyle::Blur);
    }
    CHECK(QSettings().value(QStringLiteral("cover/style")).toInt() == 2);
}
