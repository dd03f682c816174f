#include "releasing/verification.h"

#include "base/files.h"
#include "base/sentence.h"
#include "releasing/archive.h"
#include "releasing/checksums.h"
#include "releasing/digest.h"
#include "releasing/mail_draft.h"
#include "releasing/release.h"
#include "releasing/report.h"

#include <algorithm>
#include <functional>
#include <map>
#include <nlohmann/json.hpp>
#include <QDir>
#include <QFileInfo>
#include <QSet>

namespace eyelid {
namespace {

constexpr qint64 largestArchive = 4'000'000'000;
const QString mailEnding = QStringLiteral(".eml");
const QString logSuffix = QStringLiteral(".json");

// Where files of a release lie: a folder, or an archive. Every file is opened when it is asked for.
struct Place {
    QString name;
    QStringList files;
    std::function<Result<QByteArray>(const QString&)> read;
};

Place folderAt(const QString& path) {
    Place place{path, {}, [path](const QString& name) { return readFile(joinedPath(path, name)); }};
    for (const QFileInfo& file : QDir(path).entryInfoList(QDir::Files | QDir::Hidden | QDir::System, QDir::Name))
        place.files << file.fileName();
    return place;
}

bool isWrapped(const QString& path) {
    return path.endsWith(QStringLiteral(".zip"), Qt::CaseInsensitive) || path.endsWith(mailEnding, Qt::CaseInsensitive);
}

Result<Place> wrappedAt(const QString& path) {
    auto bytes = readFile(path);
    if (!bytes) return bytes.error();
    auto files =
        path.endsWith(mailEnding, Qt::CaseInsensitive) ? filesOfMail(*bytes) : filesOfZip(*bytes, largestArchive);
    if (!files) return files.error();
    auto held = std::make_shared<std::map<QString, QByteArray>>();
    Place place{path, {}, {}};
    for (Artifact& file : *files) {
        // Two of one name: which of them is meant nobody can say.
        if (held->contains(file.fileName))
            return Error{Error::Kind::BadInput, sentence(Tr::tr("%1 is in it twice."), file.fileName)};
        place.files << file.fileName;
        (*held)[file.fileName] = std::move(file.bytes);
    }
    place.read = [held](const QString& name) -> Result<QByteArray> {
        const auto file = held->find(name);
        if (file == held->end()) return Error{Error::Kind::Missing, sentence(Tr::tr("There is no %1."), name)};
        return file->second;
    };
    return place;
}

struct Log {
    QString name;
    QByteArray bytes;
    std::map<QString, QString> sums; ///< file names and SHA-256
};

std::optional<Log> logIn(const Place& place, const QString& name) {
    if (!name.endsWith(logSuffix)) return std::nullopt;
    auto bytes = place.read(name);
    if (!bytes) return std::nullopt;
    const auto json = nlohmann::json::parse(bytes->toStdString(), nullptr, false);
    if (!json.is_object() || json.value("format", nlohmann::json()) != "eyelid redaction log") return std::nullopt;
    Log log{name, std::move(*bytes), {}};
    const auto files = json.find("files");
    if (files == json.end() || !files->is_array()) return log;
    for (const auto& file : *files) {
        const auto named = file.find("file"), sum = file.find("sha256");
        if (named != file.end() && named->is_string() && sum != file.end() && sum->is_string())
            log.sums[QString::fromStdString(*named)] = QString::fromStdString(*sum).toLower();
    }
    return log;
}

// "redaction-log (2).json" speaks of "SHA256SUMS (2)": what stands behind the log's own name.
QString companionOf(const QString& logName, const QString& name) {
    static const QString base = redactionLogName().chopped(logSuffix.size());
    const QString number = logName.startsWith(base) ? logName.mid(base.size()).chopped(logSuffix.size()) : QString();
    const qsizetype dot = name.lastIndexOf(u'.');
    return dot > 0 ? name.left(dot) + number + name.mid(dot) : name + number;
}

class Verification {
public:
    Verification(const Place& place, const VerifyRequest& request) : m_place(place), m_request(request) {
        for (const QString& name : place.files)
            if (auto log = logIn(place, name)) m_logs.push_back(std::move(*log));
    }

    /// `asked`: the files that were named; empty: all.
    std::vector<VerifiedRelease> run(const QStringList& asked) {
        std::vector<VerifiedRelease> releases;
        QSet<QString> spokenOf;
        for (const Log& log : m_logs) {
            VerifiedRelease release = verified(log, asked);
            for (const QString& name : namesOf(log)) spokenOf << name;
            if (asked.isEmpty() || !release.files.empty()) releases.push_back(std::move(release));
        }
        std::vector<VerifiedFile> added;
        for (const QString& name : m_place.files)
            if (!spokenOf.contains(name) && (asked.isEmpty() || asked.contains(name)))
                added.push_back({name, FileStanding::Added});
        if (added.empty() && !releases.empty()) return releases;
        if (releases.empty()) {
            releases.push_back({m_place.name, {}, {}, false, {}, {}});
            if (m_logs.empty()) releases.back().trouble = Tr::tr("No redaction log lies here, so nothing can be said.");
        }
        releases.back().files.insert(releases.back().files.end(), added.begin(), added.end());
        return releases;
    }

private:
    QStringList namesOf(const Log& log) const {
        QStringList names{log.name, signatureName(log.name), companionOf(log.name, checksumsName()),
                          companionOf(log.name, reportName())};
        for (const auto& [name, sum] : log.sums) names << name;
        return names;
    }

