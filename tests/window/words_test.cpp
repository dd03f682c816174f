// Words straight off the sheet: swept, copied, covered, watched for, corrected, read again, and their view.
#include "window/desk.h"

#include "app/sheet/read_again_view.h"
#include "app/sheet/words_view.h"

#include <QCheckBox>
#include <QClipboard>
#include <QComboBox>
#include <QLineEdit>
#include <QMimeData>
#include <QPlainTextEdit>
#include <QPushButton>
#include <QTableWidget>
#include <QTabWidget>

using namespace eyelid;

namespace {

// The first place of a word on the sheet's page.
WordAt find(Desk& desk, const QString& text) {
    const Capture* c = desk.open().capture(desk.window.selection().capture());
    REQUIRE(c);
    REQUIRE(c->page);
    for (int l = 0; l < int(c->page->lines.size()); ++l)
        for (int w = 0; w < int(c->page->lines[size_t(l)].words.size()); ++w)
            if (c->page->lines[size_t(l)].words[size_t(w)].text == text) return {l, w};
    FAIL("not on the page: " << text.toStdString());
    return {};
}

QPoint middle(Desk& desk, const WordAt& at) {
    const Capture* c = desk.open().capture(desk.window.selection().capture());
    return desk.window.sheet().toView(c->page->lines[size_t(at.line)].words[size_t(at.word)].box.center()).toPoint();
}

void sweep(Desk& desk, const QString& from, const QString& to) {
    QWidget* view = desk.window.sheet().viewport();
    const QPoint a = middle(desk, find(desk, from)), b = middle(desk, find(desk, to));
    QTest::mousePress(view, Qt::LeftButton, {}, a);
    // Events of the pointer's own, so that the test waits for nothing outside it.
    for (const QPoint& p : {(a + b) / 2, b}) {
        QMouseEvent move(QEvent::MouseMove, p, view->mapToGlobal(p), Qt::NoButton, Qt::LeftButton, Qt::NoModifier);
        QApplication::sendEvent(view, &move);
    }
    QTest::mouseRelease(view, Qt::LeftButton, {}, b);
}

QPushButton* button(Desk& desk, const char* name) {
    auto* b = desk.window.findChild<QPushButton*>(QString::fromLatin1(name));
    REQUIRE(b);
    return b;
}

} // namespace

TEST_CASE("words are swept across lines and copied as they would be released") {
    Desk desk;
    desk.take(QStringLiteral("Complaint"));
    desk.waitUntilRead();
    sweep(desk, QStringLiteral("Please"), QStringLiteral("bottles"));
    CHECK(desk.window.sheet().chosenWords().size() == 4);
    desk.press(Qt::Key_C, Qt::ControlModifier);
    CHECK(QGuiApplication::clipboard()->text() == QStringLiteral("Please refund the bottles"));
    // Backwards and over lines.
    sweep(desk, QStringLiteral("faithfully"), QStringLiteral("Please"));
    desk.press(Qt::Key_C, Qt::ControlModifier);
    const QString text = QGuiApplication::clipboard()->text();
    CHECK(text.startsWith(QStringLiteral("Please refund")));
    CHECK(text.endsWith(QStringLiteral("faithfully")));
    // What is open leaves as a name, and so does what is covered; only what is kept is shown.
    CHECK_FALSE(text.contains(QStringLiteral("WEST")));
    CHECK(text.contains(QStringLiteral("[IBAN ")));
    for (const auto& [decision, shown] : {std::pair(Decision::Cover, false), std::pair(Decision::Keep, true)}) {
        for (const Item& item : std::vector<Item>(desk.items(0)))
            if (item.finding.kind == Kind::Iban) desk.open().decide(item.id, Scope::One, decision);
        sweep(desk, QStringLiteral("Please"), QStringLiteral("faithfully"));
        desk.press(Qt::Key_C, Qt::ControlModifier);
        CHECK(QGuiApplication::clipboard()->text().contains(QStringLiteral("GB82 WEST 1234 5698 7654 32")) == shown);
        CHECK(QGuiApplication::clipboard()->text().contains(QStringLiteral("[IBAN ")) == !shown);
    }
    // Escape lets go.
    desk.press(Qt::Key_Escape);
    CHECK(desk.window.sheet().chosenWords().empty());
}

