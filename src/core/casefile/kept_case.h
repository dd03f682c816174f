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

} // namespace eyelid
