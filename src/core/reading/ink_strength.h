// How strongly each pixel stands out from its surroundings as thin dark, or thin light, structure: the black-hat and
// top-hat transforms (Serra, Image Analysis and Mathematical Morphology, 1982).
//
// Keeps the last picture: of one of the same size only the rows that changed, and those near them, are worked out anew,
// with the same result as of any picture.
#pragma once

#include "reading/ink_pieces.h"

#include <opencv2/core/mat.hpp>
#include <QImage>
#include <vector>

namespace eyelid {

class InkStrength {
public:
    static constexpr int structureWidth = 21;  ///< pixels; thicker strokes are not text of up to 40 pixels
    static constexpr int structureHeight = 13; ///< what is higher, and wide, is a row, badge or button with text on it

    /// Grayscale8, not empty.
    void setPicture(const QImage& lightness);

    /// CV_8UC1 of the picture's size, in levels. Dark and light ink may be asked for side by side, from two threads.
    const cv::Mat& levels(bool light) { return brought(light).levels; }

    /// The pieces of what is stronger than `least`; see inkPieces.
    const std::vector<InkPiece>& pieces(bool light, int least);

private:
    struct Strength {
        cv::Mat levels;
        std::vector<cv::Range> stale; // rows whose levels are not those of the picture
        std::vector<InkPiece> pieces;
        int least = -1;                 // that they were looked for with
        std::vector<cv::Range> changed; // rows, since they were
    };
    Strength& brought(bool light);

    QImage m_lightness;
    Strength m_dark, m_light;
};

} // namespace eyelid
