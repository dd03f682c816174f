// Several files in one: a ZIP archive (ISO/IEC 21320-1) with names and bytes and nothing else, no time, no owner.
#pragma once

#include "base/result.h"
#include "releasing/release.h"

#include <QByteArray>
#include <vector>

namespace eyelid {

/// The same files give the same bytes. Opened again and compared. Errors: NotWritable (too little memory).
Result<QByteArray> zipOf(const std::vector<Artifact>& files);

/// The files of a ZIP archive, in its order. Errors: BadInput for what is none, is damaged, holds more than
/// `mostBytes`, or names a file outside of itself.
Result<std::vector<Artifact>> filesOfZip(const QByteArray& zip, qint64 mostBytes);

} // namespace eyelid
