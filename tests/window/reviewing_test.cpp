// Deciding fast, and covering anything: by keys, by many at once, by shapes of every kind.
#include "app/checking/gate.h"
#include "app/findings/change_finding_view.h"
#include "app/findings/decide_many.h"
#include "app/findings/finding_details.h"
#include "app/findings/findings_model.h"
#include "app/window/command_finder.h"
#include "app/window/handbook_view.h"
#include "app/window/settings.h"
#include "app/window/settings_view.h"
#include "desk.h"

#include <QCheckBox>
#include <QComboBox>
#include <QFile>
#include <QLabel>
#include <QListView>
#include <QListWidget>
#include <QLocale>
#include <QMenu>
#include <QScrollBar>
#include <QSlider>
#include <QSpinBox>
#include <QTextBrowser>
#include <QToolButton>

using namespace eyelid;

namespace {

// The list of meter readings: one person a row.
struct ReadingsDesk : Desk {
    ReadingsDesk() {
        take(QStringLiteral("Readings"));
        waitUntilRead();
        press(Qt::Key_J);
    }
    FindingsModel& model() { return static_cast<FindingsModel&>(*window.findings().list()->model()); }
    DecideMany& many() { return window.findings().decideMany(); }
    QAction& command(const char* id) { return window.commands()[QString::fromLatin1(id)]; }
    int capture() { return open().captures().front().id; }
    QPoint inView(double x, double y) { return window.sheet().toView(QPointF(x, y)).toPoint(); }
    void pull(const QPointF& from, const QPointF& to) {
        QWidget* view = window.sheet().viewport();
        QTest::mousePress(view, Qt::LeftButton, {}, inView(from.x(), from.y()));
        QTest::mouseMove(view, inView((from.x() + to.x()) / 2, (from.y() + to.y()) / 2));
        QTest::mouseMove(view, inView(to.x(), to.y()));
        QTest::mouseRelease(view, Qt::LeftButton, {}, inView(to.x(), to.y()));
        QApplication::processEvents();
    }
    void drawWith(Sheet::CoverForm form) {
        press(Qt::Key_A);
        window.sheet().setCoverForm(form);
    }
    QRegion hands() { return handRegion(open().decided(open().captures().front()), open().captures().front().size); }
};

} // namespace

TEST_CASE("after a decision the next open finding comes by itself, one key goes back, and it can be switched off") {
    ReadingsDesk desk;
    const std::vector<int> order = desk.window.findings().order();
    REQUIRE(order.size() > 4);
    CHECK(desk.window.selection().item() == order[0]);
    desk.press(Qt::Key_C);
    CHECK(desk.window.selection().item() == order[1]);
    desk.press(Qt::Key_E);
    CHECK(desk.window.selection().item() == order[2]);
    desk.press(Qt::Key_Backspace);
    CHECK(desk.window.selection().item() == order[1]);
    desk.press(Qt::Key_Backspace);
    CHECK(desk.window.selection().item() == order[0]);
    // What is decided is passed over on the way on.
    desk.press(Qt::Key_E);
    CHECK(desk.window.selection().item() == order[2]);
    CHECK(desk.window.findings().order() == order); // and nothing has jumped about
    desk.command("goOn").trigger();
    desk.press(Qt::Key_C);
    CHECK(desk.window.selection().item() == order[2]);
}

TEST_CASE("all that is open is covered in one step, from a sureness upwards, and marked before") {
    ReadingsDesk desk;
    const int all = desk.open().counts().open;
    desk.press(Qt::Key_C, Qt::ControlModifier | Qt::ShiftModifier);
    REQUIRE(desk.many().isVisible());
    CHECK(int(desk.many().chosen().size()) == all);
    auto* from = desk.many().findChild<QSlider*>();
    from->setValue(100);
    CHECK(int(desk.many().chosen().size()) < all);
    CHECK(desk.open().counts().cover == 0);
    from->setValue(90);
    const size_t chosen = desk.many().chosen().size();
    REQUIRE(chosen > 3);
    CHECK(desk.many().findChild<QLabel*>(QStringLiteral("whatIsDecided"))->text().contains(QString::number(chosen)));
    QTest::keyClick(from, Qt::Key_Return);
    CHECK(size_t(desk.open().counts().cover) == chosen);
    CHECK(!desk.many().isVisible());
    desk.press(Qt::Key_Z, Qt::ControlModifier);
    CHECK(desk.open().counts().open == all);
    // Escape leaves it with nothing done.
    desk.press(Qt::Key_C, Qt::ControlModifier | Qt::ShiftModifier);
    desk.press(Qt::Key_Escape);
    CHECK(!desk.many().isVisible());
    CHECK(desk.open().counts().open == all);
}

