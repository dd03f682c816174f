// Faces on a picture: photographs and portrait avatars, not drawings of a few lines.
#pragma once

#include "reading/page.h"

#include <QImage>
#include <vector>

namespace eyelid {

/// The whole head, roughly, of each face on a photograph of 20 pixels and more, from top to bottom; device pixels. By a
/// cascade of boosted features (Viola and Jones, CVPR 2001; Lienhart and Maydt, ICIP 2002) and a small network
/// (face_net.h), only where the picture is a photograph (photographs.h). What was found once is found wherever the same
/// pixels stand, at other sizes too.
/// Of a small picture that may show a head, but not surely, its sureness tells; what stands beside it must decide.
/// `bare`: the lightness of the picture without its text (bare_picture.h); `picture`: RGB32, of the same size.
std::vector<Face> findFaces(const QImage& bare, const QImage& picture);

} // namespace eyelid
