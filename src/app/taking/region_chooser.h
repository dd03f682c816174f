// How a place on the frozen desk is chosen: the state behind the region overlay, with no widget in it. All places are
// device pixels on the whole desk.
#pragma once

#include "capture/source.h"

#include <QImage>
#include <QPolygon>

namespace eyelid {

/// The desk as it stood when it was frozen.
struct FrozenDesk {
    DeskLayout layout;
    QImage picture; ///< of the whole desk
    QPoint corner;  ///< where the picture's first pixel lies on the desk
};

class RegionChooser {
public:
    enum class Mode {
        Region,  ///< a rectangle, drawn and adjusted
        Outline, ///< a line drawn by hand around a place
        Point    ///< a window, a part of one or a monitor, by pointing at it
    };
    enum class Grip { None, Inside, Left, Right, Top, Bottom, TopLeft, TopRight, BottomLeft, BottomRight };

    RegionChooser(FrozenDesk desk, Mode mode);

    const FrozenDesk& desk() const { return m_desk; }
    Mode mode() const { return m_mode; }
    void setMode(Mode mode);

    /// The rectangle chosen so far; in Mode::Point the place of what is pointed at. Null: nothing yet.
    QRect region() const;
    const QPolygon& outline() const { return m_outline; }
    Grip gripAt(const QPoint& at, int reach) const;
    QPoint pointer() const { return m_pointer; }
    bool dragging() const { return m_dragging; }

    /// `free`: no snapping (Alt); `reach`: how near something must be to be caught or snapped to, in device pixels.
    void press(const QPoint& at, int reach, bool free);
    void move(const QPoint& at, int reach, bool free);
    void release(const QPoint& at, int reach, bool free);
    /// Moves the region whole, kept on the desk.
    void nudge(int dx, int dy);
    /// Moves its right and lower edge.
    void stretch(int dx, int dy);
    /// Gives it a size; the upper left corner stays, unless the desk's edge is in the way.
    void setSize(const QSize& size);
    /// The next or previous window's place becomes the region (Mode::Point: what is pointed at).
    void cycle(int by);
    bool frame() const { return m_frame; }
    void setFrame(bool frame) { m_frame = frame; }
    bool panes() const { return m_panes; }
    void setPanes(bool panes) { m_panes = panes; }

    /// What would be taken; its What is Region unless something is pointed at. Null region when nothing is chosen.
    Target target() const;
    /// The target cut from the frozen picture. Null when it does not show the whole of it (a window hidden in part).
    QImage cut() const;
    /// What is pointed at, in words.
    QString title() const;

private:
    QPoint snapped(QPoint at, int reach, bool free, bool x, bool y) const;
    QRect bounds() const { return QRect(m_desk.corner, m_desk.picture.size()); }

    FrozenDesk m_desk;
    Mode m_mode;
    QRect m_region;
    QPolygon m_outline;
    Target m_pointed;
    QPoint m_pointer, m_from;
    QRect m_before;
    Grip m_grip = Grip::None;
    bool m_dragging = false, m_frame = true, m_panes = false;
    int m_cycled = -1;
};

} // namespace eyelid
