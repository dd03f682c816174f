// The command line, as a script would use it.
#include "cli/command.h"
#include "picture/container.h"
#include "support/run_tests.h"

#include <nlohmann/json.hpp>

int main(int argc, char** argv) {
    return runTests(argc, argv);
}

using namespace eyelid;

TEST_CASE("read prints the text, or JSON with boxes") {
    const CommandResult plain = run({QStringLiteral("read"), data("note.png")});
    CHECK(plain.status == 0);
    CHECK(plain.out.contains(QStringLiteral("Call Ines Hartwell")));
    const CommandResult json =
        run({QStringLiteral("read"), QStringLiteral("--format"), QStringLiteral("json"), data("note.png")});
    const auto page = nlohmann::json::parse(json.out.toStdString());
    CHECK(page["width"] == 520);
    CHECK(page["lines"][0]["words"][0]["box"].size() == 4);
    const CommandResult area =
        run({QStringLiteral("read"), QStringLiteral("--area"), QStringLiteral("0,0,520,40"), data("note.png")});
    CHECK(area.out.trimmed().count(QLatin1Char('\n')) == 0);
}

TEST_CASE("find lists kinds, texts, boxes, confidence and reason for each file") {
    const CommandResult found = run({QStringLiteral("find"), QStringLiteral("--format"), QStringLiteral("json"),
                                     data("note.png"), data("dark.png")});
    CHECK(found.status == 0);
    const auto files = nlohmann::json::parse(found.out.toStdString());
    REQUIRE(files.size() == 2);
    CHECK(files[0]["file"] == data("note.png").toStdString());
    CHECK(files[0]["width"] == 520);
    REQUIRE(files[0]["findings"].size() >= 2);
    for (const auto& f : files[0]["findings"]) {
        CHECK(f["boxes"][0].size() == 4);
        CHECK(f["reason"].get<std::string>().size() > 8);
        CHECK(f["confidence"].get<double>() <= 1);
    }
    CHECK(files[0]["findings"][0]["kind"] == "person");
}

TEST_CASE("redact writes checked pictures and a log that reveals nothing") {
    QTemporaryDir folder;
    const QString out = folder.filePath(QStringLiteral("out"));
    const CommandResult done = run({QStringLiteral("redact"), QStringLiteral("--keep-names"), QStringLiteral("--out"),
                                    out, data("note.png"), data("dark.png")});
    INFO(done.err.toStdString() << done.out.toStdString());
    CHECK(done.status == 0);
    CHECK(done.out.contains(QDir(out).absoluteFilePath(QStringLiteral("note.png"))));
    for (const char* name : {"note.png", "dark.png"}) {
        const Container c = inspectContainer(bytesOf(out + QLatin1Char('/') + QLatin1String(name)));
        CHECK(c.complete);
        CHECK(c.besides.isEmpty());
    }
    const QByteArray log = bytesOf(out + QStringLiteral("/redaction-log.json"));
    CHECK_FALSE(log.contains("Hartwell"));
    CHECK_FALSE(log.contains("mail.example"));
    CHECK(nlohmann::json::parse(log.toStdString())["files"].size() == 2);
    CHECK(QDir(out).entryList(QDir::Files | QDir::Hidden).size() == 5);
    CHECK(run({QStringLiteral("check"), out + QStringLiteral("/note.png"), out + QStringLiteral("/dark.png")}).status ==
          0);
    CHECK(run({QStringLiteral("check"), data("note.png")}).status == 1);
}

TEST_CASE("redact never writes over a file without --force") {
    QTemporaryDir folder;
    const QStringList call{QStringLiteral("redact"),
                           QStringLiteral("--keep-names"),
                           QStringLiteral("--no-find"),
                           QStringLiteral("--cover"),
                           QStringLiteral("5,5,60,20"),
                           QStringLiteral("--out"),
                           folder.path(),
                           data("note.png")};
    CHECK(run(call).status == 0);
    const QByteArray first = bytesOf(folder.filePath(QStringLiteral("note.png")));
    const CommandResult again = run(call);
    CHECK(again.status == 2);
    CHECK(again.err.contains(QStringLiteral("--force")));
    CHECK(run(call + QStringList{QStringLiteral("--force")}).status == 0);
    CHECK(bytesOf(folder.filePath(QStringLiteral("note.png"))) == first);
}

