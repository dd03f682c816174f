#include "reading/line_text.h"

#include "reading/letter_limits.h"

#include <algorithm>
#include <cmath>

namespace eyelid {

using namespace letters;

namespace {

// The columns of a line that carry ink, and the gaps between them.
class InkColumns {
public:
    explicit InkColumns(const LinePatch& line) : m_left(line.box.left()), m_ink(size_t(line.box.width() + 1), 0) {
        for (const QRect& ink : line.inks)
            for (int x = ink.left(); x <= ink.right(); ++x) m_ink[size_t(x - m_left)] = 1;
    }
    /// The middle of the widest gap that touches [from, to]; the middle of the range where there is none.
    double split(double from, double to) const {
        int best = 0;
        double at = (from + to) / 2;
        int start = -1;
        const int last = int(m_ink.size()) - 1;
        for (int i = std::max(0, int(from) - m_left); i <= std::min(last, int(to) - m_left + 1); ++i) {
            const bool gap = !m_ink[size_t(i)];
            if (gap && start < 0) start = i;
            if (start >= 0 && (!gap || i == std::min(last, int(to) - m_left + 1))) {
                const int length = (gap ? i + 1 : i) - start;
                if (length > best) {
                    best = length;
                    at = m_left + start + length / 2.0;
                }
                start = -1;
            }
        }
        return at;
    }

    /// Pixels of the widest gap that touches [from, to].
    int widestGap(double from, double to) const {
        int best = 0, run = 0;
        for (int x = int(from); x <= int(to); ++x) {
            run = inkAt(x) ? 0 : run + 1;
            best = std::max(best, run);
        }
        return best;
    }
    /// Moves both borders inwards to the ink between them; not at all where there is none.
    void tighten(double& from, double& to) const {
        int first = int(std::ceil(from - 0.5)), last = int(std::floor(to + 0.5)) - 1;
        while (first <= last && !inkAt(first)) ++first;
        while (last >= first && !inkAt(last)) --last;
        if (first > last) return;
        from = std::max(from, double(first));
        to = std::min(to, double(last + 1));
    }
    /// True when the columns directly left and right of [left, right] carry no ink.
    bool gapBeside(int left, int right) const { return !inkAt(left - 1) && !inkAt(right + 1); }

private:
    bool inkAt(int x) const { return x >= m_left && size_t(x - m_left) < m_ink.size() && m_ink[size_t(x - m_left)]; }

    int m_left;
    std::vector<char> m_ink;
};

QRectF inkBetween(const LinePatch& line, double from, double to) {
    QRectF box;
    for (const QRect& ink : line.inks) {
        const double left = std::max<double>(ink.left(), from), right = std::min<double>(ink.right() + 1, to);
        if (right - left < leastPart) continue;
        // A piece that merely looks in over the edge belongs to the neighbour.
        if (right - left < edgePart * ink.width() && right - left < edgePixels) continue;
        const QRectF part(left, ink.top(), right - left, ink.height());
        box = box.isNull() ? part : box.united(part);
    }
    return box;
}

double median(std::vector<double> values) {
    std::nth_element(values.begin(), values.begin() + long(values.size() / 2), values.end());
    return values[values.size() / 2];
}

// Where letters stand apart like words, by the ink and by the type's pitch. Puts right what the library's own splitting
// gets wrong on screens: spaces where narrow letters stand in type of one pitch, and full stops taken for spaces.
class Spaces {
public:
    Spaces(const LinePatch& patch, const UniformLine& uniform, const std::vector<ReadGlyph>& glyphs, bool numbers)
        : m_patch(patch), m_uniform(uniform), m_columns(patch), m_numbers(numbers) {
        m_tracking = trackingOf(glyphs);
        std::vector<double> steps;
        for (size_t i = 1; i < glyphs.size(); ++i)
            if (!glyphs[i].startsWord || m_tracking > 0) steps.push_back(centre(glyphs[i]) - centre(glyphs[i - 1]));
        if (steps.empty()) return;
        m_pitch = median(steps);
        m_enough = glyphs.size() >= 15;
        m_onePitch = glyphs.size() >= 9 && standOnOneGrid(glyphs);
        if (m_onePitch) m_tracking = 0; // its letters stand apart as well
    }

