#include "editing/framing.h"
#include "picture/own_picture.h"

#include <algorithm>
#include <array>
#include <cmath>
#include <opencv2/imgproc.hpp>
#include <QPainter>
#include <QPainterPath>

namespace eyelid {
namespace {

constexpr double edgeDepth = 14;    // pixels a torn edge reaches in
constexpr double wavePeriod = 5;    // of the depth
constexpr int stepWidth = 26;       // pixels
constexpr double fadeDepth = 4;     // of the depth
constexpr double shadowDark = 0.38; // how much of black the shadow has at its darkest
constexpr double shadowDown = 0.3;  // how much lower it lies, of its reach

QRect cropOf(const Framing& framing, const QSize& capture) {
    const QRect all(QPoint(0, 0), capture);
    const QRect crop = framing.crop.isNull() ? all : framing.crop.intersected(all);
    return crop.isEmpty() ? all : crop; // of another picture: none of it would be left
}

double factorOf(const Resize& resize, const QSize& size) {
    double factor = 1;
    switch (resize.by) {
    case Resize::By::No:
        break;
    case Resize::By::Percent:
        factor = resize.to / 100;
        break;
    case Resize::By::Width:
        factor = resize.to / size.width();
        break;
    case Resize::By::Height:
        factor = resize.to / size.height();
        break;
    case Resize::By::Longest:
        factor = resize.to / std::max(size.width(), size.height());
        break;
    }
    return std::clamp(factor, 0.01, double(largestFramed) / std::max(size.width(), size.height()));
}

QSize scaledSize(const QSize& size, double factor) {
    return {std::max(1, int(std::lround(size.width() * factor))),
            std::max(1, int(std::lround(size.height() * factor)))};
}

cv::Mat matOf(QImage& picture) {
    return {picture.height(), picture.width(), CV_8UC4, picture.bits(), size_t(picture.bytesPerLine())};
}

cv::Scalar scalarOf(QRgb colour) {
    return {double(qBlue(colour)), double(qGreen(colour)), double(qRed(colour)), 255};
}

// How far the edge reaches in at a place along its side, in pixels.
double reachAt(Framing::Edge edge, double along) {
    if (edge == Framing::Edge::Wave)
        return edgeDepth * (0.5 + 0.5 * std::sin(2 * CV_PI * along / (wavePeriod * edgeDepth)));
    // Stairs up and down again, as paper cut with a ruler.
    constexpr std::array<double, 8> heights{0, 0.35, 0.8, 0.5, 1, 0.6, 0.15, 0.45};
    return edgeDepth * heights[size_t(along / stepWidth) % heights.size()];
}

// 0 to 1: how much of a pixel is left by the edge on one side, so far from it.
double leftAt(Framing::Edge edge, double from, double along) {
    if (edge == Framing::Edge::Fade) {
        const double t = std::clamp(from / (fadeDepth * edgeDepth), 0.0, 1.0);
        return t * t * (3 - 2 * t);
    }
    return std::clamp(from - reachAt(edge, along) + 0.5, 0.0, 1.0);
}

void tear(QImage& picture, const Framing& framing) {
    const int w = picture.width(), h = picture.height();
    const int reach = int(std::ceil(edgeDepth * (framing.edge == Framing::Edge::Fade ? fadeDepth : 1))) + 1;
    const auto level = [](int own, int ground, double left) {
        return int(std::lround(ground + (own - ground) * left));
    };
    for (int y = 0; y < h; ++y) {
        auto* line = reinterpret_cast<QRgb*>(picture.scanLine(y));
        const bool all = y < reach || y >= h - reach;
        for (int x = 0; x < w; ++x) {
            if (!all && x >= reach && x < w - reach) x = w - reach; // nothing happens in the middle
            if (x < 0 || x >= w) continue;
            double left = 1;
            if (framing.edgeSides & Qt::LeftEdge) left *= leftAt(framing.edge, x + 0.5, y);
            if (framing.edgeSides & Qt::RightEdge) left *= leftAt(framing.edge, w - x - 0.5, y);
            if (framing.edgeSides & Qt::TopEdge) left *= leftAt(framing.edge, y + 0.5, x);
            if (framing.edgeSides & Qt::BottomEdge) left *= leftAt(framing.edge, h - y - 0.5, x);
            const QRgb own = line[x], ground = framing.ground;
            line[x] = qRgb(level(qRed(own), qRed(ground), left), level(qGreen(own), qGreen(ground), left),
                           level(qBlue(own), qBlue(ground), left));
        }
    }
}

// The crop, straightened, turned and mirrored.
QImage excerpt(const QImage& covered, const Framing& framing, const QRect& crop) {
    QImage cut;
    if (framing.angle == 0) {
        cut = covered.copy(crop);
    } else {
        const QPointF middle = QRectF(crop).center();
        const QTransform back =
            (QTransform::fromTranslate(-middle.x(), -middle.y()) * QTransform().rotate(framing.angle) *
             QTransform::fromTranslate(crop.width() / 2.0, crop.height() / 2.0))
                .inverted();
        // From pixel middles to pixel middles.
        const QTransform at = QTransform::fromTranslate(0.5, 0.5) * back * QTransform::fromTranslate(-0.5, -0.5);
        const cv::Matx23d matrix(at.m11(), at.m21(), at.dx(), at.m12(), at.m22(), at.dy());
        QImage source = ownCopy(covered);
        cut = newPicture(crop.size(), QImage::Format_RGB32);
        cv::Mat to = matOf(cut);
        cv::warpAffine(matOf(source), to, matrix, to.size(), cv::INTER_LINEAR | cv::WARP_INVERSE_MAP,
                       cv::BORDER_CONSTANT, scalarOf(framing.ground));
    }
    if (framing.quarters % 4 != 0) cut = cut.transformed(QTransform().rotate(90.0 * framing.quarters));
    if (framing.mirrored) cut = cut.mirrored(true, false);
    return ownCopy(cut.convertToFormat(QImage::Format_RGB32));
}

QImage onCanvas(const QImage& picture, const Framing& framing) {
    if (framing.canvas.isNull()) return picture;
    QImage wide = newPicture(picture.size().grownBy(framing.canvas), QImage::Format_RGB32);
    wide.fill(framing.ground);
    QPainter painter(&wide);
    painter.drawImage(framing.canvas.left(), framing.canvas.top(), picture);
    return wide;
}

QImage sized(QImage picture, const QSize& size) {
    if (picture.size() == size) return picture;
    QImage other = newPicture(size, QImage::Format_RGB32);
    cv::Mat to = matOf(other);
    const bool smaller = size.width() <= picture.width() && size.height() <= picture.height();
    cv::resize(matOf(picture), to, to.size(), 0, 0, smaller ? cv::INTER_AREA : cv::INTER_CUBIC);
    return other;
}

// A rounded rectangle in black, blurred, on the ground.
void drawShadow(QImage& picture, const QRectF& card, double corner, int reach) {
    QImage mask = newPicture(picture.size(), QImage::Format_Grayscale8);
    mask.fill(0);
    QPainter painter(&mask);
    painter.setRenderHint(QPainter::Antialiasing);
    painter.setBrush(Qt::white);
    painter.setPen(Qt::NoPen);
    painter.drawRoundedRect(card.translated(0, shadowDown * reach), corner, corner);
    painter.end();
    cv::Mat dark(mask.height(), mask.width(), CV_8U, mask.bits(), size_t(mask.bytesPerLine()));
    cv::GaussianBlur(dark, dark, {0, 0}, std::max(1.0, reach / 3.0));
    for (int y = 0; y < picture.height(); ++y) {
        auto* line = reinterpret_cast<QRgb*>(picture.scanLine(y));
        const uchar* at = dark.ptr<uchar>(y);
        for (int x = 0; x < picture.width(); ++x) {
            const double left = 1 - shadowDark * at[x] / 255;
            line[x] = qRgb(int(std::lround(qRed(line[x]) * left)), int(std::lround(qGreen(line[x]) * left)),
                           int(std::lround(qBlue(line[x]) * left)));
        }
    }
}

QImage bordered(const QImage& picture, const Framing& framing) {
    if (framing.border == 0 && framing.corner == 0 && framing.shadow == 0) return picture;
    const int around = framing.border + framing.shadow;
    QImage whole = newPicture(picture.size() + QSize(2 * around, 2 * around), QImage::Format_RGB32);
    whole.fill(framing.ground);
    const QRectF inner(QPointF(around, around), QSizeF(picture.size()));
    const QRectF card = inner.adjusted(-framing.border, -framing.border, framing.border, framing.border);
    const double corner = std::min<double>(framing.corner, std::min(card.width(), card.height()) / 2);
    if (framing.shadow > 0) drawShadow(whole, card, corner, framing.shadow);
    QPainter painter(&whole);
    painter.setRenderHint(QPainter::Antialiasing);
    painter.setPen(Qt::NoPen);
    if (framing.border > 0) {
        painter.setBrush(QColor(framing.borderColour));
        painter.drawRoundedRect(card, corner, corner);
    }
    QBrush content(picture);
    content.setTransform(QTransform::fromTranslate(around, around));
    painter.setBrush(content);
    const double innerCorner = std::max(0.0, corner - framing.border);
    painter.drawRoundedRect(inner, innerCorner, innerCorner);
    return whole;
}

} // namespace

QRectF FramedGeometry::mapped(const QRectF& place) const {
    return toFramed.mapRect(place).intersected(QRectF(shown));
}

QRegion FramedGeometry::mapped(const QRegion& region) const {
    QRegion there;
    const bool upright = toFramed.type() <= QTransform::TxScale || (toFramed.m11() == 0 && toFramed.m22() == 0);
    for (const QRect& rect : region) {
        if (upright)
            there += toFramed.mapRect(QRectF(rect)).toAlignedRect();
        else
            there += QRegion(toFramed.map(QPolygonF(QRectF(rect))).toPolygon());
    }
    return there & shown;
}

QRectF FramedGeometry::mappedBack(const QRectF& place) const {
    return toFramed.inverted().mapRect(place);
}

FramedGeometry geometryOf(const Framing& framing, const QSize& capture) {
    FramedGeometry g;
    if (framing.isPlain()) {
        g.size = capture;
        g.shown = g.inner = QRect(QPoint(0, 0), capture);
        return g;
    }
    const QRect crop = cropOf(framing, capture);
    const QPointF middle = QRectF(crop).center();
    const QSize turned = framing.quarters % 2 ? crop.size().transposed() : crop.size();
    const QSize wide = turned.grownBy(framing.canvas);
    const QSize scaled = scaledSize(wide, factorOf(framing.resize, wide));
    const double sx = double(scaled.width()) / wide.width(), sy = double(scaled.height()) / wide.height();
    const int around = framing.border + framing.shadow;
    g.toFramed = QTransform::fromTranslate(-middle.x(), -middle.y()) * QTransform().rotate(framing.angle) *
                 QTransform().rotate(90.0 * framing.quarters) * QTransform::fromScale(framing.mirrored ? -1 : 1, 1) *
                 QTransform::fromTranslate(turned.width() / 2.0 + framing.canvas.left(),
                                           turned.height() / 2.0 + framing.canvas.top()) *
                 QTransform::fromScale(sx, sy) * QTransform::fromTranslate(around, around);
    g.size = scaled + QSize(2 * around, 2 * around);
    g.inner = QRect(QPoint(around, around), scaled);
    g.shown = QRectF(framing.canvas.left() * sx + around, framing.canvas.top() * sy + around, turned.width() * sx,
                     turned.height() * sy)
                  .toAlignedRect();
    g.scale = std::sqrt(sx * sy);
    return g;
}

QImage framed(const QImage& covered, const Framing& framing) {
    if (framing.isPlain()) return covered;
    QImage picture = excerpt(covered, framing, cropOf(framing, covered.size()));
    if (framing.edge != Framing::Edge::None) tear(picture, framing);
    picture = onCanvas(picture, framing);
    picture = sized(picture, scaledSize(picture.size(), factorOf(framing.resize, picture.size())));
    return bordered(picture, framing);
}

QImage withoutGround(const QImage& onWhite, const QImage& onBlack) {
    QImage thing = newPicture(onWhite.size(), QImage::Format_ARGB32);
    for (int y = 0; y < thing.height(); ++y) {
        const auto* white = reinterpret_cast<const QRgb*>(onWhite.constScanLine(y));
        const auto* black = reinterpret_cast<const QRgb*>(onBlack.constScanLine(y));
        auto* line = reinterpret_cast<QRgb*>(thing.scanLine(y));
        for (int x = 0; x < thing.width(); ++x) {
            const int ground =
                std::clamp(std::min({qRed(white[x]) - qRed(black[x]), qGreen(white[x]) - qGreen(black[x]),
                                     qBlue(white[x]) - qBlue(black[x])}),
                           0, 255);
            const int alpha = 255 - ground;
            const auto own = [&](int onGround) {
                return std::clamp((255 * (onGround - ground) + alpha / 2) / std::max(1, alpha), 0, 255);
            };
            line[x] = alpha == 0 ? 0 : qRgba(own(qRed(white[x])), own(qGreen(white[x])), own(qBlue(white[x])), alpha);
        }
    }
    return thing;
}

QImage framedTransparent(const QImage& covered, Framing framing) {
    framing.ground = qRgb(255, 255, 255);
    const QImage onWhite = framed(covered, framing);
    framing.ground = qRgb(0, 0, 0);
    return withoutGround(onWhite, framed(covered, framing));
}

Framing turnedByQuarter(Framing framing) {
    // A mirrored picture turns the other way underneath.
    framing.quarters = (framing.quarters + (framing.mirrored ? 3 : 1)) % 4;
    const QMargins m = framing.canvas;
    framing.canvas = {m.bottom(), m.left(), m.top(), m.right()};
    Qt::Edges sides;
    for (const auto& [before, after] : {std::pair(Qt::TopEdge, Qt::RightEdge), std::pair(Qt::RightEdge, Qt::BottomEdge),
                                        std::pair(Qt::BottomEdge, Qt::LeftEdge), std::pair(Qt::LeftEdge, Qt::TopEdge)})
        if (framing.edgeSides & before) sides |= after;
    framing.edgeSides = sides;
    if (framing.resize.by == Resize::By::Width)
        framing.resize.by = Resize::By::Height;
    else if (framing.resize.by == Resize::By::Height)
        framing.resize.by = Resize::By::Width;
    return framing;
}

Framing smallVersion(Framing framing, const QSize& capture, int longest) {
    const QSize size = geometryOf(framing, capture).size;
    if (std::max(size.width(), size.height()) <= longest) return framing;
    framing.resize = {Resize::By::Longest, double(std::max(1, longest - 2 * (framing.border + framing.shadow)))};
    return framing;
}

QRect ofRatio(const QRect& place, double ratio) {
    QSizeF size(place.size());
    if (size.width() > size.height() * ratio)
        size.setWidth(size.height() * ratio);
    else
        size.setHeight(size.width() / ratio);
    QRect cut(QPoint(0, 0), QSize(std::max(1, int(size.width())), std::max(1, int(size.height()))));
    cut.moveCenter(place.center());
    return cut.intersected(place);
}

QRect contentOf(const QImage& picture) {
    const QRect all = picture.rect();
    const auto row = [&](int y) { return reinterpret_cast<const QRgb*>(picture.constScanLine(y)); };
    const auto isGround = [](QRgb pixel, QRgb ground) { return ((pixel ^ ground) & 0xffffff) == 0; };
    const auto plainRow = [&](int y, QRgb ground) {
        return std::all_of(row(y), row(y) + all.width(), [&](QRgb pixel) { return isGround(pixel, ground); });
    };
    QRect content = all;
    const QRgb above = row(all.top())[0], below = row(all.bottom())[0];
    while (content.top() < content.bottom() && plainRow(content.top(), above)) content.setTop(content.top() + 1);
    while (content.bottom() > content.top() && plainRow(content.bottom(), below))
        content.setBottom(content.bottom() - 1);
    const auto plainColumn = [&](int x, QRgb ground) {
        for (int y = content.top(); y <= content.bottom(); ++y)
            if (!isGround(row(y)[x], ground)) return false;
        return true;
    };
    const QRgb before = row(content.top())[all.left()], behind = row(content.top())[all.right()];
    while (content.left() < content.right() && plainColumn(content.left(), before)) content.setLeft(content.left() + 1);
    while (content.right() > content.left() && plainColumn(content.right(), behind))
        content.setRight(content.right() - 1);
    return content.width() <= 1 || content.height() <= 1 ? all : content;
}

} // namespace eyelid
