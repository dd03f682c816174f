#include "releasing/destinations/command.h"

#include "base/sentence.h"

#include <algorithm>
#include <QFileInfo>
#include <QProcess>

namespace eyelid {
namespace {

constexpr int listenEvery = 100;  // milliseconds: how soon it hears that it is to stop
constexpr int mostTold = 300;     // characters of what a program said last
constexpr int timeToLeave = 2000; // milliseconds a program has to end by itself when it is stopped

const QString filesPart = QStringLiteral("{files}"), folderPart = QStringLiteral("{folder}");

QString lastLine(const QByteArray& told) {
    const QStringList lines = QString::fromUtf8(told).split(u'\n', Qt::SkipEmptyParts);
    return lines.isEmpty() ? QString() : onOneLine(lines.last().trimmed().left(mostTold));
}

void keepLast(QByteArray& told, QProcess& process) {
    constexpr qsizetype kept = 8192;
    told = (told + process.readAll()).right(kept);
}

Error stopped(QProcess& process, const QString& program) {
    process.terminate();
    if (!process.waitForFinished(timeToLeave)) {
        process.kill();
        process.waitForFinished(timeToLeave);
    }
    return {Error::Kind::Cancelled, sentence(Tr::tr("%1 was stopped; what it has done already stands."), program)};
}

class ProgramOfTheirOwn final : public Destination {
public:
    explicit ProgramOfTheirOwn(QStringList command) : m_command(std::move(command)) {}
    QString name() const override { return Tr::tr("command"); }

    Result<Delivery> deliver(const Release& release, Progress& progress) override {
        if (release.paths.isEmpty() || m_command.isEmpty())
            return Error{Error::Kind::BadInput, Tr::tr("A command is run with files; release to a folder as well.")};
        if (auto run = runProgram(filledCommand(m_command, release.paths), progress); !run) return run.error();
        return Delivery{lineOf(m_command), release.paths, {}};
    }

private:
    const QStringList m_command;
};

} // namespace

Result<QStringList> commandFrom(const QString& line) {
    const Error open{Error::Kind::BadInput, Tr::tr("A quote is opened and not closed in the command.")};
    QStringList parts;
    QString part;
    bool quoted = false, any = false;
    for (const QChar c : line) {
        if (c == u'"') {
            quoted = !quoted;
            any = true;
        } else if (c.isSpace() && !quoted) {
            if (any) parts << part;
            part.clear();
            any = false;
        } else {
            part += c;
            any = true;
        }
    }
    if (quoted) return open;
    if (any) parts << part;
    if (parts.isEmpty() || parts.first().isEmpty())
        return Error{Error::Kind::BadInput, Tr::tr("Name the program that is to be run.")};
    return parts;
}

QString lineOf(const QStringList& command) {
    QStringList parts;
    for (const QString& part : command) {
        const bool plain = std::none_of(part.begin(), part.end(), [](QChar c) { return c.isSpace(); });
        parts << (plain && !part.isEmpty() ? part : u'"' + part + u'"');
    }
    return parts.join(u' ');
}

QStringList filledCommand(const QStringList& command, const QStringList& paths) {
    QStringList filled;
    bool told = false;
    const QString folder = paths.isEmpty() ? QString() : paths.first().left(paths.first().lastIndexOf(u'/'));
    for (QString part : command) {
        if (part == filesPart) {
            filled << paths;
            told = true;
            continue;
        }
        told = told || part.contains(folderPart);
        filled << part.replace(folderPart, folder);
    }
    if (!told) filled << paths;
    return filled;
}

Result<Done> runProgram(QStringList command, Progress& progress) {
    const QString program = command.takeFirst();
    progress.setDoing(sentence(Tr::tr("Running %1"), QFileInfo(program).fileName()));
    QProcess process;
    process.setProcessChannelMode(QProcess::MergedChannels);
    process.setStandardInputFile(QProcess::nullDevice());
    process.start(program, command);
    if (!process.waitForStarted())
        return Error{Error::Kind::Missing,
                     sentence(Tr::tr("%1 cannot be started; is it installed, and may it be run?"), program)};
    QByteArray told;
    while (!process.waitForFinished(listenEvery)) {
        keepLast(told, process);
        if (process.state() == QProcess::NotRunning) break;
        if (progress.cancelled()) return stopped(process, program);
    }
    keepLast(told, process);
    if (process.exitStatus() == QProcess::NormalExit && process.exitCode() == 0) return Done{};
    return Error{Error::Kind::NotWritable,
                 sentence(Tr::tr("%1 failed (%2): %3"), program, process.exitCode(), lastLine(told))};
}

std::unique_ptr<Destination> toCommand(const QStringList& command) {
    return std::make_unique<ProgramOfTheirOwn>(command);
}

} // namespace eyelid
