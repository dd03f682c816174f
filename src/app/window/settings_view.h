// All that the window remembers and that can be chosen, in one place; found by typing. What is changed holds at once.
#pragma once

#include <QDialog>
#include <vector>

class QFormLayout;
class QLineEdit;

namespace eyelid {

class SettingsView final : public QDialog {
    Q_OBJECT
public:
    explicit SettingsView(QWidget* parent);

signals:
    void themeChosen(bool dark);
    void officerNamed(QString name);
    void changed();
    void shortcutsAsked(); ///< those for taking

private:
    void addRow(const QString& label, QWidget* field, const QString& words);
    void addLook();
    void addDeciding();
    void addTaking();
    void filter(const QString& words);

    struct Row {
        QWidget* field;
        QString words; ///< by which it is found: its label and more
    };
    QFormLayout* m_form;
    QLineEdit* m_words;
    std::vector<Row> m_rows;
};

} // namespace eyelid
