// A picture drawn at any scale, in tiles that are kept: while it is moved, what was drawn once is only copied.
#pragma once

#include <QHash>
#include <QImage>
#include <QPainter>
#include <utility>
#include <vector>

namespace eyelid {

class TiledPicture {
public:
    TiledPicture() = default;
    /// Makes halves of halves of it, which small scales are drawn from: takes a while; safe on any thread.
    explicit TiledPicture(const QImage& picture);

    bool isNull() const { return m_levels.empty(); }
    const QImage& whole() const { return m_levels.front(); }
    /// The least of its halves that is at least as wide as that, in pixels.
    const QImage& atLeast(int width) const;

    /// With its corner at `origin` of the view, which lies on a device pixel; `scale`: device pixels of the view for
    /// one of the picture. What lies outside `view` (view units) is left out.
    void draw(QPainter& painter, const QPointF& origin, double scale, const QRectF& view);

private:
    QImage tile(const std::pair<int, int>& at) const;
    void drawExact(QPainter& painter, const QPointF& origin, const QRectF& view) const;

    std::vector<QImage> m_levels;               ///< the picture, its half, the half of that ...
    double m_scale = 0;                         ///< of the tiles
    QHash<std::pair<int, int>, QImage> m_tiles; ///< by column and row
};

} // namespace eyelid
