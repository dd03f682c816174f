// What a cover takes in.
#pragma once

#include <QPolygon>
#include <QRegion>
#include <vector>

namespace eyelid {

/// Rectangles, a polygon, or the stroke of a brush. Device pixels. Value type.
class CoverShape {
public:
    enum class Form { Rectangles, Polygon, Stroke };

    CoverShape() = default;
    CoverShape(const QRect& rect) : m_rects{rect} {} // NOLINT: a rectangle is a shape
    static CoverShape rectangles(std::vector<QRect> rects);
    /// Its inside by the even-odd rule, and every pixel its edges run through.
    static CoverShape polygon(QPolygon corners);
    /// Every pixel that a round brush of `width` pixels touches on its way; one point is a dab.
    static CoverShape stroke(QPolygon path, int width);

    Form form() const { return m_form; }
    const std::vector<QRect>& rects() const { return m_rects; } ///< of Rectangles
    const QPolygon& points() const { return m_points; }         ///< corners of a Polygon, way of a Stroke
    int width() const { return m_width; }                       ///< of a Stroke's brush

    /// The pixels of a picture it takes in.
    QRegion region(const QSize& picture) const;
    /// The same shape, as far as it lies on a picture; a rectangle that reaches over the edge is cut.
    CoverShape within(const QSize& picture) const;
    CoverShape translated(const QPoint& by) const;
    /// Its bounds brought to others: points go where they are then; a brush keeps its width.
    CoverShape stretched(const QRect& from, const QRect& to) const;
    /// The same without a piece, as rectangles.
    CoverShape without(const QRect& piece, const QSize& picture) const;
    bool operator==(const CoverShape&) const = default;

private:
    Form m_form = Form::Rectangles;
    std::vector<QRect> m_rects;
    QPolygon m_points;
    int m_width = 0;
};

/// A region as plain rectangles.
std::vector<QRect> rectsOf(const QRegion& region);

} // namespace eyelid
