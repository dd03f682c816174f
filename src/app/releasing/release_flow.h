// From the case to its release: the check and what it saw, and the writing of what passed it.
#pragma once

#include "app/cases/case_worker.h"
#include "app/releasing/release_job.h"
#include "casefile/case.h"
#include "releasing/names.h"
#include "releasing/release_form.h"

#include <atomic>
#include <memory>
#include <QObject>
#include <QPointer>
#include <QStringList>

class QTimer;

namespace eyelid {

struct Theme;

class ReleaseView;

class ReleaseFlow final : public QObject {
    Q_OBJECT
public:
    /// `window`: what the view of the release stands before.
    ReleaseFlow(Case& owner, CaseWorker& worker, const Theme& theme, QWidget& window);

    enum class Check { NotRun, Failed, Passed };
    /// Of the case as it is now.
    Check standing() const;
    /// Why the last check could not be run; empty otherwise.
    QString trouble() const { return m_trouble; }
    /// Whether nothing has changed since a release.
    bool isReleased() const { return m_releasedRevision == m_case.revision(); }

    /// What the last check made and saw.
    const std::vector<CheckedPicture>& pictures() const { return m_pictures; }
    /// Leaks nobody has let through.
    int blocking() const;
    std::vector<Leak> blockingLeaks(int capture) const;
    /// Lets a leak through, with a reason for the log. A reason that says itself what must not leave is refused: the
    /// sentence why, or empty.
    QString letPass(int capture, const Leak& leak, const QString& reason);

    /// The names a release gives its pictures, as the form says, with their endings.
    QStringList names() const;
    /// Of one picture, without its ending.
    QString nameOf(qsizetype index) const;
    /// What all names are made from.
    QString nameTemplate() const;
    void check();
    /// Releases as it was done last, without asking anything that need not be asked.
    void releaseAgain();
    /// Checks first where the case, or the form releases are made in, has changed since.
    void release();
    /// A check is running, or is to run as soon as the worker is free.
    bool isChecking() const { return m_step == Step::WaitToCheck || m_step == Step::Checking; }
    /// Stops the check that runs or waits, and all other work.
    void stop();

signals:
    /// Anything of the above.
    void changed();
    /// A check has ended that somebody should look at.
    void checkToShow();
    void released(QStringList paths);
    /// What is left to the window: clipboard, paper, screen, and the link of a drop.
    void handedOver(ReleaseOutcome outcome, Destinations to);

private:
    /// What a check was made of: another one needs another check.
    struct Checked {
        int revision = -1;
        int small = 0; ///< the longest side of small versions; 0: none
        Encoding encoding;
        qint64 mostBytes = 0;
        QString names;
        bool report = false;
        bool operator==(const Checked&) const = default;
    };
    Checked now() const;
    bool isChecked() const { return m_checked == now(); }
    NameParts partsOf(qsizetype index) const;

    void begin();
    std::vector<CheckedPicture> checkedAlready(const std::vector<ToCheck>& all);
    void openWhenChecked();
    void onChecked(const std::vector<CheckedPicture>& pictures);
    void onCheckFailed(const QString& sentence, bool cancelled, const std::vector<CheckedPicture>& soFar);
    void onIdle();
    void openView();
    void onFormChanged();
    void tellFiles();
    void measure();
    void writeOrCheck();
    bool mayRun(const QStringList& command);
    void write();
    void tellWriting();
    void onWritten(const ReleaseOutcome& outcome, const Destinations& to, int revision);
    void note(const ReleaseOutcome& outcome, const Destinations& to);
    Assembling assembling() const;

    Case& m_case;
    CaseWorker& m_worker;
    const Theme& m_theme;
    QWidget& m_window;
    QPointer<ReleaseView> m_view;
    std::vector<CheckedPicture> m_pictures;
    Checked m_checked;
    /// Of a check that was stopped: it goes on there where it is to be of the same.
    struct {
        Checked of;
        std::vector<CheckedPicture> pictures;
    } m_stopped;
    int m_releasedRevision = -1;
    enum class Step { Idle, WaitToCheck, Checking, WaitToRelease, WaitToWrite } m_step = Step::Idle;
    /// What follows once a check has passed.
    enum class After { Nothing, OpenView, Write } m_after = After::Nothing;
    QString m_trouble;
    QTimer *m_measuring, *m_telling;
    bool m_again = false; ///< the view, once open, releases by itself
    std::shared_ptr<std::atomic<int>> m_measured = std::make_shared<std::atomic<int>>(0); ///< the last that counts
};

} // namespace eyelid
