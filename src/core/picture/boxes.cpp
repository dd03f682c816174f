#include "picture/boxes.h"

#include <algorithm>
#include <array>
#include <opencv2/imgproc.hpp>
#include <vector>

namespace eyelid {
namespace {

constexpr int near = 7; // pixels around the point, in which the ground prevails over what is written on it
constexpr int step = 3; // of a colour channel from one pixel to the next, that a shaded ground makes at most

int distance(const cv::Vec4b& a, const cv::Vec4b& b) {
    return std::max({std::abs(a[0] - b[0]), std::abs(a[1] - b[1]), std::abs(a[2] - b[2])});
}

// The pixel nearest to the point that is of the ground: of the colour in the middle of those around.
cv::Point groundPixel(const cv::Mat& picture, const cv::Point& point) {
    const cv::Rect around = cv::Rect(point.x - near, point.y - near, 2 * near + 1, 2 * near + 1) &
                            cv::Rect(0, 0, picture.cols, picture.rows);
    cv::Vec4b middle;
    for (int channel = 0; channel < 3; ++channel) {
        std::vector<uchar> levels;
        for (int y = around.y; y < around.y + around.height; ++y)
            for (int x = around.x; x < around.x + around.width; ++x)
                levels.push_back(picture.at<cv::Vec4b>(y, x)[channel]);
        std::nth_element(levels.begin(), levels.begin() + long(levels.size() / 2), levels.end());
        middle[channel] = levels[levels.size() / 2];
    }
    std::array<int, 2> best{256, 1 << 20}; // of the ground before near by
    cv::Point at = point;
    for (int y = around.y; y < around.y + around.height; ++y)
        for (int x = around.x; x < around.x + around.width; ++x) {
            const int off = distance(picture.at<cv::Vec4b>(y, x), middle), dx = x - point.x, dy = y - point.y;
            const std::array<int, 2> here{off <= 2 * step ? 0 : off, dx * dx + dy * dy};
            if (here >= best) continue;
            best = here;
            at = {x, y};
        }
    return at;
}

} // namespace

QRect boxAround(const QImage& picture, const QPoint& point) {
    if (!picture.rect().contains(point)) return {};
    const cv::Mat all(picture.height(), picture.width(), CV_8UC4, const_cast<uchar*>(picture.constBits()),
                      size_t(picture.bytesPerLine()));
    cv::Mat colours, mask = cv::Mat::zeros(all.rows + 2, all.cols + 2, CV_8U);
    cv::cvtColor(all, colours, cv::COLOR_BGRA2BGR);
    cv::Rect box;
    const cv::Scalar most(step, step, step);
    cv::floodFill(colours, mask, groundPixel(all, {point.x(), point.y()}), {}, &box, most, most,
                  4 | cv::FLOODFILL_MASK_ONLY | (255 << 8));
    return {box.x, box.y, box.width, box.height};
}

} // namespace eyelid
