#include "reading/tables.h"

#include <algorithm>
#include <cmath>
#include <numeric>

namespace eyelid {
namespace {

struct Row {
    std::vector<int> lines; // from left to right
    double top = 0, bottom = 0, size = 0;
    double middle() const { return (top + bottom) / 2; }
};

// Lines at one height. A row is where their baselines agree.
std::vector<Row> rowsOf(const Page& page) {
    std::vector<int> order;
    for (int i = 0; i < int(page.lines.size()); ++i)
        if (page.lines[size_t(i)].turned == 0 && !page.lines[size_t(i)].words.empty()) order.push_back(i);
    std::stable_sort(order.begin(), order.end(),
                     [&](int a, int b) { return page.lines[size_t(a)].baseline < page.lines[size_t(b)].baseline; });
    std::vector<Row> rows;
    for (const int i : order) {
        const TextLine& line = page.lines[size_t(i)];
        Row* row = rows.empty() ? nullptr : &rows.back();
        const double last = row ? page.lines[size_t(row->lines.back())].baseline : 0;
        if (!row || line.baseline - last > 0.45 * std::max(4.0, line.xHeight)) {
            rows.emplace_back();
            row = &rows.back();
            row->top = line.box.top();
            row->bottom = line.box.bottom();
        }
        row->lines.push_back(i);
        row->top = std::min(row->top, line.box.top());
        row->bottom = std::max(row->bottom, line.box.bottom());
        row->size = std::max(row->size, line.xHeight);
    }
    for (Row& row : rows)
        std::sort(row.lines.begin(), row.lines.end(),
                  [&](int a, int b) { return page.lines[size_t(a)].box.left() < page.lines[size_t(b)].box.left(); });
    return rows;
}

// How two cells of neighbouring rows are aligned: left, right or middle within half a letter.
bool aligned(const QRectF& a, const QRectF& b, double size) {
    const double tolerance = 0.6 * std::max(4.0, size);
    return std::abs(a.left() - b.left()) < tolerance || std::abs(a.right() - b.right()) < tolerance ||
           std::abs(a.center().x() - b.center().x()) < tolerance;
}

int sharedColumns(const Page& page, const Row& a, const Row& b) {
    int shared = 0;
    for (const int i : a.lines)
        for (const int j : b.lines) {
            const QRectF &x = page.lines[size_t(i)].box, &y = page.lines[size_t(j)].box;
            if (aligned(x, y, a.size) && x.left() < y.right() && y.left() < x.right()) {
                ++shared;
                break;
            }
        }
    return shared;
}

bool hasDigit(const QString& text) {
    return std::any_of(text.begin(), text.end(), [](QChar c) { return c.isDigit(); });
}

Table build(const Page& page, const std::vector<Row>& rows, size_t first, size_t last) {
    // The columns are the spans that no line of any row but a single wide one crosses: gaps common to all rows.
    double left = 1e9, right = -1e9;
    for (size_t r = first; r <= last; ++r)
        for (const int i : rows[r].lines) {
            left = std::min(left, page.lines[size_t(i)].box.left());
            right = std::max(right, page.lines[size_t(i)].box.right());
        }
    std::vector<int> crossed(size_t(std::max(1.0, right - left)) + 2, 0);
    for (size_t r = first; r <= last; ++r)
        for (const int i : rows[r].lines) {
            const QRectF& b = page.lines[size_t(i)].box;
            for (int x = int(b.left() - left); x < int(b.right() - left) && x < int(crossed.size()); ++x)
                ++crossed[size_t(std::max(0, x))];
        }
    std::vector<std::pair<double, double>> columns;
    int from = -1;
    for (int x = 0; x < int(crossed.size()); ++x) {
        const bool ink = crossed[size_t(x)] > 0;
        if (ink && from < 0) from = x;
        if (!ink && from >= 0) {
            columns.emplace_back(left + from, left + x);
            from = -1;
        }
    }
    Table table;
    for (size_t r = first; r <= last; ++r) {
        std::vector<TableCell> cells(columns.size());
        for (const int i : rows[r].lines) {
            const TextLine& line = page.lines[size_t(i)];
            for (size_t c = 0; c < columns.size(); ++c) {
                if (line.box.center().x() < columns[c].first || line.box.center().x() > columns[c].second) continue;
                TableCell& cell = cells[c];
                if (!cell.text.isEmpty()) cell.text += QLatin1Char(' ');
                cell.text += line.text();
                cell.box = cell.box.united(line.box);
                cell.lines.push_back(i);
                break;
            }
            table.box = table.box.united(line.box);
        }
        table.rows.push_back(std::move(cells));
    }
    // A heading over figures set to the right does not stand over them: two columns of which no row fills both are one.
    for (size_t c = 0; c + 1 < columns.size();) {
        const bool both = std::any_of(table.rows.begin(), table.rows.end(), [&](const auto& row) {
            return !row[c].text.isEmpty() && !row[c + 1].text.isEmpty();
        });
        if (both) {
            ++c;
            continue;
        }
        for (auto& row : table.rows) {
            if (row[c].text.isEmpty()) row[c] = row[c + 1];
            row.erase(row.begin() + std::ptrdiff_t(c) + 1);
        }
        columns.erase(columns.begin() + std::ptrdiff_t(c) + 1);
    }
    // A heading: every cell filled, no figures in it, and figures or other kinds of text below.
    const auto& head = table.rows.front();
    const bool full = std::all_of(head.begin(), head.end(), [](const TableCell& c) { return !c.text.isEmpty(); });
    const bool wordy = std::none_of(head.begin(), head.end(), [](const TableCell& c) { return hasDigit(c.text); });
    bool figures = false;
    for (size_t r = 1; r < table.rows.size(); ++r)
        for (const TableCell& c : table.rows[r]) figures = figures || hasDigit(c.text);
    const double headSize = rows[first].size;
    const bool smaller = std::abs(headSize - rows[std::min(last, first + 1)].size) > 0.5;
    table.headed = full && wordy && (figures || smaller);
    return table;
}

QString escapedHtml(const QString& text) {
    return text.toHtmlEscaped();
}

QString separated(const Table& table, QChar separator, bool quotes) {
    QString all;
    for (const auto& row : table.rows) {
        for (size_t c = 0; c < row.size(); ++c) {
            if (c > 0) all += separator;
            QString text = row[c].text;
            if (quotes &&
                (text.contains(separator) || text.contains(QLatin1Char('"')) || text.contains(QLatin1Char('\n'))))
                text = QLatin1Char('"') + text.replace(QLatin1Char('"'), QLatin1String("\"\"")) + QLatin1Char('"');
            else if (!quotes)
                text.replace(separator, QLatin1Char(' '));
            all += text;
        }
        all += quotes ? QStringLiteral("\r\n") : QStringLiteral("\n");
    }
    return all;
}

} // namespace

std::vector<Table> findTables(const Page& page) {
    std::vector<Table> tables;
    const std::vector<Row> rows = rowsOf(page);
    for (size_t first = 0; first < rows.size();) {
        size_t last = first;
        // Rows that share columns and follow one another at about one pitch.
        // A row with gaps is known by the rows before it, one with a single cell by the one after it as well.
        const auto belongs = [&](size_t next) {
            constexpr size_t back = 4;
            for (size_t r = last + 1; r-- > first && r + back > last;) {
                const size_t fewer = std::min(rows[r].lines.size(), rows[next].lines.size());
                const int shared = sharedColumns(page, rows[r], rows[next]);
                if (shared >= std::max(fewer < 2 ? 1 : 2, int(0.6 * double(fewer)))) return true;
            }
            return false;
        };
        const auto follows = [&](size_t next) {
            return rows[next].top - rows[next - 1].bottom <= 4.5 * std::max(4.0, rows[next - 1].size);
        };
        while (last + 1 < rows.size() && rows[first].lines.size() >= 2 && follows(last + 1) && belongs(last + 1)) {
            const bool lone = rows[last + 1].lines.size() < 2;
            if (lone &&
                !(last + 2 < rows.size() && rows[last + 2].lines.size() >= 2 && follows(last + 2) && belongs(last + 2)))
                break;
            ++last;
        }
        if (last - first >= 2) {
            Table table = build(page, rows, first, last);
            if (table.columns() >= 2) tables.push_back(std::move(table));
        }
        first = last + 1;
    }
    return tables;
}

QString tableCsv(const Table& table) {
    return separated(table, QLatin1Char(','), true);
}

QString tableTsv(const Table& table) {
    return separated(table, QLatin1Char('\t'), false);
}

QString tableHtml(const Table& table) {
    QString all = QStringLiteral("<table>\n");
    for (size_t r = 0; r < table.rows.size(); ++r) {
        const QString tag = r == 0 && table.headed ? QStringLiteral("th") : QStringLiteral("td");
        all += QStringLiteral("<tr>");
        for (const TableCell& cell : table.rows[r])
            all += QStringLiteral("<%1>%2</%1>").arg(tag, escapedHtml(cell.text));
        all += QStringLiteral("</tr>\n");
    }
    return all + QStringLiteral("</table>\n");
}

} // namespace eyelid
