// User names that are made of somebody's name, told by that name.
#pragma once

#include "finding/names.h"
#include "finding/phrase_search.h"

#include <map>
#include <QString>
#include <vector>

namespace eyelid {

/// As mail systems and people make them: "jan.torp", "jtorp", "torpj", "jan_t", "torp88", in any case, with or without
/// figures behind.
class UserNamesOf {
public:
    /// A name of two words or more, "Given Family" or "Family, Given"; others make no user name that tells. `id` comes
    /// back with each hit.
    void add(const QString& name, int id);
    bool isEmpty() const { return m_ofBoth.empty(); }

    /// Whole words of a line, and ends of links. A word of every day is none unless it bears figures or signs; a name
    /// as people write it is none.
    std::vector<PhraseHit> in(const TextRun& run, const Names& names) const;

private:
    int idOf(const QString& word, const Names& names) const;

    std::map<QString, int> m_ofBoth, m_ofOne; // by skeleton of their letters
};

} // namespace eyelid
