#include "picture/geometry.h"

#include <algorithm>
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

double shareUnder(const QRectF& box, const std::vector<QRect>& rects) {
    const double area = box.width() * box.height();
    if (area <= 0) return 0;
    std::vector<QRectF> parts;
    std::vector<double> edges; // from left to right
    for (const QRect& rect : rects) {
        const QRectF part = QRectF(rect).intersected(box);
        if (part.isEmpty()) continue;
        parts.push_back(part);
        edges.push_back(part.left());
        edges.push_back(part.right());
    }
    std::sort(edges.begin(), edges.end());
    std::sort(parts.begin(), parts.end(), [](const QRectF& a, const QRectF& b) { return a.top() < b.top(); });
    double covered = 0;
    for (size_t i = 0; i + 1 < edges.size(); ++i) {
        const double width = edges[i + 1] - edges[i], middle = (edges[i] + edges[i + 1]) / 2;
        double height = 0, reached = box.top();
        for (const QRectF& part : parts) {
            if (width <= 0 || part.left() > middle || part.right() < middle) continue;
            height += std::max(0.0, part.bottom() - std::max(reached, part.top()));
            reached = std::max(reached, part.bottom());
        }
        covered += width * height;
    }
    return covered / area;
}

double verticalShare(const QRectF& a, const QRectF& b) {
    const double common = std::min(a.bottom(), b.bottom()) - std::max(a.top(), b.top());
    return common / std::max(1.0, std::min(a.height(), b.height()));
}

} // namespace eyelid
