// Whether released files are still what a release wrote: told from the log that lies beside them, without the case.
#pragma once

#include "base/result.h"
#include "releasing/signature.h"

#include <optional>
#include <QString>
#include <QStringList>
#include <vector>

namespace eyelid {

enum class FileStanding {
    Intact,
    Altered, ///< there, with other bytes
    Missing, ///< spoken of, and not there
    Added,   ///< there, and no release speaks of it
};

struct VerifiedFile {
    QString name; ///< without its folder
    FileStanding standing = FileStanding::Intact;
};

/// One release, by its log.
struct VerifiedRelease {
    QString place; ///< the folder, or the archive
    QString log;   ///< its name there; empty where none was found
    std::vector<VerifiedFile> files;
    bool isSigned = false;
    SignatureFinding signature; ///< where it is signed
    QString trouble;            ///< why nothing can be said of it; empty otherwise

    /// All are there and intact, none was added, and no signature is forged. Without a key, whose signature it is
    /// remains unsaid; with one, it is by that key.
    bool isIntact(bool byKnownKey) const;
};

struct VerifyRequest {
    QStringList paths;            ///< files, folders, archives
    std::optional<PublicKey> key; ///< whose signatures are asked for; none: whether there is one is told
    QByteArray checksums;         ///< lines of SHA-256 that were handed on by another way; may be empty
};

/// One entry a release that is met. Of a folder all files are looked at, of single files those alone, and the log they
/// are spoken of in. What is no release is told of in `trouble`.
std::vector<VerifiedRelease> verifyReleases(const VerifyRequest& request);

/// For people: "intact", "altered" …
QString standingTitle(FileStanding standing);
QString signatureTitle(const VerifiedRelease& release);

} // namespace eyelid
