// Keeps the open case on disk while it is worked on: after every change, aside, with what changed meanwhile in the next
// step. Without a folder a case lives in memory alone (the demo, tests).
//
// A case gets its file with its first capture; one that is left without any leaves no file.
#pragma once

#include "base/workers.h"
#include "casefile/case.h"
#include "casefile/case_file.h"

#include <QDateTime>
#include <QObject>

namespace eyelid {

class CaseKeeper final : public QObject {
    Q_OBJECT
public:
    explicit CaseKeeper(Case& owner);
    /// Waits until what changed last is kept.
    ~CaseKeeper() override;

    /// New cases are kept in this folder, locked by this user's key file.
    void keepIn(const QString& folder, const QString& keyFile);

    enum class Standing { InMemory, NothingYet, Keeping, Kept, Failed };
    Standing standing() const { return m_standing; }
    /// Why it could not be kept: a sentence.
    const QString& trouble() const { return m_trouble; }
    /// Of the case's file; empty where there is none.
    QString path() const;
    /// Tries again to keep what could not be kept; in another folder where one is given.
    void tryAgain(const QString& folder = {});

    /// A case that was left, as it can be told of.
    struct Left {
        QString path, name;
        QDateTime when;
        qsizetype captures = 0;
        int open = 0;
    };
    /// The one worked on last, if it can be opened and no other window has it. Reads files: not for the interface
    /// thread.
    static std::optional<Left> lastLeft(const QString& folder, const QString& keyFile);

    /// Puts a case of a file in place of the open one, which must be without captures. Errors: as CaseFile::open(); a
    /// passphrase is needed where Locked comes back without one.
    Result<Done> open(const QString& path, const QByteArray& passphrase = {});

    /// Waits for what is being kept; false where it could not be.
    bool finish();

signals:
    void changed();

private:
    struct Outcome;
    void onCaseChanged();
    void keepNow();
    void take(const std::shared_ptr<Outcome>& outcome);
    void stand(Standing standing, const QString& trouble = {});
    void use(std::shared_ptr<CaseFile> file);

    Case& m_case;
    QString m_folder, m_keyFile;
    std::shared_ptr<CaseFile> m_file; ///< while m_keeping, of the lane alone but for reading pictures
    Standing m_standing = Standing::InMemory;
    QString m_trouble;
    bool m_keeping = false, m_changedSince = false;
    Lane m_lane; ///< the last, so that it ends before the rest goes
};

} // namespace eyelid
