#include "finding/labels.h"

#include "base/shipped.h"
#include "language/spelling.h"
#include "language/word_lists.h"

#include <algorithm>
#include <QHash>
#include <QRegularExpression>
#include <QSet>

namespace eyelid {
namespace {

QSet<QString> aroundLabels(const char* section) {
    return shippedWords(QStringLiteral("words/around-labels.txt"), QLatin1String(section));
}

constexpr qsizetype longestLabel = 60; // characters of what may be one, with what stands before it
constexpr qsizetype mostWordsOfLabel = 4;

struct Entry {
    Kind kind;
    QString phrase;
};

const QHash<QString, Entry>& entries() {
    static const QHash<QString, Entry> table = [] {
        QHash<QString, Entry> t;
        std::optional<Kind> kind;
        for (const QString& line : shippedLines(QStringLiteral("words/labels.txt"))) {
            if (line.startsWith(QLatin1Char('['))) {
                kind = kindFromName(line.mid(1, line.size() - 2));
                continue;
            }
            if (!kind) continue;
            for (const QString& phrase : line.split(QLatin1Char('|')))
                if (const QString key = skeleton(phrase); !t.contains(key)) t.insert(key, {*kind, phrase});
        }
        return t;
    }();
    return table;
}

// A long word with one letter misread, dropped or doubled is still that word.
constexpr qsizetype shortestMisread = 7;

bool isOneSlipFrom(QStringView a, QStringView b) {
    if (a.size() > b.size()) std::swap(a, b);
    if (b.size() - a.size() > 1) return false;
    const qsizetype same = std::mismatch(a.begin(), a.end(), b.begin(), b.end()).first - a.begin();
    return a.mid(a.size() == b.size() ? same + 1 : same) == b.mid(same + 1);
}

QString reversed(QString text) {
    std::reverse(text.begin(), text.end());
    return text;
}

// The long keys, sorted by their letters from the front or, turned round, from the back. What one slip parts has its
// first half in common or its last.
const QStringList& longKeys(bool fromBack) {
    const auto sorted = [](bool turned) {
        QStringList keys;
        for (auto it = entries().keyBegin(); it != entries().keyEnd(); ++it)
            if (it->size() >= shortestMisread) keys.push_back(turned ? reversed(*it) : *it);
        keys.sort();
        return keys;
    };
    static const QStringList lists[] = {sorted(false), sorted(true)};
    return lists[fromBack];
}

// The key that one slip makes of this one, or nothing.
QString meantBy(const QString& key) {
    for (const bool fromBack : {false, true}) {
        const QString own = fromBack ? reversed(key) : key, half = own.left((own.size() - 1) / 2);
        const QStringList& keys = longKeys(fromBack);
        for (auto at = std::lower_bound(keys.begin(), keys.end(), half); at != keys.end() && at->startsWith(half); ++at)
            if (isOneSlipFrom(own, *at)) return fromBack ? reversed(*at) : *at;
    }
    return {};
}

// "Contract" is not a misread "contact".
bool isOrdinary(const QString& word) {
    return PlainWords::shipped().holds(word);
}

qsizetype longestKey() {
    static const qsizetype longest = [] {
        qsizetype most = 0;
        for (auto it = entries().keyBegin(); it != entries().keyEnd(); ++it) most = std::max(most, it->size());
        return most;
    }();
    return longest;
}

const Entry* entryOfKey(const QString& key) {
    const auto found = entries().constFind(key);
    return found == entries().constEnd() ? nullptr : &*found;
}

QString keyOf(const QStringList& words) {
    return skeleton(words.join(QLatin1Char(' ')));
}

// "812" may look like "BLZ" and is a number all the same; four figures in a word are no letters misread.
bool mayBeListed(const QStringList& words) {
    constexpr qsizetype fewestFigures = 4;
    const auto isFigure = [](QChar c) { return c.isDigit(); };
    const bool letters = std::ranges::any_of(
        words, [](const QString& word) { return std::ranges::any_of(word, [](QChar c) { return c.isLetter(); }); });
    return letters && std::ranges::none_of(words, [&](const QString& word) {
               return word.size() >= fewestFigures && std::ranges::all_of(word, isFigure);
           });
}

// The ways a label may write its word for number, where it ends or begins with one: "payroll no", "n de socio".
QList<QStringList> otherNumbers(const QStringList& words) {
    static const QSet<QString> written = aroundLabels("written for number"), ofs = aroundLabels("of");
    QList<QStringList> others;
    // "Krankenversichertennr": grown together with it.
    static const QString shorter = QStringLiteral("nr"), longer = QStringLiteral("nummer");
    const QString& last = words.last();
    const bool isLong = last.endsWith(longer) && last.size() > longer.size(), isShort = last.endsWith(shorter);
    if (isLong || isShort) {
        others << words;
        others.last().last() = isLong ? last.chopped(longer.size()) + shorter : last.chopped(shorter.size()) + longer;
    }
    if (words.size() < 2) return others;
    const bool leads = words.size() > 2 && written.contains(words[0]) && ofs.contains(words[1]);
    const qsizetype at = leads ? 0 : words.size() - 1;
    if (!written.contains(words[at])) return others;
    for (const QString& other : written) {
        others << words;
        others.last()[at] = other;
    }
    return others;
}

// "Kautionskonto", "Diensthandy": what it is of, grown together with a label.
const Entry* entryOfCompound(const QStringList& words) {
    static const QStringList ends =
        shippedWordList(QStringLiteral("words/around-labels.txt"), QLatin1String("ends compounds"));
    constexpr qsizetype shortestStem = 3;
    if (words.size() != 1) return nullptr;
    for (const QString& end : ends)
        if (words[0].endsWith(end) && words[0].size() >= end.size() + shortestStem) return entryOfKey(skeleton(end));
    return nullptr;
}

// `key`: keyOf() these words.
const Entry* exactEntryOf(const QString& key, const QStringList& words) {
    if (const Entry* found = entryOfKey(key)) return found;
    if (const Entry* found = entryOfCompound(words)) return found;
    for (const QStringList& other : otherNumbers(words))
        if (const Entry* found = entryOfKey(keyOf(other))) return found;
    return nullptr;
}

const Entry* misreadEntryOf(const QString& key, const QStringList& words) {
    if (key.size() < shortestMisread || key.size() > longestKey() + 1) return nullptr;
    if (std::all_of(words.begin(), words.end(), isOrdinary)) return nullptr;
    const QString meant = meantBy(key);
    return meant.isEmpty() ? nullptr : entryOfKey(meant);
}

const Entry* exactEntryFor(const QStringList& words) {
    return mayBeListed(words) ? exactEntryOf(keyOf(words), words) : nullptr;
}

const Entry* misreadEntryFor(const QStringList& words) {
    return mayBeListed(words) ? misreadEntryOf(keyOf(words), words) : nullptr;
}

const Entry* entryFor(const QStringList& words) {
    if (!mayBeListed(words)) return nullptr;
    const QString key = keyOf(words);
    const Entry* exact = exactEntryOf(key, words);
    return exact ? exact : misreadEntryOf(key, words);
}

QStringList labelWords(const QString& text) {
    const QString unaccented = withoutAccents(text);
    QStringList words;
    bool begins = true;
    for (qsizetype i = 0; i < unaccented.size(); ++i) {
        const QChar c = unaccented[i];
        begins = begins || (c.isUpper() && unaccented[i - 1].isLower()); // camelCase is two words
        if (!c.isLetterOrNumber()) {
            begins = true;
            continue;
        }
        if (begins) words.emplace_back();
        begins = false;
        words.back() += c.toLower();
    }
    return words;
}

// Letters of the words that are labels only when they stand alone ("From", "An", "de").
constexpr qsizetype littlest = 4;

bool isNumberWord(const QString& word) {
    static const QSet<QString> numbers = aroundLabels("number");
    return numbers.contains(word);
}

// The list's word for somebody, or nothing.
QString somebody(const QString& word) {
    const Entry* found = word.size() > littlest ? entryFor({word}) : nullptr;
    return found && found->kind == Kind::Person ? found->phrase : QString();
}

// "Mitgliedsnummer", "Kundennr": whose it is, grown together with or without the letters that join two words.
QString bearerInCompound(const QString& compound) {
    static const QStringList ends{QStringLiteral("nummer"), QStringLiteral("nr")};
    static const QStringList joints{QString(), QStringLiteral("s"), QStringLiteral("n"), QStringLiteral("en")};
    for (const QString& end : ends)
        for (const QString& joint : joints) {
            if (!compound.endsWith(end) || !QStringView(compound).chopped(end.size()).endsWith(joint)) continue;
            const QString stem = compound.chopped(joint.size() + end.size());
            for (const QString& word : {stem, stem + QLatin1Char('e')})
                if (const QString whose = somebody(word); !whose.isEmpty()) return whose;
        }
    return {};
}

// Whose number "Staff no.", "visitor ID", "numéro de socio" is, or nothing.
QString bearerOfNumber(const QStringList& words) {
    static const QSet<QString> ofs = aroundLabels("of");
    if (const QString whose = bearerInCompound(words.last()); !whose.isEmpty() || words.size() < 2) return whose;
    if (isNumberWord(words.last())) return somebody(words[words.size() - 2]);
    const qsizetype whose = words.size() > 2 && ofs.contains(words[1]) ? 2 : 1;
    return isNumberWord(words[0]) && words.size() == whose + 1 ? somebody(words[whose]) : QString();
}

// "Sign-in code", "Anmeldecode", "code de connexion": of whatever it is, unless of what lets nobody in.
bool isCodeOfEntry(const QStringList& words) {
    static const QSet<QString> things = aroundLabels("has a code"), ofs = aroundLabels("of");
    static const QString code = QStringLiteral("code");
    constexpr qsizetype shortestStem = 4;
    const QString& last = words.last();
    if (last == code && words.size() > 1) return !things.contains(words[words.size() - 2]);
    if (last.endsWith(code) && last.size() >= code.size() + shortestStem) {
        const QString stem = last.chopped(code.size());
        return !things.contains(stem) && !(stem.endsWith(u's') && things.contains(stem.chopped(1)));
    }
    const bool leads = words[0] == code || words[0] == QLatin1String("codigo");
    if (!leads || words.size() < 3 || !ofs.contains(words[1])) return false;
    return std::none_of(words.begin() + 2, words.end(), [&](const QString& word) { return things.contains(word); });
}

// Whose it is may stand before it: "your staff no.".
QStringList withoutOwner(QStringList words) {
    static const QSet<QString> owners = aroundLabels("owner");
    while (words.size() > 1 && owners.contains(words[0])) words.removeFirst();
    return words;
}

// "Post code and town", "PLZ und Ort", "street and number": two parts of an address in one field.
bool isTwoPartsOfAddress(const QStringList& words) {
    static const QSet<QString> ands = aroundLabels("and");
    const auto joint =
        std::find_if(words.begin(), words.end(), [&](const QString& word) { return ands.contains(word); });
    const auto isPart = [](const QStringList& part) {
        const Entry* found = part.isEmpty() ? nullptr : exactEntryFor(part);
        return found && found->kind == Kind::Address;
    };
    if (joint == words.end()) return false;
    const qsizetype at = joint - words.begin();
    const bool numbered = at + 2 == words.size() && isNumberWord(words.last());
    return isPart(words.first(at)) && (numbered || isPart(words.mid(at + 1)));
}

// What offices put together: no list has them all. Said in the lists' words, for what stands on the screen may be
// anything.
std::optional<LabelHit> composedHit(const QStringList& all) {
    const QStringList words = withoutOwner(all);
    if (const QString whose = bearerOfNumber(words); !whose.isEmpty())
        return LabelHit{Kind::Record, whose + QLatin1String(" number"), true};
    if (isTwoPartsOfAddress(words)) return LabelHit{Kind::Address, QLatin1String("address"), true};
    if (isCodeOfEntry(words)) return LabelHit{Kind::Secret, QLatin1String("access code"), true};
    return std::nullopt;
}

std::optional<LabelHit> hitAsWritten(const QString& text) {
    if (text.size() > longestLabel) return std::nullopt;
    const QStringList words = labelWords(text);
    if (words.isEmpty() || words.size() > 6) return std::nullopt;
    const bool mayBeWhole = words.size() <= mostWordsOfLabel;
    const Entry* exact = mayBeWhole ? exactEntryFor(words) : nullptr;
    if (mayBeWhole && !exact)
        if (auto composed = composedHit(words)) return composed;
    for (qsizetype from = std::max<qsizetype>(0, words.size() - mostWordsOfLabel); from < words.size(); ++from) {
        const Entry* found = from > 0 ? entryFor(words.mid(from)) : exact ? exact : misreadEntryFor(words);
        if (!found) continue;
        const bool whole = from == 0;
        // A street's own name ends in the word for street, a firm's in the word for a vehicle.
        static const QSet<QString> wholeOnly = aroundLabels("ends names");
        if (!whole && wholeOnly.contains(found->phrase)) continue;
        static const QSet<QString> things = aroundLabels("has a name");
        if (!whole && found->kind == Kind::Person && things.contains(words[from - 1])) return std::nullopt;
        // Little words are labels only when they stand alone ("From", "An", "de").
        if (!whole && found->phrase.size() <= littlest && (found->kind == Kind::Person || found->kind == Kind::Plate) &&
            found->phrase != QLatin1String("name"))
            continue;
        return LabelHit{found->kind, found->phrase, whole};
    }
    // "Name of the patient", "Nom du client".
    static const QSet<QString> ofs = aroundLabels("of");
    const Entry* first = words.size() >= 3 && ofs.contains(words[1]) ? entryFor({words[0]}) : nullptr;
    return first ? std::optional(LabelHit{first->kind, first->phrase, false}) : std::nullopt;
}

} // namespace

bool namesSomebodysNumber(const QString& label) {
    static const QSet<QString> named = aroundLabels("number of somebody");
    const QStringList words = labelWords(label);
    return !words.isEmpty() && (named.contains(words.join(QLatin1Char(' '))) || !bearerOfNumber(words).isEmpty());
}

std::optional<LabelHit> wholeLabelHit(const QString& text) {
    if (text.size() > longestLabel) return std::nullopt;
    const QStringList words = labelWords(text);
    if (words.isEmpty() || words.size() > mostWordsOfLabel) return std::nullopt;
    const Entry* found = exactEntryFor(words);
    if (!found)
        if (auto composed = composedHit(words)) return composed;
    if (!found) found = misreadEntryFor(words);
    return found ? std::optional(LabelHit{found->kind, found->phrase, true}) : std::nullopt;
}

bool namesFieldsOfAddress(const QString& text) {
    static const QSet<QString> beside = aroundLabels("beside addresses");
    static const QRegularExpression between(QStringLiteral("[,:/]+"));
    if (text.size() > longestLabel) return false;
    const QStringList parts = text.split(between, Qt::SkipEmptyParts);
    return std::all_of(parts.begin(), parts.end(), [&](const QString& part) {
        const QStringList words = labelWords(part);
        if (words.isEmpty() || words.size() > mostWordsOfLabel) return false;
        const auto label = wholeLabelHit(part);
        return (label && label->kind == Kind::Address) || beside.contains(words.join(QLatin1Char(' ')));
    });
}

std::optional<LabelHit> elementHit(const QString& name) {
    static const QSet<QString> ofAddress = aroundLabels("element of address");
    if (!ofAddress.contains(labelWords(name).join(u' '))) return std::nullopt;
    return LabelHit{Kind::Address, QLatin1String("address"), true};
}

// "Born (DD MM YYYY)": what stands in brackets behind a label says how it is filled in.
std::optional<LabelHit> labelHit(const QString& text) {
    static const QRegularExpression inBrackets(QStringLiteral("^([^(]*\\p{L}[^(]*)\\([^()]*\\) ?:?$"));
    if (auto hit = hitAsWritten(text)) return hit;
    if (!text.contains(u'(')) return std::nullopt;
    const auto m = inBrackets.match(text);
    return m.hasMatch() ? hitAsWritten(m.captured(1)) : std::nullopt;
}

} // namespace eyelid
