// Policies that are known by name: those that ship, the office's, and this user's own.
#pragma once

#include "base/result.h"

#include <QByteArray>
#include <QList>
#include <QString>
#include <QStringList>

namespace eyelid {

enum class PolicyOrigin { Shipped, Office, Own };

struct KnownPolicy {
    QString name; ///< "contact details": as its file is called
    PolicyOrigin from = PolicyOrigin::Shipped;
    QString file; ///< empty for one that ships
};

/// Where policies lie as files, NAME.toml.
struct PolicyFolders {
    QString office;  ///< whoever keeps the machine puts them there
    QStringList own; ///< the first is where new ones are written
    /// /etc/eyelid/policies; eyelid/policies in the user's data folder, and where the window kept them before.
    static PolicyFolders usual();
};

/// In the order in which a name is looked for: shipped, the office's, one's own; by name within each. A name that is
/// there already is not taken again: nobody replaces "everything" unseen.
QList<KnownPolicy> knownPolicies(const PolicyFolders& folders = PolicyFolders::usual());

/// What it is called in the language that is spoken; its name, where it cannot be read.
QString titleOf(const KnownPolicy& policy);

/// Where it comes from, for people: "ships with Eyelid", "of this office: /etc/eyelid/policies".
QString originTitle(const KnownPolicy& policy);

/// A policy's text by its name. Errors: Missing, with the names there are; those of readFile().
Result<QByteArray> policyText(const QString& name, const PolicyFolders& folders = PolicyFolders::usual());

} // namespace eyelid
