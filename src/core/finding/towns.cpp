#include "finding/towns.h"

#include "finding/ordinary_word.h"
#include "finding/person_words.h"
#include "language/countries.h"

#include <algorithm>
#include <QRegularExpression>

namespace eyelid {

bool mayBeTown(const Names& names, const QString& text, bool listedOnly) {
    constexpr int mostWords = 3;
    static const QRegularExpression parting(QStringLiteral("[ -]"));
    if (names.isPlace(text)) return true;
    const TextRun run{SearchText(text)};
    for (const Token& t : tokensOf(run))
        if (isThing(t) || leadsAThing(t) || isCalendarWord(t) || isTitle(t) || isRoleWord(t)) return false;
    QStringList words = text.split(u' ');
    words.removeIf(joinsTown);
    if (words.isEmpty() || words.size() > mostWords) return false;
    // "Jerez de la Frontera", "Negrești-Oaș": the lists hold the words of towns, not how they are joined.
    const QString first = words.first().section(parting, 0, 0), last = words.last().section(parting, -1);
    if (listedOnly) return first != text && names.isPlace(first) && names.isPlace(last);
    return std::none_of(words.begin(), words.end(), [&](const QString& word) {
        return isOrdinary(names, word) && !names.isPlace(word) && !names.isFamily(word);
    });
}

bool isTownWithRegion(const Names& names, const QString& text) {
    static const QRegularExpression form(
        QStringLiteral("^(\\p{Lu}[\\p{L}'’.-]+(?: [\\p{L}'’.-]+){0,3})(?:, ?\\p{Lu}{2,3})?(?:, "
                       "?(\\p{Lu}{2,3}|\\p{Lu}[\\p{L} .]+)| \\p{Lu}{2} (\\p{Lu}{2}))$"));
    const auto m = form.match(text);
    if (!m.hasMatch() || !mayBeTown(names, m.captured(1), false)) return false;
    const QString behind = m.captured(m.lastCapturedIndex());
    return behind == behind.toUpper() || isCountry(behind) || names.isPlace(behind);
}

} // namespace eyelid
