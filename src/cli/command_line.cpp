#include "cli/command_line.h"

#include "base/files.h"
#include "base/sentence.h"
#include "base/version.h"
#include "cli/case_command_line.h"
#include "cli/commands.h"
#include "cli/framing_options.h"
#include "cli/options.h"
#include "cli/release_options.h"
#include "cli/ways_command_line.h"

#include <CLI/CLI.hpp>
#include <cstdlib>
#include <functional>
#include <map>

namespace eyelid {
namespace {

// The commands with their options; what they are given stands in the members until the one that was asked for is run.
class CommandLine {
public:
    CommandLine() {
        m_app.set_version_flag("--version", std::string("eyelid-cli ") + versionString + "\n" + builtWith);
        m_app.require_subcommand(1);
        m_app.footer(
            said(Tr::tr("Exit status: 0 done and clean; 1 done, but something sensitive remains or a check failed;\n"
                        "2 wrong usage; 3 an input could not be used (the others are still done).")));
        addRead();
        addFind();
        addRedact();
        addTake();
        addJoin();
        addPages();
        addCheck();
        addVerify();
        addLists();
        m_ways.addTo(m_app, m_commands);
        m_case.addTo(m_app, m_commands);
    }

    int run(int argc, char** argv) {
        try {
            m_app.parse(argc, argv);
        } catch (const CLI::Success& e) {
            m_app.exit(e);
            return done;
        } catch (const CLI::ParseError& e) {
            complain(sentence(Tr::tr("%1 (--help tells what there is.)"), qt(e.what())));
            return wrongUsage;
        }
        for (const auto& [command, act] : m_commands)
            if (command->parsed()) return act();
        return wrongUsage;
    }

private:
    CLI::App* add(const char* name, const std::string& what, std::function<int()> act) {
        CLI::App* command = m_app.add_subcommand(name, what);
        m_commands.emplace(command, std::move(act));
        return command;
    }
    void addFiles(CLI::App* command) {
        command->add_option("files", m_files, said(Tr::tr("Pictures: PNG, JPEG, WebP, BMP, TIFF or GIF")))->required();
    }
    void addForce(CLI::App* command, const std::string& what) { command->add_flag("--force", m_force, what); }
    void addFindOptions(CLI::App* command) {
        command
            ->add_option("--policy", m_policy,
                         said(Tr::tr("A policy by its name (policies lists them), or a TOML file")))
            ->capture_default_str();
        command->add_option("--watch", m_watch,
                            said(Tr::tr("A file of words and /patterns/ that are always findings, one a line")));
        command->add_option("--lang", m_lang, said(Tr::tr("Languages to read, joined by +; auto: told by the text")))
            ->capture_default_str();
    }
    FindSettings findSettings() const { return {qt(m_policy), qt(m_watch), qt(m_lang)}; }

    void addRead() {
        CLI::App* read = add("read", said(Tr::tr("Print the text on a picture")), [this] {
            return runRead(qt(m_files).first(), {findSettings(), qt(m_area), qt(m_readFormat), m_sanitised});
        });
        addFindOptions(read);
        read->add_option("--area", m_area, said(Tr::tr("Read only this part: x,y,width,height in pixels")));
        read->add_option("--format", m_readFormat,
                         said(Tr::tr("text, json, hocr (HTML with boxes) or csv (a word a row)")))
            ->check(CLI::IsMember({"text", "json", "hocr", "csv"}))
            ->capture_default_str();
        read->add_flag("--sanitised", m_sanitised,
                       said(Tr::tr("With names in place of what the policy finds: [e-mail 1]")));
        read->add_option("file", m_files, said(Tr::tr("A picture")))->required()->expected(1);
    }

    void addFind() {
        CLI::App* find = add("find", said(Tr::tr("List what is sensitive, and why")),
                             [this] { return runFind(qt(m_files), findSettings(), m_format == "json"); });
        addFindOptions(find);
        find->add_option("--format", m_format, said(Tr::tr("text or json")))
            ->check(CLI::IsMember({"text", "json"}))
            ->capture_default_str();
        addFiles(find);
    }

