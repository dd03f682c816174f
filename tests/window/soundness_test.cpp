// The promises of docs/security.md that the window keeps.
#include "app/checking/check_view.h"
#include "app/checking/gate.h"
#include "app/releasing/release_view.h"
#include "app/taking/keys_edit.h"
#include "app/taking/shortcuts_view.h"
#include "support/made.h"
#include "window/desk.h"

#include <QComboBox>
#include <QDir>
#include <QDirIterator>
#include <QLineEdit>
#include <QListView>
#include <QPushButton>
#include <QTemporaryDir>

using namespace eyelid;

namespace {

// Shortcuts that remember what was bound.
class Recorded final : public GlobalShortcuts {
public:
    QHash<QString, QString> bind(const std::vector<GlobalShortcut>& shortcuts) override {
        ++times;
        bound = shortcuts;
        return {};
    }
    int times = 0;
    std::vector<GlobalShortcut> bound;
};

QStringList below(const QString& folder) {
    QStringList all;
    QDirIterator each(folder, QDir::Files | QDir::Hidden, QDirIterator::Subdirectories);
    while (each.hasNext()) all << each.next();
    return all;
}

const Item* itemOf(Desk& desk, const QString& text) {
    for (const Capture& capture : desk.open().captures())
        for (const Item& item : desk.open().items(capture.id))
            if (item.finding.text == text) return &item;
    return nullptr;
}

void checkNow(Desk& desk) {
    desk.press(Qt::Key_Return, Qt::ControlModifier);
    REQUIRE(until([&] { return !desk.window.worker().busy(); }));
}

} // namespace

TEST_CASE("a check with findings open writes nothing to the disk") {
    QTemporaryDir folder;
    const QByteArray before = qgetenv("TMPDIR");
    qputenv("TMPDIR", folder.path().toUtf8());
    {
        Desk desk;
        desk.take(QStringLiteral("Complaint"));
        desk.waitUntilRead();
        CHECK(desk.open().counts().open > 0);
        checkNow(desk);
        CHECK_FALSE(desk.window.releaseFlow().pictures().empty());
        CHECK(below(folder.path()).isEmpty());
    }
    qputenv("TMPDIR", before);
}

static void replacing(ReleaseView& view) {
    auto* clash = view.findChild<QComboBox*>(QStringLiteral("releaseClash"));
    clash->setCurrentIndex(clash->findData(int(Clash::Replace)));
    emit clash->activated(clash->currentIndex());
}

TEST_CASE("a replacement that fails leaves the release that was there") {
    Desk desk;
    QTemporaryDir folder;
    desk.window.intake().add(made::noise({120, 80}, 3), QStringLiteral("noise"));
    desk.waitUntilRead();
    checkNow(desk);
    const QString picture = folder.filePath(desk.window.releaseFlow().names().first());
    REQUIRE(writeFileWhole(picture, "the release that was there", false));
    // The log's name is taken by a folder: the picture is not touched.
    REQUIRE(QDir(folder.path()).mkdir(redactionLogName()));
    desk.press(Qt::Key_Return, Qt::ControlModifier | Qt::ShiftModifier);
    auto* view = desk.window.findChild<ReleaseView*>();
    REQUIRE(view);
    view->findChild<QLineEdit*>(QStringLiteral("releaseFolder"))->setText(folder.path());
    replacing(*view);
    view->findChild<QPushButton*>(QStringLiteral("releaseNow"))->click();
    CHECK(*readFile(picture) == "the release that was there");
    view->reject();
}

TEST_CASE("a case's own picture is not overwritten by its release") {
    Desk desk;
    QTemporaryDir folder;
    const QString origin = folder.filePath(QStringLiteral("untitled-case-01.png"));
    const QByteArray bytes = encodePng(made::noise({120, 80}, 4));
    REQUIRE(writeFileWhole(origin, bytes, false));
    desk.window.intake().bringIn({origin});
    REQUIRE(until([&] { return desk.open().captures().size() == 1; }));
    desk.waitUntilRead();
    checkNow(desk);
    desk.press(Qt::Key_Return, Qt::ControlModifier | Qt::ShiftModifier);
    auto* view = desk.window.findChild<ReleaseView*>();
    REQUIRE(view);
    view->findChild<QLineEdit*>(QStringLiteral("releaseFolder"))->setText(folder.path());
    replacing(*view);
    view->findChild<QPushButton*>(QStringLiteral("releaseNow"))->click();
    CHECK(*readFile(origin) == bytes);
    view->reject();
}

