#include "finding/ordinary_word.h"

#include "finding/detector.h"
#include "language/lexicon.h"
#include "language/spelling.h"
#include "language/word_groups.h"

#include <algorithm>
#include <QRegularExpression>

namespace eyelid {

static constexpr qsizetype shortestOrdinary = 3; // of a word that tells by itself

bool isOrdinary(const Names& names, const QString& word) {
    return word.size() >= shortestOrdinary &&
           (names.isCommonWord(word) || WordGroups::shipped().of(withoutAccents(word).toLower()));
}

bool isNobodysWord(const Names& names, const QString& word) {
    return (names.isCommonWord(word) || isInLexicon(word)) && !names.isGivenOrFamily(word) && !names.isPlace(word);
}

bool isRemarkUnder(const Surroundings& in, const TextRun& run, const Span& word) {
    if (word.start == 0 || !isNobodysWord(in.names, run.text().mid(word.start, word.length))) return false;
    return in.screen.boxes(run, {0, word.end()}).size() > in.screen.boxes(run, {0, word.start}).size();
}

bool saysOrdinaryWords(const Names& names, const QString& text) {
    static const QRegularExpression others(QStringLiteral("[^\\p{L}]+"));
    const QStringList words = text.split(others, Qt::SkipEmptyParts);
    return std::none_of(text.begin(), text.end(), [](QChar c) { return c.isDigit(); }) &&
           std::all_of(words.begin(), words.end(), [&](const QString& word) {
               return isOrdinary(names, word) || (word.size() < shortestOrdinary && names.isCommonWord(word));
           });
}

} // namespace eyelid
