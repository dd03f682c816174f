// The promises of docs/security.md that the command line keeps: nothing is called clean that is not, nothing is left
// behind, and every run ends with a sentence and a status.
#include "cli/command.h"

#include <csignal>
#include <nlohmann/json.hpp>
#include <QSet>
#include <sys/stat.h>
#include <unistd.h>

using namespace eyelid;

namespace {

const QString slash = QStringLiteral("/");

QStringList redact(const QString& out, const QStringList& more) {
    return QStringList{QStringLiteral("redact"), QStringLiteral("--out"), out} + more;
}

mode_t modeOf(const QString& path) {
    struct stat about {};
    REQUIRE(::stat(path.toUtf8().constData(), &about) == 0);
    return about.st_mode & 07777;
}

} // namespace

TEST_CASE("released pictures have neutral names, and own names only where they hold no value") {
    QTemporaryDir folder;
    const QString telling = folder.filePath(QStringLiteral("ines-hartwell.png"));
    REQUIRE(QFile::copy(data("note.png"), telling));
    const QString out = folder.filePath(QStringLiteral("out"));
    CHECK(run(redact(out, {telling, data("dark.png")})).status == 0);
    CHECK(filesIn(out) == QStringList{QStringLiteral("picture-01.png"), QStringLiteral("picture-02.png"),
                                      QStringLiteral("redaction-log.json"),
                                      QStringLiteral("redaction-log.json.minisig"), QStringLiteral("SHA256SUMS")});
    CHECK_FALSE(bytesOf(out + QStringLiteral("/redaction-log.json")).toLower().contains("hartwell"));
    const QString kept = folder.filePath(QStringLiteral("kept"));
    const CommandResult own = run(redact(kept, {QStringLiteral("--keep-names"), telling, data("dark.png")}));
    CHECK(own.status == 0);
    CHECK(own.err.contains(QStringLiteral("not kept")));
    CHECK(filesIn(kept) == QStringList{QStringLiteral("dark.png"), QStringLiteral("picture-01.png"),
                                       QStringLiteral("redaction-log.json"),
                                       QStringLiteral("redaction-log.json.minisig"), QStringLiteral("SHA256SUMS")});
    CHECK_FALSE(bytesOf(kept + QStringLiteral("/redaction-log.json")).toLower().contains("hartwell"));
}

TEST_CASE("a cover beside the picture is an error, and one over its edge is cut and said") {
    QTemporaryDir folder;
    const QString out = folder.filePath(QStringLiteral("out"));
    const CommandResult beside =
        run(redact(out, {QStringLiteral("--cover"), QStringLiteral("9999,9999,10,10"), data("note.png")}));
    CHECK(beside.status == 2);
    CHECK(sentences(beside.err) == 1);
    CHECK_FALSE(QFile::exists(out)); // made for nothing
    const CommandResult over = run(redact(out, {QStringLiteral("--no-find"), QStringLiteral("--cover"),
                                                QStringLiteral("-5,-5,10,10"), data("note.png")}));
    CHECK(over.status == 0);
    CHECK(over.err.contains(QStringLiteral("0,0,5,5")));
    const auto log = nlohmann::json::parse(bytesOf(out + QStringLiteral("/redaction-log.json")).toStdString());
    CHECK(log["files"][0]["items"][0]["boxes"][0] == nlohmann::json::array({0, 0, 5, 5}));
}

TEST_CASE("what covers named on the command line hide must not be read anywhere else") {
    QTemporaryDir folder;
    // The same picture twice, the first with its name covered.
    const auto page = nlohmann::json::parse(
        run({QStringLiteral("read"), QStringLiteral("--format"), QStringLiteral("json"), data("note.png")})
            .out.toStdString());
    QRectF box;
    for (const auto& line : page["lines"])
        for (const auto& word : line["words"])
            if (word["text"] == "Hartwell")
                box = QRectF(word["box"][0], word["box"][1], word["box"][2], word["box"][3]);
    REQUIRE(box.isValid());
    const QRect r = box.adjusted(-2, -2, 2, 2).toAlignedRect();
    const QString cover = QStringLiteral("%1,%2,%3,%4").arg(r.x()).arg(r.y()).arg(r.width()).arg(r.height());
    QImage two = *readPicture(data("note.png"));
    QImage tall(two.width(), 2 * two.height(), QImage::Format_RGB32);
    {
        QPainter painter(&tall);
        painter.drawImage(0, 0, two);
        painter.drawImage(0, two.height(), two);
    }
    const QString file = folder.filePath(QStringLiteral("twice.png")), out = folder.filePath(QStringLiteral("out"));
    REQUIRE(writeFileWhole(file, encodePng(tall), false));
    const CommandResult once = run(redact(out, {QStringLiteral("--no-find"), QStringLiteral("--cover"), cover, file}));
    CHECK(once.status == 1);
    CHECK(once.out.contains(QStringLiteral("covered elsewhere")));
    // The log says nothing of it: whether it can be depends on what is covered.
    CHECK_FALSE(bytesOf(out + QStringLiteral("/redaction-log.json")).contains("elsewhere"));
}

