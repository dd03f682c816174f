// Where the lower of two pictures of a scrolled page belongs on the upper one.
//
// Screens are machine-made: what has moved by whole pixels is the same to the bit. A picture's rows are cut into cells
// 16 pixels wide, each known by a hash; equal cells vote for the offset between the pictures (a Hough vote over one
// parameter), and the offsets with most votes are then compared cell by cell. Fixed headers, side bars and footers,
// scroll bars and animated parts are cells that stay in place or change; they are told apart and do not count against
// an offset. All lengths are device pixels; rows run down the page.
#pragma once

#include <cstdint>
#include <QImage>
#include <QString>
#include <vector>

namespace eyelid {

/// A picture as rows of hashed cells.
class CellGrid {
public:
    static constexpr int cellWidth = 16;

    CellGrid() = default;
    explicit CellGrid(const QImage& rgb32);

    int rows() const { return m_rows; }
    int columns() const { return m_columns; }
    uint64_t at(int row, int column) const { return m_hash[index(row, column)]; }
    /// False for cells that would match anywhere: of one colour, and the same as the cell above.
    bool tells(int row, int column) const { return m_tells[index(row, column)] != 0; }
    bool sameAs(const CellGrid& other) const;
    /// One row's cells, and which of them tell; `columns()` long.
    const uint64_t* row(int row) const { return m_hash.data() + index(row, 0); }
    const char* tellsRow(int row) const { return m_tells.data() + index(row, 0); }
    /// The cell found most often: the page's ground.
    uint64_t ground() const { return m_ground; }

private:
    size_t index(int row, int column) const { return size_t(row) * size_t(m_columns) + size_t(column); }
    int m_rows = 0, m_columns = 0;
    std::vector<uint64_t> m_hash;
    std::vector<char> m_tells;
    uint64_t m_ground = 0;
};

/// How well one offset explains two pictures, in cells of the part both show.
struct OffsetScore {
    int offset = 0; ///< rows from the upper picture's top to the lower's
    int good = 0;   ///< cells that tell and agree
    int bad = 0;    ///< cells that differ though they did not stay in place
    int fixed = 0;  ///< cells that stayed where they were on the screen
    double value() const;
};

struct Overlap {
    enum class Kind { NotMoved, Sure, Unsure };
    Kind kind = Kind::Unsure;
    std::vector<OffsetScore> candidates; ///< likeliest first; never empty
    QString doubt;                       ///< for Unsure: why, a sentence
};

/// Columns of cells that do not scroll: from the left edge and from the right edge, in cells.
struct SideCells {
    int left = 0, right = 0;
};

OffsetScore scoreOffset(const CellGrid& upper, const CellGrid& lower, int offset, const SideCells& sides = {});

/// What is known besides the two pictures.
struct OverlapHint {
    /// The offset a scroll step of this size has had so far, or 0; decides between offsets that explain the pictures
    /// equally well, but makes none sure.
    int expected = 0;
    /// Cells seen to change while nothing scrolled, row by row; empty when nobody looked.
    std::vector<char> animated;
};

Overlap findOverlap(const CellGrid& upper, const CellGrid& lower, const OverlapHint& hint = {});

/// Adds to `animated` the cells that differ between two pictures of one place, and those around them.
void addAnimated(std::vector<char>& animated, const CellGrid& a, const CellGrid& b);

/// The columns of cells at the edges that stay in place, or change in place (scroll bars), while the rest moves.
SideCells findSides(const CellGrid& upper, const CellGrid& lower, int offset);

/// The row of `lower` from which on it should be shown instead of `upper`: past what is fixed at its top, before what
/// is fixed at the bottom of `upper`, and where the two agree. The pictures `before` the upper and `after` the lower
/// one, where there are such, tell of what has come to stand still only in one of the two: a heading that sticks.
int findSeam(const CellGrid& upper, const CellGrid& lower, int offset, const SideCells& sides,
             const CellGrid* before = nullptr, const CellGrid* after = nullptr);

} // namespace eyelid
