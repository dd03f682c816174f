#include "app/taking/desk_map.h"

#include "app/window/theme.h"
#include "base/sentence.h"

#include <algorithm>
#include <cmath>
#include <QApplication>
#include <QKeyEvent>
#include <QLocale>
#include <QMouseEvent>
#include <QPainter>

namespace eyelid {

DeskMap::DeskMap(const DeskLayout& layout, const Theme& theme, QWidget* parent)
    : QWidget(parent), m_layout(layout), m_theme(theme), m_windows(layout.windows.size()) {
    setMouseTracking(true);
    setMinimumSize(420, 220);
    setSizePolicy(QSizePolicy::Expanding, QSizePolicy::Expanding);
    setAccessibleName(Tr::tr("Map of the desk"));
}

void DeskMap::setMiniature(size_t window, const QImage& picture) {
    m_windows.at(window) = picture;
    update();
}

bool DeskMap::isComplete() const {
    return std::none_of(m_windows.begin(), m_windows.end(), [](const QImage& picture) { return picture.isNull(); });
}

void DeskMap::setTarget(const Target& target) {
    m_target = target;
    update();
}

QRectF DeskMap::placed(const QRect& r) const {
    const QRect bounds = m_layout.bounds();
    const QRectF view = QRectF(rect()).adjusted(12, 12, -12, -30);
    const double scale = std::min(view.width() / bounds.width(), view.height() / bounds.height());
    const QSizeF size = QSizeF(bounds.size()) * scale;
    const QPointF corner(view.center().x() - size.width() / 2, view.center().y() - size.height() / 2);
    return QRectF(corner + QPointF(r.topLeft() - bounds.topLeft()) * scale, QSizeF(r.size()) * scale);
}

QPoint DeskMap::toDesk(const QPointF& point) const {
    const QRect bounds = m_layout.bounds();
    const QRectF all = placed(bounds);
    const double scale = all.width() / bounds.width();
    const QPointF d = (point - all.topLeft()) / scale;
    return bounds.topLeft() + QPoint(std::clamp(int(std::lround(d.x())), 0, bounds.width()),
                                     std::clamp(int(std::lround(d.y())), 0, bounds.height()));
}

QRect DeskMap::drawn(const QPointF& to) const {
    const QPoint a = toDesk(m_from), b = toDesk(to);
    return QRect(std::min(a.x(), b.x()), std::min(a.y(), b.y()), std::abs(a.x() - b.x()), std::abs(a.y() - b.y()));
}

void DeskMap::paintEvent(QPaintEvent*) {
    QPainter p(this);
    p.setRenderHint(QPainter::Antialiasing);
    p.setRenderHint(QPainter::SmoothPixmapTransform);
    const Theme& t = m_theme;
    const QRect bounds = m_layout.bounds();
    QRectF chosen = placed(bounds);
    for (const Monitor& m : m_layout.monitors) {
        const QRectF r = placed(m.geometry);
        p.fillRect(r, t.dark ? QColor(0x3a, 0x44, 0x48) : QColor(0xb9, 0xc6, 0xc6));
        p.setPen(QPen(t.ink, 1.5));
        p.setBrush(Qt::NoBrush);
        p.drawRoundedRect(r, 3, 3);
        p.setPen(t.faint);
        p.drawText(QRectF(r.left(), r.bottom() + 4, r.width(), 18), Qt::AlignHCenter | Qt::AlignTop,
                   sentence(Tr::tr("%1 · %2 × %3 at %4×"), m.name, m.geometry.width(), m.geometry.height(),
                            QLocale().toString(m.scale)));
        if (m_target.what == Target::What::Monitor && m_target.id == m.name) chosen = r;
    }
    for (size_t i = m_layout.windows.size(); i-- > 0;) {
        const QRectF r = placed(m_layout.windows[i].geometry);
        if (m_windows[i].isNull())
            p.fillRect(r, t.paper);
        else
            p.drawImage(r, m_windows[i]);
        p.setPen(QPen(t.hairline, 1));
        p.setBrush(Qt::NoBrush);
        p.drawRect(r);
    }
    if (m_target.what != Target::What::Monitor && m_target.what != Target::What::Desk)
        chosen = placed(placeOf(m_layout, m_target));
    QColor wash = t.aubergine;
    wash.setAlpha(46);
    p.setBrush(wash);
    p.setPen(QPen(t.dark ? t.oat : t.paper, 5));
    p.drawRoundedRect(chosen.adjusted(-1, -1, 1, 1), 4, 4);
    p.setBrush(Qt::NoBrush);
    p.setPen(QPen(t.aubergine, 2.5));
    p.drawRoundedRect(chosen.adjusted(-1, -1, 1, 1), 4, 4);
}

void DeskMap::mousePressEvent(QMouseEvent* event) {
    if (event->button() != Qt::LeftButton) return;
    m_pressed = true;
    m_drawing = false;
    m_from = event->position();
}

void DeskMap::mouseMoveEvent(QMouseEvent* event) {
    const auto moved = event->position() - m_from;
    if (m_pressed && moved.manhattanLength() >= QApplication::startDragDistance()) m_drawing = true;
    if (m_drawing)
        emit hovered({Target::What::Region, {}, drawn(event->position())});
    else
        emit hovered(targetAt(m_layout, toDesk(event->position()), event->modifiers() & Qt::ShiftModifier));
}

void DeskMap::mouseReleaseEvent(QMouseEvent* event) {
    if (event->button() != Qt::LeftButton || !m_pressed) return;
    m_pressed = false;
    if (!m_drawing)
        return emit chosen(targetAt(m_layout, toDesk(event->position()), event->modifiers() & Qt::ShiftModifier));
    m_drawing = false;
    const QRect region = drawn(event->position());
    if (region.width() > 1 && region.height() > 1) emit chosen({Target::What::Region, {}, region});
}

void DeskMap::keyPressEvent(QKeyEvent* event) {
    // Escape gives up a region half drawn before it closes the map.
    if (event->key() == Qt::Key_Escape && m_drawing) {
        m_pressed = m_drawing = false;
        return;
    }
    QWidget::keyPressEvent(event);
}

} // namespace eyelid