TEST_CASE("captures that differ only under a cover give byte-identical files and logs") {
    QTemporaryDir folder;
    QImage a(300, 200, QImage::Format_RGB32);
    a.fill(QColor(250, 250, 245));
    QImage b = a;
    const QImage noise = made::noise({80, 30}, 9);
    for (int y = 0; y < 30; ++y)
        for (int x = 0; x < 80; ++x) b.setPixel(40 + x, 50 + y, noise.pixel(x, y));
    for (const char* style : {"solid", "mosaic", "blur"}) {
        QByteArray pictures[2], logs[2];
        for (int i = 0; i < 2; ++i) {
            const QString in = folder.filePath(QStringLiteral("%1-%2").arg(QLatin1String(style)).arg(i)),
                          out = in + QStringLiteral("-out");
            REQUIRE(QDir().mkpath(in));
            REQUIRE((i ? b : a).save(in + QStringLiteral("/screen.png")));
            const CommandResult done =
                run({QStringLiteral("redact"), QStringLiteral("--keep-names"), QStringLiteral("--style"),
                     QLatin1String(style), QStringLiteral("--no-find"), QStringLiteral("--cover"),
                     QStringLiteral("38,48,84,34"), QStringLiteral("--cover"), QStringLiteral("280,190,50,50"),
                     QStringLiteral("--out"), out, in + QStringLiteral("/screen.png")});
            REQUIRE(done.status == 0);
            pictures[i] = bytesOf(out + QStringLiteral("/screen.png"));
            logs[i] = bytesOf(out + QStringLiteral("/redaction-log.json"));
        }
        CHECK(pictures[0] == pictures[1]);
        CHECK(logs[0] == logs[1]);
    }
}

TEST_CASE("solid covers have the colour that is asked for, and one that is none is refused") {
    QTemporaryDir folder;
    const auto redacted = [&](const char* colour) {
        const QString out = folder.filePath(QLatin1String(colour));
        const CommandResult done =
            run({QStringLiteral("redact"), QStringLiteral("--no-find"), QStringLiteral("--cover"),
                 QStringLiteral("2,2,30,10"), QStringLiteral("--colour"), QLatin1String(colour),
                 QStringLiteral("--out"), out, data("note.png")});
        REQUIRE(done.status == 0);
        return QImage(out + QStringLiteral("/picture-01.png")).pixel(10, 6);
    };
    CHECK(redacted("black") == qRgb(0, 0, 0));
    CHECK(redacted("white") == qRgb(255, 255, 255));
    CHECK(redacted("grey") == qRgb(0x80, 0x80, 0x80));
    const QImage note(data("note.png"));
    CHECK(std::abs(qGray(redacted("ground")) - qGray(note.pixel(1, 1))) < 40); // as what stands around
    const CommandResult wrong = run({QStringLiteral("redact"), QStringLiteral("--colour"), QStringLiteral("mauve"),
                                     QStringLiteral("--out"), folder.filePath(QStringLiteral("x")), data("note.png")});
    CHECK(wrong.status == 2);
    CHECK(wrong.err.contains(QStringLiteral("ground")));
    CHECK_FALSE(QFile::exists(folder.filePath(QStringLiteral("x"))));
}

TEST_CASE("the log says how many values were replaced, and nothing where none was") {
    QTemporaryDir folder;
    const auto log = [&](const char* style) {
        const QString out = folder.filePath(QLatin1String(style));
        const CommandResult done = run({QStringLiteral("redact"), QStringLiteral("--style"), QLatin1String(style),
                                        QStringLiteral("--mark-replaced"), QStringLiteral("--force"),
                                        QStringLiteral("--out"), out, data("note.png")});
        REQUIRE(done.status <= 1);
        return bytesOf(out + QStringLiteral("/redaction-log.json"));
    };
    const QByteArray replaced = log("stand-in");
    CHECK(replaced.contains("\"values_replaced\": " + QByteArray::number(replaced.count("\"style\": \"stand-in\""))));
    CHECK_FALSE(log("solid").contains("values_replaced"));
}

