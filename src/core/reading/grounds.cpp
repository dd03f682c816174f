#include "reading/grounds.h"

#include "reading/lightness.h"

#include <algorithm>
#include <cmath>
#include <opencv2/core.hpp>
#include <optional>

namespace eyelid {
namespace {

constexpr int lowestBlock = 12, highestBlock = 110; // pixels
// Heights. A nought is a block with a hole as well, but the straight part of its top is half as wide as it is high.
constexpr double leastWide = 0.9;
constexpr double edgeInked = 0.9; // of each side of a block; no letter has all four
// Where letters reach its edges: of its upper or its lower one, and of the sides of one as wide as a word. Two letters
// that touch have edges like that too, but less between them; one with heavy serifs, "n" or "u", has the page's own
// ground between.
constexpr double edgeTouched = 0.75, sideTouched = 0.3, touchedFilled = 0.65;
constexpr double wordWide = 1.6;    // heights
constexpr int sameLevel = 12;       // of lightness, of 255
constexpr double leastFilled = 0.4; // of a block: what differs from its ground are letters
constexpr double leastLetters = 0.03;

cv::Range longestRun(const cv::Mat& row, int least) {
    cv::Range longest(0, 0);
    for (int x = 0; x < row.cols;) {
        int end = x;
        while (end < row.cols && row.at<uchar>(end) > least) ++end;
        if (end - x > longest.size()) longest = {x, end};
        x = end + 1;
    }
    return longest;
}

double inked(const cv::Mat& of, int least) {
    return double(cv::countNonZero(of > least)) / double(of.total());
}

// From the first to the last inked column of a row.
cv::Range extentOf(const cv::Mat& row, int least) {
    int first = 0, end = row.cols;
    while (first < end && row.at<uchar>(first) <= least) ++first;
    while (end > first && row.at<uchar>(end - 1) <= least) --end;
    return {first, end};
}

// The part of an edge that is a block's: an unbroken one, or one that a few letters reach down or up to where the
// opposite edge is unbroken.
cv::Range edgeOf(const cv::Mat& row, const cv::Range& opposite, int least) {
    const cv::Range longest = longestRun(row, least), extent = extentOf(row, least);
    const bool touched = longest.size() < edgeInked * opposite.size() && extent.size() >= edgeInked * opposite.size() &&
                         extent.start >= opposite.start - 1 && extent.end <= opposite.end + 1 &&
                         inked(row.colRange(extent), least) >= edgeTouched;
    return touched ? extent : longest;
}

// The columns of a piece that are a block: ink along all sides. The outermost pixels may be soft.
std::optional<cv::Range> blockIn(const cv::Mat& strength, int least) {
    const cv::Mat upper = strength.row(1), lower = strength.row(strength.rows - 2);
    const cv::Range top = edgeOf(upper, longestRun(lower, least), least),
                    bottom = edgeOf(lower, longestRun(upper, least), least);
    const cv::Range both(std::max(top.start, bottom.start), std::min(top.end, bottom.end));
    if (both.size() < leastWide * strength.rows) return std::nullopt;
    if (both.size() < edgeInked * std::max(top.size(), bottom.size())) return std::nullopt;
    const auto side = [&](int outer, int inner) {
        return std::max(inked(strength.col(outer), least), inked(strength.col(inner), least));
    };
    // A letter may stand at the very side of what is as wide as a word.
    const double filled = inked(strength.colRange(both), least);
    const bool word = both.size() >= wordWide * strength.rows && filled >= touchedFilled;
    const double sideInked = word ? sideTouched : edgeInked;
    if (side(both.start, both.start + 1) < sideInked || side(both.end - 1, both.end - 2) < sideInked)
        return std::nullopt;
    return filled >= leastFilled ? std::optional(both) : std::nullopt;
}

// Whether so many sides of a block are inked all along that letters close to each other have no such: of one no wider
// than a letter its upper and its lower one, of a wider one three.
bool hasSidesOfBlock(const cv::Mat& strength, const cv::Range& columns, int least) {
    constexpr int enough = 3;
    const auto isWhole = [&](int y) {
        return longestRun(strength.row(y).colRange(columns), least).size() >= edgeInked * columns.size();
    };
    const auto isWholeSide = [&](int outer, int inner) {
        return std::max(inked(strength.col(outer), least), inked(strength.col(inner), least)) >= edgeInked;
    };
    const bool over = isWhole(1), under = isWhole(strength.rows - 2);
    if (columns.size() < wordWide * strength.rows) return over && under;
    return over + under + isWholeSide(columns.start, columns.start + 1) +
               isWholeSide(columns.end - 1, columns.end - 2) >=
           enough;
}

// Whether what stands out within a piece is as light as what is around it: the space within a letter, or between
// letters that touch.
bool isSpaceWithin(const cv::Mat& gray, const cv::Rect& piece, bool lightOnDark) {
    const cv::Rect around =
        cv::Rect(piece.x - 2, piece.y - 2, piece.width + 4, piece.height + 4) & cv::Rect(0, 0, gray.cols, gray.rows);
    double darkest = 0, lightest = 0;
    cv::minMaxLoc(gray(piece), &darkest, &lightest);
    const double within = lightOnDark ? darkest : lightest;
    cv::Mat ring(1, 2 * around.width, CV_8UC1);
    gray.row(around.y).colRange(around.x, around.x + around.width).copyTo(ring.colRange(0, around.width));
    gray.row(around.y + around.height - 1)
        .colRange(around.x, around.x + around.width)
        .copyTo(ring.colRange(around.width, ring.cols));
    return std::abs(within - commonestLevel(ring)) <= sameLevel;
}

void addPieces(const cv::Mat& ink, int least, QPoint origin, std::vector<InkPiece>& to) {
    for (InkPiece& part : inkPieces(ink, least)) {
        part.box.translate(origin);
        part.first += origin.x();
        to.push_back(part);
    }
}

// What a piece is without the ground that a part of it stands on; false where it has none.
bool takenApart(const InkLook& look, const InkPiece& piece, OnTheirGrounds& parts) {
    const QRect& box = piece.box;
    if (box.height() < lowestBlock || box.height() > highestBlock) return false;
    const cv::Rect place(box.left(), box.top(), box.width(), box.height());
    const auto columns = blockIn(look.strength(place), look.least);
    if (!columns) return false;
    const cv::Mat gray = look.gray(place).colRange(*columns);
    const int ground = commonestLevel(gray);
    cv::Mat lighter, darker;
    cv::subtract(gray, cv::Scalar(ground), lighter);
    cv::subtract(cv::Scalar(ground), gray, darker);
    // The block's own edges are soft, and half its surroundings.
    for (cv::Mat* letters : {&lighter, &darker}) {
        letters->col(0).setTo(0);
        letters->col(letters->cols - 1).setTo(0);
        letters->row(0).setTo(0);
        letters->row(letters->rows - 1).setTo(0);
    }
    if (std::max(inked(lighter, look.least), inked(darker, look.least)) < leastLetters) return false;
    if (!hasSidesOfBlock(look.strength(place), *columns, look.least) &&
        isSpaceWithin(look.gray, place, look.lightOnDark))
        return false;
    cv::Mat beside = inkOfPiece(look.strength, look.least, piece);
    beside.colRange(*columns).setTo(0);
    addPieces(beside, look.least, box.topLeft(), parts.pieces);
    const QPoint origin = box.topLeft() + QPoint(columns->start, 0);
    const cv::Mat &own = look.lightOnDark ? lighter : darker, &others = look.lightOnDark ? darker : lighter;
    addPieces(own, look.least, origin, parts.pieces);
    // Lines beside it are read without it; where they go on, on it, that would cost them letters.
    if (inked(own, look.least) < leastLetters) {
        parts.edges.push_back(QRect(origin, QSize(std::min(edgeStrip, columns->size()), box.height())));
        parts.edges.push_back(parts.edges.back().translated(columns->size() - parts.edges.back().width(), 0));
    }
    const QRect block(origin, QSize(columns->size(), box.height()));
    addEdges(block, parts.edges);
    if (inked(others, look.least) >= leastLetters) parts.others.push_back({block, others});
    return true;
}

constexpr int alikeGround = 10;                    // levels of a channel
constexpr double stillGround = 0.3, edgeReach = 1; // share of a row; heights of a small x

bool alike(QRgb a, QRgb b) {
    return std::abs(qRed(a) - qRed(b)) <= alikeGround && std::abs(qGreen(a) - qGreen(b)) <= alikeGround &&
           std::abs(qBlue(a) - qBlue(b)) <= alikeGround;
}

// What a glyph stands on, by the rows over and under it.
class GroundOfGlyph {
public:
    GroundOfGlyph(const QImage& picture, int left, int right)
        : m_picture(picture), m_left(std::max(0, left)), m_right(std::min(picture.width() - 1, right)) {}

