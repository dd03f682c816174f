// Names and user names told by what stands around them on their line: where lines repeat, what stands between the same
// signs and values as others do is one too.
#pragma once

#include "finding/detector.h"

#include <vector>

namespace eyelid {

class TaggedPage;

/// "Khady Diaw → Makhtar 983.799.4781" line by line: between the arrow and the number stands somebody, whatever the
/// word. Three lines at least must show it, and as many as do not. `kept` must be whole values.
void findFramedAlike(const Surroundings& in, const TaggedPage& tagged, const std::vector<Candidate>& kept,
                     std::vector<Candidate>& out);

} // namespace eyelid
