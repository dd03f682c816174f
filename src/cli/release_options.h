// How a release is made, as options of the command line.
#pragma once

#include "base/result.h"
#include "cli/options.h"
#include "releasing/release.h"
#include "releasing/release_form.h"
#include "releasing/signature.h"

#include <optional>

namespace eyelid {

struct ReleaseSettings {
    ReleaseForm form;
    Clash clash = Clash::Refuse;
};

class ReleaseOptions {
public:
    void addTo(CLI::App* command);
    /// Errors: BadInput for what is no format, size or name.
    Result<ReleaseSettings> settings() const;

private:
    std::string m_format, m_mostBytes, m_names;
    int m_quality = -1;
    bool m_zip = false, m_mail = false, m_report = false, m_words = false, m_summary = false, m_force = false,
         m_keepBoth = false;
};

/// The key that signs this user's releases; made on first use. None where it cannot be kept: said on standard error.
std::optional<SigningKey> ownSigningKey();
} // namespace eyelid
