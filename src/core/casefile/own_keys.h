// The keys of whoever sits here: what opens their cases without a question, and what new cases are locked by.
//
//   FOLDER/case-key      the key file, 64 hexadecimal digits, mode 0600
//   FOLDER/officer-key   the private key (X25519) that opens cases sealed for this officer, likewise
//
// Where the desktop has a key ring, it holds the key of new cases instead of the key file.
#pragma once

#include "casefile/case_file.h"

namespace eyelid {

/// An officer's public key, as it is handed to colleagues: one line of text, 64 hexadecimal digits and a name.
struct OfficerKey {
    QByteArray publicKey;
    QString name;
};
QByteArray officerKeyLine(const OfficerKey& key);
/// Errors: BadInput for what is no such line; what readFile() gives.
Result<OfficerKey> officerKeyFromFile(const QString& path);

class OwnKeys {
public:
    enum class Ring { Use, Leave };
    OwnKeys() = default; ///< none
    OwnKeys(QString folder, Ring ring) : m_folder(std::move(folder)), m_ring(ring) {}

    /// All that is here; may wait for the key ring to be unlocked. Errors: a key file that others can read, or is none.
    Result<Opener> opener() const;
    /// Makes the key where there is none yet. Errors: as opener(); NotWritable.
    Result<CaseLocks> locksForNewCase() const;
    /// Makes the private key where there is none yet. Errors: as opener(); NotWritable.
    Result<OfficerKey> officerKey(const QString& name) const;

private:
    QString keyFile() const;
    QString m_folder;
    Ring m_ring = Ring::Leave;
};

} // namespace eyelid
