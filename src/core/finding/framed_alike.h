// Names and user names told by what stands around them on their line: where lines repeat, what stands between the same
// signs and values as others do is one too; and whoever stands against somebody in a case is somebody.
#pragma once

#include "finding/detector.h"

#include <vector>

namespace eyelid {

class TaggedPage;

/// "Khady Diaw → Makhtar 983.799.4781" line by line: between the arrow and the number stands somebody, whatever the
/// word. Three lines at least must show it, and as many as do not; of the parties of cases ("Craciun v. Turcan") one on
/// the page must be known by name. `kept` must be whole values.
void findFramedAlike(const Surroundings& in, const TaggedPage& tagged, const std::vector<Candidate>& kept,
                     std::vector<Candidate>& out);

} // namespace eyelid