TEST_CASE("no folder is remembered outside the case, by us or by Qt's dialogs") {
    Desk desk;
    desk.open().folders.release = QStringLiteral("/home/ines-hartwell/out");
    QSettings().setValue(QStringLiteral("release/folder"), QStringLiteral("/home/ines-hartwell"));
    MainWindow later(desk.theme, *loadPolicy(QStringLiteral("everything")), std::make_unique<SimulatedDesk>());
    for (const QString& key : QSettings().allKeys())
        CHECK_FALSE(QSettings().value(key).toString().contains(QStringLiteral("hartwell")));
}

TEST_CASE("reading that was stopped is begun again, and the case can be checked") {
    Desk desk;
    desk.window.intake().add(made::picture({QStringLiteral("Call Ines Hartwell on 01632 960 417")}, 15),
                             QStringLiteral("made"));
    desk.window.worker().cancel();
    REQUIRE(until([&] { return !desk.window.worker().busy(); }));
    // By chance it may have been quicker.
    if (desk.open().counts().unread > 0) {
        auto* read = desk.window.findChild<QPushButton*>(QStringLiteral("readButton"));
        REQUIRE(read);
        CHECK(read->isVisible());
        read->click();
    }
    desk.waitUntilRead();
    CHECK(desk.open().counts().open > 0);
    CHECK(desk.window.gate().checkButton()->isEnabled());
    CHECK_FALSE(desk.window.findChild<QPushButton*>(QStringLiteral("readButton"))->isVisible());
}

TEST_CASE("what looks alike is another row, and keeping one of them keeps the other open") {
    Desk desk;
    desk.window.intake().add(made::picture({QStringLiteral("password: hunter2.xyz"), QString(), QString(),
                                            QStringLiteral("password: hunter2xy.z")},
                                           20, Qt::black, Qt::white, QStringLiteral("JetBrains Mono")),
                             QStringLiteral("made"));
    desk.waitUntilRead();
    const Item* one = itemOf(desk, QStringLiteral("hunter2.xyz"));
    const Item* other = itemOf(desk, QStringLiteral("hunter2xy.z"));
    REQUIRE(one);
    REQUIRE(other);
    CHECK(desk.window.findings().list()->model()->rowCount() >= 2);
    const int a = one->id, b = other->id;
    desk.open().decide(a, Scope::SameValue, Decision::Keep);
    CHECK(desk.open().item(b)->decision == Decision::Open);
    // Covering carries over to what looks alike.
    desk.open().decide(b, Scope::SameValue, Decision::Cover);
    CHECK(desk.open().item(a)->decision == Decision::Cover);
}

TEST_CASE("decisions and notes outlive another policy, undo and redo") {
    Desk desk;
    desk.take(QStringLiteral("Complaint"));
    desk.waitUntilRead();
    const Policy cards = *loadPolicy(QStringLiteral("payment"));
    const auto settled = [&] { return until([&] { return !desk.window.worker().busy(); }); };
    const Item* person = nullptr;
    for (const Item& item : desk.items(0))
        if (item.finding.kind == Kind::Person) person = &item;
    REQUIRE(person);
    const int id = person->id;
    desk.open().setNote(id, QStringLiteral("ask the desk"));
    desk.open().setPolicy(cards); // finds no people
    REQUIRE(settled());
    CHECK(desk.open().item(id) == nullptr);
    desk.open().undo();
    REQUIRE(settled());
    REQUIRE(desk.open().item(id));
    CHECK(desk.open().item(id)->note == QStringLiteral("ask the desk"));
    // Covered, undone, looked for by another policy, and done again.
    desk.open().decide(id, Scope::One, Decision::Cover);
    desk.open().undo();
    {
        const Capture& c = desk.open().captures()[0];
        desk.open().setFindings(c.id, {}, desk.open().terms(), c.page);
    }
    CHECK(desk.open().item(id) == nullptr);
    desk.open().redo();
    REQUIRE(desk.open().item(id));
    CHECK(desk.open().item(id)->decision == Decision::Cover);
    CHECK(desk.open().item(id)->note == QStringLiteral("ask the desk"));
}

