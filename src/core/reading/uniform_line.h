// A line of type of any colour and size as black on white of one height: what readers are given.
#pragma once

#include "reading/line_finder.h"

#include <QImage>
#include <QPointF>

namespace eyelid {

/// Where the line's picture came to lie after it was made uniform.
struct UniformLine {
    QImage image; ///< Grayscale8, black on white, of one height
    double scale = 1;
    QPointF offset;   ///< picture point = image point / scale + offset
    QPointF margin;   ///< of the image around `ink`, left and above, in the picture's pixels
    int baseline = 0; ///< row of the image the letters stand on
    QImage ink;       ///< Grayscale8, black on white, in the picture's own pixels
    QPoint inkOrigin; ///< where on the picture `ink` lies
    QRgb ground = 0;  ///< the colour around the letters

    /// The same line, elsewhere on a picture.
    void moveTo(QPoint newInkOrigin) {
        inkOrigin = newInkOrigin;
        offset = QPointF(newInkOrigin) - margin;
    }
};

/// Pixels around a line's box that makeUniform looks at.
inline constexpr int linePad = 2;

/// Makes black on white of one x-height from a line of any colour and size; what is not the line's own ink is left out.
UniformLine makeUniform(const QImage& picture, const LinePatch& line);

} // namespace eyelid
