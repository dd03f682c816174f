// The case's findings, grouped by value, with the reason, style and note of the selected one.
#pragma once

#include "app/findings/findings_delegate.h"
#include "app/findings/selection.h"
#include "casefile/case.h"

#include <QWidget>

class QComboBox;
class QLayout;
class QLabel;
class QLineEdit;
class QListView;
class QMenu;
class QToolButton;

namespace eyelid {

struct Theme;

class DecideMany;
class FindingDetails;

class FindingsPanel final : public QWidget {
    Q_OBJECT
public:
    FindingsPanel(Case& owner, Selection& selection, const Theme& theme, QWidget* parent = nullptr);

    QListView* list() const { return m_list; }
    DecideMany& decideMany() const { return *m_many; }
    FindingDetails& details() const { return *m_details; }
    /// Findings of the case in the order they are gone through, as filtered.
    std::vector<int> order() const;
    /// All findings of the rows that are selected, where there are several; none otherwise.
    std::vector<int> selectedTogether() const;
    /// The first finding of each selected row.
    std::vector<int> firstOfSelected() const;

    /// So wide that nothing of what is said of a finding is cut off at its side, in whatever language.
    QSize minimumSizeHint() const override;

signals:
    void itemChosen(int itemId);
    void decisionAsked(eyelid::Scope scope, eyelid::Decision decision);
    void menuAsked(QPoint place); ///< on the screen: of commands for what is selected

protected:
    bool eventFilter(QObject* object, QEvent* event) override;

private:
    QLayout* makeTop();
    QLayout* makeSearch();
    QLayout* makeFilters();
    QMenu* makeOrders();
    void addSureness(QMenu& menu);
    void makeList(const Theme& theme);
    void bind();
    void applyFilter();
    void refresh();
    void showCount(const QString& whole, const QString& inShort);
    void chooseRow(int row);

    Case& m_case;
    Selection& m_selection;
    FindingsModel* m_model;
    FacePictures m_faces;
    QListView* m_list;
    QComboBox *m_kind, *m_state;
    QLineEdit* m_words;
    QToolButton* m_orders;
    QLabel* m_count;
    DecideMany* m_many;
    FindingDetails* m_details;
    QWidget* m_detailsArea; ///< it is scrolled in
    double m_leastSure = 0, m_mostSure = 1;
    bool m_thisCapture = false, m_showing = false;
};

} // namespace eyelid
