#include "finding/screen_text.h"

#include "base/sentence.h"
#include "base/shipped.h"
#include "finding/labels.h"
#include "language/spelling.h"
#include "picture/geometry.h"
#include "reading/page_text.h"

#include <algorithm>
#include <cmath>
#include <QHash>
#include <QRegularExpression>
#include <QSet>

namespace eyelid {
QString LabelledValue::because() const {
    switch (how) {
    case How::Inside:
        return Tr::tr("follows the label \"%1\"").arg(label);
    case How::Beside:
        return Tr::tr("stands beside the label \"%1\"").arg(label);
    case How::Above:
        return Tr::tr("stands under the label \"%1\"").arg(label);
    case How::Below:
        return Tr::tr("stands over the label \"%1\"").arg(label);
    case How::Heading:
        return Tr::tr("stands in a column headed \"%1\"").arg(label);
    }
    return {};
}

ScreenText::ScreenText(const Page& page, std::span<const QStringList> labels) : m_page(page) {
    for (size_t i = 0; i < page.lines.size(); ++i) {
        TextRun run;
        run.line = int(i);
        run.search = SearchText(page.lines[i].text());
        run.joint = int(run.text().size());
        m_runs.push_back(std::move(run));
    }
    findNeighbours();
    m_above.assign(m_below.size(), -1);
    for (size_t i = 0; i < m_below.size(); ++i)
        if (m_below[i] >= 0) m_above[size_t(m_below[i])] = int(i);
    joinLines();
    findMail();
    m_language =
        languageOf(page, {QStringLiteral("eng"), QStringLiteral("deu"), QStringLiteral("fra"), QStringLiteral("spa")});
    findLabels(labels);
}

void ScreenText::joinLines() {
    const auto joined = [&](size_t upper, int lower, QLatin1String between) {
        TextRun run;
        run.line = int(upper);
        run.second = lower;
        run.joint = int(m_runs[upper].text().size() + between.size());
        run.search = SearchText(m_runs[upper].text() + between + m_runs[size_t(lower)].text());
        return run;
    };
    const QLatin1String none, space(" ");
    for (size_t i = 0; i < m_runs.size(); ++i) {
        const QString& text = m_runs[i].text();
        // Elsewhere what wraps fills its line; a short cell above another is a column, unless it ends in "Rue de".
        constexpr qsizetype fewest = 16;
        static const QRegularExpression goesOn(QStringLiteral(
            "\\p{L} (?:of|the|von|van|der|den|zum|zur|am|im|de|du|des|la|le|les|sur|sous|del|las|los)$"));
        if (m_below[i] < 0 || (text.size() < fewest && !text.contains(goesOn))) continue;
        m_wrapped.push_back(joined(i, m_below[i], none));
        m_flowing.push_back(joined(i, m_below[i], space));
    }
}

void ScreenText::findMail() {
    const auto& lines = m_page.lines;
    m_nearMail.assign(lines.size(), 0);
    for (size_t i = 0; i < lines.size(); ++i) {
        if (!m_runs[i].text().contains(QLatin1Char('@'))) continue;
        const double reach = 5 * std::max(4.0, lines[i].xHeight);
        const QRectF around = lines[i].box.adjusted(-reach, -reach, reach, reach);
        for (size_t j = 0; j < lines.size(); ++j)
            if (around.intersects(lines[j].box)) m_nearMail[j] = 1;
    }
}

void ScreenText::findNeighbours() {
    const auto& lines = m_page.lines;
    const size_t n = lines.size();
    m_below.assign(n, -1);
    m_beside.assign(n, -1);
    // Lines come sorted by their top, so what can be near is near in the list.
    for (size_t i = 0; i < n; ++i) {
        const QRectF& a = lines[i].box;
        const double size = std::max(4.0, lines[i].xHeight);
        double nearest = 1e9;
        for (size_t j = i + 1; j < n && lines[j].box.top() < a.bottom() + 3.0 * size; ++j) {
            const QRectF& b = lines[j].box;
            if (b.top() < a.bottom() - 0.3 * size || std::abs(b.left() - a.left()) > 1.3 * size) continue;
            const double ratio = lines[j].xHeight / size;
            if (ratio < 0.6 || ratio > 1.7) continue;
            if (b.top() < nearest) {
                nearest = b.top();
                m_below[i] = int(j);
            }
        }
        // In one row, or set off a little: a label stands at the top of its field. One in the row goes first.
        constexpr double inRow = 0.5, setOff = 0.3;
        double closest = 1e9, closestSetOff = 1e9;
        int atTop = -1;
        const auto beside = [&](size_t j) {
            const QRectF& b = lines[j].box;
            if (j == i || b.right() > a.left()) return;
            const double share = verticalShare(a, b), gap = a.left() - b.right();
            if (share >= inRow && gap < closest) {
                closest = gap;
                m_beside[i] = int(j);
            } else if (share >= setOff && gap < closestSetOff) {
                closestSetOff = gap;
                atTop = int(j);
            }
        };
        for (size_t j = i + 1; j < n && lines[j].box.top() <= a.bottom(); ++j) beside(j);
        for (size_t j = i; j-- > 0 && lines[j].box.top() > a.top() - 6 * size;) beside(j);
        if (m_beside[i] < 0) m_beside[i] = atTop;
    }
}

// What strikes a value through, underlines or frames it tells how long it is.
static QRectF withRules(QRectF box, const TextLine& line) {
    if (box.isNull()) return box;
    const QRectF letters = box;
    for (const QRectF& rule : line.rules) {
        const bool upright = rule.height() > rule.width();
        const double far = std::max(rule.top() - letters.bottom(), letters.top() - rule.bottom());
        if (far > letters.height() / 2) continue;
        if (!upright && rule.left() < letters.right() && rule.right() > letters.left()) {
            box.setTop(std::min(box.top(), rule.top()));
            box.setBottom(std::max(box.bottom(), rule.bottom()));
        } else if (upright && far < 0 &&
                   std::max(rule.left() - letters.right(), letters.left() - rule.right()) < letters.height()) {
            box.setLeft(std::min(box.left(), rule.left()));
            box.setRight(std::max(box.right(), rule.right()));
        }
    }
    return box;
}

// The places of part of a word: itself, or its glyphs. Where it is known only roughly where a glyph ends, a comma or
// bracket beside the part gives half of its room.
static std::vector<QRectF> placesOf(const Word& word, int from, int to) {
    double tallest = 0;
    for (const Glyph& glyph : word.glyphs) tallest = std::max(tallest, glyph.box.height());
    constexpr double most = 1.6; // of the tallest glyph: higher is a word only that goes on on the next line
    const bool overLines = tallest > 0 && word.box.height() > most * tallest;
    if (from == 0 && to == int(word.text.size()) && !overLines) return {word.box};
    std::vector<QRectF> places;
    int at = 0;
    for (const Glyph& glyph : word.glyphs) {
        const int end = at + int(glyph.text.size());
        QRectF part = glyph.box;
        const bool mark = !glyph.text[0].isLetterOrNumber() && !glyph.exact;
        if (mark && end == from)
            part.setLeft(part.center().x());
        else if (mark && at == to)
            part.setRight(part.center().x());
        else if (at >= to || end <= from)
            part = QRectF();
        if (!part.isNull()) places.push_back(part);
        at = end;
    }
    return places;
}

// One box for each row of a cell that goes on over several (whole_cells.h).
std::vector<QRectF> ScreenText::boxesOnLine(int line, int start, int length) const {
    std::vector<QRectF> rows;
    int at = 0;
    for (const Word& word : m_page.lines[size_t(line)].words) {
        const int size = int(word.text.size());
        const int from = std::max(start, at), to = std::min(start + length, at + size);
        if (from < to)
            for (const QRectF& place : placesOf(word, from - at, to - at)) {
                const bool next =
                    rows.empty() || (place.center().y() > rows.back().bottom() && place.left() < rows.back().right());
                if (next)
                    rows.push_back(place);
                else
                    rows.back() |= place;
            }
        at += size + 1;
    }
    for (QRectF& row : rows) row = withRules(row, m_page.lines[size_t(line)]);
    return rows;
}

std::vector<QRectF> ScreenText::boxes(const TextRun& run, const Span& span) const {
    std::vector<QRectF> result;
    const int firstLength = std::min(span.end(), run.joint) - span.start;
    if (firstLength > 0) result = boxesOnLine(run.line, span.start, firstLength);
    if (run.second >= 0 && span.end() > run.joint) {
        const int start = std::max(0, span.start - run.joint);
        for (const QRectF& box : boxesOnLine(run.second, start, span.end() - run.joint - start)) result.push_back(box);
    }
    return result;
}

} // namespace eyelid
