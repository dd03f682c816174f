// One decoder and inspector, whichever FORMAT names: whatever bytes come, they are taken apart and decoded or refused.
#include "picture/container.h"
#include "picture/picture_file.h"

#include <cstdint>
#include <cstdlib>

using namespace eyelid;

extern "C" int LLVMFuzzerInitialize(int*, char***) {
    qputenv("QT_LOGGING_RULES", "*=false");
    qInstallMessageHandler([](QtMsgType, const QMessageLogContext&, const QString&) {});
    return 0;
}

extern "C" int LLVMFuzzerTestOneInput(const uint8_t* data, size_t size) {
    const QByteArray bytes(reinterpret_cast<const char*>(data), qsizetype(size));
    if (formatOf(bytes) != PictureFormat::FORMAT) return -1;
    const Container quick = inspectContainer(bytes), strict = inspectStrictly(bytes);
    // The two look at the same things, the strict one at more.
    if (quick.complete != strict.complete || quick.end != strict.end || quick.frames != strict.frames) std::abort();
    if (quick.end < 0 || quick.end > bytes.size()) std::abort();
    for (const QString& what : quick.besides)
        if (!strict.besides.contains(what)) std::abort();
    auto frames = PictureFrames::open(bytes, QStringLiteral("fuzz"), {.side = 2000, .pixels = 1'000'000});
    if (!frames) return 0;
    for (int i = 0; i < std::min(frames->count(), 4); ++i) {
        auto picture = frames->next();
        if (!picture) return 0;
        if (picture->format() != QImage::Format_RGB32 || picture->isNull()) std::abort();
    }
    return 0;
}
