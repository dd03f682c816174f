#include "language/word_lists.h"

#include "base/shipped.h"
#include "language/spelling.h"

namespace eyelid {
namespace {

constexpr int mostTelling = 1500; // rarer words are names and borrowings of any language

QStringList wordsOf(const QString& language) {
    return shippedLines(QStringLiteral("words/%1.txt").arg(language));
}

QSet<QString> plainNames(const char* file) {
    QSet<QString> names;
    for (const QString& name : shippedLines(QLatin1String(file))) names.insert(withoutAccents(name));
    return names;
}

} // namespace

const QStringList& listedLanguages() {
    static const QStringList languages{QStringLiteral("eng"), QStringLiteral("deu"), QStringLiteral("fra"),
                                       QStringLiteral("spa")};
    return languages;
}

const WordList& WordList::shipped() {
    static const WordList list;
    return list;
}

WordList::WordList() {
    for (const QString& language : listedLanguages()) {
        int rank = 0;
        for (const QString& word : wordsOf(language)) {
            m_words.insert(word);
            if (rank++ < mostTelling && word.size() >= 2)
                m_telling[word].set(size_t(listedLanguages().indexOf(language)));
        }
    }
}

const PlainWords& PlainWords::shipped() {
    static const PlainWords words;
    return words;
}

PlainWords::PlainWords() {
    for (const QString& language : listedLanguages()) {
        int rank = 0;
        QHash<QString, int>& ranks = m_ranks[language];
        for (const QString& word : wordsOf(language)) {
            const QString spelt = withoutAccents(word);
            m_words.insert(spelt);
            if (!ranks.contains(spelt)) ranks.insert(spelt, rank);
            ++rank;
        }
    }
    // Latin that nobody means: a word of any language, and of none frequent.
    QHash<QString, int>& english = m_ranks[listedLanguages().first()];
    for (const QString& word : shippedWords(QStringLiteral("words/filler-latin.txt"))) {
        m_words.insert(word);
        if (!english.contains(word)) english.insert(word, int(english.size()));
    }
}

const NameLists& NameLists::shipped() {
    static const NameLists lists;
    return lists;
}

NameLists::NameLists()
    : m_given(plainNames("names/given.txt")), m_family(plainNames("names/family.txt")),
      m_places(plainNames("names/places.txt")), m_towns(plainNames("names/towns-of-several-words.txt")) {}

bool isNameInI(const QString& name) {
    static const QSet<QString> names = [] {
        QSet<QString> all;
        for (const QString& listed : shippedLines(QStringLiteral("names/given.txt")))
            if (listed.startsWith(u'i', Qt::CaseInsensitive)) all.insert(listed.toLower());
        return all;
    }();
    return names.contains(name);
}

} // namespace eyelid
