#include "capture/portal_request.h"

#include "base/sentence.h"

#include <atomic>
#include <QDBusConnectionInterface>
#include <QDBusObjectPath>
#include <QDBusPendingCall>
#include <QDBusPendingCallWatcher>
#include <QDBusPendingReply>
#include <QRandomGenerator>
#include <QTimer>

namespace eyelid {

PortalRequest::PortalRequest(QDBusConnection bus, QObject* parent)
    : QObject(parent), m_bus(bus), m_token(QStringLiteral("eyelid%1").arg(QRandomGenerator::system()->generate())) {}

void PortalRequest::listen(const QString& path) {
    m_path = path;
    m_bus.connect(portalService, path, QStringLiteral("org.freedesktop.portal.Request"), QStringLiteral("Response"),
                  this, SLOT(onResponse(uint, QVariantMap)));
}

Result<QVariantMap> PortalRequest::ask(const QDBusMessage& call, int patience) {
    // Listening begins before the call: the answer may be quicker than the call's return.
    QString sender = m_bus.baseService().mid(1);
    sender.replace(QLatin1Char('.'), QLatin1Char('_'));
    listen(portalPath + QStringLiteral("/request/") + sender + QLatin1Char('/') + m_token);
    QTimer clock;
    clock.setSingleShot(true);
    connect(&clock, &QTimer::timeout, &m_loop, &QEventLoop::quit);
    QString trouble;
    QDBusPendingCallWatcher watcher(m_bus.asyncCall(call, patience));
    connect(&watcher, &QDBusPendingCallWatcher::finished, this, [&](QDBusPendingCallWatcher* w) {
        const QDBusPendingReply<QDBusObjectPath> reply = *w;
        if (reply.isError()) {
            trouble = reply.error().name();
            m_loop.quit();
        } else if (reply.value().path() != m_path && !m_answered) {
            listen(reply.value().path()); // older portals choose the path themselves
        }
    });
    clock.start(patience);
    if (!m_answered) m_loop.exec();
    if (!trouble.isEmpty() && !m_answered) {
        if (trouble.endsWith(QStringLiteral("AccessDenied")) || trouble.endsWith(QStringLiteral("NotAllowed")))
            return Error{Error::Kind::Cancelled,
                         Tr::tr("The desktop does not allow it; see its settings for Eyelid's permissions.")};
        if (!trouble.endsWith(QStringLiteral("NoReply")) && !trouble.endsWith(QStringLiteral("Timeout")))
            return Error{Error::Kind::Missing, Tr::tr("The desktop portal answered with an error (%1).").arg(trouble)};
    }
    if (!m_answered)
        return Error{Error::Kind::Missing, Tr::tr("The desktop portal has not answered; is a question of the "
                                                  "desktop still open? Try again.")};
    if (m_code == 1)
        return Error{Error::Kind::Cancelled, Tr::tr("Cancelled at the desktop's question; nothing was taken.")};
    if (m_code != 0)
        return Error{Error::Kind::Cancelled,
                     Tr::tr("The desktop has refused; see its settings for Eyelid's permissions.")};
    return m_results;
}

void PortalRequest::onResponse(uint code, const QVariantMap& results) {
    m_answered = true;
    m_code = code;
    m_results = results;
    m_loop.quit();
}

QDBusConnection portalBus(const QString& address) {
    if (address.isEmpty()) return QDBusConnection::sessionBus();
    static std::atomic<int> number{0};
    return QDBusConnection::connectToBus(address, QStringLiteral("eyelid-%1").arg(++number));
}

bool portalHas(QDBusConnection bus, const QString& interface) {
    if (!bus.isConnected()) return false;
    QDBusMessage ask = QDBusMessage::createMethodCall(
        portalService, portalPath, QStringLiteral("org.freedesktop.DBus.Properties"), QStringLiteral("Get"));
    ask << interface << QStringLiteral("version");
    const QDBusMessage reply = bus.call(ask, QDBus::Block, 3000);
    return reply.type() == QDBusMessage::ReplyMessage;
}

} // namespace eyelid
