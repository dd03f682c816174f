#include "reading/line_finder.h"

#include "base/workers.h"
#include "picture/geometry.h"
#include "reading/ink_pieces.h"
#include "reading/ink_strength.h"
#include "reading/lightness.h"
#include "reading/line_limits.h"
#include "reading/line_segments.h"

#include <algorithm>
#include <opencv2/imgproc.hpp>
#include <optional>

namespace eyelid {

using namespace lines;

namespace {

constexpr int widestPiece = 6; // heights; a line of one wider piece is a block, or small type run together

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

// In a cell of one word its first letter may be all that is tall, with an accent on it or not: the height of its
// capitals then, or 0. What is higher than that is no letter, and what stands apart is a sign.
double tallOfOneWord(const std::vector<QRect>& letters, double baseline, double low) {
    double highest = 0;
    for (const QRect& letter : letters) {
        const double height = baseline - letter.top();
        const bool joined = std::any_of(letters.begin(), letters.end(), [&](const QRect& other) {
            const int gap = std::max(other.left() - letter.right(), letter.left() - other.right());
            return &other != &letter && gap <= apartFromWord * low;
        });
        if (joined && height <= highestLetter * low) highest = std::max(highest, height);
    }
    if (letters.back().right() - letters.front().left() > longestWord * highest || low >= clearlyLower * highest)
        return 0;
    return std::min(highest, low / usualX);
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
        double v = votes[i] + (i > 0 ? neighbourRow * votes[i - 1] : 0) +
                   (i + 1 < votes.size() ? neighbourRow * votes[i + 1] : 0);
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
    const double low = heights[size_t(double(heights.size() - 1) * lowLetters)];
    const double lone = tallOfOneWord(letters, line.baseline, low);
    const double tall = lone > 0 ? lone : heights[size_t(double(heights.size() - 1) * tallLetters)];
    line.capHeight = tall;
    line.xHeight = low < clearlyLower * tall ? std::max(low, lowestX * tall) : usualX * tall;
}

// Of what is on the segment's side of its ground, in levels.
double meanStrength(const cv::Mat& gray, const LineSegment& s, double ground) {
    const cv::Mat part = gray(cv::Rect(s.box.left(), s.box.top(), s.box.width(), s.box.height()));
    cv::Mat ink;
    if (s.lightOnDark)
        cv::subtract(part, cv::Scalar(ground), ink);
    else
        cv::subtract(cv::Scalar(ground), part, ink);
    return cv::mean(ink, ink > plainInk)[0];
}

// How far what surrounds a line's ink is ground: the ground is the greater part of a line of type.
void judgeGround(const cv::Mat& gray, LineSegment& s) {
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
    // Where rules run around it, the frame is none.
    const double frame = s.rules.empty() ? double(around) / (2.0 * (r.width + r.height)) : commonestLevel(gray(r));
    const double low = least, high = most, mean = double(all) / (double(r.width) * r.height);
    const double position = high > low ? (frame - low) / (high - low) : undecided;
    const double middle = high > low ? (mean - low) / (high - low) : undecided;
    const double lightGround = frameWeight * position + middleWeight * middle;
    s.share = s.lightOnDark ? 1 - lightGround : lightGround;
    s.between = high - low > 2 * plainInk && std::abs(position - undecided) < nearMiddle;
    if (s.between) s.strength = meanStrength(gray, s, frame);
}

// What may be lines, of both polarities, and which of them stand: between dark letters stand light gaps, and the other
// way round. Of two lines in one place the true one is that whose ink is the rarer colour there.
class Rivals {
public:
    Rivals(std::vector<LineSegment> segments, int height)
        : m_segments(std::move(segments)), m_stands(m_segments.size(), 1), m_rows(size_t(height / bucket + 2)) {
        for (size_t i = 0; i < m_segments.size(); ++i) {
            if (m_segments[i].share < leastGround && !m_segments[i].between) m_stands[i] = 0;
            for (int r = m_segments[i].box.top() / bucket; r <= m_segments[i].box.bottom() / bucket; ++r)
                m_rows[size_t(r)].push_back(i);
        }
    }

    std::vector<LineSegment> standing() {
        settleShadows();
        for (size_t i = 0; i < m_segments.size(); ++i)
            if (m_stands[i] && m_segments[i].onBlock) settleOnBlock(i);
        for (size_t i = 0; i < m_segments.size(); ++i)
            if (m_stands[i] && isBadge(i)) m_stands[i] = 0;
        for (size_t i = 0; i < m_segments.size(); ++i)
            if (m_stands[i]) dropHoles(i);
        for (size_t i = 0; i < m_segments.size(); ++i)
            if (m_stands[i] && isBeaten(i)) m_stands[i] = 0;
        size_t i = 0;
        std::erase_if(m_segments, [&](const LineSegment&) { return !m_stands[i++]; });
        return std::move(m_segments);
    }

private:
    static constexpr int bucket = 16; // pixels

