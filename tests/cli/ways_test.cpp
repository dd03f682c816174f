// Ways and places of the command line, against real servers.
#include "cli/command.h"
#include "releasing/destinations/ways.h"
#include "support/servers.h"

using namespace eyelid;

namespace {

// A home of one's own with a server to drop at.
struct Office {
    QTemporaryDir home;
    const SftpServerHere server;
    QString out(const char* name) const { return home.filePath(QLatin1String(name)); }
    CommandResult cli(const QStringList& arguments) const {
        return run(arguments, home.filePath(QStringLiteral("data")));
    }
    CommandResult setUp(const QString& hostKey) const {
        QStringList place{
            QStringLiteral("place"),  QStringLiteral("Store"),  server.place().address,
            QStringLiteral("--user"), server.place().user,      QStringLiteral("--key-file"),
            server.place().keyFile,   QStringLiteral("--link"), QStringLiteral("https://files.example/in"),
            QStringLiteral("--days"), QStringLiteral("30")};
        if (!hostKey.isEmpty()) place << QStringLiteral("--host-key") << hostKey;
        return cli(place);
    }
    // The key the server shows, as it is told.
    QString setUp() const {
        const CommandResult asked = setUp(QString());
        CHECK(asked.status == 1);
        const qsizetype at = asked.err.indexOf(QStringLiteral("SHA256:"));
        REQUIRE(at > 0);
        const QString key = asked.err.mid(at).section(u'.', 0, 0);
        const CommandResult kept = setUp(key);
        INFO(kept.err.toStdString());
        REQUIRE(kept.status == 0);
        return key;
    }
    QStringList dropped() const {
        return server.names().isEmpty() ? QStringList() : filesIn(server.path(server.names().first()));
    }
};

} // namespace

TEST_CASE("a way that is kept releases as it says and drops it at its place, and the link is told") {
    const Office office;
    office.setUp();
    const CommandResult kept = office.cli(
        {QStringLiteral("way"), QStringLiteral("Supplier"), QStringLiteral("--format"), QStringLiteral("pdf"),
         QStringLiteral("--report"), QStringLiteral("--drop"), QStringLiteral("Store")});
    REQUIRE(kept.status == 0);
    const CommandResult listed = office.cli({QStringLiteral("ways")});
    CHECK(listed.out.contains(QStringLiteral("way Supplier: PDF, folder, drop at Store")));
    CHECK(listed.out.contains(QStringLiteral("place Store: sftp://")));
    const CommandResult done = office.cli({QStringLiteral("redact"), data("note.png"), QStringLiteral("--out"),
                                           office.out("out"), QStringLiteral("--way"), QStringLiteral("Supplier")});
    INFO(done.err.toStdString());
    REQUIRE(done.status == 0);
    CHECK(done.out.contains(QStringLiteral("https://files.example/in/picture%20until%2020")));
    CHECK(filesIn(office.out("out")) == office.dropped());
    CHECK(office.dropped().contains(QStringLiteral("picture.pdf")));
    // A way and a form do not go together.
    CHECK(office
              .cli({QStringLiteral("redact"), data("note.png"), QStringLiteral("--out"), office.out("other"),
                    QStringLiteral("--way"), QStringLiteral("Supplier"), QStringLiteral("--format"),
                    QStringLiteral("png")})
              .status == 2);
    CHECK(office.cli({QStringLiteral("way"), QStringLiteral("Supplier"), QStringLiteral("--forget")}).status == 0);
    CHECK(office.cli({QStringLiteral("place"), QStringLiteral("Store"), QStringLiteral("--forget")}).status == 0);
    CHECK(office.cli({QStringLiteral("ways")}).out.isEmpty());
}

TEST_CASE("a case released by a way has each destination in its register, and what failed is not there") {
    const Office office;
    const QString key = office.setUp();
    for (const char* way : {"cp -r {folder} %1/copied", "false"})
        REQUIRE(
            office
                .cli({QStringLiteral("way"), QString(QLatin1String(way)).section(u' ', 0, 0), QStringLiteral("--run"),
                      QString(QLatin1String(way)).replace(QStringLiteral("%1"), office.home.path()),
                      QStringLiteral("--drop"), QStringLiteral("Store"), QStringLiteral("--keep-both")})
                .status == 0);
    const QString file = office.out("a.eyelid");
    REQUIRE(office.cli({QStringLiteral("case"), QStringLiteral("new"), file}).status == 0);
    REQUIRE(office.cli({QStringLiteral("case"), QStringLiteral("add"), file, data("note.png")}).status < 2);
    REQUIRE(office.cli({QStringLiteral("case"), QStringLiteral("decide"), file, QStringLiteral("--cover")}).status ==
            0);
    const auto release = [&](const char* way) {
        return office.cli({QStringLiteral("case"), QStringLiteral("release"), file, QStringLiteral("--out"),
                           office.out("released"), QStringLiteral("--way"), QLatin1String(way)});
    };
    const CommandResult first = release("cp");
    INFO(first.err.toStdString());
    REQUIRE(first.status == 0);
    CHECK(filesIn(office.home.filePath(QStringLiteral("copied"))) == filesIn(office.out("released")));
    const CommandResult second = release("false");
    CHECK(second.status == 3);
    CHECK(second.err.contains(QStringLiteral("false failed")));
    const CommandResult registered = office.cli({QStringLiteral("case"), QStringLiteral("register"), file});
    REQUIRE(registered.status == 0);
    for (const char* way : {"\"folder\"", "\"drop\"", "\"command\""})
        CHECK(registered.out.contains(QLatin1String(way)));
    QSet<QString> places; // when and where, of each destination
    for (const QString& line : registered.out.split(u'\n'))
        if (line.contains(QStringLiteral("redaction-log"))) places << line.section(u',', 2, 3);
    CHECK(places.size() == 4); // folder, two drops, one command
}

