#include "finding/confusables.h"

namespace eyelid {

QString withoutAccents(const QString& text) {
    bool plain = true;
    for (const QChar c : text) plain = plain && c.unicode() < 128;
    if (plain) return text;
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
    QString out;
    const QString plain = withoutAccents(text).toLower();
    for (qsizetype i = 0; i < plain.size(); ++i) {
        const QChar c = plain[i], next = i + 1 < plain.size() ? plain[i + 1] : QChar();
        if (c == QLatin1Char('r') && next == QLatin1Char('n')) {
            out += QLatin1Char('m');
            ++i;
        } else if (c == QLatin1Char('v') && next == QLatin1Char('v')) {
            out += QLatin1Char('w');
            ++i;
        } else if (c == QLatin1Char('o') || c == QLatin1Char('q'))
            out += QLatin1Char('0');
        else if (c == QLatin1Char('l') || c == QLatin1Char('i') || c == QLatin1Char('!') || c == QLatin1Char('|') ||
                 c == QLatin1Char('j'))
            out += QLatin1Char('1');
        else if (c == QLatin1Char('s'))
            out += QLatin1Char('5');
        else if (c == QLatin1Char('b'))
            out += QLatin1Char('8');
        else if (c == QLatin1Char('z'))
            out += QLatin1Char('2');
        else if (c.isLetterOrNumber() || c == QLatin1Char('@'))
            out += c;
    }
    return out;
}

QString digitsRestored(const QString& text) {
    QString out = text;
    for (QChar& c : out) {
        switch (c.unicode()) {
        case 'O':
        case 'o':
        case 'Q':
        case 'D':
        case '@': // a zero with a stroke
            c = QLatin1Char('0');
            break;
        case 'l':
        case 'I':
        case 'i':
        case '|':
        case '!':
            c = QLatin1Char('1');
            break;
        case 'S':
        case 's':
            c = QLatin1Char('5');
            break;
        case 'B':
            c = QLatin1Char('8');
            break;
        case 'Z':
        case 'z':
            c = QLatin1Char('2');
            break;
        case 'g':
        case 'q':
            c = QLatin1Char('9');
            break;
        default:
            break;
        }
    }
    return out;
}

QString nameRestored(const QString& word) {
    QString out = word;
    for (qsizetype i = 0; i < out.size(); ++i) {
        const bool between = i > 0 && out[i - 1].isLetter();
        if (!between) continue;
        if (out[i] == QLatin1Char('6') || out[i] == QLatin1Char('0'))
            out[i] = QLatin1Char('o');
        else if (out[i] == QLatin1Char('1') || out[i] == QLatin1Char('|'))
            out[i] = QLatin1Char('l');
        else if (out[i] == QLatin1Char('!'))
            out[i] = QLatin1Char('i');
        else if (out[i] == QLatin1Char('5'))
            out[i] = QLatin1Char('s');
    }
    // No word starts with a small l before these; a capital I does.
    static const QString afterI = QStringLiteral("bcdfgmnrstvz");
    if (out.size() >= 3 && out[0] == QLatin1Char('l') &&
        (afterI.contains(out[1]) || out.mid(1, 2) == QLatin1String("eu")))
        out[0] = QLatin1Char('I');
    return out;
}

} // namespace eyelid
