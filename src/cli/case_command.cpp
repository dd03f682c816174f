// case: cases on disk, without a window.
#include "base/files.h"
#include "base/sentence.h"
#include "casefile/case_folder.h"
#include "casefile/counted.h"
#include "casefile/release_note.h"
#include "cli/open_case.h"
#include "cli/shared.h"
#include "picture/picture_file.h"
#include "pipeline/make_many.h"
#include "pipeline/release_set.h"

#include <QDir>

namespace eyelid {
namespace {

int told(const Case& open, const QString& path) {
    const Case::Counts n = open.counts();
    say(sentence(Tr::tr("%1: %2, %3"), path, Tr::tr("%n capture(s)", nullptr, int(open.captures().size())),
                 saidCounts(n.open, n.cover, n.keep)));
    for (const Capture& capture : open.captures())
        if (!capture.trouble.isEmpty()) complain(sentence(Tr::tr("%1: %2"), capture.name, capture.trouble));
    return n.open > 0 || n.unread > 0 ? remains : done;
}

nlohmann::ordered_json captureJson(const Case& open, const Capture& capture) {
    nlohmann::ordered_json findings = nlohmann::ordered_json::array();
    const char* const decisions[] = {"open", "cover", "keep"};
    for (const Item& item : open.items(capture.id)) {
        nlohmann::ordered_json boxes = nlohmann::ordered_json::array();
        for (const QRectF& box : item.finding.boxes) boxes.push_back(boxJson(box));
        findings.push_back({{"id", item.id},
                            {"kind", kindName(item.finding.kind).toStdString()},
                            {"text", item.finding.text.toStdString()},
                            {"confidence", rounded(item.finding.confidence, 100)},
                            {"reason", item.finding.reason.toStdString()},
                            {"decision", decisions[int(item.decision)]},
                            {"identity", item.identity},
                            {"boxes", boxes}});
        if (!item.question.isEmpty()) findings.back()["question"] = item.question.toStdString();
    }
    return {{"id", capture.id},
            {"name", capture.name.toStdString()},
            {"size", {capture.size.width(), capture.size.height()}},
            {"read", capture.reading == Capture::Reading::Done},
            {"by_hand", capture.hands.size()},
            {"findings", findings}};
}

// Makes and checks every picture; nothing where one cannot be made.
Result<std::vector<CheckedPicture>> checkedPictures(OpenCase& open, const ReleaseForm& form) {
    const auto search = searchFor(open->terms());
    if (!search) return search.error();
    const std::vector<Finding> values = valuesCovered(open->state());
    std::vector<CheckedPicture> all;
    std::vector<Decided> decided; // asked of the case by one thread
    for (const Capture& capture : open->captures()) decided.push_back(open->decided(capture));
    const auto load = [&](size_t i) -> Result<LoadedMaking> {
        const Capture& capture = open->captures()[qsizetype(i)];
        QImage picture = open->pictures()->picture(capture.picture);
        if (picture.isNull())
            return Error{Error::Kind::NotReadable, sentence(Tr::tr("The picture of %1 cannot be read."), capture.name)};
        const NameParts parts{open->name(), open->policy().name, QDate::currentDate(), qsizetype(i) + 1,
                              open->captures().size()};
        // The template as well as what stands in it: both are in every name.
        const bool named = form.names.contains(QStringLiteral("{case}"));
        const QString telling = named ? open->name() + u'\n' + form.names : form.names;
        const QString name = nameFrom(form.names.isEmpty() ? neutralNames : form.names, parts);
        return LoadedMaking{std::move(picture),
                            {capture.id, name, nullptr, decided[i], values, i == 0 ? telling : QString(), form}};
    };
    Progress progress;
    const auto made =
        makeMany(open.work(), *search, size_t(open->captures().size()), load, open.reader(), all, progress);
    if (!made) return made.error();
    return all;
}

QString wholeNameOf(OpenCase& open, const ReleaseForm& form) {
    return documentNameFrom(form.names.isEmpty() ? neutralNames : form.names,
                            {open->name(), open->policy().name, QDate::currentDate(), 1, open->captures().size()});
}

Result<std::vector<Artifact>> filesOf(OpenCase& open, std::vector<CheckedPicture> pictures, const QString& folder,
                                      const ReleaseSettings& settings) {
    Assembling assembling;
    assembling.state = &open->state();
    assembling.secret = open->secret();
    assembling.coveredValues = valuesCovered(open->state());
    assembling.form = settings.form;
    assembling.wholeName = wholeNameOf(open, settings.form);
    assembling.key = ownSigningKey();
    if (settings.clash == Clash::KeepBoth)
        assembling.number = numberApart(fileNamesOf(pictures, assembling),
                                        [&](const QString& name) { return fileExists(joinedPath(folder, name)); });
    return assembled(std::move(pictures), assembling, open.work());
}

int blockingLeaks(const Case& open, const std::vector<CheckedPicture>& pictures) {
    int count = 0;
    for (const CheckedPicture& picture : pictures) {
        std::vector<Leak> left;
        for (const Leak& leak : picture.leaks)
            if (open.passedBecause(picture.capture, leak).isEmpty()) left.push_back(leak);
        if (!left.empty()) say(sentence(Tr::tr("%1: %2 leaks"), picture.artifact.fileName, left.size()));
        sayLeaks(left);
        count += int(left.size());
    }
    return count;
}

} // namespace

int runCaseNew(const QString& path, const CaseKeySettings& keys, const QString& policyName) {
    auto policy = loadPolicy(policyName);
    if (!policy) return fail(policy.error());
    auto locks = locksFrom(keys);
    if (!locks) return fail(locks.error());
    auto file = CaseFile::create(path, *locks);
    if (!file) return fail(file.error());
    Case open(*policy);
    if (auto kept = (*file)->keep(open.kept(), *open.pictures(), QDateTime::currentDateTimeUtc()); !kept)
        return fail(kept.error());
    say(path);
    return done;
}

int runCaseAdd(const QString& path, const CaseKeySettings& keys, const QStringList& pictures) {
    Opened open = OpenCase::from(path, keys, SealedRows::Access::ReadWrite);
    if (!open) return fail(open.error());
    OpenCase& here = **open;
    int status = done;
    // What can be read is there, on the disk, before any of it is worked on.
    for (const QString& file : pictures) {
        auto picture = readFirst(file);
        if (!picture) {
            complain(picture.error().sentence);
            status = unusableInput;
            continue;
        }
        here->add(*picture, file);
        if (auto kept = here.keep(); !kept) return fail(kept.error());
    }
    if (auto worked = here.bringUpToDate(); !worked) return fail(worked.error());
    if (auto kept = here.keep(); !kept) return fail(kept.error());
    const int left = told(*here, path);
    return status == done ? left : status;
}

int runCaseShow(const QString& path, const CaseKeySettings& keys, bool json) {
    Opened open = OpenCase::from(path, keys, SealedRows::Access::ReadOnly);
    if (!open) return fail(open.error());
    const Case& here = ***open;
    if (json) {
        nlohmann::ordered_json captures = nlohmann::ordered_json::array();
        for (const Capture& capture : here.captures()) captures.push_back(captureJson(here, capture));
        print({{"name", here.name().toStdString()},
               {"policy", here.policy().name.toStdString()},
               {"captures", captures}});
        return done;
    }
    const QString decisions[] = {Tr::tr("open"), Tr::tr("cover"), Tr::tr("keep")};
    for (const Capture& capture : here.captures()) {
        say(sentence(Tr::tr("%1, %2 x %3"), capture.name, capture.size.width(), capture.size.height()));
        for (const Item& item : here.items(capture.id))
            print(QStringLiteral("  %1\t%2\t%3\t%4")
                      .arg(item.question.isEmpty() ? decisions[int(item.decision)] : Tr::tr("asked"),
                           kindName(item.finding.kind), item.finding.text, item.finding.reason));
    }
    told(here, path);
    return done;
}

int runCaseRegister(const QString& path, const CaseKeySettings& keys) {
    Opened open = OpenCase::from(path, keys, SealedRows::Access::ReadOnly);
    if (!open) return fail(open.error());
    print(QString::fromUtf8(registerAsCsv((**open)->state().releases)));
    return done;
}

int runCaseDecide(const QString& path, const CaseKeySettings& keys, const CaseDecision& wanted) {
    std::optional<Kind> kind;
    if (!wanted.kind.isEmpty()) {
        kind = kindFromName(wanted.kind);
        if (!kind) return fail({Error::Kind::BadInput, sentence(Tr::tr("There is no kind called %1."), wanted.kind)});
    }
    Opened open = OpenCase::from(path, keys, SealedRows::Access::ReadWrite);
    if (!open) return fail(open.error());
    OpenCase& here = **open;
    if (!wanted.officer.isEmpty()) here->setOfficer(wanted.officer);
    if (auto worked = here.bringUpToDate(); !worked) return fail(worked.error());
    // Open ones alone, but where they are to be opened again: nothing an officer has decided is decided anew. What
    // somebody has asked about waits for an answer.
    std::vector<int> ids;
    for (const Capture& capture : here->captures())
        for (const Item& item : here->items(capture.id)) {
            const bool meant = wanted.decision == Decision::Open
                                   ? item.decision != Decision::Open
                                   : item.decision == Decision::Open && item.question.isEmpty();
            if (meant && (!kind || item.finding.kind == *kind) && item.finding.confidence >= wanted.from)
                ids.push_back(item.id);
        }
    here->decideAll(ids, wanted.decision);
    if (auto worked = here.bringUpToDate(); !worked) return fail(worked.error());
    if (auto kept = here.keep(); !kept) return fail(kept.error());
    return told(*here, path);
}

int runCaseRelease(const QString& path, const CaseKeySettings& keys, const QString& folder,
                   const ReleaseSettings& settings) {
    Opened open = OpenCase::from(path, keys, SealedRows::Access::ReadWrite);
    if (!open) return fail(open.error());
    OpenCase& here = **open;
    if (auto worked = here.bringUpToDate(); !worked) return fail(worked.error());
    if (auto kept = here.keep(); !kept) return fail(kept.error());
    const Case::Counts n = here->counts();
    if (here->captures().isEmpty())
        return fail({Error::Kind::BadInput, sentence(Tr::tr("%1 holds no captures."), path)});
    if (n.open > 0 || n.unread > 0) {
        if (n.open > 0)
            complain(Tr::tr("Nothing was released: %n finding(s) are open (case decide).", nullptr, n.open));
        if (n.unread > 0) complain(Tr::tr("Nothing was released: %n capture(s) could not be read.", nullptr, n.unread));
        return remains;
    }
    if (lacksSecondLook(here->state())) {
        complain(
            Tr::tr("Nothing was released: a second officer has not agreed to the case as it stands (case agree)."));
        return remains;
    }
    auto pictures = checkedPictures(here, settings.form);
    if (!pictures) return fail(pictures.error());
    if (const int leaks = blockingLeaks(*here, *pictures); leaks > 0) {
        complain(Tr::tr("Nothing was released: the check found %n leak(s).", nullptr, leaks));
        return remains;
    }
    auto files = filesOf(here, std::move(*pictures), folder, settings);
    if (!files) return fail(files.error());
    auto written = writeRelease(folder, *files, settings.clash == Clash::Replace);
    if (!written) return fail(written.error());
    for (const QString& file : *written) say(file);
    std::vector<Handed> handed{{Tr::tr("folder"), {fullPath(folder), *written, {}}}};
    std::vector<Handed> others;
    const int status = handOn({*files, *written}, settings, wholeNameOf(here, settings.form), others);
    handed.insert(handed.end(), others.begin(), others.end());
    for (const Handed& one : handed)
        here->noteRelease(releaseNote(filesNoted(*files), one, here->officer(), QDateTime::currentDateTimeUtc()));
    if (auto kept = here.keep(); !kept) return fail(kept.error());
    return status;
}

int runCaseTakeOut(const QString& path, const CaseKeySettings& keys, const QString& folder) {
    auto opener = openerFrom(keys);
    if (!opener) return fail(opener.error());
    auto file = CaseFile::open(path, *opener, SealedRows::Access::ReadOnly);
    if (!file) return fail(file.error());
    auto kept = (*file)->load();
    const bool whole = bool(kept);
    if (!whole) kept = (*file)->salvage();
    if (!kept) return fail(kept.error());
    PictureStore pictures;
    pictures.backBy([&](const PictureId& id) { return (*file)->picture(id); });
    if (auto out = takeOut(*kept, pictures, folder); !out) return fail(out.error());
    if (!whole)
        complain(
            sentence(Tr::tr("%1 is damaged or was altered. What is intact was taken out, without what undo knew: %2."),
                     path, Tr::tr("%n capture(s)", nullptr, int(kept->state.captures.size()))));
    complain(sentence(
        Tr::tr("What stands in %1 is not protected: everybody who can read it sees the captures as they were taken."),
        folder));
    say(folder);
    return whole ? done : remains;
}

int runCaseBringIn(const QString& folder, const CaseKeySettings& keys, const QString& path) {
    auto locks = locksFrom(keys);
    if (!locks) return fail(locks.error());
    PictureStore pictures;
    auto kept = bringIn(folder, pictures);
    if (!kept) return fail(kept.error());
    auto file = CaseFile::create(path, *locks);
    if (!file) return fail(file.error());
    if (auto put = (*file)->keep(*kept, pictures, QDateTime::currentDateTimeUtc()); !put) return fail(put.error());
    say(path);
    return done;
}

int runCaseVerify(const QString& path, const CaseKeySettings& keys) {
    auto opener = openerFrom(keys);
    if (!opener) return fail(opener.error());
    const auto damaged = [&](const Error& error) {
        complain(sentence(Tr::tr("%1: %2"), path, error.sentence));
        return remains;
    };
    auto file = CaseFile::open(path, *opener, SealedRows::Access::ReadOnly);
    if (!file) return file.error().kind == Error::Kind::Damaged ? damaged(file.error()) : fail(file.error());
    if (auto whole = (*file)->verify(); !whole) return damaged(whole.error());
    say(Tr::tr("%1: intact").arg(path));
    return done;
}

int runCaseLock(const QString& path, const CaseKeySettings& keys, const CaseKeySettings& other) {
    auto opener = openerFrom(keys);
    if (!opener) return fail(opener.error());
    auto locks = locksFrom(other);
    if (!locks) return fail(locks.error());
    auto file = CaseFile::open(path, *opener);
    if (!file) return fail(file.error());
    if (auto set = (*file)->setLocks(*locks); !set) return fail(set.error());
    say(path);
    return done;
}

} // namespace eyelid
