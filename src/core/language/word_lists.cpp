#include "language/word_lists.h"

#include "base/shipped.h"
#include "language/spelling.h"

namespace eyelid {
namespace {

constexpr int mostTelling = 1500; // rarer words are names and borrowings of any language

QSet<QString> plainNames(const char* file) {
    QSet<QString> names;
    for (const QString& name : shippedLines(QLatin1String(file))) names.insert(withoutAccents(name));
    return names;
}

} // namespace

const WordLists& WordLists::shipped() {
    static const WordLists lists;
    return lists;
}

WordLists::WordLists()
    : m_languages{QStringLiteral("eng"), QStringLiteral("deu"), QStringLiteral("fra"), QStringLiteral("spa")},
      m_given(plainNames("names/given.txt")), m_family(plainNames("names/family.txt")),
      m_places(plainNames("names/places.txt")) {
    for (const QString& name : shippedLines(QStringLiteral("names/given.txt")))
        if (name.startsWith(u'i', Qt::CaseInsensitive)) m_namesInI.insert(name.toLower());
    for (const QString& language : m_languages) {
        int rank = 0;
        for (const QString& word : shippedLines(QStringLiteral("words/%1.txt").arg(language))) {
            const QString plain = withoutAccents(word);
            m_words.insert(word);
            m_plainWords.insert(plain);
            if (!m_ranks[language].contains(plain)) m_ranks[language].insert(plain, rank);
            if (rank < mostTelling && word.size() >= 2) m_telling[language].insert(word);
            ++rank;
        }
    }
}

} // namespace eyelid
