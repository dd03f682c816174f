#include "finding/screen_text.h"

#include "finding/confusables.h"
#include "finding/labels.h"
#include "picture/geometry.h"
#include "reading/page_text.h"

#include <algorithm>
#include <cmath>
#include <QHash>
#include <QRegularExpression>

namespace eyelid {
QString LabelledValue::because() const {
    switch (how) {
    case How::Inside:
        return QStringLiteral("follows the label \"%1\"").arg(label);
    case How::Beside:
        return QStringLiteral("stands beside the label \"%1\"").arg(label);
    case How::Above:
        return QStringLiteral("stands under the label \"%1\"").arg(label);
    case How::Heading:
        return QStringLiteral("stands in a column headed \"%1\"").arg(label);
    }
    return {};
}

ScreenText::ScreenText(const Page& page, std::span<const QStringList> labels) : m_page(page) {
    for (size_t i = 0; i < page.lines.size(); ++i) {
        Run run;
        run.line = int(i);
        run.search = SearchText(page.lines[i].text());
        run.joint = int(run.text().size());
        m_runs.push_back(std::move(run));
    }
    findNeighbours();
    m_above.assign(m_below.size(), -1);
    for (size_t i = 0; i < m_below.size(); ++i)
        if (m_below[i] >= 0) m_above[size_t(m_below[i])] = int(i);
    for (size_t i = 0; i < page.lines.size(); ++i) {
        const int below = m_below[i];
        if (below < 0) continue;
        // What wraps fills its line; a short cell above another is a column.
        if (m_runs[i].text().size() < 16) continue;
        Run run;
        run.line = int(i);
        run.second = below;
        run.joint = int(m_runs[i].text().size());
        run.search = SearchText(m_runs[i].text() + m_runs[size_t(below)].text());
        Run flowing = run;
        flowing.search = SearchText(m_runs[i].text() + QLatin1Char(' ') + m_runs[size_t(below)].text());
        ++flowing.joint;
        m_wrapped.push_back(std::move(run));
        m_flowing.push_back(std::move(flowing));
    }
    findMail();
    m_language =
        languageOf(page, {QStringLiteral("eng"), QStringLiteral("deu"), QStringLiteral("fra"), QStringLiteral("spa")});
    findLabels(labels);
}

namespace {

// Kinds whose detectors ask for a form besides the label: a label that may speak for two values does no harm.
bool toldByForm(Kind kind) {
    return kind != Kind::Person && kind != Kind::Address && kind != Kind::Health && kind != Kind::Username &&
           kind != Kind::Secret && kind != Kind::Record;
}

} // namespace

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
        double closest = 1e9;
        const auto beside = [&](size_t j) {
            const QRectF& b = lines[j].box;
            if (j == i || b.right() > a.left() || verticalShare(a, b) < 0.5) return;
            if (a.left() - b.right() < closest) {
                closest = a.left() - b.right();
                m_beside[i] = int(j);
            }
        };
        for (size_t j = i + 1; j < n && lines[j].box.top() <= a.bottom(); ++j) beside(j);
        for (size_t j = i; j-- > 0 && lines[j].box.top() > a.top() - 6 * size;) beside(j);
    }
}

