// Check-digit rules. All take digits (and letters where the scheme has them) without spaces or punctuation.
#pragma once

#include <QString>

namespace eyelid {

/// ISO/IEC 7812-1 Annex B (Luhn).
bool luhnHolds(const QString& digits);
/// ISO 13616: length by country and ISO 7064 MOD 97-10.
bool ibanHolds(const QString& iban);
/// The whole length of an IBAN of this country, 0 where the country has none.
int ibanLength(const QString& country);
/// German tax identification number: ISO 7064 MOD 11,10, and the rule on repeated digits.
bool germanTaxIdHolds(const QString& digits);
/// French NIR: key = 97 - (number mod 97); Corsican departments 2A and 2B count as 19 and 18.
bool frenchNirHolds(const QString& nir);
/// Spanish DNI and NIE: letter by number mod 23.
bool spanishDniHolds(const QString& dni);
/// UK National Insurance number: the prefixes HMRC allots (and QQ, kept for examples), suffix A to D.
bool ukNinoForm(const QString& nino);
/// UK NHS number: modulus 11.
bool nhsNumberHolds(const QString& digits);
/// US social security number: no area 000, 666 or 900-999, no group 00, no serial 0000.
bool usSsnHolds(const QString& digits);
/// Dutch BSN: the eleven test.
bool dutchBsnHolds(const QString& digits);

} // namespace eyelid
