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
    for (qsizetype language = 0; language < listedLanguages().size(); ++language) {
        int rank = 0;
        for (const QString& word : wordsOf(listedLanguages()[language]))
            add(withoutAccents(word), size_t(language), rank++);
    }
    // Latin that nobody means: a word of any language, and of none frequent.
    const auto isEnglish = [](const Ranks& ranks) { return ranks[0] >= 0; };
    int rank = int(std::ranges::count_if(m_ranks, isEnglish));
    for (const QString& word : shippedWords(QStringLiteral("words/filler-latin.txt"))) add(word, 0, rank++);
}

void PlainWords::add(const QString& spelt, size_t language, int rank) {
    const auto at = m_ranks.find(spelt);
    Ranks& ranks = at == m_ranks.end() ? *m_ranks.insert(spelt, {-1, -1, -1, -1}) : *at;
    if (ranks.at(language) < 0) ranks.at(language) = rank;
}

int PlainWords::rank(const QString& spelt, const QString& language) const {
    const qsizetype at = listedLanguages().indexOf(language);
    const auto found = m_ranks.constFind(spelt);
    return at < 0 || found == m_ranks.constEnd() ? -1 : (*found)[size_t(at)];
}

int PlainWords::bestRank(const QString& spelt, const QString& language) const {
    const auto found = m_ranks.constFind(spelt);
    if (found == m_ranks.constEnd()) return -1;
    const qsizetype other = language.isEmpty() ? -1 : listedLanguages().indexOf(language);
    int best = -1;
    for (size_t i = 0; i < found->size(); ++i) {
        const int rank = (*found)[i];
        const bool asked = language.isEmpty() || i == 0 || qsizetype(i) == other;
        if (asked && rank >= 0 && (best < 0 || rank < best)) best = rank;
    }
    return best;
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
