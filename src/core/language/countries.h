// Names of countries in the languages Eyelid reads, by the Unicode Consortium's common locale data (CLDR), through ICU.
#pragma once

#include <QString>

namespace eyelid {

/// Whether text is the name of a country and nothing else, in English, German, French or Spanish; whatever its case,
/// with or without its accents.
bool isCountry(const QString& text);

} // namespace eyelid
