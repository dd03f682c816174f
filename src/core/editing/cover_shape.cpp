#include "editing/cover_shape.h"

#include <algorithm>
#include <cmath>
#include <opencv2/imgproc.hpp>

namespace eyelid {
namespace {

using Points = std::vector<cv::Point>;

// Runs of set pixels in a row of a mask, as rectangles of one pixel's height at `origin`.
std::vector<QRect> runsOf(const cv::Mat& mask, int y, const QPoint& origin) {
    const uchar* row = mask.ptr<uchar>(y);
    std::vector<QRect> runs;
    for (int x = 0; x < mask.cols; ++x) {
        if (!row[x]) continue;
        const int from = x;
        while (x < mask.cols && row[x]) ++x;
        runs.emplace_back(origin.x() + from, origin.y() + y, x - from, 1);
    }
    return runs;
}

bool sameSpans(const std::vector<QRect>& a, const std::vector<QRect>& b) {
    return std::equal(a.begin(), a.end(), b.begin(), b.end(), [](const QRect& one, const QRect& other) {
        return one.left() == other.left() && one.width() == other.width();
    });
}

// The pixels that are set in a mask which lies at `origin`, in bands as high as the rows are alike.
QRegion regionOf(const cv::Mat& mask, const QPoint& origin) {
    std::vector<QRect> all, band;
    for (int y = 0; y < mask.rows; ++y) {
        std::vector<QRect> runs = runsOf(mask, y, origin);
        if (!runs.empty() && sameSpans(band, runs)) {
            for (QRect& rect : band) rect.setHeight(rect.height() + 1);
            continue;
        }
        all.insert(all.end(), band.begin(), band.end());
        band = std::move(runs);
    }
    all.insert(all.end(), band.begin(), band.end());
    QRegion region;
    region.setRects(all.data(), int(all.size()));
    return region;
}

} // namespace

CoverShape CoverShape::rectangles(std::vector<QRect> rects) {
    CoverShape shape;
    shape.m_rects = std::move(rects);
    return shape;
}

CoverShape CoverShape::polygon(QPolygon corners) {
    CoverShape shape;
    shape.m_form = Form::Polygon;
    shape.m_points = std::move(corners);
    return shape;
}

CoverShape CoverShape::stroke(QPolygon path, int width) {
    CoverShape shape;
    shape.m_form = Form::Stroke;
    shape.m_points = std::move(path);
    shape.m_width = std::max(1, width);
    return shape;
}

QRegion CoverShape::region(const QSize& picture) const {
    const QRect all(QPoint(0, 0), picture);
    if (m_form == Form::Rectangles) {
        QRegion region;
        for (const QRect& rect : m_rects) region += rect.normalized().intersected(all);
        return region;
    }
    if (m_points.isEmpty()) return {};
    const int reach = m_width / 2 + 1;
    const QRect box = m_points.boundingRect().adjusted(-reach, -reach, reach, reach).intersected(all);
    if (box.isEmpty()) return {};
    cv::Mat mask = cv::Mat::zeros(box.height(), box.width(), CV_8U);
    Points points;
    for (const QPoint& p : m_points) points.emplace_back(p.x() - box.x(), p.y() - box.y());
    if (m_form == Form::Polygon)
        cv::fillPoly(mask, std::vector<Points>{points}, 255);
    else if (points.size() == 1)
        cv::circle(mask, points.front(), m_width / 2, 255, cv::FILLED);
    cv::polylines(mask, std::vector<Points>{points}, m_form == Form::Polygon, 255,
                  m_form == Form::Stroke ? m_width : 1);
    return regionOf(mask, box.topLeft());
}

CoverShape CoverShape::within(const QSize& picture) const {
    if (m_form != Form::Rectangles) return *this;
    CoverShape shape;
    for (const QRect& rect : m_rects)
        if (const QRect inside = rect.normalized().intersected(QRect(QPoint(0, 0), picture)); !inside.isEmpty())
            shape.m_rects.push_back(inside);
    return shape;
}

CoverShape CoverShape::translated(const QPoint& by) const {
    CoverShape shape = *this;
    for (QRect& rect : shape.m_rects) rect.translate(by);
    shape.m_points.translate(by);
    return shape;
}

CoverShape CoverShape::stretched(const QRect& from, const QRect& to) const {
    if (from.isEmpty() || to.isEmpty()) return *this;
    const auto x = [&](double at) { return to.x() + (at - from.x()) * to.width() / from.width(); };
    const auto y = [&](double at) { return to.y() + (at - from.y()) * to.height() / from.height(); };
    CoverShape shape = *this;
    for (QRect& rect : shape.m_rects) {
        const int left = int(std::floor(x(rect.x()))), top = int(std::floor(y(rect.y())));
        rect = QRect(left, top, int(std::ceil(x(rect.x() + rect.width()))) - left,
                     int(std::ceil(y(rect.y() + rect.height()))) - top);
    }
    for (QPoint& point : shape.m_points) point = QPoint(int(std::lround(x(point.x()))), int(std::lround(y(point.y()))));
    return shape;
}

CoverShape CoverShape::without(const QRect& piece, const QSize& picture) const {
    return rectangles(rectsOf(region(picture).subtracted(piece)));
}

std::vector<QRect> rectsOf(const QRegion& region) {
    return {region.begin(), region.end()};
}

} // namespace eyelid
