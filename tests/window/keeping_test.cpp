// A case is on disk while it is worked on, and is there again.
#include "window/kept_desk.h"

#include <QDropEvent>
#include <QMimeData>

using namespace eyelid;

TEST_CASE("what was decided is on disk without being saved, and the next window offers to go on with it") {
    const Kept kept;
    QString name;
    int covered = 0, open = 0;
    {
        Desk desk;
        CHECK(standing(desk) == QStringLiteral("in memory"));
        kept.in(desk);
        CHECK(kept.files().isEmpty()); // nothing was worked on
        work(desk);
        CHECK(standing(desk) == QStringLiteral("kept"));
        REQUIRE(kept.files().size() == 1);
        name = desk.open().history().undoName();
        covered = desk.open().counts().cover;
        open = desk.open().counts().open;
    }
    Desk desk;
    kept.in(desk);
    REQUIRE(until([&] { return desk.window.casesView().isVisible(); }));
    QTest::keyClick(casesList(desk), Qt::Key_Return); // the one worked on last is chosen
    REQUIRE(until([&] { return desk.open().captures().size() == 1; }));
    CHECK(!desk.window.casesView().isVisible());
    CHECK(desk.open().captures()[0].page);
    CHECK(!desk.picture(0).isNull());
    REQUIRE(isKept(desk));
    CHECK(desk.open().counts().cover == covered);
    CHECK(desk.open().counts().open == open);
    CHECK(desk.open().history().undoName() == name);
    desk.press(Qt::Key_Z, Qt::ControlModifier);
    CHECK(desk.open().counts().cover < covered);
}

TEST_CASE("a window without a capture leaves no file, and one with the case open keeps others from it") {
    const Kept kept;
    {
        Desk desk;
        kept.in(desk);
        desk.window.close();
    }
    CHECK(kept.files().isEmpty());
    Desk first;
    kept.in(first);
    first.open().setOfficer(QStringLiteral("Ada Quillfeather"));
    work(first);
    const int covered = first.open().counts().cover;
    Case other(*loadPolicy(QStringLiteral("everything")));
    CaseKeeper second(other);
    second.keepIn(kept.cases(), kept.keys());
    int refusals = 0;
    QObject::connect(&other, &Case::refused, [&] { ++refusals; });
    second.open(kept.file());
    REQUIRE(until([&] { return second.standing() == CaseKeeper::Standing::ReadOnly; }));
    CHECK(second.trouble().contains(QStringLiteral("Ada Quillfeather")));
    REQUIRE(other.captures().size() == 1);
    CHECK(other.counts().cover == covered);
    // It can be looked at, and nothing of it changed.
    other.undo();
    other.remove(other.captures()[0].id);
    CHECK(other.add(QImage(9, 9, QImage::Format_RGB32), QStringLiteral("x")) == 0);
    CHECK(refusals == 3);
    CHECK(other.captures().size() == 1);
}

TEST_CASE("a case file dropped on the window is opened as the case it is") {
    const Kept kept;
    {
        Desk desk;
        kept.in(desk);
        work(desk);
    }
    Desk desk;
    kept.in(desk);
    QMimeData dropped;
    dropped.setUrls({QUrl::fromLocalFile(kept.file())});
    QDragEnterEvent enter(QPoint(20, 20), Qt::CopyAction, &dropped, Qt::LeftButton, Qt::NoModifier);
    QApplication::sendEvent(&desk.window, &enter);
    QDropEvent drop(QPointF(20, 20), Qt::CopyAction, &dropped, Qt::LeftButton, Qt::NoModifier);
    QApplication::sendEvent(&desk.window, &drop);
    REQUIRE(until([&] { return desk.open().captures().size() == 1; }));
    CHECK(desk.window.keeper().path() == kept.file());
    CHECK(desk.open().captures()[0].page);
}

TEST_CASE("what is taken while another case is being opened is not lost") {
    const Kept kept;
    {
        Desk desk;
        kept.in(desk);
        work(desk);
    }
    Case open(*loadPolicy(QStringLiteral("everything")));
    CaseKeeper keeper(open);
    keeper.keepIn(kept.cases(), kept.keys());
    QString trouble;
    QObject::connect(&keeper, &CaseKeeper::openFailed,
                     [&](const QString&, const Error& error) { trouble = error.sentence; });
    keeper.open(kept.file());
    QImage picture(40, 30, QImage::Format_RGB32);
    picture.fill(Qt::darkGreen);
    open.add(picture, QStringLiteral("taken meanwhile"));
    REQUIRE(until([&] { return keeper.standing() == CaseKeeper::Standing::Kept; }));
    CHECK_FALSE(trouble.isEmpty());
    REQUIRE(open.captures().size() == 1);
    CHECK(open.captures()[0].origin == QStringLiteral("taken meanwhile"));
    CHECK(kept.files().size() == 2);
}

TEST_CASE("a case that cannot be kept says so with a way out, and nothing is lost") {
    const Kept kept;
    QFile blocked(kept.cases()); // a file where the folder should be
    REQUIRE(blocked.open(QIODevice::WriteOnly));
    blocked.close();
    Desk desk;
    kept.in(desk);
    desk.take(QStringLiteral("console"));
    REQUIRE(until([&] { return button(desk, "keepAgain")->isVisible(); }));
    CHECK(standing(desk) == QStringLiteral("not kept"));
    CHECK(!desk.window.keeper().trouble().isEmpty());
    desk.waitUntilRead();
    REQUIRE(until([&] { return desk.window.keeper().standing() == CaseKeeper::Standing::Failed; }));
    // What undo may bring back goes along.
    desk.open().remove(desk.open().captures()[0].id);
    REQUIRE(until([&] { return desk.window.keeper().standing() == CaseKeeper::Standing::Failed; }));
    desk.window.keeper().tryAgain(kept.folder.filePath(QStringLiteral("elsewhere")));
    REQUIRE(isKept(desk));
    CHECK(!button(desk, "keepAgain")->isVisible());
    desk.window.keeper().tryAgain(kept.folder.filePath(QStringLiteral("third")));
    REQUIRE(isKept(desk));
    desk.press(Qt::Key_Z, Qt::ControlModifier);
    REQUIRE(desk.open().captures().size() == 1);
    CHECK(!desk.picture(0).isNull());
    CHECK(QDir(kept.folder.filePath(QStringLiteral("elsewhere"))).entryList({QStringLiteral("*.eyelid")}).size() == 1);
}

TEST_CASE("a case in memory alone asks before it is left, one that is kept does not") {
    const Kept kept;
    Desk desk;
    kept.in(desk);
    work(desk);
    desk.window.close();
    CHECK(!desk.window.isVisible());
}

TEST_CASE("what is to be known of a case's locks goes with it to another window") {
    const Policy policy = *loadPolicy(QStringLiteral("everything"));
    Case here(policy), there(policy);
    CaseKeeper first(here), second(there);
    OpenCase open = first.handOver();
    open.remark = QStringLiteral("The key ring was locked.");
    second.takeOver(std::move(open));
    CHECK(second.remark() == QStringLiteral("The key ring was locked."));
    CHECK(second.handOver().remark == QStringLiteral("The key ring was locked."));
}
