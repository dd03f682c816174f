#include "checking/uncovered_page.h"

#include "picture/geometry.h"

#include <algorithm>

namespace eyelid {
namespace {

// The share of a letter's box under covers from which on what was read there is the covers' own look. Boxes are good to
// about a stroke; of a letter that is hidden less, enough may be left to tell it.
constexpr double hiddenShare = 0.8;

// A letter each; where a reader gave no places, they are spread evenly over the word.
std::vector<Glyph> lettersOf(const Word& word) {
    if (!word.glyphs.empty() || word.text.isEmpty()) return word.glyphs;
    std::vector<Glyph> letters;
    const double each = word.box.width() / double(word.text.size());
    for (qsizetype i = 0; i < word.text.size(); ++i)
        letters.push_back({word.text.mid(i, 1),
                           QRectF(word.box.left() + each * double(i), word.box.top(), each, word.box.height()), 1});
    return letters;
}

// Takes the letters out of a word that lie under covers; it is what is left of it, in all its readings.
void uncover(Word& word, const std::vector<QRect>& covers) {
    if (shareUnder(word.box, covers) <= 0) return;
    const std::vector<Glyph> letters = lettersOf(word);
    std::vector<size_t> left;
    for (size_t i = 0; i < letters.size(); ++i)
        if (shareUnder(letters[i].box, covers) < hiddenShare) left.push_back(i);
    if (left.size() == letters.size()) return;
    Word rest = word;
    rest.glyphs.clear();
    rest.text.clear();
    rest.box = {};
    for (const size_t i : left) {
        rest.glyphs.push_back(letters[i]);
        rest.text += letters[i].text;
        rest.box = rest.box.united(letters[i].box);
    }
    rest.alternatives.clear();
    for (const QString& other : word.alternatives) {
        if (other.size() != qsizetype(letters.size())) continue; // which letter stands where is not known
        QString cut;
        for (const size_t i : left) cut += other[qsizetype(i)];
        rest.alternatives << cut;
    }
    word = std::move(rest);
}

// The line a cover belongs to: it stands within it, or directly behind it, else directly before it. Between two lines
// it is the value of what stands before it: "PIN", a cover, ", 11:18".
TextLine* lineOf(Page& page, const QRectF& box) {
    TextLine* behind = nullptr;
    for (TextLine& line : page.lines) {
        const double reach = 1.5 * std::max(4.0, line.xHeight);
        if (verticalShare(line.box, box) < 0.5 || box.left() >= line.box.right() + reach ||
            box.right() <= line.box.left() - reach)
            continue;
        if (box.center().x() > line.box.left()) return &line;
        if (!behind) behind = &line;
    }
    return behind;
}

} // namespace

void takeOutCovered(Page& page, const std::vector<QRect>& covers) {
    for (TextLine& line : page.lines) {
        for (Word& word : line.words) uncover(word, covers);
        std::erase_if(line.words, [](const Word& word) { return word.text.isEmpty(); });
        QRectF left;
        for (const Word& word : line.words) left = left.united(word.box);
        line.box = QRectF(left.left(), line.box.top(), left.width(), line.box.height());
    }
    std::erase_if(page.lines, [](const TextLine& line) { return line.words.empty(); });
    // What a cover looks like is not to be read.
    constexpr double mostlyCovered = 0.3;
    std::erase_if(page.illegible, [&](const QRectF& place) { return shareUnder(place, covers) > mostlyCovered; });
}

void putBlocks(Page& page, const std::vector<Item>& items) {
    std::vector<TextLine> cells;
    for (const Item& item : items) {
        if (item.decision != Decision::Cover) continue;
        for (const QRectF& box : item.finding.boxes) {
            const Word block{QString(coverBlock), box, 1, {}, {}};
            if (TextLine* line = lineOf(page, box)) {
                const auto after = std::find_if(line->words.begin(), line->words.end(),
                                                [&](const Word& word) { return word.box.left() > box.left(); });
                line->words.insert(after, block);
                continue;
            }
            TextLine line;
            line.words.push_back(block);
            line.box = box;
            line.baseline = box.bottom();
            line.xHeight = item.finding.textHeight;
            cells.push_back(std::move(line));
        }
    }
    page.lines.insert(page.lines.end(), std::make_move_iterator(cells.begin()), std::make_move_iterator(cells.end()));
    std::stable_sort(page.lines.begin(), page.lines.end(), [](const TextLine& a, const TextLine& b) {
        return a.box.top() != b.box.top() ? a.box.top() < b.box.top() : a.box.left() < b.box.left();
    });
}

} // namespace eyelid
