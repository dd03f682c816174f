#include "app/releasing/mail_program.h"

#include "base/files.h"
#include "base/sentence.h"
#include "capture/portal_request.h"

#include <fcntl.h>
#include <QDBusArgument>
#include <QDBusMetaType>
#include <QDBusUnixFileDescriptor>
#include <unistd.h>

namespace eyelid {
namespace {

const QString emailInterface = QStringLiteral("org.freedesktop.portal.Email");
constexpr int portalPatience = 120'000; // milliseconds: somebody may have to choose a program

class MailOfDesktop final : public Destination {
public:
    MailOfDesktop(MailText mail, QString bus) : m_mail(std::move(mail)), m_bus(std::move(bus)) {}
    QString name() const override { return Tr::tr("mail"); }

    Result<Delivery> deliver(const Release& release, Progress& progress) override {
        if (release.paths.isEmpty())
            return Error{Error::Kind::BadInput, Tr::tr("A mail is given files; release to a folder as well.")};
        const QDBusConnection bus = portalBus(m_bus);
        if (!portalHas(bus, emailInterface)) return toMailProgram(m_mail)->deliver(release, progress);
        progress.setDoing(Tr::tr("Waiting for the mail program"));
        auto answered = askPortal(bus, release.paths);
        if (!answered) return answered.error();
        return Delivery{Tr::tr("a draft in the mail program"), release.paths, {}};
    }

private:
    Result<Done> askPortal(const QDBusConnection& bus, const QStringList& paths) const {
        QList<QDBusUnixFileDescriptor> files;
        for (const QString& path : paths) {
            const int fd = ::open(bytesOfPath(path).constData(), O_RDONLY | O_CLOEXEC);
            if (fd < 0) return Error{Error::Kind::NotReadable, sentence(Tr::tr("%1 cannot be read any more."), path)};
            files << QDBusUnixFileDescriptor(fd); // of its own
            ::close(fd);
        }
        qDBusRegisterMetaType<QList<QDBusUnixFileDescriptor>>();
        PortalRequest request(bus);
        QDBusMessage call =
            QDBusMessage::createMethodCall(portalService, portalPath, emailInterface, QStringLiteral("ComposeEmail"));
        call << QString()
             << QVariantMap{{QStringLiteral("handle_token"), request.token()},
                            {QStringLiteral("subject"), m_mail.subject},
                            {QStringLiteral("body"), m_mail.text},
                            {QStringLiteral("attachment_fds"), QVariant::fromValue(files)}};
        auto answer = request.ask(call, portalPatience);
        if (!answer) return answer.error();
        return Done{};
    }

    const MailText m_mail;
    const QString m_bus;
};

} // namespace

std::unique_ptr<Destination> toMailProgramOfDesktop(const MailText& mail, const QString& bus) {
    return std::make_unique<MailOfDesktop>(mail, bus);
}

} // namespace eyelid
