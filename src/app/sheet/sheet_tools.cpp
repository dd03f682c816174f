#include "app/sheet/sheet_tools.h"

#include "app/sheet/sheet.h"
#include "app/sheet/sheet_notices.h"
#include "app/window/theme.h"
#include "base/sentence.h"

#include <cmath>
#include <QApplication>
#include <QKeyEvent>
#include <QMouseEvent>

namespace eyelid {
namespace {

void drawSize(QPainter& painter, const Sheet& sheet, const QPointF& corner, const QSize& size) {
    drawReadout(painter, sheet.viewport()->rect(), corner, sentence(Tr::tr("%1 × %2"), size.width(), size.height()),
                sheet.theme());
}

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
    return grip ? std::optional(Drag{*gripped, *grip, point, point, false, {}}) : std::nullopt;
}

Qt::CursorShape SelectTool::cursorAt(const QPointF& point) const {
    if (const auto cursor = MarkDrag::cursorAt(m_sheet, point)) return *cursor;
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
    if (thirdClick(point, event) || pressMark(point, event)) return;
    m_drag = gripAt(point);
    m_pressed = event.position();
    if (m_drag) return;
    m_pressed = event.position();
    m_pressedItem = m_sheet.itemAt(point);
    m_sweepFrom = m_sheet.page() ? wordNear(*m_sheet.page(), point) : std::nullopt;
    m_sweeping = false;
    if (!m_sweepFrom) m_sheet.click(m_pressedItem);
}

// A mark is taken up by its grips where it is selected, else by what it draws. Where a tint lies over a finding, the
// finding is meant.
bool SelectTool::pressMark(const QPointF& point, const QMouseEvent& event) {
    m_markDrag = MarkDrag::begin(m_sheet, point, event);
    return m_markDrag.has_value();
}

void SelectTool::move(const QPointF& point, const QMouseEvent& event) {
    if (m_markDrag) return m_markDrag->move(point, event);
    if (m_drag) {
        m_drag->to = point;
        m_drag->edges = event.modifiers() & Qt::AltModifier ? EdgeSnap() : m_sheet.edges();
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

QRect SelectTool::boundsOf(const Drag& drag) const {
    const QRect bounds = drag.gripped.boundsFor(drag.grip, drag.from, drag.to);
    return drag.grip.what == Grip::What::Edges ? drag.edges.snapped(bounds, drag.grip.edges) : bounds;
}

void SelectTool::endDrag() {
    const Drag drag = *std::exchange(m_drag, std::nullopt);
    if (!drag.moved) return m_sheet.click(m_sheet.itemAt(drag.from));
    if (drag.gripped.isFinding())
        m_sheet.moveEnds(drag.gripped.endsFor(drag.grip, drag.to));
    else
        m_sheet.reshape(drag.gripped.id(), drag.gripped.shapeIn(boundsOf(drag)));
}

void SelectTool::paint(QPainter& painter) const {
    if (m_markDrag) m_markDrag->paint(painter);
    if (!m_drag || !m_drag->moved) return;
    const Theme& t = m_sheet.theme();
    QColor wash = t.aubergine;
    wash.setAlpha(70);
    painter.setPen(QPen(t.aubergine, 1.5));
    painter.setBrush(wash);
    const auto inView = [this](const QRectF& r) { return m_sheet.viewOf(r); };
    if (m_drag->gripped.isFinding()) {
        for (const QRectF& box : m_drag->gripped.boxesOf(m_drag->gripped.endsFor(m_drag->grip, m_drag->to)))
            painter.drawRect(inView(box));
        return;
    }
    const QRect bounds = boundsOf(*m_drag);
    painter.drawRect(inView(QRectF(bounds)));
    drawSize(painter, m_sheet, inView(QRectF(bounds)).bottomRight(), bounds.size());
}

// A cover by hand that is selected goes with the arrows; with Control its lower right corner does.
bool SelectTool::key(const QKeyEvent& event) {
    if (nudgeMarks(m_sheet, event)) return true;
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
    if (m_markDrag) {
        const MarkDrag drag = *std::exchange(m_markDrag, std::nullopt);
        return drag.end();
    }
    if (m_drag) return endDrag();
    if (!m_sweepFrom) return;
    // A press that swept nothing is a click on what lies there.
    if (!m_sweeping && !m_sinceDouble.isValid()) m_sheet.click(m_pressedItem);
    m_sweepFrom.reset();
    m_sweeping = false;
}

bool SelectTool::doubleClick(const QPointF& point, const QMouseEvent& event) {
    if (const int mark = m_sheet.markAt(point); mark && mark == m_sheet.selection().item()) {
        m_sheet.askText(mark);
        return true;
    }
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
    if (std::exchange(m_markDrag, std::nullopt)) m_sheet.showInstead({});
    m_sweepFrom.reset();
    m_sweeping = false;
}

void AreaTool::press(const QPointF& point, const QMouseEvent& event) {
    m_from = m_to = point;
    m_snaps = !(event.modifiers() & Qt::AltModifier);
    m_edges = m_sheet.edges();
    m_dragging = true;
}

void AreaTool::move(const QPointF& point, const QMouseEvent& event) {
    if (!m_dragging) return;
    m_to = point;
    m_snaps = !(event.modifiers() & Qt::AltModifier);
}

QRect AreaTool::area() const {
    const QRectF p = QRectF(m_from, m_to).normalized();
    const QRect place(QPoint(int(std::floor(p.left())), int(std::floor(p.top()))),
                      QPoint(int(std::ceil(p.right())) - 1, int(std::ceil(p.bottom())) - 1));
    constexpr Qt::Edges all = Qt::LeftEdge | Qt::TopEdge | Qt::RightEdge | Qt::BottomEdge;
    return m_snaps ? m_edges.snapped(place, all) : place;
}

void AreaTool::release() {
    if (!m_dragging) return;
    m_dragging = false;
    const QRect place = area();
    m_edges = {};
    if (place.width() >= leastDrawn && place.height() >= leastDrawn) m_drawn(place);
}

void AreaTool::paint(QPainter& painter) const {
    if (!m_dragging) return;
    const Theme& t = m_sheet.theme();
    const QRect place = area();
    const QRectF r = m_sheet.viewOf(QRectF(place));
    QColor wash = t.aubergine;
    wash.setAlpha(90);
    painter.fillRect(r, wash);
    painter.setPen(QPen(t.aubergine, 1.5));
    painter.drawRect(r);
    drawSize(painter, m_sheet, r.bottomRight(), place.size());
}

void AreaTool::drop() {
    m_dragging = false;
}

} // namespace eyelid
