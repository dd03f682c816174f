#include "finding/sentence_words.h"

#include "base/shipped.h"
#include "language/spelling.h"

#include <algorithm>
#include <QSet>

namespace eyelid {
namespace {

bool hasFigure(const QString& text) {
    return std::any_of(text.begin(), text.end(), [](QChar c) { return c.isDigit(); });
}

QString wordOf(const QString& text, const Span& span) {
    return text.mid(span.start, span.length);
}

bool endsClause(const QString& text, const Span& word) {
    return word.end() < text.size() && QStringLiteral(",;.").contains(text[word.end()]);
}

// Letters and figures that make a group of a number: "RN", "3441", "4711-A".
bool isOfNumber(const QString& word) {
    constexpr qsizetype longestLetters = 3;
    return hasFigure(word) || (word.size() <= longestLetters && word == word.toUpper() && word[0].isLetter());
}

} // namespace

std::vector<Span> sentenceWords(const QString& text) {
    std::vector<Span> words;
    for (int at = 0; at < text.size();) {
        const qsizetype space = text.indexOf(QLatin1Char(' '), at);
        const int end = space < 0 ? int(text.size()) : int(space);
        int from = at, to = end;
        while (from < to && !text[from].isLetterOrNumber() && text[from] != QLatin1Char('+')) ++from;
        while (to > from && !text[to - 1].isLetterOrNumber()) --to;
        if (to > from) words.push_back({from, to - from});
        at = end + 1;
    }
    return words;
}

bool opensNumber(const QString& text, const std::vector<Span>& words, size_t first) {
    constexpr size_t mostBefore = 2;
    for (size_t next = first; next < words.size() && next <= first + mostBefore; ++next) {
        if (!isOfNumber(wordOf(text, words[next]))) return false;
        if (hasFigure(wordOf(text, words[next]))) return true;
    }
    return false;
}

bool isFigures(const QString& word) {
    return std::ranges::all_of(word, [](QChar c) { return c.isDigit(); });
}

bool isLongNumber(const QString& word) {
    constexpr qsizetype fewestFigures = 6;
    return word.size() >= fewestFigures && isFigures(word);
}

bool standsBeforeNumbers(const QString& word) {
    static const QSet<QString> words = shippedWords(QStringLiteral("words/before-numbers.txt"));
    return words.contains(withoutAccents(word).toLower());
}

size_t lastOfNumber(const QString& text, const std::vector<Span>& words, size_t first) {
    size_t last = first;
    while (last + 1 < words.size() && isOfNumber(wordOf(text, words[last + 1])) && !endsClause(text, words[last]))
        ++last;
    return last;
}

} // namespace eyelid
