#include "reading/outlines.h"

#include "reading/line_segments.h"
#include "reading/neighbourhood.h"

#include <algorithm>
#include <opencv2/core.hpp>
#include <set>

namespace eyelid {
namespace {

constexpr int lowestOutline = shortestLetter + 6; // pixels: a letter, its edges and a little ground
constexpr int tallestOutline = 140;               // pixels; what is higher is a card, whose type lies far from its edge
constexpr int leastGround = 2;                    // pixels between the outline's outer edge and what is in it
constexpr double mostInk = 0.45;                  // of its box: a small label with thick edges
// As wide as this, in heights, it is none even around a single letter; "©" and "@" are as wide as high.
constexpr double widerThanSign = 1.5;
// How far its ink lies from each side of its box at most, in heights: of round ends, where they are half way up. Along
// so much of the upper and lower side, and of the left and right, there is some.
constexpr double edge = 0.2, leastAlong = 0.7, leastUpright = 0.5;

bool mayBeOutline(const InkPiece& piece) {
    const QRect& box = piece.box;
    return box.height() >= lowestOutline && box.height() <= tallestOutline && box.width() >= box.height() &&
           piece.area <= mostInk * box.width() * box.height();
}

// Columns of a strip that have ink, as a share of all.
double inkedColumns(const cv::Mat& strip, int least) {
    cv::Mat strongest;
    cv::reduce(strip, strongest, 0, cv::REDUCE_MAX);
    return double(cv::countNonZero(strongest > least)) / strip.cols;
}

bool runsAround(const InkLook& look, const QRect& box) {
    const cv::Mat inside = look.strength(cv::Rect(box.left(), box.top(), box.width(), box.height()));
    const int strip = std::max(leastGround, int(edge * inside.rows));
    const cv::Mat turned = inside.t();
    return inkedColumns(inside.rowRange(0, strip), look.least) >= leastAlong &&
           inkedColumns(inside.rowRange(inside.rows - strip, inside.rows), look.least) >= leastAlong &&
           inkedColumns(turned.rowRange(0, strip), look.least) >= leastUpright &&
           inkedColumns(turned.rowRange(turned.rows - strip, turned.rows), look.least) >= leastUpright;
}

} // namespace

std::vector<InkPiece> withoutOutlines(const InkLook& look, std::vector<InkPiece> pieces) {
    std::vector<QRect> boxes;
    for (const InkPiece& piece : pieces)
        if (piece.box.height() >= shortestLetter) boxes.push_back(piece.box);
    const Neighbourhood near(boxes, look.strength.rows);
    const auto isOutline = [&](const InkPiece& piece) {
        if (!mayBeOutline(piece)) return false;
        const QRect room = piece.box.adjusted(leastGround, leastGround, -leastGround, -leastGround);
        const size_t enough = piece.box.width() > widerThanSign * piece.box.height() ? 1 : 2;
        std::set<size_t> within;
        near.each(boxes, room, room.left(), room.right(), [&](size_t i) {
            if (within.size() < enough && room.contains(boxes[i])) within.insert(i);
        });
        return within.size() >= enough && runsAround(look, piece.box);
    };
    std::erase_if(pieces, isOutline);
    return pieces;
}

} // namespace eyelid
