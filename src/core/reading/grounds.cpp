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
constexpr double edgeInked = 0.9;   // of each side of a block; no letter has all four
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

// The columns of a piece that are a block: ink along all sides. The outermost pixels may be soft.
std::optional<cv::Range> blockIn(const cv::Mat& strength, int least) {
    const cv::Range top = longestRun(strength.row(1), least),
                    bottom = longestRun(strength.row(strength.rows - 2), least);
    const cv::Range both(std::max(top.start, bottom.start), std::min(top.end, bottom.end));
    if (both.size() < leastWide * strength.rows) return std::nullopt;
    if (both.size() < edgeInked * std::max(top.size(), bottom.size())) return std::nullopt;
    const auto side = [&](int outer, int inner) {
        return std::max(inked(strength.col(outer), least), inked(strength.col(inner), least));
    };
    if (side(both.start, both.start + 1) < edgeInked || side(both.end - 1, both.end - 2) < edgeInked)
        return std::nullopt;
    return inked(strength.colRange(both), least) >= leastFilled ? std::optional(both) : std::nullopt;
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
    cv::Mat beside = look.strength(place).clone();
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

void addEdges(const QRect& block, std::vector<QRect>& rules) {
    rules.emplace_back(block.left(), block.top(), block.width(), 1);
    rules.emplace_back(block.left(), block.bottom(), block.width(), 1);
}

OnTheirGrounds onTheirGrounds(const InkLook& look, const std::vector<InkPiece>& pieces) {
    OnTheirGrounds result;
    for (const InkPiece& piece : pieces)
        if (!takenApart(look, piece, result)) result.pieces.push_back(piece);
    return result;
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
