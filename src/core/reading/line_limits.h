// The numbers that decide where lines of text are (line_segments, line_finder) and which second reading is right
// (second_look). Set by hand on the practice screens and those of other trades (bench/reading).
#pragma once

namespace eyelid::lines {

// A piece that may be type; boxes in pixels, shares of the box.
inline constexpr double leastOfFrame = 0.12; // the frame of a field is hardly ink; type fills a fifth of its box
inline constexpr double widerThanLetter = 1.8, mostOfBlock = 0.86; // a filled block
inline constexpr double evenInside = 0.12;                         // spread over mean of its strength, at most
// Beside a picture, only what is lower than it stands.
inline constexpr double asHigh = 0.55;

// How near pieces stand in words and lines, in heights of the higher one.
inline constexpr double letterGap = 0.45, wordGap = 1.15, widestGap = 2.0;
inline constexpr double cellGap = 1.75; // pitches
inline constexpr double markAside = 0.9, markAbove = 0.45, loneMarkAside = 0.62;
inline constexpr double commaReach = 0.4, commaUnderWord = 1.6, dotUnderWord = 2.2; // how much higher the word is
inline constexpr double dotOfFrame = 3.5, offLine = 0.08;
// A dash by itself: its width in heights, where its middle is within the words beside it, and how far from them.
inline constexpr double dashShape = 1.5, dashTop = 0.3, dashBottom = 0.8, dashReach = 1.5;
// A long thin piece in place of a letter: its width in heights of the letter beside it, how far under that letter it
// may hang, and what share of it may lie under letters.
inline constexpr double thinWidth = 1.7, thinHang = 0.5, thinUnder = 0.2;

// What makes one of two rows: higher than most beside it; a row is wider than high, in heights.
inline constexpr double higherThanRow = 1.5, widthOfRow = 2;

// Type of one pitch.
inline constexpr double leastStep = 0.5, offGrid = 0.2; // pitches
inline constexpr double mostlyEven = 0.75;              // share of the steps

// The height of type: what its letters' heights say.
inline constexpr double neighbourRow = 0.6;   // a vote for a baseline counts so much for the rows beside it
inline constexpr double apartFromWord = 0.7;  // heights of a small letter
inline constexpr double longestWord = 7.0;    // some ten letters, in heights of a capital
inline constexpr double highestLetter = 1.85; // a capital with its accent over a small letter
inline constexpr double tallLetters = 0.95, lowLetters = 0.3;              // of all, by height
inline constexpr double clearlyLower = 0.88, lowestX = 0.6, usualX = 0.75; // share of the tall ones

// Ground and ink: which of two lines in one place stands.
inline constexpr double leastGround = 0.55; // of a line's surroundings must be nearer to its ground than to its ink
inline constexpr double frameWeight = 0.65, middleWeight = 0.35, undecided = 0.5;
inline constexpr double withinBadge = 0.75; // share of a line's box
inline constexpr double mostOfHole = 0.35, overUsual = 1.4;
inline constexpr double samePlace = 0.4;     // share of the smaller one
inline constexpr double nearMiddle = 0.28;   // of the range of levels: the ground of type with a shadow
inline constexpr double clearlyWeaker = 0.7; // a shadow against its letters

} // namespace eyelid::lines

namespace eyelid::secondlook {

// A word is the model's own when it is as sure as this of every glyph.
inline constexpr double modelSure = 0.9;
// A letter of a known word may be as unsure as this; a space is a place to cut when it is as sure.
inline constexpr double leastInWord = 0.5, spaceSure = 0.95;
// Readings put side by side: what leaving a glyph out costs, where another letter costs one; and so many pixels apart.
inline constexpr float leftOut = 1.2f;
inline constexpr double apart = 15, mostApart = 3;
// The second reader is as sure as this at most, and believed where it is surer than the model is unsure.
inline constexpr double secondAtMost = 0.9, secondSure = 0.9, modelUnsure = 0.5;
inline constexpr double dropIfPossible = 0.75, dropIfAlone = 0.6; // a glyph only the model saw

} // namespace eyelid::secondlook
