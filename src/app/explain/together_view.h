// Which captures are put together, and how; shown small while it is chosen.
#pragma once

#include "casefile/case.h"
#include "casefile/together.h"

#include <QDialog>

class QCheckBox;
class QComboBox;
class QLabel;
class QListWidget;
class QSpinBox;

namespace eyelid {

class TogetherView final : public QDialog {
    Q_OBJECT
public:
    TogetherView(const Case& owner, QWidget* parent);
    QList<int> captures() const; ///< those that are ticked, in their order
    TogetherLayout layoutChosen() const;

private:
    void refresh();

    const Case& m_case;
    QListWidget* m_list;
    QComboBox *m_arrange, *m_align, *m_ground;
    QSpinBox* m_gap;
    QCheckBox *m_sameSize, *m_captions, *m_numbers;
    QLabel* m_preview;
};

} // namespace eyelid
