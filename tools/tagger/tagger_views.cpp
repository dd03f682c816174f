// Makes what the tagger is taught with: tagger_views PLACES.jsonl OUT.bin
//
// Each line of PLACES.jsonl is the truth of a page (tools/pages/draw.py --places). Words are put to lines as the reader
// puts them, and seen as the product sees them (finding/page_view.h). For each page: the number of words, then for each
// word the number of its features and these, the words near and around it, and its class; little-endian, 16 bits each.
#include "finding/page_view.h"
#include "finding/tagger.h"

#include <algorithm>
#include <climits>
#include <fstream>
#include <nlohmann/json.hpp>
#include <random>

using namespace eyelid;
using Json = nlohmann::json;

namespace {

// What a browser says of a word's box is as high as the line of type; the ink is within it.
constexpr double inkTop = 0.2, inkHeight = 0.62, xShare = 0.46, cellGap = 0.75, oneWordGap = 0.12;

struct Placed {
    QString text;
    QRectF box;
    std::vector<QString> kinds; ///< by character: words may be written without a space between them
};

std::vector<Placed> placedOf(const Json& truth) {
    std::vector<Placed> all;
    const auto add = [&](const Json& word, const QString& kind) {
        const auto& b = word["box"];
        const QString text = QString::fromStdString(word["text"]);
        all.push_back({text, QRectF(b[0].get<double>(), b[1].get<double>(), b[2].get<double>(), b[3].get<double>()),
                       std::vector<QString>(size_t(text.size()), kind)});
    };
    for (const Json& word : truth["words"]) add(word, {});
    for (const Json& span : truth["sens"])
        for (const Json& part : span["parts"]) add(part, QString::fromStdString(span["kind"]));
    std::sort(all.begin(), all.end(), [](const Placed& a, const Placed& b) {
        return a.box.top() != b.box.top() ? a.box.top() < b.box.top() : a.box.left() < b.box.left();
    });
    return all;
}

struct Labelled {
    Page page;
    std::vector<std::vector<std::vector<QString>>> kinds; ///< by line, word and character
};

Labelled pageOf(const Json& truth) {
    std::vector<Placed> left = placedOf(truth);
    struct Line {
        std::vector<Placed> words;
    };
    std::vector<Line> lines;
    // Rows first, then cells by the gaps between.
    while (!left.empty()) {
        const Placed first = left.front();
        std::vector<Placed> row, rest;
        for (Placed& word : left) {
            const double common =
                std::min(word.box.bottom(), first.box.bottom()) - std::max(word.box.top(), first.box.top());
            (common > 0.6 * std::min(word.box.height(), first.box.height()) ? row : rest).push_back(std::move(word));
        }
        std::sort(row.begin(), row.end(), [](const Placed& a, const Placed& b) { return a.box.left() < b.box.left(); });
        lines.emplace_back();
        for (Placed& word : row) {
            std::vector<Placed>& now = lines.back().words;
            if (!now.empty()) {
                const double gap = word.box.left() - now.back().box.right(),
                             high = std::max(word.box.height(), now.back().box.height());
                if (gap < oneWordGap * high && gap > -high) {
                    now.back().text += word.text;
                    now.back().kinds.insert(now.back().kinds.end(), word.kinds.begin(), word.kinds.end());
                    now.back().box = now.back().box.united(word.box);
                    continue;
                }
                if (gap > cellGap * high || gap < -high) lines.emplace_back();
            }
            lines.back().words.push_back(std::move(word));
        }
        left = std::move(rest);
    }
    std::stable_sort(lines.begin(), lines.end(),
                     [](const Line& a, const Line& b) { return a.words[0].box.top() < b.words[0].box.top(); });
    Labelled made;
    const int dpr = truth["dpr"];
    made.page.size = QSize(1180 * dpr, 780 * dpr);
    for (const Line& line : lines) {
        TextLine text;
        made.kinds.emplace_back();
        for (const Placed& placed : line.words) {
            Word word;
            word.text = placed.text;
            word.box = QRectF(placed.box.left(), placed.box.top() + inkTop * placed.box.height(), placed.box.width(),
                              inkHeight * placed.box.height());
            text.box = text.box.isNull() ? word.box : text.box.united(word.box);
            text.xHeight = std::max(text.xHeight, xShare * placed.box.height());
            text.words.push_back(word);
            made.kinds.back().push_back(placed.kinds);
        }
        text.baseline = text.box.bottom();
        made.page.lines.push_back(text);
    }
    return made;
}

void put(std::ofstream& out, int value) {
    const char bytes[] = {char(value & 0xff), char((value >> 8) & 0xff)};
    out.write(bytes, 2);
}

} // namespace

namespace {

// Of what a word, or a part of it, is; the signs between the parts are nobody's.
QString kindOf(const std::vector<QString>& letters, int from = 0, int length = INT_MAX) {
    for (int at = from; at < int(letters.size()) && at - from < length; ++at)
        if (!letters[size_t(at)].isEmpty()) return letters[size_t(at)];
    return {};
}

// As a check sees a page: in place of what is covered stand blocks. Now and then something was left bare.
void cover(Labelled& made, std::mt19937& random) {
    constexpr double covered = 0.85;
    std::bernoulli_distribution is(covered);
    for (size_t l = 0; l < made.page.lines.size(); ++l) {
        auto& words = made.page.lines[l].words;
        auto& kinds = made.kinds[l];
        std::vector<Word> left;
        std::vector<std::vector<QString>> leftKinds;
        for (size_t w = 0; w < words.size();) {
            size_t end = w + 1;
            const QString kind = kindOf(kinds[w]);
            while (end < words.size() && kindOf(kinds[end]) == kind) ++end;
            if (!kind.isEmpty() && is(random)) {
                Word block = words[w];
                block.text = QString(coverBlock);
                for (size_t k = w; k < end; ++k) block.box = block.box.united(words[k].box);
                left.push_back(block);
                leftKinds.emplace_back(size_t(block.text.size()));
            } else {
                left.insert(left.end(), words.begin() + long(w), words.begin() + long(end));
                leftKinds.insert(leftKinds.end(), kinds.begin() + long(w), kinds.begin() + long(end));
            }
            w = end;
        }
        words = std::move(left);
        kinds = std::move(leftKinds);
    }
}

} // namespace

int main(int argc, char** argv) {
    if (argc != 3) return 2;
    std::ifstream in(argv[1]);
    std::ofstream out(argv[2], std::ios::binary);
    const Names names;
    std::string line;
    int pages = 0, words = 0;
    std::mt19937 random(1);
    while (std::getline(in, line)) {
        Labelled made = pageOf(Json::parse(line));
        if (pages % 3 == 2) cover(made, random);
        const ScreenText screen(made.page);
        const std::vector<ViewedWord> view = viewOf(screen, names);
        put(out, int(view.size()));
        const ViewedWord* first = nullptr; // part of the word
        for (const ViewedWord& word : view) {
            if (!first || first->line != word.line || first->word != word.word) first = &word;
            put(out, int(word.features.size()));
            for (const int id : word.features) put(out, id);
            for (const int near : word.near) put(out, near);
            for (const auto& group : word.around)
                for (const int around : group) put(out, around);
            put(out, Tagger::classOf(kindOf(made.kinds[size_t(word.line)][size_t(word.word)],
                                            word.span.start - first->span.start, word.span.length)));
        }
        ++pages;
        words += int(view.size());
    }
    std::printf("%d pages, %d words\n", pages, words);
    return 0;
}
