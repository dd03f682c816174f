// The cases of a folder, as far as they can be told of without opening each: what the view Cases shows.
#pragma once

#include "base/progress.h"
#include "casefile/case_file.h"

namespace eyelid {

struct ListedCase {
    QString path;
    std::optional<CaseSummary> summary; ///< nothing where the case could not be opened
    QImage cover;                       ///< null where there is none
    bool locked = false;                ///< with something that was not given: a passphrase
    bool damaged = false;               ///< what is intact can still be had
    QString trouble;                    ///< why it could not be opened: a sentence
};

/// All there are, worked on last first; those that cannot be told of come last. Errors: Missing (no such folder),
/// Cancelled.
Result<std::vector<ListedCase>> listCases(const QString& folder, const Opener& opener, Progress& progress);

/// A case on whose captures a text was read.
struct FoundInCase {
    QString path;
    QStringList captures; ///< their names
};
/// In capitals or not. Cases that cannot be opened are passed over. Errors: Missing, Cancelled.
Result<std::vector<FoundInCase>> searchCases(const QString& folder, const Opener& opener, const QString& text,
                                             Progress& progress);

/// One change to a case that nobody has open: a name, a day. Undo takes it back as any other. Errors: as CaseFile's.
Result<Done> changeCase(const QString& path, const Opener& opener, const Change& change, const QDateTime& now);

/// Captures of a case into another one that nobody has open, as takingIn() puts them. Errors: as CaseFile's.
Result<Done> copyInto(const QString& path, const Opener& opener, const CaseState& from, const QList<int>& captures,
                      const PictureStore& pictures, const QDateTime& now);

/// Destroys a listed case if it still is what the list told of it: what somebody has put off, brought back or worked on
/// since then stays. Errors: Exists where it is another now, and those of CaseFile::destroy().
Result<Done> destroyAsListed(const ListedCase& listed, const Opener& opener);

enum class Age { Today, ThisWeek, LastTwoWeeks, Earlier };
/// How long ago a case was worked on: this week begins on Monday, the last two weeks are fourteen days.
Age ageOf(const QDate& workedOn, const QDate& today);

/// Whether the captures are due to be destroyed: their day has come, and nobody has thrown the case away already.
bool isDue(const CaseSummary& summary, const QDate& today);
/// Whether a case that was thrown away has been kept long enough.
bool isThrownOut(const CaseSummary& summary, const QDate& today);

} // namespace eyelid
