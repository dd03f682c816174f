#include "reading/second_look.h"

#include "reading/shapes.h"

#include <algorithm>

namespace eyelid {
namespace {

const QString bars = QStringLiteral("Il1|");
// One drawing in some types: settled by the page's own shapes.
const QString shapesTell = QStringLiteral("0OoIl1|");
// A line is the model's own when it is as sure as this of every glyph.
constexpr double modelSure = 0.9;

// Some types draw these alike: no network tells them, and the page's own shapes and words settle them later.
bool drawnAlike(const ReadGlyph& glyph) {
    static const QString lidless = QStringLiteral("Il|");
    if (glyph.text.size() != 1 || !lidless.contains(glyph.text)) return false;
    return std::all_of(glyph.others.begin(), glyph.others.end(),
                       [](const QString& o) { return o.size() == 1 && lidless.contains(o); });
}

QString plain(const QString& token) {
    qsizetype from = 0, to = token.size();
    while (from < to && !token[from].isLetterOrNumber()) ++from;
    while (to > from && !token[to - 1].isLetterOrNumber()) --to;
    return token.mid(from, to - from).toLower();
}

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

void markSure(std::vector<ReadGlyph>& glyphs) {
    for (ReadGlyph& g : glyphs) g.sure = g.confidence >= beyondDoubt && !shapesTell.contains(g.text);
}

bool sureOf(const std::vector<ReadGlyph>& glyphs) {
    return !glyphs.empty() && std::all_of(glyphs.begin(), glyphs.end(), [](const ReadGlyph& g) {
        return g.confidence >= modelSure || (g.confidence >= 0.5 && drawnAlike(g));
    });
}

std::vector<ReadGlyph> weighed(const std::vector<ReadGlyph>& model, const std::vector<ReadGlyph>& other,
                               const std::function<bool(const QString&)>& isWord) {
    if (model.empty()) return other;
    if (other.empty()) return model;
    const std::vector<Pair> pairs = aligned(model, other);
    const auto agree = [&](size_t k) { // wraps round below nought
        return k < pairs.size() && pairs[k].first >= 0 && pairs[k].second >= 0 &&
               model[size_t(pairs[k].first)].text == other[size_t(pairs[k].second)].text;
    };
    // Words of the model's reading with what stands beside them.
    std::vector<ReadGlyph> out;
    for (size_t p = 0; p < pairs.size();) {
        size_t end = p + 1;
        while (end < pairs.size() && !(pairs[end].first >= 0 && model[size_t(pairs[end].first)].startsWord)) ++end;
        QString mine, theirs;
        double least = 1;
        for (size_t k = p; k < end; ++k) {
            if (pairs[k].first >= 0) {
                mine += model[size_t(pairs[k].first)].text;
                least = std::min(least, model[size_t(pairs[k].first)].confidence);
            }
            if (pairs[k].second >= 0) theirs += other[size_t(pairs[k].second)].text;
        }
        const bool theirWord = theirs.size() >= 3 && !isWord(plain(mine)) && isWord(plain(theirs)) && least < modelSure;
        for (size_t k = p; k < end; ++k) {
            const ReadGlyph* a = pairs[k].first >= 0 ? &model[size_t(pairs[k].first)] : nullptr;
            const ReadGlyph* b = pairs[k].second >= 0 ? &other[size_t(pairs[k].second)] : nullptr;
            if (a && b) {
                ReadGlyph glyph = *a;
                if (a->text == b->text) {
                    glyph.confidence = 1 - (1 - a->confidence) * (1 - std::min(0.9, b->confidence));
                } else if (!drawnAlike(*a) || !bars.contains(b->text)) {
                    const bool held = a->others.contains(b->text);
                    const bool theirs_ = theirWord || (held ? b->confidence > a->confidence
                                                            : a->confidence < 0.5 && b->confidence > 0.9);
                    glyph.others.removeAll(b->text);
                    if (theirs_) {
                        glyph.others.prepend(a->text);
                        glyph.text = b->text;
                        glyph.confidence = std::min(b->confidence, 1 - a->confidence);
                    } else {
                        glyph.others.prepend(b->text);
                    }
                }
                out.push_back(glyph);
            } else if (a) {
                const bool bar = bars.contains(a->text); // as many as there is ink
                const bool drop = theirWord || (!bar && a->confidence < 0.75 && a->others.contains(QString())) ||
                                  (!bar && a->confidence < 0.6 && agree(k - 1) && agree(k + 1));
                if (!drop) out.push_back(*a);
            } else if (b) {
                // Left out by the model: put in where it holds that possible.
                const ReadGlyph* before = out.empty() ? nullptr : &out.back();
                if (theirWord ||
                    (before && before->confidence < 0.5 && before->others.contains(before->text + b->text)))
                    out.push_back(*b);
            }
        }
        p = end;
    }
    markSure(out);
    return out;
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
