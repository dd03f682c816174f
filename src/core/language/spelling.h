// Text as a reader of screens may have misread it: 0 for O, 1 for l, m for rn, lost accents and spaces.
#pragma once

#include <QString>

namespace eyelid {

/// Without accents and ligatures: "Ekström" gives "Ekstrom", "Straße" gives "Strasse".
QString withoutAccents(const QString& text);

/// Equal for texts that a reader may take for one another: lower case, no accents, no spaces or punctuation but what
/// tells values apart, look-alikes mapped to one of them.
QString skeleton(const QString& text);

/// What looks like a digit, as a digit (O to 0, l and I to 1, S to 5, B to 8, Z to 2); all else unchanged.
QString digitsRestored(const QString& text);

/// A name as it was probably written: digits and marks inside letters put back ("Ekstr6m" to "Ekstrom", "leuan" to
/// "Ieuan" where an l starts a name).
QString nameRestored(const QString& word);

} // namespace eyelid
