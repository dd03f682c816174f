// A second reading of what the line model was not sure of, by an engine of another kind: two readers make other
// mistakes, so that both together tell more than one (Ho, Hull and Srihari, 1994).
#pragma once

#include "reading/page.h"
#include "reading/recogniser.h"
#include "reading/uniform_line.h"

#include <functional>
#include <vector>

namespace eyelid {

inline constexpr double beyondDoubt = 0.97; ///< a glyph as sure as this is not looked at again

/// Marks the glyphs that are read beyond doubt; never what some types draw alike.
void markSure(std::vector<ReadGlyph>& glyphs);

/// Takes doubtful accents off a word that no list knows with them and one knows without: specks over its letters, as
/// where the line above or a rule comes near.
void dropSpecks(std::vector<ReadGlyph>& glyphs, const std::function<bool(const QString&)>& isWord);

/// Glyphs from `begin` up to and without `end`.
struct Stretch {
    size_t begin = 0, end = 0;
};

/// The words for which the line model's reading needs another; those that stand side by side, or that no sure space
/// parts, as one. A word that is one letter by letter, and no other word by any other reading it has, needs none.
std::vector<Stretch> unsureWords(const std::vector<ReadGlyph>& glyphs,
                                 const std::function<bool(const QString&)>& isWord);

/// The part of a line in which a stretch stands, cut in the gaps beside it. `left` is where its first column was.
QImage cutOut(const UniformLine& line, const std::vector<ReadGlyph>& glyphs, Stretch stretch, int& left);

/// The line model's reading, with what another reads better in its place: where the model itself holds that possible,
/// or is unsure where the other is not, or where the other reads a word and the model none. Boxes are the model's.
std::vector<ReadGlyph> weighed(const std::vector<ReadGlyph>& model, const std::vector<ReadGlyph>& other,
                               const std::function<bool(const QString&)>& isWord);

/// Adds to each word what another reading has in its place. `toPicture` maps the reading's x to the picture's.
void keepReading(TextLine& line, const std::vector<ReadGlyph>& other, const std::function<double(double)>& toPicture);

} // namespace eyelid
