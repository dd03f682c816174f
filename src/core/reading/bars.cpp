#include "reading/bars.h"

#include "language/look_alikes.h"
#include "language/word_lists.h"

#include <algorithm>

namespace eyelid {
namespace {

bool isBarsAlone(const Word& word) {
    constexpr double broadest = 0.25; // of its height
    return word.box.width() < broadest * word.box.height() &&
           std::all_of(word.text.begin(), word.text.end(),
                       [](QChar c) { return LookAlikes::shipped().isBar(QString(c)); });
}

// Whether a bar of a line is the side of a frame. Alone on its line it is one where it is higher than a capital; before
// and after words where it reaches over them above and below; between words where nothing of type is as high.
bool isSide(const TextLine& line, const Word& word, double usualSize) {
    constexpr double higherThanCapital = 2, higherThanType = 1.6; // heights of a small x; of the words
    QRectF words;
    for (const Word& other : line.words)
        if (!isBarsAlone(other)) words = words.united(other.box);
    if (words.isNull()) return word.box.height() > higherThanCapital * usualSize;
    const bool beside = word.box.right() <= words.left() || word.box.left() >= words.right();
    if (beside) return word.box.top() < words.top() - 1 && word.box.bottom() > words.bottom() + 1;
    return word.box.height() > higherThanType * words.height();
}

double usualSize(const std::vector<TextLine>& lines) {
    std::vector<double> sizes; // of lines that can tell
    for (const TextLine& line : lines)
        if (line.text().size() > 2) sizes.push_back(line.xHeight);
    if (sizes.empty()) return 0;
    std::nth_element(sizes.begin(), sizes.begin() + long(sizes.size() / 2), sizes.end());
    return sizes[sizes.size() / 2];
}

} // namespace

QChar firstBar(const QString& word, bool leads) {
    const WordList& words = WordList::shipped();
    if (word.isEmpty() || !word[0].isLetterOrNumber()) return {};
    qsizetype to = word.size();
    while (to > 0 && !word[to - 1].isLetterOrNumber()) --to;
    const QString core = word.left(to);
    if (core.size() < 3) return {};
    const QString rest = core.mid(1);
    const bool small = rest == rest.toLower();
    if (core[0] == u'I' && small && word.contains(u'@')) return u'l'; // mail addresses are written small
    if (core[0] != u'l' || !small || words.holds(core)) return {};
    if (!std::all_of(rest.begin(), rest.end(), [](QChar c) { return c.isLetter(); })) return {};
    const QString withI = u'i' + rest;
    if (leads || isNameInI(withI) || words.holds(withI) || LookAlikes::shipped().followsCapitalI(rest[0])) return u'I';
    return {};
}

QChar innerBar(const QString& word, qsizetype at) {
    if (word[at] != u'|' || at == 0 || at + 1 == word.size()) return {};
    const QChar before = word[at - 1], after = word[at + 1];
    if (!before.isLetter() || !after.isLetter()) return {};
    return before.isUpper() && after.isUpper() ? u'I' : u'l';
}

void dropFrames(std::vector<TextLine>& lines) {
    const double usual = usualSize(lines);
    if (usual == 0) return;
    for (TextLine& line : lines) {
        std::vector<Word> kept;
        for (const Word& word : line.words)
            if (!isBarsAlone(word) || !isSide(line, word, usual)) kept.push_back(word);
        if (kept.size() == line.words.size()) continue;
        line.words = std::move(kept);
        line.box = {};
        for (const Word& word : line.words) line.box = line.box.united(word.box);
    }
    std::erase_if(lines, [](const TextLine& line) { return line.words.empty(); });
}

} // namespace eyelid
