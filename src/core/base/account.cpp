#include "base/account.h"

#include <pwd.h>
#include <unistd.h>

namespace eyelid {

QString accountName() {
    const passwd* account = getpwuid(getuid());
    if (!account) return {};
    const QString full = QString::fromLocal8Bit(account->pw_gecos).section(u',', 0, 0).trimmed();
    return full.isEmpty() ? QString::fromLocal8Bit(account->pw_name) : full;
}

} // namespace eyelid
