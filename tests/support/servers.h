// Real servers of this machine for tests of drops: Apache with mod_dav over TLS, OpenSSH's sftp-server. Each has a
// folder of its own and is gone with its object.
#pragma once

#include "releasing/destinations/drop_place.h"

#include <arpa/inet.h>
#include <catch2/catch.hpp>
#include <memory>
#include <netinet/in.h>
#include <QCryptographicHash>
#include <QDir>
#include <QFile>
#include <QProcess>
#include <QTemporaryDir>
#include <sys/socket.h>
#include <unistd.h>

namespace eyelid {

/// A port of this machine that nobody listens on.
inline int freePort() {
    const int fd = ::socket(AF_INET, SOCK_STREAM, 0);
    sockaddr_in address{};
    address.sin_family = AF_INET;
    address.sin_addr.s_addr = htonl(INADDR_LOOPBACK);
    socklen_t length = sizeof address;
    REQUIRE(::bind(fd, reinterpret_cast<sockaddr*>(&address), length) == 0);
    REQUIRE(::getsockname(fd, reinterpret_cast<sockaddr*>(&address), &length) == 0);
    ::close(fd);
    return ntohs(address.sin_port);
}

inline bool answers(int port) {
    const int fd = ::socket(AF_INET, SOCK_STREAM, 0);
    sockaddr_in address{};
    address.sin_family = AF_INET;
    address.sin_port = htons(uint16_t(port));
    address.sin_addr.s_addr = htonl(INADDR_LOOPBACK);
    const bool answered = ::connect(fd, reinterpret_cast<sockaddr*>(&address), sizeof address) == 0;
    ::close(fd);
    return answered;
}

/// Takes connections and never says a word.
class SilentServer {
public:
    SilentServer() : m_socket(::socket(AF_INET, SOCK_STREAM, 0)) {
        sockaddr_in address{};
        address.sin_family = AF_INET;
        address.sin_port = htons(uint16_t(port));
        address.sin_addr.s_addr = htonl(INADDR_LOOPBACK);
        REQUIRE(::bind(m_socket, reinterpret_cast<sockaddr*>(&address), sizeof address) == 0);
        REQUIRE(::listen(m_socket, 8) == 0); // the system takes them; nobody reads
    }
    ~SilentServer() { ::close(m_socket); }
    DropPlace place(const char* scheme) const {
        DropPlace place;
        place.name = QStringLiteral("silent");
        place.address = QStringLiteral("%1://localhost:%2/in").arg(QLatin1String(scheme)).arg(port);
        place.user = QStringLiteral("officer");
        place.hostKey = QString(43, u'A') + u'=';
        return place;
    }
    const int port = freePort();

private:
    int m_socket;
};

class Server {
public:
    QTemporaryDir folder;
    const int port = freePort();

