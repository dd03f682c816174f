#include "reading/combs.h"

#include "language/look_alikes.h"
#include "language/spelling.h"

#include <algorithm>
#include <cmath>

namespace eyelid {
namespace {

// Of the letters' height: how far apart boxes are at least and at most, measured on forms with boxes as high as wide
// and twice as high as their letters, and how far off a baseline may be.
constexpr double narrowestComb = 1.0, widestComb = 3.4, sameRowOfLetters = 0.3;
constexpr double offComb = 0.22;   // of the pitch: a letter stands in the middle of its box or at its left side
constexpr int mostEmptyBoxes = 2;  // boxes without a letter between two words
constexpr size_t fewestInComb = 4; // letters: a code of an entry or a card has no fewer

struct LetterOfComb {
    size_t line;
    QPointF middle;
    double height;
    int boxesOn = 0; // from the letter before it in its comb
};

bool isLetterOfComb(const TextLine& line) {
    return line.turned == 0 && line.words.size() == 1 && line.words[0].text.size() == 1 &&
           line.words[0].text[0].isLetterOrNumber();
}

// One row from left to right.
std::vector<std::vector<LetterOfComb>> rowsOfLetters(const std::vector<TextLine>& lines) {
    std::vector<LetterOfComb> letters;
    for (size_t i = 0; i < lines.size(); ++i)
        if (isLetterOfComb(lines[i]))
            letters.push_back({i, {lines[i].box.center().x(), lines[i].box.bottom()}, lines[i].box.height()});
    std::ranges::stable_sort(letters, {}, [](const LetterOfComb& letter) { return letter.middle.y(); });
    std::vector<std::vector<LetterOfComb>> rows;
    for (const LetterOfComb& letter : letters) {
        const bool sameRow =
            !rows.empty() && letter.middle.y() - rows.back().front().middle.y() <= sameRowOfLetters * letter.height;
        if (!sameRow) rows.emplace_back();
        rows.back().push_back(letter);
    }
    for (auto& row : rows)
        std::ranges::stable_sort(row, {}, [](const LetterOfComb& letter) { return letter.middle.x(); });
    return rows;
}

// How many boxes on from one letter another stands, at a pitch; 0 where it stands between boxes.
int boxesBetween(const LetterOfComb& one, const LetterOfComb& other, double pitch) {
    const double boxes = (other.middle.x() - one.middle.x()) / pitch;
    const int whole = int(std::lround(boxes));
    return std::abs(boxes - whole) <= offComb && whole >= 1 && whole <= mostEmptyBoxes + 1 ? whole : 0;
}

// The letters from `first` on that stand at one pitch.
std::vector<LetterOfComb> combFrom(const std::vector<LetterOfComb>& row, size_t first) {
    std::vector<LetterOfComb> comb{row[first]};
    if (first + 1 >= row.size()) return comb;
    double pitch = row[first + 1].middle.x() - row[first].middle.x();
    const double height = std::max(row[first].height, row[first + 1].height);
    if (pitch < narrowestComb * height || pitch > widestComb * height) return comb;
    int boxes = 0;
    for (size_t i = first + 1; i < row.size(); ++i) {
        const int on = boxesBetween(comb.back(), row[i], pitch);
        if (on == 0) break;
        boxes += on;
        comb.push_back(row[i]);
        comb.back().boxesOn = on;
        pitch = (row[i].middle.x() - comb.front().middle.x()) / boxes; // the longer, the better known
    }
    return comb;
}

// Columns of a table of single figures or letters: the row over or under it stands at the same places.
bool isRowOfTable(const std::vector<LetterOfComb>& comb, const std::vector<LetterOfComb>& other) {
    constexpr double nearRow = 3.2, sameColumn = 3; // heights; pixels
    constexpr int fewestColumns = 3;
    const double apart = std::abs(other.front().middle.y() - comb.front().middle.y());
    if (apart < 1 || apart > nearRow * comb.front().height) return false;
    return std::ranges::count_if(comb, [&](const LetterOfComb& letter) {
               return std::ranges::any_of(other, [&](const LetterOfComb& under) {
                   return std::abs(under.middle.x() - letter.middle.x()) <= sameColumn;
               });
           }) >= fewestColumns;
}

bool countsOnEvenly(const QString& text) {
    const int step = text[1].unicode() - text[0].unicode();
    for (qsizetype i = 1; i < text.size(); ++i)
        if (text[i].unicode() - text[i - 1].unicode() != step) return false;
    return step != 0;
}

// Alone in its box a letter was read without the others: what is a figure among letters is the letter like it, and of
// capitals that are written as small letters are but for their size, all are capitals.
QString asOneWord(const QString& text) {
    const LookAlikes& alike = LookAlikes::shipped();
    qsizetype letters = 0, figures = 0;
    for (const QChar c : text) {
        letters += c.isLetter() && digitsRestored(c) == QString(c);
        figures += c.isDigit() && alike.inName(c) == c;
    }
    if (figures >= letters) return letters == 0 && figures > 0 ? digitsRestored(text) : text;
    const auto small = std::ranges::count_if(text, [](QChar c) { return c.isLower(); });
    const bool capitals = 2 * small < letters;
    QString word = capitals ? text.toUpper() : text;
    // Two figures side by side are figures: a number plate's.
    const auto isFigure = [&](qsizetype at) { return at >= 0 && at < text.size() && text[at].isDigit(); };
    for (qsizetype i = 0; i < word.size(); ++i) {
        if (!isFigure(i) || isFigure(i - 1) || isFigure(i + 1)) continue;
        const QChar letter = text[i] == u'1' && capitals ? QChar(u'I') : alike.inName(text[i]);
        word[i] = capitals ? letter.toUpper() : letter;
    }
    return word;
}

void appendLetter(const Word& letter, Word& word) {
    word.text += letter.text;
    word.box = word.box.united(letter.box);
    word.confidence = word.glyphs.empty() ? letter.confidence : std::min(word.confidence, letter.confidence);
    word.glyphs.insert(word.glyphs.end(), letter.glyphs.begin(), letter.glyphs.end());
}

void settle(Word& word) {
    const QString read = std::exchange(word.text, asOneWord(word.text));
    if (word.text != read) word.alternatives << read;
    for (size_t i = 0; i < word.glyphs.size() && word.glyphs.size() == size_t(word.text.size()); ++i)
        word.glyphs[i].text = word.text.mid(qsizetype(i), 1);
}

// One line to the reader already, its letters as far apart.
bool isSetApart(const Word& word, double xHeight) {
    constexpr double apart = 2.2; // heights of a small x; letters of a word stand 1.3 apart, of a spaced heading 1.8
    if (word.glyphs.size() < fewestInComb) return false;
    const double first = word.glyphs.front().box.center().x(), last = word.glyphs.back().box.center().x();
    return last - first >= apart * std::max(4.0, xHeight) * double(word.glyphs.size() - 1);
}

// "L|O|R|E|N", "A|B||C|D": a line whose walls between boxes were read. The letters, each with the number of walls
// before it; nothing where the line is not of that form.
struct Walled {
    Glyph letter;
    int walls = 0;
};
std::vector<Walled> lettersBetweenWalls(const TextLine& line) {
    std::vector<Walled> letters;
    int walls = 0;
    for (const Word& word : line.words)
        for (const Glyph& glyph : word.glyphs) {
            if (glyph.text == QLatin1String("|")) {
                ++walls;
                continue;
            }
            const bool alone = glyph.text.size() == 1 && glyph.text[0].isLetterOrNumber();
            if (!alone || (walls == 0 && !letters.empty())) return {};
            letters.push_back({glyph, std::exchange(walls, 0)});
        }
    return letters.size() < fewestInComb ? std::vector<Walled>() : letters;
}

void takeOutWalls(TextLine& line) {
    const std::vector<Walled> letters = lettersBetweenWalls(line);
    if (letters.empty()) return;
    QString all;
    int fewestWalls = letters[1].walls;
    for (size_t i = 0; i < letters.size(); ++i) {
        all += letters[i].letter.text;
        if (i > 0) fewestWalls = std::min(fewestWalls, letters[i].walls);
    }
    if (countsOnEvenly(all)) return;
    line.words.clear();
    for (size_t i = 0; i < letters.size(); ++i) {
        const Glyph& glyph = letters[i].letter;
        if (i == 0 || letters[i].walls > fewestWalls) line.words.emplace_back();
        appendLetter(Word{glyph.text, glyph.box, glyph.confidence, {glyph}, {}}, line.words.back());
    }
    for (Word& word : line.words) settle(word);
}

TextLine wordsOfComb(const std::vector<TextLine>& lines, const std::vector<LetterOfComb>& comb) {
    TextLine whole = lines[comb.front().line];
    whole.words.clear();
    for (size_t i = 0; i < comb.size(); ++i) {
        const TextLine& letter = lines[comb[i].line];
        if (comb[i].boxesOn != 1) whole.words.emplace_back();
        appendLetter(letter.words[0], whole.words.back());
        whole.box = whole.box.united(letter.box);
        whole.xHeight = std::max(whole.xHeight, letter.xHeight);
        if (i > 0) whole.rules.insert(whole.rules.end(), letter.rules.begin(), letter.rules.end());
    }
    for (Word& word : whole.words) settle(word);
    return whole;
}

} // namespace

void joinCombs(std::vector<TextLine>& lines) {
    for (TextLine& line : lines) takeOutWalls(line);
    for (TextLine& line : lines)
        for (Word& word : line.words)
            if (isSetApart(word, line.xHeight)) settle(word);
    std::vector<char> taken(lines.size(), 0);
    std::vector<TextLine> wholes;
    const auto rows = rowsOfLetters(lines);
    const auto isBare = [&](const LetterOfComb& letter) { return lines[letter.line].rules.empty(); };
    for (const std::vector<LetterOfComb>& row : rows)
        for (size_t i = 0; i < row.size();) {
            const std::vector<LetterOfComb> comb = combFrom(row, i);
            QString text;
            for (const LetterOfComb& letter : comb) text += lines[letter.line].words[0].text;
            // Without walls, rows at the same places are a table's.
            const bool table = comb.size() >= fewestInComb && std::ranges::all_of(comb, isBare) &&
                               std::ranges::any_of(rows, [&](const auto& other) { return isRowOfTable(comb, other); });
            if (comb.size() < fewestInComb || table || countsOnEvenly(text)) {
                ++i;
                continue;
            }
            wholes.push_back(wordsOfComb(lines, comb));
            for (const LetterOfComb& letter : comb) taken[letter.line] = 1;
            i += comb.size();
        }
    if (wholes.empty()) return;
    size_t at = 0;
    std::erase_if(lines, [&](const TextLine&) { return taken[at++]; });
    lines.insert(lines.end(), std::make_move_iterator(wholes.begin()), std::make_move_iterator(wholes.end()));
}

} // namespace eyelid
