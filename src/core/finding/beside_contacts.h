// Where somebody lives, told by the ways to reach them that stand beside it.
#pragma once

#include "finding/detector.h"

#include <vector>

namespace eyelid {

/// A town by itself among somebody's details: between the mail address and the number of one line ("imotski@… |
/// Imotski, ES"), or on a line right over or under one of those, or right under a name in larger type. `kept` must be
/// whole values.
void findBesideContacts(const Surroundings& in, const std::vector<Candidate>& kept, std::vector<Candidate>& out);

} // namespace eyelid
