// Cases that are not open: what is told of them, what is found in them, when they go, and what an older version left.
#include "casefile/case_json.h"
#include "casefile/case_list.h"
#include "support/case_locks.h"
#include "support/random_work.h"

#include <catch2/catch.hpp>
#include <QDir>
#include <QFile>
#include <QTemporaryDir>

using namespace eyelid;
using namespace eyelid::randomly;

namespace {

const QDate today(2026, 11, 26);

QDateTime at(const QDate& day) {
    return QDateTime(day, QTime(9, 30), Qt::UTC);
}

std::unique_ptr<CaseFile> newFile(const QString& path, const CaseLocks& locks = quick) {
    auto file = CaseFile::create(path, locks);
    if (!file) FAIL(file.error().sentence.toStdString());
    return std::move(*file);
}

void write(const QString& path, const Case& open, const QDate& day) {
    const auto file = newFile(path);
    REQUIRE(file->keep(open.kept(), *open.pictures(), at(day)));
    REQUIRE(file->keepCover(open.state(), *open.pictures()));
}

std::vector<ListedCase> listed(const QString& folder, const Opener& opener = right) {
    Progress progress;
    auto all = listCases(folder, opener, progress);
    REQUIRE(all);
    return *all;
}

} // namespace

TEST_CASE("a folder's cases are told of without opening them, worked on last first, what cannot be told of last") {
    QTemporaryDir folder;
    Sample older, newer;
    older.open.setName(QStringLiteral("Weir house"));
    older.open.begin(today.addDays(-3));
    write(folder.filePath(QStringLiteral("a.eyelid")), older.open, today.addDays(-3));
    newer.open.setName(QStringLiteral("Meter office"));
    newer.open.decide(newer.open.items(1).front().id, Scope::SameKind, Decision::Cover);
    write(folder.filePath(QStringLiteral("b.eyelid")), newer.open, today);
    (void)newFile(folder.filePath(QStringLiteral("c.eyelid")),
                  {.passphrase = "another", .cost = PassphraseCost::Quick});
    QFile broken(folder.filePath(QStringLiteral("d.eyelid")));
    REQUIRE((broken.open(QIODevice::WriteOnly) && broken.write("no case") == 7));
    broken.close();

    const auto all = listed(folder.path());
    REQUIRE(all.size() == 4);
    CHECK(all[0].summary->name == QStringLiteral("Meter office"));
    CHECK(all[0].summary->settled == newer.open.counts().settled());
    CHECK(all[0].summary->open == newer.open.counts().open);
    CHECK(all[1].summary->name == QStringLiteral("Weir house"));
    CHECK(all[1].summary->captures == 2);
    CHECK(all[1].summary->workedOn == at(today.addDays(-3)));
    CHECK(all[1].summary->due == today.addDays(27));
    CHECK(all[2].locked);
    CHECK((!all[3].locked && !all[3].trouble.isEmpty()));
    Progress progress;
    CHECK_FALSE(listCases(folder.filePath(QStringLiteral("nowhere")), right, progress));
    progress.cancel();
    CHECK(listCases(folder.path(), right, progress).error().kind == Error::Kind::Cancelled);
}

TEST_CASE("the picture of a case in a list shows nothing that is open or covered") {
    Sample s;
    const Capture& first = s.open.captures().front();
    const QImage cover = coverPicture(s.open.state(), *s.open.pictures());
    REQUIRE(cover.size() == first.size);
    for (const Item& item : s.open.items(first.id)) {
        REQUIRE(item.decision == Decision::Open);
        const QPoint inside = item.finding.boxes.front().center().toPoint();
        if (QRect(QPoint(), first.size).contains(inside)) CHECK(cover.pixel(inside) == solidColour());
    }
    s.open.setReading(first.id, Capture::Reading::Waiting);
    CHECK(coverPicture(s.open.state(), *s.open.pictures()).isNull());
}

