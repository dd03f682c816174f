// How findings become a case's own: found again, they are what they were.
#pragma once

#include "casefile/case_state.h"

namespace eyelid {

/// The finding as the capture knows it, and marks it found. One at the same place with the same value has the id it
/// had; a new one takes `nextId`, which grows. What somebody decided about keeps its place and kind, whatever another
/// reading takes it for.
KnownFinding& know(Capture& capture, const Finding& finding, int& nextId);

/// All that was found on a capture; what was known before and is not among it is found no longer.
void knowAll(Capture& capture, const std::vector<Finding>& findings, int& nextId);

/// An id that no finding of the capture has: for captures that belong to no open case.
int nextIdOf(const Capture& capture);

/// Gives values that have none yet their numbers, in the order of the captures.
void numberIdentities(CaseState& state);

} // namespace eyelid
