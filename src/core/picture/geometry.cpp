#include "picture/geometry.h"

#include <cmath>

namespace eyelid {

QRect grownOutwards(const QRectF& box, double margin) {
    const int left = int(std::floor(box.left() - margin));
    const int top = int(std::floor(box.top() - margin));
    const int right = int(std::ceil(box.right() + margin));
    const int bottom = int(std::ceil(box.bottom() + margin));
    return QRect(left, top, right - left, bottom - top);
}

bool touches(const QRect& a, const QRect& b) {
    return a.adjusted(-1, -1, 1, 1).intersects(b);
}

double shareWithin(const QRectF& inner, const QRectF& outer) {
    const double area = inner.width() * inner.height();
    if (area <= 0) return 0;
    const QRectF common = inner.intersected(outer);
    return common.isEmpty() ? 0 : common.width() * common.height() / area;
}

double verticalShare(const QRectF& a, const QRectF& b) {
    const double common = std::min(a.bottom(), b.bottom()) - std::max(a.top(), b.top());
    return common / std::max(1.0, std::min(a.height(), b.height()));
}

} // namespace eyelid
