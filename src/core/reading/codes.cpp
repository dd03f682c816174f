#include "reading/codes.h"

#include "reading/lightness.h"

#include <algorithm>
#include <cmath>
#include <cstring>
#include <opencv2/imgproc.hpp>
#include <QPainter>
#include <ZXing/ReadBarcode.h>

namespace eyelid {
namespace {

constexpr int tileSide = 2400, overlap = 600; // pixels; larger codes than the overlap are found on a smaller picture

QString nameOf(ZXing::BarcodeFormat format) {
    using F = ZXing::BarcodeFormat;
    switch (format) {
    case F::QRCode:
        return QStringLiteral("QR code");
    case F::MicroQRCode:
        return QStringLiteral("Micro QR code");
    case F::DataMatrix:
        return QStringLiteral("Data Matrix");
    case F::Aztec:
        return QStringLiteral("Aztec code");
    case F::PDF417:
        return QStringLiteral("PDF417");
    default:
        return QString::fromLatin1(ZXing::ToString(format));
    }
}

// How far the pixels around each pixel of a row differ.
void edgesOf(const uchar* above, const uchar* here, const uchar* below, std::vector<uchar>& edges) {
    const int width = int(edges.size());
    std::vector<uchar> light(edges.size() + 2), dark(edges.size() + 2); // with the outermost once more
    uchar *most = light.data() + 1, *least = dark.data() + 1, *out = edges.data();
#pragma omp simd
    for (int x = 0; x < width; ++x) {
        most[x] = std::max(above[x], std::max(here[x], below[x]));
        least[x] = std::min(above[x], std::min(here[x], below[x]));
    }
    most[-1] = most[0];
    most[width] = most[width - 1];
    least[-1] = least[0];
    least[width] = least[width - 1];
#pragma omp simd
    for (int x = 0; x < width; ++x)
        out[x] = uchar(std::max(most[x - 1], std::max(most[x], most[x + 1])) -
                       std::min(least[x - 1], std::min(least[x], least[x + 1])));
}

struct CodePlace {
    QRect area;
    bool stripes = true; // high enough for the stripes of a barcode
    int shrink = 1;      // looked at in a picture so many times smaller
};

// Where a picture is not flat, each place with what is around it; nearly all of a screen is flat once its text is left
// out. The picture as a whole where that is not worth parting.
std::vector<CodePlace> places(const cv::Mat& gray) {
    constexpr int cell = 4;        // pixels
    constexpr int reach = 15;      // cells; the widest stripe of a barcode with modules of six pixels
    constexpr int thinnest = 3;    // cells; no code can be read that is lower
    constexpr int leastSide = 20;  // pixels; nor one that is smaller both ways,
    constexpr int leastOther = 16; // or than this either way: that of rows of letters is less, mostly
    constexpr int leastStripe = 20;
    constexpr int leastEdge = 12; // levels
    constexpr size_t mostPlaces = 40;
    cv::Mat labels, stats, centres;
    // Cells that have an edge in them: the difference of the lightest and the darkest of three pixels by three.
    cv::Mat busy((gray.rows + cell - 1) / cell, (gray.cols + cell - 1) / cell, CV_8U);
    std::vector<uchar> strongest(size_t(busy.cols * cell)), edge(size_t(gray.cols));
    bool even = false; // the last edges are those of rows that are all the same
    for (int row = 0; row < busy.rows; ++row) {
        std::fill(strongest.begin(), strongest.end(), 0);
        for (int y = row * cell; y < std::min(gray.rows, (row + 1) * cell); ++y) {
            const uchar *above = gray.ptr<uchar>(std::max(0, y - 1)), *here = gray.ptr<uchar>(y),
                        *below = gray.ptr<uchar>(std::min(gray.rows - 1, y + 1));
            // Nearly all rows of a screen without its text are as the next.
            const auto same = [&](const uchar* a, const uchar* b) {
                return a == b || std::memcmp(a, b, size_t(gray.cols)) == 0;
            };
            const bool all = same(here, below) && same(above, here);
            if (!all || !even) edgesOf(above, here, below, edge);
            even = all;
            uchar* most = strongest.data();
            const uchar* edges = edge.data();
#pragma omp simd
            for (int x = 0; x < gray.cols; ++x) most[x] = std::max(most[x], edges[x]);
        }
        for (int x = 0; x < busy.cols; ++x) {
            const auto first = strongest.begin() + x * cell;
            busy.at<uchar>(row, x) = *std::max_element(first, first + cell) > leastEdge ? 255 : 0;
        }
    }
    if (cv::countNonZero(busy) == 0) return {};
    const auto square = [](int side) { return cv::getStructuringElement(cv::MORPH_RECT, {side, side}); };
    cv::morphologyEx(busy, busy, cv::MORPH_CLOSE, square(reach));
    cv::morphologyEx(busy, busy, cv::MORPH_OPEN, square(thinnest)); // rules and frames part places, and join none
    const int n = cv::connectedComponentsWithStats(busy, labels, stats, centres, 8, CV_32S);
    const QRect whole(0, 0, gray.cols, gray.rows);
    std::vector<CodePlace> found;
    double area = 0;
    for (int i = 1; i < n; ++i) {
        const int* s = stats.ptr<int>(i);
        const QRect r(cell * s[cv::CC_STAT_LEFT], cell * s[cv::CC_STAT_TOP], cell * s[cv::CC_STAT_WIDTH],
                      cell * s[cv::CC_STAT_HEIGHT]);
        if (std::max(r.width(), r.height()) < leastSide || std::min(r.width(), r.height()) < leastOther) continue;
        // The plain border that belongs to a code.
        const int margin = std::max(2 * cell, std::max(r.width(), r.height()) / 8);
        const QRect around = r.adjusted(-margin, -margin, margin, margin).intersected(whole);
        found.push_back({around, std::min(r.width(), r.height()) >= leastStripe});
        area += double(around.width()) * around.height();
    }
    if (found.size() > mostPlaces || area > 0.6 * whole.width() * whole.height()) return {{whole}};
    return found;
}

// Squares of dense black and white, where a code may be that the library looks for in the middle of a picture only.
std::vector<QRect> squares(const cv::Mat& gray, const QRect& place) {
    cv::Mat half, dark, labels, stats, centres;
    const cv::Mat all = gray(cv::Rect(place.left(), place.top(), place.width(), place.height()));
    cv::resize(all, half, {}, 0.5, 0.5, cv::INTER_AREA);
    std::vector<QRect> found;
    // Small and large modules: as far as the white between two of them reaches.
    for (const int reach : {7, 21}) {
        cv::morphologyEx(half < 120, dark, cv::MORPH_CLOSE, cv::getStructuringElement(cv::MORPH_RECT, {reach, reach}));
        const int n = cv::connectedComponentsWithStats(dark, labels, stats, centres, 8, CV_32S);
        for (int i = 1; i < n; ++i) {
            const int* s = stats.ptr<int>(i);
            const int w = s[cv::CC_STAT_WIDTH], h = s[cv::CC_STAT_HEIGHT];
            if (std::min(w, h) < 12 || std::max(w, h) > 1.35 * std::min(w, h)) continue;
            if (s[cv::CC_STAT_AREA] < 0.6 * w * h) continue;
            found.emplace_back(place.left() + 2 * s[cv::CC_STAT_LEFT], place.top() + 2 * s[cv::CC_STAT_TOP], 2 * w,
                               2 * h);
        }
    }
    return found;
}

// A barcode is found along one line across it: as far to either side as the stripes stay the same.
QPolygonF stretched(const QImage& gray, const QPolygonF& found) {
    constexpr int mostDifferent = 40; // levels, on average
    const QPointF from = (found[0] + found[3]) / 2, to = (found[1] + found[2]) / 2, along = to - from;
    const double length = std::hypot(along.x(), along.y());
    if (length < 2) return found;
    const QPointF step(-along.y() / length, along.x() / length);
    const int samples = int(length);
    const auto level = [&](QPointF p) {
        const QPoint at = p.toPoint();
        return gray.rect().contains(at) ? int(gray.constScanLine(at.y())[at.x()]) : -1;
    };
    std::vector<std::pair<QPointF, int>> stripes;
    for (int i = 0; i <= samples; ++i) {
        const QPointF p = from + along * (double(i) / samples);
        stripes.push_back({p, level(p)});
    }
    const auto reach = [&](double side) {
        int far = 0;
        for (int n = 1; n < gray.width() + gray.height(); ++n) {
            long different = 0;
            for (const auto& [p, here] : stripes) {
                const int there = level(p + side * n * step);
                if (there < 0) return far;
                different += std::abs(there - here);
            }
            if (different > long(mostDifferent) * (samples + 1)) return far;
            far = n;
        }
        return far;
    };
    const QPointF up = -reach(-1) * step, down = reach(1) * step;
    return QPolygonF{{from + up, to + up, to + down, from + down}};
}

// Whether an area may show a code of dark modules on light, or of light on dark: somewhere a good part of it is of the
// colour of its ground. Of text that was left on the picture, that is only one of them.
bool mayBe(const cv::Mat& gray, const QRect& area, bool lightOnDark) {
    constexpr int block = 16;      // pixels
    constexpr double least = 0.35; // of a block within a code is ground
    const cv::Mat within = gray(cv::Rect(area.left(), area.top(), area.width(), area.height()));
    double low = 0, high = 0, most = 0;
    cv::minMaxLoc(within, &low, &high);
    const double middle = (low + high) / 2;
    cv::Mat shares;
    cv::resize(lightOnDark ? within < middle : within > middle, shares,
               {std::max(1, area.width() / block), std::max(1, area.height() / block)}, 0, 0, cv::INTER_AREA);
    cv::minMaxLoc(shares, nullptr, &most);
    return most >= 255 * least;
}

// Adds what is found in an area, and paints it over. False when that was nothing.
bool search(QImage& left, const QRect& area, int shrink, const ZXing::DecodeHints& hints, std::vector<Code>& codes) {
    // The library measures small modules to half a pixel only, and is often off by it.
    constexpr int small = 100;
    const double scale = shrink > 1 ? 1.0 / shrink : std::max(area.width(), area.height()) <= small ? 3 : 1;
    const QSize size = (QSizeF(area.size()) * scale).toSize();
    const QImage scaled = scale == 1
                              ? QImage()
                              : left.copy(area).scaled(size, Qt::IgnoreAspectRatio,
                                                       shrink > 1 ? Qt::SmoothTransformation : Qt::FastTransformation);
    // What is scaled smoothly may come back in colour.
    const QImage gray = scaled.convertToFormat(QImage::Format_Grayscale8);
    const ZXing::ImageView view(
        scale == 1 ? std::as_const(left).constScanLine(area.top()) + area.left() : gray.constBits(), size.width(),
        size.height(), ZXing::ImageFormat::Lum, int(scale == 1 ? left.bytesPerLine() : gray.bytesPerLine()));
    bool any = false;
    for (const ZXing::Result& found : ZXing::ReadBarcodes(view, hints)) {
        if (!found.isValid()) continue;
        Code code;
        code.kind = nameOf(found.format());
        code.content = QString::fromStdWString(found.text());
        for (const auto& point : found.position()) code.corners << QPointF(point.x, point.y) / scale + area.topLeft();
        const bool linear = ZXing::BarcodeFormats(ZXing::BarcodeFormat::LinearCodes).testFlag(found.format());
        if (linear) code.corners = stretched(left, code.corners);
        // A corner the library could not tell is given as nought: then all that was searched is the code's.
        if (std::any_of(found.position().begin(), found.position().end(), [](auto p) { return p.x == 0 && p.y == 0; }))
            code.corners = QPolygonF(QRectF(area)).sliced(0, 4);
        code.box = code.corners.boundingRect();
        // Of a smaller picture places are known to its own pixels.
        if (shrink > 1) code.box = code.box.adjusted(-shrink, -shrink, shrink, shrink).intersected(QRectF(left.rect()));
        const QRect place = code.box.toAlignedRect().adjusted(-2, -2, 2, 2).intersected(left.rect());
        if (place.isEmpty()) continue;
        QPainter(&left).fillRect(place, Qt::white);
        any = true;
        // Any few stripes make a number of two digits.
        if (!linear || code.content.size() >= 5) codes.push_back(std::move(code));
    }
    return any;
}

} // namespace

std::vector<Code> findCodes(const QImage& picture) {
    std::vector<Code> codes;
    if (picture.width() < 16 || picture.height() < 16) return codes;
    const QImage gray = picture.convertToFormat(QImage::Format_Grayscale8);
    ZXing::DecodeHints matrices;
    matrices.setTryHarder(true);
    matrices.setTryRotate(true);
    using F = ZXing::BarcodeFormat;
    matrices.setFormats(F::QRCode | F::MicroQRCode | F::DataMatrix | F::Aztec | F::PDF417);
    // Without their check digits the weakest kinds are found in any row of stripes. Of one size and one at a time: the
    // library stops the program where it meets the same barcode twice (its Result.cpp, operator==, version 1.4).
    ZXing::DecodeHints linears = matrices;
    linears.setFormats(F::Code39 | F::Code93 | F::Code128 | F::EAN8 | F::EAN13 | F::UPCA | F::UPCE | F::ITF |
                       F::Codabar);
    linears.setTryDownscale(false);
    linears.setMaxNumberOfSymbols(1);
    // The library tells of one code of a kind at a time: what was found is painted over, and the rest looked at again.
    QImage left = gray;
    constexpr int most = 64;
    std::vector<CodePlace> areas;
    const cv::Mat pixels = pixelsOf(gray);
    constexpr size_t mostSquares = 32; // the largest
    std::vector<QRect> dense;
    std::vector<CodePlace> coarse;
    for (const auto& [place, stripes, whole] : places(pixels)) {
        for (int shrink = 2; std::max(place.width(), place.height()) > overlap * shrink / 2; shrink *= 2)
            coarse.push_back({place, stripes, shrink});
        const std::vector<QRect> inPlace = squares(pixels, place);
        dense.insert(dense.end(), inPlace.begin(), inPlace.end());
        for (int y = 0; y < place.height(); y += tileSide - overlap)
            for (int x = 0; x < place.width(); x += tileSide - overlap) {
                const QRect area = QRect(place.left() + x, place.top() + y, tileSide, tileSide).intersected(place);
                if ((x > 0 && area.width() <= overlap) || (y > 0 && area.height() <= overlap)) continue;
                areas.push_back({area, stripes});
            }
    }
    std::sort(dense.begin(), dense.end(),
              [](const QRect& a, const QRect& b) { return a.width() * a.height() > b.width() * b.height(); });
    if (dense.size() > mostSquares) dense.resize(mostSquares);
    for (const QRect& square : dense) {
        const int margin = std::max(8, square.width() / 8);
        areas.push_back({square.adjusted(-margin, -margin, margin, margin).intersected(gray.rect())});
    }
    areas.insert(areas.end(), coarse.begin(), coarse.end());
    // Dark on light, and once more light on dark.
    for (const bool inverted : {false, true}) {
        if (inverted) left.invertPixels();
        for (const bool linear : {false, true})
            for (const auto& [area, stripes, shrink] : areas) {
                if ((linear && !stripes) || !mayBe(pixels, area, inverted)) continue;
                for (int turn = 0; turn < most && int(codes.size()) < most; ++turn)
                    if (!search(left, area, shrink, linear ? linears : matrices, codes)) break;
            }
    }
    std::sort(codes.begin(), codes.end(), [](const Code& a, const Code& b) {
        return a.box.top() != b.box.top() ? a.box.top() < b.box.top() : a.box.left() < b.box.left();
    });
    return codes;
}

} // namespace eyelid