    void addRedact() {
        CLI::App* redact = add("redact", said(Tr::tr("Write sanitised pictures and a log, and check them")), [this] {
            m_redact.find = findSettings();
            m_redact.style = qt(m_style);
            m_redact.colour = qt(m_colour);
            m_redact.covers = qt(m_covers);
            m_redact.look = !m_noFind;
            m_redact.folder = qt(m_out);
            m_redact.keyFile = qt(m_key);
            auto framing = m_framing.framing();
            if (!framing) return fail(framing.error());
            auto marks = m_framing.marks();
            if (!marks) return fail(marks.error());
            m_redact.framing = *framing;
            m_redact.marks = *marks;
            m_redact.small = m_framing.small();
            auto release = m_release.settings();
            if (!release) return fail(release.error());
            m_redact.release = *release;
            return runRedact(qt(m_files), m_redact);
        });
        addFindOptions(redact);
        redact->add_option("--style", m_style, said(Tr::tr("How places are covered (else as the policy says)")))
            ->check(CLI::IsMember({"solid", "mosaic", "blur", "stand-in", "label"}));
        redact->add_option("--colour", m_colour, said(Tr::tr("Of solid covers (else as the policy says)")))
            ->check(CLI::IsMember({"aubergine", "black", "grey", "white", "ground"}));
        redact->add_flag("--mark-replaced", m_redact.markReplaced,
                         said(Tr::tr("Mark made-up values with a small closed eyelid")));
        redact->add_option("--strength", m_redact.strength, said(Tr::tr("Of mosaic and blur, 0 to 1")))
            ->check(within(0, 1));
        redact->add_option("--cover", m_covers, said(Tr::tr("Cover this place as well: x,y,width,height in pixels")))
            ->expected(1)
            ->allow_extra_args(false)
            ->take_all();
        m_framing.addTo(redact);
        redact->add_flag("--no-find", m_noFind, said(Tr::tr("Cover only what --cover names")));
        redact->add_flag(
            "--keep-names", m_redact.keepNames,
            said(Tr::tr("Name the pictures as the files they are made from, unless a name holds what is covered "
                        "(default: picture-01.png and so on)")));
        m_release.addTo(redact);
        redact->add_option("--out", m_out, said(Tr::tr("The folder to write to; made if it is not there")))->required();
        redact->add_option("--key", m_key,
                           said(Tr::tr("The file with the key for the log's digests (default: one of this user's)")));
        addFiles(redact);
    }

    void addTake() {
        CLI::App* take = add("take", said(Tr::tr("Take pictures of the desk")), [this] {
            m_take.monitor = qt(m_monitor);
            m_take.window = qt(m_window);
            m_take.region = qt(m_region);
            m_take.out = qt(m_out);
            m_take.force = m_force;
            return runTake(m_take);
        });
        auto* list = take->add_flag("--list", m_take.list, said(Tr::tr("Print monitors and windows as JSON")));
        auto* what = take->add_option_group("what", said(Tr::tr("What to take (the whole desk if not said)")));
        what->add_option("--monitor", m_monitor, said(Tr::tr("A monitor, by number from 1 or by name")));
        what->add_option("--window", m_window, said(Tr::tr("A window, by id or by a part of its title")));
        what->add_flag("--active", m_take.active, said(Tr::tr("The active window")));
        what->add_option("--region", m_region, said(Tr::tr("A part of the desk: x,y,width,height in pixels")));
        what->add_flag("--desk", m_take.desk, said(Tr::tr("The whole desk")));
        what->require_option(0, 1);
        take->add_option("--delay", m_take.delay, said(Tr::tr("Wait this many seconds first")))
            ->check(within(0, 86400));
        take->add_flag("--pointer", m_take.pointer, said(Tr::tr("With the pointer in it")));
        take->add_flag("--no-frame", m_take.withoutFrame, said(Tr::tr("A window without its title bar and border")));
        take->add_option("--every", m_take.every,
                         said(Tr::tr("Again every so many seconds; what is the same as the last is left out")))
            ->check(within(0.05, 86400));
        take->add_option("--count", m_take.count, said(Tr::tr("So many times")))->check(CLI::Range(1, 100000));
        auto* scroll =
            take->add_flag("--scroll", m_take.scroll, said(Tr::tr("Scroll the window and take the whole page")));
        take->add_flag("--sideways", m_take.sideways, said(Tr::tr("Scroll to the right instead of down")))
            ->needs(scroll);
        take->add_flag("--simulated", m_take.simulated,
                       said(Tr::tr("Take from the simulated desk that comes with Eyelid")));
        addForce(take, said(Tr::tr("Replace files that are there already")));
        take->add_option("--out", m_out, said(Tr::tr("A PNG file, or a folder for several")))->excludes(list);
    }

