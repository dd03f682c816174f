// Values that only their surroundings tell, as the tagger was taught to see them (finding/tagger.h): names, addresses,
// user names, secrets and numbers that no form proves.
#pragma once

#include "finding/detector.h"

namespace eyelid {

/// Adds what no detector has settled: words that one of `settled` touches are left to it.
void findTagged(const Surroundings& in, const std::vector<Candidate>& settled, std::vector<Candidate>& out);

} // namespace eyelid