TEST_CASE("words are found in the cases they were read in, put right as they were, and in no other") {
    QTemporaryDir folder;
    Sample one, two;
    one.open.correctWord(1, one.open.capture(1)->page->lines[0].words[1].box, QStringLiteral("Quillfeather"));
    write(folder.filePath(QStringLiteral("one.eyelid")), one.open, today);
    write(folder.filePath(QStringLiteral("two.eyelid")), two.open, today);
    Progress progress;
    const auto found = searchCases(folder.path(), right, QStringLiteral("quillFEATHER"), progress);
    REQUIRE((found && found->size() == 1));
    CHECK(found->front().path == folder.filePath(QStringLiteral("one.eyelid")));
    CHECK(found->front().captures == QStringList{QStringLiteral("Capture 1")});
    CHECK(searchCases(folder.path(), right, QStringLiteral("01632"), progress)->size() == 2);
    CHECK(searchCases(folder.path(), Opener(), QStringLiteral("01632"), progress)->empty());
}

TEST_CASE("a case is due on its policy's day or on another that was given, and what is thrown away waits a week") {
    Sample s;
    s.open.begin(today);
    s.open.begin(today.addDays(5)); // it has begun
    CHECK(dueDay(s.open.state()) == today.addDays(30));
    Policy policy = s.open.policy();
    policy.retention.days = 0;
    s.open.setPolicy(policy);
    CHECK(dueDay(s.open.state()).isNull());
    s.open.setDestroyDay(DestroyDay{today.addDays(90), QStringLiteral("the hearing")});
    CHECK(dueDay(s.open.state()) == today.addDays(90));
    s.open.undo();
    CHECK(dueDay(s.open.state()).isNull());

    CaseSummary summary;
    CHECK_FALSE(isDue(summary, today));
    summary.due = today;
    CHECK((isDue(summary, today) && !isDue(summary, today.addDays(-1))));
    summary.thrownAway = today;
    CHECK_FALSE(isDue(summary, today));
    CHECK((!isThrownOut(summary, today.addDays(6)) && isThrownOut(summary, today.addDays(7))));

    QTemporaryDir folder;
    const QString path = folder.filePath(QStringLiteral("a.eyelid"));
    write(path, s.open, today);
    REQUIRE((*CaseFile::open(path, right))->throwAway(today));
    CHECK(listed(folder.path()).front().summary->thrownAway == today);
    REQUIRE((*CaseFile::open(path, right))->throwAway({}));
    CHECK(listed(folder.path()).front().summary->thrownAway.isNull());
}

TEST_CASE("a case is destroyed as it was listed: one put off or brought back meanwhile stays") {
    QTemporaryDir folder;
    const QString path = folder.filePath(QStringLiteral("a.eyelid"));
    Sample s;
    s.open.setDestroyDay(DestroyDay{today, QStringLiteral("as agreed")});
    write(path, s.open, today.addDays(-30));
    const ListedCase due = listed(folder.path())[0];
    REQUIRE(isDue(*due.summary, today));
    REQUIRE(
        changeCase(path, right,
                   {QStringLiteral("later"), {SetDestroyDay{DestroyDay{today.addDays(90), QStringLiteral("a claim")}}}},
                   at(today)));
    const auto refused = destroyAsListed(due, right);
    REQUIRE_FALSE(refused);
    CHECK(refused.error().kind == Error::Kind::Exists);
    REQUIRE((*CaseFile::open(path, right))->throwAway(today.addDays(-30)));
    const ListedCase thrownAway = listed(folder.path())[0];
    REQUIRE((*CaseFile::open(path, right))->throwAway({}));
    CHECK_FALSE(destroyAsListed(thrownAway, right));
    CHECK((*CaseFile::open(path, right))->verify());
    CHECK(destroyAsListed(listed(folder.path())[0], right));
    CHECK(QDir(folder.path()).isEmpty());
}

TEST_CASE("a capture is copied into another case with its picture or not at all") {
    QTemporaryDir folder;
    const QString path = folder.filePath(QStringLiteral("a.eyelid"));
    Sample from, to;
    write(path, to.open, today);
    const auto count = [&] { return (*CaseFile::open(path, right))->load()->state.captures.size(); };
    const auto before = count();
    const QList<int> one{from.open.captures()[0].id};
    CHECK_FALSE(copyInto(path, right, from.open.state(), one, PictureStore(), at(today)));
    CHECK(count() == before);
    REQUIRE(copyInto(path, right, from.open.state(), one, *from.open.pictures(), at(today)));
    CHECK(count() == before + 1);
    CHECK((*CaseFile::open(path, right))->verify());
}

