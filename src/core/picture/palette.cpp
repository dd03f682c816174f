#include "picture/palette.h"

#include <algorithm>

namespace eyelid {
namespace {

// In ascending order; more than 256 of them where there are more.
std::vector<QRgb> coloursOf(const QImage& picture) {
    std::vector<QRgb> colours;
    QRgb last = 0;
    for (int y = 0; y < picture.height(); ++y) {
        const auto* line = reinterpret_cast<const QRgb*>(picture.constScanLine(y));
        for (int x = 0; x < picture.width(); ++x) {
            const QRgb colour = line[x] | 0xff000000;
            if (colour == last) continue;
            last = colour;
            const auto at = std::lower_bound(colours.begin(), colours.end(), colour);
            if (at != colours.end() && *at == colour) continue;
            colours.insert(at, colour);
            if (colours.size() > mostPaletteColours) return colours;
        }
    }
    return colours;
}

} // namespace

std::optional<Palette> paletteOf(const QImage& picture) {
    Palette palette{coloursOf(picture), {}};
    if (palette.colours.size() > mostPaletteColours) return std::nullopt;
    palette.indices.resize(qsizetype(picture.width()) * picture.height());
    char* index = palette.indices.data();
    QRgb last = 0;
    char lastIndex = 0;
    for (int y = 0; y < picture.height(); ++y) {
        const auto* line = reinterpret_cast<const QRgb*>(picture.constScanLine(y));
        for (int x = 0; x < picture.width(); ++x) {
            if (const QRgb colour = line[x] | 0xff000000; colour != last) {
                last = colour;
                lastIndex = char(std::lower_bound(palette.colours.begin(), palette.colours.end(), colour) -
                                 palette.colours.begin());
            }
            *index++ = lastIndex;
        }
    }
    return palette;
}

} // namespace eyelid
