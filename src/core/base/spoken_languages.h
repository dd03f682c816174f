// The languages Eyelid speaks to its users.
#pragma once

#include <QStringList>

namespace eyelid {

/// Their codes: "en", "de", "fr", "es".
QStringList spokenLanguages();

} // namespace eyelid
