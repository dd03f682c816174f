// The case's findings grouped by value, and its covers drawn by hand, as a list.
#pragma once

#include "casefile/case.h"

#include <map>
#include <optional>
#include <QAbstractListModel>
#include <QSet>
#include <vector>

namespace eyelid {

/// Which rows are listed.
struct FindingsFilter {
    std::optional<Kind> kind;
    bool handsOnly = false; ///< covers drawn by hand alone
    std::optional<Decision> state;
    bool questionsOnly = false;
    double leastConfidence = 0, mostConfidence = 1;
    int capture = 0; ///< 0: of all
    QString words;   ///< in the value or the title of its kind, in capitals or not
};

enum class FindingsOrder {
    Place, ///< capture after capture, from top to bottom
    Kind,  ///< as kinds are listed
    SurestFirst,
    UnsureFirst,
    MostPlacesFirst,
};

/// One row: a value with all places it stands in, or one cover drawn by hand.
struct FindingsRow {
    bool byHand = false;
    Kind kind = Kind::Watch; ///< of a value
    QString text;
    double confidence = 0;
    std::vector<int> ids; ///< of the findings, or of the cover
    int open = 0, cover = 0, keep = 0, questions = 0;
    int identity = 0;
    int capture = 0;      ///< it stands on first
    bool variant = false; ///< another spelling of the one above
    QString heading;      ///< of what begins with this row; empty within it
    bool isOf(const FindingsRow& other) const { return byHand == other.byHand && ids == other.ids; }
};

class FindingsModel final : public QAbstractListModel {
public:
    FindingsModel(Case& owner, QObject* parent) : QAbstractListModel(parent), m_case(owner) { rebuild(); }

    void setFilter(const FindingsFilter& filter);
    void setOrder(FindingsOrder order);
    /// What is listed stays where it is, and what is selected stays so, unless rows come or go.
    void rebuild();
    const FindingsRow& row(int row) const { return m_rows[size_t(row)]; }
    /// Of a finding or a cover drawn by hand; -1 where it is not listed.
    int rowOf(int id) const;
    /// All that is listed, by place: capture after capture, from top to bottom, so that the eye need not jump.
    std::vector<int> byPlace() const;

    int rowCount(const QModelIndex& parent = {}) const override { return parent.isValid() ? 0 : int(m_rows.size()); }
    QVariant data(const QModelIndex& index, int role) const override;

private:
    using RowsByValue = std::map<std::pair<Kind, QString>, size_t>;
    bool shows(const Item& item) const;
    void addItems(const Capture& capture, std::vector<FindingsRow>& rows, RowsByValue& byValue) const;
    void addHands(const Capture& capture, std::vector<FindingsRow>& rows) const;
    void putInOrder(std::vector<FindingsRow>& rows) const;
    void putHeadings(std::vector<FindingsRow>& rows) const;

    Case& m_case;
    FindingsFilter m_filter;
    FindingsOrder m_order = FindingsOrder::Place;
    std::vector<FindingsRow> m_rows;
    std::map<int, int> m_rowOf; ///< by the id of a finding or cover
};

} // namespace eyelid
