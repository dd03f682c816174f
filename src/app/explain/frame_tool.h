// Chooses what of the capture is shown: the crop is drawn, moved and stretched; with Control a line is drawn along what
// should be level; two clicks take the window, panel or field under the pointer.
#pragma once

#include "app/sheet/sheet_tools.h"
#include "base/workers.h"
#include "editing/framing.h"

namespace eyelid {

class FrameTool final : public SheetTool {
public:
    using SheetTool::SheetTool;
    ~FrameTool() override { m_lane.finish(); }
    Qt::CursorShape cursorAt(const QPointF& point) const override;
    void press(const QPointF& point, const QMouseEvent& event) override;
    void move(const QPointF& point, const QMouseEvent& event) override;
    void release() override;
    bool doubleClick(const QPointF& point, const QMouseEvent& event) override;
    bool wantsMoves() const override { return true; }
    QString notice() const override;
    void paint(QPainter& painter) const override;
    void drop() override { m_doing = Doing::Nothing; }

private:
    enum class Doing { Nothing, Drawing, Moving, Stretching, Levelling };
    QRect crop() const;  ///< as it is
    QRect drawn() const; ///< as it becomes
    Qt::Edges edgesAt(const QPointF& point) const;
    void set(QRect crop);
    void setLevel();

    Doing m_doing = Doing::Nothing;
    Qt::Edges m_edges; ///< of Stretching
    QPointF m_from, m_to;
    bool m_snaps = true, m_far = false;
    Lane m_lane; ///< seeks boxes
};

} // namespace eyelid
