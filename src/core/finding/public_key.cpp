#include "finding/public_key.h"

namespace eyelid {

bool isPublicKey(const QString& line, const Span& part) {
    static const Pattern sort(R"((?:^|\s)(?:ssh-(?:rsa|dss|ed25519)|ecdsa-sha2-\S+|sk-\S+@openssh\.com) $)");
    // With its sort, which its first letters tell as well (RFC 4648 of the sort's name behind its length).
    static const Pattern whole(
        R"(AAAA(?:B3NzaC1yc2E|C3NzaC1lZDI1NTE5|E2VjZHNhLXNoYTI)\S*|(?:ssh-(?:rsa|dss|ed25519)|ecdsa-sha2-\S+|sk-\S+@openssh\.com)(?: AAAA\S*)?)");
    return sort.found(SearchText(line.left(part.start))) || whole.matchesWhole(line.mid(part.start, part.length));
}

} // namespace eyelid
