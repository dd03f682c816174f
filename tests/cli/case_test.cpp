// Cases on disk from the command line, and by another reader of their format.
#include "base/files.h"
#include "cli/command.h"

#include <nlohmann/json.hpp>
#include <QDate>

using namespace eyelid;

namespace {

// Words of a call, as one would type them; @ stands for the folder.
struct Desk {
    QTemporaryDir folder;
    QString at(const QString& name) const { return folder.filePath(name); }
    CommandResult call(const QString& line) const {
        QStringList words = line.split(u' ');
        for (QString& word : words) word.replace(QStringLiteral("@"), folder.path() + u'/');
        return run(QStringList{QStringLiteral("case")} + words, at(QStringLiteral("home")));
    }
    void write(const char* name, const QByteArray& bytes) const {
        REQUIRE(writeFileWhole(at(QString::fromLatin1(name)), bytes, true));
    }
    CommandResult add(const char* picture) const {
        return run({QStringLiteral("case"), QStringLiteral("add"), at(QStringLiteral("a.eyelid")), data(picture)},
                   at(QStringLiteral("home")));
    }
    nlohmann::json shown(const char* name = "a.eyelid") const {
        const CommandResult result = call(QStringLiteral("show @%1 --format json").arg(QString::fromLatin1(name)));
        INFO(result.err.toStdString());
        REQUIRE(result.status == 0);
        return nlohmann::json::parse(result.out.toStdString());
    }
};

} // namespace

TEST_CASE("a case goes from new to released, each command with its work on the disk") {
    const Desk desk;
    REQUIRE(desk.call(QStringLiteral("new @a.eyelid")).status == 0);
    const CommandResult added = desk.add("note.png");
    INFO(added.err.toStdString());
    CHECK(added.status == 1); // something is open
    CHECK(desk.add("dark.png").status == 1);
    const auto before = desk.shown();
    REQUIRE(before["captures"].size() == 2);
    CHECK(before["captures"][0]["read"] == true);
    REQUIRE(before["captures"][0]["findings"].size() >= 2);
    CHECK(desk.call(QStringLiteral("list @")).out.contains(QStringLiteral("2 captures")));

    // What is open is not released, and nothing is left of trying.
    CHECK(desk.call(QStringLiteral("release @a.eyelid --out @out")).status == 1);
    CHECK(!QFile::exists(desk.at(QStringLiteral("out"))));

    CHECK(desk.call(QStringLiteral("decide @a.eyelid --cover --kind person")).status == 1);
    for (const auto& capture : desk.shown()["captures"])
        for (const auto& f : capture["findings"]) CHECK((f["decision"] == "cover") == (f["kind"] == "person"));
    CHECK(desk.call(QStringLiteral("decide @a.eyelid --cover")).status == 0);
    const CommandResult released = desk.call(QStringLiteral("release @a.eyelid --out @out"));
    INFO(released.err.toStdString() << released.out.toStdString());
    REQUIRE(released.status == 0);
    CHECK(run({QStringLiteral("check"), desk.at(QStringLiteral("out/picture-01.png")),
               desk.at(QStringLiteral("out/picture-02.png"))})
              .status == 0);
    CHECK(desk.call(QStringLiteral("release @a.eyelid --out @out")).status == 2); // they are there already
    CHECK(desk.call(QStringLiteral("decide @a.eyelid --open")).status == 1);
}

TEST_CASE("cases of a folder are listed, searched, put off, thrown away and destroyed when they are due") {
    const Desk desk;
    REQUIRE(desk.call(QStringLiteral("new @a.eyelid")).status == 0);
    REQUIRE(desk.add("note.png").status == 1);
    REQUIRE(desk.call(QStringLiteral("new @b.eyelid")).status == 0);
    CHECK(desk.call(QStringLiteral("rename @a.eyelid --name Weir")).status == 0);
    const QString all = desk.call(QStringLiteral("list @")).out;
    CHECK(all.contains(QStringLiteral("Weir, 1 capture,")));
    CHECK(desk.call(QStringLiteral("search @ --words DIALYSIS")).out.trimmed().endsWith(QStringLiteral("Capture 1")));
    CHECK(desk.call(QStringLiteral("search @ --words nowhere")).out.isEmpty());
    CHECK(desk.call(QStringLiteral("due @")).out.isEmpty());
    CHECK(desk.call(QStringLiteral("put-off @a.eyelid --until soon --reason x")).status == 2);
    CHECK(desk.call(QStringLiteral("put-off @a.eyelid --until 2020-01-01 --reason x")).status == 2); // it has passed
    const QString today = QDate::currentDate().toString(Qt::ISODate);
    CHECK(desk.call(QStringLiteral("put-off @a.eyelid --until %1 --reason x").arg(today)).status == 0);
    CHECK(desk.call(QStringLiteral("due @")).status == 1);
    CHECK(desk.call(QStringLiteral("throw-away @a.eyelid")).status == 0);
    CHECK(desk.call(QStringLiteral("due @")).status == 0); // a week of grace
    CHECK(desk.call(QStringLiteral("bring-back @a.eyelid")).status == 0);
    CHECK(desk.call(QStringLiteral("due @ --destroy")).status == 0);
    CHECK(!QFile::exists(desk.at(QStringLiteral("a.eyelid"))));
    CHECK(QFile::exists(desk.at(QStringLiteral("b.eyelid"))));
}

