#include "picture/format_writers.h"

#include <algorithm>
#include <cstring>
#include <memory>
#include <tiffio.h>
#include <vector>

namespace eyelid {
namespace {

// A file in memory, for libtiff.
struct Memory {
    QByteArray bytes;
    qint64 at = 0;
};

tmsize_t readBytes(thandle_t handle, void* to, tmsize_t size) {
    auto& memory = *static_cast<Memory*>(handle);
    const qint64 there = std::clamp<qint64>(memory.bytes.size() - memory.at, 0, size);
    std::memcpy(to, memory.bytes.constData() + memory.at, size_t(there));
    memory.at += there;
    return there;
}

tmsize_t writeBytes(thandle_t handle, void* from, tmsize_t size) {
    auto& memory = *static_cast<Memory*>(handle);
    if (memory.at + size > memory.bytes.size()) memory.bytes.resize(memory.at + size, '\0');
    std::memcpy(memory.bytes.data() + memory.at, from, size_t(size));
    memory.at += size;
    return size;
}

toff_t seek(thandle_t handle, toff_t to, int whence) {
    auto& memory = *static_cast<Memory*>(handle);
    const qint64 base = whence == SEEK_CUR ? memory.at : whence == SEEK_END ? memory.bytes.size() : 0;
    memory.at = base + qint64(to);
    return toff_t(memory.at);
}

int closeNothing(thandle_t) {
    return 0;
}

toff_t sizeOf(thandle_t handle) {
    return toff_t(static_cast<Memory*>(handle)->bytes.size());
}

struct Close {
    void operator()(TIFF* tiff) const { TIFFClose(tiff); }
};

void describe(TIFF* tiff, const QImage& picture) {
    TIFFSetField(tiff, TIFFTAG_IMAGEWIDTH, uint32_t(picture.width()));
    TIFFSetField(tiff, TIFFTAG_IMAGELENGTH, uint32_t(picture.height()));
    TIFFSetField(tiff, TIFFTAG_BITSPERSAMPLE, 8);
    TIFFSetField(tiff, TIFFTAG_SAMPLESPERPIXEL, 3);
    TIFFSetField(tiff, TIFFTAG_PLANARCONFIG, PLANARCONFIG_CONTIG);
    TIFFSetField(tiff, TIFFTAG_PHOTOMETRIC, PHOTOMETRIC_RGB);
    TIFFSetField(tiff, TIFFTAG_COMPRESSION, COMPRESSION_LZW);
    TIFFSetField(tiff, TIFFTAG_PREDICTOR, PREDICTOR_HORIZONTAL);
    TIFFSetField(tiff, TIFFTAG_ROWSPERSTRIP, TIFFDefaultStripSize(tiff, 0));
}

} // namespace

QByteArray writeTiff(const QImage& picture, int) {
    Memory memory;
    std::unique_ptr<TIFF, Close> tiff(
        TIFFClientOpen("picture", "wl", &memory, readBytes, writeBytes, seek, closeNothing, sizeOf, nullptr, nullptr));
    if (!tiff) return {};
    describe(tiff.get(), picture);
    std::vector<uchar> row(size_t(picture.width()) * 3);
    for (int y = 0; y < picture.height(); ++y) {
        const auto* from = reinterpret_cast<const QRgb*>(picture.constScanLine(y));
        for (size_t x = 0; x < size_t(picture.width()); ++x) {
            row[3 * x] = uchar(qRed(from[x]));
            row[3 * x + 1] = uchar(qGreen(from[x]));
            row[3 * x + 2] = uchar(qBlue(from[x]));
        }
        if (TIFFWriteScanline(tiff.get(), row.data(), uint32_t(y), 0) < 0) return {};
    }
    if (!TIFFFlush(tiff.get())) return {};
    tiff.reset();
    return std::move(memory.bytes);
}

} // namespace eyelid
