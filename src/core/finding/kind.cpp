#include "finding/kind.h"

#include "base/sentence.h"

#include <array>

namespace eyelid {
namespace {

struct KindNames {
    Kind kind;
    const char* name;
    const char* title;
};

constexpr std::array kindNames{
    KindNames{Kind::Person, "person", QT_TRANSLATE_NOOP("eyelid", "Person")},
    KindNames{Kind::Email, "email", QT_TRANSLATE_NOOP("eyelid", "E-mail address")},
    KindNames{Kind::Phone, "phone", QT_TRANSLATE_NOOP("eyelid", "Phone number")},
    KindNames{Kind::Address, "address", QT_TRANSLATE_NOOP("eyelid", "Postal address")},
    KindNames{Kind::Dob, "dob", QT_TRANSLATE_NOOP("eyelid", "Date of birth")},
    KindNames{Kind::Card, "card", QT_TRANSLATE_NOOP("eyelid", "Payment card")},
    KindNames{Kind::Iban, "iban", QT_TRANSLATE_NOOP("eyelid", "IBAN")},
    KindNames{Kind::Account, "account", QT_TRANSLATE_NOOP("eyelid", "Bank account")},
    KindNames{Kind::NationalId, "nationalid", QT_TRANSLATE_NOOP("eyelid", "National identity number")},
    KindNames{Kind::Passport, "passport", QT_TRANSLATE_NOOP("eyelid", "Passport or licence")},
    KindNames{Kind::Ip, "ip", QT_TRANSLATE_NOOP("eyelid", "IP address")},
    KindNames{Kind::Mac, "mac", QT_TRANSLATE_NOOP("eyelid", "MAC address")},
    KindNames{Kind::Username, "username", QT_TRANSLATE_NOOP("eyelid", "User name")},
    KindNames{Kind::Secret, "secret", QT_TRANSLATE_NOOP("eyelid", "Secret")},
    KindNames{Kind::Plate, "plate", QT_TRANSLATE_NOOP("eyelid", "Vehicle plate")},
    KindNames{Kind::Health, "health", QT_TRANSLATE_NOOP("eyelid", "Health fact")},
    KindNames{Kind::Location, "location", QT_TRANSLATE_NOOP("eyelid", "Coordinates")},
    KindNames{Kind::Device, "device", QT_TRANSLATE_NOOP("eyelid", "Device number")},
    KindNames{Kind::Wallet, "wallet", QT_TRANSLATE_NOOP("eyelid", "Wallet address")},
    KindNames{Kind::Link, "link", QT_TRANSLATE_NOOP("eyelid", "Personal web address")},
    KindNames{Kind::Record, "record", QT_TRANSLATE_NOOP("eyelid", "Record number")},
    KindNames{Kind::Date, "date", QT_TRANSLATE_NOOP("eyelid", "Date")},
    KindNames{Kind::Code, "code", QT_TRANSLATE_NOOP("eyelid", "Code")},
    KindNames{Kind::Face, "face", QT_TRANSLATE_NOOP("eyelid", "Face")},
    KindNames{Kind::Illegible, "illegible", QT_TRANSLATE_NOOP("eyelid", "Illegible text")},
    KindNames{Kind::Watch, "watch", QT_TRANSLATE_NOOP("eyelid", "Watch list")},
};

constexpr auto kindsInOrder = [] {
    std::array<Kind, kindNames.size()> all{};
    for (size_t i = 0; i < all.size(); ++i) all[i] = kindNames[i].kind;
    return all;
}();

} // namespace

std::span<const Kind> allKinds() {
    return kindsInOrder;
}

QString kindName(Kind kind) {
    return QString::fromLatin1(kindNames[size_t(kind)].name);
}

std::optional<Kind> kindFromName(const QString& name) {
    for (const KindNames& n : kindNames)
        if (name == QLatin1String(n.name)) return n.kind;
    return std::nullopt;
}

QString kindTitle(Kind kind) {
    return Tr::tr(kindNames[size_t(kind)].title);
}

} // namespace eyelid
