#include "editing/edits_json.h"

#include "base/qt_json.h"
#include "base/sentence.h"

#include <algorithm>
#include <cmath>
#include <QColor>
#include <QImage>
#include <stdexcept>

using Json = nlohmann::json;

namespace eyelid {
namespace {

[[noreturn]] void wrong(const QString& what) {
    throw std::runtime_error(what.toStdString());
}

template <typename Enum, size_t n> struct Names {
    std::pair<Enum, const char*> all[n];
    const char* of(Enum value) const {
        for (const auto& [v, name] : all)
            if (v == value) return name;
        return "";
    }
    Enum from(const Json& j, const char* key) const {
        const QString text = j.get<QString>();
        for (const auto& [v, name] : all)
            if (text == QLatin1String(name)) return v;
        QStringList known;
        for (const auto& [v, name] : all) known << QLatin1String(name);
        wrong(sentence(Tr::tr("“%1” is no %2; there are %3"), text, QLatin1String(key),
                       known.join(QStringLiteral(", "))));
    }
};
constexpr Names<LinePattern, 3> patterns{
    {{LinePattern::Plain, "plain"}, {LinePattern::Dashed, "dashed"}, {LinePattern::Dotted, "dotted"}}};
constexpr Names<TypeWeight, 3> weights{
    {{TypeWeight::Regular, "regular"}, {TypeWeight::SemiBold, "semi-bold"}, {TypeWeight::Bold, "bold"}}};
constexpr Names<TextAlign, 3> aligns{
    {{TextAlign::Start, "start"}, {TextAlign::Middle, "middle"}, {TextAlign::End, "end"}}};
constexpr Names<Framing::Edge, 4> edges{{{Framing::Edge::None, "none"},
                                         {Framing::Edge::Wave, "wave"},
                                         {Framing::Edge::Steps, "steps"},
                                         {Framing::Edge::Fade, "fade"}}};
constexpr Names<Resize::By, 5> resizes{{{Resize::By::No, "no"},
                                        {Resize::By::Percent, "percent"},
                                        {Resize::By::Width, "width"},
                                        {Resize::By::Height, "height"},
                                        {Resize::By::Longest, "longest"}}};
constexpr std::pair<Qt::Edge, const char*> sides[] = {
    {Qt::TopEdge, "top"}, {Qt::RightEdge, "right"}, {Qt::BottomEdge, "bottom"}, {Qt::LeftEdge, "left"}};

std::string colourText(QRgb colour) {
    return QColor::fromRgba(colour).name(qAlpha(colour) == 255 ? QColor::HexRgb : QColor::HexArgb).toStdString();
}

QRgb colourFrom(const Json& j) {
    const QString text = j.get<QString>();
    const QColor colour(text);
    if (!text.startsWith(u'#') || !colour.isValid())
        wrong(sentence(Tr::tr("“%1” is no colour; write it as \"#5a2f52\""), text));
    return colour.rgba();
}

// Calls for each key what is there for it; a key nothing is there for is a mistake.
template <typename Read> void eachKey(const Json& j, Read read) {
    if (!j.is_object()) wrong(Tr::tr("it is no object"));
    for (const auto& [key, value] : j.items()) {
        try {
            if (!read(key, value)) wrong(sentence(Tr::tr("there is no key “%1”"), QString::fromStdString(key)));
        } catch (const Json::exception&) {
            wrong(sentence(Tr::tr("“%1” has a value of the wrong kind"), QString::fromStdString(key)));
        }
    }
}

double numberFrom(const Json& j) {
    const double number = j.get<double>();
    if (!std::isfinite(number)) wrong(Tr::tr("a number is too large"));
    return number;
}

int wholeFrom(const Json& j, int least, int most) {
    const double number = numberFrom(j);
    if (number < least || number > most) wrong(sentence(Tr::tr("%1 is not within %2 to %3"), number, least, most));
    return int(number);
}

bool readStyle(MarkStyle& s, const std::string& key, const Json& value) {
    if (key == "colour")
        s.colour = colourFrom(value);
    else if (key == "ground")
        s.ground = value.is_null() ? std::nullopt : std::optional(colourFrom(value));
    else if (key == "width")
        s.width = numberFrom(value);
    else if (key == "pattern")
        s.pattern = patterns.from(value, "pattern");
    else if (key == "heads")
        s.heads = wholeFrom(value, 0, 2);
    else if (key == "text_height")
        s.textHeight = numberFrom(value);
    else if (key == "weight")
        s.weight = weights.from(value, "weight");
    else if (key == "monospaced")
        s.monospaced = value.get<bool>();
    else if (key == "align")
        s.align = aligns.from(value, "align");
    else if (key == "letters")
        s.letters = value.get<bool>();
    else
        return false;
    return true;
}

void writeStyle(Json& j, const MarkStyle& s) {
    const MarkStyle usual;
    if (s.colour != usual.colour) j["colour"] = colourText(s.colour);
    if (s.ground) j["ground"] = colourText(*s.ground);
    if (s.width != usual.width) j["width"] = s.width;
    if (s.pattern != usual.pattern) j["pattern"] = patterns.of(s.pattern);
    if (s.heads != usual.heads) j["heads"] = s.heads;
    if (s.textHeight != usual.textHeight) j["text_height"] = s.textHeight;
    if (s.weight != usual.weight) j["weight"] = weights.of(s.weight);
    if (s.monospaced) j["monospaced"] = true;
    if (s.align != usual.align) j["align"] = aligns.of(s.align);
    if (s.letters) j["letters"] = true;
}

MarkKind kindFrom(const Json& j) {
    const QString name = j.get<QString>();
    if (const auto kind = markKindFromName(name)) return *kind;
    QStringList known;
    for (const MarkKind kind : allMarkKinds) known << markKindName(kind);
    wrong(sentence(Tr::tr("“%1” is no kind of mark; there are %2"), name, known.join(QStringLiteral(", "))));
}

MarkForm formFrom(const Json& j, MarkKind kind) {
    const QString name = j.get<QString>();
    const auto form = markFormFromName(name);
    const auto all = formsOf(kind);
    if (form && std::find(all.begin(), all.end(), *form) != all.end()) return *form;
    QStringList known;
    for (const MarkForm one : all) known << markFormName(one);
    wrong(sentence(Tr::tr("a %1 has no form “%2”; there are %3"), markKindName(kind), name,
                   known.join(QStringLiteral(", "))));
}

MarkHold holdFrom(const Json& j) {
    return {j.at("point").get<size_t>(), j.at("id").get<int>(),
            QPointF(numberFrom(j.at("part").at(0)), numberFrom(j.at("part").at(1)))};
}

bool readMark(Mark& m, const std::string& key, const Json& value) {
    if (key == "kind" || key == "form") return true; // read before
    if (key == "id")
        m.id = value.get<int>();
    else if (key == "points")
        m.points = value.get<QPolygonF>();
    else if (key == "turn")
        m.turn = numberFrom(value);
    else if (key == "text")
        m.text = value.get<QString>();
    else if (key == "pressures")
        m.pressures = value.get<std::vector<double>>();
    else if (key == "arc")
        std::tie(m.arcFrom, m.arcSpan) = std::pair(numberFrom(value.at(0)), numberFrom(value.at(1)));
    else if (key == "rank")
        m.rank = value.get<int>();
    else if (key == "units_per_pixel")
        m.unitsPerPixel = numberFrom(value);
    else if (key == "unit")
        m.unit = value.get<QString>();
    else if (key == "picture")
        m.picture = QByteArray::fromBase64(QByteArray::fromStdString(value.get<std::string>()));
    else if (key == "locked")
        m.locked = value.get<bool>();
    else if (key == "holds")
        for (const Json& hold : value) m.holds.push_back(holdFrom(hold));
    else
        return readStyle(m.style, key, value);
    return true;
}

} // namespace

void to_json(Json& j, const MarkStyle& style) {
    j = Json::object();
    writeStyle(j, style);
}

void from_json(const Json& j, MarkStyle& style) {
    style = {};
    eachKey(j, [&](const std::string& key, const Json& value) { return readStyle(style, key, value); });
}

void to_json(Json& j, const Mark& m) {
    const Mark usual;
    j = {{"kind", markKindName(m.kind)}, {"points", m.points}};
    if (m.id) j["id"] = m.id;
    if (!formsOf(m.kind).empty()) j["form"] = markFormName(m.form);
    if (m.turn != 0) j["turn"] = m.turn;
    writeStyle(j, m.style);
    if (!m.text.isEmpty()) j["text"] = m.text;
    if (!m.pressures.empty()) j["pressures"] = m.pressures;
    if (m.form == MarkForm::Arc) j["arc"] = {m.arcFrom, m.arcSpan};
    if (m.rank) j["rank"] = m.rank;
    if (m.unitsPerPixel != 1) j["units_per_pixel"] = m.unitsPerPixel;
    if (!m.unit.isEmpty()) j["unit"] = m.unit;
    if (!m.picture.isEmpty()) j["picture"] = m.picture.toBase64().toStdString();
    if (m.locked) j["locked"] = true;
    for (const MarkHold& hold : m.holds)
        j["holds"].push_back({{"point", hold.point}, {"id", hold.id}, {"part", {hold.part.x(), hold.part.y()}}});
}

void from_json(const Json& j, Mark& mark) {
    mark = {};
    if (!j.is_object() || !j.contains("kind")) wrong(Tr::tr("it has no kind"));
    if (!j.contains("points")) wrong(Tr::tr("it has no points"));
    mark.kind = kindFrom(j.at("kind"));
    const auto forms = formsOf(mark.kind);
    if (!forms.empty()) mark.form = forms.front();
    if (j.contains("form")) mark.form = formFrom(j.at("form"), mark.kind);
    eachKey(j, [&](const std::string& key, const Json& value) { return readMark(mark, key, value); });
    if (const QString fault = faultOf(mark); !fault.isEmpty()) wrong(fault);
}

void to_json(Json& j, const Framing& f) {
    const Framing usual;
    j = Json::object();
    if (!f.crop.isNull()) j["crop"] = f.crop;
    if (f.angle != 0) j["angle"] = f.angle;
    if (f.quarters) j["quarters"] = f.quarters;
    if (f.mirrored) j["mirrored"] = true;
    if (f.edge != Framing::Edge::None) {
        Json all = Json::array();
        for (const auto& [side, name] : sides)
            if (f.edgeSides & side) all.push_back(name);
        j["edge"] = {{"form", edges.of(f.edge)}, {"sides", all}};
    }
    if (!f.canvas.isNull()) j["canvas"] = {f.canvas.left(), f.canvas.top(), f.canvas.right(), f.canvas.bottom()};
    if (f.resize.by != Resize::By::No) j["resize"] = {{"by", resizes.of(f.resize.by)}, {"to", f.resize.to}};
    if (f.border) j["border"] = f.border;
    if (f.borderColour != usual.borderColour) j["border_colour"] = colourText(f.borderColour);
    if (f.corner) j["corner"] = f.corner;
    if (f.shadow) j["shadow"] = f.shadow;
    if (f.ground != usual.ground) j["ground"] = colourText(f.ground);
    if (f.transparent) j["transparent"] = true;
}

void from_json(const Json& j, Framing& f) {
    constexpr int most = 4000; // device pixels around a picture
    f = {};
    eachKey(j, [&](const std::string& key, const Json& value) {
        if (key == "crop")
            f.crop = value.get<QRect>();
        else if (key == "angle")
            f.angle = std::clamp(numberFrom(value), -45.0, 45.0);
        else if (key == "quarters")
            f.quarters = wholeFrom(value, 0, 3);
        else if (key == "mirrored")
            f.mirrored = value.get<bool>();
        else if (key == "edge") {
            f.edge = edges.from(value.at("form"), "edge");
            f.edgeSides = {};
            for (const Json& side : value.at("sides"))
                for (const auto& [edge, name] : sides)
                    if (side.get<std::string>() == name) f.edgeSides |= edge;
        } else if (key == "canvas")
            f.canvas = {wholeFrom(value.at(0), 0, most), wholeFrom(value.at(1), 0, most),
                        wholeFrom(value.at(2), 0, most), wholeFrom(value.at(3), 0, most)};
        else if (key == "resize")
            f.resize = {resizes.from(value.at("by"), "resize"), std::clamp(numberFrom(value.at("to")), 1.0, 30000.0)};
        else if (key == "border")
            f.border = wholeFrom(value, 0, most);
        else if (key == "border_colour")
            f.borderColour = colourFrom(value) | 0xff000000;
        else if (key == "corner")
            f.corner = wholeFrom(value, 0, most);
        else if (key == "shadow")
            f.shadow = wholeFrom(value, 0, most);
        else if (key == "ground")
            f.ground = colourFrom(value) | 0xff000000;
        else if (key == "transparent")
            f.transparent = value.get<bool>();
        else
            return false;
        return true;
    });
}

QByteArray marksToJson(const std::vector<Mark>& marks) {
    Json all = Json::array();
    for (Mark mark : marks) {
        mark.id = 0; // of the case it was in
        mark.holds.clear();
        all.push_back(mark);
    }
    const nlohmann::ordered_json file{{"format", "eyelid marks"}, {"version", 1}, {"marks", all}};
    return QByteArray::fromStdString(file.dump(2, ' ', false, Json::error_handler_t::replace)) + '\n';
}

// What a case may hold and would be drawn as nothing, or not as it was meant.
static QString emptyMark(const Mark& mark) {
    if (mark.kind == MarkKind::Code && mark.text.isEmpty()) return Tr::tr("a code needs a text");
    if (mark.kind == MarkKind::Sign && mark.picture.isEmpty() && mark.text.isEmpty())
        return Tr::tr("a sign needs a picture or a text");
    if (!mark.picture.isEmpty() && QImage::fromData(mark.picture, "PNG").isNull())
        return Tr::tr("its picture is no PNG in base64");
    if (mark.unitsPerPixel <= 0) return Tr::tr("“units_per_pixel” must be more than nothing");
    const auto isPressure = [](double p) { return p >= 0 && p <= 1; };
    if (!std::all_of(mark.pressures.begin(), mark.pressures.end(), isPressure))
        return Tr::tr("its pressures are not all within 0 to 1");
    return {};
}

Result<std::vector<Mark>> marksFromJson(const QByteArray& bytes, const QString& name) {
    const auto refused = [&](const QString& what) {
        return Error{Error::Kind::BadInput, sentence(Tr::tr("%1 is no file of marks: %2."), name, what)};
    };
    const Json file = Json::parse(bytes.begin(), bytes.end(), nullptr, false);
    if (file.is_discarded()) return refused(Tr::tr("it is no JSON"));
    if (!file.is_object() || file.value("format", Json()) != "eyelid marks" || file.value("version", Json()) != 1 ||
        !file.value("marks", Json()).is_array())
        return refused(Tr::tr("it does not begin as one of version 1 does"));
    std::vector<Mark> marks;
    int rank = 0;
    for (const Json& one : file["marks"]) {
        try {
            Mark mark = one.get<Mark>();
            if (const QString empty = emptyMark(mark); !empty.isEmpty()) wrong(empty);
            // Steps count as they stand in the file, unless they say otherwise.
            if (mark.kind == MarkKind::Step && !mark.rank) mark.rank = ++rank;
            mark.id = int(marks.size()) + 1;
            marks.push_back(std::move(mark));
        } catch (const std::exception& e) { // from_json's, or the library's
            return refused(sentence(Tr::tr("mark %1: %2"), marks.size() + 1, QString::fromUtf8(e.what())));
        }
    }
    return marks;
}

} // namespace eyelid
