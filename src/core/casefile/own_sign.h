// The user's signature, for the mark Sign: one picture with transparency, encrypted (XChaCha20-Poly1305) in the user's
// data folder by a key that lies beside it with mode 0600. It protects against whoever gets the file alone, as from a
// backup of pictures; not against whoever can read the user's files (docs/security.md).
#pragma once

#include "base/result.h"

#include <QByteArray>
#include <QString>

namespace eyelid {

/// Errors: NotWritable; what userKey() gives.
Result<Done> keepSign(const QString& folder, const QByteArray& png);
/// Empty where none was kept. Errors: BadInput for one that was altered; what userKey() gives.
Result<QByteArray> keptSign(const QString& folder);
/// Errors: NotWritable.
Result<Done> forgetSign(const QString& folder);

} // namespace eyelid
