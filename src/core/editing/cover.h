// Covers: what hides a place. Their geometry comes from what was found; their looks never from what they hide.
#pragma once

#include "finding/finding.h"
#include "finding/policy.h"

#include <QImage>
#include <QRect>
#include <vector>

namespace eyelid {

struct Cover {
    QRect rect; ///< device pixels
    CoverStyle style = CoverStyle::Solid;
    double strength = 0.5; ///< of mosaic and blur, 0 (fine) to 1 (coarse); no influence on how well it hides

    bool operator==(const Cover&) const = default;
};

/// The colour of solid covers.
QRgb solidColour();

/// Rectangles that take in whole glyphs with their antialiased fringe: each box of the finding grown by a margin that
/// follows the text's height, outwards to whole pixels, clipped to `picture`. With `evenWidth` each is widened to a
/// multiple of that many pixels, so that its width does not tell the value's (Bland et al., PETS 2023).
std::vector<QRect> coverRects(const Finding& finding, const QSize& picture, int evenWidth = 0);

/// Draws the capture with its covers.
///
/// The rule of no influence (docs/architecture.md): the result is a function of the pixels outside all covers and of
/// the covers' geometry, style and strength. No pixel under any cover is read, so captures that differ only there give
/// the same picture. Blurs and mosaics of real text can be reversed (Hill et al., PETS 2016); these hold none.
QImage render(const QImage& capture, const std::vector<Cover>& covers);

} // namespace eyelid
