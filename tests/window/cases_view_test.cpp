// The view Cases: found again, opened, put aside and destroyed; and captures that change their place and name.
#include "app/cases/passphrase_view.h"
#include "app/cases/strip.h"
#include "app/checking/gate.h"
#include "window/kept_desk.h"

#include <QCheckBox>
#include <QInputDialog>
#include <QLineEdit>
#include <QMessageBox>
#include <sqlite3.h>

using namespace eyelid;

namespace {

void name(Desk& desk, const char* text) {
    desk.open().setName(QString::fromLatin1(text));
    REQUIRE(isKept(desk));
}

// Answers the next modal dialog.
template <typename Dialog> void answerNext(std::function<void(Dialog&)> answer) {
    auto* poll = new QTimer(qApp);
    QObject::connect(poll, &QTimer::timeout, poll, [poll, answer = std::move(answer)] {
        auto* dialog = qobject_cast<Dialog*>(QApplication::activeModalWidget());
        if (!dialog || !dialog->isVisible()) return;
        poll->deleteLater();
        poll->stop();
        answer(*dialog);
    });
    poll->start(10);
}

void openCases(Desk& desk) {
    desk.press(Qt::Key_O, Qt::ControlModifier | Qt::ShiftModifier);
    REQUIRE(until([&] { return desk.window.casesView().isVisible(); }));
}

} // namespace

TEST_CASE("one goes from case to case in one window, and each is as it was left") {
    const Kept kept;
    Desk desk;
    kept.in(desk);
    openCases(desk); // before anything was worked on
    CHECK(listedNames(desk).isEmpty());
    desk.window.commands()[QStringLiteral("newCase")].trigger();
    work(desk);
    name(desk, "Weir house");
    const int covered = desk.open().counts().cover;
    desk.press(Qt::Key_N, Qt::ControlModifier);
    REQUIRE(until([&] { return desk.open().captures().isEmpty(); }));
    CHECK_FALSE(desk.open().history().canUndo());
    work(desk, "Mail");
    name(desk, "Meter office");
    REQUIRE(kept.files().size() == 2);

    openCases(desk);
    CHECK(listedNames(desk) == QStringList{QStringLiteral("Meter office"), QStringLiteral("Weir house")});
    chooseCase(desk, QStringLiteral("Weir house"));
    click(desk, "openCase");
    REQUIRE(until([&] { return desk.open().name() == QStringLiteral("Weir house"); }));
    CHECK_FALSE(desk.window.casesView().isVisible());
    CHECK(desk.open().counts().cover == covered);
    CHECK(desk.open().captures().size() == 1);
    // With a case open, Escape leads back to it.
    openCases(desk);
    QTest::keyClick(casesList(desk), Qt::Key_Escape);
    CHECK_FALSE(desk.window.casesView().isVisible());

    // All of one into the other, as one step.
    openCases(desk);
    chooseCase(desk, QStringLiteral("Meter office"));
    click(desk, "takeIn");
    REQUIRE(until([&] { return desk.open().captures().size() == 2; }));
    CHECK(!desk.picture(1).isNull());
    desk.press(Qt::Key_Z, Qt::ControlModifier);
    CHECK(desk.open().captures().size() == 1);
}

TEST_CASE("a case is found by its name, and by the words on its captures when that is asked for") {
    const Kept kept;
    Desk desk;
    kept.in(desk);
    work(desk);
    name(desk, "Weir house");
    QString word;
    for (const TextLine& line : desk.open().captures()[0].page->lines)
        for (const Word& read : line.words)
            if (read.text.size() > word.size()) word = read.text;
    openCases(desk);
    auto* typed = desk.window.findChild<QLineEdit*>(QStringLiteral("findCase"));
    typed->setText(QStringLiteral("weir"));
    CHECK(listedNames(desk).size() == 1);
    typed->setText(word);
    CHECK(listedNames(desk).isEmpty());
    CHECK(desk.window.findChild<QLabel*>(QStringLiteral("noCases"))->isVisible());
    desk.window.findChild<QCheckBox*>(QStringLiteral("inWords"))->setChecked(true);
    REQUIRE(until([&] { return listedNames(desk).size() == 1; }));
}

