#include "editing/mark_painting.h"

#include "editing/mark_paths.h"
#include "editing/text_outline.h"

#include <algorithm>
#include <cmath>
#include <numbers>
#include <opencv2/imgproc.hpp>
#include <QPainterPath>
#include <ZXing/BitMatrix.h>
#include <ZXing/CharacterSet.h>
#include <ZXing/MultiFormatWriter.h>

namespace eyelid {
namespace {

constexpr double notePadding = 0.45; // of an em, around a note's text
using markColours::ink, markColours::paper;
constexpr double quietZone = 4; // modules around a code, by its standard

QPointF unitVector(const QPointF& v) {
    const double length = std::hypot(v.x(), v.y());
    return length > 0 ? v / length : QPointF(1, 0);
}

QPointF across(const QPointF& v) {
    return {-v.y(), v.x()};
}

// A box as it stands before the painter: its middle, its size, how it is turned.
struct PlacedBox {
    QPointF middle;
    QSizeF size;
    double turn = 0;
    QRectF rect() const { return {-size.width() / 2, -size.height() / 2, size.width(), size.height()}; }
    QTransform transform() const {
        return QTransform().rotate(turn) * QTransform::fromTranslate(middle.x(), middle.y());
    }
};

PlacedBox placed(const QRectF& box, double turn, const MarkScene& scene, bool upright) {
    const double radians = turn * std::numbers::pi / 180;
    const QPointF middle = scene.toTarget.map(box.center());
    if (!upright) {
        const QPointF there = scene.toTarget.map(box.center() + QPointF(std::cos(radians), std::sin(radians))) - middle;
        turn = std::atan2(there.y(), there.x()) * 180 / std::numbers::pi;
    }
    return {middle, box.size() * scene.scale, turn};
}

QPen penOf(const MarkStyle& style, double width) {
    QPen pen(QColor::fromRgba(style.colour), width, Qt::SolidLine, Qt::RoundCap, Qt::RoundJoin);
    if (style.pattern == LinePattern::Dashed) pen.setDashPattern({3.2, 2.4});
    if (style.pattern == LinePattern::Dotted) pen.setDashPattern({0.01, 2.2});
    return pen;
}

// A light rim, so that it is seen on any ground.
void strokeWithRim(QPainter& painter, const QPainterPath& path, const MarkStyle& style, double width) {
    painter.setBrush(Qt::NoBrush);
    QPen rim = penOf(style, width + 2 * std::clamp(width / 4, 1.0, 3.0));
    if (style.pattern != LinePattern::Plain) {
        // The same dashes under a wider pen: patterns count in its width.
        QList<qreal> dashes = rim.dashPattern();
        for (qreal& dash : dashes) dash *= width / rim.widthF();
        rim.setDashPattern(dashes);
    }
    rim.setColor(QColor(255, 253, 249, 215));
    painter.strokePath(path, rim);
    painter.strokePath(path, penOf(style, width));
}

// Two lashes swept back from the tip.
void addHead(QPainterPath& path, const QPointF& tip, const QPointF& direction, double width) {
    const double length = 3.2 * width + 6;
    for (const double side : {-1.0, 1.0}) {
        const QPointF n = across(direction) * side;
        const QPointF end = tip - length * direction + 0.72 * length * n;
        path.moveTo(tip);
        path.quadTo(tip - 0.3 * length * direction + 0.5 * length * n, end);
    }
}

void paintPoint(QPainter& painter, const Mark& mark, const MarkScene& scene) {
    const QPolygonF p = scene.toTarget.map(mark.points);
    const double width = mark.style.width * scene.scale;
    const QPainterPath shaft = shaftOf(mark, p);
    strokeWithRim(painter, shaft, mark.style, width);
    MarkStyle plain = mark.style;
    plain.pattern = LinePattern::Plain;
    QPainterPath heads;
    const auto directionTo = [&](const QPointF& end, const QPointF& before) { return unitVector(end - before); };
    const bool straight = mark.form == MarkForm::Straight;
    const QPointF control = straight                        ? QPointF()
                            : mark.form == MarkForm::Curved ? QPointF(2 * p[2] - (p[0] + p[1]) / 2)
                                                            : p[2];
    if (mark.style.heads >= 1) addHead(heads, p[1], directionTo(p[1], straight ? p[0] : control), width);
    if (mark.style.heads == 2) addHead(heads, p[0], directionTo(p[0], straight ? p[1] : control), width);
    if (!heads.isEmpty()) strokeWithRim(painter, heads, plain, width);
    if (mark.style.heads >= 2) return;
    // Where it comes from, a bead.
    painter.setPen(QPen(QColor(255, 253, 249, 215), std::clamp(width / 4, 1.0, 3.0)));
    painter.setBrush(QColor::fromRgba(mark.style.colour));
    painter.drawEllipse(p[0], 1.1 * width, 1.1 * width);
}

void paintRing(QPainter& painter, const Mark& mark, const MarkScene& scene) {
    const PlacedBox box = placed(boxOf(mark), mark.turn, scene, false);
    const bool mirrored = scene.toTarget.determinant() < 0;
    const QPainterPath path = box.transform().map(ringPath(mark, box.rect(), scene.scale, mirrored));
    if (mark.style.ground && mark.form != MarkForm::Arc) painter.fillPath(path, QColor::fromRgba(*mark.style.ground));
    strokeWithRim(painter, path, mark.style, mark.style.width * scene.scale);
}

void paintDraw(QPainter& painter, const Mark& mark, const MarkScene& scene) {
    const QPolygonF p = scene.toTarget.map(mark.points);
    const double width = mark.style.width * scene.scale;
    if (mark.pressures.empty()) return strokeWithRim(painter, smoothWay(p), mark.style, width);
    painter.setPen(Qt::NoPen);
    painter.setBrush(QColor::fromRgba(mark.style.colour));
    QPainterPath body;
    body.setFillRule(Qt::WindingFill);
    for (qsizetype i = 0; i + 1 < p.size(); ++i) {
        QPainterPath piece(p[i]);
        piece.lineTo(p[i + 1]);
        const double pressure = (mark.pressures[size_t(i)] + mark.pressures[size_t(i) + 1]) / 2;
        QPainterPathStroker stroker;
        stroker.setCapStyle(Qt::RoundCap);
        stroker.setWidth(width * (0.3 + 1.2 * std::clamp(pressure, 0.0, 1.0)));
        body.addPath(stroker.createStroke(piece));
    }
    painter.drawPath(body);
}

// All of a place but the covers.
QRegion besideCovers(const QRectF& place, const MarkScene& scene) {
    QRegion open(place.toAlignedRect());
    for (const QRect& cover : scene.covers) {
        const QPolygonF there = scene.toTarget.map(QPolygonF(QRectF(cover)));
        open -= there.boundingRect().toAlignedRect();
    }
    return open;
}

// Clings to words: where it lay on a cover it would tell how wide they are.
void paintTint(QPainter& painter, const Mark& mark, const MarkScene& scene) {
    const double around = mark.style.width * scene.scale;
    if (!scene.covers.isEmpty())
        painter.setClipRegion(
            besideCovers(scene.toTarget.map(mark.points).boundingRect().adjusted(-around, -around, around, around),
                         scene),
            Qt::IntersectClip);
    painter.setCompositionMode(QPainter::CompositionMode_Multiply);
    painter.setPen(Qt::NoPen);
    painter.setBrush(QColor::fromRgb(mark.style.colour));
    if (mark.form == MarkForm::Freehand) {
        QPen pen(QColor::fromRgb(mark.style.colour), mark.style.width * scene.scale, Qt::SolidLine, Qt::FlatCap,
                 Qt::RoundJoin);
        painter.strokePath(smoothWay(scene.toTarget.map(mark.points)), pen);
        return;
    }
    // All bands at once: where two touch they are no darker.
    QPainterPath bands;
    bands.setFillRule(Qt::WindingFill);
    for (qsizetype i = 0; i + 1 < mark.points.size(); i += 2)
        bands.addPolygon(scene.toTarget.map(QPolygonF(QRectF(mark.points[i], mark.points[i + 1]).normalized())));
    painter.drawPath(bands);
}

// Where a line from the box's middle to a point leaves the box.
QPointF leaves(const PlacedBox& box, const QPointF& to) {
    const QPointF there = box.transform().inverted().map(to);
    const double w = box.size.width() / 2, h = box.size.height() / 2;
    const double t = std::max(std::abs(there.x()) / w, std::abs(there.y()) / h);
    return box.transform().map(t > 1 ? there / t : there);
}

TextSetting settingOf(const MarkStyle& style, double pixels) {
    TextSetting setting;
    setting.pixels = pixels;
    setting.weight = style.weight;
    setting.monospaced = style.monospaced;
    setting.middle = style.align == TextAlign::Start ? 0 : style.align == TextAlign::Middle ? 0.5 : 1;
    return setting;
}

TextOutline outlined(const QString& text, const TextSetting& setting, const MarkScene& scene) {
    return scene.outlines ? scene.outlines->of(text, setting) : outlineOf(text, setting);
}

// Laid out at the size it has on the capture, so that lines break the same wherever it is shown, then scaled.
void drawTextIn(QPainter& painter, const QString& text, const MarkStyle& style, const QRectF& place,
                const MarkScene& scene, QRgb colour) {
    TextSetting setting = settingOf(style, style.textHeight);
    const double scale = scene.scale;
    // Of the box as it is on the capture, so that its lines break the same however large it is shown.
    setting.width = std::round(8 * place.width() / scale) / 8;
    const TextOutline outline = outlined(text, setting, scene);
    const QTransform there = QTransform::fromScale(scale, scale) * QTransform::fromTranslate(place.left(), place.top());
    painter.fillPath(there.map(outline.path), QColor::fromRgba(colour));
}

void paintNote(QPainter& painter, const Mark& mark, const MarkScene& scene) {
    const PlacedBox box = placed(boxOf(mark), mark.turn, scene, true);
    const double line = std::max(1.0, 0.5 * mark.style.width * scene.scale), em = mark.style.textHeight * scene.scale;
    if (mark.points.size() > 2) {
        const QPointF tip = scene.toTarget.map(mark.points[2]);
        QPainterPath pointer(leaves(box, tip));
        pointer.lineTo(tip);
        MarkStyle plain = mark.style;
        plain.pattern = LinePattern::Plain;
        strokeWithRim(painter, pointer, plain, line);
        painter.setPen(Qt::NoPen);
        painter.setBrush(QColor::fromRgba(mark.style.colour));
        painter.drawEllipse(tip, 2.2 * line + 1, 2.2 * line + 1);
    }
    painter.save();
    painter.setTransform(box.transform(), true);
    const QRectF rect = box.rect();
    if (mark.style.ground) {
        painter.setPen(QPen(QColor::fromRgba(mark.style.colour), line));
        painter.setBrush(QColor::fromRgba(*mark.style.ground));
        painter.drawRoundedRect(rect, 0.25 * em, 0.25 * em);
    }
    const double padding = notePadding * em;
    drawTextIn(painter, mark.text, mark.style, rect.adjusted(padding, padding, -padding, -padding), scene,
               mark.style.colour);
    painter.restore();
}

// A lid that has fallen: level above, round below.
void paintStep(QPainter& painter, const Mark& mark, const MarkScene& scene) {
    const double em = mark.style.textHeight * scene.scale;
    const QPointF middle = scene.toTarget.map(mark.points[0]);
    const QString label = scene.all ? stepLabel(*scene.all, mark) : QStringLiteral("1");
    TextSetting setting = settingOf(mark.style, mark.style.textHeight);
    setting.weight = TypeWeight::Bold;
    setting.width = 0;
    const TextOutline number = outlined(label, setting, scene);
    const double half = std::max(0.82 * em, (number.size.width() / 2) * scene.scale + 0.4 * em);
    painter.save();
    painter.translate(middle);
    QPainterPath lid(QPointF(-half + 0.2 * em, -0.72 * em));
    lid.lineTo(half - 0.2 * em, -0.72 * em);
    lid.quadTo(half, -0.72 * em, half, -0.5 * em);
    lid.cubicTo(half, 0.5 * em, 0.5 * half, 0.82 * em, 0, 0.82 * em);
    lid.cubicTo(-0.5 * half, 0.82 * em, -half, 0.5 * em, -half, -0.5 * em);
    lid.quadTo(-half, -0.72 * em, -half + 0.2 * em, -0.72 * em);
    painter.setPen(QPen(QColor(255, 253, 249, 230), 0.09 * em));
    painter.setBrush(QColor::fromRgba(mark.style.colour));
    painter.drawPath(lid);
    const QPointF centre = number.path.boundingRect().center();
    const QTransform there = QTransform::fromTranslate(-centre.x(), -centre.y()) *
                             QTransform::fromScale(0.95 * scene.scale, 0.95 * scene.scale) *
                             QTransform::fromTranslate(0, -0.03 * em);
    painter.fillPath(there.map(number.path), QColor::fromRgba(paper));
    if (!mark.text.isEmpty()) {
        TextSetting beside = settingOf(mark.style, mark.style.textHeight);
        beside.middle = 0;
        const TextOutline text = outlined(mark.text, beside, scene);
        const double s = scene.scale;
        const QRectF chip(half + 0.35 * em, -text.size.height() * s / 2 - 0.2 * em, text.size.width() * s + 0.7 * em,
                          text.size.height() * s + 0.4 * em);
        painter.setPen(QPen(QColor::fromRgba(mark.style.colour), std::max(1.0, 0.06 * em)));
        painter.setBrush(QColor::fromRgba(mark.style.ground.value_or(paper)));
        painter.drawRoundedRect(chip, 0.2 * em, 0.2 * em);
        const QTransform at =
            QTransform::fromScale(s, s) * QTransform::fromTranslate(chip.left() + 0.35 * em, chip.top() + 0.2 * em);
        painter.fillPath(at.map(text.path), QColor::fromRgba(ink));
    }
    painter.restore();
}

std::vector<cv::Point2f> corners(const QRectF& box, bool round) {
    std::vector<cv::Point2f> all;
    if (!round) {
        for (const QPointF& p : {box.topLeft(), box.topRight(), box.bottomRight(), box.bottomLeft()})
            all.emplace_back(float(p.x()), float(p.y()));
        return all;
    }
    constexpr int pieces = 48;
    for (int i = 0; i < pieces; ++i) {
        const double angle = 2 * std::numbers::pi * i / pieces;
        all.emplace_back(float(box.center().x() + box.width() / 2 * std::cos(angle)),
                         float(box.center().y() + box.height() / 2 * std::sin(angle)));
    }
    return all;
}

// The two lines around both: the sides of the hull that lead from one to the other.
QPainterPath joiningLines(const QRectF& from, const QRectF& to, bool round) {
    std::vector<cv::Point2f> all = corners(from, round);
    const int first = int(all.size());
    for (const auto& p : corners(to, round)) all.push_back(p);
    std::vector<int> hull;
    cv::convexHull(all, hull);
    QPainterPath lines;
    for (size_t i = 0; i < hull.size(); ++i) {
        const int a = hull[i], b = hull[(i + 1) % hull.size()];
        if ((a < first) == (b < first)) continue;
        lines.moveTo(double(all[size_t(a)].x), double(all[size_t(a)].y));
        lines.lineTo(double(all[size_t(b)].x), double(all[size_t(b)].y));
    }
    return lines;
}

void paintEnlarge(QPainter& painter, const Mark& mark, const MarkScene& scene) {
    const QRectF source = QRectF(mark.points[0], mark.points[1]).normalized();
    const QRectF to = placeOfEnlarged(mark, scene.toTarget, scene.scale);
    const bool round = mark.form == MarkForm::Ellipse;
    const double line = std::max(1.0, 0.5 * mark.style.width * scene.scale);
    MarkStyle plain = mark.style;
    plain.pattern = LinePattern::Plain;
    const QRectF from = scene.toTarget.mapRect(source);
    const auto outline = [&](const QRectF& box) {
        QPainterPath path;
        if (round)
            path.addEllipse(box);
        else
            path.addRoundedRect(box, 2 * line, 2 * line);
        return path;
    };
    strokeWithRim(painter, joiningLines(from, to, round), plain, line);
    strokeWithRim(painter, outline(from), plain, line);
    QBrush content{QColor::fromRgba(paper)};
    painter.setPen(Qt::NoPen);
    painter.setBrush(content);
    painter.drawPath(outline(to));
    if (scene.picture) {
        const QRectF whole = scene.captureToPicture.mapRect(source);
        const QRect part = whole.toAlignedRect().intersected(scene.shown).intersected(scene.picture->rect());
        if (!part.isEmpty() && !whole.isEmpty()) {
            content = QBrush(scene.picture->copy(part));
            content.setTransform(QTransform::fromTranslate(part.left() - whole.left(), part.top() - whole.top()) *
                                 QTransform::fromScale(to.width() / whole.width(), to.height() / whole.height()) *
                                 QTransform::fromTranslate(to.left(), to.top()));
            painter.setBrush(content);
            // Only where the picture has something to show: a brush would begin anew beside it.
            painter.save();
            painter.setClipRect(content.transform().mapRect(QRectF(QPointF(0, 0), QSizeF(part.size()))),
                                Qt::IntersectClip);
            painter.drawPath(outline(to));
            painter.restore();
        }
    }
    strokeWithRim(painter, outline(to), plain, 1.5 * line);
}

// A label on paper around a point.
void drawLabel(QPainter& painter, const QString& text, const QPointF& middle, const Mark& mark, const MarkScene& scene,
               std::optional<QRgb> swatch = {}) {
    const double scale = scene.scale;
    const double em = mark.style.textHeight * scale;
    TextSetting setting = settingOf(mark.style, mark.style.textHeight);
    setting.middle = 0;
    setting.width = 0;
    const TextOutline outline = outlined(text, setting, scene);
    const double lead = swatch ? 1.5 * em : 0;
    QRectF chip(QPointF(0, 0),
                QSizeF(outline.size.width() * scale + 0.7 * em + lead, outline.size.height() * scale + 0.3 * em));
    chip.moveCenter(middle);
    painter.setPen(QPen(QColor::fromRgba(mark.style.colour), std::max(1.0, 0.06 * em)));
    painter.setBrush(QColor::fromRgba(paper));
    painter.drawRoundedRect(chip, 0.2 * em, 0.2 * em);
    if (swatch) {
        painter.setBrush(QColor(*swatch));
        painter.drawRect(QRectF(chip.left() + 0.35 * em, chip.center().y() - 0.5 * em, em, em));
    }
    const QTransform at = QTransform::fromScale(scale, scale) *
                          QTransform::fromTranslate(chip.left() + 0.35 * em + lead, chip.top() + 0.15 * em);
    painter.fillPath(at.map(outline.path), QColor::fromRgba(ink));
}

void paintMeasure(QPainter& painter, const Mark& mark, const MarkScene& scene) {
    const double width = std::max(1.0, 0.5 * mark.style.width * scene.scale), em = mark.style.textHeight * scene.scale;
    const auto at = [&](const QPointF& p) { return scene.toTarget.map(p); };
    const QPointF a = at(mark.points[0]);
    QPainterPath lines;
    const auto withTicks = [&](const QPointF& from, const QPointF& to) {
        const QPointF n = across(unitVector(to - from)) * (2 * width + 3);
        lines.moveTo(from);
        lines.lineTo(to);
        for (const QPointF& end : {from, to}) {
            lines.moveTo(end - n);
            lines.lineTo(end + n);
        }
    };
    if (mark.form == MarkForm::Colour) {
        painter.setPen(QPen(QColor::fromRgba(mark.style.colour), width));
        painter.setBrush(Qt::NoBrush);
        painter.drawEllipse(a, 3 * width + 2, 3 * width + 2);
        const QColor swatch(mark.text.section(u' ', 0, 0));
        drawLabel(painter, mark.text, a + QPointF(0, -1.6 * em), mark, scene,
                  swatch.isValid() ? std::optional(swatch.rgb()) : std::nullopt);
        return;
    }
    QPointF label = (a + at(mark.points[1])) / 2;
    switch (mark.form) {
    case MarkForm::Across: {
        const QPointF to = at({mark.points[1].x(), mark.points[0].y()});
        withTicks(a, to);
        label = (a + to) / 2;
        break;
    }
    case MarkForm::Down: {
        const QPointF to = at({mark.points[0].x(), mark.points[1].y()});
        withTicks(a, to);
        label = (a + to) / 2;
        break;
    }
    case MarkForm::Sides:
        lines.addPolygon(scene.toTarget.map(QPolygonF(QRectF(mark.points[0], mark.points[1]).normalized())));
        break;
    case MarkForm::Angle: {
        const QPointF corner = at(mark.points[1]), c = at(mark.points[2]);
        lines.moveTo(a);
        lines.lineTo(corner);
        lines.lineTo(c);
        const QPointF towards = unitVector(unitVector(a - corner) + unitVector(c - corner));
        label = corner + towards * 2.6 * em;
        break;
    }
    default:
        withTicks(a, at(mark.points[1]));
    }
    MarkStyle plain = mark.style;
    plain.pattern = LinePattern::Plain;
    strokeWithRim(painter, lines, plain, width);
    drawLabel(painter, measured(mark), label, mark, scene);
}

void paintSign(QPainter& painter, const Mark& mark, const MarkScene& scene) {
    const QImage sign = QImage::fromData(mark.picture, "PNG");
    const PlacedBox box = placed(boxOf(mark), mark.turn, scene, true);
    painter.save();
    painter.setTransform(box.transform(), true);
    painter.setRenderHint(QPainter::SmoothPixmapTransform);
    if (!sign.isNull()) {
        const QSizeF fitted = QSizeF(sign.size()).scaled(box.size, Qt::KeepAspectRatio);
        painter.drawImage(QRectF(QPointF(-fitted.width() / 2, -fitted.height() / 2), fitted), sign);
    }
    if (!mark.text.isEmpty())
        drawTextIn(painter, mark.text, mark.style,
                   QRectF(box.rect().bottomLeft(), QSizeF(box.size.width(), 2 * mark.style.textHeight * scene.scale)),
                   scene, mark.style.colour);
    painter.restore();
}

void paintCode(QPainter& painter, const Mark& mark, const MarkScene& scene) {
    const PlacedBox box = placed(boxOf(mark), mark.turn, scene, true);
    const auto modules = codeModules(mark.text);
    const double side = std::min(box.size.width(), box.size.height());
    const QRectF square(-side / 2, -side / 2, side, side);
    painter.save();
    painter.setTransform(box.transform(), true);
    painter.fillRect(square, Qt::white);
    const double module = side / (double(modules.size()) + 2 * quietZone);
    QPainterPath dark;
    for (size_t y = 0; y < modules.size(); ++y)
        for (size_t x = 0; x < modules[y].size(); ++x)
            if (modules[y][x])
                dark.addRect(square.left() + (double(x) + quietZone) * module,
                             square.top() + (double(y) + quietZone) * module, module, module);
    dark.setFillRule(Qt::WindingFill);
    painter.setRenderHint(QPainter::Antialiasing, mark.turn != 0);
    painter.fillPath(dark, Qt::black);
    painter.restore();
}

} // namespace

void paintMark(QPainter& painter, const Mark& mark, const MarkScene& scene) {
    painter.save();
    painter.setRenderHint(QPainter::Antialiasing);
    painter.setRenderHint(QPainter::SmoothPixmapTransform);
    switch (mark.kind) {
    case MarkKind::Point:
        paintPoint(painter, mark, scene);
        break;
    case MarkKind::Line: {
        QPainterPath path;
        path.addPolygon(scene.toTarget.map(mark.points));
        strokeWithRim(painter, path, mark.style, mark.style.width * scene.scale);
        break;
    }
    case MarkKind::Ring:
        paintRing(painter, mark, scene);
        break;
    case MarkKind::Draw:
        paintDraw(painter, mark, scene);
        break;
    case MarkKind::Tint:
        paintTint(painter, mark, scene);
        break;
    case MarkKind::Note:
        paintNote(painter, mark, scene);
        break;
    case MarkKind::Step:
        paintStep(painter, mark, scene);
        break;
    case MarkKind::Enlarge:
        paintEnlarge(painter, mark, scene);
        break;
    case MarkKind::Measure:
        paintMeasure(painter, mark, scene);
        break;
    case MarkKind::Sign:
        paintSign(painter, mark, scene);
        break;
    case MarkKind::Code:
        paintCode(painter, mark, scene);
        break;
    }
    painter.restore();
}

QRectF placeOfEnlarged(const Mark& enlarge, const QTransform& toTarget, double scale) {
    const QRectF box = boxOf(enlarge);
    const bool onItsSide = std::abs(toTarget.m12()) > std::abs(toTarget.m11());
    const QSizeF size = (onItsSide ? box.size().transposed() : box.size()) * scale;
    return {toTarget.map(box.center()) - QPointF(size.width(), size.height()) / 2, size};
}

double heightOfNote(const Mark& note) {
    TextSetting setting = settingOf(note.style, note.style.textHeight);
    setting.width = std::max(1.0, boxOf(note).width() - 2 * notePadding * note.style.textHeight);
    return outlineOf(note.text, setting).size.height() + 2 * notePadding * note.style.textHeight;
}

double widthOfNote(const Mark& note) {
    return outlineOf(note.text, settingOf(note.style, note.style.textHeight)).size.width() +
           2 * notePadding * note.style.textHeight + 1;
}

std::vector<std::vector<bool>> codeModules(const QString& text) {
    if (text.isEmpty()) return {};
    try {
        ZXing::MultiFormatWriter writer(ZXing::BarcodeFormat::QRCode);
        writer.setMargin(0).setEncoding(ZXing::CharacterSet::UTF8);
        const ZXing::BitMatrix bits = writer.encode(text.toStdWString(), 1, 1);
        std::vector<std::vector<bool>> modules(size_t(bits.height()), std::vector<bool>(size_t(bits.width())));
        for (int y = 0; y < bits.height(); ++y)
            for (int x = 0; x < bits.width(); ++x) modules[size_t(y)][size_t(x)] = bits.get(x, y);
        return modules;
    } catch (const std::exception&) { // the library's, for what is too long
        return {};
    }
}

} // namespace eyelid