TEST_CASE("a colleague opens a case that was sealed for them, agrees, and only then it is released") {
    const Desk desk;
    desk.write("two.toml", "name = \"two\"\nlook_for = [\"person\", \"phone\", \"email\"]\nsecond_look = true\n");
    REQUIRE(desk.call(QStringLiteral("new @a.eyelid --policy @two.toml")).status == 0);
    REQUIRE(desk.add("note.png").status == 1);
    CHECK(desk.call(QStringLiteral("decide @a.eyelid --cover --officer Ada")).status == 0);
    CHECK(desk.call(QStringLiteral("release @a.eyelid --out @out")).status == 1);
    CHECK(desk.call(QStringLiteral("agree @a.eyelid --officer Ada")).status == 1); // alone

    // The colleague sits elsewhere.
    const QString elsewhere = desk.at(QStringLiteral("colleague"));
    const auto there = [&](QStringList words) { return run(QStringList{QStringLiteral("case")} + words, elsewhere); };
    CHECK(there({QStringLiteral("show"), desk.at(QStringLiteral("a.eyelid"))}).status == 2);
    const CommandResult key = there({QStringLiteral("key"), QStringLiteral("--officer"), QStringLiteral("Bo")});
    REQUIRE(key.status == 0);
    QFile line(desk.at(QStringLiteral("bo.officer")));
    REQUIRE((line.open(QIODevice::WriteOnly) && line.write(key.out.toUtf8()) > 0));
    line.close();
    CHECK(desk.call(QStringLiteral("seal @a.eyelid --for @two.toml")).status == 2); // no key
    REQUIRE(desk.call(QStringLiteral("seal @a.eyelid --for @bo.officer")).status == 0);
    const CommandResult agreed = there({QStringLiteral("agree"), desk.at(QStringLiteral("a.eyelid")),
                                        QStringLiteral("--officer"), QStringLiteral("Bo")});
    INFO(agreed.err.toStdString());
    CHECK(agreed.status == 0);
    CHECK(desk.call(QStringLiteral("release @a.eyelid --out @out")).status == 0);
    const QByteArray log = bytesOf(desk.at(QStringLiteral("out/redaction-log.json")));
    CHECK(log.contains("two officers"));
    CHECK(!log.contains("Ada"));
}

TEST_CASE("the captures of one case are taken into another") {
    const Desk desk;
    REQUIRE(desk.call(QStringLiteral("new @a.eyelid")).status == 0);
    REQUIRE(desk.add("note.png").status == 1);
    CHECK(desk.call(QStringLiteral("decide @a.eyelid --cover")).status == 0);
    REQUIRE(desk.call(QStringLiteral("new @b.eyelid")).status == 0);
    CHECK(desk.call(QStringLiteral("take-in @b.eyelid --from @a.eyelid")).status == 0);
    const auto taken = desk.shown("b.eyelid");
    REQUIRE(taken["captures"].size() == 1);
    for (const auto& f : taken["captures"][0]["findings"]) CHECK(f["decision"] == "cover");
    CHECK(desk.call(QStringLiteral("verify @b.eyelid")).status == 0);
    CHECK(desk.call(QStringLiteral("verify @a.eyelid")).status == 0);
}

