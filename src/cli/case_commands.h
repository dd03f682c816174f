// What `eyelid-cli case …` does. All print results to standard output and troubles to standard error, and return the
// exit status; where that is 0, what was done is on the disk.
#pragma once

#include "cli/console.h"
#include "cli/release_options.h"
#include "editing/item.h"

#include <QString>
#include <QStringList>

namespace eyelid {

/// What a case is opened or locked with; without either, the user's own key file.
struct CaseKeySettings {
    QString keyFile;
    QString passphraseFile; ///< its first line; "-": standard input
};

struct CaseDecision {
    Decision decision = Decision::Cover;
    QString kind;    ///< empty: all
    double from = 0; ///< least confidence
    QString officer; ///< whose it is; empty: the account's
};

int runCaseNew(const QString& path, const CaseKeySettings& keys, const QString& policy);
int runCaseAdd(const QString& path, const CaseKeySettings& keys, const QStringList& pictures);
int runCaseTakeIn(const QString& path, const CaseKeySettings& keys, const QString& other);
int runCaseRename(const QString& path, const CaseKeySettings& keys, const QString& name);
int runCaseList(const QString& folder, const CaseKeySettings& keys);
int runCaseSearch(const QString& folder, const CaseKeySettings& keys, const QString& words);
int runCaseShow(const QString& path, const CaseKeySettings& keys, bool json);
int runCaseRegister(const QString& path, const CaseKeySettings& keys);
int runCaseDecide(const QString& path, const CaseKeySettings& keys, const CaseDecision& wanted);
int runCaseAgree(const QString& path, const CaseKeySettings& keys, const QString& officer);
int runCaseRelease(const QString& path, const CaseKeySettings& keys, const QString& folder,
                   const ReleaseSettings& settings);
int runCaseTakeOut(const QString& path, const CaseKeySettings& keys, const QString& folder);
int runCaseBringIn(const QString& folder, const CaseKeySettings& keys, const QString& path);
int runCaseVerify(const QString& path, const CaseKeySettings& keys);
int runCaseLock(const QString& path, const CaseKeySettings& keys, const CaseKeySettings& other);
int runCaseSeal(const QString& path, const CaseKeySettings& keys, const QString& publicKey);
int runCaseKey(const QString& officer);
int runCasePutOff(const QString& path, const CaseKeySettings& keys, const QString& until, const QString& reason);
int runCaseDue(const QString& folder, const CaseKeySettings& keys, bool destroy);
int runCaseThrowAway(const QString& path, const CaseKeySettings& keys, bool away);
int runCaseDestroy(const QString& path);

} // namespace eyelid
