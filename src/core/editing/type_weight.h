// How heavy type is.
#pragma once

namespace eyelid {

enum class TypeWeight { Regular, SemiBold, Bold };

} // namespace eyelid
