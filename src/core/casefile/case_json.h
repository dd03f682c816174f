// Changes and states of a case as JSON (RFC 8259): the form they have on disk. Pictures are named by their ids. What is
// read back is equal to what was written, but for what work has to make anew: pages with words put right, and which
// terms and pages the findings are of.
#pragma once

#include "base/result.h"
#include "casefile/change.h"

#include <QByteArray>

namespace eyelid {

QByteArray changeToJson(const Change& change);
/// Errors: BadInput for what is no such change.
Result<Change> changeFromJson(const QByteArray& json);

QByteArray stateToJson(const CaseState& state);
/// Errors: BadInput for what is no such state.
Result<CaseState> stateFromJson(const QByteArray& json);

} // namespace eyelid
