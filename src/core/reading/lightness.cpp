#include "reading/lightness.h"

#include <algorithm>
#include <array>
#include <opencv2/imgproc.hpp>

namespace eyelid {

QImage lightnessOf(const QImage& picture) {
    if (picture.isNull() || picture.format() == QImage::Format_Grayscale8) return picture;
    QImage gray(picture.size(), QImage::Format_Grayscale8);
    const cv::Mat bgra(picture.height(), picture.width(), CV_8UC4, const_cast<uchar*>(picture.constBits()),
                       size_t(picture.bytesPerLine()));
    cv::Mat out(gray.height(), gray.width(), CV_8U, gray.bits(), size_t(gray.bytesPerLine()));
    cv::cvtColor(bgra, out, cv::COLOR_BGRA2GRAY);
    return gray;
}

cv::Mat pixelsOf(const QImage& gray) {
    return {gray.height(), gray.width(), CV_8U, const_cast<uchar*>(gray.constBits()), size_t(gray.bytesPerLine())};
}

int commonestLevel(const cv::Mat& gray) {
    std::array<int, 256> histogram{};
    for (int y = 0; y < gray.rows; ++y)
        for (int x = 0; x < gray.cols; ++x) ++histogram[gray.at<uchar>(y, x)];
    return int(std::max_element(histogram.begin(), histogram.end()) - histogram.begin());
}

} // namespace eyelid
