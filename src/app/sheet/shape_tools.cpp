#include "app/sheet/shape_tools.h"

#include "app/sheet/sheet.h"
#include "app/window/theme.h"
#include "picture/boxes.h"

#include <cmath>
#include <QKeyEvent>
#include <QMouseEvent>

namespace eyelid {
namespace {

constexpr double nextPoint = 2;   // device pixels; what is nearer to the last point adds nothing
constexpr double firstCorner = 8; // view units; a click as near to it closes the polygon
constexpr int leastCorners = 3;

QPolygonF inView(const Sheet& sheet, const QPolygonF& points) {
    QPolygonF there;
    for (const QPointF& point : points) there << sheet.toView(point);
    return there;
}

void paintShape(QPainter& painter, const Sheet& sheet, const QPolygonF& points, bool closed) {
    QColor wash = sheet.theme().aubergine;
    wash.setAlpha(70);
    painter.setRenderHint(QPainter::Antialiasing);
    painter.setBrush(closed ? QBrush(wash) : QBrush(Qt::NoBrush));
    // Two lines, so that it is seen on any ground.
    painter.setPen(QPen(sheet.theme().onBrand, 3));
    const QPolygonF there = inView(sheet, points);
    closed ? painter.drawPolygon(there) : painter.drawPolyline(there);
    painter.setBrush(Qt::NoBrush);
    painter.setPen(QPen(sheet.theme().aubergine, 1.5));
    closed ? painter.drawPolygon(there) : painter.drawPolyline(there);
}

void goOn(QPolygonF& way, const QPointF& to) {
    if (!way.isEmpty() && (to - way.last()).manhattanLength() >= nextPoint) way << to;
}

} // namespace

void BoxTool::press(const QPointF& point, const QMouseEvent& event) {
    m_pressed = true;
    move(point, event);
}

void BoxTool::move(const QPointF& point, const QMouseEvent&) {
    m_at = {int(std::floor(point.x())), int(std::floor(point.y()))};
    if (!m_seeking) seek();
}

void BoxTool::seek() {
    const QImage picture = m_sheet.bare();
    if (picture.isNull()) return;
    m_seeking = true;
    m_lane.start([this, picture, at = m_at] {
        const QRect box = boxAround(picture, at);
        QMetaObject::invokeMethod(&m_sheet, [this, at, box] { found(at, box); });
    });
}

// What the pointer has left meanwhile is sought anew.
void BoxTool::found(const QPoint& at, const QRect& box) {
    m_seeking = false;
    m_box = box;
    if (at != m_at) return seek();
    if (std::exchange(m_pressed, false) && !m_box.isEmpty()) m_drawn(std::exchange(m_box, {}));
    m_sheet.viewport()->update();
}

void BoxTool::drop() {
    m_box = {};
    m_pressed = false;
}

void BoxTool::paint(QPainter& painter) const {
    if (m_box.isEmpty()) return;
    const QRectF box(m_box);
    paintShape(painter, m_sheet, QPolygonF({box.topLeft(), box.topRight(), box.bottomRight(), box.bottomLeft()}), true);
}

void OutlineTool::press(const QPointF& point, const QMouseEvent&) {
    m_way = {point};
}

void OutlineTool::move(const QPointF& point, const QMouseEvent&) {
    goOn(m_way, point);
}

void OutlineTool::release() {
    const QPolygon outline = std::exchange(m_way, {}).toPolygon();
    if (outline.size() >= leastCorners) m_drawn(CoverShape::polygon(outline));
}

void OutlineTool::paint(QPainter& painter) const {
    if (m_way.size() > 1) paintShape(painter, m_sheet, m_way, true);
}

void PolygonTool::press(const QPointF& point, const QMouseEvent& event) {
    m_at = point;
    const bool closes = m_corners.size() >= leastCorners &&
                        (event.position() - m_sheet.toView(m_corners.first())).manhattanLength() < firstCorner;
    if (closes) return end();
    m_corners << point;
}

void PolygonTool::move(const QPointF& point, const QMouseEvent&) {
    m_at = point;
}

bool PolygonTool::doubleClick(const QPointF&, const QMouseEvent&) {
    end(); // the first of the two clicks has set the last corner
    return true;
}

bool PolygonTool::key(const QKeyEvent& event) {
    if (m_corners.isEmpty()) return false;
    if (event.key() == Qt::Key_Return || event.key() == Qt::Key_Enter) {
        end();
    } else if (event.key() == Qt::Key_Backspace) {
        m_corners.removeLast();
    } else {
        return false;
    }
    return true;
}

bool PolygonTool::wantsKey(const QKeyEvent& event) const {
    return !m_corners.isEmpty() && event.key() == Qt::Key_Backspace;
}

void PolygonTool::end() {
    const QPolygon corners = std::exchange(m_corners, {}).toPolygon();
    if (corners.size() >= leastCorners) m_drawn(CoverShape::polygon(corners));
}

void PolygonTool::paint(QPainter& painter) const {
    if (m_corners.isEmpty()) return;
    paintShape(painter, m_sheet, m_corners + QPolygonF{m_at}, m_corners.size() + 1 >= leastCorners);
    painter.setBrush(m_sheet.theme().aubergine);
    painter.drawEllipse(m_sheet.toView(m_corners.first()), 4, 4);
}

void BrushTool::press(const QPointF& point, const QMouseEvent&) {
    m_way = {point};
    m_at = point;
}

void BrushTool::move(const QPointF& point, const QMouseEvent&) {
    m_at = point;
    goOn(m_way, point);
}

void BrushTool::release() {
    const QPolygon way = std::exchange(m_way, {}).toPolygon();
    if (!way.isEmpty()) m_drawn(CoverShape::stroke(way, m_width));
}

void BrushTool::paint(QPainter& painter) const {
    const double width = m_width * m_sheet.pixel();
    painter.setRenderHint(QPainter::Antialiasing);
    QColor wash = m_sheet.theme().aubergine;
    wash.setAlpha(120);
    if (!m_way.isEmpty()) {
        painter.setPen(QPen(wash, width, Qt::SolidLine, Qt::RoundCap, Qt::RoundJoin));
        painter.drawPolyline(inView(m_sheet, m_way + QPolygonF{m_way.last()}));
    }
    painter.setBrush(Qt::NoBrush);
    painter.setPen(QPen(m_sheet.theme().onBrand, 3));
    painter.drawEllipse(m_sheet.toView(m_at), width / 2, width / 2);
    painter.setPen(QPen(m_sheet.theme().aubergine, 1.5));
    painter.drawEllipse(m_sheet.toView(m_at), width / 2, width / 2);
}

} // namespace eyelid
