#include "joining/overlap.h"

#include "base/sentence.h"

#include <algorithm>
#include <bit>
#include <cstdlib>
#include <cstring>
#include <optional>

namespace eyelid {
namespace {

constexpr int blockRows = 8;    // rows hashed together for a vote: enough of a glyph to be told from others
constexpr int mostPlaces = 64;  // a block found in more places than this says nothing of the offset
constexpr int fewestCells = 24; // fewer agreeing cells than this are chance
constexpr int scrollBarCells = 2;
constexpr size_t mostCandidates = 8;
constexpr double fewestVotes = 0.02; // of the most any offset has; those with fewer are not compared
constexpr int mostBlinking = 60;     // cells of a text cursor, with room to spare

// For every row and column the hash of the block that begins there, column by column; 0 where nothing in it tells.
// A polynomial in the cells of the block, kept up from row to row (Karp and Rabin).
class Blocks {
public:
    explicit Blocks(const CellGrid& grid)
        : m_length(std::max(0, grid.rows() - blockRows + 1)), m_all(size_t(m_length) * size_t(grid.columns()), 0) {
        constexpr uint64_t base = 0x9e3779b97f4a7c15ull;
        uint64_t highest = 1;
        for (int k = 1; k < blockRows; ++k) highest *= base;
        const size_t columns = size_t(grid.columns());
        std::vector<uint64_t> hash(columns, 0);
        std::vector<int> telling(columns, 0);
        for (int y = 0; y < grid.rows(); ++y) {
            const int first = y - blockRows + 1; // the block that ends with this row
            const uint64_t *now = grid.row(y), *gone = first > 0 ? grid.row(first - 1) : nullptr;
            const char *tells = grid.tellsRow(y), *leaving = first > 0 ? grid.tellsRow(first - 1) : nullptr;
            for (size_t x = 0; x < columns; ++x) {
                if (gone) {
                    hash[x] -= gone[x] * highest;
                    telling[x] -= leaving[x];
                }
                hash[x] = hash[x] * base + now[x];
                telling[x] += tells[x];
                if (first >= 0 && telling[x] >= 2) m_all[x * size_t(m_length) + size_t(first)] = hash[x] ? hash[x] : 1;
            }
        }
    }
    int length() const { return m_length; }
    const uint64_t* column(int x) const { return m_all.data() + size_t(x) * size_t(m_length); }

private:
    int m_length;
    std::vector<uint64_t> m_all;
};

// The places of each block of a column: an open hash table, its entries chained by row, made for one column after the
// other.
class Places {
public:
    explicit Places(int rows) : m_next(size_t(rows)) {
        while (m_slots < 2 * size_t(rows)) m_slots *= 2;
    }
    void fill(const uint64_t* column, int rows) {
        m_table.assign(m_slots, {});
        for (int y = rows - 1; y >= 0; --y) {
            if (!column[y]) continue;
            Slot& slot = find(column[y]);
            slot.hash = column[y];
            m_next[size_t(y)] = slot.first;
            slot.first = y;
            ++slot.count;
        }
    }
    struct Slot {
        uint64_t hash = 0;
        int first = -1, count = 0;
    };
    Slot& find(uint64_t hash) {
        size_t i = (hash ^ (hash >> 32)) & (m_slots - 1);
        while (m_table[i].hash && m_table[i].hash != hash) i = (i + 1) & (m_slots - 1);
        return m_table[i];
    }
    int next(int row) const { return m_next[size_t(row)]; }

private:
    size_t m_slots = 16;
    std::vector<Slot> m_table;
    std::vector<int> m_next;
};

std::vector<int> votedOffsets(const CellGrid& upper, const CellGrid& lower) {
    // Index 0 is the offset -(lower.rows() - 1): pages may also be scrolled back.
    const int base = lower.rows() - 1;
    std::vector<double> votes(size_t(upper.rows() + lower.rows() - 1), 0.0);
    const Blocks above(upper), below(lower);
    Places places(above.length());
    for (int column = 0; column < std::min(upper.columns(), lower.columns()); ++column) {
        places.fill(above.column(column), above.length());
        const uint64_t* block = below.column(column);
        for (int y = 0; y < below.length(); ++y) {
            if (!block[y]) continue;
            const Places::Slot& found = places.find(block[y]);
            if (found.count == 0 || found.count > mostPlaces) continue;
            for (int from = found.first; from >= 0; from = places.next(from))
                votes[size_t(from - y + base)] += 1.0 / double(found.count);
        }
    }
    std::vector<int> order;
    // What stays in place votes for 0 and says nothing of the others' worth.
    double most = 0;
    for (int i = 0; i < int(votes.size()); ++i)
        if (i != base) most = std::max(most, votes[size_t(i)]);
    for (int i = 0; i < int(votes.size()); ++i)
        if (votes[size_t(i)] > 0 && votes[size_t(i)] >= most * fewestVotes) order.push_back(i);
    const size_t keep = std::min<size_t>(order.size(), 24);
    std::partial_sort(order.begin(), order.begin() + std::ptrdiff_t(keep), order.end(), [&](int a, int b) {
        return votes[size_t(a)] != votes[size_t(b)] ? votes[size_t(a)] > votes[size_t(b)] : a < b;
    });
    order.resize(keep);
    for (int& i : order) i -= base;
    return order;
}

int changedInPlace(const CellGrid& a, const CellGrid& b, const std::vector<char>& animated) {
    const bool known = animated.size() == size_t(a.rows()) * size_t(a.columns());
    int changed = 0;
    for (int y = 0; y < std::min(a.rows(), b.rows()); ++y)
        for (int x = 0; x < std::min(a.columns(), b.columns()); ++x)
            changed += a.at(y, x) != b.at(y, x) && !(known && animated[size_t(y) * size_t(a.columns()) + size_t(x)]);
    return changed;
}

// Whether a cell stays where it is on the screen while the page moves under it. A cell of the page's ground says
// nothing of that: the page is white in many places.
class Fixed {
public:
    Fixed(const CellGrid& upper, const CellGrid& lower)
        : m_rows(std::min(upper.rows(), lower.rows())), m_columns(std::min(upper.columns(), lower.columns())),
          m_stays(size_t(std::max(upper.rows(), lower.rows())) * size_t(m_columns), 0) {
        for (int y = 0; y < m_rows; ++y) {
            const uint64_t *a = upper.row(y), *b = lower.row(y);
            const char *tellsA = upper.tellsRow(y), *tellsB = lower.tellsRow(y);
            char* out = m_stays.data() + size_t(y) * size_t(m_columns);
            for (int x = 0; x < m_columns; ++x) {
                if (a[x] != b[x]) continue;
                const bool drawn = a[x] != lower.ground();
                out[x] = char((drawn || tellsA[x] ? Upper : 0) | (drawn || tellsB[x] ? Lower : 0));
            }
        }
    }
    bool inUpper(int y, int x) const { return row(y)[x] & Upper; }
    bool inLower(int y, int x) const { return row(y)[x] & Lower; }
    static constexpr char Upper = 1, Lower = 2;
    /// By column; rows only one of the pictures has are there and stay nowhere.
    const char* row(int y) const { return m_stays.data() + size_t(y) * size_t(m_columns); }

private:
    int m_rows, m_columns;
    std::vector<char> m_stays;
};

OffsetScore scored(const CellGrid& upper, const CellGrid& lower, const Fixed& stays, int offset,
                   const SideCells& sides) {
    OffsetScore score;
    score.offset = offset;
    const int columns = std::min(upper.columns(), lower.columns());
    const int from = std::max(0, offset), to = std::min(upper.rows(), offset + lower.rows());
    for (int y = from; y < to; ++y) {
        const int below = y - offset;
        const uint64_t *a = upper.row(y), *b = lower.row(below);
        const char *tellsA = upper.tellsRow(y), *tellsB = lower.tellsRow(below);
        const char *staysA = stays.row(y), *staysB = stays.row(below);
        int good = 0, bad = 0, fixed = 0;
        for (int x = sides.left; x < columns - sides.right; ++x) {
            const int same = a[x] == b[x], tells = (tellsA[x] | tellsB[x]) != 0;
            const int stay = ((staysA[x] & Fixed::Upper) | (staysB[x] & Fixed::Lower)) != 0;
            good += same & tells;
            fixed += (same ^ 1) & stay;
            bad += (same ^ 1) & (stay ^ 1);
        }
        score.good += good;
        score.bad += bad;
        score.fixed += fixed;
    }
    return score;
}

SideCells sidesOf(const CellGrid& upper, const CellGrid& lower, const Fixed& fixedCells, int offset) {
    SideCells sides;
    if (offset == 0 || upper.columns() != lower.columns()) return sides;
    const int columns = upper.columns();
    const int from = std::max(0, offset), to = std::min(upper.rows(), offset + lower.rows());
    std::vector<char> stays(size_t(columns), 0), changes(size_t(columns), 0), unchanged(size_t(columns), 0);
    // Headers and footers stay as well; a side is told by what stays half way down.
    const auto halfWay = [](int y, const CellGrid& grid) { return y >= grid.rows() / 4 && y < grid.rows() * 3 / 4; };
    struct Column {
        int moved = 0, fixed = 0, other = 0, ends = 0;
    };
    std::vector<Column> counts(static_cast<size_t>(columns));
    for (int y = from; y < to; ++y) {
        const int below = y - offset;
        const uint64_t *a = upper.row(y), *b = lower.row(below);
        const char *tellsA = upper.tellsRow(y), *tellsB = lower.tellsRow(below);
        const char *staysA = fixedCells.row(y), *staysB = fixedCells.row(below);
        const bool middleA = halfWay(y, upper), middleB = halfWay(below, lower);
        for (int x = 0; x < columns; ++x) {
            Column& c = counts[size_t(x)];
            if (a[x] == b[x])
                c.moved += (tellsA[x] | tellsB[x]) != 0;
            else if (staysA[x] & Fixed::Upper)
                (middleA ? c.fixed : c.ends)++;
            else if (staysB[x] & Fixed::Lower)
                (middleB ? c.fixed : c.ends)++;
            else
                ++c.other;
        }
    }
    for (int x = 0; x < columns; ++x) {
        const auto [moved, fixed, other, ends] = counts[size_t(x)];
        stays[size_t(x)] = fixed >= 8 && fixed > 2 * (moved + other);
        changes[size_t(x)] = fixed + other > 0 && fixed + other > 2 * moved;
        unchanged[size_t(x)] = moved + fixed + other + ends == 0;
    }
    // From an edge inwards, over unchanged columns, to the last that stays; most of the page must be left to scroll.
    for (int x = 0; x < columns / 2; ++x) {
        if (stays[size_t(x)]) sides.left = x + 1;
        if (!stays[size_t(x)] && !unchanged[size_t(x)]) break;
    }
    for (int x = columns - 1; x > columns / 2; --x) {
        const bool bar = columns - x <= scrollBarCells && changes[size_t(x)];
        if (stays[size_t(x)] || bar) sides.right = columns - x;
        if (!stays[size_t(x)] && !unchanged[size_t(x)] && !bar) break;
    }
    return sides;
}

// Whether the only difference lies in the columns where scroll bars are.
bool onlyScrollBarDiffers(const CellGrid& a, const CellGrid& b) {
    if (a.rows() != b.rows() || a.columns() != b.columns()) return false;
    for (int y = 0; y < a.rows(); ++y)
        for (int x = 0; x < a.columns() - scrollBarCells; ++x)
            if (a.at(y, x) != b.at(y, x)) return false;
    return true;
}

} // namespace

CellGrid::CellGrid(const QImage& picture)
    : m_rows(picture.height()), m_columns((picture.width() + cellWidth - 1) / cellWidth) {
    m_hash.resize(size_t(m_rows) * size_t(m_columns));
    m_tells.resize(m_hash.size());
    for (int y = 0; y < m_rows; ++y) {
        const auto* line = reinterpret_cast<const QRgb*>(picture.constScanLine(y));
        for (int c = 0; c < m_columns; ++c) {
            const int from = c * cellWidth, to = std::min(from + cellWidth, picture.width());
            uint64_t h = 0x2545f4914f6cdd1dull;
            int x = from;
            // Two pixels at a time, without their alpha.
            for (uint64_t two; x + 1 < to; x += 2) {
                std::memcpy(&two, line + x, sizeof two);
                h = std::rotl(h ^ (two & 0x00ffffff00ffffffull), 29) * 0x9e3779b97f4a7c15ull;
            }
            if (x < to) h = std::rotl(h ^ (line[x] & 0xffffff), 29) * 0x9e3779b97f4a7c15ull;
            h ^= h >> 32;
            m_hash[index(y, c)] = h;
            m_tells[index(y, c)] = y > 0 && m_hash[index(y - 1, c)] != h;
        }
    }
    // Every fifth row is enough to know the ground.
    std::vector<uint64_t> some;
    for (int y = 0; y < m_rows; y += 5) some.insert(some.end(), row(y), row(y) + m_columns);
    std::sort(some.begin(), some.end());
    size_t most = 0;
    for (size_t i = 0; i < some.size();) {
        const size_t end =
            size_t(std::upper_bound(some.begin() + std::ptrdiff_t(i), some.end(), some[i]) - some.begin());
        if (end - i > most) {
            most = end - i;
            m_ground = some[i];
        }
        i = end;
    }
}

bool CellGrid::sameAs(const CellGrid& other) const {
    return m_rows == other.m_rows && m_columns == other.m_columns && m_hash == other.m_hash;
}

double OffsetScore::value() const {
    if (good + bad == 0) return 0;
    // Agreement, doubted while there is little to agree on.
    return double(good - bad) / double(good + bad) * double(good) / double(good + 40);
}

OffsetScore scoreOffset(const CellGrid& upper, const CellGrid& lower, int offset, const SideCells& sides) {
    return scored(upper, lower, Fixed(upper, lower), offset, sides);
}
Overlap findOverlap(const CellGrid& upper, const CellGrid& lower, const OverlapHint& hint) {
    const int expected = hint.expected;
    Overlap overlap;
    if (upper.sameAs(lower)) {
        overlap.kind = Overlap::Kind::NotMoved;
        overlap.candidates.push_back(scoreOffset(upper, lower, 0));
        return overlap;
    }
    const Fixed stays(upper, lower);
    std::vector<int> offsets = votedOffsets(upper, lower);
    offsets.push_back(0);
    const bool fits = expected > 0 && expected < upper.rows();
    if (fits) offsets.push_back(expected);
    std::sort(offsets.begin(), offsets.end());
    offsets.erase(std::unique(offsets.begin(), offsets.end()), offsets.end());
    auto& all = overlap.candidates;
    for (const int offset : offsets) {
        all.push_back(scored(upper, lower, stays, offset, sidesOf(upper, lower, stays, offset)));
    }
    std::sort(all.begin(), all.end(), [](const OffsetScore& x, const OffsetScore& y) {
        return x.value() != y.value() ? x.value() > y.value() : x.offset < y.offset;
    });
    const auto rival = [best = all[0]](const OffsetScore& s) {
        // Could `s` be the truth as well as the best? Not when far more speaks against it.
        return s.bad < best.bad + 10 && s.value() > 0.5 * best.value();
    };
    const auto rivals = std::stable_partition(all.begin() + 1, all.end(), rival);
    // Equally good ones are told apart by what a step has been so far.
    const auto far = [&](const OffsetScore& s) { return std::abs(s.offset - expected); };
    if (fits)
        std::stable_sort(all.begin(), rivals,
                         [&](const OffsetScore& x, const OffsetScore& y) { return far(x) < far(y); });
    const bool moved = !onlyScrollBarDiffers(upper, lower);
    if (!moved && fits) {
        // Every line like the next one: the scroll bar tells that the page has moved, and nothing how far.
        all.erase(std::remove_if(all.begin(), all.end(), [](const OffsetScore& s) { return s.offset <= 0; }),
                  all.end());
        std::stable_sort(all.begin(), all.end(),
                         [&](const OffsetScore& x, const OffsetScore& y) { return far(x) < far(y); });
        if (all.size() > mostCandidates) all.resize(mostCandidates);
        overlap.doubt = Tr::tr("Only the scroll bar has moved: every line here looks like the next one.");
        return overlap;
    }
    if (all[0].offset == 0) {
        if (!moved || changedInPlace(upper, lower, hint.animated) <= mostBlinking) {
            overlap.kind = Overlap::Kind::NotMoved;
            return overlap;
        }
        overlap.doubt = Tr::tr("What stays in place fits, and the rest has nothing in common.");
        all.erase(all.begin());
        if (all.empty() || all[0].offset <= 0 || all[0].good < fewestCells)
            all.insert(all.begin(), scoreOffset(upper, lower, fits ? expected : upper.rows()));
        if (all.size() > mostCandidates) all.resize(mostCandidates);
        return overlap;
    }
    if (all[0].good < fewestCells || all[0].good <= all[0].bad) {
        overlap.doubt = Tr::tr("There is too little in common to match these two pictures by.");
        // What a step has been so far is the best guess then; without one, end to end, where nothing is lost.
        const int guess = fits                                              ? expected
                          : all[0].good > 4 && all[0].good > 2 * all[0].bad ? all[0].offset
                                                                            : upper.rows();
        OffsetScore first = scoreOffset(upper, lower, guess);
        all.erase(std::remove_if(all.begin(), all.end(),
                                 [&](const OffsetScore& s) { return s.offset == guess || s.offset == 0; }),
                  all.end());
        all.insert(all.begin(), first);
        if (guess != upper.rows()) all.push_back(scoreOffset(upper, lower, upper.rows()));
    } else if (all[0].good < 2 * all[0].bad) {
        overlap.doubt = Tr::tr("Much of the part both pictures show has changed between them.");
    } else if (rivals != all.begin() + 1) {
        overlap.doubt = Tr::tr("The pictures fit together in more than one place; the lines look alike.");
    } else {
        overlap.kind = Overlap::Kind::Sure;
    }
    if (all.size() > mostCandidates) all.resize(mostCandidates);
    return overlap;
}

void addAnimated(std::vector<char>& animated, const CellGrid& a, const CellGrid& b) {
    if (a.rows() != b.rows() || a.columns() != b.columns()) return;
    constexpr int around = 6; // rows; what turns or grows comes back to the same rows at other moments
    animated.resize(size_t(a.rows()) * size_t(a.columns()), 0);
    for (int y = 0; y < a.rows(); ++y)
        for (int x = 0; x < a.columns(); ++x) {
            if (a.at(y, x) == b.at(y, x)) continue;
            for (int v = std::max(0, y - around); v <= std::min(a.rows() - 1, y + around); ++v)
                for (int u = std::max(0, x - 1); u <= std::min(a.columns() - 1, x + 1); ++u)
                    animated[size_t(v) * size_t(a.columns()) + size_t(u)] = 1;
        }
}

SideCells findSides(const CellGrid& upper, const CellGrid& lower, int offset) {
    return sidesOf(upper, lower, Fixed(upper, lower), offset);
}

int findSeam(const CellGrid& upper, const CellGrid& lower, int offset, const SideCells& sides, const CellGrid* before,
             const CellGrid* after) {
    const int length = std::min(upper.rows(), offset + lower.rows()) - std::max(0, offset);
    const int first = std::max(0, -offset);
    if (length <= 0) return 0;
    const int columns = std::min(upper.columns(), lower.columns());
    // By row of the overlap: cells of the lower, of the upper picture that are fixed on the screen and cover the page.
    std::vector<int> coversLower(size_t(length) + 1, 0), coversUpper(size_t(length) + 1, 0);
    std::vector<char> agrees(size_t(length), 1);
    const Fixed stays(upper, lower);
    const auto alike = [](const CellGrid* a, const CellGrid& b) {
        return a && a->rows() == b.rows() && a->columns() == b.columns();
    };
    const auto stood = alike(before, upper) ? std::make_optional<Fixed>(*before, upper) : std::nullopt;
    const auto willStand = alike(after, lower) ? std::make_optional<Fixed>(lower, *after) : std::nullopt;
    for (int i = 0; i < length; ++i) {
        const int below = first + i, y = below + offset;
        for (int x = sides.left; x < columns - sides.right; ++x) {
            if (upper.at(y, x) == lower.at(below, x)) continue;
            agrees[size_t(i)] = 0;
            coversUpper[size_t(i)] += stays.inUpper(y, x) || (stood && stood->inLower(y, x));
            coversLower[size_t(i)] += stays.inLower(below, x) || (willStand && willStand->inUpper(below, x));
        }
    }
    // Where both seem to stand still, lines that begin alike do by chance; what is fixed sits at the edge.
    for (int i = 0; i < length; ++i)
        if (coversUpper[size_t(i)] > 0 && coversLower[size_t(i)] > 0)
            (length - 1 - i < i ? coversLower : coversUpper)[size_t(i)] = 0;
    long lowerRest = 0;
    for (int i = 0; i < length; ++i) lowerRest += coversLower[size_t(i)];
    std::vector<int> run(size_t(length) + 1, 0); // agreeing rows from here on
    for (int i = length - 1; i >= 0; --i) run[size_t(i)] = agrees[size_t(i)] ? run[size_t(i) + 1] + 1 : 0;
    long upperSoFar = 0, best = -1;
    int at = length;
    // The earliest of the best: of what changed between the pictures, the later state is shown.
    for (int i = 0; i <= length; ++i) {
        const long cost = (lowerRest + upperSoFar) * 4 + (4 - std::min(run[size_t(i)], 8) / 2);
        if (best < 0 || cost < best) {
            best = cost;
            at = i;
        }
        if (i < length) {
            lowerRest -= coversLower[size_t(i)];
            upperSoFar += coversUpper[size_t(i)];
        }
    }
    return first + at;
}

} // namespace eyelid
