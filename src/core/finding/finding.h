// A place on a capture that shows something sensitive.
#pragma once

#include "finding/kind.h"

#include <QRectF>
#include <QString>
#include <vector>

namespace eyelid {

struct Finding {
    Kind kind = Kind::Watch;
    QString text;              ///< the value as it was read
    QString key;               ///< the value made comparable: equal keys may be the same value, misread (spelling.h)
    std::vector<QRectF> boxes; ///< one for each line the value runs over, device pixels
    double textHeight = 0;     ///< height of a small x beside it, device pixels; covers take their margin from it
    double confidence = 0;     ///< 0 to 1
    QString ground;            ///< legal ground or reason code of the policy, may be empty
    QString reason;            ///< why it is thought so, a sentence without the value in it
    bool operator==(const Finding&) const = default;
};

/// A value without what says nothing: Unicode's canonical composition, single spaces. Letters keep their case. Texts
/// that are equal so are the same value; those that only look alike (spelling.h) are not.
inline QString exactly(const QString& value) {
    return value.normalized(QString::NormalizationForm_C).simplified();
}

/// Whether two findings show the same value, to the letter: what keeping one of them may let pass.
inline bool sameValue(const Finding& a, const Finding& b) {
    return a.kind == b.kind && !a.text.isEmpty() && exactly(a.text) == exactly(b.text);
}

} // namespace eyelid
