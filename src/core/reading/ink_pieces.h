// Connected pieces of ink on a picture of ink strengths.
//
// Method: runs of ink in a row are joined to those they touch in the row above, also cornerwise, by union-find
// (Rosenfeld and Pfaltz, Sequential Operations in Digital Picture Processing, JACM 1966; by runs: He, Chao and Suzuki,
// A Run-Based Two-Scan Labeling Algorithm, IEEE TIP 2008). Labels are kept a run, not a pixel: most of a screen is
// ground, and only boxes and areas are asked for.
#pragma once

#include <opencv2/core/mat.hpp>
#include <QRect>
#include <vector>

namespace eyelid {

struct InkPiece {
    QRect box;     ///< device pixels
    int area = 0;  ///< pixels of ink
    int first = 0; ///< the leftmost column of ink in its top row
};

/// The pieces of what is stronger than `least`, in the order of their top rows, then of their first columns. `strength`
/// is CV_8UC1; an empty one has no pieces.
std::vector<InkPiece> inkPieces(const cv::Mat& strength, int least);

/// The ink of one of those pieces alone, of the size of its box; what else stands within its box is left out.
cv::Mat inkOfPiece(const cv::Mat& strength, int least, const InkPiece& piece);

/// As inkPieces, where `pieces` are those of before these rows changed: only what touches them is looked for anew.
void renewPieces(std::vector<InkPiece>& pieces, const cv::Mat& strength, int least,
                 const std::vector<cv::Range>& changed);

} // namespace eyelid
