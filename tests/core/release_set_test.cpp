// All that leaves in one release, put together: which files, in which order, and what each says of the others.
#include "casefile/release_note.h"
#include "pipeline/release_set.h"
#include "releasing/archive.h"
#include "releasing/checksums.h"
#include "releasing/digest.h"
#include "releasing/mail_draft.h"
#include "support/made.h"

#include <catch2/catch.hpp>
#include <csignal>
#include <nlohmann/json.hpp>
#include <QDir>
#include <QTemporaryDir>
#include <sys/resource.h>

using namespace eyelid;

namespace {

// Two pictures as a check leaves them, with nothing of what it found.
struct ReleasePair {
    CaseState state;
    std::vector<CheckedPicture> pictures;
    Assembling from;

    ReleasePair() {
        state.terms.policy = std::make_shared<const Policy>(*loadPolicy(QStringLiteral("everything")));
        state.terms.languages = QStringLiteral("eng");
        for (unsigned i = 0; i < 2; ++i) {
            CheckedPicture picture;
            const QImage image = made::noise({60, 40}, i);
            picture.artifact = {QStringLiteral("leak-0%1.png").arg(i + 1), *encodePicture(image, {})};
            picture.sha256 = sha256(picture.artifact.bytes);
            picture.size = picture.captureSize = image.size();
            picture.words = std::make_shared<const Page>(
                made::PageMaker().line(QStringLiteral("Meter %1 read").arg(4711 + i)).page());
            pictures.push_back(std::move(picture));
        }
        from.state = &state;
        from.secret = QByteArray(32, 's');
        from.wholeName = QStringLiteral("leak");
    }
    std::vector<Artifact> made() const {
        static const CaseWork work;
        auto files = assembled(pictures, from, work);
        if (!files) FAIL(files.error().sentence.toStdString());
        return *files;
    }
    static QStringList names(const std::vector<Artifact>& files) {
        QStringList all;
        for (const Artifact& file : files) all << file.fileName;
        return all;
    }
};

const Artifact& named(const std::vector<Artifact>& files, const QString& name) {
    for (const Artifact& file : files)
        if (file.fileName == name) return file;
    FAIL("no " << name.toStdString());
    return files.front();
}

} // namespace

TEST_CASE("pictures come first and the log last, every file is told of before it is made, and all sums are right") {
    ReleasePair release;
    release.from.form.report = true;
    release.from.key = newSigningKey();
    const std::vector<Artifact> files = release.made();
    CHECK(ReleasePair::names(files) == QStringList{QStringLiteral("leak-01.png"), QStringLiteral("leak-02.png"),
                                                   QStringLiteral("redaction-report.html"),
                                                   QStringLiteral("redaction-log.json.minisig"),
                                                   QStringLiteral("SHA256SUMS"), QStringLiteral("redaction-log.json")});
    CHECK(ReleasePair::names(files) == fileNamesOf(release.pictures, release.from));
    const auto sums = checksumsFrom(named(files, QStringLiteral("SHA256SUMS")).bytes);
    for (const Artifact& file : files) {
        if (file.fileName == QStringLiteral("SHA256SUMS")) continue;
        REQUIRE(sums.contains(file.fileName));
        CHECK(sums.at(file.fileName) == sha256(file.bytes));
    }
    const auto log = nlohmann::json::parse(files.back().bytes.toStdString());
    CHECK(log["files"].size() == 2);
    CHECK(log["files"][1]["sha256"] == release.pictures[1].sha256.toStdString());
    const auto signature =
        verifySignature(files.back().bytes, named(files, QStringLiteral("redaction-log.json.minisig")).bytes,
                        release.from.key->publicKey());
    CHECK(signature.standing == SignatureStanding::Good);
    CHECK(reportChecksumIn(signature.comment) == sha256(named(files, QStringLiteral("redaction-report.html")).bytes));
}

TEST_CASE("a number goes behind every name, also where one file speaks of another") {
    ReleasePair release;
    release.from.number = 3;
    const std::vector<Artifact> files = release.made();
    for (const Artifact& file : files) CHECK(file.fileName.contains(QStringLiteral(" (3)")));
    CHECK(nlohmann::json::parse(files.back().bytes.toStdString())["files"][0]["file"] == "leak-01 (3).png");
    CHECK(checksumsFrom(named(files, QStringLiteral("SHA256SUMS (3)")).bytes)
              .contains(QStringLiteral("leak-02 (3).png")));
}

TEST_CASE("a document stands for its pictures, each a page of it in the log") {
    for (const DocumentKind kind : {DocumentKind::Pdf, DocumentKind::Html}) {
        ReleasePair release;
        release.from.form.document = kind;
        release.from.form.documentWords = release.from.form.documentSummary = true;
        const std::vector<Artifact> files = release.made();
        CHECK(files.size() == 3);
        CHECK(ReleasePair::names(files) == fileNamesOf(release.pictures, release.from));
        const auto log = nlohmann::json::parse(files.back().bytes.toStdString());
        for (int page : {1, 2}) {
            CHECK(log["files"][size_t(page - 1)]["page"] == page);
            CHECK(log["files"][size_t(page - 1)]["sha256"] == sha256(files.front().bytes).toStdString());
        }
    }
}

