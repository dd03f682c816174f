// Cells of a table that are too narrow for what stands in them: their text goes on in further lines.
#pragma once

#include "reading/page.h"

#include <optional>

namespace eyelid {

/// The page with each such cell one line, its words in the order they are read in, each with the place it has; nothing
/// where there is no such cell. Told by the other cells of the row: those of one line stand at the middle of such a
/// cell or at its first or last line, with a wider gap to the next row. Only lines that break because the next word
/// would have reached out of the column are of one cell, and a label over its value is none.
std::optional<Page> withWholeCells(const Page& page);

} // namespace eyelid
