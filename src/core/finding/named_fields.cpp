#include "finding/named_fields.h"

#include "base/shipped.h"
#include "finding/pattern.h"

#include <algorithm>
#include <QHash>
#include <QRegularExpression>

namespace eyelid {
namespace {

using Fields = std::vector<NamedField>;

// {"first":"…","last":"…"}: short keys that only together are those of a name.
void addNamesInParts(const TextRun& run, int at, Fields& fields) {
    static const Pattern parts(
        R"RX(["']first["'] ?: ?["']([^"']+)["'],? ?["'](?:middle["'] ?: ?["'][^"']*["'],? ?["'])?last["'] ?: ?["']([^"']+)["'])RX");
    if (!run.text().contains(u':')) return;
    for (const PatternMatch& m : parts.all(run.search))
        for (const Span& name : {m.groups[1], m.groups[2]}) fields.push_back({QStringLiteral("name"), at, name});
}

// "<familyName>…</familyName>": an element of markup names what it holds (XML 1.0).
void addElements(const TextRun& run, int at, Fields& fields) {
    static const Pattern element(R"RX(<(?:[\p{L}][\p{L}\d]*:)?([\p{L}][\p{L}\d_.\-]*)(?:\s[^<>]*)?>([^<>]+)(?:<|$))RX");
    if (!run.text().contains(u'<')) return;
    for (const PatternMatch& m : element.all(run.search))
        fields.push_back({m.text(run.search, 1), at, m.groups[2], true});
}

// name="password" value="…", "key": "surname", "value": "…", name LIKE '…': what is named in one place and given in the
// next.
void addPairs(const TextRun& run, int at, Fields& fields) {
    static const Pattern pair(
        R"RX((?:name|key|id|property|field)["']?\s?[=:]\s?["']([\p{L}][\p{L}\d_.\- ]+)["'][,\s][^<>]{0,40}?\bvalue["']?\s?[=:]\s?["']([^"'<>]+)["'])RX");
    static const Pattern query(
        R"RX((?i)\b(\p{L}[\p{L}\d_]+) (?:not )?(?:i?like|=|<>|in \() ?['"]%?([^"'%]{2,40})%?['"])RX");
    if (!run.text().contains(u'"') && !run.text().contains(u'\'')) return;
    for (const Pattern* form : {&pair, &query})
        for (const PatternMatch& m : form->all(run.search)) fields.push_back({m.text(run.search, 1), at, m.groups[2]});
}

// "TEL;TYPE=cell:…", "ORGANIZER;CN=…:mailto:…": properties with parameters (RFC 5545, RFC 6350).
void addProperties(const TextRun& run, int at, Fields& fields) {
    static const Pattern property(R"RX(^([A-Z][A-Z\-]{1,20})((?:;[A-Z\-]+=(?:"[^"]*"|[^:;"]*))+):(.+))RX");
    static const Pattern commonName(R"RX(;CN="?([^";:]+))RX");
    if (!run.text().contains(u';')) return;
    for (const PatternMatch& m : property.all(run.search)) {
        fields.push_back({m.text(run.search, 1), at, m.groups[3]});
        for (const PatternMatch& name : commonName.all(run.search))
            if (name.groups[1].end() <= m.groups[2].end())
                fields.push_back({QStringLiteral("name"), at, name.groups[1]});
    }
}

// ":50K:/12345678", with the name and the address under it: who pays and who is paid in a message between banks
// (ISO 15022, MT 103).
void addBankMessages(const std::vector<TextRun>& runs, Fields& fields) {
    static const QRegularExpression party(QStringLiteral("^:(?:50[AFHK]|59[AF]?):(?:/(\\S+))?"));
    static const QRegularExpression field(QStringLiteral("^(?::\\d{2}[A-Z]?:|-\\}|\\{)"));
    constexpr size_t mostLines = 5; // the account's and four of name and address
    for (size_t i = 0; i < runs.size(); ++i) {
        const auto m = party.match(runs[i].text());
        if (!m.hasMatch()) continue;
        const int account = int(m.capturedStart(1)), behind = int(m.capturedEnd());
        if (account >= 0) fields.push_back({QLatin1String("account number"), int(i), {account, behind - account}});
        bool named = behind < runs[i].text().size();
        if (named) fields.push_back({QStringLiteral("name"), int(i), {behind, int(runs[i].text().size()) - behind}});
        for (size_t n = i + 1; n < std::min(i + mostLines, runs.size()); ++n) {
            const QString& text = runs[n].text();
            if (field.match(text).hasMatch()) break;
            fields.push_back(
                {named ? QStringLiteral("address") : QStringLiteral("name"), int(n), {0, int(text.size())}});
            named = true;
        }
    }
}

// "1. BRACKLEY", "2. TOM" under "Driving licence": fields of a card that have numbers alone.
void addNumbered(const std::vector<TextRun>& runs, Fields& fields) {
    static const QString list = QStringLiteral("words/numbered-cards.txt");
    static const Pattern title = Pattern::ofWords("(?i)(?:.{1,12} )?(?:<<title>>)(?: .{1,16})?", list);
    static const QHash<QString, QString> labels = [] {
        QHash<QString, QString> all;
        for (const QString& field : shippedWordList(list, QStringLiteral("fields")))
            all.insert(field.section(u' ', 0, 0), field.section(u' ', 1));
        return all;
    }();
    if (std::ranges::none_of(runs, [](const TextRun& run) { return title.matchesWhole(run.text()); })) return;
    // Of names and numbers: "1. Fill in the form" is said of a licence.
    static const QRegularExpression numbered(QStringLiteral("^(\\d[a-d]?)[.,:]+ ?(?=\\S)(?!.*(?:^| )\\p{Ll}{3,})"));
    for (size_t i = 0; i < runs.size(); ++i) {
        const auto m = numbered.match(runs[i].text());
        if (!m.hasMatch() || !labels.contains(m.captured(1))) continue;
        const int from = int(m.capturedEnd());
        fields.push_back({labels.value(m.captured(1)), int(i), {from, int(runs[i].text().size()) - from}});
    }
}

} // namespace

std::vector<NamedField> namedFields(const std::vector<TextRun>& runs) {
    Fields fields;
    for (const auto add : {addNamesInParts, addElements, addPairs, addProperties})
        for (size_t i = 0; i < runs.size(); ++i) add(runs[i], int(i), fields);
    addNumbered(runs, fields);
    addBankMessages(runs, fields);
    return fields;
}

} // namespace eyelid
