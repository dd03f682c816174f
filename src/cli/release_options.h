// How a release is made, as options of the command line.
#pragma once

#include "base/result.h"
#include "cli/options.h"
#include "releasing/destinations/handing_over.h"
#include "releasing/release.h"
#include "releasing/release_form.h"
#include "releasing/signature.h"

#include <optional>

namespace eyelid {

struct ReleaseSettings {
    ReleaseForm form;
    Clash clash = Clash::Refuse;
    QString way;     ///< it was asked for by; empty: none
    Destinations to; ///< the folder, and what a way names besides
    Ways known;
};

class ReleaseOptions {
public:
    void addTo(CLI::App* command);
    /// Errors: BadInput for what is no format, size or name.
    Result<ReleaseSettings> settings() const;

private:
    Result<ReleaseSettings> byWay() const;

    std::string m_format, m_mostBytes, m_names, m_way;
    int m_quality = -1, m_perSheet = 1;
    bool m_zip = false, m_mail = false, m_report = false, m_words = false, m_summary = false, m_force = false,
         m_keepBoth = false;
};

/// The key that signs this user's releases; made on first use. None where it cannot be kept: said on standard error.
std::optional<SigningKey> ownSigningKey();

/// Hands over what stands in a folder already to whatever else a way names; what went where is said, and what did not.
/// Returns the exit status, and the handing over done for a register.
int handOn(const Release& release, const ReleaseSettings& settings, const QString& name, std::vector<Handed>& handed);

} // namespace eyelid
