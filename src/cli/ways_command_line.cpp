#include "cli/ways_command_line.h"

#include "cli/console.h"
#include "cli/shared.h"
#include "releasing/destinations/command.h"
#include "releasing/destinations/drop.h"

namespace eyelid {

void WaysCommandLine::addTo(CLI::App& app, CommandTable& commands) {
    CLI::App* ways = app.add_subcommand("ways", said(Tr::tr("List the ways of releasing, and the places to drop at")));
    commands.emplace(ways, [this] { return list(); });

    CLI::App* way = app.add_subcommand("way", said(Tr::tr("Keep a way of releasing by name, or forget one")));
    way->add_option("name", m_name, said(Tr::tr("What it is called")))->required();
    way->add_option("--drop", m_drop, said(Tr::tr("Drop it at this place, which is set up already (place)")));
    way->add_flag("--mail-program", m_mailProgram, said(Tr::tr("Open a draft in the mail program, with the files")));
    way->add_option("--run", m_run,
                    said(Tr::tr("Run a program with the files; {files} and {folder} in it stand for them")));
    way->add_flag("--forget", m_forget, said(Tr::tr("Forget it")));
    m_release.addTo(way);
    commands.emplace(way, [this] { return m_forget ? forget(false) : keepWay(); });

    CLI::App* place = app.add_subcommand("place", said(Tr::tr("Set up a place to drop releases at, or forget one")));
    place->add_option("name", m_name, said(Tr::tr("What it is called")))->required();
    place->add_option("address", m_address, said(Tr::tr("Its folder: https://… (WebDAV) or sftp://…")));
    place->add_option("--user", m_user, said(Tr::tr("The user there")));
    place->add_option("--password-file", m_password,
                      said(Tr::tr("A file whose first line is the password, or the passphrase of the key file; -: "
                                  "standard input. Kept in the key ring")));
    place->add_option("--host-key", m_hostKey,
                      said(Tr::tr("SFTP: the server's key as its keeper told you, SHA-256 in base64")));
    place->add_option("--key-file", m_keyFile, said(Tr::tr("SFTP: a private key instead of a password")));
    place->add_option("--authority", m_authority,
                      said(Tr::tr("WebDAV: a file of the office's own certificate authority")));
    place->add_option("--link", m_link, said(Tr::tr("What others reach the folder by, if it is another address")));
    place->add_option("--days", m_days, said(Tr::tr("How long it is meant to lie there, said in its name")))
        ->check(within(0, 3650));
    place->add_flag("--forget", m_forget, said(Tr::tr("Forget it")));
    commands.emplace(place, [this] { return m_forget ? forget(true) : keepPlace(); });
}

int WaysCommandLine::list() const {
    const auto known = keptWays();
    if (!known) return fail(known.error());
    for (const Way& way : known->ways)
        say(sentence(Tr::tr("way %1: %2, %3"), way.name, formatTitle(way.form), titleOf(way.to)));
    for (const DropPlace& place : known->places) say(sentence(Tr::tr("place %1: %2"), place.name, place.address));
    return done;
}

int WaysCommandLine::keepWay() const {
    const auto settings = m_release.settings();
    if (!settings) return fail(settings.error());
    auto known = keptWays();
    if (!known) return fail(known.error());
    Way way{qt(m_name), settings->form, settings->clash, {}};
    if (way.name.trimmed().isEmpty()) return fail({Error::Kind::BadInput, Tr::tr("Give the way a name.")});
    way.to.drop = qt(m_drop);
    way.to.mail = m_mailProgram;
    if (!way.to.drop.isEmpty() && !known->place(way.to.drop))
        return fail(
            {Error::Kind::BadInput, sentence(Tr::tr("There is no place called “%1”; set it up first."), way.to.drop)});
    if (!m_run.empty()) {
        auto command = commandFrom(qt(m_run));
        if (!command) return fail(command.error());
        way.to.command = *command;
    }
    known->put(way);
    if (auto kept = keepWays(*known); !kept) return fail(kept.error());
    say(sentence(Tr::tr("way %1: %2, %3"), way.name, formatTitle(way.form), titleOf(way.to)));
    return done;
}

int WaysCommandLine::keepPlace() const {
    DropPlace place{qt(m_name),    qt(m_address),   qt(m_user), qt(m_hostKey),
                    qt(m_keyFile), qt(m_authority), qt(m_link), m_days};
    if (place.hostKey.startsWith(QStringLiteral("SHA256:"))) place.hostKey = place.hostKey.mid(7);
    if (auto right = checkPlace(place); !right) return fail(right.error());
    if (place.isSftp() && place.hostKey.isEmpty()) {
        Progress progress;
        const auto shown = hostKeyOf(place, progress);
        if (!shown) return fail(shown.error());
        complain(
            sentence(Tr::tr("The server shows the key SHA256:%1. Compare it with what its keeper says, and give it "
                            "as --host-key: no other will be spoken to."),
                     *shown));
        return remains;
    }
    auto known = keptWays();
    if (!known) return fail(known.error());
    if (!m_password.empty()) {
        auto line = firstLineOf(qt(m_password));
        if (!line) return fail(line.error());
        if (auto kept = keepPassword(place, QString::fromUtf8(*line)); !kept) return fail(kept.error());
    }
    known->put(place);
    if (auto kept = keepWays(*known); !kept) return fail(kept.error());
    say(sentence(Tr::tr("place %1: %2"), place.name, place.address));
    return done;
}

int WaysCommandLine::forget(bool place) const {
    auto known = keptWays();
    if (!known) return fail(known.error());
    const QString name = qt(m_name);
    const auto called = [&](const auto& each) { return each.name == name; };
    if (place)
        if (const auto there = known->place(name)) (void)forgetPassword(*there);
    if (const auto gone = place ? known->places.removeIf(called) : known->ways.removeIf(called); gone == 0)
        return fail({Error::Kind::BadInput, sentence(Tr::tr("Nothing is called “%1”."), name)});
    if (auto kept = keepWays(*known); !kept) return fail(kept.error());
    return done;
}

} // namespace eyelid
