// Text that runs up or down.
#pragma once

#include "reading/line_finder.h"
#include "reading/page.h"

#include <QRect>
#include <vector>

namespace eyelid {

/// Letters that stand one over the other without lines of their own: where text may run up or down. Device pixels.
std::vector<QRect> columnsOfLetters(const std::vector<LinePatch>& patches);

/// A line read on a picture that was turned upright, back to the one it was cut from. `turned`: degrees clockwise the
/// text is turned, 90 or 270; `upright`: the size of the upright picture; `origin`: where it was cut from.
void turnBack(TextLine& line, int turned, const QSize& upright, const QPoint& origin);

} // namespace eyelid
