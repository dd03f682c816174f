// The street that a list of its people is headed with: "Vicarage Road" over "1 … 3 … 5 …" beside their names.
#pragma once

#include "finding/detector.h"

#include <vector>

namespace eyelid {

/// The street, where three or more names have a number before them that grows from row to row and does not merely count
/// them, and the line over all of them reads like a street. The numbers stay: without their street they tell nobody,
/// and as covered values they would have to be gone from the whole case. `kept` must be whole values.
void findStreetsOverHouses(const Surroundings& in, const std::vector<Candidate>& kept, std::vector<Candidate>& out);

} // namespace eyelid
