#include "editing/item.h"

#include "picture/geometry.h"

#include <algorithm>

namespace eyelid {
namespace {

bool within(const QRect& rect, const std::vector<QRect>& others) {
    return std::any_of(others.begin(), others.end(), [&](const QRect& other) { return other.contains(rect); });
}

} // namespace

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

std::vector<QRect> handCovers(const std::vector<Item>& items, const QSize& picture, int evenWidth) {
    std::vector<QRect> rects;
    for (const Item& item : items)
        if (item.finding.kind == Kind::Area && item.decision == Decision::Cover)
            for (const QRect& rect : coverRects(item.finding, picture, evenWidth)) rects.push_back(rect);
    return rects;
}

std::vector<Finding> valuesUnder(const Page& page, const std::vector<QRect>& covers) {
    constexpr double hidden = 0.5;  // of a letter's box, from which on it is what the cover was drawn over
    constexpr double legible = 0.5; // confidence of the reader; noise reads as a letter here and there
    std::vector<Finding> values;
    const auto add = [&](const QString& text, const QRectF& box, double xHeight) {
        if (text.trimmed().isEmpty()) return;
        Finding f;
        f.text = text.trimmed();
        f.boxes = {box};
        f.textHeight = xHeight;
        f.confidence = 1;
        f.reason = QStringLiteral("was covered by hand");
        values.push_back(std::move(f));
    };
    for (const TextLine& line : page.lines) {
        QString whole;
        QRectF place;
        int words = 0;
        std::vector<std::pair<QString, QRectF>> parts;
        for (const Word& word : line.words) {
            QString text;
            QRectF box;
            if (word.confidence < legible) continue;
            if (word.glyphs.empty() && shareUnder(word.box, covers) >= hidden) {
                text = word.text;
                box = word.box;
            }
            for (const Glyph& glyph : word.glyphs)
                if (shareUnder(glyph.box, covers) >= hidden) {
                    text += glyph.text;
                    box = box.united(glyph.box);
                }
            if (text.isEmpty()) continue;
            ++words;
            whole += (whole.isEmpty() ? QString() : QStringLiteral(" ")) + text;
            place = place.united(box);
            parts.emplace_back(text, box);
        }
        add(whole, place, line.xHeight);
        // Of several words also each that could be nothing else: it may stand elsewhere without the others.
        if (words > 1)
            for (const auto& [text, box] : parts)
                if (std::any_of(text.begin(), text.end(), [](QChar c) { return c.isDigit() || c == u'@'; }) &&
                    text.size() >= 4)
                    add(text, box, line.xHeight);
    }
    return values;
}

std::vector<Cover> coversOf(const std::vector<Item>& items, const QSize& picture, int evenWidth) {
    std::vector<Cover> covers;
    const std::vector<QRect> byHand = handCovers(items, picture, evenWidth);
    for (const Item& item : items) {
        if (item.decision != Decision::Cover) continue;
        for (const QRect& rect : coverRects(item.finding, picture, evenWidth))
            if (item.finding.kind == Kind::Area || !within(rect, byHand))
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
