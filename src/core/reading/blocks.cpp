#include "reading/blocks.h"

#include "picture/geometry.h"
#include "reading/tables.h"

#include <algorithm>
#include <cmath>
#include <numeric>
#include <optional>

namespace eyelid {
namespace {

// Gaps in heights of a small x; type set as usual has a leading of 2.6 to 3.4 of them from line to line, so 1 to 1.8
// between what is ink. Chosen on the pages of tests/core/blocks_test.cpp.
namespace block_limits {
constexpr double gutter = 2.2;        // between columns, at least
constexpr double clearer = 1.5;       // a band's gap to its usual ones
constexpr double shared = 0.4;        // of a column's lines stand at a height with the other's
constexpr double paragraph = 1.7;     // a gap to the usual one of its block
constexpr double tightPitch = 3.6;    // from line to line; rows of tables stand farther apart
constexpr int columnLines = 3;        // a column has at least so many
constexpr double clearlyLiker = 0.12; // what stands side by side in cards, to what stands one under another
constexpr double capital = 1.4;       // the height of a capital letter
constexpr double wellFilled = 0.85;   // of the cells of cards
constexpr double fewerBands = 0.7;    // a side bar's gaps do not go on through what stands beside it
} // namespace block_limits

// A line or a whole table, as it stands for one who holds the page upright.
struct Piece {
    QRectF box;
    double size = 4; // height of a small x
    std::vector<int> lines;
    bool table = false;
};
using Pieces = std::vector<Piece>;

QRectF upright(const QRectF& box, int turned) {
    if (turned == 90) return {box.top(), -box.right(), box.height(), box.width()};
    if (turned == 270) return {-box.bottom(), box.left(), box.height(), box.width()};
    return box;
}

// What a cell is like: names under names and sums under sums make a table, a name over a sum over a word a card.
struct Likeness {
    bool sign = false, mostlyDigits = false, digit = false, large = false, longText = false;
    int words = 0;
    double size = 0;
    explicit Likeness(const QString& text, double xHeight) : size(xHeight) {
        int digits = 0, letters = 0;
        for (const QChar c : text) {
            digits += c.isDigit();
            letters += c.isLetter();
        }
        sign = text.contains(u'@');
        digit = digits > 0;
        mostlyDigits = digits > letters;
        large = !text.isEmpty() && text[0].isUpper();
        words = int(text.count(u' ')) + 1;
        longText = text.size() > 24;
    }
    double with(const Likeness& other) const {
        const bool sameSize = size < 1.08 * other.size && other.size < 1.08 * size;
        return 0.3 * sameSize + 0.3 * (mostlyDigits == other.mostlyDigits && sign == other.sign) +
               0.15 * (digit == other.digit) + 0.1 * (large == other.large) + 0.15 * (words == other.words);
    }
};

class Share {
public:
    void add(double value) {
        m_sum += value;
        ++m_count;
    }
    double mean() const { return m_count == 0 ? 0 : m_sum / m_count; }

private:
    double m_sum = 0;
    int m_count = 0;
};

double middle(std::vector<double> values) {
    if (values.empty()) return 0;
    const auto at = values.begin() + long(values.size() / 2);
    std::nth_element(values.begin(), at, values.end());
    return *at;
}

// Whether rows come in like groups, two or more close together and then a gap: labels over values, rows of cards.
bool comeInGroups(const Page& page, const Table& table) {
    struct RowOfCells {
        double baseline = 0, size = 4;
    };
    size_t filled = 0;
    std::vector<RowOfCells> rows;
    for (const auto& row : table.rows) {
        std::vector<double> baselines;
        RowOfCells all;
        for (const TableCell& cell : row) {
            if (cell.lines.empty()) continue;
            const TextLine& line = page.lines[size_t(cell.lines[0])];
            baselines.push_back(line.baseline);
            all.size = std::max(all.size, line.xHeight);
            ++filled;
        }
        all.baseline = middle(baselines);
        rows.push_back(all);
    }
    // A cell of two lines among cells of one is a table's.
    if (double(filled) < block_limits::wellFilled * double(rows.size() * table.columns())) return false;
    std::vector<double> gaps;
    for (size_t r = 1; r < rows.size(); ++r)
        gaps.push_back(rows[r].baseline - rows[r - 1].baseline - block_limits::capital * rows[r].size);
    const double wide = block_limits::clearer * std::max(1.0, *std::min_element(gaps.begin(), gaps.end()));
    const auto first = std::find_if(gaps.begin(), gaps.end(), [&](double gap) { return gap >= wide; });
    const size_t period = size_t(first - gaps.begin()) + 1;
    if (first == gaps.end() || period < 2) return false;
    for (size_t g = 0; g < gaps.size(); ++g)
        if ((gaps[g] >= wide) != ((g + 1) % period == 0)) return false;
    return true;
}

// Cards or columns of prose side by side line up like a table; in them what stands side by side is alike, and what
// stands one under another is not, or the lines are long and set close.
bool isReadByRows(const Page& page, const Table& table) {
    if (comeInGroups(page, table)) return false;
    Share down, across, filled;
    std::vector<double> pitches;
    double size = 4;
    int longCells = 0, cells = 0;
    const auto likeness = [&](const TableCell& cell) {
        const TextLine& line = page.lines[size_t(cell.lines[0])];
        size = std::max(size, line.xHeight);
        return Likeness(cell.text, line.xHeight);
    };
    for (size_t r = 0; r < table.rows.size(); ++r)
        for (size_t c = 0; c < table.columns(); ++c) {
            const TableCell& cell = table.rows[r][c];
            if (cell.lines.empty()) continue;
            const Likeness own = likeness(cell);
            ++cells;
            longCells += own.longText;
            if (c + 1 < table.columns() && !table.rows[r][c + 1].lines.empty())
                across.add(own.with(likeness(table.rows[r][c + 1])));
            if (r + 1 < table.rows.size() && !table.rows[r + 1][c].lines.empty()) {
                const TableCell& below = table.rows[r + 1][c];
                // A heading is not like its column.
                if (!(table.headed && r == 0)) down.add(own.with(likeness(below)));
                pitches.push_back(below.box.top() - cell.box.top());
            }
        }
    const bool close = middle(pitches) < block_limits::tightPitch * size;
    const bool prose = close && 2 * longCells > cells && table.rows.size() >= size_t(block_limits::columnLines);
    return !prose && across.mean() < down.mean() + block_limits::clearlyLiker;
}

// A gap that goes through a set of pieces, along one axis.
struct Gap {
    double from = 0, to = 0;
    double width() const { return to - from; }
};

enum class Axis { X, Y };
double begin(const Piece& piece, Axis axis) {
    return axis == Axis::X ? piece.box.left() : piece.box.top();
}
double end(const Piece& piece, Axis axis) {
    return axis == Axis::X ? piece.box.right() : piece.box.bottom();
}

std::vector<Gap> gapsOf(const Pieces& pieces, Axis axis, double least) {
    std::vector<std::pair<double, double>> spans;
    for (const Piece& piece : pieces) spans.emplace_back(begin(piece, axis), end(piece, axis));
    std::sort(spans.begin(), spans.end());
    std::vector<Gap> gaps;
    double reached = spans.empty() ? 0 : spans.front().second;
    for (const auto& [from, to] : spans) {
        if (from - reached >= least) gaps.push_back({reached, from});
        reached = std::max(reached, to);
    }
    return gaps;
}

std::pair<Pieces, Pieces> partedAt(Pieces pieces, Axis axis, double at) {
    std::pair<Pieces, Pieces> sides;
    for (Piece& piece : pieces) (begin(piece, axis) < at ? sides.first : sides.second).push_back(std::move(piece));
    return sides;
}

int linesOf(const Pieces& pieces) {
    int count = 0;
    for (const Piece& piece : pieces) count += int(piece.lines.size());
    return count;
}

double sizeOf(const Pieces& pieces) {
    std::vector<double> sizes;
    for (const Piece& piece : pieces) sizes.push_back(piece.size);
    return std::max(4.0, middle(sizes));
}

class Cutting {
public:
    explicit Cutting(const Page& page) : m_page(page) {}

