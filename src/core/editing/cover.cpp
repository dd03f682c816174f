#include "editing/cover.h"

#include "editing/written_text.h"
#include "picture/geometry.h"
#include "picture/own_picture.h"
#include "picture/picture_file.h"

#include <algorithm>
#include <array>
#include <cmath>
#include <opencv2/imgproc.hpp>

namespace eyelid {
namespace {

// SplitMix64 (Steele et al., OOPSLA 2014): a small generator whose stream depends on the seed alone, everywhere.
class Stream {
public:
    explicit Stream(quint64 seed) : m_state(seed) {}
    quint64 next() {
        quint64 z = (m_state += 0x9e3779b97f4a7c15ull);
        z = (z ^ (z >> 30)) * 0xbf58476d1ce4e5b9ull;
        z = (z ^ (z >> 27)) * 0x94d049bb133111ebull;
        return z ^ (z >> 31);
    }
    /// 0 up to but not including 1.
    double real() { return double(next() >> 11) * 0x1.0p-53; }
    int below(int n) { return int(next() % quint64(n)); }

private:
    quint64 m_state;
};

// Seeded by where the cover is and how it looks, never by what it hides.
quint64 seedOf(const Cover& cover) {
    quint64 seed = 0x6579656c6964ull;
    const auto stir = [&](int v) { seed = Stream(seed ^ quint64(quint32(v))).next(); };
    for (const QRect& r : cover.region)
        for (int v : {r.x(), r.y(), r.width(), r.height()}) stir(v);
    stir(int(cover.look.style));
    stir(int(std::lround(cover.look.strength * 1000)));
    return seed;
}

struct Colour {
    double c[3] = {0, 0, 0};
};

double distance(const Colour& a, const Colour& b) {
    return std::max({std::abs(a.c[0] - b.c[0]), std::abs(a.c[1] - b.c[1]), std::abs(a.c[2] - b.c[2])});
}

// Looks at pixels no cover lies on, and at no others.
class Open {
public:
    Open(const QImage& capture, const std::vector<Cover>& covers) : m_capture(capture) {
        m_hidden = cv::Mat::zeros(capture.height(), capture.width(), CV_8U);
        for (const Cover& cover : covers)
            for (const QRect& r : cover.region& capture.rect())
                m_hidden(cv::Rect(r.x(), r.y(), r.width(), r.height())) = 255;
    }
    template <typename Visit> void each(const QRect& area, Visit visit) const {
        const QRect r = area.intersected(m_capture.rect());
        for (int y = r.top(); y <= r.bottom(); ++y) {
            const auto* line = reinterpret_cast<const QRgb*>(m_capture.constScanLine(y));
            const uchar* hidden = m_hidden.ptr<uchar>(y);
            for (int x = r.left(); x <= r.right(); ++x)
                if (!hidden[x]) visit(Colour{{double(qRed(line[x])), double(qGreen(line[x])), double(qBlue(line[x]))}});
        }
    }
    bool isOpen(int x, int y) const { return !m_hidden.at<uchar>(y, x); }
    const QImage& capture() const { return m_capture; }
    /// The median of each channel; false when no pixel of the area is open.
    bool median(const QRect& area, Colour& colour) const {
        std::array<std::array<int, 256>, 3> count{};
        int n = 0;
        each(area, [&](const Colour& p) {
            for (size_t i = 0; i < 3; ++i) ++count[i][size_t(p.c[i])];
            ++n;
        });
        if (n == 0) return false;
        for (size_t i = 0; i < 3; ++i) {
            int seen = 0, level = 0;
            while (level < 255 && (seen += count[i][size_t(level)]) * 2 < n) ++level;
            colour.c[i] = level;
        }
        return true;
    }

private:
    const QImage& m_capture;
    cv::Mat m_hidden;
};

// The ground around a cover, continued inwards, and the colour its neighbours are written in.
struct Ground {
    Colour left, top, right, bottom, ink;
    Colour at(double x, double y) const { // 0 to 1 across the cover
        const double w[4] = {(1 - x) + 0.02, (1 - y) + 0.02, x + 0.02, y + 0.02};
        const Colour* side[4] = {&left, &top, &right, &bottom};
        Colour mixed;
        double sum = 0;
        for (int i = 0; i < 4; ++i) {
            for (int k = 0; k < 3; ++k) mixed.c[k] += w[i] * side[i]->c[k];
            sum += w[i];
        }
        for (double& v : mixed.c) v /= sum;
        return mixed;
    }
};

Ground groundOf(const Open& open, const QRect& r) {
    constexpr int ring = 4;
    Ground g;
    Colour all{{245, 245, 245}};
    // The ring; wider where other covers lie all around.
    for (int width : {ring, 4 * ring, 16 * ring})
        if (open.median(r.adjusted(-width, -width, width, width), all)) break;
    g.left = g.top = g.right = g.bottom = all;
    open.median(QRect(r.left() - ring, r.top(), ring, r.height()), g.left);
    open.median(QRect(r.right() + 1, r.top(), ring, r.height()), g.right);
    open.median(QRect(r.left(), r.top() - ring, r.width(), ring), g.top);
    open.median(QRect(r.left(), r.bottom() + 1, r.width(), ring), g.bottom);
    // A side that runs along a rule or through a word says little about the ground.
    for (Colour* side : {&g.left, &g.top, &g.right, &g.bottom})
        if (distance(*side, all) > 48) *side = all;
    double farthest = 0;
    const int reach = std::max(24, 2 * r.height());
    const QRect near = r.adjusted(-reach, -reach, reach, reach);
    open.each(near, [&](const Colour& p) { farthest = std::max(farthest, distance(p, all)); });
    if (farthest > 60) {
        double n = 0;
        open.each(near, [&](const Colour& p) {
            if (distance(p, all) < 0.85 * farthest) return;
            for (int k = 0; k < 3; ++k) g.ink.c[k] += p.c[k];
            n += 1;
        });
        for (double& v : g.ink.c) v /= n;
    } else {
        const double light = 0.299 * all.c[0] + 0.587 * all.c[1] + 0.114 * all.c[2];
        g.ink = light > 128 ? Colour{{44, 37, 48}} : Colour{{239, 232, 224}};
    }
    return g;
}

cv::Vec3f mixed(const Colour& a, const Colour& b, double t) {
    return {float(a.c[0] + (b.c[0] - a.c[0]) * t), float(a.c[1] + (b.c[1] - a.c[1]) * t),
            float(a.c[2] + (b.c[2] - a.c[2]) * t)};
}

// `patch`: CV_32FC3 of the cover's bounds; what of it lies in the cover is drawn.
void put(QImage& picture, const Cover& cover, const cv::Mat& patch) {
    const QPoint origin = cover.bounds().topLeft();
    const auto level = [](float v) { return std::clamp(int(std::lround(v)), 0, 255); };
    for (const QRect& r : cover.region)
        for (int y = r.top(); y <= r.bottom(); ++y) {
            auto* line = reinterpret_cast<QRgb*>(picture.scanLine(y));
            for (int x = r.left(); x <= r.right(); ++x) {
                const auto& p = patch.at<cv::Vec3f>(y - origin.y(), x - origin.x());
                line[x] = qRgb(level(p[0]), level(p[1]), level(p[2]));
            }
        }
}

cv::Mat groundPatch(const Ground& ground, const QRect& r) {
    cv::Mat patch(r.height(), r.width(), CV_32FC3);
    for (int y = 0; y < r.height(); ++y)
        for (int x = 0; x < r.width(); ++x) {
            const Colour c = ground.at((x + 0.5) / r.width(), (y + 0.5) / r.height());
            patch.at<cv::Vec3f>(y, x) = mixed(c, c, 0);
        }
    return patch;
}

void drawMosaic(QImage& picture, const Cover& cover, const Ground& ground) {
    const QRect r = cover.bounds();
    const int cell = std::clamp(int(std::lround(4 + 12 * cover.look.strength)), 3, std::max(3, r.height()));
    Stream stream(seedOf(cover));
    cv::Mat patch(r.height(), r.width(), CV_32FC3);
    for (int y = 0; y < r.height(); y += cell)
        for (int x = 0; x < r.width(); x += cell) {
            const double middle = 1 - std::abs((y + cell / 2.0) / r.height() - 0.5) * 1.2;
            const double weight = std::clamp(middle * (0.15 + 0.5 * stream.real()), 0.0, 0.7);
            const auto colour = mixed(ground.at((x + 0.5) / r.width(), (y + 0.5) / r.height()), ground.ink, weight);
            for (int v = y; v < std::min(y + cell, r.height()); ++v)
                for (int u = x; u < std::min(x + cell, r.width()); ++u) patch.at<cv::Vec3f>(v, u) = colour;
        }
    put(picture, cover, patch);
}

void drawBlur(QImage& picture, const Cover& cover, const Ground& ground) {
    const QRect r = cover.bounds();
    Stream stream(seedOf(cover));
    cv::Mat patch = groundPatch(ground, r);
    // Made-up writing: upright and level strokes of a line's height, in groups like words.
    const int rows = std::max(1, r.height() / 34);
    const double pitch = double(r.height()) / rows;
    const int stroke = std::max(1, int(std::lround(pitch / 11)));
    for (int row = 0; row < rows; ++row) {
        const int top = int(pitch * row + pitch * 0.28), bottom = int(pitch * row + pitch * 0.74);
        int x = 2 + stroke;
        int letters = 3 + stream.below(7);
        while (x < r.width() - 2 - stroke) {
            const auto bar = [&](int x0, int y0, int x1, int y1) {
                for (int y = std::max(0, y0); y < std::min(r.height(), y1); ++y)
                    for (int u = std::max(0, x0); u < std::min(r.width(), x1); ++u)
                        patch.at<cv::Vec3f>(y, u) = mixed(ground.ink, ground.ink, 0);
            };
            const int shape = stream.below(4), width = std::max(2, int(pitch * (0.22 + 0.16 * stream.real())));
            const int up = shape == 3 ? top - int(pitch * 0.16) : top;
            bar(x, up, x + stroke, bottom);
            if (shape != 2) bar(x, top, x + width, top + stroke);
            if (shape != 1) bar(x, bottom - stroke, x + width, bottom);
            if (shape == 0) bar(x + width - stroke, top, x + width, bottom);
            x += width + std::max(1, stroke);
            if (--letters == 0) {
                x += int(pitch * 0.28);
                letters = 3 + stream.below(7);
            }
        }
    }
    const double sigma = 1.5 + cover.look.strength * std::max(4.0, pitch * 0.22);
    cv::GaussianBlur(patch, patch, {0, 0}, sigma, sigma, cv::BORDER_REPLICATE);
    put(picture, cover, patch);
}

// A small closed eyelid: what stands before it was made up. `place`: of the patch.
void drawMark(cv::Mat& patch, const cv::Rect& place, const Ground& ground) {
    constexpr int fine = 4; // drawn so many times larger
    cv::Mat ink = cv::Mat::zeros(place.size() * fine, CV_8U);
    const cv::Point middle(ink.cols / 2, ink.rows / 3);
    const cv::Size axes(ink.cols * 2 / 5, ink.rows * 3 / 10);
    const int stroke = std::max(1, ink.rows / 11);
    cv::ellipse(ink, middle, axes, 0, 15, 165, 255, stroke, cv::LINE_AA);
    for (const double angle : {40.0, 90.0, 140.0}) {
        const double x = std::cos(angle * CV_PI / 180), y = std::sin(angle * CV_PI / 180);
        const cv::Point from(middle.x + int(axes.width * x), middle.y + int(axes.height * y));
        cv::line(ink, from, from + cv::Point(int(ink.cols * 0.12 * x), int(ink.rows * 0.24 * y)), 255, stroke,
                 cv::LINE_AA);
    }
    cv::resize(ink, ink, place.size(), 0, 0, cv::INTER_AREA);
    for (int y = 0; y < place.height; ++y)
        for (int x = 0; x < place.width; ++x) {
            cv::Vec3f& pixel = patch.at<cv::Vec3f>(place.y + y, place.x + x);
            const float share = float(ink.at<uchar>(y, x)) / 255;
            for (int k = 0; k < 3; ++k) pixel[k] += (float(ground.ink.c[k]) - pixel[k]) * share;
        }
}

// How much of a pixel is ink: 0 ground, 1 ink.
double inkShare(const QRgb pixel, const Colour& ground, const Colour& ink) {
    const double own[3] = {double(qRed(pixel)), double(qGreen(pixel)), double(qBlue(pixel))};
    double along = 0, all = 0;
    for (int k = 0; k < 3; ++k) {
        along += (own[k] - ground.c[k]) * (ink.c[k] - ground.c[k]);
        all += (ink.c[k] - ground.c[k]) * (ink.c[k] - ground.c[k]);
    }
    return all > 0 ? std::clamp(along / all, 0.0, 1.0) : 0;
}

// How wide the strokes of what is written left and right of a cover are, in pixels: the middle of all that a row
// crosses. 0 where next to nothing is written there.
double strokeBeside(const Open& open, const QRect& cover, const Ground& ground) {
    constexpr double any = 0.15; // of ink, from which on a pixel belongs to a stroke
    constexpr size_t fewestStrokes = 24;
    const int reach = 14 * cover.height();
    const QRect area = cover.adjusted(-reach, 0, reach, 0).intersected(open.capture().rect());
    std::vector<double> strokes;
    for (int y = area.top(); y <= area.bottom(); ++y) {
        const auto* line = reinterpret_cast<const QRgb*>(open.capture().constScanLine(y));
        double stroke = 0;
        for (int x = area.left(); x <= area.right() + 1; ++x) {
            const double share = x <= area.right() && open.isOpen(x, y) ? inkShare(line[x], ground.top, ground.ink) : 0;
            if (share >= any) {
                stroke += share;
            } else if (stroke > 0) {
                strokes.push_back(stroke);
                stroke = 0;
            }
        }
    }
    if (strokes.size() < fewestStrokes) return 0;
    std::nth_element(strokes.begin(), strokes.begin() + long(strokes.size() / 2), strokes.end());
    return strokes[strokes.size() / 2];
}

// By the stroke's width for the height of a small letter, as those of the shipped face are: 0.18, 0.25 and 0.29.
TypeWeight weightBeside(const Open& open, const Cover& cover, const Ground& ground) {
    constexpr double fromSemiBold = 0.215, fromBold = 0.27;
    if (cover.textHeight <= 0) return TypeWeight::Regular;
    const double share = strokeBeside(open, cover.bounds(), ground) / cover.textHeight;
    return share < fromSemiBold ? TypeWeight::Regular : share < fromBold ? TypeWeight::SemiBold : TypeWeight::Bold;
}

// The ground, continued, and a text on it in the ink and weight of what stands around.
void drawText(QImage& picture, const Cover& cover, const Open& open) {
    constexpr double ofHeight = 0.78;        // an em, of the cover's height: letters as high as those it was grown from
    constexpr double highestOfHeight = 0.95; // an em, of the cover's height, whatever is asked for
    constexpr double markOfHeight = 0.55;    // how wide and high the mark is
    constexpr int gap = 2;                   // pixels left and right
    const QRect r = cover.bounds();
    const Ground ground = groundOf(open, r);
    cv::Mat patch = groundPatch(ground, r);
    const int mark = cover.marked ? std::min(int(std::lround(markOfHeight * r.height())), r.width() / 3) : 0;
    const int side = std::min(gap, r.width() / 4);
    const cv::Rect inner(side, 0, r.width() - 2 * side - mark, r.height());
    const cv::Mat ink =
        writtenText(cover.text, inner.size(),
                    cover.textHeight > 0 ? std::min(cover.textHeight / smallLetterOfEm, highestOfHeight * r.height())
                                         : ofHeight * r.height(),
                    weightBeside(open, cover, ground));
    for (int y = 0; y < ink.rows; ++y)
        for (int x = 0; x < ink.cols; ++x) {
            cv::Vec3f& pixel = patch.at<cv::Vec3f>(y, inner.x + x);
            const float share = ink.at<float>(y, x);
            for (int k = 0; k < 3; ++k) pixel[k] += (float(ground.ink.c[k]) - pixel[k]) * share;
        }
    if (mark > 0) drawMark(patch, {r.width() - mark, 0, mark, mark}, ground);
    put(picture, cover, patch);
}

std::optional<QRgb> rgbOf(CoverColour colour) {
    switch (colour) {
    case CoverColour::Aubergine:
        return solidColour();
    case CoverColour::Black:
        return qRgb(0, 0, 0);
    case CoverColour::Grey:
        return qRgb(0x80, 0x80, 0x80);
    case CoverColour::White:
        return qRgb(0xff, 0xff, 0xff);
    case CoverColour::Ground:
        break;
    }
    return std::nullopt;
}

void drawSolid(QImage& picture, const Cover& cover, const Open& open) {
    const auto colour = rgbOf(cover.look.colour);
    if (!colour) return put(picture, cover, groundPatch(groundOf(open, cover.bounds()), cover.bounds()));
    for (const QRect& r : cover.region)
        for (int y = r.top(); y <= r.bottom(); ++y) {
            auto* line = reinterpret_cast<QRgb*>(picture.scanLine(y));
            std::fill(line + r.left(), line + r.right() + 1, *colour);
        }
}

} // namespace

QRgb solidColour() {
    return qRgb(0x5a, 0x2f, 0x52);
}

QRegion hiddenBy(const std::vector<Cover>& covers) {
    QRegion region;
    for (const Cover& cover : covers) region += cover.region;
    return region;
}

namespace {

// Widened to a multiple of `evenWidth`, then cut to the picture.
QRect widened(QRect rect, const QRect& all, int evenWidth) {
    if (evenWidth > 1) {
        rect.setWidth((rect.width() + evenWidth - 1) / evenWidth * evenWidth);
        // Kept within the picture by moving, so that the width stays even.
        if (rect.right() > all.right()) rect.moveRight(all.right());
    }
    return rect.intersected(all);
}

} // namespace

std::vector<QRect> coverRects(const Finding& finding, const QSize& picture, int evenWidth) {
    std::vector<QRect> rects;
    const double margin = std::max(1.5, 0.22 * finding.textHeight);
    for (const QRectF& box : finding.boxes)
        if (const QRect rect = widened(grownOutwards(box, margin), QRect(QPoint(0, 0), picture), evenWidth);
            !rect.isEmpty())
            rects.push_back(rect);
    return rects;
}

QRegion handRegion(const HandCover& cover, const QSize& picture, int evenWidth) {
    QRegion region = cover.shape.region(picture);
    const CoverShape inside = cover.shape.within(picture);
    for (const QRect& rect : inside.rects()) region += widened(rect, QRect(QPoint(0, 0), picture), evenWidth);
    return region;
}

QImage render(const QImage& capture, const std::vector<Cover>& covers) {
    const QImage source = flattened(capture); // shared with the capture where that is flat already
    QImage result = ownCopy(source);
    const Open open(source, covers);
    for (const Cover& whole : covers) {
        Cover cover = whole;
        cover.region &= source.rect();
        if (cover.region.isEmpty()) continue;
        switch (cover.look.style) {
        case CoverStyle::Solid:
            drawSolid(result, cover, open);
            break;
        case CoverStyle::Mosaic:
            drawMosaic(result, cover, groundOf(open, cover.bounds()));
            break;
        case CoverStyle::Blur:
            drawBlur(result, cover, groundOf(open, cover.bounds()));
            break;
        case CoverStyle::StandIn:
        case CoverStyle::Label:
            drawText(result, cover, open);
            break;
        }
    }
    return result;
}

} // namespace eyelid
