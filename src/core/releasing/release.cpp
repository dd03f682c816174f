#include "releasing/release.h"

#include "base/files.h"
#include "base/sentence.h"
#include "base/version.h"
#include "picture/picture_file.h"
#include "releasing/digest.h"

#include <algorithm>
#include <nlohmann/json.hpp>

namespace eyelid {
namespace {

using OrderedJson = nlohmann::ordered_json;

OrderedJson rectJson(const QRect& r) {
    return OrderedJson::array({r.x(), r.y(), r.width(), r.height()});
}

std::string text(const QString& s) {
    return s.toStdString();
}

// The code in words.
QString sortName(Leak::Sort sort) {
    if (sort == Leak::Sort::Extra) return Tr::tr("extra bytes or metadata");
    return leakCode(sort).replace(u'-', u' ');
}

OrderedJson leakJson(const Leak& leak) {
    OrderedJson j;
    j["code"] = text(leakCode(leak.sort));
    j["what"] = text(sortName(leak.sort));
    // Where a covered value can be read, and of which kind it is, would tell what the cover hides.
    if (leak.sort == Leak::Sort::CoveredValue) {
        j["sentence"] = text(Tr::tr("A value that is covered can be read on this picture."));
        return j;
    }
    if (!leak.finding.boxes.empty()) j["kind"] = text(kindName(leak.finding.kind));
    if (!leak.place.isNull()) j["box"] = rectJson(leak.place.toAlignedRect());
    j["sentence"] = text(leak.sentence);
    return j;
}

// What the check says of the file by itself. That a covered value can be read elsewhere depends on what is covered: it
// stands in the way of a release, and is told to whoever makes it, but only as something let pass does it get here.
OrderedJson checkJson(const LogEntry& entry) {
    OrderedJson remarks = OrderedJson::array();
    for (const Leak& leak : entry.leaks)
        if (leak.sort != Leak::Sort::CoveredValue) remarks.push_back(leakJson(leak));
    const bool failed = !remarks.empty();
    for (const Pass& pass : entry.passes) {
        OrderedJson j = leakJson(pass.leak);
        j["let_pass_because"] = text(pass.reason);
        remarks.push_back(j);
    }
    OrderedJson check;
    check["result"] = failed ? "failed" : entry.passes.empty() ? "clean" : "let pass";
    check["remarks"] = remarks;
    return check;
}

// Why something was covered or kept, as far as that does not depend on its value.
QString reasonOf(const Finding& finding) {
    if (finding.kind == Kind::Watch) return Tr::tr("is on a watch list");
    if (finding.kind == Kind::Illegible) return finding.reason;
    return sentence(Tr::tr("was found as: %1"), kindTitle(finding.kind));
}

// A row of the log, and the place it is sorted by.
struct Row {
    QRect place;
    OrderedJson json;
};

Row itemRow(const Item& item, const std::vector<QRect>& boxes, const QByteArray& secret) {
    OrderedJson j;
    j["kind"] = text(kindName(item.finding.kind));
    j["decision"] = text(decisionName(item.decision));
    j["boxes"] = OrderedJson::array();
    for (const QRect& r : boxes) j["boxes"].push_back(rectJson(r));
    if (item.decision == Decision::Cover) j["style"] = text(styleName(item.look.style));
    j["reason_code"] = item.byHand ? "by-officer" : item.finding.kind == Kind::Watch ? "watch-list" : "found";
    // What an officer wrote has been searched for values of the case (CaseWork::make).
    j["reason"] = text(item.byHand ? item.finding.reason : reasonOf(item.finding));
    if (!item.finding.ground.isEmpty()) j["ground"] = text(item.finding.ground);
    if (item.identity > 0) j["digest"] = text(identityDigest(secret, item.identity));
    return {boxes.front(), j};
}

Row handRow(const HandCover& hand, const QRect& place) {
    OrderedJson j;
    j["kind"] = "area";
    j["decision"] = text(decisionName(Decision::Cover));
    j["boxes"] = OrderedJson::array({rectJson(place)});
    j["style"] = text(styleName(hand.look.style));
    j["reason_code"] = "by-hand";
    j["reason"] = text(Tr::tr("was covered by hand"));
    return {place, j};
}

// The drawn covers a place is under: never the place within them.
std::vector<QRect> drawnOver(const std::vector<QRect>& places, const CoverLook& look,
                             const std::vector<Cover>& covers) {
    std::vector<QRect> boxes;
    for (const QRect& own : places) {
        const auto over = std::find_if(covers.begin(), covers.end(), [&](const Cover& cover) {
            return cover.look == look && cover.bounds().contains(own);
        });
        if (over != covers.end() && std::find(boxes.begin(), boxes.end(), over->bounds()) == boxes.end())
            boxes.push_back(over->bounds());
    }
    return boxes;
}

// Where boxes of the capture are in the released picture; those that were cut away are in none.
std::vector<QRect> shownBoxes(const std::vector<QRect>& boxes, const LogEntry& entry) {
    if (entry.decided.framing.isPlain()) return boxes;
    const FramedGeometry geometry = geometryOf(entry.decided.framing, entry.capture);
    std::vector<QRect> shown;
    for (const QRect& box : boxes)
        if (const QRect there = geometry.mapped(QRectF(box)).toAlignedRect(); !there.isEmpty()) shown.push_back(there);
    return shown;
}

OrderedJson itemsJson(const LogEntry& entry, const LogInput& input) {
    const auto covers = coversOf(entry.decided, entry.capture);
    const QRegion byHand = handRegion(entry.decided, entry.capture);
    std::vector<Row> rows;
    for (const Item& item : entry.decided.items) {
        const auto own = coverRects(item.finding, entry.capture, entry.decided.evenWidth);
        // What was found under a cover drawn by hand is the cover's secret.
        if (std::all_of(own.begin(), own.end(),
                        [&](const QRect& r) { return QRegion(r).subtracted(byHand).isEmpty(); }))
            continue;
        const auto boxes =
            shownBoxes(item.decision == Decision::Cover ? drawnOver(own, item.look, covers) : own, entry);
        if (!boxes.empty()) rows.push_back(itemRow(item, boxes, input.secret));
    }
    for (const HandCover& hand : entry.decided.hands) {
        const QRect bounds = handRegion(hand, entry.capture, entry.decided.evenWidth).boundingRect();
        for (const QRect& place : shownBoxes(drawnOver({bounds}, hand.look, covers), entry))
            rows.push_back(handRow(hand, place));
    }
    std::stable_sort(rows.begin(), rows.end(), [](const Row& a, const Row& b) {
        return a.place.top() != b.place.top() ? a.place.top() < b.place.top() : a.place.left() < b.place.left();
    });
    OrderedJson items = OrderedJson::array();
    for (Row& row : rows)
        if (items.empty() || items.back() != row.json) items.push_back(std::move(row.json));
    return items;
}

// What was done to the picture besides covering, in words.
OrderedJson framingJson(const Framing& framing, bool transparent) {
    OrderedJson done = OrderedJson::array();
    const std::pair<bool, const char*> all[] = {{!framing.crop.isNull(), "cropped"},
                                                {framing.angle != 0, "straightened"},
                                                {framing.quarters != 0, "turned"},
                                                {framing.mirrored, "mirrored"},
                                                {framing.edge != Framing::Edge::None, "edge"},
                                                {!framing.canvas.isNull(), "canvas"},
                                                {framing.resize.by != Resize::By::No, "resized"},
                                                {framing.border > 0 || framing.corner > 0, "border"},
                                                {framing.shadow > 0, "shadow"},
                                                {transparent, "transparent"}};
    for (const auto& [is, name] : all)
        if (is) done.push_back(name);
    return done;
}

} // namespace

QByteArray redactionLog(const LogInput& input) {
    OrderedJson root;
    root["format"] = "eyelid redaction log";
    root["version"] = 3;
    root["program"] = {{"name", "eyelid"}, {"version", versionString}};
    OrderedJson policy;
    policy["name"] = text(input.policy->name);
    policy["kinds"] = OrderedJson::array();
    for (Kind kind : allKinds())
        if (input.policy->looksFor(kind))
            policy["kinds"].push_back(
                {{"kind", text(kindName(kind))}, {"threshold", input.policy->rule(kind).threshold}});
    root["policy"] = policy;
    root["languages"] = text(input.languages);
    if (input.twoOfficers) root["looked_over"] = "two officers"; // never who
    root["files"] = OrderedJson::array();
    for (const LogEntry& entry : input.entries) {
        OrderedJson file;
        file["file"] = text(entry.fileName);
        if (entry.page > 0) file["page"] = entry.page;
        file["width"] = entry.size.width();
        file["height"] = entry.size.height();
        file["sha256"] = text(entry.sha256);
        if (const OrderedJson framing = framingJson(entry.decided.framing, entry.transparent); !framing.empty())
            file["framing"] = framing;
        if (!entry.decided.marks.empty()) file["marks"] = entry.decided.marks.size();
        const OrderedJson items = itemsJson(entry, input);
        const auto replaced = std::count_if(items.begin(), items.end(), [](const OrderedJson& item) {
            return item.value("style", std::string()) == styleName(CoverStyle::StandIn).toStdString();
        });
        if (replaced > 0) file["values_replaced"] = replaced;
        file["items"] = items;
        file["check"] = checkJson(entry);
        root["files"].push_back(file);
    }
    return QByteArray::fromStdString(root.dump(2, ' ', false, OrderedJson::error_handler_t::replace)) + '\n';
}

QString redactionLogName() {
    return QStringLiteral("redaction-log.json");
}

QString overwritten(const QStringList& outputs, const QStringList& inputs) {
    for (const QString& output : outputs)
        for (const QString& input : inputs)
            if (sameFile(output, input)) return output;
    return {};
}

Result<QStringList> writeRelease(const QString& folder, const std::vector<Artifact>& files, bool replace) {
    if (auto made = makeFolder(folder); !made) return made.error();
    FileSet set;
    QStringList paths;
    for (const Artifact& file : files) {
        paths << fullPath(joinedPath(folder, file.fileName));
        if (auto staged = set.stage(paths.last(), file.bytes); !staged) return staged.error();
    }
    if (auto done = set.commit(replace); !done) return done.error();
    return paths;
}

} // namespace eyelid
