// eyelid-cli, run as a script would run it.
#pragma once

#include "support/made.h"

#include <QDir>
#include <QFile>
#include <QProcess>
#include <QTemporaryDir>

namespace eyelid {

struct CommandResult {
    int status = -1;
    QString out, err;
};

inline CommandResult finished(QProcess& process) {
    REQUIRE((process.state() == QProcess::NotRunning || process.waitForFinished(120'000)));
    REQUIRE(process.exitStatus() == QProcess::NormalExit);
    return {process.exitCode(), QString::fromUtf8(process.readAllStandardOutput()),
            QString::fromUtf8(process.readAllStandardError())};
}

inline QProcessEnvironment ownEnvironment(const QString& home) {
    QProcessEnvironment environment = QProcessEnvironment::systemEnvironment();
    environment.insert(QStringLiteral("XDG_DATA_HOME"), home);
    return environment;
}

inline CommandResult run(const QStringList& arguments,
                         const QString& home = QDir::tempPath() + QStringLiteral("/eyelid-cli-test")) {
    QProcess process;
    process.setProcessEnvironment(ownEnvironment(home));
    process.start(QStringLiteral(EYELID_CLI), arguments);
    return finished(process);
}

/// A line of sh, in which "$cli" is the program.
inline CommandResult shell(const QString& line) {
    QProcess process;
    QProcessEnvironment environment = ownEnvironment(QDir::tempPath() + QStringLiteral("/eyelid-cli-test"));
    environment.insert(QStringLiteral("cli"), QStringLiteral(EYELID_CLI));
    process.setProcessEnvironment(environment);
    process.start(QStringLiteral("/bin/sh"), {QStringLiteral("-c"), line});
    return finished(process);
}

// Text without an application object for fonts: pictures made beforehand (tests/data, see its README).
inline QString data(const char* name) {
    return QStringLiteral(EYELID_TEST_DATA "/") + QString::fromLatin1(name);
}

inline QByteArray bytesOf(const QString& path) {
    auto bytes = readFile(path);
    REQUIRE(bytes);
    return *bytes;
}

inline int sentences(const QString& text) {
    return int(text.trimmed().count(QLatin1Char('\n'))) + 1;
}

/// Everything in a folder, hidden files as well.
inline QStringList filesIn(const QString& folder) {
    return QDir(folder).entryList(QDir::AllEntries | QDir::Hidden | QDir::System | QDir::NoDotAndDotDot);
}

} // namespace eyelid
