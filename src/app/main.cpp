#include "app/taking/take_kind.h"
#include "app/window/main_window.h"
#include "app/window/reader_names.h"
#include "app/window/session.h"
#include "app/window/settings.h"
#include "app/window/single_instance.h"
#include "app/window/theme.h"
#include "base/files.h"
#include "base/process.h"
#include "base/sentence.h"
#include "base/version.h"
#include "capture/fonts.h"
#include "capture/global_shortcuts.h"
#include "capture/portal_source.h"
#include "capture/simulated_desk.h"
#include "capture/x11_source.h"

#include <cstdio>
#include <cstdlib>
#include <QApplication>
#include <QCommandLineParser>
#include <QDir>
#include <QPalette>
#include <QStandardPaths>

using namespace eyelid;

namespace {

// What the program was started for.
struct Started {
    Wanted wanted;
    QString policy;
    bool demo = false, firstSteps = false, another = false;
    /// One window a session, but for those that are to be apart.
    bool isApart() const { return demo || firstSteps || another; }
};

// Ends the program where its arguments cannot be used.
Started readArguments(const QApplication& application) {
    QCommandLineParser parser;
    parser.setApplicationDescription(
        Tr::tr("Eyelid finds and covers what is personal or confidential on pictures of screens."));
    parser.addHelpOption();
    parser.addVersionOption();
    parser.addPositionalArgument(QStringLiteral("files"), Tr::tr("Pictures to bring in, or a case to open."),
                                 Tr::tr("[files…]"));
    parser.addOption({QStringLiteral("policy"), Tr::tr("The policy, by its name, or a TOML file."),
                      QStringLiteral("name"), settings::policyName()});
    QStringList kinds;
    for (const TakeKindName& kind : takeKinds) kinds << QLatin1String(kind.id);
    parser.addOption({QStringLiteral("take"), sentence(Tr::tr("Take at once: %1."), kinds.join(QStringLiteral(", "))),
                      QStringLiteral("what")});
    parser.addOption({QStringLiteral("clipboard"), Tr::tr("Bring in what is on the clipboard.")});
    parser.addOption({QStringLiteral("another"), Tr::tr("In a window of its own, though one is open.")});
    parser.addOption({QStringLiteral("demo"), Tr::tr("Start with three windows of the demo desk taken.")});
    parser.addOption(
        {QStringLiteral("first-steps"), Tr::tr("Start with the main job, step by step, on the demo desk.")});
    parser.process(application);
    Started started{{{}, parser.value(QStringLiteral("take")), parser.isSet(QStringLiteral("clipboard"))},
                    parser.value(QStringLiteral("policy")),
                    parser.isSet(QStringLiteral("demo")),
                    parser.isSet(QStringLiteral("first-steps")),
                    parser.isSet(QStringLiteral("another"))};
    for (const QString& file : parser.positionalArguments()) started.wanted.files << fullPath(file);
    if (parser.isSet(QStringLiteral("take")) && !kinds.contains(started.wanted.take)) {
        std::fprintf(stderr, "eyelid: %s\n",
                     qPrintable(sentence(Tr::tr("Nothing is taken by “%1”; choose of: %2."), started.wanted.take,
                                         kinds.join(QStringLiteral(", ")))));
        std::exit(2);
    }
    return started;
}

// The desk one sits at, or the simulated one for the demo and where none can be seen.
std::unique_ptr<Source> sourceFor(const Started& started) {
    const QString platform = QApplication::platformName();
    if (!started.demo && !started.firstSteps) {
        if (platform == QLatin1String("xcb"))
            if (auto desk = X11Source::open()) return std::move(*desk);
        if (platform.startsWith(QLatin1String("wayland")))
            if (auto desk = PortalSource::open()) return std::move(*desk);
    }
    return std::make_unique<SimulatedDesk>();
}

Theme startingTheme() {
    const bool darkDesk = QApplication::palette().color(QPalette::Window).lightness() < 110;
    return Theme::named(settings::theme().value_or(darkDesk ? ThemeName::Dark : ThemeName::Light),
                        settings::typePercent());
}

// What stands in the window at first. The demo is in memory alone, and says so when it is left.
void begin(MainWindow& window, const Started& started) {
    const QString data =
        QStandardPaths::writableLocation(QStandardPaths::GenericDataLocation) + QStringLiteral("/eyelid");
    const QString caseFolder = data + QStringLiteral("/cases");
    const auto keep = [=, &window] { window.keepCases(caseFolder, OwnKeys(data, OwnKeys::Ring::Use)); };
    const bool firstStart = started.wanted == Wanted{} && !settings::knowsFirstSteps() && QDir(caseFolder).isEmpty();
    if (started.demo) {
        window.addExplainedDemo();
    } else if (started.firstSteps) {
        QObject::connect(&window, &MainWindow::firstStepsEnded, &window, &QWidget::close);
        window.beginFirstSteps();
    } else if (firstStart) {
        QObject::connect(&window, &MainWindow::firstStepsEnded, &window, keep);
        window.beginFirstSteps();
    } else {
        keep();
    }
    fulfil(window, started.wanted);
}

} // namespace

int main(int argc, char** argv) {
    keepMemoryPrivate(Portal::Yes);
    allowManyFiles();
    QApplication application(argc, argv);
    // On X11 nobody has to look at this process to answer it.
    const bool onX11 = QApplication::platformName() == QLatin1String("xcb");
    if (onX11) keepMemoryPrivate(Portal::No);
    QApplication::setOrganizationName(QStringLiteral("eyelid"));
    QApplication::setApplicationName(QStringLiteral("eyelid"));
    QGuiApplication::setDesktopFileName(QStringLiteral("org.eyelid.Eyelid"));
    QApplication::setApplicationDisplayName(QStringLiteral("Eyelid"));
    QApplication::setApplicationVersion(
        sentence(QStringLiteral("%1\n%2"), QLatin1String(versionString), QLatin1String(builtWith)));
    speakAs(application, settings::spokenLocale());

    const Started started = readArguments(application);
    const bool oneOfMany = started.isApart() || !hasSessionBus();
    if (!oneOfMany && handedToRunning(QDBusConnection::sessionBus(), started.wanted)) return 0;
    auto policy = loadPolicy(started.policy);
    if (!policy) {
        std::fprintf(stderr, "eyelid: %s\n", qPrintable(policy.error().sentence));
        return 2;
    }
    const ReaderNames names(application);
    loadShippedFonts();
    Q_INIT_RESOURCE(icons);
    Theme theme = startingTheme();
    applyTheme(application, theme);
    // While it is out of the way for a delayed take, no window is open.
    QApplication::setQuitOnLastWindowClosed(false);
    Session session(application, theme,
                    {.policy = settings::forNewCases(*policy),
                     .source = [&] { return sourceFor(started); },
                     .shortcuts = [&] { return onX11 ? x11Shortcuts() : portalShortcuts(); },
                     .begin = [&](MainWindow& window) { begin(window, started); },
                     .everyTime =
                         [&](MainWindow& window) {
                             if (!oneOfMany) (new SingleInstance(window))->listen(QDBusConnection::sessionBus());
                         }});
    QObject::connect(&session, &Session::closed, &application, &QApplication::quit);
    return QApplication::exec();
}
