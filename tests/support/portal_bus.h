// The stand-in for a desktop's portal, each on a private bus. PORTAL_STAND_IN names its program.
#pragma once

#include <catch2/catch.hpp>
#include <QDir>
#include <QProcess>
#include <QTemporaryDir>

namespace eyelid {

// A bus of its own with a portal of the given manner on it.
class Bus {
public:
    explicit Bus(const QString& manner, const QString& picture = {}) {
        m_daemon.start(QStringLiteral("dbus-daemon"),
                       {QStringLiteral("--session"), QStringLiteral("--nofork"), QStringLiteral("--print-address")});
        REQUIRE(m_daemon.waitForReadyRead(20'000));
        address = QString::fromUtf8(m_daemon.readLine()).trimmed();
        if (manner.isEmpty()) return;
        QProcessEnvironment environment = QProcessEnvironment::systemEnvironment();
        environment.insert(QStringLiteral("DBUS_SESSION_BUS_ADDRESS"), address);
        environment.insert(QStringLiteral("TMPDIR"), m_folder.path());
        m_portal.setProcessEnvironment(environment);
        m_portal.start(QStringLiteral(PORTAL_STAND_IN), {manner, picture});
        REQUIRE(m_portal.waitForReadyRead(20'000));
        m_portal.readLine();
    }
    ~Bus() {
        for (QProcess* p : {&m_portal, &m_daemon}) {
            p->kill();
            p->waitForFinished();
        }
    }
    /// What the portal has said since it was ready.
    QString told() {
        m_portal.waitForReadyRead(20'000);
        return QString::fromUtf8(m_portal.readAll());
    }
    QStringList leftFiles() const { return QDir(m_folder.path()).entryList(QDir::Files); }
    QString address;

private:
    QTemporaryDir m_folder;
    QProcess m_daemon, m_portal;
};

} // namespace eyelid
