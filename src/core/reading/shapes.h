// Lets equal shapes speak for one another.
//
// Type on a screen is machine-made: the same letter in the same size leaves the same pixels wherever it stands. The
// recogniser reads each line by itself and guesses where a shape alone says little (l, 1 and I; 0 and O; 5 and S). Here
// the shapes of a whole page are gathered; those that are the same to within the noise of drawing get one reading, the
// one that the surest places give it: digits within a date, letters within a word of the language. (Clustering of
// symbol shapes, as in document image compression: Witten, Moffat, Bell, Managing Gigabytes, 1999, ch. 7.)
#pragma once

#include "reading/line_shapes.h"

#include <functional>
#include <vector>

namespace eyelid {

struct ShapedLine : ReadLine {
    const LineShapes* shapes = nullptr; ///< as shapesOf gives them; null: worked out here
};

/// Runs work(0) to work(count - 1), in any order, perhaps side by side.
using Workers = std::function<void(size_t count, const std::function<void(size_t)>& work)>;

/// `isWord` is asked with lower-case words, from any of the workers. The same lines give the same glyphs.
/// Gives the glyphs of each line.
std::vector<std::vector<ReadGlyph>> mendByShape(const std::vector<ShapedLine>& lines,
                                                const std::function<bool(const QString&)>& isWord,
                                                const Workers& workers = {});

} // namespace eyelid
