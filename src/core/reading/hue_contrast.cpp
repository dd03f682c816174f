#include "reading/hue_contrast.h"

#include "picture/geometry.h"
#include "reading/lightness.h"

#include <algorithm>
#include <array>
#include <cstdlib>
#include <cstring>
#include <opencv2/imgproc.hpp>

namespace eyelid {
namespace {

constexpr int block = 8; // pixels: as wide as a letter of small type
// Levels: what differs by more in lightness is found by it; what differs by less in colour cannot be seen as type.
constexpr int mostLightness = 40, leastHue = 24;
constexpr double hueOverLightness = 1.5;
// Differences of colour are of a shorter scale than those of lightness.
constexpr double stretch = 1.5;
constexpr double mostlyWithin = 0.5; // share of a line's box
constexpr int thickest = 11;         // pixels, odd: a stroke of type ninety pixels high

// The range of one channel within each block, of which `rows` rows are there.
cv::Mat rangesOf(const cv::Mat& channel, int rows) {
    const int across = channel.cols / block, down = channel.rows / rows;
    cv::Mat ranges(down, across, CV_8U);
    std::vector<uchar> least(size_t(channel.cols)), most(size_t(channel.cols));
    for (int row = 0; row < down; ++row) {
        std::fill(least.begin(), least.end(), uchar(255));
        std::fill(most.begin(), most.end(), uchar(0));
        for (int y = row * rows; y < (row + 1) * rows; ++y) {
            const uchar* p = channel.ptr<uchar>(y);
            for (size_t x = 0; x < least.size(); ++x) least[x] = std::min(least[x], p[x]);
            for (size_t x = 0; x < most.size(); ++x) most[x] = std::max(most[x], p[x]);
        }
        for (int column = 0; column < across; ++column) {
            const auto from = long(column * block);
            const uchar low = *std::min_element(least.begin() + from, least.begin() + from + block);
            const uchar high = *std::max_element(most.begin() + from, most.begin() + from + block);
            ranges.ptr<uchar>(row)[column] = uchar(high - low);
        }
    }
    return ranges;
}

// Lightness, Cr, Cb.
std::array<cv::Mat, 3> channelsOf(const cv::Mat& bgra) {
    cv::Mat bgr, colours;
    cv::cvtColor(bgra, bgr, cv::COLOR_BGRA2BGR);
    cv::cvtColor(bgr, colours, cv::COLOR_BGR2YCrCb);
    std::array<cv::Mat, 3> channels;
    cv::split(colours, channels.data());
    return channels;
}

// Blocks of one lightness, and those of them that are of more than one colour.
struct Blocks {
    cv::Mat even, hued;
};
Blocks blocksOf(const cv::Mat& bgra) {
    // Every other row says it as well, in half the time.
    constexpr int skipped = 2, rows = block / skipped;
    const cv::Mat some(bgra.rows / skipped, bgra.cols, CV_8UC4, bgra.data, skipped * bgra.step);
    const std::array<cv::Mat, 3> channels = channelsOf(some);
    const cv::Mat light = rangesOf(channels[0], rows),
                  hue = cv::max(rangesOf(channels[1], rows), rangesOf(channels[2], rows));
    Blocks blocks;
    blocks.even = light < mostLightness;
    blocks.hued = blocks.even & (hue >= leastHue) & (hue > hueOverLightness * light);
    return blocks;
}

cv::Mat matOf(const QImage& picture) {
    return {picture.height(), picture.width(), CV_8UC4, const_cast<uchar*>(picture.constBits()),
            size_t(picture.bytesPerLine())};
}

bool sameRows(const QImage& a, const QImage& b, int from, int to) {
    for (int y = from; y < to; ++y)
        if (std::memcmp(a.constScanLine(y), b.constScanLine(y), size_t(a.width()) * 4) != 0) return false;
    return true;
}

uchar medianOf(const cv::Mat& channel, const cv::Mat& blocks, const QRect& place) {
    std::array<int, 256> histogram{};
    int all = 0;
    for (int y = place.top(); y <= place.bottom(); ++y)
        for (int x = place.left(); x <= place.right(); ++x)
            if (blocks.at<uchar>(y / block, x / block)) {
                ++histogram[channel.at<uchar>(y, x)];
                ++all;
            }
    int level = 0;
    for (int seen = histogram[0]; level < 255 && 2 * seen < all; seen += histogram[size_t(level)]) ++level;
    return uchar(level);
}

class HuePlace {
public:
    HuePlace(const std::array<cv::Mat, 3>& channels, const cv::Mat& blocks, const QRect& box)
        : m_channels(channels), m_blocks(blocks), m_box(box) {
        for (size_t c = 0; c < 3; ++c) m_ground[c] = medianOf(channels[c], blocks, box);
    }
    // What is a little lighter than the ground becomes clearly lighter. False where nothing but areas differ: the edges
    // of what is marked or of a button.
    bool putOn(cv::Mat& levels) const {
        const cv::Mat areas = areasOf();
        const QPoint origin = around().topLeft();
        const auto eachStroke = [&](auto visit) {
            each([&](int y, int x) {
                if (!areas.at<uchar>(y - origin.y(), x - origin.x())) visit(y, x);
            });
        };
        long lighter = 0;
        int most = 0;
        eachStroke([&](int y, int x) {
            const int difference = differenceAt(y, x);
            lighter += (m_channels[0].at<uchar>(y, x) - m_ground[0]) * difference;
            most = std::max(most, difference);
        });
        if (most < leastHue) return false;
        const double gain = lighter > 0 ? stretch : -stretch;
        eachStroke([&](int y, int x) {
            uchar& level = levels.at<uchar>(y, x);
            level = cv::saturate_cast<uchar>(level + gain * differenceAt(y, x));
        });
        return true;
    }

private:
    template <typename Visit> void each(Visit visit) const {
        for (int y = m_box.top(); y <= m_box.bottom(); ++y)
            for (int x = m_box.left(); x <= m_box.right(); ++x)
                if (m_blocks.at<uchar>(y / block, x / block)) visit(y, x);
    }
    QRect around() const {
        return m_box.adjusted(-thickest, -thickest, thickest, thickest) &
               QRect(0, 0, m_channels[0].cols, m_channels[0].rows);
    }
    // Where what is not the ground is thicker than any stroke, whatever is written on it.
    cv::Mat areasOf() const {
        const QRect r = around();
        cv::Mat other(r.height(), r.width(), CV_8U);
        for (int y = 0; y < other.rows; ++y)
            for (int x = 0; x < other.cols; ++x) other.at<uchar>(y, x) = isOther(r.top() + y, r.left() + x) ? 255 : 0;
        cv::Mat areas;
        cv::morphologyEx(other, areas, cv::MORPH_OPEN, cv::Mat::ones(thickest, thickest, CV_8U), {-1, -1}, 1,
                         cv::BORDER_CONSTANT, cv::Scalar(0));
        return areas;
    }
    bool isOther(int y, int x) const {
        constexpr int lightnessSeen = 12, hueSeen = 6; // levels
        return std::abs(m_channels[0].at<uchar>(y, x) - m_ground[0]) >= lightnessSeen || differenceAt(y, x) >= hueSeen;
    }
    int differenceAt(int y, int x) const {
        return std::max(std::abs(m_channels[1].at<uchar>(y, x) - m_ground[1]),
                        std::abs(m_channels[2].at<uchar>(y, x) - m_ground[2]));
    }

