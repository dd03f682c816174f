#include "casefile/own_sign.h"

#include "base/files.h"
#include "base/sentence.h"
#include "releasing/digest.h"

#include <QFile>
#include <sodium.h>

namespace eyelid {
namespace {

constexpr unsigned char signBoundTo[] = "eyelid signature 1";

QString fileIn(const QString& folder) {
    return joinedPath(folder, QStringLiteral("signature"));
}

Result<QByteArray> keyIn(const QString& folder) {
    if (sodium_init() < 0) return Error{Error::Kind::NotWritable, Tr::tr("This computer has no random numbers.")};
    if (auto made = makeFolder(folder); !made) return made.error();
    return userKey(joinedPath(folder, QStringLiteral("signature-key")));
}

} // namespace

Result<Done> keepSign(const QString& folder, const QByteArray& png) {
    auto key = keyIn(folder);
    if (!key) return key.error();
    QByteArray sealed(crypto_aead_xchacha20poly1305_ietf_NPUBBYTES, '\0');
    randombytes_buf(sealed.data(), size_t(sealed.size()));
    QByteArray cipher(png.size() + qsizetype(crypto_aead_xchacha20poly1305_ietf_ABYTES), '\0');
    unsigned long long length = 0;
    crypto_aead_xchacha20poly1305_ietf_encrypt(reinterpret_cast<unsigned char*>(cipher.data()), &length,
                                               reinterpret_cast<const unsigned char*>(png.constData()),
                                               size_t(png.size()), signBoundTo, sizeof signBoundTo, nullptr,
                                               reinterpret_cast<const unsigned char*>(sealed.constData()),
                                               reinterpret_cast<const unsigned char*>(key->constData()));
    FileSet files;
    if (auto staged = files.stage(fileIn(folder), sealed + cipher.left(qsizetype(length))); !staged)
        return staged.error();
    return files.commit(true);
}

Result<QByteArray> keptSign(const QString& folder) {
    if (!fileExists(fileIn(folder))) return QByteArray();
    auto key = keyIn(folder);
    auto bytes = readFile(fileIn(folder));
    if (!key) return key.error();
    if (!bytes) return bytes.error();
    const qsizetype nonce = crypto_aead_xchacha20poly1305_ietf_NPUBBYTES;
    const qsizetype least = nonce + qsizetype(crypto_aead_xchacha20poly1305_ietf_ABYTES);
    QByteArray png(std::max<qsizetype>(1, bytes->size() - least), '\0');
    unsigned long long length = 0;
    const bool opened =
        bytes->size() >= least &&
        crypto_aead_xchacha20poly1305_ietf_decrypt(reinterpret_cast<unsigned char*>(png.data()), &length, nullptr,
                                                   reinterpret_cast<const unsigned char*>(bytes->constData()) + nonce,
                                                   size_t(bytes->size() - nonce), signBoundTo, sizeof signBoundTo,
                                                   reinterpret_cast<const unsigned char*>(bytes->constData()),
                                                   reinterpret_cast<const unsigned char*>(key->constData())) == 0;
    if (!opened) return Error{Error::Kind::BadInput, Tr::tr("The kept signature is damaged; draw or choose it anew.")};
    return png.left(qsizetype(length));
}

Result<Done> forgetSign(const QString& folder) {
    if (fileExists(fileIn(folder)) && !QFile::remove(fileIn(folder)))
        return Error{Error::Kind::NotWritable, Tr::tr("The kept signature could not be taken away.")};
    return Done{};
}

} // namespace eyelid
