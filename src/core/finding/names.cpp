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
    for (const char* language : {"words/eng.txt", "words/deu.txt", "words/fra.txt", "words/spa.txt"}) {
        int rank = 0;
        eachLine(language, [&](const QString& word) {
            const auto known = m_words.constFind(word);
            if (known == m_words.constEnd() || *known > rank) m_words.insert(word, rank);
            ++rank;
        });
    }
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
bool Names::isCommonWord(const QString& word) const {
    return m_words.contains(folded(word));
}
bool Names::isVeryCommonWord(const QString& word) const {
    return m_words.value(folded(word), 1 << 20) < 1000;
}

} // namespace eyelid
