// Covers: what hides a place. Their geometry comes from what was found; their looks never from what they hide.
#pragma once

#include "editing/cover_shape.h"
#include "finding/finding.h"
#include "finding/policy.h"

#include <QImage>
#include <QRect>
#include <vector>

namespace eyelid {

/// As it is drawn.
struct Cover {
    QRegion region; ///< device pixels
    CoverLook look;
    QString text;          ///< written on stand-ins and labels
    double textHeight = 0; ///< of a small x of it, device pixels; 0: as fits the cover
    bool marked = false;   ///< bears the small mark that says that its text was made up

    QRect bounds() const { return region.boundingRect(); }
    bool operator==(const Cover&) const = default;
};

/// All that covers hide together.
QRegion hiddenBy(const std::vector<Cover>& covers);

/// A cover somebody drew. What it hides is not known until the page is read: see valuesUnder().
struct HandCover {
    int id = 0; ///< unique within the case, among findings as well
    CoverShape shape;
    CoverLook look;
    QString note; ///< the officer's own words; kept in the case, never in a log
    QString by;   ///< the officer who drew it; as the note

    bool operator==(const HandCover&) const = default;
};

/// What stands for covers that are not drawn yet.
QRgb solidColour();

/// Rectangles that take in whole glyphs with their antialiased fringe: each box of the finding grown by a margin that
/// follows the text's height, outwards to whole pixels, clipped to `picture`. With `evenWidth` each is widened to a
/// multiple of that many pixels, so that its width does not tell the value's (Bland et al., PETS 2023).
std::vector<QRect> coverRects(const Finding& finding, const QSize& picture, int evenWidth = 0);

/// What a cover drawn by hand takes in. A rectangle is widened as those of findings are.
QRegion handRegion(const HandCover& cover, const QSize& picture, int evenWidth = 0);

/// Draws the capture with its covers.
///
/// The rule of no influence (docs/architecture.md): the result is a function of the pixels outside all covers and of
/// the covers' geometry, style and strength. No pixel under any cover is read, so captures that differ only there give
/// the same picture. Blurs and mosaics of real text can be reversed (Hill et al., PETS 2016); these hold none.
QImage render(const QImage& capture, const std::vector<Cover>& covers);

} // namespace eyelid
