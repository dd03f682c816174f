#include "finding/public_key.h"

namespace eyelid {

bool isPublicKey(const QString& line, const Span& part) {
    static const Pattern sort(R"((?:^|\s)(?:ssh-(?:rsa|dss|ed25519)|ecdsa-sha2-\S+|sk-\S+@openssh\.com) $)");
    return sort.found(SearchText(line.left(part.start)));
}

} // namespace eyelid
