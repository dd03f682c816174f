// Whatever bytes as a mail: it is refused with a sentence, or its attachments have names.
#include "releasing/mail_draft.h"

#include <cstdint>
#include <cstdlib>

using namespace eyelid;

extern "C" int LLVMFuzzerTestOneInput(const uint8_t* data, size_t size) {
    const auto files = filesOfMail(QByteArray(reinterpret_cast<const char*>(data), qsizetype(size)));
    if (!files) {
        if (files.error().sentence.isEmpty()) std::abort();
        return 0;
    }
    for (const Artifact& file : *files)
        if (file.fileName.isEmpty()) std::abort();
    return 0;
}
