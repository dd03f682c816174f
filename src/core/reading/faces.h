// Faces on a picture: photographs and portrait avatars, not drawings of a few lines.
#pragma once

#include <QImage>
#include <QRectF>
#include <vector>

namespace eyelid {

/// The whole head, roughly, of each face that looks at the viewer, from top to bottom; device pixels. By a cascade of
/// boosted features (Viola and Jones, CVPR 2001; Lienhart and Maydt, ICIP 2002), only where the picture is a
/// photograph: there neighbouring pixels differ a little nearly everywhere, while on the rest of a screen they are
/// equal or differ much. Faces smaller than 20 pixels are not found.
std::vector<QRectF> findFaces(const QImage& picture);

} // namespace eyelid
