// A case is on disk while it is worked on, and is there again.
#include "window/desk.h"

#include <QDir>
#include <QLabel>
#include <QTemporaryDir>

using namespace eyelid;

namespace {

struct Kept {
    QTemporaryDir folder;
    QString cases() const { return folder.filePath(QStringLiteral("cases")); }
    QString key() const { return folder.filePath(QStringLiteral("case-key")); }
    QStringList files() const { return QDir(cases()).entryList({QStringLiteral("*.eyelid")}, QDir::Files); }
    QString file() const { return cases() + u'/' + files().value(0); }
    void in(Desk& desk) const { desk.window.keepCases(cases(), key()); }
};

bool isKept(Desk& desk) {
    return until(
        [&] { return !desk.window.worker().busy() && desk.window.keeper().standing() == CaseKeeper::Standing::Kept; });
}

// A capture of the demo's console, read, with one finding covered and a note on it.
void work(Desk& desk) {
    desk.take(QStringLiteral("console"));
    desk.waitUntilRead();
    desk.press(Qt::Key_J);
    desk.press(Qt::Key_C);
    REQUIRE(desk.open().counts().cover > 0);
    REQUIRE(isKept(desk));
}

QPushButton* button(Desk& desk, const char* name) {
    return desk.window.findChild<QPushButton*>(QString::fromLatin1(name));
}

QString standing(Desk& desk) {
    return desk.window.findChild<QLabel*>(QStringLiteral("kept"))->text();
}

} // namespace

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
    REQUIRE(until([&] { return button(desk, "goOn")->isVisible(); }));
    QTest::mouseClick(button(desk, "goOn"), Qt::LeftButton);
    REQUIRE(desk.open().captures().size() == 1);
    CHECK(!button(desk, "goOn")->isVisible());
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
    work(first);
    CHECK_FALSE(CaseKeeper::lastLeft(kept.cases(), kept.key()));
    Case other(*loadPolicy(QStringLiteral("everything")));
    CaseKeeper second(other);
    second.keepIn(kept.cases(), kept.key());
    const auto opened = second.open(kept.file());
    REQUIRE_FALSE(opened);
    CHECK(opened.error().kind == Error::Kind::Exists);
    CHECK(other.captures().isEmpty());
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
