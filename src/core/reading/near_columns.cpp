#include "reading/near_columns.h"

#include "picture/geometry.h"

#include <algorithm>
#include <cmath>

namespace eyelid {
namespace {

// In heights of a small x: a gap wider than between words, how far edges in line may be apart, how far is looked, and
// how high a line may be there.
constexpr double widerThanSpace = 1.4, inLine = 0.4, farthest = 30, tallest = 10;
constexpr int fewestRows = 3;

// Words of a line that only narrow gaps part.
struct Part {
    size_t line = 0;
    size_t from = 0, to = 0; ///< of the line's words
    QRectF box;
};

TextLine lineOf(const TextLine& line, size_t from, size_t to) {
    TextLine part = line;
    part.words.assign(line.words.begin() + long(from), line.words.begin() + long(to));
    part.box = QRectF();
    for (const Word& word : part.words) part.box = part.box.united(word.box);
    std::erase_if(part.rules,
                  [&](const QRectF& rule) { return rule.right() < part.box.left() || rule.left() > part.box.right(); });
    return part;
}

class Parts {
public:
    explicit Parts(const std::vector<TextLine>& lines) : m_lines(lines) {
        for (size_t i = 0; i < lines.size(); ++i) {
            m_firstOf.push_back(m_parts.size());
            addPartsOf(i);
        }
        m_firstOf.push_back(m_parts.size());
    }

    // The words of a line before which a column begins.
    std::vector<size_t> columnsOf(size_t line) const {
        std::vector<size_t> found;
        for (size_t k = m_firstOf[line] + 1; k < m_firstOf[line + 1]; ++k)
            if (standInColumns(m_parts[k - 1], m_parts[k])) found.push_back(m_parts[k].from);
        return found;
    }

private:
    void addPartsOf(size_t line) {
        const TextLine& whole = m_lines[line];
        for (size_t from = 0, w = 1; w <= whole.words.size(); ++w) {
            const bool last = w == whole.words.size();
            if (!last && (whole.turned != 0 || gapBefore(whole, w) < widerThanSpace * whole.xHeight ||
                          speaksForWhatFollows(whole.words[w - 1])))
                continue;
            const TextLine part = lineOf(whole, from, w);
            m_parts.push_back({line, from, w, part.box});
            from = w;
        }
    }
    // "token:" in code and in forms: no cell by itself, however wide a space of its type is.
    static bool speaksForWhatFollows(const Word& word) {
        return word.text.endsWith(u':') || word.text.endsWith(u'=') || word.text.endsWith(u',');
    }
    static double gapBefore(const TextLine& line, size_t word) {
        return line.words[word].box.left() - line.words[word - 1].box.right();
    }

    // Whether the rows nearest over and under two parts have a cell in line with each of them.
    bool standInColumns(const Part& left, const Part& right) const {
        return rowsWithBoth(left, right, true) + rowsWithBoth(left, right, false) >= fewestRows;
    }

    int rowsWithBoth(const Part& left, const Part& right, bool up) const {
        const double size = m_lines[left.line].xHeight;
        std::vector<QRectF> near;
        double end = farthest * size;
        const auto distanceTo = [&](const QRectF& box) {
            return up ? left.box.top() - box.bottom() : box.top() - left.box.bottom();
        };
        const auto look = [&](const QRectF& box) {
            const double distance = distanceTo(box);
            if (distance < 0 || distance > end) return;
            if (box.left() < left.box.right() && box.right() > right.box.left())
                end = distance; // goes through
            else
                near.push_back(box);
        };
        // Lines come sorted by their top: what is far from here is far in the list.
        const double reach = (farthest + tallest) * size;
        if (up)
            for (size_t k = m_firstOf[left.line]; k-- > 0 && m_parts[k].box.top() > left.box.top() - reach;)
                look(m_parts[k].box);
        else
            for (size_t k = m_firstOf[left.line + 1];
                 k < m_parts.size() && m_parts[k].box.top() < left.box.bottom() + reach; ++k)
                look(m_parts[k].box);
        int rows = 0;
        for (const QRectF& box : near) {
            if (distanceTo(box) >= end || box.left() <= left.box.right() || !isInLine(box, right.box, size)) continue;
            rows += std::ranges::any_of(near, [&](const QRectF& other) {
                return other.right() < right.box.left() && verticalShare(other, box) >= 0.5 &&
                       isInLine(other, left.box, size);
            });
        }
        return rows;
    }

    static bool isInLine(const QRectF& a, const QRectF& b, double size) {
        return std::abs(a.left() - b.left()) <= inLine * size || std::abs(a.right() - b.right()) <= inLine * size ||
               std::abs(a.center().x() - b.center().x()) <= inLine * size;
    }

    const std::vector<TextLine>& m_lines;
    std::vector<Part> m_parts;     // line by line, from left to right
    std::vector<size_t> m_firstOf; // of each line, and where the last one ends
};

} // namespace

bool partNearColumns(std::vector<TextLine>& lines) {
    const Parts parts(lines);
    std::vector<TextLine> further;
    std::vector<TextLine> first = lines;
    for (size_t i = 0; i < lines.size(); ++i) {
        std::vector<size_t> ends = parts.columnsOf(i);
        if (ends.empty()) continue;
        ends.push_back(lines[i].words.size());
        first[i] = lineOf(lines[i], 0, ends.front());
        for (size_t k = 0; k + 1 < ends.size(); ++k) further.push_back(lineOf(lines[i], ends[k], ends[k + 1]));
    }
    lines = std::move(first);
    lines.insert(lines.end(), further.begin(), further.end());
    return !further.empty();
}

} // namespace eyelid
