// Several marks put in line, or at equal distances.
#pragma once

#include "editing/mark.h"

namespace eyelid {

enum class AlignTo {
    Left,
    Middle,
    Right,
    Top,
    Centre,
    Bottom
}; ///< Middle: of left and right; Centre: of top and bottom

/// All at the outermost's side, or around the middle of all their bounds. Locked ones stay where they are.
std::vector<Mark> aligned(std::vector<Mark> marks, AlignTo to);

/// Between the outermost two, with equal gaps from bounds to bounds, in the order they stand.
std::vector<Mark> spread(std::vector<Mark> marks, Qt::Orientation along);

} // namespace eyelid
