// Where the capture stands in the view, and how large.
#include "app/sheet/overview.h"
#include "app/sheet/sheet.h"

#include <algorithm>
#include <cmath>
#include <QGestureEvent>
#include <QNativeGestureEvent>
#include <QScrollBar>
#include <QWheelEvent>

namespace eyelid {
namespace {
constexpr int room = 24; // around the capture, view units
} // namespace

double Sheet::shownPixel() const {
    return m_zoom / devicePixelRatioF();
}

double Sheet::pixel() const {
    return shownPixel() * m_geometry.scale;
}

void Sheet::updateBars() {
    const QSizeF size =
        shownSize().isEmpty() ? QSizeF() : QSizeF(shownSize()) * shownPixel() + QSizeF(2 * room, 2 * room);
    const QSize view = viewport()->size();
    horizontalScrollBar()->setRange(0, std::max(0, int(std::ceil(size.width())) - view.width()));
    verticalScrollBar()->setRange(0, std::max(0, int(std::ceil(size.height())) - view.height()));
    horizontalScrollBar()->setPageStep(view.width());
    verticalScrollBar()->setPageStep(view.height());
    horizontalScrollBar()->setSingleStep(40);
    verticalScrollBar()->setSingleStep(40);
}

QPointF Sheet::origin() const {
    const QSizeF size = QSizeF(shownSize()) * shownPixel();
    // A capture smaller than the view stands in its middle.
    const double x0 = std::max(double(room), (viewport()->width() - size.width()) / 2) - horizontalScrollBar()->value();
    const double y0 = std::max(double(room), (viewport()->height() - size.height()) / 2) - verticalScrollBar()->value();
    // On a device pixel, so that pixels of the capture fall on those of the screen where they can.
    const double ratio = devicePixelRatioF();
    return QPointF(std::round(x0 * ratio), std::round(y0 * ratio)) / ratio;
}

QPointF Sheet::shownToView(const QPointF& point) const {
    return origin() + point * shownPixel();
}

QPointF Sheet::toShown(const QPointF& point) const {
    return (point - origin()) / shownPixel();
}

QPointF Sheet::toView(const QPointF& point) const {
    return shownToView(m_geometry.toFramed.map(point));
}

QPointF Sheet::toPicture(const QPointF& point) const {
    return m_geometry.toFramed.inverted().map(toShown(point));
}

QTransform Sheet::viewTransform() const {
    const QPointF at = origin();
    return m_geometry.toFramed * QTransform::fromScale(shownPixel(), shownPixel()) *
           QTransform::fromTranslate(at.x(), at.y());
}

QRectF Sheet::viewOf(const QRectF& place) const {
    const QRectF there = m_geometry.toFramed.mapRect(place);
    return {shownToView(there.topLeft()), shownToView(there.bottomRight())};
}

void Sheet::setZoom(double zoom, const QPointF& fixed) {
    zoom = std::clamp(zoom, 0.05, 16.0);
    const QPointF under = toShown(fixed);
    m_zoom = zoom;
    m_backdrop = {};
    updateBars();
    const QPointF now = shownToView(under);
    horizontalScrollBar()->setValue(horizontalScrollBar()->value() + int(std::lround(now.x() - fixed.x())));
    verticalScrollBar()->setValue(verticalScrollBar()->value() + int(std::lround(now.y() - fixed.y())));
    viewport()->update();
    m_overview->place();
    emit zoomChanged();
}

void Sheet::zoomBy(double factor) {
    m_fitted = false;
    setZoom(m_zoom * factor, viewport()->rect().center());
}

void Sheet::fit() {
    m_fitted = true;
    const QSize size = shownSize();
    if (size.isEmpty()) return;
    const QSizeF view = QSizeF(viewport()->size()) - QSizeF(2 * room, 2 * room);
    const double scale = std::min(view.width() / size.width(), view.height() / size.height());
    // Never larger than life, a pixel of the capture for one of the interface: type is easiest to judge at its own
    // size.
    setZoom(std::min(devicePixelRatioF(), scale * devicePixelRatioF()), viewport()->rect().center());
}

void Sheet::fitWidth() {
    m_fitted = false;
    const QSize size = shownSize();
    if (size.isEmpty()) return;
    setZoom((viewport()->width() - 2 * room) * devicePixelRatioF() / size.width(), {room, room});
}

void Sheet::zoomTo(const QRectF& place) {
    if (place.isEmpty()) return;
    m_fitted = false;
    constexpr double share = 0.5; // of the view, that the place takes
    const QRectF there = m_geometry.toFramed.mapRect(place);
    const double most = std::min(viewport()->width() / there.width(), viewport()->height() / there.height());
    setZoom(std::clamp(share * most, 1.0, 6.0) * devicePixelRatioF(), viewport()->rect().center());
    centreOn(place.center());
}

void Sheet::centreOn(const QPointF& point) {
    centreOnShown(m_geometry.toFramed.map(point));
}

void Sheet::centreOnShown(const QPointF& point) {
    const QPointF off = shownToView(point) - QRectF(viewport()->rect()).center();
    horizontalScrollBar()->setValue(horizontalScrollBar()->value() + int(off.x()));
    verticalScrollBar()->setValue(verticalScrollBar()->value() + int(off.y()));
}

void Sheet::actualSize() {
    m_fitted = false;
    setZoom(1, viewport()->rect().center());
}

void Sheet::reveal(const QRectF& place) {
    const QRectF there = viewOf(place);
    const QRectF view = QRectF(viewport()->rect()).adjusted(room, room, -room, -room);
    double dx = 0, dy = 0;
    if (there.right() > view.right()) dx = there.right() - view.right();
    if (there.left() < view.left()) dx = there.left() - view.left();
    if (there.bottom() > view.bottom()) dy = there.bottom() - view.bottom();
    if (there.top() < view.top()) dy = there.top() - view.top();
    horizontalScrollBar()->setValue(horizontalScrollBar()->value() + int(dx));
    verticalScrollBar()->setValue(verticalScrollBar()->value() + int(dy));
}

// A wheel turns in steps and zooms at the pointer; two fingers on a pad move by pixels and pan, with Control they zoom.
void Sheet::wheelEvent(QWheelEvent* event) {
    const bool fingers = !event->pixelDelta().isNull();
    const bool zooms = event->modifiers() & Qt::ControlModifier || (event->modifiers() == Qt::NoModifier && !fingers);
    if (!zooms) return QAbstractScrollArea::wheelEvent(event);
    const double steps = event->angleDelta().y() / 120.0;
    if (steps != 0 && capture()) {
        m_fitted = false;
        setZoom(m_zoom * std::pow(1.2, steps), event->position());
    }
    event->accept();
}

// Two fingers drawn apart, on a pad or on the screen.
bool Sheet::zoomByGesture(QEvent& event) {
    if (!capture()) return false;
    if (event.type() == QEvent::NativeGesture) {
        const auto& gesture = static_cast<const QNativeGestureEvent&>(event);
        if (gesture.gestureType() != Qt::ZoomNativeGesture) return false;
        m_fitted = false;
        setZoom(m_zoom * (1 + gesture.value()), gesture.position());
        return true;
    }
    if (event.type() != QEvent::Gesture) return false;
    const auto* pinch = static_cast<QPinchGesture*>(static_cast<QGestureEvent&>(event).gesture(Qt::PinchGesture));
    if (!pinch) return false;
    m_fitted = false;
    setZoom(m_zoom * pinch->scaleFactor(), viewport()->mapFromGlobal(pinch->centerPoint().toPoint()));
    return true;
}

} // namespace eyelid
