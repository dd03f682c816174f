// The colours of a picture that has few.
#pragma once

#include <optional>
#include <QByteArray>
#include <QImage>
#include <QRgb>
#include <vector>

namespace eyelid {

inline constexpr int mostPaletteColours = 256;

struct Palette {
    std::vector<QRgb> colours; ///< in ascending order
    QByteArray indices;        ///< one a pixel, row by row without gaps
};

/// Nothing where the picture (RGB32) has more than 256 colours.
std::optional<Palette> paletteOf(const QImage& picture);

} // namespace eyelid