namespace {

// The stand-in for a server, with a home and a way to it.
struct StandIn {
    QTemporaryDir home, served;
    QProcess process;
    explicit StandIn(const QStringList& more = {}) {
        process.start(QStringLiteral("/usr/bin/python3"),
                      QStringList{QStringLiteral(EYELID_DEMO "/drop_stand_in.py"), served.path()} + more);
        REQUIRE(process.waitForReadyRead(20'000));
        const QString address = QString::fromUtf8(process.readLine()).trimmed();
        REQUIRE(cli({QStringLiteral("place"), QStringLiteral("Stand-in"), address}).status == 0);
        REQUIRE(cli({QStringLiteral("way"), QStringLiteral("Try"), QStringLiteral("--drop"), QStringLiteral("Stand-in"),
                     QStringLiteral("--keep-both")})
                    .status == 0);
    }
    ~StandIn() {
        process.kill();
        process.waitForFinished();
    }
    CommandResult cli(const QStringList& arguments) { return run(arguments, home.filePath(QStringLiteral("data"))); }
    void drop() {
        const CommandResult done =
            cli({QStringLiteral("redact"), data("note.png"), QStringLiteral("--out"),
                 home.filePath(QStringLiteral("out")), QStringLiteral("--way"), QStringLiteral("Try")});
        INFO(done.err.toStdString());
        REQUIRE(done.status == 0);
    }
    QStringList folders() const {
        return QDir(served.path()).entryList(QDir::Dirs | QDir::Hidden | QDir::NoDotAndDotDot, QDir::Name);
    }
};

} // namespace

TEST_CASE("the stand-in for a server takes a drop as a server does") {
    StandIn server;
    server.drop();
    server.drop();
    CHECK(server.folders() == QStringList{QStringLiteral("picture"), QStringLiteral("picture (2)")});
}

TEST_CASE("a release that was shown, and the answer lost, has arrived: once, and under its name") {
    StandIn server({QStringLiteral("--lose-answer")});
    server.drop();
    CHECK(server.folders() == QStringList{QStringLiteral("picture")});
    CHECK(filesIn(server.served.filePath(QStringLiteral("picture"))) ==
          filesIn(server.home.filePath(QStringLiteral("out"))));
}

TEST_CASE("what is wrong with a way or a place is said in one sentence before anything is released") {
    const Office office;
    const auto refuses = [&](const QStringList& arguments, const char* word) {
        const CommandResult refused = office.cli(arguments);
        INFO(refused.err.toStdString());
        CHECK(refused.status >= 1);
        CHECK(sentences(refused.err) == 1);
        CHECK(refused.err.contains(QLatin1String(word)));
    };
    refuses({QStringLiteral("place"), QStringLiteral("Store"), QStringLiteral("http://files.example/in")},
            "read along");
    refuses({QStringLiteral("place"), QStringLiteral("Store"), QStringLiteral("sftp://127.0.0.1:1/in"),
             QStringLiteral("--user"), QStringLiteral("office")},
            "cannot be reached");
    refuses({QStringLiteral("way"), QStringLiteral("Supplier"), QStringLiteral("--drop"), QStringLiteral("Nowhere")},
            "Nowhere");
    refuses({QStringLiteral("way"), QStringLiteral("Supplier"), QStringLiteral("--run"), QStringLiteral("a \"b")},
            "quote");
    refuses({QStringLiteral("redact"), data("note.png"), QStringLiteral("--out"), office.out("out"),
             QStringLiteral("--way"), QStringLiteral("Supplier")},
            "Supplier");
    Ways window;
    window.put(Way{QStringLiteral("Desk"), {}, Clash::KeepBoth, {true, {}, {}, false, {}, true}});
    const QString data_ = office.home.filePath(QStringLiteral("data/eyelid"));
    REQUIRE(makeFolder(data_));
    REQUIRE(writeFileWhole(data_ + QStringLiteral("/ways.json"), packed(window), true));
    refuses({QStringLiteral("redact"), data("note.png"), QStringLiteral("--out"), office.out("out"),
             QStringLiteral("--way"), QStringLiteral("Desk")},
            "window");
    // Its place was forgotten since.
    Ways gone;
    Way way{QStringLiteral("Gone"), {}, Clash::KeepBoth, {}};
    way.to.drop = QStringLiteral("Nowhere");
    gone.put(way);
    REQUIRE(writeFileWhole(data_ + QStringLiteral("/ways.json"), packed(gone), true));
    refuses({QStringLiteral("redact"), data("note.png"), QStringLiteral("--out"), office.out("out"),
             QStringLiteral("--way"), QStringLiteral("Gone")},
            "Nowhere");
    REQUIRE(writeFileWhole(data_ + QStringLiteral("/ways.json"), "nonsense", true));
    refuses({QStringLiteral("ways")}, "damaged");
    refuses({QStringLiteral("way"), QStringLiteral("Supplier")}, "damaged"); // and not written over
    CHECK(bytesOf(data_ + QStringLiteral("/ways.json")) == "nonsense");
    CHECK_FALSE(QDir(office.out("out")).exists());
}
