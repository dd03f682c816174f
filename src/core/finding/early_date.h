// Dates that lie so far back that, beside somebody's name, they tell when they were born.
#pragma once

#include "finding/pattern.h"

#include <optional>
#include <QString>

namespace eyelid {

/// The first such date of a text: of 1900 to 2008, whatever order its parts stand in.
std::optional<Span> earlyDateIn(const QString& text);

} // namespace eyelid
