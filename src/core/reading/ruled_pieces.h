// Type that is struck through, underlined through its tails, framed tightly or shadowed: one piece of ink with the rule
// or the shadow. Here these are taken out, so that letters are pieces of their own.
#pragma once

#include "reading/ink_pieces.h"

#include <opencv2/core.hpp>
#include <QRect>
#include <vector>

namespace eyelid {

/// Ink of one polarity.
struct InkLook {
    const cv::Mat& gray;     ///< the picture's lightness
    const cv::Mat& strength; ///< how far each pixel differs from its surroundings (ink_strength.h)
    int least;               ///< that is ink, of `strength`
    bool lightOnDark;
};

struct BarePieces {
    std::vector<InkPiece> pieces;
    std::vector<QRect> rules; ///< what was taken out, and rules that stand by themselves; device pixels
};

/// `pieces` are those of `look` (ink_pieces.h). A rule is a straight line as long
/// as its piece is wide, or, in a frame, as high; where a letter's stroke crosses it, the stroke stays.
BarePieces withoutRules(const InkLook& look, const std::vector<InkPiece>& pieces);

/// Letters with a shadow and what stands between them are one piece, for the ground is neither as light nor as dark as
/// the two. Such a piece is parted by what differs from its ground, the commonest level of `gray` there.
std::vector<InkPiece> withoutShadows(const InkLook& look, std::vector<InkPiece> pieces);

/// Whether a stroke that comes from above goes on below the rule in this column of `ink`, where levels of at least
/// `least` are ink; `rule` in the coordinates of `ink`.
bool strokeCrosses(const cv::Mat& ink, const QRect& rule, int column, int least);

} // namespace eyelid