TEST_CASE("a double click takes a word, a third the line; a click takes what it hits") {
    Desk desk;
    desk.take(QStringLiteral("Complaint"));
    desk.waitUntilRead();
    QWidget* view = desk.window.sheet().viewport();
    const QPoint at = middle(desk, find(desk, QStringLiteral("refund")));
    QTest::mouseClick(view, Qt::LeftButton, {}, at);
    CHECK(desk.window.sheet().chosenWords().empty());
    QTest::mouseDClick(view, Qt::LeftButton, {}, at);
    CHECK(desk.window.sheet().chosenWords().size() == 1);
    QTest::mousePress(view, Qt::LeftButton, {}, at);
    QTest::mouseRelease(view, Qt::LeftButton, {}, at);
    CHECK(desk.window.sheet().chosenWords().size() > 6);
}

TEST_CASE("swept words are covered at once, and one undo takes all of it back") {
    Desk desk;
    desk.take(QStringLiteral("Complaint"));
    desk.waitUntilRead();
    const int before = desk.open().counts().cover;
    sweep(desk, QStringLiteral("Please"), QStringLiteral("bottles"));
    desk.press(Qt::Key_C);
    CHECK(desk.open().counts().cover == before + 1);
    REQUIRE(desk.selected());
    CHECK((desk.selected()->byHand && desk.selected()->decision == Decision::Cover));
    const auto covers = desk.open().covers(desk.open().captures()[0]);
    const auto& page = *desk.open().captures()[0].page;
    const auto at = find(desk, QStringLiteral("refund"));
    CHECK(std::any_of(covers.begin(), covers.end(), [&](const Cover& c) {
        return QRectF(c.bounds()).contains(page.lines[size_t(at.line)].words[size_t(at.word)].box);
    }));
    desk.open().undo();
    CHECK(desk.open().counts().cover == before);
}

TEST_CASE("a word watched for is a finding wherever it stands") {
    Desk desk;
    desk.take(QStringLiteral("Complaint"));
    desk.take(QStringLiteral("burst main"));
    desk.waitUntilRead();
    const auto watched = [&] {
        int n = 0;
        for (const Capture& c : desk.open().captures())
            for (const Item& item : desk.open().items(c.id)) n += item.finding.kind == Kind::Watch;
        return n;
    };
    CHECK(watched() == 0);
    desk.window.sheet().chooseWords({find(desk, QStringLiteral("water"))});
    button(desk, "watchWords")->click();
    REQUIRE(until([&] { return !desk.window.worker().busy() && watched() >= 2; }));
}

