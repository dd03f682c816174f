// A second reading of what the line model was not sure of, by an engine of another kind: two readers make other
// mistakes, so that both together tell more than one (Ho, Hull and Srihari, 1994).
#pragma once

#include "reading/page.h"
#include "reading/recogniser.h"

#include <functional>
#include <vector>

namespace eyelid {

inline constexpr double beyondDoubt = 0.97; ///< a glyph as sure as this is not looked at again

/// Marks the glyphs that are read beyond doubt; never what some types draw alike.
void markSure(std::vector<ReadGlyph>& glyphs);

/// Whether the line model's reading needs no other.
bool sureOf(const std::vector<ReadGlyph>& glyphs);

/// The line model's reading, with what another reads better in its place: where the model itself holds that possible,
/// or is unsure where the other is not, or where the other reads a word and the model none. Boxes are the model's.
std::vector<ReadGlyph> weighed(const std::vector<ReadGlyph>& model, const std::vector<ReadGlyph>& other,
                               const std::function<bool(const QString&)>& isWord);

/// Adds to each word what another reading has in its place. `toPicture` maps the reading's x to the picture's.
void keepReading(TextLine& line, const std::vector<ReadGlyph>& other, const std::function<double(double)>& toPicture);

} // namespace eyelid
