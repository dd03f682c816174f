// Signatures of redaction logs, as files of the open minisign format: Ed25519 (RFC 8032) over the BLAKE2b-512 (RFC
// 7693) of the log, so that others can verify them with tools of their own. The log names every file with its SHA-256;
// what signs the log signs them all.
//
//   untrusted comment: …                     nothing goes by it
//   base64("ED", id of the key (8), signature (64))
//   trusted comment: …                       signed with the signature
//   base64(signature of signature and trusted comment (64))
#pragma once

#include "base/result.h"

#include <array>
#include <optional>
#include <QByteArray>
#include <QString>

namespace eyelid {

/// What an office's signatures are verified with.
struct PublicKey {
    std::array<unsigned char, 8> id{};
    std::array<unsigned char, 32> key{};
    bool operator==(const PublicKey&) const = default;
};

/// What they are made with. Not to be copied more often than it must.
struct SigningKey {
    std::array<unsigned char, 8> id{};
    std::array<unsigned char, 64> secret{};
    PublicKey publicKey() const;
};

/// A new one, from random bytes.
SigningKey newSigningKey();

/// Where this user's is kept.
QString signingKeyFile();

/// The office's key from a file of mode 0600; made where there is none and `mayMake`. Errors: Missing; BadInput for a
/// file that is no such key, or that others can read; NotWritable.
Result<SigningKey> signingKeyFrom(const QString& file, bool mayMake);

/// The public key file: two lines, the second of which is the key.
QByteArray publicKeyFile(const PublicKey& key);
/// From such a file's bytes, or the second line alone. Errors: BadInput.
Result<PublicKey> publicKeyFrom(const QByteArray& text);
/// The key's id as minisign shows it: 16 hexadecimal digits.
QString idOf(const std::array<unsigned char, 8>& id);

/// The signature file of a log, and of a line of text that is signed with it. The same give the same bytes.
QByteArray signatureOf(const QByteArray& log, const QByteArray& comment, const SigningKey& key);
/// Its name beside the log: "redaction-log.json.minisig".
QString signatureName(const QString& log);

enum class SignatureStanding {
    Good,      ///< by this key
    OtherKey,  ///< by a key that was not given: nothing can be said
    Forged,    ///< it claims to be by this key, or is said to be of this log, and is not
    Malformed, ///< no signature file
};
struct SignatureFinding {
    SignatureStanding standing = SignatureStanding::Malformed;
    QString keyId;      ///< it claims to be by
    QByteArray comment; ///< signed with it: to be trusted where it is good
};
SignatureFinding verifySignature(const QByteArray& log, const QByteArray& signatureFile, const PublicKey& key);

} // namespace eyelid
