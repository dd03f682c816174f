// Where lines, tiles or rows repeat, each with somebody's name in it, what stands at one place in all of them is known
// by that place: the number under each guest's name is the guest's.
#pragma once

#include "finding/detector.h"
#include "finding/tagged_values.h"

#include <vector>

namespace eyelid {

/// Identifiers (six characters or more, with digits) that stand where others do beside or under a person's name, in
/// three records at least; but for those whose label speaks of a thing (data/words/things.txt: serial numbers of
/// meters), or that have another label and of which the tagger is sure that they are nobody's; early dates but for
/// those under a heading of ordinary words. `settled`: what is found already; nothing of it is proposed again.
void findInRecords(const Surroundings& in, const TaggedPage& tagged, const std::vector<Candidate>& settled,
                   std::vector<Candidate>& out);

/// The same of lines that hold both: identifiers written alike on the same side of a name, on three lines at least.
void findBesideNames(const ScreenText& screen, const std::vector<Candidate>& settled, std::vector<Candidate>& out);

/// Words that begin where three or more user names begin, as many as those at most, written as such names are and not
/// words of every day: lines of logs and listings repeat as well.
void findInListings(const ScreenText& screen, const Names& names, const std::vector<Candidate>& settled,
                    std::vector<Candidate>& out);

} // namespace eyelid