TEST_CASE("the log names the sheet a picture stands on, where several stand on one") {
    ReleasePair release;
    release.from.form.document = DocumentKind::Pdf;
    for (const auto& [perSheet, second] : {std::pair{1, 2}, std::pair{2, 1}, std::pair{4, 1}}) {
        release.from.form.perSheet = perSheet;
        const auto log = nlohmann::json::parse(release.made().back().bytes.toStdString());
        CHECK(log["files"][0]["page"] == 1);
        CHECK(log["files"][1]["page"] == second);
    }
    // Of an HTML page every picture is a part of its own.
    release.from.form.document = DocumentKind::Html;
    CHECK(nlohmann::json::parse(release.made().back().bytes.toStdString())["files"][1]["page"] == 2);
}

TEST_CASE("text that holds a covered value leaves in no document, unless it was kept somewhere or let pass") {
    ReleasePair release;
    release.from.form.document = DocumentKind::Pdf;
    release.from.form.documentWords = true;
    Finding value;
    value.kind = Kind::Account;
    value.text = QStringLiteral("4711");
    release.from.coveredValues = {value};
    static const CaseWork work;
    const auto refused = assembled(release.pictures, release.from, work);
    REQUIRE_FALSE(refused);
    CHECK(refused.error().sentence.contains(QStringLiteral("without the words")));
    CHECK_FALSE(refused.error().sentence.contains(QStringLiteral("4711")));
    release.from.form.documentWords = false;
    CHECK(assembled(release.pictures, release.from, work));
    release.from.form.documentWords = true;
    release.state.passes.push_back({1, Leak{Leak::Sort::CoveredValue, {}, {}, value}, QStringLiteral("public number")});
    CHECK(assembled(release.pictures, release.from, work));
}

TEST_CASE("an archive and a mail hold the very files of a release that stands by itself, under their plain names") {
    ReleasePair release;
    const std::vector<Artifact> plain = release.made();
    for (const Wrapping wrapping : {Wrapping::Zip, Wrapping::Mail}) {
        ReleasePair wrapped;
        wrapped.from.form.wrapping = wrapping;
        wrapped.from.number = 2;
        const std::vector<Artifact> files = wrapped.made();
        REQUIRE(files.size() == 1);
        CHECK(files[0].fileName.startsWith(QStringLiteral("leak (2).")));
        const auto inside =
            wrapping == Wrapping::Zip ? filesOfZip(files[0].bytes, 1 << 24) : filesOfMail(files[0].bytes);
        REQUIRE(inside);
        REQUIRE(inside->size() == plain.size());
        for (size_t i = 0; i < plain.size(); ++i) {
            CHECK((*inside)[i].fileName == plain[i].fileName);
            CHECK((*inside)[i].bytes == plain[i].bytes);
        }
    }
}

TEST_CASE("a disk that is full and a folder that cannot be written to leave nothing of a release behind") {
    const std::vector<Artifact> files = ReleasePair().made();
    QTemporaryDir folder;
    const QString out = folder.filePath(QStringLiteral("out"));
    // A file as large as no disk has room for: the system's own limit on files stands in for the disk.
    std::vector<Artifact> large = files;
    large[0].bytes = QByteArray(4 << 20, 'x');
    rlimit before{};
    REQUIRE(::getrlimit(RLIMIT_FSIZE, &before) == 0);
    const rlimit small{1 << 20, before.rlim_max};
    ::signal(SIGXFSZ, SIG_IGN);
    REQUIRE(::setrlimit(RLIMIT_FSIZE, &small) == 0);
    const auto full = writeRelease(out, large, false);
    REQUIRE(::setrlimit(RLIMIT_FSIZE, &before) == 0);
    REQUIRE_FALSE(full);
    CHECK(full.error().kind == Error::Kind::NotWritable);
    CHECK(QDir(out).entryList(QDir::AllEntries | QDir::Hidden | QDir::NoDotAndDotDot).isEmpty());
    // A file where the folder should be.
    REQUIRE(writeFileWhole(folder.filePath(QStringLiteral("taken")), "x", false));
    const auto taken = writeRelease(folder.filePath(QStringLiteral("taken/out")), files, false);
    REQUIRE_FALSE(taken);
    CHECK(taken.error().sentence.contains(QStringLiteral("taken")));
    CHECK(writeRelease(out, files, false));
}

TEST_CASE("a register's line says of each destination which files went there, in universal time") {
    const std::vector<Artifact> files = ReleasePair().made();
    const Handed handed{QStringLiteral("drop"), {QStringLiteral("sftp://files.example/in/leak"), {}, {}}};
    const QDateTime when(QDate(2026, 11, 28), QTime(9, 30), Qt::OffsetFromUTC, 3600);
    const ReleaseRecord note = releaseNote(filesNoted(files), handed, QStringLiteral("W. Oakley"), when);
    CHECK(note.when.toString(Qt::ISODate) == QStringLiteral("2026-11-28T08:30:00Z"));
    CHECK(note.place == QStringLiteral("sftp://files.example/in/leak"));
    REQUIRE(note.files.size() == qsizetype(files.size()));
    CHECK(note.files[0].sha256 == sha256(files[0].bytes));
    const QByteArray csv = registerAsCsv({note});
    CHECK(csv.count('\n') == qsizetype(files.size()) + 1);
    CHECK(csv.contains("\"drop\",\"sftp://files.example/in/leak\""));
}
