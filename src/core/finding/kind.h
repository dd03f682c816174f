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
    Health,   ///< a diagnosis, a medicine, a blood group
    Location, ///< coordinates
    Device,   ///< a number of a telephone, a SIM or another device: IMEI, ICCID
    Wallet,   ///< an address of a cryptocurrency
    Link,     ///< a web address that names a person or lets anybody in who has it
    Record,   ///< a number under which somebody is kept: customer, patient, member, case
    Date,     ///< any date; dates of birth are Dob
    Code,     ///< a QR code or barcode
    Face,
    Illegible, ///< looks like text and could not be read
    Watch,     ///< a word or pattern of a watch list, or what a cover drawn by hand hides
};

inline constexpr size_t kindCount = size_t(Kind::Watch) + 1;

/// All kinds, in the order they are listed for people.
std::span<const Kind> allKinds();

/// The spelling used in policies, JSON and logs ("nationalid").
QString kindName(Kind kind);
std::optional<Kind> kindFromName(const QString& name);

/// The words shown to people ("National identity number").
QString kindTitle(Kind kind);

} // namespace eyelid
