// What a picture file is made of, taken apart to the last byte.
//
// Two uses: a file that ends before its format says so is truncated and refused; a file that goes on after it, or that
// carries more than the picture, must not leave the house. For each format there is a list of what may be in a file
// (one inspector a format, in files of their own); all else is told of. Sources: PNG (ISO/IEC 15948), JPEG (ITU-T T.81,
// T.871), GIF89a, the Windows bitmap headers, WebP (RFC 9649), TIFF 6.0.
#pragma once

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
    bool transparency = false; ///< what may be there that is not opaque
    int frames = 1;            ///< pages of a TIFF, frames of a GIF or WebP
    bool unreadFrames = false; ///< more of them than are ever read: a PNG's animation

    /// Tells of something once.
    void tell(const QString& what) {
        if (!besides.contains(what)) besides << what;
    }
};

/// By the first bytes alone.
PictureFormat formatOf(const QByteArray& bytes);

/// What is quickly told: the format, whether the file is whole, where it ends, how many frames it has, and what stands
/// beside the picture in its own place. Never fails: unknown bytes give PictureFormat::Unknown.
Container inspectContainer(const QByteArray& bytes);

/// The same, and within the picture's own data as well: rows beyond the height, data that belongs to no pixel, bytes
/// nothing points to. Takes about as long as decoding.
Container inspectStrictly(const QByteArray& bytes);

QString formatName(PictureFormat format);

} // namespace eyelid
