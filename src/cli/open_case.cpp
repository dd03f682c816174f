#include "cli/open_case.h"

#include "base/files.h"
#include "base/sentence.h"
#include "cli/shared.h"

#include <QStandardPaths>

namespace eyelid {

OwnKeys ownKeys() {
    return {QStandardPaths::writableLocation(QStandardPaths::GenericDataLocation) + QStringLiteral("/eyelid"),
            OwnKeys::Ring::Use};
}

Result<Opener> openerFrom(const CaseKeySettings& keys) {
    auto words = firstLineOf(keys.passphraseFile);
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
    auto words = firstLineOf(keys.passphraseFile);
    if (!words) return words.error();
    if (keys.keyFile.isEmpty() && !words->isEmpty()) return CaseLocks{.passphrase = *words};
    CaseLocks locks;
    if (keys.keyFile.isEmpty()) {
        auto own = ownKeys().locksForNewCase();
        if (!own) return own.error();
        if (!own->remark.isEmpty()) complain(own->remark);
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
