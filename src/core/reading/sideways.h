// Text that runs up or down.
//
// Method: where letters stand one over the other rather than side by side, the picture is turned both ways, lines are
// found on it as on any, and of two lines in one place the one that reads more surely is the text.
#pragma once

#include "reading/line_finder.h"
#include "reading/page.h"
#include "reading/uniform_line.h"

#include <QImage>
#include <QRect>
#include <vector>

namespace eyelid {

/// Letters that stand one over the other without lines of their own: where text may run up or down. Device pixels.
std::vector<QRect> columnsOfLetters(const std::vector<LinePatch>& patches);

/// A line found on the picture turned upright.
struct SidewaysLine {
    LinePatch patch;     ///< on the upright picture
    UniformLine uniform; ///< of it
    QRect place;         ///< on the picture as it was
};

/// Lines of letters that do not stand side by side in lines of `patches`, the picture's own. `turned`: degrees
/// clockwise the text is turned, 90 or 270; `picture` is RGB32.
std::vector<SidewaysLine> sidewaysLines(const QImage& picture, const std::vector<LinePatch>& patches, int turned);

/// The lines without those whose ink lies in `places`.
void takeOut(std::vector<LinePatch>& patches, const std::vector<QRect>& places);

/// The page's lines that are turned so, as on the picture turned upright, and nothing else of it.
Page turnedUpright(const Page& page, int turned);

/// A place on a picture that was turned upright, back on the one it was made from; `upright`: the turned one's size.
QRectF turnedBack(const QRectF& place, int turned, const QSize& upright);

/// A line read on a picture that was turned upright, back to the one it was made from; `upright`: the size of the
/// upright picture.
void turnBack(TextLine& line, int turned, const QSize& upright);

} // namespace eyelid
