#include "app/taking/region_chooser.h"

#include "base/sentence.h"
#include "picture/edges.h"

#include <algorithm>
#include <cstdlib>
#include <QPainter>

namespace eyelid {

RegionChooser::RegionChooser(FrozenDesk desk, Mode mode) : m_desk(std::move(desk)), m_mode(mode) {}

void RegionChooser::setMode(Mode mode) {
    // What is pointed at is where a region begins.
    if (m_mode == Mode::Point && mode == Mode::Region) m_region = region();
    m_mode = mode;
    m_outline.clear();
    m_dragging = false;
}

QRect RegionChooser::region() const {
    if (m_mode == Mode::Outline) return m_outline.boundingRect().intersected(bounds());
    if (m_mode == Mode::Point) return placeOf(m_desk.layout, m_pointed, {false, m_frame}).intersected(bounds());
    return m_region;
}

RegionChooser::Grip RegionChooser::gripAt(const QPoint& at, int reach) const {
    if (m_mode != Mode::Region || m_region.isEmpty()) return Grip::None;
    const QRect outer = m_region.adjusted(-reach, -reach, reach, reach);
    if (!outer.contains(at)) return Grip::None;
    const auto close = [&](int a, int b) { return std::abs(a - b) <= reach; };
    const bool l = close(at.x(), m_region.left()), r = close(at.x(), m_region.right()),
               t = close(at.y(), m_region.top()), b = close(at.y(), m_region.bottom());
    if (t && l) return Grip::TopLeft;
    if (b && r) return Grip::BottomRight;
    if (t && r) return Grip::TopRight;
    if (b && l) return Grip::BottomLeft;
    if (l) return Grip::Left;
    if (r) return Grip::Right;
    if (t) return Grip::Top;
    if (b) return Grip::Bottom;
    return Grip::Inside;
}

QPoint RegionChooser::snapped(QPoint at, int reach, bool free, bool x, bool y) const {
    const QRect all = bounds();
    at = {std::clamp(at.x(), all.left(), all.right() + 1), std::clamp(at.y(), all.top(), all.bottom() + 1)};
    if (free) return at;
    int bestX = reach + 1, bestY = reach + 1;
    QPoint to = at;
    const auto tryX = [&](int v) {
        if (const int d = std::abs(v - at.x()); d < bestX) {
            bestX = d;
            to.setX(v);
        }
    };
    const auto tryY = [&](int v) {
        if (const int d = std::abs(v - at.y()); d < bestY) {
            bestY = d;
            to.setY(v);
        }
    };
    // Edges lie between pixels: the right edge of a rectangle is one past its last pixel.
    const auto sides = [&](const QRect& r) {
        if (at.y() >= r.top() - reach && at.y() <= r.bottom() + reach) {
            tryX(r.left());
            tryX(r.right() + 1);
        }
        if (at.x() >= r.left() - reach && at.x() <= r.right() + reach) {
            tryY(r.top());
            tryY(r.bottom() + 1);
        }
    };
    for (const DeskWindow& w : m_desk.layout.windows) {
        sides(w.geometry);
        sides(w.inner);
        for (const Pane& pane : w.panes) sides(pane.geometry);
    }
    for (const Monitor& m : m_desk.layout.monitors) sides(m.geometry);
    // In the picture: a straight edge along what the region spans; at its first corner, one that begins or ends there.
    constexpr int around = 28;
    const QPoint p = at - m_desk.corner, o = m_from - m_desk.corner;
    const bool spans = m_dragging && m_grip == Grip::None;
    const auto ranges = [&](int here, int origin) -> std::vector<std::pair<int, int>> {
        if (spans && std::abs(here - origin) > around) return {{std::min(here, origin), std::max(here, origin)}};
        return {{here - around, here + around},
                {here + reach, here + reach + around},
                {here - reach - around, here - reach}};
    };
    for (const auto& [from, to_] : ranges(p.y(), o.y()))
        if (bestX > reach)
            if (const auto edge = verticalEdge(m_desk.picture, p.x(), reach, from, to_))
                tryX(*edge + m_desk.corner.x());
    for (const auto& [from, to_] : ranges(p.x(), o.x()))
        if (bestY > reach)
            if (const auto edge = horizontalEdge(m_desk.picture, p.y(), reach, from, to_))
                tryY(*edge + m_desk.corner.y());
    return {x ? to.x() : at.x(), y ? to.y() : at.y()};
}

void RegionChooser::press(const QPoint& at, int reach, bool free) {
    m_pointer = at;
    if (m_mode == Mode::Outline) m_outline = QPolygon{at};
    if (m_mode != Mode::Region) {
        m_dragging = m_mode == Mode::Outline;
        return;
    }
    m_grip = gripAt(at, reach);
    m_before = m_region;
    m_from = m_grip == Grip::None ? snapped(at, reach, free, true, true) : at;
    if (m_grip == Grip::None) m_region = QRect();
    m_dragging = true;
}

void RegionChooser::move(const QPoint& at, int reach, bool free) {
    m_pointer = at;
    if (m_mode == Mode::Point) {
        m_pointed = targetAt(m_desk.layout, at, m_panes);
        m_cycled = -1;
        return;
    }
    if (!m_dragging) return;
    if (m_mode == Mode::Outline) {
        if (m_outline.isEmpty() || m_outline.last() != at) m_outline << at;
        return;
    }
    if (m_grip == Grip::Inside) {
        m_region = m_before;
        nudge(at.x() - m_from.x(), at.y() - m_from.y());
        return;
    }
    const bool horizontal = m_grip != Grip::Top && m_grip != Grip::Bottom,
               vertical = m_grip != Grip::Left && m_grip != Grip::Right;
    const QPoint to = snapped(at, reach, free, horizontal, vertical);
    // As edges between pixels: left, top, right, bottom.
    int l = m_from.x(), t = m_from.y(), r = to.x(), b = to.y();
    if (m_grip != Grip::None) {
        l = m_before.left();
        t = m_before.top();
        r = m_before.right() + 1;
        b = m_before.bottom() + 1;
        const auto is = [&](Grip a, Grip c, Grip d) { return m_grip == a || m_grip == c || m_grip == d; };
        if (is(Grip::Left, Grip::TopLeft, Grip::BottomLeft)) l = to.x();
        if (is(Grip::Right, Grip::TopRight, Grip::BottomRight)) r = to.x();
        if (is(Grip::Top, Grip::TopLeft, Grip::TopRight)) t = to.y();
        if (is(Grip::Bottom, Grip::BottomLeft, Grip::BottomRight)) b = to.y();
    }
    m_region = QRect(std::min(l, r), std::min(t, b), std::abs(r - l), std::abs(b - t)).intersected(bounds());
}

void RegionChooser::release(const QPoint& at, int reach, bool free) {
    move(at, reach, free);
    m_dragging = false;
    m_grip = Grip::None;
    if (m_mode == Mode::Region && (m_region.width() < 2 || m_region.height() < 2)) {
        // A click that draws nothing means what lies under it.
        m_region = placeOf(m_desk.layout, targetAt(m_desk.layout, at, true), {false, m_frame}).intersected(bounds());
    }
}

void RegionChooser::nudge(int dx, int dy) {
    if (m_mode != Mode::Region || m_region.isEmpty()) return;
    const QRect all = bounds();
    m_region.moveTo(std::clamp(m_region.left() + dx, all.left(), all.right() + 1 - m_region.width()),
                    std::clamp(m_region.top() + dy, all.top(), all.bottom() + 1 - m_region.height()));
}

void RegionChooser::stretch(int dx, int dy) {
    if (m_mode == Mode::Region && !m_region.isEmpty()) setSize(m_region.size() + QSize(dx, dy));
}

void RegionChooser::setSize(const QSize& size) {
    if (m_mode != Mode::Region) return;
    const QRect all = bounds();
    const QSize fit(std::clamp(size.width(), 1, all.width()), std::clamp(size.height(), 1, all.height()));
    if (m_region.isEmpty()) m_region = QRect(m_pointer.isNull() ? all.topLeft() : m_pointer, fit);
    m_region.setSize(fit);
    nudge(0, 0);
}

void RegionChooser::cycle(int by) {
    const int count = int(m_desk.layout.windows.size());
    if (count == 0) return;
    m_cycled = m_cycled < 0 ? (by > 0 ? 0 : count - 1) : (m_cycled + by + count) % count;
    const DeskWindow& window = m_desk.layout.windows[size_t(m_cycled)];
    m_pointed = {Target::What::Window, window.id};
    if (m_mode == Mode::Region) m_region = placeOf(m_desk.layout, m_pointed, {false, m_frame}).intersected(bounds());
}

Target RegionChooser::target() const {
    if (m_mode == Mode::Point) return m_pointed;
    if (m_mode == Mode::Outline) return {Target::What::Region, {}, region(), m_outline};
    return {Target::What::Region, {}, m_region};
}

QImage RegionChooser::cut() const {
    const QRect place = region();
    if (place.isEmpty()) return {};
    if (m_mode == Mode::Point && (m_pointed.what == Target::What::Window || m_pointed.what == Target::What::Pane)) {
        // Only when no other window lies over it and all of it is on the desk.
        if (placeOf(m_desk.layout, m_pointed, {false, m_frame}) != place) return {};
        for (const DeskWindow& w : m_desk.layout.windows) {
            const bool own = w.id == m_pointed.id || std::any_of(w.panes.begin(), w.panes.end(),
                                                                 [&](const Pane& p) { return p.id == m_pointed.id; });
            if (own) break;
            if (w.geometry.intersects(place)) return {};
        }
    }
    QImage picture = m_desk.picture.copy(place.translated(-m_desk.corner));
    if (m_mode == Mode::Outline) {
        if (m_outline.size() < 3 || place.width() < 2 || place.height() < 2) return {};
        return keptWithin(picture, m_outline.translated(-place.topLeft()));
    }
    return picture;
}

QString RegionChooser::title() const {
    if (m_mode != Mode::Point) return {};
    switch (m_pointed.what) {
    case Target::What::Monitor:
        return Tr::tr("Monitor %1").arg(m_pointed.id);
    case Target::What::Window:
    case Target::What::Pane:
        for (const DeskWindow& w : m_desk.layout.windows) {
            if (w.id == m_pointed.id) return w.title;
            for (const Pane& p : w.panes)
                if (p.id == m_pointed.id) return Tr::tr("Part of %1").arg(w.title);
        }
        return {};
    default:
        return Tr::tr("Whole desk");
    }
}

} // namespace eyelid
