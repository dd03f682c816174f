// Releases from the command line, in every format, read by programs that are not Eyelid.
#include "cli/command.h"
#include "support/changed_under.h"

#include <QProcess>
#include <QRegularExpression>

using namespace eyelid;

namespace {

const QStringList allFormats{QStringLiteral("png"), QStringLiteral("jpeg"), QStringLiteral("webp"),
                             QStringLiteral("gif"), QStringLiteral("tiff"), QStringLiteral("pdf"),
                             QStringLiteral("html")};

QString pictureIn(const QString& folder, const QString& format) {
    for (const QString& name : filesIn(folder))
        if (name.startsWith(QStringLiteral("picture"))) return folder + u'/' + name;
    FAIL("no picture in " << format.toStdString());
    return {};
}

// Another program's output and its errors.
QString told(const QString& program, const QStringList& arguments) {
    QProcess process;
    process.setProcessChannelMode(QProcess::MergedChannels);
    process.start(program, arguments);
    REQUIRE(process.waitForStarted());
    REQUIRE(process.waitForFinished(60'000));
    INFO(program.toStdString() << ' ' << arguments.join(u' ').toStdString());
    CHECK(process.exitCode() == 0);
    return QString::fromUtf8(process.readAll());
}

QStringList redacting(const QString& file, const QString& out, const QStringList& more) {
    return QStringList{QStringLiteral("redact"), QStringLiteral("--out"), out, file} + more;
}

} // namespace

TEST_CASE("every format opens in other programs, which find nothing in it but the picture") {
    // What exiftool tells of any file, of how a format stores a picture, and of its size: no more may be there.
    static const QRegularExpression facts(QStringLiteral(
        "^(ExifTool Version Number|File .*|Directory|MIME Type|Image (Width|Height|Size)|Megapixels|Bit Depth|Color "
        "Type|"
        "Compression|Filter|Interlace|Palette|JFIF Version|Resolution Unit|[XY] Resolution|Encoding Process|"
        "Bits Per Sample|Color Components|Y Cb Cr Sub Sampling|VP8 Version|Horizontal Scale|Vertical Scale|"
        "Alpha Is Used|GIF Version|Has Color Map|Color Resolution Depth|Bits Per Pixel|Background Color|"
        "Exif Byte Order|Photometric Interpretation|Strip (Offsets|Byte Counts)|Samples Per Pixel|Rows Per Strip|"
        "Planar Configuration|Predictor)$"));
    QTemporaryDir folder;
    for (const QString& format : allFormats) {
        if (format == QStringLiteral("pdf") || format == QStringLiteral("html")) continue;
        const QString out = folder.filePath(format);
        const CommandResult done = run(redacting(data("note.png"), out, {QStringLiteral("--format"), format}));
        INFO(format.toStdString() << done.err.toStdString());
        REQUIRE(done.status == 0);
        const QString picture = pictureIn(out, format);
        CHECK(told(QStringLiteral("identify"), {QStringLiteral("-format"), QStringLiteral("%w x %h"), picture}) ==
              QStringLiteral("520 x 116"));
        for (const QString& line : told(QStringLiteral("exiftool"), {picture}).split(u'\n', Qt::SkipEmptyParts)) {
            INFO(line.toStdString());
            CHECK(facts.match(line.section(u':', 0, 0).trimmed()).hasMatch());
        }
        CHECK(run({QStringLiteral("check"), picture}).status == 0);
    }
}

TEST_CASE("a PDF is whole to other programs, and its text holds what is still to be seen and nothing that is covered") {
    QTemporaryDir folder;
    const QString out = folder.filePath(QStringLiteral("out"));
    const CommandResult done =
        run(redacting(data("note.png"), out,
                      {data("dark.png"), QStringLiteral("--format"), QStringLiteral("pdf"), QStringLiteral("--words"),
                       QStringLiteral("--summary"), QStringLiteral("--names"), QStringLiteral("{policy}-{number}")}));
    INFO(done.err.toStdString());
    REQUIRE(done.status == 0);
    const QString pdf = out + QStringLiteral("/everything.pdf");
    CHECK_FALSE(told(QStringLiteral("qpdf"), {QStringLiteral("--check"), pdf}).contains(QStringLiteral("WARNING")));
    const QString text = told(QStringLiteral("pdftotext"), {pdf, QStringLiteral("-")});
    CHECK(text.contains(QStringLiteral("What was hidden")));
    CHECK(text.contains(QStringLiteral("Picture 2 of 2")));
    const QString seen = run({QStringLiteral("read"), QStringLiteral("--sanitised"), data("note.png")}).out;
    INFO(text.toStdString() << "\n---\n" << seen.toStdString());
    const QString first = seen.trimmed().section(u'\n', 0, 0).section(u' ', 0, 0);
    REQUIRE_FALSE(first.isEmpty());
    CHECK(text.contains(first));
    for (const char* never : {"Hartwell", "mail.example"}) CHECK_FALSE(text.contains(QLatin1String(never)));
    const QString pages = told(QStringLiteral("mutool"), {QStringLiteral("info"), pdf});
    CHECK(pages.contains(QStringLiteral("Pages: 3")));
    CHECK_FALSE(pages.contains(QStringLiteral("error")));
}

TEST_CASE("a PDF is a PDF/A to a validator of such files, with and without words, summary and several a page") {
    const auto validated = [](const QString& pdf) {
        return told(QStringLiteral("/bin/sh"), {QStringLiteral(EYELID_CLI_TESTS "/pdf_a.sh"), pdf});
    };
    QTemporaryDir folder;
    for (const QStringList& how :
         {QStringList{}, QStringList{QStringLiteral("--words"), QStringLiteral("--summary")},
          QStringList{QStringLiteral("--per-sheet"), QStringLiteral("2"), QStringLiteral("--style"),
                      QStringLiteral("stand-in"), QStringLiteral("--edge"), QStringLiteral("fade")}}) {
        const QString out = folder.filePath(QString::number(how.size()));
        const CommandResult done =
            run(redacting(data("note.png"), out,
                          QStringList{data("dark.png"), QStringLiteral("--format"), QStringLiteral("pdf")} + how));
        INFO(done.err.toStdString());
        REQUIRE(done.status == 0);
        CHECK(validated(pictureIn(out, QStringLiteral("pdf"))).contains(QStringLiteral("is a valid PDF/A")));
    }
}

TEST_CASE("two pictures share a sheet of a PDF where that is asked for, and of nothing else") {
    QTemporaryDir folder;
    const QString out = folder.filePath(QStringLiteral("out"));
    const CommandResult done = run(redacting(data("note.png"), out,
                                             {data("dark.png"), QStringLiteral("--format"), QStringLiteral("pdf"),
                                              QStringLiteral("--per-sheet"), QStringLiteral("2")}));
    INFO(done.err.toStdString());
    REQUIRE(done.status == 0);
    const QString pdf = QDir(out).filePath(QDir(out).entryList({QStringLiteral("*.pdf")}).value(0));
    CHECK(told(QStringLiteral("mutool"), {QStringLiteral("info"), pdf}).contains(QStringLiteral("Pages: 1")));
    CHECK(run({QStringLiteral("check"), pdf}).status == 0);
    for (const QStringList& wrong : {QStringList{QStringLiteral("--per-sheet"), QStringLiteral("2")},
                                     QStringList{QStringLiteral("--format"), QStringLiteral("pdf"),
                                                 QStringLiteral("--per-sheet"), QStringLiteral("3")}}) {
        const QString never = folder.filePath(QStringLiteral("never"));
        const CommandResult refused = run(redacting(data("note.png"), never, wrong));
        CHECK(refused.status != 0);
        CHECK(refused.err.contains(QStringLiteral("--per-sheet")));
        CHECK_FALSE(QDir(never).exists());
    }
}

TEST_CASE("captures that differ only under their covers give the same bytes in every format, with all beside them") {
    QTemporaryDir folder;
    const QString one = folder.filePath(QStringLiteral("a.png")), other = folder.filePath(QStringLiteral("b.png"));
    const QImage picture = *readPicture(data("note.png"));
    const QRegion hidden = QRegion(QRect(20, 20, 200, 60)) + QRect(300, 100, 90, 40);
    REQUIRE(writeFileWhole(one, encodePng(picture), false));
    REQUIRE(writeFileWhole(other, encodePng(changedUnder(picture, hidden, 3)), false));
    REQUIRE(bytesOf(one) != bytesOf(other));
    for (const QString& format : allFormats)
        for (const char* wrapping : {"", "--zip", "--mail"}) {
            // What is wrapped are the same files: a picture's and a document's tell of all.
            if (*wrapping && format != QStringLiteral("png") && format != QStringLiteral("pdf")) continue;
            QStringList options{QStringLiteral("--no-find"),
                                QStringLiteral("--cover"),
                                QStringLiteral("20,20,200,60"),
                                QStringLiteral("--cover"),
                                QStringLiteral("300,100,90,40"),
                                QStringLiteral("--format"),
                                format,
                                QStringLiteral("--report"),
                                QStringLiteral("--words"),
                                QStringLiteral("--summary")};
            const bool wrapped = *wrapping;
            if (wrapped) options << QString::fromLatin1(wrapping);
            const QString first = folder.filePath(format + QString::fromLatin1(wrapping) + u'1'),
                          second = folder.filePath(format + QString::fromLatin1(wrapping) + u'2');
            const CommandResult done = run(redacting(one, first, options));
            INFO(format.toStdString() << wrapping << done.err.toStdString());
            REQUIRE(done.status <= 1);
            REQUIRE(run(redacting(other, second, options)).status == done.status);
            REQUIRE(filesIn(first) == filesIn(second));
            CHECK(filesIn(first).size() == (wrapped ? 1 : 5));
            for (const QString& name : filesIn(first)) {
                INFO(name.toStdString());
                CHECK(bytesOf(first + u'/' + name) == bytesOf(second + u'/' + name));
                if (wrapped) CHECK(run({QStringLiteral("verify"), first + u'/' + name}).status == 0);
            }
        }
}

TEST_CASE("verify says what is intact and what is not, and minisign and sha256sum agree") {
    QTemporaryDir folder;
    const QString out = folder.filePath(QStringLiteral("out"));
    REQUIRE(run(redacting(data("note.png"), out, {QStringLiteral("--report")})).status == 0);
    const CommandResult intact = run({QStringLiteral("verify"), out});
    INFO(intact.out.toStdString() << intact.err.toStdString());
    CHECK(intact.status == 0);
    const QString key = run({QStringLiteral("signing-key")}).out.trimmed().section(u'\n', 1);
    CHECK(run({QStringLiteral("verify"), out, QStringLiteral("--key"), key}).status == 0);
    CHECK(told(QStringLiteral("minisign"),
               {QStringLiteral("-Vm"), out + QStringLiteral("/redaction-log.json"), QStringLiteral("-P"), key})
              .contains(QStringLiteral("verified")));
    const CommandResult sums =
        shell(QStringLiteral("cd '%1' && sha256sum --strict --check --quiet SHA256SUMS").arg(out));
    CHECK(sums.status == 0);
    const CommandResult stranger =
        run({QStringLiteral("signing-key")}, folder.filePath(QStringLiteral("another office")));
    CHECK(run({QStringLiteral("verify"), out, QStringLiteral("--key"), stranger.out.trimmed().section(u'\n', 1)})
              .status == 1);
    CHECK(run({QStringLiteral("verify"), out, QStringLiteral("--key"), QStringLiteral("nonsense")}).status != 0);
    REQUIRE(writeFileWhole(out + QStringLiteral("/picture-01.png"), bytesOf(data("dark.png")), true));
    const CommandResult altered = run({QStringLiteral("verify"), out});
    CHECK(altered.status == 1);
    CHECK(altered.out.contains(QStringLiteral("picture-01.png: altered")));
}

TEST_CASE("files that are there stay, are replaced, or the new ones are numbered, as was said") {
    QTemporaryDir folder;
    const QStringList call = redacting(data("note.png"), folder.path(), {});
    REQUIRE(run(call).status == 0);
    CHECK(run(call).status == 2);
    CHECK(filesIn(folder.path()).size() == 4);
    CHECK(run(call + QStringList{QStringLiteral("--keep-both")}).status == 0);
    CHECK(filesIn(folder.path()).contains(QStringLiteral("picture-01 (2).png")));
    CHECK(filesIn(folder.path()).size() == 8);
    const CommandResult both = run({QStringLiteral("verify"), folder.path()});
    INFO(both.out.toStdString());
    CHECK(both.status == 0);
    CHECK(run(call + QStringList{QStringLiteral("--force")}).status == 0);
    CHECK(filesIn(folder.path()).size() == 8);
}

TEST_CASE("a limit is kept by every picture, and one that cannot be kept is said in one sentence") {
    QTemporaryDir folder;
    const QString out = folder.filePath(QStringLiteral("out"));
    const CommandResult done =
        run(redacting(data("note.png"), out, {QStringLiteral("--max-size"), QStringLiteral("7k")}));
    INFO(done.out.toStdString() << done.err.toStdString());
    REQUIRE(done.status == 0);
    CHECK(bytesOf(pictureIn(out, QStringLiteral("png"))).size() <= 7000);
    const CommandResult never = run(redacting(data("note.png"), folder.filePath(QStringLiteral("never")),
                                              {QStringLiteral("--max-size"), QStringLiteral("90")}));
    CHECK(never.status == 3);
    CHECK(sentences(never.err) == 1);
    CHECK_FALSE(QDir(folder.filePath(QStringLiteral("never"))).exists());
    for (const QStringList& wrong : {QStringList{QStringLiteral("--max-size"), QStringLiteral("lots")},
                                     QStringList{QStringLiteral("--format"), QStringLiteral("bmp")},
                                     QStringList{QStringLiteral("--names"), QStringLiteral("{nobody}")},
                                     QStringList{QStringLiteral("--quality"), QStringLiteral("50")}}) {
        const CommandResult refused = run(redacting(data("note.png"), folder.filePath(QStringLiteral("no")), wrong));
        INFO(wrong.join(u' ').toStdString() << refused.err.toStdString());
        CHECK(refused.status >= 2);
        CHECK(sentences(refused.err) == 1);
    }
}

TEST_CASE("the log is what its schema says, whatever was released") {
    QTemporaryDir folder;
    int n = 0;
    for (const QStringList& more :
         {QStringList{}, QStringList{QStringLiteral("--format"), QStringLiteral("pdf"), data("dark.png")},
          QStringList{QStringLiteral("--style"), QStringLiteral("stand-in"), QStringLiteral("--crop"),
                      QStringLiteral("10,10,400,90"), QStringLiteral("--turn"), QStringLiteral("90")},
          QStringList{QStringLiteral("--no-find"), QStringLiteral("--cover"), QStringLiteral("5,5,60,20")}}) {
        const QString out = folder.filePath(QString::number(++n));
        REQUIRE(run(redacting(data("note.png"), out, more)).status <= 1);
        const QString verdict =
            told(QStringLiteral("python3"),
                 {QStringLiteral("-c"),
                  QStringLiteral("import json,sys,jsonschema\n"
                                 "jsonschema.validate(json.load(open(sys.argv[1])), json.load(open(sys.argv[2])))"),
                  out + QStringLiteral("/redaction-log.json"),
                  QStringLiteral(EYELID_TOOLS "/../docs/redaction-log.schema.json")});
        INFO(verdict.toStdString());
        CHECK(verdict.isEmpty());
    }
}

TEST_CASE("a name that holds what is covered is refused, wherever it was written") {
    QTemporaryDir folder;
    const QString out = folder.filePath(QStringLiteral("out"));
    const CommandResult refused =
        run(redacting(data("note.png"), out, {QStringLiteral("--names"), QStringLiteral("Ines Hartwell {number}")}));
    INFO(refused.err.toStdString());
    CHECK(refused.status >= 2);
    CHECK(sentences(refused.err) == 1);
    CHECK_FALSE(QDir(out).exists());
    // The whole of a name that is kept is looked at, also behind a dot; bytes that are no text are kept nowhere.
    const CommandResult kept =
        shell(QStringLiteral("cd '%1' && cp '%2' v2.Ines.Hartwell.png && cp '%2' \"$(printf 'we\\377ird')\".png && "
                             "\"$cli\" redact --keep-names --zip --out kept *.png && \"$cli\" verify kept/*.zip")
                  .arg(folder.path(), data("note.png")));
    INFO(kept.out.toStdString() << kept.err.toStdString());
    CHECK(kept.status == 0);
    CHECK(kept.err.contains(QStringLiteral("is not kept")));
    CHECK_FALSE(kept.out.contains(QStringLiteral("Hartwell.png: intact")));
}

TEST_CASE("a PDF is checked page by page, with its letters and whatever else is in it") {
    QTemporaryDir folder;
    const QString out = folder.filePath(QStringLiteral("out"));
    REQUIRE(run(redacting(data("note.png"), out,
                          {QStringLiteral("--format"), QStringLiteral("pdf"), QStringLiteral("--words")}))
                .status == 0);
    const CommandResult clean = run({QStringLiteral("check"), pictureIn(out, QStringLiteral("pdf"))});
    INFO(clean.out.toStdString() << clean.err.toStdString());
    CHECK(clean.status == 0);
    // The same page bare, as another program makes a PDF of it.
    const QString bare = folder.filePath(QStringLiteral("bare.pdf"));
    told(QStringLiteral("mutool"), {QStringLiteral("convert"), QStringLiteral("-o"), bare, data("note.png")});
    const CommandResult leaks = run({QStringLiteral("check"), bare});
    CHECK(leaks.status == 1);
    CHECK(leaks.out.contains(QStringLiteral("leaks")));
    const QString none = folder.filePath(QStringLiteral("none.pdf"));
    REQUIRE(writeFileWhole(none, "%PDF-1.7\nnothing", false));
    CHECK(run({QStringLiteral("check"), none}).status == 3);
}
