#include "cli/case_command_line.h"

namespace eyelid {

void CaseCommandLine::addTo(CLI::App& app, CommandTable& commands) {
    m_commands = &commands;
    m_cases = app.add_subcommand("case", said(Tr::tr("Work on cases that are kept on disk")));
    m_cases->require_subcommand(1);
    addMaking();
    addLooking();
    addDecide();
    addRelease();
    addTakingOut();
    addLocks();
    addGoing();
}

CLI::App* CaseCommandLine::add(const char* name, const QString& what, std::function<int()> act) {
    CLI::App* command = m_cases->add_subcommand(name, said(what));
    m_commands->emplace(command, std::move(act));
    return command;
}

CLI::App* CaseCommandLine::addOnFile(const char* name, const QString& what, std::function<int()> act) {
    CLI::App* command = add(name, what, std::move(act));
    command->add_option("file", m_file, said(Tr::tr("The case file, NAME.eyelid")))->required();
    addKeys(command);
    return command;
}

CLI::App* CaseCommandLine::addOnFolder(const char* name, const QString& what, std::function<int()> act) {
    CLI::App* command = add(name, what, std::move(act));
    command->add_option("folder", m_file, said(Tr::tr("The folder (this one if not said)")));
    addKeys(command);
    return command;
}

void CaseCommandLine::addKeys(CLI::App* command) {
    command->add_option("--key-file", m_key, said(Tr::tr("A key file (default: this user's own keys)")));
    command->add_option("--passphrase-file", m_passphrase,
                        said(Tr::tr("A file whose first line is the passphrase, - for standard input")));
}

void CaseCommandLine::addOfficer(CLI::App* command) {
    command->add_option("--officer", m_officer,
                        said(Tr::tr("Whose decisions these are (default: the account's name)")));
}

void CaseCommandLine::addMaking() {
    addOnFile("new", Tr::tr("Make a case without captures"),
              [this] { return runCaseNew(qt(m_file), keys(), qt(m_policy)); })
        ->add_option("--policy", m_policy, said(Tr::tr("A shipped policy or a TOML file")))
        ->capture_default_str();
    addOnFile("add", Tr::tr("Add pictures, read them and find what is sensitive"),
              [this] { return runCaseAdd(qt(m_file), keys(), qt(m_pictures)); })
        ->add_option("files", m_pictures, said(Tr::tr("Pictures: PNG, JPEG, WebP, BMP, TIFF or GIF")))
        ->required();
    addOnFile("take-in", Tr::tr("Add the captures of another case, with all that was decided about them"),
              [this] { return runCaseTakeIn(qt(m_file), keys(), qt(m_other)); })
        ->add_option("--from", m_other, said(Tr::tr("The other case file")))
        ->required();
    addOnFile("rename", Tr::tr("Give a case another name"),
              [this] { return runCaseRename(qt(m_file), keys(), qt(m_name)); })
        ->add_option("--name", m_name, said(Tr::tr("The name")))
        ->required();
}

void CaseCommandLine::addLooking() {
    addOnFolder("list", Tr::tr("List the cases of a folder"), [this] { return runCaseList(folder(), keys()); });
    addOnFolder("search", Tr::tr("Tell which cases of a folder have a text on their captures"),
                [this] { return runCaseSearch(folder(), keys(), qt(m_words)); })
        ->add_option("--words", m_words, said(Tr::tr("The text, in capitals or not")))
        ->required();
    addOnFile("register", Tr::tr("Print what of it has been released, when, by whom and where to, as a table (CSV)"),
              [this] { return runCaseRegister(qt(m_file), keys()); });
    addOnFile("show", Tr::tr("Print captures, findings and decisions"),
              [this] { return runCaseShow(qt(m_file), keys(), m_format == "json"); })
        ->add_option("--format", m_format, said(Tr::tr("text or json")))
        ->check(CLI::IsMember({"text", "json"}))
        ->capture_default_str();
    addOnFile("verify", Tr::tr("Tell whether a case file is what was written"),
              [this] { return runCaseVerify(qt(m_file), keys()); });
}

void CaseCommandLine::addDecide() {
    CLI::App* decide = addOnFile("decide", Tr::tr("Decide about findings that are open"), [this] {
        m_decision.kind = qt(m_kind);
        m_decision.officer = qt(m_officer);
        m_decision.decision = m_keep ? Decision::Keep : m_reopen ? Decision::Open : Decision::Cover;
        return runCaseDecide(qt(m_file), keys(), m_decision);
    });
    auto* what = decide->add_option_group("decision", said(Tr::tr("What is decided")));
    what->add_flag("--cover", m_cover, said(Tr::tr("Cover them")));
    what->add_flag("--keep", m_keep, said(Tr::tr("Keep them")));
    what->add_flag("--open", m_reopen, said(Tr::tr("Open those again that are decided")));
    what->require_option(1);
    decide->add_option("--kind", m_kind, said(Tr::tr("Of this kind alone: person, email, phone …")));
    decide->add_option("--from", m_decision.from, said(Tr::tr("Of this confidence or more, 0 to 1")))
        ->check(within(0, 1));
    addOfficer(decide);
    addOfficer(addOnFile("agree", Tr::tr("Agree, as a second officer, to all that is decided as it stands"),
                         [this] { return runCaseAgree(qt(m_file), keys(), qt(m_officer)); }));
}

void CaseCommandLine::addRelease() {
    CLI::App* release = addOnFile(
        "release", Tr::tr("Check all pictures and write them with their log, if nothing stands in the way"), [this] {
            const auto settings = m_release.settings();
            return settings ? runCaseRelease(qt(m_file), keys(), qt(m_out), *settings) : fail(settings.error());
        });
    release->add_option("--out", m_out, said(Tr::tr("The folder to write to; made if it is not there")))->required();
    m_release.addTo(release);
}

void CaseCommandLine::addTakingOut() {
    addOnFile("take-out", Tr::tr("Write the case into a folder, unprotected"),
              [this] { return runCaseTakeOut(qt(m_file), keys(), qt(m_out)); })
        ->add_option("--out", m_out, said(Tr::tr("The folder to write to; made if it is not there")))
        ->required();
    CLI::App* in = add("bring-in", Tr::tr("Make a case of a folder that was taken out"),
                       [this] { return runCaseBringIn(qt(m_out), keys(), qt(m_file)); });
    in->add_option("folder", m_out, said(Tr::tr("The folder")))->required();
    in->add_option("--to", m_file, said(Tr::tr("The case file to make, NAME.eyelid")))->required();
    addKeys(in);
}

void CaseCommandLine::addLocks() {
    CLI::App* lock = addOnFile("lock", Tr::tr("Lock a case by another key file or passphrase instead"), [this] {
        return runCaseLock(qt(m_file), keys(), {qt(m_otherKey), qt(m_otherPassphrase)});
    });
    lock->add_option("--new-key-file", m_otherKey, said(Tr::tr("A key file; made if it is not there")));
    lock->add_option("--new-passphrase-file", m_otherPassphrase,
                     said(Tr::tr("A file whose first line is the new passphrase")));
    addOnFile("seal", Tr::tr("Let a colleague open the case with their own key as well"),
              [this] { return runCaseSeal(qt(m_file), keys(), qt(m_other)); })
        ->add_option("--for", m_other, said(Tr::tr("The colleague's public key: a file")))
        ->required();
    addOfficer(add("key", Tr::tr("Print your public key, for colleagues to seal cases with"),
                   [this] { return runCaseKey(qt(m_officer)); }));
}

void CaseCommandLine::addGoing() {
    CLI::App* putOff = addOnFile("put-off", Tr::tr("Keep a case until another day than its policy says"),
                                 [this] { return runCasePutOff(qt(m_file), keys(), qt(m_until), qt(m_reason)); });
    putOff->add_option("--until", m_until, said(Tr::tr("The day, YYYY-MM-DD")))->required();
    putOff->add_option("--reason", m_reason, said(Tr::tr("Why; it stays in the case")))->required();
    addOnFolder("due", Tr::tr("List the cases of a folder whose day has come"), [this] {
        return runCaseDue(folder(), keys(), m_destroy);
    })->add_flag("--destroy", m_destroy, said(Tr::tr("And destroy them")));
    addOnFile("throw-away", Tr::tr("Mark a case to be destroyed in a week"),
              [this] { return runCaseThrowAway(qt(m_file), keys(), true); });
    addOnFile("bring-back", Tr::tr("Take that back"), [this] { return runCaseThrowAway(qt(m_file), keys(), false); });
    add("destroy", Tr::tr("Destroy a case for good, with all its captures"),
        [this] { return runCaseDestroy(qt(m_file)); })
        ->add_option("file", m_file, said(Tr::tr("The case file, NAME.eyelid")))
        ->required();
}

} // namespace eyelid
