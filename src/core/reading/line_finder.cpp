#include "reading/line_finder.h"

#include "picture/geometry.h"
#include "reading/ink_pieces.h"
#include "reading/ink_strength.h"
#include "reading/lightness.h"

#include <algorithm>
#include <cmath>
#include <future>
#include <numeric>
#include <opencv2/imgproc.hpp>

namespace eyelid {
namespace {

constexpr int tallestGlyph = 110;    // pixels
constexpr int widestPiece = 6;       // heights; a line of one wider piece is a block, or small type run together
constexpr int shortestLetter = 5;    // pixels; less is a dot, a comma or a dash
constexpr double leastGround = 0.55; // of a line's surroundings must be nearer to its ground than to its ink
constexpr int tile = 64;             // pixels
constexpr int mostInTile = 140; // pieces; type of 9 pixels fills a tile with fewer, so more is noise or a photograph

struct Segment {
    QRect box;
    std::vector<QRect> inks;
    bool lightOnDark = false;
    double share = 0; // of ground around the ink; see groundShare
};

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

// Rows of buckets, so that a box is compared with its neighbours only.
class Neighbourhood {
public:
    Neighbourhood(const std::vector<QRect>& boxes, int height) : m_rows(size_t(height / bucket + 2)) {
        for (size_t i = 0; i < boxes.size(); ++i)
            for (int r = boxes[i].top() / bucket; r <= boxes[i].bottom() / bucket; ++r) m_rows[size_t(r)].push_back(i);
        for (auto& row : m_rows)
            std::sort(row.begin(), row.end(), [&](size_t a, size_t b) { return boxes[a].left() < boxes[b].left(); });
    }
    /// Calls `visit(j)` for boxes that share a row with `box` and start between `fromX` and `toX`.
    template <typename Visit>
    void each(const std::vector<QRect>& boxes, const QRect& box, int fromX, int toX, Visit visit) const {
        const int first = std::max(0, box.top() / bucket),
                  last = std::min(int(m_rows.size()) - 1, box.bottom() / bucket);
        for (int r = first; r <= last; ++r) {
            const auto& row = m_rows[size_t(r)];
            auto it =
                std::lower_bound(row.begin(), row.end(), fromX, [&](size_t i, int x) { return boxes[i].left() < x; });
            for (; it != row.end() && boxes[*it].left() <= toX; ++it) visit(*it);
        }
    }

private:
    static constexpr int bucket = 16;
    std::vector<std::vector<size_t>> m_rows;
};

// Joins boxes that stand side by side within `reach(i, j)` pixels and overlap vertically. `reach` gives no more than
// `widest` heights of the higher box.
template <typename Reach>
std::vector<std::vector<size_t>> joinSideBySide(const std::vector<QRect>& boxes, int height, double widest,
                                                Reach reach) {
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

// Dots, commas, dashes, quotation marks and accents go to the word they stand in, beside or just above. A colon after a
// quotation mark stands far from the last letter, so each piece taken in extends the word (`reach`, sideways only: the
// letters' height is the measure) and the rest is tried again.
void attachSmall(std::vector<Segment>& words, std::vector<QRect>& reach, std::vector<QRect> small, int height) {
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
                if (side > b.height() * 0.9 || above > std::max(3, int(b.height() * 0.45))) continue;
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
}

// Takes out of `letters` what stands beside text without being of it: icons, avatars, the frames of boxes to tick. Each
// is far higher than all the letters beside it, and would join the rows it reaches over into one.
std::vector<QRect> takePictures(std::vector<QRect>& letters, int height) {
    constexpr int leastPicture = 16;
    const Neighbourhood near(letters, height);
    std::vector<char> picture(letters.size(), 0);
    for (size_t i = 0; i < letters.size(); ++i) {
        const QRect& a = letters[i];
        if (a.height() < leastPicture) continue;
        int alike = 0, lower = 0;
        near.each(letters, a, a.left() - 3 * a.height(), a.right() + a.height(), [&](size_t j) {
            const QRect& b = letters[j];
            if (j == i || a.contains(b) || a.left() - b.right() > a.height()) return;
            if (verticalOverlap(a, b) * 2 < b.height()) return;
            if (b.height() > 0.55 * a.height())
                ++alike;
            else
                ++lower;
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
    return spread[0] < 0.12 * mean[0];
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
        return step > 0.5 * pitch && std::abs(step / pitch - std::round(step / pitch)) < 0.2;
    });
    return double(even) >= 0.75 * double(steps.size()) ? pitch : 0;
}

// Small type runs together where its soft edges meet: the letters of a piece by what is at least half as strong as the
// strongest of it. Empty where that does not part it.
std::vector<QRect> parted(const cv::Mat& strength, const QRect& box) {
    const cv::Mat part = strength(cv::Rect(box.left(), box.top(), box.width(), box.height()));
    double most = 0;
    cv::minMaxLoc(part, nullptr, &most);
    std::vector<QRect> found;
    for (const InkPiece& piece : inkPieces(part, int(most / 2))) found.push_back(piece.box.translated(box.topLeft()));
    // Parted into more than letters it is no type.
    if (found.size() < 2 || int(found.size()) > box.width() / 2) found.clear();
    std::sort(found.begin(), found.end(), [](const QRect& a, const QRect& b) {
        return a.left() != b.left() ? a.left() < b.left() : a.top() < b.top();
    });
    return found;
}

std::vector<Segment> segmentsOf(const cv::Mat& strength, const std::vector<InkPiece>& pieces, int leastInk,
                                bool lightOnDark) {
    std::vector<QRect> letters, small;
    // Noise is left out where it is, not with the text beside it; what is left keeps the work linear.
    const int across = strength.cols / tile + 1;
    std::vector<int> crowd(size_t(across * (strength.rows / tile + 1)), 0);
    const auto tileOf = [&](const QRect& box) { return size_t(box.top() / tile * across + box.left() / tile); };
    for (const InkPiece& piece : pieces) ++crowd[tileOf(piece.box)];
    for (const auto& [box, area, column] : pieces) {
        if (crowd[tileOf(box)] > mostInTile) continue;
        if (box.height() > tallestGlyph) continue;
        if (box.height() <= 3 && box.width() > std::max(14, 8 * box.height())) continue; // rules and underlines
        if (box.width() > 24 * box.height()) continue;
        // The frame of a field, a card or a button: large, and hardly any of it ink. Type fills a fifth of its box.
        if (box.width() > 24 && box.height() > 14 && area < 0.12 * box.width() * box.height()) continue;
        // A filled block, such as a solid cover or a bar of a chart: no letter is as wide and as full, and where
        // letters of small type run together they are not as even.
        if (box.height() >= shortestLetter && box.width() > 1.8 * box.height() &&
            area > 0.86 * box.width() * box.height() && isEven(strength, box))
            continue;
        // The dot of small type may be a single pixel, but a dark one.
        if (area < 2 && strength.at<uchar>(box.top(), box.left()) < 2 * leastInk) continue;
        if (box.height() >= shortestLetter)
            letters.push_back(box);
        else
            small.push_back(box);
    }
    const std::vector<QRect> pictures = takePictures(letters, strength.rows);
    // Letters into words, words into lines.
    std::vector<Segment> words;
    std::vector<QRect> wordBoxes;
    for (const auto& group : joinSideBySide(letters, strength.rows, 0.45, [&](size_t a, size_t b) {
             return int(0.45 * std::max(letters[a].height(), letters[b].height())) + 1;
         })) {
        Segment word;
        word.lightOnDark = lightOnDark;
        for (size_t i : group) {
            word.box = word.box.united(letters[i]);
            word.inks.push_back(letters[i]);
        }
        wordBoxes.push_back(word.box);
        words.push_back(std::move(word));
    }
    // In large type a dot is as high as a letter in small type: a lone piece beside a word more than twice as high is a
    // mark of that word.
    {
        std::vector<size_t> lone;
        for (size_t i = 0; i < words.size(); ++i)
            if (words[i].inks.size() <= 2 && words[i].box.height() <= 16) lone.push_back(i);
        const Neighbourhood near(wordBoxes, strength.rows);
        std::vector<char> gone(words.size(), 0);
        for (size_t i : lone) {
            const QRect& dot = wordBoxes[i];
            bool mark = false;
            near.each(wordBoxes, dot, dot.left() - 40 * tallestGlyph, dot.right() + tallestGlyph, [&](size_t j) {
                const QRect& b = wordBoxes[j];
                // A comma after letters without tails is hardly half as high as they are, but hangs below them.
                const bool hangs = dot.width() <= dot.height() && dot.bottom() > b.bottom() &&
                                   dot.top() > b.bottom() - 0.4 * b.height();
                if (b.height() < (hangs ? 1.6 : 2.2) * dot.height() || mark) return;
                // The sides or corners of frames, beside a number of two figures.
                const bool bars = std::all_of(words[j].inks.begin(), words[j].inks.end(),
                                              [](const QRect& r) { return 4 * r.width() < r.height(); });
                if (words[j].inks.size() <= 2 && (bars || (dot.height() >= 7 && b.height() > 3.5 * dot.height())))
                    return;
                const int side = std::max({0, b.left() - dot.right(), dot.left() - b.right()});
                mark = side <= 0.62 * b.height() && dot.top() >= b.top() - 2 &&
                       dot.bottom() <= b.bottom() + b.height() / 3;
            });
            if (!mark) continue;
            small.insert(small.end(), words[i].inks.begin(), words[i].inks.end());
            gone[i] = 1;
        }
        size_t to = 0;
        for (size_t i = 0; i < words.size(); ++i) {
            if (gone[i]) continue;
            if (to != i) {
                words[to] = std::move(words[i]);
                wordBoxes[to] = wordBoxes[i];
            }
            ++to;
        }
        words.resize(to);
        wordBoxes.resize(to);
    }
    attachSmall(words, wordBoxes, small, strength.rows);
    // Words into lines. In type of one pitch a space is as wide as a letter, and low words stand no nearer than high
    // ones; short words do not tell the pitch, so they are tried again beside what they may belong to.
    std::vector<Segment> lines = std::move(words);
    for (int turn = 0; turn < 6; ++turn) {
        std::vector<QRect> boxes;
        std::vector<double> pitch;
        for (const Segment& line : lines) {
            boxes.push_back(turn == 0 ? wordBoxes[boxes.size()] : line.box);
            pitch.push_back(onePitch(line.inks));
        }
        const auto groups = joinSideBySide(boxes, strength.rows, 2.0, [&](size_t a, size_t b) {
            const int high = std::max(boxes[a].height(), boxes[b].height());
            // No such type is set wider than this; letters spaced out in a heading may seem to be.
            const double cell = std::min(1.75 * std::max(pitch[a], pitch[b]), 2.0 * high);
            return int(std::max(turn == 0 ? 1.15 * high : 0.0, cell));
        });
        const bool settled = groups.size() == lines.size();
        std::vector<Segment> joined;
        for (const auto& group : groups) {
            Segment line;
            line.lightOnDark = lightOnDark;
            for (size_t i : group) {
                line.box = line.box.united(lines[i].box);
                line.inks.insert(line.inks.end(), lines[i].inks.begin(), lines[i].inks.end());
            }
            joined.push_back(std::move(line));
        }
        lines = std::move(joined);
        if (settled) break;
    }
    for (const QRect& picture : pictures) lines.push_back({picture, {picture}, lightOnDark});
    return lines;
}

// The letters' own measure: where they stand, and how high small ones and capitals are.
void measure(LinePatch& line) {
    std::vector<QRect> letters;
    for (const QRect& ink : line.inks)
        if (ink.height() >= shortestLetter) letters.push_back(ink);
    if (letters.empty()) letters = line.inks;
    // The baseline is the bottom that most of the letters' width agrees on.
    std::vector<double> votes(size_t(line.box.height() + 1), 0.0);
    for (const QRect& l : letters) {
        const size_t at = size_t(l.bottom() - line.box.top());
        votes[at] += std::min(l.width(), 3 * l.height());
    }
    size_t best = 0;
    double bestVote = -1;
    for (size_t i = 0; i < votes.size(); ++i) {
        double v = votes[i] + (i > 0 ? 0.6 * votes[i - 1] : 0) + (i + 1 < votes.size() ? 0.6 * votes[i + 1] : 0);
        if (v > bestVote) {
            bestVote = v;
            best = i;
        }
    }
    line.baseline = line.box.top() + double(best) + 1;
    std::vector<int> heights;
    for (const QRect& l : letters) {
        const int h = int(line.baseline) - l.top();
        if (h >= 3) heights.push_back(h);
    }
    if (heights.empty()) heights.push_back(line.box.height());
    std::sort(heights.begin(), heights.end());
    const double tall = heights[size_t(double(heights.size() - 1) * 0.95)];
    const double low = heights[size_t(double(heights.size() - 1) * 0.3)];
    line.capHeight = tall;
    line.xHeight = low < 0.88 * tall ? std::max(low, 0.6 * tall) : 0.75 * tall;
}

// How far what surrounds a line's ink is ground: the ground is the greater part of a line of type.
double groundShare(const cv::Mat& gray, const Segment& s) {
    const cv::Rect r = cv::Rect(s.box.left() - 1, s.box.top() - 1, s.box.width() + 2, s.box.height() + 2) &
                       cv::Rect(0, 0, gray.cols, gray.rows);
    uchar least = 255, most = 0;
    long all = 0, around = 0; // the frame around the ink is ground
    for (int y = 0; y < r.height; ++y) {
        const uchar* row = gray.ptr<uchar>(r.y + y) + r.x;
        int sum = 0;
        // Each by itself, as one type at a time is told by many pixels at once.
#pragma omp simd reduction(min : least)
        for (int x = 0; x < r.width; ++x) least = std::min(least, row[x]);
#pragma omp simd reduction(max : most)
        for (int x = 0; x < r.width; ++x) most = std::max(most, row[x]);
#pragma omp simd reduction(+ : sum)
        for (int x = 0; x < r.width; ++x) sum += row[x];
        all += sum;
        around += row[0] + row[r.width - 1];
        if (y == 0 || y == r.height - 1) around += sum;
    }
    const double low = least, high = most, frame = double(around) / (2.0 * (r.width + r.height)),
                 mean = double(all) / (double(r.width) * r.height);
    const double position = high > low ? (frame - low) / (high - low) : 0.5;
    const double middle = high > low ? (mean - low) / (high - low) : 0.5;
    const double lightGround = 0.65 * position + 0.35 * middle;
    return s.lightOnDark ? 1 - lightGround : lightGround;
}

} // namespace

std::vector<LinePatch> findLines(const QImage& picture, int leastInk, bool sideBySide) {
    InkStrength strength;
    return findLines(picture, strength, leastInk, sideBySide);
}

std::vector<LinePatch> findLines(const QImage& picture, InkStrength& strength, int leastInk, bool sideBySide) {
    std::vector<LinePatch> result;
    if (picture.isNull() || picture.width() < 3 || picture.height() < shortestLetter) return result;
    // By lightness alone: type that differs from its ground in hue only is not found.
    const QImage lightness = lightnessOf(picture);
    const cv::Mat gray = pixelsOf(lightness);
    strength.setPicture(lightness);
    const auto look = [&](bool lightOnDark) {
        std::vector<Segment> found =
            segmentsOf(strength.levels(lightOnDark), strength.pieces(lightOnDark, leastInk), leastInk, lightOnDark);
        for (Segment& segment : found) segment.share = groundShare(gray, segment);
        return found;
    };
    auto others = std::async(sideBySide ? std::launch::async : std::launch::deferred, look, true);
    std::vector<Segment> segments = look(false);
    {
        auto found = others.get();
        segments.insert(segments.end(), found.begin(), found.end());
    }
    // Between dark letters stand light gaps, and the other way round. Of two lines in one place the true one is that
    // whose ink is the rarer colour there.
    std::vector<char> keep(segments.size(), 1);
    for (size_t i = 0; i < segments.size(); ++i)
        if (segments[i].share < leastGround) keep[i] = 0;
    std::vector<std::vector<size_t>> rows(size_t(picture.height() / 16 + 2));
    for (size_t i = 0; i < segments.size(); ++i)
        for (int r = segments[i].box.top() / 16; r <= segments[i].box.bottom() / 16; ++r) rows[size_t(r)].push_back(i);
    // A badge or button as low as type, with type on it.
    for (size_t i = 0; i < segments.size(); ++i) {
        const QRect& whole = segments[i].box;
        if (!keep[i] || segments[i].inks.size() > 1 || whole.width() < 2 * whole.height()) continue;
        for (int r = whole.top() / 16; r <= whole.bottom() / 16; ++r)
            for (size_t j : rows[size_t(r)])
                if (keep[j] && segments[j].lightOnDark != segments[i].lightOnDark && segments[j].inks.size() >= 3 &&
                    shareWithin(segments[j].box, whole) >= 0.75 && 5 * segments[j].box.height() >= 2 * whole.height())
                    keep[i] = 0;
    }
    // What is far smaller than a line and lies within it is the hole of a letter, or text on a picture that stands
    // beside the line's own: neither speaks against the line as a whole.
    for (size_t i = 0; i < segments.size(); ++i) {
        Segment& line = segments[i];
        if (!keep[i] || line.inks.size() < 3) continue;
        std::vector<int> heights;
        for (const QRect& ink : line.inks)
            if (ink.height() >= shortestLetter) heights.push_back(ink.height());
        if (heights.size() < 3) continue;
        std::nth_element(heights.begin(), heights.begin() + long(heights.size() / 2), heights.end());
        const int usual = heights[heights.size() / 2];
        const QRect whole = line.box;
        for (int r = whole.top() / 16; r <= whole.bottom() / 16; ++r)
            for (size_t j : rows[size_t(r)]) {
                if (!keep[j] || segments[j].lightOnDark == line.lightOnDark) continue;
                const QRect& inner = segments[j].box;
                if (double(inner.width()) * inner.height() > 0.35 * whole.width() * whole.height()) continue;
                const auto around = [&](const QRect& ink) {
                    const QRect common = ink.intersected(inner);
                    return !common.isEmpty() && 2 * common.width() * common.height() >= inner.width() * inner.height();
                };
                const auto holder = std::find_if(line.inks.begin(), line.inks.end(), around);
                if (holder == line.inks.end()) continue;
                if (holder->height() >= 16 && holder->height() > 1.4 * usual)
                    line.inks.erase(holder);
                else if (segments[j].inks.size() <= 2)
                    keep[j] = 0;
            }
        line.box = {};
        for (const QRect& ink : line.inks) line.box = line.box.united(ink);
        if (line.inks.empty()) keep[i] = 0;
    }
    for (size_t i = 0; i < segments.size(); ++i) {
        const QRect& a = segments[i].box;
        for (int r = a.top() / 16; r <= a.bottom() / 16 && keep[i]; ++r)
            for (size_t j : rows[size_t(r)]) {
                if (segments[j].lightOnDark == segments[i].lightOnDark || !keep[j]) continue;
                const QRect common = a.intersected(segments[j].box);
                const double smaller = std::min(double(a.width()) * a.height(),
                                                double(segments[j].box.width()) * segments[j].box.height());
                if (double(common.width()) * common.height() < 0.4 * smaller) continue;
                const bool iWins = segments[i].share > segments[j].share ||
                                   (segments[i].share == segments[j].share && !segments[i].lightOnDark);
                if (!iWins) {
                    keep[i] = 0;
                    break;
                }
            }
    }
    for (size_t i = 0; i < segments.size(); ++i) {
        if (!keep[i]) continue;
        Segment& s = segments[i];
        LinePatch line;
        line.box = s.box;
        line.inks = std::move(s.inks);
        line.lightOnDark = s.lightOnDark;
        std::sort(line.inks.begin(), line.inks.end(), [](const QRect& a, const QRect& b) {
            return a.left() != b.left() ? a.left() < b.left() : a.top() < b.top();
        });
        // Nothing that can be a letter: a lone dot, or a block.
        if (line.box.height() < shortestLetter) continue;
        if (line.inks.size() == 1 && line.box.width() > widestPiece * line.box.height()) {
            line.inks = parted(strength.levels(line.lightOnDark), line.box);
            if (line.inks.empty()) continue;
        }
        measure(line);
        result.push_back(std::move(line));
    }
    std::sort(result.begin(), result.end(), [](const LinePatch& a, const LinePatch& b) {
        if (a.box.top() != b.box.top()) return a.box.top() < b.box.top();
        return a.box.left() < b.box.left();
    });
    return result;
}

UniformLine makeUniform(const QImage& picture, const LinePatch& line) {
    // Measures of the uniform line, in pixels: Tesseract's line model takes pictures of 36 pixels' height.
    constexpr double uniformX = 15;
    constexpr int above = 12, below = 10, side = 10;

    const cv::Mat bgra(picture.height(), picture.width(), CV_8UC4, const_cast<uchar*>(picture.constBits()),
                       size_t(picture.bytesPerLine()));
    const double scale = uniformX / std::max(3.0, line.xHeight);
    const cv::Rect r = cv::Rect(line.box.left() - linePad, line.box.top() - linePad, line.box.width() + 2 * linePad,
                                line.box.height() + 2 * linePad) &
                       cv::Rect(0, 0, bgra.cols, bgra.rows);
    const cv::Mat part = bgra(r);
    cv::Mat mask = cv::Mat::zeros(part.size(), CV_8U);
    for (const QRect& ink : line.inks)
        cv::rectangle(mask,
                      cv::Rect(ink.left() - r.x - 1, ink.top() - r.y - 1, ink.width() + 2, ink.height() + 2) &
                          cv::Rect(0, 0, r.width, r.height),
                      255, cv::FILLED);
    // Ground: the median of each channel. Ink: what differs from it most.
    int histogram[3][256] = {};
    for (int y = 0; y < part.rows; ++y) {
        const uchar* p = part.ptr<uchar>(y);
        for (int x = 0; x < part.cols; ++x, p += 4)
            for (int c = 0; c < 3; ++c) ++histogram[c][p[c]];
    }
    int ground[3];
    for (int c = 0; c < 3; ++c) {
        int seen = 0, level = 0;
        while (level < 255 && (seen += histogram[c][level]) * 2 < part.rows * part.cols) ++level;
        ground[c] = level;
    }
    const auto distance = [&](const uchar* p) {
        return std::max({std::abs(p[0] - ground[0]), std::abs(p[1] - ground[1]), std::abs(p[2] - ground[2])});
    };
    const auto onSide = [&](const uchar* p) {
        const int l = 114 * (p[0] - ground[0]) + 587 * (p[1] - ground[1]) + 299 * (p[2] - ground[2]);
        return line.lightOnDark ? l > 0 : l < 0;
    };
    const auto eachInked = [&](const auto& visit) {
        for (int y = 0; y < part.rows; ++y) {
            const uchar *p = part.ptr<uchar>(y), *m = mask.ptr<uchar>(y);
            for (int x = 0; x < part.cols; ++x, p += 4)
                if (m[x]) visit(p, x, y);
        }
    };
    int farthest = 1;
    eachInked([&](const uchar* p, int, int) {
        if (onSide(p)) farthest = std::max(farthest, distance(p));
    });
    double ink[3] = {}, weight = 0;
    eachInked([&](const uchar* p, int, int) {
        if (distance(p) < 0.8 * farthest || !onSide(p)) return;
        for (int c = 0; c < 3; ++c) ink[c] += p[c];
        weight += 1;
    });
    double axis[3], length = 0;
    for (int c = 0; c < 3; ++c) {
        axis[c] = (weight > 0 ? ink[c] / weight : 255 - ground[c]) - ground[c];
        length += axis[c] * axis[c];
    }
    for (double& a : axis) a = length > 0 ? 255 * a / length : 0;
    cv::Mat gray(part.size(), CV_8U, cv::Scalar(255));
    eachInked([&](const uchar* p, int x, int y) {
        double t = 0;
        for (int c = 0; c < 3; ++c) t += (p[c] - ground[c]) * axis[c];
        gray.ptr<uchar>(y)[x] = uchar(255.5 - std::clamp(t, 0.0, 255.0));
    });
    cv::Mat scaled;
    // A little narrower than it is high: as well read, and in less time, which goes with the width.
    const double across = 0.9 * scale;
    const cv::Size size(std::max(1, int(std::lround(part.cols * across))),
                        std::max(1, int(std::lround(part.rows * scale))));
    cv::resize(gray, scaled, size, 0, 0, scale >= 1 ? cv::INTER_CUBIC : cv::INTER_AREA);

    // Stands on one baseline, so that the model sees every line alike.
    const double baseInScaled = (line.baseline - r.y) * scale;
    const int height = above + int(uniformX) + below;
    const int top = above + int(uniformX) - int(std::lround(baseInScaled));
    const int topRoom = std::max(0, -top);
    const int bottomRoom = std::max(0, top + scaled.rows - height);
    UniformLine uniform;
    uniform.image = QImage(scaled.cols + 2 * side, height + topRoom + bottomRoom, QImage::Format_Grayscale8);
    uniform.image.fill(255);
    for (int y = 0; y < scaled.rows; ++y)
        std::copy(scaled.ptr<uchar>(y), scaled.ptr<uchar>(y) + scaled.cols,
                  uniform.image.scanLine(y + top + topRoom) + side);
    uniform.ink = QImage(gray.cols, gray.rows, QImage::Format_Grayscale8);
    for (int y = 0; y < gray.rows; ++y)
        std::copy(gray.ptr<uchar>(y), gray.ptr<uchar>(y) + gray.cols, uniform.ink.scanLine(y));
    uniform.ground = qRgb(ground[2], ground[1], ground[0]);
    uniform.scale = across;
    uniform.baseline = above + int(uniformX) + topRoom;
    uniform.margin = QPointF(side / across, (top + topRoom) / scale);
    uniform.moveTo(QPoint(r.x, r.y));
    return uniform;
}

} // namespace eyelid
