// Where on a screen photographs are: pictures in which neighbouring pixels differ a little nearly everywhere, while on
// the rest of a screen they are equal or differ much.
#pragma once

#include <opencv2/core/mat.hpp>
#include <vector>

namespace eyelid {

/// Rectangles around them, from 20 pixels up, each a little larger than the photograph; device pixels, left to right
/// within rows. `gray`: 8 bits, one channel.
std::vector<cv::Rect> findPhotographs(const cv::Mat& gray);

/// Rectangles around small pictures of many shades, nearly as wide as high, from 16 to 128 pixels: portraits too small,
/// or of too much contrast, for the above. Neither icons nor letters, which are of one ink. `gray` as above.
std::vector<cv::Rect> findSmallPictures(const cv::Mat& gray);

/// Whether a photograph is as small as those, and stands on a ground of its own: no piece of a larger picture.
bool isSmallPicture(const cv::Mat& gray, const cv::Rect& photograph);

} // namespace eyelid
