// Which words mean something alike: groups of English words by the company they keep in much text, made from open word
// vectors by tools/tagger/word_groups.py. Pennington, Socher and Manning, GloVe, EMNLP 2014.
#pragma once

#include <optional>
#include <QHash>
#include <QString>

namespace eyelid {

class WordGroups {
public:
    /// Those that ship (data/words/word-groups.txt): constant, loaded when first asked for.
    static const WordGroups& shipped();

    static constexpr int fineGroups = 512, wideGroups = 64;
    struct Group {
        int fine = 0; ///< below fineGroups
        int wide = 0; ///< below wideGroups; several fine groups lie in one
    };
    /// `spelt`: in small letters, without accents. None for names and for words that are rare or not English.
    std::optional<Group> of(const QString& spelt) const;

private:
    WordGroups();
    QHash<QString, Group> m_groups; // by word
};

} // namespace eyelid
