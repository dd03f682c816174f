// Cases on disk: what was kept is there again, whatever happens to the program; what was altered is not believed.
#include "casefile/case_file.h"
#include "casefile/case_json.h"
#include "support/case_locks.h"
#include "support/random_work.h"

#include <catch2/catch.hpp>
#include <csignal>
#include <QDir>
#include <QFile>
#include <QTemporaryDir>
#include <sqlite3.h>
#include <sys/resource.h>
#include <sys/stat.h>
#include <sys/wait.h>
#include <unistd.h>

using namespace eyelid;
using namespace eyelid::randomly;

namespace {

struct Folder {
    QTemporaryDir folder;
    QString file(const char* name = "case.eyelid") const { return folder.filePath(QString::fromLatin1(name)); }
};

std::unique_ptr<CaseFile> newFile(const QString& path) {
    auto file = CaseFile::create(path, quick);
    if (!file) FAIL(file.error().sentence.toStdString());
    return std::move(*file);
}

std::unique_ptr<CaseFile> opened(const QString& path, SealedRows::Access access = SealedRows::Access::ReadWrite) {
    auto file = CaseFile::open(path, right, access);
    if (!file) FAIL(file.error().sentence.toStdString());
    return std::move(*file);
}

void keep(CaseFile& file, const Case& open) {
    auto kept = file.keep(open.kept(), *open.pictures(), someDay);
    if (!kept) FAIL(kept.error().sentence.toStdString());
}

// A case in the program as it comes out of a file.
struct Reopened {
    std::unique_ptr<CaseFile> file;
    Case open{*loadPolicy(QStringLiteral("everything"))};
    explicit Reopened(const QString& path) : file(opened(path)) {
        auto kept = file->load();
        if (!kept) FAIL(kept.error().sentence.toStdString());
        open.pictures()->backBy([this](const PictureId& id) { return file->picture(id); });
        open.restore(std::move(*kept));
        follow(open);
    }
};

QByteArray bytesOf(const QString& path) {
    QFile file(path);
    return file.open(QIODevice::ReadOnly) ? file.readAll() : QByteArray();
}

void put(const QString& path, const QByteArray& bytes) {
    QFile file(path);
    REQUIRE(file.open(QIODevice::WriteOnly | QIODevice::Truncate));
    REQUIRE(file.write(bytes) == bytes.size());
}

bool execute(const QString& path, const char* sql) {
    sqlite3* db = nullptr;
    const bool done = sqlite3_open(path.toUtf8().constData(), &db) == SQLITE_OK &&
                      sqlite3_exec(db, sql, nullptr, nullptr, nullptr) == SQLITE_OK;
    sqlite3_close(db);
    return done;
}

// The case's key as the first lock holds it.
QByteArray boxOfFirstLock(const QString& path) {
    sqlite3* db = nullptr;
    sqlite3_stmt* row = nullptr;
    QByteArray box;
    if (sqlite3_open_v2(path.toUtf8().constData(), &db, SQLITE_OPEN_READONLY, nullptr) == SQLITE_OK &&
        sqlite3_prepare_v2(db, "SELECT box FROM locks", -1, &row, nullptr) == SQLITE_OK &&
        sqlite3_step(row) == SQLITE_ROW)
        box = QByteArray(static_cast<const char*>(sqlite3_column_blob(row, 0)), sqlite3_column_bytes(row, 0));
    sqlite3_finalize(row);
    sqlite3_close(db);
    return box;
}

} // namespace

