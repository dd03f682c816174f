#include "picture/encoders.h"
#include "picture/format_writers.h"

#include <webp/encode.h>

namespace eyelid {

QByteArray writeWebP(const QImage& picture, int quality) {
    // As RGB32 and ARGB32 lie in memory: blue first, the fourth byte of no meaning or the alpha.
    WebPPicture input;
    WebPConfig config;
    if (!WebPPictureInit(&input) || !WebPConfigInit(&config)) return {};
    if (quality == Encoding::lossless) {
        config.lossless = 1;
        config.exact = 1;
        config.quality = 60; // of effort, not of the picture
    } else {
        config.quality = float(quality);
        config.use_sharp_yuv = 1; // thin coloured letters
    }
    input.use_argb = 1;
    input.width = picture.width();
    input.height = picture.height();
    WebPMemoryWriter writer;
    WebPMemoryWriterInit(&writer);
    input.writer = WebPMemoryWrite;
    input.custom_ptr = &writer;
    const auto import = picture.hasAlphaChannel() ? WebPPictureImportBGRA : WebPPictureImportBGRX;
    const bool written =
        import(&input, picture.constBits(), int(picture.bytesPerLine())) && WebPEncode(&config, &input);
    QByteArray out;
    if (written) out = QByteArray(reinterpret_cast<const char*>(writer.mem), qsizetype(writer.size));
    WebPPictureFree(&input);
    WebPMemoryWriterClear(&writer);
    return out;
}

} // namespace eyelid
