#include "casefile/release_note.h"

#include "releasing/digest.h"

namespace eyelid {

QList<ReleasedFile> filesNoted(const std::vector<Artifact>& files) {
    QList<ReleasedFile> noted;
    for (const Artifact& file : files) noted.push_back({file.fileName, sha256(file.bytes)});
    return noted;
}

ReleaseRecord releaseNote(const QList<ReleasedFile>& files, const Handed& handed, const QString& officer,
                          const QDateTime& when) {
    return {when.toUTC(), officer, handed.destination, handed.delivery.place, {}, files};
}

} // namespace eyelid