TEST_CASE("a place covered from the check counts as a value, and so do words covered by hand") {
    Desk desk;
    const int id =
        desk.window.intake().add(made::picture({QStringLiteral("Balance of Zylo 38.20")}, 16), QStringLiteral("made"));
    desk.waitUntilRead();
    Finding found;
    found.kind = Kind::Phone;
    found.text = QStringLiteral("0117");
    found.key = QStringLiteral("phone:0117");
    found.boxes = {QRectF(20, 60, 40, 12)};
    REQUIRE(desk.open().coverFinding(id, found) > 0);
    QStringList values;
    for (const Finding& f : valuesCovered(desk.open().state())) values << f.text;
    CHECK(values.contains(QStringLiteral("0117")));
    for (const TextLine& line : desk.open().captures()[0].page->lines)
        for (const Word& word : line.words)
            if (word.text == QStringLiteral("Zylo"))
                desk.open().cover(id, {word.box.adjusted(-1, -1, 1, 1).toAlignedRect()}, {CoverStyle::Solid, 0.5});
    values.clear();
    for (const Finding& f : valuesCovered(desk.open().state())) values << f.text;
    CHECK(values.contains(QStringLiteral("Zylo")));
}

TEST_CASE("a reason that holds what is covered is refused, and a case's name stands in the gate") {
    Desk desk;
    desk.take(QStringLiteral("Complaint"));
    desk.waitUntilRead();
    for (const Item& item : std::vector<Item>(desk.items(0))) desk.open().decide(item.id, Scope::One, Decision::Cover);
    QString name;
    for (const Item& item : desk.items(0))
        if (item.finding.kind == Kind::Person) name = item.finding.text;
    REQUIRE_FALSE(name.isEmpty());
    desk.open().setName(name);
    checkNow(desk);
    ReleaseFlow& check = desk.window.releaseFlow();
    REQUIRE(check.blocking() == 1);
    const int id = desk.open().captures()[0].id;
    const Leak leak = check.blockingLeaks(id)[0];
    CHECK(leak.sort == Leak::Sort::Name);
    CHECK_FALSE(check.letPass(id, leak, QStringLiteral("known to ") + name).isEmpty());
    CHECK(check.blocking() == 1);
    desk.open().setName(QStringLiteral("Complaint of May"));
    checkNow(desk);
    CHECK(check.blocking() == 0);
}

TEST_CASE("a capture that is removed while it is read does not keep the others from being read") {
    Desk desk;
    const int gone = desk.window.intake().add(made::picture({QStringLiteral("Taken off again")}), QStringLiteral("a"));
    CHECK(desk.open().capture(gone)->reading == Capture::Reading::Running);
    desk.window.intake().add(made::picture({QStringLiteral("Write to ines.hartwell@mail.example")}),
                             QStringLiteral("b"));
    desk.open().remove(gone);
    desk.waitUntilRead();
    CHECK(desk.items(0).size() == 1);
}

TEST_CASE("a capture that comes back by undo is shown again") {
    Desk desk;
    const int id = desk.window.intake().add(made::picture({QStringLiteral("Taken off again")}), QStringLiteral("a"));
    desk.waitUntilRead();
    desk.open().remove(id);
    CHECK(desk.window.selection().capture() == 0);
    desk.open().undo();
    CHECK(desk.window.selection().capture() == id);
}