TEST_CASE("one bad input is told of in one sentence, and the others are still done") {
    QTemporaryDir folder;
    const QString bad = folder.filePath(QStringLiteral("letter.png")), cut = folder.filePath(QStringLiteral("cut.png")),
                  empty = folder.filePath(QStringLiteral("empty.png"));
    const auto put = [](const QString& path, const QByteArray& bytes) {
        QFile file(path);
        REQUIRE(file.open(QIODevice::WriteOnly));
        file.write(bytes);
    };
    put(bad, "Dear Sir or Madam");
    put(cut, bytesOf(data("note.png")).left(900));
    put(empty, {});
    const QString out = folder.filePath(QStringLiteral("out"));
    for (const QString& input : {bad, cut, empty, folder.filePath(QStringLiteral("none.png")), folder.path()}) {
        const CommandResult r = run({QStringLiteral("redact"), QStringLiteral("--keep-names"),
                                     QStringLiteral("--force"), QStringLiteral("--out"), out, input, data("note.png")});
        CHECK(r.status == 3);
        CHECK(sentences(r.err) == 1);
        CHECK(QFile::exists(out + QStringLiteral("/note.png")));
        CHECK_FALSE(QFile::exists(out + QStringLiteral("/letter.png")));
        CHECK_FALSE(QFile::exists(out + QStringLiteral("/cut.png")));
        for (const char* command : {"find", "check"}) CHECK(run({QLatin1String(command), input}).status == 3);
        CHECK(run({QStringLiteral("read"), input}).status == 3);
    }
}

TEST_CASE("wrong usage is told of in one sentence") {
    QTemporaryDir folder;
    const auto wrong = [](const QStringList& arguments) {
        const CommandResult r = run(arguments);
        INFO(arguments.join(QLatin1Char(' ')).toStdString());
        CHECK(r.status == 2);
        CHECK_FALSE(r.err.trimmed().isEmpty());
        return r.err;
    };
    wrong({});
    wrong({QStringLiteral("paint"), data("note.png")});
    wrong({QStringLiteral("redact"), QStringLiteral("--keep-names"), data("note.png")});
    wrong({QStringLiteral("redact"), QStringLiteral("--keep-names"), QStringLiteral("--style"),
           QStringLiteral("scribble"), QStringLiteral("--out"), folder.path(), data("note.png")});
    wrong({QStringLiteral("redact"), QStringLiteral("--keep-names"), QStringLiteral("--cover"), QStringLiteral("1,2,3"),
           QStringLiteral("--out"), folder.path(), data("note.png")});
    CHECK(wrong({QStringLiteral("find"), QStringLiteral("--policy"), QStringLiteral("no such"), data("note.png")})
              .contains(QStringLiteral("everything")));
    CHECK(wrong({QStringLiteral("read"), QStringLiteral("--lang"), QStringLiteral("tlh"), data("note.png")})
              .contains(QStringLiteral("tesseract-ocr-tlh")));
    CHECK(wrong({QStringLiteral("find"), QStringLiteral("--lang"), QStringLiteral("tlh"), data("note.png")})
              .contains(QStringLiteral("tesseract-ocr-tlh")));
    const QString policy = folder.filePath(QStringLiteral("office.toml"));
    QFile file(policy);
    REQUIRE(file.open(QIODevice::WriteOnly));
    file.write("name = \"x\"\nlook_for = \"most\"\n");
    file.close();
    CHECK(wrong({QStringLiteral("find"), QStringLiteral("--policy"), policy, data("note.png")})
              .contains(QStringLiteral("line 2, column 12")));
    CHECK(wrong({QStringLiteral("redact"), QStringLiteral("--keep-names"), QStringLiteral("--out"),
                 QStringLiteral(EYELID_TEST_DATA), data("note.png")})
              .contains(QStringLiteral("already")));
}

TEST_CASE("a folder that cannot be written to is told of, and nothing is left") {
    QTemporaryDir folder;
    const QString blocked = folder.filePath(QStringLiteral("file"));
    QFile file(blocked);
    REQUIRE(file.open(QIODevice::WriteOnly));
    file.close();
    const CommandResult r = run({QStringLiteral("redact"), QStringLiteral("--keep-names"), QStringLiteral("--out"),
                                 blocked + QStringLiteral("/below"), data("note.png")});
    CHECK(r.status == 3);
    CHECK(sentences(r.err) == 1);
}

TEST_CASE("a watch list is looked for under any policy") {
    QTemporaryDir folder;
    const QString list = folder.filePath(QStringLiteral("watch.txt"));
    QFile file(list);
    REQUIRE(file.open(QIODevice::WriteOnly));
    file.write("dialysis\n");
    file.close();
    const CommandResult r = run({QStringLiteral("find"), QStringLiteral("--policy"), QStringLiteral("payment"),
                                 QStringLiteral("--watch"), list, data("note.png")});
    CHECK(r.status == 0);
    CHECK(r.out.startsWith(QStringLiteral("watch\tdialysis")));
}

