// User names that tell of nobody.
#pragma once

#include <QString>

namespace eyelid {

/// Whether it is an account of a system's own ("root", "www-data") or a word for everybody
/// (data/words/system-users.txt).
bool isSystemUser(const QString& name);

} // namespace eyelid