TEST_CASE("joins that were moved come back with the picture they belong to") {
    Desk desk;
    const QImage page = made::noise({200, 300}, 5);
    auto joined = joinPictures({page.copy(0, 0, 200, 200), page.copy(0, 120, 200, 180)}, ScrollDirection::Down);
    REQUIRE(joined);
    const auto first = std::make_shared<const ScrolledPage>(*joined), second = [&] {
        ScrolledPage moved = *joined;
        moved.setOffset(0, 110);
        return std::make_shared<const ScrolledPage>(moved);
    }();
    const int id = desk.window.intake().add(first->compose(), QStringLiteral("scrolled"), first);
    desk.open().setPicture(id, made::noise({200, 310}, 6), second);
    CHECK(desk.window.openCase().joinedPage(id)->joins() == second->joins());
    desk.open().undo();
    CHECK(desk.window.openCase().joinedPage(id)->joins() == first->joins());
    desk.open().redo();
    CHECK(desk.window.openCase().joinedPage(id)->joins() == second->joins());
}

TEST_CASE("a window that closes while pictures are being opened takes nothing with it") {
    QTemporaryDir folder;
    QStringList files;
    for (int i = 0; i < 6; ++i) {
        files << folder.filePath(QStringLiteral("p%1.png").arg(i));
        REQUIRE(writeFileWhole(files.last(), encodePng(made::noise({900, 700}, unsigned(i))), false));
    }
    for (int round = 0; round < 4; ++round) {
        Desk desk;
        desk.window.intake().bringIn(files);
        for (int i = 0; i < round; ++i) QApplication::processEvents(); // now and then one has arrived
    }
    SUCCEED();
}

TEST_CASE("a key pressed to leave the view of shortcuts is no shortcut, and none is taken before it is agreed to") {
    CleanSettings clean;
    Recorded keys;
    const Theme theme = Theme::light();
    ShortcutsView view(&keys, theme);
    view.show();
    REQUIRE(QTest::qWaitForWindowExposed(&view));
    CHECK(qobject_cast<KeysEdit*>(QApplication::focusWidget()) == nullptr);
    auto* map = view.findChild<KeysEdit*>(QStringLiteral("keys-map"));
    auto* desk = view.findChild<KeysEdit*>(QStringLiteral("keys-desk"));
    map->setFocus();
    const QKeySequence before = map->keys();
    for (const Qt::Key key : {Qt::Key_A, Qt::Key_Return, Qt::Key_F5, Qt::Key_Space}) QTest::keyClick(map, key);
    CHECK(map->keys() == before);
    CHECK_FALSE(view.trouble(QStringLiteral("map")).isEmpty());
    QTest::keyClick(map, Qt::Key_K, Qt::ControlModifier | Qt::ShiftModifier);
    CHECK(map->keys() == QKeySequence(QStringLiteral("Ctrl+Shift+K")));
    QTest::keyClick(map, Qt::Key_Backspace);
    CHECK(map->keys().isEmpty());
    QTest::keyClick(map, Qt::Key_Print);
    CHECK(map->keys() == QKeySequence(Qt::Key_Print));
    QTest::keyClick(map, Qt::Key_Tab);
    CHECK_FALSE(map->hasFocus());
    CHECK(keys.times == 0);
    QTest::keyClick(&view, Qt::Key_Escape);
    CHECK_FALSE(view.isVisible());
    CHECK(keys.times == 0);
    CHECK(desk->keys() != QKeySequence(Qt::Key_Escape));
    for (const GlobalShortcut& s : rememberedShortcuts())
        if (s.id == QStringLiteral("map")) CHECK(s.keys == before);
    // What an earlier version took is let go.
    QSettings().setValue(QStringLiteral("shortcuts/map"), QStringLiteral("Esc"));
    for (const GlobalShortcut& s : rememberedShortcuts())
        if (s.id == QStringLiteral("map")) CHECK(s.keys.isEmpty());
    ShortcutsView again(&keys, theme);
    again.findChild<KeysEdit*>(QStringLiteral("keys-map"))->setKeys(QKeySequence(QStringLiteral("Ctrl+Print")));
    again.findChild<QPushButton*>(QStringLiteral("useKeys"))->click();
    CHECK(keys.times == 1);
}