void ScreenText::findLabels(std::span<const QStringList> labels) {
    QHash<QString, LabelHit> ofPolicy;
    for (size_t kind = 0; kind < labels.size(); ++kind)
        for (const QString& phrase : labels[kind]) ofPolicy.insert(skeleton(phrase), {Kind(kind), phrase, true});
    const auto hitOf = [&](const QString& text) -> std::optional<LabelHit> {
        if (!ofPolicy.isEmpty())
            if (const auto found = ofPolicy.constFind(skeleton(text)); found != ofPolicy.constEnd()) return *found;
        return labelHit(text);
    };
    const auto& lines = m_page.lines;
    const size_t n = lines.size();
    const auto whole = [&](size_t i) { return Span{0, int(m_runs[i].text().size())}; };
    std::vector<std::optional<LabelHit>> hits(n);
    for (size_t i = 0; i < n; ++i)
        if (!m_runs[i].text().contains(coverBlock)) hits[i] = hitOf(m_runs[i].text()); // else it has its value

    // After a colon or an equals sign on the same line: "Name: …", "token=…", "\"email\": \"…\"". How long a key may be
    // is counted below: counted by the patterns, each letter of it is a copy of all letters there are, and compiling
    // them takes longer than the page.
    constexpr int longestKey = 43;
    static const Pattern keyed(R"RX(["']?([\p{L}][\p{L}\d _.\-/]*?)["']?(?:\s{0,2}:\s{0,2}|\s=\s)["']?([^\s"'].*))RX");
    static const Pattern key(
        R"RX(([\p{L}][\p{L}\d_\-]+(?: [\p{L}][\p{L}\d_\-]+){0,3})["']? ?[:=]["' ]{0,2}([^\s"',;&<>]+))RX");
    for (size_t i = 0; i < n; ++i) {
        const QString& text = m_runs[i].text();
        // Most lines hold neither, and the patterns are costly.
        if (!text.contains(QLatin1Char(':')) && !text.contains(QLatin1Char('='))) continue;
        bool taken = false;
        for (const PatternMatch& m : keyed.all(m_runs[i].search)) {
            if (m.groups[0].start > 2 || m.groups[1].length > longestKey) break;
            const auto hit = hitOf(m.text(m_runs[i].search, 1));
            if (!hit) break;
            Span value = m.groups[2];
            const QString t = m.text(m_runs[i].search, 2);
            // A quoted value ends at its closing quote.
            const qsizetype quote = t.indexOf(QRegularExpression(QStringLiteral("[\"”“],?\\s*[,}]?\\s*$")));
            if (quote > 0) value.length = int(quote);
            m_labelled.push_back({hit->kind, int(i), value, LabelledValue::How::Inside, hit->word, hit->whole});
            taken = true;
            break;
        }
        for (const PatternMatch& m : key.all(m_runs[i].search)) {
            if (taken && m.groups[0].start <= 2) continue;
            const auto hit = hitOf(m.text(m_runs[i].search, 1));
            if (hit)
                m_labelled.push_back(
                    {hit->kind, int(i), m.groups[2], LabelledValue::How::Inside, hit->word, hit->whole});
        }
    }
    // A form is written label over value when a label stands nearer to what is below it than that does to what follows.
    // In rows of label and value all lines keep the same distance.
    const auto gap = [&](int upper, int lower) {
        return lines[size_t(lower)].box.top() - lines[size_t(upper)].box.bottom();
    };
    std::vector<int> above(n, -1);
    for (size_t i = 0; i < n; ++i)
        if (m_below[i] >= 0) above[size_t(m_below[i])] = int(i);
    const auto stacked = [&](size_t label) {
        const int value = m_below[label];
        if (value < 0) return false;
        const double own = gap(int(label), value);
        const int next = m_below[size_t(value)], before = above[label];
        if (next >= 0) return own < 0.8 * gap(value, next);
        if (before >= 0) return own < 0.8 * gap(before, int(label));
        return own < 1.2 * lines[label].xHeight;
    };
    // Headings: a label in a row of at least two short cells speaks for the column below it.
    std::vector<char> heads(n, 0);
    for (size_t h = 0; h < n; ++h) {
        if (!hits[h] || !hits[h]->whole) continue;
        // A key of code or a form's label with a colon speaks for what follows it, not for what stands below.
        const QString& headText = m_runs[h].text();
        if (headText.contains(QLatin1Char(':')) || headText.contains(QLatin1Char('"')) ||
            headText.contains(QLatin1Char('=')))
            continue;
        if (stacked(h)) continue;
        const QRectF& head = lines[h].box;
        const double size = std::max(4.0, lines[h].xHeight);
        double next = 1e9, previous = -1e9;
        int cells = 0;
        for (size_t j = 0; j < n; ++j) {
            if (j == h || verticalShare(lines[j].box, head) < 0.5 || lines[j].words.size() > 5) continue;
            ++cells;
            if (lines[j].box.left() > head.right()) next = std::min(next, lines[j].box.left());
            if (lines[j].box.right() < head.left()) previous = std::max(previous, lines[j].box.right());
        }
        if (cells == 0) continue;
        // The column reaches from half way to its neighbour on the left to the neighbour on the right.
        const double from = previous < -1e8 ? head.left() - 4 * size : std::max(previous, head.left() - 8 * size);
        double last = head.bottom(), pitch = 0;
        std::vector<LabelledValue> column;
        for (size_t j = h + 1; j < n; ++j) {
            const QRectF& b = lines[j].box;
            if (b.top() < head.bottom() - 1) continue;
            const bool inColumn =
                b.left() >= from && b.left() < next - size &&
                (std::abs(b.left() - head.left()) <= 3 * size || std::abs(b.right() - head.right()) <= 3 * size ||
                 std::abs(b.center().x() - head.center().x()) <= 2 * size);
            if (!inColumn) continue;
            const double distance = b.top() - last;
            if (distance > std::max(8 * size, 2.5 * pitch)) break;
            // A block of lines ends where the next stands clearly farther off than its own lines do.
            if (column.size() >= 2 && distance > size && distance > 3 * (pitch - b.height()) + size) break;
            if (pitch == 0 && distance > 0) pitch = distance + b.height();
            // What runs on under the next heading is no cell of this column.
            if (b.right() > next + size) break;
            last = b.bottom();
            if (hits[j] && hits[j]->whole && hits[j]->kind != hits[h]->kind) {
                // Of two columns the left one holds labels: rows of a form, not a table.
                if (cells == 1) column.clear();
                break;
            }
            column.push_back({hits[h]->kind, int(j), whole(j), LabelledValue::How::Heading, hits[h]->word, true});
        }
        heads[h] = cells >= 2 && column.size() >= 2;
        m_labelled.insert(m_labelled.end(), column.begin(), column.end());
    }
    // Beside: the next line to the left is a label.
    for (size_t i = 0; i < n; ++i) {
        const int j = m_beside[i];
        // A heading's neighbour is the next heading.
        if (j < 0 || !hits[size_t(j)] || hits[i] || heads[size_t(j)] || stacked(size_t(j))) continue;
        const double distance = lines[i].box.left() - lines[size_t(j)].box.right();
        if (distance > 40 * std::max(4.0, lines[i].xHeight)) continue;
        m_labelled.push_back({hits[size_t(j)]->kind, int(i), whole(i), LabelledValue::How::Beside,
                              hits[size_t(j)]->word, hits[size_t(j)]->whole});
    }
    // Above: the label stands on top of its value.
    std::vector<char> hasValueBeside(n, 0);
    for (size_t i = 0; i < n; ++i)
        if (const int j = m_beside[i]; j >= 0 && !hits[i]) hasValueBeside[size_t(j)] = 1;
    for (size_t j = 0; j < n; ++j) {
        const int i = m_below[j];
        if (i < 0 || !hits[j] || hits[size_t(i)] || (hasValueBeside[j] && !stacked(j) && !toldByForm(hits[j]->kind)))
            continue;
        if (lines[size_t(i)].box.top() - lines[j].box.bottom() > 2.2 * std::max(4.0, lines[j].xHeight)) continue;
        m_labelled.push_back(
            {hits[j]->kind, i, whole(size_t(i)), LabelledValue::How::Above, hits[j]->word, hits[j]->whole});
    }
}

QRectF ScreenText::boxOnLine(int line, int start, int length) const {
    QRectF box;
    int at = 0;
    for (const Word& word : m_page.lines[size_t(line)].words) {
        const int size = int(word.text.size());
        const int from = std::max(start, at), to = std::min(start + length, at + size);
        if (from < to) {
            if (from == at && to == at + size) {
                box = box.isNull() ? word.box : box.united(word.box);
            } else {
                // Part of a word: its glyphs. Where it is known only roughly where a glyph ends, a comma or bracket
                // beside it gives half of its room.
                int glyphAt = at;
                for (const Glyph& glyph : word.glyphs) {
                    const int end = glyphAt + int(glyph.text.size());
                    QRectF part = glyph.box;
                    const bool mark = !glyph.text[0].isLetterOrNumber() && !glyph.exact;
                    if (mark && end == from)
                        part.setLeft(part.center().x());
                    else if (mark && glyphAt == to)
                        part.setRight(part.center().x());
                    else if (glyphAt >= to || end <= from)
                        part = QRectF();
                    if (!part.isNull()) box = box.isNull() ? part : box.united(part);
                    glyphAt = end;
                }
            }
        }
        at += size + 1;
    }
    return box;
}

std::vector<QRectF> ScreenText::boxes(const Run& run, const Span& span) const {
    std::vector<QRectF> result;
    const int firstLength = std::min(span.end(), run.joint) - span.start;
    if (firstLength > 0)
        if (const QRectF box = boxOnLine(run.line, span.start, firstLength); !box.isNull()) result.push_back(box);
    if (run.second >= 0 && span.end() > run.joint) {
        const int start = std::max(0, span.start - run.joint);
        if (const QRectF box = boxOnLine(run.second, start, span.end() - run.joint - start); !box.isNull())
            result.push_back(box);
    }
    return result;
}

} // namespace eyelid
