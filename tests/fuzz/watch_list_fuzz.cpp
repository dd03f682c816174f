// Watch lists: whatever is taken in can find something.
#include "finding/watch_list.h"

#include <cstdint>
#include <cstdlib>

using namespace eyelid;

extern "C" int LLVMFuzzerTestOneInput(const uint8_t* data, size_t size) {
    const auto list =
        WatchList::parse(QByteArray(reinterpret_cast<const char*>(data), qsizetype(size)), QStringLiteral("fuzz"));
    if (!list) {
        if (list.error().sentence.isEmpty()) std::abort();
        return 0;
    }
    for (const QString& word : list->words())
        if (std::none_of(word.begin(), word.end(), [](QChar c) { return c.isLetterOrNumber(); })) std::abort();
    return 0;
}
