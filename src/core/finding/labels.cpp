#include "finding/labels.h"

#include "base/shipped.h"
#include "language/spelling.h"
#include "language/word_lists.h"

#include <algorithm>
#include <QHash>
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

// A long word with one letter misread, dropped or doubled is still that word. Kept as each key with one letter left
// out (the symmetric deletes of Garbe's spelling correction), so that a look-up stays one.
const QHash<QString, QString>& nearEntries() {
    static const QHash<QString, QString> table = [] {
        QHash<QString, QString> t;
        // In an order of their own: a hash table's differs from process to process.
        QStringList keys = entries().keys();
        keys.sort();
        for (const QString& key : keys) {
            if (key.size() < 7) continue;
            for (qsizetype i = 0; i < key.size(); ++i) {
                QString shorter = key;
                shorter.remove(i, 1);
                if (!t.contains(shorter)) t.insert(shorter, key);
            }
        }
        return t;
    }();
    return table;
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

const Entry* entryFor(const QStringList& words) {
    const auto& all = entries();
    const QString key = skeleton(words.join(QLatin1Char(' ')));
    if (const auto found = all.constFind(key); found != all.constEnd()) return &*found;
    if (key.size() < 7 || key.size() > longestKey() + 1 || std::all_of(words.begin(), words.end(), isOrdinary))
        return nullptr;
    const auto& near = nearEntries();
    if (const auto found = near.constFind(key); found != near.constEnd()) return &*all.constFind(*found);
    for (qsizetype i = 0; i < key.size(); ++i) {
        QString shorter = key;
        shorter.remove(i, 1);
        if (const auto exact = all.constFind(shorter); exact != all.constEnd() && shorter.size() >= 7) return &*exact;
        // A letter for another: both without it are alike, and what they lack stands at the same place.
        if (const auto found = near.constFind(shorter); found != near.constEnd() && found->size() == key.size() &&
                                                        found->left(i) == key.left(i) &&
                                                        found->mid(i + 1) == key.mid(i + 1))
            return &*all.constFind(*found);
    }
    return nullptr;
}

QStringList labelWords(const QString& text) {
    QString spaced;
    const QString unaccented = withoutAccents(text);
    for (qsizetype i = 0; i < unaccented.size(); ++i) {
        const QChar c = unaccented[i];
        if (!c.isLetterOrNumber()) {
            spaced += QLatin1Char(' ');
            continue;
        }
        // camelCase is two words.
        if (i > 0 && c.isUpper() && unaccented[i - 1].isLower()) spaced += QLatin1Char(' ');
        spaced += c;
    }
    return spaced.toLower().split(QLatin1Char(' '), Qt::SkipEmptyParts);
}

} // namespace

std::optional<LabelHit> wholeLabelHit(const QString& text) {
    if (text.size() > longestLabel) return std::nullopt;
    const QStringList words = labelWords(text);
    if (words.isEmpty() || words.size() > mostWordsOfLabel) return std::nullopt;
    const Entry* found = entryFor(words);
    return found ? std::optional(LabelHit{found->kind, found->phrase, true}) : std::nullopt;
}

std::optional<LabelHit> labelHit(const QString& text) {
    if (text.size() > longestLabel) return std::nullopt;
    const QStringList words = labelWords(text);
    if (words.isEmpty() || words.size() > 6) return std::nullopt;
    for (qsizetype from = 0; from < words.size(); ++from) {
        if (words.size() - from > mostWordsOfLabel) continue;
        const Entry* found = entryFor(words.mid(from));
        if (!found) continue;
        const bool whole = from == 0;
        // A street's own name ends in the word for street, a firm's in the word for a vehicle.
        static const QSet<QString> wholeOnly = aroundLabels("ends names");
        if (!whole && wholeOnly.contains(found->phrase)) continue;
        static const QSet<QString> things = aroundLabels("has a name");
        if (!whole && found->kind == Kind::Person && things.contains(words[from - 1])) return std::nullopt;
        // Little words are labels only when they stand alone ("From", "An", "de").
        if (!whole && found->phrase.size() <= 4 && (found->kind == Kind::Person || found->kind == Kind::Plate) &&
            found->phrase != QLatin1String("name"))
            continue;
        return LabelHit{found->kind, found->phrase, whole};
    }
    // "Name of the patient", "Nom du client".
    const Entry* first = entryFor({words[0]});
    static const QSet<QString> ofs = aroundLabels("of");
    if (words.size() >= 3 && first && ofs.contains(words[1])) return LabelHit{first->kind, first->phrase, false};
    return std::nullopt;
}

} // namespace eyelid
