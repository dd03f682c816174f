#include "finding/table_heads.h"

#include "picture/geometry.h"

#include <algorithm>
#include <cmath>

namespace eyelid {
namespace {

constexpr double inOneRow = 0.5;      // of the lower box
constexpr size_t mostWordsBeside = 5; // of a heading

bool saysSomething(const TextLine& line) {
    return std::ranges::any_of(line.words, [](const Word& word) {
        return std::ranges::any_of(word.text, [](QChar c) { return c.isLetterOrNumber(); });
    });
}

bool isCentredOver(const std::vector<TextLine>& lines, const QRectF& head, const HeadCells& beside,
                   const TextLine& cell) {
    constexpr double nearMiddle = 1.5, ofOneColumn = 0.5, deepest = 200; // heights of a small x
    const QRectF& b = cell.box;
    const double size = std::max(4.0, cell.xHeight);
    const double bottom = head.bottom() + deepest * size;
    if (b.left() <= beside.previous || b.left() >= head.left() || b.top() > bottom) return false;
    double next = 1e9, widest = b.right();
    for (const TextLine& other : lines) {
        const QRectF& box = other.box;
        if (box.left() > b.right() && verticalShare(box, b) >= inOneRow) next = std::min(next, box.left());
        if (std::abs(box.left() - b.left()) <= ofOneColumn * size && box.top() > head.bottom() && box.top() < bottom)
            widest = std::max(widest, box.right());
    }
    if (next < 1e8) return std::abs(head.center().x() - (b.left() + next) / 2) <= nearMiddle * size;
    return beside.next > 1e8 && head.right() <= widest + nearMiddle * size;
}

} // namespace

HeadCells cellsBeside(const std::vector<TextLine>& lines, size_t head) {
    const QRectF& own = lines[head].box;
    HeadCells cells;
    for (size_t j = 0; j < lines.size(); ++j) {
        const QRectF& b = lines[j].box;
        if (j == head || verticalShare(b, own) < inOneRow || lines[j].words.size() > mostWordsBeside) continue;
        if (!saysSomething(lines[j])) continue;
        ++cells.count;
        if (b.left() > own.right()) cells.next = std::min(cells.next, b.left());
        if (b.right() < own.left()) cells.previous = std::max(cells.previous, b.right());
    }
    return cells;
}

bool standsUnder(const std::vector<TextLine>& lines, size_t head, const HeadCells& beside, size_t cell) {
    constexpr double sides = 3, middles = 2, before = 8, beforeFirst = 4; // heights of a small x
    const QRectF &h = lines[head].box, &b = lines[cell].box;
    const double size = std::max(4.0, lines[head].xHeight);
    if (b.top() < h.bottom() - 1 || b.left() >= beside.next - size) return false;
    // The column reaches from half way to its neighbour on the left to the neighbour on the right.
    const double from =
        beside.previous < -1e8 ? h.left() - beforeFirst * size : std::max(beside.previous, h.left() - before * size);
    const bool inLine = std::abs(b.left() - h.left()) <= sides * size ||
                        std::abs(b.right() - h.right()) <= sides * size ||
                        std::abs(b.center().x() - h.center().x()) <= middles * size;
    return (inLine && b.left() >= from) || isCentredOver(lines, h, beside, lines[cell]);
}

} // namespace eyelid
