#include "cli/open_case.h"

#include "base/files.h"
#include "base/sentence.h"

#include <QStandardPaths>

namespace eyelid {
namespace {

// The first line of a file, "-" being standard input; empty where none is named.
Result<QByteArray> passphraseFrom(const QString& path) {
    if (path.isEmpty()) return QByteArray();
    constexpr qint64 longest = 4096;
    auto text = readFile(path == QLatin1String("-") ? QStringLiteral("/dev/stdin") : path, longest);
    if (!text) return text.error();
    const QByteArray line = text->split('\n').front().trimmed();
    if (line.isEmpty()) return Error{Error::Kind::BadInput, sentence(Tr::tr("The first line of %1 is empty."), path)};
    return line;
}

} // namespace

OwnKeys ownKeys() {
    return {QStandardPaths::writableLocation(QStandardPaths::GenericDataLocation) + QStringLiteral("/eyelid"),
            OwnKeys::Ring::Use};
}

Result<Opener> openerFrom(const CaseKeySettings& keys) {
    auto words = passphraseFrom(keys.passphraseFile);
    if (!words) return words.error();
    Opener opener;
    if (keys.keyFile.isEmpty()) {
        auto own = ownKeys().opener();
        if (!own) return own.error();
        opener = *own;
    } else {
        auto key = keyFromFile(keys.keyFile, false);
        if (!key) return key.error();
        opener.keys.push_back(*key);
    }
    opener.passphrase = *words;
    return opener;
}

Result<CaseLocks> locksFrom(const CaseKeySettings& keys) {
    auto words = passphraseFrom(keys.passphraseFile);
    if (!words) return words.error();
    if (keys.keyFile.isEmpty() && !words->isEmpty()) return CaseLocks{.passphrase = *words};
    CaseLocks locks;
    if (keys.keyFile.isEmpty()) {
        auto own = ownKeys().locksForNewCase();
        if (!own) return own.error();
        locks = *own;
    } else {
        auto key = keyFromFile(keys.keyFile, true);
        if (!key) return key.error();
        locks.keyFile = *key;
    }
    locks.passphrase = *words;
    return locks;
}

} // namespace eyelid
