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

// The same in parts, so that what changes seldom is written seldom (case_file.h).

/// A capture without what was read on it.
QByteArray captureToJson(const Capture& capture);
Result<Capture> captureFromJson(const QByteArray& json);
QByteArray readingsToJson(const std::vector<PictureReading>& readings);
Result<std::vector<PictureReading>> readingsFromJson(const QByteArray& json);

/// A case without its captures: which there are, in order, and how long its history is.
struct CaseHead {
    CaseState state; ///< without captures
    std::vector<int> captures;
    size_t done = 0, undone = 0;
    QByteArray secret; ///< of the digests in its logs
};
QByteArray headToJson(const CaseHead& head);
Result<CaseHead> headFromJson(const QByteArray& json);

} // namespace eyelid
