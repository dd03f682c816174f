// Tells which words of a page belong to which kind of value, where no form proves it and only the surroundings tell: a
// small network of our own, taught with pages made up at random (tools/tagger). Each word is the sum of what is known
// of it; a word with its neighbours, its column, its row and its label is seen twice, the second time with what the
// first said of those around it. Deterministic, and safe from several threads.
#pragma once

#include "finding/kind.h"
#include "finding/page_view.h"

#include <memory>
#include <optional>
#include <QString>
#include <vector>

namespace eyelid {

class Tagger {
public:
    /// With the weights that ship.
    Tagger();
    ~Tagger();
    static const Tagger& shipped();

    /// What weighed most for a word.
    enum class Ground { Itself, Line, Label, Column, Neighbours };
    struct Tag {
        std::optional<Kind> kind; ///< the likeliest of those it knows; none where nothing of them is likely
        double confidence = 0;    ///< that `kind` is right, as the network has it
        double nobodys = 0;       ///< that the word is nothing sensitive
    };

private:
    struct Net;

public:
    /// A page as the tagger judges it; the words must outlive it.
    class Judgement {
    public:
        /// One for each word.
        const std::vector<Tag>& tags() const { return m_tags; }
        /// Without which part of its surroundings a word's kind would lose most.
        Ground ground(size_t word) const;

    private:
        friend class Tagger;
        Judgement(const Net& net, const std::vector<ViewedWord>& words);
        const Net& m_net;
        const std::vector<ViewedWord>& m_words;
        std::vector<float> m_alone, m_first; // by word: as it is by itself, and as seen the first time
        std::vector<Tag> m_tags;
    };
    Judgement judge(const std::vector<ViewedWord>& words) const;

    /// The number of a class by the name of its kind, for teaching; 0 for what is nobody's.
    static int classOf(const QString& kind);

private:
    std::unique_ptr<const Net> m_net;
};

} // namespace eyelid
