#include "finding/names.h"

#include "base/shipped.h"
#include "finding/confusables.h"

namespace eyelid {
namespace {

template <typename Add> void eachLine(const char* file, Add add) {
    for (const QString& line : shippedLines(QLatin1String(file))) add(withoutAccents(line));
}

void load(QSet<QString>& set, const char* file) {
    eachLine(file, [&](const QString& word) { set.insert(word); });
}

QString folded(const QString& word) {
    return withoutAccents(word).toLower();
}

bool within(const QSet<QString>& set, const QString& word) {
    if (set.contains(folded(word))) return true;
    const QString restored = nameRestored(word);
    return restored != word && set.contains(folded(restored));
}

} // namespace

Names::Names() {
    load(m_given, "names/given.txt");
    load(m_family, "names/family.txt");
    load(m_places, "names/places.txt");
    for (const char* language : {"eng", "deu", "fra", "spa"}) {
        int rank = 0;
        auto& ranks = m_words[QLatin1String(language)];
        eachLine(qPrintable(QStringLiteral("words/%1.txt").arg(QLatin1String(language))), [&](const QString& word) {
            if (!ranks.contains(word)) ranks.insert(word, rank);
            ++rank;
        });
    }
}

int Names::rank(const QString& word, const QString& language) const {
    const QString plain = folded(word);
    int best = 1 << 20;
    for (auto ranks = m_words.begin(); ranks != m_words.end(); ++ranks)
        if (language.isEmpty() || ranks.key() == language || ranks.key() == QLatin1String("eng"))
            best = std::min(best, ranks->value(plain, best));
    return best;
}

bool Names::isGiven(const QString& word) const {
    return within(m_given, word);
}
bool Names::isFamily(const QString& word) const {
    return within(m_family, word);
}
bool Names::isPlace(const QString& word) const {
    return m_places.contains(folded(word));
}
bool Names::isCommonWord(const QString& word, const QString& language) const {
    return rank(word, language) < 1 << 20;
}
bool Names::isVeryCommonWord(const QString& word, const QString& language) const {
    return rank(word, language) < 1000;
}

} // namespace eyelid
