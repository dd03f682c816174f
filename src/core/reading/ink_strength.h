// How strongly each pixel stands out from its surroundings as thin dark, or thin light, structure: the black-hat and
// top-hat transforms (Serra, Image Analysis and Mathematical Morphology, 1982).
//
// Keeps the last picture: of one of the same size only the rows that changed, and those near them, are worked out anew,
// with the same result as of any picture.
#pragma once

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

    /// CV_8UC1 of the picture's size, in levels. Both may be asked side by side, from two threads.
    const cv::Mat& dark() { return brought(m_dark, false); }
    const cv::Mat& light() { return brought(m_light, true); }

private:
    struct Strength {
        cv::Mat levels;
        std::vector<cv::Range> stale; // rows
    };
    const cv::Mat& brought(Strength& strength, bool light) const;

    QImage m_lightness;
    Strength m_dark, m_light;
};

} // namespace eyelid
