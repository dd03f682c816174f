// How many are open, covered and kept, said in the plural forms of the user's language: "1 open", "3 covered".
#pragma once

#include "base/sentence.h"

namespace eyelid {

inline QString saidOpen(int n) {
    return Tr::tr("%n open", nullptr, n);
}
inline QString saidCovered(int n) {
    return Tr::tr("%n covered", nullptr, n);
}
inline QString saidKept(int n) {
    return Tr::tr("%n kept", nullptr, n);
}
inline QString saidSettled(int n) {
    return Tr::tr("%n settled", nullptr, n);
}

/// "3 open, 2 covered, 1 kept".
inline QString saidCounts(int open, int covered, int kept) {
    return sentence(Tr::tr("%1, %2, %3"), saidOpen(open), saidCovered(covered), saidKept(kept));
}

} // namespace eyelid
