// Places that look like type and could not be read: another script, damaged or tiny letters. Nobody can say what they
// show, so somebody must look.
#pragma once

#include "reading/line_finder.h"
#include "reading/page.h"

namespace eyelid {

/// Whether a line that was found could not be read: nothing was read where several letters stand, or what was read is
/// unsure, no word of any list, and not written as any language writes. `line`: what was read of `patch`.
bool isIllegible(const LinePatch& patch, const TextLine& line);

} // namespace eyelid
