// The lines marks are drawn along, and whether a point is on one. Of points in any pixels, those of what is drawn on.
#pragma once

#include "editing/mark.h"

#include <QPainterPath>

namespace eyelid {

/// The way of a Point's shaft, from one end to the other.
QPainterPath shaftOf(const Mark& mark, const QPolygonF& points);

/// The outline of a Ring in a box that is not turned. `mirrored`: its arc runs the other way.
QPainterPath ringPath(const Mark& mark, const QRectF& box, double scale, bool mirrored);

/// A way without corners.
QPainterPath smoothWay(const QPolygonF& points);

/// Whether a point of the capture is on what a mark draws, or so near to it.
bool isHit(const Mark& mark, const QPointF& point, double reach);

} // namespace eyelid
