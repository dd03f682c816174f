#include "picture/half.h"

#include <opencv2/imgproc.hpp>

namespace eyelid {

QImage halfOf(const QImage& picture) {
    QImage half((picture.width() + 1) / 2, (picture.height() + 1) / 2, QImage::Format_RGB32);
    if (half.isNull()) return half;
    const cv::Mat from(picture.height(), picture.width(), CV_8UC4, const_cast<uchar*>(picture.constBits()),
                       size_t(picture.bytesPerLine()));
    cv::Mat to(half.height(), half.width(), CV_8UC4, half.bits(), size_t(half.bytesPerLine()));
    cv::resize(from, to, to.size(), 0, 0, cv::INTER_AREA);
    return half;
}

} // namespace eyelid
