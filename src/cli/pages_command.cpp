// pages: pages of a PDF as pictures.
#include "base/sentence.h"
#include "capture/pdf_pages.h"
#include "cli/commands.h"
#include "picture/picture_file.h"

#include <cstdio>
#include <QFile>
#include <termios.h>
#include <unistd.h>

namespace eyelid {
namespace {

QString firstLine(const QByteArray& bytes) {
    const qsizetype end = bytes.indexOf('\n');
    QByteArray line = end < 0 ? bytes : bytes.left(end);
    if (line.endsWith('\r')) line.chop(1);
    return QString::fromUtf8(line);
}

// Asked for on the terminal, without showing it. Empty where there is none.
QString askPassword(const QString& file) {
    QFile terminal(QStringLiteral("/dev/tty"));
    if (!terminal.open(QIODevice::ReadWrite | QIODevice::Unbuffered)) return {};
    termios before{};
    if (::tcgetattr(terminal.handle(), &before) != 0) return {};
    termios silent = before;
    silent.c_lflag &= ~tcflag_t(ECHO);
    ::tcsetattr(terminal.handle(), TCSAFLUSH, &silent);
    terminal.write(sentence(Tr::tr("Password of %1: "), onOneLine(file)).toUtf8());
    const QByteArray line = terminal.readLine(4096);
    ::tcsetattr(terminal.handle(), TCSAFLUSH, &before);
    terminal.write("\n");
    return firstLine(line);
}

Result<QString> passwordFrom(const QString& file) {
    if (file == QLatin1String("-")) {
        QFile input;
        if (!input.open(stdin, QIODevice::ReadOnly)) return QString();
        return firstLine(input.readLine(4096));
    }
    auto bytes = readFile(file, 4096);
    if (!bytes) return bytes.error();
    return firstLine(*bytes);
}

Result<std::unique_ptr<PdfFile>> openPdf(const QString& file, const PagesSettings& settings) {
    QString password;
    if (!settings.passwordFile.isEmpty()) {
        auto given = passwordFrom(settings.passwordFile);
        if (!given) return given.error();
        password = *given;
    }
    auto pdf = PdfFile::open(file, password);
    if (pdf || !PdfFile::needsPassword(pdf.error()) || !settings.passwordFile.isEmpty()) return pdf;
    if (password = askPassword(file); password.isEmpty())
        return Error{
            Error::Kind::NotReadable,
            sentence(Tr::tr("%1 is locked; give its password with --password-file FILE, or - for standard input."),
                     file)};
    return PdfFile::open(file, password);
}

} // namespace

int runPages(const QString& file, const PagesSettings& settings) {
    auto pdf = openPdf(file, settings);
    if (!pdf) {
        complain(pdf.error().sentence);
        return unusableInput;
    }
    auto pages = parsePages(settings.pages, (*pdf)->pages());
    if (!pages) return fail(pages.error());
    if (auto made = makeFolder(settings.folder); !made) return fail(made.error());
    int status = done;
    for (const int page : *pages) {
        auto picture = (*pdf)->render(page, settings.dpi);
        const QString number = QString::number(page + 1).rightJustified(3, u'0');
        const QString path = joinedPath(settings.folder, sentence(Tr::tr("page-%1.png"), number));
        // Pages as they are: for nobody else's eyes.
        auto written = picture ? writeFileWhole(path, encodePng(*picture), settings.force, FileMode::Private)
                               : Result<Done>(picture.error());
        if (!written) {
            status = std::max(status, fail(written.error()));
            continue;
        }
        say(fullPath(path));
    }
    return status;
}

} // namespace eyelid
