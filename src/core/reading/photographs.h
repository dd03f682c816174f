// Where on a screen photographs are: pictures in which neighbouring pixels differ a little nearly everywhere, while on
// the rest of a screen they are equal or differ much.
#pragma once

#include <opencv2/core/mat.hpp>
#include <vector>

namespace eyelid {

/// Rectangles around them, from 20 pixels up, each a little larger than the photograph; device pixels, left to right
/// within rows. `gray`: 8 bits, one channel.
std::vector<cv::Rect> findPhotographs(const cv::Mat& gray);

} // namespace eyelid
