#include "reading/sideways.h"

#include "picture/geometry.h"
#include "reading/line_segments.h"

#include <algorithm>
#include <QTransform>

namespace eyelid {

namespace {

constexpr size_t shortestLine = 3;    // letters
constexpr double sideBySide = 0.5;    // of a capital's height: letters of a line stand no farther apart
constexpr double mostUpright = 0.3;   // share of a line's pieces that may be of lines that are read as they stand
constexpr double severalRows = 2;     // of a middling letter's height: a line is no higher
constexpr double mostInkWithin = 0.7; // share of a line's pieces

bool isNarrow(const LinePatch& line) {
    return line.box.width() < 1.6 * line.box.height() + 6;
}

int middleOf(std::vector<int> values) {
    std::nth_element(values.begin(), values.begin() + long(values.size() / 2), values.end());
    return values[values.size() / 2];
}

// A letter or two, or letters of several columns that happen to stand at about one height.
bool isLoose(const LinePatch& line) {
    if (line.inks.size() < shortestLine || isNarrow(line)) return true;
    std::vector<int> gaps, heights;
    for (const QRect& ink : line.inks)
        if (ink.height() >= shortestLetter) heights.push_back(ink.height());
    if (heights.empty() || line.capHeight > severalRows * middleOf(heights)) return true;
    int right = line.inks.front().right();
    for (size_t i = 1; i < line.inks.size(); ++i) {
        if (line.inks[i].left() > right) gaps.push_back(line.inks[i].left() - right - 1);
        right = std::max(right, line.inks[i].right());
    }
    if (gaps.empty()) return false;
    return middleOf(std::move(gaps)) > sideBySide * line.capHeight;
}

QRectF upright(const QRectF& r, int turned, const QSize& picture) {
    return turned == 90 ? QRectF(r.top(), picture.width() - r.right(), r.height(), r.width())
                        : QRectF(picture.height() - r.bottom(), r.left(), r.height(), r.width());
}

} // namespace

QRectF turnedBack(const QRectF& place, int turned, const QSize& upright) {
    return turned == 90 ? QRectF(upright.height() - place.bottom(), place.left(), place.height(), place.width())
                        : QRectF(place.top(), upright.width() - place.right(), place.height(), place.width());
}

Page turnedUpright(const Page& page, int turned) {
    constexpr double middleOverBase = 0.7; // heights of x: the middle of a line with capitals and few tails
    Page result;
    result.size = page.size.transposed();
    result.languages = page.languages;
    for (const TextLine& whole : page.lines) {
        if (whole.turned != turned) continue;
        TextLine line = whole;
        line.turned = 0;
        line.box = upright(line.box, turned, page.size);
        line.baseline = line.box.center().y() + middleOverBase * line.xHeight;
        for (QRectF& rule : line.rules) rule = upright(rule, turned, page.size);
        for (Word& word : line.words) {
            word.box = upright(word.box, turned, page.size);
            for (Glyph& glyph : word.glyphs) glyph.box = upright(glyph.box, turned, page.size);
        }
        result.lines.push_back(std::move(line));
    }
    std::stable_sort(result.lines.begin(), result.lines.end(), [](const TextLine& a, const TextLine& b) {
        return a.box.top() != b.box.top() ? a.box.top() < b.box.top() : a.box.left() < b.box.left();
    });
    return result;
}

std::vector<QRect> columnsOfLetters(const std::vector<LinePatch>& patches) {
    std::vector<QRect> letters;
    for (const LinePatch& p : patches) {
        if (isNarrow(p) || p.inks.size() < shortestLine)
            letters.push_back(p.box);
        else if (isLoose(p))
            letters.insert(letters.end(), p.inks.begin(), p.inks.end());
    }
    std::sort(letters.begin(), letters.end(), [](const QRect& a, const QRect& b) { return a.top() < b.top(); });
    std::vector<QRect> columns;
    std::vector<int> counts;
    for (const QRect& l : letters) {
        bool joined = false;
        for (size_t c = 0; c < columns.size() && !joined; ++c) {
            const int common = std::min(columns[c].right(), l.right()) - std::max(columns[c].left(), l.left()) + 1;
            const int wide = std::max(columns[c].width(), l.width());
            // Letters of a word stand close; only rows of upright text stand apart like words.
            const double reach = counts[c] >= 3 ? 0.9 * wide : 0.42 * wide + 1;
            if (common < 0.5 * std::min(columns[c].width(), l.width()) || l.top() - columns[c].bottom() > reach)
                continue;
            columns[c] = columns[c].united(l);
            ++counts[c];
            joined = true;
        }
        if (!joined) {
            columns.push_back(l);
            counts.push_back(1);
        }
    }
    std::vector<QRect> found;
    for (size_t c = 0; c < columns.size(); ++c)
        if (counts[c] >= 3 && columns[c].height() >= 3 * columns[c].width()) found.push_back(columns[c]);
    return found;
}

std::vector<SidewaysLine> sidewaysLines(const QImage& picture, const std::vector<LinePatch>& patches, int turned) {
    std::vector<QRect> standing;
    for (const LinePatch& patch : patches)
        if (!isLoose(patch)) standing.push_back(patch.box);
    std::vector<SidewaysLine> lines;
    // Turned back upright: what reads downwards is turned against the clock.
    const QImage upright = picture.transformed(QTransform().rotate(-turned)).convertToFormat(QImage::Format_RGB32);
    for (LinePatch& patch : findLines(upright)) {
        if (isLoose(patch)) continue;
        const auto ofThose = std::count_if(patch.inks.begin(), patch.inks.end(), [&](const QRect& ink) {
            const QPointF centre = turnedBack(QRectF(ink), turned, upright.size()).center();
            return std::any_of(standing.begin(), standing.end(),
                               [&](const QRect& line) { return QRectF(line).contains(centre); });
        });
        if (double(ofThose) > mostUpright * double(patch.inks.size())) continue;
        const QRect place = turnedBack(QRectF(patch.box), turned, upright.size()).toRect();
        UniformLine uniform = makeUniform(upright, patch);
        lines.push_back({std::move(patch), std::move(uniform), place});
    }
    return lines;
}

void takeOut(std::vector<LinePatch>& patches, const std::vector<QRect>& places) {
    std::erase_if(patches, [&](const LinePatch& patch) {
        const auto within = std::count_if(patch.inks.begin(), patch.inks.end(), [&](const QRect& ink) {
            return std::any_of(places.begin(), places.end(),
                               [&](const QRect& place) { return place.contains(ink.center()); });
        });
        return double(within) >= mostInkWithin * double(patch.inks.size());
    });
}

void turnBack(TextLine& line, int turned, const QSize& upright) {
    line.box = turnedBack(line.box, turned, upright);
    line.baseline = line.box.bottom();
    for (QRectF& rule : line.rules) rule = turnedBack(rule, turned, upright);
    for (Word& word : line.words) {
        word.box = turnedBack(word.box, turned, upright);
        for (Glyph& glyph : word.glyphs) glyph.box = turnedBack(glyph.box, turned, upright);
    }
}

} // namespace eyelid
