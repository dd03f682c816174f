// Several captures put together into one: a capture of its own, of their pictures as they are framed, without covers;
// what was found and decided on them, their covers and their marks stand on it where they stood, and stay changeable.
#pragma once

#include "casefile/case_state.h"

namespace eyelid {

struct TogetherLayout {
    enum class Arrange { Row, Column, Grid };
    enum class Align { Start, Middle, End };
    Arrange arrange = Arrange::Row;
    Align align = Align::Start;
    bool sameSize = true;  ///< in a row of one height, in a column of one width: that of the smallest
    int gap = 24;          ///< between them and around, device pixels
    bool captions = false; ///< their names above them, as notes; else names of captures stay in the case
    bool numbers = false;  ///< their places before the names
    QRgb ground = 0xffffffff;
    bool operator==(const TogetherLayout&) const = default;
};

/// Where one of them lies in the whole.
struct TogetherPart {
    int capture = 0;
    QTransform toWhole; ///< from the capture's pixels
    QRectF place;       ///< of what is shown of it
    double scale = 1;
};

struct Together {
    QImage picture; ///< RGB32
    std::vector<TogetherPart> parts;
    std::vector<Mark> captions;
};

/// Time: that of scaling the pictures. `pictures` as they were taken, in the order of `captures`, RGB32; one that is
/// null is left out. No larger than largestFramed along a side.
Together together(const std::vector<Capture>& captures, const std::vector<QImage>& pictures,
                  const TogetherLayout& layout);

/// What stands on the parts, brought to the whole, under ids from `state`'s counters. Its picture, name and id are for
/// the caller to set.
Capture decidedTogether(const Together& whole, CaseState& state);

} // namespace eyelid
