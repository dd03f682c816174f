#include "finding/phrase_search.h"

#include "finding/confusables.h"

namespace eyelid {

void PhraseSearch::add(const QString& phrase, int id) {
    const QString key = skeleton(phrase);
    if (key.isEmpty() || m_ids.contains(key)) return;
    m_ids.insert(key, id);
    m_longest = std::max(m_longest, key.size());
}

std::vector<PhraseHit> PhraseSearch::in(const Run& run) const {
    std::vector<PhraseHit> hits;
    if (m_ids.isEmpty()) return hits;
    const QString& text = run.text();
    // Pieces of letters and digits; a phrase begins and ends at a piece's border.
    std::vector<Span> pieces;
    int start = -1;
    for (int i = 0; i <= text.size(); ++i) {
        const bool inside = i < text.size() &&
                            (text[i].isLetterOrNumber() || text[i] == QLatin1Char('!') || text[i] == QLatin1Char('|'));
        if (inside && start < 0) start = i;
        if (start >= 0 && (!inside || i == run.joint)) {
            pieces.push_back({start, i - start});
            start = inside ? i : -1;
        }
    }
    for (size_t first = 0; first < pieces.size(); ++first) {
        // The longest phrase that starts here wins.
        PhraseHit best{{0, 0}, -1};
        size_t last = first;
        for (size_t end = first; end < pieces.size(); ++end) {
            const Span span{pieces[first].start, pieces[end].end() - pieces[first].start};
            const QString key = skeleton(text.mid(span.start, span.length));
            if (key.size() > m_longest) break;
            const auto found = m_ids.constFind(key);
            if (found == m_ids.constEnd()) continue;
            best = {span, *found};
            last = end;
        }
        if (best.id < 0) continue;
        hits.push_back(best);
        first = last;
    }
    return hits;
}

} // namespace eyelid
