#include "releasing/destinations/ways.h"

#include "base/files.h"
#include "base/qt_json.h"
#include "base/sentence.h"

#include <algorithm>
#include <QFileInfo>
#include <QStandardPaths>

namespace eyelid {
namespace {

using Json = nlohmann::json;

constexpr std::pair<Clash, const char*> clashCodes[] = {
    {Clash::Refuse, "refuse"}, {Clash::Replace, "replace"}, {Clash::KeepBoth, "number"}};

const char* codeOf(Clash clash) {
    return std::find_if(std::begin(clashCodes), std::end(clashCodes), [&](const auto& c) { return c.first == clash; })
        ->second;
}

Json jsonOf(const Way& way) {
    Json to{{"folder", way.to.folder},   {"drop", way.to.drop},           {"mail", way.to.mail},
            {"command", way.to.command}, {"clipboard", way.to.clipboard}, {"paper", way.to.paper},
            {"screen", way.to.screen}};
    return {{"name", way.name},
            {"form", Json::parse(packed(way.form).toStdString())},
            {"clash", codeOf(way.clash)},
            {"to", std::move(to)}};
}

Json jsonOf(const DropPlace& place) {
    return {{"name", place.name},        {"address", place.address},  {"user", place.user},
            {"host_key", place.hostKey}, {"key_file", place.keyFile}, {"authority", place.authority},
            {"link", place.link},        {"days", place.days}};
}

Way wayFrom(const Json& json) {
    Way way;
    way.name = json.at("name").get<QString>();
    way.form = releaseFormFrom(QByteArray::fromStdString(json.value("form", Json::object()).dump()));
    const auto clash = json.value("clash", std::string());
    for (const auto& [value, code] : clashCodes)
        if (clash == code) way.clash = value;
    const Json to = json.value("to", Json::object());
    way.to.folder = to.value("folder", true);
    way.to.drop = to.value("drop", QString());
    way.to.mail = to.value("mail", false);
    way.to.command = to.value("command", QStringList());
    way.to.clipboard = to.value("clipboard", false);
    way.to.paper = to.value("paper", false);
    way.to.screen = to.value("screen", false);
    return way;
}

DropPlace placeFrom(const Json& json) {
    const auto text = [&](const char* key) { return json.value(key, QString()); };
    return {text("name"),     text("address"),   text("user"), text("host_key"),
            text("key_file"), text("authority"), text("link"), std::clamp(json.value("days", 0), 0, 3650)};
}

template <typename Named> std::optional<Named> named(const QList<Named>& all, const QString& name) {
    const auto it = std::find_if(all.cbegin(), all.cend(), [&](const Named& each) { return each.name == name; });
    return it == all.cend() ? std::nullopt : std::optional<Named>(*it);
}

template <typename Named> void putInto(QList<Named>& all, const Named& one) {
    const auto it = std::find_if(all.begin(), all.end(), [&](const Named& each) { return each.name == one.name; });
    if (it == all.end())
        all.push_back(one);
    else
        *it = one;
}

} // namespace

QString titleOf(const Destinations& to) {
    QStringList all;
    if (to.folder) all << Tr::tr("folder");
    if (!to.drop.isEmpty()) all << sentence(Tr::tr("drop at %1"), to.drop);
    if (to.mail) all << Tr::tr("mail draft");
    if (!to.command.isEmpty()) all << sentence(Tr::tr("command %1"), QFileInfo(to.command.first()).fileName());
    if (to.clipboard) all << Tr::tr("clipboard");
    if (to.paper) all << Tr::tr("paper");
    if (to.screen) all << Tr::tr("screen");
    return all.join(QStringLiteral(", "));
}

std::optional<Way> Ways::way(const QString& name) const {
    return named(ways, name);
}
std::optional<DropPlace> Ways::place(const QString& name) const {
    return named(places, name);
}
void Ways::put(const Way& way) {
    putInto(ways, way);
}
void Ways::put(const DropPlace& place) {
    putInto(places, place);
}

QByteArray packed(const Ways& all) {
    Json json{{"format", "eyelid ways"}, {"version", 1}, {"ways", Json::array()}, {"places", Json::array()}};
    for (const Way& way : all.ways) json["ways"].push_back(jsonOf(way));
    for (const DropPlace& place : all.places) json["places"].push_back(jsonOf(place));
    return QByteArray::fromStdString(json.dump(2)) + '\n';
}

Result<Ways> waysFrom(const QByteArray& bytes) {
    const Error none{Error::Kind::BadInput, Tr::tr("The file of ways is not one of Eyelid's, or is damaged.")};
    const Json json = Json::parse(bytes.toStdString(), nullptr, false);
    if (!json.is_object()) return none;
    Ways all;
    try {
        if (json.value("format", std::string()) != "eyelid ways") return none;
        for (const Json& way : json.value("ways", Json::array()))
            if (way.is_object() && way.contains("name")) all.put(wayFrom(way));
        for (const Json& place : json.value("places", Json::array()))
            if (DropPlace read = placeFrom(place); checkPlace(read)) all.put(read);
    } catch (const nlohmann::json::exception&) {
        return none;
    }
    return all;
}

QString waysFile() {
    return QStandardPaths::writableLocation(QStandardPaths::GenericDataLocation) + QStringLiteral("/eyelid/ways.json");
}

Result<Ways> keptWays() {
    if (!fileExists(waysFile())) return Ways{};
    auto bytes = readFile(waysFile(), 1 << 22);
    if (!bytes) return bytes.error();
    auto ways = waysFrom(*bytes);
    if (!ways) return Error{ways.error().kind, sentence(Tr::tr("%1 (%2)"), ways.error().sentence, waysFile())};
    return ways;
}

Result<Done> keepWays(const Ways& ways) {
    const QString file = waysFile();
    if (auto made = makeFolder(file.left(file.lastIndexOf(u'/'))); !made) return made;
    return writeFileWhole(file, packed(ways), true, FileMode::Private);
}

} // namespace eyelid
