// The key of a case, and how it is locked away: by a passphrase, by a key file, by the desktop's key ring, for
// somebody's public key. Several
// locks can stand in one file; each opens it alone. docs/case-format.md tells the bytes.
//
// Keys lie in memory of their own that is locked and wiped (sodium_malloc); argon2id is RFC 9106, XChaCha20-Poly1305
// draft-irtf-cfrg-xchacha, sealed boxes are libsodium's crypto_box_seal.
#pragma once

#include "base/result.h"

#include <memory>
#include <QByteArray>
#include <vector>

namespace eyelid {

/// 32 secret bytes. Copies share them.
class CaseKey {
public:
    static constexpr qsizetype length = 32;

    static CaseKey random();
    /// `bytes` must be `length` long; they are not wiped.
    static CaseKey of(const QByteArray& bytes);
    /// A key for one purpose, made from this one (BLAKE2b, keyed).
    CaseKey derived(const char* purpose) const;

    const unsigned char* data() const { return m_bytes.get(); }

private:
    CaseKey();
    std::shared_ptr<unsigned char> m_bytes;
};

/// One lock of a case file: its key, wrapped.
struct KeyLock {
    enum class How { Passphrase = 1, KeyFile = 2, PublicKey = 3, KeyRing = 4 };
    How how = How::KeyFile;
    QByteArray salt;                ///< of the passphrase
    quint64 rounds = 0, memory = 0; ///< of Argon2id: passes, bytes
    QByteArray nonce, box;          ///< the wrapped key; for PublicKey a sealed box alone
};

/// What somebody has to open a case with; all that is there is tried.
struct Opener {
    QByteArray passphrase;            ///< UTF-8
    std::vector<CaseKey> keys;        ///< of key files and of the key ring
    QByteArray publicKey, privateKey; ///< of sealed boxes (X25519)
    QString ringTrouble;              ///< why the key ring gave no key though there is one; empty: it is not locked
};

/// What Argon2id costs: `strong` takes half a second or more and 256 MB, `quick` is for tests alone.
enum class PassphraseCost { Strong, Quick };

/// Errors: NotReadable where there is less memory than that.
Result<KeyLock> lockByPassphrase(const CaseKey& key, const QByteArray& caseId, const QByteArray& passphrase,
                                 PassphraseCost cost = PassphraseCost::Strong);
/// `how`: KeyFile or KeyRing.
KeyLock lockByKey(const CaseKey& key, const QByteArray& caseId, const CaseKey& with, KeyLock::How how);
KeyLock lockForPublicKey(const CaseKey& key, const QByteArray& publicKey);

/// Errors: BadInput where nothing opens any of the locks; it does not say what was wrong. NotReadable where a
/// passphrase could not be tried for want of memory.
Result<CaseKey> opened(const std::vector<KeyLock>& locks, const QByteArray& caseId, const Opener& opener);

/// The user's own key file: 32 bytes in hexadecimal, mode 0600, made where it is missing. Errors: one that is no key
/// file or that others may read; NotWritable.
Result<CaseKey> keyFromFile(const QString& path, bool mayMake);

} // namespace eyelid
