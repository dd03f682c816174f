// Never half a value: what was found grows over what belongs to it on its line. The initial before a surname, a name no
// list knows beside one that a list does, the sign before a user name, the house number before a street and the town
// behind it.
#pragma once

#include "finding/detector.h"

#include <vector>

namespace eyelid {

class TaggedPage;

/// `found` must not overlap; nothing grows into another. `tagged` may be null: then lists alone say what no name is.
void growToWhole(const Surroundings& in, const TaggedPage* tagged, std::vector<Candidate>& found);

} // namespace eyelid
