#include "reading/ink_pieces.h"

#include <algorithm>
#include <bit>
#include <cstdint>
#include <cstring>
#include <opencv2/imgproc.hpp>

namespace eyelid {
namespace {

struct RowRun {
    int begin, end; // columns, `end` one past the last
    int label;
};

struct Label {
    int parent;
    int left, top, right, bottom; // right and bottom one past the last
    int area, first;
};

int rootOf(std::vector<Label>& labels, int label) {
    while (labels[size_t(label)].parent != label) {
        int& parent = labels[size_t(label)].parent;
        parent = labels[size_t(parent)].parent;
        label = parent;
    }
    return label;
}

// The older label stays, so that pieces keep the order they were first met in.
int join(std::vector<Label>& labels, int a, int b) {
    a = rootOf(labels, a);
    b = rootOf(labels, b);
    if (a > b) std::swap(a, b);
    labels[size_t(b)].parent = a;
    return a;
}

// A bit for each of 64 bytes that are 0 or 255.
std::uint64_t bitsOf(const uchar* bytes) {
    static_assert(std::endian::native == std::endian::little);
    std::uint64_t bits = 0;
    for (int i = 0; i < 8; ++i) {
        std::uint64_t eight;
        std::memcpy(&eight, bytes + 8 * i, sizeof eight);
        // The lowest bit of each byte, gathered in the highest byte.
        bits |= ((eight & 0x0101010101010101u) * 0x0102040810204080u >> 56) << (8 * i);
    }
    return bits;
}

// Calls `visit(begin, end)` for each run of bytes that are 255. `row` has room for a multiple of 64.
template <typename Visit> void eachRun(const uchar* row, int width, Visit visit) {
    int begin = -1;
    for (int x = 0; x < width; x += 64) {
        const std::uint64_t bits = bitsOf(row + x);
        for (int at = 0; at < 64;) {
            // To where the bits change next.
            const std::uint64_t ahead = (begin < 0 ? bits : ~bits) >> at;
            if (ahead == 0) break;
            at += std::countr_zero(ahead);
            if (begin < 0) {
                begin = x + at;
            } else {
                visit(begin, x + at);
                begin = -1;
            }
        }
    }
    if (begin >= 0) visit(begin, width);
}

} // namespace

std::vector<InkPiece> inkPieces(const cv::Mat& strength, int least) {
    std::vector<Label> labels;
    std::vector<RowRun> above, here;
    std::vector<uchar> row(size_t(strength.cols + 63) / 64 * 64, 0);
    const int columns = strength.cols;
    const uchar limit = uchar(std::clamp(least, 0, 255));
    for (int y = 0; y < strength.rows; ++y) {
        const uchar* levels = strength.ptr<uchar>(y);
        uchar* inked = row.data();
#pragma omp simd
        for (int x = 0; x < columns; ++x) inked[x] = levels[x] > limit ? 255 : 0;
        here.clear();
        size_t first = 0; // of the runs above, the first that may touch this one
        eachRun(row.data(), strength.cols, [&](int begin, int end) {
            while (first < above.size() && above[first].end < begin) ++first;
            int label = -1;
            for (size_t a = first; a < above.size() && above[a].begin <= end; ++a)
                label = label < 0 ? rootOf(labels, above[a].label) : join(labels, label, above[a].label);
            if (label < 0) {
                label = int(labels.size());
                labels.push_back({label, begin, y, end, y + 1, 0, begin});
            }
            Label& piece = labels[size_t(label)];
            piece.left = std::min(piece.left, begin);
            piece.right = std::max(piece.right, end);
            piece.bottom = y + 1;
            piece.area += end - begin;
            here.push_back({begin, end, label});
        });
        above.swap(here);
    }
    for (size_t i = labels.size(); i-- > 0;) {
        const Label& part = labels[i];
        if (part.parent == int(i)) continue;
        Label& whole = labels[size_t(rootOf(labels, int(i)))];
        whole.left = std::min(whole.left, part.left);
        whole.top = std::min(whole.top, part.top);
        whole.right = std::max(whole.right, part.right);
        whole.bottom = std::max(whole.bottom, part.bottom);
        whole.area += part.area;
    }
    std::vector<InkPiece> pieces;
    for (size_t i = 0; i < labels.size(); ++i)
        if (const Label& l = labels[i]; l.parent == int(i))
            pieces.push_back({QRect(l.left, l.top, l.right - l.left, l.bottom - l.top), l.area, l.first});
    return pieces;
}

cv::Mat inkOfPiece(const cv::Mat& strength, int least, const InkPiece& piece) {
    constexpr int own = 128, cornerwise = 8;
    const QRect& box = piece.box;
    const cv::Mat within = strength(cv::Rect(box.left(), box.top(), box.width(), box.height()));
    cv::Mat inked = within > least, alone = cv::Mat::zeros(within.size(), within.type());
    cv::floodFill(inked, cv::Point(piece.first - box.left(), 0), cv::Scalar(own), nullptr, {}, {}, cornerwise);
    within.copyTo(alone, inked == own);
    return alone;
}

void renewPieces(std::vector<InkPiece>& pieces, const cv::Mat& strength, int least,
                 const std::vector<cv::Range>& changed) {
    // Rows to look at: those that changed, one more to either side, and all of every piece that reaches into them.
    std::vector<char> row(size_t(strength.rows), 0);
    for (const cv::Range& rows : changed)
        std::fill(row.begin() + std::max(0, rows.start - 1), row.begin() + std::min(strength.rows, rows.end + 1), 1);
    std::vector<InkPiece> kept, left = std::move(pieces);
    for (bool more = true; more;) {
        more = false;
        kept.clear();
        for (const InkPiece& piece : left) {
            const auto top = row.begin() + piece.box.top(), end = row.begin() + piece.box.bottom() + 1;
            if (std::find(top, end, 1) == end) {
                kept.push_back(piece);
            } else {
                more = more || std::find(top, end, 0) != end;
                std::fill(top, end, 1);
            }
        }
        left.swap(kept);
    }
    for (int y = 0; y < strength.rows;) {
        const int begin = int(std::find(row.begin() + y, row.end(), 1) - row.begin());
        y = int(std::find(row.begin() + begin, row.end(), 0) - row.begin());
        for (InkPiece& piece : inkPieces(strength.rowRange(begin, y), least)) {
            piece.box.translate(0, begin);
            left.push_back(piece);
        }
    }
    std::sort(left.begin(), left.end(), [](const InkPiece& a, const InkPiece& b) {
        return a.box.top() != b.box.top() ? a.box.top() < b.box.top() : a.first < b.first;
    });
    pieces = std::move(left);
}

} // namespace eyelid
