// Where on a screen photographs are: pictures in which neighbouring pixels differ a little nearly everywhere, while on
// the rest of a screen they are equal or differ much.
#pragma once

#include <opencv2/core/mat.hpp>
#include <vector>

namespace eyelid {

/// Rectangles around them, from 20 pixels up, each a little larger than the photograph; device pixels, left to right
/// within rows. `gray`: 8 bits, one channel.
std::vector<cv::Rect> findPhotographs(const cv::Mat& gray);

/// Rectangles around what is small and uneven, from 16 to 128 pixels and not much longer one way than the other:
/// pictures too small, or of too much contrast, for the above; icons; words of a few letters. `gray` as above.
std::vector<cv::Rect> findPatches(const cv::Mat& gray);

/// Whether a patch is a picture by itself, of many shades. Neither icons nor letters are, which are of one ink.
bool isPicture(const cv::Mat& gray, const cv::Rect& patch);

/// Whether a photograph is as small as those, and stands on a ground of its own: no piece of a larger picture.
bool isSmallPicture(const cv::Mat& gray, const cv::Rect& photograph);

} // namespace eyelid
