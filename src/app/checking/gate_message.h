// What the gate says: how far the case is, and what still stands in the way of a release.
#pragma once

#include "app/checking/gate.h"

#include <QString>

namespace eyelid {

class Case;
class CaseWorker;
class ReleaseFlow;

struct GateState {
    double settled = 0; ///< 0 to 1; never whole while anything is open or still to be read
    QString message, detail;
    Gate::Tone tone = Gate::Tone::Waiting;
    bool mayCoverUnder = false; ///< marks lie over findings that are open
    bool mayRead = false;       ///< reading that was stopped may be begun again
    bool mayCheck = false, mayRelease = false;
};

GateState gateStateOf(const Case& open, const ReleaseFlow& release, const CaseWorker& worker);

} // namespace eyelid
