// A place that releases are dropped at, set up once: a folder of a server, by WebDAV (RFC 4918, over TLS) or SFTP.
#pragma once

#include "base/result.h"

#include <QDate>
#include <QString>

namespace eyelid {

struct DropPlace {
    QString name;      ///< it is chosen by
    QString address;   ///< of the folder: "https://files.example/supplier" (WebDAV) or "sftp://files.example/in"
    QString user;      ///< empty: none is asked for
    QString hostKey;   ///< SFTP: SHA-256 of the server's key, base64; no other is spoken to
    QString keyFile;   ///< SFTP: a private key's file; empty: the password
    QString authority; ///< WebDAV: a file of the office's own certificate authority; empty: those this machine trusts
    QString link;      ///< what others reach the folder by; empty: as the address
    int days = 0;      ///< how long what is dropped is meant to lie there, said in its name; 0: nothing is said
    /// A server that is slow is waited for; one that says nothing for so many seconds is not.
    int secondsToConnect = 20, secondsOfSilence = 30;
    bool operator==(const DropPlace&) const = default;

    bool isSftp() const { return address.startsWith(QStringLiteral("sftp://")); }
};

/// Whether anything could be dropped there. Errors: BadInput, with what is wrong. Only TLS and SFTP will do; a server
/// of this very machine may be spoken to without.
Result<Done> checkPlace(const DropPlace& place);

/// What a release is called there: its name, and until when it is meant to lie there.
QString dropName(const DropPlace& place, const QString& release, const QDate& today);

/// What others open it by; names are encoded (RFC 3986).
QString linkTo(const DropPlace& place, const QString& name);

} // namespace eyelid
