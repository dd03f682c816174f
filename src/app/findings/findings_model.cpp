#include "app/findings/findings_model.h"

#include "base/sentence.h"

#include <algorithm>
#include <cmath>

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

QString stateOf(const FindingsRow& row) {
    return row.questions ? Tr::tr("asked") : row.open ? Tr::tr("open") : row.cover ? Tr::tr("covered") : Tr::tr("kept");
}

} // namespace

void FindingsModel::setFilter(const FindingsFilter& filter) {
    m_filter = filter;
    rebuild();
}

void FindingsModel::setOrder(FindingsOrder order) {
    m_order = order;
    rebuild();
}

void FindingsModel::rebuild() {
    std::vector<FindingsRow> rows;
    RowsByValue byValue; // to the letter: what looks alike is another row
    for (const Capture& capture : m_case.captures()) {
        if (m_filter.capture && m_filter.capture != capture.id) continue;
        addItems(capture, rows, byValue);
        addHands(capture, rows);
    }
    putInOrder(rows);
    putHeadings(rows);
    const bool same = std::equal(rows.begin(), rows.end(), m_rows.begin(), m_rows.end(),
                                 [](const FindingsRow& a, const FindingsRow& b) { return a.isOf(b); });
    if (!same) beginResetModel();
    m_rows = std::move(rows);
    m_rowOf.clear();
    for (size_t i = 0; i < m_rows.size(); ++i)
        for (const int id : m_rows[i].ids) m_rowOf[id] = int(i);
    if (!same)
        endResetModel();
    else if (!m_rows.empty())
        emit dataChanged(index(0), index(int(m_rows.size()) - 1));
}

bool FindingsModel::shows(const Item& item) const {
    if (m_filter.kind && item.finding.kind != *m_filter.kind) return false;
    if (m_filter.state && item.decision != *m_filter.state) return false;
    if (m_filter.questionsOnly && item.question.isEmpty()) return false;
    const double sure = item.finding.confidence;
    if (sure < m_filter.leastConfidence || sure > m_filter.mostConfidence) return false;
    return m_filter.words.isEmpty() || item.finding.text.contains(m_filter.words, Qt::CaseInsensitive) ||
           kindTitle(item.finding.kind).contains(m_filter.words, Qt::CaseInsensitive);
}

void FindingsModel::addItems(const Capture& capture, std::vector<FindingsRow>& rows, RowsByValue& byValue) const {
    if (m_filter.handsOnly) return;
    std::vector<const Item*> items;
    for (const Item& item : m_case.items(capture.id))
        if (shows(item)) items.push_back(&item);
    std::stable_sort(items.begin(), items.end(), [](const Item* a, const Item* b) {
        return isAbove(a->finding.boxes.front(), b->finding.boxes.front());
    });
    for (const Item* item : items) {
        size_t at = rows.size();
        if (!item->finding.text.isEmpty())
            at = byValue.try_emplace({item->finding.kind, exactly(item->finding.text)}, at).first->second;
        if (at == rows.size()) {
            FindingsRow row;
            row.kind = item->finding.kind;
            row.text = titleOf(item->finding);
            row.identity = item->identity;
            row.capture = capture.id;
            rows.push_back(std::move(row));
        }
        FindingsRow& row = rows[at];
        row.ids.push_back(item->id);
        row.confidence = std::max(row.confidence, item->finding.confidence);
        row.questions += !item->question.isEmpty();
        row.open += item->decision == Decision::Open;
        row.cover += item->decision == Decision::Cover;
        row.keep += item->decision == Decision::Keep;
    }
}

void FindingsModel::addHands(const Capture& capture, std::vector<FindingsRow>& rows) const {
    if (m_filter.kind || m_filter.questionsOnly || !m_filter.words.isEmpty()) return;
    if (m_filter.state && *m_filter.state != Decision::Cover) return;
    for (const HandCover& hand : capture.hands) {
        const QRect box = hand.shape.region(capture.size).boundingRect();
        FindingsRow row;
        row.byHand = true;
        row.text = sentence(Tr::tr("Area %1 × %2"), box.width(), box.height());
        row.confidence = 1;
        row.ids = {hand.id};
        row.cover = 1;
        row.capture = capture.id;
        rows.push_back(std::move(row));
    }
}

// By the order that is asked for; then spellings of one person, account or thing under the first of them.
void FindingsModel::putInOrder(std::vector<FindingsRow>& rows) const {
    const auto before = [this](const FindingsRow& a, const FindingsRow& b) {
        switch (m_order) {
        case FindingsOrder::Place:
            return false;
        case FindingsOrder::Kind:
            return a.byHand != b.byHand ? b.byHand : a.kind < b.kind;
        case FindingsOrder::SurestFirst:
            return a.confidence > b.confidence;
        case FindingsOrder::UnsureFirst:
            return a.confidence < b.confidence;
        case FindingsOrder::MostPlacesFirst:
            return a.ids.size() > b.ids.size();
        }
        return false;
    };
    std::stable_sort(rows.begin(), rows.end(), before);
    std::map<int, size_t> first; // by identity, the place of the first row
    for (size_t i = 0; i < rows.size(); ++i)
        if (rows[i].identity) first.try_emplace(rows[i].identity, i);
    std::vector<std::pair<size_t, size_t>> keys; // of each row: of the first of its identity, and its own
    for (size_t i = 0; i < rows.size(); ++i) {
        const size_t lead = rows[i].identity ? first[rows[i].identity] : i;
        rows[i].variant = lead != i;
        keys.emplace_back(lead, i);
    }
    std::stable_sort(keys.begin(), keys.end());
    std::vector<FindingsRow> sorted;
    sorted.reserve(rows.size());
    for (const auto& [lead, at] : keys) sorted.push_back(std::move(rows[at]));
    rows = std::move(sorted);
}

void FindingsModel::putHeadings(std::vector<FindingsRow>& rows) const {
    QString last;
    for (FindingsRow& row : rows) {
        if (row.variant) continue;
        QString heading;
        if (m_order == FindingsOrder::Place && m_case.captures().size() > 1 && !m_filter.capture)
            heading = m_case.capture(row.capture)->name;
        else if (m_order == FindingsOrder::Kind && !m_filter.kind)
            heading = row.byHand ? Tr::tr("Covered by hand") : kindTitle(row.kind);
        if (heading != last) row.heading = heading;
        last = heading;
    }
}

int FindingsModel::rowOf(int id) const {
    const auto at = m_rowOf.find(id);
    return at == m_rowOf.end() ? -1 : at->second;
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
        std::stable_sort(places.begin(), places.end(),
                         [](const auto& a, const auto& b) { return isAbove(a.first, b.first); });
        // What stands side by side is gone through from left to right.
        for (auto row = places.begin(); row != places.end();) {
            const auto end = std::find_if(
                row, places.end(), [&](const auto& place) { return place.first.top() > row->first.top() + sameRow; });
            std::stable_sort(row, end, [](const auto& a, const auto& b) { return a.first.left() < b.first.left(); });
            row = end;
        }
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
                        : sentence(Tr::tr("%1, %2, %3, %4"), r.text, kindTitle(r.kind),
                                   Tr::tr("%n place(s)", nullptr, int(r.ids.size())), stateOf(r));
    return {};
}

} // namespace eyelid
