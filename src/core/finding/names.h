// Which words are names of people, names of places, or ordinary words.
#pragma once

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
    /// One of the more frequent words of English, German, French or Spanish.
    bool isCommonWord(const QString& word) const;

private:
    QSet<QString> m_given, m_family, m_places, m_words;
};

} // namespace eyelid
