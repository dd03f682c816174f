#include "finding/kind.h"

#include "base/sentence.h"

#include <array>

namespace eyelid {
namespace {

struct Names {
    Kind kind;
    const char* name;
    const char* title;
};

constexpr std::array names{
    Names{Kind::Person, "person", QT_TRANSLATE_NOOP("eyelid", "Person")},
    Names{Kind::Email, "email", QT_TRANSLATE_NOOP("eyelid", "E-mail address")},
    Names{Kind::Phone, "phone", QT_TRANSLATE_NOOP("eyelid", "Phone number")},
    Names{Kind::Address, "address", QT_TRANSLATE_NOOP("eyelid", "Postal address")},
    Names{Kind::Dob, "dob", QT_TRANSLATE_NOOP("eyelid", "Date of birth")},
    Names{Kind::Card, "card", QT_TRANSLATE_NOOP("eyelid", "Payment card")},
    Names{Kind::Iban, "iban", QT_TRANSLATE_NOOP("eyelid", "IBAN")},
    Names{Kind::Account, "account", QT_TRANSLATE_NOOP("eyelid", "Bank account")},
    Names{Kind::NationalId, "nationalid", QT_TRANSLATE_NOOP("eyelid", "National identity number")},
    Names{Kind::Passport, "passport", QT_TRANSLATE_NOOP("eyelid", "Passport or licence")},
    Names{Kind::Ip, "ip", QT_TRANSLATE_NOOP("eyelid", "IP address")},
    Names{Kind::Mac, "mac", QT_TRANSLATE_NOOP("eyelid", "MAC address")},
    Names{Kind::Username, "username", QT_TRANSLATE_NOOP("eyelid", "User name")},
    Names{Kind::Secret, "secret", QT_TRANSLATE_NOOP("eyelid", "Secret")},
    Names{Kind::Plate, "plate", QT_TRANSLATE_NOOP("eyelid", "Vehicle plate")},
    Names{Kind::Health, "health", QT_TRANSLATE_NOOP("eyelid", "Health fact")},
    Names{Kind::Location, "location", QT_TRANSLATE_NOOP("eyelid", "Coordinates")},
    Names{Kind::Device, "device", QT_TRANSLATE_NOOP("eyelid", "Device number")},
    Names{Kind::Wallet, "wallet", QT_TRANSLATE_NOOP("eyelid", "Wallet address")},
    Names{Kind::Link, "link", QT_TRANSLATE_NOOP("eyelid", "Personal web address")},
    Names{Kind::Record, "record", QT_TRANSLATE_NOOP("eyelid", "Record number")},
    Names{Kind::Date, "date", QT_TRANSLATE_NOOP("eyelid", "Date")},
    Names{Kind::Code, "code", QT_TRANSLATE_NOOP("eyelid", "Code")},
    Names{Kind::Face, "face", QT_TRANSLATE_NOOP("eyelid", "Face")},
    Names{Kind::Illegible, "illegible", QT_TRANSLATE_NOOP("eyelid", "Illegible text")},
    Names{Kind::Watch, "watch", QT_TRANSLATE_NOOP("eyelid", "Watch list")},
};

constexpr auto kinds = [] {
    std::array<Kind, names.size()> all{};
    for (size_t i = 0; i < all.size(); ++i) all[i] = names[i].kind;
    return all;
}();

} // namespace

std::span<const Kind> allKinds() {
    return kinds;
}

QString kindName(Kind kind) {
    return QString::fromLatin1(names[size_t(kind)].name);
}

std::optional<Kind> kindFromName(const QString& name) {
    for (const Names& n : names)
        if (name == QLatin1String(n.name)) return n.kind;
    return std::nullopt;
}

QString kindTitle(Kind kind) {
    return Tr::tr(names[size_t(kind)].title);
}

} // namespace eyelid
