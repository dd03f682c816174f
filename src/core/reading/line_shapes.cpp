#include "reading/line_shapes.h"

#include "base/shipped.h"
#include "reading/letter_limits.h"

#include <algorithm>
#include <cmath>
#include <QHash>

namespace eyelid {

using namespace letters;

namespace {

// The strongest ink of each column, in levels of 255.
std::vector<int> strongestOf(const QImage& ink) {
    std::vector<uchar> least(size_t(ink.width()), 255);
    for (int y = 0; y < ink.height(); ++y) {
        const uchar* row = ink.constScanLine(y);
        for (size_t x = 0; x < least.size(); ++x) least[x] = std::min(least[x], row[x]);
    }
    std::vector<int> strongest(least.size());
    for (size_t x = 0; x < least.size(); ++x) strongest[x] = 255 - least[x];
    return strongest;
}

void addRun(std::vector<InkRun>& runs, int left, int right) {
    InkRun run;
    run.left = left;
    run.right = right;
    runs.push_back(run);
}

// Columns of ink that hang together, from left to right.
std::vector<InkRun> inkedRuns(const std::vector<int>& strongest) {
    const int width = int(strongest.size());
    const auto at = [&](int x) { return strongest[size_t(x)]; };
    std::vector<InkRun> runs;
    for (int x = 0; x < width; ++x) {
        if (at(x) < inked) continue;
        const int left = x;
        while (x + 1 < width && at(x + 1) >= inked) ++x;
        addRun(runs, left, x);
    }
    // The dots of small type are fainter than its letters: what stands free between two letters counts as well.
    for (int x = 1; x + 1 < width; ++x) {
        if (at(x) < faintColumn || at(x) >= inked) continue;
        int end = x;
        while (end + 1 < width && at(end + 1) >= faintColumn && at(end + 1) < inked) ++end;
        const int peak = *std::max_element(strongest.begin() + x, strongest.begin() + end + 1);
        const auto lower = [&](int c) { return c < 0 || c >= width || (at(c) < inked && at(c) < peak); };
        if (end - x < 3 && lower(x - 1) && lower(end + 1)) addRun(runs, x, end);
        x = end;
    }
    std::sort(runs.begin(), runs.end(), [](const InkRun& a, const InkRun& b) { return a.left < b.left; });
    return runs;
}

// The column at which a run is too wide for one letter and parts best; -1 where it is not.
int thinnestOf(const InkRun& run, const std::vector<int>& strongest, const LineCells& cells, double xHeight) {
    int thinnest = -1;
    const auto thinner = [&](int x) { return thinnest < 0 || strongest[size_t(x)] < strongest[size_t(thinnest)]; };
    if (cells.pitch > 0) {
        // Between cells, whatever the ink says.
        if (run.width() <= widestInCell * cells.pitch) return -1;
        const double k = std::ceil((run.left - cells.middle) / cells.pitch - halfCell + cellMiddle);
        const int border = int(std::lround(cells.middle + (k + halfCell) * cells.pitch - halfPixel));
        for (int x = std::max(run.left + 1, border - 1); x <= std::min(run.right - 1, border + 1); ++x)
            if (thinner(x)) thinnest = x;
    } else if (run.width() > widestLetter * xHeight + 2) {
        for (int x = run.left + 2; x <= run.right - 2; ++x)
            if (strongest[size_t(x)] < touching && thinner(x)) thinnest = x;
    }
    return thinnest;
}

// Small type runs together where letters come near: parted at its thinnest columns, as wide as a letter may be.
void partRuns(std::vector<InkRun>& runs, const std::vector<int>& strongest, const LineCells& cells, double xHeight) {
    for (size_t r = 0; r < runs.size();) {
        const InkRun run = runs[r];
        const int thinnest = thinnestOf(run, strongest, cells, xHeight);
        if (thinnest < 0) {
            ++r;
            continue;
        }
        runs[r].right = thinnest - 1;
        InkRun rest = run;
        rest.left = thinnest + 1;
        runs.insert(runs.begin() + std::ptrdiff_t(r) + 1, rest);
    }
}

void findRows(InkRun& run, const QImage& ink, const std::vector<int>& strongest) {
    run.top = ink.height();
    run.bottom = -1;
    int most = 0;
    for (int x = run.left; x <= run.right; ++x) most = std::max(most, strongest[size_t(x)]);
    const int least = most < inked ? faintColumn : inked;
    const auto carries = [&](int y) {
        const uchar* row = ink.constScanLine(y);
        return std::any_of(row + run.left, row + run.right + 1, [&](uchar level) { return 255 - level >= least; });
    };
    for (int y = 0; y < ink.height() && run.bottom < 0; ++y)
        if (carries(y)) run.top = run.bottom = y;
    for (int y = ink.height() - 1; y > run.bottom && run.bottom >= 0; --y)
        if (carries(y)) run.bottom = y;
}

// The two strokes of a quotation mark are one.
std::vector<InkRun> joinedQuotes(const std::vector<InkRun>& runs, double base, double xHeight) {
    const auto high = [&](const InkRun& r) {
        return r.bottom < base - quoteOverBase * xHeight && r.width() <= std::max(3.0, quoteStroke * xHeight);
    };
    std::vector<InkRun> joined;
    for (const InkRun& run : runs) {
        if (!joined.empty()) {
            InkRun& last = joined.back();
            if (high(last) && high(run) && last.width() < quoteFirstStroke * xHeight &&
                run.left - last.right - 1 <= quoteGap * xHeight + 1 && std::abs(last.top - run.top) <= 1 &&
                std::abs(last.bottom - run.bottom) <= 1) {
                last.right = run.right;
                continue;
            }
        }
        joined.push_back(run);
    }
    return joined;
}

void hashDrawing(InkRun& run, const QImage& ink, double base) {
    run.overBase = int(std::lround(base)) - run.top;
    for (int y = run.top; y <= run.bottom; ++y) {
        const uchar* row = ink.constScanLine(y);
        for (int x = run.left; x <= run.right; ++x) run.ink += 255 - row[x];
        run.drawing = qHashBits(row + run.left, size_t(run.width()), run.drawing);
    }
    const int place[] = {run.width(), run.height(), run.overBase};
    run.drawing = qHashBits(place, sizeof place, run.drawing);
}

std::vector<InkRun> runsOf(const LinePatch& patch, const UniformLine& uniform, const LineCells& cells) {
    const QImage& ink = uniform.ink;
    const double base = patch.baseline - uniform.inkOrigin.y(), xHeight = patch.xHeight;
    const std::vector<int> strongest = strongestOf(ink);
    std::vector<InkRun> runs = inkedRuns(strongest);
    partRuns(runs, strongest, cells, xHeight);
    for (InkRun& run : runs) findRows(run, ink, strongest);
    runs = joinedQuotes(runs, base, xHeight);
    for (InkRun& run : runs) hashDrawing(run, ink, base);
    return runs;
}

bool isPunctuation(QChar c) {
    return !c.isLetterOrNumber();
}

// How odd it is that no glyph stands for a run.
double costOfLeaving(const InkRun& run, double xHeight) {
    if (run.ink < speckInk) return leftOutSpeck;
    return run.height() < markHeight * xHeight ? leftOutMark : leftOutLetter;
}

// How odd it would be if the run were built so, by its height, place and width.
double misfit(const InkRun& run, const GlyphBuild& build, double xHeight) {
    const auto [top, bottom, width] = build;
    const double isTop = run.overBase / xHeight, isBottom = (run.overBase - run.height()) / xHeight,
                 isWidth = run.width() / xHeight;
    const auto off = [](double by, const Misfit& m) { return std::min(m.most, std::max(0.0, by - m.slack) * m.cost); };
    return off(std::abs(isTop - top), edgeOff) + off(std::abs(isBottom - bottom), edgeOff) +
           (isWidth < width ? off(width - isWidth, tooNarrow) : off(isWidth - width, tooWide));
}

// Whether `count` glyphs from `first` on are the characters of `label`, one each.
bool readsAs(const QString& label, const std::vector<ReadGlyph>& glyphs, size_t first, size_t count) {
    bool same = qsizetype(count) == label.size();
    for (size_t i = 0; same && i < count; ++i) same = glyphs[first + i].text == QStringView(label).mid(qsizetype(i), 1);
    return same;
}

// Gives each run its glyphs, in the order of both, by the least sum of what is odd about it (dynamic programming): the
// recogniser says only roughly where a glyph stands. False when nothing fits.
bool align(std::span<InkRun> runs, const ReadLine& line, const std::vector<const QString*>& known) {
    const std::vector<ReadGlyph>& glyphs = *line.glyphs;
    const UniformLine& uniform = *line.uniform;
    constexpr size_t mostInRun = 14;
    constexpr double impossible = 1e18, leastOdd = asKnown;
    const double xHeight = std::max(3.0, line.patch->xHeight);
    const size_t R = runs.size(), G = glyphs.size();
    std::vector<double> middles;
    for (const ReadGlyph& g : glyphs) middles.push_back(g.box.center().x() / uniform.scale - uniform.margin.x());
    std::vector<GlyphBuild> builds;
    for (const ReadGlyph& g : glyphs) builds.push_back(buildOf(g.text[0]));
    // What is odd about run r being read as the glyphs g to g + k: fed glyph by glyph.
    struct Fit {
        double top = -never, bottom = never, width = -besideGlyphs, middle = 0;
        int inner = 0;
    };
    const auto oddness = [&](size_t r, size_t g, size_t k, const Fit& fit) {
        const InkRun& run = runs[r];
        if (k == 0) return costOfLeaving(run, xHeight) + (known[r] ? notAsKnown : 0);
        const double away = std::abs((run.left + run.right + 1) / 2.0 - fit.middle / double(k)) / xHeight;
        double cost = std::min(awayMost, away * awayCost);
        cost += misfit(run, {fit.top, fit.bottom, fit.width}, xHeight) + fit.inner * spaceWithin;
        if (known[r]) cost += readsAs(*known[r], glyphs, g, k) ? asKnown : notAsKnown;
        if (r > 0) {
            const bool gap = run.left - runs[r - 1].right - 1 > wordGap * xHeight;
            cost += gap != glyphs[g].startsWord ? gapNotRead : 0;
        }
        return cost;
    };
    const auto take = [&](Fit& fit, size_t g, size_t i) {
        const GlyphBuild& b = builds[i];
        fit.top = std::max(fit.top, b.top);
        fit.bottom = std::min(fit.bottom, b.bottom);
        fit.width += b.width + besideGlyphs;
        fit.middle += middles[i];
        fit.inner += i > g && glyphs[i].startsWord;
    };
    // best[g]: the least for the runs so far having taken the first g glyphs.
    std::vector<double> best(G + 1, impossible), next(G + 1);
    std::vector<unsigned char> taken((R + 1) * (G + 1), 0);
    best[0] = 0;
    for (size_t r = 0; r < R; ++r) {
        std::fill(next.begin(), next.end(), impossible);
        const double left = runs[r].left - farthestGlyph * xHeight, right = runs[r].right + farthestGlyph * xHeight;
        for (size_t g = 0; g <= G; ++g) {
            if (best[g] >= impossible) continue;
            Fit fit;
            for (size_t k = 0; k <= mostInRun && g + k <= G; ++k) {
                if (k > 0) {
                    if (middles[g + k - 1] < left || middles[g + k - 1] > right) break;
                    take(fit, g, g + k - 1);
                }
                // Nothing is less odd than this, and the rest need not be weighed.
                if (best[g] + leastOdd >= next[g + k]) continue;
                const double sum = best[g] + oddness(r, g, k, fit);
                if (sum < next[g + k]) {
                    next[g + k] = sum;
                    taken[(r + 1) * (G + 1) + g + k] = static_cast<unsigned char>(k);
                }
            }
        }
        best.swap(next);
    }
    if (best[G] >= impossible) return false;
    size_t g = G;
    for (size_t r = R; r-- > 0;) {
        const size_t k = taken[(r + 1) * (G + 1) + g];
        g -= k;
        runs[r].first = g;
        runs[r].count = k;
        Fit fit;
        for (size_t i = g; i < g + k; ++i) take(fit, g, i);
        runs[r].oddness = oddness(r, g, k, fit);
    }
    return true;
}

// What fits badly where it was put says nothing of this shape.
void weighFit(InkRun& run) {
    run.weight = run.oddness > doubtfulFit ? doubtfulShare * run.plainWeight : run.plainWeight;
}

} // namespace

TokenWeight weighToken(const QString& token, const std::function<bool(const QString&)>& isWord) {
    qsizetype from = 0, to = token.size();
    while (from < to && isPunctuation(token[from])) ++from;
    while (to > from && isPunctuation(token[to - 1])) --to;
    const QString core = token.mid(from, to - from);
    int nDigits = 0, nLetters = 0, nUpper = 0;
    for (const QChar c : core) {
        nDigits += c.isDigit();
        nLetters += c.isLetter();
        nUpper += c.isUpper();
    }
    TokenWeight weight{0, nothingKnown, nothingKnown};
    double &letters = weight.letters, &digits = weight.digits;
    if (nDigits > 0 && nLetters == 0) digits = nDigits > 1 ? number : oneDigit;
    if (nLetters == 0 || nDigits > 0) return weight;
    // Words joined by punctuation: each must be one.
    bool all = true;
    QString word;
    int longest = 0;
    for (qsizetype i = 0; i <= core.size(); ++i) {
        const bool hump = i < core.size() && core[i].isUpper() && !word.isEmpty() && word.back().isLower();
        if (i < core.size() && core[i].isLetter() && !hump) {
            word += core[i];
            continue;
        }
        if (!word.isEmpty()) {
            // "Is" is a word, "iS" and "lS" are not.
            const bool cased = word.mid(1) == word.mid(1).toLower() || word == word.toUpper();
            all = all && cased && isWord(word.toLower());
            longest = std::max(longest, int(word.size()));
        }
        word.clear();
        if (hump) word += core[i]; // camelCase
    }
    if (all)
        letters = longest >= 3 ? longWord : longest == 2 ? twoLetterWord : oneLetterWord;
    else
        letters = nUpper > 1 ? unknownShouted : unknownWord;
    return weight;
}

GlyphBuild buildOf(QChar c) {
    static const QHash<QChar, GlyphBuild> builds = [] {
        QHash<QChar, GlyphBuild> all;
        for (const QString& line : shippedLines(QStringLiteral("reading/glyph-builds.txt"))) {
            const QStringList parts = line.split(u' ');
            if (parts.size() == 4 && parts[0].size() == 1)
                all.insert(parts[0][0], {parts[1].toDouble(), parts[2].toDouble(), parts[3].toDouble()});
        }
        return all;
    }();
    const auto known = builds.constFind(c);
    if (known != builds.constEnd()) return *known;
    // Letters of other scripts, and signs: as high as a capital, as wide as a small letter.
    return builds.value(c.isLetterOrNumber() ? u'H' : u'*');
}

double misfit(const InkRun& run, const QString& label, double xHeight) {
    GlyphBuild whole{-never, never, besideGlyphs * double(label.size() - 1)};
    for (const QChar c : label) {
        const GlyphBuild b = buildOf(c);
        whole.top = std::max(whole.top, b.top);
        whole.bottom = std::min(whole.bottom, b.bottom);
        whole.width += b.width;
    }
    return misfit(run, whole, xHeight);
}

bool labelRuns(std::span<InkRun> runs, const ReadLine& line, const std::vector<TokenWeight>& tokens,
               const std::vector<const QString*>& known, bool labelled) {
    const std::vector<ReadGlyph>& glyphs = *line.glyphs;
    // Where every shape is known as what it was labelled, no other way to put the glyphs becomes less odd than that.
    if (labelled) {
        bool asLabelled = true;
        for (size_t r = 0; asLabelled && r < runs.size(); ++r)
            asLabelled = !known[r] || readsAs(*known[r], glyphs, runs[r].first, runs[r].count);
        if (asLabelled) {
            for (size_t r = 0; r < runs.size(); ++r) {
                if (known[r]) runs[r].oddness += asKnown;
                weighFit(runs[r]);
            }
            return true;
        }
    }
    if (!align(runs, line, known)) {
        for (InkRun& run : runs) {
            run.label.clear();
            run.weight = 0;
            run.count = 0;
        }
        return false;
    }
    std::vector<size_t> of(glyphs.size());
    for (size_t r = 0; r < runs.size(); ++r) {
        runs[r].label.clear();
        runs[r].plainWeight = otherSign;
        for (size_t k = 0; k < runs[r].count; ++k) of[runs[r].first + k] = r;
    }
    size_t start = 0;
    for (const auto& [end, letters, digits] : tokens) {
        const bool mixed = std::max(letters, digits) <= mixedToken;
        for (size_t k = start; k < end; ++k) {
            InkRun& run = runs[of[k]];
            run.label += glyphs[k].text;
            // Signs that stand for misread letters and digits as often as for themselves.
            run.mixed = mixed || glyphs[k].text == QLatin1String("$") ||
                        (digits == number && glyphs[k].text == QLatin1String("&"));
            const QChar c = glyphs[k].text[0];
            const double w = (c.isDigit() ? digits : c.isLetter() ? letters : otherSign) * glyphs[k].confidence;
            run.plainWeight = k == run.first ? w : std::min(run.plainWeight, w);
        }
        start = end;
    }
    for (InkRun& run : runs) weighFit(run);
    return true;
}

LineShapes shapesOf(const ReadLine& line, const std::function<bool(const QString&)>& isWord, const LineCells& cells) {
    const std::vector<ReadGlyph>& glyphs = *line.glyphs;
    LineShapes shapes;
    if (glyphs.empty()) return shapes;
    shapes.runs = runsOf(*line.patch, *line.uniform, cells);
    QString token;
    for (size_t g = 0; g < glyphs.size(); ++g) {
        token += glyphs[g].text;
        if (g + 1 < glyphs.size() && !glyphs[g + 1].startsWord) continue;
        shapes.tokens.push_back(weighToken(token, isWord));
        shapes.tokens.back().end = g + 1;
        token.clear();
    }
    if (shapes.runs.empty()) return shapes;
    const std::vector<const QString*> nothing(shapes.runs.size(), nullptr);
    shapes.fits = labelRuns(shapes.runs, line, shapes.tokens, nothing, false);
    return shapes;
}

} // namespace eyelid
