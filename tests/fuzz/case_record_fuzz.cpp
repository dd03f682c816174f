// Records of a case: what is read as a state or a change is written, and read again to the same.
#include "casefile/case_json.h"

#include <cstdint>
#include <cstdlib>

using namespace eyelid;

namespace {

template <typename Record>
void survivesWriting(const Result<Record>& record, QByteArray write(const Record&),
                     Result<Record> read(const QByteArray&)) {
    if (!record) {
        if (record.error().sentence.isEmpty()) std::abort();
        return;
    }
    const QByteArray written = write(*record);
    const auto again = read(written);
    if (!again || write(*again) != written) std::abort();
}

} // namespace

extern "C" int LLVMFuzzerTestOneInput(const uint8_t* data, size_t size) {
    const QByteArray json(reinterpret_cast<const char*>(data), qsizetype(size));
    survivesWriting(stateFromJson(json), stateToJson, stateFromJson);
    survivesWriting(changeFromJson(json), changeToJson, changeFromJson);
    survivesWriting(captureFromJson(json), captureToJson, captureFromJson);
    survivesWriting(readingsFromJson(json), readingsToJson, readingsFromJson);
    return 0;
}
