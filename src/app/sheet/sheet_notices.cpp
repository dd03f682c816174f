#include "app/sheet/sheet_notices.h"

#include "app/cases/lid_gauge.h"
#include "app/window/theme.h"
#include "base/sentence.h"

#include <QApplication>

namespace eyelid {

void drawNoCaptures(QPainter& painter, const QRectF& view, QFont font, const Theme& t) {
    const QPointF c = view.center();
    paintLid(painter, QRectF(c.x() - 60, c.y() - 110, 120, 80), 1, t.aubergine, t.clay);
    font.setPixelSize(atTypeSize(17));
    font.setWeight(QFont::DemiBold);
    painter.setFont(font);
    painter.setPen(t.ink);
    painter.drawText(QRectF(view.left(), c.y() - atTypeSize(16), view.width(), atTypeSize(26)), Qt::AlignCenter,
                     Tr::tr("No captures yet"));
    font.setPixelSize(atTypeSize(13));
    font.setWeight(QFont::Normal);
    painter.setFont(font);
    painter.setPen(t.faint);
    painter.drawText(QRectF(view.left() + 20, c.y() + atTypeSize(14), view.width() - 40, atTypeSize(80)),
                     Qt::AlignHCenter | Qt::AlignTop | Qt::TextWordWrap,
                     Tr::tr("Take one from the desk (Ctrl+T), bring in pictures (Ctrl+O),\nor drop picture files "
                            "here.\n\nNew here? Menu, Help, First steps."));
}

namespace {

void drawNotice(QPainter& painter, const QString& text, int width, const QColor& ground, const QColor& ink) {
    const QFontMetrics metrics = painter.fontMetrics();
    const QRectF label(width / 2.0 - metrics.horizontalAdvance(text) / 2.0 - 12, 8,
                       metrics.horizontalAdvance(text) + 24, atTypeSize(26));
    painter.setRenderHint(QPainter::Antialiasing);
    painter.setPen(Qt::NoPen);
    painter.setBrush(ground);
    painter.drawRoundedRect(label, 6, 6);
    painter.setPen(ink);
    painter.drawText(label, Qt::AlignCenter, text);
}

} // namespace

void drawBareNotice(QPainter& painter, int width, const Theme& t) {
    drawNotice(painter, Tr::tr("Bare capture: nothing is covered here"), width, t.brick, t.dark ? t.oat : t.paper);
}

void drawReadout(QPainter& painter, const QRectF& view, const QPointF& corner, const QString& text, const Theme& t) {
    QRectF place(corner + QPointF(6, 4), QSizeF(painter.fontMetrics().horizontalAdvance(text) + 12, atTypeSize(20)));
    place.moveRight(std::min(place.right(), view.right() - 4));
    place.moveBottom(std::min(place.bottom(), view.bottom() - 4));
    painter.setPen(Qt::NoPen);
    painter.setBrush(t.paper);
    painter.drawRoundedRect(place, 4, 4);
    painter.setPen(t.ink);
    painter.drawText(place, Qt::AlignCenter, text);
}

void drawDividerNotices(QPainter& painter, double at, const Theme& t) {
    const QString taken = Tr::tr("As it was taken"), leaves = Tr::tr("As it will leave");
    const QFontMetrics metrics = painter.fontMetrics();
    painter.setRenderHint(QPainter::Antialiasing);
    const auto label = [&](const QString& text, double left, double width, const QColor& ground, const QColor& ink) {
        const QRectF place(left, 8, width, atTypeSize(26));
        painter.setPen(Qt::NoPen);
        painter.setBrush(ground);
        painter.drawRoundedRect(place, 6, 6);
        painter.setPen(ink);
        painter.drawText(place, Qt::AlignCenter, text);
    };
    const double left = metrics.horizontalAdvance(taken) + 24, right = metrics.horizontalAdvance(leaves) + 24;
    label(taken, at - 10 - left, left, t.brick, t.dark ? t.oat : t.paper);
    label(leaves, at + 10, right, t.pine, t.dark ? t.oat : t.paper);
}

void drawToolNotice(QPainter& painter, const QString& text, int width, const Theme& t) {
    if (!text.isEmpty()) drawNotice(painter, text, width, t.aubergine, t.onBrand);
}

} // namespace eyelid
