// What of a capture is shown, and how: cut, turned, sized, on more ground, with a border, a shadow, torn edges. A
// value; the capture stays whole, so that all of it can be changed again. Comes after the covers and before the marks
// (docs/architecture.md): it reads covered pixels alone.
#pragma once

#include "editing/mark_colours.h"

#include <QImage>
#include <QMargins>
#include <QRect>
#include <QRegion>
#include <QTransform>

namespace eyelid {

/// How large a picture becomes. Its ratio stays.
struct Resize {
    enum class By { No, Percent, Width, Height, Longest };
    By by = By::No;
    double to = 100; ///< percent, or device pixels
    bool operator==(const Resize&) const = default;
};

/// Applied in the order of its members.
struct Framing {
    /// How the sides of an excerpt are torn.
    enum class Edge { None, Wave, Steps, Fade };

    QRect crop;            ///< device pixels of the capture; null: all of it
    double angle = 0;      ///< straightened: degrees clockwise about the crop's middle, up to 45 either way
    int quarters = 0;      ///< turned clockwise by so many quarters, 0 to 3
    bool mirrored = false; ///< left for right
    Edge edge = Edge::None;
    Qt::Edges edgeSides = Qt::TopEdge | Qt::LeftEdge | Qt::RightEdge | Qt::BottomEdge; ///< of what is shown
    QMargins canvas; ///< more ground around it, device pixels
    Resize resize;
    int border = 0; ///< width, device pixels of the released picture
    QRgb borderColour = markColours::ink;
    int corner = 0;           ///< radius; likewise
    int shadow = 0;           ///< how far it reaches; likewise. 0: none
    QRgb ground = 0xffffffff; ///< of the canvas, and of whatever an edge, a corner or the turn leaves
    bool transparent = false; ///< what the ground would show stays transparent in a file that can be; not in others

    bool isPlain() const { return *this == Framing(); }
    bool operator==(const Framing&) const = default;
};

/// The largest side a framed picture may get, device pixels; what would be larger is made smaller.
inline constexpr int largestFramed = 30000;

/// How a capture lies in its framed picture.
struct FramedGeometry {
    QTransform toFramed; ///< from the capture's pixels to those of the framed picture
    QSize size;          ///< of the framed picture
    QRect shown;         ///< where the capture is to be seen in it
    QRect inner;         ///< the same with the canvas: marks end there
    double scale = 1;    ///< pixels of the framed picture for one of the capture

    /// Where a place of the capture is in the framed picture, as far as it is shown.
    QRectF mapped(const QRectF& place) const;
    QRegion mapped(const QRegion& region) const;
    /// Where a place of the framed picture is on the capture.
    QRectF mappedBack(const QRectF& place) const;
    bool shows(const QRectF& place) const { return !mapped(place).isEmpty(); }
};

FramedGeometry geometryOf(const Framing& framing, const QSize& capture);

/// `covered`: the capture with its covers, RGB32; so is what it gives. Nothing outside the crop is read where the angle
/// is 0; where it is not, the crop's own corners show what the turn brings in.
QImage framed(const QImage& covered, const Framing& framing);

/// What two pictures of one thing on white and on black tell of the thing alone: ARGB32, not premultiplied, with no
/// colour where nothing of it is. Laid on white it is `onWhite`, to a level. After Smith and Blinn, Blue screen
/// matting, 1996 (two backings, of which one is black).
QImage withoutGround(const QImage& onWhite, const QImage& onBlack);

/// As framed(), with whatever shows the ground left transparent: ARGB32.
QImage framedTransparent(const QImage& covered, Framing framing);

/// The same with its crop and everything that changes it moved on by a quarter clockwise.
Framing turnedByQuarter(Framing framing);

/// The same of a capture, with all that stands around it no larger than so many pixels along its longest side.
Framing smallVersion(Framing framing, const QSize& capture, int longest);

/// The largest rectangle of a ratio (width for height) around the middle of `place`, within it.
QRect ofRatio(const QRect& place, double ratio);

/// What is left of a picture when empty borders, rows and columns of one colour, are taken away; all of it where
/// nothing else is there. `picture` must be RGB32.
QRect contentOf(const QImage& picture);

} // namespace eyelid
