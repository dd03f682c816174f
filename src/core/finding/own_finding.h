// Findings that officers make: of words they sweep, and of a value whose ends they move.
#pragma once

#include "finding/finding.h"
#include "reading/page.h"
#include "reading/word_picking.h"

#include <compare>
#include <optional>
#include <utility>

namespace eyelid {

class Finder;

/// A letter by its indexes: Page::lines[line].words[word].glyphs[letter]; 0 in a word whose letters have no places.
struct LetterAt {
    int line = 0, word = 0, letter = 0;
    auto operator<=>(const LetterAt&) const = default;
};

struct LetterSpan {
    LetterAt first, last; ///< both belong to it
    bool operator==(const LetterSpan&) const = default;
};

/// The letters a finding's boxes hold; none where no word of the page lies in them.
std::optional<LetterSpan> lettersOf(const Page& page, const Finding& finding);

/// The letter of the page that is nearest to a point, on the line nearest to it; none on a page without words.
std::optional<LetterAt> letterNear(const Page& page, const QPointF& point);

/// So many letters on, over the ends of words but not of the line; as far as there are any.
LetterAt letterAfter(const Page& page, const LetterAt& from, int by);

/// What stands from one letter to another in reading order, as a finding of that kind: its text, its key, a box for
/// each line. Its reason says that an officer made it.
Finding findingOf(const Page& page, const LetterSpan& span, Kind kind);

/// Words that were swept, likewise. Its kind is guessed: what finding takes the most of their letters for, wherever
/// they stand; else a person where all are written like names, else a word to watch for.
Finding findingOf(const Page& page, const std::vector<WordAt>& words, const Finder& finder);

/// The same finding as one of another kind.
Finding asKind(Finding finding, Kind kind);

} // namespace eyelid
