#include "app/explain/mark_drag.h"

#include "app/explain/mark_making.h"
#include "app/sheet/sheet.h"
#include "app/sheet/sheet_notices.h"
#include "app/window/theme.h"
#include "base/sentence.h"

#include <algorithm>
#include <cmath>
#include <numbers>
#include <QApplication>
#include <QKeyEvent>
#include <QMouseEvent>

namespace eyelid {
namespace {

constexpr double gripReach = 8; // view units around a grip
constexpr double markGrip = 7;  // view units
constexpr double smallBox = 44; // view units of a side, below which its middle has no grip
constexpr double turnAway = 22; // view units the turning grip is above its box
constexpr int largeStep = 10;   // device pixels an arrow moves by, with Shift

bool canTurn(const Mark& mark) {
    return isBox(mark) && mark.kind != MarkKind::Enlarge;
}

QPointF edgePoint(const QRectF& r, Qt::Edges edges) {
    return {edges & Qt::LeftEdge    ? r.left()
            : edges & Qt::RightEdge ? r.right()
                                    : r.center().x(),
            edges & Qt::TopEdge      ? r.top()
            : edges & Qt::BottomEdge ? r.bottom()
                                     : r.center().y()};
}

constexpr Qt::Edges allEdges[] = {
    Qt::TopEdge | Qt::LeftEdge,     Qt::TopEdge,    Qt::TopEdge | Qt::RightEdge,   Qt::RightEdge,
    Qt::BottomEdge | Qt::RightEdge, Qt::BottomEdge, Qt::BottomEdge | Qt::LeftEdge, Qt::LeftEdge};

Qt::Edges across(Qt::Edges edges) {
    Qt::Edges other;
    for (const auto& [one, opposite] :
         {std::pair(Qt::LeftEdge, Qt::RightEdge), std::pair(Qt::TopEdge, Qt::BottomEdge)}) {
        if (edges & one) other |= opposite;
        if (edges & opposite) other |= one;
    }
    return other;
}

// A box drawn out by an edge or a corner; the other side stays where it is, also where it is turned.
Mark stretchedBy(Mark mark, Qt::Edges edges, const QPointF& by, bool even) {
    const QTransform turn = turnOf(mark);
    const QRectF before = boxOf(mark);
    const QPointF fixed = turn.map(edgePoint(before, across(edges)));
    const double radians = -mark.turn * std::numbers::pi / 180;
    const QPointF own(by.x() * std::cos(radians) - by.y() * std::sin(radians),
                      by.x() * std::sin(radians) + by.y() * std::cos(radians));
    constexpr double least = 6; // device pixels of a side
    QRectF box = before;
    if (edges & Qt::LeftEdge) box.setLeft(std::min(box.left() + own.x(), box.right() - least));
    if (edges & Qt::RightEdge) box.setRight(std::max(box.right() + own.x(), box.left() + least));
    if (edges & Qt::TopEdge) box.setTop(std::min(box.top() + own.y(), box.bottom() - least));
    if (edges & Qt::BottomEdge) box.setBottom(std::max(box.bottom() + own.y(), box.top() + least));
    const bool corner = (edges & (Qt::LeftEdge | Qt::RightEdge)) && (edges & (Qt::TopEdge | Qt::BottomEdge));
    if (even && corner && before.height() > 0) {
        const double ratio = before.width() / before.height();
        const double height = std::max(box.height(), box.width() / ratio);
        const QSizeF size(height * ratio, height);
        if (edges & Qt::LeftEdge)
            box.setLeft(box.right() - size.width());
        else
            box.setWidth(size.width());
        if (edges & Qt::TopEdge)
            box.setTop(box.bottom() - size.height());
        else
            box.setHeight(size.height());
    }
    setBox(mark, box);
    const QPointF now = turnOf(mark).map(edgePoint(box, across(edges)));
    setBox(mark, box.translated(fixed - now));
    return mark;
}

Mark turnedTo(Mark mark, const QPointF& to, bool even) {
    const QPointF v = to - boxOf(mark).center();
    double angle = std::atan2(v.y(), v.x()) * 180 / std::numbers::pi + 90;
    if (even) angle = std::round(angle / 15) * 15;
    mark.turn = std::remainder(angle, 360);
    return mark;
}

// An angle of an arc, degrees clockwise from three o'clock, at a point of its box before that is turned.
double arcAngle(const QRectF& box, const QPointF& point) {
    const QPointF v = point - box.center();
    return std::atan2(v.y() / std::max(1.0, box.height()), v.x() / std::max(1.0, box.width())) * 180 / std::numbers::pi;
}

QPointF arcPoint(const QRectF& box, double angle) {
    const double radians = angle * std::numbers::pi / 180;
    return box.center() + QPointF(box.width() / 2 * std::cos(radians), box.height() / 2 * std::sin(radians));
}

Mark withArc(Mark mark, const MarkGrip& grip, const QPointF& to, bool even) {
    double angle = arcAngle(boxOf(mark), turnOf(mark).inverted().map(to));
    if (even) angle = std::round(angle / 15) * 15;
    const double end = mark.arcFrom + mark.arcSpan;
    const double from = grip.what == MarkGrip::What::ArcStart ? angle : mark.arcFrom;
    double span = (grip.what == MarkGrip::What::ArcStart ? end : angle) - from;
    span -= 360 * std::floor(span / 360);
    mark.arcFrom = from;
    mark.arcSpan = span < 1 ? 360 : span;
    return mark;
}

std::optional<MarkGrip> gripAt(const Sheet& sheet, const Mark& mark, const QPointF& point) {
    std::optional<MarkGrip> nearest;
    double least = gripReach;
    for (const auto& [grip, place] : gripsOf(mark, sheet.pixel())) {
        const QPointF off = sheet.toView(place) - sheet.toView(point);
        const double distance = std::hypot(off.x(), off.y());
        if (distance > least) continue;
        least = distance;
        nearest = grip;
    }
    return nearest;
}

const Mark* drawnMark(const Sheet& sheet, int id) {
    for (const Mark& mark : sheet.drawnMarks())
        if (mark.id == id) return &mark;
    return nullptr;
}

// Where a tint, or what is filled, lies over a finding, a press means the finding.
bool yields(const Sheet& sheet, const Mark& mark, const QPointF& point) {
    const bool lies = mark.kind == MarkKind::Tint || (mark.kind == MarkKind::Ring && mark.style.ground);
    return lies && sheet.itemAt(point) != 0;
}

} // namespace

std::vector<std::pair<MarkGrip, QPointF>> gripsOf(const Mark& mark, double pixel) {
    std::vector<std::pair<MarkGrip, QPointF>> all;
    if (mark.locked) return all;
    const auto points = [&](qsizetype first) {
        for (qsizetype i = first; i < mark.points.size(); ++i)
            all.push_back({{MarkGrip::What::Point, i, {}}, mark.points[i]});
    };
    if (!isBox(mark)) {
        const bool single = mark.kind == MarkKind::Step || mark.kind == MarkKind::Draw || mark.kind == MarkKind::Tint;
        if (!single) points(0);
        return all;
    }
    const QTransform turn = turnOf(mark);
    const QRectF box = boxOf(mark);
    if (mark.kind == MarkKind::Note && mark.points.size() > 2) points(2);
    if (canTurn(mark))
        all.push_back(
            {{MarkGrip::What::Turn, 0, {}}, turn.map(QPointF(box.center().x(), box.top() - turnAway / pixel))});
    // Of what is small the corners alone: its sides are left to take it up by.
    const auto isCorner = [](Qt::Edges edges) {
        return (edges & (Qt::LeftEdge | Qt::RightEdge)) && (edges & (Qt::TopEdge | Qt::BottomEdge));
    };
    const bool small = std::min(box.width(), box.height()) * pixel < smallBox;
    for (const Qt::Edges edges : allEdges)
        if (!small || isCorner(edges))
            all.push_back({{MarkGrip::What::Edges, 0, edges}, turn.map(edgePoint(box, edges))});
    if (mark.kind == MarkKind::Ring && mark.form == MarkForm::Arc) {
        all.push_back({{MarkGrip::What::ArcStart, 0, {}}, turn.map(arcPoint(box, mark.arcFrom))});
        all.push_back({{MarkGrip::What::ArcEnd, 0, {}}, turn.map(arcPoint(box, mark.arcFrom + mark.arcSpan))});
    }
    if (mark.kind == MarkKind::Enlarge)
        for (const qsizetype corner : {0, 1}) all.push_back({{MarkGrip::What::Point, corner, {}}, mark.points[corner]});
    return all;
}

Mark dragged(Mark mark, const MarkGrip& grip, const QPointF& from, const QPointF& to, bool even) {
    switch (grip.what) {
    case MarkGrip::What::Whole:
        // What an end holds on to stays behind; a part that is enlarged stays where it is, what shows it is moved.
        std::erase_if(mark.holds, [](const MarkHold&) { return true; });
        if (mark.kind == MarkKind::Enlarge) {
            setBox(mark, boxOf(mark).translated(to - from));
            return mark;
        }
        if (mark.kind == MarkKind::Note && mark.points.size() > 2) {
            setBox(mark, boxOf(mark).translated(to - from));
            return mark;
        }
        return translated(std::move(mark), to - from);
    case MarkGrip::What::Point: {
        std::erase_if(mark.holds, [&](const MarkHold& hold) { return hold.point == size_t(grip.point); });
        QPointF there = mark.points[grip.point] + (to - from);
        const bool line = mark.kind == MarkKind::Point || mark.kind == MarkKind::Line || mark.kind == MarkKind::Measure;
        if (even && line && grip.point < 2) there = heldToAngles(mark.points[1 - grip.point], there, {});
        mark.points[grip.point] = there;
        return mark;
    }
    case MarkGrip::What::Edges:
        return stretchedBy(std::move(mark), grip.edges, to - from, even);
    case MarkGrip::What::Turn:
        return turnedTo(std::move(mark), to, even);
    case MarkGrip::What::ArcStart:
    case MarkGrip::What::ArcEnd:
        return withArc(std::move(mark), grip, to, even);
    }
    return mark;
}

QRectF seenOf(const Sheet& sheet) {
    const QSize capture = sheet.pictureSize();
    const QRectF view(sheet.viewport()->rect());
    const QPolygonF there = sheet.viewTransform().inverted().map(QPolygonF(view.adjusted(12, 40, -12, -12)));
    const QRectF inner = sheet.geometry().toFramed.inverted().mapRect(QRectF(sheet.geometry().inner));
    const QRectF seen = there.boundingRect().intersected(inner);
    return seen.isEmpty() ? QRectF(QPointF(0, 0), QSizeF(capture)) : seen;
}

Mark withHolds(const Sheet& sheet, Mark mark) {
    if (mark.kind != MarkKind::Point && mark.kind != MarkKind::Line) return mark;
    const Capture* capture = sheet.shownCapture();
    if (!capture) return mark;
    const Decided decided = sheet.openCase().decided(*capture);
    for (qsizetype i = 0; i < 2; ++i) {
        QPointF& at = mark.points[i];
        int id = 0;
        QRectF place;
        for (const Mark& other : sheet.drawnMarks())
            if (other.id != mark.id && isBox(other) && boundsOf(other).contains(at)) {
                id = other.id;
                place = boundsOf(other);
            }
        const int under = id ? 0 : sheet.itemAt(at);
        if (under) {
            place = drawnPlaceOf(under, decided, capture->size);
            if (place.contains(at)) id = under;
        }
        const auto word = !id && capture->page ? wordNear(*capture->page, at) : std::nullopt;
        if (id) {
            mark.holds.push_back(
                {size_t(i), id, {(at.x() - place.left()) / place.width(), (at.y() - place.top()) / place.height()}});
        } else if (word) {
            // Not over its letters.
            const QRectF box = capture->page->lines[size_t(word->line)].words[size_t(word->word)].box;
            if (!box.contains(at)) continue;
            const double left = at.x() - box.left(), right = box.right() - at.x(), top = at.y() - box.top(),
                         bottom = box.bottom() - at.y();
            const double least = std::min({left, right, top, bottom});
            constexpr double aside = 3; // device pixels
            if (least == top)
                at.setY(box.top() - aside);
            else if (least == bottom)
                at.setY(box.bottom() + aside);
            else
                at.setX(least == left ? box.left() - aside : box.right() + aside);
        }
    }
    return mark;
}

void paintMarkGrips(QPainter& painter, const Sheet& sheet, const Mark& mark, bool alone) {
    const Theme& t = sheet.theme();
    painter.save();
    painter.setRenderHint(QPainter::Antialiasing);
    painter.setBrush(Qt::NoBrush);
    const QRectF bounds = sheet.viewOf(boundsOf(mark)).adjusted(-5, -5, 5, 5);
    const auto grips = gripsOf(mark, sheet.pixel());
    // The beads at a line's ends say enough of it.
    const bool outlined = !alone || grips.empty() || isBox(mark);
    for (const auto& [colour, width] : {std::pair(t.onBrand, 3.0), std::pair(t.aubergine, 1.2)}) {
        QPen pen(colour, width);
        if (mark.locked) pen.setDashPattern({3, 3});
        painter.setPen(pen);
        if (outlined) painter.drawRoundedRect(bounds, 4, 4);
    }
    if (alone)
        for (const auto& [grip, place] : grips) {
            const QPointF at = sheet.toView(place);
            painter.setPen(QPen(t.aubergine, 1.2));
            painter.setBrush(grip.what == MarkGrip::What::Turn ? t.aubergine : t.onBrand);
            const double half = markGrip / 2;
            // Sides are held by squares, points and turns by beads.
            if (grip.what == MarkGrip::What::Edges)
                painter.drawRect(QRectF(at - QPointF(half, half), QSizeF(markGrip, markGrip)));
            else
                painter.drawEllipse(at, half + 0.5, half + 0.5);
        }
    painter.restore();
}

bool nudgeMarks(Sheet& sheet, const QKeyEvent& event) {
    const auto& chosen = sheet.selection().marks();
    if (chosen.empty()) return false;
    const int step = event.modifiers() & Qt::ShiftModifier ? largeStep : 1;
    const QPointF by = event.key() == Qt::Key_Left    ? QPointF(-step, 0)
                       : event.key() == Qt::Key_Right ? QPointF(step, 0)
                       : event.key() == Qt::Key_Up    ? QPointF(0, -step)
                       : event.key() == Qt::Key_Down  ? QPointF(0, step)
                                                      : QPointF();
    if (by.isNull()) return false;
    std::vector<Mark> moved;
    for (const int id : chosen) {
        const Mark* mark = drawnMark(sheet, id);
        if (!mark || mark->locked) continue;
        if (!(event.modifiers() & Qt::ControlModifier))
            moved.push_back(dragged(*mark, {}, {}, by, false));
        else if (isBox(*mark))
            moved.push_back(dragged(*mark, {MarkGrip::What::Edges, 0, Qt::RightEdge | Qt::BottomEdge}, {}, by, false));
        else if (mark->points.size() > 1)
            moved.push_back(dragged(*mark, {MarkGrip::What::Point, 1, {}}, {}, by, false));
    }
    sheet.openCase().setMarks(moved, Tr::tr("moving marks"));
    return true;
}

std::optional<MarkDrag> MarkDrag::begin(Sheet& sheet, const QPointF& point, const QMouseEvent& event) {
    MarkDrag drag(sheet);
    drag.m_from = drag.m_to = point;
    drag.m_pressedAt = event.position();
    Selection& selection = sheet.selection();
    const auto& chosen = selection.marks();
    const Mark* alone = chosen.size() == 1 ? drawnMark(sheet, chosen.front()) : nullptr;
    const auto grip = alone ? gripAt(sheet, *alone, point) : std::nullopt;
    if (grip) {
        drag.m_grip = *grip;
        drag.m_marks = {*alone};
        return drag;
    }
    const int id = sheet.markAt(point);
    const Mark* mark = id ? drawnMark(sheet, id) : nullptr;
    const bool isChosen = std::find(chosen.begin(), chosen.end(), id) != chosen.end();
    if (!mark || (!isChosen && yields(sheet, *mark, point))) return std::nullopt;
    if (!sheet.chosenWords().empty()) sheet.chooseWords({});
    if (event.modifiers() & Qt::ControlModifier) {
        std::vector<int> all = chosen;
        if (isChosen)
            std::erase(all, id);
        else
            all.push_back(id);
        selection.selectMarks(all);
    } else if (!isChosen) {
        selection.select(id);
    }
    for (const int one : selection.marks())
        if (const Mark* held = drawnMark(sheet, one); held && !held->locked) drag.m_marks.push_back(*held);
    return drag;
}

std::optional<Qt::CursorShape> MarkDrag::cursorAt(const Sheet& sheet, const QPointF& point) {
    const auto& chosen = sheet.selection().marks();
    const Mark* alone = chosen.size() == 1 ? drawnMark(sheet, chosen.front()) : nullptr;
    if (const auto grip = alone ? gripAt(sheet, *alone, point) : std::nullopt) {
        if (grip->what == MarkGrip::What::Turn) return Qt::PointingHandCursor;
        if (grip->what == MarkGrip::What::Point) return Qt::CrossCursor;
        return Qt::SizeAllCursor;
    }
    const int id = sheet.markAt(point);
    const Mark* mark = id ? drawnMark(sheet, id) : nullptr;
    if (!mark || yields(sheet, *mark, point)) return std::nullopt;
    return mark->locked ? Qt::ArrowCursor : Qt::SizeAllCursor;
}

void MarkDrag::move(const QPointF& point, const QMouseEvent& event) {
    m_to = point;
    m_even = event.modifiers() & Qt::ShiftModifier;
    m_moved = m_moved || (event.position() - m_pressedAt).manhattanLength() >= QApplication::startDragDistance();
    if (m_moved) m_sheet->showInstead(now());
}

std::vector<Mark> MarkDrag::now() const {
    std::vector<Mark> all;
    for (const Mark& mark : m_marks) all.push_back(dragged(mark, m_grip, m_from, m_to, m_even));
    return all;
}

void MarkDrag::end() const {
    m_sheet->showInstead({});
    if (!m_moved) return;
    std::vector<Mark> all = now();
    if (m_grip.what == MarkGrip::What::Point && !all.empty()) {
        Mark& mark = all.front();
        mark.holds.clear();
        mark = withHolds(*m_sheet, mark);
    }
    m_sheet->openCase().setMarks(all, m_grip.what == MarkGrip::What::Whole ? Tr::tr("moving marks")
                                                                           : Tr::tr("changing a mark"));
}

void MarkDrag::paint(QPainter& painter) const {
    if (!m_moved || m_marks.empty()) return;
    const Mark mark = now().front();
    const bool line = !isBox(mark) && mark.points.size() > 1;
    const QString text = m_grip.what == MarkGrip::What::Turn ? sentence(Tr::tr("%1°"), int(std::lround(mark.turn)))
                         : line && m_grip.what == MarkGrip::What::Point
                             ? readoutOf(mark.points[0], mark.points[1])
                             : sentence(Tr::tr("%1 × %2"), int(boundsOf(mark).width()), int(boundsOf(mark).height()));
    drawReadout(painter, m_sheet->viewport()->rect(), m_sheet->toView(m_to) + QPointF(10, 8), text, m_sheet->theme());
}

} // namespace eyelid
