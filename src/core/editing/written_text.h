// Text drawn in the face that ships with the program, the same everywhere: by FreeType alone, without hinting, so that
// no setting of the desk, thread or process changes a pixel.
#pragma once

#include "editing/type_weight.h"

#include <opencv2/core/mat.hpp>
#include <QString>

namespace eyelid {

/// The height of a small x of the face, of an em.
constexpr double smallLetterOfEm = 0.546;

/// How wide a text is at so many pixels an em.
double widthOfText(const QString& text, double pixels, TypeWeight weight = TypeWeight::Regular);

/// How much of each pixel is ink: CV_32F, 0 to 1, as large as `place`. The text begins at the left and stands in the
/// middle of the height; it is as large as `pixels` an em, or smaller where it would not fit in, never cut.
cv::Mat writtenText(const QString& text, const cv::Size& place, double pixels, TypeWeight weight = TypeWeight::Regular);

} // namespace eyelid