TEST_CASE("keeping all like one shows which ones before it is done, and asked ones wait for their answer") {
    ReadingsDesk desk;
    desk.window.findings().details().ask();
    QTest::keyClicks(QApplication::focusWidget(), QStringLiteral("Is this one of ours?"));
    QTest::keyClick(QApplication::focusWidget(), Qt::Key_Return);
    REQUIRE(desk.open().counts().questions == 1);
    CHECK(desk.window.gate().message().contains(QStringLiteral("1 question")));
    desk.window.sheet().setFocus();
    desk.press(Qt::Key_E, Qt::ControlModifier | Qt::ShiftModifier);
    auto* reach = desk.many().findChild<QComboBox*>();
    CHECK(desk.many().chosen().empty()); // the one that is asked about alone has this value
    reach->setCurrentIndex(int(DecideMany::Reach::Kind));
    const size_t persons = desk.many().chosen().size();
    REQUIRE(persons > 3);
    QTest::mouseClick(desk.many().findChild<QPushButton*>(QStringLiteral("decideNow")), Qt::LeftButton);
    CHECK(size_t(desk.open().counts().keep) == persons);
    CHECK(desk.open().counts().questions == 1);
    desk.press(Qt::Key_C);
    CHECK(desk.open().counts().questions == 0);
}

TEST_CASE("several rows are chosen and decided together, and said to be one person") {
    ReadingsDesk desk;
    QListView* list = desk.window.findings().list();
    const auto rowOf = [&](int row) { return list->visualRect(list->model()->index(row, 0)).center(); };
    QTest::mouseClick(list->viewport(), Qt::LeftButton, {}, rowOf(0));
    QTest::mouseClick(list->viewport(), Qt::LeftButton, Qt::ShiftModifier, rowOf(2));
    QTest::keyClick(list, Qt::Key_C);
    CHECK(desk.open().counts().cover == 3);
    desk.press(Qt::Key_Z, Qt::ControlModifier);
    QTest::mouseClick(list->viewport(), Qt::LeftButton, {}, rowOf(0));
    QTest::mouseClick(list->viewport(), Qt::LeftButton, Qt::ControlModifier, rowOf(3));
    const int one = desk.model().row(0).ids.front(), other = desk.model().row(3).ids.front();
    desk.command("same").trigger();
    CHECK(desk.open().item(one)->identity == desk.open().item(other)->identity);
    // Spellings of one person stand under one another.
    CHECK(desk.model().rowOf(other) == 1);
    CHECK(desk.model().row(1).variant);
    desk.window.selection().select(other);
    desk.command("another").trigger();
    CHECK(desk.open().item(one)->identity != desk.open().item(other)->identity);
}

TEST_CASE("the list is filtered by letters and put in order, with a heading where a capture begins") {
    ReadingsDesk desk;
    desk.take(QStringLiteral("Complaint"));
    desk.waitUntilRead();
    FindingsModel& model = desk.model();
    CHECK(!model.row(0).heading.isEmpty());
    int headings = 0;
    for (int i = 0; i < model.rowCount(); ++i) headings += !model.row(i).heading.isEmpty();
    CHECK(headings == 2);
    auto* words = desk.window.findings().findChild<QLineEdit*>(QStringLiteral("findingsWords"));
    const QString part = model.row(2).text.left(5);
    words->setText(part.toLower());
    REQUIRE(model.rowCount() > 0);
    for (int i = 0; i < model.rowCount(); ++i) CHECK(model.row(i).text.contains(part, Qt::CaseInsensitive));
    words->clear();
    const auto orders =
        desk.window.findings().findChild<QToolButton*>(QStringLiteral("findingsOrder"))->menu()->actions();
    orders[2]->trigger(); // what is unsure first
    for (int i = 1; i < model.rowCount(); ++i)
        if (!model.row(i).variant && !model.row(i - 1).variant)
            CHECK(model.row(i - 1).confidence <= model.row(i).confidence);
    orders.back()->trigger(); // of the capture that is shown alone
    for (int i = 0; i < model.rowCount(); ++i) CHECK(model.row(i).capture == desk.window.selection().capture());
}

