#include "casefile/own_keys.h"

#include "base/files.h"
#include "base/sentence.h"
#include "casefile/key_ring.h"

#include <sodium.h>

namespace eyelid {
namespace {

QByteArray publicKeyOf(const CaseKey& privateKey) {
    QByteArray key(crypto_box_PUBLICKEYBYTES, 0);
    crypto_scalarmult_base(reinterpret_cast<unsigned char*>(key.data()), privateKey.data());
    return key;
}

} // namespace

QByteArray officerKeyLine(const OfficerKey& key) {
    return key.publicKey.toHex() + ' ' + key.name.simplified().toUtf8() + '\n';
}

Result<OfficerKey> officerKeyFromFile(const QString& path) {
    constexpr qint64 largest = 4096;
    const auto text = readFile(path, largest);
    if (!text) return text.error();
    constexpr qsizetype digits = 2 * crypto_box_PUBLICKEYBYTES;
    const QByteArray line = text->split('\n').front().trimmed(), hex = line.left(digits);
    OfficerKey key{QByteArray::fromHex(hex), QString::fromUtf8(line.mid(digits)).trimmed()};
    if (key.publicKey.toHex() != hex.toLower() || hex.size() != digits || key.name.isEmpty())
        return Error{Error::Kind::BadInput,
                     sentence(Tr::tr("%1 is no officer's key: one line, its digits and a name."), path)};
    return key;
}

QString OwnKeys::keyFile() const {
    return joinedPath(m_folder, QStringLiteral("case-key"));
}

Result<Opener> OwnKeys::opener() const {
    Opener opener;
    if (m_folder.isEmpty()) return opener;
    if (m_ring == Ring::Use) {
        const auto key = keyFromKeyRing(false);
        if (key)
            opener.keys.push_back(*key);
        else if (key.error().kind == Error::Kind::Locked)
            opener.ringTrouble = key.error().sentence;
    }
    if (const auto key = keyFromFile(keyFile(), false))
        opener.keys.push_back(*key);
    else if (key.error().kind != Error::Kind::Missing)
        return key.error();
    if (const auto own = keyFromFile(joinedPath(m_folder, QStringLiteral("officer-key")), false)) {
        opener.publicKey = publicKeyOf(*own);
        opener.privateKey = QByteArray(reinterpret_cast<const char*>(own->data()), CaseKey::length);
    } else if (own.error().kind != Error::Kind::Missing) {
        return own.error();
    }
    return opener;
}

Result<CaseLocks> OwnKeys::locksForNewCase() const {
    CaseLocks locks;
    if (m_ring == Ring::Use) {
        const auto key = keyFromKeyRing(true);
        if (key) {
            locks.keyRing = *key;
            return locks;
        }
        if (key.error().kind == Error::Kind::Locked)
            locks.remark = Tr::tr("The desktop's key ring is locked, so this user's key file locks the case instead.");
    }
    const auto key = keyFromFile(keyFile(), true);
    if (!key) return key.error();
    locks.keyFile = *key;
    return locks;
}

Result<OfficerKey> OwnKeys::officerKey(const QString& name) const {
    const auto own = keyFromFile(joinedPath(m_folder, QStringLiteral("officer-key")), true);
    if (!own) return own.error();
    return OfficerKey{publicKeyOf(*own), name};
}

} // namespace eyelid
