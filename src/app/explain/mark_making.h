// Marks made of what the pointer did.
#pragma once

#include "editing/mark.h"
#include "reading/page.h"

#include <QImage>
#include <QRectF>

namespace eyelid {

/// What of a way is to be held to: multiples of 15 degrees, and what else there is to be parallel to. Degrees.
QPointF heldToAngles(const QPointF& from, const QPointF& to, const std::vector<double>& others);
/// The directions of marks that are lines, degrees.
std::vector<double> directionsOf(const std::vector<Mark>& marks);
/// As wide as high.
QPointF heldToSquare(const QPointF& from, const QPointF& to);

/// How much larger than on a plain screen strokes and type are on a page: by the height of its small letters. 1 to 4.
double typeScale(const Page* page);
/// A style of a plain screen on a page of that scale.
MarkStyle scaled(MarkStyle style, double by);

/// A mark drawn from one point to another. `seen`: what of the capture is in view, where what is added must appear.
Mark drawnTo(Mark begun, const QPointF& from, const QPointF& to, const QRectF& seen);
/// A mark put by a click; what a click makes no sense for is not whole.
Mark putAt(Mark begun, const QPointF& at, const QRectF& seen);

/// "240 px, 12.5°", of a line while it is drawn.
QString readoutOf(const QPointF& from, const QPointF& to);
/// "#5a2f52, rgb 90 47 82, hsl 310 31 27" and the contrast ratio to another colour (WCAG 2.1), where there is one.
QString readoutOf(QRgb colour, std::optional<QRgb> other);
/// What is under a point of a capture.
std::optional<QRgb> colourAt(const QImage& capture, const QPointF& point);

} // namespace eyelid
