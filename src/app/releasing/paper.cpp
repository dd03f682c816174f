#include "app/releasing/paper.h"

#include "base/sentence.h"

#include <algorithm>
#include <QPainter>
#include <QPrinter>

namespace eyelid {
namespace {

constexpr double pixelsAnInch = 96;   // CSS's, and most desktops'
constexpr double captionPoints = 9;   // of its type
constexpr double gapInches = 0.2;     // between pictures of a page, and above captions
constexpr double captionInches = 0.3; // a line of its own under each picture, and one for the page's number

// The part of a page a picture has: one, two above each other, four.
QRectF cellOf(const QRectF& page, int perPage, int at, double gap) {
    const int columns = perPage == 4 ? 2 : 1, rows = perPage == 1 ? 1 : 2;
    const QSizeF size((page.width() - gap * (columns - 1)) / columns, (page.height() - gap * (rows - 1)) / rows);
    return {page.topLeft() + QPointF((at % columns) * (size.width() + gap), (at / columns) * (size.height() + gap)),
            size};
}

void drawPicture(QPainter& painter, const PaperPicture& one, QRectF cell, const PaperLayout& layout, double dpi) {
    if (layout.captions) cell.setHeight(cell.height() - captionInches * dpi);
    const QSizeF size = one.picture.size();
    double scale = std::min(cell.width() / size.width(), cell.height() / size.height());
    if (layout.trueSize) scale = std::min(scale, dpi / pixelsAnInch);
    QRectF place(QPointF(0, 0), size * scale);
    place.moveCenter(cell.center());
    place.moveTop(cell.top());
    painter.drawImage(place, one.picture);
    if (!layout.captions) return;
    const QRectF line(cell.left(), place.bottom() + gapInches * dpi / 4, cell.width(), captionInches * dpi);
    painter.drawText(line, Qt::AlignTop | Qt::AlignHCenter,
                     painter.fontMetrics().elidedText(one.caption, Qt::ElideMiddle, int(line.width())));
}

} // namespace

int paperPages(qsizetype pictures, const PaperLayout& layout) {
    return int((pictures + layout.perPage - 1) / layout.perPage);
}

bool printPictures(QPrinter& printer, const std::vector<PaperPicture>& pictures, const PaperLayout& layout) {
    if (pictures.empty()) return false;
    QPainter painter;
    if (!painter.begin(&printer)) return false;
    painter.setRenderHint(QPainter::SmoothPixmapTransform);
    const double dpi = printer.resolution();
    const int pages = paperPages(qsizetype(pictures.size()), layout);
    for (int page = 0; page < pages; ++page) {
        if (page > 0 && !printer.newPage()) return false;
        QFont font = painter.font();
        font.setPointSizeF(captionPoints);
        painter.setFont(font);
        painter.setPen(Qt::black);
        QRectF area(QPointF(0, 0), printer.pageLayout().paintRectPixels(printer.resolution()).size());
        if (layout.captions) {
            const QRectF foot(area.left(), area.bottom() - captionInches * dpi, area.width(), captionInches * dpi);
            painter.drawText(foot, Qt::AlignBottom | Qt::AlignHCenter,
                             sentence(Tr::tr("Page %1 of %2"), page + 1, pages));
            area.setBottom(foot.top());
        }
        for (int at = 0; at < layout.perPage && size_t(page * layout.perPage + at) < pictures.size(); ++at)
            drawPicture(painter, pictures[size_t(page * layout.perPage + at)],
                        cellOf(area, layout.perPage, at, gapInches * dpi), layout, dpi);
    }
    return painter.end();
}

} // namespace eyelid
