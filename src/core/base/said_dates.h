// Days as the user's language writes them, where the locale's own short and long forms say too little or too much.
#pragma once

#include "base/sentence.h"

#include <QDateTime>
#include <QLocale>

namespace eyelid {

/// "27 November", "27. November", "27 de noviembre".
inline QString saidDay(const QDate& day) {
    return QLocale().toString(day, Tr::tr("d MMMM"));
}

/// "5 Nov 2026, 10:12".
inline QString saidMoment(const QDateTime& moment) {
    return QLocale().toString(moment, Tr::tr("d MMM yyyy, HH:mm"));
}

} // namespace eyelid
