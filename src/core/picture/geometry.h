// Rectangles in device pixels: growing outwards to whole pixels, and joining those that touch.
#pragma once

#include <QRect>
#include <QRectF>
#include <vector>

namespace eyelid {

/// The smallest whole-pixel rectangle that holds `box` grown by `margin` on every side.
QRect grownOutwards(const QRectF& box, double margin);

/// True when the two share a pixel or lie side by side without a gap.
bool touches(const QRect& a, const QRect& b);

/// How much of `inner` lies within `outer`, 0 to 1. An empty `inner` gives 0.
double shareWithin(const QRectF& inner, const QRectF& outer);

/// How much of `box` lies under the rectangles together, 0 to 1: where two overlap, it counts once.
double shareUnder(const QRectF& box, const std::vector<QRect>& rects);

/// How much of the lower of the two stands at the height of the other, 0 to 1; less than 0 where they are apart.
double verticalShare(const QRectF& a, const QRectF& b);

} // namespace eyelid
