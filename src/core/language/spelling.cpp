#include "language/spelling.h"

#include "language/look_alikes.h"

#include <algorithm>

namespace eyelid {

QString withoutAccents(const QString& text) {
    bool ascii = true;
    for (const QChar c : text) ascii = ascii && c.unicode() < 128;
    if (ascii) return text;
    QString out;
    for (const QChar c : text.normalized(QString::NormalizationForm_D)) {
        if (c.category() == QChar::Mark_NonSpacing) continue;
        switch (c.unicode()) {
        case 0x00df:
            out += QLatin1String("ss");
            break;
        case 0x00e6:
            out += QLatin1String("ae");
            break;
        case 0x00c6:
            out += QLatin1String("Ae");
            break;
        case 0x00f8:
            out += QLatin1Char('o');
            break;
        case 0x00d8:
            out += QLatin1Char('O');
            break;
        case 0x0142:
            out += QLatin1Char('l');
            break;
        case 0x0141:
            out += QLatin1Char('L');
            break;
        case 0x0153:
            out += QLatin1String("oe");
            break;
        case 0x2018:
        case 0x2019:
            out += QLatin1Char('\'');
            break;
        default:
            out += c;
        }
    }
    return out;
}

QString skeleton(const QString& text) {
    const LookAlikes& alike = LookAlikes::shipped();
    const QString folded = withoutAccents(text).toLower();
    QString out;
    out.reserve(folded.size());
    for (qsizetype i = 0; i < folded.size(); ++i) {
        if (i + 1 < folded.size())
            if (const QChar one = alike.oneFor(folded[i], folded[i + 1]); !one.isNull()) {
                out += one;
                ++i;
                continue;
            }
        const QChar c = alike.likeness(folded[i]);
        if (c.isLetterOrNumber() || c == QLatin1Char('@')) out += c;
    }
    return out;
}

QString digitsRestored(const QString& text) {
    const LookAlikes& alike = LookAlikes::shipped();
    QString out = text;
    for (QChar& c : out) c = alike.asDigit(c);
    return out;
}

QString nameRestored(const QString& word) {
    const LookAlikes& alike = LookAlikes::shipped();
    QString out = word;
    // "P61", "Gi1/0": where as much is figures as letters, they are figures.
    const auto figures = std::count_if(word.begin(), word.end(), [](QChar c) { return c.isDigit(); });
    const auto letters = std::count_if(word.begin(), word.end(), [](QChar c) { return c.isLetter(); });
    if (figures >= letters) return out;
    // Most words stay as they are, and nothing is copied for them.
    QChar before = word.isEmpty() ? QChar() : word[0];
    for (qsizetype i = 1; i < word.size(); ++i) {
        const QChar c = before.isLetter() ? alike.inName(word[i]) : word[i];
        if (c != word[i]) out[i] = c;
        before = c;
    }
    // No word starts with a small l before these; a capital I does.
    const QString& told = out;
    if (told.size() >= 3 && told[0] == QLatin1Char('l') &&
        (alike.followsCapitalI(told[1]) || told.mid(1, 2) == QLatin1String("eu")))
        out[0] = QLatin1Char('I');
    return out;
}

} // namespace eyelid
