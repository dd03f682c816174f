#include "app/window/main_window.h"
#include "app/window/reader_names.h"
#include "app/window/settings.h"
#include "app/window/theme.h"
#include "base/process.h"
#include "base/sentence.h"
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
#include <QStandardPaths>

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

    speakAs(application, QLocale());

    QCommandLineParser parser;
    parser.setApplicationDescription(
        Tr::tr("Eyelid finds and covers what is personal or confidential on pictures of screens."));
    parser.addHelpOption();
    parser.addVersionOption();
    parser.addPositionalArgument(QStringLiteral("files"), Tr::tr("Pictures to bring in, or a case to open."),
                                 Tr::tr("[files…]"));
    parser.addOption({QStringLiteral("policy"), Tr::tr("The policy: a shipped one or a TOML file."),
                      QStringLiteral("name"), settings::policyName()});
    parser.addOption({QStringLiteral("demo"), Tr::tr("Start with three windows of the demo desk taken.")});
    parser.addOption(
        {QStringLiteral("first-steps"), Tr::tr("Start with the main job, step by step, on the demo desk.")});
    parser.process(application);

    auto policy = loadPolicy(parser.value(QStringLiteral("policy")));
    if (!policy) {
        std::fprintf(stderr, "eyelid: %s\n", qPrintable(policy.error().sentence));
        return 2;
    }
    const ReaderNames names(application);
    loadShippedFonts();
    Q_INIT_RESOURCE(icons);
    const bool darkDesk = QApplication::palette().color(QPalette::Window).lightness() < 110;
    Theme theme = Theme::named(settings::theme().value_or(darkDesk ? ThemeName::Dark : ThemeName::Light),
                               settings::typePercent());
    applyTheme(application, theme);

    // The desk one sits at, or the simulated one for the demo and where none can be seen.
    std::unique_ptr<Source> source;
    const bool demo = parser.isSet(QStringLiteral("demo")), asked = parser.isSet(QStringLiteral("first-steps"));
    const bool onX11 = QApplication::platformName() == QLatin1String("xcb");
    if (!demo && !asked && onX11)
        if (auto desk = X11Source::open()) source = std::move(*desk);
    if (!demo && !asked && !source && QApplication::platformName().startsWith(QLatin1String("wayland")))
        if (auto desk = PortalSource::open()) source = std::move(*desk);
    std::unique_ptr<GlobalShortcuts> shortcuts = onX11 ? x11Shortcuts() : portalShortcuts();
    // While it is out of the way for a delayed take, no window is open.
    QApplication::setQuitOnLastWindowClosed(false);
    if (!source) source = std::make_unique<SimulatedDesk>();
    MainWindow window(theme, settings::forNewCases(*policy), std::move(source), std::move(shortcuts));
    QObject::connect(&window, &MainWindow::closed, &application, &QApplication::quit);
    window.show();
    QStringList pictures, cases;
    for (const QString& file : parser.positionalArguments()) (file.endsWith(caseEnding) ? cases : pictures) << file;
    const QString data =
        QStandardPaths::writableLocation(QStandardPaths::GenericDataLocation) + QStringLiteral("/eyelid");
    const QString caseFolder = data + QStringLiteral("/cases");
    const auto keep = [&] { window.keepCases(caseFolder, OwnKeys(data, OwnKeys::Ring::Use)); };
    const bool firstStart =
        !demo && parser.positionalArguments().isEmpty() && !settings::knowsFirstSteps() && QDir(caseFolder).isEmpty();
    // The demo is in memory alone, and says so when it is left.
    if (demo) {
        window.addExplainedDemo();
    } else if (asked) {
        QObject::connect(&window, &MainWindow::firstStepsEnded, &window, &QWidget::close);
        window.beginFirstSteps();
    } else if (firstStart) {
        QObject::connect(&window, &MainWindow::firstStepsEnded, &window, keep);
        window.beginFirstSteps();
    } else {
        keep();
    }
    for (const QString& file : cases) window.openCaseFile(file);
    if (!pictures.isEmpty()) window.intake().bringIn(pictures);
    return QApplication::exec();
}
