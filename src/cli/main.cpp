// eyelid-cli: the core without a window. Exit status: 0 done and clean, 1 done but something sensitive remains or a
// check failed, 2 wrong usage, 3 an input could not be used (the others are still done).
#include "base/process.h"
#include "base/sentence.h"
#include "cli/command_line.h"
#include "cli/console.h"

#include <exception>
#include <memory>
#include <QGuiApplication>
#include <unistd.h>

using namespace eyelid;

int main(int argc, char** argv) {
    openConsole();
    keepMemoryPrivate(Portal::No);
    allowManyFiles();
    // Nothing is ever shown: no display is needed, not even for the simulated desk.
    if (qEnvironmentVariableIsEmpty("QT_QPA_PLATFORM")) qputenv("QT_QPA_PLATFORM", "offscreen");
    // GLib ends a program by a signal where it cannot have what it needs; Qt's own loop says so.
    qputenv("QT_NO_GLIB", "1");
    // What Qt has to say about its surroundings is not for the user; ours is written by ourselves.
    qInstallMessageHandler([](QtMsgType type, const QMessageLogContext&, const QString& text) {
        // Qt's own pool of threads would wait for ever for one it could not start.
        if (text.startsWith(QLatin1String("QThread::start"))) endWithoutMemory();
        // Too few files may be open for a program of Qt to begin: that is said, and no more.
        if (type != QtFatalMsg) return;
        complain(text);
        ::_exit(unusableInput);
    });
    // Qt takes options like --style for itself where it sees them; ours are ours.
    int onlyName = 1;
    // Only what draws with fonts needs more than the core's application, which starts in a fraction of the time.
    const QByteArray asked(argc > 1 ? argv[1] : "");
    std::unique_ptr<QCoreApplication> application;
    if (asked == "take" || asked == "pages")
        application = std::make_unique<QGuiApplication>(onlyName, argv);
    else
        application = std::make_unique<QCoreApplication>(onlyName, argv);
    QCoreApplication::setApplicationName(QStringLiteral("eyelid"));
    speakAs(*application, QLocale());
    try {
        return closeConsole(runCommandLine(argc, argv));
    } catch (const std::exception&) {
        endAtOnce();
    }
}
