// One request to the desktop portal: called, then answered by a signal on an object of its own.
#pragma once

#include "base/result.h"

#include <QDBusConnection>
#include <QDBusMessage>
#include <QEventLoop>
#include <QObject>
#include <QVariantMap>

namespace eyelid {

inline const QString portalService = QStringLiteral("org.freedesktop.portal.Desktop");
inline const QString portalPath = QStringLiteral("/org/freedesktop/portal/desktop");

class PortalRequest final : public QObject {
    Q_OBJECT
public:
    PortalRequest(QDBusConnection bus, QObject* parent = nullptr);

    /// To be put into the call's options as handle_token.
    QString token() const { return m_token; }
    /// Sends `call` and runs an event loop until it is answered. Errors: refused, cancelled, no answer in `patience`
    /// ms.
    Result<QVariantMap> ask(const QDBusMessage& call, int patience);

private slots:
    void onResponse(uint code, const QVariantMap& results);

private:
    void listen(const QString& path);
    QDBusConnection m_bus;
    QString m_token, m_path;
    QEventLoop m_loop;
    bool m_answered = false;
    uint m_code = 0;
    QVariantMap m_results;
};

/// The session bus, or a private one; names the connection so that several can live side by side.
QDBusConnection portalBus(const QString& address);
/// Whether the portal there has this interface.
bool portalHas(QDBusConnection bus, const QString& interface);

} // namespace eyelid
