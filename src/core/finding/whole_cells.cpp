#include "finding/whole_cells.h"

#include "finding/labels.h"
#include "picture/geometry.h"

#include <algorithm>
#include <cmath>

namespace eyelid {
namespace {

constexpr double tight = 2.4;       // heights of a small x between two lines of one text
constexpr double aligned = 1.3;     // heights of a small x that the beginnings of a cell's lines may be apart
constexpr double mostUnlike = 1.18; // of one size: a remark under a value is set smaller
constexpr int mostLines = 5;        // of a cell
constexpr int fewestBeside = 2;     // cells of the row that tell; one may stand in another block of the page
constexpr double near = 0.3;        // of the way from one line of a cell to the next
constexpr double apart = 1.25;      // of that way, at least, from the last line of a row to the next row

bool isAddressOfNet(const TextLine& line) {
    return std::ranges::any_of(line.words, [](const Word& word) {
        return word.text.contains(u'@') || word.text.contains(QLatin1String("://"));
    });
}

// "franco85@pos" over "t.example.net", "r.lutz-" over "ext@office.example": an address breaks anywhere.
bool areOneAddress(const TextLine& upper, const TextLine& lower) {
    return upper.words.size() == 1 && lower.words.size() == 1 && isAddressOfNet(upper) != isAddressOfNet(lower);
}

// What stands over or under an address of mail or of a page is another value, but for a part of it.
bool areOfOneValue(const TextLine& upper, const TextLine& lower) {
    return areOneAddress(upper, lower) || (!isAddressOfNet(upper) && !isAddressOfNet(lower));
}

// "Contact" over "Nguema Obiang" is a label over its value, "Account" over "number" a label of two lines.
bool isLabelOverValue(const TextLine& upper, const TextLine& lower) {
    return wholeLabelHit(upper.text()) && !wholeLabelHit(upper.text() + u' ' + lower.text());
}

double tallestGlyph(const TextLine& line) {
    double tallest = 0;
    for (const Word& word : line.words)
        for (const Glyph& glyph : word.glyphs) tallest = std::max(tallest, glyph.box.height());
    return tallest;
}

// Of a line in which nothing rises, as "naissance", the height of a small x is a guess.
bool areOfOneSize(const TextLine& a, const TextLine& b) {
    const auto alike = [](double one, double other) {
        return one > 0 && one < mostUnlike * other && other < mostUnlike * one;
    };
    return alike(a.xHeight, b.xHeight) || alike(tallestGlyph(a), tallestGlyph(b));
}

class Cells {
public:
    explicit Cells(const std::vector<TextLine>& lines) : m_lines(lines), m_below(lines.size(), -1) {
        for (size_t i = 0; i < lines.size(); ++i) findBelow(i);
    }

    // The lines of the cell that begins with this one; only it where it is no such cell.
    std::vector<int> from(int first) const {
        std::vector<int> cell{first};
        double pitch = 1e9; // a wider way is that to the next row
        for (int at = first, next; (next = m_below[size_t(at)]) >= 0; at = next) {
            const double way = middle(line(next)) - middle(line(at));
            if (way > apart * pitch) break;
            pitch = std::min(pitch, way);
            cell.push_back(next);
        }
        const bool isCell = cell.size() > 1 && int(cell.size()) <= mostLines && isAllOf(cell) &&
                            (isAtMiddle(cell) || isAtEdge(cell, true) || isAtEdge(cell, false));
        if (!isCell) cell.resize(1);
        return cell;
    }

private:
    const TextLine& line(int at) const { return m_lines[size_t(at)]; }
    static double middle(const TextLine& line) { return line.box.center().y(); }

    // Lines come sorted by their top.
    void findBelow(size_t upper) {
        const TextLine& a = m_lines[upper];
        const double size = std::max(4.0, a.xHeight);
        for (size_t j = upper + 1; j < m_lines.size() && m_lines[j].box.top() < a.box.bottom() + tight * size; ++j) {
            const TextLine& b = m_lines[j];
            const double off =
                std::min(std::abs(a.box.left() - b.box.left()), std::abs(a.box.center().x() - b.box.center().x()));
            if (b.box.top() < a.box.bottom() - near * size || off > aligned * size || a.turned != 0 || b.turned != 0)
                continue;
            if (areOfOneSize(a, b) && areOfOneValue(a, b) && fillsColumn(a, b) && !isLabelOverValue(a, b))
                m_below[upper] = int(j);
            return;
        }
    }

    // Whether the next word would have reached out of the column: into the next one, or farther than its other lines.
    bool fillsColumn(const TextLine& a, const TextLine& b) const {
        constexpr double reach = 60, margin = 1.5; // heights of a small x: looked at; beside a cell
        if (a.words.empty() || b.words.empty()) return false;
        const double size = std::max(4.0, a.xHeight), space = 0.4 * size;
        const double wanted = a.box.right() + space + b.words.front().box.width();
        const auto isNext = [&](const TextLine& other) {
            return other.box.left() > a.box.right() && other.box.left() < wanted + margin * size &&
                   verticalShare(other.box, a.box) > 0.5;
        };
        const auto isWider = [&](const TextLine& other) {
            return std::abs(other.box.left() - a.box.left()) <= aligned * size &&
                   std::abs(other.box.top() - a.box.top()) <= reach * size && other.box.right() > wanted;
        };
        return std::ranges::any_of(m_lines, isNext) || std::ranges::none_of(m_lines, isWider);
    }