TEST_CASE("a finding is given another kind and ground, and a reason that holds a covered value is refused") {
    ReadingsDesk desk;
    const QString name = desk.selected()->finding.text;
    const auto answer = [&](const QString& reason) {
        QTimer poll;
        QObject::connect(&poll, &QTimer::timeout, [&] {
            auto* view = qobject_cast<ChangeFindingView*>(QApplication::activeModalWidget());
            if (!view) return;
            poll.stop();
            auto* kind = view->findChild<QComboBox*>(QStringLiteral("kind"));
            kind->setCurrentIndex(kind->findData(int(Kind::Username)));
            view->findChild<QLineEdit*>(QStringLiteral("ground"))->setText(QStringLiteral("Art. 6"));
            view->findChild<QLineEdit*>(QStringLiteral("reason"))->setText(reason);
            view->accept();
        });
        poll.start(10);
        desk.press(Qt::Key_F4);
    };
    desk.press(Qt::Key_C);
    desk.press(Qt::Key_Backspace);
    answer(QStringLiteral("is the login of ") + name);
    CHECK(desk.selected()->finding.kind == Kind::Person);
    QWidget* box = nullptr;
    REQUIRE(until([&] { return (box = desk.window.findChild<QWidget*>(QStringLiteral("trouble"))) != nullptr; }));
    box->close();
    REQUIRE(QTest::qWaitForWindowActive(&desk.window));
    answer(QStringLiteral("is a login"));
    REQUIRE(desk.selected());
    CHECK((desk.selected()->finding.kind == Kind::Username &&
           desk.selected()->finding.ground == QStringLiteral("Art. 6")));
    CHECK(desk.selected()->decision == Decision::Cover);
    desk.press(Qt::Key_Z, Qt::ControlModifier);
    CHECK(desk.open().counts().cover == 1);
}

TEST_CASE("the ends of a finding go from letter to letter, by keys and by the pointer") {
    ReadingsDesk desk;
    const Finding before = desk.selected()->finding;
    CAPTURE(before.text.toStdString(), before.reason.toStdString());
    REQUIRE(before.text.size() > 6);
    desk.press(Qt::Key_Left, Qt::ControlModifier);
    REQUIRE(desk.selected());
    CHECK(desk.selected()->finding.text == before.text.left(before.text.size() - 1));
    desk.press(Qt::Key_Right, Qt::ControlModifier);
    CHECK(desk.selected()->finding.text == before.text);
    desk.press(Qt::Key_Right, Qt::ControlModifier | Qt::ShiftModifier);
    CHECK(desk.selected()->finding.text == before.text.mid(1));
    for (int i = 0; i < 3; ++i) desk.press(Qt::Key_Z, Qt::ControlModifier);
    REQUIRE(desk.open().items(desk.capture()).front().finding.text == before.text);
    // Dragged by its end to the middle, what is left begins as it did.
    desk.window.selection().select(desk.open().items(desk.capture()).front().id);
    QApplication::processEvents();
    const QRectF box = before.boxes.front();
    desk.pull({box.right() + 4, box.center().y()}, box.center());
    REQUIRE(desk.selected());
    CHECK(desk.selected()->finding.text.size() < before.text.size());
    CHECK(before.text.startsWith(desk.selected()->finding.text));
    CHECK(desk.open().counts().all() == int(desk.window.findings().order().size()));
}

TEST_CASE("covers are drawn in every form, and what is covered is what was drawn around") {
    ReadingsDesk desk;
    const QSize size = desk.open().captures().front().size;
    QWidget* view = desk.window.sheet().viewport();
    desk.drawWith(Sheet::CoverForm::Polygon);
    for (const QPointF corner : {QPointF(20, 20), QPointF(120, 20), QPointF(300, 300)})
        QTest::mouseClick(view, Qt::LeftButton, {}, desk.inView(corner.x(), corner.y()));
    desk.press(Qt::Key_Backspace); // the last one was wrong
    QTest::mouseClick(view, Qt::LeftButton, {}, desk.inView(20, 120));
    desk.press(Qt::Key_Return);
    CHECK((desk.hands().contains(QPoint(40, 40)) && !desk.hands().contains(QPoint(110, 110))));
    desk.drawWith(Sheet::CoverForm::Brush);
    desk.pull({200, 50}, {300, 50});
    CHECK((desk.hands().contains(QPoint(250, 52)) && !desk.hands().contains(QPoint(250, 90))));
    desk.drawWith(Sheet::CoverForm::Outline);
    desk.pull({20, 200}, {200, 320}); // there and straight back: all it runs through
    CHECK(desk.hands().contains(QPoint(110, 260)));
    desk.drawWith(Sheet::CoverForm::CutOut);
    desk.pull({230, 30}, {270, 80});
    CHECK((!desk.hands().contains(QPoint(250, 52)) && desk.hands().contains(QPoint(290, 52))));
    desk.drawWith(Sheet::CoverForm::AllBut);
    desk.pull({300, 200}, {400, 300});
    CHECK((desk.hands().contains(QPoint(size.width() - 5, 5)) && !desk.hands().contains(QPoint(350, 250))));
    // Each of them one step back.
    const int covers = int(desk.open().captures().front().hands.size());
    desk.press(Qt::Key_Escape);
    desk.press(Qt::Key_Z, Qt::ControlModifier);
    CHECK(int(desk.open().captures().front().hands.size()) == covers - 1);
}

