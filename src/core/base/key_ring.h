// Secrets of this user's in the desktop's key ring (the Secret Service of freedesktop.org), by libsecret. May wait for
// somebody to unlock the ring: not for the interface thread.
#pragma once

#include "base/result.h"

#include <QByteArray>
#include <QString>

namespace eyelid {

/// Which secret: of what sort ("eyelid.drop"), and which of that sort.
struct RingEntry {
    QByteArray schema;
    QString use;
};

/// Errors: Missing (no key ring here, or nothing in it under that entry), Locked (it stays so), NotReadable.
Result<QByteArray> secretInRing(const RingEntry& entry);
/// In place of one that is there. `label`: what the ring's own window shows. Errors: Missing (no key ring here),
/// NotReadable.
Result<Done> keepInRing(const RingEntry& entry, const QString& label, QByteArray secret);
/// Errors: likewise; none where there was nothing.
Result<Done> forgetInRing(const RingEntry& entry);

} // namespace eyelid
