#include "casefile/packed_picture.h"

#include <new>
#include <zstd.h>

namespace eyelid {
namespace {

constexpr int level = 3; // measured: a higher one takes four times as long for a seventh less
constexpr int longestSide = 32767;
constexpr qint64 largestPicture = 3ll * 16384 * 16384 + 8;

void append(QByteArray& to, quint32 number) {
    for (int shift = 24; shift >= 0; shift -= 8) to += char((number >> shift) & 0xff);
}
int wholeAt(const QByteArray& from, qsizetype at) {
    quint32 number = 0;
    for (qsizetype i = at; i < at + 4; ++i) number = (number << 8) | quint8(from[i]);
    return number > quint32(longestSide) ? -1 : int(number);
}

} // namespace

QByteArray packed(const QByteArray& bytes) {
    QByteArray out(qsizetype(ZSTD_compressBound(size_t(bytes.size()))), Qt::Uninitialized);
    const size_t size = ZSTD_compress(out.data(), size_t(out.size()), bytes.constData(), size_t(bytes.size()), level);
    if (ZSTD_isError(size)) throw std::bad_alloc(); // the one thing that can go wrong with room for all
    out.resize(qsizetype(size));
    return out;
}

std::optional<QByteArray> unpacked(const QByteArray& bytes, qint64 most) {
    const unsigned long long size = ZSTD_getFrameContentSize(bytes.constData(), size_t(bytes.size()));
    if (size == ZSTD_CONTENTSIZE_ERROR || size == ZSTD_CONTENTSIZE_UNKNOWN || size > quint64(most)) return std::nullopt;
    QByteArray out(qsizetype(size), Qt::Uninitialized);
    const size_t got = ZSTD_decompress(out.data(), size_t(size), bytes.constData(), size_t(bytes.size()));
    if (ZSTD_isError(got) || got != size) return std::nullopt;
    return out;
}

QByteArray packedPicture(const QImage& picture) {
    const int width = picture.width(), height = picture.height();
    QByteArray raw;
    append(raw, quint32(width));
    append(raw, quint32(height));
    const qsizetype head = raw.size();
    raw.resize(head + 3 * qsizetype(width) * height);
    char* to = raw.data() + head;
    for (int y = 0; y < height; ++y) {
        const auto* row = reinterpret_cast<const QRgb*>(picture.constScanLine(y));
        for (int x = 0; x < width; ++x) {
            *to++ = char(qRed(row[x]));
            *to++ = char(qGreen(row[x]));
            *to++ = char(qBlue(row[x]));
        }
    }
    return packed(raw);
}

QImage unpackedPicture(const QByteArray& bytes) {
    const auto raw = unpacked(bytes, largestPicture);
    if (!raw || raw->size() < 8) return {};
    const int width = wholeAt(*raw, 0), height = wholeAt(*raw, 4);
    if (width < 1 || height < 1 || raw->size() != 8 + 3ll * width * height) return {};
    QImage picture(width, height, QImage::Format_RGB32);
    if (picture.isNull()) return {};
    const auto* from = reinterpret_cast<const uchar*>(raw->constData()) + 8;
    for (int y = 0; y < height; ++y) {
        auto* row = reinterpret_cast<QRgb*>(picture.scanLine(y));
        for (int x = 0; x < width; ++x, from += 3) row[x] = qRgb(from[0], from[1], from[2]);
    }
    return picture;
}

} // namespace eyelid
