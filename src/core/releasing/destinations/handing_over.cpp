#include "releasing/destinations/handing_over.h"

#include "base/files.h"
#include "base/key_ring.h"
#include "base/sentence.h"
#include "releasing/destinations/command.h"
#include "releasing/destinations/drop.h"
#include "releasing/destinations/mail_program.h"

#include <algorithm>

namespace eyelid {
namespace {

RingEntry entryOf(const DropPlace& place) {
    return {QByteArrayLiteral("eyelid.drop"), place.name};
}

// What stands on this machine is given on by its name: it is still what was checked.
Result<Done> expectUnaltered(const Release& release) {
    for (const QString& path : release.paths) {
        const auto file = std::ranges::find_if(
            release.files, [&](const Artifact& each) { return path.section(u'/', -1) == each.fileName; });
        if (file == release.files.end()) continue;
        const auto bytes = readFile(path, file->bytes.size() + 1);
        if (!bytes || *bytes != file->bytes)
            return Error{Error::Kind::NotReadable,
                         sentence(Tr::tr("%1 was altered or taken away since it was checked, and goes no further. "
                                         "Release again."),
                                  path)};
    }
    return Done{};
}

Result<Delivery> handTo(Destination& destination, const Release& release, Progress& progress) {
    if (progress.cancelled()) return Error{Error::Kind::Cancelled, Tr::tr("Handing over was stopped.")};
    if (auto unaltered = expectUnaltered(release); !unaltered) return unaltered.error();
    return destination.deliver(release, progress);
}

} // namespace

HandedOver handOver(Release release, const std::vector<std::unique_ptr<Destination>>& to, Progress& progress) {
    HandedOver result;
    for (const auto& destination : to) {
        auto delivered = handTo(*destination, release, progress);
        if (!delivered) {
            result.trouble = delivered.error();
            break;
        }
        if (release.paths.isEmpty()) release.paths = delivered->paths;
        result.handed.push_back({destination->name(), std::move(*delivered)});
    }
    return result;
}

Result<std::vector<std::unique_ptr<Destination>>> destinationsFor(const HandingOver& how) {
    std::vector<std::unique_ptr<Destination>> all;
    if (how.to.folder) all.push_back(toFolder(how.folder, how.replace));
    if (!how.to.drop.isEmpty()) {
        const auto place = how.known.place(how.to.drop);
        if (!place)
            return Error{Error::Kind::BadInput,
                         sentence(Tr::tr("There is no place called “%1”; set it up first."), how.to.drop)};
        auto password = how.password ? how.password(*place) : Result<QString>(QString());
        if (!password) return password.error();
        Dropping dropping{*place, std::move(*password), dropName(*place, how.name, how.today), {}};
        all.push_back(toDrop(std::move(dropping)));
    }
    if (how.to.mail && how.mailsHere) all.push_back(toMailProgram(mailTextFor(how.name)));
    if (!how.to.command.isEmpty()) all.push_back(toCommand(how.to.command));
    return all;
}

Result<QString> keptPassword(const DropPlace& place) {
    const auto held = secretInRing(entryOf(place));
    if (held) return QString::fromUtf8(*held);
    const QString told = qEnvironmentVariable("EYELID_DROP_PASSWORD");
    if (told.isEmpty() && held.error().kind == Error::Kind::Locked) return held.error();
    return told;
}

Result<Done> keepPassword(const DropPlace& place, const QString& password) {
    return keepInRing(entryOf(place), sentence(Tr::tr("Eyelid: place “%1”"), place.name), password.toUtf8());
}

Result<Done> forgetPassword(const DropPlace& place) {
    return forgetInRing(entryOf(place));
}

} // namespace eyelid
