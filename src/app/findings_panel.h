// The case's findings, grouped by value, with the reason, style and note of the selected one.
#pragma once

#include "casefile/case.h"

#include <QWidget>

class QComboBox;
class QLabel;
class QLineEdit;
class QListView;
class QSlider;
class QToolButton;

namespace eyelid {

class FindingsModel;

class FindingsPanel final : public QWidget {
    Q_OBJECT
public:
    explicit FindingsPanel(Case& owner, QWidget* parent = nullptr);

    /// The selected finding, or 0.
    int selected() const { return m_selected; }
    void select(int itemId);
    /// The capture whose places come first when a value is chosen.
    void setCapture(int id) { m_capture = id; }
    QListView* list() const { return m_list; }
    /// Findings of the case in the order they are gone through, as filtered.
    std::vector<int> order() const;

signals:
    void itemChosen(int itemId);
    void decisionAsked(eyelid::Scope scope, eyelid::Decision decision);

private:
    void showDetails();
    void chooseRow(int row);

    Case& m_case;
    FindingsModel* m_model;
    QListView* m_list;
    QComboBox *m_kind, *m_state, *m_style;
    QLabel *m_count, *m_value, *m_kindLabel, *m_reason, *m_place;
    QSlider* m_strength;
    QLineEdit* m_note;
    QWidget* m_details;
    QToolButton *m_cover, *m_keep, *m_open;
    int m_selected = 0, m_capture = 0;
    bool m_showing = false;
};

} // namespace eyelid
