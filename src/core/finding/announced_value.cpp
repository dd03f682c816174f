#include "finding/announced_value.h"

#include "base/shipped.h"

#include <QRegularExpression>
#include <QSet>

namespace eyelid {

Span upToQuote(Span value, const QString& line) {
    static const QRegularExpression closing(QStringLiteral("[\"”“],?\\s*[,}]?\\s*$"));
    static const QRegularExpression same[] = {QRegularExpression(QStringLiteral("(?<!\\\\)\"")),
                                              QRegularExpression(QStringLiteral("'(?=[\\s,;:)\\]}]|$)"))};
    const QChar before = value.start > 0 ? line[value.start - 1] : QChar();
    const bool quoted = before == u'"' || before == u'\'';
    const qsizetype quote = quoted ? line.indexOf(same[before == u'\''], value.start) : line.indexOf(closing);
    if (quote > value.start && (quoted || quote < value.end())) value.length = int(quote) - value.start;
    return value;
}

Span valueOf(const LabelHit& hit, const Span& value, const QString& line) {
    static const QRegularExpression sentenceEnd(QStringLiteral("(?<=\\p{Ll}{4})\\. (?=\\p{Lu}\\p{Ll}+ \\p{Ll})"));
    Span whole = upToQuote(value, line);
    if (hit.kind != Kind::Address) return whole;
    const qsizetype end = line.mid(whole.start, whole.length).indexOf(sentenceEnd);
    if (end > 0) whole.length = int(end);
    return whole;
}

bool isDataType(const QString& cell) {
    static const QSet<QString> types =
        shippedWords(QStringLiteral("words/around-labels.txt"), QLatin1String("data type"));
    const QString word = cell.section(u'(', 0, 0).trimmed(), small = word.toLower();
    return types.contains(small) && (word == small || word == word.toUpper()); // "Long" may be somebody's name
}

} // namespace eyelid
