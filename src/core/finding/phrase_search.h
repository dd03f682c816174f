// Looks for many known values at once, in any spelling a reader may have given them.
#pragma once

#include "finding/screen_text.h"

#include <map>
#include <QString>
#include <vector>

namespace eyelid {

struct PhraseHit {
    Span span;
    int id = 0;
};

class PhraseSearch {
public:
    /// `id` comes back with each hit. Of phrases that look alike the first counts. Only letters and digits are looked
    /// for; of a phrase that has three of them or fewer, what stands directly before and after them as well ("C++" is
    /// not "C"). False, and nothing to look for, where it has none of them.
    bool add(const QString& phrase, int id);
    bool isEmpty() const { return m_phrases.empty(); }

    /// Hits that begin and end at a word's border. Compares skeletons (spelling.h), so that case, accents, spaces
    /// and look-alikes do not matter.
    std::vector<PhraseHit> in(const TextRun& run) const;

private:
    struct Phrase {
        QString before, after; ///< symbols that must stand around it
        int id = 0;
    };
    const Phrase* at(const QString& text, const Span& span, const QString& key) const;

    std::map<QString, std::vector<Phrase>> m_phrases; // by skeleton; those with symbols first
    qsizetype m_longest = 0;
};

} // namespace eyelid
