#include "casefile/case_list.h"

#include "base/files.h"
#include "base/sentence.h"
#include "casefile/taking_in.h"

#include <algorithm>
#include <QDir>

namespace eyelid {
namespace {

// Opens each case of a folder for reading.
template <typename Visit>
Result<Done> eachCase(const QString& folder, const Opener& opener, Progress& progress, const Visit& visit) {
    const QDir dir(folder);
    if (!dir.exists()) return Error{Error::Kind::Missing, sentence(Tr::tr("%1 is no folder."), folder)};
    const QStringList names = dir.entryList({u'*' + caseEnding}, QDir::Files, QDir::Name);
    for (qsizetype i = 0; i < names.size(); ++i) {
        if (progress.cancelled()) return Error{Error::Kind::Cancelled, Tr::tr("Cancelled.")};
        progress.setFraction(double(i) / double(names.size()));
        const QString path = joinedPath(folder, names[i]);
        visit(path, CaseFile::open(path, opener, SealedRows::Access::ReadOnly));
    }
    return Done{};
}

} // namespace

Result<std::vector<ListedCase>> listCases(const QString& folder, const Opener& opener, Progress& progress) {
    std::vector<ListedCase> all;
    const auto visit = [&](const QString& path, const Result<std::unique_ptr<CaseFile>>& file) {
        ListedCase listed{path, {}, {}, false, false, {}};
        const auto told = file ? (*file)->summary() : Result<CaseSummary>(file.error());
        if (told) {
            listed.summary = *told;
            listed.cover = (*file)->cover();
        } else {
            listed.locked = told.error().kind == Error::Kind::Locked;
            listed.damaged = told.error().kind == Error::Kind::Damaged;
            listed.trouble = told.error().sentence;
        }
        all.push_back(std::move(listed));
    };
    if (auto done = eachCase(folder, opener, progress, visit); !done) return done.error();
    std::stable_sort(all.begin(), all.end(), [](const ListedCase& a, const ListedCase& b) {
        if (!a.summary || !b.summary) return a.summary.has_value() > b.summary.has_value();
        return a.summary->workedOn > b.summary->workedOn;
    });
    return all;
}

Result<std::vector<FoundInCase>> searchCases(const QString& folder, const Opener& opener, const QString& text,
                                             Progress& progress) {
    std::vector<FoundInCase> all;
    const auto visit = [&](const QString& path, const Result<std::unique_ptr<CaseFile>>& file) {
        if (!file) return;
        if (const QStringList captures = (*file)->capturesWith(text); !captures.isEmpty())
            all.push_back({path, captures});
    };
    if (auto done = eachCase(folder, opener, progress, visit); !done) return done.error();
    return all;
}

Result<Done> changeCase(const QString& path, const Opener& opener, const Change& change, const QDateTime& now) {
    auto file = CaseFile::open(path, opener);
    if (!file) return file.error();
    auto kept = (*file)->load();
    if (!kept) return kept.error();
    kept->history.perform(kept->state, change);
    return (*file)->keep(*kept, PictureStore(), now);
}

Result<Done> copyInto(const QString& path, const Opener& opener, const CaseState& from, const QList<int>& captures,
                      const PictureStore& pictures, const QDateTime& now) {
    CaseState chosen = from;
    chosen.captures.removeIf([&](const Capture& capture) { return !captures.contains(capture.id); });
    for (const PictureId& id : picturesOf(chosen))
        if (!id.isNull() && pictures.picture(id).isNull()) return damagedCase();
    auto file = CaseFile::open(path, opener);
    if (!file) return file.error();
    auto kept = (*file)->load();
    if (!kept) return kept.error();
    const Change change = takingIn(kept->state, from, captures);
    kept->history.perform(kept->state, change);
    return (*file)->keep(*kept, pictures, now);
}

Result<Done> destroyAsListed(const ListedCase& listed, const Opener& opener) {
    if (listed.summary) {
        auto file = CaseFile::open(listed.path, opener, SealedRows::Access::ReadOnly);
        if (!file) return file.error();
        if (const auto told = (*file)->summary(); !told || *told != *listed.summary)
            return Error{
                Error::Kind::Exists,
                sentence(Tr::tr("“%1” was changed meanwhile and stays; look at it again."), listed.summary->name)};
    }
    return CaseFile::destroy(listed.path);
}

Age ageOf(const QDate& workedOn, const QDate& today) {
    constexpr int twoWeeks = 14;
    if (workedOn >= today) return Age::Today;
    if (workedOn >= today.addDays(1 - today.dayOfWeek())) return Age::ThisWeek;
    return workedOn > today.addDays(-twoWeeks) ? Age::LastTwoWeeks : Age::Earlier;
}

bool isDue(const CaseSummary& summary, const QDate& today) {
    return summary.thrownAway.isNull() && !summary.due.isNull() && summary.due <= today;
}

bool isThrownOut(const CaseSummary& summary, const QDate& today) {
    return !summary.thrownAway.isNull() && summary.thrownAway.addDays(thrownAwayDays) <= today;
}

} // namespace eyelid
