#include "base/sentence.h"
#include "capture/global_shortcuts.h"
#include "capture/portal_request.h"

#include <QDBusArgument>
#include <QDBusMetaType>
#include <QDBusObjectPath>
#include <QDBusPendingCallWatcher>
#include <QDBusPendingReply>
#include <QRandomGenerator>

namespace eyelid {

/// (sa{sv}), as BindShortcuts takes them.
struct PortalBinding {
    QString id;
    QVariantMap about;
};
inline QDBusArgument& operator<<(QDBusArgument& out, const PortalBinding& b) {
    out.beginStructure();
    out << b.id << b.about;
    out.endStructure();
    return out;
}
inline const QDBusArgument& operator>>(const QDBusArgument& in, PortalBinding& b) {
    in.beginStructure();
    in >> b.id >> b.about;
    in.endStructure();
    return in;
}

} // namespace eyelid
Q_DECLARE_METATYPE(eyelid::PortalBinding)
Q_DECLARE_METATYPE(QList<eyelid::PortalBinding>)

namespace eyelid {
namespace {

const QString shortcutsInterface = QStringLiteral("org.freedesktop.portal.GlobalShortcuts");

// As the portal's specification of shortcuts writes them: "CTRL+SHIFT+p".
QString trigger(const QKeySequence& keys) {
    const auto combination = keys[0];
    QString text;
    if (combination.keyboardModifiers() & Qt::ControlModifier) text += QStringLiteral("CTRL+");
    if (combination.keyboardModifiers() & Qt::AltModifier) text += QStringLiteral("ALT+");
    if (combination.keyboardModifiers() & Qt::ShiftModifier) text += QStringLiteral("SHIFT+");
    if (combination.keyboardModifiers() & Qt::MetaModifier) text += QStringLiteral("LOGO+");
    const QString key = QKeySequence(combination.key()).toString(QKeySequence::PortableText);
    return text + (key.size() == 1 ? key.toLower() : key);
}

} // namespace

class PortalShortcuts final : public GlobalShortcuts {
    Q_OBJECT
public:
    explicit PortalShortcuts(const QDBusConnection& bus) : m_bus(bus) {
        qDBusRegisterMetaType<PortalBinding>();
        qDBusRegisterMetaType<QList<PortalBinding>>();
        m_bus.connect(portalService, portalPath, shortcutsInterface, QStringLiteral("Activated"), this,
                      SLOT(onActivated(QDBusObjectPath, QString, qulonglong, QVariantMap)));
    }

    QHash<QString, QString> bind(const std::vector<GlobalShortcut>& shortcuts) override {
        QHash<QString, QString> troubles;
        const auto refuseAll = [&](const QString& sentence) {
            for (const GlobalShortcut& s : shortcuts)
                if (!s.keys.isEmpty()) troubles.insert(s.id, sentence);
            return troubles;
        };
        if (!m_session.isEmpty()) {
            // A session's shortcuts are bound once; another set needs another session.
            m_bus.asyncCall(QDBusMessage::createMethodCall(
                portalService, m_session, QStringLiteral("org.freedesktop.portal.Session"), QStringLiteral("Close")));
            m_session.clear();
        }
        QList<PortalBinding> list;
        for (const GlobalShortcut& s : shortcuts)
            if (!s.keys.isEmpty())
                list << PortalBinding{s.id,
                                      {{QStringLiteral("description"), s.description},
                                       {QStringLiteral("preferred_trigger"), trigger(s.keys)}}};
        if (list.isEmpty()) return troubles;
        PortalRequest create(m_bus);
        QDBusMessage call = QDBusMessage::createMethodCall(portalService, portalPath, shortcutsInterface,
                                                           QStringLiteral("CreateSession"));
        call << QVariantMap{{QStringLiteral("handle_token"), create.token()},
                            {QStringLiteral("session_handle_token"),
                             QStringLiteral("eyelid%1").arg(QRandomGenerator::system()->generate())}};
        auto session = create.ask(call, 10'000);
        if (!session) return refuseAll(session.error().sentence);
        const QVariant handle = session->value(QStringLiteral("session_handle"));
        m_session = handle.canConvert<QDBusObjectPath>() ? handle.value<QDBusObjectPath>().path() : handle.toString();
        if (!m_session.startsWith(QLatin1Char('/'))) {
            m_session.clear();
            return refuseAll(Tr::tr("The desktop portal gave no session for shortcuts; set them in the "
                                    "desktop's settings."));
        }
        PortalRequest bindRequest(m_bus);
        QDBusMessage bindCall = QDBusMessage::createMethodCall(portalService, portalPath, shortcutsInterface,
                                                               QStringLiteral("BindShortcuts"));
        bindCall << QVariant::fromValue(QDBusObjectPath(m_session)) << QVariant::fromValue(list) << QString()
                 << QVariantMap{{QStringLiteral("handle_token"), bindRequest.token()}};
        auto bound = bindRequest.ask(bindCall, 60'000);
        if (!bound) return refuseAll(bound.error().sentence);
        QList<PortalBinding> given;
        if (const QVariant v = bound->value(QStringLiteral("shortcuts")); v.canConvert<QDBusArgument>())
            v.value<QDBusArgument>() >> given;
        for (const PortalBinding& wanted : list) {
            const bool had = std::any_of(given.begin(), given.end(), [&](const PortalBinding& g) {
                return g.id == wanted.id && !g.about.value(QStringLiteral("trigger_description")).toString().isEmpty();
            });
            if (!had)
                troubles.insert(wanted.id, Tr::tr("The desktop has given no keys for this; set them in the "
                                                  "desktop's settings."));
        }
        return troubles;
    }

private slots:
    void onActivated(const QDBusObjectPath& session, const QString& id, qulonglong, const QVariantMap&) {
        if (session.path() == m_session) emit activated(id);
    }

private:
    QDBusConnection m_bus;
    QString m_session;
};

std::unique_ptr<GlobalShortcuts> portalShortcuts(const QString& address) {
    QDBusConnection bus = portalBus(address);
    if (!portalHas(bus, shortcutsInterface)) return nullptr;
    return std::make_unique<PortalShortcuts>(bus);
}

} // namespace eyelid

#include "portal_shortcuts.moc"
