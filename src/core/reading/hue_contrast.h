// Type that differs from its ground in hue alone: where it stands, and a picture of levels on which it stands out.
//
// Method: blocks of the picture that are of one lightness and of more than one colour are joined to places; within one
// each pixel's level is the lightness, moved by how far the pixel's colour is from the place's ground (the greater
// difference of Cr and Cb, ITU-R BT.601). A place's ground keeps its level, so a place has no edges of its own; so does
// what is thicker than a stroke of type: a marked or coloured area beside the ground.
#pragma once

#include <opencv2/core/mat.hpp>
#include <QImage>
#include <QRect>
#include <vector>

namespace eyelid {

struct HueContrast {
    QImage levels;             ///< Grayscale8: the lightness where there are no places
    std::vector<QRect> places; ///< device pixels; on most pictures none

    /// Whether what stands in `box` is told from its ground by hue.
    bool holds(const QRect& box) const;
};

/// Keeps the last picture: of one of the same size only what changed is looked at, with the same result as of any.
class HueLook {
public:
    /// `picture` must be RGB32, `lightness` its lightness.
    HueContrast at(const QImage& picture, const QImage& lightness);

private:
    void renew(const QImage& picture);

    QImage m_picture;
    cv::Mat m_hued, m_even; // by block: of more than one colour; of one lightness
};

} // namespace eyelid
