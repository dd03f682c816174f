// Finds lines of text on a screen without assuming one polarity, one size or one column.
//
// Method: thin structures of either polarity are picked out (see ink_strength.h); connected pieces of glyph size are
// joined into words and words into lines by their height, overlap and distance. Linear in the number of pixels.
#pragma once

#include <QImage>
#include <QRect>
#include <vector>

namespace eyelid {

class InkStrength;

struct LinePatch {
    QRect box;                ///< tight on the ink, device pixels
    std::vector<QRect> inks;  ///< the connected pieces of ink, from left to right
    std::vector<QRect> rules; ///< lines that strike it through, underline or frame it, and are no ink of its letters
    double baseline = 0;      ///< y the letters stand on
    double xHeight = 0;       ///< estimated height of a small x
    double capHeight = 0;     ///< estimated height of a capital
    bool lightOnDark = false;
    bool byHue = false; ///< its ink and its ground are of one lightness (see hue_contrast.h)
};

/// Least difference from the ground, in levels of 255, for a stroke to count as ink.
inline constexpr int plainInk = 26; ///< grey on grey down to about 2:1 at full stroke width
inline constexpr int faintInk = 3;  ///< what a stretched contrast would bring out

/// `picture` must be RGB32, or its lightness. Lines come from top to bottom, then from left to right. `sideBySide`:
/// dark and light type are looked for on two threads, with the same result.
std::vector<LinePatch> findLines(const QImage& picture, int leastInk = plainInk, bool sideBySide = false);

/// The same, where `strength` is of the last picture that was looked at: soonest done where little has changed.
std::vector<LinePatch> findLines(const QImage& picture, InkStrength& strength, int leastInk, bool sideBySide);

} // namespace eyelid
