#include "editing/item.h"

#include "picture/geometry.h"

#include <algorithm>

namespace eyelid {

QString decisionName(Decision decision) {
    switch (decision) {
    case Decision::Open:
        return QStringLiteral("open");
    case Decision::Cover:
        return QStringLiteral("cover");
    case Decision::Keep:
        return QStringLiteral("keep");
    }
    return {};
}

std::vector<Cover> coversOf(const std::vector<Item>& items, const QSize& picture, int evenWidth) {
    std::vector<Cover> covers;
    for (const Item& item : items) {
        if (item.decision != Decision::Cover) continue;
        for (const QRect& rect : coverRects(item.finding, picture, evenWidth))
            covers.push_back({rect, item.style, item.strength});
    }
    // One rectangle for two only where it hides no more than they do together with the gap between them.
    bool merged = true;
    while (merged) {
        merged = false;
        for (size_t i = 0; i < covers.size() && !merged; ++i)
            for (size_t j = i + 1; j < covers.size() && !merged; ++j) {
                const Cover &a = covers[i], &b = covers[j];
                if (a.style != b.style || a.strength != b.strength || !touches(a.rect, b.rect)) continue;
                const bool contained = a.rect.contains(b.rect) || b.rect.contains(a.rect);
                const bool sameLine =
                    std::abs(a.rect.top() - b.rect.top()) <= 3 && std::abs(a.rect.bottom() - b.rect.bottom()) <= 3;
                if (!contained && !sameLine) continue;
                covers[i].rect = a.rect.united(b.rect);
                covers.erase(covers.begin() + long(j));
                merged = true;
            }
    }
    std::sort(covers.begin(), covers.end(), [](const Cover& a, const Cover& b) {
        return std::tuple(a.rect.top(), a.rect.left(), a.rect.bottom(), a.rect.right(), a.style) <
               std::tuple(b.rect.top(), b.rect.left(), b.rect.bottom(), b.rect.right(), b.style);
    });
    return covers;
}

} // namespace eyelid
