// Names for values that say nothing about them.
#pragma once

#include <QByteArray>
#include <QString>

namespace eyelid {

/// 32 random bytes for a new case.
QByteArray newSecret();

/// The secret of one run of the command line: made from a key of this user, kept in `keyFile` (made on first use,
/// readable by the user alone), and from the names of the files that are written. The same call gives the same log;
/// other calls give digests that cannot be linked to it. Random where the key file cannot be kept.
QByteArray secretForNames(const QString& keyFile, const QStringList& names);

/// A keyed digest (BLAKE2b, RFC 7693) that stands for the value with this identity number in the case. It is made from
/// the number, not from the value: so the log too is the same for captures that differ only under their covers, and
/// even who holds the secret learns no value from the log alone. The case keeps which number is whose.
QString identityDigest(const QByteArray& secret, int identity);

/// SHA-256 in lower-case hexadecimal.
QString sha256(const QByteArray& bytes);

} // namespace eyelid
