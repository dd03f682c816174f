#include "finding/delimited_rows.h"

#include <algorithm>

namespace eyelid {
namespace {

constexpr size_t fewestFields = 3, fewestRows = 2;
constexpr int mostSpaces = 2; // within a name of a field: what has more is a sentence

Span trimmed(const QString& row, int from, int to) {
    const auto isAround = [&](int at) { return row[at].isSpace() || row[at] == u'"' || row[at] == u'\''; };
    while (from < to && isAround(from)) ++from;
    while (to > from && isAround(to - 1)) --to;
    return {from, to - from};
}

bool isName(const QString& field) {
    return !field.isEmpty() && field[0].isLetter() && field.count(u' ') <= mostSpaces &&
           std::none_of(field.begin(), field.end(), [](QChar c) { return c.isDigit(); });
}

bool isHeader(const QString& row, const std::vector<Span>& fields) {
    return fields.size() >= fewestFields &&
           std::all_of(fields.begin(), fields.end(), [&](const Span& f) { return isName(row.mid(f.start, f.length)); });
}

} // namespace

std::vector<Span> fieldsOf(const QString& row, QChar delimiter) {
    std::vector<Span> fields;
    int from = 0;
    bool quoted = false;
    for (int at = 0; at < int(row.size()); ++at) {
        if (row[at] == u'"') quoted = !quoted;
        if (quoted || row[at] != delimiter) continue;
        fields.push_back(trimmed(row, from, at));
        from = at + 1;
    }
    fields.push_back(trimmed(row, from, int(row.size())));
    return fields;
}

std::vector<DelimitedTable> findDelimited(const std::vector<QString>& texts) {
    std::vector<DelimitedTable> tables;
    for (const QChar delimiter : {u',', u';', u'\t'}) {
        std::vector<std::vector<Span>> fields;
        for (const QString& text : texts)
            fields.push_back(text.contains(delimiter) ? fieldsOf(text, delimiter) : std::vector<Span>());
        for (size_t h = 0; h + fewestRows < texts.size(); ++h) {
            if (!isHeader(texts[h], fields[h])) continue;
            DelimitedTable table{h, delimiter, {}};
            for (size_t row = h + 1; row < texts.size(); ++row)
                if (fields[row].size() == fields[h].size()) table.rows.push_back(row);
            if (table.rows.size() >= fewestRows) tables.push_back(std::move(table));
        }
    }
    return tables;
}

} // namespace eyelid
