#include "app/findings/findings_model.h"

#include "app/window/theme.h"
#include "base/sentence.h"

#include <algorithm>
#include <cmath>
#include <map>
#include <QApplication>
#include <QPainter>

namespace eyelid {
namespace {

constexpr double sameRow = 4; // device pixels; what is nearer in height stands side by side

bool isAbove(const QRectF& a, const QRectF& b) {
    return a.top() != b.top() ? a.top() < b.top() : a.left() < b.left();
}

QString titleOf(const Finding& finding) {
    const QRectF box = finding.boxes.front();
    return finding.text.isEmpty()
               ? sentence(Tr::tr("%1 %2 × %3"), kindTitle(finding.kind), int(box.width()), int(box.height()))
               : finding.text;
}

} // namespace

void FindingsModel::setFilter(const FindingsFilter& filter) {
    m_filter = filter;
    rebuild();
}

void FindingsModel::rebuild() {
    beginResetModel();
    m_rows.clear();
    std::map<std::pair<Kind, QString>, size_t> byValue; // to the letter: what looks alike is another row
    for (const Capture& capture : m_case.captures()) {
        addItems(capture, byValue);
        addHands(capture);
    }
    endResetModel();
}

void FindingsModel::addItems(const Capture& capture, std::map<std::pair<Kind, QString>, size_t>& byValue) {
    if (m_filter.handsOnly) return;
    std::vector<const Item*> items;
    for (const Item& item : m_case.items(capture.id)) items.push_back(&item);
    std::stable_sort(items.begin(), items.end(), [](const Item* a, const Item* b) {
        return isAbove(a->finding.boxes.front(), b->finding.boxes.front());
    });
    for (const Item* item : items) {
        if (m_filter.kind && item->finding.kind != *m_filter.kind) continue;
        if (m_filter.state && item->decision != *m_filter.state) continue;
        size_t at = m_rows.size();
        if (item->identity > 0)
            at = byValue.try_emplace({item->finding.kind, exactly(item->finding.text)}, at).first->second;
        if (at == m_rows.size()) m_rows.push_back({false, item->finding.kind, titleOf(item->finding), 0, {}, 0, 0, 0});
        FindingsRow& row = m_rows[at];
        row.ids.push_back(item->id);
        row.confidence = std::max(row.confidence, item->finding.confidence);
        row.open += item->decision == Decision::Open;
        row.cover += item->decision == Decision::Cover;
        row.keep += item->decision == Decision::Keep;
    }
}

void FindingsModel::addHands(const Capture& capture) {
    if (m_filter.kind || (m_filter.state && *m_filter.state != Decision::Cover)) return;
    for (const HandCover& hand : capture.hands) {
        const QRect box = hand.shape.region(capture.size).boundingRect();
        m_rows.push_back(
            {true, {}, sentence(Tr::tr("Area %1 × %2"), box.width(), box.height()), 1, {hand.id}, 0, 1, 0});
    }
}

int FindingsModel::rowOf(int id) const {
    for (size_t i = 0; i < m_rows.size(); ++i)
        if (std::find(m_rows[i].ids.begin(), m_rows[i].ids.end(), id) != m_rows[i].ids.end()) return int(i);
    return -1;
}

std::vector<int> FindingsModel::byPlace() const {
    std::vector<int> ids;
    for (const Capture& capture : m_case.captures()) {
        std::vector<std::pair<QRectF, int>> places;
        for (const Item& item : m_case.items(capture.id))
            if (rowOf(item.id) >= 0) places.emplace_back(item.finding.boxes.front(), item.id);
        for (const HandCover& hand : capture.hands)
            if (rowOf(hand.id) >= 0)
                places.emplace_back(QRectF(hand.shape.region(capture.size).boundingRect()), hand.id);
        std::stable_sort(places.begin(), places.end(), [](const auto& a, const auto& b) {
            return std::abs(a.first.top() - b.first.top()) > sameRow ? a.first.top() < b.first.top()
                                                                     : a.first.left() < b.first.left();
        });
        for (const auto& [place, id] : places) ids.push_back(id);
    }
    return ids;
}

QVariant FindingsModel::data(const QModelIndex& index, int role) const {
    if (!index.isValid() || index.row() >= rowCount()) return {};
    const FindingsRow& r = row(index.row());
    if (role == Qt::DisplayRole || role == Qt::ToolTipRole) return r.text;
    if (role == Qt::AccessibleTextRole)
        return r.byHand ? sentence(Tr::tr("%1, covered by hand"), r.text)
                        : sentence(Tr::tr("%1, %2, %3 places, %4"), r.text, kindTitle(r.kind), r.ids.size(),
                                   r.open    ? QStringLiteral("open")
                                   : r.cover ? QStringLiteral("covered")
                                             : QStringLiteral("kept"));
    return {};
}

namespace {

// State by shape as well as by colour: open is a dashed ring, covered a filled block, kept a thin line.
void paintState(QPainter& p, const QRectF& r, Decision decision, const Theme& t) {
    p.save();
    p.setRenderHint(QPainter::Antialiasing);
    if (decision == Decision::Open) {
        QPen pen(t.clay, 1.8);
        pen.setDashPattern({2, 1.4});
        p.setPen(pen);
        p.drawEllipse(r.adjusted(1, 1, -1, -1));
    } else if (decision == Decision::Cover) {
        p.setPen(Qt::NoPen);
        p.setBrush(t.pine);
        p.drawRoundedRect(r.adjusted(0, 2, 0, -2), 2, 2);
    } else {
        p.setPen(QPen(t.pine, 2));
        p.drawLine(QPointF(r.left(), r.bottom() - 3), QPointF(r.right(), r.bottom() - 3));
    }
    p.restore();
}

} // namespace

void FindingsDelegate::paint(QPainter* p, const QStyleOptionViewItem& option, const QModelIndex& index) const {
    const FindingsRow& g = static_cast<const FindingsModel&>(*index.model()).row(index.row());
    const Theme& t = m_theme;
    p->save();
    const QRectF r = option.rect;
    if (option.state & QStyle::State_Selected) {
        p->fillRect(r, t.selection);
        p->fillRect(QRectF(r.left(), r.top(), 3, r.height()), t.aubergine);
    }
    p->setPen(QPen(t.hairline, 1));
    p->drawLine(QPointF(r.left() + 12, r.bottom() + 0.5), QPointF(r.right() - 8, r.bottom() + 0.5));
    const Decision state = g.open ? Decision::Open : g.cover ? Decision::Cover : Decision::Keep;
    paintState(*p, QRectF(r.left() + 12, r.top() + 8, 12, 12), state, t);
    const double left = r.left() + 34;
    double right = r.right() - 12;
    if (g.ids.size() > 1) {
        const QString count = Tr::tr("%n place(s)", nullptr, int(g.ids.size()));
        QFont f = option.font;
        f.setPixelSize(11);
        p->setFont(f);
        p->setPen(t.faint);
        const double w = QFontMetricsF(f).horizontalAdvance(count);
        p->drawText(QRectF(right - w, r.top() + 5, w, 18), Qt::AlignVCenter | Qt::AlignRight, count);
        right -= w + 8;
    }
    const QFont values = g.byHand ? option.font : valueFont(12);
    p->setFont(values);
    p->setPen(t.ink);
    p->drawText(QRectF(left, r.top() + 5, right - left, 18), Qt::AlignVCenter | Qt::AlignLeft,
                QFontMetricsF(values).elidedText(g.text, Qt::ElideMiddle, right - left));
    QFont f = option.font;
    f.setPixelSize(11);
    p->setFont(f);
    p->setPen(t.faint);
    QString second = g.byHand
                         ? Tr::tr("Covered by hand")
                         : sentence(Tr::tr("%1 · %2 % sure"), kindTitle(g.kind), int(std::lround(100 * g.confidence)));
    const int kinds = (g.open > 0) + (g.cover > 0) + (g.keep > 0);
    if (kinds > 1) second = sentence(Tr::tr("%1 · %2 open, %3 covered, %4 kept"), second, g.open, g.cover, g.keep);
    p->drawText(QRectF(left, r.top() + 23, r.right() - 12 - left, 16), Qt::AlignVCenter | Qt::AlignLeft,
                QFontMetricsF(f).elidedText(second, Qt::ElideRight, r.right() - 12 - left));
    p->restore();
}

} // namespace eyelid
