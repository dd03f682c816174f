// How marks look. Drawn with antialiasing at whatever size they are shown in, by vector outlines alone: on the sheet
// and in the released picture the same.
#pragma once

#include "editing/mark.h"
#include "editing/text_outline.h"

#include <QImage>
#include <QPainter>
#include <QTransform>

namespace eyelid {

/// Where marks are drawn.
struct MarkScene {
    QTransform toTarget;                    ///< from the capture's pixels to the painter's
    double scale = 1;                       ///< pixels of the painter for one of the capture
    const QImage* picture = nullptr;        ///< as it is released, but for marks: what an Enlarge shows; null: nothing
    QTransform captureToPicture;            ///< from the capture's pixels to those of `picture`
    QRect shown;                            ///< what of `picture` shows the capture
    const std::vector<Mark>* all = nullptr; ///< of the capture: steps count among them
    QRegion covers; ///< of the capture: a tint ends at them, so that it tells nothing of what they hide
    OutlineCache* outlines = nullptr; ///< null: each is made anew
};

/// `mark` is whole (isWhole). Text, codes and signs stand upright and unmirrored whatever the framing; what clings to
/// the picture turns with it.
void paintMark(QPainter& painter, const Mark& mark, const MarkScene& scene);

/// Where an Enlarge is drawn: upright around its middle, its sides changed about where the picture is turned on its
/// side.
QRectF placeOfEnlarged(const Mark& enlarge, const QTransform& toTarget, double scale);

/// Of a Note: how high its box must be for its text, as wide as it is.
double heightOfNote(const Mark& note);
/// How wide a Note would be without breaking its lines, with its room around.
double widthOfNote(const Mark& note);

/// The modules of a QR code (ISO/IEC 18004) with this text, row by row, without the quiet zone; empty where it holds no
/// such text.
std::vector<std::vector<bool>> codeModules(const QString& text);

} // namespace eyelid
