#include "app/sheet/grips.h"

#include <algorithm>
#include <cmath>

namespace eyelid {

std::optional<Gripped> Gripped::of(const Case& open, int id) {
    const Capture* capture = open.captureOf(id);
    if (!capture) return std::nullopt;
    Gripped gripped;
    gripped.m_id = id;
    if (const HandCover* hand = open.hand(id)) {
        gripped.m_shape = hand->shape;
        gripped.m_bounds = hand->shape.region(capture->size).boundingRect();
        return gripped;
    }
    const Item* item = open.item(id);
    if (!item || !capture->page || item->finding.text.isEmpty()) return std::nullopt;
    gripped.m_page = capture->page;
    gripped.m_letters = lettersOf(*capture->page, item->finding);
    gripped.m_boxes = item->finding.boxes;
    if (!gripped.m_letters) return std::nullopt;
    return gripped;
}

std::vector<std::pair<Grip, QPointF>> Gripped::grips() const {
    if (m_letters) {
        const QRectF &first = m_boxes.front(), &last = m_boxes.back();
        return {{{Grip::What::Start, {}}, {first.left(), first.center().y()}},
                {{Grip::What::End, {}}, {last.right(), last.center().y()}}};
    }
    std::vector<std::pair<Grip, QPointF>> all;
    const QRectF r(m_bounds);
    for (const auto& [x, side] : {std::pair(r.left(), Qt::LeftEdge), std::pair(r.right(), Qt::RightEdge)}) {
        all.push_back({{Grip::What::Edges, side}, {x, r.center().y()}});
        for (const auto& [y, end] : {std::pair(r.top(), Qt::TopEdge), std::pair(r.bottom(), Qt::BottomEdge)})
            all.push_back({{Grip::What::Edges, side | end}, {x, y}});
    }
    all.push_back({{Grip::What::Edges, Qt::TopEdge}, {r.center().x(), r.top()}});
    all.push_back({{Grip::What::Edges, Qt::BottomEdge}, {r.center().x(), r.bottom()}});
    return all;
}

std::optional<Grip> Gripped::at(const QPointF& point, double reach) const {
    for (const auto& [grip, place] : grips())
        if (std::max(std::abs(place.x() - point.x()), std::abs(place.y() - point.y())) <= reach) return grip;
    if (!m_letters && QRectF(m_bounds).contains(point)) return Grip{Grip::What::Whole, {}};
    return std::nullopt;
}

LetterSpan Gripped::endsFor(const Grip& grip, const QPointF& point) const {
    LetterSpan ends = *m_letters;
    const auto letter = letterNear(*m_page, point);
    if (!letter) return ends;
    if (grip.what == Grip::What::Start)
        ends.first = std::min(*letter, ends.last);
    else
        ends.last = std::max(*letter, ends.first);
    return ends;
}

std::vector<QRectF> Gripped::boxesOf(const LetterSpan& ends) const {
    return findingOf(*m_page, ends, Kind::Watch).boxes;
}

QRect Gripped::boundsFor(const Grip& grip, const QPointF& from, const QPointF& to) const {
    const QPoint by = (to - from).toPoint();
    if (grip.what == Grip::What::Whole) return m_bounds.translated(by);
    QRect r = m_bounds;
    // No edge passes the one across from it.
    if (grip.edges & Qt::LeftEdge) r.setLeft(std::min(r.left() + by.x(), r.right()));
    if (grip.edges & Qt::RightEdge) r.setRight(std::max(r.right() + by.x(), r.left()));
    if (grip.edges & Qt::TopEdge) r.setTop(std::min(r.top() + by.y(), r.bottom()));
    if (grip.edges & Qt::BottomEdge) r.setBottom(std::max(r.bottom() + by.y(), r.top()));
    return r;
}

} // namespace eyelid
