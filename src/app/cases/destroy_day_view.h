// Asking until when a case is to be kept, and why.
#pragma once

#include "casefile/case_state.h"

class QWidget;

namespace eyelid {

/// Nothing where it is left as it is. `due`: the day it is due now; null: none.
std::optional<DestroyDay> askDestroyDay(QWidget* window, const QDate& due);

} // namespace eyelid
