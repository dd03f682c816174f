// case: which cases there are, who may open them, when they go.
#include "base/account.h"
#include "base/sentence.h"
#include "casefile/case_list.h"
#include "casefile/counted.h"
#include "casefile/taking_in.h"
#include "cli/console.h"
#include "cli/open_case.h"
#include "cli/shared.h"

namespace eyelid {
namespace {

QString dayOf(const QDate& day) {
    return day.isNull() ? Tr::tr("no day set") : day.toString(Qt::ISODate);
}

// Listed with what opens them; troubles are told and end with 3, as everywhere.
Result<std::vector<ListedCase>> listed(const QString& folder, const CaseKeySettings& keys) {
    const auto opener = openerFrom(keys);
    if (!opener) return opener.error();
    Progress progress;
    return listCases(folder, *opener, progress);
}

int changed(const QString& path, const CaseKeySettings& keys, const Change& change) {
    const auto opener = openerFrom(keys);
    if (!opener) return fail(opener.error());
    if (auto kept = changeCase(path, *opener, change, QDateTime::currentDateTimeUtc()); !kept)
        return fail(kept.error());
    say(path);
    return done;
}

// Something done to a file that is opened for it.
template <typename Work> int onFile(const QString& path, const CaseKeySettings& keys, const Work& work) {
    const auto opener = openerFrom(keys);
    if (!opener) return fail(opener.error());
    auto file = CaseFile::open(path, *opener);
    if (!file) return fail(file.error());
    if (Result<Done> result = work(**file); !result) return fail(result.error());
    say(path);
    return done;
}

int destroyed(const QString& path) {
    if (auto gone = CaseFile::destroy(path); !gone) return fail(gone.error());
    say(Tr::tr("%1 is destroyed: its key is gone, then its file. Old blocks a drive may still hold cannot be read.")
            .arg(path));
    return done;
}

} // namespace

int runCaseList(const QString& folder, const CaseKeySettings& keys) {
    const auto all = listed(folder, keys);
    if (!all) return fail(all.error());
    int status = done;
    for (const ListedCase& one : *all) {
        if (!one.summary) {
            complain(one.trouble);
            status = unusableInput;
            continue;
        }
        const CaseSummary& s = *one.summary;
        say(sentence(Tr::tr("%1: %2, %3, %4, worked on %5, to be destroyed: %6"), one.path, s.name,
                     Tr::tr("%n capture(s)", nullptr, int(s.captures)), saidOpen(s.open), dayOf(s.workedOn.date()),
                     s.thrownAway.isNull() ? dayOf(s.due) : Tr::tr("thrown away")));
    }
    return status;
}

int runCaseSearch(const QString& folder, const CaseKeySettings& keys, const QString& words) {
    const auto opener = openerFrom(keys);
    if (!opener) return fail(opener.error());
    Progress progress;
    const auto found = searchCases(folder, *opener, words, progress);
    if (!found) return fail(found.error());
    for (const FoundInCase& one : *found)
        say(sentence(Tr::tr("%1: %2"), one.path, one.captures.join(QStringLiteral(", "))));
    return done;
}

int runCaseRename(const QString& path, const CaseKeySettings& keys, const QString& name) {
    if (name.trimmed().isEmpty()) return fail({Error::Kind::BadInput, Tr::tr("A case needs a name.")});
    return changed(path, keys, {Tr::tr("renaming the case"), {SetName{name.trimmed()}}});
}

int runCasePutOff(const QString& path, const CaseKeySettings& keys, const QString& until, const QString& reason) {
    const QDate day = QDate::fromString(until, Qt::ISODate);
    if (!day.isValid())
        return fail({Error::Kind::BadInput, sentence(Tr::tr("%1 is no day; one is written 2026-12-24."), until)});
    if (day < QDate::currentDate())
        return fail({Error::Kind::BadInput, sentence(Tr::tr("%1 has passed; name today or a later day."), until)});
    if (reason.trimmed().isEmpty()) return fail({Error::Kind::BadInput, Tr::tr("Why it is put off must be said.")});
    return changed(path, keys,
                   {Tr::tr("changing the day of destruction"), {SetDestroyDay{DestroyDay{day, reason.trimmed()}}}});
}

int runCaseTakeIn(const QString& path, const CaseKeySettings& keys, const QString& other) {
    const auto opener = openerFrom(keys);
    if (!opener) return fail(opener.error());
    auto file = CaseFile::open(other, *opener, SealedRows::Access::ReadOnly);
    if (!file) return fail(file.error());
    const auto kept = (*file)->load();
    if (!kept) return fail(kept.error());
    QList<int> all;
    for (const Capture& capture : kept->state.captures) all << capture.id;
    PictureStore pictures;
    pictures.backBy([&](const PictureId& id) { return (*file)->picture(id); });
    if (auto put = copyInto(path, *opener, kept->state, all, pictures, QDateTime::currentDateTimeUtc()); !put)
        return fail(put.error());
    say(path);
    return done;
}

int runCaseAgree(const QString& path, const CaseKeySettings& keys, const QString& officer) {
    Opened open = OpenCase::from(path, keys, SealedRows::Access::ReadWrite);
    if (!open) return fail(open.error());
    OpenCase& here = **open;
    if (!officer.isEmpty()) here->setOfficer(officer);
    if (auto worked = here.bringUpToDate(); !worked) return fail(worked.error());
    here->lookOver();
    if (auto kept = here.keep(); !kept) return fail(kept.error());
    if (lacksSecondLook(here->state())) {
        complain(Tr::tr("Two officers are needed; so far only one has had a hand in this case."));
        return remains;
    }
    say(path);
    return done;
}

int runCaseSeal(const QString& path, const CaseKeySettings& keys, const QString& publicKey) {
    const auto colleague = officerKeyFromFile(publicKey);
    if (!colleague) return fail(colleague.error());
    return onFile(path, keys, [&](CaseFile& file) { return file.addLocks({.publicKeys = {colleague->publicKey}}); });
}

int runCaseKey(const QString& officer) {
    const auto key = ownKeys().officerKey(officer.isEmpty() ? accountName() : officer);
    if (!key) return fail(key.error());
    print(QString::fromUtf8(officerKeyLine(*key)).trimmed());
    return done;
}

int runCaseThrowAway(const QString& path, const CaseKeySettings& keys, bool away) {
    const QDate day = away ? QDate::currentDate() : QDate();
    return onFile(path, keys, [&](CaseFile& file) { return file.throwAway(day); });
}

int runCaseDue(const QString& folder, const CaseKeySettings& keys, bool destroy) {
    const auto all = listed(folder, keys);
    if (!all) return fail(all.error());
    const QDate today = QDate::currentDate();
    int status = done;
    for (const ListedCase& one : *all) {
        if (!one.summary || (!isDue(*one.summary, today) && !isThrownOut(*one.summary, today))) continue;
        if (!destroy) {
            say(sentence(Tr::tr("%1: %2, since %3"), one.path, one.summary->name, dayOf(one.summary->due)));
            status = remains;
        } else if (const int gone = destroyed(one.path); gone != done) {
            status = gone;
        }
    }
    return status;
}

int runCaseDestroy(const QString& path) {
    return destroyed(path);
}

} // namespace eyelid
