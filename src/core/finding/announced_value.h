// What of the text behind a label is the value it announces.
#pragma once

#include "finding/labels.h"
#include "finding/pattern.h"

#include <QString>

namespace eyelid {

/// A quoted value is all that stands up to its closing quote; another ends at one that closes its line.
Span upToQuote(Span value, const QString& line);

/// The same, and an address ends where its sentence does: "…, Suriname. Bring the form".
Span valueOf(const LabelHit& hit, const Span& value, const QString& line);

/// "varchar(40)", "int": what a database or a program keeps a field as, and no value.
bool isDataType(const QString& cell);

} // namespace eyelid
