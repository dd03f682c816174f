// What the register says of a release that was handed over.
#pragma once

#include "casefile/release_register.h"
#include "releasing/destinations/handing_over.h"

namespace eyelid {

/// Of what went to one destination.
ReleaseRecord releaseNote(const std::vector<Artifact>& files, const Handed& handed, const QString& officer,
                          const QDateTime& when);

} // namespace eyelid
