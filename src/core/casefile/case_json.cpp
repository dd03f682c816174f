#include "casefile/case_json.h"

#include "base/qt_json.h"
#include "base/sentence.h"
#include "casefile/page_json.h"
#include "editing/edits_json.h"

#include <array>
#include <nlohmann/json.hpp>
#include <stdexcept>

using Json = nlohmann::json;

namespace eyelid {
namespace {

template <typename T> T known(const std::optional<T>& value) {
    if (!value) throw Damaged("an unknown name");
    return *value;
}

// Enumerations by the names they have; their order may change.
template <typename Enum, size_t n> struct EnumNames {
    std::array<std::pair<Enum, const char*>, n> names;
    const char* of(Enum value) const {
        for (const auto& [v, name] : names)
            if (v == value) return name;
        return "";
    }
    Enum from(const Json& j) const {
        const auto text = j.get<std::string>();
        for (const auto& [v, name] : names)
            if (text == name) return v;
        throw Damaged("an unknown name");
    }
};
constexpr EnumNames<Decision, 3> decisions{
    {{{Decision::Open, "open"}, {Decision::Cover, "cover"}, {Decision::Keep, "keep"}}}};
constexpr EnumNames<ScrollDirection, 2> directions{
    {{{ScrollDirection::Down, "down"}, {ScrollDirection::Right, "right"}}}};
constexpr EnumNames<CoverShape::Form, 3> forms{{{{CoverShape::Form::Rectangles, "rectangles"},
                                                 {CoverShape::Form::Polygon, "polygon"},
                                                 {CoverShape::Form::Stroke, "stroke"}}}};

} // namespace

static QString textOr(const Json& j, const char* key) {
    return j.contains(key) ? j[key].get<QString>() : QString();
}

// Found by their arguments, so not in the unnamed namespace. Each pair is the fields of one type, in its header's
// order.
static void to_json(Json& j, const PictureId& id) {
    j = id.toHex().toStdString();
}
static void from_json(const Json& j, PictureId& id) {
    id = PictureId::fromHex(QByteArray::fromStdString(j.get<std::string>()));
}
static void to_json(Json& j, const Kind& kind) {
    j = kindName(kind);
}
static void from_json(const Json& j, Kind& kind) {
    kind = known(kindFromName(j.get<QString>()));
}
static void to_json(Json& j, const CoverStyle& style) {
    j = styleName(style);
}
static void from_json(const Json& j, CoverStyle& style) {
    style = known(styleFromName(j.get<QString>()));
}

static void to_json(Json& j, const PictureReading& r) {
    j = {{"picture", r.picture}, {"languages", r.languages}, {"page", *r.page}};
}
static void from_json(const Json& j, PictureReading& r) {
    r = {j.at("picture").get<PictureId>(), j.at("languages").get<QString>(),
         std::make_shared<const Page>(j.at("page").get<Page>())};
}
static void to_json(Json& j, const AreaReading& r) {
    j = {{"area", r.area}, {"reading", r.reading}};
}
static void from_json(const Json& j, AreaReading& r) {
    r = {j.at("area").get<QRect>(), j.at("reading").get<Page>()};
}
static void to_json(Json& j, const Correction& c) {
    j = {{"box", c.box}, {"text", c.text}};
}
static void from_json(const Json& j, Correction& c) {
    c = {j.at("box").get<QRectF>(), j.at("text").get<QString>()};
}

static void to_json(Json& j, const Finding& f) {
    j = {{"kind", f.kind},     {"text", f.text},         {"key", f.key},
         {"boxes", f.boxes},   {"height", f.textHeight}, {"confidence", f.confidence},
         {"ground", f.ground}, {"reason", f.reason}};
}
static void from_json(const Json& j, Finding& f) {
    f = {j.at("kind").get<Kind>(),      j.at("text").get<QString>(),
         j.at("key").get<QString>(),    j.at("boxes").get<std::vector<QRectF>>(),
         j.at("height").get<double>(),  j.at("confidence").get<double>(),
         j.at("ground").get<QString>(), j.at("reason").get<QString>()};
}
static void to_json(Json& j, const KnownFinding& k) {
    j = {{"id", k.id}, {"finding", k.finding}, {"identity", k.identity}, {"found", k.found}};
    if (k.byHand) j["by_hand"] = true;
}
static void from_json(const Json& j, KnownFinding& k) {
    k = {j.at("id").get<int>(), j.at("finding").get<Finding>(), j.at("identity").get<int>(), j.at("found").get<bool>(),
         j.contains("by_hand") && j["by_hand"].get<bool>()};
    if (k.finding.boxes.empty()) throw Damaged("a finding without a place");
}
static void putLook(Json& j, const CoverLook& look) {
    j["style"] = look.style;
    j["strength"] = look.strength;
    if (look.colour != CoverColour::Aubergine) j["colour"] = colourName(look.colour);
}
static CoverLook lookFrom(const Json& j) {
    CoverLook look{j.at("style").get<CoverStyle>(), j.at("strength").get<double>()};
    if (j.contains("colour")) look.colour = known(colourFromName(j["colour"].get<QString>()));
    return look;
}
static void to_json(Json& j, const Ruling& r) {
    j = Json::object();
    if (r.decision) j["decision"] = decisions.of(*r.decision);
    if (r.look) {
        j["look"] = Json::object();
        putLook(j["look"], *r.look);
    }
    if (!r.note.isEmpty()) j["note"] = r.note;
    if (!r.by.isEmpty()) j["by"] = r.by;
    if (!r.question.isEmpty()) j["question"] = r.question;
    if (r.replacedBy) j["replaced_by"] = r.replacedBy;
}
static void from_json(const Json& j, Ruling& r) {
    r = {};
    if (j.contains("decision")) r.decision = decisions.from(j["decision"]);
    if (j.contains("look")) r.look = lookFrom(j["look"]);
    r.note = textOr(j, "note");
    r.by = textOr(j, "by");
    r.question = textOr(j, "question");
    if (j.contains("replaced_by")) r.replacedBy = j["replaced_by"].get<int>();
}
static void to_json(Json& j, const CoverShape& s) {
    j = {{"form", forms.of(s.form())}};
    if (s.form() == CoverShape::Form::Rectangles)
        j["rects"] = s.rects();
    else
        j["points"] = QPolygonF(s.points());
    if (s.form() == CoverShape::Form::Stroke) j["width"] = s.width();
}
static void from_json(const Json& j, CoverShape& s) {
    switch (forms.from(j.at("form"))) {
    case CoverShape::Form::Rectangles:
        s = CoverShape::rectangles(j.at("rects").get<std::vector<QRect>>());
        break;
    case CoverShape::Form::Polygon:
        s = CoverShape::polygon(j.at("points").get<QPolygonF>().toPolygon());
        break;
    case CoverShape::Form::Stroke:
        s = CoverShape::stroke(j.at("points").get<QPolygonF>().toPolygon(), j.at("width").get<int>());
        break;
    }
}
static void to_json(Json& j, const HandCover& h) {
    j = {{"id", h.id}, {"shape", h.shape}, {"note", h.note}};
    putLook(j, h.look);
    if (!h.by.isEmpty()) j["by"] = h.by;
}
static void from_json(const Json& j, HandCover& h) {
    h = {j.at("id").get<int>(), j.at("shape").get<CoverShape>(), lookFrom(j), j.at("note").get<QString>(),
         textOr(j, "by")};
}
static void to_json(Json& j, const Join& join) {
    j = {{"offset", join.offset},  {"seam", join.seam},   {"sure", join.sure},
         {"by_hand", join.byHand}, {"doubt", join.doubt}, {"candidates", join.candidates}};
}
static void from_json(const Json& j, Join& join) {
    join = {j.at("offset").get<int>(),   j.at("seam").get<int>(),      j.at("sure").get<bool>(),
            j.at("by_hand").get<bool>(), j.at("doubt").get<QString>(), j.at("candidates").get<std::vector<int>>()};
}
static void to_json(Json& j, const std::shared_ptr<const Joined>& joined) {
    j = nullptr;
    if (joined)
        j = {{"direction", directions.of(joined->direction)}, {"pictures", joined->pictures}, {"joins", joined->joins}};
}
static std::shared_ptr<const Joined> joinedFrom(const Json& j) {
    if (j.is_null()) return nullptr;
    return std::make_shared<const Joined>(Joined{directions.from(j.at("direction")),
                                                 j.at("pictures").get<std::vector<PictureId>>(),
                                                 j.at("joins").get<std::vector<Join>>()});
}
static void to_json(Json& j, const Leak& l) {
    j = {{"sort", leakCode(l.sort)}, {"place", l.place}, {"sentence", l.sentence}, {"finding", l.finding}};
}
static void from_json(const Json& j, Leak& l) {
    l = {known(leakSortFromCode(j.at("sort").get<QString>())), j.at("place").get<QRectF>(),
         j.at("sentence").get<QString>(), j.at("finding").get<Finding>()};
}
static void to_json(Json& j, const CapturePass& p) {
    j = {{"capture", p.capture}, {"leak", p.leak}, {"reason", p.reason}};
}
static void from_json(const Json& j, CapturePass& p) {
    p = {j.at("capture").get<int>(), j.at("leak").get<Leak>(), j.at("reason").get<QString>()};
}
static void to_json(Json& j, const SecondLook& l) {
    j = {{"officer", l.officer}, {"decisions", QString::fromLatin1(l.decisions.toHex())}};
}
static void from_json(const Json& j, SecondLook& l) {
    l = {j.at("officer").get<QString>(), QByteArray::fromHex(j.at("decisions").get<QString>().toLatin1())};
}
static void to_json(Json& j, const ReleasedFile& f) {
    j = {{"name", f.name}, {"sha256", f.sha256}};
}
static void from_json(const Json& j, ReleasedFile& f) {
    f = {j.at("name").get<QString>(), j.at("sha256").get<QString>()};
}
static void to_json(Json& j, const ReleaseRecord& r) {
    j = {{"when", r.when.toUTC().toString(Qt::ISODate)},
         {"officer", r.officer},
         {"way", r.way},
         {"place", r.place},
         {"withdrawn", r.withdrawn},
         {"files", Json::array()}};
    for (const ReleasedFile& file : r.files) j["files"].push_back(file);
}
static void from_json(const Json& j, ReleaseRecord& r) {
    r = {QDateTime::fromString(j.at("when").get<QString>(), Qt::ISODate),
         j.at("officer").get<QString>(),
         j.at("way").get<QString>(),
         j.at("place").get<QString>(),
         j.at("withdrawn").get<QString>(),
         {}};
    for (const Json& file : j.at("files")) r.files.push_back(file.get<ReleasedFile>());
}
static void to_json(Json& j, const std::optional<DestroyDay>& d) {
    j = nullptr;
    if (d) j = {{"day", d->day.toString(Qt::ISODate)}, {"reason", d->reason}};
}
static std::optional<DestroyDay> destroyDayFrom(const Json& j) {
    if (j.is_null()) return std::nullopt;
    return DestroyDay{QDate::fromString(j.at("day").get<QString>(), Qt::ISODate), j.at("reason").get<QString>()};
}
static void to_json(Json& j, const Capture& c) {
    j = {{"id", c.id},       {"name", c.name},         {"origin", c.origin},        {"picture", c.picture},
         {"size", c.size},   {"joined", c.joined},     {"areas_read", c.areasRead}, {"corrections", c.corrections},
         {"hands", c.hands}, {"readings", c.readings}, {"known", c.known},          {"rulings", Json::array()}};
    for (const auto& [finding, ruling] : c.rulings) j["rulings"].push_back({finding, ruling});
    if (!c.framing.isPlain()) j["framing"] = c.framing;
    if (!c.marks.empty()) j["marks"] = c.marks;
}
static void from_json(const Json& j, Capture& c) {
    c.id = j.at("id").get<int>();
    c.name = j.at("name").get<QString>();
    c.origin = j.at("origin").get<QString>();
    c.picture = j.at("picture").get<PictureId>();
    c.size = j.at("size").get<QSize>();
    c.joined = joinedFrom(j.at("joined"));
    c.areasRead = j.at("areas_read").get<std::vector<AreaReading>>();
    c.corrections = j.at("corrections").get<std::vector<Correction>>();
    c.hands = j.at("hands").get<std::vector<HandCover>>();
    c.readings = j.at("readings").get<std::vector<PictureReading>>();
    c.known = j.at("known").get<std::vector<KnownFinding>>();
    for (const Json& ruling : j.at("rulings")) c.rulings[ruling.at(0).get<int>()] = ruling.at(1).get<Ruling>();
    if (j.contains("framing")) c.framing = j["framing"].get<Framing>();
    if (j.contains("marks")) c.marks = j["marks"].get<std::vector<Mark>>();
}

namespace {

Json policyJson(const std::shared_ptr<const Policy>& policy) {
    return QString::fromUtf8(writePolicy(*policy));
}

std::shared_ptr<const Policy> policyFrom(const Json& j) {
    auto policy = parseWrittenPolicy(j.get<QString>().toUtf8(), Tr::tr("the case's policy"));
    if (!policy) throw Damaged("a policy that cannot be used");
    return std::make_shared<const Policy>(std::move(*policy));
}

template <typename T> Json arrayOf(const QList<T>& list) {
    Json all = Json::array();
    for (const T& entry : list) all.push_back(entry);
    return all;
}

template <typename T> QList<T> listFrom(const Json& j) {
    QList<T> list;
    for (const Json& entry : j) list.push_back(entry.get<T>());
    return list;
}

Json pairsJson(const std::map<int, int>& pairs) {
    Json all = Json::array();
    for (const auto& [from, to] : pairs) all.push_back({from, to});
    return all;
}

// None where the key is not there, as in older versions.
std::map<int, int> pairsFrom(const Json& j, const char* key) {
    std::map<int, int> pairs;
    if (j.contains(key))
        for (const Json& pair : j[key]) pairs[pair.at(0).get<int>()] = pair.at(1).get<int>();
    return pairs;
}

// Each edit as an object of one key, its name.
struct EditJson {
    Json operator()(const SetName& e) const { return {{"set_name", e.name}}; }
    Json operator()(const SetDestroyDay& e) const { return {{"set_destroy_day", e.day}}; }
    Json operator()(const SetLooks& e) const { return {{"set_looks", arrayOf(e.looks)}}; }
    Json operator()(const SetCaptureName& e) const {
        return {{"set_capture_name", {{"capture", e.capture}, {"name", e.name}}}};
    }
    Json operator()(const MoveCapture& e) const { return {{"move_capture", {{"capture", e.capture}, {"to", e.to}}}}; }
    Json operator()(const SetPolicy& e) const { return {{"set_policy", policyJson(e.policy)}}; }
    Json operator()(const SetWatchWords& e) const { return {{"set_watch_words", e.words}}; }
    Json operator()(const SetLanguages& e) const { return {{"set_languages", e.languages}}; }
    Json operator()(const PutCapture& e) const { return {{"put_capture", {{"at", e.at}, {"capture", e.capture}}}}; }
    Json operator()(const TakeCapture& e) const { return {{"take_capture", e.capture}}; }
    Json operator()(const SetPicture& e) const {
        return {{"set_picture",
                 {{"capture", e.capture},
                  {"picture", e.picture},
                  {"size", e.size},
                  {"joined", e.joined},
                  {"known", e.known}}}};
    }
    Json operator()(const SetJoins& e) const { return {{"set_joins", {{"capture", e.capture}, {"joined", e.joined}}}}; }
    Json operator()(const SetWords& e) const {
        return {{"set_words", {{"capture", e.capture}, {"areas_read", e.areasRead}, {"corrections", e.corrections}}}};
    }
    Json operator()(const SetRuling& e) const {
        return {{"set_ruling", {{"capture", e.capture}, {"finding", e.finding}, {"ruling", e.ruling}}}};
    }
    Json operator()(const PutFinding& e) const {
        return {{"put_finding", {{"capture", e.capture}, {"at", e.at}, {"finding", e.finding}}}};
    }
    Json operator()(const TakeFinding& e) const {
        return {{"take_finding", {{"capture", e.capture}, {"finding", e.finding}}}};
    }
    Json operator()(const SetSameIdentity& e) const { return {{"set_same_identity", {e.number, e.lead}}}; }
    Json operator()(const SetOwnIdentity& e) const { return {{"set_own_identity", {e.finding, e.number}}}; }
    Json operator()(const PutHand& e) const {
        return {{"put_hand", {{"capture", e.capture}, {"at", e.at}, {"hand", e.hand}}}};
    }
    Json operator()(const TakeHand& e) const { return {{"take_hand", {{"capture", e.capture}, {"hand", e.hand}}}}; }
    Json operator()(const SetHand& e) const { return {{"set_hand", {{"capture", e.capture}, {"hand", e.hand}}}}; }
    Json operator()(const PutMark& e) const {
        return {{"put_mark", {{"capture", e.capture}, {"at", e.at}, {"mark", e.mark}}}};
    }
    Json operator()(const TakeMark& e) const { return {{"take_mark", {{"capture", e.capture}, {"mark", e.mark}}}}; }
    Json operator()(const SetMark& e) const { return {{"set_mark", {{"capture", e.capture}, {"mark", e.mark}}}}; }
    Json operator()(const SetFraming& e) const {
        return {{"set_framing", {{"capture", e.capture}, {"framing", e.framing}}}};
    }
    Json operator()(const SetPasses& e) const { return {{"set_passes", arrayOf(e.passes)}}; }
};

Edit captureEditFrom(const std::string& name, const Json& e) {
    const int capture = e.at("capture").get<int>();
    if (name == "set_picture")
        return SetPicture{capture, e.at("picture").get<PictureId>(), e.at("size").get<QSize>(),
                          joinedFrom(e.at("joined")), e.at("known").get<std::vector<KnownFinding>>()};
    if (name == "set_capture_name") return SetCaptureName{capture, e.at("name").get<QString>()};
    if (name == "move_capture") return MoveCapture{capture, e.at("to").get<qsizetype>()};
    if (name == "set_joins") return SetJoins{capture, joinedFrom(e.at("joined"))};
    if (name == "set_words")
        return SetWords{capture, e.at("areas_read").get<std::vector<AreaReading>>(),
                        e.at("corrections").get<std::vector<Correction>>()};
    if (name == "set_ruling") return SetRuling{capture, e.at("finding").get<int>(), e.at("ruling").get<Ruling>()};
    if (name == "put_finding")
        return PutFinding{capture, e.at("at").get<size_t>(), e.at("finding").get<KnownFinding>()};
    if (name == "take_finding") return TakeFinding{capture, e.at("finding").get<int>()};
    if (name == "put_hand") return PutHand{capture, e.at("at").get<size_t>(), e.at("hand").get<HandCover>()};
    if (name == "take_hand") return TakeHand{capture, e.at("hand").get<int>()};
    if (name == "set_hand") return SetHand{capture, e.at("hand").get<HandCover>()};
    if (name == "put_mark") return PutMark{capture, e.at("at").get<size_t>(), e.at("mark").get<Mark>()};
    if (name == "take_mark") return TakeMark{capture, e.at("mark").get<int>()};
    if (name == "set_mark") return SetMark{capture, e.at("mark").get<Mark>()};
    if (name == "set_framing") return SetFraming{capture, e.at("framing").get<Framing>()};
    throw Damaged("an unknown edit");
}

Edit editFrom(const Json& j) {
    if (!j.is_object() || j.size() != 1) throw Damaged("no edit");
    const std::string& name = j.begin().key();
    const Json& e = j.begin().value();
    if (name == "set_name") return SetName{e.get<QString>()};
    if (name == "set_destroy_day") return SetDestroyDay{destroyDayFrom(e)};
    if (name == "set_looks") return SetLooks{listFrom<SecondLook>(e)};
    if (name == "set_policy") return SetPolicy{policyFrom(e)};
    if (name == "set_watch_words") return SetWatchWords{e.get<QStringList>()};
    if (name == "set_languages") return SetLanguages{e.get<QString>()};
    if (name == "put_capture") return PutCapture{e.at("at").get<qsizetype>(), e.at("capture").get<Capture>()};
    if (name == "take_capture") return TakeCapture{e.get<int>()};
    if (name == "set_passes") return SetPasses{listFrom<CapturePass>(e)};
    if (name == "set_same_identity") return SetSameIdentity{e.at(0).get<int>(), e.at(1).get<int>()};
    if (name == "set_own_identity") return SetOwnIdentity{e.at(0).get<int>(), e.at(1).get<int>()};
    return captureEditFrom(name, e);
}

Change changeFrom(const Json& j) {
    Change change{j.at("name").get<QString>(), {}};
    for (const Json& edit : j.at("edits")) change.edits.push_back(editFrom(edit));
    return change;
}

CaseState stateFrom(const Json& j) {
    CaseState state;
    state.name = j.at("name").get<QString>();
    state.begun = QDate::fromString(textOr(j, "begun"), Qt::ISODate);
    if (j.contains("destroy_day")) state.destroyDay = destroyDayFrom(j["destroy_day"]);
    if (j.contains("looks")) state.looks = listFrom<SecondLook>(j["looks"]);
    if (j.contains("releases")) state.releases = listFrom<ReleaseRecord>(j["releases"]);
    state.terms = {policyFrom(j.at("policy")), j.at("watch_words").get<QStringList>(),
                   j.at("languages").get<QString>()};
    state.captures = listFrom<Capture>(j.at("captures"));
    state.passes = listFrom<CapturePass>(j.at("passes"));
    state.identities = Identities::restored(j.at("identities").get<QStringList>(), pairsFrom(j, "same_identities"),
                                            pairsFrom(j, "own_identities"));
    state.nextCapture = j.at("next_capture").get<int>();
    state.nextId = j.at("next_id").get<int>();
    for (Capture& capture : state.captures) {
        capture.page = pageOf(capture, state.terms.languages);
        capture.reading = capture.page ? Capture::Reading::Done : Capture::Reading::Waiting;
    }
    return state;
}

Json stateJson(const CaseState& state) {
    return {{"name", state.name},
            {"begun", state.begun.toString(Qt::ISODate)},
            {"destroy_day", state.destroyDay},
            {"looks", arrayOf(state.looks)},
            {"releases", arrayOf(state.releases)},
            {"policy", policyJson(state.terms.policy)},
            {"watch_words", state.terms.watchWords},
            {"languages", state.terms.languages},
            {"captures", arrayOf(state.captures)},
            {"passes", arrayOf(state.passes)},
            {"identities", state.identities.keys()},
            {"same_identities", pairsJson(state.identities.same())},
            {"own_identities", pairsJson(state.identities.own())},
            {"next_capture", state.nextCapture},
            {"next_id", state.nextId}};
}

QByteArray written(const Json& j) {
    return QByteArray::fromStdString(j.dump(-1, ' ', false, Json::error_handler_t::replace));
}

template <typename T> Result<T> readBack(const std::function<T()>& read) {
    try {
        return read();
    } catch (const std::exception&) { // of the JSON libraries', or Damaged
        return Error{Error::Kind::BadInput, Tr::tr("This record of a case is damaged.")};
    }
}

template <typename T> Result<T> readBack(const QByteArray& json, T (*from)(const Json&)) {
    return readBack<T>([&] { return from(Json::parse(json.begin(), json.end())); });
}

} // namespace

QByteArray changeToJson(const Change& change) {
    Json edits = Json::array();
    for (const Edit& edit : change.edits) edits.push_back(std::visit(EditJson(), edit));
    return written({{"name", change.name}, {"edits", edits}});
}

Result<Change> changeFromJson(const QByteArray& json) {
    return readBack(json, changeFrom);
}

QByteArray captureToJson(const Capture& capture) {
    Capture bare = capture;
    bare.readings.clear();
    return written(bare);
}

Result<Capture> captureFromJson(const QByteArray& json) {
    return readBack<Capture>(json, [](const Json& j) { return j.get<Capture>(); });
}

QByteArray readingsToJson(const std::vector<PictureReading>& readings) {
    return written(readings);
}

Result<std::vector<PictureReading>> readingsFromJson(const QByteArray& json) {
    return readBack<std::vector<PictureReading>>([&] { return pictureReadingsFrom(json); });
}

QByteArray headToJson(const CaseHead& head) {
    return written({{"case", stateJson(head.state)},
                    {"captures", head.captures},
                    {"done", head.done},
                    {"undone", head.undone},
                    {"secret", QString::fromLatin1(head.secret.toHex())}});
}

Result<CaseHead> headFromJson(const QByteArray& json) {
    return readBack<CaseHead>(json, [](const Json& j) {
        return CaseHead{stateFrom(j.at("case")), j.at("captures").get<std::vector<int>>(), j.at("done").get<size_t>(),
                        j.at("undone").get<size_t>(), QByteArray::fromHex(j.at("secret").get<QString>().toLatin1())};
    });
}

QByteArray stateToJson(const CaseState& state) {
    return written(stateJson(state));
}

Result<CaseState> stateFromJson(const QByteArray& json) {
    return readBack(json, stateFrom);
}

} // namespace eyelid
