// One writer a format, for encoders.cpp alone. Each is given an opaque RGB32 picture within the format's limits, those
// of PNG and of WebP without loss an ARGB32 one as well, and gives an empty result where there is too little memory.
#pragma once

#include <QByteArray>
#include <QImage>

namespace eyelid {

QByteArray writePng(const QImage& picture, int quality);
/// As it comes quickest: for pictures that are kept, not released.
QByteArray writePlainPng(const QImage& picture);
QByteArray writeJpeg(const QImage& picture, int quality);
QByteArray writeWebP(const QImage& picture, int quality);
QByteArray writeGif(const QImage& picture, int quality);
QByteArray writeTiff(const QImage& picture, int quality);

} // namespace eyelid