    VerifiedRelease verified(const Log& log, const QStringList& asked) const {
        VerifiedRelease release{m_place.name, log.name, {}, false, {}, {}};
        if (const auto signature = m_place.read(signatureName(log.name))) {
            release.isSigned = true;
            release.signature = verifySignature(log.bytes, *signature, m_request.key.value_or(PublicKey()));
        }
        const auto wanted = [&](const QString& name) { return asked.isEmpty() || asked.contains(name); };
        const std::map<QString, QString> given = checksumsFrom(m_request.checksums);
        for (const auto& [name, sum] : sumsOf(log, release.signature)) {
            if (!wanted(name)) continue;
            release.files.push_back({name, standingOf(name, sum)});
            const auto other = given.find(name);
            if (other != given.end() && other->second != sum) release.files.back().standing = FileStanding::Altered;
        }
        for (const QString& sum : namelessChecksumsFrom(m_request.checksums))
            if (std::ranges::none_of(log.sums, [&](const auto& known) { return known.second == sum; }))
                release.files.push_back({sum, FileStanding::Missing});
        if (const QString list = companionOf(log.name, checksumsName());
            wanted(list) && m_place.files.contains(list) && !agrees(list, log))
            release.files.push_back({list, FileStanding::Altered});
        return release;
    }

    // The log's word and what is signed with it go before the list of checksums, which nobody signs; and of what the
    // list holds, only what lies beside a log counts: a name can be put into it by anybody.
    std::map<QString, QString> sumsOf(const Log& log, const SignatureFinding& signature) const {
        std::map<QString, QString> sums = log.sums;
        if (signature.standing == SignatureStanding::Good)
            if (const QString sum = reportChecksumIn(signature.comment); !sum.isEmpty())
                sums[companionOf(log.name, reportName())] = sum;
        const QStringList known = namesOf(log);
        if (const auto list = m_place.read(companionOf(log.name, checksumsName())))
            for (const auto& [name, sum] : checksumsFrom(*list))
                if (known.contains(name)) sums.try_emplace(name, sum);
        return sums;
    }

    bool agrees(const QString& list, const Log& log) const {
        const auto bytes = m_place.read(list);
        if (!bytes) return false;
        const auto listed = checksumsFrom(*bytes);
        return std::all_of(log.sums.begin(), log.sums.end(), [&](const auto& sum) {
            const auto other = listed.find(sum.first);
            return other != listed.end() && other->second == sum.second;
        });
    }

    FileStanding standingOf(const QString& name, const QString& sum) const {
        // A name in a log could lead anywhere.
        if (name.contains(u'/')) return FileStanding::Missing;
        const auto bytes = m_place.read(name);
        if (!bytes) return m_place.files.contains(name) ? FileStanding::Altered : FileStanding::Missing;
        return sha256(*bytes) == sum ? FileStanding::Intact : FileStanding::Altered;
    }

    const Place& m_place;
    const VerifyRequest& m_request;
    std::vector<Log> m_logs;
};

VerifiedRelease troubled(const QString& place, const QString& trouble) {
    return {place, {}, {}, false, {}, trouble};
}

} // namespace

bool VerifiedRelease::isIntact(bool byKnownKey) const {
    if (!trouble.isEmpty() || log.isEmpty()) return false;
    const auto standing = signature.standing;
    if (isSigned && (standing == SignatureStanding::Forged || standing == SignatureStanding::Malformed)) return false;
    if (byKnownKey && !(isSigned && standing == SignatureStanding::Good)) return false;
    return std::all_of(files.begin(), files.end(),
                       [](const VerifiedFile& file) { return file.standing == FileStanding::Intact; });
}

std::vector<VerifiedRelease> verifyReleases(const VerifyRequest& request) {
    std::vector<VerifiedRelease> all;
    std::map<QString, QStringList> single; ///< folders, and the files that were named in them
    const auto add = [&](const Place& place, const QStringList& asked) {
        for (VerifiedRelease& release : Verification(place, request).run(asked)) all.push_back(std::move(release));
    };
    for (const QString& path : request.paths) {
        const QFileInfo file(path);
        if (file.isDir()) {
            add(folderAt(path), {});
        } else if (!file.exists()) {
            all.push_back(troubled(path, sentence(Tr::tr("There is no %1."), path)));
        } else if (isWrapped(path)) {
            if (auto place = wrappedAt(path))
                add(*place, {});
            else
                all.push_back(troubled(path, place.error().sentence));
        } else {
            single[file.absolutePath()] << file.fileName();
        }
    }
    for (const auto& [folder, names] : single) add(folderAt(folder), names);
    return all;
}

QString standingTitle(FileStanding standing) {
    switch (standing) {
    case FileStanding::Intact:
        return Tr::tr("intact");
    case FileStanding::Altered:
        return Tr::tr("altered");
    case FileStanding::Missing:
        return Tr::tr("missing");
    case FileStanding::Added:
        return Tr::tr("added: no log speaks of it");
    }
    return {};
}

QString signatureTitle(const VerifiedRelease& release) {
    if (!release.isSigned) return Tr::tr("The log is not signed.");
    switch (release.signature.standing) {
    case SignatureStanding::Good:
        return sentence(Tr::tr("The log is signed by the key %1."), release.signature.keyId);
    case SignatureStanding::OtherKey:
        return sentence(Tr::tr("The log is signed by the key %1, which is not the one to verify with."),
                        release.signature.keyId);
    case SignatureStanding::Forged:
        return Tr::tr("The log's signature is not of this log: one of the two was altered.");
    case SignatureStanding::Malformed:
        return Tr::tr("The log's signature file is damaged.");
    }
    return {};
}

} // namespace eyelid
