// eyelid-cli: the core without a window. Exit status: 0 done and clean, 1 done but something sensitive remains or a
// check failed, 2 wrong usage, 3 an input could not be used (the others are still done).
#include "base/files.h"
#include "base/process.h"
#include "base/version.h"
#include "cli/commands.h"

#include <CLI/CLI.hpp>
#include <cstdio>
#include <cstdlib>
#include <memory>
#include <QGuiApplication>
#include <unistd.h>

using namespace eyelid;

namespace {

// Arguments are bytes; names of files may be any.
QString qt(const std::string& text) {
    return pathFromBytes(QByteArray::fromStdString(text));
}

QStringList qt(const std::vector<std::string>& list) {
    QStringList out;
    for (const std::string& s : list) out << qt(s);
    return out;
}

// A number in a range; "nan" lies in none.
CLI::Validator within(double least, double most) {
    return CLI::Validator(
        [=](std::string& text) {
            char* end = nullptr;
            const double value = std::strtod(text.c_str(), &end);
            if (end != text.c_str() && *end == 0 && value >= least && value <= most) return std::string();
            return "a number from " + CLI::detail::to_string(least) + " to " + CLI::detail::to_string(most) +
                   " is expected, not " + text;
        },
        "NUMBER");
}

} // namespace

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

    CLI::App app{"Eyelid finds and covers what is personal or confidential on pictures of screens."};
    app.set_version_flag("--version", std::string("eyelid-cli ") + versionString);
    app.require_subcommand(1);
    app.footer("Exit status: 0 done and clean; 1 done, but something sensitive remains or a check failed;\n"
               "2 wrong usage; 3 an input could not be used (the others are still done).");

    std::string lang = "eng", area, format = "text", policy = "everything", watch, style, out, key;
    std::vector<std::string> files, covers;
    bool noFind = false, force = false, keepNames = false;
    double strength = -1;
    const auto fileArguments = [&](CLI::App* command) {
        command->add_option("files", files, "Pictures: PNG, JPEG, WebP, BMP, TIFF or GIF")->required();
    };
    const auto findOptions = [&](CLI::App* command) {
        command
            ->add_option("--policy", policy,
                         "A shipped policy (everything, contact details, payment, health, credentials, public "
                         "disclosure) or a TOML file")
            ->capture_default_str();
        command->add_option("--watch", watch, "A file of words and /patterns/ that are always findings, one a line");
        command->add_option("--lang", lang, "Languages to read, joined by +; auto: told by the text")
            ->capture_default_str();
    };
    const auto formatOption = [&](CLI::App* command) {
        command->add_option("--format", format, "text or json")
            ->check(CLI::IsMember({"text", "json"}))
            ->capture_default_str();
    };
    CLI::App* read = app.add_subcommand("read", "Print the text on a picture");
    std::string readFormat = "text";
    bool sanitised = false;
    findOptions(read);
    read->add_option("--area", area, "Read only this part: x,y,width,height in pixels");
    read->add_option("--format", readFormat, "text, json, hocr (HTML with boxes) or csv (a word a row)")
        ->check(CLI::IsMember({"text", "json", "hocr", "csv"}))
        ->capture_default_str();
    read->add_flag("--sanitised", sanitised, "With names in place of what the policy finds: [e-mail 1]");
    read->add_option("file", files, "A picture")->required()->expected(1);

    CLI::App* find = app.add_subcommand("find", "List what is sensitive, and why");
    findOptions(find);
    formatOption(find);
    fileArguments(find);

    CLI::App* redact = app.add_subcommand("redact", "Write sanitised pictures and a log, and check them");
    findOptions(redact);
    redact->add_option("--style", style, "How places are covered (else as the policy says)")
        ->check(CLI::IsMember({"solid", "mosaic", "blur"}));
    redact->add_option("--strength", strength, "Of mosaic and blur, 0 to 1")->check(within(0, 1));
    redact->add_option("--cover", covers, "Cover this place as well: x,y,width,height in pixels")
        ->expected(1)
        ->allow_extra_args(false)
        ->take_all();
    redact->add_flag("--no-find", noFind, "Cover only what --cover names");
    redact->add_flag("--keep-names", keepNames,
                     "Name the pictures as the files they are made from, unless a name holds what is covered "
                     "(default: picture-01.png and so on)");
    redact->add_flag("--force", force, "Replace files that are there already");
    redact->add_option("--out", out, "The folder to write to; made if it is not there")->required();
    redact->add_option("--key", key, "The file with the key for the log's digests (default: one of this user's)");
    fileArguments(redact);

    TakeSettings take;
    std::string takeMonitor, takeWindow, takeRegion, takeOut;
    CLI::App* taking = app.add_subcommand("take", "Take pictures of the desk");
    auto* list = taking->add_flag("--list", take.list, "Print monitors and windows as JSON");
    auto* what = taking->add_option_group("what", "What to take (the whole desk if not said)");
    what->add_option("--monitor", takeMonitor, "A monitor, by number from 1 or by name");
    what->add_option("--window", takeWindow, "A window, by id or by a part of its title");
    what->add_flag("--active", take.active, "The active window");
    what->add_option("--region", takeRegion, "A part of the desk: x,y,width,height in pixels");
    what->add_flag("--desk", take.desk, "The whole desk");
    what->require_option(0, 1);
    taking->add_option("--delay", take.delay, "Wait this many seconds first")->check(within(0, 86400));
    taking->add_flag("--pointer", take.pointer, "With the pointer in it");
    taking->add_flag("--no-frame", take.withoutFrame, "A window without its title bar and border");
    taking->add_option("--every", take.every, "Again every so many seconds; what is the same as the last is left out")
        ->check(within(0.05, 86400));
    taking->add_option("--count", take.count, "So many times")->check(CLI::Range(1, 100000));
    auto* scroll = taking->add_flag("--scroll", take.scroll, "Scroll the window and take the whole page");
    taking->add_flag("--sideways", take.sideways, "Scroll to the right instead of down")->needs(scroll);
    taking->add_flag("--simulated", take.simulated, "Take from the simulated desk that comes with Eyelid");
    taking->add_flag("--force", take.force, "Replace files that are there already");
    taking->add_option("--out", takeOut, "A PNG file, or a folder for several")->excludes(list);

    JoinSettings joinSettings;
    std::string joinOut;
    CLI::App* joining = app.add_subcommand("join", "Join pictures of one page that overlap, in their order");
    joining->add_flag("--sideways", joinSettings.sideways, "They lie side by side, not one below the other");
    joining->add_flag("--force", joinSettings.force, "Replace a file that is there already");
    joining->add_option("--out", joinOut, "The PNG file to write")->required();
    joining->add_option("files", files, "Pictures: PNG, JPEG, WebP, BMP, TIFF or GIF")->required();

    PagesSettings pagesSettings;
    std::string pagesChosen, pagesOut, pagesPassword;
    CLI::App* pages = app.add_subcommand("pages", "Write pages of a PDF as pictures");
    pages->add_option("--pages", pagesChosen, "Which, like 1-3,7 (all if not said)");
    pages->add_option("--dpi", pagesSettings.dpi, "Pixels an inch")->check(within(20, 1200))->capture_default_str();
    pages->add_option("--password-file", pagesPassword,
                      "The file with the password of a locked PDF, - for standard input (default: asked for)");
    pages->add_flag("--force", pagesSettings.force, "Replace files that are there already");
    pages->add_option("--out", pagesOut, "The folder to write to; made if it is not there")->required();
    pages->add_option("file", files, "A PDF")->required()->expected(1);

    CLI::App* check = app.add_subcommand("check", "Search finished pictures for what must not leave");
    findOptions(check);
    fileArguments(check);

    try {
        app.parse(argc, argv);
    } catch (const CLI::Success& e) {
        app.exit(e);
        return closeConsole(done);
    } catch (const CLI::ParseError& e) {
        complain(qt(e.what()) + QStringLiteral(" (--help tells what there is.)"));
        return wrongUsage;
    }

    const auto run = [&]() -> int {
        if (taking->parsed()) {
            take.monitor = qt(takeMonitor);
            take.window = qt(takeWindow);
            take.region = qt(takeRegion);
            take.out = qt(takeOut);
            return runTake(take);
        }
        if (pages->parsed()) {
            pagesSettings.pages = qt(pagesChosen);
            pagesSettings.folder = qt(pagesOut);
            pagesSettings.passwordFile = qt(pagesPassword);
            return runPages(qt(files).first(), pagesSettings);
        }
        if (joining->parsed()) {
            joinSettings.out = qt(joinOut);
            return runJoin(qt(files), joinSettings);
        }
        FindSettings settings{qt(policy), qt(watch), qt(lang)};
        if (read->parsed()) return runRead(qt(files).first(), {settings, qt(area), qt(readFormat), sanitised});
        if (find->parsed()) return runFind(qt(files), settings, format == "json");
        if (check->parsed()) return runCheck(qt(files), settings);
        RedactSettings redaction;
        redaction.find = settings;
        redaction.style = qt(style);
        redaction.strength = strength;
        redaction.covers = qt(covers);
        redaction.look = !noFind;
        redaction.force = force;
        redaction.folder = qt(out);
        redaction.keepNames = keepNames;
        redaction.keyFile = qt(key);
        return runRedact(qt(files), redaction);
    };
    try {
        return closeConsole(run());
    } catch (const std::exception&) {
        endAtOnce();
    }
}
