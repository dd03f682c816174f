// Every command with its keys, which can be others. Keys that another command has are said to be that one's.
#pragma once

#include <QDialog>

class QLabel;
class QLineEdit;
class QListWidget;
class QPushButton;

namespace eyelid {

class Commands;
class KeysEdit;

class KeysView final : public QDialog {
    Q_OBJECT
public:
    KeysView(Commands& commands, QWidget* parent);

private:
    void makeFields();
    void refresh();
    void showChosen();
    void change();
    void takeOver();
    QString chosen() const; ///< a command's id; empty where none is

    Commands& m_commands;
    QLineEdit* m_words;
    QListWidget* m_list;
    QLabel *m_name, *m_trouble;
    KeysEdit* m_keys;
    QPushButton *m_take, *m_reset;
    bool m_showing = false;
};

} // namespace eyelid