TEST_CASE("a word is corrected in place; findings follow, undo goes back, and the correction survives a new reading") {
    Desk desk;
    desk.take(QStringLiteral("Complaint"));
    desk.waitUntilRead();
    const auto at = find(desk, QStringLiteral("refund"));
    desk.window.sheet().chooseWords({at});
    desk.press(Qt::Key_F2);
    auto* edit = desk.window.findChild<QLineEdit*>(QStringLiteral("wordEdit"));
    REQUIRE(edit);
    CHECK(edit->text() == QStringLiteral("refund"));
    edit->setText(QStringLiteral("refund@mail.example"));
    QTest::keyClick(edit, Qt::Key_Return);
    desk.waitUntilRead();
    (void)find(desk, QStringLiteral("refund@mail.example"));
    const auto found = [&] {
        const auto& items = desk.items(0);
        return std::any_of(items.begin(), items.end(),
                           [](const Item& i) { return i.finding.text == QStringLiteral("refund@mail.example"); });
    };
    CHECK(found());
    // Read once more, as after a join: the correction holds.
    const Capture& capture = desk.open().captures()[0];
    desk.open().setRead(capture.id, capture.readings.front());
    REQUIRE(until([&] { return !desk.window.worker().busy(); }));
    (void)find(desk, QStringLiteral("refund@mail.example"));
    desk.open().undo();
    REQUIRE(until([&] { return !desk.window.worker().busy(); }));
    (void)find(desk, QStringLiteral("refund"));
    CHECK_FALSE(found());
    // Escape in the field changes nothing.
    desk.window.sheet().chooseWords({find(desk, QStringLiteral("refund"))});
    desk.press(Qt::Key_F2);
    edit = desk.window.findChild<QLineEdit*>(QStringLiteral("wordEdit"));
    REQUIRE(edit);
    edit->setText(QStringLiteral("nothing"));
    QTest::keyClick(edit, Qt::Key_Escape);
    REQUIRE(until([&] { return !desk.window.findChild<QLineEdit*>(QStringLiteral("wordEdit")); }));
    (void)find(desk, QStringLiteral("refund"));
}

TEST_CASE("an area is read again, with before and after") {
    Desk desk;
    desk.take(QStringLiteral("Complaint"));
    desk.waitUntilRead();
    const auto at = find(desk, QStringLiteral("refund"));
    const QRectF box = desk.open().captures()[0].page->lines[size_t(at.line)].words[size_t(at.word)].box;
    // Spoilt, so that there is something to put right.
    desk.open().correctWord(desk.open().captures()[0].id, box, QStringLiteral("rcfuncl"));
    desk.waitUntilRead();
    (void)find(desk, QStringLiteral("rcfuncl"));
    desk.press(Qt::Key_R);
    CHECK(desk.window.sheet().tool() == Sheet::Tool::ReadAgain);
    bool seen = false;
    QTimer poll;
    QObject::connect(&poll, &QTimer::timeout, [&] {
        auto* view = qobject_cast<ReadAgainView*>(QApplication::activeModalWidget());
        auto* accept = view ? view->findChild<QPushButton*>(QStringLiteral("readAgainAccept")) : nullptr;
        if (!accept || !accept->isEnabled() || seen) return;
        seen = true;
        poll.stop();
        CHECK(view->findChild<QPlainTextEdit*>(QStringLiteral("readAgainBefore"))
                  ->toPlainText()
                  .contains(QStringLiteral("rcfuncl")));
        CHECK(view->findChild<QPlainTextEdit*>(QStringLiteral("readAgainAfter"))
                  ->toPlainText()
                  .contains(QStringLiteral("refund")));
        CHECK(view->findChild<QComboBox*>(QStringLiteral("readAgainLanguage"))->count() >= 5);
        accept->click();
    });
    poll.start(20);
    emit desk.window.sheet().areaToRead(box.adjusted(-6, -6, 6, 6).toAlignedRect());
    CHECK(seen);
    CHECK(desk.window.sheet().tool() == Sheet::Tool::Select);
    desk.waitUntilRead();
    (void)find(desk, QStringLiteral("refund"));
    desk.open().undo();
    (void)find(desk, QStringLiteral("rcfuncl"));
}

