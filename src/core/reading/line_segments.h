// The first step of finding lines: pieces of ink of one polarity into words, and words into lines.
#pragma once

#include "reading/ink_pieces.h"

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
    double share = 0; ///< of ground around the ink, 0 to 1; for the finder to fill in
};

/// `strength`: how far each pixel differs from its ground (ink_strength.h); `pieces`: the connected pieces of at least
/// `leastInk`. Linear in the number of pieces.
std::vector<LineSegment> lineSegments(const cv::Mat& strength, const std::vector<InkPiece>& pieces, int leastInk,
                                      bool lightOnDark);

} // namespace eyelid
