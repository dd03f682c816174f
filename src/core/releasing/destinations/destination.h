// Where a release goes: all of its files, or none of them.
#pragma once

#include "base/progress.h"
#include "base/result.h"
#include "releasing/release.h"

#include <memory>
#include <QString>
#include <QStringList>
#include <vector>

namespace eyelid {

/// What has been checked and is to be handed over.
struct Release {
    std::vector<Artifact> files;
    QStringList paths; ///< where they stand on this machine, in their order; empty while they stand nowhere
};

/// What became of it.
struct Delivery {
    QString place;     ///< where it went, in full: for the register
    QStringList paths; ///< where the files stand on this machine, if they do
    QString link;      ///< what others open it by, if there is such a thing
};

class Destination {
public:
    virtual ~Destination() = default;
    /// Its name in the register: "folder", "drop", "command".
    virtual QString name() const = 0;
    /// Hands over; may take long, not for the interface thread. Whatever the error, nothing half done can be taken for
    /// a release. Errors: Cancelled, Exists, NotWritable, Missing, BadInput.
    virtual Result<Delivery> deliver(const Release& release, Progress& progress) = 0;
};

/// A folder of this machine; writeRelease() says how.
std::unique_ptr<Destination> toFolder(const QString& folder, bool replace);

} // namespace eyelid
