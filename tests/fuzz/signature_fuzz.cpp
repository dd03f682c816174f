// Whatever bytes as a signature file or a public key: nothing counts as good but what the key has signed, and a key
// that is read is written as it was. The seed is the signature of the log below, by the key below.
#include "releasing/signature.h"

#include <cstdint>
#include <cstdlib>
#include <sodium.h>

using namespace eyelid;

namespace {

const QByteArray signedLog = "{\"release\": 1}", signedComment = "release 1";

SigningKey fixedKey() {
    constexpr unsigned char seed[crypto_sign_SEEDBYTES] = {7};
    SigningKey key;
    key.id.fill(7);
    unsigned char publicPart[crypto_sign_PUBLICKEYBYTES];
    if (crypto_sign_seed_keypair(publicPart, key.secret.data(), seed) != 0) std::abort();
    return key;
}

} // namespace

extern "C" int LLVMFuzzerTestOneInput(const uint8_t* data, size_t size) {
    static const SigningKey key = fixedKey();
    static const bool isSound =
        verifySignature(signedLog, signatureOf(signedLog, signedComment, key), key.publicKey()).standing ==
        SignatureStanding::Good;
    if (!isSound) std::abort();
    const QByteArray bytes(reinterpret_cast<const char*>(data), qsizetype(size));
    const SignatureFinding found = verifySignature(signedLog, bytes, key.publicKey());
    if (found.standing == SignatureStanding::Good && found.comment != signedComment) std::abort();
    if (verifySignature(signedLog + ' ', bytes, key.publicKey()).standing == SignatureStanding::Good) std::abort();
    if (const auto read = publicKeyFrom(bytes))
        if (const auto again = publicKeyFrom(publicKeyFile(*read)); !again || !(*again == *read)) std::abort();
    return 0;
}