TEST_CASE("a cover by hand is moved and stretched by pointer and arrows, and put on all captures") {
    ReadingsDesk desk;
    desk.press(Qt::Key_A);
    desk.pull({40, 40}, {100, 80});
    desk.press(Qt::Key_Escape);
    const int id = desk.open().captures().front().hands.front().id;
    desk.window.selection().select(id);
    const auto place = [&] { return desk.open().placeOf(id).toRect(); };
    const QRect before = place();
    desk.press(Qt::Key_Right);
    CHECK(place() == before.translated(1, 0));
    desk.press(Qt::Key_Down, Qt::ShiftModifier);
    CHECK(place() == before.translated(1, 10));
    desk.press(Qt::Key_Right, Qt::ControlModifier);
    CHECK(place().width() == before.width() + 1);
    for (int i = 0; i < 3; ++i) desk.press(Qt::Key_Z, Qt::ControlModifier);
    CHECK(place() == before);
    desk.pull(QPointF(before.center()), QPointF(before.center()) + QPointF(50, 20));
    CHECK(std::abs(place().x() - before.x() - 50) <= 2);
    CHECK(place().size() == before.size());
    const QRect moved = place();
    desk.pull(QPointF(moved.right() + 1, moved.bottom() + 1), QPointF(moved.right() + 31, moved.bottom() + 21));
    CHECK(std::abs(place().width() - moved.width() - 30) <= 2);
    CHECK(place().topLeft() == moved.topLeft());
    desk.take(QStringLiteral("Readings"));
    desk.waitUntilRead();
    desk.window.selection().select(id);
    desk.command("coverOnAll").trigger();
    REQUIRE(desk.open().captures().back().hands.size() == 1);
    CHECK(desk.open().captures().back().hands.front().shape == desk.open().hand(id)->shape);
}

TEST_CASE("a command is found by its words and run, and one that cannot be done is not") {
    ReadingsDesk desk;
    QStringList listed;
    const auto find = [&](const QString& words) {
        listed.clear();
        QTimer once;
        QObject::connect(&once, &QTimer::timeout, [&] {
            auto* finder = qobject_cast<CommandFinder*>(QApplication::activeModalWidget());
            if (!finder) return;
            once.stop();
            QTest::keyClicks(finder->findChild<QLineEdit*>(), words);
            const auto* list = finder->findChild<QListWidget*>();
            for (int i = 0; i < list->count(); ++i) listed << list->item(i)->text();
            QTest::keyClick(finder->findChild<QLineEdit*>(), Qt::Key_Return);
            finder->close();
        });
        once.start(10);
        desk.press(Qt::Key_K, Qt::ControlModifier);
    };
    find(QStringLiteral("redact"));
    REQUIRE(listed.size() == 1);
    CHECK(listed.front().contains(QStringLiteral("Ctrl+Shift+C")));
    CHECK(desk.many().isVisible());
    desk.press(Qt::Key_Escape);
    // A key reaches the desk once it is the active window again.
    REQUIRE(until([&] { return !desk.many().isVisible() && QApplication::activeWindow() == &desk.window; }));
    find(QStringLiteral("redo"));
    CHECK(!listed.isEmpty());
    CHECK(desk.open().counts().cover == 0);
}

