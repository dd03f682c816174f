// This user's key in the desktop's key ring (the Secret Service of freedesktop.org), by libsecret.
#pragma once

#include "casefile/case_key.h"

namespace eyelid {

/// The key cases are locked by; made where there is none and `mayMake`. May wait for somebody to unlock the ring: not
/// for the interface thread. Errors: those of secretInRing() and keepInRing() (base/key_ring.h).
Result<CaseKey> keyFromKeyRing(bool mayMake);

} // namespace eyelid
