#include "app/sheet/sheet_tools.h"

#include "app/sheet/sheet.h"
#include "app/window/theme.h"
#include "base/sentence.h"

#include <cmath>
#include <QApplication>
#include <QMouseEvent>

namespace eyelid {
namespace {
constexpr double still = 6;   // view units; clicks nearer than that are at one place
constexpr int leastDrawn = 3; // device pixels of a side; what is less was a click
} // namespace

Qt::CursorShape SelectTool::cursorAt(const QPointF& point) const {
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
    m_pressed = event.position();
    m_pressedItem = m_sheet.itemAt(point);
    m_sweepFrom = m_sheet.page() ? wordNear(*m_sheet.page(), point) : std::nullopt;
    m_sweeping = false;
    if (!m_sweepFrom) m_sheet.click(m_pressedItem);
}

void SelectTool::move(const QPointF& point, const QMouseEvent& event) {
    if (!m_sweepFrom) return;
    if ((event.position() - m_pressed).manhattanLength() >= QApplication::startDragDistance()) m_sweeping = true;
    if (!m_sweeping || !m_sheet.page()) return;
    if (const auto to = wordNear(*m_sheet.page(), point))
        m_sheet.chooseWords(wordsBetween(*m_sheet.page(), *m_sweepFrom, *to));
}

void SelectTool::release() {
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
