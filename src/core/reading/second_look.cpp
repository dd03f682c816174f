#include "reading/second_look.h"

#include "reading/shapes.h"

#include <algorithm>

namespace eyelid {
namespace {

const QString bars = QStringLiteral("Il1|");

struct Pair {
    int first = -1, second = -1; // -1: not there
};

// The readings put side by side: as many equal letters as can be, of equals those that stand nearest (Needleman and
// Wunsch, 1970).
std::vector<Pair> aligned(const std::vector<ReadGlyph>& a, const std::vector<ReadGlyph>& b) {
    const size_t n = a.size(), m = b.size();
    std::vector<float> cost((n + 1) * (m + 1));
    const auto at = [&](size_t i, size_t j) -> float& { return cost[i * (m + 1) + j]; };
    const auto change = [&](size_t i, size_t j) {
        const double away = std::abs(a[i].box.center().x() - b[j].box.center().x());
        return (a[i].text == b[j].text ? 0.0f : 1.0f) + float(std::min(3.0, away / 15.0));
    };
    constexpr float gap = 1.2f;
    for (size_t i = 0; i <= n; ++i)
        for (size_t j = 0; j <= m; ++j) {
            if (i == 0 || j == 0) {
                at(i, j) = gap * float(i + j);
                continue;
            }
            at(i, j) = std::min({at(i - 1, j - 1) + change(i - 1, j - 1), at(i - 1, j) + gap, at(i, j - 1) + gap});
        }
    std::vector<Pair> pairs;
    for (size_t i = n, j = m; i > 0 || j > 0;) {
        if (j == 0 || (i > 0 && at(i, j) == at(i - 1, j) + gap))
            pairs.push_back({int(--i), -1});
        else if (i == 0 || at(i, j) == at(i, j - 1) + gap)
            pairs.push_back({-1, int(--j)});
        else
            pairs.push_back({int(--i), int(--j)});
    }
    std::reverse(pairs.begin(), pairs.end());
    return pairs;
}

} // namespace

bool worthASecondLook(const std::vector<ReadGlyph>& glyphs, const std::function<bool(const QString&)>& isWord) {
    QString word;
    double least = 1;
    const auto worth = [&] {
        int letters = 0, digits = 0;
        for (const QChar c : word) {
            letters += c.isLetter();
            digits += c.isDigit();
        }
        const bool special = digits > 0 || word.contains(u'@') || word.size() >= 16;
        return word.size() >= 5 && special && least < 0.97 && !(digits == 0 && isWord(word.toLower()));
    };
    for (const ReadGlyph& g : glyphs) {
        if (g.startsWord) {
            if (worth()) return true;
            word.clear();
            least = 1;
        }
        word += g.text;
        least = std::min(least, g.confidence);
    }
    return worth();
}

QImage ofWidth(const QImage& line, double by) {
    return line.scaled(std::max(1, int(std::lround(line.width() / by))), line.height(), Qt::IgnoreAspectRatio,
                       Qt::SmoothTransformation);
}

void vote(std::vector<ReadGlyph>& first, const std::vector<std::vector<ReadGlyph>>& others) {
    struct Ballot {
        QString text;
        int count = 0;
        double confidence = 0;
    };
    std::vector<std::vector<Ballot>> ballots(first.size());
    const auto cast = [&](size_t at, const ReadGlyph& glyph) {
        for (Ballot& b : ballots[at])
            if (b.text == glyph.text) {
                ++b.count;
                b.confidence = std::max(b.confidence, glyph.confidence);
                return;
            }
        ballots[at].push_back({glyph.text, 1, glyph.confidence});
    };
    for (size_t i = 0; i < first.size(); ++i) cast(i, first[i]);
    for (const auto& other : others)
        for (const Pair& p : aligned(first, other))
            if (p.first >= 0 && p.second >= 0) cast(size_t(p.first), other[size_t(p.second)]);
    for (size_t i = 0; i < first.size(); ++i) {
        const Ballot* best = &ballots[i].front();
        for (const Ballot& b : ballots[i])
            if (b.count > best->count || (b.count == best->count && b.confidence > best->confidence)) best = &b;
        // Capital or small, and I or l: the page's own shapes tell better.
        const bool drawnAlike = bars.contains(best->text) && bars.contains(first[i].text);
        if (!drawnAlike && best->text.toLower() != first[i].text.toLower()) first[i].text = best->text;
        first[i].confidence = best->confidence;
    }
}

void keepReading(TextLine& line, const std::vector<ReadGlyph>& other, const std::function<double(double)>& toPicture) {
    for (Word& word : line.words) {
        QString text;
        for (const ReadGlyph& g : other) {
            const double x = toPicture(g.box.center().x());
            if (x >= word.box.left() && x <= word.box.right()) text += g.text;
        }
        if (!text.isEmpty() && text != word.text && !word.alternatives.contains(text)) word.alternatives.prepend(text);
    }
}

} // namespace eyelid
