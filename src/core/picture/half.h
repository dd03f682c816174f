// A picture at half its size.
#pragma once

#include <QImage>

namespace eyelid {

/// Each pixel the mean of four; a side of an odd number of pixels is rounded up. `picture` must be RGB32, and so is
/// what it gives.
QImage halfOf(const QImage& picture);

} // namespace eyelid
