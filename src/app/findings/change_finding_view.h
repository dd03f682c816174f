// Another kind, ground or reason for a finding.
#pragma once

#include "finding/finding.h"

#include <QDialog>

class QComboBox;
class QLineEdit;

namespace eyelid {

class ChangeFindingView final : public QDialog {
    Q_OBJECT
public:
    ChangeFindingView(const Finding& finding, QWidget* parent);
    /// As it was changed.
    Finding finding() const;

private:
    Finding m_finding;
    QComboBox* m_kind;
    QLineEdit *m_ground, *m_reason;
};

} // namespace eyelid
