#include "app/sheet/overview.h"

#include "app/sheet/sheet.h"
#include "app/window/theme.h"
#include "base/sentence.h"

#include <QMouseEvent>
#include <QPainter>
#include <QScrollBar>

namespace eyelid {
namespace {

constexpr QSizeF largest(150, 110); // view units
constexpr int fromEdge = 14;

} // namespace

Overview::Overview(Sheet& sheet) : QWidget(sheet.viewport()), m_sheet(sheet) {
    setObjectName(QStringLiteral("overview"));
    setAccessibleName(Tr::tr("Small map of the capture"));
    setToolTip(Tr::tr("Click or drag: to that part of the capture"));
    setCursor(Qt::PointingHandCursor);
    hide();
}

void Overview::setWanted(bool wanted) {
    m_wanted = wanted;
    place();
}

void Overview::place() {
    const QSizeF size = m_sheet.shownSize();
    const bool more = m_sheet.horizontalScrollBar()->maximum() > 0 || m_sheet.verticalScrollBar()->maximum() > 0;
    setVisible(m_wanted && more && !size.isEmpty());
    if (isHidden()) return;
    // Of a page that is very long or wide, still wide enough to be hit.
    const QSize there = size.scaled(largest, Qt::KeepAspectRatio).toSize().expandedTo({24, 24});
    const QSize view = parentWidget()->size();
    setGeometry(
        QRect(QPoint(view.width() - there.width() - fromEdge, view.height() - there.height() - fromEdge), there));
    update();
}

QRectF Overview::inView() const {
    const QSizeF size = m_sheet.shownSize();
    const QRectF seen =
        QRectF(m_sheet.toShown({0, 0}), m_sheet.toShown(QPointF(parentWidget()->width(), parentWidget()->height())))
            .intersected(QRectF({0, 0}, size));
    return {seen.x() * width() / size.width(), seen.y() * height() / size.height(),
            seen.width() * width() / size.width(), seen.height() * height() / size.height()};
}

void Overview::paintEvent(QPaintEvent*) {
    const Theme& t = m_sheet.theme();
    QPainter painter(this);
    painter.fillRect(rect(), t.paper);
    painter.setRenderHint(QPainter::SmoothPixmapTransform);
    const QImage small = m_sheet.smaller(int(width() * devicePixelRatioF()));
    if (!small.isNull()) painter.drawImage(rect(), small);
    painter.setPen(QPen(t.hairline, 1));
    painter.drawRect(rect().adjusted(0, 0, -1, -1));
    const QRectF seen = inView().adjusted(1, 1, -1, -1);
    for (const auto& [colour, pen] : {std::pair(t.onBrand, 4.0), std::pair(t.aubergine, 2.0)}) {
        painter.setPen(QPen(colour, pen));
        painter.drawRect(seen);
    }
}

void Overview::mousePressEvent(QMouseEvent* event) {
    mouseMoveEvent(event);
}

void Overview::mouseMoveEvent(QMouseEvent* event) {
    if (!(event->buttons() & Qt::LeftButton)) return;
    const QSizeF size = m_sheet.shownSize();
    m_sheet.centreOnShown(
        {event->position().x() * size.width() / width(), event->position().y() * size.height() / height()});
}

} // namespace eyelid