TEST_CASE("a console whose users and passwords are covered is checked clean, and its prompts stay") {
    QTemporaryDir folder;
    const QString out = folder.filePath(QStringLiteral("out"));
    const CommandResult done = run(redact(out, {data("console.png")}));
    CHECK(done.status == 0);
    CHECK(done.out.contains(QStringLiteral("checked clean")));
    // At the left stand users alone: "@gw1" behind them tells of nobody.
    const auto log = nlohmann::json::parse(bytesOf(out + QStringLiteral("/redaction-log.json")).toStdString());
    for (const auto& item : log["files"][0]["items"])
        if (item["boxes"][0][0] < 30) CHECK(int(item["boxes"][0][2]) < 140); // "mareslucero30"
}

TEST_CASE("where nothing is looked for, a cover that is named draws nothing but itself") {
    QTemporaryDir folder;
    const auto found = nlohmann::json::parse(
        run({QStringLiteral("find"), QStringLiteral("--format"), QStringLiteral("json"), data("note.png")})
            .out.toStdString());
    const auto& box = found[0]["findings"][0]["boxes"][0];
    // Over most of a value, not over its end: what is found beneath is told to the check, and drawn nowhere.
    const QRect cover = QRectF(box[0], box[1], 0.7 * box[2].get<double>(), box[3].get<double>()).toAlignedRect();
    const QString out = folder.filePath(QStringLiteral("out"));
    (void)run(
        redact(out, {QStringLiteral("--no-find"), QStringLiteral("--style"), QStringLiteral("solid"),
                     QStringLiteral("--cover"),
                     QStringLiteral("%1,%2,%3,%4").arg(cover.x()).arg(cover.y()).arg(cover.width()).arg(cover.height()),
                     data("note.png")}));
    const QImage before = *readPicture(data("note.png")), after = *readPicture(out + QStringLiteral("/picture-01.png"));
    QRect changed;
    for (int y = 0; y < before.height(); ++y)
        for (int x = 0; x < before.width(); ++x)
            if (before.pixel(x, y) != after.pixel(x, y)) changed = changed.united(QRect(x, y, 1, 1));
    CHECK(cover.contains(changed));
    CHECK_FALSE(changed.isEmpty());
}

TEST_CASE("a file that changes while it is worked on is not released") {
    QTemporaryDir folder;
    const QString file = folder.filePath(QStringLiteral("a.png")), out = folder.filePath(QStringLiteral("out"));
    REQUIRE(writeFileWhole(file, encodePng(QImage(*readPicture(data("dark.png")))), false));
    // Changed again and again, for as long as the run takes.
    QProcess process;
    process.setProcessEnvironment(ownEnvironment(folder.path()));
    process.start(QStringLiteral(EYELID_CLI), redact(out, {file}));
    REQUIRE(process.waitForStarted());
    const QByteArray one = bytesOf(data("note.png")), other = bytesOf(data("dark.png"));
    for (bool which = true; process.state() != QProcess::NotRunning; which = !which) {
        REQUIRE(writeFileWhole(file, which ? one : other, true));
        process.waitForFinished(1);
    }
    const CommandResult r = finished(process);
    // It was the same each time it was opened, by chance, or the run says so; never anything else.
    if (r.status == 0) {
        CHECK(run({QStringLiteral("check"), out + QStringLiteral("/picture-01.png")}).status == 0);
    } else {
        CHECK(r.status == 3);
        CHECK(r.err.contains(QStringLiteral("changed while")));
        CHECK_FALSE(QFile::exists(out + QStringLiteral("/picture-01.png")));
    }
}

