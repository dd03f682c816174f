#include "finding/over_lines.h"

#include "finding/candidates.h"

#include <algorithm>

namespace eyelid {
namespace {

constexpr size_t mostLines = 6;
constexpr double tight = 1.7; // heights of a small x between two lines of one paragraph, at most

// "9687", "NWBK", "+1", "(412)": part of a number that is written in groups.
bool isNumberGroup(const QString& word) {
    constexpr int mostCapitals = 4; // of a bank's code
    bool digit = false, other = false;
    for (const QChar c : word) {
        digit = digit || c.isDigit();
        other = other || !(c.isLetterOrNumber() || QStringLiteral("+()-./").contains(c));
    }
    return !other && (digit || (word.size() <= mostCapitals && word == word.toUpper() && word[0].isLetter()));
}

struct Chain {
    std::vector<int> lines;
    bool alone = true; ///< no group stands over the first line or under the last
};

class Chains {
public:
    explicit Chains(const ScreenText& screen) : m_screen(screen) {}

    // From this line down, as far as groups go on.
    Chain from(int line) const {
        Chain chain{{line}, true};
        const int above = m_screen.lineAbove(line);
        chain.alone = above < 0 || !isTight(above, line) || !endsWithGroup(above) || !beginsWithGroup(line);
        if (!endsWithGroup(line)) return chain;
        for (int at = line; chain.lines.size() < mostLines;) {
            const int below = m_screen.lineBelow(at);
            if (below < 0 || !isTight(at, below) || !beginsWithGroup(below)) return chain;
            chain.lines.push_back(below);
            if (!isAllGroups(below)) return chain;
            at = below;
        }
        chain.alone = false;
        return chain;
    }

private:
    const TextLine& line(int of) const { return m_screen.page().lines[size_t(of)]; }
    bool isTight(int upper, int lower) const {
        return line(lower).box.top() - line(upper).box.bottom() < tight * std::max(4.0, line(upper).xHeight);
    }
    bool beginsWithGroup(int of) const { return !line(of).words.empty() && isNumberGroup(line(of).words.front().text); }
    bool endsWithGroup(int of) const { return !line(of).words.empty() && isNumberGroup(line(of).words.back().text); }
    bool isAllGroups(int of) const {
        return std::all_of(line(of).words.begin(), line(of).words.end(),
                           [](const Word& w) { return isNumberGroup(w.text); });
    }

    const ScreenText& m_screen;
};

// Each chain as one line, a space between its lines, far from all others, so that none speaks for another.
Page asLines(const Page& page, const std::vector<Chain>& chains) {
    constexpr double apart = 1000; // pixels
    Page joined;
    joined.size = page.size;
    for (const Chain& chain : chains) {
        TextLine whole = page.lines[size_t(chain.lines.front())];
        whole.words.clear();
        double right = 0;
        for (const int line : chain.lines)
            for (Word word : page.lines[size_t(line)].words) {
                word.box = QRectF(right, apart * double(joined.lines.size()), word.box.width(), word.box.height());
                right = word.box.right() + whole.xHeight;
                whole.words.push_back(std::move(word));
            }
        whole.box = whole.words.front().box.united(whole.words.back().box);
        joined.lines.push_back(std::move(whole));
    }
    return joined;
}

// A part of the joined lines as parts of each.
std::vector<QRectF> boxesOf(const ScreenText& screen, const Chain& chain, const Span& span) {
    std::vector<QRectF> boxes;
    int start = 0;
    for (const int line : chain.lines) {
        const TextRun& run = screen.runs()[size_t(line)];
        const int length = int(run.text().size());
        const int from = std::max(span.start, start), to = std::min(span.end(), start + length);
        if (from < to)
            for (const QRectF& box : screen.boxes(run, {from - start, to - from})) boxes.push_back(box);
        start += length + 1;
    }
    return boxes;
}

bool isBelieved(const Candidate& c, const Chain& chain) {
    const QString text = c.run->text().mid(c.span.start, c.span.length);
    const bool ends = c.span.end() >= int(c.run->text().size());
    switch (c.kind) {
    case Kind::Iban:
    case Kind::Account:
        return true;
    case Kind::Card:
        return chain.alone && ends;
    case Kind::Phone:
        return chain.alone && ends && (text.startsWith(u'+') || text.startsWith(u'('));
    default:
        return false;
    }
}

} // namespace

std::vector<std::unique_ptr<Detector>> makeOverLinesDetectors() {
    std::vector<std::unique_ptr<Detector>> detectors;
    detectors.push_back(makeIbanDetector());
    detectors.push_back(makeCardDetector());
    detectors.push_back(makePhoneDetector());
    detectors.push_back(makeDocumentNumberDetector());
    return detectors;
}

std::vector<Finding> findOverLines(const Surroundings& in, const std::vector<std::unique_ptr<Detector>>& detectors) {
    std::vector<Chain> chains;
    const Chains on(in.screen);
    for (const TextRun& run : in.screen.runs())
        if (Chain chain = on.from(run.line); chain.lines.size() > 1) chains.push_back(std::move(chain));
    std::vector<Finding> findings;
    if (chains.empty()) return findings;
    const Page joined = asLines(in.screen.page(), chains);
    const ScreenText screen(joined);
    PageSearch search(screen);
    std::vector<Candidate> candidates;
    for (const auto& detector : detectors) detector->find({screen, search, in.names, in.watch}, candidates);
    for (const Candidate& c : candidates) {
        if (c.run->second >= 0) continue;
        const Chain& chain = chains[size_t(c.run->line)];
        const int first = int(in.screen.runs()[size_t(chain.lines.front())].text().size());
        if (c.span.start >= first || c.span.end() <= first || !isBelieved(c, chain)) continue;
        Finding f = toFinding(screen, c);
        f.boxes = boxesOf(in.screen, chain, c.span);
        findings.push_back(std::move(f));
    }
    return findings;
}

} // namespace eyelid
