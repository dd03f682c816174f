// Draws a mark of the kind the pen has.
#pragma once

#include "app/sheet/sheet_tools.h"
#include "editing/mark.h"

namespace eyelid {

class MarkTool final : public SheetTool {
public:
    using SheetTool::SheetTool;
    Qt::CursorShape cursorAt(const QPointF&) const override { return Qt::CrossCursor; }
    void press(const QPointF& point, const QMouseEvent& event) override;
    void move(const QPointF& point, const QMouseEvent& event) override;
    void release() override;
    bool key(const QKeyEvent& event) override;
    bool wantsKey(const QKeyEvent& event) const override;
    bool isDragged() const override;
    bool wantsMoves() const override { return true; }
    QString notice() const override;
    void paint(QPainter& painter) const override;
    void drop() override;

private:
    bool isFreehand() const;
    bool isAngle() const;
    QPointF heldTo(const QPointF& point, const QMouseEvent& event) const;
    QPointF atEdge(const QPointF& point, const QMouseEvent& event) const;
    Mark begun() const;
    Mark drawn() const;
    Mark band() const;
    void finish(Mark mark);
    void takeAway(const QPointF& point);

    bool m_down = false, m_moved = false;
    QPointF m_from, m_to, m_pressedAt; ///< the last in the view
    QPolygonF m_way;
    std::vector<double> m_pressures;
    std::vector<int> m_taken; ///< strokes that are taken away
    bool m_takesAway = false;
    std::optional<Mark> m_shown; ///< what was measured last, where it leaves no mark
    QPolygonF m_corners;         ///< of an angle, until it has three
    QElapsedTimer m_still;       ///< since the pen moved last
};

} // namespace eyelid
