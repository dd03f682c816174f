// Type that is struck through, underlined through its tails or framed tightly: one piece of ink with the rule. Here the
// rules are taken out, so that letters are pieces of their own.
#pragma once

#include "reading/ink_pieces.h"

#include <opencv2/core.hpp>
#include <QRect>
#include <vector>

namespace eyelid {

struct BarePieces {
    std::vector<InkPiece> pieces;
    std::vector<QRect> rules; ///< what was taken out, device pixels
};

/// `pieces` are those of what is stronger than `least` on `strength` (ink_pieces.h). A rule is a straight line as long
/// as its piece is wide, or, in a frame, as high; where a letter's stroke crosses it, the stroke stays.
BarePieces withoutRules(const cv::Mat& strength, const std::vector<InkPiece>& pieces, int least);

/// Whether a stroke that comes from above goes on below the rule in this column of `ink`, where levels of at least
/// `least` are ink; `rule` in the coordinates of `ink`.
bool strokeCrosses(const cv::Mat& ink, const QRect& rule, int column, int least);

} // namespace eyelid
