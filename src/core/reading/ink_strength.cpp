#include "reading/ink_strength.h"

#include "reading/lightness.h"

#include <algorithm>
#include <cstring>
#include <opencv2/imgproc.hpp>

namespace eyelid {
namespace {

// Rows a changed one reaches: a closing, or opening, is two passes of half a structure each.
constexpr int strengthReach = 2 * (InkStrength::structureHeight / 2);

std::vector<cv::Range> changedRows(const QImage& before, const QImage& now) {
    if (before.size() != now.size()) return {{0, now.height()}};
    std::vector<cv::Range> ranges;
    for (int y = 0; y < now.height(); ++y) {
        if (std::memcmp(before.constScanLine(y), now.constScanLine(y), size_t(now.width())) == 0) continue;
        const cv::Range near(std::max(0, y - strengthReach), std::min(now.height(), y + strengthReach + 1));
        if (!ranges.empty() && near.start <= ranges.back().end)
            ranges.back().end = near.end;
        else
            ranges.push_back(near);
    }
    return ranges;
}

} // namespace

void InkStrength::setPicture(const QImage& lightness) {
    const std::vector<cv::Range> changed = changedRows(m_lightness, lightness);
    for (Strength* strength : {&m_dark, &m_light}) {
        if (m_lightness.size() != lightness.size()) *strength = {};
        strength->stale.insert(strength->stale.end(), changed.begin(), changed.end());
    }
    m_lightness = lightness;
}

InkStrength::Strength& InkStrength::brought(bool light) {
    Strength& strength = light ? m_light : m_dark;
    if (strength.stale.empty()) return strength;
    const cv::Mat gray = pixelsOf(m_lightness);
    const cv::Mat kernel = cv::getStructuringElement(
        cv::MORPH_RECT, {std::min(structureWidth, gray.cols | 1), std::min(structureHeight, gray.rows | 1)});
    strength.levels.create(gray.size(), CV_8U);
    for (const cv::Range& rows : strength.stale) {
        // With what reaches into these rows; what the cut itself reaches is left out again.
        const cv::Range around(std::max(0, rows.start - strengthReach), std::min(gray.rows, rows.end + strengthReach));
        cv::Mat levels;
        cv::morphologyEx(gray.rowRange(around), levels, light ? cv::MORPH_TOPHAT : cv::MORPH_BLACKHAT, kernel, {-1, -1},
                         1, cv::BORDER_REPLICATE | cv::BORDER_ISOLATED);
        levels.rowRange(rows.start - around.start, rows.end - around.start)
            .copyTo(strength.levels.rowRange(rows.start, rows.end));
    }
    strength.changed.insert(strength.changed.end(), strength.stale.begin(), strength.stale.end());
    strength.stale.clear();
    return strength;
}

const std::vector<InkPiece>& InkStrength::pieces(bool light, int least) {
    Strength& strength = brought(light);
    if (strength.least != least)
        strength.pieces = inkPieces(strength.levels, least);
    else if (!strength.changed.empty())
        renewPieces(strength.pieces, strength.levels, least, strength.changed);
    strength.least = least;
    strength.changed.clear();
    return strength.pieces;
}

} // namespace eyelid
