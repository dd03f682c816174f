#include "finding/check_digits.h"

#include <QCryptographicHash>
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

bool isOfNoughts(const QString& number) {
    return number.contains(u'0') && std::none_of(number.begin(), number.end(),
                                                 [](QChar c) { return c.isLetter() || (c.isDigit() && c != u'0'); });
}

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

namespace {

int weighed(const QString& digits, std::initializer_list<int> weights) {
    int sum = 0, i = 0;
    for (int w : weights) sum += w * valueOf(digits[i++]);
    return sum;
}

bool isDay(int day, int month) {
    return day >= 1 && day <= 31 && month >= 1 && month <= 12;
}

int pair(const QString& digits, int at) {
    return digits.mid(at, 2).toInt();
}

} // namespace

bool italianCodeHolds(const QString& code) {
    // Letters in the places of digits stand for them where two people would have the same code (omocodia).
    static const QString shape = QStringLiteral("AAAAAA99A99A999A");
    if (code.size() != 16) return false;
    for (int i = 0; i < 16; ++i) {
        const bool letter = code[i] >= u'A' && code[i] <= u'Z', digit = code[i] >= u'0' && code[i] <= u'9';
        if (shape[i] == u'A' ? !letter : !(digit || (letter && QStringLiteral("LMNPQRSTUV").contains(code[i]))))
            return false;
    }
    static constexpr int odd[36] = {1,  0,  5, 7, 9,  13, 15, 17, 19, 21, 1,  0,  5,  7,  9,  13, 15, 17,
                                    19, 21, 2, 4, 18, 20, 11, 3,  6,  8,  12, 14, 16, 10, 22, 25, 24, 23};
    int sum = 0;
    for (int i = 0; i < 15; ++i) {
        const bool digit = code[i].isDigit();
        const int value = digit ? valueOf(code[i]) : code[i].unicode() - 'A';
        sum += i % 2 == 0 ? odd[digit ? value : value + 10] : value;
    }
    return code[15] == QChar('A' + sum % 26);
}

bool peselHolds(const QString& digits) {
    if (digits.size() != 11 || !allDigits(digits)) return false;
    if (!isDay(pair(digits, 4), pair(digits, 2) % 20)) return false;
    return (10 - weighed(digits, {1, 3, 7, 9, 1, 3, 7, 9, 1, 3}) % 10) % 10 == valueOf(digits[10]);
}

bool portugueseNifHolds(const QString& digits) {
    if (digits.size() != 9 || !allDigits(digits) || !QStringLiteral("1235689").contains(digits[0])) return false;
    const int rest = weighed(digits, {9, 8, 7, 6, 5, 4, 3, 2}) % 11;
    return (rest < 2 ? 0 : 11 - rest) == valueOf(digits[8]);
}

