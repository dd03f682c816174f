// Two captures alike but for what lies under covers.
#pragma once

#include "editing/cover.h"
#include "support/made.h"

namespace eyelid {

inline QImage changedUnder(const QImage& capture, const QRegion& hidden, unsigned seed) {
    QImage other = capture;
    const QImage noise = made::noise(capture.size(), seed);
    for (const QRect& r : hidden& capture.rect())
        for (int y = r.top(); y <= r.bottom(); ++y)
            for (int x = r.left(); x <= r.right(); ++x) other.setPixel(x, y, noise.pixel(x, y));
    return other;
}

inline QImage changedUnder(const QImage& capture, const std::vector<Cover>& covers, unsigned seed) {
    return changedUnder(capture, hiddenBy(covers), seed);
}

} // namespace eyelid
