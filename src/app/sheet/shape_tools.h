// Tools that draw covers of other shapes than rectangles.
#pragma once

#include "app/sheet/sheet_tools.h"
#include "base/workers.h"
#include "editing/cover_shape.h"

namespace eyelid {

/// Gives what was drawn, in the capture's device pixels.
using ShapeDrawn = std::function<void(const CoverShape&)>;

/// A click takes in the title bar, field or panel it falls into (picture/boxes.h), which is outlined before.
class BoxTool final : public SheetTool {
public:
    BoxTool(Sheet& sheet, ShapeDrawn drawn) : SheetTool(sheet), m_drawn(std::move(drawn)) {}
    ~BoxTool() override { m_lane.finish(); }
    Qt::CursorShape cursorAt(const QPointF&) const override { return Qt::CrossCursor; }
    void press(const QPointF& point, const QMouseEvent& event) override;
    void move(const QPointF& point, const QMouseEvent& event) override;
    void release() override {}
    bool isDragged() const override { return false; }
    bool wantsMoves() const override { return true; }
    void paint(QPainter& painter) const override;
    void drop() override;

private:
    void seek();
    void found(const QPoint& at, const QRect& box);

    ShapeDrawn m_drawn;
    QPoint m_at; ///< device pixels
    QRect m_box; ///< found last
    bool m_seeking = false, m_pressed = false;
    Lane m_lane; ///< seeks; on a large capture it takes longer than a frame
};

/// Drawn with the button held; its ends meet.
class OutlineTool final : public SheetTool {
public:
    OutlineTool(Sheet& sheet, ShapeDrawn drawn) : SheetTool(sheet), m_drawn(std::move(drawn)) {}
    Qt::CursorShape cursorAt(const QPointF&) const override { return Qt::CrossCursor; }
    void press(const QPointF& point, const QMouseEvent& event) override;
    void move(const QPointF& point, const QMouseEvent& event) override;
    void release() override;
    void paint(QPainter& painter) const override;
    void drop() override { m_way.clear(); }

private:
    ShapeDrawn m_drawn;
    QPolygonF m_way;
};

/// A click for each corner; two quick ones, Enter, or one on the first corner, end it. Backspace takes the last one
/// back.
class PolygonTool final : public SheetTool {
public:
    PolygonTool(Sheet& sheet, ShapeDrawn drawn) : SheetTool(sheet), m_drawn(std::move(drawn)) {}
    Qt::CursorShape cursorAt(const QPointF&) const override { return Qt::CrossCursor; }
    void press(const QPointF& point, const QMouseEvent& event) override;
    void move(const QPointF& point, const QMouseEvent& event) override;
    void release() override {}
    bool isDragged() const override { return false; }
    bool doubleClick(const QPointF& point, const QMouseEvent& event) override;
    bool key(const QKeyEvent& event) override;
    bool wantsKey(const QKeyEvent& event) const override;
    bool wantsMoves() const override { return !m_corners.isEmpty(); }
    void paint(QPainter& painter) const override;
    void drop() override { m_corners.clear(); }

private:
    void end();

    ShapeDrawn m_drawn;
    QPolygonF m_corners;
    QPointF m_at;
};

/// A round brush.
class BrushTool final : public SheetTool {
public:
    BrushTool(Sheet& sheet, ShapeDrawn drawn) : SheetTool(sheet), m_drawn(std::move(drawn)) {}
    void setWidth(int width) { m_width = width; } ///< device pixels
    Qt::CursorShape cursorAt(const QPointF&) const override { return Qt::CrossCursor; }
    void press(const QPointF& point, const QMouseEvent& event) override;
    void move(const QPointF& point, const QMouseEvent& event) override;
    void release() override;
    bool wantsMoves() const override { return true; }
    void paint(QPainter& painter) const override;
    void drop() override { m_way.clear(); }

private:
    ShapeDrawn m_drawn;
    QPolygonF m_way;
    QPointF m_at;
    int m_width = 24;
};

} // namespace eyelid
