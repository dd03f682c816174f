#include "picture/boxes.h"

#include <algorithm>
#include <opencv2/imgproc.hpp>
#include <vector>

namespace eyelid {
namespace {

constexpr int nearGround = 7; // pixels around the point, in which the ground prevails over what is written on it
constexpr int shadeStep = 3;  // of a colour channel from one pixel to the next, that a shaded ground makes at most

int distance(const cv::Vec4b& a, const cv::Vec4b& b) {
    return std::max({std::abs(a[0] - b[0]), std::abs(a[1] - b[1]), std::abs(a[2] - b[2])});
}

cv::Rect around(const cv::Mat& picture, const cv::Point& point) {
    return cv::Rect(point.x - nearGround, point.y - nearGround, 2 * nearGround + 1, 2 * nearGround + 1) &
           cv::Rect(0, 0, picture.cols, picture.rows);
}

// Of each channel the level in the middle.
cv::Vec4b prevailing(const cv::Mat& picture, const cv::Rect& place) {
    cv::Vec4b middle;
    for (int channel = 0; channel < 3; ++channel) {
        std::vector<uchar> levels;
        for (int y = place.y; y < place.y + place.height; ++y)
            for (int x = place.x; x < place.x + place.width; ++x)
                levels.push_back(picture.at<cv::Vec4b>(y, x)[channel]);
        std::nth_element(levels.begin(), levels.begin() + long(levels.size() / 2), levels.end());
        middle[channel] = levels[levels.size() / 2];
    }
    return middle;
}

// The pixels around a point that are of the ground, the nearest first; where none is, the one that is nearest to it.
std::vector<cv::Point> groundPixels(const cv::Mat& picture, const cv::Point& point) {
    const cv::Rect place = around(picture, point);
    const cv::Vec4b ground = prevailing(picture, place);
    std::vector<cv::Point> pixels;
    cv::Point nearest = point;
    int least = 256;
    for (int y = place.y; y < place.y + place.height; ++y)
        for (int x = place.x; x < place.x + place.width; ++x) {
            const int off = distance(picture.at<cv::Vec4b>(y, x), ground);
            if (off <= 2 * shadeStep) pixels.emplace_back(x, y);
            if (off >= least) continue;
            least = off;
            nearest = {x, y};
        }
    const auto far = [&](const cv::Point& p) { return (p - point).ddot(p - point); };
    std::stable_sort(pixels.begin(), pixels.end(),
                     [&](const cv::Point& a, const cv::Point& b) { return far(a) < far(b); });
    if (pixels.empty()) pixels.push_back(nearest);
    return pixels;
}

} // namespace

QRect boxAround(const QImage& picture, const QPoint& point) {
    if (!picture.rect().contains(point)) return {};
    const QRect part = picture.rect().intersected(
        QRect(point - QPoint(boxReach, boxReach), QSize(2 * boxReach + 1, 2 * boxReach + 1)));
    const cv::Mat whole(picture.height(), picture.width(), CV_8UC4, const_cast<uchar*>(picture.constBits()),
                        size_t(picture.bytesPerLine()));
    const cv::Mat all = whole(cv::Rect(part.x(), part.y(), part.width(), part.height()));
    cv::Mat colours, mask = cv::Mat::zeros(all.rows + 2, all.cols + 2, CV_8U);
    cv::cvtColor(all, colours, cv::COLOR_BGRA2BGR);
    const cv::Point at(point.x() - part.x(), point.y() - part.y());
    const cv::Scalar most(shadeStep, shadeStep, shadeStep);
    cv::Rect box;
    // Ground that is shut in by a letter is not the box's: it is no larger than what is looked at here.
    for (const cv::Point& seed : groundPixels(all, at)) {
        if (mask.at<uchar>(seed.y + 1, seed.x + 1)) continue;
        cv::Rect here;
        cv::floodFill(colours, mask, seed, {}, &here, most, most, 4 | cv::FLOODFILL_MASK_ONLY | (255 << 8));
        if (here.area() > box.area()) box = here;
        if (box.width > 2 * nearGround + 1 || box.height > 2 * nearGround + 1) break;
    }
    return QRect(box.x, box.y, box.width, box.height).translated(part.topLeft());
}

} // namespace eyelid