TEST_CASE("the search says how often and on how many captures a text stands, while it is typed") {
    ReadingsDesk desk;
    desk.press(Qt::Key_F, Qt::ControlModifier);
    auto* field = desk.window.findChild<QLineEdit*>(QStringLiteral("search"));
    auto* count = desk.window.findChild<QLabel*>(QStringLiteral("searchCount"));
    QTest::keyClicks(field, QStringLiteral("LW-11"));
    REQUIRE(until([&] { return count->isVisible() && count->text().contains(QStringLiteral("1 capture")); }));
    const int places = count->text().section(u' ', 0, 0).toInt();
    CHECK(places >= 9);
    QTest::keyClick(field, Qt::Key_Return);
    CHECK(count->text() == QStringLiteral("1 of %1").arg(places));
    QTest::keyClick(field, Qt::Key_Return, Qt::ShiftModifier);
    CHECK(count->text() == QStringLiteral("%1 of %1").arg(places));
    field->setText(QStringLiteral("quagga"));
    REQUIRE(until([&] { return count->text() == QStringLiteral("nowhere"); }));
    field->clear();
    CHECK(until([&] { return !count->isVisible(); }));
}

TEST_CASE(
    "the handbook's first pages are told in the language that is spoken, with their pictures; the rest in English") {
    struct Speaking {
        QLocale before;
        ~Speaking() { QLocale::setDefault(before); }
    } speaking;
    const std::pair<const char*, const char*> firsts[] = {
        {"en", "The job"}, {"de", "Die Arbeit"}, {"fr_BE", "Le travail"}, {"es", "El trabajo"}, {"fi", "The job"}};
    for (const auto& [language, title] : firsts) {
        INFO(language);
        QLocale::setDefault(QLocale(QLatin1String(language)));
        HandbookView view(nullptr);
        auto* titles = view.findChild<QListWidget*>();
        REQUIRE(titles->count() == 9);
        CHECK(titles->item(0)->text().startsWith(QLatin1String(title)));
        CHECK(titles->item(8)->text().startsWith(QStringLiteral("What")));
        const QString text = view.findChild<QTextBrowser*>()->toMarkdown();
        const int from = int(text.indexOf(QStringLiteral("](:/"))) + 2;
        REQUIRE(from > 2);
        CHECK(QFile::exists(text.mid(from, text.indexOf(u')', from) - from)));
        view.show();
        REQUIRE(QTest::qWaitForWindowExposed(&view));
        CHECK(view.findChild<QTextBrowser*>()->horizontalScrollBar()->maximum() == 0);
    }
}

TEST_CASE("the handbook is at hand, names no key that is not there, and is searched") {
    Desk desk;
    desk.press(Qt::Key_F1);
    auto* view = desk.window.findChild<HandbookView*>();
    REQUIRE((view && view->isVisible()));
    auto* titles = view->findChild<QListWidget*>();
    auto* text = view->findChild<QTextBrowser*>();
    REQUIRE(titles->count() == 9);
    QSet<QString> there{QStringLiteral("Space"), QStringLiteral("Tab"), QStringLiteral("Shift+Tab")};
    for (const FoundCommand& command : desk.window.commands().matching({}))
        for (const QKeySequence& keys : command.action->shortcuts()) there << keys.toString(QKeySequence::PortableText);
    for (int i = 0; i < titles->count(); ++i) {
        titles->setCurrentRow(i);
        CHECK(text->toPlainText().startsWith(titles->item(i)->text()));
    }
    QFile keys(QStringLiteral(":/eyelid/handbook/8-keys.md"));
    REQUIRE(keys.open(QIODevice::ReadOnly));
    int named = 0;
    for (const QString& line : QString::fromUtf8(keys.readAll()).split(u'\n')) {
        if (!line.startsWith(u'|')) continue;
        const QStringList parts = line.section(u'|', 1, 1).split(u'`');
        for (qsizetype i = 1; i < parts.size(); i += 2) {
            INFO(parts[i].toStdString());
            const QString key = QString(parts[i]).replace(QStringLiteral("Escape"), QStringLiteral("Esc"));
            CHECK(there.contains(key));
            ++named;
        }
    }
    CHECK(named > 20);
    view->findChild<QLineEdit*>()->setText(QStringLiteral("passphrase"));
    CHECK(titles->count() == 1);
    view->findChild<QLineEdit*>()->setText(QStringLiteral("quagga"));
    CHECK((titles->count() == 0 && text->toPlainText().contains(QStringLiteral("quagga"))));
}

