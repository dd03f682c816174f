#include "finding/phrase_search.h"

#include "language/spelling.h"

#include <algorithm>

namespace eyelid {

namespace {

// A phrase of no more letters and digits than these is told by its symbols as well.
constexpr qsizetype shortPhrase = 3;

bool isPiece(QChar c) {
    return c.isLetterOrNumber() || c == QLatin1Char('!') || c == QLatin1Char('|');
}

} // namespace

bool PhraseSearch::add(const QString& phrase, int id) {
    const QString key = skeleton(phrase), trimmed = phrase.trimmed();
    const auto counts = [](QChar c) { return c.isLetterOrNumber(); };
    if (key.isEmpty() || std::none_of(trimmed.begin(), trimmed.end(), counts)) return false;
    Phrase added{{}, {}, id};
    if (key.size() <= shortPhrase) {
        const auto first = std::find_if(trimmed.begin(), trimmed.end(), isPiece);
        const auto last = std::find_if(trimmed.rbegin(), trimmed.rend(), isPiece).base();
        added.before = QString(trimmed.begin(), first - trimmed.begin());
        added.after = QString(last, trimmed.end() - last);
    }
    std::vector<Phrase>& alike = m_phrases[key];
    for (const Phrase& other : alike)
        if (other.before == added.before && other.after == added.after) return true;
    const auto symbols = [](const Phrase& p) { return p.before.size() + p.after.size(); };
    const auto at =
        std::find_if(alike.begin(), alike.end(), [&](const Phrase& other) { return symbols(other) < symbols(added); });
    alike.insert(at, std::move(added));
    m_longest = std::max(m_longest, key.size());
    return true;
}

const PhraseSearch::Phrase* PhraseSearch::at(const QString& text, const Span& span, const QString& key) const {
    const auto alike = m_phrases.find(key);
    if (alike == m_phrases.end()) return nullptr;
    for (const Phrase& phrase : alike->second) {
        const qsizetype before = span.start - phrase.before.size();
        if (before >= 0 && text.mid(before, phrase.before.size()) == phrase.before &&
            text.mid(span.end(), phrase.after.size()) == phrase.after)
            return &phrase;
    }
    return nullptr;
}

std::vector<PhraseHit> PhraseSearch::in(const TextRun& run) const {
    std::vector<PhraseHit> hits;
    if (isEmpty()) return hits;
    const QString& text = run.text();
    // Pieces of letters and digits; a phrase begins and ends at a piece's border.
    std::vector<Span> pieces;
    int start = -1;
    for (int i = 0; i <= text.size(); ++i) {
        const bool inside = i < text.size() && isPiece(text[i]);
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
            const Phrase* found = at(text, span, key);
            if (!found) continue;
            const int before = int(found->before.size()), after = int(found->after.size());
            best = {{span.start - before, span.length + before + after}, found->id};
            last = end;
        }
        if (best.id < 0) continue;
        hits.push_back(best);
        first = last;
    }
    return hits;
}

} // namespace eyelid
