// Patterns a user may write, on text: matches lie within it.
#include "finding/pattern.h"

#include <cstdint>
#include <cstdlib>

using namespace eyelid;

extern "C" int LLVMFuzzerTestOneInput(const uint8_t* data, size_t size) {
    const QByteArray bytes(reinterpret_cast<const char*>(data), qsizetype(size));
    const qsizetype end = bytes.indexOf('\n');
    if (end < 0) return -1;
    const auto pattern = Pattern::compile(QString::fromUtf8(bytes.left(end)));
    if (!pattern) return 0;
    const SearchText text(QString::fromUtf8(bytes.mid(end + 1)));
    for (const PatternMatch& m : pattern->all(text))
        if (m.groups[0].length <= 0 || m.groups[0].start < 0 || m.groups[0].end() > text.text().size()) std::abort();
    return 0;
}
