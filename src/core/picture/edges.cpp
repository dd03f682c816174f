#include "picture/edges.h"

#include <algorithm>
#include <cstdlib>

namespace eyelid {
namespace {

constexpr int leastStep = 12;       // of the largest difference of a colour channel: paper against oat still counts
constexpr double leastShare = 0.85; // of the length that has to be an edge
constexpr int leastLength = 12;

int step(QRgb a, QRgb b) {
    return std::max({std::abs(qRed(a) - qRed(b)), std::abs(qGreen(a) - qGreen(b)), std::abs(qBlue(a) - qBlue(b))});
}

template <typename At> std::optional<int> edge(int near, int reach, int from, int to, int size, At at) {
    if (to - from < leastLength) return std::nullopt;
    std::optional<int> best;
    int strongest = 0;
    for (int d = 0; d <= reach; ++d)
        for (const int x : {near - d, near + d}) {
            if (x < 1 || x >= size) continue;
            int rows = 0;
            for (int y = from; y < to; ++y) rows += step(at(x, y), at(x - 1, y)) >= leastStep;
            if (rows >= leastShare * (to - from) && rows > strongest) {
                strongest = rows;
                best = x;
            }
        }
    return best;
}

} // namespace

std::optional<int> verticalEdge(const QImage& picture, int near, int reach, int from, int to) {
    from = std::max(0, from);
    to = std::min(picture.height(), to);
    return edge(near, reach, from, to, picture.width(),
                [&](int x, int y) { return reinterpret_cast<const QRgb*>(picture.constScanLine(y))[x]; });
}

std::optional<int> horizontalEdge(const QImage& picture, int near, int reach, int from, int to) {
    from = std::max(0, from);
    to = std::min(picture.width(), to);
    return edge(near, reach, from, to, picture.height(),
                [&](int y, int x) { return reinterpret_cast<const QRgb*>(picture.constScanLine(y))[x]; });
}

} // namespace eyelid
