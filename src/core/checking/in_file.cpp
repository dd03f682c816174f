#include "checking/in_file.h"

#include "editing/mark_painting.h"

namespace eyelid {
namespace {

QTransform between(const QRectF& from, const QRectF& to) {
    return QTransform::fromTranslate(-from.left(), -from.top()) *
           QTransform::fromScale(to.width() / from.width(), to.height() / from.height()) *
           QTransform::fromTranslate(to.left(), to.top());
}

} // namespace

InFile::InFile(const Decided& decided, const std::vector<Cover>& covers, const QSize& capture)
    : m_items(decided.items), m_hidden(hiddenBy(covers)) {
    m_edits.covers = covers;
    if (capture.isEmpty()) return;
    m_edits.framing = decided.framing;
    m_edits.marks = editsOf(decided, capture).marks;
    m_geometry = geometryOf(decided.framing, capture);
    if (!decided.framing.isPlain()) {
        m_hidden = m_geometry.mapped(m_hidden);
        for (Item& item : m_items) {
            for (QRectF& box : item.finding.boxes) box = m_geometry.toFramed.mapRect(box);
            item.finding.textHeight *= m_geometry.scale;
        }
    }
    m_ownItems = m_items.size();
    m_covers = m_hidden;
    for (const Mark& mark : m_edits.marks) show(mark);
}

void InFile::show(const Mark& mark) {
    const bool opaque = mark.kind == MarkKind::Enlarge || mark.kind == MarkKind::Code || mark.kind == MarkKind::Sign ||
                        (mark.kind == MarkKind::Note && mark.style.ground);
    if (!opaque) return;
    QRectF target;
    if (mark.kind == MarkKind::Enlarge) {
        target = placeOfEnlarged(mark, m_geometry.toFramed, m_geometry.scale);
    } else { // as it is turned itself, around its middle, whatever the framing
        target.setSize(turnOf(mark).mapRect(boxOf(mark)).size() * m_geometry.scale);
        target.moveCenter(m_geometry.toFramed.map(boxOf(mark).center()));
    }
    m_hidden -= target.toAlignedRect();
    if (mark.kind == MarkKind::Enlarge) showEnlarged(mark, target);
}

// What is enlarged is the picture without marks: its own covers and findings, not those another enlargement shows.
void InFile::showEnlarged(const Mark& mark, const QRectF& target) {
    const QRectF source = m_geometry.toFramed.mapRect(QRectF(mark.points[0], mark.points[1]).normalized());
    if (source.isEmpty()) return;
    const QTransform toTarget = between(source, target);
    m_enlarged.push_back({target, toTarget});
    for (const QRect& rect : m_covers& source.toAlignedRect())
        m_hidden += toTarget.mapRect(QRectF(rect)).toAlignedRect() & target.toAlignedRect();
    for (size_t i = 0; i < m_ownItems; ++i) {
        Item again = m_items[i];
        std::erase_if(again.finding.boxes, [&](const QRectF& one) { return !source.contains(one.center()); });
        if (again.finding.boxes.empty()) continue;
        for (QRectF& one : again.finding.boxes) one = toTarget.mapRect(one);
        again.finding.textHeight *= toTarget.m22();
        m_items.push_back(std::move(again));
    }
}

Finding InFile::onCapture(Finding found) const {
    for (QRectF& box : found.boxes) {
        for (auto enlarged = m_enlarged.rbegin(); enlarged != m_enlarged.rend(); ++enlarged)
            if (enlarged->target.contains(box.center())) {
                box = enlarged->toTarget.inverted().mapRect(box);
                break;
            }
        if (!m_edits.framing.isPlain()) box = m_geometry.mappedBack(box);
    }
    return found;
}

} // namespace eyelid
