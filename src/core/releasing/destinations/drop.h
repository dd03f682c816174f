// A release sent to a server by libcurl: into a folder whose name is hidden while files are sent, each read back and
// compared, and which gets its own name only when all of them are there. What breaks off is tried again after growing
// waits, and goes on where it was.
//
// This is the only place in the program that speaks to a network.
#pragma once

#include "releasing/destinations/destination.h"
#include "releasing/destinations/drop_place.h"

#include <functional>

namespace eyelid {

struct Dropping {
    DropPlace place;
    QString password; ///< of the user, or of the key's file; empty: none
    QString name;     ///< of the release there (dropName())
    /// Waits so many seconds before another try; false: do not try again. Tests do not wait.
    std::function<bool(int seconds)> wait;
};

/// Errors: NotWritable (not to be reached, refused, full, broken off for good), BadInput (a certificate or key that is
/// not the server's, a wrong password), Exists, Cancelled.
std::unique_ptr<Destination> toDrop(Dropping dropping);

/// What its folder is called while it is sent: the same for the same files, so that a second attempt goes on with what
/// the first has left.
QString hiddenDropName(const Release& release);

/// The key an SFTP server shows, as SHA-256 in base64: to be compared with what its keeper says, and pinned. Nothing is
/// sent. Errors: NotWritable, Cancelled.
Result<QString> hostKeyOf(const DropPlace& place, Progress& progress);

} // namespace eyelid
