#include "reading/illegible.h"

#include "language/spelling.h"
#include "language/word_lists.h"

#include <algorithm>
#include <QRegularExpression>

namespace eyelid {
namespace {

// Chosen on 6,462 lines of 134 legible screens, of which one is told to be illegible (letters that run into one
// another), and on lines of Cyrillic, Greek, Hebrew and Arabic, which are read as Latin letters at 0.81 to 0.96.
constexpr double unsure = 0.93, notSure = 0.97; // the mean of a line's characters
constexpr int fewestLetters = 5, fewestPieces = 4;
constexpr double lowestLetter = 0.3;  // heights of a small x
constexpr qsizetype longestWord = 16; // longer ones are keys

bool isListed(const QString& word) {
    const QString spelt = withoutAccents(word).toLower();
    const NameLists& names = NameLists::shipped();
    return PlainWords::shipped().holds(spelt) || names.isGiven(spelt) || names.isFamily(spelt) || names.isPlace(spelt);
}

// A capital after a small letter, or a digit between letters, but in what programs are written with: "CoKonoB",
// "Nna6orou", not "customerName".
bool isOdd(const QString& word) {
    constexpr qsizetype fewest = 4;
    static const QRegularExpression odd(QStringLiteral("\\p{Ll}\\p{Lu}|\\p{L}\\d+\\p{L}"));
    static const QRegularExpression parts(QStringLiteral("\\p{Lu}?\\p{Ll}+|\\p{Lu}+"));
    if (word.size() > longestWord || !odd.match(word).hasMatch()) return false;
    for (auto part = parts.globalMatch(word); part.hasNext();)
        if (const QString text = part.next().captured(); text.size() >= fewest && isListed(text)) return false;
    return true;
}

double meanSureness(const TextLine& line) {
    double sum = 0;
    int count = 0;
    for (const Word& word : line.words)
        for (const Glyph& glyph : word.glyphs) {
            sum += glyph.confidence;
            ++count;
        }
    return count == 0 ? 0 : sum / count;
}

} // namespace

bool isIllegible(const LinePatch& patch, const TextLine& line) {
    // Dots beside a block are no type.
    const auto isLetter = [&](const QRect& ink) { return ink.height() >= lowestLetter * patch.xHeight; };
    if (line.words.empty()) return std::ranges::count_if(patch.inks, isLetter) >= fewestPieces;
    const double sureness = meanSureness(line);
    if (sureness >= notSure) return false;
    static const QRegularExpression words(QStringLiteral("[\\p{L}\\d]{4,}")), letters(QStringLiteral("\\p{L}{3,}"));
    const QString text = line.text();
    int alphabetic = 0, digits = 0, wordsOf = 0, odd = 0;
    for (const QChar c : text) {
        alphabetic += c.isLetter();
        digits += c.isDigit();
    }
    if (alphabetic < fewestLetters || 2 * digits >= alphabetic) return false;
    for (auto word = words.globalMatch(text); word.hasNext(); ++wordsOf) odd += isOdd(word.next().captured());
    if (odd == 0) return false;
    if (2 * odd >= wordsOf) return true;
    if (sureness >= unsure) return false;
    for (auto word = letters.globalMatch(text); word.hasNext();)
        if (isListed(word.next().captured())) return false;
    return true;
}

} // namespace eyelid