TEST_CASE("the words view shows text and tables, sanitised unless asked otherwise, and searches") {
    Desk desk;
    desk.take(QStringLiteral("Readings"));
    desk.waitUntilRead();
    for (const Item& item : std::vector<Item>(desk.items(0)))
        if (item.finding.text.contains(QStringLiteral("Okonjo")))
            desk.open().decide(item.id, Scope::SameValue, Decision::Cover);
    desk.press(Qt::Key_W);
    auto* view = desk.window.findChild<WordsView*>();
    REQUIRE(view);
    REQUIRE(QTest::qWaitForWindowExposed(view));
    auto* text = view->findChild<QPlainTextEdit*>(QStringLiteral("wordsText"));
    auto* sanitised = view->findChild<QCheckBox*>(QStringLiteral("wordsSanitised"));
    CHECK(sanitised->isChecked());
    CHECK_FALSE(text->toPlainText().contains(QStringLiteral("Okonjo")));
    CHECK(text->toPlainText().contains(QStringLiteral("[person ")));
    auto* table = view->findChild<QTableWidget*>(QStringLiteral("wordsTable"));
    REQUIRE(table->columnCount() == 5);
    CHECK(table->horizontalHeaderItem(1)->text() == QStringLiteral("Customer"));
    view->findChild<QTabWidget*>()->setCurrentIndex(1);
    view->findChild<QPushButton*>(QStringLiteral("wordsCopyTable"))->click();
    const QMimeData* copied = QGuiApplication::clipboard()->mimeData();
    CHECK(copied->html().contains(QStringLiteral("<th>Customer</th>")));
    CHECK_FALSE(copied->text().contains(QStringLiteral("Okonjo")));
    view->findChild<QLineEdit*>(QStringLiteral("wordsSearch"))->setText(QStringLiteral("estimate"));
    CHECK(text->extraSelections().size() >= 2);
    sanitised->setChecked(false);
    CHECK(text->toPlainText().contains(QStringLiteral("Okonjo")));
    view->findChild<QPushButton*>(QStringLiteral("wordsCopy"))->click();
    CHECK(QGuiApplication::clipboard()->text().contains(QStringLiteral("Okonjo")));
    view->close();
}

TEST_CASE("sweeping down a column leaves out what stands beside it") {
    Desk desk;
    desk.take(QStringLiteral("Readings"));
    desk.waitUntilRead();
    // Nothing here is to be hidden.
    for (const Item& item : std::vector<Item>(desk.items(0))) desk.open().decide(item.id, Scope::One, Decision::Keep);
    sweep(desk, QStringLiteral("Customer"), QStringLiteral("Vance"));
    desk.press(Qt::Key_C, Qt::ControlModifier);
    const QString text = QGuiApplication::clipboard()->text();
    CHECK(text.startsWith(QStringLiteral("Customer\n")));
    CHECK(text.contains(QStringLiteral("Desmond Okonjo")));
    CHECK(text.endsWith(QStringLiteral("Imogen Vance")));
    CHECK_FALSE(text.contains(QStringLiteral("LW-")));
    CHECK_FALSE(text.contains(QStringLiteral("1131")));
}

TEST_CASE("the words bar lies over the sheet, moves nothing, and goes when nothing is chosen") {
    Desk desk;
    desk.take(QStringLiteral("Complaint"));
    desk.waitUntilRead();
    auto* bar = desk.window.findChild<QWidget*>(QStringLiteral("wordsBar"));
    REQUIRE(bar);
    CHECK_FALSE(bar->isVisible());
    const QPointF before = desk.window.sheet().toView({0, 0});
    desk.window.sheet().chooseWords({find(desk, QStringLiteral("refund"))});
    CHECK(bar->isVisible());
    CHECK(desk.window.sheet().toView({0, 0}) == before);
    CHECK(button(desk, "correctWord")->isEnabled());
    CHECK(desk.window.sheet().rect().contains(bar->geometry()));
    desk.window.resize(1000, 700);
    REQUIRE(until([&] { return desk.window.sheet().rect().contains(bar->geometry()); }));
    desk.window.sheet().chooseWords({find(desk, QStringLiteral("refund")), find(desk, QStringLiteral("bottles"))});
    CHECK_FALSE(button(desk, "correctWord")->isEnabled());
    // Another capture: its words are not these.
    desk.take(QStringLiteral("burst main"));
    CHECK(desk.window.sheet().chosenWords().empty());
    CHECK_FALSE(bar->isVisible());
}

