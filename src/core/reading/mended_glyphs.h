// A run of ink whose reading was settled, back as the glyphs of its line.
#pragma once

#include "reading/letter_shape.h"
#include "reading/line_shapes.h"
#include "reading/recogniser.h"

#include <vector>

namespace eyelid {

/// Least weight of the votes for a shape's reading by which it vouches for one that was read so.
inline constexpr double leastWeight = 1.2;

/// Appends what a run reads to the glyphs of its line: its own glyphs where that is what was read, new ones otherwise,
/// spread over its ink.
void appendRun(const InkRun& run, const Shape& shape, const QString& reads, const ReadLine& line,
               std::vector<ReadGlyph>& mended);

} // namespace eyelid
