// The case's findings, grouped by value, with the reason, style and note of the selected one.
#pragma once

#include "app/findings/selection.h"
#include "casefile/case.h"

#include <QWidget>

class QComboBox;
class QLayout;
class QLabel;
class QLineEdit;
class QListView;
class QSlider;
class QToolButton;

namespace eyelid {

struct Theme;

class FindingsModel;

class FindingsPanel final : public QWidget {
    Q_OBJECT
public:
    FindingsPanel(Case& owner, Selection& selection, const Theme& theme, QWidget* parent = nullptr);

    QListView* list() const { return m_list; }
    /// Findings of the case in the order they are gone through, as filtered.
    std::vector<int> order() const;

signals:
    void itemChosen(int itemId);
    void decisionAsked(eyelid::Scope scope, eyelid::Decision decision);

private:
    QLayout* makeTop();
    QLayout* makeFilters();
    void makeList(const Theme& theme);
    QWidget* makeDetails();
    QLayout* makeDecisions();
    QLayout* makeStyle();
    void bind();
    void applyFilter();
    void refresh();
    void showDetails();
    void showItem(const Item& item);
    void showHand(const HandCover& hand);
    void showLook(CoverStyle style, double strength, const QString& note);
    void chooseRow(int row);

    Case& m_case;
    Selection& m_selection;
    FindingsModel* m_model;
    QListView* m_list;
    QComboBox *m_kind, *m_state, *m_style;
    QLabel *m_count, *m_value, *m_kindLabel, *m_reason, *m_place;
    QSlider* m_strength;
    QLineEdit* m_note;
    QWidget* m_details;
    QToolButton *m_cover, *m_keep, *m_open;
    bool m_showing = false;
};

} // namespace eyelid