    void cut(Pieces pieces, int depth = 0) {
        constexpr int deepest = 24;
        if (pieces.size() == 1 || depth == deepest) return finish(pieces);
        const double size = sizeOf(pieces);
        const std::vector<Gap> bands = gapsOf(pieces, Axis::Y, 0.25 * size);
        const std::optional<double> gutter = gutterOf(pieces, bands, size);
        if (gutter && isSideBar(pieces, *gutter, bands, size)) return cutAt(std::move(pieces), Axis::X, *gutter, depth);
        if (const auto band = bandOf(bands)) return cutAt(std::move(pieces), Axis::Y, *band, depth);
        if (gutter) return cutAt(std::move(pieces), Axis::X, *gutter, depth);
        if (const std::vector<Pieces> pairs = pairsOf(pieces, size); !pairs.empty()) {
            for (const Pieces& pair : pairs) finish(pair);
            return;
        }
        // Rows of a form that do not line up as a table does, and lines of one column.
        finish(pieces);
    }
    std::vector<Block> take() { return std::move(m_blocks); }

private:
    void cutAt(Pieces pieces, Axis axis, double at, int depth) {
        auto [first, second] = partedAt(std::move(pieces), axis, at);
        cut(std::move(first), depth + 1);
        cut(std::move(second), depth + 1);
    }

