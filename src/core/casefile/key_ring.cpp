#include "casefile/key_ring.h"

#include "base/key_ring.h"
#include "base/sentence.h"

#include <sodium.h>

namespace eyelid {
namespace {

const RingEntry keyOfCases{QByteArrayLiteral("eyelid.case-key"), QStringLiteral("cases")};

} // namespace

Result<CaseKey> keyFromKeyRing(bool mayMake) {
    auto held = secretInRing(keyOfCases);
    if (!held && (held.error().kind != Error::Kind::Missing || !mayMake)) return held.error();
    if (!held) {
        const CaseKey key = CaseKey::random();
        QByteArray hex = QByteArray(reinterpret_cast<const char*>(key.data()), CaseKey::length).toHex();
        auto kept = keepInRing(keyOfCases, Tr::tr("Eyelid: key of your cases"), hex);
        sodium_memzero(hex.data(), size_t(hex.size()));
        return kept ? Result<CaseKey>(key) : Result<CaseKey>(kept.error());
    }
    QByteArray bytes = QByteArray::fromHex(*held);
    sodium_memzero(held->data(), size_t(held->size()));
    if (bytes.size() != CaseKey::length)
        return Error{Error::Kind::Missing, Tr::tr("There is no key in the desktop's key ring.")};
    const CaseKey key = CaseKey::of(bytes);
    sodium_memzero(bytes.data(), size_t(bytes.size()));
    return key;
}

} // namespace eyelid