bool belgianNumberHolds(const QString& digits) {
    if (digits.size() != 11 || !allDigits(digits)) return false;
    if (pair(digits, 2) > 12 || pair(digits, 4) > 31) return false;
    const int check = pair(digits, 9);
    const qint64 number = digits.left(9).toLongLong();
    return 97 - number % 97 == check || 97 - (number + 2'000'000'000) % 97 == check;
}

bool swedishNumberHolds(const QString& digits) {
    return digits.size() == 10 && isDay(pair(digits, 4) % 60, pair(digits, 2)) && luhnHolds(digits);
}

bool norwegianNumberHolds(const QString& digits) {
    if (digits.size() != 11 || !allDigits(digits) || !isDay(pair(digits, 0) % 40, pair(digits, 2) % 40)) return false;
    const int first = (11 - weighed(digits, {3, 7, 6, 1, 8, 9, 4, 5, 2}) % 11) % 11;
    const int second = (11 - weighed(digits, {5, 4, 3, 2, 7, 6, 5, 4, 3, 2}) % 11) % 11;
    return first == valueOf(digits[9]) && second == valueOf(digits[10]);
}

bool danishNumberForm(const QString& digits) {
    return digits.size() == 10 && allDigits(digits) && isDay(pair(digits, 0) % 60, pair(digits, 2));
}

bool finnishCodeHolds(const QString& code) {
    if (code.size() != 11 || !QStringLiteral("-+ABCDEFYXWVU").contains(code[6])) return false;
    const QString number = code.left(6) + code.mid(7, 3);
    if (!allDigits(number) || !isDay(pair(number, 0), pair(number, 2))) return false;
    return QStringLiteral("0123456789ABCDEFHJKLMNPRSTUVWXY")[number.toInt() % 31] == code[10];
}

bool swissNumberHolds(const QString& digits) {
    if (digits.size() != 13 || !allDigits(digits) || !digits.startsWith(QLatin1String("756"))) return false;
    return (10 - weighed(digits, {1, 3, 1, 3, 1, 3, 1, 3, 1, 3, 1, 3}) % 10) % 10 == valueOf(digits[12]);
}

bool austrianNumberHolds(const QString& digits) {
    if (digits.size() != 10 || !allDigits(digits) || digits[0] == u'0') return false;
    if (pair(digits, 4) > 31 || pair(digits, 6) > 15) return false;
    const int sum = weighed(digits, {3, 7, 9}) + [&] {
        int behind = 0, i = 4;
        for (int w : {5, 8, 4, 2, 1, 6}) behind += w * valueOf(digits[i++]);
        return behind;
    }();
    return sum % 11 == valueOf(digits[3]);
}

bool cpfHolds(const QString& digits) {
    if (digits.size() != 11 || !allDigits(digits) || digits.count(digits[0]) == 11) return false;
    const int first = weighed(digits, {10, 9, 8, 7, 6, 5, 4, 3, 2}) * 10 % 11 % 10;
    const int second = weighed(digits, {11, 10, 9, 8, 7, 6, 5, 4, 3, 2}) * 10 % 11 % 10;
    return first == valueOf(digits[9]) && second == valueOf(digits[10]);
}

bool canadianNumberHolds(const QString& digits) {
    return digits.size() == 9 && allDigits(digits) && digits[0] != u'8' && luhnHolds(digits);
}

bool australianTaxNumberHolds(const QString& digits) {
    return digits.size() == 9 && allDigits(digits) && digits.toInt() != 0 &&
           weighed(digits, {1, 4, 3, 7, 5, 8, 6, 9, 10}) % 11 == 0;
}

bool irishNumberHolds(const QString& code) {
    if (code.size() < 8 || code.size() > 9 || !allDigits(code.left(7)) || !code[7].isUpper()) return false;
    int sum = weighed(code, {8, 7, 6, 5, 4, 3, 2});
    if (code.size() == 9) {
        if (code[8] < u'A' || code[8] > u'W') return false;
        sum += code[8] == u'W' ? 0 : 9 * (code[8].unicode() - 'A' + 1);
    }
    return QStringLiteral("WABCDEFGHIJKLMNOPQRSTUV")[sum % 23] == code[7];
}

bool aadhaarHolds(const QString& digits) {
    if (digits.size() != 12 || !allDigits(digits) || digits[0] < u'2') return false;
    static constexpr int product[10][10] = {{0, 1, 2, 3, 4, 5, 6, 7, 8, 9}, {1, 2, 3, 4, 0, 6, 7, 8, 9, 5},
                                            {2, 3, 4, 0, 1, 7, 8, 9, 5, 6}, {3, 4, 0, 1, 2, 8, 9, 5, 6, 7},
                                            {4, 0, 1, 2, 3, 9, 5, 6, 7, 8}, {5, 9, 8, 7, 6, 0, 4, 3, 2, 1},
                                            {6, 5, 9, 8, 7, 1, 0, 4, 3, 2}, {7, 6, 5, 9, 8, 2, 1, 0, 4, 3},
                                            {8, 7, 6, 5, 9, 3, 2, 1, 0, 4}, {9, 8, 7, 6, 5, 4, 3, 2, 1, 0}};
    static constexpr int turned[10] = {1, 5, 7, 6, 2, 8, 3, 0, 9, 4};
    int check = 0;
    for (int i = 0; i < 12; ++i) {
        int digit = valueOf(digits[11 - i]);
        for (int k = i % 8; k > 0; --k) digit = turned[digit];
        check = product[check][digit];
    }
    return check == 0;
}

bool abaRoutingHolds(const QString& digits) {
    if (digits.size() != 9 || !allDigits(digits) || digits.toInt() == 0) return false;
    return weighed(digits, {3, 7, 1, 3, 7, 1, 3, 7, 1}) % 10 == 0;
}

bool vinHolds(const QString& vin) {
    if (vin.size() != 17) return false;
    static const QString letters = QStringLiteral("ABCDEFGHJKLMNPRSTUVWXYZ");
    static constexpr int values[] = {1, 2, 3, 4, 5, 6, 7, 8, 1, 2, 3, 4, 5, 7, 9, 2, 3, 4, 5, 6, 7, 8, 9};
    static constexpr int weights[] = {8, 7, 6, 5, 4, 3, 2, 10, 0, 9, 8, 7, 6, 5, 4, 3, 2};
    int sum = 0;
    for (int i = 0; i < 17; ++i) {
        const qsizetype at = letters.indexOf(vin[i]);
        if (at < 0 && !(vin[i] >= u'0' && vin[i] <= u'9')) return false;
        sum += weights[i] * (at >= 0 ? values[at] : valueOf(vin[i]));
    }
    return vin[8] == (sum % 11 == 10 ? QChar(u'X') : QChar('0' + sum % 11));
}

bool mrzFieldHolds(const QString& field, QChar check) {
    static constexpr int weights[] = {7, 3, 1};
    int sum = 0;
    for (int i = 0; i < field.size(); ++i) {
        const ushort u = field[i].unicode();
        const int value = u >= '0' && u <= '9' ? u - '0' : u >= 'A' && u <= 'Z' ? u - 'A' + 10 : u == '<' ? 0 : -1;
        if (value < 0) return false;
        sum += value * weights[i % 3];
    }
    return check == QChar('0' + sum % 10) || (check == u'<' && sum % 10 == 0);
}

namespace {

bool base58CheckHolds(const QString& address) {
    static const QString alphabet = QStringLiteral("123456789ABCDEFGHJKLMNPQRSTUVWXYZabcdefghijkmnopqrstuvwxyz");
    QByteArray number(25, '\0');
    for (const QChar c : address) {
        int carry = int(alphabet.indexOf(c));
        if (carry < 0) return false;
        for (qsizetype i = number.size(); i-- > 0;) {
            carry += 58 * uchar(number[i]);
            number[i] = char(carry & 255);
            carry >>= 8;
        }
        if (carry != 0) return false;
    }
    const auto sha = [](const QByteArray& bytes) {
        return QCryptographicHash::hash(bytes, QCryptographicHash::Sha256);
    };
    return sha(sha(number.left(21))).left(4) == number.mid(21);
}

bool bech32Holds(const QString& address) {
    static const QString alphabet = QStringLiteral("qpzry9x8gf2tvdw0s3jn54khce6mua7l");
    const QString text = address.toLower();
    if (address != text && address != address.toUpper()) return false;
    const qsizetype one = text.lastIndexOf(u'1');
    if (one < 1 || text.size() - one < 7 || text.size() > 90) return false;
    quint32 sum = 1;
    const auto add = [&](int value) {
        static constexpr quint32 generator[] = {0x3b6a57b2, 0x26508e6d, 0x1ea119fa, 0x3d4233dd, 0x2a1462b3};
        const quint32 top = sum >> 25;
        sum = (sum & 0x1ffffff) << 5 ^ quint32(value);
        for (int i = 0; i < 5; ++i)
            if (top >> i & 1) sum ^= generator[i];
    };
    for (qsizetype i = 0; i < one; ++i) add(text[i].unicode() >> 5);
    add(0);
    for (qsizetype i = 0; i < one; ++i) add(text[i].unicode() & 31);
    for (qsizetype i = one + 1; i < text.size(); ++i) {
        const qsizetype value = alphabet.indexOf(text[i]);
        if (value < 0) return false;
        add(int(value));
    }
    return sum == 1 || sum == 0x2bc830a3;
}

} // namespace

bool bitcoinAddressHolds(const QString& address) {
    if (address.startsWith(u'1') || address.startsWith(u'3'))
        return address.size() >= 26 && address.size() <= 35 && base58CheckHolds(address);
    return address.startsWith(QLatin1String("bc1"), Qt::CaseInsensitive) && bech32Holds(address);
}

} // namespace eyelid
