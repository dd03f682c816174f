// Reading open picture formats within limits, and writing PNG with nothing in it but the picture.
//
// A picture in Eyelid is a QImage of format RGB32: opaque, in device pixels, device pixel ratio 1.
#pragma once

#include "base/files.h"
#include "base/result.h"

#include <memory>
#include <QByteArray>
#include <QImage>
#include <QString>
#include <QStringList>

namespace eyelid {

struct PictureLimits {
    int side = 32000;               ///< longest side, in pixels
    qint64 pixels = 300'000'000;    ///< area, in pixels; 4 bytes each when read
    qint64 fileBytes = largestFile; ///< size of the file
};

/// The frames of a GIF or WebP, the pages of a TIFF, the one picture of other files, in their order.
///
///   auto frames = PictureFrames::open(bytes, name);
///   for (int i = 0; i < frames->count(); ++i) { auto picture = frames->next(); ... }
class PictureFrames {
public:
    /// Takes PNG, JPEG, WebP, BMP, TIFF and GIF. The limits are checked before anything is decoded. `name` is used in
    /// error sentences.
    static Result<PictureFrames> open(const QByteArray& bytes, const QString& name, const PictureLimits& limits = {});
    PictureFrames(PictureFrames&&) noexcept;
    PictureFrames& operator=(PictureFrames&&) noexcept;
    ~PictureFrames();

    int count() const;
    /// RGB32; transparent parts are laid on white, an orientation tag is applied. Errors: damaged, beyond the limits.
    Result<QImage> next();
    /// The same with its transparency: ARGB32.
    Result<QImage> nextTransparent();

private:
    struct State;
    explicit PictureFrames(std::unique_ptr<State> state);
    std::unique_ptr<State> m_state;
};

/// The first frame.
Result<QImage> decodePicture(const QByteArray& bytes, const QString& name, const PictureLimits& limits = {});

/// readFile and decodePicture.
Result<QImage> readPicture(const QString& path, const PictureLimits& limits = {});

/// File endings that readPicture takes, without the dot.
QStringList readableEndings();

/// RGB32 with any transparency laid on white.
QImage flattened(QImage picture);
/// The same on another colour.
QImage laidOn(QRgb ground, QImage picture);

/// 8-bit RGB PNG (ISO/IEC 15948) holding the chunks IHDR, IDAT and IEND only. The same picture gives the same bytes.
QByteArray encodePng(const QImage& picture);

} // namespace eyelid
