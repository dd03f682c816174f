// Straight edges in a picture of a screen: the borders of fields, panels and tables, for a region to snap to.
#pragma once

#include <optional>
#include <QImage>

namespace eyelid {

/// The column x in [near - reach, near + reach] that begins something: the rows `from` to `to` (exclusive) mostly
/// differ in colour from the column before it. The strongest, then the nearest; none where no edge runs over most of
/// the rows.
std::optional<int> verticalEdge(const QImage& rgb32, int near, int reach, int from, int to);

/// The same for rows: the row y that differs from the row above along the columns `from` to `to`.
std::optional<int> horizontalEdge(const QImage& rgb32, int near, int reach, int from, int to);

} // namespace eyelid
