#include "casefile/together.h"

#include "base/sentence.h"
#include "editing/mark_painting.h"

#include <algorithm>
#include <cmath>
#include <QPainter>

namespace eyelid {
namespace {

constexpr double captionEm = 18, captionRoom = 34; // device pixels

struct Piece {
    const Capture* capture = nullptr;
    FramedGeometry geometry;
    QImage picture;
    double scale = 1;
    QSizeF size() const { return QSizeF(picture.size()) * scale; }
};

void scaleAlike(std::vector<Piece>& pieces, TogetherLayout::Arrange arrange) {
    double least = 1e9;
    const auto side = [&](const Piece& p) {
        return double(arrange == TogetherLayout::Arrange::Row ? p.picture.height() : p.picture.width());
    };
    for (const Piece& piece : pieces) least = std::min(least, side(piece));
    for (Piece& piece : pieces) piece.scale = least / side(piece);
}

double aligned(TogetherLayout::Align align, double room) {
    return align == TogetherLayout::Align::Start ? 0 : align == TogetherLayout::Align::Middle ? room / 2 : room;
}

// Columns and rows as high and wide as the largest in them.
std::vector<QRectF> placesOf(const std::vector<Piece>& pieces, const TogetherLayout& layout) {
    const int count = int(pieces.size());
    const int columns = layout.arrange == TogetherLayout::Arrange::Row      ? count
                        : layout.arrange == TogetherLayout::Arrange::Column ? 1
                                                                            : int(std::ceil(std::sqrt(count)));
    const int rows = (count + columns - 1) / columns;
    std::vector<double> widths(size_t(columns), 0), heights(size_t(rows), 0);
    for (int i = 0; i < count; ++i) {
        const QSizeF size = pieces[size_t(i)].size();
        widths[size_t(i % columns)] = std::max(widths[size_t(i % columns)], size.width());
        heights[size_t(i / columns)] = std::max(heights[size_t(i / columns)], size.height());
    }
    const double caption = layout.captions || layout.numbers ? captionRoom : 0;
    std::vector<QRectF> places;
    double y = layout.gap;
    for (int row = 0; row < rows; ++row) {
        double x = layout.gap;
        y += caption;
        for (int column = 0; column < columns && row * columns + column < count; ++column) {
            const QSizeF size = pieces[size_t(row * columns + column)].size();
            places.emplace_back(QPointF(x + aligned(layout.align, widths[size_t(column)] - size.width()),
                                        y + aligned(layout.align, heights[size_t(row)] - size.height())),
                                size);
            x += widths[size_t(column)] + layout.gap;
        }
        y += heights[size_t(row)] + layout.gap;
    }
    return places;
}

QString captionOf(const Capture& capture, size_t number, const TogetherLayout& layout) {
    QStringList parts;
    if (layout.numbers) parts << QString::number(number);
    if (layout.captions) parts << capture.name;
    return parts.join(QStringLiteral("  "));
}

Mark captionMark(const QString& text, const QRectF& place) {
    Mark note;
    note.kind = MarkKind::Note;
    note.text = text;
    note.style.textHeight = captionEm;
    note.style.weight = TypeWeight::SemiBold;
    note.style.colour = markColours::ink;
    note.points = {place.topLeft() - QPointF(0, captionRoom), place.topLeft() + QPointF(1, 0)};
    note.points[1].setX(place.left() + widthOfNote(note));
    note.points[1].setY(note.points[0].y() + heightOfNote(note));
    return note;
}

CoverShape mapped(const CoverShape& shape, const TogetherPart& part) {
    switch (shape.form()) {
    case CoverShape::Form::Polygon:
        return CoverShape::polygon(part.toWhole.map(QPolygonF(shape.points())).toPolygon());
    case CoverShape::Form::Stroke:
        return CoverShape::stroke(part.toWhole.map(QPolygonF(shape.points())).toPolygon(),
                                  int(std::ceil(shape.width() * part.scale)) + 1);
    case CoverShape::Form::Rectangles:
        break;
    }
    std::vector<QRect> rects;
    for (const QRect& rect : shape.rects()) rects.push_back(part.toWhole.mapRect(QRectF(rect)).toAlignedRect());
    return CoverShape::rectangles(std::move(rects));
}

Mark mapped(Mark mark, const TogetherPart& part) {
    mark.points = part.toWhole.map(mark.points);
    mark.style.width *= part.scale;
    mark.style.textHeight = std::max(1.0, mark.style.textHeight * part.scale);
    return mark;
}

void addDecided(const Capture& from, const TogetherPart& part, CaseState& state, Capture& whole) {
    const auto shown = [&](const QRectF& box) { return part.toWhole.mapRect(box).intersects(part.place); };
    std::map<int, int> now; // ids, by what they were
    for (KnownFinding known : from.known) {
        if (std::none_of(known.finding.boxes.begin(), known.finding.boxes.end(), shown)) continue;
        for (QRectF& box : known.finding.boxes) box = part.toWhole.mapRect(box);
        known.finding.textHeight *= part.scale;
        const int before = std::exchange(known.id, state.nextId++);
        now[before] = known.id;
        whole.known.push_back(std::move(known));
    }
    for (auto [finding, ruling] : from.rulings) {
        if (!now.contains(finding)) continue;
        if (ruling.replacedBy) ruling.replacedBy = now.contains(ruling.replacedBy) ? now[ruling.replacedBy] : 0;
        whole.rulings[now[finding]] = ruling;
    }
    for (HandCover hand : from.hands) {
        hand.shape = mapped(hand.shape, part).within(whole.size);
        if (hand.shape.region(whole.size).isEmpty()) continue;
        const int before = std::exchange(hand.id, state.nextId++);
        now[before] = hand.id;
        whole.hands.push_back(std::move(hand));
    }
    const size_t first = whole.marks.size();
    int rank = 0;
    for (const Mark& mark : whole.marks) rank = std::max(rank, mark.rank);
    for (const Mark& own : from.marks) {
        Mark mark = mapped(own, part);
        if (!shown(boundsOf(own))) continue;
        const int before = std::exchange(mark.id, state.nextId++);
        now[before] = mark.id;
        if (mark.rank) mark.rank += rank;
        whole.marks.push_back(std::move(mark));
    }
    for (size_t i = first; i < whole.marks.size(); ++i) {
        std::erase_if(whole.marks[i].holds, [&](const MarkHold& hold) { return !now.contains(hold.id); });
        for (MarkHold& hold : whole.marks[i].holds) hold.id = now[hold.id];
    }
}

} // namespace

Together together(const std::vector<Capture>& captures, const std::vector<QImage>& pictures,
                  const TogetherLayout& layout) {
    std::vector<Piece> pieces;
    for (size_t i = 0; i < captures.size() && i < pictures.size(); ++i)
        if (!pictures[i].isNull())
            pieces.push_back({&captures[i], geometryOf(captures[i].framing, captures[i].size),
                              framed(pictures[i], captures[i].framing)});
    Together whole;
    if (pieces.empty()) return whole;
    if (layout.sameSize) scaleAlike(pieces, layout.arrange);
    std::vector<QRectF> places = placesOf(pieces, layout);
    QRectF all;
    for (const QRectF& place : places) all = all.united(place);
    QSize size(int(std::ceil(all.right())) + layout.gap, int(std::ceil(all.bottom())) + layout.gap);
    const double fits = std::min(1.0, double(largestFramed) / std::max(size.width(), size.height()));
    if (fits < 1) {
        for (size_t i = 0; i < pieces.size(); ++i) {
            pieces[i].scale *= fits;
            places[i] = QRectF(places[i].topLeft() * fits, places[i].size() * fits);
        }
        size = size * fits;
    }
    whole.picture = QImage(size, QImage::Format_RGB32);
    whole.picture.fill(layout.ground);
    QPainter painter(&whole.picture);
    for (size_t i = 0; i < pieces.size(); ++i) {
        const Piece& piece = pieces[i];
        Framing scaling;
        if (piece.scale != 1) scaling.resize = {Resize::By::Percent, 100 * piece.scale};
        const QImage picture = framed(piece.picture, scaling);
        const QPoint at = places[i].topLeft().toPoint();
        painter.drawImage(at, picture);
        const double sx = double(picture.width()) / piece.picture.width(),
                     sy = double(picture.height()) / piece.picture.height();
        const QTransform toPlace = QTransform::fromScale(sx, sy) * QTransform::fromTranslate(at.x(), at.y());
        whole.parts.push_back({piece.capture->id, piece.geometry.toFramed * toPlace,
                               toPlace.mapRect(QRectF(piece.geometry.shown)), piece.geometry.scale * piece.scale});
        if (const QString text = captionOf(*piece.capture, i + 1, layout); !text.isEmpty())
            whole.captions.push_back(captionMark(text, QRectF(at, QSizeF(picture.size()))));
    }
    return whole;
}

Capture decidedTogether(const Together& whole, CaseState& state) {
    Capture capture;
    capture.size = whole.picture.size();
    for (const TogetherPart& part : whole.parts)
        if (const Capture* from = state.capture(part.capture)) {
            const Capture copy = *from;
            addDecided(copy, part, state, capture);
        }
    for (Mark caption : whole.captions) {
        caption.id = state.nextId++;
        capture.marks.push_back(std::move(caption));
    }
    return capture;
}

} // namespace eyelid
