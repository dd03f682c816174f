#include "reading/headings.h"

#include "picture/geometry.h"

#include <algorithm>
#include <cmath>
#include <optional>

namespace eyelid {
namespace {

// In heights of a small x: a gap wider than between words, how far edges in line may be apart, how far down is looked.
constexpr double widerThanSpace = 1.4, inLine = 0.4, deepest = 30;
constexpr int fewestRows = 3;

// The words `from` to `to` of a line.
TextLine partOf(const TextLine& line, size_t from, size_t to) {
    TextLine part = line;
    part.words.assign(line.words.begin() + long(from), line.words.begin() + long(to));
    part.box = QRectF();
    for (const Word& word : part.words) part.box = part.box.united(word.box);
    std::erase_if(part.rules,
                  [&](const QRectF& rule) { return rule.right() < part.box.left() || rule.left() > part.box.right(); });
    return part;
}

bool standsUnder(const QRectF& cell, const QRectF& heading, double size) {
    return std::abs(cell.left() - heading.left()) <= inLine * size ||
           std::abs(cell.right() - heading.right()) <= inLine * size ||
           std::abs(cell.center().x() - heading.center().x()) <= inLine * size;
}

// Whether the rows below have a cell under each of two headings.
bool headsTwoColumns(const std::vector<TextLine>& lines, size_t line, const QRectF& left, const QRectF& right) {
    const double size = lines[line].xHeight, bottom = lines[line].box.bottom();
    int rows = 0;
    for (size_t i = line + 1; i < lines.size() && rows < fewestRows; ++i) {
        const QRectF& box = lines[i].box;
        if (box.top() < bottom) continue;
        if (box.top() > bottom + deepest * size) return false;
        if (box.left() < left.right() && box.right() > right.left()) return false; // goes through
        if (box.left() <= left.right() || !standsUnder(box, right, size)) continue;
        rows += std::any_of(lines.begin(), lines.end(), [&](const TextLine& other) {
            return other.box.right() < right.left() && verticalShare(other.box, box) >= 0.5 &&
                   standsUnder(other.box, left, size);
        });
    }
    return rows >= fewestRows;
}

// The word before which the line ends, for the columns under it.
std::optional<size_t> gapOfColumns(const std::vector<TextLine>& lines, size_t line) {
    const TextLine& whole = lines[line];
    if (whole.turned != 0) return std::nullopt;
    for (size_t w = 1; w < whole.words.size(); ++w) {
        const double gap = whole.words[w].box.left() - whole.words[w - 1].box.right();
        if (gap < widerThanSpace * whole.xHeight) continue;
        const TextLine left = partOf(whole, 0, w), right = partOf(whole, w, whole.words.size());
        if (headsTwoColumns(lines, line, left.box, right.box)) return w;
    }
    return std::nullopt;
}

} // namespace

bool partHeadings(std::vector<TextLine>& lines) {
    std::vector<TextLine> parted;
    for (size_t i = 0; i < lines.size(); ++i)
        if (const auto at = gapOfColumns(lines, i)) {
            parted.push_back(partOf(lines[i], *at, lines[i].words.size()));
            lines[i] = partOf(lines[i], 0, *at);
        }
    lines.insert(lines.end(), parted.begin(), parted.end());
    return !parted.empty();
}

} // namespace eyelid
