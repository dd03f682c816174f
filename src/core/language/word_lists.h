// The word lists that ship (data/words, data/names; their sources and licences stand there), each loaded once.
#pragma once

#include <QHash>
#include <QSet>
#include <QString>
#include <QStringList>

namespace eyelid {

class WordLists {
public:
    /// The lists that ship: constant, loaded when they are first asked for.
    static const WordLists& shipped();

    /// The languages there are words of, by their codes (ISO 639-2): eng, deu, fra, spa.
    const QStringList& languages() const { return m_languages; }
    /// A word as it is listed, in small letters and with its accents, of any language.
    bool isWord(const QString& word) const { return m_words.contains(word); }
    /// The same without accents.
    bool isPlainWord(const QString& word) const { return m_plainWords.contains(word); }
    /// How frequent a word without accents is in a language: 0 for the most frequent; -1 for one that is not listed.
    int rank(const QString& plain, const QString& language) const { return m_ranks.value(language).value(plain, -1); }
    /// The most frequent words of a language of two letters and more: what tells it.
    QSet<QString> telling(const QString& language) const { return m_telling.value(language); }

    // Names of people and places, in small letters and without accents.
    bool isGivenName(const QString& plain) const { return m_given.contains(plain); }
    bool isFamilyName(const QString& plain) const { return m_family.contains(plain); }
    bool isPlace(const QString& plain) const { return m_places.contains(plain); }
    /// Given names as they are listed that begin with an I, in small letters.
    const QSet<QString>& namesInI() const { return m_namesInI; }

private:
    WordLists();
    QStringList m_languages;
    QSet<QString> m_words, m_plainWords, m_given, m_family, m_places, m_namesInI;
    QHash<QString, QHash<QString, int>> m_ranks; // by language
    QHash<QString, QSet<QString>> m_telling;     // by language
};

} // namespace eyelid