TEST_CASE("two inputs of one stem are both written") {
    QTemporaryDir folder;
    REQUIRE(QDir().mkpath(folder.filePath(QStringLiteral("a"))));
    REQUIRE(QFile::copy(data("note.png"), folder.filePath(QStringLiteral("a/note.png"))));
    const QString out = folder.filePath(QStringLiteral("out"));
    CHECK(run({QStringLiteral("redact"), QStringLiteral("--keep-names"), QStringLiteral("--no-find"),
               QStringLiteral("--out"), out, data("note.png"), folder.filePath(QStringLiteral("a/note.png"))})
              .status == 0);
    CHECK(QFile::exists(out + QStringLiteral("/note.png")));
    CHECK(QFile::exists(out + QStringLiteral("/note-2.png")));
}

TEST_CASE("a picture is never replaced by its own sanitised one") {
    QTemporaryDir folder;
    const QString file = folder.filePath(QStringLiteral("note.png"));
    REQUIRE(QFile::copy(data("note.png"), file));
    const QByteArray before = bytesOf(file);
    CHECK(run({QStringLiteral("redact"), QStringLiteral("--keep-names"), QStringLiteral("--force"),
               QStringLiteral("--out"), folder.path(), file})
              .status == 2);
    CHECK(bytesOf(file) == before);
}

TEST_CASE("a policy covers its kinds and leaves the rest") {
    const auto kinds = [](const char* policy) {
        QStringList list;
        const CommandResult r = run({QStringLiteral("find"), QStringLiteral("--policy"), QLatin1String(policy),
                                     data("note.png"), data("dark.png")});
        for (const QString& line : r.out.split(QLatin1Char('\n')))
            if (line.contains(QLatin1Char('\t'))) list << line.section(QLatin1Char('\t'), 0, 0);
        return list;
    };
    CHECK_FALSE(kinds("credentials").contains(QStringLiteral("person")));
    CHECK(kinds("credentials").contains(QStringLiteral("secret")));
    CHECK(kinds("contact details").contains(QStringLiteral("email")));
    CHECK_FALSE(kinds("contact-details").contains(QStringLiteral("secret")));
    CHECK(kinds("payment").isEmpty());
}

TEST_CASE("overlapping pictures are joined, and an unsure join is told of with its status") {
    QTemporaryDir folder;
    const auto file = [&](const char* name) { return folder.filePath(QString::fromLatin1(name)); };
    const QImage page = made::noise({300, 900}, 5);
    QImage quiet(300, 900, QImage::Format_RGB32); // noise every fourth row: as sparse as a page
    quiet.fill(Qt::white);
    for (int y = 0; y < 900; y += 4)
        for (int x = 0; x < 300; ++x) quiet.setPixel(x, y, page.pixel(x, y));
    REQUIRE(writeFileWhole(file("a.png"), encodePng(quiet.copy(0, 0, 300, 500)), true));
    REQUIRE(writeFileWhole(file("b.png"), encodePng(quiet.copy(0, 333, 300, 567)), true));
    REQUIRE(writeFileWhole(file("other.png"), encodePng(made::noise({300, 400}, 6)), true));
    const CommandResult joined =
        run({QStringLiteral("join"), QStringLiteral("--out"), file("page.png"), file("a.png"), file("b.png")});
    CHECK(joined.status == 0);
    CHECK(*readPicture(file("page.png")) == quiet);
    const CommandResult again =
        run({QStringLiteral("join"), QStringLiteral("--out"), file("page.png"), file("a.png"), file("b.png")});
    CHECK(again.status == 2);
    const CommandResult unsure =
        run({QStringLiteral("join"), QStringLiteral("--out"), file("two.png"), file("a.png"), file("other.png")});
    CHECK(unsure.status == 1);
    CHECK(unsure.err.contains(QStringLiteral("Not sure")));
    CHECK(readPicture(file("two.png"))->height() == 900); // nothing lost
    CHECK(run({QStringLiteral("join"), QStringLiteral("--out"), file("x.png"), file("a.png")}).status == 2);
    CHECK(
        run({QStringLiteral("join"), QStringLiteral("--out"), file("x.png"), file("a.png"), file("none.png")}).status ==
        3);
    CHECK_FALSE(QFile::exists(file("x.png")));
}

