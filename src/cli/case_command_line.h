// The options of `eyelid-cli case …`.
#pragma once

#include "cli/case_commands.h"
#include "cli/options.h"
#include "cli/release_options.h"

namespace eyelid {

/// What the commands are given stands in here until the one that was asked for is run.
class CaseCommandLine {
public:
    void addTo(CLI::App& app, CommandTable& commands);

private:
    CLI::App* add(const char* name, const QString& what, std::function<int()> act);
    CLI::App* addOnFile(const char* name, const QString& what, std::function<int()> act);
    CLI::App* addOnFolder(const char* name, const QString& what, std::function<int()> act);
    void addKeys(CLI::App* command);
    void addOfficer(CLI::App* command);
    CaseKeySettings keys() const { return {qt(m_key), qt(m_passphrase)}; }
    QString folder() const { return m_file.empty() ? QStringLiteral(".") : qt(m_file); }

    void addMaking();
    void addLooking();
    void addDecide();
    void addRelease();
    void addTakingOut();
    void addLocks();
    void addGoing();

    CLI::App* m_cases = nullptr;
    CommandTable* m_commands = nullptr;
    std::vector<std::string> m_pictures;
    std::string m_file, m_other, m_out, m_key, m_passphrase, m_otherKey, m_otherPassphrase, m_policy = "everything",
                                                                                            m_format = "text";
    std::string m_kind, m_officer, m_words, m_until, m_reason, m_name;
    ReleaseOptions m_release;
    bool m_keep = false, m_reopen = false, m_cover = false, m_destroy = false;
    CaseDecision m_decision;
};

} // namespace eyelid
