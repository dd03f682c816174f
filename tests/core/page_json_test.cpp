// What was read on a capture, as it stands in the records of a case.
#include "casefile/case_json.h"

#include <catch2/catch.hpp>
#include <random>

using namespace eyelid;

namespace {

const PictureId aPicture = PictureId::fromHex(QByteArray(64, 'a'));

PictureReading readingOfEverything() {
    Word name{QStringLiteral("Zoë"), {4.5, 10, 30, 12.25}, 0.93, {}, {QStringLiteral("Zoé")}};
    for (int i = 0; i < 3; ++i)
        name.glyphs.push_back({name.text.mid(i, 1), QRectF(4.5 + 10 * i, 10, 9, 12), 0.9 + 0.01 * i, true, {}});
    name.glyphs[1].exact = false;
    name.glyphs[2].others = {QStringLiteral("é"), QStringLiteral("e")};
    const TextLine line{{name}, {4, 9, 31, 14}, 21.5, 7.25, true, {{4, 23, 31, 1}}, 90};
    Page page{{640, 480}, {line}, {}, {}, {}, QStringLiteral("deu+eng")};
    page.codes.push_back({QStringLiteral("QR Code"),
                          QStringLiteral("tel:+1 206 555 0142"),
                          QPolygonF({{1, 2}, {30, 2.5}, {30, 31}, {1, 31}}),
                          {1, 2, 29, 29}});
    page.faces.push_back({{50, 60, 40, 40}, 0.87});
    page.illegible.push_back({100, 100, 20.5, 9});
    return {aPicture, QStringLiteral("deu+eng"), std::make_shared<const Page>(page)};
}

} // namespace

TEST_CASE("what was read on a capture comes back from a case as it was") {
    const PictureReading reading = readingOfEverything();
    const QByteArray json = readingsToJson({reading, reading});
    const auto back = readingsFromJson(json);
    REQUIRE(back);
    REQUIRE(back->size() == 2);
    CHECK(readingsToJson(*back) == json); // every place to the last digit
    CHECK((*back)[1].picture == reading.picture);
    CHECK((*back)[1].languages == reading.languages);
    const Page& page = *back->front().page;
    CHECK(page.size == QSize(640, 480));
    CHECK(page.codes.front().corners == reading.page->codes.front().corners);
    CHECK(page.faces.front().sureness == 0.87);
    CHECK(page.illegible == reading.page->illegible);
    const TextLine& line = page.lines.front();
    CHECK(line.lightOnDark);
    CHECK(line.turned == 90);
    CHECK(line.rules == reading.page->lines.front().rules);
    const Word& word = line.words.front();
    CHECK(word.text == QStringLiteral("Zoë"));
    CHECK_FALSE(word.glyphs[1].exact);
    CHECK(word.glyphs[0].exact);
    CHECK(word.glyphs[2].others == QStringList({QStringLiteral("é"), QStringLiteral("e")}));
    CHECK(word.glyphs[2].box == QRectF(24.5, 10, 9, 12));
    CHECK(word.glyphs[2].confidence == 0.92);
}

TEST_CASE("letters kept one array each, as the first version of the format had them, are still read") {
    const auto back = readingsFromJson(R"([{"picture": ")" + aPicture.toHex() +
                                       R"(", "languages": "eng", "page": {"size": [90, 20], "lines": [{"words": [{
        "text": "Jo", "box": [1, 2, 12, 9], "confidence": 1, "glyphs": [["J", [1, 2, 5, 9], 0.5, true, []],
        ["o", [7, 4.5, 6, 6], 1, false, ["0"]]], "others": []}], "box": [1, 2, 12, 9], "baseline": 11, "x_height": 6,
        "light": false, "rules": [], "turned": 0}], "codes": [], "faces": [], "illegible": [], "languages": "eng"}}])");
    REQUIRE(back);
    const std::vector<Glyph>& glyphs = back->front().page->lines.front().words.front().glyphs;
    REQUIRE(glyphs.size() == 2);
    CHECK(glyphs[0].confidence == 0.5);
    CHECK(glyphs[1].box == QRectF(7, 4.5, 6, 6));
    CHECK_FALSE(glyphs[1].exact);
    CHECK(glyphs[1].others == QStringList("0"));
}

TEST_CASE("a reading that is not whole is told as damaged") {
    const QByteArray json = readingsToJson({readingOfEverything()});
    const auto damaged = [&](const QByteArray& from, const QByteArray& to) {
        REQUIRE(json.contains(from));
        return !readingsFromJson(QByteArray(json).replace(from, to));
    };
    CHECK(damaged("\"baseline\"", "\"bas\""));
    CHECK(damaged("\"size\":[640,480]", "\"size\":[640]"));
    CHECK(damaged("\"size\":[640,480]", "\"size\":[640,4800000000]"));
    CHECK(damaged("\"turned\":90", "\"turned\":\"90\""));
    CHECK(damaged("\"inexact\":[1]", "\"inexact\":[3]"));
    CHECK(damaged("\"inexact\":[1]", "\"inexact\":[-1]"));
    CHECK(damaged("\"letters\":[\"Z\",", "\"letters\":["));
    CHECK(damaged("\"light\":true", "\"light\":1"));
    CHECK(damaged("}]", "}"));
    CHECK_FALSE(readingsFromJson(""));
    CHECK_FALSE(readingsFromJson("{}"));
    for (qsizetype length = 0; length < json.size(); ++length) CHECK_FALSE(readingsFromJson(json.left(length)));
    std::mt19937 random(20261130);
    for (int i = 0; i < 3000; ++i) {
        QByteArray bytes = json;
        for (int n = 0; n < 3; ++n) bytes[qsizetype(random() % size_t(bytes.size()))] = char(random() & 0xFF);
        if (const auto read = readingsFromJson(bytes)) CHECK(readingsFromJson(readingsToJson(*read)));
    }
}
