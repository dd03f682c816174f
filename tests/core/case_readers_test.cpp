// Others who read a case, or want to write it too, while it is being written.
#include "casefile/case_file.h"
#include "support/case_locks.h"
#include "support/random_work.h"

#include <catch2/catch.hpp>
#include <cstdio>
#include <QCoreApplication>
#include <QProcess>
#include <QRegularExpression>
#include <QTemporaryDir>

using namespace eyelid;
using namespace eyelid::randomly;

namespace {

// What another program that reads the case for a moment is told of who holds it.
QString holderSeenByOthers(const QString& path) {
    QProcess other;
    QProcessEnvironment with = QProcessEnvironment::systemEnvironment();
    with.insert(QStringLiteral("EYELID_LOOK_FILE"), path);
    other.setProcessEnvironment(with);
    other.start(QCoreApplication::applicationFilePath(), {QStringLiteral("[.look-at-holder]")});
    REQUIRE(other.waitForFinished());
    static const QRegularExpression told(QStringLiteral("holder: (.*)"));
    return told.match(QString::fromUtf8(other.readAllStandardOutput())).captured(1);
}

} // namespace

TEST_CASE("another program looks at who holds a case", "[.look-at-holder]") {
    const auto file = CaseFile::open(qEnvironmentVariable("EYELID_LOOK_FILE"), right, SealedRows::Access::ReadOnly);
    REQUIRE(file);
    std::printf("holder: %s\n", (*file)->holder().toUtf8().constData());
}

TEST_CASE("what is written after others wanted the case too is on the disk, for every program") {
    QTemporaryDir folder;
    const QString path = folder.filePath(QStringLiteral("case.eyelid"));
    auto made = CaseFile::create(path, quick);
    REQUIRE(made);
    REQUIRE((*made)->setHolder(QStringLiteral("first")));
    SECTION("another window wanted to write it") {
        CHECK_FALSE(CaseFile::open(path, right));
    }
    SECTION("a list wanted to destroy it") {
        CHECK_FALSE(CaseFile::destroy(path));
    }
    SECTION("another window looked at it") {
        CHECK(CaseFile::open(path, right, SealedRows::Access::ReadOnly));
    }
    CHECK(holderSeenByOthers(path) == QStringLiteral("first"));
    REQUIRE((*made)->setHolder(QStringLiteral("second")));
    CHECK(holderSeenByOthers(path) == QStringLiteral("second"));
}

TEST_CASE("a case is read as it stood at one moment, whatever is written to it meanwhile") {
    QTemporaryDir folder;
    const QString path = folder.filePath(QStringLiteral("case.eyelid"));
    Sample s;
    auto made = CaseFile::create(path, quick);
    REQUIRE(made);
    REQUIRE((*made)->keep(s.open.kept(), *s.open.pictures(), someDay));
    auto reader = CaseFile::open(path, right, SealedRows::Access::ReadOnly);
    REQUIRE(reader);
    for (int step = 0; step < 3; ++step) {
        const QString name = QStringLiteral("step %1").arg(step);
        s.open.setName(name);
        REQUIRE((*made)->keep(s.open.kept(), *s.open.pictures(), someDay));
        const auto kept = (*reader)->load();
        REQUIRE(kept);
        CHECK(kept->state.name == name);
        CHECK((*reader)->verify());
    }
}