TEST_CASE("before and after stand side by side, nothing hidden is shown on the right, and the line is dragged") {
    ReadingsDesk desk;
    desk.press(Qt::Key_C, Qt::ControlModifier | Qt::ShiftModifier);
    QTest::keyClick(QApplication::focusWidget(), Qt::Key_Return);
    REQUIRE(desk.open().counts().open == 0);
    Sheet& sheet = desk.window.sheet();
    desk.press(Qt::Key_D);
    REQUIRE(sheet.isDivided());
    const Capture& capture = desk.open().captures().front();
    const QRectF covered = desk.open().items(capture.id).front().finding.boxes.front();
    const QPoint middle = sheet.toView(covered.center()).toPoint();
    const auto isCovered = [&] {
        const QImage shown = sheet.viewport()->grab().toImage();
        return shown.pixel(middle) == solidColour();
    };
    const auto drag = [&](int to) {
        QTest::mousePress(sheet.viewport(), Qt::LeftButton, {}, QPoint(int(sheet.dividerAt()), 200));
        QTest::mouseMove(sheet.viewport(), QPoint(to, 200));
        QTest::mouseRelease(sheet.viewport(), Qt::LeftButton, {}, QPoint(to, 200));
    };
    drag(middle.x() - 60);
    REQUIRE(until(isCovered));
    drag(middle.x() + 60);
    CHECK_FALSE(isCovered());
    CHECK(desk.open().captures().front().hands.empty()); // nothing was drawn by that
    desk.press(Qt::Key_D);
    CHECK(!sheet.isDivided());
    CHECK(until(isCovered));
    // To the width, and to what is selected.
    desk.press(Qt::Key_2, Qt::ControlModifier);
    CHECK(std::abs(sheet.toView({double(capture.size.width()), 0}).x() - sheet.toView({0, 0}).x() -
                   sheet.viewport()->width()) < 60);
    desk.press(Qt::Key_J);
    desk.press(Qt::Key_Z);
    const QPointF seen = sheet.toView(desk.open().placeOf(desk.window.selection().item()).center());
    CHECK((seen - QRectF(sheet.viewport()->rect()).center()).manhattanLength() < sheet.viewport()->height());
}

TEST_CASE("only what is sure, or only what is not, is listed where that is asked for") {
    ReadingsDesk desk;
    const size_t all = desk.window.findings().order().size();
    QMenu* menu = desk.window.findChild<QToolButton*>(QStringLiteral("findingsOrder"))->menu();
    const auto ask = [&](const char* text) {
        for (QAction* action : menu->actions())
            if (action->text() == QLatin1String(text)) action->trigger();
        return desk.window.findings().order();
    };
    const std::vector<int> sure = ask("Only from 90 % sure"), unsure = ask("Only below 90 % sure");
    CHECK(sure.size() + unsure.size() == all);
    for (const int id : sure) CHECK(desk.open().item(id)->finding.confidence >= 0.9);
    for (const int id : unsure) CHECK(desk.open().item(id)->finding.confidence < 0.9);
    CHECK(ask("Sure or not").size() == all);
}

TEST_CASE("settings are found by typing, hold at once and are remembered") {
    Desk desk;
    bool seen = false;
    QTimer poll;
    QObject::connect(&poll, &QTimer::timeout, [&] {
        auto* view = qobject_cast<SettingsView*>(QApplication::activeModalWidget());
        if (!view || seen) return;
        seen = true;
        view->findChild<QCheckBox*>(QStringLiteral("goOn"))->setChecked(false);
        auto* officer = view->findChild<QLineEdit*>(QStringLiteral("officer"));
        officer->setText(QStringLiteral("R. Abernal"));
        emit officer->editingFinished();
        auto* policy = view->findChild<QComboBox*>(QStringLiteral("policy"));
        policy->setCurrentIndex(policy->findData(QStringLiteral("payment")));
        emit policy->activated(policy->currentIndex());
        auto* theme = view->findChild<QComboBox*>(QStringLiteral("theme"));
        emit theme->activated(1);
        QTest::keyClicks(view->findChild<QLineEdit*>(), QStringLiteral("resolution"));
        CHECK((view->findChild<QSpinBox*>(QStringLiteral("dpi"))->isVisible() && !officer->isVisible()));
        view->close();
    });
    poll.start(10);
    desk.press(Qt::Key_Comma, Qt::ControlModifier);
    REQUIRE(seen);
    CHECK(!settings::goesOn());
    CHECK(desk.open().officer() == QStringLiteral("R. Abernal"));
    CHECK(settings::policyName() == QStringLiteral("payment"));
    CHECK(desk.theme.dark);
}
