#include "finding/known_policies.h"

#include "base/files.h"
#include "base/sentence.h"
#include "base/shipped.h"
#include "finding/policy.h"

#include <algorithm>
#include <QDir>
#include <QFileInfo>
#include <QStandardPaths>

namespace eyelid {
namespace {

QString plain(const QString& name) {
    return QString(name).replace(u'-', u' ').toLower();
}

void addFrom(const QString& folder, PolicyOrigin from, QList<KnownPolicy>& known) {
    if (folder.isEmpty()) return;
    const QDir files(folder);
    for (const QString& file : files.entryList({QStringLiteral("*.toml")}, QDir::Files, QDir::Name)) {
        const QString name = QFileInfo(file).completeBaseName();
        const auto same = [&](const KnownPolicy& each) { return plain(each.name) == plain(name); };
        if (std::none_of(known.cbegin(), known.cend(), same))
            known.push_back({plain(name), from, files.filePath(file)});
    }
}

} // namespace

PolicyFolders PolicyFolders::usual() {
    const auto at = [](QStandardPaths::StandardLocation place, const char* folder) {
        return QStandardPaths::writableLocation(place) + QLatin1String(folder);
    };
    return {QStringLiteral("/etc/eyelid/policies"),
            {at(QStandardPaths::GenericDataLocation, "/eyelid/policies"),
             at(QStandardPaths::GenericConfigLocation, "/eyelid/eyelid/policies")}};
}

QList<KnownPolicy> knownPolicies(const PolicyFolders& folders) {
    QList<KnownPolicy> known;
    for (const char* name : {"everything", "contact details", "payment", "health", "credentials", "public disclosure"})
        known.push_back({QLatin1String(name), PolicyOrigin::Shipped, {}});
    addFrom(folders.office, PolicyOrigin::Office, known);
    for (const QString& own : folders.own) addFrom(own, PolicyOrigin::Own, known);
    return known;
}

QString titleOf(const KnownPolicy& policy) {
    const auto read = loadPolicy(policy.file.isEmpty() ? policy.name : policy.file);
    return read ? policyTitle(*read) : policy.name;
}

QString originTitle(const KnownPolicy& policy) {
    const QString folder = policy.file.left(policy.file.lastIndexOf(u'/'));
    switch (policy.from) {
    case PolicyOrigin::Shipped:
        return Tr::tr("ships with Eyelid");
    case PolicyOrigin::Office:
        return sentence(Tr::tr("of this office: %1"), folder);
    case PolicyOrigin::Own:
        return sentence(Tr::tr("your own: %1"), folder);
    }
    return {};
}

Result<QByteArray> policyText(const QString& name, const PolicyFolders& folders) {
    constexpr qint64 longest = 1'000'000;
    QStringList names;
    for (const KnownPolicy& known : knownPolicies(folders)) {
        if (known.name == plain(name)) {
            if (!known.file.isEmpty()) return readFile(known.file, longest);
            return shippedFile(QStringLiteral("policies/%1.toml").arg(QString(known.name).replace(u' ', u'-')));
        }
        names << known.name;
    }
    return Error{Error::Kind::Missing,
                 sentence(Tr::tr("There is no policy \"%1\": it is neither a file nor one of %2."), name,
                          names.join(QStringLiteral(", ")))};
}

} // namespace eyelid
