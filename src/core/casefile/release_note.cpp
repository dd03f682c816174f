#include "casefile/release_note.h"

#include "releasing/digest.h"

namespace eyelid {

ReleaseRecord releaseNote(const std::vector<Artifact>& files, const Handed& handed, const QString& officer,
                          const QDateTime& when) {
    ReleaseRecord note{when.toUTC(), officer, handed.destination, handed.delivery.place, {}, {}};
    for (const Artifact& file : files) note.files.push_back({file.fileName, sha256(file.bytes)});
    return note;
}

} // namespace eyelid
