// What a line's shapes are by that line alone: its ink cut into runs of columns, and which of the glyphs that were read
// each run is. What shapes.h does over a whole page starts from here; a line met again need not be cut and labelled
// again.
#pragma once

#include "reading/recogniser.h"
#include "reading/uniform_line.h"

#include <functional>
#include <QString>
#include <span>
#include <vector>

namespace eyelid {

/// A line with what was read on it.
struct ReadLine {
    const LinePatch* patch = nullptr;
    const UniformLine* uniform = nullptr;
    const std::vector<ReadGlyph>* glyphs = nullptr;
};

/// Columns of a line that carry ink, between columns that do not: a letter, most often. In the pixels of
/// UniformLine::ink.
struct InkRun {
    size_t line = 0;             ///< of the page
    int left = 0, right = 0;     ///< columns
    int top = 0, bottom = 0;     ///< rows with ink
    int overBase = 0;            ///< from the baseline up to the top row
    size_t first = 0, count = 0; ///< its glyphs
    QString label;               ///< their text
    double weight = 0;           ///< how much its surroundings vouch for the label
    double plainWeight = 0;      ///< the same, before it was asked how well the glyphs fit
    double oddness = 0;          ///< how badly they fit
    bool mixed = false;          ///< of a token that is neither a word nor a number
    size_t shape = 0;            ///< of the page
    long ink = 0;                ///< levels of 255, of all its pixels
    size_t drawing = 0;          ///< a hash of its pixels, size and place over the baseline
    int width() const { return right - left + 1; }
    int height() const { return bottom - top + 1; }
};

/// The grid of type of one pitch.
struct LineCells {
    double pitch = 0;  ///< pixels; 0: none
    double middle = 0; ///< of some cell
};

/// How much the form of a token vouches for its letters and its digits, from 0 to 1.
struct TokenWeight {
    size_t end = 0; ///< one past its last glyph
    double letters = 0, digits = 0;
};

struct LineShapes {
    std::vector<InkRun> runs; ///< from left to right
    std::vector<TokenWeight> tokens;
    bool fits = false; ///< the glyphs could be put to the ink
};

/// `isWord` is asked with lower-case words. No runs where nothing was read.
LineShapes shapesOf(const ReadLine& line, const std::function<bool(const QString&)>& isWord,
                    const LineCells& cells = {});

/// Gives each run its glyphs and its label. `known`: what each run's shape is known to read, null where nothing is.
/// `labelled`: the runs bear the labels of a call without anything known. Gives whether the glyphs fit the runs.
bool labelRuns(std::span<InkRun> runs, const ReadLine& line, const std::vector<TokenWeight>& tokens,
               const std::vector<const QString*>& known, bool labelled);

/// How much a token's own form vouches for its characters.
TokenWeight weighToken(const QString& token, const std::function<bool(const QString&)>& isWord);

/// What the ink of a character looks like, in heights of a small x over the baseline; type differs, so roughly.
struct GlyphBuild {
    double top, bottom, width;
};
GlyphBuild buildOf(QChar c);

/// How odd it would be if the run were those characters, by its height, place and width.
double misfit(const InkRun& run, const QString& label, double xHeight);

inline constexpr int faintColumn = 28; ///< levels of 255; a dot between letters may have as little

} // namespace eyelid
