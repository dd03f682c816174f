// Dotted and wavy lines under type, as links and spelling checkers draw them: rows of dots, arcs and waves that would
// fill the spaces between words or stand among their letters.
#pragma once

#include "reading/ruled_pieces.h"

#include <vector>

namespace eyelid {

/// `pieces` of `look` without those that are such a line, and where these run. A row of dots counts where most of them
/// lie under letters: the dots that lead from a name to its number have none over them, and three are an ellipsis.
BarePieces withoutUnderlines(const InkLook& look, std::vector<InkPiece> pieces);

} // namespace eyelid
