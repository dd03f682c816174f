#include "finding/policy.h"

#include "base/files.h"
#include "base/sentence.h"
#include "finding/known_policies.h"
#include "finding/pattern.h"
#include "finding/watch_list.h"

#include <QLocale>
#include <sstream>
#include <toml++/toml.h>

namespace eyelid {
namespace {

// Thrown and caught within this file: a wrong place in the text.
struct Wrong {
    toml::source_position at;
    QString what;
};

[[noreturn]] void wrong(const toml::node& node, const QString& what) {
    throw Wrong{node.source().begin, what};
}

QString text(const toml::node& node, const char* key) {
    const auto* value = node.as_string();
    if (!value) wrong(node, Tr::tr("\"%1\" must be a text in quotes").arg(QLatin1String(key)));
    return QString::fromStdString(value->get());
}

double number(const toml::node& node, const QString& key, double least, double most) {
    const auto value = node.value<double>();
    if (!value || !(*value >= least && *value <= most)) // nor a number that is none
        wrong(node, sentence(Tr::tr("\"%1\" must be a number from %2 to %3"), key, least, most));
    return *value;
}

template <typename Named> QString quotedNames(const Named& all, QString (*nameOf)(std::decay_t<decltype(all[0])>)) {
    QStringList names;
    for (const auto one : all) names << u'"' + nameOf(one) + u'"';
    return names.join(QStringLiteral(", "));
}

CoverStyle style(const toml::node& node, const char* key) {
    const auto found = styleFromName(text(node, key));
    if (!found) wrong(node, Tr::tr("a style must be one of %1").arg(quotedNames(allStyles, styleName)));
    return *found;
}

CoverColour colour(const toml::node& node) {
    const auto found = colourFromName(text(node, "colour"));
    if (!found) wrong(node, Tr::tr("\"colour\" must be one of %1").arg(quotedNames(allCoverColours, colourName)));
    return *found;
}

QStringList texts(const toml::node& node, const char* key) {
    const auto* array = node.as_array();
    if (!array) wrong(node, Tr::tr("\"%1\" must be a list of texts").arg(QLatin1String(key)));
    QStringList list;
    for (const toml::node& item : *array) list << text(item, key);
    return list;
}

Kind kind(const toml::node& node, const QString& name) {
    const auto found = kindFromName(name);
    if (!found) {
        QStringList known;
        for (Kind k : allKinds()) known << kindName(k);
        wrong(node, Tr::tr("\"%1\" is not a kind; the kinds are %2").arg(name, known.join(QStringLiteral(", "))));
    }
    return *found;
}

const toml::table& table(const toml::node& node, const char* key) {
    const auto* found = node.as_table();
    if (!found) wrong(node, Tr::tr("\"%1\" must be a table").arg(QLatin1String(key)));
    return *found;
}

Pattern compiled(const toml::node& node, const QString& expression) {
    auto pattern = Pattern::compile(expression);
    if (!pattern) wrong(node, pattern.error().sentence);
    return *pattern;
}

PolicyPattern pattern(const toml::node& node) {
    const toml::table& entry = table(node, "pattern");
    PolicyPattern pattern;
    for (const auto& [key, value] : entry) {
        const std::string_view k = key.str();
        if (k == "name")
            pattern.name = text(value, "name");
        else if (k == "match") {
            pattern.match = compiled(value, text(value, "match"));
        } else if (k == "kind")
            pattern.kind = kind(value, text(value, "kind"));
        else if (k == "near")
            pattern.near = texts(value, "near");
        else if (k == "check") {
            pattern.check = text(value, "check");
            if (!QStringList{"luhn", "mod97", "mod11"}.contains(pattern.check))
                wrong(value, Tr::tr("\"check\" must be \"luhn\", \"mod97\" or \"mod11\""));
        } else if (k == "confidence")
            pattern.confidence = number(value, QStringLiteral("confidence"), 0, 1);
        else
            throw Wrong{key.source().begin,
                        Tr::tr("\"%1\" is not a setting of a pattern; it has name, match, kind, near, check and "
                               "confidence")
                            .arg(QString::fromStdString(std::string(k)))};
    }
    if (pattern.match.expression().isEmpty()) wrong(node, Tr::tr("a pattern needs \"match\""));
    if (pattern.name.isEmpty()) wrong(node, Tr::tr("a pattern needs a \"name\""));
    return pattern;
}

// What could never find anything is a mistake, and is told as one.
void checkReach(const toml::table& root, const Policy& policy, const toml::node* leftOut) {
    const toml::array* patterns = root["pattern"].as_array();
    for (size_t i = 0; patterns && i < policy.patterns.size(); ++i) {
        const PolicyPattern& own = policy.patterns[i];
        const toml::node& node = *patterns->get(i);
        if (const auto* left = leftOut ? leftOut->as_array() : nullptr)
            for (const toml::node& item : *left)
                if (kind(item, text(item, "leave_out")) == own.kind)
                    wrong(item, sentence(Tr::tr("\"leave_out\" names %1, which the pattern \"%2\" finds"),
                                         kindName(own.kind), own.name));
        if (own.kind != Kind::Watch && own.confidence < policy.rule(own.kind).threshold)
            wrong(node,
                  sentence(
                      Tr::tr("the pattern \"%1\" never finds: its confidence, %2, lies under the threshold of %3, %4"),
                      own.name, own.confidence, kindName(own.kind), policy.rule(own.kind).threshold));
    }
}

QString keyName(const toml::key& key) {
    return QString::fromStdString(std::string(key.str()));
}

const toml::array& list(const toml::node& node, const QString& what) {
    const auto* array = node.as_array();
    if (!array) wrong(node, what);
    return *array;
}

void readLookFor(const toml::node& node, Policy& policy) {
    const QString what = Tr::tr("\"look_for\" must be \"everything\" or a list of kinds");
    if (!node.is_string()) {
        for (const toml::node& item : list(node, what)) policy.rule(kind(item, text(item, "look_for"))).on = true;
        return;
    }
    if (text(node, "look_for") != QLatin1String("everything")) wrong(node, what);
    for (KindRule& rule : policy.kinds) rule.on = true;
}

void readWatch(const toml::node& node, Policy& policy) {
    QStringList words, patterns;
    for (const auto& [key, value] : table(node, "watch")) {
        if (key.str() == "words") {
            words = texts(value, "words");
        } else if (key.str() == "patterns") {
            patterns = texts(value, "patterns");
            for (const QString& expression : patterns) compiled(value, expression);
        } else {
            wrong(value, sentence(Tr::tr("\"watch\" knows \"words\" and \"patterns\", not \"%1\""), keyName(key)));
        }
    }
    auto list = WatchList::make(words, patterns);
    if (!list) wrong(node, list.error().sentence.chopped(1));
    policy.watch = *list;
}

void readExceptions(const toml::node& node, Policy& policy) {
    policy.exceptions = Exceptions(texts(node, "exceptions"));
    for (const QString& entry : policy.exceptions.entries())
        if (const auto expression = betweenSlashes(entry)) compiled(node, *expression);
}

bool truth(const toml::node& node, const QString& key) {
    const auto value = node.value<bool>();
    if (!node.is_boolean() || !value) wrong(node, sentence(Tr::tr("\"%1\" must be true or false"), key));
    return *value;
}

QByteArray publicKey(const toml::node& node) {
    constexpr qsizetype length = 32;
    const QByteArray hex = text(node, "recovery_key").toLatin1().toLower(), key = QByteArray::fromHex(hex);
    if (key.size() != length || key.toHex() != hex)
        wrong(node, Tr::tr("\"recovery_key\" must be a public key of 64 hexadecimal digits"));
    return key;
}

void readRetention(const toml::node& node, Policy& policy) {
    constexpr double longest = 36500;
    for (const auto& [key, value] : table(node, "retention")) {
        if (key.str() == "days")
            policy.retention.days = int(number(value, QStringLiteral("days"), 0, longest));
        else if (key.str() == "by_itself")
            policy.retention.byItself = truth(value, QStringLiteral("by_itself"));
        else
            wrong(value, sentence(Tr::tr("\"retention\" knows \"days\" and \"by_itself\", not \"%1\""), keyName(key)));
    }
}

void readTranslated(const toml::node& node, Policy& policy) {
    for (const auto& [code, words] : table(node, "translated")) {
        PolicyWords& said = policy.translated[keyName(code)];
        for (const auto& [key, value] : table(words, "translated")) {
            if (key.str() != "name" && key.str() != "description")
                wrong(value,
                      sentence(Tr::tr("\"translated\" knows \"name\" and \"description\", not \"%1\""), keyName(key)));
            (key.str() == "name" ? said.name : said.description) = text(value, "translated");
        }
    }
}

// What holds for all kinds, or for none in particular. False for other settings.
bool readGeneral(std::string_view key, const toml::node& node, Policy& policy) {
    if (key == "name")
        policy.name = text(node, "name");
    else if (key == "description")
        policy.description = text(node, "description");
    else if (key == "threshold")
        for (KindRule& rule : policy.kinds) rule.threshold = number(node, QStringLiteral("threshold"), 0, 1);
    else if (key == "style")
        for (KindRule& rule : policy.kinds) rule.style = style(node, "style");
    else if (key == "strength")
        policy.strength = number(node, QStringLiteral("strength"), 0, 1);
    else if (key == "colour")
        policy.colour = colour(node);
    else if (key == "mark_replaced")
        policy.marksReplaced = truth(node, QStringLiteral("mark_replaced"));
    else if (key == "label") {
        const QString what = text(node, "label");
        if (what != QLatin1String("identity") && what != QLatin1String("ground"))
            wrong(node, Tr::tr("\"label\" must be \"identity\" or \"ground\""));
        policy.labelsTellGround = what == QLatin1String("ground");
    } else if (key == "even_width")
        policy.evenWidth = int(number(node, QStringLiteral("even_width"), 0, 1000));
    else if (key == "look_for")
        readLookFor(node, policy);
    else if (key == "watch")
        readWatch(node, policy);
    else if (key == "exceptions")
        readExceptions(node, policy);
    else if (key == "retention")
        readRetention(node, policy);
    else if (key == "translated")
        readTranslated(node, policy);
    else if (key == "recovery_key")
        policy.recoveryKey = publicKey(node);
    else if (key == "second_look")
        policy.secondLook = truth(node, QStringLiteral("second_look"));
    else if (key == "pattern")
        for (const toml::node& item : list(node, Tr::tr("patterns are written as [[pattern]]")))
            policy.patterns.push_back(pattern(item));
    else
        return false;
    return true;
}

// What one kind says for itself: read after what holds for all. False for other settings.
bool readByKind(std::string_view setting, const toml::node& node, Policy& policy) {
    const bool isTable = setting == "labels" || setting == "grounds" || setting == "keep_last" ||
                         setting == "thresholds" || setting == "styles";
    if (setting == "leave_out")
        for (const toml::node& item : list(node, Tr::tr("\"leave_out\" must be a list of kinds")))
            policy.rule(kind(item, text(item, "leave_out"))).on = false;
    if (!isTable) return setting == "leave_out";
    for (const auto& [key, value] : table(node, std::string(setting).c_str())) {
        const QString name = keyName(key);
        const Kind of = kind(value, name);
        KindRule& rule = policy.rule(of);
        if (setting == "labels") policy.labels[size_t(of)] = texts(value, "labels");
        if (setting == "grounds") rule.ground = text(value, "grounds");
        if (setting == "thresholds") rule.threshold = number(value, name, 0, 1);
        if (setting == "styles") rule.style = style(value, "style");
        if (setting != "keep_last") continue;
        if (of != Kind::Card && of != Kind::Account && of != Kind::Iban)
            wrong(value, Tr::tr("only of card, account and iban may the last characters stay"));
        rule.keepLast = int(number(value, name, 0, 4));
    }
    return true;
}

// Whether what could never find anything is refused.
enum class Reach { Checked, Any };

Policy policyFrom(const toml::table& root, Reach reach) {
    Policy policy;
    std::vector<std::pair<toml::key, const toml::node*>> byKind;
    for (const auto& [key, node] : root)
        if (!readGeneral(key.str(), node, policy)) byKind.emplace_back(key, &node);
    if (!root.contains("look_for"))
        throw Wrong{root.source().begin, Tr::tr("\"look_for\" is missing: it says which kinds to look for")};
    if (policy.name.isEmpty()) throw Wrong{root.source().begin, Tr::tr("\"name\" is missing")};
    for (const auto& [key, node] : byKind)
        if (!readByKind(key.str(), *node, policy))
            throw Wrong{key.source().begin, sentence(Tr::tr("\"%1\" is not a setting of a policy"), keyName(key))};
    if (reach == Reach::Checked) checkReach(root, policy, root.get("leave_out"));
    if (!policy.watch.isEmpty()) policy.rule(Kind::Watch).on = true;
    return policy;
}

} // namespace

QString styleName(CoverStyle style) {
    switch (style) {
    case CoverStyle::Solid:
        return QStringLiteral("solid");
    case CoverStyle::Mosaic:
        return QStringLiteral("mosaic");
    case CoverStyle::Blur:
        return QStringLiteral("blur");
    case CoverStyle::StandIn:
        return QStringLiteral("stand-in");
    case CoverStyle::Label:
        return QStringLiteral("label");
    }
    return {};
}

QString styleTitle(CoverStyle style) {
    switch (style) {
    case CoverStyle::Solid:
        return Tr::tr("Solid");
    case CoverStyle::Mosaic:
        return Tr::tr("Mosaic");
    case CoverStyle::Blur:
        return Tr::tr("Blur");
    case CoverStyle::StandIn:
        return Tr::tr("Stand-in");
    case CoverStyle::Label:
        return Tr::tr("Label");
    }
    return {};
}

bool Policy::looksFor(Kind kind) const {
    return rule(kind).on ||
           std::any_of(patterns.begin(), patterns.end(), [&](const PolicyPattern& p) { return p.kind == kind; });
}

std::optional<CoverStyle> styleFromName(const QString& name) {
    for (CoverStyle style : allStyles)
        if (name == styleName(style)) return style;
    return std::nullopt;
}

QString colourName(CoverColour colour) {
    switch (colour) {
    case CoverColour::Aubergine:
        return QStringLiteral("aubergine");
    case CoverColour::Black:
        return QStringLiteral("black");
    case CoverColour::Grey:
        return QStringLiteral("grey");
    case CoverColour::White:
        return QStringLiteral("white");
    case CoverColour::Ground:
        return QStringLiteral("ground");
    }
    return {};
}

QString colourTitle(CoverColour colour) {
    switch (colour) {
    case CoverColour::Aubergine:
        return Tr::tr("Aubergine");
    case CoverColour::Black:
        return Tr::tr("Black");
    case CoverColour::Grey:
        return Tr::tr("Grey");
    case CoverColour::White:
        return Tr::tr("White");
    case CoverColour::Ground:
        return Tr::tr("As the ground");
    }
    return {};
}

std::optional<CoverColour> colourFromName(const QString& name) {
    for (CoverColour colour : allCoverColours)
        if (name == colourName(colour)) return colour;
    return std::nullopt;
}

namespace {

Result<Policy> parsed(const QByteArray& bytes, const QString& source, Reach reach) {
    const auto failed = [&](const toml::source_position& at, const QString& what) {
        return Error{Error::Kind::BadInput,
                     sentence(Tr::tr("%1, line %2, column %3: %4."), source, at.line, at.column, what)};
    };
    try {
        return policyFrom(toml::parse(std::string_view(bytes.constData(), size_t(bytes.size()))), reach);
    } catch (const toml::parse_error& e) {
        const std::string_view description = e.description();
        return failed(e.source().begin, QString::fromUtf8(description.data(), qsizetype(description.size())));
    } catch (const Wrong& e) {
        return failed(e.at, e.what);
    }
}

} // namespace

Result<Policy> parsePolicy(const QByteArray& toml, const QString& source) {
    return parsed(toml, source, Reach::Checked);
}

Result<Policy> parseWrittenPolicy(const QByteArray& toml, const QString& source) {
    return parsed(toml, source, Reach::Any);
}

namespace {

const PolicyWords* spokenWords(const Policy& policy) {
    const auto words = policy.translated.find(QLocale().name().section(u'_', 0, 0));
    return words == policy.translated.end() ? nullptr : &words->second;
}

} // namespace

QString policyTitle(const Policy& policy) {
    const PolicyWords* words = spokenWords(policy);
    return words && !words->name.isEmpty() ? words->name : policy.name;
}

QString policyDescription(const Policy& policy) {
    const PolicyWords* words = spokenWords(policy);
    return words && !words->description.isEmpty() ? words->description : policy.description;
}

QByteArray writePolicy(const Policy& policy) {
    const Policy defaults;
    const auto quoted = [](const QString& value) { return value.toStdString(); };
    const auto list = [&](const QStringList& values) {
        toml::array array;
        for (const QString& v : values) array.push_back(quoted(v));
        return array;
    };
    toml::table root{{"name", quoted(policy.name)}, {"description", quoted(policy.description)}};
    toml::table translated;
    for (const auto& [code, words] : policy.translated)
        translated.insert(code.toStdString(),
                          toml::table{{"name", quoted(words.name)}, {"description", quoted(words.description)}});
    if (!translated.empty()) root.insert("translated", translated);
    toml::array looks;
    toml::table thresholds, styles, grounds, lasts, labels;
    for (const Kind k : allKinds()) {
        const KindRule& rule = policy.rule(k);
        const std::string name = kindName(k).toStdString();
        if (rule.on) looks.push_back(name);
        if (rule.threshold != KindRule{}.threshold) thresholds.insert(name, rule.threshold);
        if (rule.style != KindRule{}.style) styles.insert(name, styleName(rule.style).toStdString());
        if (!rule.ground.isEmpty()) grounds.insert(name, quoted(rule.ground));
        if (rule.keepLast > 0) lasts.insert(name, rule.keepLast);
        if (const QStringList& words = policy.labels[size_t(k)]; !words.isEmpty()) labels.insert(name, list(words));
    }
    root.insert("look_for", looks);
    if (policy.strength != defaults.strength) root.insert("strength", policy.strength);
    if (policy.colour != defaults.colour) root.insert("colour", colourName(policy.colour).toStdString());
    if (policy.marksReplaced) root.insert("mark_replaced", true);
    if (policy.labelsTellGround) root.insert("label", "ground");
    if (policy.evenWidth != defaults.evenWidth) root.insert("even_width", policy.evenWidth);
    if (policy.retention != defaults.retention)
        root.insert("retention",
                    toml::table{{"days", policy.retention.days}, {"by_itself", policy.retention.byItself}});
    if (!policy.recoveryKey.isEmpty()) root.insert("recovery_key", policy.recoveryKey.toHex().toStdString());
    if (policy.secondLook) root.insert("second_look", true);
    if (const auto& entries = policy.exceptions.entries(); !entries.isEmpty()) root.insert("exceptions", list(entries));
    if (!thresholds.empty()) root.insert("thresholds", thresholds);
    if (!styles.empty()) root.insert("styles", styles);
    if (!grounds.empty()) root.insert("grounds", grounds);
    if (!lasts.empty()) root.insert("keep_last", lasts);
    if (!labels.empty()) root.insert("labels", labels);
    toml::table watch;
    if (!policy.watch.words().isEmpty()) watch.insert("words", list(policy.watch.words()));
    QStringList expressions;
    for (const Pattern& p : policy.watch.patterns()) expressions << p.expression();
    if (!expressions.isEmpty()) watch.insert("patterns", list(expressions));
    if (!watch.empty()) root.insert("watch", watch);
    toml::array patterns;
    for (const PolicyPattern& p : policy.patterns) {
        toml::table entry{{"name", quoted(p.name)},
                          {"match", quoted(p.match.expression())},
                          {"kind", quoted(kindName(p.kind))},
                          {"confidence", p.confidence}};
        if (!p.near.isEmpty()) entry.insert("near", list(p.near));
        if (!p.check.isEmpty()) entry.insert("check", quoted(p.check));
        patterns.push_back(entry);
    }
    if (!patterns.empty()) root.insert("pattern", patterns);
    std::ostringstream out;
    out << root << "\n";
    return QByteArray::fromStdString(out.str());
}

QStringList shippedPolicyNames() {
    QStringList names;
    for (const KnownPolicy& known : knownPolicies({})) names << known.name;
    return names;
}

Result<Policy> loadPolicy(const QString& nameOrPath) {
    auto known = policyText(nameOrPath);
    if (known) return parsePolicy(*known, nameOrPath);
    if (known.error().kind != Error::Kind::Missing) return known.error();
    auto bytes = readFile(nameOrPath, 1'000'000);
    if (bytes) return parsePolicy(*bytes, nameOrPath);
    return bytes.error().kind == Error::Kind::Missing ? known.error() : bytes.error();
}

} // namespace eyelid
