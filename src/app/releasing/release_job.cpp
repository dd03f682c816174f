#include "app/releasing/release_job.h"

#include "app/releasing/mail_program.h"
#include "base/files.h"
#include "base/sentence.h"
#include "casefile/release_note.h"
#include "releasing/destinations/command.h"
#include "releasing/names.h"

#include <QDate>

namespace eyelid {
namespace {

// The signing key, and names that meet no file where both are to be kept. What is wrong with it; nothing: go on.
std::optional<Error> prepare(ReleaseJob& job, ReleaseOutcome& outcome) {
    job.from.state = &job.state;
    job.from.coveredValues = valuesCovered(job.state);
    auto key = signingKeyFrom(signingKeyFile(), true);
    job.from.key = key ? std::optional<SigningKey>(*key) : std::nullopt;
    if (!key) outcome.unsignedBecause = key.error().sentence;
    if (!job.to.folder) return std::nullopt;
    const auto there = [&](const QString& name) { return fileExists(joinedPath(job.folder, name)); };
    if (job.clash == Clash::KeepBoth) job.from.number = numberApart(fileNamesOf(job.pictures, job.from), there);
    QStringList outputs;
    for (const QString& name : fileNamesOf(job.pictures, job.from)) outputs << joinedPath(job.folder, name);
    if (const QString path = overwritten(outputs, job.origins); !path.isEmpty())
        return Error{Error::Kind::Exists,
                     sentence(Tr::tr("%1 is one of this case's own pictures and would be replaced; choose another "
                                     "folder."),
                              path)};
    return std::nullopt;
}

Result<std::vector<std::unique_ptr<Destination>>> destinationsOf(const ReleaseJob& job) {
    auto known = keptWays();
    if (!known) return known.error();
    HandingOver how{
        job.to, std::move(*known), job.folder, job.clash == Clash::Replace, job.from.wholeName, QDate::currentDate(),
        false,  keptPassword};
    auto all = destinationsFor(how);
    if (!all || !job.to.mail) return all;
    // Before a program of the user's own, which may take the files away.
    const auto behind = job.to.command.isEmpty() ? all->end() : all->end() - 1;
    all->insert(behind, toMailProgramOfDesktop(mailTextFor(job.from.wholeName)));
    return all;
}

} // namespace

ReleaseOutcome carryOut(ReleaseJob job, const CaseWork& work, Progress& progress) {
    ReleaseOutcome outcome;
    outcome.trouble = prepare(job, outcome);
    if (outcome.trouble) return outcome;
    auto to = destinationsOf(job);
    auto files = to ? assembled(std::move(job.pictures), job.from, work) : Result<std::vector<Artifact>>(to.error());
    if (!files) {
        outcome.trouble = files.error();
        return outcome;
    }
    outcome.files = filesNoted(*files);
    HandedOver over = handOver({std::move(*files), {}}, *to, progress);
    outcome.trouble = over.trouble;
    outcome.handed = std::move(over.handed);
    for (const Handed& one : outcome.handed) {
        if (outcome.paths.isEmpty()) outcome.paths = one.delivery.paths;
        if (!one.delivery.link.isEmpty()) outcome.link = one.delivery.link;
    }
    return outcome;
}

QStringList linesOf(const ReleaseOutcome& outcome) {
    QStringList lines = outcome.paths;
    for (const Handed& one : outcome.handed)
        if (one.delivery.paths != outcome.paths || one.delivery.place != outcome.handed.front().delivery.place)
            lines << sentence(Tr::tr("%1: %2"), one.destination,
                              one.delivery.link.isEmpty() ? one.delivery.place : one.delivery.link);
    return lines;
}

} // namespace eyelid
