// Check-digit rules. All but the first take digits (and letters where the scheme has them) without spaces or
// punctuation.
#pragma once

#include <QString>

namespace eyelid {

/// "+00 (000) 000-00-00", punctuation and all: how a number is to be written, and none.
bool isOfNoughts(const QString& number);
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
/// Italian codice fiscale: form and control letter (Ministerial decree of 23 December 1976).
bool italianCodeHolds(const QString& code);
/// Polish PESEL: weights 1 3 7 9, and a date of birth in front.
bool peselHolds(const QString& digits);
/// Portuguese NIF: modulus 11.
bool portugueseNifHolds(const QString& digits);
/// Belgian national register number: 97 minus the first nine digits mod 97, a 2 before them from the year 2000 on.
bool belgianNumberHolds(const QString& digits);
/// Swedish personal identity number, ten digits: Luhn, and a date in front.
bool swedishNumberHolds(const QString& digits);
/// Norwegian national identity number: two control digits, modulus 11, and a date in front.
bool norwegianNumberHolds(const QString& digits);
/// Danish CPR number: a date in front; the modulus 11 rule no longer binds and is not asked for.
bool danishNumberForm(const QString& digits);
/// Finnish personal identity code, 131052-308T: control character by number mod 31.
bool finnishCodeHolds(const QString& code);
/// Swiss AHV number, 13 digits from 756: the EAN-13 check digit.
bool swissNumberHolds(const QString& digits);
/// Austrian social insurance number: modulus 11, weights 3 7 9 5 8 4 2 1 6, and a date behind.
bool austrianNumberHolds(const QString& digits);
/// Brazilian CPF: two control digits, modulus 11.
bool cpfHolds(const QString& digits);
/// Canadian social insurance number: Luhn; none begins with 8.
bool canadianNumberHolds(const QString& digits);
/// Australian tax file number: modulus 11, weights 1 4 3 7 5 8 6 9 10.
bool australianTaxNumberHolds(const QString& digits);
/// Irish PPS number: modulus 23, weights 8 to 2.
bool irishNumberHolds(const QString& code);
/// Indian Aadhaar number: the Verhoeff digit (Verhoeff, 1969).
bool aadhaarHolds(const QString& digits);
/// US bank routing number: weights 3 7 1.
bool abaRoutingHolds(const QString& digits);
/// Vehicle identification number, 17 characters: control character modulus 11 (49 CFR 565; not asked for in Europe).
bool vinHolds(const QString& vin);
/// Check digit of a machine-readable zone's field: weights 7 3 1 (ICAO Doc 9303-3).
bool mrzFieldHolds(const QString& field, QChar check);
/// Bitcoin address: Base58Check, or Bech32 and Bech32m (BIP 173, BIP 350).
bool bitcoinAddressHolds(const QString& address);

} // namespace eyelid
