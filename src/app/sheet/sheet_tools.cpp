#include "app/sheet/sheet_tools.h"

#include "app/sheet/sheet.h"
#include "app/window/theme.h"
#include "base/sentence.h"

#include <cmath>
#include <QApplication>
#include <QKeyEvent>
#include <QMouseEvent>

namespace eyelid {
namespace {
constexpr double still = 6;     // view units; clicks nearer than that are at one place
constexpr int leastDrawn = 3;   // device pixels of a side; what is less was a click
constexpr double gripReach = 9; // view units around a grip
constexpr int largeStep = 10;   // device pixels an arrow moves a cover by, with Shift
} // namespace

std::optional<SelectTool::Drag> SelectTool::gripAt(const QPointF& point) const {
    const auto gripped = m_sheet.gripped();
    if (!gripped) return std::nullopt;
    const auto grip = gripped->at(point, gripReach / m_sheet.pixel());
    // Words under a cover by hand can be swept all the same, but where the cover itself is selected it is dragged.
    return grip ? std::optional(Drag{*gripped, *grip, point, point}) : std::nullopt;
}

Qt::CursorShape SelectTool::cursorAt(const QPointF& point) const {
    if (const auto drag = gripAt(point)) {
        const Qt::Edges e = drag->grip.edges;
        if (drag->grip.what == Grip::What::Whole) return Qt::SizeAllCursor;
        if (drag->grip.what != Grip::What::Edges || e == Qt::LeftEdge || e == Qt::RightEdge) return Qt::SizeHorCursor;
        if (e == Qt::TopEdge || e == Qt::BottomEdge) return Qt::SizeVerCursor;
        return e == (Qt::LeftEdge | Qt::TopEdge) || e == (Qt::RightEdge | Qt::BottomEdge) ? Qt::SizeFDiagCursor
                                                                                          : Qt::SizeBDiagCursor;
    }
    if (m_sheet.itemAt(point)) return Qt::PointingHandCursor;
    return m_sheet.page() && wordNear(*m_sheet.page(), point) ? Qt::IBeamCursor : Qt::ArrowCursor;
}

// The third of three quick clicks takes the line.
bool SelectTool::thirdClick(const QPointF& point, const QMouseEvent& event) {
    const bool quick = m_sinceDouble.isValid() && m_sinceDouble.elapsed() < QApplication::doubleClickInterval() &&
                       (event.position() - m_pressed).manhattanLength() < still;
    m_sinceDouble.invalidate();
    const auto word = quick && m_sheet.page() ? wordNear(*m_sheet.page(), point) : std::nullopt;
    if (!word) return false;
    std::vector<WordAt> line;
    for (WordAt at{word->line, 0}; isOn(*m_sheet.page(), at); ++at.word) line.push_back(at);
    m_sheet.chooseWords(std::move(line));
    return true;
}

void SelectTool::press(const QPointF& point, const QMouseEvent& event) {
    if (thirdClick(point, event)) return;
    m_drag = gripAt(point);
    m_pressed = event.position();
    if (m_drag) return;
    m_pressed = event.position();
    m_pressedItem = m_sheet.itemAt(point);
    m_sweepFrom = m_sheet.page() ? wordNear(*m_sheet.page(), point) : std::nullopt;
    m_sweeping = false;
    if (!m_sweepFrom) m_sheet.click(m_pressedItem);
}

void SelectTool::move(const QPointF& point, const QMouseEvent& event) {
    if (m_drag) {
        m_drag->to = point;
        const bool far = (event.position() - m_pressed).manhattanLength() >= QApplication::startDragDistance();
        m_drag->moved = m_drag->moved || far;
        return;
    }
    if (!m_sweepFrom) return;
    if ((event.position() - m_pressed).manhattanLength() >= QApplication::startDragDistance()) m_sweeping = true;
    if (!m_sweeping || !m_sheet.page()) return;
    if (const auto to = wordNear(*m_sheet.page(), point))
        m_sheet.chooseWords(wordsBetween(*m_sheet.page(), *m_sweepFrom, *to));
}

void SelectTool::endDrag() {
    const Drag drag = *std::exchange(m_drag, std::nullopt);
    if (!drag.moved) return m_sheet.click(m_sheet.itemAt(drag.from));
    if (drag.gripped.isFinding())
        m_sheet.moveEnds(drag.gripped.endsFor(drag.grip, drag.to));
    else
        m_sheet.reshape(drag.gripped.id(), drag.gripped.shapeIn(drag.gripped.boundsFor(drag.grip, drag.from, drag.to)));
}

void SelectTool::paint(QPainter& painter) const {
    if (!m_drag || !m_drag->moved) return;
    const Theme& t = m_sheet.theme();
    QColor wash = t.aubergine;
    wash.setAlpha(70);
    painter.setPen(QPen(t.aubergine, 1.5));
    painter.setBrush(wash);
    const auto inView = [this](const QRectF& r) {
        return QRectF(m_sheet.toView(r.topLeft()), m_sheet.toView(r.bottomRight()));
    };
    if (m_drag->gripped.isFinding()) {
        for (const QRectF& box : m_drag->gripped.boxesOf(m_drag->gripped.endsFor(m_drag->grip, m_drag->to)))
            painter.drawRect(inView(box));
        return;
    }
    const QRect bounds = m_drag->gripped.boundsFor(m_drag->grip, m_drag->from, m_drag->to);
    painter.drawRect(inView(QRectF(bounds)));
    painter.setPen(t.ink);
    painter.drawText(inView(QRectF(bounds)).bottomRight() + QPointF(6, 14),
                     sentence(Tr::tr("%1 × %2"), bounds.width(), bounds.height()));
}

// A cover by hand that is selected goes with the arrows; with Control its lower right corner does.
bool SelectTool::key(const QKeyEvent& event) {
    const auto gripped = m_sheet.gripped();
    if (!gripped || gripped->isFinding()) return false;
    const int step = event.modifiers() & Qt::ShiftModifier ? largeStep : 1;
    QPoint by;
    switch (event.key()) {
    case Qt::Key_Left:
        by = {-step, 0};
        break;
    case Qt::Key_Right:
        by = {step, 0};
        break;
    case Qt::Key_Up:
        by = {0, -step};
        break;
    case Qt::Key_Down:
        by = {0, step};
        break;
    default:
        return false;
    }
    const Grip grip = event.modifiers() & Qt::ControlModifier ? Grip{Grip::What::Edges, Qt::RightEdge | Qt::BottomEdge}
                                                              : Grip{Grip::What::Whole, {}};
    m_sheet.reshape(gripped->id(), gripped->shapeIn(gripped->boundsFor(grip, {}, QPointF(by))));
    return true;
}

void SelectTool::release() {
    if (m_drag) return endDrag();
    if (!m_sweepFrom) return;
    // A press that swept nothing is a click on what lies there.
    if (!m_sweeping && !m_sinceDouble.isValid()) m_sheet.click(m_pressedItem);
    m_sweepFrom.reset();
    m_sweeping = false;
}

bool SelectTool::doubleClick(const QPointF& point, const QMouseEvent& event) {
    if (!m_sheet.page()) return true;
    if (const auto word = wordNear(*m_sheet.page(), point)) {
        m_pressed = event.position();
        m_sinceDouble.start();
        m_sheet.chooseWords({*word});
    }
    return true;
}

void SelectTool::drop() {
    m_drag.reset();
    m_sweepFrom.reset();
    m_sweeping = false;
}

void AreaTool::press(const QPointF& point, const QMouseEvent&) {
    m_from = m_to = point;
    m_dragging = true;
}

void AreaTool::move(const QPointF& point, const QMouseEvent&) {
    if (m_dragging) m_to = point;
}

void AreaTool::release() {
    if (!m_dragging) return;
    m_dragging = false;
    const QRectF p = QRectF(m_from, m_to).normalized();
    const QRect place(QPoint(int(std::floor(p.left())), int(std::floor(p.top()))),
                      QPoint(int(std::ceil(p.right())) - 1, int(std::ceil(p.bottom())) - 1));
    if (place.width() >= leastDrawn && place.height() >= leastDrawn) m_drawn(place);
}

void AreaTool::paint(QPainter& painter) const {
    if (!m_dragging) return;
    const Theme& t = m_sheet.theme();
    const QRectF r = QRectF(m_sheet.toView(m_from), m_sheet.toView(m_to)).normalized();
    QColor wash = t.aubergine;
    wash.setAlpha(90);
    painter.fillRect(r, wash);
    painter.setPen(QPen(t.aubergine, 1.5));
    painter.drawRect(r);
    const QRectF p = QRectF(m_from, m_to).normalized();
    painter.setPen(t.ink);
    painter.drawText(r.bottomRight() + QPointF(6, 14), sentence(Tr::tr("%1 × %2"), int(p.width()), int(p.height())));
}

void AreaTool::drop() {
    m_dragging = false;
}

} // namespace eyelid
