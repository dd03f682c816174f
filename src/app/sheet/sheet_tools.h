// What the pointer does on the sheet: each tool takes the pointer's ways and draws what it is at.
#pragma once

#include "app/explain/mark_drag.h"
#include "app/sheet/edge_snap.h"
#include "app/sheet/grips.h"
#include "reading/word_picking.h"

#include <functional>
#include <QElapsedTimer>
#include <QPainter>
#include <QPointF>
#include <QRect>

class QKeyEvent;
class QMouseEvent;

namespace eyelid {

class Sheet;

/// Points are in the capture's device pixels, `event` is in the view's.
class SheetTool {
public:
    explicit SheetTool(Sheet& sheet) : m_sheet(sheet) {}
    virtual ~SheetTool() = default;
    virtual Qt::CursorShape cursorAt(const QPointF& point) const = 0;
    virtual void press(const QPointF& point, const QMouseEvent& event) = 0;
    virtual void move(const QPointF& point, const QMouseEvent& event) = 0;
    virtual void release() = 0;
    /// False where two quick clicks mean nothing.
    virtual bool doubleClick(const QPointF&, const QMouseEvent&) { return false; }
    /// False where the key means nothing to it.
    virtual bool key(const QKeyEvent&) { return false; }
    /// Whether the key is its own now, though it is a command's as well.
    virtual bool wantsKey(const QKeyEvent&) const { return false; }
    /// Whether it draws from a press to a release; else a click is enough.
    virtual bool isDragged() const { return true; }
    /// What it does next, for the sheet to say; empty where another knows.
    virtual QString notice() const { return {}; }
    /// Whether it is drawn anew where the pointer goes without a button.
    virtual bool wantsMoves() const { return false; }
    virtual void paint(QPainter&) const {}
    /// Forgets what was begun, as when another capture is shown.
    virtual void drop() = 0;

protected:
    Sheet& m_sheet;
};

/// A click selects what lies there, a sweep chooses words, two clicks a word, three a line. What is selected is dragged
/// by its grips.
class SelectTool final : public SheetTool {
public:
    using SheetTool::SheetTool;
    Qt::CursorShape cursorAt(const QPointF& point) const override;
    void press(const QPointF& point, const QMouseEvent& event) override;
    void move(const QPointF& point, const QMouseEvent& event) override;
    void release() override;
    bool doubleClick(const QPointF& point, const QMouseEvent& event) override;
    bool key(const QKeyEvent& event) override;
    void paint(QPainter& painter) const override;
    void drop() override;

private:
    /// What is dragged, from where to where.
    struct Drag {
        Gripped gripped;
        Grip grip;
        QPointF from, to;
        bool moved = false;
        EdgeSnap edges; ///< nothing while Alt is held
    };
    QRect boundsOf(const Drag& drag) const;
    std::optional<Drag> gripAt(const QPointF& point) const;
    void endDrag();
    bool thirdClick(const QPointF& point, const QMouseEvent& event);
    bool pressMark(const QPointF& point, const QMouseEvent& event);

    std::optional<Drag> m_drag;
    std::optional<MarkDrag> m_markDrag;
    std::optional<WordAt> m_sweepFrom;
    QPointF m_pressed;
    int m_pressedItem = 0;
    QElapsedTimer m_sinceDouble;
    bool m_sweeping = false;
};

/// Draws a rectangle, and gives it to `drawn`. Edges of the capture near its sides attract them, unless Alt is held.
class AreaTool final : public SheetTool {
public:
    AreaTool(Sheet& sheet, std::function<void(const QRect&)> drawn) : SheetTool(sheet), m_drawn(std::move(drawn)) {}
    Qt::CursorShape cursorAt(const QPointF&) const override { return Qt::CrossCursor; }
    void press(const QPointF& point, const QMouseEvent& event) override;
    void move(const QPointF& point, const QMouseEvent& event) override;
    void release() override;
    void paint(QPainter& painter) const override;
    void drop() override;

private:
    std::function<void(const QRect&)> m_drawn;
    QRect area() const; ///< device pixels

    bool m_dragging = false, m_snaps = true;
    EdgeSnap m_edges; ///< of the capture, while it is drawn
    QPointF m_from, m_to;
};

} // namespace eyelid
