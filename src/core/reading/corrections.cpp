#include "reading/corrections.h"

#include <algorithm>

namespace eyelid {
namespace {

// Letters spread evenly over the word: nobody drew their places.
void setText(Word& word, const QString& text) {
    word.text = text;
    word.confidence = 1;
    word.alternatives.clear();
    word.glyphs.clear();
    const double each = word.box.width() / double(std::max<qsizetype>(1, text.size()));
    for (qsizetype i = 0; i < text.size(); ++i)
        word.glyphs.push_back(
            {text.mid(i, 1), QRectF(word.box.left() + each * double(i), word.box.top(), each, word.box.height()), 1});
}

QRectF boxOf(const TextLine& line) {
    QRectF box;
    for (const Word& word : line.words) box = box.isNull() ? word.box : box.united(word.box);
    return box;
}

} // namespace

Page correctedPage(const Page& page, const std::vector<Correction>& corrections) {
    Page result = page;
    for (const Correction& correction : corrections)
        for (TextLine& line : result.lines)
            for (Word& word : line.words) {
                const QRectF common = word.box.intersected(correction.box);
                if (common.width() * common.height() < 0.6 * word.box.width() * word.box.height()) continue;
                if (word.text != correction.text || word.confidence < 1) setText(word, correction.text);
            }
    return result;
}

Page withAreaReadAnew(const Page& page, const QRect& area, const Page& reading) {
    Page result = page;
    for (TextLine& line : result.lines) {
        std::erase_if(line.words, [&](const Word& w) { return QRectF(area).contains(w.box.center()); });
        line.box = boxOf(line);
    }
    std::erase_if(result.lines, [](const TextLine& line) { return line.words.empty(); });
    // A word the area's edge cuts through was kept whole: its part is not read beside it.
    const auto stands = [old = result.lines](const Word& word) {
        for (const TextLine& line : old)
            for (const Word& kept : line.words) {
                const QRectF common = kept.box.intersected(word.box);
                if (common.width() * common.height() > 0.5 * word.box.width() * word.box.height()) return true;
            }
        return false;
    };
    for (TextLine line : reading.lines) {
        std::erase_if(line.words, stands);
        line.box = boxOf(line);
        if (!line.words.empty()) result.lines.push_back(std::move(line));
    }
    std::erase_if(result.illegible, [&](const QRectF& place) { return QRectF(area).contains(place.center()); });
    result.illegible.insert(result.illegible.end(), reading.illegible.begin(), reading.illegible.end());
    std::stable_sort(result.lines.begin(), result.lines.end(), [](const TextLine& a, const TextLine& b) {
        return a.box.top() != b.box.top() ? a.box.top() < b.box.top() : a.box.left() < b.box.left();
    });
    return result;
}

QString textWithin(const Page& page, const QRect& area) {
    QStringList lines;
    for (const TextLine& line : page.lines) {
        QStringList words;
        for (const Word& word : line.words)
            if (QRectF(area).contains(word.box.center())) words << word.text;
        if (!words.isEmpty()) lines << words.join(QLatin1Char(' '));
    }
    return lines.join(QLatin1Char('\n'));
}

} // namespace eyelid
