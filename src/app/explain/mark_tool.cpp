#include "app/explain/mark_tool.h"

#include "app/explain/mark_drag.h"
#include "app/explain/mark_making.h"
#include "app/sheet/sheet.h"
#include "app/sheet/sheet_notices.h"
#include "app/window/theme.h"
#include "base/sentence.h"
#include "editing/mark_painting.h"
#include "editing/mark_paths.h"

#include <algorithm>
#include <cmath>
#include <QApplication>
#include <QKeyEvent>
#include <QMouseEvent>

namespace eyelid {
namespace {

constexpr double nextPoint = 2;   // device pixels; what is nearer to the last point adds nothing
constexpr qint64 heldStill = 600; // milliseconds after which a way that is drawn becomes straight
constexpr double bandRoom = 2;    // device pixels a tint goes beyond its words

} // namespace

bool MarkTool::isFreehand() const {
    const MarkKind kind = m_sheet.pen().kind();
    return kind == MarkKind::Draw || (kind == MarkKind::Tint && m_sheet.pen().form(kind) == MarkForm::Freehand);
}

bool MarkTool::isAngle() const {
    return m_sheet.pen().kind() == MarkKind::Measure && m_sheet.pen().form(MarkKind::Measure) == MarkForm::Angle;
}

bool MarkTool::isDragged() const {
    const MarkKind kind = m_sheet.pen().kind();
    const bool colour = kind == MarkKind::Measure && m_sheet.pen().form(kind) == MarkForm::Colour;
    return kind != MarkKind::Step && !isAngle() && !colour;
}

Mark MarkTool::begun() const {
    Mark mark = m_sheet.pen().begun(m_sheet.pen().kind());
    mark.style = scaled(mark.style, typeScale(m_sheet.page()));
    return mark;
}

QPointF MarkTool::heldTo(const QPointF& point, const QMouseEvent& event) const {
    if (!(event.modifiers() & Qt::ShiftModifier)) return atEdge(point, event);
    const MarkKind kind = m_sheet.pen().kind();
    if (kind == MarkKind::Point || kind == MarkKind::Line || kind == MarkKind::Measure)
        return heldToAngles(m_from, point, directionsOf(m_sheet.drawnMarks()));
    return kind == MarkKind::Ring || kind == MarkKind::Enlarge ? heldToSquare(m_from, point) : point;
}

// The ends of a measure are drawn to edges of the picture, unless Alt is held.
QPointF MarkTool::atEdge(const QPointF& point, const QMouseEvent& event) const {
    if (m_sheet.pen().kind() != MarkKind::Measure || isAngle() || event.modifiers() & Qt::AltModifier) return point;
    const MarkForm form = m_sheet.pen().form(MarkKind::Measure);
    if (form == MarkForm::Colour) return point;
    constexpr int around = 12; // device pixels of an edge that are looked at
    const QPoint at(int(std::lround(point.x())), int(std::lround(point.y())));
    const QRect snapped = m_sheet.coveredEdges().snapped(QRect(at - QPoint(around, around), QSize(around, around)),
                                                         Qt::RightEdge | Qt::BottomEdge);
    QPointF to = point;
    if (form != MarkForm::Down) to.setX(snapped.right() + 1);
    if (form != MarkForm::Across) to.setY(snapped.bottom() + 1);
    return to;
}

void MarkTool::press(const QPointF& point, const QMouseEvent& event) {
    m_pressedAt = event.position();
    m_moved = false;
    m_shown.reset();
    m_takesAway =
        m_sheet.pen().kind() == MarkKind::Draw && (m_sheet.penErases() || event.modifiers() & Qt::AltModifier);
    if (m_takesAway) {
        m_down = true;
        m_from = m_to = point;
        m_way = {point};
        return takeAway(point);
    }
    if (isAngle()) {
        m_corners << point;
        m_to = point;
        if (m_corners.size() == 3) {
            Mark mark = begun();
            mark.points = std::exchange(m_corners, {});
            finish(mark);
        }
        return;
    }
    m_down = true;
    m_from = m_to = atEdge(point, event);
    m_way = {point};
    m_pressures = {m_sheet.penPressure()};
    m_still.start();
}

void MarkTool::move(const QPointF& point, const QMouseEvent& event) {
    if (!m_down) {
        m_to = point;
        return;
    }
    if (m_takesAway) return takeAway(point);
    m_to = heldTo(point, event);
    m_moved = m_moved || (event.position() - m_pressedAt).manhattanLength() >= QApplication::startDragDistance();
    if ((point - m_way.last()).manhattanLength() < nextPoint) return;
    m_way << point;
    m_pressures.push_back(m_sheet.penPressure());
    m_still.restart();
}

// Bands over the words that were swept; a way where there are none.
Mark MarkTool::band() const {
    Mark mark = begun();
    const Page* page = m_sheet.page();
    const auto first = page ? wordNear(*page, m_from) : std::nullopt,
               last = page ? wordNear(*page, m_to) : std::nullopt;
    mark.points.clear();
    if (first && last)
        for (const QRectF& box : boxesOf(*page, wordsBetween(*page, *first, *last)))
            mark.points << box.topLeft() - QPointF(bandRoom, bandRoom)
                        << box.bottomRight() + QPointF(bandRoom, bandRoom);
    if (!mark.points.isEmpty()) return mark;
    mark.form = MarkForm::Freehand;
    mark.points = m_way;
    return mark;
}

Mark MarkTool::drawn() const {
    const MarkKind kind = m_sheet.pen().kind();
    if (kind == MarkKind::Tint && !isFreehand()) return band();
    Mark mark = begun();
    if (isFreehand()) {
        const bool straightened = m_still.isValid() && m_still.elapsed() > heldStill && m_way.size() > 2;
        mark.points = straightened ? QPolygonF{m_way.first(), m_way.last()} : m_way;
        // A mouse presses evenly.
        const bool pressed = std::any_of(m_pressures.begin(), m_pressures.end(),
                                         [&](double p) { return p > 0 && p != m_pressures.front(); });
        if (kind == MarkKind::Draw && pressed && !straightened) mark.pressures = m_pressures;
        return mark;
    }
    const QRectF seen = seenOf(m_sheet);
    const bool colour = kind == MarkKind::Measure && mark.form == MarkForm::Colour;
    if (m_moved && kind != MarkKind::Step && !colour) return drawnTo(mark, m_from, m_to, seen);
    mark = putAt(mark, m_from, seen);
    if (kind == MarkKind::Measure && mark.form == MarkForm::Colour)
        if (const auto at = colourAt(m_sheet.covered(), m_from))
            mark.text = readoutOf(*at, m_moved ? colourAt(m_sheet.covered(), m_to) : std::nullopt);
    return mark;
}

void MarkTool::finish(Mark mark) {
    drop();
    if (!isWhole(mark)) return;
    if (mark.kind == MarkKind::Measure && !m_sheet.pen().leavesMeasures())
        m_shown = std::move(mark);
    else
        m_sheet.give(withHolds(m_sheet, std::move(mark)));
}

// Strokes the pen goes over with its other end, or with Alt.
void MarkTool::takeAway(const QPointF& point) {
    const double reach = 5 / m_sheet.pixel(); // view units
    for (const Mark& mark : m_sheet.drawnMarks())
        if (mark.kind == MarkKind::Draw && std::find(m_taken.begin(), m_taken.end(), mark.id) == m_taken.end() &&
            isHit(mark, point, reach))
            m_taken.push_back(mark.id);
}

void MarkTool::release() {
    if (!m_down) return;
    if (m_takesAway) {
        const std::vector<int> taken = std::exchange(m_taken, {});
        drop();
        if (!taken.empty()) m_sheet.openCase().removeMarks(taken);
        return;
    }
    Mark mark = drawn();
    m_down = false;
    if (isFreehand() && m_way.size() < 2) return drop();
    finish(std::move(mark));
}

bool MarkTool::key(const QKeyEvent& event) {
    if (event.key() != Qt::Key_Backspace || m_corners.isEmpty()) return false;
    m_corners.removeLast();
    return true;
}

bool MarkTool::wantsKey(const QKeyEvent& event) const {
    return event.key() == Qt::Key_Backspace && !m_corners.isEmpty();
}

QString MarkTool::notice() const {
    switch (m_sheet.pen().kind()) {
    case MarkKind::Point:
        return Tr::tr("Drag from where to where it points; Shift holds its angle, Escape ends");
    case MarkKind::Line:
        return Tr::tr("Drag a line; Shift holds its angle, Escape ends");
    case MarkKind::Ring:
        return Tr::tr("Drag around what matters; Shift makes it even, Escape ends");
    case MarkKind::Draw:
        return Tr::tr("Draw; hold still at the end for a straight line, Alt takes strokes away, Escape ends");
    case MarkKind::Tint:
        return Tr::tr("Sweep over words to tint them; Escape ends");
    case MarkKind::Note:
        return Tr::tr("Click, or drag a box, to write there; Escape ends");
    case MarkKind::Step:
        return Tr::tr("Click where the next step is; Escape ends");
    case MarkKind::Enlarge:
        return Tr::tr("Drag around what is to be seen larger; Escape ends");
    case MarkKind::Measure:
        return isAngle() ? Tr::tr("Click an end, the corner and the other end; Escape ends")
                         : Tr::tr("Drag to measure; ends go to edges unless Alt is held, Escape ends");
    case MarkKind::Sign:
        return Tr::tr("Click where the signature stands; Escape ends");
    case MarkKind::Code:
        return Tr::tr("Click where the code stands; Escape ends");
    }
    return {};
}

void MarkTool::paint(QPainter& painter) const {
    const MarkKind kind = m_sheet.pen().kind();
    const QPointF beside = m_sheet.toView(m_to) + QPointF(10, 8);
    const QRectF view = m_sheet.viewport()->rect();
    if (m_shown) {
        const MarkScene scene{m_sheet.viewTransform(), m_sheet.pixel(), nullptr, {}, {}, nullptr};
        paintMark(painter, *m_shown, scene);
    }
    if (!m_corners.isEmpty()) {
        painter.setRenderHint(QPainter::Antialiasing);
        painter.setPen(QPen(m_sheet.theme().aubergine, 2));
        for (qsizetype i = 0; i < m_corners.size(); ++i)
            painter.drawLine(m_sheet.toView(m_corners[i]),
                             i + 1 < m_corners.size() ? m_sheet.toView(m_corners[i + 1]) : m_sheet.toView(m_to));
    }
    if (kind == MarkKind::Measure && m_sheet.pen().form(kind) == MarkForm::Colour) {
        const auto other = m_down ? colourAt(m_sheet.covered(), m_from) : std::nullopt;
        if (const auto colour = colourAt(m_sheet.covered(), m_to))
            drawReadout(painter, view, beside, readoutOf(*colour, other), m_sheet.theme());
        return;
    }
    if (!m_down || (!m_moved && !isFreehand())) return;
    const Mark mark = drawn();
    if (!isWhole(mark)) return;
    const MarkScene scene{m_sheet.viewTransform(), m_sheet.pixel(), nullptr, {}, {}, nullptr};
    paintMark(painter, mark, scene);
    if (kind == MarkKind::Point || kind == MarkKind::Line || kind == MarkKind::Measure)
        drawReadout(painter, view, beside, readoutOf(m_from, m_to), m_sheet.theme());
    else if (kind == MarkKind::Ring || kind == MarkKind::Enlarge)
        drawReadout(
            painter, view, beside,
            sentence(Tr::tr("%1 × %2"), int(std::abs(m_to.x() - m_from.x())), int(std::abs(m_to.y() - m_from.y()))),
            m_sheet.theme());
}

void MarkTool::drop() {
    m_down = m_moved = m_takesAway = false;
    m_taken.clear();
    m_shown.reset();
    m_way.clear();
    m_pressures.clear();
    m_corners.clear();
}

} // namespace eyelid
