#include "app/releasing/release_flow.h"

#include "app/releasing/release_view.h"
#include "app/window/settings.h"
#include "base/sentence.h"
#include "releasing/release.h"

#include <QDir>
#include <QStandardPaths>

namespace eyelid {

ReleaseFlow::ReleaseFlow(Case& owner, CaseWorker& worker, const Theme& theme, QWidget& window)
    : m_case(owner), m_worker(worker), m_theme(theme), m_window(window) {
    connect(&m_worker, &CaseWorker::checked, this, &ReleaseFlow::onChecked);
    connect(&m_worker, &CaseWorker::checkFailed, this, [this](const QString& sentence, bool cancelled) {
        m_checkedRevision = -1;
        m_step = Step::Idle;
        m_trouble = cancelled ? QString() : sentence;
        emit changed();
    });
    connect(&m_worker, &CaseWorker::busyChanged, this, &ReleaseFlow::onIdle);
    connect(&m_case, &Case::passesChanged, this, &ReleaseFlow::changed);
}

ReleaseFlow::Check ReleaseFlow::standing() const {
    if (m_case.captures().isEmpty() || m_checkedRevision != m_case.revision() || m_worker.busy() ||
        m_checkedSmall != settings::smallVersions())
        return Check::NotRun;
    return blocking() > 0 ? Check::Failed : Check::Passed;
}

int ReleaseFlow::blocking() const {
    int n = 0;
    for (const CheckedPicture& picture : m_pictures) n += int(blockingLeaks(picture.capture).size());
    return n;
}

std::vector<Leak> ReleaseFlow::blockingLeaks(int capture) const {
    std::vector<Leak> leaks;
    for (const CheckedPicture& picture : m_pictures)
        for (const Leak& leak : picture.leaks)
            if (picture.capture == capture && m_case.passedBecause(capture, leak).isEmpty()) leaks.push_back(leak);
    return leaks;
}

QString ReleaseFlow::letPass(int capture, const Leak& leak, const QString& reason) {
    if (const auto leaks = m_worker.checkText(reason, Tr::tr("The reason")); !leaks.empty())
        return leaks.front().sentence;
    m_case.letPass(capture, leak, reason);
    return {};
}

QStringList ReleaseFlow::names() const {
    QString stem;
    for (const QChar c : m_case.name().toLower()) stem += c.isLetterOrNumber() ? c : QLatin1Char('-');
    while (stem.contains(QStringLiteral("--"))) stem.replace(QStringLiteral("--"), QStringLiteral("-"));
    if (stem.isEmpty()) stem = QStringLiteral("case");
    QStringList names;
    for (qsizetype i = 0; i < m_case.captures().size(); ++i)
        names << releaseName(stem, i + 1, m_case.captures().size());
    return names;
}

void ReleaseFlow::check() {
    m_releaseWanted = false;
    begin();
}

void ReleaseFlow::begin() {
    if (m_step == Step::Checking) return;
    m_step = m_worker.busy() ? Step::WaitToCheck : Step::Checking;
    if (m_step == Step::WaitToCheck) return emit changed();
    const QStringList files = names();
    std::vector<ToCheck> all;
    for (qsizetype i = 0; i < m_case.captures().size(); ++i) {
        const Capture& capture = m_case.captures()[i];
        all.push_back({capture.id, files[i], m_case.picture(capture), m_case.decided(capture)});
        if (const int side = settings::smallVersions()) {
            ToCheck small = all.back();
            small.fileName = smallName(small.fileName);
            small.decided.framing = smallVersion(small.decided.framing, capture.size, side);
            all.push_back(std::move(small));
        }
    }
    m_checkedRevision = m_case.revision();
    m_checkedSmall = settings::smallVersions();
    m_worker.check(std::move(all));
}

void ReleaseFlow::stop() {
    m_step = Step::Idle;
    m_worker.cancel();
    emit changed();
}

void ReleaseFlow::onChecked(const std::vector<CheckedPicture>& pictures) {
    m_pictures = pictures;
    m_trouble.clear();
    // Changed while it was being checked: the result is of yesterday's pictures.
    if (m_checkedRevision != m_case.revision()) m_checkedRevision = -1;
    const bool goOn = m_releaseWanted && blocking() == 0 && m_checkedRevision >= 0;
    // The worker is busy until this has been heard.
    m_step = goOn ? Step::WaitToRelease : Step::Idle;
    emit changed();
    if (!goOn) emit checkToShow();
}

void ReleaseFlow::onIdle() {
    if (!m_worker.busy() && m_step == Step::WaitToCheck) begin();
    if (!m_worker.busy() && m_step == Step::WaitToRelease) {
        m_step = Step::Idle;
        release();
    }
    emit changed();
}

void ReleaseFlow::release() {
    if (m_checkedRevision != m_case.revision() || m_checkedSmall != settings::smallVersions()) {
        m_releaseWanted = true;
        begin();
    } else if (blocking() > 0) {
        emit checkToShow();
    } else {
        openView();
    }
}

void ReleaseFlow::openView() {
    QString usual = settings::releaseFolder();
    if (usual.isEmpty())
        usual = QStandardPaths::writableLocation(QStandardPaths::DocumentsLocation) + QStringLiteral("/Released");
    QStringList files;
    for (const CheckedPicture& picture : m_pictures) files << picture.artifact.fileName;
    files << redactionLogName();
    m_view =
        new ReleaseView(files, m_case.folders.release.isEmpty() ? usual : m_case.folders.release, m_theme, &m_window);
    m_view->setAttribute(Qt::WA_DeleteOnClose);
    connect(m_view, &ReleaseView::releaseAsked, this, &ReleaseFlow::write);
    m_view->open();
}

void ReleaseFlow::write() {
    if (!m_view) return;
    if (m_checkedRevision != m_case.revision())
        return m_view->showTrouble(Tr::tr("The case has changed since it was checked; check it again."));
    if (lacksSecondLook(m_case.state()))
        return m_view->showTrouble(Tr::tr("A second officer has not agreed to this case as it stands."));
    const QString folder = m_view->folder();
    std::vector<Artifact> artifacts;
    for (const CheckedPicture& picture : m_pictures) artifacts.push_back(picture.artifact);
    QStringList origins;
    for (const Capture& capture : m_case.captures()) origins << capture.origin;
    m_view->setWriting(true);
    struct Outcome {
        QString trouble;
        QStringList paths;
    };
    auto outcome = std::make_shared<Outcome>();
    const int revision = m_case.revision();
    m_worker.run(
        Tr::tr("Writing the release"),
        [=, replace = m_view->mayReplace(), log = logOf(m_pictures, m_case.state(), m_case.secret())] {
            QStringList outputs;
            for (const Artifact& artifact : artifacts) outputs << QDir(folder).absoluteFilePath(artifact.fileName);
            if (const QString path = overwritten(outputs, origins); !path.isEmpty()) {
                outcome->trouble = sentence(
                    Tr::tr("%1 is one of this case's own pictures and would be replaced; choose another folder."),
                    path);
                return;
            }
            if (auto written = writeRelease(folder, artifacts, log, replace))
                outcome->paths = *written;
            else
                outcome->trouble = written.error().sentence;
        },
        [=, this] {
            if (m_view) m_view->setWriting(false);
            if (!outcome->trouble.isEmpty()) {
                if (m_view) m_view->showTrouble(outcome->trouble);
                return;
            }
            m_case.folders.release = folder;
            m_releasedRevision = revision;
            if (m_view) m_view->showReleased(outcome->paths);
            emit released(outcome->paths);
        });
}

} // namespace eyelid
