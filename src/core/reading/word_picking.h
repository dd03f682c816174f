// Picking words off a page with a pointer.
#pragma once

#include "reading/page.h"

#include <compare>
#include <optional>
#include <QPointF>
#include <QRectF>
#include <vector>

namespace eyelid {

/// A word by its indexes: Page::lines[line].words[word].
struct WordAt {
    int line = 0, word = 0;
    auto operator<=>(const WordAt&) const = default;
};

bool isOn(const Page& page, const WordAt& at);

/// The word at a point, or nearest to it within a line's height; none far from any.
std::optional<WordAt> wordNear(const Page& page, const QPointF& point);

/// The words from one to another in reading order, both included. Between lines of one column, what stands beside it is
/// left out.
std::vector<WordAt> wordsBetween(const Page& page, const WordAt& from, const WordAt& to);

/// The words chosen, alone: a page of the same size, with no others on it.
Page pageOfWords(const Page& page, const std::vector<WordAt>& words);

/// One box for the words of a line that stand together.
std::vector<QRectF> boxesOf(const Page& page, const std::vector<WordAt>& words);

} // namespace eyelid
