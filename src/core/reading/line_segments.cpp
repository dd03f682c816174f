#include "reading/line_segments.h"

#include "reading/grounds.h"
#include "reading/line_limits.h"
#include "reading/neighbourhood.h"
#include "reading/outlines.h"
#include "reading/underlines.h"

#include <algorithm>
#include <cmath>
#include <numeric>
#include <opencv2/imgproc.hpp>

namespace eyelid {

using namespace lines;

namespace {

constexpr int tallestGlyph = 110; // pixels
constexpr int tile = 64;          // pixels
constexpr int mostInTile = 140;   // pieces; type of 9 pixels fills a tile with fewer, so more is noise or a photograph

class Groups {
public:
    explicit Groups(size_t n) : m_parent(n) { std::iota(m_parent.begin(), m_parent.end(), size_t(0)); }
    size_t find(size_t i) {
        while (m_parent[i] != i) i = m_parent[i] = m_parent[m_parent[i]];
        return i;
    }
    void join(size_t a, size_t b) { m_parent[find(a)] = find(b); }

private:
    std::vector<size_t> m_parent;
};

int verticalOverlap(const QRect& a, const QRect& b) {
    return std::min(a.bottom(), b.bottom()) - std::max(a.top(), b.top()) + 1;
}

// Which boxes stand side by side within `reach(i, j)` pixels and overlap vertically. `reach` gives no more than
// `widest` heights of the higher box.
template <typename Reach>
std::vector<std::vector<size_t>> sideBySide(const std::vector<QRect>& boxes, int height, double widest, Reach reach) {
    Groups groups(boxes.size());
    const Neighbourhood near(boxes, height);
    for (size_t i = 0; i < boxes.size(); ++i) {
        const QRect& a = boxes[i];
        // None is joined that is more than four times as high.
        const int farthest = a.right() + int(widest * 4 * a.height()) + 2;
        near.each(boxes, a, a.left(), farthest, [&](size_t j) {
            if (j == i) return;
            const QRect& b = boxes[j];
            const int lower = std::min(a.height(), b.height()), higher = std::max(a.height(), b.height());
            if (verticalOverlap(a, b) * 2 < lower || higher > 4 * lower) return;
            if (b.left() - a.right() - 1 <= reach(i, j)) groups.join(i, j);
        });
    }
    std::vector<std::vector<size_t>> byRoot(boxes.size());
    for (size_t i = 0; i < boxes.size(); ++i) byRoot[groups.find(i)].push_back(i);
    std::erase_if(byRoot, [](const auto& g) { return g.empty(); });
    return byRoot;
}

// Whether among groups of boxes two stand one over the other, each of some letters.
bool holdsTwoRows(const std::vector<QRect>& boxes, const std::vector<std::vector<size_t>>& groups) {
    std::vector<QRect> rows;
    for (const auto& group : groups) {
        QRect row;
        for (size_t i : group) row = row.united(boxes[i]);
        if (row.width() >= widthOfRow * row.height()) rows.push_back(row);
    }
    for (size_t i = 0; i < rows.size(); ++i)
        for (size_t j = i + 1; j < rows.size(); ++j) {
            const bool over = rows[i].left() <= rows[j].right() && rows[j].left() <= rows[i].right();
            if (over && verticalOverlap(rows[i], rows[j]) * 4 < std::min(rows[i].height(), rows[j].height()))
                return true;
        }
    return false;
}

// Joins boxes that stand side by side as sideBySide tells. What is higher than two rows of type beside it, a picture or
// a bracket, would make one of them: it stays by itself.
template <typename Reach>
std::vector<std::vector<size_t>> joinSideBySide(const std::vector<QRect>& boxes, int height, double widest,
                                                Reach reach) {
    std::vector<std::vector<size_t>> joined;
    for (auto& group : sideBySide(boxes, height, widest, reach)) {
        std::vector<int> heights;
        for (size_t i : group) heights.push_back(boxes[i].height());
        std::nth_element(heights.begin(), heights.begin() + long(heights.size() / 2), heights.end());
        const int usual = heights[heights.size() / 2];
        std::vector<size_t> low, high;
        QRect whole; // of what may be type
        for (size_t i : group) {
            const bool isHigh = boxes[i].height() > higherThanRow * usual;
            (isHigh ? high : low).push_back(i);
            if (!isHigh) whole = whole.united(boxes[i]);
        }
        if (high.empty() || low.size() < 2 || whole.height() < 2 * usual) {
            joined.push_back(std::move(group));
            continue;
        }
        std::vector<QRect> lowBoxes;
        for (size_t i : low) lowBoxes.push_back(boxes[i]);
        auto rows = sideBySide(lowBoxes, height, widest, [&](size_t a, size_t b) { return reach(low[a], low[b]); });
        if (!holdsTwoRows(lowBoxes, rows)) {
            joined.push_back(std::move(group));
            continue;
        }
        for (auto& row : rows) {
            for (size_t& i : row) i = low[i];
            joined.push_back(std::move(row));
        }
        for (size_t i : high) joined.push_back({i});
    }
    return joined;
}

// Dots, commas, dashes, quotation marks and accents go to the word they stand in, beside or just above. A colon after a
// quotation mark stands far from the last letter, so each piece taken in extends the word (`reach`, sideways only: the
// letters' height is the measure) and the rest is tried again.
// What stands too far from all words is given back.
std::vector<QRect> attachSmall(std::vector<LineSegment>& words, std::vector<QRect>& reach, std::vector<QRect> small,
                               int height) {
    std::vector<std::vector<size_t>> rows(size_t(height / 16 + 2));
    for (size_t i = 0; i < words.size(); ++i) {
        const int more = reach[i].height() / 2;
        for (int r = std::max(0, reach[i].top() - more) / 16; r <= std::min(height - 1, reach[i].bottom() + more) / 16;
             ++r)
            rows[size_t(r)].push_back(i);
    }
    for (auto& row : rows)
        std::sort(row.begin(), row.end(), [&](size_t a, size_t b) { return reach[a].left() < reach[b].left(); });
    for (int pass = 0; pass < 4 && !small.empty(); ++pass) {
        std::vector<QRect> left;
        for (const QRect& dot : small) {
            size_t best = words.size();
            int bestDistance = 1 << 30;
            for (size_t i : rows[size_t(dot.center().y() / 16)]) {
                const QRect& b = reach[i];
                const int side = std::max({0, b.left() - dot.right(), dot.left() - b.right()});
                const int above = std::max({0, b.top() - dot.bottom(), dot.top() - b.bottom()});
                // An underscore hangs lower under letters without tails than an accent stands over them.
                if (side > b.height() * markAside || above > std::max(3, int(b.height() * markAbove))) continue;
                // Where a dot stands within two words' boxes, the lower word is the tighter fit.
                const int distance = 64 * (side + 3 * above) + b.height();
                if (distance < bestDistance) {
                    bestDistance = distance;
                    best = i;
                }
            }
            if (best == words.size()) {
                left.push_back(dot);
                continue;
            }
            words[best].inks.push_back(dot);
            words[best].box = words[best].box.united(dot);
            reach[best].setLeft(std::min(reach[best].left(), dot.left()));
            reach[best].setRight(std::max(reach[best].right(), dot.right()));
        }
        if (left.size() == small.size()) break;
        small = std::move(left);
    }
    return small;
}

// A dash with a space on either side, in type of one pitch, is a word by itself, as high as the words beside it:
// without it they would be two cells. `boxes` are the words' without their marks.
void addDashes(std::vector<LineSegment>& words, std::vector<QRect>& boxes, const std::vector<QRect>& marks,
               int height) {
    const Neighbourhood near(boxes, height);
    const size_t count = words.size();
    std::vector<QRect> beside;
    for (const QRect& dash : marks) {
        if (dash.width() < dashShape * dash.height()) continue;
        const QRect *left = nullptr, *right = nullptr;
        near.each(boxes, dash, dash.left() - 40 * tallestGlyph, dash.right() + tallestGlyph, [&](size_t i) {
            const QRect& b = boxes[i];
            const double middle = double(dash.center().y() - b.top()) / b.height();
            if (dash.width() > b.height() || middle < dashTop || middle > dashBottom) return;
            const double reach = dashReach * b.height();
            if (b.right() < dash.left() && dash.left() - b.right() <= reach) left = &b;
            if (b.left() > dash.right() && b.left() - dash.right() <= reach) right = &b;
        });
        if (!left || !right) continue;
        words.emplace_back();
        words.back().box = dash;
        words.back().inks = {dash};
        words.back().lightOnDark = words.front().lightOnDark;
        beside.emplace_back(dash.left(), left->top(), dash.width(), left->height());
    }
    for (size_t i = count; i < words.size(); ++i) boxes.push_back(beside[i - count]);
}

// Takes out of `letters` what stands beside text without being of it: icons, avatars, the frames of boxes to tick. Each
// is far higher than all the letters beside it, and would join the rows it reaches over into one.
std::vector<QRect> takePictures(std::vector<QRect>& letters, int height) {
    constexpr int leastPicture = 16;
    // In type of one pitch a dot parts two figures by more than they are high, and they stand on one line.
    constexpr double overDot = 1.6, oneLine = 0.1; // of the height
    const Neighbourhood near(letters, height);
    std::vector<char> picture(letters.size(), 0);
    for (size_t i = 0; i < letters.size(); ++i) {
        const QRect& a = letters[i];
        if (a.height() < leastPicture) continue;
        int alike = 0, lower = 0;
        const int far = int(overDot * a.height());
        near.each(letters, a, a.left() - 3 * a.height(), a.right() + far, [&](size_t j) {
            const QRect& b = letters[j];
            const int aside = std::max(a.left() - b.right(), b.left() - a.right());
            if (j == i || a.contains(b) || aside > far || verticalOverlap(a, b) * 2 < b.height()) return;
            const bool isAlike = b.height() > asHigh * a.height();
            const bool isOnLine = isAlike && std::abs(a.bottom() - b.bottom()) <= oneLine * a.height();
            if (aside <= a.height() || isOnLine) ++(isAlike ? alike : lower);
        });
        picture[i] = alike == 0 && lower >= 3;
    }
    std::vector<QRect> taken, left;
    for (size_t i = 0; i < letters.size(); ++i) (picture[i] ? taken : left).push_back(letters[i]);
    letters = std::move(left);
    return taken;
}

// Whether the inside of a box is one colour.
bool isEven(const cv::Mat& strength, const QRect& box) {
    cv::Scalar mean, spread;
    cv::meanStdDev(strength(cv::Rect(box.left() + 1, box.top() + 1, box.width() - 2, box.height() - 2)), mean, spread);
    return spread[0] < evenInside * mean[0];
}

// The distance from letter to letter of a word in type of one pitch; 0 for any other, and for what is too short to
// tell.
double onePitch(const std::vector<QRect>& inks) {
    std::vector<double> centres, steps;
    for (const QRect& ink : inks)
        if (ink.height() >= shortestLetter) centres.push_back(ink.left() + ink.width() / 2.0);
    if (centres.size() < 3) return 0;
    std::sort(centres.begin(), centres.end());
    for (size_t i = 1; i < centres.size(); ++i) steps.push_back(centres[i] - centres[i - 1]);
    std::vector<double> sorted = steps;
    std::nth_element(sorted.begin(), sorted.begin() + long(sorted.size() / 2), sorted.end());
    const double pitch = sorted[sorted.size() / 2];
    if (pitch < 4) return 0;
    const auto even = std::count_if(steps.begin(), steps.end(), [&](double step) {
        return step > leastStep * pitch && std::abs(step / pitch - std::round(step / pitch)) < offGrid;
    });
    return double(even) >= mostlyEven * double(steps.size()) ? pitch : 0;
}

// Pieces parted by what they can be: letters, and what is lower than any letter.
struct Sorted {
    std::vector<QRect> letters, small;
};

// Whether a piece of ink is of a size and shape that type has.
bool mayBeType(const cv::Mat& strength, const InkPiece& piece, int leastInk) {
    const auto& [box, area, column] = piece;
    if (box.height() > tallestGlyph) return false;
    if (box.width() > 24 * box.height()) return false;
    // The frame of a field, a card or a button: large, and hardly any of it ink. Type fills a fifth of its box.
    if (box.width() > 24 && box.height() > 14 && area < leastOfFrame * box.width() * box.height()) return false;
    // A filled block, such as a solid cover or a bar of a chart: no letter is as wide and as full, and where letters of
    // small type run together they are not as even.
    if (box.height() >= shortestLetter && box.width() > widerThanLetter * box.height() &&
        area > mostOfBlock * box.width() * box.height() && isEven(strength, box))
        return false;
    // The dot of small type may be a single pixel, but a dark one.
    return area >= 2 || strength.at<uchar>(box.top(), box.left()) >= 2 * leastInk;
}

// A rule, an underline, or a dash or underscore of large type.
bool isLongAndThin(const QRect& box) {
    return box.height() <= 3 && box.width() > std::max(14, 6 * box.height());
}

// A dash or an underscore takes the place of a letter: another of its size stands beside it, and none over or under it,
// where a rule or an underline has many.
bool isInPlaceOfLetter(const QRect& thin, const std::vector<QRect>& letters, const Neighbourhood& near) {
    const int w = thin.width();
    bool beside = false, free = true;
    near.each(letters, thin.adjusted(0, -w, 0, w), thin.left() - 2 * w, thin.right() + 2 * w, [&](size_t i) {
        const QRect& b = letters[i];
        const double hang = thinHang * b.height();
        if (thin.bottom() < b.top() || thin.top() > b.bottom() + hang || w > b.height() * thinWidth) return;
        const int aside = std::max(b.left() - thin.right(), thin.left() - b.right());
        beside = beside || (aside > 0 && aside <= letterGap * b.height());
        free = free && -aside < thinUnder * w;
    });
    return beside && free;
}

// Noise is left out where it is, not with the text beside it; what is left keeps the work linear.
Sorted sortPieces(const cv::Mat& strength, const std::vector<InkPiece>& pieces, int leastInk) {
    const int across = strength.cols / tile + 1;
    std::vector<int> crowd(size_t(across * (strength.rows / tile + 1)), 0);
    const auto tileOf = [&](const QRect& box) { return size_t(box.top() / tile * across + box.left() / tile); };
    for (const InkPiece& piece : pieces) ++crowd[tileOf(piece.box)];
    Sorted sorted;
    std::vector<QRect> thin;
    for (const InkPiece& piece : pieces) {
        if (crowd[tileOf(piece.box)] > mostInTile || !mayBeType(strength, piece, leastInk)) continue;
        (piece.box.height() >= shortestLetter ? sorted.letters
         : isLongAndThin(piece.box)           ? thin
                                              : sorted.small)
            .push_back(piece.box);
    }
    if (thin.empty()) return sorted;
    const Neighbourhood near(sorted.letters, strength.rows);
    std::copy_if(thin.begin(), thin.end(), std::back_inserter(sorted.small),
                 [&](const QRect& box) { return isInPlaceOfLetter(box, sorted.letters, near); });
    return sorted;
}

LineSegment united(const std::vector<size_t>& group, const std::vector<LineSegment>& parts) {
    LineSegment whole;
    whole.lightOnDark = parts[group.front()].lightOnDark;
    for (size_t i : group) {
        whole.box = whole.box.united(parts[i].box);
        whole.inks.insert(whole.inks.end(), parts[i].inks.begin(), parts[i].inks.end());
    }
    return whole;
}

// Whether a rule strikes a line through, underlines or frames it: it is hardly longer than the line, or than it is
// high, and lies on it or close by.
bool isRuleOf(const QRect& rule, const QRect& line) {
    const int near = line.height() / 2;
    if (!rule.intersects(line.adjusted(-near, -near, near, near))) return false;
    if (rule.width() < rule.height()) return rule.height() <= 3 * line.height();
    return rule.width() <= line.width() + 4 * line.height();
}

std::vector<LineSegment> wordsOf(const std::vector<QRect>& letters, int height, bool lightOnDark) {
    std::vector<LineSegment> words;
    for (const auto& group : joinSideBySide(letters, height, letterGap, [&](size_t a, size_t b) {
             return int(letterGap * std::max(letters[a].height(), letters[b].height())) + 1;
         })) {
        LineSegment word;
        word.lightOnDark = lightOnDark;
        for (size_t i : group) {
            word.box = word.box.united(letters[i]);
            word.inks.push_back(letters[i]);
        }
        words.push_back(std::move(word));
    }
    return words;
}

// Whether a lone piece is a mark of the word beside it.
bool isMarkOf(const QRect& dot, const LineSegment& word, const QRect& b) {
    // A comma after letters without tails is hardly half as high as they are, but hangs below them.
    const bool hangs =
        dot.width() <= dot.height() && dot.bottom() > b.bottom() && dot.top() > b.bottom() - commaReach * b.height();
    if (b.height() < (hangs ? commaUnderWord : dotUnderWord) * dot.height()) return false;
    // The sides or corners of frames, beside a number of two figures: they stand away from its line, a full stop on it.
    const bool onLine = std::abs(dot.bottom() - b.bottom()) <= offLine * b.height();
    const bool bars =
        std::all_of(word.inks.begin(), word.inks.end(), [](const QRect& r) { return 4 * r.width() < r.height(); });
    if (word.inks.size() <= 2 && (bars || (dot.height() >= 7 && !onLine && b.height() > dotOfFrame * dot.height())))
        return false;
    const int side = std::max({0, b.left() - dot.right(), dot.left() - b.right()});
    return side <= loneMarkAside * b.height() && dot.top() >= b.top() - 2 &&
           dot.bottom() <= b.bottom() + b.height() / 3;
}

// One or two upright strokes in the upper half of the word they stand beside.
bool isQuoteOf(const LineSegment& quote, const LineSegment& word) {
    constexpr size_t mostStrokes = 2;
    constexpr double slender = 0.5, widest = 1.5, highUp = 0.35, aside = 0.75, higherThanWord = 1.4; // of heights
    const QRect &q = quote.box, &b = word.box;
    const bool strokes = quote.inks.size() <= mostStrokes && std::ranges::all_of(quote.inks, [&](const QRect& ink) {
                             return ink.width() <= slender * ink.height() && ink.height() >= q.height() - 1;
                         });
    if (!strokes || q.width() > widest * q.height() || q.bottom() > b.bottom() - highUp * b.height() ||
        q.bottom() < b.top())
        return false;
    const int side = std::max(b.left() - q.right(), q.left() - b.right());
    return side >= 0 && side <= aside * std::max(double(b.height()), higherThanWord * q.height());
}

// In type of one pitch a quotation mark stands as far from a word as from what follows it; it goes to the word, so that
// a colon behind it is near one.
void joinQuotes(std::vector<LineSegment>& words, int height) {
    std::vector<QRect> boxes;
    for (const LineSegment& word : words) boxes.push_back(word.box);
    const Neighbourhood near(boxes, height);
    std::vector<char> gone(words.size(), 0);
    for (size_t i = 0; i < words.size(); ++i) {
        size_t nearest = words.size();
        int least = 0;
        near.each(boxes, boxes[i], boxes[i].left() - 40 * tallestGlyph, boxes[i].right() + tallestGlyph, [&](size_t j) {
            if (j == i || gone[j] || words[j].inks.size() < 2 || !isQuoteOf(words[i], words[j])) return;
            const int side = std::max(boxes[j].left() - boxes[i].right(), boxes[i].left() - boxes[j].right());
            if (nearest == words.size() || side < least) {
                nearest = j;
                least = side;
            }
        });
        if (nearest == words.size()) continue;
        words[nearest].box = words[nearest].box.united(boxes[i]);
        words[nearest].inks.insert(words[nearest].inks.end(), words[i].inks.begin(), words[i].inks.end());
        gone[i] = 1;
    }
    size_t i = 0;
    std::erase_if(words, [&](const LineSegment&) { return gone[i++]; });
}

// In large type a dot is as high as a letter in small type: a lone piece beside a word more than twice as high is a
// mark of that word, and goes to what is small.
void takeMarks(std::vector<LineSegment>& words, std::vector<QRect>& small, int height) {
    std::vector<QRect> boxes;
    for (const LineSegment& word : words) boxes.push_back(word.box);
    const Neighbourhood near(boxes, height);
    std::vector<char> gone(words.size(), 0);
    for (size_t i = 0; i < words.size(); ++i) {
        const QRect& dot = boxes[i];
        if (words[i].inks.size() > 2 || dot.height() > 16) continue;
        bool mark = false;
        near.each(boxes, dot, dot.left() - 40 * tallestGlyph, dot.right() + tallestGlyph,
                  [&](size_t j) { mark = mark || isMarkOf(dot, words[j], boxes[j]); });
        if (!mark) continue;
        small.insert(small.end(), words[i].inks.begin(), words[i].inks.end());
        gone[i] = 1;
    }
    size_t i = 0;
    std::erase_if(words, [&](const LineSegment&) { return gone[i++]; });
}

// In type of one pitch a space is as wide as a letter, and low words stand no nearer than high ones; short words do not
// tell the pitch, so they are tried again beside what they may belong to. `wordBoxes` are the words' without the marks
// that were put to them.
std::vector<LineSegment> linesOf(std::vector<LineSegment> words, const std::vector<QRect>& wordBoxes, int height) {
    constexpr int mostTurns = 6;
    std::vector<LineSegment> lines = std::move(words);
    for (int turn = 0; turn < mostTurns; ++turn) {
        std::vector<QRect> boxes;
        std::vector<double> pitch;
        for (const LineSegment& line : lines) {
            boxes.push_back(turn == 0 ? wordBoxes[boxes.size()] : line.box);
            pitch.push_back(onePitch(line.inks));
        }
        const auto groups = joinSideBySide(boxes, height, widestGap, [&](size_t a, size_t b) {
            const int high = std::max(boxes[a].height(), boxes[b].height());
            // No such type is set wider than this; letters spaced out in a heading may seem to be.
            const double cell = std::min(cellGap * std::max(pitch[a], pitch[b]), widestGap * high);
            return int(std::max(turn == 0 ? wordGap * high : 0.0, cell));
        });
        const bool settled = groups.size() == lines.size();
        std::vector<LineSegment> joined;
        for (const auto& group : groups) joined.push_back(united(group, lines));
        lines = std::move(joined);
        if (settled) break;
    }
    return lines;
}

// Lines of the other polarity on a ground that is ink of this one.
void addLinesOn(const Ground& ground, const InkLook& look, std::vector<LineSegment>& lines) {
    const cv::Rect place(ground.box.left(), ground.box.top(), ground.box.width(), ground.box.height());
    const cv::Mat gray = look.gray(place);
    const InkLook own{gray, ground.letters, look.least, !look.lightOnDark};
    for (LineSegment& line : lineSegments(own, inkPieces(own.strength, own.least))) {
        line.onBlock = true;
        line.box.translate(ground.box.topLeft());
        for (QRect& ink : line.inks) ink.translate(ground.box.topLeft());
        for (QRect& rule : line.rules) rule.translate(ground.box.topLeft());
        addEdges(ground.box, line.rules);
        // What stands right beside the ground is none of it.
        const QSize strip(edgeStrip, ground.box.height());
        line.rules.emplace_back(ground.box.topLeft() - QPoint(strip.width(), 0), strip);
        line.rules.emplace_back(ground.box.topRight() + QPoint(1, 0), strip);
        lines.push_back(std::move(line));
    }
}

} // namespace

std::vector<LineSegment> lineSegments(const InkLook& look, const std::vector<InkPiece>& pieces) {
    const OnTheirGrounds grounds = onTheirGrounds(look, pieces);
    BarePieces bare = withoutRules(look, grounds.pieces);
    BarePieces open = withoutUnderlines(look, withoutOutlines(look, withoutShadows(look, std::move(bare.pieces))));
    bare.rules.insert(bare.rules.end(), open.rules.begin(), open.rules.end());
    bare.rules.insert(bare.rules.end(), grounds.edges.begin(), grounds.edges.end());
    Sorted sorted = sortPieces(look.strength, open.pieces, look.least);
    const std::vector<QRect> pictures = takePictures(sorted.letters, look.strength.rows);
    std::vector<LineSegment> words = wordsOf(sorted.letters, look.strength.rows, look.lightOnDark);
    joinQuotes(words, look.strength.rows);
    takeMarks(words, sorted.small, look.strength.rows);
    std::vector<QRect> wordBoxes;
    for (const LineSegment& word : words) wordBoxes.push_back(word.box);
    const std::vector<QRect> lone = attachSmall(words, wordBoxes, sorted.small, look.strength.rows);
    addDashes(words, wordBoxes, lone, look.strength.rows);
    std::vector<LineSegment> lines = linesOf(std::move(words), wordBoxes, look.strength.rows);
    for (const QRect& picture : pictures) {
        lines.emplace_back();
        lines.back().box = picture;
        lines.back().inks = {picture};
        lines.back().lightOnDark = look.lightOnDark;
    }
    for (LineSegment& line : lines)
        for (const QRect& rule : bare.rules)
            if (isRuleOf(rule, line.box) && std::ranges::find(line.inks, rule) == line.inks.end())
                line.rules.push_back(rule);
    for (const Ground& ground : grounds.others) addLinesOn(ground, look, lines);
    return lines;
}

} // namespace eyelid
