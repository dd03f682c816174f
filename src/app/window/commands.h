// Every command of the window, in a table by the steps of the job: one action each, for menus, buttons and keys.
#pragma once

#include <functional>
#include <QAction>
#include <QHash>
#include <QKeySequence>
#include <QList>
#include <QObject>
#include <QString>
#include <vector>

class QMenu;
class QWidget;

namespace eyelid {

struct Theme;

enum class JobStep { Case, Take, Read, Decide, Explain, Release, View, Help };

struct Command {
    QString id; ///< "undo"; by it the command is found again
    QString text;
    QString icon; ///< of the shipped set; empty: none
    QList<QKeySequence> keys;
    std::function<void()> run;
    bool checkable = false;
    bool repeats = false;     ///< while its key is held
    QString keyElsewhere;     ///< a key that some views see to themselves, for the menu to show
    QString alsoCalled;       ///< other words for it, by which it is found as well
    bool notInMenu = false;   ///< found by its words, its keys and the menu of what it is about
    bool startsGroup = false; ///< a line parts it from what stands above it in the menu
};

struct FoundCommand {
    QAction* action;
    QString step;         ///< the title of the menu it stands in
    QString line() const; ///< as lists show it: its name, step and keys
};

class Commands final : public QObject {
public:
    /// The actions belong to `window`, and their keys work throughout it.
    explicit Commands(QWidget& window) : m_window(window) {}

    void add(JobStep step, const std::vector<Command>& commands);
    /// The action of a command; to ask for one that is not there is a programming error.
    QAction& operator[](const QString& id) const;
    /// Other keys for a command than it comes with; they hold at once and are remembered. None: no keys.
    void setKeys(const QString& id, const QList<QKeySequence>& keys);
    /// Those it comes with.
    void resetKeys(const QString& id);
    bool hasOwnKeys(const QString& id) const;
    /// Another command that has such keys; null where none has.
    const QAction* withKeys(const QKeySequence& keys, const QString& butNot) const;
    QString idOf(const QAction* action) const { return m_byId.key(const_cast<QAction*>(action)); }
    /// Those whose text, other names or step hold all of the words, or begin with them; in the order of the menus.
    QList<FoundCommand> matching(const QString& words) const;
    /// One menu with a menu for each step.
    QMenu* menu() const;
    /// Icons in a theme's colour.
    void refreshIcons(const Theme& theme);

private:
    struct Entry {
        JobStep step;
        Command command;
        QAction* action;
    };
    void useKeys(QAction& action, const Command& command, const QList<QKeySequence>& keys) const;
    const Entry& entry(const QString& id) const;

    QWidget& m_window;
    std::vector<Entry> m_entries;
    QHash<QString, QAction*> m_byId;
};

} // namespace eyelid
