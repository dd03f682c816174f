// The words that name a field: "E-mail", "Geburtsdatum", "account holder". English, German, French and Spanish.
#pragma once

#include "finding/kind.h"

#include <optional>
#include <QString>

namespace eyelid {

struct LabelHit {
    Kind kind;
    QString word;       ///< the dictionary's phrase
    bool whole = false; ///< the text is the phrase, nothing before it
};

/// What a label or heading says about the value it stands for; nothing for text that is no label known here.
/// Forgives case, accents, look-alikes, a trailing colon, quotation marks, and reads dateOfBirth and date_of_birth.
std::optional<LabelHit> labelHit(const QString& text);
/// What the name of an element of markup says that no label does ("<Line1>").
std::optional<LabelHit> elementHit(const QString& name);
/// Whether a label of Kind::Record names a number that somebody bears ("staff no.", "Mitgliedsnummer"), not one of a
/// file or a claim.
bool namesSomebodysNumber(const QString& label);
/// Whether text is nothing but names of fields of an address ("Country", "State, City"): what stands in a form's field
/// until somebody fills it in.
bool namesFieldsOfAddress(const QString& text);
/// As labelHit() of a text that is a label and nothing else: it is not looked for at its end.
std::optional<LabelHit> wholeLabelHit(const QString& text);

} // namespace eyelid
