// Names for values that say nothing about them.
#pragma once

#include "base/result.h"

#include <QByteArray>
#include <QString>
#include <QStringList>

namespace eyelid {

/// 32 random bytes for a new case.
QByteArray newSecret();

/// A user's key for the command line's digests: 32 bytes, made on first use, readable by the user alone. Errors: a file
/// that is no such key; one that cannot be read; NotWritable where none can be made.
Result<QByteArray> userKey(const QString& keyFile);

/// The secret of one run of the command line, made from the user's key and what is released: the names of the files and
/// their SHA-256. The same call gives the same log; those of other calls cannot be linked to it.
QByteArray secretForRelease(const QByteArray& key, const QStringList& namesAndSums);

/// A keyed digest (BLAKE2b, RFC 7693) that stands for the value with this identity number in the case. It is made from
/// the number, not from the value: so the log too is the same for captures that differ only under their covers, and
/// even who holds the secret learns no value from the log alone. The case keeps which number is whose.
QString identityDigest(const QByteArray& secret, int identity);

/// SHA-256 in lower-case hexadecimal.
QString sha256(const QByteArray& bytes);

} // namespace eyelid
