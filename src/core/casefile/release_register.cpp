#include "casefile/release_register.h"

#include "base/sentence.h"

#include <QStringList>

namespace eyelid {
namespace {

QString field(QString text) {
    if (!text.isEmpty() && QStringLiteral("=+-@\t\r").contains(text.front())) text.prepend(u'\'');
    return u'"' + text.replace(u'"', QStringLiteral("\"\"")) + u'"';
}

QByteArray line(const QStringList& fields) {
    QStringList quoted;
    for (const QString& text : fields) quoted << field(text);
    return quoted.join(u',').toUtf8() + "\r\n";
}

} // namespace

QByteArray registerAsCsv(const QList<ReleaseRecord>& releases) {
    QByteArray csv = "\xEF\xBB\xBF" + line({Tr::tr("When (UTC)"), Tr::tr("Officer"), Tr::tr("Way"), Tr::tr("Place"),
                                            Tr::tr("File"), Tr::tr("SHA-256"), Tr::tr("Withdrawn because")});
    for (const ReleaseRecord& release : releases)
        for (const ReleasedFile& file : release.files)
            csv += line({release.when.toUTC().toString(Qt::ISODate), release.officer, release.way, release.place,
                         file.name, file.sha256, release.withdrawn});
    return csv;
}

} // namespace eyelid
