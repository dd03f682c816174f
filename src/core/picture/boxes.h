// Fields, bars and panels of a picture of a screen: what stands on one ground.
#pragma once

#include <QImage>
#include <QRect>

namespace eyelid {

/// The box a point lies in, as a title bar, a field or a panel: as far as the ground at the point goes on without a
/// step, whatever is written on it, and as far as boxReach from the point. A ground may shade from one colour into
/// another. Device pixels; null outside the picture. `picture` must be RGB32. Time: that of looking at each pixel of
/// the box a few times.
inline constexpr int boxReach = 2500;
QRect boxAround(const QImage& picture, const QPoint& point);

} // namespace eyelid
