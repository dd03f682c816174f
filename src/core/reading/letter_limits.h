// The numbers that decide how glyphs are put to ink (line_shapes), how equal shapes are read alike (shapes,
// mended_glyphs) and where words part (line_text). Lengths are in heights of a small x unless it says otherwise. Set by
// hand on the practice screens and those of other trades (bench/reading); what type looks like is measured
// (data/reading/glyph-builds.txt).
#pragma once

namespace eyelid::letters {

// Ink and the runs it makes, in levels of 255.
inline constexpr int inked = 72;            // a column with less is a gap between letters
inline constexpr int touching = 150;        // at most, for a column that may part letters that touch
inline constexpr double widestLetter = 1.4; // and two pixels; a wider run is several
inline constexpr double widestInCell = 1.1; // pitches
inline constexpr double halfCell = 0.5, halfPixel = 0.5;
inline constexpr double cellMiddle = 0.25; // of a pitch: how far off a cell's middle a letter may stand

// The two strokes of a quotation mark.
inline constexpr double quoteOverBase = 0.45, quoteStroke = 0.4, quoteFirstStroke = 0.45, quoteGap = 0.35;

// How odd it is that a run should be of a build, by edges (top, bottom) and width.
struct Misfit {
    double slack; // up to here nothing is odd
    double cost;  // of a height of x beyond
    double most;
};
inline constexpr Misfit edgeOff{0.15, 1.2, 1.0};
// One pitch makes narrow letters wide; what is too narrow for its letters is odder.
inline constexpr Misfit tooNarrow{0.15, 1.5, 1.5}, tooWide{0.35, 0.8, 1.5};
inline constexpr double besideGlyphs = 0.12; // what stands between two glyphs of one run

// How odd it is to put glyphs to a run.
inline constexpr double asKnown = -0.4, notAsKnown = 0.5; // read as its shape is known to read, or not
inline constexpr double leftOutSpeck = 0.5, leftOutMark = 0.9, leftOutLetter = 1.3;
inline constexpr long speckInk = 255 * 4; // levels
inline constexpr double markHeight = 0.5;
inline constexpr double awayCost = 0.6, awayMost = 2.0; // of a height of x between a glyph's place and the run's
inline constexpr double spaceWithin = 0.8;
inline constexpr double wordGap = 0.5, gapNotRead = 0.25;
inline constexpr double farthestGlyph = 4;
inline constexpr double doubtfulFit = 1.1, doubtfulShare = 0.1; // odder than this, a run's label counts but so much

// How much a token vouches for its letters and digits.
inline constexpr double number = 1, oneDigit = 0.5;
inline constexpr double longWord = 1, twoLetterWord = 0.7, oneLetterWord = 0.4;
inline constexpr double unknownWord = 0.3, unknownShouted = 0.15, nothingKnown = 0.1;
inline constexpr double otherSign = 0.3;
inline constexpr double vouchedToken = 0.35; // a token with less is not worth keeping to
inline constexpr double vouchedRun = 0.55;   // a run with more is a witness of its shape
inline constexpr double mixedToken = 0.15;   // a token with no more is neither a word nor a number

// When shapes are one.
inline constexpr double sameShape = 0.09; // share of the ink by which two drawings of one letter may differ
inline constexpr double nearShape = 0.15, clearlyNearer = 0.6, sameBlurred = 0.125; // of blurred drawings
inline constexpr double mostSpread = 0.2;                    // of the drawings of one letter in a font, blurred
inline constexpr double unknownSpread = 0.14;                // of a letter seen once or twice
inline constexpr double refutedFrom = 0.07, refutedBy = 1.5; // and more than this many spreads: not that letter
inline constexpr double beyond = 0.01;                       // what is farther than asked is told as so much farther
inline constexpr double unlikeInk = 0.25;                    // share of the ink
inline constexpr double sameSize = 0.6;                      // pixels of the small x between lines of one size
inline constexpr double never = 9;                           // farther than anything

// What a shape is known to read.
inline constexpr double knownShare = 0.6, sureShare = 0.7; // of the votes
inline constexpr double leastLead = 3;
inline constexpr double mostForNear = 0.3; // a run that more vouches for is not overruled by a shape that is only near
inline constexpr double lostMisfit = 0.5, changedMisfit = 0.25; // odder than this no reading is taken from a shape
inline constexpr double digitApart = 1.8, digitAtLeast = 0.03;
inline constexpr double familyApart = 1.5, familyAtLeast = 0.02;
inline constexpr double refutedCost = 0.6, votesGain = 0.5, notRead = 0.22, laterInFamily = 0.02;
inline constexpr double leastVotes = 0.1; // to divide by

// Capitals that are small letters grown large.
inline constexpr double capitalFrom = 1.22, smallUpTo = 1.16;

// Marks by their build.
inline constexpr double underscoreBottom = -0.05, underscoreTop = 0.1, underscoreWidth = 0.6;
inline constexpr double markWidth = 0.42, stopTop = 0.45, commaBottom = -0.12, stopBottom = 0.15, commaLowest = -0.5;
inline constexpr double colonLowestTop = 0.6, colonHighestTop = 1.15;

// Type of one pitch: its letters stand on a grid.
inline constexpr double ofOneCell = 1.05;                // pitches, at most
inline constexpr double leastStep = 0.6, offGrid = 0.17; // pitches
inline constexpr double offFittedPitch = 0.12;           // share of the pitch
inline constexpr double mostEven = 0.9;                  // share of a long line's steps; of a short one all
inline constexpr int fewestSteps = 14;                   // of a long line
inline constexpr double emptyCell = 1.6, emptyCellAfterStop = 1.7, emptyCellOfFigures = 1.35,
                        emptyCellReadSure = 1.15; // pitches between letters

// Where words part, by the widest gap.
inline constexpr double spaceReadSure = 0.2, spaceRead = 0.24, surelyRead = 0.9; // the reader saw a space
inline constexpr double spaceHinted = 0.3, hint = 0.05;                          // it thought of one
inline constexpr double spaceInNumbers = 0.45, spaceAfterColon = 0.42, spaceBeforeCapital = 0.36, spaceInLetters = 0.5,
                        spaceElsewhere = 0.64, spaceInShortLine = 0.85;
inline constexpr double spaceAfterStop = 0.6;
// Letters set apart: so many glyphs at least, the share of a line's gaps that stand within words, and heights of x: of
// a gap in type set as usual, and from where on letters are set apart (tools/line-model/draw.py draws none that wide).
inline constexpr size_t leastTracked = 6, fewestGaps = 3;
inline constexpr double narrowGaps = 0.3, usualGap = 0.15, leastTracking = 0.26, spaceTracked = 0.53;
inline constexpr double stopSize = 0.45, stopOffBase = 0.25; // and a pixel
inline constexpr double stopFromLetters = 0.25;              // pitches
inline constexpr double stopConfidence = 0.5;
inline constexpr double edgePart = 0.2, edgePixels = 1.5,
                        leastPart = 0.5; // of a piece that looks in over a word's edge

// How sure a mended glyph is.
inline constexpr double confirmed = 0.9, mendedAtLeast = 0.6, mendedShare = 0.95;

} // namespace eyelid::letters
