// What stands right by somebody's name, street or post code and is told by that alone: an early date, a town, the rest
// of a name, a user name.
#pragma once

#include "finding/detector.h"
#include "finding/tagged_values.h"

#include <vector>

namespace eyelid {

/// A date of long ago by itself under, or right behind, a name that begins its line: a date of birth, unless something
/// else speaks for it. A town behind a name ("Asia Chan of Ngau Chi Wan", "Zobuhle Bayeni, Pretoria"), under a street,
/// or in the cell beside a post code. A user name in brackets behind the name it is made of. A surname under a given
/// name, where a narrow cell broke the line. `kept` must be whole values.
void findBesidePeople(const Surroundings& in, const TaggedPage& tagged, const std::vector<Candidate>& kept,
                      std::vector<Candidate>& out);

} // namespace eyelid
