// Long work on a case off the interface thread, one job after the other. It follows the case by itself: what a change
// leaves to be done (read, find, carry) is begun as soon as the change is told of.
#pragma once

#include "base/workers.h"
#include "casefile/case.h"
#include "pipeline/case_work.h"

#include <atomic>
#include <functional>
#include <memory>
#include <mutex>
#include <QObject>

namespace eyelid {

/// A capture to be made as it would leave, and checked.
struct ToCheck {
    int capture = 0;
    QString name; ///< of the file, without its ending
    PictureId picture;
    Decided decided;
};

class CaseWorker final : public QObject {
    Q_OBJECT
public:
    explicit CaseWorker(Case& owner, QObject* parent = nullptr);
    ~CaseWorker() override;

    /// Reads one area once more; answers with areaRead(), or areaFailed().
    void readArea(int capture, const QRect& area, const QString& languages, ReadOptions::Content content);
    /// What a policy would find; answers with tried() unless another is asked for meanwhile.
    void tryPolicy(int capture, const Policy& policy);
    /// Makes the pictures and checks them, in memory; answers with checked() or checkFailed(). The first of them have
    /// been checked `already`, when nothing was other than it is now.
    void check(std::vector<ToCheck> toCheck, const ReleaseForm& form, std::vector<CheckedPicture> already = {});
    /// The same, answered by itself. What is decided of them may be more than the case says, never less.
    void make(std::vector<ToCheck> toCheck, const ReleaseForm& form,
              std::function<void(Result<std::vector<CheckedPicture>>)> answer);
    /// Any other work, told of as `doing`; `done` runs on the interface thread, unless this worker has gone.
    void run(const QString& doing, std::function<void(Progress&)> work, std::function<void()> done);
    /// Stops the job that is running, and the reading of captures that wait.
    void cancel();
    /// Reading that was stopped, or that failed, begun again.
    void readWhatIsNotRead();

    bool busy() const { return m_jobs > 0; }
    /// What the running job is doing, and how far it is.
    QString doing() const;
    double fraction() const;
    /// What a text that is to leave with the pictures must not say, as checkText() tells it.
    std::vector<Leak> checkText(const QString& text, const QString& what);
    /// The work itself; made when it is first needed, from whichever thread.
    const CaseWork& work();

signals:
    void busyChanged();
    void areaRead(int capture, QRect area, Page reading);
    void areaFailed(QString sentence);
    void tried(int capture, std::vector<Finding> findings);
    void checked(std::vector<CheckedPicture> pictures);
    /// `soFar`: those that had been checked when it was stopped.
    void checkFailed(QString sentence, bool cancelled, std::vector<CheckedPicture> soFar);

private:
    using Answer = std::function<void()>; ///< runs on the interface thread
    void start(std::function<Answer(Progress&)> job);
    using Checked = std::shared_ptr<std::vector<CheckedPicture>>;
    void makeOn(std::vector<ToCheck> toCheck, const ReleaseForm& form, const Checked& done,
                std::function<void(Result<Done>)> answer);
    void keepUp();
    Answer readNow(int capture, const PictureId& id, const QImage& picture, const Search& search, Progress& progress);

    Case& m_case;
    Lane m_lane;                      // one job at a time: each uses all cores by itself
    std::unique_ptr<Reader> m_reader; // of the lane's jobs alone
    std::once_flag m_workMade;
    std::unique_ptr<CaseWork> m_work;
    std::vector<std::shared_ptr<Progress>> m_progresses; // running and waiting, in order
    int m_jobs = 0;
    bool m_following = false;     // a job of keepUp() is under way
    std::atomic<int> m_trial = 0; // the latest; earlier ones that still wait are passed over
};

} // namespace eyelid
