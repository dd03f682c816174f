// Cells of two columns that stand so near each other that they were taken for one line: the rows over and under them
// part them.
#pragma once

#include "reading/page.h"

#include <vector>

namespace eyelid {

/// Parts each of `lines` (from top to bottom) at a gap wider than a word's where at least three other rows, over or
/// under it, have a cell at either side, each in line with its part, and nothing nearer goes through the gap. A
/// word with a colon, a comma or an equals sign behind it stays with what follows. The right parts come last; whether
/// there are any.
bool partNearColumns(std::vector<TextLine>& lines);

} // namespace eyelid
