#include "app/sheet/tiled_picture.h"

#include "picture/half.h"

#include <algorithm>
#include <cmath>

namespace eyelid {
namespace {

constexpr int side = 256;       // of a tile, device pixels
constexpr int leastHalf = 128;  // pixels; what is smaller has no half of its own
constexpr qsizetype most = 600; // tiles that are kept: some ten screens full
constexpr double plain = 1.99;  // from this scale on pixels are shown as squares

int scaled(int pixels, double scale) {
    return std::max(1, int(std::lround(pixels * scale)));
}

} // namespace

TiledPicture::TiledPicture(const QImage& picture) {
    if (picture.isNull()) return;
    m_levels.push_back(picture.format() == QImage::Format_RGB32 ? picture
                                                                : picture.convertToFormat(QImage::Format_RGB32));
    while (std::min(m_levels.back().width(), m_levels.back().height()) >= 2 * leastHalf)
        m_levels.push_back(halfOf(m_levels.back()));
}

const QImage& TiledPicture::atLeast(int width) const {
    size_t level = m_levels.size() - 1;
    while (level > 0 && m_levels[level].width() < width) --level;
    return m_levels[level];
}

// Pixel for pixel there is nothing to keep.
void TiledPicture::drawExact(QPainter& painter, const QPointF& origin, const QRectF& view) const {
    const double ratio = painter.device()->devicePixelRatioF();
    const QRectF seen((view.topLeft() - origin) * ratio, view.size() * ratio);
    const QRect part = seen.toAlignedRect().intersected(m_levels[0].rect());
    if (part.isEmpty()) return;
    painter.setRenderHint(QPainter::SmoothPixmapTransform, false);
    painter.drawImage(QRectF(origin + QPointF(part.topLeft()) / ratio, QSizeF(part.size()) / ratio), m_levels[0],
                      QRectF(part));
}

QImage TiledPicture::tile(const std::pair<int, int>& at) const {
    const QSize whole(scaled(m_levels[0].width(), m_scale), scaled(m_levels[0].height(), m_scale));
    QImage tile(std::min(side, whole.width() - at.first * side), std::min(side, whole.height() - at.second * side),
                QImage::Format_RGB32);
    tile.fill(0);
    // The smallest that is not drawn larger.
    size_t level = 0;
    while (level + 1 < m_levels.size() && m_scale * (2 << level) <= 1) ++level;
    const QImage& from = m_levels[level];
    QPainter painter(&tile);
    painter.setRenderHint(QPainter::SmoothPixmapTransform, m_scale < plain);
    painter.translate(-at.first * side, -at.second * side);
    painter.scale(m_levels[0].width() * m_scale / from.width(), m_levels[0].height() * m_scale / from.height());
    painter.drawImage(QPointF(0, 0), from);
    return tile;
}

void TiledPicture::draw(QPainter& painter, const QPointF& origin, double scale, const QRectF& view) {
    if (isNull()) return;
    if (scale == 1) return drawExact(painter, origin, view);
    const double ratio = painter.device()->devicePixelRatioF();
    if (scale != m_scale) m_tiles.clear();
    m_scale = scale;
    const QRectF seen((view.topLeft() - origin) * ratio, view.size() * ratio);
    const auto last = [&](double end, int pixels) {
        return int(std::ceil(std::min(end, double(scaled(pixels, scale))) / side)) - 1;
    };
    const int left = std::max(0, int(seen.left()) / side), top = std::max(0, int(seen.top()) / side);
    const int right = last(seen.right(), m_levels[0].width()), bottom = last(seen.bottom(), m_levels[0].height());
    if (m_tiles.size() > most)
        m_tiles.removeIf([&](auto it) {
            const auto [x, y] = it.key();
            return x < left || x > right || y < top || y > bottom;
        });
    for (int y = top; y <= bottom; ++y)
        for (int x = left; x <= right; ++x) {
            QImage& kept = m_tiles[{x, y}];
            if (kept.isNull()) kept = tile({x, y});
            kept.setDevicePixelRatio(ratio);
            painter.drawImage(origin + QPointF(x, y) * side / ratio, kept);
        }
}

} // namespace eyelid
