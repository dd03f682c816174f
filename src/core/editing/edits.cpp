#include "editing/edits.h"

#include "editing/mark_painting.h"
#include "editing/mark_paths.h"
#include "picture/own_picture.h"
#include "picture/picture_file.h"

#include <algorithm>
#include <QPainter>

namespace eyelid {

QRectF drawnPlaceOf(int id, const Decided& decided, const QSize& capture) {
    for (const HandCover& hand : decided.hands)
        if (hand.id == id) return QRectF(handRegion(hand, capture, decided.evenWidth).boundingRect());
    for (const Item& item : decided.items) {
        if (item.id != id) continue;
        QRect bounds;
        for (const QRect& rect : coverRects(item.finding, capture, decided.evenWidth)) bounds |= rect;
        return QRectF(bounds);
    }
    return {};
}

Edits editsOf(const Decided& decided, const QSize& capture) {
    Edits edits{coversOf(decided, capture), decided.framing, {}};
    for (const Mark& mark : followed(decided.marks, [&](int id) { return drawnPlaceOf(id, decided, capture); }))
        if (isWhole(mark)) edits.marks.push_back(mark);
    return edits;
}

void drawMarks(QImage& picture, const Edits& edits, const FramedGeometry& geometry) {
    const std::vector<Mark>& marks = edits.marks;
    if (marks.empty()) return;
    const QImage unmarked = ownCopy(picture);
    MarkScene scene{geometry.toFramed,     geometry.scale, &unmarked, geometry.toFramed, geometry.shown, &marks,
                    hiddenBy(edits.covers)};
    QPainter painter(&picture);
    painter.setClipRect(geometry.inner);
    for (const Mark& mark : marks) paintMark(painter, mark, scene);
}

// What comes after the covers.
static QImage framedAndMarked(const QImage& covered, const Edits& edits, const Framing& framing) {
    QImage picture = framed(covered, framing);
    drawMarks(picture, edits, geometryOf(framing, covered.size()));
    return picture;
}

QImage render(const QImage& capture, const Edits& edits) {
    return framedAndMarked(render(capture, edits.covers), edits, edits.framing);
}

QImage renderTransparent(const QImage& capture, const Edits& edits) {
    const QImage covered = render(capture, edits.covers);
    const auto on = [&](QRgb ground) {
        Framing framing = edits.framing;
        framing.ground = ground;
        return framedAndMarked(covered, edits, framing);
    };
    return withoutGround(on(qRgb(255, 255, 255)), on(qRgb(0, 0, 0)));
}

std::vector<MarkOver> marksOver(const Decided& decided, const QSize& capture) {
    std::vector<MarkOver> all;
    const QRegion hidden = hiddenBy(coversOf(decided, capture));
    for (const Mark& mark : editsOf(decided, capture).marks) {
        // What points at a finding or measures it is not taken for a cover; what lies on it may be.
        const bool lies = mark.kind != MarkKind::Point && mark.kind != MarkKind::Line && mark.kind != MarkKind::Measure;
        if (!lies || (mark.kind == MarkKind::Ring && !mark.style.ground)) continue;
        MarkOver over{mark.id, {}};
        for (const Item& item : decided.items) {
            if (item.decision == Decision::Cover) continue;
            const bool any = std::any_of(item.finding.boxes.begin(), item.finding.boxes.end(), [&](const QRectF& box) {
                if (QRegion(box.toAlignedRect()).subtracted(hidden).isEmpty()) return false;
                return isHit(mark, box.center(), box.height() / 2);
            });
            if (any) over.findings.push_back(item.id);
        }
        if (!over.findings.empty()) all.push_back(std::move(over));
    }
    return all;
}

} // namespace eyelid
