// What the window finds, covers and checks, the command line finds, covers and checks.
#include "app/releasing/release_view.h"
#include "base/files.h"
#include "picture/picture_file.h"
#include "support/made.h"
#include "window/desk.h"

#include <nlohmann/json.hpp>
#include <QDir>
#include <QLineEdit>
#include <QProcess>
#include <QPushButton>
#include <QTemporaryDir>

using namespace eyelid;

namespace {

// Three pages of a case: a person on two of them, once in an address of mail, and a number that one page only names.
QStringList pictures(const QString& folder) {
    const std::vector<QStringList> pages{
        {QStringLiteral("Customer: Ines Hartwell"), QStringLiteral("E-mail: ines.hartwell@mail.example"),
         QStringLiteral("Phone: 01632 960 417")},
        {QStringLiteral("Complaint of 12 May"), QStringLiteral("Mrs Hartwell called again."),
         QStringLiteral("Call back on +44 1632 960417 before noon")},
        {QStringLiteral("Balance 38.20"), QStringLiteral("Paid with 4111 1111 1111 1111")}};
    QStringList files;
    for (size_t i = 0; i < pages.size(); ++i) {
        files << QStringLiteral("%1/page-%2.png").arg(folder).arg(i + 1);
        REQUIRE(writeFileWhole(files.last(), encodePng(made::picture(pages[i], 16)), false));
    }
    return files;
}

// Of a log: what was found and covered where, and what the check said; digests are of each one's own secret.
nlohmann::json told(const QByteArray& log) {
    nlohmann::json files = nlohmann::json::parse(log.toStdString())["files"];
    for (auto& file : files) {
        file.erase("file");
        for (auto& item : file["items"]) item.erase("digest");
    }
    return files;
}

QStringList releasedByWindow(Desk& desk, const QStringList& files, const QString& folder) {
    desk.window.intake().bringIn(files);
    REQUIRE(until([&] { return desk.open().captures().size() == files.size(); }));
    desk.waitUntilRead();
    for (qsizetype i = 0; i < files.size(); ++i)
        for (const Item& item : std::vector<Item>(desk.items(i)))
            desk.open().decide(item.id, Scope::One, Decision::Cover);
    REQUIRE(until([&] { return !desk.window.worker().busy(); }));
    REQUIRE(desk.open().counts().open == 0);
    const QStringList paths = desk.release(folder);
    desk.window.findChild<ReleaseView*>(QStringLiteral("releaseView"))->close();
    return paths;
}

} // namespace

TEST_CASE("the window and the command line release the same pictures with the same log") {
    QTemporaryDir folder;
    const QStringList files = pictures(folder.path());
    Desk desk;
    const QStringList byWindow = releasedByWindow(desk, files, folder.filePath(QStringLiteral("window")));
    REQUIRE(byWindow.size() == files.size() + 3); // signature, checksums, log

    const QString out = folder.filePath(QStringLiteral("cli"));
    QProcess redact;
    redact.start(QStringLiteral(EYELID_CLI),
                 QStringList{QStringLiteral("redact"), QStringLiteral("--out"), out} + files);
    REQUIRE(redact.waitForFinished(patience));
    CHECK(redact.exitCode() == 0);
    for (qsizetype i = 0; i < files.size(); ++i) {
        INFO(i);
        const QString other = QStringLiteral("%1/picture-%2.png").arg(out).arg(i + 1, 2, 10, QLatin1Char('0'));
        CHECK(*readFile(byWindow[i]) == *readFile(other));
    }
    const auto window = told(*readFile(byWindow.last())),
               cli = told(*readFile(out + QStringLiteral("/redaction-log.json")));
    CHECK(window == cli);
    CHECK(window[1]["items"].size() >= 2); // the name and the number that were found on the first page
}
