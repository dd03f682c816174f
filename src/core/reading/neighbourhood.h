// Boxes by the rows they stand in, so that each is compared with its neighbours only.
#pragma once

#include <algorithm>
#include <QRect>
#include <vector>

namespace eyelid {

class Neighbourhood {
public:
    /// `height`: of the picture; device pixels.
    Neighbourhood(const std::vector<QRect>& boxes, int height) : m_rows(size_t(height / bucket + 2)) {
        for (size_t i = 0; i < boxes.size(); ++i)
            for (int r = boxes[i].top() / bucket; r <= boxes[i].bottom() / bucket; ++r) m_rows[size_t(r)].push_back(i);
        for (auto& row : m_rows)
            std::sort(row.begin(), row.end(), [&](size_t a, size_t b) { return boxes[a].left() < boxes[b].left(); });
    }
    /// Calls `visit(j)` for boxes that share a row with `box` and start between `fromX` and `toX`; for one that is in
    /// several rows more than once. `boxes`: those it was made of.
    template <typename Visit>
    void each(const std::vector<QRect>& boxes, const QRect& box, int fromX, int toX, Visit visit) const {
        const int first = std::max(0, box.top() / bucket),
                  last = std::min(int(m_rows.size()) - 1, box.bottom() / bucket);
        for (int r = first; r <= last; ++r) {
            const auto& row = m_rows[size_t(r)];
            auto it =
                std::lower_bound(row.begin(), row.end(), fromX, [&](size_t i, int x) { return boxes[i].left() < x; });
            for (; it != row.end() && boxes[*it].left() <= toX; ++it) visit(*it);
        }
    }

private:
    static constexpr int bucket = 16;
    std::vector<std::vector<size_t>> m_rows;
};

} // namespace eyelid