TEST_CASE("a case kept after every step is the same when it is opened, and undo goes on where it was") {
    for (unsigned round = 0; round < 6; ++round) {
        Folder folder;
        Sample s;
        {
            const auto file = newFile(folder.file());
            RandomWork work(s.open, 900 + round);
            for (int step = 0; step < 40; ++step) {
                keep(*file, s.open);
                work.step();
                follow(s.open);
            }
            keep(*file, s.open);
            CHECK(file->verify());
        }
        Reopened again(folder.file());
        INFO(round);
        REQUIRE(seen(again.open) == seen(s.open));
        CHECK(stateToJson(again.open.state()) == stateToJson(s.open.state()));
        CHECK(again.open.secret() == s.open.secret());
        for (const Capture& capture : again.open.captures())
            CHECK(again.open.picture(capture) == s.open.pictures()->picture(capture.picture));
        // The same steps back, and forward again.
        while (s.open.history().canUndo()) {
            REQUIRE(again.open.history().undoName() == s.open.history().undoName());
            s.open.undo();
            again.open.undo();
            follow(s.open);
            follow(again.open);
            REQUIRE(seen(again.open) == seen(s.open));
        }
        CHECK(!again.open.history().canUndo());
        keep(*again.file, again.open);
        CHECK(again.file->verify());
    }
}

TEST_CASE("what was read is not read again after opening, and pictures are held only while there is room") {
    Folder folder;
    Sample s;
    keep(*newFile(folder.file()), s.open);
    const auto file = opened(folder.file());
    const auto kept = file->load();
    REQUIRE(kept);
    for (const Capture& capture : kept->state.captures) CHECK(capture.page);
    PictureStore store;
    store.backBy([&](const PictureId& id) { return file->picture(id); });
    CHECK(store.count() == 0);
    const PictureId first = kept->state.captures[0].picture;
    CHECK(PictureId::of(store.picture(first)) == first);
    CHECK(store.count() == 0); // in the cache alone
}

TEST_CASE("nothing of a case stands in its file in the clear") {
    Folder folder;
    Case open(*loadPolicy(QStringLiteral("everything")));
    open.setName(QStringLiteral("Quarrel at Quillfeather's"));
    open.add(made::noise({64, 64}, 3), QStringLiteral("taken from the Quillfeather window"));
    follow(open);
    open.decide(open.items(1).front().id, Scope::One, Decision::Cover);
    open.setNote(open.items(1).front().id, QStringLiteral("asked Quillfeather about it"));
    const auto file = newFile(folder.file());
    keep(*file, open);
    QByteArray all; // while it is open, so that the log of the database is looked at as well
    for (const QString& name : QDir(folder.folder.path()).entryList(QDir::Files | QDir::Hidden))
        all += bytesOf(folder.folder.filePath(name));
    REQUIRE(all.size() > 20000);
    const QString words[] = {QStringLiteral("Quillfeather"), QStringLiteral("person Kai"), QStringLiteral("person"),
                             QStringLiteral("decision"),     QStringLiteral("captures"),   QStringLiteral("01632")};
    for (const QString& word : words) {
        INFO(word.toStdString());
        CHECK(!all.contains(word.toUtf8()));
        CHECK(!all.contains(QByteArray(reinterpret_cast<const char*>(word.utf16()), word.size() * 2)));
    }
    // Nor a run of pixels.
    const QImage picture = open.picture(open.captures()[0]);
    CHECK(!all.contains(QByteArray(reinterpret_cast<const char*>(picture.constScanLine(5)), 64)));
}

TEST_CASE("only what a case is locked by opens it, and a colleague's key as well") {
    Folder folder;
    Sample s;
    const CaseKey mine = CaseKey::random();
    keep(*newFile(folder.file()), s.open);
    auto wrong = CaseFile::open(folder.file(), {.passphrase = "a heron by the wier"});
    REQUIRE_FALSE(wrong);
    CHECK(wrong.error().kind == Error::Kind::Locked);
    CHECK(!wrong.error().sentence.contains(QStringLiteral("heron")));
    CHECK_FALSE(CaseFile::open(folder.file(), {.keys = {mine}}));
    CHECK_FALSE(CaseFile::open(folder.file(), {}));
    const QByteArray before = bytesOf(folder.file());
    {
        const auto file = opened(folder.file());
        REQUIRE(file->setLocks({.keyFile = mine}));
        CHECK_FALSE(file->setLocks({}));
    }
    CHECK_FALSE(CaseFile::open(folder.file(), right));
    auto other = CaseFile::open(folder.file(), {.keys = {CaseKey::random(), mine}});
    REQUIRE(other);
    CHECK((*other)->verify());
    CHECK_FALSE(CaseFile::create(folder.file("none.eyelid"), {}));
    CHECK(!QFile::exists(folder.file("none.eyelid")));
}

