// Files of marks: whatever is taken in can be drawn, written and read back.
#include "editing/edits.h"
#include "editing/edits_json.h"

#include <cstdint>
#include <cstdlib>

using namespace eyelid;

extern "C" int LLVMFuzzerTestOneInput(const uint8_t* data, size_t size) {
    const auto marks =
        marksFromJson(QByteArray(reinterpret_cast<const char*>(data), qsizetype(size)), QStringLiteral("fuzz"));
    if (!marks) {
        if (marks.error().sentence.isEmpty()) std::abort();
        return 0;
    }
    const auto again = marksFromJson(marksToJson(*marks), QStringLiteral("fuzz"));
    if (!again || again->size() != marks->size()) std::abort();
    Decided decided;
    decided.marks = *marks;
    QImage picture(64, 48, QImage::Format_RGB32);
    picture.fill(Qt::white);
    if (render(picture, editsOf(decided, picture.size())).size() != picture.size()) std::abort();
    return 0;
}
