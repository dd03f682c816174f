#include "finding/kind.h"

#include <array>

namespace eyelid {
namespace {

struct Names {
    Kind kind;
    const char* name;
    const char* title;
};

constexpr std::array names{
    Names{Kind::Person, "person", "Person"},
    Names{Kind::Email, "email", "E-mail address"},
    Names{Kind::Phone, "phone", "Phone number"},
    Names{Kind::Address, "address", "Postal address"},
    Names{Kind::Dob, "dob", "Date of birth"},
    Names{Kind::Card, "card", "Payment card"},
    Names{Kind::Iban, "iban", "IBAN"},
    Names{Kind::Account, "account", "Bank account"},
    Names{Kind::NationalId, "nationalid", "National identity number"},
    Names{Kind::Passport, "passport", "Passport or licence"},
    Names{Kind::Ip, "ip", "IP address"},
    Names{Kind::Mac, "mac", "MAC address"},
    Names{Kind::Username, "username", "User name"},
    Names{Kind::Secret, "secret", "Secret"},
    Names{Kind::Plate, "plate", "Vehicle plate"},
    Names{Kind::Health, "health", "Health fact"},
    Names{Kind::Location, "location", "Coordinates"},
    Names{Kind::Device, "device", "Device number"},
    Names{Kind::Wallet, "wallet", "Wallet address"},
    Names{Kind::Link, "link", "Personal web address"},
    Names{Kind::Record, "record", "Record number"},
    Names{Kind::Date, "date", "Date"},
    Names{Kind::Code, "code", "Code"},
    Names{Kind::Face, "face", "Face"},
    Names{Kind::Watch, "watch", "Watch list"},
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
    return QString::fromLatin1(names[size_t(kind)].title);
}

} // namespace eyelid