TEST_CASE("a capture that was removed is in the file while undo can bring it back, and gone when that is forgotten") {
    QTemporaryDir folder;
    const QString path = folder.filePath(QStringLiteral("a.eyelid"));
    Sample s;
    const auto file = newFile(path);
    REQUIRE(file->keep(s.open.kept(), *s.open.pictures(), at(today)));
    const PictureId removed = s.open.captures()[0].picture;
    s.open.remove(s.open.captures()[0].id);
    REQUIRE(file->keep(s.open.kept(), *s.open.pictures(), at(today)));
    CHECK(!file->picture(removed).isNull());
    const QByteArray state = stateToJson(s.open.state());
    s.open.forgetHistory();
    CHECK((!s.open.history().canUndo() && stateToJson(s.open.state()) == state));
    REQUIRE(file->keep(s.open.kept(), *s.open.pictures(), at(today)));
    CHECK(file->picture(removed).isNull());
    CHECK(file->smallPicture(removed).isNull());
    CHECK(file->verify());
    CHECK(QFileInfo(path + QStringLiteral("-wal")).size() == 0);
}

TEST_CASE("a case whose file was taken away says so, and is not written to nowhere") {
    QTemporaryDir folder;
    const QString path = folder.filePath(QStringLiteral("a.eyelid"));
    Sample s;
    const auto file = newFile(path);
    REQUIRE(file->keep(s.open.kept(), *s.open.pictures(), at(today)));
    REQUIRE(QFile::remove(path));
    s.open.setName(QStringLiteral("another"));
    const auto kept = file->keep(s.open.kept(), *s.open.pictures(), at(today));
    REQUIRE_FALSE(kept);
    CHECK(kept.error().kind == Error::Kind::NotWritable);
    CHECK(!file->picture(s.open.captures()[0].picture).isNull()); // nothing is lost while it is held
}

TEST_CASE("the lists of cases go by today, this week, the last two weeks and earlier") {
    const QDate thursday(2026, 11, 26);
    CHECK(ageOf(thursday, thursday) == Age::Today);
    CHECK(ageOf(QDate(2026, 11, 23), thursday) == Age::ThisWeek);
    CHECK(ageOf(QDate(2026, 11, 22), thursday) == Age::LastTwoWeeks);
    CHECK(ageOf(QDate(2026, 11, 13), thursday) == Age::LastTwoWeeks);
    CHECK(ageOf(QDate(2026, 11, 12), thursday) == Age::Earlier);
    CHECK(ageOf(QDate(2026, 11, 27), thursday) == Age::Today); // a clock that was put back
}

TEST_CASE("two officers have agreed when one has looked over what another decided, and nothing changed since") {
    Sample s;
    s.open.setOfficer(QStringLiteral("Ada"));
    for (const Capture& capture : s.open.captures())
        for (const Item& item : std::vector<Item>(s.open.items(capture.id)))
            s.open.decide(item.id, Scope::One, Decision::Cover);
    CHECK_FALSE(twoOfficersAgree(s.open.state()));
    s.open.lookOver();
    CHECK_FALSE(twoOfficersAgree(s.open.state())); // alone with herself
    s.open.setOfficer(QStringLiteral("Bo"));
    s.open.lookOver();
    CHECK(twoOfficersAgree(s.open.state()));
    s.open.decide(s.open.items(1).front().id, Scope::One, Decision::Keep);
    CHECK_FALSE(twoOfficersAgree(s.open.state()));
    s.open.undo();
    CHECK(twoOfficersAgree(s.open.state()));
    (void)s.open.cover(1, {QRect(1, 1, 5, 5)}, {CoverStyle::Solid, 0.5});
    CHECK_FALSE(twoOfficersAgree(s.open.state()));
}

