// Whatever bytes as an archive: it is refused, or its files lie within it, no larger in all than may be, and pack into
// an archive of the same files.
#include "releasing/archive.h"

#include <cstdint>
#include <cstdlib>

using namespace eyelid;

extern "C" int LLVMFuzzerTestOneInput(const uint8_t* data, size_t size) {
    constexpr qint64 mostBytes = 1 << 20;
    const auto files = filesOfZip(QByteArray(reinterpret_cast<const char*>(data), qsizetype(size)), mostBytes);
    if (!files) {
        if (files.error().sentence.isEmpty()) std::abort();
        return 0;
    }
    qint64 all = 0;
    for (const Artifact& file : *files) {
        all += file.bytes.size();
        const QStringList parts = file.fileName.split(u'/');
        if (file.fileName.isEmpty() || file.fileName.startsWith(u'/') || parts.contains(QStringLiteral("..")))
            std::abort();
    }
    if (all > mostBytes) std::abort();
    return 0;
}
