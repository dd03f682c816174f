#include "reading/ruled_pieces.h"

#include "reading/lightness.h"
#include "reading/line_finder.h"
#include "reading/line_segments.h"

#include <algorithm>
#include <numeric>

namespace eyelid {
namespace {

constexpr int tallestRuled = 110, narrowestRuled = 20;     // pixels; a wider, higher thing is a table or a card
constexpr int shortestUpright = 141, thickestUpright = 24; // pixels; what is lower may be an outline (outlines.h)
constexpr double widerThanLetters = 1.7;                   // heights: nothing narrower holds two letters and a rule
// A rule is at least this share of the piece long, and of its height at most so thick; the edge of a frame is less.
constexpr double asLong = 0.9, mostThick = 0.28;
constexpr double leastLetters = 0.25;                  // of a piece's ink, beside its rule
constexpr double strongShare = 0.4;                    // of the strongest ink
constexpr double mostUneven = 0.12, weakUneven = 0.06; // of the rule's mean strength
// Shares of a piece's box: more ink than this is a block, or letters with their shadow and what is between; of these so
// much is lighter, and so much darker, than the ground.
constexpr double leastOfBlock = 0.6, leastOfSide = 0.06;
constexpr int thinnest = 2;     // pixels that a rule may always have
constexpr double mostFrame = 6; // heights of the frame's thickness at least: what is inside must have room

bool mayBeRuled(const InkPiece& piece) {
    const QRect& box = piece.box;
    return box.height() >= shortestLetter && box.height() <= tallestRuled && box.width() >= narrowestRuled &&
           box.width() > widerThanLetters * box.height();
}

// Whether a row is ink of one strength nearly all along; where letters of small type run together, it is of many.
bool isRule(const cv::Mat& row, double least, double uneven) {
    const cv::Mat ink = row >= least;
    if (cv::countNonZero(ink) < asLong * row.cols) return false;
    cv::Scalar mean, spread;
    cv::meanStdDev(row, mean, spread, ink);
    return spread[0] <= uneven * mean[0];
}

// What strikes letters through in another colour is drawn over them and may be much weaker.
bool isStrike(const cv::Mat& strength, int y) {
    constexpr double highest = 0.25, lowest = 0.8; // of the piece's height; above and below may be a soft frame
    return y >= highest * strength.rows && y <= lowest * strength.rows && isRule(strength.row(y), plainInk, weakUneven);
}

// Bands of rows (or, of the transposed picture, of columns) that are rules.
std::vector<cv::Range> ruledRows(const cv::Mat& strength, double strongest, int mostRows) {
    std::vector<cv::Range> bands;
    for (int y = 0; y < strength.rows; ++y) {
        if (!isRule(strength.row(y), strongShare * strongest, mostUneven) && !isStrike(strength, y)) continue;
        if (!bands.empty() && bands.back().end == y)
            bands.back().end = y + 1;
        else
            bands.emplace_back(y, y + 1);
    }
    // A band that is too thick is a block, and no rules are told in it.
    const bool thick = std::any_of(bands.begin(), bands.end(), [&](const cv::Range& b) { return b.size() > mostRows; });
    if (thick) bands.clear();
    return bands;
}

// Rules along the piece and, where it is a frame, up and down its sides.
std::vector<cv::Rect> rulesOf(const cv::Mat& ink) {
    double strongest = 0;
    cv::minMaxLoc(ink, nullptr, &strongest);
    const int most = std::max(thinnest, int(mostThick * ink.rows));
    const std::vector<cv::Range> along = ruledRows(ink, strongest, most);
    std::vector<cv::Rect> rules;
    for (const cv::Range& rows : along) rules.emplace_back(0, rows.start, ink.cols, rows.size());
    // Between its upper and its lower edge a frame has sides; a badge with type on it is filled to its ends.
    if (along.size() < 2) return rules;
    const std::vector<cv::Range> sides = ruledRows(ink.t(), strongest, most);
    const bool frame = along.front().start <= 1 && along.back().end >= ink.rows - 1 && sides.size() >= 2 &&
                       sides.front().start <= 1 && sides.back().end >= ink.cols - 1;
    if (!frame || ink.rows < mostFrame * along.front().size()) return {};
    // Up to its outer edge, which may be soft.
    const int top = along.front().end, bottom = along.back().start, left = sides.front().end,
              right = sides.back().start;
    rules.front() = cv::Rect(0, 0, ink.cols, top);
    rules.back() = cv::Rect(0, bottom, ink.cols, ink.rows - bottom);
    rules.emplace_back(0, 0, left, ink.rows);
    rules.emplace_back(right, 0, ink.cols - right, ink.rows);
    return rules;
}

// Bars from top to bottom of a tall piece: the edges of a column, of a quotation, of a window or of a table's cells.
// Letters that touch one are of the same piece.
std::vector<cv::Rect> uprightsOf(const cv::Mat& ink) {
    double strongest = 0;
    cv::minMaxLoc(ink, nullptr, &strongest);
    std::vector<cv::Rect> bars;
    for (const cv::Range& columns : ruledRows(ink.t(), strongest, thickestUpright)) {
        // With its soft edge, where it is the piece's.
        const int from = columns.start <= 1 ? 0 : columns.start,
                  to = columns.end >= ink.cols - 1 ? ink.cols : columns.end;
        bars.emplace_back(from, 0, to - from, ink.rows);
    }
    return bars;
}

void erase(cv::Mat& strength, const cv::Rect& rule, int least) {
    if (rule.height > rule.width) {
        strength(rule).setTo(0);
        return;
    }
    const cv::Mat before = strength.clone();
    const QRect along(rule.x, rule.y, rule.width, rule.height);
    for (int x = rule.x; x < rule.x + rule.width; ++x)
        if (!strokeCrosses(before, along, x, least)) strength(cv::Rect(x, rule.y, 1, rule.height)).setTo(0);
}

// A letter that the rule cut in two is one again.
void rejoin(std::vector<InkPiece>& parts, const std::vector<cv::Rect>& rules) {
    const auto faces = [&](const QRect& upper, const QRect& lower) {
        const int common = std::min(upper.right(), lower.right()) - std::max(upper.left(), lower.left()) + 1;
        if (2 * common < std::min(upper.width(), lower.width())) return false;
        return std::any_of(rules.begin(), rules.end(), [&](const cv::Rect& rule) {
            return std::abs(upper.bottom() + 1 - rule.y) <= 1 && std::abs(lower.top() - rule.y - rule.height) <= 1;
        });
    };
    for (size_t i = 0; i < parts.size(); ++i)
        for (size_t j = 0; j < parts.size(); ++j) {
            if (i == j || !faces(parts[i].box, parts[j].box)) continue;
            parts[i].box = parts[i].box.united(parts[j].box);
            parts[i].area += parts[j].area;
            parts.erase(parts.begin() + long(j));
            if (j < i) --i;
            j = size_t(-1); // what it has become may face another
        }
}

// What touched a bar, without it; the bar itself goes to `rules`.
std::vector<InkPiece> withoutUprights(const InkLook& look, const std::vector<InkPiece>& pieces,
                                      std::vector<QRect>& rules) {
    std::vector<InkPiece> result;
    for (const InkPiece& piece : pieces) {
        const QRect& box = piece.box;
        cv::Mat left;
        std::vector<cv::Rect> bars;
        if (box.height() >= shortestUpright) {
            left = inkOfPiece(look.strength, look.least, piece);
            bars = uprightsOf(left);
        }
        if (bars.empty()) {
            result.push_back(piece);
            continue;
        }
        for (const cv::Rect& bar : bars) {
            left(bar).setTo(0);
            rules.emplace_back(box.left() + bar.x, box.top(), bar.width, bar.height);
        }
        for (InkPiece& part : inkPieces(left, look.least)) {
            part.box.translate(box.topLeft());
            part.first += box.left();
            result.push_back(part);
        }
    }
    return result;
}

// Letters and shadow by what is lighter and what is darker than the ground between them; empty where it is no such
// piece.
cv::Mat againstGround(const InkLook& look, const InkPiece& piece) {
    const QRect& box = piece.box;
    if (!mayBeRuled(piece) || piece.area < leastOfBlock * box.width() * box.height()) return {};
    const cv::Mat gray = look.gray(cv::Rect(box.left(), box.top(), box.width(), box.height()));
    const int ground = commonestLevel(gray);
    cv::Mat lighter, darker;
    cv::subtract(gray, cv::Scalar(ground), lighter);
    cv::subtract(cv::Scalar(ground), gray, darker);
    const double least = leastOfSide * double(gray.total());
    if (cv::countNonZero(lighter > look.least) < least || cv::countNonZero(darker > look.least) < least) return {};
    return look.lightOnDark ? lighter : darker;
}

} // namespace

std::vector<InkPiece> withoutShadows(const InkLook& look, std::vector<InkPiece> pieces) {
    std::vector<InkPiece> result;
    for (const InkPiece& piece : pieces) {
        const cv::Mat own = againstGround(look, piece);
        if (own.empty()) {
            result.push_back(piece);
            continue;
        }
        for (InkPiece& part : inkPieces(own, look.least)) {
            part.box.translate(piece.box.topLeft());
            part.first += piece.box.left();
            result.push_back(part);
        }
    }
    return result;
}

bool strokeCrosses(const cv::Mat& ink, const QRect& rule, int column, int least) {
    const int over = rule.top() - 1, under = rule.bottom() + 1;
    return over >= 0 && under < ink.rows && ink.at<uchar>(over, column) > least && ink.at<uchar>(under, column) > least;
}

BarePieces withoutRules(const InkLook& look, const std::vector<InkPiece>& pieces) {
    BarePieces bare;
    for (const InkPiece& piece : withoutUprights(look, pieces, bare.rules)) {
        const QRect& box = piece.box;
        std::vector<cv::Rect> rules;
        cv::Mat left;
        if (box.height() <= thinnest + 1 && box.width() >= narrowestRuled) bare.rules.push_back(box);
        if (mayBeRuled(piece) && piece.area < leastOfBlock * box.width() * box.height()) {
            left = inkOfPiece(look.strength, look.least, piece);
            rules = rulesOf(left);
        }
        if (rules.empty()) {
            bare.pieces.push_back(piece);
            continue;
        }
        for (const cv::Rect& rule : rules) erase(left, rule, look.least);
        std::vector<InkPiece> parts = inkPieces(left, look.least);
        rejoin(parts, rules);
        // What has no letters is an edge with round ends, or the ground between two; a comma touches what it is
        // underlined with anywhere.
        const int ink = std::accumulate(parts.begin(), parts.end(), 0,
                                        [](int sum, const InkPiece& part) { return sum + part.area; });
        const auto isAtEnd = [&](const InkPiece& part) {
            return part.box.left() <= box.height() || part.box.right() + box.height() >= left.cols;
        };
        if (rules.size() == 1 && ink < leastLetters * piece.area && std::ranges::all_of(parts, isAtEnd)) {
            bare.pieces.push_back(piece);
            continue;
        }
        for (InkPiece& part : parts) {
            part.box.translate(box.topLeft());
            part.first += box.left();
            bare.pieces.push_back(part);
        }
        for (const cv::Rect& rule : rules)
            bare.rules.emplace_back(box.left() + rule.x, box.top() + rule.y, rule.width, rule.height);
    }
    return bare;
}

} // namespace eyelid