    // The widest gap between columns: either has lines of its own, many of them beside the other's.
    std::optional<double> gutterOf(const Pieces& pieces, const std::vector<Gap>& bands, double size) const {
        std::vector<Gap> gaps = gapsOf(pieces, Axis::X, block_limits::gutter * size);
        std::sort(gaps.begin(), gaps.end(), [](const Gap& a, const Gap& b) { return a.width() > b.width(); });
        for (const Gap& gap : gaps) {
            const auto [left, right] = partedAt(pieces, Axis::X, gap.to - 0.5);
            if (linesOf(left) < block_limits::columnLines || linesOf(right) < block_limits::columnLines) continue;
            if (standBeside(left, right) && (bands.size() < 2 || !isForm(left, right, size))) return gap.to - 0.5;
        }
        return std::nullopt;
    }

    static bool standBeside(const Pieces& left, const Pieces& right) {
        const auto beside = [](const Pieces& some, const Pieces& others) {
            int count = 0;
            for (const Piece& a : some)
                count += std::any_of(others.begin(), others.end(),
                                     [&](const Piece& b) { return verticalShare(a.box, b.box) > 0.2; });
            return double(count) >= block_limits::shared * double(some.size());
        };
        return left.size() <= right.size() ? beside(left, right) : beside(right, left);
    }

    // Label beside value, a row each: every line has its one partner at its height.
    static bool isForm(const Pieces& left, const Pieces& right, double size) {
        if (left.size() != right.size()) return false;
        std::vector<double> pitches;
        Pieces a = left, b = right;
        const auto higher = [](const Piece& x, const Piece& y) { return x.box.top() < y.box.top(); };
        std::sort(a.begin(), a.end(), higher);
        std::sort(b.begin(), b.end(), higher);
        for (size_t i = 0; i < a.size(); ++i) {
            if (a[i].lines.size() != 1 || b[i].lines.size() != 1) return false;
            if (std::abs(a[i].box.center().y() - b[i].box.center().y()) > 0.5 * size) return false;
            if (i > 0) pitches.push_back(a[i].box.top() - a[i - 1].box.top());
        }
        return middle(pitches) >= block_limits::tightPitch * size;
    }

    // Labels over their values, side by side: two rows, each line over one of the other's. Empty for anything else.
    static std::vector<Pieces> pairsOf(Pieces pieces, double size) {
        if (pieces.size() < 4 || pieces.size() % 2 != 0) return {};
        std::sort(pieces.begin(), pieces.end(),
                  [](const Piece& a, const Piece& b) { return a.box.center().y() < b.box.center().y(); });
        const auto half = pieces.begin() + long(pieces.size() / 2);
        const auto fromLeft = [](const Piece& a, const Piece& b) { return a.box.left() < b.box.left(); };
        std::sort(pieces.begin(), half, fromLeft);
        std::sort(half, pieces.end(), fromLeft);
        std::vector<Pieces> pairs;
        for (auto upper = pieces.begin(), lower = half; upper != half; ++upper, ++lower) {
            const bool row =
                verticalShare(upper->box, pieces.front().box) > 0.5 && verticalShare(lower->box, half->box) > 0.5;
            const bool under = upper->box.bottom() <= lower->box.top() + 1 &&
                               std::abs(upper->box.left() - lower->box.left()) < block_limits::gutter * size;
            if (!row || !under || upper->table || lower->table) return {};
            pairs.push_back({*upper, *lower});
        }
        return pairs;
    }

    // What stands beside a side bar does not part where its entries do.
    static bool isSideBar(const Pieces& pieces, double at, const std::vector<Gap>& bands, double size) {
        const auto [left, right] = partedAt(pieces, Axis::X, at);
        const size_t fewer =
            std::min(gapsOf(left, Axis::Y, 0.25 * size).size(), gapsOf(right, Axis::Y, 0.25 * size).size());
        return double(bands.size()) < block_limits::fewerBands * double(fewer);
    }

