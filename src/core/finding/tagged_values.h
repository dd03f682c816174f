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

    /// Adds what no detector has settled: words that one of `settled` touches are left to it, but for names by lists of
    /// which the tagger is surer that they are part of something else.
    void find(std::vector<Candidate> settled, std::vector<Candidate>& out) const;
    /// Takes away names that only lists speak for, not surely, or that consist of words of every day, and that are
    /// nobody's by all that stands around them,
    /// unless a name nobody doubts has a word of them; and of such names the words that are nobody's.
    void dropNobodys(std::vector<Candidate>& candidates) const;
    /// How sure the tagger is that part of a line is nothing sensitive; of its words the one it is least sure of tells.
    double nobodys(int line, const Span& span) const;
    /// The lines that may speak for one: what stands to its left, and the next above it in its column without figures.
    std::vector<int> headsOf(int line) const;

private:
    bool isNobodys(const Candidate& name) const;
    std::vector<Candidate> withoutNobodys(const Candidate& name) const;
    bool isOfAnother(const Candidate& candidate) const;
    bool joins(size_t word, Kind kind) const;
    bool isPartedFromLast(size_t word) const;
    bool isTag(const ViewedWord& word) const;
    bool isWellRead(size_t begin, size_t end) const;
    bool isNumberedWord(const QString& text) const;
    bool isNameLike(const QString& text, double confidence) const;
    bool isPlaceable(size_t begin, size_t end) const;
    bool isAnnounced(const TextRun& run, int from) const;
    bool isLabelled(const TextRun& run, int from, Kind kind) const;
    void add(size_t begin, size_t end, size_t surest, bool besideSettled, std::vector<Candidate>& out) const;

    const Surroundings& m_in;
    std::vector<ViewedWord> m_words;
    Tagger::Judgement m_judgement;
};

} // namespace eyelid
