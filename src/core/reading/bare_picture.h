// A picture without the text that was read on it: what codes and faces are looked for on.
//
// What is left does not change with what the text says, so that a page of which only text has changed is not searched
// for them again; and rows of letters are not taken for stripes.
#pragma once

#include "reading/line_shapes.h"

#include <QImage>
#include <vector>

namespace eyelid {

/// `picture` must be RGB32, or its lightness; gives Grayscale8 of the same size. The ink of each word that was read
/// with some certainty is laid over with its line's ground; what may be a part of a code (bars, figures of doubt)
/// stays.
QImage barePicture(const QImage& picture, const std::vector<ReadLine>& lines);

} // namespace eyelid
