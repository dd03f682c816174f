#include "reading/second_look.h"

#include "language/look_alikes.h"
#include "reading/line_limits.h"
#include "reading/shapes.h"

#include <algorithm>
#include <utility>

namespace eyelid {

using namespace secondlook;

namespace {

// Some types draw these alike: no network tells them, and the page's own shapes and words settle them later.
bool drawnAlike(const ReadGlyph& glyph) {
    const LookAlikes& alike = LookAlikes::shipped();
    return alike.drawnAlike(glyph.text, glyph.text) &&
           std::all_of(glyph.others.begin(), glyph.others.end(),
                       [&](const QString& other) { return alike.drawnAlike(glyph.text, other); });
}

// A nought or an O, however many: another reader knows no better, and the page's own shapes tell them later.
bool roundEitherWay(const ReadGlyph& glyph) {
    const auto round = [](const QString& text) {
        return std::all_of(text.begin(), text.end(), [](QChar c) { return c == u'0' || c == u'O'; });
    };
    return round(glyph.text) && !glyph.others.isEmpty() && std::all_of(glyph.others.begin(), glyph.others.end(), round);
}

// A figure in a number that could else be a letter.
bool figureOfNumber(const QString& token, const ReadGlyph& glyph) {
    int figures = 0;
    for (const QChar c : token) {
        if (c.isLetter()) return false;
        figures += c.isDigit();
    }
    return figures >= 3 && glyph.text[0].isDigit() && !glyph.others.isEmpty() && glyph.others.first().size() == 1 &&
           glyph.others.first()[0].isLetter();
}

QString coreOf(const QString& token) {
    qsizetype from = 0, to = token.size();
    while (from < to && !token[from].isLetterOrNumber()) ++from;
    while (to > from && !token[to - 1].isLetterOrNumber()) --to;
    return token.mid(from, to - from).toLower();
}

// Whether a word needs no other reading.
bool isSure(const std::vector<ReadGlyph>& glyphs, Stretch word, const std::function<bool(const QString&)>& isWord) {
    QString text;
    for (size_t i = word.begin; i < word.end; ++i) text += glyphs[i].text;
    // By itself nothing else tells a nought.
    const bool among = std::count_if(text.begin(), text.end(), [](QChar c) { return c.isLetterOrNumber(); }) > 1;
    std::vector<size_t> doubtful;
    for (size_t i = word.begin; i < word.end; ++i) {
        const ReadGlyph& g = glyphs[i];
        const bool settledLater = drawnAlike(g) || (among && roundEitherWay(g)) || figureOfNumber(text, g);
        if (g.confidence >= modelSure || (g.confidence >= leastInWord && settledLater)) continue;
        if (g.confidence < leastInWord || (i > word.begin && g.startsWord)) return false;
        doubtful.push_back(i);
    }
    if (doubtful.empty()) return true;
    const QString own = coreOf(text);
    if (own.size() < 4 || !isWord(own)) return false;
    // "PassWord" and "password" are one word, but nobody writes a capital behind a small letter.
    for (const size_t i : doubtful) {
        if (!glyphs[i].text[0].isLetter()) return false;
        if (glyphs[i].text[0].isUpper() && i > word.begin && glyphs[i - 1].text[0].isLower()) return false;
        for (const QString& other : glyphs[i].others) {
            QString reads;
            for (size_t k = word.begin; k < word.end; ++k) reads += k == i ? other : glyphs[k].text;
            if (const QString core = coreOf(reads); core != own && isWord(core)) return false;
        }
    }
    return true;
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
        return (a[i].text == b[j].text ? 0.0f : 1.0f) + float(std::min(mostApart, away / apart));
    };
    for (size_t i = 0; i <= n; ++i)
        for (size_t j = 0; j <= m; ++j) {
            if (i == 0 || j == 0) {
                at(i, j) = leftOut * float(i + j);
                continue;
            }
            at(i, j) =
                std::min({at(i - 1, j - 1) + change(i - 1, j - 1), at(i - 1, j) + leftOut, at(i, j - 1) + leftOut});
        }
    std::vector<Pair> pairs;
    for (size_t i = n, j = m; i > 0 || j > 0;) {
        if (j == 0 || (i > 0 && at(i, j) == at(i - 1, j) + leftOut))
            pairs.push_back({int(--i), -1});
        else if (i == 0 || at(i, j) == at(i, j - 1) + leftOut)
            pairs.push_back({-1, int(--j)});
        else
            pairs.push_back({int(--i), int(--j)});
    }
    std::reverse(pairs.begin(), pairs.end());
    return pairs;
}

} // namespace

void markSure(std::vector<ReadGlyph>& glyphs) {
    for (ReadGlyph& g : glyphs) g.sure = g.confidence >= beyondDoubt && !LookAlikes::shipped().toldByShapes(g.text);
}

