// All that leaves in one release: what was checked, and what lies beside it.
#pragma once

#include "pipeline/case_work.h"
#include "releasing/names.h"
#include "releasing/release.h"
#include "releasing/release_form.h"
#include "releasing/signature.h"

#include <optional>
#include <vector>

namespace eyelid {

/// The log of a release.
QByteArray logOf(const std::vector<CheckedPicture>& pictures, const CaseState& state, const QByteArray& secret);

/// What a release is made from besides its pictures.
struct Assembling {
    const CaseState* state = nullptr;
    QByteArray secret;                  ///< of the case
    std::vector<Finding> coveredValues; ///< of the whole case
    ReleaseForm form;
    QString wholeName;             ///< of a document or an archive, without its ending
    std::optional<SigningKey> key; ///< none: the log is not signed
    int number = 0;                ///< behind every name (numbered()); 0: none
};

/// The names of all files such a release writes, without their folder.
QStringList fileNamesOf(const std::vector<CheckedPicture>& pictures, const Assembling& assembling);
/// Of what lies beside the pictures alone.
QStringList companionNamesOf(const Assembling& assembling);

/// The files in the order they are to be written, the log last; or the one archive of them. Pictures whose bytes are
/// somewhere else already (empty) are only told of. Every text that leaves is searched for values of the case. Errors:
/// BadInput where one is found; what documentAs() and zipOf() give.
Result<std::vector<Artifact>> assembled(std::vector<CheckedPicture> pictures, const Assembling& assembling,
                                        const CaseWork& work);

} // namespace eyelid
