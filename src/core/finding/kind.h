// The kinds of sensitive value, and how they are spelt in files, on the command line and for people.
#pragma once

#include <optional>
#include <QString>
#include <span>

namespace eyelid {

enum class Kind {
    Person,
    Email,
    Phone,
    Address,
    Dob,
    Card,
    Iban,
    Account,
    NationalId,
    Passport,
    Ip,
    Mac,
    Username,
    Secret,
    Plate,
    Watch, ///< a word or pattern of the watch list
    Area,  ///< covered by hand; nothing was read there
};

/// All kinds a policy can look for, in the order they are listed for people. Without Area.
std::span<const Kind> findableKinds();

/// The spelling used in policies, JSON and logs ("nationalid").
QString kindName(Kind kind);
std::optional<Kind> kindFromName(const QString& name);

/// The words shown to people ("National identity number").
QString kindTitle(Kind kind);

} // namespace eyelid
