#include "reading/photographs.h"

#include <algorithm>
#include <array>
#include <cstring>
#include <functional>
#include <numeric>
#include <opencv2/imgproc.hpp>

namespace eyelid {
namespace {

constexpr int tile = 8;           // pixels
constexpr double leastSoft = 0.4; // of a tile's pixels, in a photograph
constexpr uchar mostStep = 24;    // levels from one of them to the next
constexpr int smallest = 20;      // pixels

// Of small pictures.
constexpr int leastSide = 16, mostSide = 128; // pixels of a side
constexpr double mostOblong = 1.25;           // of the longer side to the shorter
constexpr double mostOblongPatch = 1.6;       // of a patch: half of a portrait may be of its ground's colour
constexpr double leastUneven = 8;             // levels, on average, within three pixels by three: a gradient has fewer
constexpr int half = 2;
constexpr int shades = 16;          // that lightness is told apart by
constexpr double mostInThree = 0.6; // of the pixels, in the three shades there is most of: icons have more

} // namespace

bool isPicture(const cv::Mat& gray, const cv::Rect& patch) {
    if (std::max(patch.width, patch.height) > mostOblong * std::min(patch.width, patch.height)) return false;
    const cv::Mat part = gray(patch);
    std::array<int, shades> counts{};
    for (int y = 0; y < part.rows; ++y) {
        const uchar* row = part.ptr<uchar>(y);
        for (int x = 0; x < part.cols; ++x) ++counts[size_t(row[x]) * shades / 256];
    }
    std::partial_sort(counts.begin(), counts.begin() + 3, counts.end(), std::greater());
    return counts[0] + counts[1] + counts[2] < mostInThree * double(part.total());
}

std::vector<cv::Rect> findPhotographs(const cv::Mat& gray) {
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
        // Dilated by a tile on each side already; a tile alone in its row is a letter's edge.
        if (std::min(r.width, r.height) < smallest + 2 * tile - tile) continue;
        // The tiles are counted from the left and the top: what is left over at the other edges belongs to the last.
        const cv::Rect whole(r.x, r.y, r.width + tile, r.height + tile);
        found.push_back(whole & cv::Rect(0, 0, gray.cols, gray.rows));
    }
    return found;
}

std::vector<cv::Rect> findPatches(const cv::Mat& gray) {
    if (gray.cols < leastSide || gray.rows < leastSide) return {};
    // The ground is of one lightness over three pixels by three; what is not hangs together. Told at half the size,
    // which is exact enough and takes a quarter of the time.
    cv::Mat highest, lowest, uneven;
    cv::dilate(gray, highest, cv::Mat());
    cv::erode(gray, lowest, cv::Mat());
    cv::absdiff(highest, lowest, uneven);
    cv::resize(uneven, uneven, {}, 1.0 / half, 1.0 / half, cv::INTER_AREA);
    cv::Mat labels, stats, centres;
    const int n = cv::connectedComponentsWithStats(uneven, labels, stats, centres, 8, CV_32S);
    std::vector<cv::Rect> found;
    for (int i = 1; i < n; ++i) {
        const int* s = stats.ptr<int>(i);
        const cv::Rect r = cv::Rect(half * s[cv::CC_STAT_LEFT], half * s[cv::CC_STAT_TOP], half * s[cv::CC_STAT_WIDTH],
                                    half * s[cv::CC_STAT_HEIGHT]) &
                           cv::Rect(0, 0, gray.cols, gray.rows);
        const int shorter = std::min(r.width, r.height), longer = std::max(r.width, r.height);
        const cv::Rect there(s[cv::CC_STAT_LEFT], s[cv::CC_STAT_TOP], s[cv::CC_STAT_WIDTH], s[cv::CC_STAT_HEIGHT]);
        if (shorter >= leastSide && longer <= mostSide && longer <= mostOblongPatch * shorter &&
            cv::mean(uneven(there))[0] >= leastUneven)
            found.push_back(r);
    }
    return found;
}

bool isSmallPicture(const cv::Mat& gray, const cv::Rect& photograph) {
    constexpr double mostlyGround = 0.5; // of the rows and columns of pixels right around it
    const int shorter = std::min(photograph.width, photograph.height),
              longer = std::max(photograph.width, photograph.height);
    if (longer > mostSide || longer > mostOblong * shorter) return false;
    int even = 0, all = 0;
    const auto look = [&](int x, int y, int dx, int dy) {
        if (x < 0 || y < 0 || x + dx >= gray.cols || y + dy >= gray.rows) return;
        ++all;
        even += gray.at<uchar>(y, x) == gray.at<uchar>(y + dy, x + dx);
    };
    for (int x = photograph.x; x < photograph.br().x; ++x)
        for (const int y : {photograph.y - 1, photograph.br().y}) look(x, y, 1, 0);
    for (int y = photograph.y; y < photograph.br().y; ++y)
        for (const int x : {photograph.x - 1, photograph.br().x}) look(x, y, 0, 1);
    return all == 0 || even >= mostlyGround * all;
}

} // namespace eyelid
