// From the case to its release: the check and what it saw, and the writing of what passed it.
#pragma once

#include "app/cases/case_worker.h"
#include "casefile/case.h"

#include <QObject>
#include <QPointer>
#include <QStringList>

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

    /// The names a release gives its pictures, made from the case's name and a number.
    QStringList names() const;
    void check();
    /// Checks first where the case has changed since.
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

private:
    void begin();
    void onChecked(const std::vector<CheckedPicture>& pictures);
    void onIdle();
    void openView();
    void write();

    Case& m_case;
    CaseWorker& m_worker;
    const Theme& m_theme;
    QWidget& m_window;
    QPointer<ReleaseView> m_view;
    std::vector<CheckedPicture> m_pictures;
    int m_checkedRevision = -1, m_releasedRevision = -1;
    int m_checkedSmall = 0; ///< settings::smallVersions() as it was checked
    enum class Step { Idle, WaitToCheck, Checking, WaitToRelease } m_step = Step::Idle;
    bool m_releaseWanted = false; ///< once the check has passed
    QString m_trouble;
};

} // namespace eyelid
