// A sanitised picture that stays above other windows while somebody writes about it: moved, zoomed, made see-through,
// closed with Escape; not in the list of windows.
#pragma once

#include <QImage>
#include <QWidget>

namespace eyelid {

struct Theme;

class PinnedPicture final : public QWidget {
    Q_OBJECT
public:
    PinnedPicture(const QImage& picture, const Theme& theme);
    /// On the screen of a window, the nth a little beside those before it, as large as it is or as fits.
    void showOn(const QWidget& window, int nth);
    double zoom() const { return m_zoom; }
    /// Of the picture's size; within what can be shown.
    void setZoom(double zoom);

protected:
    void paintEvent(QPaintEvent*) override;
    void keyPressEvent(QKeyEvent*) override;
    void wheelEvent(QWheelEvent*) override;
    void mousePressEvent(QMouseEvent*) override;
    void mouseMoveEvent(QMouseEvent*) override;
    void mouseDoubleClickEvent(QMouseEvent*) override;
    void contextMenuEvent(QContextMenuEvent*) override;

private:
    void setSeeThrough(double opacity);
    const Theme& m_theme;
    QImage m_picture;
    double m_zoom = 1;
    QPoint m_grip; ///< where it is held, from its corner
};

} // namespace eyelid
