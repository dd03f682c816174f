#include "finding/system_users.h"

#include "base/shipped.h"

namespace eyelid {

bool isSystemUser(const QString& name) {
    static const QSet<QString> all = shippedWords(QStringLiteral("words/system-users.txt"));
    return all.contains(name.toLower());
}

} // namespace eyelid
