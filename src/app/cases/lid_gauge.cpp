#include "app/cases/lid_gauge.h"

#include "app/window/theme.h"
#include "base/sentence.h"

#include <cmath>
#include <QApplication>
#include <QPainter>
#include <QPainterPath>

namespace eyelid {

void paintLid(QPainter& painter, const QRectF& rect, double closed, const QColor& line, const QColor& iris) {
    painter.save();
    painter.setRenderHint(QPainter::Antialiasing);
    const double w = std::min(rect.width(), rect.height() * 1.35), h = w * 0.62;
    const QPointF centre = rect.center() + QPointF(0, h * (0.12 - 0.26 * closed));
    const QPointF left(centre.x() - w * 0.46, centre.y()), right(centre.x() + w * 0.46, centre.y());
    const double down = h * 0.42;
    // The upper lid comes down from an arch to the lower lid's own curve.
    const double up = h * 0.5 * (1 - closed) - down * closed;
    QPainterPath upper(left), eye(left);
    upper.quadTo(QPointF(centre.x(), centre.y() - 2 * up * 0.9), right);
    eye.quadTo(QPointF(centre.x(), centre.y() - 2 * up * 0.9), right);
    eye.quadTo(QPointF(centre.x(), centre.y() + 2 * down * 0.9), left);
    const double pen = std::max(1.2, w / 24);
    if (closed < 0.98) {
        painter.save();
        painter.setClipPath(eye);
        painter.setPen(Qt::NoPen);
        painter.setBrush(iris);
        painter.drawEllipse(centre + QPointF(0, h * 0.02), h * 0.24, h * 0.24);
        painter.restore();
        painter.setPen(QPen(line, pen, Qt::SolidLine, Qt::RoundCap));
        QPainterPath lower(left);
        lower.quadTo(QPointF(centre.x(), centre.y() + 2 * down * 0.9), right);
        painter.setBrush(Qt::NoBrush);
        painter.drawPath(lower);
    }
    painter.setPen(QPen(line, pen * 1.25, Qt::SolidLine, Qt::RoundCap));
    painter.setBrush(Qt::NoBrush);
    painter.drawPath(upper);
    // Five short lashes: up from an open lid, down from a closed one.
    for (int i = 0; i < 5; ++i) {
        const double t = 0.14 + 0.18 * i;
        const QPointF foot = upper.pointAtPercent(t);
        const double lean = (t - 0.5) * w * 0.16;
        const double length = h * 0.2 * (closed > 0.5 ? 1 : -1) * std::min(1.0, std::abs(closed - 0.5) * 2 + 0.25);
        painter.drawLine(foot, foot + QPointF(lean, length));
    }
    painter.restore();
}

LidGauge::LidGauge(const Theme& theme, QWidget* parent) : QWidget(parent), m_theme(theme) {
    setFixedSize(sizeHint());
    setAccessibleName(Tr::tr("Share of findings settled"));
}

void LidGauge::setClosed(double share) {
    m_closed = share;
    const QString text = Tr::tr("%1 % of findings are settled").arg(int(std::lround(100 * share)));
    setAccessibleDescription(text);
    setToolTip(text);
    update();
}

void LidGauge::paintEvent(QPaintEvent*) {
    QPainter painter(this);
    const Theme& t = m_theme;
    paintLid(painter, rect(), m_closed, m_closed >= 1 ? t.pine : t.aubergine, t.clay);
}

} // namespace eyelid
