// All that is done to a capture before it is released: covers, framing, marks, in this order, so that whatever comes
// after the covers sees covered pixels only (docs/architecture.md, the rule of no influence).
#pragma once

#include "editing/framing.h"
#include "editing/item.h"
#include "editing/mark.h"

namespace eyelid {

struct Edits {
    std::vector<Cover> covers;
    Framing framing;
    std::vector<Mark> marks; ///< with held points where they belong
    bool operator==(const Edits&) const = default;
};

/// What follows from what was decided.
Edits editsOf(const Decided& decided, const QSize& capture);

/// The picture as it is released. RGB32.
QImage render(const QImage& capture, const Edits& edits);

/// The same with the ground left transparent: ARGB32.
QImage renderTransparent(const QImage& capture, const Edits& edits);

/// Draws the marks on a picture that is framed already.
void drawMarks(QImage& framedPicture, const Edits& edits, const FramedGeometry& geometry);

/// Where a thing of a capture is drawn, by its id: a cover's bounds, or those of a finding that is shown. Null where it
/// is neither. Never what a cover hides: the bounds are the cover's.
QRectF drawnPlaceOf(int id, const Decided& decided, const QSize& capture);

/// Marks over findings that are open or kept: they hide none of them.
struct MarkOver {
    int mark = 0;
    std::vector<int> findings; ///< in the order of the items
};
std::vector<MarkOver> marksOver(const Decided& decided, const QSize& capture);

} // namespace eyelid
