// Cells of a table that are too narrow for what stands in them: their text goes on in a second line.
#pragma once

#include "reading/page.h"

#include <vector>

namespace eyelid {

/// For each line the one that goes on below it in the same cell of a table, or -1. `below`: the line directly below,
/// left-aligned, or -1. Told by the other cells of the row: those of one line stand at the middle of such a cell,
/// between its two lines, or at its first line, with a wider gap to the next row.
std::vector<int> linesBelowInCells(const std::vector<TextLine>& lines, const std::vector<int>& below);

} // namespace eyelid
