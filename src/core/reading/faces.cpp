#include "reading/faces.h"

#include "base/shipped.h"
#include "reading/lightness.h"

#include <algorithm>
#include <cmath>
#include <cstring>
#include <numeric>
#include <opencv2/imgproc.hpp>
#include <opencv2/objdetect.hpp>

namespace eyelid {
namespace {

constexpr int tile = 16;             // pixels
constexpr double leastSoft = 0.4;    // of a tile's pixels, in a photograph
constexpr uchar mostStep = 24;       // levels from one of them to the next
constexpr double mostPixels = 1.5e6; // a larger photograph is looked at smaller

// A cascade is not safe to share between threads, so each call has its own; parsing takes a few milliseconds and
// happens only where there is a photograph.
cv::CascadeClassifier cascade() {
    static const std::string text = shippedFile(QStringLiteral("faces/frontal.xml")).toStdString();
    cv::CascadeClassifier faces;
    const cv::FileStorage storage(text, cv::FileStorage::READ | cv::FileStorage::MEMORY);
    faces.read(storage.getFirstTopLevelNode());
    return faces;
}

// Rectangles around what is soft all over.
std::vector<cv::Rect> photographs(const cv::Mat& gray) {
    const int across = gray.cols / tile, down = gray.rows / tile;
    if (across < 1 || down < 1) return {};
    cv::Mat soft(down, across, CV_8U, cv::Scalar(0));
    std::vector<uchar> steps(size_t(gray.cols)); // soft ones in each column of a row of tiles
    for (int ty = 0; ty < down; ++ty) {
        std::fill(steps.begin(), steps.end(), 0);
        for (int y = ty * tile; y < (ty + 1) * tile; ++y) {
            const uchar* row = gray.ptr<uchar>(y);
            if (std::memcmp(row, row + 1, size_t(gray.cols - 1)) == 0) continue; // of one colour
            uchar* count = steps.data();
#pragma omp simd
            for (int x = 0; x < gray.cols - 1; ++x) {
                const uchar step = uchar(std::max(row[x], row[x + 1]) - std::min(row[x], row[x + 1]));
                count[x] = uchar(count[x] + (uchar(step - 1) < mostStep));
            }
        }
        for (int tx = 0; tx < across; ++tx) {
            const auto first = steps.begin() + tx * tile;
            if (std::accumulate(first, first + tile, 0) > leastSoft * tile * tile) soft.at<uchar>(ty, tx) = 255;
        }
    }
    if (cv::countNonZero(soft) == 0) return {};
    cv::dilate(soft, soft, cv::Mat());
    cv::Mat labels, stats, centres;
    const int n = cv::connectedComponentsWithStats(soft, labels, stats, centres, 8, CV_32S);
    std::vector<cv::Rect> found;
    for (int i = 1; i < n; ++i) {
        const int* s = stats.ptr<int>(i);
        const cv::Rect r(s[cv::CC_STAT_LEFT] * tile, s[cv::CC_STAT_TOP] * tile, s[cv::CC_STAT_WIDTH] * tile,
                         s[cv::CC_STAT_HEIGHT] * tile);
        // The tiles are counted from the left and the top: what is left over at the other edges belongs to the last.
        const cv::Rect whole(r.x - tile, r.y - tile, r.width + 3 * tile, r.height + 3 * tile);
        found.push_back(whole & cv::Rect(0, 0, gray.cols, gray.rows));
    }
    return found;
}

} // namespace

std::vector<QRectF> findFaces(const QImage& picture) {
    std::vector<QRectF> faces;
    if (picture.width() < 24 || picture.height() < 24) return faces;
    const QImage image = picture.convertToFormat(QImage::Format_Grayscale8);
    const cv::Mat gray = pixelsOf(image);
    const std::vector<cv::Rect> regions = photographs(gray);
    if (regions.empty()) return faces;
    cv::CascadeClassifier detector = cascade();
    for (const cv::Rect& region : regions) {
        cv::Mat part = gray(region).clone();
        double scale = 1;
        if (double(part.total()) > mostPixels) {
            scale = std::sqrt(mostPixels / double(part.total()));
            cv::resize(part, part, {}, scale, scale, cv::INTER_AREA);
        }
        std::vector<cv::Rect> found;
        detector.detectMultiScale(part, found, 1.1, 4, 0, {20, 20});
        for (const cv::Rect& f : found) {
            // The cascade marks brow to chin; hair and ears tell as much.
            const QRectF face(region.x + f.x / scale, region.y + f.y / scale, f.width / scale, f.height / scale);
            const double more = 0.2 * face.width();
            faces.push_back(face.adjusted(-more, -1.5 * more, more, more).intersected(QRectF(picture.rect())));
        }
    }
    std::sort(faces.begin(), faces.end(), [](const QRectF& a, const QRectF& b) {
        return a.top() != b.top() ? a.top() < b.top() : a.left() < b.left();
    });
    return faces;
}

} // namespace eyelid
