// Outlines around type: buttons, labels and fields with round ends or thick edges, which as pieces of ink look like
// huge letters and would make all that stands in them and beside them one line.
#pragma once

#include "reading/ruled_pieces.h"

#include <vector>

namespace eyelid {

/// `pieces` of `look` without those that run all around others of the size of type. A letter has ink on all four sides
/// as well, but nothing of that size inside it; a frame so wide that nothing is near needs no such look.
std::vector<InkPiece> withoutOutlines(const InkLook& look, std::vector<InkPiece> pieces);

} // namespace eyelid
