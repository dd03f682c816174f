// Pictures as they lie in a case file: width, height, then red, green and blue of every pixel, compressed without loss
// by Zstandard (RFC 8878). Of screens that is less than half of a PNG in a tenth of the time (docs/case-format.md).
#pragma once

#include <optional>
#include <QByteArray>
#include <QImage>

namespace eyelid {

QByteArray packed(const QByteArray& bytes);
/// Nothing where it was not packed so, or would be larger than `most` bytes.
std::optional<QByteArray> unpacked(const QByteArray& bytes, qint64 most);

/// Takes RGB32; what stands in a pixel's fourth byte is lost.
QByteArray packedPicture(const QImage& picture);
/// RGB32; null where it is none.
QImage unpackedPicture(const QByteArray& bytes);

} // namespace eyelid
