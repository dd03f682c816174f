// Files written whole or not at all, names that are any bytes, and sentences any name may stand in.
#include "base/files.h"
#include "base/sentence.h"
#include "support/made.h"

#include <catch2/catch.hpp>
#include <fcntl.h>
#include <QDir>
#include <QTemporaryDir>
#include <random>
#include <sys/file.h>
#include <sys/stat.h>
#include <thread>
#include <unistd.h>

using namespace eyelid;

namespace {

QStringList all(const QString& folder) {
    return QDir(folder).entryList(QDir::AllEntries | QDir::Hidden | QDir::System | QDir::NoDotAndDotDot);
}

mode_t modeOf(const QString& path) {
    struct stat about {};
    REQUIRE(::stat(path.toUtf8().constData(), &about) == 0);
    return about.st_mode & 07777;
}

} // namespace

TEST_CASE("a set of files stands as a whole, and its last comes first") {
    QTemporaryDir folder;
    const auto path = [&](const char* name) { return folder.filePath(QString::fromLatin1(name)); };
    {
        FileSet files;
        REQUIRE(files.stage(path("a"), "one"));
        REQUIRE(files.stage(path("b"), "two"));
        CHECK(all(folder.path()).isEmpty()); // nothing has a name before all are written
        REQUIRE(files.commit(false));
    }
    CHECK(*readFile(path("a")) == "one");
    CHECK(all(folder.path()).size() == 2);
    // One that may not be replaced takes all back.
    {
        FileSet files;
        REQUIRE(files.stage(path("a"), "new"));
        REQUIRE(files.stage(path("c"), "new"));
        auto done = files.commit(false);
        REQUIRE_FALSE(done);
        CHECK(done.error().kind == Error::Kind::Exists);
    }
    CHECK(*readFile(path("a")) == "one");
    CHECK_FALSE(fileExists(path("c")));
    {
        FileSet files;
        REQUIRE(files.stage(path("a"), "new"));
        REQUIRE(files.stage(path("c"), "new"));
        REQUIRE(files.commit(true));
    }
    CHECK(*readFile(path("a")) == "new");
    CHECK(all(folder.path()).size() == 3);
}

TEST_CASE("a replacement that fails in the middle leaves every file that was there") {
    QTemporaryDir folder;
    for (const char* name : {"a", "b", "c"})
        REQUIRE(writeFileWhole(folder.filePath(QString::fromLatin1(name)), "old", false));
    REQUIRE(QDir(folder.path()).mkdir(QStringLiteral("folder")));
    FileSet files;
    for (const char* name : {"folder", "a", "new", "b", "c"}) // the folder comes last: the others were in place
        REQUIRE(files.stage(folder.filePath(QString::fromLatin1(name)), "new"));
    CHECK_FALSE(files.commit(true));
    for (const char* name : {"a", "b", "c"}) CHECK(*readFile(folder.filePath(QString::fromLatin1(name))) == "old");
    CHECK(all(folder.path()).size() == 4);
}

TEST_CASE("files are made with the mode that is wanted, whatever other threads make") {
    QTemporaryDir folder;
    const mode_t mask = ::umask(022);
    std::vector<std::thread> threads;
    for (int t = 0; t < 4; ++t)
        threads.emplace_back([&, t] {
            for (int i = 0; i < 25; ++i) {
                const QString name = folder.filePath(QStringLiteral("%1-%2").arg(t).arg(i));
                (void)writeFileWhole(name, "x", false, t % 2 ? FileMode::Private : FileMode::Ordinary);
            }
        });
    for (std::thread& t : threads) t.join();
    ::umask(mask);
    for (int t = 0; t < 4; ++t)
        for (int i = 0; i < 25; ++i)
            CHECK(modeOf(folder.filePath(QStringLiteral("%1-%2").arg(t).arg(i))) == (t % 2 ? 0600 : 0644));
}

