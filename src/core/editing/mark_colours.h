// The colours marks and framing offer by name: the window's own, but for the signal colour, which says "open" and
// nothing else.
#pragma once

#include <QRgb>

namespace eyelid::markColours {

inline constexpr QRgb aubergine = 0xff5a2f52, pine = 0xff2e6b57, brick = 0xffa63a32, ink = 0xff2c2530,
                      paper = 0xfffffdf9, oat = 0xfff6f2ea, sun = 0xffffe27a;

} // namespace eyelid::markColours