TEST_CASE("the simulated desk is taken without any display, a long window by scrolling it") {
    QTemporaryDir folder;
    const QString file = folder.filePath(QStringLiteral("book.png"));
    const CommandResult list = run({QStringLiteral("take"), QStringLiteral("--simulated"), QStringLiteral("--list")});
    CHECK(list.status == 0);
    CHECK(nlohmann::json::parse(list.out.toStdString())["monitors"].size() == 2);
    const CommandResult taken =
        run({QStringLiteral("take"), QStringLiteral("--simulated"), QStringLiteral("--window"),
             QStringLiteral("Readings"), QStringLiteral("--scroll"), QStringLiteral("--out"), file});
    INFO(taken.err.toStdString());
    CHECK(taken.status == 0);
    CHECK(readPicture(file)->size() == QSize(888, 2130));
    CHECK(run({QStringLiteral("take"), QStringLiteral("--simulated"), QStringLiteral("--desk"),
               QStringLiteral("--scroll"), QStringLiteral("--out"), folder.filePath(QStringLiteral("x.png"))})
              .status == 2);
}

TEST_CASE("pages of a PDF become pictures") {
    QTemporaryDir folder;
    // The smallest sound PDF with two pages of 2 by 1 inch.
    QByteArray pdf("%PDF-1.4\n");
    std::vector<qsizetype> at;
    const auto object = [&](const char* text) {
        at.push_back(pdf.size());
        pdf += QByteArray::number(qsizetype(at.size())) + " 0 obj\n" + text + "\nendobj\n";
    };
    object("<</Type/Catalog/Pages 2 0 R>>");
    object("<</Type/Pages/Kids[3 0 R 4 0 R]/Count 2>>");
    object("<</Type/Page/Parent 2 0 R/MediaBox[0 0 144 72]>>");
    object("<</Type/Page/Parent 2 0 R/MediaBox[0 0 144 72]>>");
    const qsizetype table = pdf.size();
    pdf += "xref\n0 5\n0000000000 65535 f \n";
    for (const qsizetype offset : at) pdf += QByteArray::number(offset).rightJustified(10, '0') + " 00000 n \n";
    pdf += "trailer<</Size 5/Root 1 0 R>>\nstartxref\n" + QByteArray::number(table) + "\n%%EOF\n";
    const QString file = folder.filePath(QStringLiteral("two.pdf"));
    REQUIRE(writeFileWhole(file, pdf, true));
    const QString out = folder.filePath(QStringLiteral("pages"));
    const CommandResult all = run(
        {QStringLiteral("pages"), QStringLiteral("--dpi"), QStringLiteral("100"), QStringLiteral("--out"), out, file});
    INFO(all.err.toStdString());
    CHECK(all.status == 0);
    CHECK(QDir(out).entryList(QDir::Files) ==
          QStringList{QStringLiteral("page-001.png"), QStringLiteral("page-002.png")});
    CHECK(readPicture(out + QStringLiteral("/page-002.png"))->size() == QSize(200, 100));
    CHECK(run({QStringLiteral("pages"), QStringLiteral("--pages"), QStringLiteral("3"), QStringLiteral("--out"), out,
               file})
              .status == 2);
    CHECK(run({QStringLiteral("pages"), QStringLiteral("--out"), out, data("note.png")}).status == 3);
}

TEST_CASE("read gives hOCR, CSV and JSON with what belongs to each") {
    const auto read = [](const QStringList& more) {
        QStringList arguments{QStringLiteral("read")};
        arguments << more << data("note.png");
        const CommandResult r = run(arguments);
        CHECK(r.status == 0);
        CHECK(r.err.isEmpty());
        return r.out;
    };
    const QString csv = read({QStringLiteral("--format"), QStringLiteral("csv")});
    const QStringList rows = csv.split(QStringLiteral("\r\n"), Qt::SkipEmptyParts);
    CHECK(rows.first() == QStringLiteral("line,word,x,y,width,height,confidence,text"));
    CHECK(rows.size() > 6);
    for (const QString& row : rows.mid(1)) CHECK(row.count(QLatin1Char(',')) >= 7);
    const QString hocr = read({QStringLiteral("--format"), QStringLiteral("hocr")});
    CHECK(hocr.startsWith(QStringLiteral("<?xml")));
    CHECK(hocr.contains(QStringLiteral("image &quot;note.png&quot;"))); // the name, not where it lay
    CHECK(hocr.count(QStringLiteral("ocrx_word")) == rows.size());      // once in the capabilities
    const auto page = nlohmann::json::parse(read({QStringLiteral("--format"), QStringLiteral("json")}).toStdString());
    CHECK(page["codes"].empty());
    CHECK(page.contains("tables"));
    size_t words = 0, glyphs = 0;
    for (const auto& line : page["lines"])
        for (const auto& word : line["words"]) {
            ++words;
            std::string text;
            for (const auto& glyph : word["glyphs"]) {
                text += glyph["text"].get<std::string>();
                CHECK(glyph["box"].size() == 4);
                ++glyphs;
            }
            CHECK(text == word["text"].get<std::string>());
        }
    CHECK(words == size_t(rows.size()) - 1);
    CHECK(glyphs > words);
}

