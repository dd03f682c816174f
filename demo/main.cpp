// Drives the window through the main job on the simulated desk, or takes the pictures for docs/screenshots, and ends.
#include "app/window/main_window.h"
#include "app/window/theme.h"
#include "base/sentence.h"
#include "capture/fonts.h"
#include "capture/simulated_desk.h"
#include "drive.h"
#include "tasks.h"

#include <cstdio>
#include <QApplication>
#include <QCommandLineParser>
#include <QDir>
#include <QSettings>
#include <QStandardPaths>
#include <QTimer>

using namespace eyelid;

int main(int argc, char** argv) {
    // Nothing of the user's own settings in it, and nothing of it in them.
    QStandardPaths::setTestModeEnabled(true);
    QApplication application(argc, argv);
    QApplication::setOrganizationName(QStringLiteral("eyelid"));
    QApplication::setApplicationName(QStringLiteral("eyelid-demo"));
    QApplication::setQuitOnLastWindowClosed(false);
    QSettings().clear();

    QCommandLineParser parser;
    parser.setApplicationDescription(QStringLiteral("Drives Eyelid's window on its demo desk."));
    parser.addHelpOption();
    parser.addPositionalArgument(QStringLiteral("folder"), QStringLiteral("Where the pictures are written to."));
    const QCommandLineOption shots(QStringLiteral("shots"),
                                   QStringLiteral("Take pictures of the main views instead of doing the main job."));
    parser.addOption(shots);
    const QCommandLineOption tasks(QStringLiteral("tasks"),
                                   QStringLiteral("Count the keys and clicks that tasks take."));
    parser.addOption(tasks);
    const QCommandLineOption language(QStringLiteral("language"),
                                      QStringLiteral("Speak another language than English: de, fr or es."),
                                      QStringLiteral("code"));
    parser.addOption(language);
    parser.process(application);
    const QString folder = parser.positionalArguments().value(0);
    if (folder.isEmpty() || !QDir().mkpath(folder)) {
        std::fprintf(stderr, "eyelid-demo: name a folder that can be written to\n");
        return 2;
    }
    loadShippedFonts();
    Q_INIT_RESOURCE(icons);
    speakAs(application, parser.isSet(language) ? QLocale(parser.value(language)) : QLocale::c());
    Theme theme = Theme::light();
    applyTheme(application, theme);

    MainWindow window(theme, *loadPolicy(QStringLiteral("everything")), std::make_unique<SimulatedDesk>());
    QStringList paths;
    bool done = false;
    QTimer::singleShot(0, &window, [&] {
        if (parser.isSet(tasks)) {
            done = countTasks(window);
            return QApplication::exit();
        }
        paths = parser.isSet(shots) ? takeScreenshots(window, folder) : driveDemo(window, QDir(folder).absolutePath());
        QApplication::exit(); // quit() would ask the window, and the window the user
    });
    QApplication::exec();
    for (const QString& path : paths) std::printf("%s\n", qPrintable(path));
    return done || !paths.isEmpty() ? 0 : 1;
}
