// The formats a sanitised picture is released in, each with nothing in the file but the picture: no name, no time, no
// profile, no comment. The same picture gives the same bytes; so a check can tell a lossy file from any other by
// encoding again what it must show.
//
// PNG (ISO/IEC 15948) with the smallest of several filters, and a palette where 256 colours are enough. JPEG (ITU-T
// T.81) with colour at full resolution (4:4:4), which thin coloured letters need. WebP (RFC 9649), lossless or lossy.
// GIF89a: more than 256 colours are reduced. TIFF 6.0, LZW.
#pragma once

#include "base/result.h"

#include <optional>
#include <QByteArray>
#include <QImage>
#include <QString>
#include <vector>

namespace eyelid {

enum class ReleaseFormat { Png, Jpeg, WebP, Gif, Tiff };

struct Encoding {
    static constexpr int lossless = 0;
    static constexpr int usualQuality = 90; ///< of 100: letters stay without visible ringing, files a third of 100's

    ReleaseFormat format = ReleaseFormat::Png;
    int quality = usualQuality; ///< 1 to 100, of JPEG and WebP; `lossless` for a lossless WebP, the usual for a JPEG
    bool operator==(const Encoding&) const = default;
};

/// Whether the file shows the picture to the pixel, whatever the picture.
bool isLossless(const Encoding& encoding);
/// Whether a quality can be chosen.
bool hasQuality(ReleaseFormat format);

/// All of them, in the order they are offered.
const std::vector<ReleaseFormat>& releaseFormats();
/// "png", "jpeg", …: what stands on a command line and in settings.
QString codeOf(ReleaseFormat format);
std::optional<ReleaseFormat> releaseFormatFromCode(const QString& code);
/// "PNG", "JPEG", …
QString titleOf(ReleaseFormat format);
/// Of a file's name, without the dot.
QString endingOf(ReleaseFormat format);

/// Errors: too little memory; a side longer than the format can hold.
Result<QByteArray> encodePicture(const QImage& picture, const Encoding& encoding);

/// Whether a file can leave part of the picture transparent, to the level: PNG, and WebP without loss.
bool canBeTransparent(const Encoding& encoding);
/// The same with its transparency, for an encoding that can be. `picture`: ARGB32.
Result<QByteArray> encodeTransparent(const QImage& picture, const Encoding& encoding);

/// What came of keeping to a size.
struct Fitted {
    QByteArray bytes;
    Encoding encoding;
};
/// The picture in at most so many bytes, as good as that allows: as it is wanted; else, by falling quality, as a lossy
/// WebP where a WebP is wanted, and as a JPEG otherwise. Errors: those of encodePicture(); BadInput where nothing is
/// small enough.
Result<Fitted> encodeWithin(const QImage& picture, const Encoding& wanted, qint64 mostBytes);

} // namespace eyelid
