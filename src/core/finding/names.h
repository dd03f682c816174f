// Which words are names of people, names of places, or ordinary words.
#pragma once

#include "language/word_lists.h"

#include <QString>

namespace eyelid {

/// By the lists that ship with Eyelid (word_lists.h).
class Names {
public:
    /// Takes a word as written; case, accents and what a reader may have misread do not matter.
    bool isGiven(const QString& word) const;
    bool isFamily(const QString& word) const;
    bool isGivenOrFamily(const QString& word) const { return isGiven(word) || isFamily(word); }
    bool isPlace(const QString& word) const;
    /// Words that together are a town, whatever each of them is: "San Francisco".
    bool isTownOfSeveralWords(const QString& words) const;
    /// One of the more frequent words of English, German, French or Spanish; of English and `language` (ISO 639-2)
    /// where that is told, for a name may be another language's word.
    bool isCommonWord(const QString& word, const QString& language = {}) const;
    /// One of the thousand most frequent words of such a language: an ordinary word first, whoever else bears it.
    bool isVeryCommonWord(const QString& word, const QString& language = {}) const;
    /// "Emily", "Alexander": frequent, and nothing but a given name; no place and no word of `language`.
    bool isFrequentName(const QString& word, const QString& language) const;

private:
    int rank(const QString& word, const QString& language) const; ///< best among them; none: a very high one

    const NameLists& m_lists = NameLists::shipped();
    const PlainWords& m_words = PlainWords::shipped();
};

} // namespace eyelid
