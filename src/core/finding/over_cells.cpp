#include "finding/over_cells.h"

#include "finding/ordinary_word.h"

#include <algorithm>
#include <QRegularExpression>

namespace eyelid {
namespace {

bool isWhole(const Candidate& c) {
    return c.run->second < 0 && c.span.start <= 1 && c.span.end() + 1 >= c.run->text().size();
}

bool areOfOneSize(const TextLine& a, const TextLine& b) {
    constexpr double most = 1.18; // a remark under a value is set smaller
    return a.xHeight < most * b.xHeight && b.xHeight < most * a.xHeight;
}

// "23 33", "9QR": groups of figures, or of few capitals beside them.
bool isOfFigures(const QString& text) {
    static const QRegularExpression groups(
        QStringLiteral("^(?=.*\\d)[\\dA-Z]{1,4}(?:[ .\\-/]+[\\dA-Z]{1,4})*$|^[\\d .\\-/]+$"));
    return groups.match(text).hasMatch();
}

class OtherLines {
public:
    OtherLines(const Surroundings& in, const std::vector<Candidate>& found) : m_in(in), m_found(found) {}

    // The cell of two lines a value is the first or second of, where the other line is of it as well.
    const TextRun* around(const Candidate& c) const {
        for (const TextRun& cell : m_in.screen.inCells()) {
            const bool first = cell.line == c.run->line;
            if (!first && cell.second != c.run->line) continue;
            if (isFree(first ? cell.second : cell.line) && goesOn(c.kind, cell.line, cell.second, !first)) return &cell;
        }
        return nullptr;
    }

private:
    bool isFree(int line) const {
        return std::ranges::none_of(m_found,
                                    [&](const Candidate& c) { return c.run->line == line || c.run->second == line; });
    }
    // `up`: the value is the second line, which may be the whole of it under its label.
    bool goesOn(Kind kind, int upper, int lower, bool up) const {
        const auto& lines = m_in.screen.page().lines;
        if (!areOfOneSize(lines[size_t(upper)], lines[size_t(lower)])) return false;
        const QString first = text(upper), second = text(lower);
        if (first.endsWith(u'-') || first.endsWith(u',')) return true;
        if (kind == Kind::Person) return isHalfName(first) && isHalfName(second);
        if (up) return isOfFigures(first) && isOfFigures(second);
        return isOfFigures(second) || (kind == Kind::Address && m_in.names.isPlace(second));
    }
    bool isHalfName(const QString& word) const {
        return !word.isEmpty() && !word.contains(u' ') && word[0].isUpper() && !isNobodysWord(m_in.names, word);
    }
    QString text(int line) const { return m_in.screen.runs()[size_t(line)].text(); }

    const Surroundings& m_in;
    const std::vector<Candidate>& m_found;
};

} // namespace

void growOverCells(const Surroundings& in, std::vector<Candidate>& found) {
    if (in.screen.inCells().empty()) return;
    for (Candidate& c : found) {
        if (c.kind == Kind::Watch || !isWhole(c)) continue;
        if (const TextRun* cell = OtherLines(in, found).around(c)) {
            const int start = cell->line == c.run->line ? c.span.start : 0;
            c.run = cell;
            c.span = {start, int(cell->text().size()) - start};
        }
    }
}

} // namespace eyelid