TEST_CASE("an input is never overwritten, through whatever link it stands in the folder") {
    QTemporaryDir folder;
    const QString real = folder.filePath(QStringLiteral("real.png")), out = folder.filePath(QStringLiteral("out"));
    REQUIRE(QFile::copy(data("note.png"), real));
    REQUIRE(QDir().mkpath(out));
    REQUIRE(QFile::link(real, out + QStringLiteral("/picture-01.png")));
    const QByteArray before = bytesOf(real);
    for (const QString& input : {real, out + QStringLiteral("/picture-01.png")}) {
        CHECK(run(redact(out, {QStringLiteral("--force"), input})).status == 2);
        CHECK(bytesOf(real) == before);
        CHECK(filesIn(out).size() == 1);
    }
    CHECK(
        run({QStringLiteral("join"), QStringLiteral("--force"), QStringLiteral("--out"), real, real, data("dark.png")})
            .status == 2);
    CHECK(bytesOf(real) == before);
}

TEST_CASE("a run that is killed leaves no picture without its log, and nothing else") {
    QTemporaryDir folder;
    const QString out = folder.filePath(QStringLiteral("out"));
    for (int wait = 5; wait < 900; wait += wait / 2) {
        QDir(out).removeRecursively();
        QProcess process;
        process.setProcessEnvironment(ownEnvironment(folder.path()));
        process.start(QStringLiteral(EYELID_CLI), redact(out, {data("note.png"), data("dark.png")}));
        REQUIRE(process.waitForStarted());
        process.waitForFinished(wait);
        process.kill();
        process.waitForFinished();
        const QStringList left = filesIn(out);
        INFO(wait << " " << left.join(u' ').toStdString());
        CHECK(left.filter(QStringLiteral(".part")).isEmpty());
        if (!left.isEmpty()) CHECK(left.contains(QStringLiteral("redaction-log.json")));
    }
}

TEST_CASE("a full disk leaves what was there, and nothing new") {
    QTemporaryDir folder;
    const QString out = folder.filePath(QStringLiteral("out"));
    REQUIRE(run(redact(out, {data("note.png")})).status == 0);
    const QByteArray picture = bytesOf(out + QStringLiteral("/picture-01.png"));
    // No file may be larger than a block: as good as a full disk.
    const CommandResult full =
        shell(QStringLiteral("trap '' XFSZ; ulimit -f 1; \"$cli\" redact --force --out '%1' '%2'")
                  .arg(out, data("dark.png")));
    CHECK(full.status == 3);
    CHECK(sentences(full.err) == 1);
    CHECK(bytesOf(out + QStringLiteral("/picture-01.png")) == picture);
    CHECK(filesIn(out).size() == 4);
}

TEST_CASE("bare captures and keys are for their owner alone") {
    QTemporaryDir folder;
    const QString file = folder.filePath(QStringLiteral("desk.png"));
    CHECK(run({QStringLiteral("take"), QStringLiteral("--simulated"), QStringLiteral("--out"), file}).status == 0);
    CHECK(modeOf(file) == 0600);
    const QString out = folder.filePath(QStringLiteral("out"));
    CHECK(run(redact(out, {data("note.png")}), folder.path()).status == 0);
    CHECK(modeOf(folder.filePath(QStringLiteral("eyelid/digest-key"))) == 0600);
}

TEST_CASE("a key for digests that is none is refused, and digests of different pictures cannot be linked") {
    QTemporaryDir folder;
    const QString key = folder.filePath(QStringLiteral("key")), out = folder.filePath(QStringLiteral("out"));
    REQUIRE(writeFileWhole(key, "short", false));
    const CommandResult refused = run(redact(out, {QStringLiteral("--key"), key, data("note.png")}));
    CHECK(refused.status == 2);
    CHECK(refused.err.contains(QStringLiteral("5 bytes")));
    QSet<QString> digests;
    for (const char* name : {"note.png", "dark.png", "note.png"}) {
        REQUIRE(run(redact(out, {QStringLiteral("--force"), data(name)})).status == 0);
        const auto log = nlohmann::json::parse(bytesOf(out + QStringLiteral("/redaction-log.json")).toStdString());
        digests.insert(QString::fromStdString(log["files"][0]["items"][0]["digest"].get<std::string>()));
    }
    CHECK(digests.size() == 2); // the same call gives the same log
}

