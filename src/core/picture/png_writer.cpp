#include "picture/format_writers.h"
#include "picture/palette.h"

#include <csetjmp>
#include <png.h>
#include <vector>

namespace eyelid {
namespace {

constexpr int zlibLevel = 6; // zlib's level; 9 takes three times as long for a hundredth of the size

void appendBytes(png_structp png, png_bytep bytes, png_size_t size) {
    static_cast<QByteArray*>(png_get_io_ptr(png))->append(reinterpret_cast<const char*>(bytes), qsizetype(size));
}

void flushNothing(png_structp) {}

void putRow(const QImage& picture, int y, std::vector<png_byte>& row) {
    const auto* from = reinterpret_cast<const QRgb*>(picture.constScanLine(y));
    size_t at = 0;
    for (int x = 0; x < picture.width(); ++x) {
        row[at++] = png_byte(qRed(from[x]));
        row[at++] = png_byte(qGreen(from[x]));
        row[at++] = png_byte(qBlue(from[x]));
        if (picture.hasAlphaChannel()) row[at++] = png_byte(qAlpha(from[x]));
    }
}

void putPalette(png_structp png, png_infop info, const Palette& palette) {
    std::vector<png_color> colours;
    for (const QRgb c : palette.colours)
        colours.push_back({png_byte(qRed(c)), png_byte(qGreen(c)), png_byte(qBlue(c))});
    png_set_PLTE(png, info, colours.data(), int(colours.size()));
}

// With a palette where one is given. Empty where memory ends.
QByteArray writeWith(const QImage& picture, const Palette* palette, int filters) {
    QByteArray out;
    const bool transparent = picture.hasAlphaChannel();
    std::vector<png_byte> row(size_t(picture.width()) * (transparent ? 4 : 3));
    png_structp png = png_create_write_struct(PNG_LIBPNG_VER_STRING, nullptr, nullptr, nullptr);
    png_infop info = png ? png_create_info_struct(png) : nullptr;
    if (!info || setjmp(png_jmpbuf(png))) {
        png_destroy_write_struct(&png, &info);
        return {};
    }
    png_set_write_fn(png, &out, appendBytes, flushNothing);
    png_set_IHDR(png, info, png_uint_32(picture.width()), png_uint_32(picture.height()), 8,
                 palette ? PNG_COLOR_TYPE_PALETTE : (transparent ? PNG_COLOR_TYPE_RGB_ALPHA : PNG_COLOR_TYPE_RGB),
                 PNG_INTERLACE_NONE, PNG_COMPRESSION_TYPE_DEFAULT, PNG_FILTER_TYPE_DEFAULT);
    if (palette) putPalette(png, info, *palette);
    png_set_compression_level(png, zlibLevel);
    png_set_filter(png, 0, filters);
    png_write_info(png, info);
    for (int y = 0; y < picture.height(); ++y) {
        if (palette) {
            png_write_row(png, reinterpret_cast<png_const_bytep>(palette->indices.constData()) +
                                   size_t(y) * size_t(picture.width()));
        } else {
            putRow(picture, y, row);
            png_write_row(png, row.data());
        }
    }
    png_write_end(png, nullptr);
    png_destroy_write_struct(&png, &info);
    return out;
}

} // namespace

QByteArray writePlainPng(const QImage& picture) {
    return writeWith(picture, nullptr, PNG_FILTER_SUB | PNG_FILTER_UP);
}

// Screens are flat and are smallest unfiltered; photographs in them are smallest with the filters libpng chooses among.
QByteArray writePng(const QImage& picture, int) {
    const auto palette = picture.hasAlphaChannel() ? std::nullopt : paletteOf(picture);
    if (palette) return writeWith(picture, &*palette, PNG_FILTER_NONE);
    QByteArray smallest;
    for (const int filters : {PNG_FILTER_NONE, PNG_FILTER_SUB | PNG_FILTER_UP, PNG_ALL_FILTERS}) {
        QByteArray bytes = writeWith(picture, nullptr, filters);
        if (bytes.isEmpty()) return {};
        if (smallest.isEmpty() || bytes.size() < smallest.size()) smallest = std::move(bytes);
    }
    return smallest;
}

} // namespace eyelid
