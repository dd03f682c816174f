// Policies: what is read is written, and read again to the same.
#include "finding/policy.h"

#include <cstdint>
#include <cstdlib>

using namespace eyelid;

extern "C" int LLVMFuzzerTestOneInput(const uint8_t* data, size_t size) {
    const auto policy =
        parsePolicy(QByteArray(reinterpret_cast<const char*>(data), qsizetype(size)), QStringLiteral("fuzz"));
    if (!policy) {
        if (policy.error().sentence.isEmpty()) std::abort();
        return 0;
    }
    const QByteArray written = writePolicy(*policy);
    const auto again = parsePolicy(written, QStringLiteral("written"));
    if (!again || writePolicy(*again) != written) std::abort();
    return 0;
}
