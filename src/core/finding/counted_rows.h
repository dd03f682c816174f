// Short numbers that count the rows of a table: they name things and tell of nobody.
#pragma once

#include "finding/detector.h"

#include <vector>

namespace eyelid {

/// "K-11" over "K-12": no key, no plate and no number of anybody's, unless a label says so.
void dropCounted(const ScreenText& screen, std::vector<Candidate>& candidates);

} // namespace eyelid