TEST_CASE("sanitised reading names what the policy finds and shows nothing of it, in every format") {
    for (const char* format : {"text", "csv", "hocr", "json"}) {
        const auto read = [&](const QStringList& more) {
            return run(QStringList{QStringLiteral("read"), QStringLiteral("--format"), QString::fromLatin1(format)} +
                       more + QStringList{data("note.png")})
                .out;
        };
        INFO(format);
        CHECK(read({}).contains(QStringLiteral("Hartwell")));
        const QString safe = read({QStringLiteral("--sanitised")});
        CHECK_FALSE(safe.contains(QStringLiteral("Hartwell")));
        CHECK(safe.contains(QStringLiteral("[person ")));
        // By a policy that looks for cards alone, a name stays.
        const QString cards =
            read({QStringLiteral("--sanitised"), QStringLiteral("--policy"), QStringLiteral("payment")});
        CHECK(cards.contains(QStringLiteral("Hartwell")));
        CHECK_FALSE(cards.contains(QStringLiteral("[person ")));
    }
}

TEST_CASE("the language can be left to the text, and one that is missing is named with its package") {
    const CommandResult told = run({QStringLiteral("read"), QStringLiteral("--lang"), QStringLiteral("auto"),
                                    QStringLiteral("--format"), QStringLiteral("json"), data("note.png")});
    CHECK(told.status == 0);
    CHECK(nlohmann::json::parse(told.out.toStdString())["languages"] == "eng");
    const CommandResult missing =
        run({QStringLiteral("read"), QStringLiteral("--lang"), QStringLiteral("eng+xyz"), data("note.png")});
    CHECK(missing.status == 2);
    CHECK(missing.err.contains(QStringLiteral("tesseract-ocr-xyz")));
    CHECK(sentences(missing.err) <= 2);
    CHECK(run({QStringLiteral("read"), QStringLiteral("--format"), QStringLiteral("odt"), data("note.png")}).status ==
          2);
    CHECK(run({QStringLiteral("read"), QStringLiteral("--sanitised"), QStringLiteral("--policy"),
               QStringLiteral("none such"), data("note.png")})
              .status == 2);
    CHECK(run({QStringLiteral("read"), QStringLiteral("--area"), QStringLiteral("9000,0,10,10"), data("note.png")})
              .status == 2);
    CHECK(run({QStringLiteral("read"), QStringLiteral("--area"), QStringLiteral("a,b"), data("note.png")}).status == 2);
}

TEST_CASE("the style that is asked for is the style that is drawn") {
    QTemporaryDir folder;
    QHash<QString, QByteArray> drawn;
    for (const char* style : {"solid", "mosaic", "blur"}) {
        const QString out = folder.filePath(QString::fromLatin1(style));
        REQUIRE(run({QStringLiteral("redact"), QStringLiteral("--keep-names"), QStringLiteral("--style"),
                     QString::fromLatin1(style), QStringLiteral("--out"), out, data("note.png")})
                    .status == 0);
        drawn.insert(QString::fromLatin1(style), bytesOf(out + QStringLiteral("/note.png")));
        CHECK(bytesOf(out + QStringLiteral("/redaction-log.json")).contains(style));
    }
    CHECK(drawn.value(QStringLiteral("solid")) != drawn.value(QStringLiteral("mosaic")));
    CHECK(drawn.value(QStringLiteral("solid")) != drawn.value(QStringLiteral("blur")));
    CHECK(drawn.value(QStringLiteral("mosaic")) != drawn.value(QStringLiteral("blur")));
}
