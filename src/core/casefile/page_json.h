// Pages in the records of a case: thousands of letters, so what is said of each stands in rows.
#pragma once

#include "casefile/case_state.h"

#include <nlohmann/json_fwd.hpp>
#include <stdexcept>

namespace eyelid {

/// Thrown where a record is not what was written, and caught where records are read.
struct Damaged : std::runtime_error {
    using std::runtime_error::runtime_error;
};

void to_json(nlohmann::json& j, const Page& page);
void from_json(const nlohmann::json& j, Page& page);

/// The readings of a capture, each with the picture it is of. Throws what derives from std::exception where the text is
/// damaged.
std::vector<PictureReading> pictureReadingsFrom(const QByteArray& json);

} // namespace eyelid
