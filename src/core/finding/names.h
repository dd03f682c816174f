// Which words are names of people, names of places, or ordinary words.
#pragma once

#include <QHash>
#include <QSet>
#include <QString>

namespace eyelid {

/// Lists that ship with Eyelid (data/names, data/words; their sources and licences stand there).
class Names {
public:
    Names();
    /// Takes a word as written; case, accents and what a reader may have misread do not matter.
    bool isGiven(const QString& word) const;
    bool isFamily(const QString& word) const;
    bool isPlace(const QString& word) const;
    /// One of the more frequent words of English, German, French or Spanish; of English and `language` (ISO 639-2)
    /// where that is told, for a name may be another language's word.
    bool isCommonWord(const QString& word, const QString& language = {}) const;
    /// One of the thousand most frequent words of such a language: an ordinary word first, whoever else bears it.
    bool isVeryCommonWord(const QString& word, const QString& language = {}) const;

private:
    int rank(const QString& word, const QString& language) const; ///< best among them; none: a very high one

    QSet<QString> m_given, m_family, m_places;
    QHash<QString, QHash<QString, int>> m_words; ///< ranks by language
};

} // namespace eyelid
