// Tells which words of a page belong to which kind of value, where no form proves it and only the surroundings tell: a
// small network of our own, taught with pages made up at random (tools/tagger). Each word is the sum of what is known
// of it; a word, its neighbours, its column, its row and its label together give the class. Deterministic, and safe
// from several threads.
#pragma once

#include "finding/kind.h"
#include "page_view.h"

#include <memory>
#include <optional>
#include <QString>
#include <vector>

namespace eyelid {

class Tagger {
public:
    /// `weights` as train.py writes them.
    explicit Tagger(const QByteArray& weights);
    ~Tagger();

    /// What weighed most for a word.
    enum class Ground { Itself, Line, Label, Column, Neighbours };
    struct Tag {
        std::optional<Kind> kind; ///< none: nothing sensitive, or what a form proves
        double confidence = 0;    ///< of `kind`, calibrated (docs/finding.md)
        Ground ground = Ground::Itself;
    };
    /// One for each word.
    std::vector<Tag> tag(const std::vector<ViewedWord>& words) const;

    /// The number of a class by the name of its kind, for teaching; 0 for what is nobody's.
    static int classOf(const QString& kind);

private:
    struct Net;
    std::unique_ptr<const Net> m_net;
};

} // namespace eyelid
