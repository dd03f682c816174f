// A small stand-in for a desktop's portal, to try Eyelid's portal source without such a desktop and to test it:
//
//   eyelid-portal-stand-in granted|refused|cancelled|silent|nonsense|denied [PICTURE]
//
// It answers org.freedesktop.portal.Screenshot, org.freedesktop.portal.GlobalShortcuts and org.freedesktop.portal.Email
// on the session bus. "granted" hands out a copy of PICTURE; of a mail it prints the subject, the text and the length
// of each file attached, as a mail program would show them. Keys are pressed by calling Press(id) of org.eyelid.StandIn
// on the portal's object.
#include <cstdio>
#include <QCoreApplication>
#include <QDBusArgument>
#include <QDBusConnection>
#include <QDBusMessage>
#include <QDBusMetaType>
#include <QDBusObjectPath>
#include <QDBusUnixFileDescriptor>
#include <QDBusVariant>
#include <QDBusVirtualObject>
#include <QDir>
#include <QFile>
#include <QTemporaryFile>
#include <QTimer>
#include <QUrl>
#include <QVariantMap>

namespace {

const QString portalPath = QStringLiteral("/org/freedesktop/portal/desktop");

struct Binding {
    QString id;
    QVariantMap about;
};
QDBusArgument& operator<<(QDBusArgument& out, const Binding& b) {
    out.beginStructure();
    out << b.id << b.about;
    out.endStructure();
    return out;
}
const QDBusArgument& operator>>(const QDBusArgument& in, Binding& b) {
    in.beginStructure();
    in >> b.id >> b.about;
    in.endStructure();
    return in;
}

} // namespace
Q_DECLARE_METATYPE(Binding)
Q_DECLARE_METATYPE(QList<Binding>)

namespace {

class Portal final : public QDBusVirtualObject {
public:
    Portal(QString manner, QString picture) : m_manner(std::move(manner)), m_picture(std::move(picture)) {}

    QString introspect(const QString&) const override { return {}; }

    bool handleMessage(const QDBusMessage& message, const QDBusConnection& connection) override {
        QDBusConnection bus = connection;
        const QString member = message.member();
        if (member == QStringLiteral("Get")) {
            bus.send(message.createReply(QVariant::fromValue(QDBusVariant(2u))));
            return true;
        }
        if (member == QStringLiteral("Press")) {
            QDBusMessage signal = QDBusMessage::createSignal(
                portalPath, QStringLiteral("org.freedesktop.portal.GlobalShortcuts"), QStringLiteral("Activated"));
            signal << QVariant::fromValue(QDBusObjectPath(m_session)) << message.arguments().value(0).toString()
                   << qulonglong(0) << QVariantMap{};
            bus.send(signal);
            bus.send(message.createReply());
            return true;
        }
        if (member == QStringLiteral("Close")) {
            bus.send(message.createReply());
            return true;
        }
        if (m_manner == QStringLiteral("denied")) {
            bus.send(message.createErrorReply(QStringLiteral("org.freedesktop.portal.Error.NotAllowed"),
                                              QStringLiteral("not allowed")));
            return true;
        }
        const QVariantMap options = qdbus_cast<QVariantMap>(message.arguments().constLast());
        QString sender = message.service().mid(1);
        sender.replace(QLatin1Char('.'), QLatin1Char('_'));
        const QString request = portalPath + QStringLiteral("/request/") + sender + QLatin1Char('/') +
                                options.value(QStringLiteral("handle_token")).toString();
        bus.send(message.createReply(QVariant::fromValue(QDBusObjectPath(request))));
        if (m_manner == QStringLiteral("silent")) return true;
        uint code = m_manner == QStringLiteral("cancelled") ? 1 : m_manner == QStringLiteral("refused") ? 2 : 0;
        QVariantMap results;
        if (member == QStringLiteral("Screenshot")) {
            if (m_manner == QStringLiteral("granted")) {
                QTemporaryFile copy(QDir::tempPath() + QStringLiteral("/portal-XXXXXX.png"));
                copy.setAutoRemove(false);
                QFile original(m_picture);
                if (copy.open() && original.open(QIODevice::ReadOnly)) copy.write(original.readAll());
                results.insert(QStringLiteral("uri"), QUrl::fromLocalFile(copy.fileName()).toString());
            } else if (m_manner == QStringLiteral("nonsense")) {
                results.insert(QStringLiteral("uri"), 4242);
                results.insert(QStringLiteral("picture"), QByteArray("\x01\x02", 2));
            }
        } else if (member == QStringLiteral("ComposeEmail") && code == 0) {
            showMail(options);
        } else if (member == QStringLiteral("CreateSession")) {
            m_session = portalPath + QStringLiteral("/session/") + sender + QStringLiteral("/one");
            if (m_manner != QStringLiteral("nonsense")) results.insert(QStringLiteral("session_handle"), m_session);
        } else if (member == QStringLiteral("BindShortcuts")) {
            QList<Binding> wanted;
            message.arguments().value(1).value<QDBusArgument>() >> wanted;
            // The last is not given: another program has it.
            for (qsizetype i = 0; i < wanted.size(); ++i)
                if (i + 1 < wanted.size() || i == 0)
                    wanted[i].about.insert(QStringLiteral("trigger_description"),
                                           wanted[i].about.value(QStringLiteral("preferred_trigger")));
            results.insert(QStringLiteral("shortcuts"), QVariant::fromValue(wanted));
        }
        QDBusMessage response = QDBusMessage::createSignal(request, QStringLiteral("org.freedesktop.portal.Request"),
                                                           QStringLiteral("Response"));
        response << code << results;
        bus.send(response);
        return true;
    }

private:
    static void showMail(const QVariantMap& mail) {
        std::printf("subject: %s\n", qPrintable(mail.value(QStringLiteral("subject")).toString()));
        std::printf("text: %s\n", qPrintable(mail.value(QStringLiteral("body")).toString()));
        QList<QDBusUnixFileDescriptor> files;
        mail.value(QStringLiteral("attachment_fds")).value<QDBusArgument>() >> files;
        for (const QDBusUnixFileDescriptor& each : files) {
            QFile file;
            if (file.open(each.fileDescriptor(), QIODevice::ReadOnly))
                std::printf("file: %lld bytes\n", static_cast<long long>(file.readAll().size()));
        }
        std::fflush(stdout);
    }

    QString m_manner, m_picture, m_session = QStringLiteral("/");
};

} // namespace

int main(int argc, char** argv) {
    QCoreApplication application(argc, argv);
    const QStringList arguments = QCoreApplication::arguments();
    if (arguments.size() < 2) {
        std::fprintf(stderr,
                     "usage: eyelid-portal-stand-in granted|refused|cancelled|silent|nonsense|denied [PICTURE]\n");
        return 2;
    }
    qDBusRegisterMetaType<Binding>();
    qDBusRegisterMetaType<QList<Binding>>();
    Portal portal(arguments[1], arguments.value(2));
    QDBusConnection bus = QDBusConnection::sessionBus();
    if (!bus.registerVirtualObject(portalPath, &portal, QDBusConnection::SubPath) ||
        !bus.registerService(QStringLiteral("org.freedesktop.portal.Desktop"))) {
        std::fprintf(stderr, "eyelid-portal-stand-in: the session bus cannot be reached, or has a portal already\n");
        return 1;
    }
    std::printf("ready\n");
    std::fflush(stdout);
    return QCoreApplication::exec();
}