    // Calls `visit(j)` for segments that stand, are of the other polarity, and share a row with `box`, until one says
    // it is enough.
    template <typename Visit> void eachRival(const QRect& box, bool lightOnDark, Visit visit) const {
        for (int r = box.top() / bucket; r <= box.bottom() / bucket; ++r)
            for (size_t j : m_rows[size_t(r)])
                if (m_stands[j] && m_segments[j].lightOnDark != lightOnDark && visit(j)) return;
    }

    // What stands on a block is most often found without it: on a button, on a page among dark ones. Where letters
    // reach the block's edge it has more of them; and what was found without it and goes on beside the block has the
    // gaps of letters there for letters. Then what stands on the block takes the place of that.
    void settleOnBlock(size_t i) {
        const LineSegment& one = m_segments[i];
        std::vector<size_t> without;
        for (int r = one.box.top() / bucket; r <= one.box.bottom() / bucket; ++r)
            for (size_t j : m_rows[size_t(r)]) {
                const LineSegment& other = m_segments[j];
                if (m_stands[j] && !other.onBlock && other.lightOnDark == one.lightOnDark &&
                    commonShare(one.box, other.box) >= samePlace)
                    without.push_back(j);
            }
        if (without.empty()) return;
        const auto isFound = [&](const QRect& ink) {
            return std::any_of(without.begin(), without.end(), [&](size_t j) {
                const auto& inks = m_segments[j].inks;
                return std::any_of(inks.begin(), inks.end(), [&](const QRect& other) { return other.intersects(ink); });
            });
        };
        const bool more = std::any_of(one.inks.begin(), one.inks.end(), [&](const QRect& ink) {
            return ink.height() >= shortestLetter && 2 * ink.height() >= usualHeight(one) && !isFound(ink);
        });
        const bool beyond = goesOnBeyond(one, without);
        constexpr size_t fewestLetters = 3; // of a word; one or two may be holes of letters
        if (one.inks.size() < fewestLetters || (!more && !beyond)) {
            m_stands[i] = 0;
            return;
        }
        for (const size_t j : without) {
            LineSegment& other = m_segments[j];
            std::erase_if(other.inks, [&](const QRect& ink) { return one.box.contains(ink.center()); });
            other.box = {};
            for (const QRect& ink : other.inks) other.box = other.box.united(ink);
            if (other.inks.empty()) m_stands[j] = 0;
        }
    }

    // Whether what was found without a block goes on beside it, a space away: no letter is cut by a block's edge.
    bool goesOnBeyond(const LineSegment& block, const std::vector<size_t>& without) const {
        constexpr double space = 0.25; // of the line's height
        constexpr double clearlyMoreGround = 0.05;
        double nearest = 1e9;
        for (const size_t j : without) {
            if (block.share < m_segments[j].share + clearlyMoreGround) return false;
            for (const QRect& ink : m_segments[j].inks) {
                if (block.box.contains(ink.center())) continue;
                nearest =
                    std::min(nearest, double(std::max(block.box.left() - ink.right(), ink.left() - block.box.right())));
            }
        }
        return nearest < 1e9 && nearest >= space * block.box.height();
    }

    // Type with a shadow is dark and light on a ground between the two.
    void settleShadows() {
        std::vector<char> settled = m_stands;
        for (size_t i = 0; i < m_segments.size(); ++i) {
            const LineSegment& one = m_segments[i];
            if (!m_stands[i] || !one.between) continue;
            bool shadowed = false, beaten = false;
            eachRival(one.box, one.lightOnDark, [&](size_t j) {
                const LineSegment& other = m_segments[j];
                if (!other.between || commonShare(one.box, other.box) < samePlace) return false;
                shadowed = true;
                beaten = beaten || isShadowOf(one, other);
                return beaten;
            });
            settled[i] = shadowed ? !beaten : one.share >= leastGround;
        }
        m_stands = std::move(settled);
    }

    // A shadow is weaker than its letters, or it falls to the right and down.
    static bool isShadowOf(const LineSegment& one, const LineSegment& letters) {
        if (one.strength < clearlyWeaker * letters.strength) return true;
        if (letters.strength < clearlyWeaker * one.strength) return false;
        const int lower = one.box.top() - letters.box.top() + one.box.left() - letters.box.left() + one.box.bottom() -
                          letters.box.bottom() + one.box.right() - letters.box.right();
        return lower != 0 ? lower > 0 : !one.lightOnDark;
    }

    static double commonShare(const QRect& a, const QRect& b) {
        const QRect common = a.intersected(b);
        const double smaller = std::min(double(a.width()) * a.height(), double(b.width()) * b.height());
        return double(common.width()) * common.height() / smaller;
    }

    // A badge or button as low as type, with type on it.
    bool isBadge(size_t i) const {
        const QRect& whole = m_segments[i].box;
        if (m_segments[i].inks.size() > 1 || whole.width() < 2 * whole.height()) return false;
        bool badge = false;
        eachRival(whole, m_segments[i].lightOnDark, [&](size_t j) {
            const LineSegment& type = m_segments[j];
            badge = type.inks.size() >= 3 && shareWithin(type.box, whole) >= withinBadge &&
                    5 * type.box.height() >= 2 * whole.height();
            return badge;
        });
        return badge;
    }

