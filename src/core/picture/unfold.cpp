#include "picture/inspectors.h"

#include <array>
#include <vector>
#include <zlib.h>

namespace eyelid {

std::optional<Unfolded> unfold(const QByteArray& stream, qint64 most) {
    z_stream z{};
    if (inflateInit(&z) != Z_OK) return std::nullopt;
    z.next_in = reinterpret_cast<Bytef*>(const_cast<char*>(stream.constData()));
    z.avail_in = uInt(stream.size());
    std::array<Bytef, 1 << 16> out;
    Unfolded unfolded;
    int state = Z_OK;
    while (state == Z_OK && unfolded.size <= most) {
        z.next_out = out.data();
        z.avail_out = uInt(out.size());
        state = inflate(&z, Z_NO_FLUSH);
        unfolded.size += qint64(out.size() - z.avail_out);
        if (state == Z_OK && z.avail_in == 0 && z.avail_out == out.size()) break;
    }
    unfolded.taken = stream.size() - qsizetype(z.avail_in);
    inflateEnd(&z);
    if (state != Z_STREAM_END && unfolded.size <= most) return std::nullopt;
    return unfolded;
}

std::optional<Unfolded> unfoldLzw(const QByteArray& stream, const LzwForm& form, qint64 most) {
    const int clear = 1 << form.firstBits, end = clear + 1;
    std::vector<int> lengths(4096, 1); // of the run each code stands for
    int bits = form.firstBits + 1, next = end + 1, last = -1;
    qsizetype at = 0; // in bits
    Unfolded unfolded;
    while (unfolded.size <= most) {
        if (at + bits > 8 * stream.size()) return std::nullopt;
        int code = 0;
        for (int i = 0; i < bits; ++i, ++at) {
            const int byte = quint8(stream[at / 8]);
            const int bit = form.highest ? (byte >> (7 - at % 8)) & 1 : (byte >> (at % 8)) & 1;
            code |= bit << (form.highest ? bits - 1 - i : i);
        }
        if (code == end) break;
        if (code == clear) {
            bits = form.firstBits + 1;
            next = end + 1;
            last = -1;
            continue;
        }
        if (code > next || (code == next && last < 0)) return std::nullopt;
        const int length = code < clear ? 1 : code == next ? lengths[size_t(last)] + 1 : lengths[size_t(code)];
        unfolded.size += length;
        if (last >= 0 && next < 4096) {
            lengths[size_t(next)] = (last < clear ? 1 : lengths[size_t(last)]) + 1;
            ++next;
        }
        last = code;
        if (next + (form.highest ? 1 : 0) >= (1 << bits) && bits < 12) ++bits;
    }
    unfolded.taken = (at + 7) / 8;
    return unfolded;
}

} // namespace eyelid
