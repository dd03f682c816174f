#include "picture/own_picture.h"

#include <new>

namespace eyelid {

QImage newPicture(const QSize& size, QImage::Format format) {
    QImage picture(size, format);
    if (picture.isNull()) throw std::bad_alloc();
    return picture;
}

QImage ownCopy(QImage picture) {
    picture.detach();
    if (picture.isNull()) throw std::bad_alloc();
    return picture;
}

} // namespace eyelid
