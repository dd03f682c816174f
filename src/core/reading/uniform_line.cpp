#include "reading/uniform_line.h"

#include "reading/ruled_pieces.h"

#include <algorithm>
#include <array>
#include <cmath>
#include <map>
#include <opencv2/imgproc.hpp>
#include <optional>

namespace eyelid {
namespace {

// Measures of the uniform line, in pixels: Tesseract's line model takes pictures of 36 pixels' height.
constexpr double uniformX = 15;
constexpr int above = 12, below = 10, sideRoom = 10;
// A little narrower than it is high: as well read, and in less time, which goes with the width.
constexpr double narrowed = 0.9;

using Channels = std::array<double, 3>; // blue, green, red
using Colour = std::array<int, 3>;      // the same as levels

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

// `line`'s ink without the rules along it, which may be of another colour.
cv::Mat lettersOf(const LinePatch& line, const cv::Rect& r, const cv::Mat& mask) {
    cv::Mat letters = mask.clone();
    for (const QRect& rule : line.rules)
        if (rule.width() > rule.height())
            cv::rectangle(letters,
                          cv::Rect(rule.left() - r.x, rule.top() - r.y, rule.width(), rule.height()) &
                              cv::Rect(0, 0, r.width, r.height),
                          0, cv::FILLED);
    return letters;
}

cv::Mat maskOf(const LinePatch& line, const cv::Rect& r) {
    cv::Mat mask = cv::Mat::zeros(r.size(), CV_8U);
    for (const QRect& ink : line.inks)
        cv::rectangle(mask,
                      cv::Rect(ink.left() - r.x - 1, ink.top() - r.y - 1, ink.width() + 2, ink.height() + 2) &
                          cv::Rect(0, 0, r.width, r.height),
                      255, cv::FILLED);
    return mask;
}

int distance(const uchar* p, const Colour& c) {
    return std::max({std::abs(p[0] - c[0]), std::abs(p[1] - c[1]), std::abs(p[2] - c[2])});
}

// How often each colour is found, those alike taken together.
class Colours {
public:
    void add(const uchar* p) {
        Seen& seen = m_seen[{p[0] >> bits, p[1] >> bits, p[2] >> bits}];
        if (seen.times++ == 0) seen.colour = {p[0], p[1], p[2]};
        ++m_count;
    }
    int count() const { return m_count; }
    struct Seen {
        Colour colour{};
        int times = 0;
    };
    Seen mostFrequent() const {
        Seen most;
        for (const auto& [coarse, seen] : m_seen)
            if (seen.times > most.times) most = seen;
        return most;
    }

private:
    static constexpr int bits = 4; // of a channel's eight that are left out
    std::map<Colour, Seen> m_seen;
    int m_count = 0;
};

constexpr int otherColour = 14; // levels of a channel from one colour to another

template <typename Visit> void eachPixel(const cv::Mat& part, Visit visit) {
    for (int y = 0; y < part.rows; ++y) {
        const uchar* p = part.ptr<uchar>(y);
        for (int x = 0; x < part.cols; ++x, p += 4) visit(p);
    }
}

double luminance(const Colour& c) {
    return 0.114 * c[0] + 0.587 * c[1] + 0.299 * c[2];
}

// The most frequent colour on the side of the line's middle lightness that its ground is on; none of a block.
std::optional<Colour> onGroundsSide(const cv::Mat& part, bool lightOnDark, double middle) {
    constexpr double leastGround = 0.25; // of the pixels, between the heaviest letters
    Colours colours;
    eachPixel(part, [&](const uchar* p) {
        if ((luminance({p[0], p[1], p[2]}) < middle) == lightOnDark) colours.add(p);
    });
    if (colours.count() < leastGround * part.rows * part.cols) return std::nullopt;
    return colours.mostFrequent().colour;
}

// The median of each channel. Where half of the line stands on another ground the three together may be no colour of
// the line's, and the most frequent colour is taken; where heavy letters stand close the median is theirs.
Colour groundOf(const LinePart& part) {
    constexpr double fewest = 0.1; // of the pixels are of the ground's colour
    int histogram[3][256] = {};
    double darkest = 255, lightest = 0;
    eachPixel(part.pixels, [&](const uchar* p) {
        for (int c = 0; c < 3; ++c) ++histogram[c][p[c]];
        const double light = luminance({p[0], p[1], p[2]});
        darkest = std::min(darkest, light);
        lightest = std::max(lightest, light);
    });
    Colour ground{};
    for (size_t c = 0; c < 3; ++c) {
        int seen = 0, level = 0;
        while (level < 255 && (seen += histogram[c][level]) * 2 < part.pixels.rows * part.pixels.cols) ++level;
        ground[c] = level;
    }
    const double middle = (darkest + lightest) / 2;
    if (!part.byHue && (luminance(ground) < middle) != part.lightOnDark)
        if (const auto other = onGroundsSide(part.pixels, part.lightOnDark, middle)) return *other;
    int alike = 0;
    eachPixel(part.pixels, [&](const uchar* p) { alike += distance(p, ground) < otherColour; });
    if (alike >= fewest * part.pixels.rows * part.pixels.cols) return ground;
    Colours colours;
    eachPixel(part.pixels, [&](const uchar* p) { colours.add(p); });
    return colours.mostFrequent().colour;
}

// A ground that part of a line stands on while the rest stands on the line's own: what a search has marked, a pale
// selection, a changed word.
struct SecondGround {
    Colour colour{};
    std::vector<char> columns; // those that stand on it
};

// By column, whether `other` is more of it than `own`; what shows neither goes on as the column before.
std::vector<char> columnsOn(const cv::Mat& pixels, const Colour& own, const Colour& other) {
    constexpr int alike = 10; // levels of a channel
    const auto near = [&](const uchar* p, const Colour& c) {
        return std::abs(p[0] - c[0]) <= alike && std::abs(p[1] - c[1]) <= alike && std::abs(p[2] - c[2]) <= alike;
    };
    std::vector<int> more(size_t(pixels.cols), 0);
    for (int y = 0; y < pixels.rows; ++y) {
        const uchar* p = pixels.ptr<uchar>(y);
        for (int x = 0; x < pixels.cols; ++x, p += 4) more[size_t(x)] += near(p, other) - near(p, own);
    }
    std::vector<char> on(more.size(), 0);
    for (size_t x = 0; x < more.size(); ++x) on[x] = more[x] != 0 ? more[x] > 0 : x > 0 && on[x - 1];
    return on;
}

// The colour found most often on the rows over and under the type that is not the line's own ground: type in another
// colour does not reach them.
std::optional<SecondGround> secondGround(const LinePart& part, const Colour& own, double xHeight) {
    constexpr double mostOfInk = 0.5; // of the way from the ground to black or white: nearer to it than ink is
    constexpr double narrowest = 0.6; // heights of a small x
    constexpr double mostlyOne = 0.6; // of what is not the line's own ground
    Colours colours;
    for (const int y : {0, 1, part.pixels.rows - 2, part.pixels.rows - 1}) {
        if (y < 0 || y >= part.pixels.rows) continue;
        const uchar* p = part.pixels.ptr<uchar>(y);
        for (int x = 0; x < part.pixels.cols; ++x, p += 4)
            if (distance(p, own) >= otherColour) colours.add(p);
    }
    // A glow or a shadow around the type is of many colours.
    const Colours::Seen most = colours.mostFrequent();
    if (most.times < narrowest * xHeight || most.times < mostlyOne * colours.count()) return std::nullopt;
    SecondGround second{most.colour, {}};
    const double range = part.lightOnDark ? 255 - luminance(own) : luminance(own);
    if (std::abs(luminance(second.colour) - luminance(own)) > mostOfInk * range) return std::nullopt;
    second.columns = columnsOn(part.pixels, own, second.colour);
    const auto count = std::count(second.columns.begin(), second.columns.end(), char(1));
    if (double(count) < narrowest * xHeight) return std::nullopt;
    return second;
}

// The colour of what differs most from the ground it stands on.
std::optional<Channels> inkOf(const LinePart& part, const Colour& ground, const SecondGround* second) {
    const auto under = [&](int x) -> const Colour& {
        return second && second->columns[size_t(x)] ? second->colour : ground;
    };
    const auto onSide = [&](const uchar* p, int x) {
        if (part.byHue) return true;
        const Colour& g = under(x);
        const int l = 114 * (p[0] - g[0]) + 587 * (p[1] - g[1]) + 299 * (p[2] - g[2]);
        return part.lightOnDark ? l > 0 : l < 0;
    };
    int farthest = 1;
    part.eachInked([&](const uchar* p, int x, int) {
        if (onSide(p, x)) farthest = std::max(farthest, distance(p, under(x)));
    });
    Channels ink{};
    double weight = 0;
    part.eachInked([&](const uchar* p, int x, int) {
        if (distance(p, under(x)) < 0.8 * farthest || !onSide(p, x)) return;
        for (size_t c = 0; c < 3; ++c) ink[c] += p[c];
        weight += 1;
    });
    if (weight == 0) return std::nullopt;
    for (double& c : ink) c /= weight;
    return ink;
}

// From the ground's colour to the ink's, so long that along it the ink's is 255: ink is what differs from the ground
// most.
Channels axisFrom(const Colour& ground, const std::optional<Channels>& ink) {
    Channels axis{};
    double length = 0;
    for (size_t c = 0; c < 3; ++c) {
        axis[c] = (ink ? (*ink)[c] : 255 - ground[c]) - ground[c];
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

// A rule of another colour than the type would part the stroke it crosses.
void bridge(const QRect& rule, int column, cv::Mat& gray) {
    const uchar ends = std::max(gray.at<uchar>(rule.top() - 1, column), gray.at<uchar>(rule.bottom() + 1, column));
    for (int y = rule.top(); y <= rule.bottom(); ++y)
        gray.at<uchar>(y, column) = std::min(gray.at<uchar>(y, column), ends);
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
            if (strokeCrosses(ink, own, x, inked)) {
                bridge(own, x, gray);
                keptTo = std::max({x, keptTo, barEnd(ink, own, x, int(std::lround(xHeight)), inked)});
            } else if (x > keptTo)
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
    const Colour ground = groundOf(part);
    const auto second = secondGround(part, ground, line.xHeight);
    const LinePart letters{part.pixels, lettersOf(line, r, part.mask), line.lightOnDark, line.byHue};
    const auto ink = inkOf(letters, ground, second ? &*second : nullptr);
    const Channels axis = axisFrom(ground, ink);
    const Channels otherAxis = second ? axisFrom(second->colour, ink) : axis;
    cv::Mat gray(part.pixels.size(), CV_8U, cv::Scalar(255));
    part.eachInked([&](const uchar* p, int x, int y) {
        const bool other = second && second->columns[size_t(x)];
        const Colour& from = other ? second->colour : ground;
        const Channels& along = other ? otherAxis : axis;
        double t = 0;
        for (size_t c = 0; c < 3; ++c) t += (p[c] - from[c]) * along[c];
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
