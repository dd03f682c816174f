#include "app/explain/frame_tool.h"

#include "app/explain/mark_making.h"
#include "app/sheet/sheet.h"
#include "app/sheet/sheet_notices.h"
#include "app/window/theme.h"
#include "base/sentence.h"
#include "picture/boxes.h"

#include <algorithm>
#include <cmath>
#include <numbers>
#include <QApplication>
#include <QMouseEvent>
#include <QPainterPath>

namespace eyelid {
namespace {

constexpr double reach = 8;     // view units around a side of the crop
constexpr int leastCrop = 8;    // device pixels of a side; what is less was a click
constexpr double frameGrip = 8; // view units

} // namespace

QRect FrameTool::crop() const {
    const Capture* capture = m_sheet.shownCapture();
    if (!capture) return {};
    const QRect all(QPoint(0, 0), capture->size);
    const QRect own = capture->framing.crop.intersected(all);
    return own.isEmpty() ? all : own;
}

Qt::Edges FrameTool::edgesAt(const QPointF& point) const {
    const QRectF r(crop());
    const double near = reach / m_sheet.pixel();
    if (!r.adjusted(-near, -near, near, near).contains(point)) return {};
    Qt::Edges edges;
    if (std::abs(point.x() - r.left()) <= near) edges |= Qt::LeftEdge;
    if (std::abs(point.x() - r.right()) <= near && !(edges & Qt::LeftEdge)) edges |= Qt::RightEdge;
    if (std::abs(point.y() - r.top()) <= near) edges |= Qt::TopEdge;
    if (std::abs(point.y() - r.bottom()) <= near && !(edges & Qt::TopEdge)) edges |= Qt::BottomEdge;
    return edges;
}

Qt::CursorShape FrameTool::cursorAt(const QPointF& point) const {
    const Qt::Edges edges = edgesAt(point);
    if (edges) return Qt::SizeAllCursor;
    const bool cut = crop() != QRect(QPoint(0, 0), m_sheet.pictureSize());
    return cut && QRectF(crop()).contains(point) ? Qt::OpenHandCursor : Qt::CrossCursor;
}

void FrameTool::press(const QPointF& point, const QMouseEvent& event) {
    m_from = m_to = point;
    m_far = false;
    m_snaps = !(event.modifiers() & Qt::AltModifier);
    m_edges = edgesAt(point);
    const bool cut = crop() != QRect(QPoint(0, 0), m_sheet.pictureSize());
    m_doing = event.modifiers() & Qt::ControlModifier ? Doing::Levelling
              : m_edges                               ? Doing::Stretching
              : cut && QRectF(crop()).contains(point) ? Doing::Moving
                                                      : Doing::Drawing;
}

void FrameTool::move(const QPointF& point, const QMouseEvent& event) {
    if (m_doing == Doing::Nothing) return;
    m_to = point;
    m_snaps = !(event.modifiers() & Qt::AltModifier);
    m_far =
        m_far || (m_sheet.toView(m_to) - m_sheet.toView(m_from)).manhattanLength() >= QApplication::startDragDistance();
}

QRect FrameTool::drawn() const {
    const QRect before = crop(), all(QPoint(0, 0), m_sheet.pictureSize());
    const QPoint by = (m_to - m_from).toPoint();
    QRect now = before;
    Qt::Edges sides = m_edges;
    if (m_doing == Doing::Moving) {
        now.translate(by);
        now.moveLeft(std::clamp(now.left(), 0, all.width() - now.width()));
        now.moveTop(std::clamp(now.top(), 0, all.height() - now.height()));
        return now;
    }
    if (m_doing == Doing::Drawing) {
        now = QRectF(m_from, m_to).normalized().toAlignedRect();
        sides = Qt::LeftEdge | Qt::TopEdge | Qt::RightEdge | Qt::BottomEdge;
    } else {
        if (m_edges & Qt::LeftEdge) now.setLeft(std::min(now.left() + by.x(), now.right() - leastCrop));
        if (m_edges & Qt::RightEdge) now.setRight(std::max(now.right() + by.x(), now.left() + leastCrop));
        if (m_edges & Qt::TopEdge) now.setTop(std::min(now.top() + by.y(), now.bottom() - leastCrop));
        if (m_edges & Qt::BottomEdge) now.setBottom(std::max(now.bottom() + by.y(), now.top() + leastCrop));
    }
    if (m_snaps) now = m_sheet.coveredEdges().snapped(now, sides);
    now = now.intersected(all);
    return m_sheet.cropRatio() > 0 ? ofRatio(now, m_sheet.cropRatio()) : now;
}

void FrameTool::set(QRect crop) {
    const Capture* capture = m_sheet.shownCapture();
    if (!capture) return;
    Framing framing = capture->framing;
    framing.crop = crop == QRect(QPoint(0, 0), capture->size) ? QRect() : crop;
    m_sheet.frame(framing);
}

void FrameTool::setLevel() {
    const Capture* capture = m_sheet.shownCapture();
    const QPointF by = m_to - m_from;
    if (!capture || std::hypot(by.x(), by.y()) < 2 * leastCrop) return;
    const double angle = std::atan2(by.y(), by.x()) * 180 / std::numbers::pi;
    Framing framing = capture->framing;
    framing.angle = std::clamp(-std::remainder(angle, 90), -45.0, 45.0);
    m_sheet.frame(framing);
}

void FrameTool::release() {
    const Doing doing = m_doing;
    if (doing == Doing::Nothing) return;
    const QRect now = drawn();
    m_doing = Doing::Nothing;
    if (!m_far) return;
    if (doing == Doing::Levelling) return setLevel();
    if (now.width() >= leastCrop && now.height() >= leastCrop) set(now);
}

bool FrameTool::doubleClick(const QPointF& point, const QMouseEvent&) {
    const QImage picture = m_sheet.covered();
    if (picture.isNull()) return true;
    const QPoint at(int(std::floor(point.x())), int(std::floor(point.y())));
    m_lane.start([this, picture, at] {
        const QRect box = boxAround(picture, at);
        QMetaObject::invokeMethod(&m_sheet, [this, box] {
            if (m_sheet.tool() == Sheet::Tool::Frame && box.width() >= leastCrop && box.height() >= leastCrop) set(box);
        });
    });
    return true;
}

QString FrameTool::notice() const {
    return Tr::tr("Drag what is to be shown; two clicks take a panel, Ctrl and a line make it level, Escape ends");
}

void FrameTool::paint(QPainter& painter) const {
    const Theme& t = m_sheet.theme();
    painter.setRenderHint(QPainter::Antialiasing);
    if (m_doing == Doing::Levelling && m_far) {
        for (const auto& [colour, width] : {std::pair(t.onBrand, 4.0), std::pair(t.aubergine, 2.0)}) {
            painter.setPen(QPen(colour, width));
            painter.drawLine(m_sheet.toView(m_from), m_sheet.toView(m_to));
        }
        return drawReadout(painter, m_sheet.viewport()->rect(), m_sheet.toView(m_to) + QPointF(10, 8),
                           readoutOf(m_from, m_to), t);
    }
    const QRect now = m_doing == Doing::Nothing || !m_far ? crop() : drawn();
    const QRectF inside = m_sheet.viewOf(QRectF(now)),
                 all = m_sheet.viewOf(QRectF(QPointF(0, 0), QSizeF(m_sheet.pictureSize())));
    QPainterPath veil;
    veil.addRect(all);
    veil.addRect(inside);
    QColor wash = t.oat;
    wash.setAlpha(205);
    painter.fillPath(veil, wash);
    painter.setBrush(Qt::NoBrush);
    for (const auto& [colour, width] : {std::pair(t.onBrand, 4.0), std::pair(t.aubergine, 1.8)}) {
        painter.setPen(QPen(colour, width));
        painter.drawRect(inside);
    }
    painter.setPen(QPen(t.aubergine, 1.2));
    painter.setBrush(t.onBrand);
    for (const double x : {0.0, 0.5, 1.0})
        for (const double y : {0.0, 0.5, 1.0})
            if (x != 0.5 || y != 0.5)
                painter.drawRect(QRectF(inside.left() + x * inside.width() - frameGrip / 2,
                                        inside.top() + y * inside.height() - frameGrip / 2, frameGrip, frameGrip));
    drawReadout(painter, m_sheet.viewport()->rect(), inside.bottomRight(),
                sentence(Tr::tr("%1 × %2"), now.width(), now.height()), t);
}

} // namespace eyelid
