#include "releasing/digest.h"

#include "base/files.h"
#include "base/sentence.h"

#include <QCryptographicHash>
#include <sodium.h>

namespace eyelid {
namespace {

QByteArray keyed(const QByteArray& key, const QByteArray& message, qsizetype length) {
    QByteArray out(length, 0);
    crypto_generichash(reinterpret_cast<unsigned char*>(out.data()), size_t(length),
                       reinterpret_cast<const unsigned char*>(message.constData()), size_t(message.size()),
                       reinterpret_cast<const unsigned char*>(key.constData()), size_t(key.size()));
    return out;
}

} // namespace

QByteArray newSecret() {
    if (sodium_init() < 0) qFatal("libsodium cannot be used");
    QByteArray secret(32, 0);
    randombytes_buf(secret.data(), size_t(secret.size()));
    return secret;
}

Result<QByteArray> userKey(const QString& keyFile) {
    constexpr qsizetype length = 32;
    auto key = readFile(keyFile, 1 << 16);
    if (!key && key.error().kind == Error::Kind::Missing) {
        if (const qsizetype slash = keyFile.lastIndexOf(u'/'); slash > 0)
            if (auto made = makeFolder(keyFile.left(slash)); !made) return made.error();
        auto written = writeFileWhole(keyFile, newSecret(), false, FileMode::Private);
        // Another run may have been quicker.
        if (!written && written.error().kind != Error::Kind::Exists) return written.error();
        key = readFile(keyFile, 1 << 16);
    }
    if (!key) return key.error();
    if (key->size() != length)
        return Error{Error::Kind::BadInput,
                     sentence(Tr::tr("%1 is no key for digests: it holds %2 bytes and must hold %3."), keyFile,
                              key->size(), length)};
    return key;
}

QByteArray secretForRelease(const QByteArray& key, const QStringList& namesAndSums) {
    if (sodium_init() < 0) qFatal("libsodium cannot be used");
    return keyed(key, namesAndSums.join(QLatin1Char('\n')).toUtf8(), 32);
}

QString identityDigest(const QByteArray& secret, int identity) {
    return QString::fromLatin1(keyed(secret, "identity " + QByteArray::number(identity), 16).toHex());
}

QString sha256(const QByteArray& bytes) {
    return QString::fromLatin1(QCryptographicHash::hash(bytes, QCryptographicHash::Sha256).toHex());
}

} // namespace eyelid
