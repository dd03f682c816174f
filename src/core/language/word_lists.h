// The word lists that ship (data/words, data/names; their sources and licences stand there): constant, each loaded
// once, when it is first asked for.
#pragma once

#include <array>
#include <bitset>
#include <QHash>
#include <QSet>
#include <QString>
#include <QStringList>

namespace eyelid {

/// The languages there are words of, by their codes (ISO 639-2): eng, deu, fra, spa.
const QStringList& listedLanguages();

/// Words as they are listed, in small letters and with their accents.
class WordList {
public:
    static const WordList& shipped();
    /// Of any language.
    bool holds(const QString& word) const { return m_words.contains(word); }
    /// The languages that a word is one of the most frequent of, by their places in listedLanguages(); words of two
    /// letters and more, for these tell a language.
    std::bitset<8> toldBy(const QString& word) const { return m_telling.value(word); }

private:
    WordList();
    QSet<QString> m_words;
    QHash<QString, std::bitset<8>> m_telling; // by word
};

/// The same words without accents, and how frequent they are.
class PlainWords {
public:
    static const PlainWords& shipped();
    bool holds(const QString& spelt) const { return m_ranks.contains(spelt); }
    /// 0 for the most frequent word of a language; -1 for one that is not listed.
    int rank(const QString& spelt, const QString& language) const;
    /// The best rank in any listed language; in English and one other where that is told.
    int bestRank(const QString& spelt, const QString& language) const;

private:
    PlainWords();
    using Ranks = std::array<int, 4>; // by listedLanguages(); -1 for none
    void add(const QString& spelt, size_t language, int rank);
    QHash<QString, Ranks> m_ranks;
};

/// Names of people and places, in small letters and without accents.
class NameLists {
public:
    static const NameLists& shipped();
    bool isGiven(const QString& spelt) const { return m_given.contains(spelt); }
    bool isFamily(const QString& spelt) const { return m_family.contains(spelt); }
    bool isPlace(const QString& spelt) const { return m_places.contains(spelt); }
    /// As a whole: "san francisco".
    bool isTownOfSeveralWords(const QString& spelt) const { return m_towns.contains(spelt); }

private:
    NameLists();
    QSet<QString> m_given, m_family, m_places, m_towns;
};

/// Whether a given name that begins with an I is listed so, in small letters and with its accents.
bool isNameInI(const QString& name);

} // namespace eyelid