    std::vector<ReadGlyph> mended(std::vector<ReadGlyph> glyphs) const {
        if (m_pitch == 0) return glyphs;
        std::vector<ReadGlyph> mended{glyphs[0]};
        for (size_t i = 1; i < glyphs.size(); ++i) {
            ReadGlyph glyph = glyphs[i];
            const double from = centre(mended.back()), to = centre(glyph);
            if (!glyph.startsWord) {
                glyph.startsWord = isSpace(mended.back(), glyph, from, to);
            } else if (isStop(glyphs[i - 1], glyph, from, to)) {
                mended.push_back(stopBefore(glyph, (from + to) / 2));
                // "postfach.example", but "end. Next".
                const double x = (from + to) / 2;
                glyph.startsWord = m_onePitch ? to - x > emptyCellAfterStop * m_pitch
                                              : m_columns.widestGap(x, to) > spaceAfterStop * m_patch.xHeight;
            } else if (m_tracking > 0) {
                // The reader sees a space before every letter.
                glyph.startsWord = m_columns.widestGap(from, to) > m_tracking + spaceTracked * m_patch.xHeight;
            } else {
                const double least = glyph.spaceBefore > surelyRead ? spaceReadSure : spaceRead;
                glyph.startsWord = m_onePitch ? to - from > leastOfEmptyCell(mended.back(), glyph)
                                              : m_columns.widestGap(from, to) > least * m_patch.xHeight;
            }
            mended.push_back(std::move(glyph));
        }
        return mended;
    }

private:
    // In type of one pitch all letters stand on one grid, also across spaces. A few may do so by chance; and figures do
    // so in nearly all type, so that what is none must as well.
    bool standOnOneGrid(const std::vector<ReadGlyph>& glyphs) const {
        struct Steps {
            int all = 0, even = 0;
            bool mostlyEven(bool many) const { return many ? even > mostEven * all : even == all; }
        } steps, beyondFigures;
        for (size_t i = 1; i < glyphs.size(); ++i) {
            const double cells = (centre(glyphs[i]) - centre(glyphs[i - 1])) / m_pitch;
            const bool even = cells > leastStep && std::abs(cells - std::round(cells)) < offGrid;
            for (Steps* counted : {&steps, &beyondFigures}) {
                if (counted == &beyondFigures && isFigure(glyphs[i - 1]) && isFigure(glyphs[i])) continue;
                ++counted->all;
                counted->even += even;
            }
        }
        return steps.mostlyEven(m_enough) && beyondFigures.mostlyEven(beyondFigures.all >= fewestSteps);
    }
    static bool isFigure(const ReadGlyph& glyph) { return glyph.text[0].isDigit(); }
    // It stands in a cell as wide as other figures have, with room on both sides.
    static bool isThinFigure(const ReadGlyph& glyph) { return glyph.text == QLatin1String("1"); }
    // From where on an empty cell stands between two, in type of one pitch. Figures stand in the middle of their cells;
    // where they alone tell of the pitch a space may be narrower than they are.
    double leastOfEmptyCell(const ReadGlyph& before, const ReadGlyph& after) const {
        if (!isFigure(before) || !isFigure(after)) return emptyCell * m_pitch;
        const bool read = after.startsWord && after.spaceBefore > surelyRead;
        return (read ? emptyCellReadSure : emptyCellOfFigures) * m_pitch;
    }

    double centre(const ReadGlyph& g) const { return g.box.center().x() / m_uniform.scale + m_uniform.offset.x(); }

    // Letters set apart, as in headings: the pixels that stand between letters of one word, beyond what is usual. The
    // narrowest gaps of a line are within words, however many spaces there are. 0 for type set as usual.
    double trackingOf(const std::vector<ReadGlyph>& glyphs) const {
        if (glyphs.size() < leastTracked) return 0;
        std::vector<int> gaps;
        for (size_t i = 1; i < glyphs.size(); ++i)
            if (!isThinFigure(glyphs[i - 1]) && !isThinFigure(glyphs[i]))
                gaps.push_back(m_columns.widestGap(centre(glyphs[i - 1]), centre(glyphs[i])));
        if (gaps.size() < fewestGaps) return 0;
        const auto narrow = gaps.begin() + long(double(gaps.size() - 1) * narrowGaps);
        std::nth_element(gaps.begin(), narrow, gaps.end());
        const double beyond = *narrow - usualGap * m_patch.xHeight;
        return *narrow > leastTracking * m_patch.xHeight ? beyond : 0;
    }

    // Whether a dot on the baseline stands between the two that no glyph stands for.
    bool isStop(const ReadGlyph& before, const ReadGlyph& after, double from, double to) const {
        if (!before.text.back().isLetterOrNumber() || !after.text[0].isLetterOrNumber()) return false;
        for (const QRect& ink : m_patch.inks) {
            const double x = ink.left() + ink.width() / 2.0;
            if (x < from + stopFromLetters * m_pitch || x > to - stopFromLetters * m_pitch) continue;
            if (std::max(ink.height(), ink.width()) > stopSize * m_patch.xHeight + 1) continue;
            if (std::abs(ink.bottom() + 1 - m_patch.baseline) > stopOffBase * m_patch.xHeight + 1) continue;
            // Space on both sides of it: otherwise it is the foot of a letter.
            return m_columns.gapBeside(ink.left(), ink.right());
        }
        return false;
    }

