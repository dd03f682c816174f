// What explains the account's window of the demo: that it is in credit though a bill is due.
#pragma once

#include "editing/mark.h"

#include <vector>

namespace eyelid {

std::vector<Mark> demoMarks();

} // namespace eyelid
