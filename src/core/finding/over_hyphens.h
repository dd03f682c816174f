// Never half a value at the end of a line: "Herne, AK 35978-" goes on with "9685" on the next.
#pragma once

#include "finding/detector.h"

#include <vector>

namespace eyelid {

/// What ends right before a hyphen that ends its line takes the group of figures or capitals, one figure at least, that
/// the next line begins with.
void growOverHyphens(const Surroundings& in, std::vector<Candidate>& found);

} // namespace eyelid