    virtual ~Server() { stop(); }
    /// Of the served files.
    QString path(const QString& name = {}) const { return folder.filePath(QStringLiteral("files/") + name); }
    QStringList names() const {
        return QDir(path()).entryList(QDir::AllEntries | QDir::Hidden | QDir::NoDotAndDotDot, QDir::Name);
    }
    /// What a test has put there is the server's own then.
    void giveToServer() const {
        if (::geteuid() == 0 && !m_account.isEmpty())
            run(QStringLiteral("chown"), {QStringLiteral("-R"), m_account, path().chopped(1)});
    }
    void start() {
        m_process = std::make_unique<QProcess>();
        m_process->setProcessChannelMode(QProcess::ForwardedErrorChannel);
        m_process->start(m_program, m_arguments);
        REQUIRE(m_process->waitForStarted());
        while (m_process->state() == QProcess::Running && !answers(port)) m_process->waitForFinished(20);
        REQUIRE(m_process->state() == QProcess::Running);
    }
    void stop() {
        if (!m_process) return;
        m_process->terminate();
        m_process->waitForFinished();
        m_process.reset();
    }

protected:
    void write(const QString& name, const QByteArray& text) const {
        QFile file(folder.filePath(name));
        REQUIRE(file.open(QIODevice::WriteOnly));
        file.write(text);
    }
    static void run(const QString& program, const QStringList& arguments) {
        QProcess process;
        process.start(program, arguments);
        REQUIRE((process.waitForFinished() && process.exitCode() == 0));
    }
    QString m_account; ///< it runs as, where it is not this one
    QString m_program;
    QStringList m_arguments;

private:
    std::unique_ptr<QProcess> m_process;
};

/// User "office", password "made-up".
class DavServer : public Server {
public:
    explicit DavServer(const QByteArray& more = {}) {
        QDir(folder.path()).mkpath(QStringLiteral("files"));
        run(QStringLiteral("openssl"),
            {QStringLiteral("req"), QStringLiteral("-x509"), QStringLiteral("-newkey"), QStringLiteral("ec"),
             QStringLiteral("-pkeyopt"), QStringLiteral("ec_paramgen_curve:prime256v1"), QStringLiteral("-nodes"),
             QStringLiteral("-keyout"), folder.filePath(QStringLiteral("key.pem")), QStringLiteral("-out"), authority(),
             QStringLiteral("-days"), QStringLiteral("2"), QStringLiteral("-subj"), QStringLiteral("/CN=localhost"),
             QStringLiteral("-addext"), QStringLiteral("subjectAltName=DNS:localhost")});
        write(QStringLiteral("users"),
              "office:{SHA}" + QCryptographicHash::hash("made-up", QCryptographicHash::Sha1).toBase64() + '\n');
        const QByteArray at = folder.path().toUtf8();
        QByteArray conf = "ServerRoot " + at + "\nServerName localhost\nPidFile " + at +
                          "/pid\nListen 127.0.0.1:" + QByteArray::number(port) + "\nErrorLog " + at +
                          "/log\nMutex posixsem\n";
        for (const char* module : {"mpm_event", "authn_core", "authn_file", "auth_basic", "authz_core", "authz_user",
                                   "dav", "dav_fs", "socache_shmcb", "ssl"})
            conf += QByteArray("LoadModule ") + module + "_module /usr/lib/apache2/modules/mod_" + module + ".so\n";
        if (::geteuid() == 0) {
            m_account = QStringLiteral("www-data");
            conf += "User www-data\nGroup www-data\n";
            run(QStringLiteral("chown"), {QStringLiteral("-R"), QStringLiteral("www-data"), folder.path()});
        }
        conf += "DocumentRoot " + at + "/files\nDavLockDB " + at + "/locks\nSSLEngine on\nSSLCertificateFile " +
                authority().toUtf8() + "\nSSLCertificateKeyFile " + at +
                "/key.pem\n<Directory />\n Dav On\n AuthType Basic\n AuthName office\n AuthBasicProvider file\n "
                "AuthUserFile " +
                at + "/users\n Require valid-user\n</Directory>\n" + more;
        write(QStringLiteral("conf"), conf);
        m_program = QStringLiteral("/usr/sbin/apache2");
        m_arguments = {QStringLiteral("-X"), QStringLiteral("-f"), folder.filePath(QStringLiteral("conf"))};
        start();
    }
    QString authority() const { return folder.filePath(QStringLiteral("certificate.pem")); }
    DropPlace place() const {
        return {QStringLiteral("Supplier"),
                QStringLiteral("https://localhost:%1").arg(port),
                QStringLiteral("office"),
                {},
                {},
                authority(),
                {},
                0};
    }
};

/// This account, by a key.
class SftpServerHere : public Server {
public:
    SftpServerHere() {
        QDir(folder.path()).mkpath(QStringLiteral("files"));
        for (const char* key : {"host", "user"})
            run(QStringLiteral("ssh-keygen"),
                {QStringLiteral("-q"), QStringLiteral("-t"), QStringLiteral("ed25519"), QStringLiteral("-N"), QString(),
                 QStringLiteral("-f"), folder.filePath(QLatin1String(key))});
        const QByteArray at = folder.path().toUtf8();
        write(QStringLiteral("conf"),
              "Port " + QByteArray::number(port) + "\nListenAddress 127.0.0.1\nHostKey " + at + "/host\nPidFile " + at +
                  "/pid\nAuthorizedKeysFile " + at +
                  "/user.pub\nStrictModes no\nUsePAM no\nPasswordAuthentication no\nPermitRootLogin yes\nSubsystem "
                  "sftp /usr/lib/openssh/sftp-server\n");
        if (::geteuid() == 0) QDir().mkpath(QStringLiteral("/run/sshd")); // where it leaves its rights behind
        m_program = QStringLiteral("/usr/sbin/sshd");
        m_arguments = {QStringLiteral("-D"), QStringLiteral("-e"), QStringLiteral("-q"), QStringLiteral("-f"),
                       folder.filePath(QStringLiteral("conf"))};
        start();
    }
    DropPlace place() const {
        return {QStringLiteral("Supplier"),
                QStringLiteral("sftp://localhost:%1%2").arg(port).arg(path().chopped(1)),
                QString::fromLocal8Bit(qgetenv("USER")).isEmpty() ? QStringLiteral("root")
                                                                  : QString::fromLocal8Bit(qgetenv("USER")),
                {},
                folder.filePath(QStringLiteral("user")),
                {},
                {},
                0};
    }
};

} // namespace eyelid
