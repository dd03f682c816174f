#include "finding/check_digits.h"

#include <QHash>
#include <QSet>

namespace eyelid {
namespace {

int valueOf(QChar c) {
    return c.unicode() - '0';
}

bool allDigits(const QString& text) {
    for (const QChar c : text)
        if (c < QLatin1Char('0') || c > QLatin1Char('9')) return false;
    return !text.isEmpty();
}

} // namespace

bool luhnHolds(const QString& digits) {
    if (!allDigits(digits)) return false;
    int sum = 0;
    bool twice = false;
    for (qsizetype i = digits.size(); i-- > 0; twice = !twice) {
        int d = valueOf(digits[i]);
        if (twice) d = d * 2 > 9 ? d * 2 - 9 : d * 2;
        sum += d;
    }
    return sum % 10 == 0;
}

int ibanLength(const QString& country) {
    // The ISO 13616 registry's lengths.
    static const QHash<QString, int> lengths{
        {"AD", 24}, {"AE", 23}, {"AL", 28}, {"AT", 20}, {"AZ", 28}, {"BA", 20}, {"BE", 16}, {"BG", 22}, {"BH", 22},
        {"BR", 29}, {"BY", 28}, {"CH", 21}, {"CR", 22}, {"CY", 28}, {"CZ", 24}, {"DE", 22}, {"DK", 18}, {"DO", 28},
        {"EE", 20}, {"EG", 29}, {"ES", 24}, {"FI", 18}, {"FO", 18}, {"FR", 27}, {"GB", 22}, {"GE", 22}, {"GI", 23},
        {"GL", 18}, {"GR", 27}, {"GT", 28}, {"HR", 21}, {"HU", 28}, {"IE", 22}, {"IL", 23}, {"IQ", 23}, {"IS", 26},
        {"IT", 27}, {"JO", 30}, {"KW", 30}, {"KZ", 20}, {"LB", 28}, {"LC", 32}, {"LI", 21}, {"LT", 20}, {"LU", 20},
        {"LV", 21}, {"LY", 25}, {"MC", 27}, {"MD", 24}, {"ME", 22}, {"MK", 19}, {"MR", 27}, {"MT", 31}, {"MU", 30},
        {"NL", 18}, {"NO", 15}, {"PK", 24}, {"PL", 28}, {"PS", 29}, {"PT", 25}, {"QA", 29}, {"RO", 24}, {"RS", 22},
        {"SA", 24}, {"SC", 31}, {"SE", 24}, {"SI", 19}, {"SK", 24}, {"SM", 27}, {"ST", 25}, {"SV", 28}, {"TL", 23},
        {"TN", 24}, {"TR", 26}, {"UA", 29}, {"VA", 22}, {"VG", 24}, {"XK", 20}};
    return lengths.value(country, 0);
}

bool ibanHolds(const QString& iban) {
    if (iban.size() != ibanLength(iban.left(2))) return false;
    int rest = 0;
    for (const QChar c : iban.mid(4) + iban.left(4)) {
        const ushort u = c.unicode();
        if (u >= '0' && u <= '9')
            rest = (rest * 10 + (u - '0')) % 97;
        else if (u >= 'A' && u <= 'Z')
            rest = (rest * 100 + (u - 'A' + 10)) % 97;
        else
            return false;
    }
    return rest == 1;
}

bool germanTaxIdHolds(const QString& digits) {
    if (digits.size() != 11 || !allDigits(digits) || digits[0] == QLatin1Char('0')) return false;
    int count[10] = {};
    for (int i = 0; i < 10; ++i) ++count[valueOf(digits[i])];
    int missing = 0, most = 0;
    for (int c : count) {
        missing += c == 0;
        most = std::max(most, c);
    }
    // One digit occurs two or three times among the first ten; all others at most once.
    if (most < 2 || most > 3 || missing != most - 1) return false;
    int product = 10;
    for (int i = 0; i < 10; ++i) {
        int sum = (valueOf(digits[i]) + product) % 10;
        if (sum == 0) sum = 10;
        product = sum * 2 % 11;
    }
    return (11 - product) % 10 == valueOf(digits[10]);
}

bool frenchNirHolds(const QString& nir) {
    if (nir.size() != 15) return false;
    QString number = nir.left(13);
    if (!QStringLiteral("123478").contains(number[0])) return false;
    if (number.mid(5, 2) == QLatin1String("2A"))
        number.replace(5, 2, QStringLiteral("19"));
    else if (number.mid(5, 2) == QLatin1String("2B"))
        number.replace(5, 2, QStringLiteral("18"));
    if (!allDigits(number) || !allDigits(nir.mid(13))) return false;
    return 97 - int(number.toLongLong() % 97) == nir.mid(13).toInt();
}

bool spanishDniHolds(const QString& dni) {
    if (dni.size() != 9) return false;
    QString number = dni.left(8);
    const int first = int(QStringLiteral("XYZ").indexOf(number[0]));
    if (first >= 0) number[0] = QChar('0' + first);
    if (!allDigits(number)) return false;
    return QStringLiteral("TRWAGMYFPDXBNJZSQVHLCKE")[number.toInt() % 23] == dni[8];
}

bool ukNinoForm(const QString& nino) {
    if (nino.size() != 9 || !allDigits(nino.mid(2, 6))) return false;
    const QChar a = nino[0], b = nino[1], suffix = nino[8];
    if (suffix < QLatin1Char('A') || suffix > QLatin1Char('D')) return false;
    if (!a.isUpper() || !b.isUpper()) return false;
    const QString prefix = nino.left(2);
    if (prefix == QLatin1String("QQ")) return true;
    if (QStringLiteral("DFIQUV").contains(a) || QStringLiteral("DFIOQUV").contains(b)) return false;
    static const QSet<QString> unused{"BG", "GB", "KN", "NK", "NT", "TN", "ZZ"};
    return !unused.contains(prefix);
}

bool nhsNumberHolds(const QString& digits) {
    if (digits.size() != 10 || !allDigits(digits)) return false;
    int sum = 0;
    for (int i = 0; i < 9; ++i) sum += valueOf(digits[i]) * (10 - i);
    const int check = 11 - sum % 11;
    return check != 10 && check % 11 == valueOf(digits[9]);
}

bool usSsnHolds(const QString& digits) {
    if (digits.size() != 9 || !allDigits(digits)) return false;
    const int area = digits.left(3).toInt();
    return area != 0 && area != 666 && area < 900 && digits.mid(3, 2) != QLatin1String("00") &&
           digits.mid(5) != QLatin1String("0000");
}

bool dutchBsnHolds(const QString& digits) {
    if (digits.size() != 9 || !allDigits(digits)) return false;
    int sum = -valueOf(digits[8]);
    for (int i = 0; i < 8; ++i) sum += valueOf(digits[i]) * (9 - i);
    return sum % 11 == 0 && digits.toInt() != 0;
}

} // namespace eyelid
