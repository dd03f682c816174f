// Keys that are meant to be seen.
#pragma once

#include "finding/pattern.h"

#include <QString>

namespace eyelid {

/// Whether part of a line is a public key: it follows the name of its sort, as programs write it (RFC 4253, 6.6).
bool isPublicKey(const QString& line, const Span& part);

} // namespace eyelid
