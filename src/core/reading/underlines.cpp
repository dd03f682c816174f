#include "reading/underlines.h"

#include "reading/line_segments.h"
#include "reading/neighbourhood.h"

#include <algorithm>
#include <set>

namespace eyelid {
namespace {

// Pixels: a dot or an arc of the line, how far one is from the next, and how deep a wave is.
constexpr int widestDot = 7, highestDot = 4, thinnest = 2, widestStep = 7, deepestWave = 7;
constexpr size_t fewestDots = 5;
constexpr double longWave = 4;    // depths at least
constexpr double mostUnder = 0.6; // of the dots lie under letters
// Between a letter and the line, in the letter's heights; where tails are, as far up again.
constexpr double belowLetter = 0.6;
constexpr int leastLetters = 2, widestLetters = 160, farthestLetter = 12; // pixels

bool isDot(const QRect& box) {
    // Where dots run together it is thin and of any width.
    return box.height() <= highestDot && (box.width() <= widestDot || box.height() <= thinnest);
}

class Underlines {
public:
    Underlines(const std::vector<InkPiece>& pieces, int height)
        : m_pieces(pieces), m_is(pieces.size(), 0), m_letters(lettersOf(pieces)), m_near(m_letters, height) {}

    /// Marks the pieces of the lines, and gives their places.
    std::vector<QRect> find() {
        std::vector<size_t> dots;
        for (size_t i = 0; i < m_pieces.size(); ++i) {
            const QRect& box = m_pieces[i].box;
            if (isDot(box)) dots.push_back(i);
            const bool wave = box.height() <= deepestWave && box.width() >= longWave * box.height();
            if (!wave || lettersOver(box) < leastLetters) continue;
            m_is[i] = 1;
            m_lines.push_back(box);
        }
        // By rows, and along each.
        std::sort(dots.begin(), dots.end(), [&](size_t a, size_t b) {
            const QRect &one = m_pieces[a].box, &other = m_pieces[b].box;
            return one.bottom() != other.bottom() ? one.bottom() < other.bottom() : one.left() < other.left();
        });
        for (size_t first = 0; first < dots.size();) {
            size_t end = first + 1;
            while (end < dots.size() && goesOn(m_pieces[dots[end - 1]].box, m_pieces[dots[end]].box)) ++end;
            markRow(std::vector<size_t>(dots.begin() + long(first), dots.begin() + long(end)));
            first = end;
        }
        return m_lines;
    }
    bool isOfLine(size_t piece) const { return m_is[piece] != 0; }

private:
    // As high as letters over such a line are, and no wider than a word.
    static std::vector<QRect> lettersOf(const std::vector<InkPiece>& pieces) {
        std::vector<QRect> letters;
        for (const InkPiece& piece : pieces)
            if (piece.box.height() > deepestWave && piece.box.width() <= widestLetters) letters.push_back(piece.box);
        return letters;
    }

    static bool goesOn(const QRect& dot, const QRect& next) {
        return dot.bottom() == next.bottom() && next.left() - dot.right() <= widestStep;
    }

    void markRow(const std::vector<size_t>& row) {
        if (row.size() < fewestDots) return;
        const auto under =
            std::count_if(row.begin(), row.end(), [&](size_t i) { return lettersOver(m_pieces[i].box) > 0; });
        if (double(under) < mostUnder * double(row.size())) return;
        QRect line;
        for (size_t i : row) {
            m_is[i] = 1;
            line = line.united(m_pieces[i].box);
        }
        m_lines.push_back(line);
    }

    // Half of the narrower stands over the other: an underscore only touches the letters beside it.
    static bool standsOver(const QRect& letter, const QRect& line) {
        const int common = std::min(letter.right(), line.right()) - std::max(letter.left(), line.left()) + 1;
        return 2 * common >= std::min(letter.width(), line.width());
    }

    // Letters that stand right over a piece; no more than are asked for.
    int lettersOver(const QRect& box) const {
        std::set<size_t> over;
        const QRect above = box.adjusted(0, -farthestLetter, 0, 0);
        m_near.each(m_letters, above, box.left() - widestLetters, box.right(), [&](size_t i) {
            const QRect& letter = m_letters[i];
            if (int(over.size()) >= leastLetters || !standsOver(letter, box)) return;
            const double near = belowLetter * letter.height() + 1;
            if (letter.top() < box.top() - shortestLetter && box.top() - letter.bottom() <= near &&
                letter.bottom() - box.bottom() <= near)
                over.insert(i);
        });
        return int(over.size());
    }

    const std::vector<InkPiece>& m_pieces;
    std::vector<char> m_is;
    std::vector<QRect> m_lines;
    std::vector<QRect> m_letters;
    Neighbourhood m_near;
};

} // namespace

BarePieces withoutUnderlines(const InkLook& look, std::vector<InkPiece> pieces) {
    BarePieces bare;
    Underlines underlines(pieces, look.strength.rows);
    bare.rules = underlines.find();
    for (size_t i = 0; i < pieces.size(); ++i)
        if (!underlines.isOfLine(i)) bare.pieces.push_back(pieces[i]);
    return bare;
}

} // namespace eyelid