TEST_CASE("one writes a case, others may read it, and a writer that is gone holds nothing") {
    Folder folder;
    Sample s;
    auto file = newFile(folder.file());
    keep(*file, s.open);
    auto second = CaseFile::open(folder.file(), right);
    REQUIRE_FALSE(second);
    CHECK(second.error().kind == Error::Kind::Exists);
    CHECK(opened(folder.file(), SealedRows::Access::ReadOnly)->load());
    CHECK_FALSE(CaseFile::destroy(folder.file()));
    file.reset();
    CHECK(opened(folder.file())->load());
}

TEST_CASE("a byte changed anywhere is noticed or changes nothing, and what is intact can be had") {
    Folder folder;
    Sample s;
    keep(*newFile(folder.file()), s.open);
    const QByteArray good = bytesOf(folder.file());
    const QString before = seen(s.open);
    const auto seenIn = [](const KeptCase& kept) {
        Case open{*loadPolicy(QStringLiteral("everything"))};
        open.restore(kept);
        follow(open);
        return seen(open);
    };
    std::mt19937 random(11);
    int noticed = 0;
    for (int round = 0; round < 150; ++round) {
        QByteArray bad = good;
        bad[qsizetype(random() % size_t(bad.size()))] ^= char(1 << (random() % 8));
        put(folder.file(), bad);
        auto file = CaseFile::open(folder.file(), right);
        noticed += !file || !(*file)->verify();
        if (!file) continue;
        if (const auto kept = (*file)->load()) CHECK(seenIn(*kept) == before);
        // What can be had is what it was: of a capture all, or not the capture.
        if (const auto rest = (*file)->salvage())
            for (const Capture& capture : rest->state.captures) {
                CHECK(captureToJson(capture) == captureToJson(*s.open.capture(capture.id)));
                CHECK(PictureId::of((*file)->picture(capture.picture)) == capture.picture);
            }
    }
    CHECK(noticed > 60);
    put(folder.file(), good.left(good.size() / 2));
    auto half = CaseFile::open(folder.file(), right);
    CHECK((half ? (*half)->load().error() : half.error()).kind == Error::Kind::Damaged);
    put(folder.file(), "no case at all");
    CHECK_FALSE(CaseFile::open(folder.file(), right));
    put(folder.file(), {});
    CHECK_FALSE(CaseFile::open(folder.file(), right));
}

TEST_CASE("rows moved, dropped, exchanged or put back from an older copy are noticed") {
    Folder folder;
    Sample s;
    {
        const auto file = newFile(folder.file());
        keep(*file, s.open);
    }
    put(folder.file("older.eyelid"), bytesOf(folder.file()));
    {
        const auto file = opened(folder.file());
        s.open.decide(s.open.items(1).front().id, Scope::One, Decision::Cover);
        keep(*file, s.open);
    }
    const QByteArray good = bytesOf(folder.file());
    const QString older = folder.file("older.eyelid");
    const QString attacks[] = {
        QStringLiteral("DELETE FROM sealed WHERE kind = 2 AND id = 1"),
        QStringLiteral("DELETE FROM sealed WHERE kind = 6 AND id = (SELECT min(id) FROM sealed WHERE kind = 6)"),
        QStringLiteral("UPDATE sealed SET id = 99 WHERE kind = 2 AND id = 1"),
        QStringLiteral("UPDATE sealed SET box = (SELECT box FROM sealed WHERE kind = 2 AND id = 2), tag = (SELECT tag "
                       "FROM sealed WHERE kind = 2 AND id = 2) WHERE kind = 2 AND id = 1"),
        QStringLiteral("ATTACH '%1' AS o; INSERT OR REPLACE INTO sealed SELECT * FROM o.sealed WHERE kind = 2")
            .arg(older),
        QStringLiteral("ATTACH '%1' AS o; INSERT OR REPLACE INTO sealed SELECT * FROM o.sealed WHERE kind = 0")
            .arg(older),
        QStringLiteral("DELETE FROM sealed WHERE kind = 0"),
        QStringLiteral(
            "INSERT INTO sealed SELECT kind, 7, written, nonce, tag, box FROM sealed WHERE kind = 2 AND id = 1")};
    for (const QString& attack : attacks) {
        put(folder.file(), good);
        INFO(attack.toStdString());
        REQUIRE(execute(folder.file(), attack.toUtf8().constData()));
        auto file = CaseFile::open(folder.file(), right);
        CHECK((!file || !(*file)->load()));
    }
    put(folder.file(), good);
    CHECK(opened(folder.file())->verify());
}

