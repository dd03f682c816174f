#include "casefile/page_json.h"

#include "base/qt_json.h"

#include <simdjson.h>

using Json = nlohmann::json;

namespace eyelid {

// Written by nlohmann-json: found by their arguments, so not in the unnamed namespace. Each is the fields of one type,
// in its header's order.

// A page has thousands of letters: what is said of each stands in rows, and what is said of few by their numbers.
static Json glyphsJson(const std::vector<Glyph>& glyphs) {
    Json letters = Json::array(), boxes = Json::array(), sure = Json::array(), inexact = Json::array(),
         others = Json::array();
    for (size_t i = 0; i < glyphs.size(); ++i) {
        const Glyph& g = glyphs[i];
        letters.push_back(g.text);
        for (const double side : {g.box.x(), g.box.y(), g.box.width(), g.box.height()}) boxes.push_back(side);
        sure.push_back(g.confidence);
        if (!g.exact) inexact.push_back(i);
        if (!g.others.isEmpty()) others.push_back({i, g.others});
    }
    return {{"letters", letters}, {"boxes", boxes}, {"sure", sure}, {"inexact", inexact}, {"others", others}};
}
static void to_json(Json& j, const Word& w) {
    j = {{"text", w.text},
         {"box", w.box},
         {"confidence", w.confidence},
         {"glyphs", glyphsJson(w.glyphs)},
         {"others", w.alternatives}};
}
static void to_json(Json& j, const TextLine& l) {
    j = {{"words", l.words},       {"box", l.box},     {"baseline", l.baseline}, {"x_height", l.xHeight},
         {"light", l.lightOnDark}, {"rules", l.rules}, {"turned", l.turned}};
}
static void to_json(Json& j, const Code& c) {
    j = {{"kind", c.kind}, {"content", c.content}, {"corners", c.corners}, {"box", c.box}};
}
static void to_json(Json& j, const Face& f) {
    j = {f.box, f.sureness};
}
void to_json(Json& j, const Page& p) {
    j = {{"size", p.size},   {"lines", p.lines},         {"codes", p.codes},
         {"faces", p.faces}, {"illegible", p.illegible}, {"languages", p.languages}};
}

namespace {

// Read by simdjson, several times as fast: 200 captures hold some four million of these values. What is missing or of
// another type throws its simdjson_error.
using Element = simdjson::dom::element;
using Elements = simdjson::dom::array;

QString textFrom(const Element& e) {
    const std::string_view text = e;
    return QString::fromUtf8(text.data(), qsizetype(text.size()));
}

int intFrom(const Element& e) {
    const int64_t number = e;
    if (number != int(number)) throw Damaged("a number out of its range");
    return int(number);
}

QRectF rectFrom(const Element& e) {
    const Elements sides = e;
    return QRectF(sides.at(0), sides.at(1), sides.at(2), sides.at(3));
}

QPointF pointFrom(const Element& e) {
    const Elements sides = e;
    return QPointF(sides.at(0), sides.at(1));
}

template <typename List, typename T> List listFrom(const Element& e, T (*from)(const Element&)) {
    List all;
    for (const Element entry : Elements(e)) all.push_back(from(entry));
    return all;
}

QStringList textsFrom(const Element& e) {
    return listFrom<QStringList>(e, textFrom);
}

// As the first version of the format had them, one array each.
Glyph glyphFrom(const Element& e) {
    const Elements j = e;
    return {textFrom(j.at(0)), rectFrom(j.at(1)), j.at(2), j.at(3), textsFrom(j.at(4))};
}

std::vector<Glyph> glyphsFrom(const Element& j) {
    if (j.is_array()) return listFrom<std::vector<Glyph>>(j, glyphFrom);
    const Elements letters = j["letters"], boxes = j["boxes"], sure = j["sure"];
    if (boxes.size() != 4 * letters.size() || sure.size() != letters.size()) throw Damaged("letters without places");
    std::vector<Glyph> glyphs;
    glyphs.reserve(letters.size());
    auto side = boxes.begin();
    auto confidence = sure.begin();
    const auto next = [](Elements::iterator& at) {
        const double number = *at;
        ++at;
        return number;
    };
    for (const Element letter : letters) {
        const double x = next(side), y = next(side), width = next(side), height = next(side);
        glyphs.push_back({textFrom(letter), QRectF(x, y, width, height), next(confidence), true, {}});
    }
    for (const Element number : Elements(j["inexact"])) glyphs.at(size_t(uint64_t(number))).exact = false;
    for (const Element other : Elements(j["others"]))
        glyphs.at(size_t(uint64_t(other.at(0)))).others = textsFrom(other.at(1));
    return glyphs;
}

Word wordFrom(const Element& j) {
    return {textFrom(j["text"]), rectFrom(j["box"]), j["confidence"], glyphsFrom(j["glyphs"]), textsFrom(j["others"])};
}

TextLine lineFrom(const Element& j) {
    return {listFrom<std::vector<Word>>(j["words"], wordFrom),
            rectFrom(j["box"]),
            j["baseline"],
            j["x_height"],
            j["light"],
            listFrom<std::vector<QRectF>>(j["rules"], rectFrom),
            intFrom(j["turned"])};
}

Code codeFrom(const Element& j) {
    return {textFrom(j["kind"]), textFrom(j["content"]), listFrom<QPolygonF>(j["corners"], pointFrom),
            rectFrom(j["box"])};
}

Face faceFrom(const Element& j) {
    return {rectFrom(j.at(0)), j.at(1)};
}

Page pageFrom(const Element& j) {
    const Element size = j["size"];
    return {
        QSize(intFrom(size.at(0)), intFrom(size.at(1))),         listFrom<std::vector<TextLine>>(j["lines"], lineFrom),
        listFrom<std::vector<Code>>(j["codes"], codeFrom),       listFrom<std::vector<Face>>(j["faces"], faceFrom),
        listFrom<std::vector<QRectF>>(j["illegible"], rectFrom), textFrom(j["languages"])};
}

PictureReading pictureReadingFrom(const Element& j) {
    return {PictureId::fromHex(textFrom(j["picture"]).toLatin1()), textFrom(j["languages"]),
            std::make_shared<const Page>(pageFrom(j["page"]))};
}

} // namespace

// A page within a step that can be taken back: seldom, and so by way of the text that holds pages elsewhere.
void from_json(const Json& j, Page& p) {
    simdjson::dom::parser parser;
    p = pageFrom(parser.parse(j.dump()));
}

std::vector<PictureReading> pictureReadingsFrom(const QByteArray& json) {
    simdjson::dom::parser parser;
    return listFrom<std::vector<PictureReading>>(parser.parse(json.constData(), size_t(json.size())),
                                                 pictureReadingFrom);
}

} // namespace eyelid
