// Looks for many known values at once, in any spelling a reader may have given them.
#pragma once

#include "finding/screen_text.h"

#include <QHash>
#include <QString>
#include <vector>

namespace eyelid {

struct PhraseHit {
    Span span;
    int id = 0;
};

class PhraseSearch {
public:
    /// `id` comes back with each hit.
    void add(const QString& phrase, int id);
    bool isEmpty() const { return m_ids.isEmpty(); }

    /// Hits that begin and end at a word's border. Compares skeletons (confusables.h), so that case, accents, spaces
    /// and look-alikes do not matter.
    std::vector<PhraseHit> in(const Run& run) const;

private:
    QHash<QString, int> m_ids;
    qsizetype m_longest = 0;
};

} // namespace eyelid
