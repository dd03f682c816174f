#include "finding/barred_cells.h"

#include <algorithm>
#include <QRegularExpression>

namespace eyelid {
namespace {

constexpr QChar bar = u'|';
constexpr double straight = 0.6; // heights of a small x that bars over one another may be apart
constexpr int fewestOthers = 2;  // rows besides one's own that make a table
constexpr int fewestWithin = 2;  // bars within the words of such a row

bool isBar(const Word& word) {
    return word.text == bar;
}

bool isOfMessage(const TextLine& line) {
    static const QRegularExpression segment(QStringLiteral("^[A-Z][A-Z\\d]{2}\\|")); // HL7 v2, 2.5
    return segment.match(line.text()).hasMatch();
}

int barsWithin(const TextLine& line) {
    int bars = 0;
    for (const Word& word : line.words)
        if (!isBar(word)) bars += int(word.text.count(bar));
    return bars;
}

// The parts of a word between its bars, those that are empty as well.
std::vector<Word> parted(const Word& word) {
    std::vector<Word> parts(1);
    for (const Glyph& glyph : word.glyphs) {
        if (glyph.text == bar) {
            parts.emplace_back();
            continue;
        }
        Word& part = parts.back();
        part.text += glyph.text;
        part.box = part.box.united(glyph.box);
        part.confidence = word.confidence;
        part.glyphs.push_back(glyph);
    }
    return parts;
}

class Rows {
public:
    explicit Rows(const std::vector<TextLine>& lines) : m_lines(lines), m_within(lines.size()) {
        for (size_t i = 0; i < lines.size(); ++i) {
            if (lines[i].turned || isOfMessage(lines[i])) continue;
            m_within[i] = barsWithin(lines[i]);
            for (const Word& word : lines[i].words)
                if (isBar(word)) m_bars.push_back({i, word.box.center().x()});
        }
    }

    bool isSide(size_t line, const Word& word) const {
        const double x = word.box.center().x(), reach = straight * std::max(4.0, m_lines[line].xHeight);
        return isBar(word) && std::count_if(m_bars.begin(), m_bars.end(), [&](const Bar& other) {
                                  return other.line != line && std::abs(other.x - x) <= reach;
                              }) >= fewestOthers;
    }

    bool isPartedWithin(size_t line) const {
        return m_within[line] >= fewestWithin &&
               std::count(m_within.begin(), m_within.end(), m_within[line]) > fewestOthers;
    }

private:
    struct Bar {
        size_t line;
        double x;
    };
    const std::vector<TextLine>& m_lines;
    std::vector<int> m_within; // bars within words, by line
    std::vector<Bar> m_bars;   // those that stand by themselves
};

void addCell(const TextLine& row, std::vector<Word>& words, std::vector<TextLine>& cells) {
    if (words.empty()) return;
    TextLine cell = row;
    cell.box = {};
    for (const Word& word : words) cell.box = cell.box.united(word.box);
    cell.words = std::move(words);
    words.clear();
    cells.push_back(std::move(cell));
}

std::vector<TextLine> cellsOf(const Rows& rows, const TextLine& row, size_t line) {
    std::vector<TextLine> cells;
    std::vector<Word> words;
    const bool within = rows.isPartedWithin(line);
    for (const Word& word : row.words) {
        if (rows.isSide(line, word)) {
            addCell(row, words, cells);
            continue;
        }
        if (!within || !word.text.contains(bar)) {
            words.push_back(word);
            continue;
        }
        bool first = true;
        for (Word& part : parted(word)) {
            if (!first) addCell(row, words, cells);
            first = false;
            if (!part.text.isEmpty()) words.push_back(std::move(part));
        }
    }
    addCell(row, words, cells);
    return cells;
}

} // namespace

std::optional<Page> withBarredCells(const Page& page) {
    const auto hasBar = [](const TextLine& line) {
        return std::any_of(line.words.begin(), line.words.end(), [](const Word& w) { return w.text.contains(bar); });
    };
    if (std::count_if(page.lines.begin(), page.lines.end(), hasBar) <= fewestOthers) return std::nullopt;
    const Rows rows(page.lines);
    Page parted = page;
    parted.lines.clear();
    for (size_t i = 0; i < page.lines.size(); ++i) {
        if (!hasBar(page.lines[i])) {
            parted.lines.push_back(page.lines[i]);
            continue;
        }
        for (TextLine& cell : cellsOf(rows, page.lines[i], i)) parted.lines.push_back(std::move(cell));
    }
    return parted;
}

} // namespace eyelid
