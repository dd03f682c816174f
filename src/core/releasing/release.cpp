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

using Json = nlohmann::ordered_json;

Json rectJson(const QRect& r) {
    return Json::array({r.x(), r.y(), r.width(), r.height()});
}

std::string text(const QString& s) {
    return s.toStdString();
}

const char* sortName(Leak::Sort sort) {
    switch (sort) {
    case Leak::Sort::Structure:
        return "structure";
    case Leak::Sort::Extra:
        return "extra bytes or metadata";
    case Leak::Sort::Transparency:
        return "transparency";
    case Leak::Sort::Cover:
        return "cover";
    case Leak::Sort::Found:
        return "found";
    case Leak::Sort::CoveredValue:
        return "covered value";
    case Leak::Sort::Name:
        return "name";
    }
    return "";
}

Json leakJson(const Leak& leak) {
    Json j;
    j["what"] = sortName(leak.sort);
    // Where a covered value can be read, and of which kind it is, would tell what the cover hides.
    if (leak.sort == Leak::Sort::CoveredValue) {
        j["sentence"] = "A value that is covered can be read on this picture.";
        return j;
    }
    if (leak.finding.kind != Kind::Area) j["kind"] = text(kindName(leak.finding.kind));
    if (!leak.place.isNull()) j["box"] = rectJson(leak.place.toAlignedRect());
    j["sentence"] = text(leak.sentence);
    return j;
}

// What the check says of the file by itself. That a covered value can be read elsewhere depends on what is covered: it
// stands in the way of a release, and is told to whoever makes it, but only as something let pass does it get here.
Json checkJson(const LogEntry& entry) {
    Json remarks = Json::array();
    for (const Leak& leak : entry.leaks)
        if (leak.sort != Leak::Sort::CoveredValue) remarks.push_back(leakJson(leak));
    const bool failed = !remarks.empty();
    for (const Override& o : entry.overrides) {
        Json j = leakJson(o.leak);
        j["let_pass_because"] = text(o.reason);
        remarks.push_back(j);
    }
    Json check;
    check["result"] = failed ? "failed" : entry.overrides.empty() ? "clean" : "let pass";
    check["remarks"] = remarks;
    return check;
}

// Why something was covered or kept, as far as that does not depend on its value.
QString reasonOf(const Finding& finding) {
    switch (finding.kind) {
    case Kind::Area:
        return QStringLiteral("was covered by hand");
    case Kind::Watch:
        return QStringLiteral("is on a watch list");
    default:
        return sentence(u"was found as: %1", kindTitle(finding.kind));
    }
}

Json itemJson(const Item& item, const std::vector<QRect>& boxes, const QByteArray& secret) {
    Json j;
    j["kind"] = text(kindName(item.finding.kind));
    j["decision"] = text(decisionName(item.decision));
    j["boxes"] = Json::array();
    for (const QRect& r : boxes) j["boxes"].push_back(rectJson(r));
    if (item.decision == Decision::Cover) j["style"] = text(styleName(item.style));
    j["reason"] = text(reasonOf(item.finding));
    if (!item.finding.ground.isEmpty()) j["ground"] = text(item.finding.ground);
    if (item.identity > 0) j["digest"] = text(identityDigest(secret, item.identity));
    return j;
}

// The drawn covers an item is under: never its own place within them.
std::vector<QRect> drawnOver(const Item& item, const std::vector<Cover>& covers, const QSize& picture, int evenWidth) {
    std::vector<QRect> boxes;
    for (const QRect& own : coverRects(item.finding, picture, evenWidth)) {
        const auto over = std::find_if(covers.begin(), covers.end(), [&](const Cover& cover) {
            return cover.style == item.style && cover.strength == item.strength && cover.rect.contains(own);
        });
        if (over != covers.end() && std::find(boxes.begin(), boxes.end(), over->rect) == boxes.end())
            boxes.push_back(over->rect);
    }
    return boxes;
}

