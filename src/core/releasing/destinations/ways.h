// Ways: how a release is made and where it goes, remembered by name ("Supplier: PDF, drop, mail draft"); and the places
// that releases are dropped at. Kept in one file of the user's, ways.json beside the signing key; passwords are in the
// key ring (base/key_ring.h), never here.
#pragma once

#include "base/result.h"
#include "releasing/destinations/drop_place.h"
#include "releasing/release.h"
#include "releasing/release_form.h"

#include <optional>
#include <QByteArray>
#include <QList>
#include <QString>
#include <QStringList>

namespace eyelid {

/// Where a release is to go; several at once.
struct Destinations {
    bool folder = true;
    QString folderPath;  ///< never kept: a folder's name may be anybody's. Empty: as the case, or the settings, have it
    QString drop;        ///< a place's name; empty: none
    bool mail = false;   ///< a draft in the mail program, with the files; wants the folder
    QStringList command; ///< a program and its arguments; empty: none; wants the folder
    bool clipboard = false, paper = false, screen = false; ///< of the window alone
    bool operator==(const Destinations&) const = default;

    bool any() const { return folder || !drop.isEmpty() || mail || !command.isEmpty() || clipboard || paper || screen; }
    bool needsFiles() const { return mail || !command.isEmpty(); }
};

/// "folder, drop at Supplier, mail draft": what is chosen, for people.
QString titleOf(const Destinations& to);

struct Way {
    QString name;
    ReleaseForm form;
    Clash clash = Clash::KeepBoth;
    Destinations to;
    bool operator==(const Way&) const = default;
};

struct Ways {
    QList<Way> ways;         ///< in the order they are offered
    QList<DropPlace> places; ///< likewise
    bool operator==(const Ways&) const = default;

    std::optional<Way> way(const QString& name) const;
    std::optional<DropPlace> place(const QString& name) const;
    /// In place of one of that name, or behind the others.
    void put(const Way& way);
    void put(const DropPlace& place);
};

QByteArray packed(const Ways& ways);
/// Errors: BadInput for what is no such file; what it does not know is left out.
Result<Ways> waysFrom(const QByteArray& bytes);

/// Where this user's are kept.
QString waysFile();
/// None where there is no file. Errors: NotReadable, BadInput.
Result<Ways> keptWays();
/// Errors: NotWritable.
Result<Done> keepWays(const Ways& ways);

} // namespace eyelid
