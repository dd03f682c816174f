// Drawing with keys alone: a cross that arrows move and Enter presses, for whatever tool is on.
#include "app/sheet/sheet.h"
#include "app/window/theme.h"

#include <QApplication>
#include <QKeyEvent>
#include <QMouseEvent>
#include <QPainter>

namespace eyelid {
namespace {

constexpr double step = 8, fine = 1, large = 64; // view units an arrow moves the cross, with Control, with Shift

QPointF directionOf(int key) {
    switch (key) {
    case Qt::Key_Left:
        return {-1, 0};
    case Qt::Key_Right:
        return {1, 0};
    case Qt::Key_Up:
        return {0, -1};
    case Qt::Key_Down:
        return {0, 1};
    default:
        return {};
    }
}

} // namespace

void Sheet::sendPointer(QEvent::Type type, const QPointF& at, Qt::KeyboardModifiers modifiers) {
    const bool down = type != QEvent::MouseButtonRelease && (m_keyDown || type == QEvent::MouseButtonPress);
    QMouseEvent event(type, at, viewport()->mapToGlobal(at), type == QEvent::MouseMove ? Qt::NoButton : Qt::LeftButton,
                      down ? Qt::LeftButton : Qt::NoButton, modifiers);
    const QPointF point = toPicture(at);
    if (type == QEvent::MouseButtonPress)
        current().press(point, event);
    else if (type == QEvent::MouseMove)
        current().move(point, event);
    else
        current().release();
}

// While a tool is on, arrows move its cross, whatever else they are keys of.
bool Sheet::isForKeyPoint(const QKeyEvent& event) const {
    return m_tool != Tool::Select && !directionOf(event.key()).isNull() && !(event.modifiers() & Qt::AltModifier);
}

// True where the key was one of these.
bool Sheet::moveKeyPoint(const QKeyEvent& event) {
    const QPointF direction = directionOf(event.key());
    const bool enters = event.key() == Qt::Key_Return || event.key() == Qt::Key_Enter;
    if (direction.isNull() && (!enters || event.modifiers() & Qt::ControlModifier)) return false;
    if (!m_keyPoint) {
        // Where one is at: at what is selected, or in the middle of the view.
        const QRectF selected = m_case.placeOf(m_selection.item());
        const QPointF middle = QRectF(viewport()->rect()).center();
        const bool inView = !selected.isNull() && QRectF(viewport()->rect()).contains(toView(selected.center()));
        m_keyPoint = inView ? selected.center() : toPicture(middle);
        sendPointer(QEvent::MouseMove, toView(*m_keyPoint), {});
        if (!enters) {
            viewport()->update();
            return true;
        }
    }
    if (enters) {
        clickAtKeyPoint(event);
    } else {
        const double by = event.modifiers() & Qt::ControlModifier ? fine
                          : event.modifiers() & Qt::ShiftModifier ? large
                                                                  : step;
        const QPointF at = toView(*m_keyPoint) + direction * by;
        m_keyPoint = toPicture(at);
        reveal(QRectF(*m_keyPoint - QPointF(1, 1), QSizeF(2, 2)));
        sendPointer(QEvent::MouseMove, toView(*m_keyPoint), {});
    }
    viewport()->update();
    return true;
}

void Sheet::clickAtKeyPoint(const QKeyEvent& event) {
    const QPointF at = toView(*m_keyPoint);
    const Qt::KeyboardModifiers held = event.modifiers() & (Qt::AltModifier | Qt::ShiftModifier);
    if (!m_keyDown) {
        sendPointer(QEvent::MouseButtonPress, at, held);
        m_keyDown = current().isDragged();
        if (!m_keyDown) sendPointer(QEvent::MouseButtonRelease, at, held);
        return;
    }
    sendPointer(QEvent::MouseMove, at, held);
    m_keyDown = false;
    sendPointer(QEvent::MouseButtonRelease, at, held);
}

void Sheet::drawKeyPoint(QPainter& painter) {
    if (!m_keyPoint || m_tool == Tool::Select) return;
    constexpr double arm = 12, gap = 4; // view units
    const QPointF at = toView(*m_keyPoint);
    for (const auto& [colour, width] : {std::pair(m_theme.onBrand, 4.0), std::pair(m_theme.aubergine, 2.0)}) {
        painter.setPen(QPen(colour, width));
        for (const QPointF& d : {QPointF(1, 0), QPointF(-1, 0), QPointF(0, 1), QPointF(0, -1)})
            painter.drawLine(at + d * gap, at + d * arm);
    }
}

} // namespace eyelid
