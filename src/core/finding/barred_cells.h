// Tables in plain type, whose cells bars part: "7 | Jan Torp | Herne", "001|12.50|JAN TORP".
#pragma once

#include "reading/page.h"

#include <optional>

namespace eyelid {

/// The page with each such cell a line of its own, as the cells of other tables are, and without the bars; nothing
/// where no rows are parted by bars. A bar between spaces counts where bars stand over or under it in two other rows,
/// bars within words where three rows have as many of them, two at least. Messages of HL7 v2, whose fields bars part as
/// well, stay lines: a field's place in its segment says what it is.
std::optional<Page> withBarredCells(const Page& page);

} // namespace eyelid