TEST_CASE("numbers that are none, and languages that are none, are wrong usage in one sentence") {
    QTemporaryDir folder;
    const QString out = folder.filePath(QStringLiteral("out"));
    const auto wrong = [](const QStringList& arguments) {
        const CommandResult r = run(arguments);
        INFO(arguments.join(u' ').toStdString() << " " << r.err.toStdString());
        CHECK(r.status == 2);
        CHECK(sentences(r.err) == 1);
    };
    for (const char* number : {"nan", "-nan", "inf", "-1", "1.5", "half", ""})
        wrong(redact(out, {QStringLiteral("--strength"), QString::fromLatin1(number), data("note.png")}));
    for (const char* number : {"nan", "inf", "-150", "0"})
        wrong({QStringLiteral("pages"), QStringLiteral("--dpi"), QString::fromLatin1(number), QStringLiteral("--out"),
               out, data("note.png")});
    for (const char* number : {"nan", "inf", "-1"})
        wrong({QStringLiteral("take"), QStringLiteral("--simulated"), QStringLiteral("--delay"),
               QString::fromLatin1(number), QStringLiteral("--out"), out});
    for (const char* language : {"", "+", " "})
        for (const char* command : {"read", "find", "check"})
            wrong({QString::fromLatin1(command), QStringLiteral("--lang"), QString::fromLatin1(language),
                   data("note.png")});
    CHECK_FALSE(QFile::exists(out));
}

TEST_CASE("what cannot be printed is told of, and names reach neither sentence nor terminal as commands") {
    for (const char* command : {"read", "find", "check"}) {
        const CommandResult full =
            shell(QStringLiteral("\"$cli\" %1 '%2' > /dev/full").arg(QLatin1String(command), data("dark.png")));
        INFO(command);
        CHECK(full.status == 3);
        CHECK(full.err.contains(QStringLiteral("could not be written")));
    }
    QTemporaryDir folder;
    const QString odd = folder.filePath(QStringLiteral("%1 %2 \x1b[31m%n.png"));
    REQUIRE(QFile::copy(data("dark.png"), odd));
    const CommandResult r = run({QStringLiteral("check"), odd});
    CHECK(r.out.contains(QStringLiteral("%1 %2 \\x1b[31m%n.png")));
    CHECK_FALSE(r.out.contains(QChar(0x1b)));
    CHECK(run({QStringLiteral("check"), odd + QStringLiteral("x")}).err.contains(QStringLiteral("%1 %2 \\x1b")));
    // A name that is no UTF-8 is opened all the same.
    const CommandResult latin =
        shell(QStringLiteral("f=$(printf '%1/gr\\366\\337e.png'); cp '%2' \"$f\" && \"$cli\" find \"$f\"")
                  .arg(folder.path(), data("note.png")));
    CHECK(latin.status == 0);
    CHECK(latin.out.contains(QStringLiteral("Hartwell")));
    // So is a folder.
    const CommandResult odder =
        shell(QStringLiteral("d=$(printf '%1/o\\366'); \"$cli\" redact --out \"$d\" '%2' && ls \"$d\"")
                  .arg(folder.path(), data("note.png")));
    CHECK(odder.status == 0);
    CHECK(odder.out.contains(QStringLiteral("redaction-log.json")));
    // Damaged pictures bring no line of a library's own.
    const QString spoiled = folder.filePath(QStringLiteral("spoiled.png"));
    QByteArray bytes = bytesOf(data("note.png"));
    bytes[bytes.size() / 2] = char(~bytes[bytes.size() / 2]);
    REQUIRE(writeFileWhole(spoiled, bytes, false));
    const CommandResult damaged = run({QStringLiteral("find"), spoiled});
    CHECK(sentences(damaged.err) == 1);
}

