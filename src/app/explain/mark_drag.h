// Marks that are there, taken up by the pointer: by their grips, or whole.
#pragma once

#include "editing/mark.h"

#include <optional>
#include <QPainter>
#include <QPointF>
#include <vector>

class QKeyEvent;
class QMouseEvent;

namespace eyelid {

class Sheet;

/// What of a mark is held.
struct MarkGrip {
    enum class What { Whole, Point, Edges, Turn, ArcStart, ArcEnd };
    What what = What::Whole;
    qsizetype point = 0; ///< of Point
    Qt::Edges edges;     ///< of Edges
};

/// Where a mark can be held besides as a whole, on the capture. `pixel`: view units for one pixel of the capture.
std::vector<std::pair<MarkGrip, QPointF>> gripsOf(const Mark& mark, double pixel);

/// What a mark becomes when it is dragged by a grip from one point to another. `even`: angles and ratios are held to.
Mark dragged(Mark mark, const MarkGrip& grip, const QPointF& from, const QPointF& to, bool even);

/// What of the capture is in view.
QRectF seenOf(const Sheet& sheet);
/// Its ends hold on to what they stand on: a cover, a finding that is covered, another mark; those in a word go to the
/// word's edge.
Mark withHolds(const Sheet& sheet, Mark mark);

void paintMarkGrips(QPainter& painter, const Sheet& sheet, const Mark& mark, bool alone);
/// Arrows move the selected marks, with Control they stretch them; false where none is selected or the key is another.
bool nudgeMarks(Sheet& sheet, const QKeyEvent& event);

class MarkDrag {
public:
    /// None where the pointer is on no mark. Selects what it takes up; with Control, besides what is selected already.
    static std::optional<MarkDrag> begin(Sheet& sheet, const QPointF& point, const QMouseEvent& event);
    static std::optional<Qt::CursorShape> cursorAt(const Sheet& sheet, const QPointF& point);
    void move(const QPointF& point, const QMouseEvent& event);
    void end() const;
    void paint(QPainter& painter) const;

private:
    explicit MarkDrag(Sheet& sheet) : m_sheet(&sheet) {}
    std::vector<Mark> now() const;

    Sheet* m_sheet;
    std::vector<Mark> m_marks;
    MarkGrip m_grip;
    QPointF m_from, m_to, m_pressedAt;
    bool m_moved = false, m_even = false;
};

} // namespace eyelid
