// A field that finds every command by its words, shows its keys and where it stands in the menu, and runs it.
#pragma once

#include <QDialog>

class QAction;
class QLineEdit;
class QListWidget;

namespace eyelid {

class Commands;

class CommandFinder final : public QDialog {
    Q_OBJECT
public:
    CommandFinder(const Commands& commands, QWidget* parent);
    /// What was chosen; null where nothing was. It is for the caller to run, once this has gone.
    QAction* chosen() const { return m_chosen; }

protected:
    bool eventFilter(QObject* object, QEvent* event) override;

private:
    void refresh();
    void choose();

    const Commands& m_commands;
    QLineEdit* m_words;
    QListWidget* m_list;
    QAction* m_chosen = nullptr;
};

} // namespace eyelid
