#include "app/demo_drive.h"
#include "app/main_window.h"
#include "app/theme.h"
#include "base/process.h"
#include "base/version.h"
#include "capture/fonts.h"
#include "capture/global_shortcuts.h"
#include "capture/portal_source.h"
#include "capture/simulated_desk.h"
#include "capture/x11_source.h"

#include <cstdio>
#include <QApplication>
#include <QCommandLineParser>
#include <QDir>
#include <QPalette>
#include <QSettings>
#include <QStandardPaths>
#include <QTimer>

using namespace eyelid;

int main(int argc, char** argv) {
    keepMemoryPrivate(Portal::Yes);
    allowManyFiles();
    QApplication application(argc, argv);
    // On X11 nobody has to look at this process to answer it.
    if (QApplication::platformName() == QLatin1String("xcb")) keepMemoryPrivate(Portal::No);
    QApplication::setOrganizationName(QStringLiteral("eyelid"));
    QApplication::setApplicationName(QStringLiteral("eyelid"));
    QApplication::setApplicationDisplayName(QStringLiteral("Eyelid"));
    QApplication::setApplicationVersion(QString::fromLatin1(versionString));

    QCommandLineParser parser;
    parser.setApplicationDescription(
        QStringLiteral("Eyelid finds and covers what is personal or confidential on pictures of screens."));
    parser.addHelpOption();
    parser.addVersionOption();
    parser.addPositionalArgument(QStringLiteral("files"), QStringLiteral("Pictures to bring in."),
                                 QStringLiteral("[files…]"));
    parser.addOption({QStringLiteral("policy"), QStringLiteral("The policy: a shipped one or a TOML file."),
                      QStringLiteral("name"), QStringLiteral("everything")});
    parser.addOption({QStringLiteral("demo"), QStringLiteral("Start with three windows of the demo desk taken.")});
    parser.addOption({QStringLiteral("drive"),
                      QStringLiteral("Do the main job on the demo desk by itself, release to this folder, and end."),
                      QStringLiteral("folder")});
    parser.addOption({QStringLiteral("shots"),
                      QStringLiteral("Write pictures of the main views to this folder, and end."),
                      QStringLiteral("folder")});
    parser.process(application);

    auto policy = loadPolicy(parser.value(QStringLiteral("policy")));
    if (!policy) {
        std::fprintf(stderr, "eyelid: %s\n", qPrintable(policy.error().sentence));
        return 2;
    }
    loadShippedFonts();
    Q_INIT_RESOURCE(icons);
    const bool driven = parser.isSet(QStringLiteral("drive")) || parser.isSet(QStringLiteral("shots"));
    if (driven) {
        // Nothing of the user's own settings in it, and nothing of it in them.
        QStandardPaths::setTestModeEnabled(true);
        QApplication::setApplicationName(QStringLiteral("eyelid-demo"));
        QSettings().clear();
    }
    const QString chosen = QSettings().value(QStringLiteral("theme")).toString();
    const bool dark = chosen.isEmpty() ? QApplication::palette().color(QPalette::Window).lightness() < 110
                                       : chosen == QLatin1String("dark");
    applyTheme(application, dark ? Theme::night() : Theme::light());

    // The desk one sits at, or the simulated one for the demo and where none can be seen.
    std::unique_ptr<Source> source;
    if (!driven && !parser.isSet(QStringLiteral("demo")) && QApplication::platformName() == QLatin1String("xcb"))
        if (auto desk = X11Source::open()) source = std::move(*desk);
    if (!driven && !parser.isSet(QStringLiteral("demo")) && !source &&
        QApplication::platformName().startsWith(QLatin1String("wayland")))
        if (auto desk = PortalSource::open()) source = std::move(*desk);
    std::unique_ptr<GlobalShortcuts> shortcuts;
    if (!driven) {
        if (QApplication::platformName() == QLatin1String("xcb"))
            shortcuts = x11Shortcuts();
        else
            shortcuts = portalShortcuts();
    }
    // While it is out of the way for a delayed take, no window is open.
    QApplication::setQuitOnLastWindowClosed(false);
    if (!source) source = std::make_unique<SimulatedDesk>();
    MainWindow window(*policy, std::move(source), std::move(shortcuts));
    QObject::connect(&window, &MainWindow::closed, &application, &QApplication::quit);
    if (driven) {
        const bool shots = parser.isSet(QStringLiteral("shots"));
        const QString folder = parser.value(shots ? QStringLiteral("shots") : QStringLiteral("drive"));
        if (!QDir().mkpath(folder)) {
            std::fprintf(stderr, "eyelid: the folder %s cannot be made\n", qPrintable(folder));
            return 1;
        }
        QStringList paths;
        QTimer::singleShot(0, &window, [&] {
            paths = shots ? takeScreenshots(window, folder) : driveDemo(window, QDir(folder).absolutePath());
            QApplication::exit(); // quit() would ask the window, and the window the user
        });
        QApplication::exec();
        for (const QString& path : paths) std::printf("%s\n", qPrintable(path));
        return paths.isEmpty() ? 1 : 0;
    }
    window.show();
    if (parser.isSet(QStringLiteral("demo"))) {
        const SimulatedDesk desk;
        for (const char* id : {"account", "mail", "console"})
            if (auto picture = desk.take({Target::What::Window, QString::fromLatin1(id)}))
                window.addCapture(*picture, QStringLiteral("Demo desk"));
    }
    if (!parser.positionalArguments().isEmpty()) window.bringIn(parser.positionalArguments());
    return QApplication::exec();
}
