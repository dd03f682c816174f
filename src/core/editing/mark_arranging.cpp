#include "editing/mark_arranging.h"

#include <algorithm>

namespace eyelid {

std::vector<Mark> aligned(std::vector<Mark> marks, AlignTo to) {
    QRectF all;
    for (const Mark& mark : marks) all = all.isNull() ? boundsOf(mark) : all.united(boundsOf(mark));
    for (Mark& mark : marks) {
        if (mark.locked) continue;
        const QRectF own = boundsOf(mark);
        QPointF by;
        switch (to) {
        case AlignTo::Left:
            by.setX(all.left() - own.left());
            break;
        case AlignTo::Middle:
            by.setX(all.center().x() - own.center().x());
            break;
        case AlignTo::Right:
            by.setX(all.right() - own.right());
            break;
        case AlignTo::Top:
            by.setY(all.top() - own.top());
            break;
        case AlignTo::Centre:
            by.setY(all.center().y() - own.center().y());
            break;
        case AlignTo::Bottom:
            by.setY(all.bottom() - own.bottom());
            break;
        }
        mark = translated(std::move(mark), by);
    }
    return marks;
}

std::vector<Mark> spread(std::vector<Mark> marks, Qt::Orientation along) {
    if (marks.size() < 3) return marks;
    const auto start = [&](const Mark& m) { return along == Qt::Horizontal ? boundsOf(m).left() : boundsOf(m).top(); };
    const auto length = [&](const Mark& m) {
        return along == Qt::Horizontal ? boundsOf(m).width() : boundsOf(m).height();
    };
    std::vector<Mark*> order;
    for (Mark& mark : marks) order.push_back(&mark);
    std::stable_sort(order.begin(), order.end(), [&](const Mark* a, const Mark* b) { return start(*a) < start(*b); });
    double lengths = 0;
    for (const Mark* mark : order) lengths += length(*mark);
    const double from = start(*order.front()), to = start(*order.back()) + length(*order.back());
    const double gap = (to - from - lengths) / double(order.size() - 1);
    double at = from;
    for (Mark* mark : order) {
        const double by = at - start(*mark);
        at += length(*mark) + gap;
        if (!mark->locked)
            *mark = translated(std::move(*mark), along == Qt::Horizontal ? QPointF(by, 0) : QPointF(0, by));
    }
    return marks;
}

} // namespace eyelid
