// What of a value stands in another cell or on the next line, where no two lines read as one hold it.
#pragma once

#include "finding/detector.h"

#include <optional>

namespace eyelid {

/// The country code before a telephone number; the country or the post code under an address. Of the value's kind,
/// on a line of its own; nothing where the value is whole.
std::optional<Candidate> restElsewhere(const Surroundings& in, const Candidate& value);

} // namespace eyelid
