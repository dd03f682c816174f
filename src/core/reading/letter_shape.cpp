#include "reading/letter_shape.h"

#include <algorithm>
#include <cmath>
#include <cstdint>

namespace eyelid {
namespace {

constexpr int farthestLeft = -5; // quarters of a pixel

// Two drawings laid over each other.
class Overlay {
public:
    Overlay(const Drawing& a, const Drawing& b)
        : m_a(a), m_b(b), m_wa(a.run->width() + 2), m_wb(b.run->width() + 2), m_lift(a.run->overBase - b.run->overBase),
          m_from(std::min(0, m_lift)), m_to(std::max(a.run->height(), b.run->height() + m_lift)),
          m_most(4.0 * double(a.run->ink + b.run->ink)) {}

    // However far they are moved sideways, they differ by what one has more of in a row.
    bool differBeyond(double enough) {
        const auto rowOf = [](const Shape& shape, int row) {
            return row < 0 || row >= int(shape.softRows.size()) ? 0 : 4 * shape.softRows[size_t(row)];
        };
        int rowsDiffer = 0;
        for (int y = m_from; y < m_to; ++y) {
            const int inA = rowOf(*m_a.shape, y), inB = rowOf(*m_b.shape, y - m_lift);
            m_bothInk += inA + inB;
            rowsDiffer += std::abs(inA - inB);
        }
        return rowsDiffer > enough * m_most;
    }

    double least(double enough) {
        const int farthestRight = 5 + 4 * std::max(0, m_wa - m_wb);
        draw(2 + farthestRight / 4);
        double best = 9;
        // From the middle outwards: the best is near it, and tells soonest what need not be laid to its end.
        lay(0, enough, best);
        for (int quarter = 1; quarter <= std::max(-farthestLeft, farthestRight); ++quarter) {
            if (quarter <= farthestRight) lay(quarter, enough, best);
            if (-quarter >= farthestLeft) lay(-quarter, enough, best);
        }
        return best;
    }

private:
    std::int16_t* rowOf(int frame, int y) {
        return m_frames.data() + (size_t(frame) * size_t(m_to - m_from) + size_t(y - m_from)) * size_t(m_width) +
               m_room;
    }

    // Both in one frame that has room for all places, in quarters of a level; b at each quarter of a pixel.
    void draw(int room) {
        m_room = room;
        m_width = std::max(m_wa, m_wb) + 2 * room + 1;
        m_frames.assign(size_t(m_width) * size_t(m_to - m_from) * 5, 0);
        for (int y = 0; y < m_a.run->height(); ++y)
            for (int x = 0; x < m_wa; ++x)
                rowOf(0, y)[x] = std::int16_t(4 * m_a.shape->soft[size_t(y) * size_t(m_wa) + size_t(x)]);
        for (int part = 0; part < 4; ++part)
            for (int y = 0; y < m_b.run->height(); ++y) {
                std::int16_t* row = rowOf(1 + part, y + m_lift);
                const uchar* soft = m_b.shape->soft.data() + size_t(y) * size_t(m_wb);
                for (int x = 0; x < m_wb; ++x) {
                    row[x] = std::int16_t(row[x] + (4 - part) * soft[x]);
                    row[x + 1] = std::int16_t(row[x + 1] + part * soft[x]);
                }
            }
    }

    // Lays b so many quarters of a pixel to the right of a.
    void lay(int quarter, double enough, double& best) {
        const int dx = quarter >= 0 ? quarter / 4 : -((3 - quarter) / 4), part = quarter - 4 * dx;
        const int left = std::min(0, dx), right = std::max(m_wa, m_wb + dx + 1);
        const double limit = std::min(best, enough) * m_most;
        int differ = 0;
        for (int y = m_from; y < m_to; ++y) {
            const std::int16_t *pa = rowOf(0, y), *pb = rowOf(1 + part, y) - dx;
            int inRow = 0;
#pragma omp simd reduction(+ : inRow)
            for (int x = left; x < right; ++x) inRow += std::abs(pa[x] - pb[x]);
            differ += inRow;
            if (differ > limit) {
                best = std::min(best, enough + 0.01);
                return;
            }
        }
        // The greater of both, over all pixels: half of their sum and their difference.
        if (const int ink = (m_bothInk + differ) / 2; ink > 0) best = std::min(best, double(differ) / double(ink));
    }

    const Drawing m_a, m_b;
    const int m_wa, m_wb;
    const int m_lift;       // rows of b above a's
    const int m_from, m_to; // rows of a that either has
    const double m_most;    // no overlap has more ink
    int m_bothInk = 0, m_room = 0, m_width = 0;
    std::vector<std::int16_t> m_frames; // a's, then b's at each quarter
};

} // namespace

void soften(Shape& shape, const InkRun& run, const QImage& ink) {
    const int w = run.width() + 2, h = run.height();
    shape.soft.assign(size_t(w) * size_t(h), 0);
    shape.softRows.assign(size_t(h), 0);
    for (int y = 0; y < h; ++y) {
        const uchar* row = ink.constScanLine(run.top + y) + run.left - 1;
        const auto at = [&](int x) { return x < 1 || x > run.width() ? 0 : 255 - row[x]; };
        uchar* soft = shape.soft.data() + size_t(y) * size_t(w);
        for (int x = 0; x < w; ++x) {
            soft[x] = uchar((at(x - 1) + 2 * at(x) + at(x + 1)) / 4);
            shape.softRows[size_t(y)] += soft[x];
        }
    }
}

double distance(const Drawing& a, const Drawing& b, double enough) {
    Overlay overlay(a, b);
    return overlay.differBeyond(enough) ? enough + 0.01 : overlay.least(enough);
}

} // namespace eyelid
