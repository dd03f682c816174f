// All that the window remembers and that can be chosen, in one place; found by typing. What is changed holds at
// once, the size of type when this is closed.
#pragma once

#include "app/window/theme.h"

#include <QDialog>
#include <vector>

class QFormLayout;
class QLineEdit;
class QSpinBox;

namespace eyelid {

class SettingsView final : public QDialog {
    Q_OBJECT
public:
    SettingsView(const Theme& theme, QWidget* parent);

signals:
    void themeChosen(eyelid::ThemeName theme);
    void officerNamed(QString name);
    void changed();
    void shortcutsAsked(); ///< those for taking
    void keysAsked();      ///< those of the commands

private:
    void addRow(const QString& label, QWidget* field, const QString& words);
    QSpinBox* addNumber(const QString& label, const QString& words, int least, int most, int value);
    void addFolder(const QString& label, const QString& words, QString (*folder)(), void (*setFolder)(const QString&));
    void addLook();
    void addDeciding();
    void addCases();
    void addTaking();
    void addKeys();
    void filter(const QString& words);

    struct Row {
        QWidget* field;
        QString words; ///< by which it is found: its label and more
    };
    const Theme& m_theme;
    QFormLayout* m_form;
    QLineEdit* m_words;
    std::vector<Row> m_rows;
};

} // namespace eyelid
