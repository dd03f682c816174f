// Keeps the open case on disk while it is worked on: after every change, aside, with what changed meanwhile in the next
// step. Without a folder a case lives in memory alone (the demo, tests).
//
// A case gets its file with its first capture; one that is left without any leaves no file.
#pragma once

#include "base/workers.h"
#include "casefile/case.h"
#include "casefile/own_keys.h"

#include <QDateTime>
#include <QObject>

namespace eyelid {

struct OpenCase;

class CaseKeeper final : public QObject {
    Q_OBJECT
public:
    explicit CaseKeeper(Case& owner);
    /// Waits until what changed last is kept.
    ~CaseKeeper() override;

    /// New cases are kept in this folder, locked as `keys` says.
    void keepIn(const QString& folder, const OwnKeys& keys);

    enum class Standing {
        InMemory,
        NothingYet,
        Opening,
        Keeping,
        Kept,
        Failed,
        ReadOnly ///< another window has it
    };
    Standing standing() const { return m_standing; }
    /// Why it could not be kept, or cannot be changed: a sentence.
    const QString& trouble() const { return m_trouble; }
    /// What is to be known of how a new case is locked, a sentence; empty: nothing.
    const QString& remark() const { return m_remark; }
    /// Of the case's file; empty where there is none.
    QString path() const;
    const QString& folder() const { return m_folder; }
    const OwnKeys& keys() const { return m_keys; }
    /// Whether a capture is on the disk, or is not going to be.
    bool isSettled(int capture) const;
    /// Tries again to keep what could not be kept; in another folder where one is given.
    void tryAgain(const QString& folder = {});

    /// Puts a case of a file in place of the open one, which must have been left; aside. Answers with opened() or
    /// openFailed(), of kind Locked where nothing that was given opens it. One that another window has is opened to be
    /// looked at.
    void open(const QString& path, const QByteArray& passphrase = {});
    /// What is intact of a damaged case, as a new case beside it; likewise.
    void openIntact(const QString& path);
    /// Leaves the case as it is kept, with an empty one in its place. What could not be kept is gone: ask before.
    void leave();
    /// The case as it is open, and with it the keeping, for another keeper; this one keeps no more.
    OpenCase handOver();
    void takeOver(OpenCase open);
    /// For a new case: a name that says nothing.
    static QString newPath(const QString& folder);

    /// Work on the file itself, aside and in turn with keeping; `done` is told what came of it, unless this has gone.
    using FileWork = std::function<Result<Done>(CaseFile&)>;
    void onFile(FileWork work, std::function<void(Result<Done>)> done);

    /// Waits for what is being kept; false where it could not be.
    bool finish();

signals:
    void changed();
    void opened(const QString& path);
    void openFailed(const QString& path, const Error& error);

private:
    struct Outcome;
    struct Opened;
    void start(std::shared_ptr<Opened> opening, const QByteArray& passphrase);
    void onCaseChanged();
    void keepNow();
    void take(const std::shared_ptr<Outcome>& outcome);
    void takeOpened(const std::shared_ptr<Opened>& opened);
    void stand(Standing standing, const QString& trouble = {});
    void use(std::shared_ptr<CaseFile> file);
    bool isKeeping() const;

    Case& m_case;
    QString m_folder;
    OwnKeys m_keys;
    std::shared_ptr<CaseFile> m_file; ///< while m_keeping, of the lane alone but for reading pictures
    Standing m_standing = Standing::InMemory;
    QString m_trouble, m_remark;
    QSet<int> m_kept;           ///< captures that are on the disk
    int m_coveredRevision = -1; ///< of the case when its picture for lists was made last
    bool m_keeping = false, m_changedSince = false;
    Lane m_lane; ///< the last, so that it ends before the rest goes
};

/// An open case with where it is kept, on its way from one window to the next.
struct OpenCase {
    KeptCase kept;
    std::shared_ptr<PictureStore> pictures;
    bool readOnly = false;
    QString folder;
    OwnKeys keys;
    std::shared_ptr<CaseFile> file; ///< null where it has none
    QSet<int> onDisk;               ///< captures that are
    CaseKeeper::Standing standing = CaseKeeper::Standing::InMemory;
    QString trouble, remark; ///< as the keeper's
};

} // namespace eyelid
