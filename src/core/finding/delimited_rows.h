// Tables as text, a row a line, whose fields a comma, a semicolon or a tab parts, with a row of names first (RFC 4180).
#pragma once

#include "finding/pattern.h"

#include <vector>

namespace eyelid {

struct DelimitedTable {
    size_t header = 0; ///< the row of names, an index of the texts
    QChar delimiter;
    std::vector<size_t> rows; ///< those below it that have as many fields
};

/// The fields of a row, without blanks and quotes around them; a delimiter within quotes parts nothing.
std::vector<Span> fieldsOf(const QString& row, QChar delimiter);

/// Tables of three fields and two rows at least whose names bear no figures. `texts` are lines in the page's order.
std::vector<DelimitedTable> findDelimited(const std::vector<QString>& texts);

} // namespace eyelid
