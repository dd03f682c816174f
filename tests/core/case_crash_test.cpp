// Two halves of a test that tests/crash/crash.py runs many times: one works on a case and says what is kept, until it
// is killed or its disk fails; the other looks at what is left. Hidden: they need the file named in EYELID_CRASH_FILE.
#include "casefile/case_file.h"
#include "casefile/case_json.h"
#include "support/case_locks.h"
#include "support/random_work.h"

#include <catch2/catch.hpp>
#include <cstdio>
#include <QCryptographicHash>
#include <QFile>

using namespace eyelid;
using namespace eyelid::randomly;

namespace {

QByteArray digestOf(const KeptCase& kept) {
    return QCryptographicHash::hash(stateToJson(kept.state), QCryptographicHash::Sha256).toHex().left(16) + ' ' +
           QByteArray::number(qsizetype(kept.history.done().size())) + ' ' +
           QByteArray::number(qsizetype(kept.history.undone().size()));
}

void tell(const char* what, const QByteArray& digest) {
    std::printf("%s %s\n", what, digest.constData());
    std::fflush(stdout);
}

} // namespace

TEST_CASE("a case is worked on until something goes wrong", "[.crash-work]") {
    const QString path = qEnvironmentVariable("EYELID_CRASH_FILE");
    REQUIRE_FALSE(path.isEmpty());
    Sample s;
    std::unique_ptr<CaseFile> file;
    if (QFile::exists(path)) {
        auto opened = CaseFile::open(path, right);
        if (!opened) return tell("trouble", opened.error().sentence.toUtf8());
        file = std::move(*opened);
        auto kept = file->load();
        if (!kept) return tell("trouble", kept.error().sentence.toUtf8());
        s.open.pictures()->backBy([&](const PictureId& id) { return file->picture(id); });
        // A file that was made and never written to holds no case yet.
        if (!kept->state.name.isEmpty()) s.open.restore(std::move(*kept));
        follow(s.open);
    } else {
        auto made = CaseFile::create(path, quick);
        if (!made) return tell("trouble", made.error().sentence.toUtf8());
        file = std::move(*made);
    }
    RandomWork work(s.open, unsigned(qEnvironmentVariableIntValue("EYELID_CRASH_SEED")));
    constexpr int steps = 150;
    for (int step = 0; step < steps; ++step) {
        work.step();
        follow(s.open);
        tell("doing", digestOf(s.open.kept()));
        const auto kept = file->keep(s.open.kept(), *s.open.pictures(), someDay);
        if (!kept) return tell("trouble", kept.error().sentence.toUtf8());
        tell("done", digestOf(s.open.kept()));
    }
}

TEST_CASE("what is left of a case is whole", "[.crash-look]") {
    const auto file = CaseFile::open(qEnvironmentVariable("EYELID_CRASH_FILE"), right);
    if (!file) return tell("trouble", file.error().sentence.toUtf8());
    if (const auto whole = (*file)->verify(); !whole) return tell("trouble", whole.error().sentence.toUtf8());
    const auto kept = (*file)->load();
    if (!kept) return tell("trouble", kept.error().sentence.toUtf8());
    tell("left", digestOf(*kept));
}
