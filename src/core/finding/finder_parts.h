// What a finder holds, for its own source files.
#pragma once

#include "finding/detector.h"
#include "finding/finder.h"

#include <memory>
#include <vector>

namespace eyelid {

struct Finder::Parts {
    Names names;
    std::vector<std::unique_ptr<Detector>> detectors;
};

} // namespace eyelid