TEST_CASE("a case taken out and brought in again is the same, and says that it stood unprotected") {
    const Desk desk;
    REQUIRE(desk.call(QStringLiteral("new @a.eyelid")).status == 0);
    desk.add("note.png");
    desk.call(QStringLiteral("decide @a.eyelid --keep --kind phone"));
    const CommandResult out = desk.call(QStringLiteral("take-out @a.eyelid --out @plain"));
    CHECK(out.status == 0);
    CHECK(out.err.contains(QStringLiteral("not protected")));
    REQUIRE(desk.call(QStringLiteral("bring-in @plain --to @b.eyelid")).status == 0);
    CHECK(desk.shown("b.eyelid") == desk.shown());
    REQUIRE(desk.call(QStringLiteral("take-out @b.eyelid --out @again")).status == 0);
    CHECK(bytesOf(desk.at(QStringLiteral("again/case.json"))) == bytesOf(desk.at(QStringLiteral("plain/case.json"))));
    CHECK(desk.call(QStringLiteral("take-out @b.eyelid --out @again")).status == 2);
    CHECK(desk.call(QStringLiteral("bring-in @home --to @c.eyelid")).status != 0);
    CHECK(!QFile::exists(desk.at(QStringLiteral("c.eyelid"))));
}

TEST_CASE("a case is opened by what it is locked by, and destroyed for good") {
    const Desk desk;
    desk.write("words", "a heron by the weir\n");
    REQUIRE(desk.call(QStringLiteral("new @a.eyelid")).status == 0);
    REQUIRE(desk.call(QStringLiteral("lock @a.eyelid --new-passphrase-file @words")).status == 0);
    const CommandResult closed = desk.call(QStringLiteral("show @a.eyelid"));
    CHECK(closed.status != 0);
    CHECK(sentences(closed.err) == 1);
    CHECK(desk.call(QStringLiteral("verify @a.eyelid --passphrase-file @words")).status == 0);
    REQUIRE(desk.call(QStringLiteral("destroy @a.eyelid")).status == 0);
    CHECK(QDir(desk.folder.path()).entryList({QStringLiteral("*.eyelid*")}, QDir::Files).isEmpty());
    CHECK(desk.call(QStringLiteral("destroy @a.eyelid")).status != 0);
}

TEST_CASE("a passphrase for which there is too little memory is told of as that") {
    const Desk desk;
    desk.write("words", "a heron by the weir\n");
    const auto withLittle = [&](const char* command, const char* name) {
        return shell(
            QStringLiteral("ulimit -v 300000; \"$cli\" case %1 '%2' --passphrase-file '%3'")
                .arg(QLatin1String(command), desk.at(QString::fromLatin1(name)), desk.at(QStringLiteral("words"))));
    };
    const CommandResult none = withLittle("new", "none.eyelid");
    CHECK(none.status == 3);
    CHECK(sentences(none.err) == 1);
    REQUIRE(desk.call(QStringLiteral("new @a.eyelid --passphrase-file @words")).status == 0);
    const CommandResult shut = withLittle("show", "a.eyelid");
    CHECK(shut.status == 3); // not as if the words were wrong
    CHECK(sentences(shut.err) == 1);
    CHECK(QDir(desk.folder.path()).entryList({QStringLiteral("*.eyelid*")}, QDir::Files) ==
          QStringList{QStringLiteral("a.eyelid")});
}

TEST_CASE("a case that cannot be made for want of room leaves nothing") {
    const Desk desk;
    REQUIRE(desk.call(QStringLiteral("new @there.eyelid")).status == 0); // the account has its key now
    for (const int blocks : {1, 8, 24, 48, 72}) {
        const CommandResult r =
            shell(QStringLiteral("trap '' XFSZ; ulimit -f %1; XDG_DATA_HOME='%2' \"$cli\" case new '%3'")
                      .arg(blocks)
                      .arg(desk.at(QStringLiteral("home")), desk.at(QStringLiteral("a.eyelid"))));
        INFO(blocks << " " << r.err.toStdString());
        const QStringList left = QDir(desk.folder.path()).entryList({QStringLiteral("a.eyelid*")}, QDir::Files);
        if (r.status == 0) break;
        CHECK(r.status == 3);
        CHECK(sentences(r.err) == 1);
        CHECK(!r.err.contains(QStringLiteral("not an error")));
        CHECK(left.isEmpty());
    }
}

TEST_CASE("a picture that cannot be read is told of, and the others are in the case") {
    const Desk desk;
    REQUIRE(desk.call(QStringLiteral("new @a.eyelid")).status == 0);
    const CommandResult added = run({QStringLiteral("case"), QStringLiteral("add"), desk.at(QStringLiteral("a.eyelid")),
                                     desk.at(QStringLiteral("none.png")), data("note.png")},
                                    desk.at(QStringLiteral("home")));
    CHECK(added.status == 3);
    CHECK(desk.shown()["captures"].size() == 1);
}

