// What a finder holds, for its own source files.
#pragma once

#include "finding/detector.h"
#include "finding/finder.h"
#include "finding/over_lines.h"

#include <memory>
#include <vector>

namespace eyelid {

struct Finder::Parts {
    Names names;
    std::vector<std::unique_ptr<Detector>> detectors;
    std::vector<std::unique_ptr<Detector>> overLines = makeOverLinesDetectors();
};

} // namespace eyelid
