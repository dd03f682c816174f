// A page as the tagger sees it (finding/tagger.h): its words, what is known of each by itself, and which words stand
// around it. The same code makes what the tagger is taught with (tools/tagger).
#pragma once

#include "finding/names.h"
#include "finding/screen_text.h"
#include "language/word_groups.h"

#include <array>
#include <vector>

namespace eyelid {

/// What is true of a word, as numbers from 0 to viewFeatures - 1, each at most once: its letters three at a time, the
/// word as a whole, what lists know of it, its form, its type, its place on its line, what a label says of it, and the
/// groups of words of like meaning it is in.
inline constexpr int viewFeatures = 6144 + 6144 + 512 + WordGroups::fineGroups + WordGroups::wideGroups;

/// Single words around a word, in this order.
enum class Near {
    Self,
    Before,
    SecondBefore,
    After,
    SecondAfter, // on its line
    LeftLast,
    LeftFirst,
    RightFirst, // of the cells beside
    AboveFirst,
    AboveLast,
    BelowFirst,
    BelowLast, // of the lines that are aligned with its own
    HeadFirst,
    HeadLast,
    SecondAboveFirst,
    SecondBelowFirst, // the top of its column
    Count
};
/// Groups of words around it, of which the mean is taken.
enum class Around { Line, Column, Row, Flow, Count };
inline constexpr int mostAround = 8;

/// A word, or a part of one that stands between signs that part values without a space: "4;Sutcliffe;Rowena".
struct ViewedWord {
    int line = 0;
    int word = 0; ///< of the line's words, the one it is of
    Span span;    ///< within the line's text
    std::vector<int> features;
    std::array<int, size_t(Near::Count)> near{};                             ///< words, -1 for none
    std::array<std::array<int, mostAround>, size_t(Around::Count)> around{}; ///< words, filled up with -1
};

/// The words of a page from line to line.
std::vector<ViewedWord> viewOf(const ScreenText& screen, const Names& names);

} // namespace eyelid
