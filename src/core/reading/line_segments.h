// The first step of finding lines: pieces of ink of one polarity into words, and words into lines.
#pragma once

#include "reading/ruled_pieces.h"

#include <opencv2/core.hpp>
#include <QRect>
#include <vector>

namespace eyelid {

inline constexpr int shortestLetter = 5; ///< device pixels; less is a dot, a comma or a dash

/// What may be a line: pieces of ink that stand together like letters.
struct LineSegment {
    QRect box;
    std::vector<QRect> inks;
    std::vector<QRect> rules; ///< that run through, under or around them
    bool lightOnDark = false;
    bool onBlock = false; ///< found as what stands on a block of the other polarity (grounds.h)
    double share = 0;     ///< of ground around the ink, 0 to 1; for the finder to fill in
    bool between = false; ///< what surrounds it is neither its lightest nor its darkest: type with a shadow
    double strength = 0;  ///< mean of its ink, levels
};

/// `pieces`: the connected pieces of `look`. Linear in their number.
std::vector<LineSegment> lineSegments(const InkLook& look, const std::vector<InkPiece>& pieces);

} // namespace eyelid