    void addJoin() {
        CLI::App* join = add("join", said(Tr::tr("Join pictures of one page that overlap, in their order")), [this] {
            m_join.out = qt(m_out);
            m_join.force = m_force;
            return runJoin(qt(m_files), m_join);
        });
        join->add_flag("--sideways", m_join.sideways, said(Tr::tr("They lie side by side, not one below the other")));
        addForce(join, said(Tr::tr("Replace a file that is there already")));
        join->add_option("--out", m_out, said(Tr::tr("The PNG file to write")))->required();
        addFiles(join);
    }

    void addPages() {
        CLI::App* pages = add("pages", said(Tr::tr("Write pages of a PDF as pictures")), [this] {
            m_pages.pages = qt(m_chosen);
            m_pages.folder = qt(m_out);
            m_pages.passwordFile = qt(m_password);
            m_pages.force = m_force;
            return runPages(qt(m_files).first(), m_pages);
        });
        pages->add_option("--pages", m_chosen, said(Tr::tr("Which, like 1-3,7 (all if not said)")));
        pages->add_option("--dpi", m_pages.dpi, said(Tr::tr("Pixels an inch")))
            ->check(within(20, 1200))
            ->capture_default_str();
        pages->add_option(
            "--password-file", m_password,
            said(Tr::tr("The file with the password of a locked PDF, - for standard input (default: asked for)")));
        addForce(pages, said(Tr::tr("Replace files that are there already")));
        pages->add_option("--out", m_out, said(Tr::tr("The folder to write to; made if it is not there")))->required();
        pages->add_option("file", m_files, said(Tr::tr("A PDF")))->required()->expected(1);
    }

    void addCheck() {
        CLI::App* check = add("check", said(Tr::tr("Search finished pictures for what must not leave")),
                              [this] { return runCheck(qt(m_files), findSettings()); });
        addFindOptions(check);
        addFiles(check);
    }

    void addVerify() {
        CLI::App* verify = add("verify", said(Tr::tr("Say whether released files are still what was released")),
                               [this] { return runVerify(qt(m_files), verifySettings()); });
        verify->add_option("--key", m_key,
                           said(Tr::tr("The public key they must be signed by, or a file of it (if not said: whoever "
                                       "signed is told)")));
        verify->add_option("--sums", m_sums, said(Tr::tr("A file of checksums that was handed on by another way")));
        verify->add_option("files", m_files, said(Tr::tr("Files, folders or archives of a release")))->required();
        add("signing-key", said(Tr::tr("Print the public key of those who must verify your releases")),
            [] { return runSigningKey(); });
    }
    void addLists() {
        add("policies", said(Tr::tr("List the policies that are known by name, and where they come from")),
            [] { return runPolicies(); });
        add("kinds", said(Tr::tr("List the kinds of what is looked for")), [] { return runKinds(); });
    }
    VerifySettings verifySettings() const { return {qt(m_key), qt(m_sums)}; }

    CLI::App m_app{said(Tr::tr("Eyelid finds and covers what is personal or confidential on pictures of screens."))};
    std::map<CLI::App*, std::function<int()>> m_commands;
    // As they were given; one command's options are another's no more.
    std::vector<std::string> m_files, m_covers;
    std::string m_lang = "eng", m_policy = "everything", m_watch, m_area, m_readFormat = "text", m_format = "text";
    std::string m_style, m_colour, m_out, m_key, m_monitor, m_window, m_region, m_chosen, m_password, m_sums;
    bool m_sanitised = false, m_noFind = false, m_force = false;
    WaysCommandLine m_ways;
    CaseCommandLine m_case;
    RedactSettings m_redact;
    FramingOptions m_framing;
    ReleaseOptions m_release;
    TakeSettings m_take;
    JoinSettings m_join;
    PagesSettings m_pages;
};

} // namespace

int runCommandLine(int argc, char** argv) {
    return CommandLine().run(argc, argv);
}

} // namespace eyelid