TEST_CASE("what a writer that was killed has left is cleared, and nobody else's") {
    QTemporaryDir folder;
    const QString left = folder.filePath(QStringLiteral(".eyelid-abc.part")),
                  held = folder.filePath(QStringLiteral(".eyelid-def.part")),
                  other = folder.filePath(QStringLiteral("letter.part"));
    for (const QString& path : {left, held, other}) {
        const int fd = ::open(path.toUtf8().constData(), O_CREAT | O_WRONLY, 0600);
        REQUIRE(fd >= 0);
        ::close(fd);
    }
    const int lock = ::open(held.toUtf8().constData(), O_RDONLY);
    REQUIRE(::flock(lock, LOCK_EX | LOCK_NB) == 0); // as a writer does that is still at work
    FileSet writing;
    REQUIRE(writing.stage(folder.filePath(QStringLiteral("x")), "x"));
    CHECK_FALSE(fileExists(left));
    CHECK(fileExists(held));
    CHECK(fileExists(other));
    ::close(lock);
}

TEST_CASE("names of files may be any bytes") {
    std::mt19937 random(5);
    for (int round = 0; round < 500; ++round) {
        QByteArray name;
        for (size_t n = 1 + random() % 12; n > 0; --n) name += char(1 + random() % 255);
        CHECK(bytesOfPath(pathFromBytes(name)) == name);
    }
    const QString plain = QStringLiteral("Größe 😀 %1.png");
    CHECK(pathFromBytes(plain.toUtf8()) == plain);
    QTemporaryDir folder;
    const QByteArray latin = folder.path().toUtf8() + "/gr\xf6\xdf"
                                                      "e.txt";
    REQUIRE(writeFileWhole(pathFromBytes(latin), "there", false));
    CHECK(::access(latin.constData(), F_OK) == 0);
    CHECK(*readFile(pathFromBytes(latin)) == "there");
    CHECK(onOneLine(pathFromBytes("a\xf6")) == QStringLiteral("a\\xf6"));
}

TEST_CASE("a name cannot change the sentence it stands in, or the terminal") {
    CHECK(sentence(QStringLiteral("%1 is %2 pixels wide"), QStringLiteral("%2 %1.png"), 7) ==
          QStringLiteral("%2 %1.png is 7 pixels wide"));
    CHECK(onOneLine(QStringLiteral("a\x1b[31mb\nc\td")) == QStringLiteral("a\\x1b[31mb\\x0ac\\x09d"));
    CHECK(onOneLine(QStringLiteral("x\u202ey")) == QStringLiteral("x\\u202ey"));
    CHECK(onOneLine(QStringLiteral("Größe 😀")) == QStringLiteral("Größe 😀"));
}

TEST_CASE("pipes, folders and files that are not there are told apart without waiting") {
    QTemporaryDir folder;
    const QString pipe = folder.filePath(QStringLiteral("pipe"));
    REQUIRE(::mkfifo(pipe.toUtf8().constData(), 0600) == 0);
    CHECK(readFile(pipe).error().kind == Error::Kind::NotReadable);
    CHECK(readFile(folder.path()).error().kind == Error::Kind::NotReadable);
    CHECK(readFile(folder.filePath(QStringLiteral("none"))).error().kind == Error::Kind::Missing);
    REQUIRE(writeFileWhole(folder.filePath(QStringLiteral("long")), QByteArray(100, 'x'), false));
    CHECK(readFile(folder.filePath(QStringLiteral("long")), 99).error().kind == Error::Kind::BadInput);
}

TEST_CASE("the same file is known through links of every sort, and before it is there") {
    QTemporaryDir folder;
    const auto path = [&](const char* name) { return folder.filePath(QString::fromLatin1(name)); };
    REQUIRE(writeFileWhole(path("a"), "x", false));
    REQUIRE(writeFileWhole(path("b"), "x", false));
    REQUIRE(QFile::link(path("a"), path("soft")));
    REQUIRE(::link(path("a").toUtf8().constData(), path("hard").toUtf8().constData()) == 0);
    REQUIRE(QFile::link(folder.path(), path("within")));
    CHECK(sameFile(path("a"), path("soft")));
    CHECK(sameFile(path("a"), path("hard")));
    CHECK(sameFile(path("a"), path("within/a")));
    CHECK(sameFile(path("new"), path("within/new")));
    CHECK_FALSE(sameFile(path("a"), path("b")));
    CHECK_FALSE(sameFile(path("new"), path("newer")));
}
