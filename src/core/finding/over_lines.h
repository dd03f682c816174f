// Values whose form tells them and that a narrow cell or card breaks over several lines: an IBAN in three of them.
#pragma once

#include "finding/detector.h"
#include "finding/finding.h"

#include <memory>
#include <vector>

namespace eyelid {

/// The detectors whose values are looked for so.
std::vector<std::unique_ptr<Detector>> makeOverLinesDetectors();

/// What those find in lines that go on one under the other, two to six, each group of letters and figures a part; with
/// a box for each line. IBANs anywhere; cards and telephone numbers only where nothing alike stands over or under them,
/// for a column of numbers is not one; accounts behind their label.
std::vector<Finding> findOverLines(const Surroundings& in, const std::vector<std::unique_ptr<Detector>>& detectors);

} // namespace eyelid
