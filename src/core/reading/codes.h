// Machine-readable codes on a picture: QR and Micro QR, Data Matrix, Aztec, PDF417 and the common barcodes (by ZXing).
#pragma once

#include "reading/page.h"

#include <QImage>

namespace eyelid {

/// From top to bottom, then from left to right. Pictures too large to search whole are searched in overlapping parts.
std::vector<Code> findCodes(const QImage& picture);

} // namespace eyelid
