// The case's findings grouped by value, and its covers drawn by hand, as a list; and how a row is drawn.
#pragma once

#include "casefile/case.h"

#include <map>
#include <optional>
#include <QAbstractListModel>
#include <QStyledItemDelegate>
#include <vector>

namespace eyelid {

struct Theme;

/// Which rows are listed.
struct FindingsFilter {
    std::optional<Kind> kind;
    bool handsOnly = false; ///< covers drawn by hand alone
    std::optional<Decision> state;
};

/// One row: a value with all places it stands in, or one cover drawn by hand.
struct FindingsRow {
    bool byHand = false;
    Kind kind = Kind::Watch; ///< of a value
    QString text;
    double confidence = 0;
    std::vector<int> ids; ///< of the findings, or of the cover
    int open = 0, cover = 0, keep = 0;
};

class FindingsModel final : public QAbstractListModel {
public:
    FindingsModel(Case& owner, QObject* parent) : QAbstractListModel(parent), m_case(owner) { rebuild(); }

    void setFilter(const FindingsFilter& filter);
    void rebuild();
    const FindingsRow& row(int row) const { return m_rows[size_t(row)]; }
    /// Of a finding or a cover drawn by hand; -1 where it is not listed.
    int rowOf(int id) const;
    /// All that is listed, by place: capture after capture, from top to bottom, so that the eye need not jump.
    std::vector<int> byPlace() const;

    int rowCount(const QModelIndex& parent = {}) const override { return parent.isValid() ? 0 : int(m_rows.size()); }
    QVariant data(const QModelIndex& index, int role) const override;

private:
    void addItems(const Capture& capture, std::map<std::pair<Kind, QString>, size_t>& byValue);
    void addHands(const Capture& capture);

    Case& m_case;
    FindingsFilter m_filter;
    std::vector<FindingsRow> m_rows;
};

class FindingsDelegate final : public QStyledItemDelegate {
public:
    explicit FindingsDelegate(const Theme& theme, QObject* parent = nullptr)
        : QStyledItemDelegate(parent), m_theme(theme) {}
    QSize sizeHint(const QStyleOptionViewItem&, const QModelIndex&) const override { return {200, 44}; }
    void paint(QPainter* painter, const QStyleOptionViewItem& option, const QModelIndex& index) const override;

private:
    const Theme& m_theme;
};

} // namespace eyelid
