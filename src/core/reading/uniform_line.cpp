#include "reading/uniform_line.h"

#include "reading/ruled_pieces.h"

#include <algorithm>
#include <array>
#include <cmath>
#include <opencv2/imgproc.hpp>

namespace eyelid {
namespace {

// Measures of the uniform line, in pixels: Tesseract's line model takes pictures of 36 pixels' height.
constexpr double uniformX = 15;
constexpr int above = 12, below = 10, sideRoom = 10;
// A little narrower than it is high: as well read, and in less time, which goes with the width.
constexpr double narrowed = 0.9;

using Channels = std::array<double, 3>; // blue, green, red

// The line's part of the picture, and where on it is ink of its own.
struct LinePart {
    cv::Mat pixels, mask;
    bool lightOnDark = false, byHue = false;

    template <typename Visit> void eachInked(Visit visit) const {
        for (int y = 0; y < pixels.rows; ++y) {
            const uchar *p = pixels.ptr<uchar>(y), *m = mask.ptr<uchar>(y);
            for (int x = 0; x < pixels.cols; ++x, p += 4)
                if (m[x]) visit(p, x, y);
        }
    }
};

cv::Mat maskOf(const LinePatch& line, const cv::Rect& r) {
    cv::Mat mask = cv::Mat::zeros(r.size(), CV_8U);
    for (const QRect& ink : line.inks)
        cv::rectangle(mask,
                      cv::Rect(ink.left() - r.x - 1, ink.top() - r.y - 1, ink.width() + 2, ink.height() + 2) &
                          cv::Rect(0, 0, r.width, r.height),
                      255, cv::FILLED);
    return mask;
}

// The median of each channel.
std::array<int, 3> groundOf(const cv::Mat& part) {
    int histogram[3][256] = {};
    for (int y = 0; y < part.rows; ++y) {
        const uchar* p = part.ptr<uchar>(y);
        for (int x = 0; x < part.cols; ++x, p += 4)
            for (int c = 0; c < 3; ++c) ++histogram[c][p[c]];
    }
    std::array<int, 3> ground{};
    for (size_t c = 0; c < 3; ++c) {
        int seen = 0, level = 0;
        while (level < 255 && (seen += histogram[c][level]) * 2 < part.rows * part.cols) ++level;
        ground[c] = level;
    }
    return ground;
}

// From the ground's colour to the ink's, so long that along it the ink's is 255: ink is what differs from the ground
// most.
Channels axisOf(const LinePart& part, const std::array<int, 3>& ground) {
    const auto distance = [&](const uchar* p) {
        return std::max({std::abs(p[0] - ground[0]), std::abs(p[1] - ground[1]), std::abs(p[2] - ground[2])});
    };
    const auto onSide = [&](const uchar* p) {
        if (part.byHue) return true;
        const int l = 114 * (p[0] - ground[0]) + 587 * (p[1] - ground[1]) + 299 * (p[2] - ground[2]);
        return part.lightOnDark ? l > 0 : l < 0;
    };
    int farthest = 1;
    part.eachInked([&](const uchar* p, int, int) {
        if (onSide(p)) farthest = std::max(farthest, distance(p));
    });
    Channels ink{};
    double weight = 0;
    part.eachInked([&](const uchar* p, int, int) {
        if (distance(p) < 0.8 * farthest || !onSide(p)) return;
        for (size_t c = 0; c < 3; ++c) ink[c] += p[c];
        weight += 1;
    });
    Channels axis{};
    double length = 0;
    for (size_t c = 0; c < 3; ++c) {
        axis[c] = (weight > 0 ? ink[c] / weight : 255 - ground[c]) - ground[c];
        length += axis[c] * axis[c];
    }
    for (double& a : axis) a = length > 0 ? 255 * a / length : 0;
    return axis;
}

// Where a bar that starts at the stroke in column `from` ends, within `reach` pixels: at the next stroke, where that
// comes from above, ends at the rule, and is joined to the first by an arch. `from` where there is none.
int barEnd(const cv::Mat& ink, const QRect& rule, int from, int reach, int least) {
    const auto inkOver = [&](int x, int rows) {
        const int top = std::max(0, rule.top() - rows);
        for (int y = rule.top() - 1; y >= top; --y)
            if (ink.at<uchar>(y, x) > least) return true;
        return false;
    };
    const int to = std::min(from + reach, rule.right());
    for (int x = from + 1, after = 0; x <= to && inkOver(x, reach); ++x) {
        if (strokeCrosses(ink, rule, x, least)) {
            if (after > 0) return from; // a bowl
            from = x;
        } else if (++after > 1 && inkOver(x, 1)) {
            return x + 1 <= to && strokeCrosses(ink, rule, x + 1, least) ? from : x;
        }
    }
    return from;
}

// Paints rules over with the ground, but where letters cross them, or have a bar of their own: between a stroke that
// crosses and one that ends at the rule from above, as in an "e". `gray` is black on white, from `origin` on.
void takeOut(const std::vector<QRect>& rules, QPoint origin, double xHeight, cv::Mat& gray) {
    constexpr int inked = 96; // of the ink's strength: what is less is a letter's edge
    const cv::Mat ink = 255 - gray;
    for (const QRect& rule : rules) {
        const QRect own = rule.translated(-origin).intersected(QRect(0, 0, gray.cols, gray.rows));
        if (own.isEmpty()) continue;
        if (own.height() > own.width()) {
            gray(cv::Rect(own.left(), own.top(), own.width(), own.height())).setTo(255);
            continue;
        }
        int keptTo = own.left() - 1;
        for (int x = own.left(); x <= own.right(); ++x) {
            if (strokeCrosses(ink, own, x, inked))
                keptTo = std::max({x, keptTo, barEnd(ink, own, x, int(std::lround(xHeight)), inked)});
            else if (x > keptTo)
                gray(cv::Rect(x, own.top(), 1, own.height())).setTo(255);
        }
    }
}

QImage imageOf(const cv::Mat& gray) {
    QImage image(gray.cols, gray.rows, QImage::Format_Grayscale8);
    for (int y = 0; y < gray.rows; ++y)
        std::copy(gray.ptr<uchar>(y), gray.ptr<uchar>(y) + gray.cols, image.scanLine(y));
    return image;
}

// Puts the scaled line on one baseline, so that the model sees every line alike. `base`: its baseline, scaled.
void putOnBaseline(UniformLine& uniform, const cv::Mat& scaled, double base, double scale) {
    const int height = above + int(uniformX) + below;
    const int top = above + int(uniformX) - int(std::lround(base));
    const int topRoom = std::max(0, -top);
    const int bottomRoom = std::max(0, top + scaled.rows - height);
    uniform.image = QImage(scaled.cols + 2 * sideRoom, height + topRoom + bottomRoom, QImage::Format_Grayscale8);
    uniform.image.fill(255);
    for (int y = 0; y < scaled.rows; ++y)
        std::copy(scaled.ptr<uchar>(y), scaled.ptr<uchar>(y) + scaled.cols,
                  uniform.image.scanLine(y + top + topRoom) + sideRoom);
    uniform.baseline = above + int(uniformX) + topRoom;
    uniform.margin = QPointF(sideRoom / uniform.scale, (top + topRoom) / scale);
}

} // namespace

UniformLine makeUniform(const QImage& picture, const LinePatch& line) {
    const cv::Mat bgra(picture.height(), picture.width(), CV_8UC4, const_cast<uchar*>(picture.constBits()),
                       size_t(picture.bytesPerLine()));
    const double scale = uniformX / std::max(3.0, line.xHeight), across = narrowed * scale;
    const cv::Rect r = cv::Rect(line.box.left() - linePad, line.box.top() - linePad, line.box.width() + 2 * linePad,
                                line.box.height() + 2 * linePad) &
                       cv::Rect(0, 0, bgra.cols, bgra.rows);
    const LinePart part{bgra(r), maskOf(line, r), line.lightOnDark, line.byHue};
    const std::array<int, 3> ground = groundOf(part.pixels);
    const Channels axis = axisOf(part, ground);
    cv::Mat gray(part.pixels.size(), CV_8U, cv::Scalar(255));
    part.eachInked([&](const uchar* p, int x, int y) {
        double t = 0;
        for (size_t c = 0; c < 3; ++c) t += (p[c] - ground[c]) * axis[c];
        gray.ptr<uchar>(y)[x] = uchar(255.5 - std::clamp(t, 0.0, 255.0));
    });
    takeOut(line.rules, QPoint(r.x, r.y), line.xHeight, gray);
    cv::Mat scaled;
    const cv::Size size(std::max(1, int(std::lround(gray.cols * across))),
                        std::max(1, int(std::lround(gray.rows * scale))));
    cv::resize(gray, scaled, size, 0, 0, scale >= 1 ? cv::INTER_CUBIC : cv::INTER_AREA);
    UniformLine uniform;
    uniform.scale = across;
    putOnBaseline(uniform, scaled, (line.baseline - r.y) * scale, scale);
    uniform.ink = imageOf(gray);
    uniform.ground = qRgb(ground[2], ground[1], ground[0]);
    uniform.moveTo(QPoint(r.x, r.y));
    return uniform;
}

} // namespace eyelid
