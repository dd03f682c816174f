#include "app/window/single_instance.h"

#include "app/window/main_window.h"

#include <QDBusConnectionInterface>
#include <QDBusMessage>
#include <QUrl>

namespace eyelid {
namespace {

const QString serviceName = QStringLiteral("org.eyelid.Eyelid"), objectPath = QStringLiteral("/org/eyelid/Eyelid"),
              interfaceName = QStringLiteral("org.freedesktop.Application");
constexpr int patience = 5000; // milliseconds

// The actions of the desktop file, and what each is.
struct DesktopAction {
    const char *name, *take;
};
constexpr DesktopAction desktopActions[] = {{"region", "region"}, {"window", "point"}};

bool call(QDBusConnection bus, const QString& method, const QVariantList& arguments) {
    QDBusMessage message = QDBusMessage::createMethodCall(serviceName, objectPath, interfaceName, method);
    message.setArguments(arguments);
    message.setAutoStartService(false);
    return bus.call(message, QDBus::Block, patience).type() == QDBusMessage::ReplyMessage;
}

} // namespace

bool handedToRunning(const QDBusConnection& bus, const Wanted& wanted) {
    if (!bus.isConnected() || !bus.interface()->isServiceRegistered(serviceName)) return false;
    if (!wanted.take.isEmpty())
        return call(bus, QStringLiteral("ActivateAction"), {wanted.take, QVariantList(), QVariantMap()});
    if (wanted.clipboard)
        return call(bus, QStringLiteral("ActivateAction"),
                    {QStringLiteral("clipboard"), QVariantList(), QVariantMap()});
    if (wanted.files.isEmpty()) return call(bus, QStringLiteral("Activate"), {QVariantMap()});
    QStringList uris;
    for (const QString& file : wanted.files) uris << QUrl::fromLocalFile(file).toString();
    return call(bus, QStringLiteral("Open"), {uris, QVariantMap()});
}

void fulfil(MainWindow& window, const Wanted& wanted) {
    if (!wanted.files.isEmpty()) window.intake().bringIn(wanted.files);
    if (wanted.clipboard) window.intake().bringInClipboard();
    if (!wanted.take.isEmpty())
        QMetaObject::invokeMethod(
            &window, [&window, take = wanted.take] { window.takeBy(take); }, Qt::QueuedConnection);
}

SingleInstance::SingleInstance(MainWindow& window) : QDBusAbstractAdaptor(&window), m_window(window) {}

bool SingleInstance::listen(QDBusConnection bus) {
    return bus.isConnected() && bus.registerObject(objectPath, &m_window, QDBusConnection::ExportAdaptors) &&
           bus.registerService(serviceName);
}

void SingleInstance::Activate(const QVariantMap&) {
    m_window.show();
    m_window.raise();
    m_window.activateWindow();
}

void SingleInstance::Open(const QStringList& uris, const QVariantMap& platform) {
    Wanted wanted;
    for (const QString& uri : uris)
        if (const QUrl url(uri); url.isLocalFile()) wanted.files << url.toLocalFile();
    Activate(platform);
    fulfil(m_window, wanted);
}

void SingleInstance::ActivateAction(const QString& action, const QVariantList&, const QVariantMap&) {
    Wanted wanted{{}, action, action == QStringLiteral("clipboard")};
    if (wanted.clipboard) wanted.take.clear();
    for (const DesktopAction& known : desktopActions)
        if (action == QLatin1String(known.name)) wanted.take = QLatin1String(known.take);
    fulfil(m_window, wanted);
}

} // namespace eyelid
