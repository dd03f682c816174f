// Framing and marks from the command line.
#include "cli/command.h"
#include "editing/edits_json.h"
#include "picture/picture_file.h"
#include "support/random_edits.h"

#include <nlohmann/json.hpp>

using namespace eyelid;

namespace {

QStringList redactNote(const QString& out, const QStringList& options) {
    return QStringList{QStringLiteral("redact"), QStringLiteral("--out"), out} + options +
           QStringList{data("note.png")};
}

QString written(const QTemporaryDir& folder, const QByteArray& text) {
    QFile file(folder.filePath(QStringLiteral("marks.json")));
    REQUIRE(file.open(QIODevice::WriteOnly));
    file.write(text);
    return file.fileName();
}

QImage pictureIn(const QString& folder, const char* name) {
    return *decodePicture(bytesOf(folder + u'/' + QLatin1String(name)), QStringLiteral("a"));
}

} // namespace

TEST_CASE("redact crops, turns, resizes, frames, and draws the marks of a file") {
    QTemporaryDir folder;
    const QString out = folder.filePath(QStringLiteral("out"));
    const QString marks = written(folder, R"({"format":"eyelid marks","version":1,"marks":[
        {"kind":"line","points":[[20,20],[180,20]],"colour":"#0000ff","width":6},
        {"kind":"note","points":[[20,60],[180,100]],"text":"See the reading"}]})");
    const CommandResult done = run(redactNote(
        out, {QStringLiteral("--crop"), QStringLiteral("0,0,200,100"), QStringLiteral("--turn"), QStringLiteral("90"),
              QStringLiteral("--resize"), QStringLiteral("150%"), QStringLiteral("--border"), QStringLiteral("5"),
              QStringLiteral("--small"), QStringLiteral("64"), QStringLiteral("--marks"), marks}));
    INFO(done.err.toStdString() << done.out.toStdString());
    CHECK(done.status == 0);
    const QImage picture = pictureIn(out, "picture-01.png");
    CHECK(picture.size() == QSize(160, 310));
    // Turned, the line runs down at the right.
    CHECK(qBlue(picture.pixel(125, 150)) > 200);
    CHECK(qRed(picture.pixel(125, 150)) < 60);
    const QImage small = pictureIn(out, "picture-01-small.png");
    CHECK(std::max(small.width(), small.height()) == 64);
    const auto log = nlohmann::json::parse(bytesOf(out + QStringLiteral("/redaction-log.json")).toStdString());
    REQUIRE(log["files"].size() == 2);
    CHECK(log["files"][0]["framing"] == nlohmann::json{"cropped", "turned", "resized", "border"});
    CHECK(log["files"][0]["marks"] == 2);
}

TEST_CASE("redact tears edges, casts a shadow and gives more ground, in the colours asked for") {
    QTemporaryDir folder;
    const QString plain = folder.filePath(QStringLiteral("plain")), out = folder.filePath(QStringLiteral("out"));
    REQUIRE(run(redactNote(plain, {QStringLiteral("--crop"), QStringLiteral("0,0,200,100")})).status == 0);
    const CommandResult done =
        run(redactNote(out, {QStringLiteral("--crop"), QStringLiteral("0,0,200,100"), QStringLiteral("--canvas"),
                             QStringLiteral("10,20,30,40"), QStringLiteral("--ground"), QStringLiteral("#102030"),
                             QStringLiteral("--edge"), QStringLiteral("wave:right"), QStringLiteral("--border"),
                             QStringLiteral("4"), QStringLiteral("--border-colour"), QStringLiteral("#00ff00")}));
    INFO(done.err.toStdString() << done.out.toStdString());
    CHECK(done.status == 0);
    const QImage picture = pictureIn(out, "picture-01.png");
    CHECK(picture.size() == QSize(200 + 10 + 30 + 2 * 4, 100 + 20 + 40 + 2 * 4));
    CHECK(picture.pixel(1, 1) == 0xff00ff00);
    CHECK(picture.pixel(4 + 5, 4 + 5) == 0xff102030);
    // The side that was not named is whole, the other torn.
    const QImage whole = pictureIn(plain, "picture-01.png");
    int torn = 0;
    for (int y = 0; y < 100; ++y) {
        CHECK(picture.pixel(4 + 10, 4 + 20 + y) == whole.pixel(0, y));
        torn += picture.pixel(4 + 10 + 199, 4 + 20 + y) != whole.pixel(199, y);
    }
    CHECK(torn > 20);
    const auto log = nlohmann::json::parse(bytesOf(out + QStringLiteral("/redaction-log.json")).toStdString());
    CHECK(log["files"][0]["framing"] == nlohmann::json{"cropped", "edge", "canvas", "border"});
    const QString cast = folder.filePath(QStringLiteral("cast"));
    REQUIRE(run(redactNote(cast, {QStringLiteral("--crop"), QStringLiteral("0,0,200,100"), QStringLiteral("--shadow"),
                                  QStringLiteral("12"), QStringLiteral("--canvas"), QStringLiteral("20")}))
                .status == 0);
    CHECK(pictureIn(cast, "picture-01.png").width() > 240);
}

