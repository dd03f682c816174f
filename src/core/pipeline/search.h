// What is looked for, made ready once.
#pragma once

#include "base/result.h"
#include "casefile/case_state.h"
#include "finding/policy.h"
#include "finding/watch_list.h"

#include <memory>
#include <QString>

namespace eyelid {

/// Cheap to copy.
struct Search {
    std::shared_ptr<const Policy> policy;
    std::shared_ptr<const WatchList> watch; ///< besides the policy's own
    QString languages;
};

/// Errors: a word nothing could be found by, a language that is not installed.
Result<Search> searchFor(const SearchTerms& terms);

} // namespace eyelid
