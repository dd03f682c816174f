#include "language/look_alikes.h"

#include "base/shipped.h"

#include <algorithm>

namespace eyelid {
namespace {

// The rows of each section.
QHash<QString, QStringList> sections() {
    QHash<QString, QStringList> all;
    QString section;
    for (const QString& line : shippedLines(QStringLiteral("words/look-alikes.txt"))) {
        if (line.startsWith(u'#')) continue;
        if (line.startsWith(u'[') && line.endsWith(u']'))
            section = line.mid(1, line.size() - 2);
        else
            all[section] << line;
    }
    return all;
}

} // namespace

// Every character of a row as the first of it.
LookAlikes::Mapping LookAlikes::byFirst(const QStringList& rows) {
    Mapping map;
    for (const QString& row : rows)
        for (const QChar c : row.mid(1)) map.to.at(c.unicode()) = row[0].unicode();
    return map;
}

const LookAlikes& LookAlikes::shipped() {
    static const LookAlikes table;
    return table;
}

LookAlikes::LookAlikes() {
    const auto all = sections();
    for (const QString& row : all[QStringLiteral("families")])
        for (const QChar one : row)
            for (const QChar other : row)
                if (other != one) m_family[QString(one)] << QString(other);
    for (const QString& row : all[QStringLiteral("near")]) {
        const QStringList parts = row.split(u' ');
        m_near[parts.value(0)] << parts.value(1);
    }
    for (const QString& row : all[QStringLiteral("two as one")]) m_pairs.push_back({row[0], row[1], row.back()});
    m_likeness = byFirst(all[QStringLiteral("likeness")]);
    m_digits = byFirst(all[QStringLiteral("digits")]);
    m_inNames = byFirst(all[QStringLiteral("in names")]);
    m_afterCapitalI = all[QStringLiteral("after capital I")].join(QString());
    m_bars = all[QStringLiteral("bars")].join(QString());
    m_toldByShapes = all[QStringLiteral("told by shapes")].join(QString());
    m_drawnAlike = all[QStringLiteral("drawn alike")];
}

bool LookAlikes::drawnAlike(const QString& a, const QString& b) const {
    return a.size() == 1 && b.size() == 1 &&
           std::any_of(m_drawnAlike.begin(), m_drawnAlike.end(),
                       [&](const QString& row) { return row.contains(a) && row.contains(b); });
}

} // namespace eyelid
