#include "app/window/settings.h"

#include "base/account.h"
#include "base/spoken_languages.h"
#include "finding/known_policies.h"
#include "finding/policy.h"

#include <algorithm>
#include <QSettings>
#include <QUrl>

namespace eyelid::settings {
namespace {

QVariant value(const char* key, const QVariant& usual = {}) {
    return QSettings().value(QLatin1String(key), usual);
}

void setValue(const char* key, const QVariant& value) {
    QSettings().setValue(QLatin1String(key), value);
}

constexpr const char *geometryKey = "window/geometry", *themeKey = "theme", *styleKey = "cover/style",
                     *strengthKey = "cover/strength", *colourKey = "cover/colour", *regionKey = "take/lastRegion",
                     *outlineKey = "take/lastOutline", *resolutionKey = "bringIn/dpi",
                     *languageKey = "readAgain/language", *officerKey = "officer", *goesOnKey = "review/goesOn",
                     *panelsKey = "window/panels", *overviewKey = "sheet/overview", *typeKey = "type",
                     *firstStepsKey = "firstSteps", *caseStyleKey = "newCases/style",
                     *mostDaysKey = "newCases/mostDays", *comesBackKey = "take/comesBack",
                     *bringInKey = "folders/bringIn", *releaseKey = "folders/release", *policyKey = "policy",
                     *keptLooksKey = "looksOfOnesOwn", *explainKey = "window/explain", *smallKey = "release/small",
                     *formKey = "release/form", *clashKey = "release/clash", *opensKey = "release/opens",
                     *clipboardKey = "release/clipboardSeconds", *wayKey = "release/way",
                     *destinationsKey = "release/destinations", *commandsKey = "release/commands",
                     *spokenKey = "language";

constexpr std::pair<ThemeName, const char*> themeNames[] = {
    {ThemeName::Light, "light"}, {ThemeName::Dark, "dark"}, {ThemeName::Contrast, "contrast"}};

QString keysOfCommand(const QString& command) {
    return QStringLiteral("keys/") + command;
}

QString keysOf(const QString& kind) {
    return QStringLiteral("shortcuts/") + kind;
}

// To the letter: lineOf() is for people, and may say the same of two.
QString identityOf(const QStringList& command) {
    QStringList parts;
    for (const QString& part : command) parts << QString::fromLatin1(QUrl::toPercentEncoding(part));
    return parts.join(u' ');
}

} // namespace

QByteArray windowGeometry() {
    return value(geometryKey).toByteArray();
}
void setWindowGeometry(const QByteArray& geometry) {
    setValue(geometryKey, geometry);
}

QByteArray markLook(const QString& kind) {
    return QSettings().value(QStringLiteral("marks/") + kind).toByteArray();
}
void setMarkLook(const QString& kind, const QByteArray& look) {
    QSettings().setValue(QStringLiteral("marks/") + kind, look);
}
QStringList keptLooks() {
    QStringList names;
    for (const QString& name : value(keptLooksKey).toMap().keys()) names << name;
    return names;
}
QByteArray keptLook(const QString& name) {
    return value(keptLooksKey).toMap().value(name).toByteArray();
}
void setKeptLook(const QString& name, const QByteArray& look) {
    QVariantMap all = value(keptLooksKey).toMap();
    if (look.isEmpty())
        all.remove(name);
    else
        all.insert(name, look);
    setValue(keptLooksKey, all);
}
int smallVersions() {
    return std::clamp(value(smallKey, 0).toInt(), 0, 4000);
}
void setSmallVersions(int side) {
    setValue(smallKey, side);
}
ReleaseForm releaseForm() {
    return releaseFormFrom(value(formKey).toByteArray());
}
void setReleaseForm(const ReleaseForm& form) {
    setValue(formKey, packed(form));
}
Clash releaseClash() {
    const int kept = value(clashKey, int(Clash::KeepBoth)).toInt();
    return kept == int(Clash::Replace) ? Clash::Replace : kept == int(Clash::Refuse) ? Clash::Refuse : Clash::KeepBoth;
}
void setReleaseClash(Clash clash) {
    setValue(clashKey, int(clash));
}
bool opensReleased() {
    return value(opensKey, false).toBool();
}
void setOpensReleased(bool opens) {
    setValue(opensKey, opens);
}
bool explainShown() {
    return value(explainKey, false).toBool();
}
void setExplainShown(bool shown) {
    setValue(explainKey, shown);
}

QByteArray panelSizes() {
    return value(panelsKey).toByteArray();
}
void setPanelSizes(const QByteArray& sizes) {
    setValue(panelsKey, sizes);
}
bool isFolded(const QString& panel) {
    return QSettings().value(QStringLiteral("window/folded/") + panel, false).toBool();
}
void setFolded(const QString& panel, bool folded) {
    QSettings().setValue(QStringLiteral("window/folded/") + panel, folded);
}
bool overviewShown() {
    return value(overviewKey, true).toBool();
}
void setOverviewShown(bool shown) {
    setValue(overviewKey, shown);
}

std::optional<ThemeName> theme() {
    const QString name = value(themeKey).toString();
    for (const auto& [one, called] : themeNames)
        if (name == QLatin1String(called)) return one;
    return std::nullopt;
}
void setTheme(ThemeName theme) {
    for (const auto& [one, called] : themeNames)
        if (one == theme) setValue(themeKey, QLatin1String(called));
}
int typePercent() {
    return std::clamp(value(typeKey, 100).toInt(), 100, 200);
}
void setTypePercent(int percent) {
    setValue(typeKey, percent);
}

bool knowsFirstSteps() {
    return value(firstStepsKey, false).toBool();
}
void setKnowsFirstSteps(bool knows) {
    setValue(firstStepsKey, knows);
}

QString officerName() {
    if (const QString name = value(officerKey).toString(); !name.isEmpty()) return name;
    return accountName();
}
void setOfficerName(const QString& name) {
    setValue(officerKey, name.trimmed());
}

QString policyName() {
    const QString name = value(policyKey).toString();
    const auto all = knownPolicies();
    const bool known =
        std::any_of(all.cbegin(), all.cend(), [&](const KnownPolicy& each) { return each.name == name; });
    return known ? name : all.front().name;
}
void setPolicyName(const QString& name) {
    setValue(policyKey, name);
}

bool goesOn() {
    return value(goesOnKey, true).toBool();
}
void setGoesOn(bool goesOn) {
    setValue(goesOnKey, goesOn);
}

std::optional<CoverStyle> caseStyle() {
    return styleFromName(value(caseStyleKey).toString());
}
void setCaseStyle(std::optional<CoverStyle> style) {
    setValue(caseStyleKey, style ? styleName(*style) : QString());
}

int mostDays() {
    return std::max(0, value(mostDaysKey, 0).toInt());
}
void setMostDays(int days) {
    setValue(mostDaysKey, days);
}

Policy forNewCases(Policy policy) {
    if (const auto style = caseStyle())
        for (KindRule& rule : policy.kinds) rule.style = *style;
    int& days = policy.retention.days;
    if (const int most = mostDays(); most > 0) days = days > 0 ? std::min(days, most) : most;
    return policy;
}

bool comesBack() {
    return value(comesBackKey, true).toBool();
}
void setComesBack(bool comesBack) {
    setValue(comesBackKey, comesBack);
}

QString bringInFolder() {
    return value(bringInKey).toString();
}
void setBringInFolder(const QString& folder) {
    setValue(bringInKey, folder);
}
QString releaseFolder() {
    return value(releaseKey).toString();
}
void setReleaseFolder(const QString& folder) {
    setValue(releaseKey, folder);
}

std::optional<QList<QKeySequence>> commandKeys(const QString& command) {
    const QVariant kept = QSettings().value(keysOfCommand(command));
    if (!kept.isValid()) return std::nullopt;
    return QKeySequence::listFromString(kept.toString(), QKeySequence::PortableText);
}
void setCommandKeys(const QString& command, const std::optional<QList<QKeySequence>>& keys) {
    if (keys)
        QSettings().setValue(keysOfCommand(command), QKeySequence::listToString(*keys, QKeySequence::PortableText));
    else
        QSettings().remove(keysOfCommand(command));
}

CoverLook handLook() {
    const int style = value(styleKey, 0).toInt();
    return {CoverStyle(style >= 0 && style <= int(CoverStyle::Label) ? style : 0),
            value(strengthKey, 50).toInt() / 100.0,
            colourFromName(value(colourKey).toString()).value_or(CoverColour::Aubergine)};
}
void setHandLook(const CoverLook& look) {
    setValue(styleKey, int(look.style));
    setValue(strengthKey, qRound(100 * look.strength));
    setValue(colourKey, colourName(look.colour));
}

QRect lastRegion() {
    return value(regionKey).toRect();
}
QPolygon lastOutline() {
    return value(outlineKey).value<QPolygon>();
}
void setLastRegion(const QRect& region, const QPolygon& outline) {
    setValue(regionKey, region);
    setValue(outlineKey, QVariant::fromValue(outline));
}

int pageResolution() {
    return value(resolutionKey, 150).toInt();
}
void setPageResolution(int dpi) {
    setValue(resolutionKey, dpi);
}

QString areaLanguage(const QString& usual) {
    return value(languageKey, usual).toString();
}
void setAreaLanguage(const QString& language) {
    setValue(languageKey, language);
}

QKeySequence takeKeys(const QString& kind, const QString& usual) {
    return QKeySequence::fromString(QSettings().value(keysOf(kind), usual).toString(), QKeySequence::PortableText);
}
void setTakeKeys(const QString& kind, const QKeySequence& keys) {
    QSettings().setValue(keysOf(kind), keys.toString(QKeySequence::PortableText));
}

void forgetFolders() {
    for (const char* key : {"release/folder", "bringIn/folder", "words/folder"}) QSettings().remove(QLatin1String(key));
}

QString language() {
    const QString code = value(spokenKey).toString();
    return spokenLanguages().contains(code) ? code : QString();
}
QLocale spokenLocale() {
    return language().isEmpty() ? QLocale::system() : QLocale(language());
}
void setLanguage(const QString& code) {
    setValue(spokenKey, code);
}
int clipboardSeconds() {
    constexpr int usual = 90;
    return std::clamp(value(clipboardKey, usual).toInt(), 0, 3600);
}
void setClipboardSeconds(int seconds) {
    setValue(clipboardKey, seconds);
}
Destinations destinations() {
    const auto kept = waysFrom(value(destinationsKey).toByteArray());
    if (!kept || kept->ways.isEmpty()) return {};
    Destinations to = kept->ways.first().to;
    to.folderPath.clear(); // of a case: kept there
    return to;
}
void setDestinations(const Destinations& to) {
    Way way{QStringLiteral("last"), {}, Clash::KeepBoth, to};
    way.to.folderPath.clear();
    setValue(destinationsKey, packed(Ways{{way}, {}}));
}
QString lastWay() {
    return value(wayKey).toString();
}
void setLastWay(const QString& name) {
    setValue(wayKey, name);
}
bool knowsCommand(const QStringList& command) {
    return value(commandsKey).toStringList().contains(identityOf(command));
}
void setKnowsCommand(const QStringList& command) {
    QStringList known = value(commandsKey).toStringList();
    if (!known.contains(identityOf(command))) setValue(commandsKey, known << identityOf(command));
}

} // namespace eyelid::settings
