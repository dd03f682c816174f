// Does at once all that a case lacks, for those who have no window: reads, finds and carries until nothing is left.
#pragma once

#include "base/progress.h"
#include "casefile/case.h"
#include "pipeline/case_work.h"

namespace eyelid {

/// Errors: terms nothing can be found by; cancelled. A capture that cannot be read is marked so and passed over.
Result<Done> bringUpToDate(Case& open, const CaseWork& work, Reader& reader, Progress& progress);

} // namespace eyelid
