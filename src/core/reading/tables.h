// Tables on a page, told by how their lines stand: rows by common height, columns by common edges or middles.
#pragma once

#include "reading/page.h"

namespace eyelid {

struct TableCell {
    QString text;           ///< lines of a cell joined by a space
    QRectF box;             ///< null for an empty cell
    std::vector<int> lines; ///< indexes into Page::lines
};

struct Table {
    QRectF box;
    std::vector<std::vector<TableCell>> rows; ///< every row has the same number of cells
    bool headed = false;                      ///< the first row names the columns
    size_t columns() const { return rows.empty() ? 0 : rows.front().size(); }
};

/// From top to bottom. At least two columns and three rows (two below a heading) make a table.
std::vector<Table> findTables(const Page& page);

/// Comma-separated (RFC 4180), tab-separated, and an HTML table for the clipboard.
QString tableCsv(const Table& table);
QString tableTsv(const Table& table);
QString tableHtml(const Table& table);

} // namespace eyelid
