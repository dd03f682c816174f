#include "releasing/release.h"

#include "base/version.h"
#include "picture/picture_file.h"
#include "releasing/digest.h"

#include <nlohmann/json.hpp>
#include <QFileInfo>

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
    }
    return "";
}

Json leakJson(const Leak& leak) {
    Json j;
    j["what"] = sortName(leak.sort);
    if (leak.finding.kind != Kind::Area) j["kind"] = text(kindName(leak.finding.kind));
    if (!leak.place.isNull()) j["box"] = rectJson(leak.place.toAlignedRect());
    j["sentence"] = text(leak.sentence);
    return j;
}

} // namespace

Result<WrittenFile> writeSanitised(const QString& path, const QImage& capture, const std::vector<Cover>& covers,
                                   bool overwrite) {
    const QByteArray png = encodePng(render(capture, covers));
    if (png.isEmpty())
        return Error{Error::Kind::NotWritable,
                     QStringLiteral("%1 could not be made: there is too little memory.").arg(path)};
    if (auto written = writeFileWhole(path, png, overwrite); !written) return written.error();
    auto back = readFile(path);
    if (!back) return back.error();
    return WrittenFile{QFileInfo(path).absoluteFilePath(), *back, sha256(*back)};
}

QByteArray redactionLog(const LogInput& input) {
    Json root;
    root["format"] = "eyelid redaction log";
    root["version"] = 1;
    root["program"] = {{"name", "eyelid"}, {"version", versionString}};
    Json policy;
    policy["name"] = text(input.policy->name);
    policy["kinds"] = Json::array();
    for (Kind kind : findableKinds())
        if (input.policy->rule(kind).on)
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
        file["items"] = Json::array();
        for (const Item& item : entry.items) {
            Json j;
            j["kind"] = text(kindName(item.finding.kind));
            j["decision"] = text(decisionName(item.decision));
            j["boxes"] = Json::array();
            for (const QRect& r : coverRects(item.finding, entry.size, input.policy->evenWidth))
                j["boxes"].push_back(rectJson(r));
            if (item.decision == Decision::Cover) j["style"] = text(styleName(item.style));
            j["reason"] = text(item.finding.reason);
            if (!item.finding.ground.isEmpty()) j["ground"] = text(item.finding.ground);
            if (item.identity > 0) j["digest"] = text(identityDigest(input.secret, item.identity));
            file["items"].push_back(j);
        }
        Json check;
        check["result"] = entry.leaks.empty() ? (entry.overrides.empty() ? "clean" : "let pass") : "failed";
        check["remarks"] = Json::array();
        for (const Leak& leak : entry.leaks) check["remarks"].push_back(leakJson(leak));
        for (const Override& o : entry.overrides) {
            Json j = leakJson(o.leak);
            j["let_pass_because"] = text(o.reason);
            check["remarks"].push_back(j);
        }
        file["check"] = check;
        root["files"].push_back(file);
    }
    return QByteArray::fromStdString(root.dump(2, ' ', false, Json::error_handler_t::replace)) + '\n';
}

QString redactionLogName() {
    return QStringLiteral("redaction-log.json");
}

} // namespace eyelid
