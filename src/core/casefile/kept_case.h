// What of a case outlives its window.
#pragma once

#include "casefile/case_state.h"
#include "casefile/history.h"

namespace eyelid {

/// All of a case but its pictures.
struct KeptCase {
    CaseState state;
    History history;
    QByteArray secret; ///< of the digests in its logs
};

/// All that the case speaks of, and all that undo or redo may bring back.
std::set<PictureId> picturesOf(const CaseState& state, const History& history);

} // namespace eyelid
