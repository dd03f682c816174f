// Reading open picture formats within limits, and writing PNG with nothing in it but the picture.
//
// A picture in Eyelid is a QImage of format RGB32: opaque, in device pixels, device pixel ratio 1.
#pragma once

#include "base/result.h"

#include <QByteArray>
#include <QImage>
#include <QString>
#include <QStringList>

namespace eyelid {

struct PictureLimits {
    int side = 32000;               ///< longest side, in pixels
    qint64 pixels = 300'000'000;    ///< area, in pixels; 4 bytes each when read
    qint64 fileBytes = 512'000'000; ///< size of the file
};

/// Reads a whole file, at most `maximum` bytes. Errors: missing, not a file, not readable, too large, empty.
Result<QByteArray> readFile(const QString& path, qint64 maximum = PictureLimits().fileBytes);

/// Decodes PNG, JPEG, WebP, BMP, TIFF or GIF (first frame) to RGB32; transparent parts are laid on white, an
/// orientation tag is applied. The limits are checked before anything is decoded. `name` is used in error sentences.
Result<QImage> decodePicture(const QByteArray& bytes, const QString& name, const PictureLimits& limits = {});

/// readFile and decodePicture.
Result<QImage> readPicture(const QString& path, const PictureLimits& limits = {});

/// File endings that readPicture takes, without the dot.
QStringList readableEndings();

/// RGB32 with any transparency laid on white.
QImage flattened(const QImage& picture);

/// 8-bit RGB PNG (ISO/IEC 15948) holding the chunks IHDR, IDAT and IEND only. The same picture gives the same bytes.
QByteArray encodePng(const QImage& picture);

/// Writes `bytes` to a temporary name in the same folder, then renames. An existing file is replaced only if
/// `overwrite`. On any failure the folder is as it was before.
Result<Done> writeFileWhole(const QString& path, const QByteArray& bytes, bool overwrite);

} // namespace eyelid
