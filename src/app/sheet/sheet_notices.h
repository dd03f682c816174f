// What the sheet says of itself.
#pragma once

#include <QFont>
#include <QPainter>
#include <QRectF>

namespace eyelid {

struct Theme;

/// That there is nothing to show, and how that is changed.
void drawNoCaptures(QPainter& painter, const QRectF& view, QFont font, const Theme& t);

/// That the capture is shown bare: it must be plain that this is not what will be released.
void drawBareNotice(QPainter& painter, int width, const Theme& t);

/// What the tool that is on does next; nothing for an empty text.
void drawToolNotice(QPainter& painter, const QString& text, int width, const Theme& t);

/// Figures beside the pointer, on paper so that they can be read over any capture; kept within the view.
void drawReadout(QPainter& painter, const QRectF& view, const QPointF& corner, const QString& text, const Theme& t);

/// What stands on either side of a divided sheet.
void drawDividerNotices(QPainter& painter, double at, const Theme& t);

} // namespace eyelid
