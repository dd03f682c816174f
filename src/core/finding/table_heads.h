// Headings of tables: what stands beside one, and which cells stand under it.
#pragma once

#include "reading/page.h"

#include <vector>

namespace eyelid {

/// What stands in a row with a heading.
struct HeadCells {
    int count = 0;
    double next = 1e9, previous = -1e9; ///< pixels: where the neighbours on the right and left begin and end
};

/// An icon to sort by, which is read as a mark, is none of them, nor is a line of many words.
HeadCells cellsBeside(const std::vector<TextLine>& lines, size_t head);

/// Whether a line stands in the column of a heading: in line with it at either side or in the middle; or at the left of
/// a column in whose middle the heading stands, which ends where the cells of the next begin.
bool standsUnder(const std::vector<TextLine>& lines, size_t head, const HeadCells& beside, size_t cell);

} // namespace eyelid
