// Dates as figures and words write them.
#pragma once

#include "finding/pattern.h"

#include <optional>
#include <QString>

namespace eyelid {

/// Whether text is a date in figures and nothing else: "25/09/2025", "2025-09-25", "1.2.25".
bool isDate(const QString& text);
/// Whether text says from when to when, in figures and nothing else: "2018 - 2023", "04/2018 – 12/2021", "2021/22".
bool isPeriod(const QString& text);
/// The first date of a text that lies so far back that, beside somebody's name, it tells when they were born: of 1900
/// to 2008, whatever order its parts stand in.
std::optional<Span> earlyDateIn(const QString& text);

} // namespace eyelid
