// Words put right by hand, and areas read anew.
#pragma once

#include "reading/page.h"

#include <QRect>

namespace eyelid {

struct Correction {
    QRectF box; ///< of the word, device pixels
    QString text;
    bool operator==(const Correction&) const = default;
};

/// The page with the words that lie in the corrections' boxes put right; they are sure then.
Page correctedPage(const Page& page, const std::vector<Correction>& corrections);

/// The page with what was read in `area` in place of the words whose middles lie there; words that the area's edge cuts
/// and that stay are not read a second time.
Page withAreaReadAnew(const Page& page, const QRect& area, const Page& reading);

/// What a page shows within an area, line by line.
QString textWithin(const Page& page, const QRect& area);

} // namespace eyelid
