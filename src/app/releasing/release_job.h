// A checked release written and handed over: the part of it that needs no window and may take long.
#pragma once

#include "casefile/case_state.h"
#include "pipeline/release_set.h"
#include "releasing/destinations/handing_over.h"

#include <optional>
#include <QStringList>
#include <vector>

namespace eyelid {

struct ReleaseJob {
    std::vector<CheckedPicture> pictures;
    CaseState state;
    Assembling from; ///< its state and key are put in here
    Destinations to;
    QString folder;
    Clash clash = Clash::KeepBoth;
    QStringList origins; ///< of the captures: not to be written over
};

struct ReleaseOutcome {
    std::vector<Handed> handed;   ///< what stands, in order
    std::optional<Error> trouble; ///< why the rest does not, or nothing at all
    QList<ReleasedFile> files;
    QString unsignedBecause; ///< empty: it is signed
    QStringList paths;       ///< on this machine
    QString link;            ///< of the drop
};

/// For a worker's thread.
ReleaseOutcome carryOut(ReleaseJob job, const CaseWork& work, Progress& progress);

/// What went where, a line each, for people.
QStringList linesOf(const ReleaseOutcome& outcome);

} // namespace eyelid
