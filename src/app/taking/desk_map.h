// The monitors drawn to scale with their windows.
#pragma once

#include "capture/source.h"

#include <QImage>
#include <QWidget>
#include <vector>

namespace eyelid {

struct Theme;

class DeskMap final : public QWidget {
    Q_OBJECT
public:
    DeskMap(const DeskLayout& layout, const Theme& theme, QWidget* parent = nullptr);
    /// A picture of one of the layout's windows; until it is there, a blank sheet is drawn.
    void setMiniature(size_t window, const QImage& picture);
    /// Whether every window's picture is there.
    bool isComplete() const;
    void setTarget(const Target& target);
    QSize sizeHint() const override { return {620, 300}; }

    /// Where a place of the desk is drawn, in this widget's coordinates.
    QRectF placed(const QRect& r) const;

signals:
    void hovered(eyelid::Target target);
    /// Clicked, or a region drawn.
    void chosen(eyelid::Target target);

protected:
    void paintEvent(QPaintEvent*) override;
    void mousePressEvent(QMouseEvent*) override;
    void mouseMoveEvent(QMouseEvent*) override;
    void mouseReleaseEvent(QMouseEvent*) override;
    void keyPressEvent(QKeyEvent*) override;

private:
    QPoint toDesk(const QPointF& point) const;
    QRect drawn(const QPointF& to) const;

    DeskLayout m_layout;
    const Theme& m_theme;
    std::vector<QImage> m_windows;
    Target m_target;
    QPointF m_from;
    bool m_pressed = false, m_drawing = false;
};

} // namespace eyelid