TEST_CASE("what is thrown away can be brought back, and is destroyed in a second step") {
    const Kept kept;
    Desk desk;
    kept.in(desk);
    work(desk);
    name(desk, "Weir house");
    desk.press(Qt::Key_N, Qt::ControlModifier);
    REQUIRE(until([&] { return desk.open().captures().isEmpty(); }));
    openCases(desk);
    chooseCase(desk, QStringLiteral("Weir house"));
    CHECK_FALSE(button(desk, "destroyCase")->isVisible());
    click(desk, "throwAway");
    REQUIRE(until([&] { return !desk.window.shelf().busy() && button(desk, "bringBack")->isVisible(); }));
    click(desk, "bringBack");
    REQUIRE(until([&] { return !desk.window.shelf().busy() && button(desk, "throwAway")->isVisible(); }));
    click(desk, "throwAway");
    REQUIRE(until([&] { return !desk.window.shelf().busy() && button(desk, "destroyCase")->isVisible(); }));
    answerNext<QMessageBox>([](QMessageBox& box) { QTest::keyClick(&box, Qt::Key_Return); }); // leaves it
    click(desk, "destroyCase");
    CHECK(kept.files().size() == 1);
    answerNext<QMessageBox>([](QMessageBox& box) { box.buttons().last()->click(); });
    click(desk, "destroyCase");
    REQUIRE(until([&] { return !desk.window.shelf().busy() && kept.files().isEmpty(); }));
    CHECK(listedNames(desk).isEmpty());
}

TEST_CASE("a case whose day has come is destroyed when that is confirmed, and by itself where its policy says so") {
    const Kept kept;
    Desk desk;
    kept.in(desk);
    work(desk);
    name(desk, "Long ago");
    desk.open().setDestroyDay(DestroyDay{QDate::currentDate().addDays(-1), QStringLiteral("as agreed")});
    REQUIRE(isKept(desk));
    desk.press(Qt::Key_N, Qt::ControlModifier);
    REQUIRE(until([&] { return desk.open().captures().isEmpty(); }));
    openCases(desk);
    REQUIRE(until([&] { return button(desk, "destroyDue")->isVisible(); }));
    answerNext<QMessageBox>([](QMessageBox& box) { box.buttons().last()->click(); });
    click(desk, "destroyDue");
    REQUIRE(until([&] { return !desk.window.shelf().busy() && kept.files().isEmpty(); }));

    QTest::keyClick(desk.window.findChild<QLineEdit*>(QStringLiteral("findCase")), Qt::Key_N, Qt::ControlModifier);
    work(desk);
    Policy policy = desk.open().policy();
    policy.retention = {1, true};
    desk.open().setPolicy(policy);
    desk.open().setDestroyDay(DestroyDay{QDate::currentDate(), QStringLiteral("today")});
    REQUIRE(isKept(desk));
    REQUIRE(kept.files().size() == 1);
    desk.window.shelf().refresh();
    REQUIRE(until([&] { return !desk.window.shelf().busy(); }));
    CHECK(kept.files().size() == 1); // it is open
    desk.press(Qt::Key_N, Qt::ControlModifier);
    REQUIRE(until([&] { return desk.open().captures().isEmpty(); }));
    desk.window.shelf().refresh();
    REQUIRE(until([&] { return !desk.window.shelf().busy() && kept.files().isEmpty(); }));
    CHECK(desk.window.shelf().destroyedByItself() == 1);
}

TEST_CASE("a passphrase is set by typing it twice, and then it is asked for") {
    const Kept kept;
    const QString words = QStringLiteral("a heron by the weir");
    Desk desk;
    kept.in(desk);
    work(desk);
    bool tooShort = true, unequal = true;
    answerNext<PassphraseView>([&](PassphraseView& view) {
        auto* set = view.findChild<QPushButton*>(QStringLiteral("setPassphrase"));
        auto *first = view.findChild<QLineEdit*>(QStringLiteral("passphrase")),
             *again = view.findChild<QLineEdit*>(QStringLiteral("passphraseAgain"));
        first->setText(QStringLiteral("short"));
        again->setText(QStringLiteral("short"));
        tooShort = set->isEnabled();
        first->setText(words);
        unequal = set->isEnabled();
        again->setText(words);
        view.findChild<QCheckBox*>(QStringLiteral("passphraseAlone"))->setChecked(true);
        set->click();
    });
    desk.window.commands()[QStringLiteral("passphrase")].trigger();
    CHECK_FALSE(tooShort);
    CHECK_FALSE(unequal);
    const QString path = desk.window.keeper().path();
    REQUIRE(until([&] {
        const auto file = CaseFile::open(path, *kept.keys().opener(), SealedRows::Access::ReadOnly);
        return !file && file.error().kind == Error::Kind::Locked;
    }));
    REQUIRE(isKept(desk));
    desk.press(Qt::Key_N, Qt::ControlModifier);
    REQUIRE(until([&] { return desk.open().captures().isEmpty(); }));
    openCases(desk);
    CHECK(listedNames(desk) == QStringList{path.section(u'/', -1)}); // without its name
    int asked = 0;
    answerNext<QInputDialog>([&](QInputDialog& box) {
        ++asked;
        answerNext<QInputDialog>([&](QInputDialog& second) {
            ++asked;
            second.setTextValue(words);
            second.accept();
        });
        box.setTextValue(QStringLiteral("another heron"));
        box.accept();
    });
    click(desk, "openCase");
    REQUIRE(until([&] { return desk.open().captures().size() == 1; }));
    CHECK(asked == 2);
}

