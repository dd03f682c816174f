// Pictures to write into. A QImage is null where there is too little memory for it, and who writes into that is lost:
// these throw std::bad_alloc, as all else does that needs memory.
#pragma once

#include <QImage>

namespace eyelid {

QImage newPicture(const QSize& size, QImage::Format format);
/// With pixels of its own. A null picture is one that could not be had.
QImage ownCopy(QImage picture);

} // namespace eyelid
