// Where a picture file ends by its own format, and what it carries besides the picture.
//
// Two uses: a file that ends before its format says so is truncated and refused; a file that goes on after it, or that
// carries more than the picture, must not leave the house. Sources: PNG (ISO/IEC 15948, W3C), JPEG (ITU-T T.81),
// GIF89a, BMP, WebP container (RIFF).
#pragma once

#include <optional>
#include <QByteArray>
#include <QString>
#include <QStringList>

namespace eyelid {

enum class PictureFormat { Png, Jpeg, Gif, Bmp, WebP, Tiff, Unknown };

struct Container {
    PictureFormat format = PictureFormat::Unknown;
    bool complete = true;      ///< false: the file ends before the picture does
    qsizetype end = 0;         ///< byte offset of the end the format states; the file's size where it states none
    QStringList besides;       ///< what is in the file besides the picture, as words ("text chunk tEXt", "EXIF")
    bool transparency = false; ///< PNG: colour type with alpha, or a tRNS chunk
};

/// Never fails: unknown bytes give PictureFormat::Unknown.
Container inspectContainer(const QByteArray& bytes);

QString formatName(PictureFormat format);

} // namespace eyelid
