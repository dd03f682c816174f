#include "releasing/signature.h"

#include "base/files.h"
#include "base/sentence.h"

#include <algorithm>
#include <QFileInfo>
#include <QStandardPaths>
#include <sodium.h>

namespace eyelid {
namespace {

// The algorithm's name in a signature (hashed first, "ED") and in a key.
constexpr char hashedSignature[] = "ED", keyAlgorithm[] = "Ed";
constexpr qsizetype idSize = 8, signatureSize = crypto_sign_BYTES, publicSize = crypto_sign_PUBLICKEYBYTES;
const QByteArray trusted = "trusted comment: ";

QByteArray hashOf(const QByteArray& bytes) {
    QByteArray hash(64, 0);
    crypto_generichash(reinterpret_cast<unsigned char*>(hash.data()), size_t(hash.size()),
                       reinterpret_cast<const unsigned char*>(bytes.constData()), size_t(bytes.size()), nullptr, 0);
    return hash;
}

QByteArray signedBy(const SigningKey& key, const QByteArray& message) {
    QByteArray signature(signatureSize, 0);
    crypto_sign_detached(reinterpret_cast<unsigned char*>(signature.data()), nullptr,
                         reinterpret_cast<const unsigned char*>(message.constData()), size_t(message.size()),
                         key.secret.data());
    return signature;
}

bool isSignedBy(const PublicKey& key, const QByteArray& signature, const QByteArray& message) {
    return signature.size() == signatureSize &&
           crypto_sign_verify_detached(reinterpret_cast<const unsigned char*>(signature.constData()),
                                       reinterpret_cast<const unsigned char*>(message.constData()),
                                       size_t(message.size()), key.key.data()) == 0;
}

QByteArray bytesOf(const std::array<unsigned char, 8>& id) {
    return {reinterpret_cast<const char*>(id.data()), idSize};
}

void start() {
    if (sodium_init() < 0) qFatal("libsodium cannot be used");
}

} // namespace

PublicKey SigningKey::publicKey() const {
    PublicKey key{id, {}};
    crypto_sign_ed25519_sk_to_pk(key.key.data(), secret.data());
    return key;
}

SigningKey newSigningKey() {
    start();
    SigningKey key;
    std::array<unsigned char, crypto_sign_PUBLICKEYBYTES> open;
    crypto_sign_keypair(open.data(), key.secret.data());
    randombytes_buf(key.id.data(), key.id.size());
    return key;
}

QString signingKeyFile() {
    return QStandardPaths::writableLocation(QStandardPaths::GenericDataLocation) +
           QStringLiteral("/eyelid/signing-key");
}

Result<SigningKey> signingKeyFrom(const QString& file, bool mayMake) {
    start();
    constexpr qsizetype length = idSize + qsizetype(crypto_sign_SECRETKEYBYTES);
    auto bytes = readFile(file, 1 << 12);
    if (!bytes && bytes.error().kind == Error::Kind::Missing && mayMake) {
        const SigningKey made = newSigningKey();
        if (const qsizetype slash = file.lastIndexOf(u'/'); slash > 0)
            if (auto folder = makeFolder(file.left(slash)); !folder) return folder.error();
        const QByteArray text =
            (bytesOf(made.id) + QByteArray(reinterpret_cast<const char*>(made.secret.data()), made.secret.size()))
                .toHex() +
            '\n';
        auto written = writeFileWhole(file, text, false, FileMode::Private);
        // Another may have been quicker.
        if (!written && written.error().kind != Error::Kind::Exists) return written.error();
        bytes = readFile(file, 1 << 12);
    }
    if (!bytes) return bytes.error();
    const QByteArray raw = QByteArray::fromHex(bytes->trimmed());
    if (raw.size() != length || raw.toHex() != bytes->trimmed().toLower())
        return Error{Error::Kind::BadInput, sentence(Tr::tr("%1 is no key that signs releases."), file)};
    constexpr auto others = QFile::ReadGroup | QFile::ReadOther | QFile::WriteGroup | QFile::WriteOther;
    if (QFileInfo(file).permissions() & others)
        return Error{Error::Kind::BadInput,
                     sentence(Tr::tr("%1 can be read by others and signs nothing any more; make it yours alone "
                                     "(mode 0600), and think whether a new key is called for."),
                              file)};
    SigningKey key;
    std::copy_n(raw.constData(), idSize, key.id.begin());
    std::copy_n(raw.constData() + idSize, key.secret.size(), key.secret.begin());
    return key;
}

QString idOf(const std::array<unsigned char, 8>& id) {
    QByteArray bytes = bytesOf(id);
    std::reverse(bytes.begin(), bytes.end()); // a number, its lowest byte first in the file
    return QString::fromLatin1(bytes.toHex().toUpper());
}

QByteArray publicKeyFile(const PublicKey& key) {
    const QByteArray bytes = QByteArray(keyAlgorithm, 2) + bytesOf(key.id) +
                             QByteArray(reinterpret_cast<const char*>(key.key.data()), publicSize);
    return "untrusted comment: minisign public key " + idOf(key.id).toLatin1() + '\n' + bytes.toBase64() + '\n';
}

Result<PublicKey> publicKeyFrom(const QByteArray& text) {
    const QList<QByteArray> lines = text.trimmed().split('\n');
    const auto decoded =
        QByteArray::fromBase64Encoding(lines.back().trimmed(), QByteArray::AbortOnBase64DecodingErrors);
    if (!decoded || decoded.decoded.size() != 2 + idSize + publicSize || !decoded.decoded.startsWith(keyAlgorithm))
        return Error{Error::Kind::BadInput,
                     Tr::tr("This is no public key: it is one line of 56 letters and digits, or a file that ends with "
                            "it.")};
    PublicKey key;
    std::copy_n(decoded.decoded.constData() + 2, idSize, key.id.begin());
    std::copy_n(decoded.decoded.constData() + 2 + idSize, publicSize, key.key.begin());
    return key;
}

QByteArray signatureOf(const QByteArray& log, const QByteArray& comment, const SigningKey& key) {
    start();
    const QByteArray signature = signedBy(key, hashOf(log));
    return "untrusted comment: signature of a redaction log by key " + idOf(key.id).toLatin1() + '\n' +
           (QByteArray(hashedSignature, 2) + bytesOf(key.id) + signature).toBase64() + '\n' + trusted + comment + '\n' +
           signedBy(key, signature + comment).toBase64() + '\n';
}

QString signatureName(const QString& log) {
    return log + QStringLiteral(".minisig");
}

SignatureFinding verifySignature(const QByteArray& log, const QByteArray& signatureFile, const PublicKey& key) {
    start();
    const QList<QByteArray> lines = signatureFile.split('\n');
    if (lines.size() < 4 || !lines[2].startsWith(trusted)) return {};
    const auto first = QByteArray::fromBase64Encoding(lines[1].trimmed(), QByteArray::AbortOnBase64DecodingErrors);
    const auto second = QByteArray::fromBase64Encoding(lines[3].trimmed(), QByteArray::AbortOnBase64DecodingErrors);
    if (!first || !second || first.decoded.size() != 2 + idSize + signatureSize ||
        !first.decoded.startsWith(hashedSignature))
        return {};
    std::array<unsigned char, 8> id;
    std::copy_n(first.decoded.constData() + 2, idSize, id.begin());
    SignatureFinding found{SignatureStanding::OtherKey, idOf(id), {}};
    if (id != key.id) return found;
    const QByteArray signature = first.decoded.mid(2 + idSize);
    QByteArray comment = lines[2].mid(trusted.size());
    if (comment.endsWith('\r')) comment.chop(1);
    const bool good = isSignedBy(key, signature, hashOf(log)) && isSignedBy(key, second.decoded, signature + comment);
    found.comment = comment;
    found.standing = good ? SignatureStanding::Good : SignatureStanding::Forged;
    return found;
}

} // namespace eyelid
