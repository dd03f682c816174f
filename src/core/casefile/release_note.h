// What the register says of a release that was handed over.
#pragma once

#include "casefile/release_register.h"
#include "releasing/destinations/handing_over.h"

namespace eyelid {

/// The files as a register names them.
QList<ReleasedFile> filesNoted(const std::vector<Artifact>& files);

/// Of what went to one destination.
ReleaseRecord releaseNote(const QList<ReleasedFile>& files, const Handed& handed, const QString& officer,
                          const QDateTime& when);

} // namespace eyelid
