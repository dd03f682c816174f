// Sides of a rectangle that is being drawn, brought to straight edges of the picture near them: borders of fields,
// panels and tables.
#pragma once

#include <QImage>
#include <QRect>

namespace eyelid {

class EdgeSnap {
public:
    EdgeSnap() = default; ///< snaps to nothing
    /// `picture` must be RGB32; a side goes at most so many device pixels.
    EdgeSnap(const QImage& picture, int reach) : m_picture(picture), m_reach(reach) {}
    QRect snapped(QRect place, Qt::Edges sides) const;

private:
    QImage m_picture;
    int m_reach = 0;
};

} // namespace eyelid
