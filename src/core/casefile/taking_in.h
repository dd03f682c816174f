// Captures of one case put into another, to work on them together.
#pragma once

#include "casefile/change.h"

namespace eyelid {

/// The same capture, under ids that are free in `into`, whose counters and identities grow at once.
Capture copyOf(Capture capture, CaseState& into);

/// The change that puts those captures of `from`, in their order there, behind those of `into`, with their readings,
/// findings, decisions and passes; watched words come along, and the same value has the same identity as here. Ids are
/// given anew: the counters and identities of `into` grow at once, as with every capture that is added.
Change takingIn(CaseState& into, const CaseState& from, const QList<int>& captures);

} // namespace eyelid
