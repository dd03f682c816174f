// The lightness of a picture, in which lines, codes and faces are looked for.
#pragma once

#include <opencv2/core/mat.hpp>
#include <QImage>

namespace eyelid {

/// Grayscale8, by the weights of ITU-R BT.601. `picture` must be RGB32; one in Grayscale8 is given back as it is.
QImage lightnessOf(const QImage& picture);

/// The pixels of a Grayscale8 picture, not copied: to be read only while `gray` is there.
cv::Mat pixelsOf(const QImage& gray);

/// The level most pixels of a CV_8UC1 picture have; of equals the lowest.
int commonestLevel(const cv::Mat& gray);

} // namespace eyelid
