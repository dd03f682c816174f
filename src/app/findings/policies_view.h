// Which kinds are looked for, how sure is sure enough, and which style they get: to be switched, tuned and tried on the
// open capture, with the effect shown at once.
#pragma once

#include "casefile/case.h"
#include "finding/policy.h"

#include <QDialog>

class QCheckBox;
class QComboBox;
class QLayout;
class QLabel;
class QLineEdit;
class QPlainTextEdit;
class QPushButton;
class QSpinBox;
class QTableWidget;

namespace eyelid {

class CaseWorker;
class Selection;

class PoliciesView final : public QDialog {
    Q_OBJECT
public:
    PoliciesView(Case& owner, CaseWorker& worker, Selection& selection, QWidget* parent = nullptr);
    /// As it stands in the view, used or not.
    Policy shown() const;

signals:
    /// Places on the capture that the policy shown would find and the case's would not.
    void effectShown(int capture, std::vector<QRectF> places);

protected:
    void showEvent(QShowEvent*) override;
    void done(int result) override;

private:
    QLayout* makeTop();
    QLayout* makeCovers();
    void makeKinds();
    void addKind(Kind kind);
    QLayout* makeBottom();
    void fillNames(const Policy& chosen);
    void choose(int index);
    void openFile();
    void fill(const Policy& policy);
    void tryOut();
    void showEffect(int capture, const std::vector<Finding>& findings);
    void use();
    void save();

    struct Row {
        QCheckBox* on;
        QSpinBox* sure;
        QComboBox* style;
        QLineEdit* ground;
    };

    Case& m_case;
    CaseWorker& m_worker;
    Selection& m_selection;
    std::vector<Row> m_rows; ///< in the order of allKinds()
    bool m_filling = false;
    Policy m_base; ///< what the rows do not show is kept from here
    QComboBox *m_names, *m_colour;
    QCheckBox *m_marks, *m_grounds;
    QLabel *m_description, *m_effect;
    QTableWidget* m_kinds;
    QPlainTextEdit* m_exceptions;
    QPushButton* m_use;
};

/// Where policies of this office are kept.
QString policyFolder();

} // namespace eyelid