TEST_CASE("too little of something ends in one sentence with status 3, and leaves nothing") {
    QTemporaryDir folder;
    const QString out = folder.filePath(QStringLiteral("out"));
    // Memory, at several places; whichever it is that cannot be had.
    for (const int kilobytes : {250'000, 400'000, 600'000}) {
        const CommandResult r = shell(
            QStringLiteral("ulimit -v %1; \"$cli\" redact --out '%2' '%3'").arg(kilobytes).arg(out, data("note.png")));
        INFO(kilobytes << " " << r.err.toStdString());
        if (r.status == 0) {
            CHECK(filesIn(out).size() == 4);
            QDir(out).removeRecursively();
            continue;
        }
        CHECK(r.status == 3);
        CHECK(sentences(r.err) == 1);
        CHECK(filesIn(out).isEmpty());
    }
    // Files: not a word of languages that are missing.
    // What the test itself was started with is closed first.
    const CommandResult few =
        shell(QStringLiteral("exec 3>&- 4>&- 5>&- 6>&- 7>&- 8>&- 9>&-; ulimit -n 4; \"$cli\" find '%1'")
                  .arg(data("note.png")));
    CHECK(few.status == 3);
    CHECK_FALSE(few.err.contains(QStringLiteral("not installed")));
}

TEST_CASE("the same bytes come out of every process") {
    QTemporaryDir folder;
    QByteArray first;
    QString found;
    for (int round = 0; round < 4; ++round) {
        QProcess process;
        QProcessEnvironment environment = ownEnvironment(folder.path());
        // Hash tables are seeded anew in each process; 0 takes the seed away.
        if (round == 0) environment.insert(QStringLiteral("QT_HASH_SEED"), QStringLiteral("0"));
        process.setProcessEnvironment(environment);
        process.start(QStringLiteral(EYELID_CLI), redact(folder.filePath(QStringLiteral("out%1").arg(round)),
                                                         {data("note.png"), data("dark.png")}));
        REQUIRE(finished(process).status == 0);
        const QByteArray log = bytesOf(folder.filePath(QStringLiteral("out%1/redaction-log.json").arg(round)));
        if (round == 0) first = log;
        CHECK(log == first);
        const QString now = run({QStringLiteral("find"), QStringLiteral("--format"), QStringLiteral("json"),
                                 data("note.png"), data("dark.png")})
                                .out;
        if (round == 0) found = now;
        CHECK(now == found);
    }
}

TEST_CASE("a sanitised area hides what only the rest of the page tells") {
    // The number is told by the label before it; the area holds the number alone.
    const auto page = nlohmann::json::parse(
        run({QStringLiteral("read"), QStringLiteral("--format"), QStringLiteral("json"), data("dark.png")})
            .out.toStdString());
    const auto found = nlohmann::json::parse(
        run({QStringLiteral("find"), QStringLiteral("--format"), QStringLiteral("json"), data("dark.png")})
            .out.toStdString());
    REQUIRE(found[0]["findings"].size() > 0);
    for (const auto& f : found[0]["findings"]) {
        const QRectF box(f["boxes"][0][0], f["boxes"][0][1], f["boxes"][0][2], f["boxes"][0][3]);
        const QRect r = box.toAlignedRect();
        const CommandResult area =
            run({QStringLiteral("read"), QStringLiteral("--sanitised"), QStringLiteral("--area"),
                 QStringLiteral("%1,%2,%3,%4").arg(r.x()).arg(r.y()).arg(r.width()).arg(r.height()), data("dark.png")});
        CHECK(area.status == 0);
        CHECK_FALSE(area.out.contains(QString::fromStdString(f["text"].get<std::string>())));
    }
}

TEST_CASE("every page of a file becomes a picture of its own") {
    QTemporaryDir folder;
    // A GIF of two frames, 2 by 2 pixels, written as literals.
    const QByteArray gif = QByteArray("GIF89a\2\0\2\0\x80\0\0\0\0\0\xff\xff\xff", 19) +
                           QByteArray(",\0\0\0\0\2\0\2\0\0", 10) + QByteArray("\2\3\x44\x02\x05\0", 6) +
                           QByteArray(",\0\0\0\0\2\0\2\0\0", 10) + QByteArray("\2\3\x44\x02\x05\0", 6) + ";";
    const QString file = folder.filePath(QStringLiteral("two.gif")), out = folder.filePath(QStringLiteral("out"));
    REQUIRE(writeFileWhole(file, gif, false));
    const CommandResult r = run(redact(out, {file}));
    INFO(r.err.toStdString());
    CHECK(r.status == 0);
    CHECK(r.out.contains(QStringLiteral("page 2 of 2")));
    CHECK(filesIn(out).size() == 5);
    CHECK(run({QStringLiteral("find"), file}).err.contains(QStringLiteral("only the first")));
}

TEST_CASE("what only the check can read is covered as well, and checked again") {
    // The note, so faint that a first reading passes over it.
    QImage faint = *readPicture(data("note.png"));
    for (int y = 0; y < faint.height(); ++y)
        for (int x = 0; x < faint.width(); ++x) {
            const int level = 255 - (255 - qGray(faint.pixel(x, y))) / 20;
            faint.setPixel(x, y, qRgb(level, level, level));
        }
    QTemporaryDir folder;
    const QString file = folder.filePath(QStringLiteral("faint.png")), out = folder.filePath(QStringLiteral("out"));
    REQUIRE(writeFileWhole(file, encodePng(faint), false));
    CHECK(run({QStringLiteral("find"), file}).out.isEmpty());
    CHECK(run({QStringLiteral("check"), file}).status == 1);
    const CommandResult r = run(redact(out, {file}));
    INFO(r.out.toStdString());
    CHECK(r.status == 0);
    const auto log = nlohmann::json::parse(bytesOf(out + QStringLiteral("/redaction-log.json")).toStdString());
    CHECK(log["files"][0]["items"].size() >= 3);
    CHECK(run({QStringLiteral("check"), out + QStringLiteral("/picture-01.png")}).status == 0);
}
