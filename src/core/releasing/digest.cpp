#include "releasing/digest.h"

#include "picture/picture_file.h"

#include <QCryptographicHash>
#include <QDir>
#include <QFile>
#include <QFileInfo>
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

QByteArray userKey(const QString& keyFile) {
    QFile file(keyFile);
    if (file.open(QIODevice::ReadOnly)) {
        const QByteArray key = file.read(64);
        if (key.size() == 32) return key;
        return {};
    }
    const QByteArray key = newSecret();
    if (!QDir().mkpath(QFileInfo(keyFile).absolutePath())) return {};
    if (!writeFileWhole(keyFile, key, false)) return {};
    QFile::setPermissions(keyFile, QFileDevice::ReadOwner | QFileDevice::WriteOwner);
    return key;
}

} // namespace

QByteArray newSecret() {
    if (sodium_init() < 0) qFatal("libsodium cannot be used");
    QByteArray secret(32, 0);
    randombytes_buf(secret.data(), size_t(secret.size()));
    return secret;
}

QByteArray secretForNames(const QString& keyFile, const QStringList& names) {
    if (sodium_init() < 0) qFatal("libsodium cannot be used");
    const QByteArray key = userKey(keyFile);
    if (key.isEmpty()) return newSecret();
    return keyed(key, names.join(QLatin1Char('\n')).toUtf8(), 32);
}

QString identityDigest(const QByteArray& secret, int identity) {
    return QString::fromLatin1(keyed(secret, "identity " + QByteArray::number(identity), 16).toHex());
}

QString sha256(const QByteArray& bytes) {
    return QString::fromLatin1(QCryptographicHash::hash(bytes, QCryptographicHash::Sha256).toHex());
}

} // namespace eyelid
