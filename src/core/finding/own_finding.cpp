#include "finding/own_finding.h"

#include "base/sentence.h"
#include "finding/finder.h"
#include "language/spelling.h"
#include "picture/geometry.h"

#include <algorithm>
#include <map>

namespace eyelid {
namespace {

constexpr double mostOfLetter = 0.5; // of a letter's width within a box, from which on it is of the value

const TextLine& lineAt(const Page& page, const LetterAt& at) {
    return page.lines[size_t(at.line)];
}

int lettersIn(const Word& word) {
    return std::max(1, int(word.glyphs.size()));
}

QRectF boxAt(const Page& page, const LetterAt& at) {
    const Word& word = lineAt(page, at).words[size_t(at.word)];
    return word.glyphs.empty() ? word.box : word.glyphs[size_t(at.letter)].box;
}

QString textAt(const Page& page, const LetterAt& at) {
    const Word& word = lineAt(page, at).words[size_t(at.word)];
    return word.glyphs.empty() ? word.text : word.glyphs[size_t(at.letter)].text;
}

// All letters of a line, from left to right.
std::vector<LetterAt> lettersOn(const Page& page, int line) {
    std::vector<LetterAt> all;
    if (line < 0 || size_t(line) >= page.lines.size()) return all; // of another page
    const auto& words = page.lines[size_t(line)].words;
    for (int w = 0; w < int(words.size()); ++w)
        for (int g = 0; g < lettersIn(words[size_t(w)]); ++g) all.push_back({line, w, g});
    return all;
}

bool isIn(const QRectF& box, const QRectF& letter) {
    const double width = std::max(1.0, letter.width());
    const double across = std::min(box.right(), letter.right()) - std::max(box.left(), letter.left());
    return across >= mostOfLetter * width && letter.center().y() > box.top() && letter.center().y() < box.bottom();
}

QString keyOf(const Finding& finding) {
    return kindName(finding.kind) + u':' + skeleton(finding.text);
}

// Letters of lines of one column lie over one another; what stands beside them is not between them.
std::vector<LetterAt> lettersBetween(const Page& page, LetterSpan span) {
    if (span.last < span.first) std::swap(span.first, span.last);
    const auto words = wordsBetween(page, {span.first.line, span.first.word}, {span.last.line, span.last.word});
    std::vector<LetterAt> all;
    for (const WordAt& at : words)
        for (int g = 0; g < lettersIn(page.lines[size_t(at.line)].words[size_t(at.word)]); ++g) {
            const LetterAt letter{at.line, at.word, g};
            const bool before = at == words.front() && g < span.first.letter,
                       after = at == words.back() && g > span.last.letter;
            if (!before && !after) all.push_back(letter);
        }
    return all;
}

Kind guessedKind(const Page& alone, const QString& text, const Finder& finder) {
    const auto policy = loadPolicy(QStringLiteral("everything"));
    std::map<Kind, qsizetype> letters;
    if (policy)
        for (const Finding& found : finder.find(alone, *policy, {}))
            if (found.kind != Kind::Illegible) letters[found.kind] += found.text.size();
    const auto most = std::max_element(letters.begin(), letters.end(),
                                       [](const auto& a, const auto& b) { return a.second < b.second; });
    if (most != letters.end() && 2 * most->second >= text.size()) return most->first;
    const QStringList words = text.split(u' ', Qt::SkipEmptyParts);
    const bool names = !words.isEmpty() && std::all_of(words.begin(), words.end(), [](const QString& word) {
        return word.front().isUpper() && std::none_of(word.begin(), word.end(), [](QChar c) { return c.isDigit(); });
    });
    return names ? Kind::Person : Kind::Watch;
}

} // namespace

std::optional<LetterSpan> lettersOf(const Page& page, const Finding& finding) {
    std::optional<LetterSpan> span;
    for (const QRectF& box : finding.boxes)
        for (int l = 0; l < int(page.lines.size()); ++l) {
            if (!page.lines[size_t(l)].box.intersects(box)) continue;
            for (const LetterAt& at : lettersOn(page, l)) {
                if (!isIn(box, boxAt(page, at))) continue;
                if (!span) span = LetterSpan{at, at};
                span->last = at;
            }
        }
    return span;
}

std::optional<LetterAt> letterNear(const Page& page, const QPointF& point) {
    std::optional<LetterAt> best;
    double nearest = 1e18;
    for (int l = 0; l < int(page.lines.size()); ++l) {
        const QRectF& line = page.lines[size_t(l)].box;
        const double dy = std::max({0.0, line.top() - point.y(), point.y() - line.bottom()});
        if (dy * dy >= nearest) continue;
        for (const LetterAt& at : lettersOn(page, l)) {
            const QRectF box = boxAt(page, at);
            const double dx = std::max({0.0, box.left() - point.x(), point.x() - box.right()});
            if (dx * dx + dy * dy >= nearest) continue;
            nearest = dx * dx + dy * dy;
            best = at;
        }
    }
    return best;
}

LetterAt letterAfter(const Page& page, const LetterAt& from, int by) {
    const std::vector<LetterAt> all = lettersOn(page, from.line);
    const auto at = std::find(all.begin(), all.end(), from);
    if (at == all.end()) return from;
    return all[size_t(std::clamp<qsizetype>(at - all.begin() + by, 0, qsizetype(all.size()) - 1))];
}

Finding findingOf(const Page& page, const LetterSpan& span, Kind kind) {
    Finding finding;
    finding.kind = kind;
    finding.confidence = 1;
    finding.reason = Tr::tr("was marked by an officer");
    std::optional<LetterAt> before;
    for (const LetterAt& at : lettersBetween(page, span)) {
        const QRectF box = boxAt(page, at);
        const bool sameLine = before && before->line == at.line;
        if (before && !(sameLine && before->word == at.word)) finding.text += u' ';
        finding.text += textAt(page, at);
        if (sameLine)
            finding.boxes.back() |= box;
        else
            finding.boxes.push_back(box);
        finding.textHeight = std::max(finding.textHeight, lineAt(page, at).xHeight);
        before = at;
    }
    finding.key = keyOf(finding);
    return finding;
}

Finding findingOf(const Page& page, const std::vector<WordAt>& words, const Finder& finder) {
    std::vector<WordAt> there;
    std::copy_if(words.begin(), words.end(), std::back_inserter(there),
                 [&](const WordAt& at) { return isOn(page, at); });
    if (there.empty()) return {};
    const LetterAt first{there.front().line, there.front().word, 0};
    const Word& end = page.lines[size_t(there.back().line)].words[size_t(there.back().word)];
    Finding finding =
        findingOf(page, LetterSpan{first, {there.back().line, there.back().word, lettersIn(end) - 1}}, Kind::Watch);
    return asKind(std::move(finding), guessedKind(pageOfWords(page, there), finding.text, finder));
}

Finding asKind(Finding finding, Kind kind) {
    finding.kind = kind;
    finding.key = finding.text.isEmpty() ? QString() : keyOf(finding);
    return finding;
}

} // namespace eyelid