    const std::array<cv::Mat, 3>& m_channels; // lightness, Cr, Cb
    const cv::Mat& m_blocks;
    QRect m_box;
    std::array<int, 3> m_ground{};
};

} // namespace

bool HueContrast::holds(const QRect& box) const {
    return std::any_of(places.begin(), places.end(),
                       [&](const QRect& place) { return shareWithin(QRectF(box), QRectF(place)) > mostlyWithin; });
}

void HueLook::renew(const QImage& picture) {
    const cv::Mat bgra = matOf(picture);
    const int down = picture.height() / block;
    if (m_picture.size() != picture.size()) {
        const Blocks all = blocksOf(bgra);
        m_even = all.even;
        m_hued = all.hued;
    } else {
        for (int row = 0; row < down; ++row) {
            int to = row;
            while (to < down && !sameRows(m_picture, picture, to * block, (to + 1) * block)) ++to;
            if (to == row) continue;
            const Blocks changed = blocksOf(bgra.rowRange(row * block, to * block));
            changed.even.copyTo(m_even.rowRange(row, to));
            changed.hued.copyTo(m_hued.rowRange(row, to));
            row = to;
        }
    }
    m_picture = picture;
}

HueContrast HueLook::at(const QImage& picture, const QImage& lightness) {
    HueContrast contrast{lightness, {}};
    if (picture.width() < block || picture.height() < block) return contrast;
    renew(picture);
    if (cv::countNonZero(m_hued) == 0) return contrast;
    // With the even blocks around them: where a letter's end looks in.
    cv::Mat blocks;
    cv::dilate(m_hued, blocks, cv::getStructuringElement(cv::MORPH_RECT, {3, 3}));
    blocks &= m_even;
    const std::array<cv::Mat, 3> channels = channelsOf(matOf(picture));
    cv::Mat labels, measures, centres;
    const int count = cv::connectedComponentsWithStats(blocks, labels, measures, centres);
    cv::Mat levels = pixelsOf(lightness).clone();
    for (int i = 1; i < count; ++i) {
        const int* of = measures.ptr<int>(i);
        const QRect box(of[cv::CC_STAT_LEFT] * block, of[cv::CC_STAT_TOP] * block, of[cv::CC_STAT_WIDTH] * block,
                        of[cv::CC_STAT_HEIGHT] * block);
        const cv::Mat own = labels == i;
        if (HuePlace(channels, own, box).putOn(levels)) contrast.places.push_back(box);
    }
    contrast.levels = QImage(lightness.size(), QImage::Format_Grayscale8);
    levels.copyTo(pixelsOf(contrast.levels));
    return contrast;
}

} // namespace eyelid
