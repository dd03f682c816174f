// A page with names in place of what is covered: "[e-mail 1]" where an address stood, the same number for the same
// value.
#pragma once

#include "editing/item.h"
#include "finding/finding.h"
#include "reading/page.h"

#include <QRect>
#include <vector>

namespace eyelid {

struct HiddenValue {
    Kind kind = Kind::Watch;
    int number = 0; ///< the value's number; 0 for what was covered by hand, which is "[covered]"
    std::vector<QRectF> boxes;
    std::vector<QRect> covers; ///< what a cover over each box takes in; the box itself where there is none
};

/// A finding as a value to hide; covers as coverRects() draws them.
HiddenValue hiddenValue(const Finding& finding, int number, const QSize& picture, int evenWidth);

/// What a cover drawn by hand hides.
HiddenValue hiddenValue(const HandCover& cover, const QSize& picture, int evenWidth);

/// Everything on a capture that is not kept.
std::vector<HiddenValue> hiddenValues(const Decided& decided, const QSize& picture);

/// "[e-mail 1]"; "[covered]" where there is no number.
QString standInName(Kind kind, int number);

/// Letters whose middle lies in a hidden box go; the first of them leaves the name in their place. Other readings,
/// codes whose box meets a hidden one, and the letters' own boxes go as well. A name stands where its cover would: how
/// wide the value was is not told.
Page sanitisedPage(const Page& page, const std::vector<HiddenValue>& hidden);

} // namespace eyelid
