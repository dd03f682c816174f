#include "reading/word_picking.h"

#include "reading/page_text.h"

#include <algorithm>

namespace eyelid {

bool isOn(const Page& page, const WordAt& at) {
    return at.line >= 0 && at.word >= 0 && size_t(at.line) < page.lines.size() &&
           size_t(at.word) < page.lines[size_t(at.line)].words.size();
}

std::optional<WordAt> wordNear(const Page& page, const QPointF& point) {
    std::optional<WordAt> best;
    double nearest = 1e9;
    for (int l = 0; l < int(page.lines.size()); ++l) {
        const TextLine& line = page.lines[size_t(l)];
        const double reach = 1.2 * std::max(6.0, line.xHeight);
        if (!line.box.adjusted(-reach, -reach, reach, reach).contains(point)) continue;
        for (int w = 0; w < int(line.words.size()); ++w) {
            const QRectF& b = line.words[size_t(w)].box;
            const double dx = std::max({0.0, b.left() - point.x(), point.x() - b.right()}),
                         dy = std::max({0.0, b.top() - point.y(), point.y() - b.bottom()});
            if (dx > reach || dy > reach) continue;
            // Another line is farther off than another word.
            if (dx + 2 * dy < nearest) {
                nearest = dx + 2 * dy;
                best = WordAt{l, w};
            }
        }
    }
    return best;
}

std::vector<WordAt> wordsBetween(const Page& page, const WordAt& from, const WordAt& to) {
    if (!isOn(page, from) || !isOn(page, to)) return {};
    const auto& lines = page.lines;
    const QRectF &a = lines[size_t(from.line)].box, &b = lines[size_t(to.line)].box;
    // Lines over one another are of one column.
    const bool column = from.line != to.line && std::min(a.right(), b.right()) > std::max(a.left(), b.left());
    const double left = std::min(a.left(), b.left()), right = std::max(a.right(), b.right());
    std::vector<WordAt> all;
    for (const int l : readingOrder(page)) {
        const QRectF& box = lines[size_t(l)].box;
        if (column && (box.center().x() < left || box.center().x() > right)) continue;
        for (int w = 0; w < int(lines[size_t(l)].words.size()); ++w) all.push_back({l, w});
    }
    auto first = std::find(all.begin(), all.end(), from), last = std::find(all.begin(), all.end(), to);
    if (first == all.end() || last == all.end()) return {};
    if (first > last) std::swap(first, last);
    return {first, last + 1};
}

Page pageOfWords(const Page& page, const std::vector<WordAt>& words) {
    Page alone;
    alone.size = page.size;
    int last = -1;
    for (const WordAt& at : words) {
        if (!isOn(page, at)) continue;
        const TextLine& from = page.lines[size_t(at.line)];
        if (at.line != last) {
            TextLine line;
            line.box = from.box;
            line.baseline = from.baseline;
            line.xHeight = from.xHeight;
            alone.lines.push_back(line);
        }
        alone.lines.back().words.push_back(from.words[size_t(at.word)]);
        last = at.line;
    }
    return alone;
}

std::vector<QRectF> boxesOf(const Page& page, const std::vector<WordAt>& words) {
    std::vector<QRectF> boxes;
    WordAt last{-1, -1};
    for (const WordAt& at : words) {
        if (!isOn(page, at)) continue;
        const QRectF& box = page.lines[size_t(at.line)].words[size_t(at.word)].box;
        if (at.line == last.line && at.word == last.word + 1)
            boxes.back() = boxes.back().united(box);
        else
            boxes.push_back(box);
        last = at;
    }
    return boxes;
}

} // namespace eyelid
