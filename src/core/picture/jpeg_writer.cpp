#include "picture/encoders.h"
#include "picture/format_writers.h"

#include <csetjmp>
#include <cstdio>
#include <cstdlib>
#include <jpeglib.h>
#include <vector>

namespace eyelid {
namespace {

struct WritingTrouble {
    jpeg_error_mgr manager;
    std::jmp_buf out;
};

[[noreturn]] void leave(j_common_ptr jpeg) {
    std::longjmp(reinterpret_cast<WritingTrouble*>(jpeg->err)->out, 1);
}

void sayNothing(j_common_ptr) {}

void configure(jpeg_compress_struct& jpeg, const QImage& picture, int quality) {
    jpeg.image_width = JDIMENSION(picture.width());
    jpeg.image_height = JDIMENSION(picture.height());
    jpeg.input_components = 4;
    jpeg.in_color_space = JCS_EXT_BGRX; // as RGB32 lies in memory
    jpeg_set_defaults(&jpeg);
    jpeg_set_quality(&jpeg, quality == Encoding::lossless ? Encoding::usualQuality : quality, TRUE);
    jpeg.dct_method = JDCT_ISLOW; // the same on every processor
    jpeg.optimize_coding = TRUE;
    for (int i = 0; i < jpeg.num_components; ++i)
        jpeg.comp_info[i].h_samp_factor = jpeg.comp_info[i].v_samp_factor = 1; // 4:4:4
}

} // namespace

QByteArray writeJpeg(const QImage& picture, int quality) {
    jpeg_compress_struct jpeg{};
    WritingTrouble trouble;
    jpeg.err = jpeg_std_error(&trouble.manager);
    trouble.manager.error_exit = leave;
    trouble.manager.output_message = sayNothing;
    unsigned char* bytes = nullptr;
    unsigned long size = 0;
    if (setjmp(trouble.out)) {
        jpeg_destroy_compress(&jpeg);
        std::free(bytes);
        return {};
    }
    jpeg_create_compress(&jpeg);
    jpeg_mem_dest(&jpeg, &bytes, &size);
    configure(jpeg, picture, quality);
    jpeg_start_compress(&jpeg, TRUE);
    while (jpeg.next_scanline < jpeg.image_height) {
        auto* line = const_cast<JSAMPROW>(picture.constScanLine(int(jpeg.next_scanline)));
        jpeg_write_scanlines(&jpeg, &line, 1);
    }
    jpeg_finish_compress(&jpeg);
    QByteArray out(reinterpret_cast<const char*>(bytes), qsizetype(size));
    jpeg_destroy_compress(&jpeg);
    std::free(bytes);
    return out;
}

} // namespace eyelid
