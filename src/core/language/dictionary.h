// Whether words are spelt as a language spells them, by the dictionaries the system has (Hunspell's).
#pragma once

#include <memory>
#include <QString>
#include <QStringList>
#include <vector>

class Hunspell;

namespace eyelid {

class Dictionary {
public:
    /// For the languages of a case ("eng+deu"): a word is known where one of them knows it. Null where the system has a
    /// dictionary for none of them.
    static std::shared_ptr<const Dictionary> of(const QString& languages);
    ~Dictionary();
    /// Numbers, words with figures in them and words in capitals are not looked up: names of things are none's
    /// language.
    bool knows(const QString& word) const;
    QStringList suggestions(const QString& word) const;

private:
    Dictionary() = default;
    std::vector<std::unique_ptr<Hunspell>> m_books;
};

} // namespace eyelid
