#include "reading/bare_picture.h"

#include "reading/lightness.h"

#include <algorithm>

namespace eyelid {
namespace {

constexpr double leastGlyph = 0.75, leastMean = 0.9; // pieces of a code are read with less, and as shorter words
constexpr int leastTelling = 4;                      // the upper edge of a small code looks like "Day" or "DBO"
constexpr int fringe = 2;                            // pixels around the ink that are lighter than ink

// Letters and figures that no row of stripes is taken for.
bool tells(const ReadGlyph& glyph) {
    static const QString stripes = QStringLiteral("Il1|iHNMUTL");
    return glyph.text[0].isLetterOrNumber() && !stripes.contains(glyph.text);
}

struct WordInk {
    bool certain = false; // otherwise likely
    QRect box;
    std::vector<QRect> inks;
};

// The words of a line that are text by what was read, with their ink.
std::vector<WordInk> wordsOf(const ReadLine& line) {
    const std::vector<ReadGlyph>& glyphs = *line.glyphs;
    const UniformLine& uniform = *line.uniform;
    const auto toX = [&](double x) { return x / uniform.scale + uniform.offset.x(); };
    const double beside = 0.4 * line.patch->xHeight; // a glyph's place is known to about a stroke
    std::vector<WordInk> words;
    for (size_t begin = 0, end = 0; begin < glyphs.size(); begin = end) {
        int telling = 0;
        double sum = 0, least = 1;
        for (end = begin; end == begin || (end < glyphs.size() && !glyphs[end].startsWord); ++end) {
            const ReadGlyph& glyph = glyphs[end];
            sum += glyph.confidence;
            least = glyph.doubted ? 0 : std::min(least, glyph.confidence);
            telling += tells(glyph);
        }
        WordInk word;
        word.certain = least >= leastGlyph && telling >= leastTelling && sum >= leastMean * double(end - begin);
        if (!word.certain && (least < leastMean || telling == 0)) continue;
        const double left = toX(glyphs[begin].box.left()) - beside, right = toX(glyphs[end - 1].box.right()) + beside;
        for (const QRect& ink : line.patch->inks) {
            const double x = ink.left() + ink.width() / 2.0;
            if (x < left || x > right) continue;
            word.inks.push_back(ink);
            word.box = word.box.united(ink);
        }
        words.push_back(std::move(word));
    }
    return words;
}

} // namespace

QImage barePicture(const QImage& picture, const std::vector<ReadLine>& lines) {
    QImage bare = lightnessOf(picture);
    if (bare.isNull()) return bare;
    bare.detach();
    for (const ReadLine& line : lines) {
        const std::vector<WordInk> words = wordsOf(line);
        // What stands beside a certain word and no higher or lower is of its line: pieces of a code reach out of it.
        QRect band;
        for (const WordInk& word : words)
            if (word.certain) band = band.united(word.box);
        if (band.isNull()) continue;
        for (const WordInk& word : words) {
            if (!word.certain && (word.box.top() < band.top() - 1 || word.box.bottom() > band.bottom() + 1)) continue;
            for (const QRect& ink : word.inks) {
                const QRect place = ink.adjusted(-fringe, -fringe, fringe, fringe).intersected(bare.rect());
                const uchar level = uchar(qGray(line.uniform->ground));
                for (int y = place.top(); y <= place.bottom(); ++y)
                    std::fill_n(bare.scanLine(y) + place.left(), place.width(), level);
            }
        }
    }
    return bare;
}

} // namespace eyelid