TEST_CASE("a note that says what must not leave is a leak, whatever the picture shows") {
    QTemporaryDir folder;
    const QString marks = written(folder, R"({"format":"eyelid marks","version":1,"marks":[
        {"kind":"note","points":[[20,60],[22,62]],"text_height":1,"text":"ask lena.vance@mail.example"}]})");
    const CommandResult done =
        run(redactNote(folder.filePath(QStringLiteral("out")), {QStringLiteral("--marks"), marks}));
    CHECK(done.status == 1);
    CHECK(done.out.contains(QStringLiteral("written on a mark")));
}

TEST_CASE("what is no crop, size or file of marks is refused in a sentence, and nothing is written") {
    QTemporaryDir folder;
    const QString out = folder.filePath(QStringLiteral("out"));
    const QString bad =
        written(folder, R"({"format":"eyelid marks","version":1,"marks":[{"kind":"arrow","points":[]}]})");
    const std::pair<QStringList, const char*> all[] = {
        {{QStringLiteral("--crop"), QStringLiteral("1,2,3")}, "four whole numbers"},
        {{QStringLiteral("--crop"), QStringLiteral("9000,0,10,10")}, "lies outside"},
        {{QStringLiteral("--resize"), QStringLiteral("big")}, "is expected"},
        {{QStringLiteral("--resize"), QStringLiteral("nan%")}, "is expected"},
        {{QStringLiteral("--turn"), QStringLiteral("45")}, "90"},
        {{QStringLiteral("--edge"), QStringLiteral("torn")}, "wave, steps or fade"},
        {{QStringLiteral("--edge"), QStringLiteral("wave:top,inside")}, "wave:top,bottom"},
        {{QStringLiteral("--canvas"), QStringLiteral("1,2")}, "left,top,right,bottom"},
        {{QStringLiteral("--canvas"), QStringLiteral("9000")}, "up to 2"},
        {{QStringLiteral("--ground"), QStringLiteral("#fff")}, "#rrggbb"},
        {{QStringLiteral("--border-colour"), QStringLiteral("green")}, "--border-colour"},
        {{QStringLiteral("--shadow"), QStringLiteral("-1")}, "200"},
        {{QStringLiteral("--marks"), bad}, "mark 1: “arrow” is no kind of mark"},
        {{QStringLiteral("--marks"), folder.filePath(QStringLiteral("none.json"))}, "none.json"}};
    for (const auto& [options, words] : all) {
        const CommandResult done = run(redactNote(out, options));
        INFO(done.err.toStdString());
        CHECK(done.status != 0);
        CHECK(done.err.contains(QString::fromUtf8(words)));
        CHECK_FALSE(QDir(out).exists());
    }
}

TEST_CASE("the schema of marks has every key that is written, and every kind") {
    const auto schema =
        nlohmann::json::parse(bytesOf(QStringLiteral(EYELID_TOOLS "/../docs/marks.schema.json")).toStdString());
    const auto& mark = schema["$defs"]["mark"]["properties"];
    for (const MarkKind kind : allMarkKinds) {
        const auto& kinds = mark["kind"]["enum"];
        CHECK(std::find(kinds.begin(), kinds.end(), markKindName(kind).toStdString()) != kinds.end());
        for (const MarkForm form : formsOf(kind)) {
            const auto& forms = mark["form"]["enum"];
            CHECK(std::find(forms.begin(), forms.end(), markFormName(form).toStdString()) != forms.end());
        }
    }
    std::mt19937 random(2);
    for (int i = 0; i < 200; ++i) {
        Mark one = made::randomMark(3, {900, 400}, random);
        one.locked = true;
        one.picture = "x";
        one.unit = QStringLiteral("mm");
        one.unitsPerPixel = 2;
        one.holds = {{0, 2, {}}};
        one.style.monospaced = true;
        one.style.align = TextAlign::End;
        const nlohmann::json as = one;
        for (const auto& [key, value] : as.items()) CHECK(mark.contains(key));
    }
}