TEST_CASE("what is intact of a damaged case is had as a new case") {
    const Kept kept;
    Desk desk;
    kept.in(desk);
    work(desk);
    desk.take(QStringLiteral("Mail"));
    desk.waitUntilRead();
    REQUIRE(isKept(desk));
    const QString path = desk.window.keeper().path();
    desk.press(Qt::Key_N, Qt::ControlModifier);
    REQUIRE(until([&] { return desk.open().captures().isEmpty(); }));
    {
        sqlite3* db = nullptr;
        REQUIRE(sqlite3_open(path.toUtf8().constData(), &db) == SQLITE_OK);
        CHECK(sqlite3_exec(db, "DELETE FROM sealed WHERE kind = 2 AND id = 1", nullptr, nullptr, nullptr) == SQLITE_OK);
        sqlite3_close(db);
    }
    desk.window.openCaseFile(path);
    REQUIRE(until([&] { return desk.window.findChild<QMessageBox*>(QStringLiteral("damaged")); }));
    desk.window.findChild<QMessageBox*>(QStringLiteral("damaged"))->buttons().first()->click();
    REQUIRE(until([&] { return desk.open().captures().size() == 1; }));
    CHECK(desk.open().captures()[0].name == QStringLiteral("Capture 2"));
    CHECK(!desk.picture(0).isNull());
    REQUIRE(isKept(desk));
    CHECK(desk.window.keeper().path() != path);
    CHECK(kept.files().size() == 2);
}

TEST_CASE("captures are moved by keys and renamed, and their names stay in the case") {
    const Kept kept;
    Desk desk;
    kept.in(desk);
    work(desk);
    desk.take(QStringLiteral("Mail"));
    REQUIRE(isKept(desk));
    const int first = desk.open().captures()[0].id, second = desk.open().captures()[1].id;
    desk.press(Qt::Key_Up, Qt::AltModifier);
    CHECK(desk.open().captures()[0].id == second);
    desk.press(Qt::Key_Up, Qt::AltModifier); // nothing above it
    CHECK(desk.open().captures()[0].id == second);
    desk.press(Qt::Key_Down, Qt::AltModifier);
    CHECK(desk.open().captures()[0].id == first);
    // Dragged under the other, and back over it.
    auto* strip = desk.window.findChild<Strip*>();
    const auto dropAt = [&](int row, double height) {
        const QRect place = strip->visualRect(strip->model()->index(row, 0));
        strip->letGo(first, QPointF(place.center().x(), place.top() + height * place.height()));
    };
    dropAt(1, 0.9);
    CHECK((desk.open().captures()[0].id == second && desk.open().captures()[1].id == first));
    dropAt(0, 0.1);
    CHECK((desk.open().captures()[0].id == first && desk.open().captures()[1].id == second));
    dropAt(0, 0.1); // where it is already
    CHECK(desk.open().captures()[0].id == first);
    desk.open().setCaptureName(first, QStringLiteral("Quillfeather's meter"));
    for (const QString& file : desk.window.releaseFlow().names())
        CHECK_FALSE(file.contains(QStringLiteral("quillfeather")));
    REQUIRE(isKept(desk));
}

TEST_CASE("a release waits for a second officer where the policy asks for one") {
    const Kept kept;
    Desk desk;
    kept.in(desk);
    desk.open().setOfficer(QStringLiteral("Ada"));
    work(desk);
    Policy policy = desk.open().policy();
    policy.secondLook = true;
    desk.open().setPolicy(policy);
    desk.waitUntilRead();
    for (const Item& item : std::vector<Item>(desk.items(0))) desk.open().decide(item.id, Scope::One, Decision::Cover);
    desk.waitUntilRead();
    CHECK_FALSE(desk.window.gate().releaseButton()->isEnabled());
    desk.window.commands()[QStringLiteral("lookOver")].trigger();
    CHECK_FALSE(desk.window.gate().releaseButton()->isEnabled());
    desk.open().setOfficer(QStringLiteral("Bo"));
    desk.window.commands()[QStringLiteral("lookOver")].trigger();
    CHECK(desk.window.gate().releaseButton()->isEnabled());
    QFile log(desk.release(kept.folder.filePath(QStringLiteral("out"))).last());
    REQUIRE(log.open(QIODevice::ReadOnly));
    const QByteArray text = log.readAll();
    CHECK(text.contains("two officers"));
    CHECK_FALSE((text.contains("Ada") || text.contains("Bo\"")));
}
