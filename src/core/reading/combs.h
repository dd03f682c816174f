// Letters and figures that each stand in a box of their own, as forms on paper and fields for codes have them.
#pragma once

#include "reading/page.h"

#include <vector>

namespace eyelid {

/// Joins lines of one letter or figure each that stand side by side at one pitch, and takes the walls between boxes out
/// of lines they were read into as bars: a word for each run of filled boxes. Letters that stand alone are read without
/// the others; here they are settled by them. What counts on by equal steps is no value: pages of a list, the days of a
/// month, the marks of an axis.
void joinCombs(std::vector<TextLine>& lines);

} // namespace eyelid
