// Values that only their surroundings tell, as the tagger was taught to see them (finding/tagger.h): names, addresses,
// user names, secrets and numbers that no form proves; and what looks like a name and is nobody's.
#pragma once

#include "finding/detector.h"
#include "finding/tagger.h"

namespace eyelid {

/// A page as the tagger judges it.
class TaggedPage {
public:
    /// `in` must outlive it.
    explicit TaggedPage(const Surroundings& in);

    /// Adds what no detector has settled: words that one of `settled` touches are left to it.
    void find(const std::vector<Candidate>& settled, std::vector<Candidate>& out) const;
    /// Takes away names that only lists speak for, not surely, and that are nobody's by all that stands around them,
    /// unless a name nobody doubts has a word of them.
    void dropNobodys(std::vector<Candidate>& candidates) const;

private:
    bool isNobodys(const Candidate& name) const;
    bool joins(size_t word, Kind kind) const;
    bool isNameLike(const QString& text, double confidence) const;
    bool isPlaceable(size_t begin, size_t end) const;
    void add(size_t begin, size_t end, size_t surest, std::vector<Candidate>& out) const;

    const Surroundings& m_in;
    std::vector<ViewedWord> m_words;
    Tagger::Judgement m_judgement;
};

} // namespace eyelid