void dropSpecks(std::vector<ReadGlyph>& glyphs, const std::function<bool(const QString&)>& isWord) {
    constexpr qsizetype shortest = 3; // letters; chance makes words of fewer
    const auto withoutAccent = [](const QString& text) {
        return text.normalized(QString::NormalizationForm_D).left(1);
    };
    for (size_t begin = 0, end = 0; begin < glyphs.size(); begin = end) {
        QString with, without;
        std::vector<size_t> specks;
        for (end = begin; end == begin || (end < glyphs.size() && !glyphs[end].startsWord); ++end) {
            const ReadGlyph& g = glyphs[end];
            const QString base = withoutAccent(g.text);
            // It may be the plain letter, or nothing is known but that it is one with some accent.
            const bool speck =
                base != g.text && g.confidence < modelSure &&
                (g.others.contains(base) || std::all_of(g.others.begin(), g.others.end(), [&](const QString& other) {
                     return withoutAccent(other) == base;
                 }));
            if (speck) specks.push_back(end);
            with += g.text;
            without += speck ? base : g.text;
        }
        if (specks.empty() || coreOf(without).size() < shortest || isWord(coreOf(with)) || !isWord(coreOf(without)))
            continue;
        for (const size_t i : specks) {
            ReadGlyph& g = glyphs[i];
            const QString accented = std::exchange(g.text, withoutAccent(g.text));
            g.others.removeAll(g.text);
            g.others.prepend(accented);
            g.confidence = modelSure;
        }
    }
}

std::vector<Stretch> unsureWords(const std::vector<ReadGlyph>& glyphs,
                                 const std::function<bool(const QString&)>& isWord) {
    std::vector<Stretch> found;
    for (size_t begin = 0, end = 0; begin < glyphs.size(); begin = end) {
        end = begin + 1;
        while (end < glyphs.size() && !(glyphs[end].startsWord && glyphs[end].spaceBefore >= spaceSure)) ++end;
        if (!isSure(glyphs, {begin, end}, isWord)) {
            if (!found.empty() && found.back().end == begin)
                found.back().end = end;
            else
                found.push_back({begin, end});
        }
    }
    return found;
}

QImage cutOut(const UniformLine& line, const std::vector<ReadGlyph>& glyphs, Stretch stretch, int& left) {
    constexpr int margin = 10; // as wide as that of a whole line
    const QImage& whole = line.image;
    const auto gapAfter = [&](size_t before) {
        const int from = std::max(0, int(glyphs[before].box.center().x())),
                  to = std::min(whole.width() - 1, int(glyphs[before + 1].box.center().x()));
        int best = (from + to) / 2, longest = 0, run = 0;
        for (int x = from; x <= to; ++x) {
            bool white = true;
            for (int y = 0; white && y < whole.height(); ++y) white = whole.constScanLine(y)[x] > 200;
            run = white ? run + 1 : 0;
            if (run > longest) {
                longest = run;
                best = x - run / 2;
            }
        }
        return best;
    };
    const int from = stretch.begin > 0 ? gapAfter(stretch.begin - 1) : 0,
              to = stretch.end < glyphs.size() ? gapAfter(stretch.end - 1) : whole.width();
    const int before = stretch.begin > 0 ? margin : 0, after = stretch.end < glyphs.size() ? margin : 0;
    QImage out(to - from + before + after, whole.height(), QImage::Format_Grayscale8);
    out.fill(255);
    for (int y = 0; y < whole.height(); ++y)
        std::copy(whole.constScanLine(y) + from, whole.constScanLine(y) + to, out.scanLine(y) + before);
    left = from - before;
    return out;
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
        const bool theirWord =
            theirs.size() >= 3 && !isWord(coreOf(mine)) && isWord(coreOf(theirs)) && least < modelSure;
        for (size_t k = p; k < end; ++k) {
            const ReadGlyph* a = pairs[k].first >= 0 ? &model[size_t(pairs[k].first)] : nullptr;
            const ReadGlyph* b = pairs[k].second >= 0 ? &other[size_t(pairs[k].second)] : nullptr;
            if (a && b) {
                ReadGlyph glyph = *a;
                if (a->text == b->text) {
                    glyph.confidence = 1 - (1 - a->confidence) * (1 - std::min(secondAtMost, b->confidence));
                } else if (!drawnAlike(*a) || !LookAlikes::shipped().isBar(b->text)) {
                    const bool held = a->others.contains(b->text);
                    const bool takeSecond =
                        theirWord || (held ? b->confidence > a->confidence
                                           : a->confidence < modelUnsure && b->confidence > secondSure);
                    glyph.others.removeAll(b->text);
                    if (takeSecond) {
                        glyph.others.prepend(a->text);
                        glyph.text = b->text;
                        glyph.confidence = std::min(b->confidence, 1 - a->confidence);
                    } else {
                        glyph.others.prepend(b->text);
                    }
                }
                out.push_back(glyph);
            } else if (a) {
                const bool bar = LookAlikes::shipped().isBar(a->text); // as many as there is ink
                const bool drop = theirWord ||
                                  (!bar && a->confidence < dropIfPossible && a->others.contains(QString())) ||
                                  (!bar && a->confidence < dropIfAlone && agree(k - 1) && agree(k + 1));
                if (!drop) out.push_back(*a);
            } else if (b) {
                // Left out by the model: put in where it holds that possible.
                const ReadGlyph* before = out.empty() ? nullptr : &out.back();
                if (theirWord ||
                    (before && before->confidence < modelUnsure && before->others.contains(before->text + b->text)))
                    out.push_back(*b);
            }
        }
        p = end;
    }
    markSure(out);
    for (ReadGlyph& glyph : out) glyph.doubted = true;
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