    // Where a gap is clearly wider than the others: below a bar, between rows of cards.
    static std::optional<double> bandOf(const std::vector<Gap>& bands) {
        if (bands.empty()) return std::nullopt;
        std::vector<double> widths;
        for (const Gap& gap : bands) widths.push_back(gap.width());
        const auto widest = std::max_element(bands.begin(), bands.end(),
                                             [](const Gap& a, const Gap& b) { return a.width() < b.width(); });
        std::sort(widths.begin(), widths.end());
        const double usual = widths[(widths.size() - 1) / 2];
        if (bands.size() > 1 && widest->width() < block_limits::clearer * usual) return std::nullopt;
        if (bands.size() == 1) return std::nullopt;
        return widest->to - 0.5;
    }

    void finish(const Pieces& pieces) {
        Block block;
        std::vector<std::pair<QRectF, int>> lines; // as they stand upright
        bool sideBySide = false;
        for (const Piece& piece : pieces) {
            block.box = block.box.united(piece.box);
            sideBySide = sideBySide || piece.table;
            for (const int line : piece.lines)
                lines.emplace_back(upright(m_page.lines[size_t(line)].box, m_page.lines[size_t(line)].turned), line);
        }
        const std::vector<std::vector<std::pair<QRectF, int>>> rows = rowsOf(std::move(lines));
        std::vector<double> gaps;
        for (size_t r = 1; r < rows.size(); ++r) gaps.push_back(rows[r][0].first.top() - rows[r - 1][0].first.bottom());
        const double usual = middle(gaps);
        for (size_t r = 0; r < rows.size(); ++r) {
            sideBySide = sideBySide || rows[r].size() > 1;
            if (r == 0 || gaps[r - 1] > std::max(2.0, block_limits::paragraph * usual)) block.paragraphs.emplace_back();
            for (const auto& [box, line] : rows[r]) block.paragraphs.back().push_back(line);
        }
        block.form = sideBySide ? Block::Form::Rows : Block::Form::Lines;
        block.box = {};
        for (const auto& paragraph : block.paragraphs)
            for (const int line : paragraph) block.box = block.box.united(m_page.lines[size_t(line)].box);
        m_blocks.push_back(std::move(block));
    }

    // Lines at one height, from left to right, whatever a pixel of difference says.
    static std::vector<std::vector<std::pair<QRectF, int>>> rowsOf(std::vector<std::pair<QRectF, int>> lines) {
        std::stable_sort(lines.begin(), lines.end(),
                         [](const auto& a, const auto& b) { return a.first.center().y() < b.first.center().y(); });
        std::vector<std::vector<std::pair<QRectF, int>>> rows;
        for (auto& line : lines) {
            const bool same =
                !rows.empty() && std::any_of(rows.back().begin(), rows.back().end(), [&](const auto& other) {
                    return verticalShare(other.first, line.first) > 0.5 &&
                           std::min(other.first.right(), line.first.right()) -
                                   std::max(other.first.left(), line.first.left()) <
                               0.5 * std::min(other.first.width(), line.first.width());
                });
            if (!same) rows.emplace_back();
            rows.back().push_back(std::move(line));
        }
        for (auto& row : rows)
            std::sort(row.begin(), row.end(),
                      [](const auto& a, const auto& b) { return a.first.left() < b.first.left(); });
        return rows;
    }

    const Page& m_page;
    std::vector<Block> m_blocks;
};

// Tables are cut through by nothing.
Pieces piecesOf(const Page& page, int turned) {
    Pieces pieces;
    std::vector<char> taken(page.lines.size(), 0);
    if (turned == 0)
        for (const Table& table : findTables(page)) {
            if (!isReadByRows(page, table)) continue;
            Piece piece;
            piece.table = true;
            for (const auto& row : table.rows)
                for (const TableCell& cell : row)
                    for (const int line : cell.lines) {
                        piece.lines.push_back(line);
                        taken[size_t(line)] = 1;
                        piece.box = piece.box.united(page.lines[size_t(line)].box);
                        piece.size = std::max(piece.size, page.lines[size_t(line)].xHeight);
                    }
            pieces.push_back(std::move(piece));
        }
    for (size_t i = 0; i < page.lines.size(); ++i) {
        const TextLine& line = page.lines[i];
        if (line.turned != turned || line.words.empty() || taken[i]) continue;
        pieces.push_back({upright(line.box, turned), std::max(4.0, line.xHeight), {int(i)}, false});
    }
    return pieces;
}

} // namespace

std::vector<Block> blocksOf(const Page& page) {
    Cutting cutting(page);
    for (const int turned : {0, 90, 270})
        if (Pieces pieces = piecesOf(page, turned); !pieces.empty()) cutting.cut(std::move(pieces));
    return cutting.take();
}

} // namespace eyelid
