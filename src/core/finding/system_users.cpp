#include "finding/system_users.h"

#include "base/shipped.h"

#include <QSet>

namespace eyelid {

bool isSystemUser(const QString& name) {
    static const QSet<QString> all = [] {
        QSet<QString> names;
        for (const QString& line : shippedLines(QStringLiteral("words/system-users.txt")))
            if (!line.startsWith(u'#'))
                for (const QString& one : line.split(u'|')) names.insert(one);
        return names;
    }();
    return all.contains(name.toLower());
}

} // namespace eyelid
