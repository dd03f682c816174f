// What is selected or highlighted within a line stands on a ground of its own, which as ink is a block, with the
// letters in it or with the letters beside it.
#pragma once

#include "reading/page.h"
#include "reading/ruled_pieces.h"
#include "reading/uniform_line.h"

#include <opencv2/core.hpp>
#include <QImage>
#include <QRect>
#include <vector>

namespace eyelid {

/// How much of what stands beside a line is read with it, and more: device pixels.
inline constexpr int edgeStrip = linePad + 2;

/// A block with letters of the other polarity on it.
struct Ground {
    QRect box;       ///< device pixels
    cv::Mat letters; ///< how far each of its pixels differs from it, in that polarity
};

struct OnTheirGrounds {
    std::vector<InkPiece> pieces; ///< of the look's polarity: beside blocks and on them
    std::vector<QRect> edges; ///< of blocks: strips that lines beside them would be read with, and how high they are
    std::vector<Ground> others;
};

/// Adds a block's upper and lower edge to `rules`, so that a cover over what stands on it takes all of its height.
template <typename Rect> void addEdges(const QRect& block, std::vector<Rect>& rules) {
    rules.emplace_back(QRect(block.left(), block.top(), block.width(), 1));
    rules.emplace_back(QRect(block.left(), block.bottom(), block.width(), 1));
}

/// `pieces` of `look` with each such block taken apart. One with nothing on it stays as it is.
OnTheirGrounds onTheirGrounds(const InkLook& look, const std::vector<InkPiece>& pieces);

/// Adds the upper and lower edges of what a line or a part of it stands on, a marked word or a low button, where both
/// are nearer than a small x is high: a cover takes all of its height. `picture` must be RGB32.
void addEdgesAround(const QImage& picture, TextLine& line);

/// Joins lines that go on in the other polarity right where they end: the rest of a selected line, also within a word.
void joinSelected(std::vector<TextLine>& lines);

} // namespace eyelid
