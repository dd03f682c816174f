// What of a case has been released: when, where to, by whom, with which checksums; and what was withdrawn.
#pragma once

#include <QDialog>

class QLabel;
class QPushButton;
class QTreeWidget;

namespace eyelid {

class Case;
struct Theme;

class RegisterView final : public QDialog {
    Q_OBJECT
public:
    RegisterView(Case& owner, const Theme& theme, QWidget* parent = nullptr);

signals:
    /// Whether the files of a release are still what they were.
    void verifyAsked(QString place);

private:
    QWidget* buttonRow();
    void refresh();
    void refreshButtons();
    void withdraw();
    void saveAsCsv();
    /// The place of what is selected in the register; -1: nothing.
    qsizetype selected() const;

    Case& m_case;
    const Theme& m_theme;
    QLabel* m_empty;
    QTreeWidget* m_tree;
    QPushButton *m_withdraw = nullptr, *m_verify = nullptr, *m_folder = nullptr, *m_csv = nullptr;
};

} // namespace eyelid
