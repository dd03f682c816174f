// From what the detectors propose to findings.
#pragma once

#include "finding/detector.h"
#include "finding/finding.h"

#include <vector>

namespace eyelid {

/// The surest first; where one reaches over what is taken already, what is left of it stays.
std::vector<Candidate> withoutOverlaps(const ScreenText& screen, const std::vector<Candidate>& surestFirst);

/// Who a street is called after is part of its address, and nobody here.
void dropNamesOfStreets(const ScreenText& screen, std::vector<Candidate>& candidates);

Finding toFinding(const ScreenText& screen, const Candidate& candidate);

/// Whether half of a box lies within a finding's.
bool coveredBy(const std::vector<Finding>& findings, const QRectF& box);

/// From top to bottom, then from left to right.
void sortByPlace(std::vector<Finding>& findings);

} // namespace eyelid
