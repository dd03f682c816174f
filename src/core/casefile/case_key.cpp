#include "casefile/case_key.h"

#include "base/files.h"
#include "base/sentence.h"

#include <cstring>
#include <sodium.h>
#include <sys/stat.h>

namespace eyelid {
namespace {

constexpr size_t nonceLength = crypto_aead_xchacha20poly1305_ietf_NPUBBYTES;
constexpr size_t tagLength = crypto_aead_xchacha20poly1305_ietf_ABYTES;

unsigned char* bytes(QByteArray& array) {
    return reinterpret_cast<unsigned char*>(array.data());
}
const unsigned char* bytes(const QByteArray& array) {
    return reinterpret_cast<const unsigned char*>(array.constData());
}

QByteArray randomBytes(size_t count) {
    QByteArray made(qsizetype(count), 0);
    randombytes_buf(made.data(), count);
    return made;
}

// A lock is good for this case and this way of opening alone.
QByteArray boundTo(const QByteArray& caseId, KeyLock::How how) {
    return "eyelid-lock-1" + caseId + char(how);
}

void wrap(KeyLock& lock, const CaseKey& key, const QByteArray& caseId, const unsigned char* with) {
    lock.nonce = randomBytes(nonceLength);
    lock.box = QByteArray(qsizetype(CaseKey::length + tagLength), 0);
    const QByteArray bound = boundTo(caseId, lock.how);
    crypto_aead_xchacha20poly1305_ietf_encrypt(bytes(lock.box), nullptr, key.data(), CaseKey::length, bytes(bound),
                                               size_t(bound.size()), nullptr, bytes(lock.nonce), with);
}

std::optional<CaseKey> unwrap(const KeyLock& lock, const QByteArray& caseId, const unsigned char* with) {
    if (lock.nonce.size() != qsizetype(nonceLength) || lock.box.size() != qsizetype(CaseKey::length + tagLength))
        return std::nullopt;
    QByteArray key(CaseKey::length, 0);
    const QByteArray bound = boundTo(caseId, lock.how);
    const int wrong = crypto_aead_xchacha20poly1305_ietf_decrypt(bytes(key), nullptr, nullptr, bytes(lock.box),
                                                                 size_t(lock.box.size()), bytes(bound),
                                                                 size_t(bound.size()), bytes(lock.nonce), with);
    std::optional<CaseKey> opened;
    if (wrong == 0) opened = CaseKey::of(key);
    sodium_memzero(key.data(), size_t(key.size()));
    return opened;
}

// A file may not make this machine work for hours or take all its memory.
constexpr quint64 mostRounds = 16, mostMemory = quint64(2) << 30;

Error doesNotOpen() {
    return {Error::Kind::BadInput, Tr::tr("This does not open the case.")};
}

// Errors: BadInput where the lock asks for what no lock does; NotReadable where this machine has no room for it.
Result<CaseKey> fromPassphrase(const QByteArray& passphrase, const KeyLock& lock) {
    if (lock.salt.size() != crypto_pwhash_SALTBYTES || lock.rounds < 1 || lock.rounds > mostRounds ||
        lock.memory < crypto_pwhash_MEMLIMIT_MIN || lock.memory > mostMemory)
        return doesNotOpen();
    QByteArray key(CaseKey::length, 0);
    const int failed = crypto_pwhash(bytes(key), CaseKey::length, passphrase.constData(), size_t(passphrase.size()),
                                     bytes(lock.salt), lock.rounds, size_t(lock.memory), crypto_pwhash_ALG_ARGON2ID13);
    if (failed != 0)
        return Error{Error::Kind::NotReadable,
                     sentence(Tr::tr("A passphrase needs %1 MB of memory for a moment, and there is less; close "
                                     "other programs and try again."),
                              lock.memory >> 20)};
    const CaseKey made = CaseKey::of(key);
    sodium_memzero(key.data(), size_t(key.size()));
    return made;
}

std::optional<CaseKey> unsealed(const KeyLock& lock, const Opener& opener) {
    if (opener.publicKey.size() != crypto_box_PUBLICKEYBYTES || opener.privateKey.size() != crypto_box_SECRETKEYBYTES ||
        lock.box.size() != qsizetype(CaseKey::length + crypto_box_SEALBYTES))
        return std::nullopt;
    QByteArray key(CaseKey::length, 0);
    const int wrong = crypto_box_seal_open(bytes(key), bytes(lock.box), size_t(lock.box.size()),
                                           bytes(opener.publicKey), bytes(opener.privateKey));
    std::optional<CaseKey> made;
    if (wrong == 0) made = CaseKey::of(key);
    sodium_memzero(key.data(), size_t(key.size()));
    return made;
}

} // namespace

CaseKey::CaseKey() {
    if (sodium_init() < 0) qFatal("libsodium cannot be used");
    m_bytes = std::shared_ptr<unsigned char>(static_cast<unsigned char*>(sodium_malloc(length)), sodium_free);
    if (!m_bytes) qFatal("no memory can be locked for keys");
}

CaseKey CaseKey::random() {
    CaseKey key;
    randombytes_buf(key.m_bytes.get(), length);
    return key;
}

CaseKey CaseKey::of(const QByteArray& bytes) {
    if (bytes.size() != length) qFatal("no key");
    CaseKey key;
    std::memcpy(key.m_bytes.get(), bytes.constData(), length);
    return key;
}

CaseKey CaseKey::derived(const char* purpose) const {
    CaseKey key;
    crypto_generichash(key.m_bytes.get(), length, reinterpret_cast<const unsigned char*>(purpose), std::strlen(purpose),
                       data(), length);
    return key;
}

Result<KeyLock> lockByPassphrase(const CaseKey& key, const QByteArray& caseId, const QByteArray& passphrase,
                                 PassphraseCost cost) {
    KeyLock lock{KeyLock::How::Passphrase, randomBytes(crypto_pwhash_SALTBYTES), 0, 0, {}, {}};
    const bool strong = cost == PassphraseCost::Strong;
    lock.rounds = strong ? crypto_pwhash_OPSLIMIT_MODERATE : crypto_pwhash_OPSLIMIT_MIN;
    lock.memory = strong ? crypto_pwhash_MEMLIMIT_MODERATE : crypto_pwhash_MEMLIMIT_MIN;
    const auto with = fromPassphrase(passphrase, lock);
    if (!with) return with.error();
    wrap(lock, key, caseId, with->data());
    return lock;
}

KeyLock lockByKey(const CaseKey& key, const QByteArray& caseId, const CaseKey& with, KeyLock::How how) {
    KeyLock lock{how, {}, 0, 0, {}, {}};
    wrap(lock, key, caseId, with.data());
    return lock;
}

KeyLock lockForPublicKey(const CaseKey& key, const QByteArray& publicKey) {
    KeyLock lock{KeyLock::How::PublicKey, {}, 0, 0, {}, QByteArray(CaseKey::length + crypto_box_SEALBYTES, 0)};
    crypto_box_seal(bytes(lock.box), key.data(), CaseKey::length, bytes(publicKey));
    return lock;
}

Result<CaseKey> opened(const std::vector<KeyLock>& locks, const QByteArray& caseId, const Opener& opener) {
    Error error = doesNotOpen();
    for (const KeyLock& lock : locks) {
        std::optional<CaseKey> key;
        if (lock.how == KeyLock::How::KeyFile || lock.how == KeyLock::How::KeyRing)
            for (const CaseKey& own : opener.keys)
                if (!key) key = unwrap(lock, caseId, own.data());
        if (lock.how == KeyLock::How::PublicKey) key = unsealed(lock, opener);
        if (lock.how == KeyLock::How::Passphrase && !opener.passphrase.isEmpty()) {
            const auto with = fromPassphrase(opener.passphrase, lock);
            if (with)
                key = unwrap(lock, caseId, with->data());
            else if (with.error().kind == Error::Kind::NotReadable)
                error = with.error(); // it may be the right one
        }
        if (key) return *key;
    }
    return error;
}

Result<CaseKey> keyFromFile(const QString& path, bool mayMake) {
    constexpr qint64 largest = 1024;
    auto text = readFile(path, largest);
    if (!text && text.error().kind == Error::Kind::Missing && mayMake) {
        if (const qsizetype slash = path.lastIndexOf(u'/'); slash > 0)
            if (auto made = makeFolder(path.left(slash)); !made) return made.error();
        const CaseKey key = CaseKey::random();
        const QByteArray hex = QByteArray(reinterpret_cast<const char*>(key.data()), CaseKey::length).toHex() + '\n';
        auto written = writeFileWhole(path, hex, false, FileMode::Private);
        // Another program may have been quicker.
        if (!written && written.error().kind != Error::Kind::Exists) return written.error();
        text = readFile(path, largest);
    }
    if (!text) return text.error();
    struct stat state {};
    constexpr mode_t others = S_IRWXG | S_IRWXO;
    if (stat(bytesOfPath(path).constData(), &state) == 0 && (state.st_mode & others) != 0)
        return Error{
            Error::Kind::BadInput,
            sentence(Tr::tr("%1 can be read by others; make it yours alone (chmod 600) before it is used."), path)};
    const QByteArray bytes = QByteArray::fromHex(text->trimmed());
    if (bytes.size() != CaseKey::length || text->trimmed().size() != 2 * CaseKey::length)
        return Error{Error::Kind::BadInput, sentence(Tr::tr("%1 is no key file."), path)};
    return CaseKey::of(bytes);
}

} // namespace eyelid
