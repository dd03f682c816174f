// The languages that text can be read in.
#pragma once

#include "base/result.h"

#include <QString>
#include <QStringList>

namespace eyelid {

/// "eng+deu" without what stands there twice. Errors: no language named; one that is not installed, with the package
/// that brings it; the folder of languages cannot be read.
Result<QString> checkLanguages(const QString& asked);

/// Codes of the languages that are installed, sorted.
QStringList installedLanguages();

} // namespace eyelid
