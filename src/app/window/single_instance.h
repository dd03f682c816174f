// One Eyelid a session: whoever starts another, or opens a file on the desktop, reaches the one that runs
// (org.freedesktop.Application, the desktop entry specification's D-Bus activation).
#pragma once

#include <QDBusAbstractAdaptor>
#include <QDBusConnection>
#include <QString>
#include <QStringList>
#include <QVariantMap>

namespace eyelid {

class MainWindow;

/// What somebody who starts the program wants of it.
struct Wanted {
    QStringList files; ///< by their full names
    QString take;      ///< at once, a way of taking by its id; empty: nothing
    bool clipboard = false;
    bool operator==(const Wanted&) const = default;
};

/// Hands it to the one that runs. False where none does, or there is no session bus.
bool handedToRunning(const QDBusConnection& bus, const Wanted& wanted);

/// Does what is wanted in a window.
void fulfil(MainWindow& window, const Wanted& wanted);

/// The running one's ear; the window's from then on.
class SingleInstance final : public QDBusAbstractAdaptor {
    Q_OBJECT
    Q_CLASSINFO("D-Bus Interface", "org.freedesktop.Application")
public:
    explicit SingleInstance(MainWindow& window);
    /// False where another has the name.
    bool listen(QDBusConnection bus);

public slots:
    void Activate(const QVariantMap& platform);
    void Open(const QStringList& uris, const QVariantMap& platform);
    void ActivateAction(const QString& action, const QVariantList& parameters, const QVariantMap& platform);

private:
    MainWindow& m_window;
};

} // namespace eyelid
