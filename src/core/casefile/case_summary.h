// What a list of cases tells of one, so that none has to be opened for it. Stands in the file, beside the case.
#pragma once

#include "casefile/kept_case.h"

#include <QDateTime>

namespace eyelid {

struct CaseSummary {
    QString name;
    QDateTime workedOn;    ///< when it was kept last, UTC
    QDate due;             ///< when its captures are due to be destroyed; null: no day is set
    bool byItself = false; ///< what is due is destroyed without a question
    QDate thrownAway;      ///< null: it was not
    qsizetype captures = 0;
    int open = 0, settled = 0, unread = 0;
    bool operator==(const CaseSummary&) const = default;
};

/// How long what was thrown away can be had back, in days.
inline constexpr int thrownAwayDays = 7;

CaseSummary summaryOf(const CaseState& state, const QDateTime& now);
QByteArray summaryToJson(const CaseSummary& summary);
/// Errors: BadInput.
Result<CaseSummary> summaryFromJson(const QByteArray& json);

/// A small picture of the first capture with all that is open or covered hidden; null where there is none, or it was
/// not read.
QImage coverPicture(const CaseState& state, const PictureStore& pictures);

/// The text of a page for a search over cases: a line of text a line.
QString searchText(const Page& page);

} // namespace eyelid
