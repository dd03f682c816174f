// A release handed over to all of its destinations, one after the other.
#pragma once

#include "releasing/destinations/destination.h"
#include "releasing/destinations/ways.h"

#include <functional>
#include <optional>

namespace eyelid {

struct Handed {
    QString destination; ///< its name
    Delivery delivery;
};

struct HandedOver {
    std::vector<Handed> handed;   ///< in order: what stands
    std::optional<Error> trouble; ///< why the next one had nothing, and those behind it were not tried
};

/// Where the files stand is known to every destination behind the folder; each is given them only while they are what
/// was checked, byte for byte. Ends with the first that fails.
HandedOver handOver(Release release, const std::vector<std::unique_ptr<Destination>>& to, Progress& progress);

/// What handing over goes by besides the files.
struct HandingOver {
    Destinations to;
    Ways known;     ///< the places
    QString folder; ///< the full name; where to.folder is set
    bool replace = false;
    QString name; ///< of the release, as its document would be called
    QDate today;
    bool mailsHere = true; ///< the mail program is asked here; false: somewhere else
    /// Of a place; empty: none. Asked on the thread that calls destinationsFor().
    std::function<Result<QString>(const DropPlace&)> password;
};

/// Those this library can do: folder, drop, mail, command, in that order. Errors: BadInput for a place that is not set
/// up, those of `password`.
Result<std::vector<std::unique_ptr<Destination>>> destinationsFor(const HandingOver& how);

/// The password of a place as it is kept in the key ring (base/key_ring.h), else of the environment variable
/// EYELID_DROP_PASSWORD; empty: none. Errors: Locked (the ring stays so, and the variable is not set).
Result<QString> keptPassword(const DropPlace& place);
/// Errors: those of keepInRing().
Result<Done> keepPassword(const DropPlace& place, const QString& password);
Result<Done> forgetPassword(const DropPlace& place);

} // namespace eyelid
