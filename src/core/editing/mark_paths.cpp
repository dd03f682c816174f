#include "editing/mark_paths.h"

#include <algorithm>

namespace eyelid {

// The way of a Point's shaft; the direction it ends in leads its head.
QPainterPath shaftOf(const Mark& mark, const QPolygonF& p) {
    QPainterPath path(p[0]);
    if (mark.form == MarkForm::Bent) {
        path.lineTo(p[2]);
        path.lineTo(p[1]);
    } else if (mark.form == MarkForm::Curved) {
        // Through the third point in its middle.
        path.quadTo(2 * p[2] - (p[0] + p[1]) / 2, p[1]);
    } else {
        path.lineTo(p[1]);
    }
    return path;
}

QPainterPath ringPath(const Mark& mark, const QRectF& box, double scale, bool mirrored) {
    QPainterPath path;
    if (mark.form == MarkForm::Ellipse) {
        path.addEllipse(box);
    } else if (mark.form == MarkForm::Arc) {
        // Qt counts anticlockwise.
        const double from = mirrored ? mark.arcFrom : -mark.arcFrom, span = mirrored ? mark.arcSpan : -mark.arcSpan;
        path.arcMoveTo(box, from);
        path.arcTo(box, from, span);
    } else {
        const double corner =
            mark.form == MarkForm::Rounded ? std::min({10 * scale, box.width() / 3, box.height() / 3}) : 0;
        path.addRoundedRect(box, corner, corner);
    }
    return path;
}

// Through the middles between points, so that no corner shows.
QPainterPath smoothWay(const QPolygonF& points) {
    QPainterPath path(points[0]);
    if (points.size() == 1) path.lineTo(points[0] + QPointF(0.01, 0));
    for (qsizetype i = 1; i + 1 < points.size(); ++i) path.quadTo(points[i], (points[i] + points[i + 1]) / 2);
    if (points.size() > 1) path.lineTo(points.last());
    return path;
}

namespace {

QPainterPath strokeOf(const QPainterPath& path, double width) {
    QPainterPathStroker stroker;
    stroker.setCapStyle(Qt::RoundCap);
    stroker.setWidth(width);
    return stroker.createStroke(path);
}

// The shape of what is drawn, on the capture, for the pointer to hit.
QPainterPath lineOf(const Mark& mark) {
    switch (mark.kind) {
    case MarkKind::Point:
        return shaftOf(mark, mark.points);
    case MarkKind::Draw:
    case MarkKind::Tint:
        return smoothWay(mark.points);
    case MarkKind::Measure: {
        QPainterPath path;
        if (mark.form == MarkForm::Sides)
            path.addRect(QRectF(mark.points[0], mark.points[1]).normalized());
        else
            path.addPolygon(mark.points);
        return path;
    }
    default: {
        QPainterPath path;
        path.addPolygon(mark.points);
        return path;
    }
    }
}

} // namespace

bool isHit(const Mark& mark, const QPointF& point, double reach) {
    if (mark.kind == MarkKind::Step) return boundsOf(mark).adjusted(-reach, -reach, reach, reach).contains(point);
    if (mark.kind == MarkKind::Tint && mark.form == MarkForm::Words) {
        for (qsizetype i = 0; i + 1 < mark.points.size(); i += 2)
            if (QRectF(mark.points[i], mark.points[i + 1])
                    .normalized()
                    .adjusted(-reach, -reach, reach, reach)
                    .contains(point))
                return true;
        return false;
    }
    if (!isBox(mark)) return strokeOf(lineOf(mark), mark.style.width + 2 * reach).contains(point);
    const QRectF box = boxOf(mark);
    const QPointF there = turnOf(mark).inverted().map(point);
    if (mark.kind == MarkKind::Ring && !mark.style.ground)
        return strokeOf(ringPath(mark, box, 1, false), mark.style.width + 2 * reach).contains(there);
    if (box.adjusted(-reach, -reach, reach, reach).contains(there)) return true;
    if (mark.kind == MarkKind::Note && mark.points.size() > 2) {
        QPainterPath pointer(box.center());
        pointer.lineTo(mark.points[2]);
        return strokeOf(pointer, mark.style.width + 2 * reach).contains(point);
    }
    return mark.kind == MarkKind::Enlarge &&
           QRectF(mark.points[0], mark.points[1]).normalized().adjusted(-reach, -reach, reach, reach).contains(point);
}

} // namespace eyelid