TEST_CASE("captures taken in from another case bring what was decided, and the same value is the same identity") {
    Sample here, there;
    there.open.setCaptureName(2, QStringLiteral("The second"));
    there.open.decide(there.open.items(1).front().id, Scope::One, Decision::Cover);
    there.open.setNote(there.open.items(1).front().id, QStringLiteral("as agreed"));
    (void)there.open.cover(2, {QRect(3, 3, 9, 9)}, {CoverStyle::Mosaic, 0.3});
    there.open.letPass(2, {Leak::Sort::Extra, {}, QStringLiteral("bytes"), {}}, QStringLiteral("known"));
    const QString before = seen(here.open);
    for (const PictureId& id : picturesOf(there.open.state()))
        here.open.pictures()->keep(id, there.open.pictures()->picture(id));
    here.open.takeIn(there.open.state(), {1, 2});
    follow(here.open);
    REQUIRE(here.open.captures().size() == 4);
    const Capture& third = here.open.captures()[2];
    const Capture& fourth = here.open.captures()[3];
    CHECK(fourth.name == QStringLiteral("The second"));
    const Item& taken = here.open.items(third.id).front();
    CHECK(taken.decision == Decision::Cover);
    CHECK(taken.note == QStringLiteral("as agreed"));
    CHECK(taken.identity == here.open.items(1).front().identity); // the same picture, the same name on it
    CHECK(fourth.hands.size() == 1);
    CHECK(here.open.passedBecause(fourth.id, {Leak::Sort::Extra, {}, QStringLiteral("bytes"), {}}) ==
          QStringLiteral("known"));
    std::set<int> ids;
    for (const Capture& capture : here.open.captures()) {
        for (const Item& item : here.open.items(capture.id)) CHECK(ids.insert(item.id).second);
        for (const HandCover& hand : capture.hands) CHECK(ids.insert(hand.id).second);
    }
    here.open.undo();
    CHECK(seen(here.open) == before);
}

TEST_CASE("a case of an older version is not replaced while somebody reads it") {
    QTemporaryDir folder;
    const QString path = folder.filePath(QStringLiteral("old.eyelid"));
    REQUIRE(QFile::copy(QStringLiteral(EYELID_TEST_DATA "/case-version-1.eyelid"), path));
    const Opener old{.keys = {CaseKey::of(QByteArray(31, 0) + char(7))}};
    auto reader = CaseFile::open(path, old, SealedRows::Access::ReadOnly);
    REQUIRE((reader && (*reader)->load()));
    const auto refused = CaseFile::open(path, old);
    REQUIRE_FALSE(refused);
    CHECK(refused.error().kind == Error::Kind::NotWritable);
    CHECK((*reader)->load());
    reader->reset();
    const auto file = CaseFile::open(path, old);
    REQUIRE(file);
    CHECK((*file)->verify());
}

TEST_CASE("a case of the first version is read as it is, and brought to this one on a copy when it is worked on") {
    QTemporaryDir folder;
    const QString path = folder.filePath(QStringLiteral("old.eyelid"));
    REQUIRE(QFile::copy(QStringLiteral(EYELID_TEST_DATA "/case-version-1.eyelid"), path));
    const Opener old{.keys = {CaseKey::of(QByteArray(31, 0) + char(7))}};
    const auto all = listed(folder.path(), old);
    REQUIRE((all.size() == 1 && all[0].summary));
    CHECK((all[0].summary->captures == 1 && all[0].summary->settled == 1));
    Progress progress;
    CHECK(searchCases(folder.path(), old, QStringLiteral("larkmoor"), progress)->size() == 1);
    {
        const auto file = CaseFile::open(path, old);
        REQUIRE(file);
        auto kept = (*file)->load();
        REQUIRE(kept);
        CHECK(kept->state.captures.front().known.front().finding.text == QStringLiteral("Rafaela Wilkinson"));
        PictureStore pictures;
        REQUIRE((*file)->keep(*kept, pictures, at(today)));
        CHECK((*file)->verify());
    }
    CHECK(QDir(folder.path()).entryList(QDir::Files).size() == 1); // nothing of the copy is left
    CHECK(listed(folder.path(), old).front().summary->workedOn == at(today));
    // One that is damaged stays as it is.
    const QString damaged = folder.filePath(QStringLiteral("damaged.eyelid"));
    REQUIRE(QFile::copy(QStringLiteral(EYELID_TEST_DATA "/case-version-1.eyelid"), damaged));
    QFile bytes(damaged);
    REQUIRE((bytes.open(QIODevice::ReadWrite) && bytes.seek(bytes.size() - 3000) && bytes.write("########") == 8));
    bytes.close();
    const auto before = [&] {
        QFile file(damaged);
        return file.open(QIODevice::ReadOnly) ? file.readAll() : QByteArray();
    };
    const QByteArray was = before();
    CHECK_FALSE(CaseFile::open(damaged, old));
    CHECK(before() == was);
    CHECK_FALSE(QFile::exists(damaged + QStringLiteral(".new")));
}