    // What is far smaller than a line and lies within it is the hole of a letter, or text on a picture that stands
    // beside the line's own: neither speaks against the line as a whole.
    void dropHoles(size_t i) {
        LineSegment& line = m_segments[i];
        const int usual = usualHeight(line);
        if (usual == 0) return;
        const QRect whole = line.box;
        eachRival(whole, line.lightOnDark, [&](size_t j) {
            const QRect& inner = m_segments[j].box;
            if (double(inner.width()) * inner.height() > mostOfHole * whole.width() * whole.height()) return false;
            const auto holder = std::find_if(line.inks.begin(), line.inks.end(), [&](const QRect& ink) {
                const QRect common = ink.intersected(inner);
                return !common.isEmpty() && 2 * common.width() * common.height() >= inner.width() * inner.height();
            });
            if (holder == line.inks.end()) return false;
            if (holder->height() >= 16 && holder->height() > overUsual * usual)
                line.inks.erase(holder);
            else if (m_segments[j].inks.size() <= 2)
                m_stands[j] = 0;
            return false;
        });
        line.box = {};
        for (const QRect& ink : line.inks) line.box = line.box.united(ink);
        if (line.inks.empty()) m_stands[i] = 0;
    }

    // Of a line's letters; 0 for too few to tell.
    static int usualHeight(const LineSegment& line) {
        if (line.inks.size() < 3) return 0;
        std::vector<int> heights;
        for (const QRect& ink : line.inks)
            if (ink.height() >= shortestLetter) heights.push_back(ink.height());
        if (heights.size() < 3) return 0;
        std::nth_element(heights.begin(), heights.begin() + long(heights.size() / 2), heights.end());
        return heights[heights.size() / 2];
    }

    bool isBeaten(size_t i) const {
        const LineSegment& one = m_segments[i];
        const QRect& a = one.box;
        bool beaten = false;
        eachRival(a, one.lightOnDark, [&](size_t j) {
            const LineSegment& other = m_segments[j];
            if (commonShare(a, other.box) < samePlace) return false;
            beaten = one.share < other.share || (one.share == other.share && one.lightOnDark);
            return beaten;
        });
        return beaten;
    }

    std::vector<LineSegment> m_segments;
    std::vector<char> m_stands;
    std::vector<std::vector<size_t>> m_rows; // indexes into m_segments, by where they stood at first
};

// Null where nothing of it can be a letter: a lone dot, or a block.
std::optional<LinePatch> patchOf(LineSegment& segment, const cv::Mat& strength) {
    LinePatch line;
    line.box = segment.box;
    line.inks = std::move(segment.inks);
    line.rules = std::move(segment.rules);
    line.lightOnDark = segment.lightOnDark;
    std::sort(line.inks.begin(), line.inks.end(), [](const QRect& a, const QRect& b) {
        return a.left() != b.left() ? a.left() < b.left() : a.top() < b.top();
    });
    if (line.box.height() < shortestLetter) return std::nullopt;
    if (line.inks.size() == 1 && line.box.width() > widestPiece * line.box.height()) {
        line.inks = parted(strength, line.box);
        if (line.inks.empty()) return std::nullopt;
    }
    measure(line);
    return line;
}

} // namespace

std::vector<LinePatch> findLines(const QImage& picture, int leastInk, bool sideBySide) {
    InkStrength strength;
    return findLines(picture, strength, leastInk, sideBySide);
}

std::vector<LinePatch> findLines(const QImage& picture, InkStrength& strength, int leastInk, bool sideBySide) {
    std::vector<LinePatch> result;
    if (picture.isNull() || picture.width() < 3 || picture.height() < shortestLetter) return result;
    const QImage lightness = lightnessOf(picture);
    const cv::Mat gray = pixelsOf(lightness);
    strength.setPicture(lightness);
    const auto look = [&](bool lightOnDark) {
        const InkLook ink{gray, strength.levels(lightOnDark), leastInk, lightOnDark};
        std::vector<LineSegment> found = lineSegments(ink, strength.pieces(lightOnDark, leastInk));
        for (LineSegment& segment : found) judgeGround(gray, segment);
        return found;
    };
    Beside<std::vector<LineSegment>> others([&] { return look(true); },
                                            sideBySide ? SharedJob::When::Beside : SharedJob::When::WhenNeeded);
    std::vector<LineSegment> segments = look(false);
    for (LineSegment& segment : others.get()) segments.push_back(std::move(segment));
    for (LineSegment& segment : Rivals(std::move(segments), picture.height()).standing())
        if (auto line = patchOf(segment, strength.levels(segment.lightOnDark))) result.push_back(std::move(*line));
    std::sort(result.begin(), result.end(), [](const LinePatch& a, const LinePatch& b) {
        if (a.box.top() != b.box.top()) return a.box.top() < b.box.top();
        return a.box.left() < b.box.left();
    });
    return result;
}

} // namespace eyelid
