// Values that only their surroundings tell, as the tagger was taught to see them (finding/tagger.h): names, addresses,
// user names, secrets and numbers that no form proves.
#pragma once

#include "finding/detector.h"
#include "tagger.h"

namespace eyelid {

/// `tagger`: as taught. Adds what no detector has settled: words that one of `settled` touches are left to it.
void findTagged(const Tagger& tagger, const Surroundings& in, const std::vector<Candidate>& settled,
                std::vector<Candidate>& out);

} // namespace eyelid