Json itemsJson(const LogEntry& entry, const LogInput& input) {
    const int evenWidth = input.policy->evenWidth;
    const auto covers = coversOf(entry.items, entry.size, evenWidth);
    const auto byHand = handCovers(entry.items, entry.size, evenWidth);
    struct Row {
        std::vector<QRect> boxes;
        Json json;
    };
    std::vector<Row> rows;
    for (const Item& item : entry.items) {
        const auto own = coverRects(item.finding, entry.size, evenWidth);
        const bool hidden =
            item.finding.kind != Kind::Area && std::all_of(own.begin(), own.end(), [&](const QRect& r) {
                return std::any_of(byHand.begin(), byHand.end(), [&](const QRect& hand) { return hand.contains(r); });
            });
        // What was found under a cover drawn by hand is the cover's secret.
        if (hidden) continue;
        const auto boxes = item.decision == Decision::Cover ? drawnOver(item, covers, entry.size, evenWidth) : own;
        if (!boxes.empty()) rows.push_back({boxes, itemJson(item, boxes, input.secret)});
    }
    std::stable_sort(rows.begin(), rows.end(), [](const Row& a, const Row& b) {
        const QRect &x = a.boxes.front(), &y = b.boxes.front();
        return x.top() != y.top() ? x.top() < y.top() : x.left() < y.left();
    });
    Json items = Json::array();
    for (Row& row : rows)
        if (items.empty() || items.back() != row.json) items.push_back(std::move(row.json));
    return items;
}

} // namespace

Result<QByteArray> sanitisedPng(const QImage& capture, const std::vector<Cover>& covers) {
    QByteArray png = encodePng(render(capture, covers));
    if (png.isEmpty())
        return Error{Error::Kind::NotWritable,
                     QStringLiteral("The picture could not be made: there is too little memory.")};
    return png;
}

QByteArray redactionLog(const LogInput& input) {
    Json root;
    root["format"] = "eyelid redaction log";
    root["version"] = 2;
    root["program"] = {{"name", "eyelid"}, {"version", versionString}};
    Json policy;
    policy["name"] = text(input.policy->name);
    policy["kinds"] = Json::array();
    for (Kind kind : findableKinds())
        if (input.policy->looksFor(kind))
            policy["kinds"].push_back(
                {{"kind", text(kindName(kind))}, {"threshold", input.policy->rule(kind).threshold}});
    root["policy"] = policy;
    root["languages"] = text(input.languages);
    root["files"] = Json::array();
    for (const LogEntry& entry : input.entries) {
        Json file;
        file["file"] = text(entry.fileName);
        file["width"] = entry.size.width();
        file["height"] = entry.size.height();
        file["sha256"] = text(entry.sha256);
        file["items"] = itemsJson(entry, input);
        file["check"] = checkJson(entry);
        root["files"].push_back(file);
    }
    return QByteArray::fromStdString(root.dump(2, ' ', false, Json::error_handler_t::replace)) + '\n';
}

QString redactionLogName() {
    return QStringLiteral("redaction-log.json");
}

QString releaseName(const QString& stem, qsizetype number, qsizetype count) {
    const int width = std::max(2, int(QString::number(count).size()));
    return sentence(u"%1-%2.png", stem, QString::number(number).rightJustified(width, u'0'));
}

QString overwritten(const QStringList& outputs, const QStringList& inputs) {
    for (const QString& output : outputs)
        for (const QString& input : inputs)
            if (sameFile(output, input)) return output;
    return {};
}

Result<QStringList> writeRelease(const QString& folder, const std::vector<Artifact>& artifacts, const QByteArray& log,
                                 bool replace) {
    if (auto made = makeFolder(folder); !made) return made.error();
    FileSet files;
    QStringList paths;
    for (const Artifact& artifact : artifacts) {
        paths << fullPath(joinedPath(folder, artifact.fileName));
        if (auto staged = files.stage(paths.last(), artifact.bytes); !staged) return staged.error();
    }
    paths << fullPath(joinedPath(folder, redactionLogName()));
    if (auto staged = files.stage(paths.last(), log); !staged) return staged.error();
    if (auto done = files.commit(replace); !done) return done.error();
    return paths;
}

} // namespace eyelid
