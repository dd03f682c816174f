#include "picture/format_writers.h"
#include "picture/palette.h"

#include <gif_lib.h>
#include <memory>
#include <vector>

namespace eyelid {
namespace {

int append(GifFileType* gif, const GifByteType* bytes, int size) {
    static_cast<QByteArray*>(gif->UserData)->append(reinterpret_cast<const char*>(bytes), size);
    return size;
}

// The 256 colours that are nearest to a picture of more (median cut, Heckbert 1982, as giflib has it).
std::optional<Palette> reduced(const QImage& picture) {
    const size_t pixels = size_t(picture.width()) * size_t(picture.height());
    std::vector<GifByteType> red(pixels), green(pixels), blue(pixels);
    for (int y = 0; y < picture.height(); ++y) {
        const auto* line = reinterpret_cast<const QRgb*>(picture.constScanLine(y));
        const size_t row = size_t(y) * size_t(picture.width());
        for (size_t x = 0; x < size_t(picture.width()); ++x) {
            red[row + x] = GifByteType(qRed(line[x]));
            green[row + x] = GifByteType(qGreen(line[x]));
            blue[row + x] = GifByteType(qBlue(line[x]));
        }
    }
    Palette palette;
    palette.indices.resize(qsizetype(pixels));
    std::vector<GifColorType> colours(mostPaletteColours);
    int count = mostPaletteColours;
    if (GifQuantizeBuffer(unsigned(picture.width()), unsigned(picture.height()), &count, red.data(), green.data(),
                          blue.data(), reinterpret_cast<GifByteType*>(palette.indices.data()),
                          colours.data()) == GIF_ERROR)
        return std::nullopt;
    for (int i = 0; i < count; ++i)
        palette.colours.push_back(qRgb(colours[size_t(i)].Red, colours[size_t(i)].Green, colours[size_t(i)].Blue));
    return palette;
}

struct FreeMap {
    void operator()(ColorMapObject* map) const { GifFreeMapObject(map); }
};
using ColourMap = std::unique_ptr<ColorMapObject, FreeMap>;

ColourMap mapOf(const Palette& palette) {
    int size = 2; // a power of two
    while (size < int(palette.colours.size())) size *= 2;
    ColourMap map(GifMakeMapObject(size, nullptr));
    for (size_t i = 0; map && i < palette.colours.size(); ++i)
        map->Colors[i] = {GifByteType(qRed(palette.colours[i])), GifByteType(qGreen(palette.colours[i])),
                          GifByteType(qBlue(palette.colours[i]))};
    return map;
}

bool put(GifFileType* gif, const QSize& size, const ColorMapObject* map, Palette& palette) {
    if (EGifPutScreenDesc(gif, size.width(), size.height(), 8, 0, map) == GIF_ERROR ||
        EGifPutImageDesc(gif, 0, 0, size.width(), size.height(), false, nullptr) == GIF_ERROR)
        return false;
    auto* indices = reinterpret_cast<GifByteType*>(palette.indices.data());
    for (int y = 0; y < size.height(); ++y)
        if (EGifPutLine(gif, indices + size_t(y) * size_t(size.width()), size.width()) == GIF_ERROR) return false;
    return true;
}

} // namespace

QByteArray writeGif(const QImage& picture, int) {
    auto palette = paletteOf(picture);
    if (!palette) palette = reduced(picture);
    const ColourMap map = palette ? mapOf(*palette) : nullptr;
    QByteArray out;
    int error = 0;
    GifFileType* gif = map ? EGifOpen(&out, append, &error) : nullptr;
    if (!gif) return {};
    const bool written = put(gif, picture.size(), map.get(), *palette);
    return EGifCloseFile(gif, &error) == GIF_OK && written ? out : QByteArray();
}

} // namespace eyelid
