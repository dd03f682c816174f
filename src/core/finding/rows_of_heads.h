// Rows that name the columns under them, where no list knows a word of them.
#pragma once

#include "finding/screen_text.h"

#include <vector>

namespace eyelid {

/// Whether a line stands in such a row: nothing of anybody's is in it or over it, but a word for a field is in it, or
/// what is somebody's stands under another cell of it. `taken`: the lines on which something was found.
bool isInRowOfHeads(const ScreenText& screen, int line, const std::vector<char>& taken);

} // namespace eyelid