TEST_CASE("of a case that was altered what is intact can be taken out") {
    const Desk desk;
    REQUIRE(desk.call(QStringLiteral("new @a.eyelid")).status == 0);
    desk.add("note.png");
    desk.add("dark.png");
    QProcess alter;
    alter.start(QStringLiteral("/usr/bin/python3"),
                {QStringLiteral("-c"),
                 QStringLiteral("import sqlite3,sys; d=sqlite3.connect(sys.argv[1]); d.execute('UPDATE sealed SET "
                                "box=zeroblob(length(box)) WHERE kind=2 AND id=1'); d.commit()"),
                 desk.at(QStringLiteral("a.eyelid"))});
    REQUIRE(finished(alter).status == 0);
    CHECK(desk.call(QStringLiteral("show @a.eyelid")).status != 0);
    const CommandResult out = desk.call(QStringLiteral("take-out @a.eyelid --out @rest"));
    INFO(out.err.toStdString());
    CHECK(out.status == 1);
    CHECK(out.err.contains(QStringLiteral("What is intact was taken out, without what undo knew: 1 capture.")));
    REQUIRE(desk.call(QStringLiteral("bring-in @rest --to @b.eyelid")).status == 0);
    CHECK(desk.shown("b.eyelid")["captures"].size() == 1);
}

TEST_CASE(
    "verify says of a case that was altered or cut short that it is damaged, and of what is no case that it is none") {
    const Desk desk;
    REQUIRE(desk.call(QStringLiteral("new @a.eyelid")).status == 0);
    desk.add("note.png");
    CHECK(desk.call(QStringLiteral("verify @a.eyelid")).status == 0);
    const QByteArray bytes = *readFile(desk.at(QStringLiteral("a.eyelid")));
    REQUIRE(writeFileWhole(desk.at(QStringLiteral("cut.eyelid")), bytes.left(bytes.size() / 2), false));
    const CommandResult cut = desk.call(QStringLiteral("verify @cut.eyelid"));
    CHECK(cut.status == 1);
    CHECK(cut.err.contains(QStringLiteral("cut.eyelid")));
    CHECK(desk.call(QStringLiteral("show @cut.eyelid")).status == 3);
    REQUIRE(writeFileWhole(desk.at(QStringLiteral("none.eyelid")), QByteArray(20000, 'x'), false));
    CHECK(desk.call(QStringLiteral("verify @none.eyelid")).status == 2);
}

TEST_CASE("another reader of the format reads what was written, and notices what was altered") {
    const Desk desk;
    REQUIRE(desk.call(QStringLiteral("new @a.eyelid")).status == 0);
    desk.add("note.png");
    desk.call(QStringLiteral("decide @a.eyelid --cover"));
    const auto read = [&] {
        QProcess reader;
        reader.start(QStringLiteral("/usr/bin/python3"),
                     {QStringLiteral(EYELID_TOOLS "/read-case.py"), desk.at(QStringLiteral("a.eyelid")),
                      QStringLiteral("--key-file"), desk.at(QStringLiteral("home/eyelid/case-key"))});
        return finished(reader);
    };
    const CommandResult result = read();
    INFO(result.err.toStdString());
    REQUIRE(result.status == 0);
    const auto found = nlohmann::json::parse(result.out.toStdString());
    const auto shown = desk.shown();
    CHECK(found["head"]["case"]["name"] == shown["name"]);
    REQUIRE(found["captures"].size() == 1);
    CHECK(found["captures"][0]["known"].size() == shown["captures"][0]["findings"].size());
    CHECK(found["readings"][0][0]["page"]["lines"].size() > 0);
    CHECK(found["done"].size() == 2);
    CHECK(found["pictures"].size() == 1);

    QByteArray bytes = bytesOf(desk.at(QStringLiteral("a.eyelid")));
    for (qsizetype at = 4096; at < bytes.size(); at += 97) bytes[at] ^= 1;
    QFile file(desk.at(QStringLiteral("a.eyelid")));
    REQUIRE(file.open(QIODevice::WriteOnly));
    file.write(bytes);
    file.close();
    CHECK(read().status != 0);
    CHECK(desk.call(QStringLiteral("verify @a.eyelid")).status != 0);
}
