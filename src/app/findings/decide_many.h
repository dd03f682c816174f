// Covers or keeps many findings in one step. Which ones is chosen by where they stand and how sure they are, and shown
// on the sheet and in words before it is done.
#pragma once

#include "app/findings/selection.h"
#include "casefile/case.h"

#include <QWidget>
#include <vector>

class QComboBox;
class QLabel;
class QPushButton;
class QSlider;

namespace eyelid {

class DecideMany final : public QWidget {
    Q_OBJECT
public:
    DecideMany(Case& owner, Selection& selection, QWidget* parent = nullptr);

    enum class Reach { Case, Capture, Kind, Value };

    /// Opens with what is open in the whole case, or like the finding that is selected.
    void begin(Decision decision, Reach reach);
    void end();
    /// The findings that would be decided, by place; none while it is closed.
    const std::vector<int>& chosen() const { return m_chosen; }

signals:
    void chosenChanged(); ///< for the sheet to mark
    void decided();
    void closed();

protected:
    void keyPressEvent(QKeyEvent* event) override;

private:
    QWidget* makeSureness();
    void refresh();
    bool reaches(const Capture& capture, const Item& item) const;
    void decide();

    Case& m_case;
    Selection& m_selection;
    Decision m_decision = Decision::Cover;
    QLabel *m_title, *m_sureness, *m_what;
    QComboBox* m_reach;
    QSlider* m_from;
    QPushButton* m_decide;
    std::vector<int> m_chosen;
};

} // namespace eyelid
