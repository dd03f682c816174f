// Keys that work while another program has the keyboard: one interface, the X server's key grabs and the desktop
// portal's GlobalShortcuts behind it.
#pragma once

#include "base/result.h"

#include <memory>
#include <QHash>
#include <QKeySequence>
#include <QObject>
#include <vector>

namespace eyelid {

struct GlobalShortcut {
    QString id;          ///< what is meant, for the program
    QString description; ///< what is meant, for the user
    QKeySequence keys;   ///< one key with its modifiers; empty: none wanted
};

class GlobalShortcuts : public QObject {
    Q_OBJECT
public:
    using QObject::QObject;
    /// Takes the place of whatever was bound before. For each shortcut that could not be had: its id and why, a
    /// sentence. Some sources answer later, by refused().
    virtual QHash<QString, QString> bind(const std::vector<GlobalShortcut>& shortcuts) = 0;

signals:
    void activated(QString id);
    void refused(QString id, QString sentence);
};

/// By key grabs on the X server (xcb_grab_key); whatever locks (Caps, Num) are on. A key another program holds is
/// refused by the server, and told of. Null when no X server can be reached.
std::unique_ptr<GlobalShortcuts> x11Shortcuts(const QString& display = {});

/// By org.freedesktop.portal.GlobalShortcuts on the session bus, or on the bus at `address`. The desktop may ask the
/// user, and may give other keys than those wanted. Null when there is no such portal.
std::unique_ptr<GlobalShortcuts> portalShortcuts(const QString& address = {});

/// Whether a key may be taken from every program: one with Ctrl, Alt or the Super key, or one that nothing else needs
/// (Print, the keys beyond F12, those for media). Escape, Tab, letters and figures by themselves may not.
bool mayBeGlobal(const QKeySequence& keys);

/// Ids whose keys another of `shortcuts` has as well, and a sentence that names it.
QHash<QString, QString> clashes(const std::vector<GlobalShortcut>& shortcuts);

} // namespace eyelid
