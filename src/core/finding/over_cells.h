// Never half a value in a narrow cell: what was found on one line of it grows over the line it goes on in.
#pragma once

#include "finding/detector.h"

#include <vector>

namespace eyelid {

/// "1977-03-" over "17" under a heading of dates: what is the whole of its line takes the line below or above in the
/// same cell (ScreenText::inCells), where that reads as part of it and is nothing found.
void growOverCells(const Surroundings& in, std::vector<Candidate>& found);

} // namespace eyelid
