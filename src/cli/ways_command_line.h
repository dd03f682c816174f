// ways, way, place: how releases are made and where they go, kept by name.
#pragma once

#include "cli/options.h"
#include "cli/release_options.h"

namespace eyelid {

class WaysCommandLine {
public:
    void addTo(CLI::App& app, CommandTable& commands);

private:
    int list() const;
    int keepWay() const;
    int keepPlace() const;
    int forget(bool place) const;

    ReleaseOptions m_release;
    std::string m_name, m_drop, m_run, m_folder;
    bool m_mailProgram = false, m_forget = false;
    std::string m_address, m_user, m_hostKey, m_keyFile, m_authority, m_link, m_password;
    int m_days = 0;
};

} // namespace eyelid
