#include "finding/cell_lines.h"

#include "picture/geometry.h"

#include <algorithm>
#include <cmath>

namespace eyelid {
namespace {

constexpr double tight = 2.4;      // heights of a small x between two lines of one text
constexpr size_t fewestBeside = 2; // cells of the row that tell; one may stand in another block of the page
constexpr double nearMiddle = 0.3; // of the way from one line to the other

class Cells {
public:
    explicit Cells(const std::vector<TextLine>& lines) : m_lines(lines) {}

    bool areOne(int upper, int lower) const {
        const TextLine &a = line(upper), &b = line(lower);
        if (b.box.top() - a.box.bottom() > tight * std::max(4.0, a.xHeight)) return false;
        if (!fillsColumn(a, b)) return false;
        const double from = a.box.center().y(), to = b.box.center().y();
        const auto middle = beside(a, b, (from + to) / 2, nearMiddle * (to - from));
        if (middle.size() >= fewestBeside) return true;
        // Cells at the top of the row, and the next row farther away than a line.
        const auto first = beside(a, b, from, nearMiddle * (to - from)),
                   second = beside(a, b, to, nearMiddle * (to - from));
        return first.size() >= fewestBeside && second.size() < first.size() && isApart(a, b, first);
    }

private:
    const TextLine& line(int at) const { return m_lines[size_t(at)]; }

    // Whether the next word would have reached out of the column, as far as its other lines tell.
    bool fillsColumn(const TextLine& a, const TextLine& b) const {
        constexpr double aligned = 1.3, reach = 60; // heights of a small x: sideways, and of what is looked at
        if (b.words.empty()) return false;
        const double size = std::max(4.0, a.xHeight), space = 0.4 * size;
        const double wanted = a.box.right() + space + b.words.front().box.width();
        return std::ranges::none_of(m_lines, [&](const TextLine& other) {
            return std::abs(other.box.left() - a.box.left()) <= aligned * size &&
                   std::abs(other.box.top() - a.box.top()) <= reach * size && other.box.right() > wanted;
        });
    }

    // Lines left and right of both whose middles are at that height, give or take.
    std::vector<const TextLine*> beside(const TextLine& a, const TextLine& b, double height, double give) const {
        std::vector<const TextLine*> found;
        const double left = std::min(a.box.left(), b.box.left()), right = std::max(a.box.right(), b.box.right());
        for (const TextLine& other : m_lines) {
            if (other.box.right() > left && other.box.left() < right) continue;
            if (std::abs(other.box.center().y() - height) <= give) found.push_back(&other);
        }
        return found;
    }

    // Whether what stands over the first line's row and under the second line, in any of these columns, is farther away
    // than the one from the other.
    bool isApart(const TextLine& a, const TextLine& b, const std::vector<const TextLine*>& row) const {
        constexpr double farther = 1.25;
        const double pitch = farther * (b.box.center().y() - a.box.center().y());
        std::vector<const TextLine*> columns = row;
        columns.push_back(&a);
        for (const TextLine& other : m_lines) {
            const double up = a.box.center().y() - other.box.center().y(),
                         down = other.box.center().y() - b.box.center().y();
            const bool nextRow = (up > 1 && up < pitch) || (down > 1 && down < pitch);
            if (nextRow && std::ranges::any_of(columns, [&](const TextLine* cell) {
                    return cell->box.left() < other.box.right() && other.box.left() < cell->box.right();
                }))
                return false;
        }
        return true;
    }

    const std::vector<TextLine>& m_lines;
};

} // namespace

std::vector<int> linesBelowInCells(const std::vector<TextLine>& lines, const std::vector<int>& below) {
    const Cells cells(lines);
    std::vector<int> next(lines.size(), -1);
    for (size_t i = 0; i < lines.size(); ++i)
        if (below[i] >= 0 && cells.areOne(int(i), below[i])) next[i] = below[i];
    return next;
}

} // namespace eyelid
