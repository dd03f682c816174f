#include "app/sheet/edge_snap.h"

#include "picture/edges.h"

namespace eyelid {

QRect EdgeSnap::snapped(QRect place, Qt::Edges sides) const {
    if (m_picture.isNull() || m_reach <= 0) return place;
    const QRect drawn = place;
    const auto column = [&](int x) {
        return verticalEdge(m_picture, x, m_reach, drawn.top(), drawn.bottom() + 1).value_or(x);
    };
    const auto row = [&](int y) {
        return horizontalEdge(m_picture, y, m_reach, drawn.left(), drawn.right() + 1).value_or(y);
    };
    // What is behind a side begins one pixel after it.
    if (sides & Qt::LeftEdge) place.setLeft(column(drawn.left()));
    if (sides & Qt::RightEdge) place.setRight(column(drawn.right() + 1) - 1);
    if (sides & Qt::TopEdge) place.setTop(row(drawn.top()));
    if (sides & Qt::BottomEdge) place.setBottom(row(drawn.bottom() + 1) - 1);
    return place.isValid() ? place : drawn;
}

} // namespace eyelid
