// Fields that a form other than a label beside a value names: elements of markup, properties, pairs of attributes,
// queries, names of two parts, numbered cards.
#pragma once

#include "finding/screen_text.h"

#include <vector>

namespace eyelid {

struct NamedField {
    QString name; ///< as it stands there, or the label that says the same
    int run = 0;  ///< index into the runs
    Span value;
    bool isElement = false; ///< of markup, where more are names of fields than labels are
};

/// All fields so named, one form after the other, whatever their names say.
std::vector<NamedField> namedFields(const std::vector<TextRun>& runs);

} // namespace eyelid
