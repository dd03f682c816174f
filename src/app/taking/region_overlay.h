// The frozen desk on every screen, to choose a place on it: drag, adjust by handles, arrow keys or typed size, with a
// magnifier; or draw a line around it, or point at a window. Enter takes, Escape leaves.
#pragma once

#include "app/taking/region_chooser.h"

#include <memory>
#include <QObject>
#include <QWidget>
#include <vector>

namespace eyelid {

class OverlayPane;

class RegionOverlay final : public QObject {
    Q_OBJECT
public:
    /// `real`: the desk is the one this program runs on, and each screen shows its own part; otherwise the whole of it
    /// is shown in one window, made to fit.
    RegionOverlay(FrozenDesk desk, RegionChooser::Mode mode, bool real, const TakeOptions& options,
                  QObject* parent = nullptr);
    ~RegionOverlay() override;
    void open();

    RegionChooser& chooser() { return m_chooser; }
    std::vector<QWidget*> panes() const;

    // What the panes tell of.
    void key(QKeyEvent* event);
    void take();
    void leave();
    void changed();
    QString typed() const { return m_typed; }
    const TakeOptions& options() const { return m_options; }

signals:
    /// `picture`: cut from the frozen desk; null where the target must be taken afresh (a window hidden in part).
    void taken(eyelid::Target target, QImage picture, eyelid::TakeOptions options);
    void left();

private:
    RegionChooser m_chooser;
    TakeOptions m_options;
    bool m_real;
    std::vector<std::unique_ptr<OverlayPane>> m_panes;
    QString m_typed;
    bool m_over = false;
};

/// One screen's part of it.
class OverlayPane final : public QWidget {
public:
    /// `part`: what of the desk it shows, in the desk's pixels.
    OverlayPane(RegionOverlay& overlay, const QRect& part);
    QPoint toDesk(const QPointF& at) const;
    QPointF fromDesk(const QPointF& at) const;

protected:
    void paintEvent(QPaintEvent*) override;
    void mousePressEvent(QMouseEvent*) override;
    void mouseMoveEvent(QMouseEvent*) override;
    void mouseReleaseEvent(QMouseEvent*) override;
    void mouseDoubleClickEvent(QMouseEvent*) override;
    void keyPressEvent(QKeyEvent*) override;
    void closeEvent(QCloseEvent*) override;
    bool event(QEvent*) override;

private:
    double scale() const; ///< of this widget's pixels to the desk's
    QRectF shownRect() const;
    int reach() const;
    void paintRegion(QPainter& p, const QRectF& region);
    void paintMagnifier(QPainter& p);
    void paintHints(QPainter& p);
    void paintLabel(QPainter& p, const QRectF& region);
    void refreshCursor(const QPoint& at);

    RegionOverlay& m_overlay;
    QRect m_part;
};

} // namespace eyelid
