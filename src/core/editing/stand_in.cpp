#include "editing/stand_in.h"

#include "base/shipped.h"
#include "language/spelling.h"

#include <array>
#include <QCryptographicHash>
#include <QDate>
#include <QMessageAuthenticationCode>
#include <QStringList>

namespace eyelid {
namespace {

constexpr int attempts = 64; // of another draw, where one is a real value of the case

// Choices that depend on a key and a name alone.
class Draw {
public:
    Draw(const QByteArray& secret, const QByteArray& name)
        : m_bytes(QMessageAuthenticationCode::hash(name, secret, QCryptographicHash::Sha512)) {}
    int below(int n) {
        quint32 value = 0;
        for (int i = 0; i < 4; ++i) value = (value << 8) | quint8(m_bytes[m_at++ % m_bytes.size()]);
        return int(value % quint32(n));
    }
    QString digits(int n) {
        QString text;
        for (int i = 0; i < n; ++i) text += QChar(u'0' + below(10));
        return text;
    }
    QString letters(int n, const char* of) {
        const QString all = QString::fromLatin1(of);
        QString text;
        for (int i = 0; i < n; ++i) text += all[below(int(all.size()))];
        return text;
    }
    QString of(const char* list) {
        const QStringList lines = shippedLines(QString::fromLatin1(list));
        return lines[below(int(lines.size()))];
    }

private:
    QByteArray m_bytes;
    qsizetype m_at = 0;
};

constexpr const char *given = "stand-ins/given.txt", *family = "stand-ins/family.txt",
                     *consonants = "BCDFGHJKLMNPRSTVWXZ";

QString asLogin(const QString& name) {
    return withoutAccents(name).toLower();
}

// ISO 13616: the check digits for a country and an account.
QString ibanOf(const QString& country, const QString& account) {
    int rest = 0;
    for (const QChar c : account + country + QStringLiteral("00")) {
        const int value = c.isDigit() ? c.digitValue() : c.unicode() - u'A' + 10;
        rest = (rest * (value > 9 ? 100 : 10) + value) % 97;
    }
    const QString whole = country + QStringLiteral("%1").arg(98 - rest, 2, 10, QLatin1Char('0')) + account;
    QString spaced;
    for (qsizetype i = 0; i < whole.size(); ++i)
        spaced += (i && i % 4 == 0 ? QStringLiteral(" ") : QString()) + whole[i];
    return spaced;
}

// The digit that makes Luhn's sum hold (ISO/IEC 7812-1).
QString withLuhn(const QString& digits) {
    int sum = 0;
    for (qsizetype i = 0; i < digits.size(); ++i) {
        const int d = digits[digits.size() - 1 - i].digitValue();
        sum += i % 2 ? d : (2 * d > 9 ? 2 * d - 9 : 2 * d);
    }
    return digits + QString::number((10 - sum % 10) % 10);
}

QString phone(Draw& draw) {
    switch (draw.below(4)) { // Ofcom's and the NANPA's numbers for drama
    case 0:
        return QStringLiteral("07700 900") + QString::number(100 + draw.below(900));
    case 1:
        return QStringLiteral("01632 960") + QString::number(100 + draw.below(900));
    case 2:
        return QStringLiteral("020 7946 0") + QString::number(100 + draw.below(900));
    default:
        return QStringLiteral("(202) 555-01") + draw.digits(2);
    }
}

QString network(Draw& draw) {
    constexpr std::array ranges{"192.0.2.", "198.51.100.", "203.0.113."}; // RFC 5737
    return QLatin1String(ranges[size_t(draw.below(int(ranges.size())))]) + QString::number(1 + draw.below(254));
}

QString day(Draw& draw) {
    return QDate(1940 + draw.below(65), 1, 1).addDays(draw.below(365)).toString(QStringLiteral("yyyy-MM-dd"));
}

QString drawn(Kind kind, Draw& draw) {
    switch (kind) {
    case Kind::Person:
        return draw.of(given) + u' ' + draw.of(family);
    case Kind::Email: // RFC 2606
        return asLogin(draw.of(given)) + u'.' + asLogin(draw.of(family)) + QStringLiteral("@example.") +
               QStringList{QStringLiteral("com"), QStringLiteral("org"), QStringLiteral("net")}[draw.below(3)];
    case Kind::Phone:
        return phone(draw);
    case Kind::Address:
        return QString::number(1 + draw.below(120)) + u' ' + draw.of("stand-ins/streets.txt") + QStringLiteral(", ") +
               draw.of("stand-ins/towns.txt");
    case Kind::Dob:
    case Kind::Date:
        return day(draw);
    case Kind::Card:
        return draw.of("stand-ins/cards.txt");
    case Kind::Iban: // WEST is no bank's code
        return ibanOf(QStringLiteral("GB"), QStringLiteral("WEST") + draw.digits(14));
    case Kind::Account:
        return QStringLiteral("00") + draw.digits(8);
    case Kind::NationalId: // QQ is never given out
        return QStringLiteral("QQ %1 %2 %3 %4")
            .arg(draw.digits(2), draw.digits(2), draw.digits(2), draw.letters(1, "ABCD"));
    case Kind::Passport:
        return QStringLiteral("00") + draw.digits(7);
    case Kind::Ip:
        return network(draw);
    case Kind::Mac: // RFC 7042
        return QStringLiteral("00:00:5E:00:53:") + draw.letters(2, "0123456789ABCDEF");
    case Kind::Username:
        return asLogin(draw.of(given)).left(1) + asLogin(draw.of(family)) + draw.digits(2);
    case Kind::Secret:
        return QStringLiteral("EXAMPLE-") + draw.letters(12, "ABCDEFGHJKLMNPQRSTUVWXYZ23456789");
    case Kind::Plate:
        return draw.letters(2, consonants) + QStringLiteral("00 ") + draw.letters(3, consonants);
    case Kind::Device: // a type allocation code of tests
        return withLuhn(QStringLiteral("00100") + draw.digits(9));
    case Kind::Link:
        return QStringLiteral("https://example.org/") + draw.letters(8, "abcdefghijkmnpqrstuvwxyz23456789");
    case Kind::Record:
        return draw.letters(2, consonants) + u'-' + QStringLiteral("00") + draw.digits(5);
    case Kind::Health:
    case Kind::Location:
    case Kind::Wallet:
    case Kind::Code:
    case Kind::Face:
    case Kind::Illegible:
    case Kind::Watch:
        break;
    }
    return {};
}

} // namespace

bool hasStandIns(Kind kind) {
    Draw draw({}, {});
    return !drawn(kind, draw).isEmpty();
}

QString standIn(Kind kind, int identity, const StandInSource& source) {
    for (int attempt = 0; attempt < attempts; ++attempt) {
        Draw draw(source.secret,
                  QStringLiteral("stand-in %1 %2 %3").arg(kindName(kind)).arg(identity).arg(attempt).toUtf8());
        if (const QString value = drawn(kind, draw); !source.taken.contains(skeleton(value))) return value;
    }
    return {};
}

} // namespace eyelid