TEST_CASE("unsure words are underlined when asked for") {
    Desk desk;
    desk.take(QStringLiteral("Complaint"));
    desk.waitUntilRead();
    // One word is made unsure by hand: how sure the machine is of the others is not this test's matter.
    const Capture& capture = desk.open().captures()[0];
    Page page = *capture.page;
    for (TextLine& line : page.lines)
        for (Word& word : line.words) word.confidence = word.text == QStringLiteral("refund") ? 0.3 : 0.99;
    desk.open().setRead(capture.id,
                        {capture.picture, desk.open().terms().languages, std::make_shared<const Page>(page)});
    const QImage without = desk.window.sheet().viewport()->grab().toImage();
    desk.press(Qt::Key_U);
    CHECK(desk.window.sheet().unsureShown());
    const QImage with = desk.window.sheet().viewport()->grab().toImage();
    QRect changed;
    constexpr int notice = 40; // rows at the top, which say how many there are
    for (int y = notice; y < with.height(); ++y)
        for (int x = 0; x < with.width(); ++x)
            if (with.pixel(x, y) != without.pixel(x, y)) changed = changed.united(QRect(x, y, 1, 1));
    const QRectF box = page.lines[size_t(find(desk, QStringLiteral("refund")).line)]
                           .words[size_t(find(desk, QStringLiteral("refund")).word)]
                           .box;
    const QRectF there(desk.window.sheet().toView(box.topLeft()), desk.window.sheet().toView(box.bottomRight()));
    REQUIRE_FALSE(changed.isEmpty());
    CHECK(there.adjusted(-4, 0, 4, 12).contains(QRectF(changed)));
    desk.press(Qt::Key_U);
    CHECK(desk.window.sheet().viewport()->grab().toImage() == without);
}

TEST_CASE("the words view follows the sheet and what is decided, and says when there is nothing") {
    Desk desk;
    desk.take(QStringLiteral("Complaint"));
    desk.take(QStringLiteral("Readings"));
    desk.waitUntilRead();
    desk.press(Qt::Key_W);
    auto* view = desk.window.findChild<WordsView*>();
    REQUIRE(view);
    REQUIRE(QTest::qWaitForWindowExposed(view));
    auto* text = view->findChild<QPlainTextEdit*>(QStringLiteral("wordsText"));
    CHECK_FALSE(text->toPlainText().contains(QStringLiteral("Okonjo"))); // open: not shown before it is kept
    const Item* name = nullptr;
    for (const Item& item : desk.items(1))
        if (item.finding.text == QStringLiteral("Desmond Okonjo")) name = &item;
    REQUIRE(name);
    desk.open().decide(name->id, Scope::One, Decision::Keep);
    CHECK(text->toPlainText().contains(QStringLiteral("Desmond Okonjo")));
    desk.open().undo();
    CHECK_FALSE(text->toPlainText().contains(QStringLiteral("Okonjo")));
    desk.open().redo();
    desk.window.activateWindow();
    desk.window.sheet().setFocus();
    REQUIRE(QTest::qWaitForWindowActive(&desk.window));
    desk.press(Qt::Key_Backtab);
    CHECK(text->toPlainText().contains(QStringLiteral("Please refund the bottles")));
    CHECK_FALSE(text->toPlainText().contains(QStringLiteral("Okonjo")));
    // Closed it follows nothing; opened again it is up to date.
    view->close();
    desk.window.activateWindow();
    REQUIRE(QTest::qWaitForWindowActive(&desk.window));
    desk.window.sheet().setFocus();
    desk.press(Qt::Key_Tab);
    desk.press(Qt::Key_W);
    CHECK(text->toPlainText().contains(QStringLiteral("Okonjo")));
    for (const Capture& c : QList<Capture>(desk.open().captures())) desk.open().remove(c.id);
    CHECK(text->toPlainText().isEmpty());
    CHECK_FALSE(text->placeholderText().isEmpty());
    CHECK_FALSE(view->findChild<QPushButton*>(QStringLiteral("wordsCopy"))->isEnabled());
    CHECK_FALSE(view->findChild<QPushButton*>(QStringLiteral("wordsCopyTable"))->isEnabled());
    view->close();
}