    QRectF boxOf(const std::vector<int>& cell) const {
        QRectF box;
        for (const int at : cell) box |= line(at).box;
        return box;
    }
    double pitchOf(const std::vector<int>& cell) const {
        return (middle(line(cell.back())) - middle(line(cell.front()))) / double(cell.size() - 1);
    }

    // Lines left and right of a cell whose middles are at that height, give or take.
    std::vector<int> beside(const QRectF& cell, double height, double give) const {
        std::vector<int> found;
        for (size_t i = 0; i < m_lines.size(); ++i) {
            const QRectF& box = m_lines[i].box;
            if (box.right() > cell.left() && box.left() < cell.right()) continue;
            if (std::abs(box.center().y() - height) <= give) found.push_back(int(i));
        }
        return found;
    }

    // Whether these are all lines that stand together there.
    bool isAllOf(const std::vector<int>& cell) const {
        const double pitch = pitchOf(cell);
        return linesOn(cell.front(), -pitch) == 1 && linesOn(cell.front(), pitch) == int(cell.size());
    }

    // Cells of one line at the middle of the row.
    bool isAtMiddle(const std::vector<int>& cell) const {
        const double pitch = pitchOf(cell);
        const QRectF box = boxOf(cell);
        const std::vector<int> row = beside(box, box.center().y(), near * pitch);
        return std::ranges::count_if(
                   row, [&](int at) { return linesOn(at, -pitch) == 1 && linesOn(at, pitch) == 1; }) >= fewestBeside;
    }

    // Cells at the top of the row, or at its bottom, not all of which go on.
    bool isAtEdge(const std::vector<int>& cell, bool top) const {
        const double step = top ? pitchOf(cell) : -pitchOf(cell);
        int cells = 0, ofOneLine = 0;
        for (const int at :
             beside(boxOf(cell), middle(line(top ? cell.front() : cell.back())), near * std::abs(step))) {
            const int lines = linesOn(at, step);
            // What has a line close at the other side, or goes on and on, is of another block of the page.
            if (lines > mostLines || linesOn(at, -step) > 1) continue;
            ++cells;
            ofOneLine += lines == 1;
        }
        return cells >= fewestBeside && ofOneLine > 0;
    }

    // How many lines stand there from one on, each a step from the one before, as far as lines of one cell do.
    int linesOn(int from, double step) const {
        int lines = 1;
        const QRectF column = line(from).box;
        for (double at = middle(line(from)); lines <= mostLines; ++lines) {
            const auto next = std::ranges::find_if(m_lines, [&](const TextLine& other) {
                const double way = (middle(other) - at) / step;
                return way > near && way < apart && column.left() < other.box.right() &&
                       other.box.left() < column.right();
            });
            if (next == m_lines.end()) break;
            at = middle(*next);
        }
        return lines;
    }

    const std::vector<TextLine>& m_lines;
    std::vector<int> m_below; // the line that a cell may go on in, or -1
};

// The words of two lines, a word that a hyphen parts as one, and an address.
void append(TextLine& cell, const TextLine& next) {
    size_t from = 0;
    Word& last = cell.words.back();
    const bool parted = last.text.size() > 1 && last.text.endsWith(u'-');
    if (parted || areOneAddress(cell, next)) {
        const Word& rest = next.words[from++];
        last.text += rest.text;
        last.box |= rest.box;
        last.confidence = std::min(last.confidence, rest.confidence);
        last.glyphs.insert(last.glyphs.end(), rest.glyphs.begin(), rest.glyphs.end());
        last.alternatives.clear();
    }
    cell.words.insert(cell.words.end(), next.words.begin() + long(from), next.words.end());
    cell.rules.insert(cell.rules.end(), next.rules.begin(), next.rules.end());
    cell.box |= next.box;
}

} // namespace

std::optional<Page> withWholeCells(const Page& page) {
    const Cells cells(page.lines);
    std::vector<char> gone(page.lines.size(), 0);
    Page whole = page;
    for (size_t i = 0; i < page.lines.size(); ++i) {
        if (gone[i]) continue;
        const std::vector<int> cell = cells.from(int(i));
        for (size_t k = 1; k < cell.size(); ++k) {
            append(whole.lines[i], page.lines[size_t(cell[k])]);
            gone[size_t(cell[k])] = 1;
        }
    }
    if (std::ranges::none_of(gone, [](char is) { return is; })) return std::nullopt;
    size_t i = 0;
    std::erase_if(whole.lines, [&](const TextLine&) { return gone[i++]; });
    return whole;
}

} // namespace eyelid
