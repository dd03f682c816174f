// A place on a capture that shows something sensitive.
#pragma once

#include "finding/kind.h"

#include <QRectF>
#include <QString>
#include <vector>

namespace eyelid {

struct Finding {
    Kind kind = Kind::Area;
    QString text;              ///< the value as it was read
    QString key;               ///< the value made comparable: equal keys are the same value (confusables.h)
    std::vector<QRectF> boxes; ///< one for each line the value runs over, device pixels
    double textHeight = 0;     ///< height of a small x beside it, device pixels; covers take their margin from it
    double confidence = 0;     ///< 0 to 1
    QString ground;            ///< legal ground or reason code of the policy, may be empty
    QString reason;            ///< why it is thought so, a sentence without the value in it
};

} // namespace eyelid
