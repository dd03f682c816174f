#include "app/explain/mark_making.h"

#include "app/window/theme.h"
#include "base/sentence.h"
#include "editing/mark_painting.h"

#include <algorithm>
#include <cmath>
#include <numbers>
#include <QColor>

namespace eyelid {
namespace {

constexpr double stepOfAngles = 15;  // degrees
constexpr double nearDirection = 4;  // degrees, from which another mark's direction attracts
constexpr double plainXHeight = 7.5; // device pixels of a small letter on a plain screen
constexpr double enlargedBy = 2;     // how much larger an Enlarge shows its place
constexpr double usualNoteType = 18; // an em of it
constexpr QSizeF usualNote(220, 40), usualCode(120, 120), usualSign(180, 70), usualSource(120, 60);

double angleOf(const QPointF& v) {
    return std::atan2(v.y(), v.x()) * 180 / std::numbers::pi;
}

QRectF around(const QPointF& middle, const QSizeF& size) {
    return {middle - QPointF(size.width(), size.height()) / 2, size};
}

// Beside the place, in view: to the right, below, above, to the left, whichever has room; moved in where none has.
QRectF besideIt(const QRectF& source, QSizeF size, const QRectF& seen) {
    const double room = 24;
    size = size.boundedTo(seen.size() * 0.6);
    const QRectF places[] = {{{source.right() + room, source.center().y() - size.height() / 2}, size},
                             {{source.center().x() - size.width() / 2, source.bottom() + room}, size},
                             {{source.center().x() - size.width() / 2, source.top() - room - size.height()}, size},
                             {{source.left() - room - size.width(), source.center().y() - size.height() / 2}, size}};
    const auto movedIn = [&](QRectF r) {
        if (r.right() > seen.right()) r.moveRight(seen.right());
        if (r.left() < seen.left()) r.moveLeft(seen.left());
        if (r.bottom() > seen.bottom()) r.moveBottom(seen.bottom());
        if (r.top() < seen.top()) r.moveTop(seen.top());
        return r;
    };
    for (const QRectF& place : places)
        if (!movedIn(place).intersects(source)) return movedIn(place);
    return movedIn(places[1]);
}

void setEnlarged(Mark& mark, const QRectF& source, const QRectF& seen) {
    const QRectF target = besideIt(source, source.size() * enlargedBy, seen);
    mark.points = {source.topLeft(), source.bottomRight(), target.topLeft(), target.bottomRight()};
}

} // namespace

QPointF heldToAngles(const QPointF& from, const QPointF& to, const std::vector<double>& others) {
    const QPointF by = to - from;
    const double length = std::hypot(by.x(), by.y()), angle = angleOf(by);
    double held = std::round(angle / stepOfAngles) * stepOfAngles;
    for (const double other : others)
        for (const double direction : {other, other + 180})
            if (std::abs(std::remainder(angle - direction, 360)) < nearDirection) held = direction;
    const double radians = held * std::numbers::pi / 180;
    return from + length * QPointF(std::cos(radians), std::sin(radians));
}

std::vector<double> directionsOf(const std::vector<Mark>& marks) {
    std::vector<double> all;
    for (const Mark& mark : marks)
        if (mark.kind == MarkKind::Point || mark.kind == MarkKind::Line || mark.kind == MarkKind::Measure)
            if (mark.points.size() > 1) all.push_back(angleOf(mark.points[1] - mark.points[0]));
    return all;
}

QPointF heldToSquare(const QPointF& from, const QPointF& to) {
    const QPointF by = to - from;
    const double side = std::max(std::abs(by.x()), std::abs(by.y()));
    return from + QPointF(std::copysign(side, by.x()), std::copysign(side, by.y()));
}

double typeScale(const Page* page) {
    if (!page || page->lines.empty()) return 1;
    std::vector<double> heights;
    for (const TextLine& line : page->lines) heights.push_back(line.xHeight);
    std::nth_element(heights.begin(), heights.begin() + long(heights.size() / 2), heights.end());
    return std::clamp(std::round(2 * heights[heights.size() / 2] / plainXHeight) / 2, 1.0, 4.0);
}

MarkStyle scaled(MarkStyle style, double by) {
    style.width *= by;
    style.textHeight *= by;
    return style;
}

Mark drawnTo(Mark mark, const QPointF& from, const QPointF& to, const QRectF& seen) {
    switch (mark.kind) {
    case MarkKind::Point: {
        mark.points = {from, to};
        if (mark.form == MarkForm::Bent) mark.points << QPointF(to.x(), from.y());
        const QPointF by = to - from;
        if (mark.form == MarkForm::Curved) mark.points << (from + to) / 2 + QPointF(-by.y(), by.x()) * 0.2;
        break;
    }
    case MarkKind::Enlarge:
        setEnlarged(mark, QRectF(from, to).normalized(), seen);
        break;
    case MarkKind::Step:
    case MarkKind::Note:
    case MarkKind::Sign:
    case MarkKind::Code:
    case MarkKind::Ring:
        mark.points = {QRectF(from, to).normalized().topLeft(), QRectF(from, to).normalized().bottomRight()};
        break;
    default:
        mark.points = {from, to};
    }
    return mark;
}

Mark putAt(Mark mark, const QPointF& at, const QRectF& seen) {
    const double scale = mark.style.textHeight / usualNoteType;
    switch (mark.kind) {
    case MarkKind::Step:
        mark.points = {at};
        break;
    case MarkKind::Note: {
        const QRectF box(at, usualNote * scale);
        mark.points = {box.topLeft(), box.bottomRight()};
        break;
    }
    case MarkKind::Sign: {
        const QRectF box = around(at, usualSign);
        mark.points = {box.topLeft(), box.bottomRight()};
        break;
    }
    case MarkKind::Code: {
        const QRectF box = around(at, usualCode);
        mark.points = {box.topLeft(), box.bottomRight()};
        break;
    }
    case MarkKind::Enlarge:
        setEnlarged(mark, around(at, usualSource), seen);
        break;
    case MarkKind::Measure:
        mark.points.clear();
        if (mark.form == MarkForm::Colour) mark.points = {at};
        break;
    default:
        mark.points.clear();
    }
    return mark;
}

QString readoutOf(const QPointF& from, const QPointF& to) {
    const QPointF by = to - from;
    // Counted as people do: up is above the horizontal.
    return sentence(Tr::tr("%1 px, %2°"), int(std::lround(std::hypot(by.x(), by.y()))),
                    QString::number(by.isNull() ? 0 : angleOf({by.x(), -by.y()}), 'f', 1));
}

QString readoutOf(QRgb rgb, std::optional<QRgb> other) {
    const QColor colour(rgb);
    int h = 0, s = 0, l = 0;
    colour.getHsl(&h, &s, &l);
    QString text = sentence(Tr::tr("%1  rgb %2 %3 %4  hsl %5 %6 %7"), colour.name(), colour.red(), colour.green(),
                            colour.blue(), std::max(0, h), int(std::lround(s / 2.55)), int(std::lround(l / 2.55)));
    if (other) text += sentence(Tr::tr("  contrast %1:1"), QString::number(contrast(colour, QColor(*other)), 'f', 2));
    return text;
}

std::optional<QRgb> colourAt(const QImage& capture, const QPointF& point) {
    const QPoint at(int(std::floor(point.x())), int(std::floor(point.y())));
    return capture.rect().contains(at) ? std::optional(capture.pixel(at) | 0xff000000) : std::nullopt;
}

} // namespace eyelid
