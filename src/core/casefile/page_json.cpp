#include "casefile/page_json.h"

#include "base/qt_json.h"

using Json = nlohmann::json;

namespace eyelid {

// Found by their arguments, so not in the unnamed namespace. Each pair is the fields of one type, in its header's
// order.

// As the first version of the format had them, one array each.
static void from_json(const Json& j, Glyph& g) {
    g = {j.at(0).get<QString>(), j.at(1).get<QRectF>(), j.at(2).get<double>(), j.at(3).get<bool>(),
         j.at(4).get<QStringList>()};
}
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
static std::vector<Glyph> glyphsFrom(const Json& j) {
    if (j.is_array()) return j.get<std::vector<Glyph>>();
    const Json &letters = j.at("letters"), &boxes = j.at("boxes"), &sure = j.at("sure");
    if (boxes.size() != 4 * letters.size() || sure.size() != letters.size()) throw Damaged("letters without places");
    std::vector<Glyph> glyphs(letters.size());
    for (size_t i = 0; i < glyphs.size(); ++i) {
        const auto side = [&](size_t n) { return boxes[4 * i + n].get<double>(); };
        glyphs[i] = {
            letters[i].get<QString>(), QRectF(side(0), side(1), side(2), side(3)), sure[i].get<double>(), true, {}};
    }
    for (const Json& number : j.at("inexact")) glyphs.at(number.get<size_t>()).exact = false;
    for (const Json& other : j.at("others"))
        glyphs.at(other.at(0).get<size_t>()).others = other.at(1).get<QStringList>();
    return glyphs;
}
static void to_json(Json& j, const Word& w) {
    j = {{"text", w.text},
         {"box", w.box},
         {"confidence", w.confidence},
         {"glyphs", glyphsJson(w.glyphs)},
         {"others", w.alternatives}};
}
static void from_json(const Json& j, Word& w) {
    w = {j.at("text").get<QString>(), j.at("box").get<QRectF>(), j.at("confidence").get<double>(),
         glyphsFrom(j.at("glyphs")), j.at("others").get<QStringList>()};
}
static void to_json(Json& j, const TextLine& l) {
    j = {{"words", l.words},       {"box", l.box},     {"baseline", l.baseline}, {"x_height", l.xHeight},
         {"light", l.lightOnDark}, {"rules", l.rules}, {"turned", l.turned}};
}
static void from_json(const Json& j, TextLine& l) {
    l = {j.at("words").get<std::vector<Word>>(),
         j.at("box").get<QRectF>(),
         j.at("baseline").get<double>(),
         j.at("x_height").get<double>(),
         j.at("light").get<bool>(),
         j.at("rules").get<std::vector<QRectF>>(),
         j.at("turned").get<int>()};
}
static void to_json(Json& j, const Code& c) {
    j = {{"kind", c.kind}, {"content", c.content}, {"corners", c.corners}, {"box", c.box}};
}
static void from_json(const Json& j, Code& c) {
    c = {j.at("kind").get<QString>(), j.at("content").get<QString>(), j.at("corners").get<QPolygonF>(),
         j.at("box").get<QRectF>()};
}
static void to_json(Json& j, const Face& f) {
    j = {f.box, f.sureness};
}
static void from_json(const Json& j, Face& f) {
    f = {j.at(0).get<QRectF>(), j.at(1).get<double>()};
}
void to_json(Json& j, const Page& p) {
    j = {{"size", p.size},   {"lines", p.lines},         {"codes", p.codes},
         {"faces", p.faces}, {"illegible", p.illegible}, {"languages", p.languages}};
}
void from_json(const Json& j, Page& p) {
    p = {j.at("size").get<QSize>(),
         j.at("lines").get<std::vector<TextLine>>(),
         j.at("codes").get<std::vector<Code>>(),
         j.at("faces").get<std::vector<Face>>(),
         j.at("illegible").get<std::vector<QRectF>>(),
         j.at("languages").get<QString>()};
}

} // namespace eyelid
