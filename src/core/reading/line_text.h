// From the letters read on a line to its words, each with its place.
#pragma once

#include "reading/line_reader.h"
#include "reading/page.h"
#include "reading/uniform_line.h"

#include <vector>

namespace eyelid {

/// The letters of a line as words. Spaces are put right by the ink between the letters; `numbers`: figures and what
/// stands between them are all that was read for. Boxes are on the picture the line was found on, device pixels.
TextLine lineOfText(const LinePatch& patch, const std::vector<ReadGlyph>& read, const UniformLine& uniform,
                    bool numbers = false);

} // namespace eyelid
