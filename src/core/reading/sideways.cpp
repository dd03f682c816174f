#include "reading/sideways.h"

#include <algorithm>

namespace eyelid {

std::vector<QRect> columnsOfLetters(const std::vector<LinePatch>& patches) {
    std::vector<QRect> letters;
    for (const LinePatch& p : patches)
        if (p.box.width() < 1.6 * p.box.height() + 6 || p.inks.size() <= 2) letters.push_back(p.box);
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

// From the picture turned upright back to the one it was cut from.
void turnBack(TextLine& line, int turned, const QSize& upright, const QPoint& origin) {
    const auto back = [&](const QRectF& r) {
        return turned == 90
                   ? QRectF(upright.height() - r.bottom() + origin.x(), r.left() + origin.y(), r.height(), r.width())
                   : QRectF(r.top() + origin.x(), upright.width() - r.right() + origin.y(), r.height(), r.width());
    };
    line.box = back(line.box);
    line.baseline = line.box.bottom();
    for (Word& word : line.words) {
        word.box = back(word.box);
        for (Glyph& glyph : word.glyphs) glyph.box = back(glyph.box);
    }
}

} // namespace eyelid
