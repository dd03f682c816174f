#include "releasing/destinations/handing_over.h"

#include "base/key_ring.h"
#include "base/sentence.h"
#include "releasing/destinations/command.h"
#include "releasing/destinations/drop.h"
#include "releasing/destinations/mail_program.h"

namespace eyelid {
namespace {

RingEntry entryOf(const DropPlace& place) {
    return {QByteArrayLiteral("eyelid.drop"), place.name};
}

} // namespace

HandedOver handOver(Release release, const std::vector<std::unique_ptr<Destination>>& to, Progress& progress) {
    HandedOver result;
    for (const auto& destination : to) {
        auto delivered = progress.cancelled()
                             ? Result<Delivery>(Error{Error::Kind::Cancelled, Tr::tr("Handing over was stopped.")})
                             : destination->deliver(release, progress);
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
        Dropping dropping{
            *place, how.password ? how.password(*place) : QString(), dropName(*place, how.name, how.today), {}};
        all.push_back(toDrop(std::move(dropping)));
    }
    if (how.to.mail && how.mailsHere) all.push_back(toMailProgram(mailTextFor(how.name)));
    if (!how.to.command.isEmpty()) all.push_back(toCommand(how.to.command));
    return all;
}

QString keptPassword(const DropPlace& place) {
    const auto held = secretInRing(entryOf(place));
    return held ? QString::fromUtf8(*held) : qEnvironmentVariable("EYELID_DROP_PASSWORD");
}

Result<Done> keepPassword(const DropPlace& place, const QString& password) {
    return keepInRing(entryOf(place), sentence(Tr::tr("Eyelid: place “%1”"), place.name), password.toUtf8());
}

Result<Done> forgetPassword(const DropPlace& place) {
    return forgetInRing(entryOf(place));
}

} // namespace eyelid
