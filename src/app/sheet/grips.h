// What of the selected finding or cover the pointer holds, and what it becomes when it is dragged: the ends of a
// finding go from letter to letter, a cover drawn by hand is moved and stretched.
#pragma once

#include "casefile/case.h"
#include "finding/own_finding.h"

#include <optional>
#include <QPointF>
#include <QRectF>

namespace eyelid {

struct Grip {
    enum class What { Start, End, Edges, Whole };
    What what = What::Whole;
    Qt::Edges edges; ///< of Edges
};

/// Points and places are in the capture's device pixels.
class Gripped {
public:
    /// Of a finding with letters on the page, or a cover drawn by hand; nothing to grip for others.
    static std::optional<Gripped> of(const Case& open, int id);

    int id() const { return m_id; }
    /// Where it can be gripped: small squares around these points.
    std::vector<std::pair<Grip, QPointF>> grips() const;
    /// Within `reach` of a grip, or within a cover drawn by hand.
    std::optional<Grip> at(const QPointF& point, double reach) const;

    /// Of a finding: with that end at the letter nearest to a point.
    LetterSpan endsFor(const Grip& grip, const QPointF& point) const;
    std::vector<QRectF> boxesOf(const LetterSpan& ends) const;
    /// Of a cover: dragged from one point to another.
    QRect boundsFor(const Grip& grip, const QPointF& from, const QPointF& to) const;
    CoverShape shapeIn(const QRect& bounds) const { return m_shape.stretched(m_bounds, bounds); }
    const QRect& bounds() const { return m_bounds; }
    bool isFinding() const { return m_letters.has_value(); }

private:
    int m_id = 0;
    std::shared_ptr<const Page> m_page;
    std::optional<LetterSpan> m_letters;
    std::vector<QRectF> m_boxes; ///< of a finding
    CoverShape m_shape;          ///< of a cover
    QRect m_bounds;
};

} // namespace eyelid
