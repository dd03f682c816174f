// verify: whether released files are still what was released, and who signed for them.
#include "base/files.h"
#include "base/sentence.h"
#include "cli/commands.h"
#include "cli/release_options.h"
#include "releasing/verification.h"

namespace eyelid {
namespace {

Result<std::optional<PublicKey>> keyFrom(const QString& given) {
    if (given.isEmpty()) return std::optional<PublicKey>();
    QByteArray text = given.toUtf8();
    if (fileExists(given)) {
        auto bytes = readFile(given, 1 << 12);
        if (!bytes) return bytes.error();
        text = *bytes;
    }
    auto key = publicKeyFrom(text);
    if (!key) return key.error();
    return std::optional<PublicKey>(*key);
}

} // namespace

int runVerify(const QStringList& paths, const VerifySettings& settings) {
    auto key = keyFrom(settings.key);
    if (!key) return fail(key.error());
    VerifyRequest request{paths, *key, {}};
    if (!settings.checksums.isEmpty()) {
        auto bytes = readFile(settings.checksums, 1 << 24);
        if (!bytes) return fail(bytes.error());
        request.checksums = *bytes;
    }
    // Without a key to go by, one's own is tried: it tells own releases from others', and fails none of those.
    if (!request.key)
        if (const auto own = signingKeyFrom(signingKeyFile(), false)) request.key = own->publicKey();
    int status = done;
    for (const VerifiedRelease& release : verifyReleases(request)) {
        say(release.log.isEmpty() ? release.place : joinedPath(release.place, release.log));
        if (!release.trouble.isEmpty()) complain(release.trouble);
        for (const VerifiedFile& file : release.files)
            print(sentence(QStringLiteral("  %1: %2"), file.name, standingTitle(file.standing)));
        if (!release.log.isEmpty()) print(QStringLiteral("  ") + signatureTitle(release));
        if (!release.isIntact(!settings.key.isEmpty())) status = remains;
    }
    return status;
}

int runSigningKey() {
    auto key = signingKeyFrom(signingKeyFile(), true);
    if (!key) return fail(key.error());
    print(QString::fromLatin1(publicKeyFile(key->publicKey())).trimmed());
    return done;
}

} // namespace eyelid