TEST_CASE("a program killed while it works loses nothing it was told is kept") {
    Folder folder;
    std::mt19937 random(5);
    for (int round = 0; round < 12; ++round) {
        const QString path = folder.file(("case" + std::to_string(round) + ".eyelid").c_str());
        int told[2];
        REQUIRE(pipe(told) == 0);
        const pid_t child = fork();
        if (child == 0) {
            close(told[0]);
            Sample s;
            auto file = CaseFile::create(path, quick);
            for (int step = 0; file && step < 4000; ++step) {
                s.open.setName(QStringLiteral("step %1").arg(step));
                if (step % 5 == 0) s.open.add(made::noise({40, 30}, unsigned(step)), QStringLiteral("x"));
                follow(s.open);
                if (!(*file)->keep(s.open.kept(), *s.open.pictures(), someDay)) break;
                if (write(told[1], &step, sizeof step) != sizeof step) break;
            }
            _exit(0);
        }
        close(told[1]);
        int last = -1;
        const int until = 1 + int(random() % 25);
        for (int step = 0; read(told[0], &step, sizeof step) == sizeof step;) {
            last = step;
            if (step == until) kill(child, SIGKILL);
        }
        close(told[0]);
        int status = 0;
        waitpid(child, &status, 0);
        REQUIRE(last >= until);
        auto file = CaseFile::open(path, right);
        REQUIRE(file);
        REQUIRE((*file)->verify());
        const auto kept = (*file)->load();
        REQUIRE(kept);
        CHECK(kept->state.name.mid(5).toInt() >= last);
    }
}

TEST_CASE("where nothing can be written a sentence says so, and the case stays as it was") {
    Folder folder;
    Sample s;
    const auto file = newFile(folder.file());
    keep(*file, s.open);
    const QString before = seen(s.open);
    rlimit old{};
    getrlimit(RLIMIT_FSIZE, &old);
    const auto handler = std::signal(SIGXFSZ, SIG_IGN);
    const rlimit small{rlim_t(bytesOf(folder.file() + QStringLiteral("-wal")).size() + 10000), old.rlim_max};
    REQUIRE(setrlimit(RLIMIT_FSIZE, &small) == 0);
    s.open.add(made::noise({400, 400}, 77), QStringLiteral("much"));
    const auto kept = file->keep(s.open.kept(), *s.open.pictures(), someDay);
    setrlimit(RLIMIT_FSIZE, &old);
    std::signal(SIGXFSZ, handler);
    REQUIRE_FALSE(kept);
    CHECK(kept.error().kind == Error::Kind::NotWritable);
    CHECK(file->load()->state.captures.size() == 2);
    // With room again, nothing is missing.
    keep(*file, s.open);
    CHECK(file->load()->state.captures.size() == 3);
    CHECK(file->verify());
}

TEST_CASE("a case that was destroyed cannot be opened, and nothing of its file is left") {
    Folder folder;
    Sample s;
    keep(*newFile(folder.file()), s.open);
    REQUIRE(CaseFile::destroy(folder.file()));
    CHECK(QDir(folder.folder.path()).isEmpty());
    CHECK_FALSE(CaseFile::destroy(folder.file()));
}