    // The last row of the ground from `from` on, in steps of `by`; nothing where it goes on for `reach` rows.
    std::optional<int> edge(int from, int by, int reach) const {
        const int ground = from + by;
        if (!isRow(ground) || m_right < m_left) return std::nullopt;
        const QRgb colour = at(ground, (m_left + m_right) / 2);
        for (int y = ground; std::abs(y - from) <= reach; y += by)
            if (!isRow(y) || share(y, colour) < stillGround) return y - by;
        return std::nullopt;
    }
    QRgb colourAt(int y) const { return at(y, (m_left + m_right) / 2); }
    bool isRow(int y) const { return y >= 0 && y < m_picture.height(); }

private:
    QRgb at(int y, int x) const { return reinterpret_cast<const QRgb*>(m_picture.constScanLine(y))[x]; }
    double share(int y, QRgb colour) const {
        int same = 0;
        for (int x = m_left; x <= m_right; ++x) same += alike(at(y, x), colour);
        return double(same) / (m_right - m_left + 1);
    }

    const QImage& m_picture;
    int m_left, m_right;
};

constexpr double sideReach = 4; // heights of a small x: as far from the letters a mark or a low button ends
constexpr int sameSide = 2;     // pixels

// From where to where a row has a colour around some columns; nothing where it goes on farther than `reach`.
std::optional<cv::Range> likeRow(const QImage& picture, int y, QRgb colour, const cv::Range& columns, int reach) {
    const auto* row = reinterpret_cast<const QRgb*>(picture.constScanLine(y));
    int left = columns.start, right = columns.end;
    while (left > 0 && alike(row[left - 1], colour)) --left;
    while (right < picture.width() && alike(row[right], colour)) ++right;
    if (columns.start - left > reach || right - columns.end > reach) return std::nullopt;
    return cv::Range(left, right);
}

// Whether a column has another colour nearly all along; what is outside the picture has.
bool isOther(const QImage& picture, int x, const QRect& rows, QRgb colour) {
    constexpr double nearlyAll = 0.8;
    if (x < 0 || x >= picture.width()) return true;
    int others = 0;
    for (int y = rows.top(); y <= rows.bottom(); ++y)
        others += !alike(reinterpret_cast<const QRgb*>(picture.constScanLine(y))[x], colour);
    return others >= nearlyAll * rows.height();
}

// Whether what glyphs stand on ends beside them as well, straight up: between lines of text set close the ground of the
// page ends under the letters of the next one, and goes on beside. `over` and `under`: rows of it right over the glyphs
// and under them.
bool hasSides(const QImage& picture, const QRect& block, int over, int under, QRgb ground, int reach) {
    const cv::Range columns(std::max(0, block.left()), std::min(picture.width(), block.right() + 1));
    const auto top = likeRow(picture, over, ground, columns, reach),
               bottom = likeRow(picture, under, ground, columns, reach);
    if (!top || !bottom) return false;
    const int left = std::min(top->start, bottom->start), right = std::max(top->end, bottom->end);
    if (std::max(top->start, bottom->start) - left > sameSide || right - std::min(top->end, bottom->end) > sameSide)
        return false;
    return isOther(picture, left - 1, block, ground) && isOther(picture, right, block, ground);
}

// Where a line goes on in the other polarity, in heights of a small x: how far its end and the next line's begin are
// apart, which up to a share of is within a word, and how far their baselines.
constexpr double nearest = -0.4, farthest = 0.85, withinWord = 0.4, sameBaseline = 0.45, likeSize = 1.45;

bool goesOn(const TextLine& line, const TextLine& next) {
    const double size = std::max(line.xHeight, next.xHeight), gap = next.box.left() - line.box.right();
    return line.lightOnDark != next.lightOnDark && line.turned == 0 && next.turned == 0 && gap >= nearest * size &&
           gap <= farthest * size && std::abs(line.baseline - next.baseline) <= sameBaseline * size &&
           size <= likeSize * std::min(line.xHeight, next.xHeight);
}

void append(const TextLine& next, TextLine& line) {
    auto first = next.words.begin();
    if (next.box.left() - line.box.right() <= withinWord * std::max(line.xHeight, next.xHeight)) {
        Word& last = line.words.back();
        last.text += first->text;
        last.box = last.box.united(first->box);
        last.confidence = std::min(last.confidence, first->confidence);
        last.glyphs.insert(last.glyphs.end(), first->glyphs.begin(), first->glyphs.end());
        last.alternatives.clear();
        ++first;
    }
    line.words.insert(line.words.end(), first, next.words.end());
    line.box = line.box.united(next.box);
    line.rules.insert(line.rules.end(), next.rules.begin(), next.rules.end());
}

} // namespace

OnTheirGrounds onTheirGrounds(const InkLook& look, const std::vector<InkPiece>& pieces) {
    OnTheirGrounds result;
    for (const InkPiece& piece : pieces)
        if (!takenApart(look, piece, result)) result.pieces.push_back(piece);
    return result;
}

void addEdgesAround(const QImage& picture, TextLine& line) {
    const int reach = int(std::lround(edgeReach * line.xHeight)), sides = int(std::lround(sideReach * line.xHeight));
    QRect block; // of glyphs beside each other
    int rowOver = 0, rowUnder = 0;
    QRgb colour = 0;
    const auto add = [&] {
        if (!block.isNull() && hasSides(picture, block, rowOver, rowUnder, colour, sides)) addEdges(block, line.rules);
        block = {};
    };
    for (const Word& word : line.words)
        for (const Glyph& glyph : word.glyphs) {
            const int left = int(std::floor(glyph.box.left())), right = int(std::ceil(glyph.box.right())) - 1;
            const int over = int(std::floor(word.box.top())), under = int(std::ceil(word.box.bottom())) - 1;
            const GroundOfGlyph ground(picture, left, right);
            const auto top = ground.edge(over, -1, reach), bottom = ground.edge(under, 1, reach);
            if (!top || !bottom || !alike(ground.colourAt(over - 1), ground.colourAt(under + 1))) continue;
            const QRect own(QPoint(left, *top), QPoint(right, *bottom));
            if (block.isNull() || block.top() != own.top() || block.bottom() != own.bottom()) add();
            if (block.isNull()) {
                rowOver = over - 1;
                rowUnder = under + 1;
                colour = ground.colourAt(rowOver);
            }
            block = block.united(own);
        }
    add();
}

void joinSelected(std::vector<TextLine>& lines) {
    const auto isLight = [](const TextLine& line) { return line.lightOnDark; };
    if (std::none_of(lines.begin(), lines.end(), isLight) || std::all_of(lines.begin(), lines.end(), isLight)) return;
    for (size_t i = 0; i < lines.size(); ++i)
        for (bool joined = true; joined;) {
            joined = false;
            for (size_t j = 0; j < lines.size() && !joined; ++j) {
                if (j == i || lines[i].words.empty() || lines[j].words.empty() || !goesOn(lines[i], lines[j])) continue;
                const bool lightOnDark = lines[j].lightOnDark;
                append(lines[j], lines[i]);
                lines[i].lightOnDark = lightOnDark; // it may go on as it began
                lines.erase(lines.begin() + long(j));
                if (j < i) --i;
                joined = true;
            }
        }
}

} // namespace eyelid
