#include "finding/rows_of_heads.h"

#include "finding/person_words.h"
#include "picture/geometry.h"

#include <algorithm>
#include <cmath>

namespace eyelid {
namespace {

// What stands in the column of a line, over and under it.
struct HeadedColumn {
    int over = 0, under = 0, others = 0; ///< values over it; values under it, and lines that are none
    bool headsValues() const { return over == 0 && under >= 2 && under > others; }
};

HeadedColumn headedBy(const std::vector<TextLine>& lines, size_t line, const std::vector<char>& taken) {
    constexpr double aligned = 0.5; // heights of a small x
    const TextLine& head = lines[line];
    HeadedColumn column;
    for (size_t j = 0; j < lines.size(); ++j) {
        if (j == line || std::abs(lines[j].box.left() - head.box.left()) > aligned * head.xHeight) continue;
        if (lines[j].box.bottom() < head.box.top()) column.over += taken[j];
        if (lines[j].box.top() > head.box.bottom()) ++(taken[j] ? column.under : column.others);
    }
    return column;
}

// "IP", "Login"; "Mon".
bool namesField(const ScreenText& screen, int line) {
    const auto& label = screen.labelOf(line);
    if (label && label->whole) return true;
    const std::vector<Token> words = tokensOf(screen.runs()[size_t(line)]);
    return words.size() == 1 && isCalendarWord(words[0]);
}

} // namespace

bool isInRowOfHeads(const ScreenText& screen, int line, const std::vector<char>& taken) {
    constexpr double oneRow = 0.5; // share of two heights
    const auto& lines = screen.page().lines;
    if (headedBy(lines, size_t(line), taken).over > 0) return false;
    bool named = false;
    for (size_t j = 0; j < lines.size(); ++j) {
        if (int(j) == line || verticalShare(lines[j].box, lines[size_t(line)].box) < oneRow) continue;
        if (taken[j]) return false;
        named = named || namesField(screen, int(j)) || headedBy(lines, j, taken).headsValues();
    }
    return named;
}

} // namespace eyelid
