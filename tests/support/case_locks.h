// What the tests' cases are locked by and opened with, and the day they are kept on.
#pragma once

#include "casefile/case_file.h"

namespace eyelid {

inline const CaseLocks quick{.passphrase = "a heron by the weir", .cost = PassphraseCost::Quick};
inline const Opener right{.passphrase = "a heron by the weir"};
inline const QDateTime someDay(QDate(2026, 11, 26), QTime(9, 0), Qt::UTC);

} // namespace eyelid
