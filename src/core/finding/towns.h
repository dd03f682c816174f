// Whether words are a town's, by the lists and by what towns are called.
#pragma once

#include "finding/names.h"

namespace eyelid {

/// One to three words written large, and what joins them ("Jerez de la Frontera"): of a town that a list has, or
/// (`listedOnly`: no) that are nothing else.
bool mayBeTown(const Names& names, const QString& text, bool listedOnly);

/// A town with the region or the country behind it: "Tshwane, MD", "Übersaxen, ES", "Hronov, ME, GB",
/// "Eskfred TX NL".
bool isTownWithRegion(const Names& names, const QString& text);

} // namespace eyelid
