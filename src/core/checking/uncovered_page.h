// A page as it was read from a picture with covers, without what a reader made of the covers' own look.
#pragma once

#include "editing/item.h"
#include "reading/page.h"

#include <QRect>
#include <vector>

namespace eyelid {

/// Takes out every letter that lies under the covers, all of it but what boxes are imprecise by: covers as their union,
/// letter by letter, whatever share of its word is hidden. That nothing shows through a cover is for the pixels to say.
void takeOutCovered(Page& page, const std::vector<QRect>& covers);

/// In place of what is covered a block stands on the page, so that a label still has its value and a column its cells:
/// otherwise the neighbours of a cover would be taken for what it hides.
void putBlocks(Page& page, const std::vector<Item>& items);

} // namespace eyelid