    ReadGlyph stopBefore(const ReadGlyph& glyph, double x) const {
        ReadGlyph dot = glyph;
        dot.text = QStringLiteral(".");
        dot.startsWord = false;
        dot.confidence = stopConfidence;
        dot.box = QRectF((x - m_uniform.offset.x()) * m_uniform.scale - 1, glyph.box.y(), 2, glyph.box.height());
        return dot;
    }

    // The other way round: digits in groups are often read as one number.
    bool isSpace(const ReadGlyph& before, const ReadGlyph& after, double from, double to) const {
        if (m_onePitch) return to - from > leastOfEmptyCell(before, after);
        const QChar left = before.text.back(), right = after.text[0];
        const double least = m_tracking > 0                        ? spaceTracked
                             : after.spaceBefore > hint            ? spaceHinted
                             : m_numbers                           ? spaceInNumbers
                             : left == u':'                        ? spaceAfterColon
                             : left.isLower() && right.isUpper()   ? spaceBeforeCapital
                             : !m_enough                           ? spaceInShortLine
                             : left.isLetter() && right.isLetter() ? spaceInLetters
                                                                   : spaceElsewhere;
        return m_columns.widestGap(from, to) > m_tracking + least * m_patch.xHeight;
    }

    const LinePatch& m_patch;
    const UniformLine& m_uniform;
    InkColumns m_columns;
    const bool m_numbers;
    double m_pitch = 0;    // 0: too few letters to tell
    double m_tracking = 0; // pixels more between letters than usual
    bool m_enough = false, m_onePitch = false;
};

// Where the line is parted into words: its start, the places between them, its end.
std::vector<double> wordEdges(const LinePatch& patch, const TextLine& line, const InkColumns& columns) {
    std::vector<double> edges{double(patch.box.left())};
    for (size_t i = 1; i < line.words.size(); ++i) {
        const double end = line.words[i - 1].glyphs.back().box.center().x();
        const double start = line.words[i].glyphs.front().box.center().x();
        edges.push_back(columns.split(std::min(end, start), std::max(end, start)));
    }
    edges.push_back(patch.box.right() + 1);
    return edges;
}

// Glyph borders: midway between the centres the library gives, moved to a gap in the ink where there is one.
void placeGlyphs(Word& word, const InkColumns& columns) {
    word.confidence = 1;
    double left = word.box.left();
    for (size_t g = 0; g < word.glyphs.size(); ++g) {
        Glyph& glyph = word.glyphs[g];
        double right = word.box.right();
        if (g + 1 < word.glyphs.size()) {
            const double a = glyph.box.center().x(), b = word.glyphs[g + 1].box.center().x();
            right = std::clamp(columns.split(std::min(a, b), std::max(a, b)), left, word.box.right());
        }
        double from = left, to = std::max(left, right);
        columns.tighten(from, to);
        glyph.box = QRectF(from, word.box.top(), to - from, word.box.height());
        left = right;
        word.text += glyph.text;
        word.confidence = std::min(word.confidence, glyph.confidence);
    }
}

} // namespace

TextLine lineOfText(const LinePatch& patch, const std::vector<ReadGlyph>& read, const UniformLine& uniform,
                    bool numbers) {
    TextLine line;
    line.box = QRectF(patch.box);
    line.baseline = patch.baseline;
    line.xHeight = patch.xHeight;
    line.lightOnDark = patch.lightOnDark;
    for (const QRect& rule : patch.rules) line.rules.emplace_back(rule);
    const auto toX = [&](double x) { return x / uniform.scale + uniform.offset.x(); };
    for (const ReadGlyph& g : Spaces(patch, uniform, read, numbers).mended(read)) {
        if (g.startsWord || line.words.empty()) line.words.emplace_back();
        line.words.back().glyphs.push_back(
            {g.text, QRectF(toX(g.box.left()), patch.box.top(), g.box.width() / uniform.scale, patch.box.height()),
             g.confidence, g.exact, g.others});
    }
    // The library says only roughly where a glyph stands; the ink says exactly where words part.
    const InkColumns columns(patch);
    const std::vector<double> edges = wordEdges(patch, line, columns);
    for (size_t i = 0; i < line.words.size(); ++i) {
        Word& word = line.words[i];
        word.box = inkBetween(patch, edges[i], edges[i + 1]);
        if (word.box.isNull())
            word.box = QRectF(edges[i], patch.box.top(), std::max(1.0, edges[i + 1] - edges[i]), patch.box.height());
        placeGlyphs(word, columns);
    }
    return line;
}

} // namespace eyelid