TEST_CASE("what is no case is not destroyed, whatever leads to it") {
    Folder folder;
    const QByteArray picture = "not a case but somebody's picture";
    put(folder.file("picture.png"), picture);
    REQUIRE(QFile::link(folder.file("picture.png"), folder.file("link.eyelid")));
    for (const char* name : {"picture.png", "link.eyelid"}) {
        const auto gone = CaseFile::destroy(folder.file(name));
        REQUIRE_FALSE(gone);
        CHECK(gone.error().kind == Error::Kind::BadInput);
    }
    CHECK(bytesOf(folder.file("picture.png")) == picture);
    // A case whose beginning is gone is still one by its name.
    put(folder.file("hurt.eyelid"), "what is left of it");
    CHECK(CaseFile::destroy(folder.file("hurt.eyelid")));
}

TEST_CASE("a case destroyed through a link leaves nothing, not what a killed program had written last either") {
    Folder folder;
    Sample s;
    keep(*newFile(folder.file()), s.open);
    put(folder.file("case.eyelid-wal"), "rows written last");
    REQUIRE(QFile::link(folder.file(), folder.file("link.eyelid")));
    REQUIRE(CaseFile::destroy(folder.file("link.eyelid")));
    CHECK(QDir(folder.folder.path()).entryList(QDir::AllEntries | QDir::System | QDir::NoDotAndDotDot).isEmpty());
}

TEST_CASE("a pipe or a folder under a case's name is told of, not waited for") {
    Folder folder;
    REQUIRE(::mkfifo(folder.file("pipe.eyelid").toUtf8().constData(), 0600) == 0);
    REQUIRE(QDir(folder.folder.path()).mkdir(QStringLiteral("folder.eyelid")));
    for (const char* name : {"pipe.eyelid", "folder.eyelid"}) {
        for (const auto access : {SealedRows::Access::ReadWrite, SealedRows::Access::ReadOnly}) {
            const auto file = CaseFile::open(folder.file(name), right, access);
            REQUIRE_FALSE(file);
            CHECK(file.error().kind == Error::Kind::BadInput);
        }
        CHECK_FALSE(CaseFile::destroy(folder.file(name)));
    }
}

TEST_CASE("looking at a case leaves nothing beside it") {
    Folder folder;
    Sample s;
    keep(*newFile(folder.file()), s.open);
    CHECK(opened(folder.file(), SealedRows::Access::ReadOnly)->load());
    CHECK(QDir(folder.folder.path()).entryList(QDir::Files) == QStringList{QStringLiteral("case.eyelid")});
}

TEST_CASE("a lock taken away opens nothing, not out of what was written last either") {
    Folder folder;
    Sample s;
    auto file = newFile(folder.file());
    keep(*file, s.open);
    const auto reader = opened(folder.file(), SealedRows::Access::ReadOnly); // so that closing does not tidy up
    const QByteArray box = boxOfFirstLock(folder.file());
    REQUIRE(box.size() > 16);
    REQUIRE(file->setLocks({.keyFile = CaseKey::random()}));
    file.reset();
    for (const char* name : {"case.eyelid", "case.eyelid-wal"}) CHECK_FALSE(bytesOf(folder.file(name)).contains(box));
}

TEST_CASE("a key file is made once, for its owner alone") {
    Folder folder;
    const QString path = folder.file("keys/case.key");
    auto first = keyFromFile(path, true);
    REQUIRE(first);
    CHECK((QFile::permissions(path) & (QFile::ReadGroup | QFile::ReadOther | QFile::WriteOther)) == 0);
    auto again = keyFromFile(path, false);
    REQUIRE(again);
    CHECK(QByteArray(reinterpret_cast<const char*>(first->data()), 32) ==
          QByteArray(reinterpret_cast<const char*>(again->data()), 32));
    QFile::setPermissions(path, QFile::ReadOwner | QFile::WriteOwner | QFile::ReadOther);
    CHECK_FALSE(keyFromFile(path, false));
    put(folder.file("other.key"), "no key");
    QFile::setPermissions(folder.file("other.key"), QFile::ReadOwner);
    CHECK_FALSE(keyFromFile(folder.file("other.key"), false));
    CHECK_FALSE(keyFromFile(folder.file("none.key"), false));
}
