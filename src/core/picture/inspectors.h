// One inspector a format, for container.cpp alone. Each is given bytes that begin as its format does.
#pragma once

#include "base/sentence.h"
#include "picture/container.h"

#include <cstddef>
#include <optional>
#include <QtEndian>

namespace eyelid {

/// `strict`: within the picture's data as well (container.h).
Container inspectPng(const QByteArray& bytes, bool strict);
Container inspectJpeg(const QByteArray& bytes, bool strict);
Container inspectGif(const QByteArray& bytes, bool strict);
Container inspectBmp(const QByteArray& bytes, bool strict);
Container inspectWebP(const QByteArray& bytes, bool strict);
Container inspectTiff(const QByteArray& bytes, bool strict);

/// The bytes a zlib stream (RFC 1950) takes up and those it unfolds to; it is read no further than one more than
/// `most`. Nothing where it is damaged or ends early.
struct Unfolded {
    qsizetype taken = 0;
    qint64 size = 0;
};
std::optional<Unfolded> unfold(const QByteArray& stream, qint64 most);

/// Codes of variable length as GIF (lowest bit first) and TIFF (highest bit first, code lengths grown one early) pack
/// them.
struct LzwForm {
    int firstBits = 8;    ///< of a literal
    bool highest = false; ///< the highest bit comes first, and code lengths grow one code early
};
/// As unfold(), for LZW.
std::optional<Unfolded> unfoldLzw(const QByteArray& stream, const LzwForm& form, qint64 most);

/// Numbers in a file, nought where it has ended.
inline quint32 at32(const QByteArray& b, qsizetype at, bool big) {
    if (at < 0 || at + 4 > b.size()) return 0;
    return big ? qFromBigEndian<quint32>(b.constData() + at) : qFromLittleEndian<quint32>(b.constData() + at);
}
inline quint16 at16(const QByteArray& b, qsizetype at, bool big) {
    if (at < 0 || at + 2 > b.size()) return 0;
    return big ? qFromBigEndian<quint16>(b.constData() + at) : qFromLittleEndian<quint16>(b.constData() + at);
}

inline const QString pixelless = Tr::tr("data that belongs to no pixel");

} // namespace eyelid
