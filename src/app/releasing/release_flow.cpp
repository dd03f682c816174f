#include "app/releasing/release_flow.h"

#include "app/releasing/release_job.h"
#include "app/releasing/release_view.h"
#include "app/window/settings.h"
#include "base/sentence.h"
#include "casefile/release_note.h"
#include "editing/edits.h"
#include "pipeline/made_file.h"
#include "releasing/destinations/command.h"
#include "releasing/names.h"

#include <QDateTime>
#include <QDesktopServices>
#include <QMessageBox>
#include <QPushButton>
#include <QStandardPaths>
#include <QTimer>
#include <QUrl>

namespace eyelid {
namespace {

constexpr int tellEvery = 200;      // milliseconds: what is being sent
constexpr int measuringDelay = 300; // milliseconds: of turning a number up, only where it comes to rest

QString noteOn(const ReleaseOutcome& outcome) {
    const QString written = outcome.paths.isEmpty()
                                ? Tr::tr("Handed over as it was checked:")
                                : Tr::tr("Written as they were checked, and read back from the disk:");
    if (outcome.unsignedBecause.isEmpty()) return written;
    return sentence(Tr::tr("%1 The log is not signed: %2"), written.chopped(1) + u'.', outcome.unsignedBecause);
}

// What the window itself does with it.
QStringList linesOf(const Destinations& to) {
    QStringList lines;
    if (to.clipboard) lines << Tr::tr("On the clipboard");
    if (to.screen) lines << Tr::tr("On the screen");
    return lines;
}

} // namespace

ReleaseFlow::ReleaseFlow(Case& owner, CaseWorker& worker, const Theme& theme, QWidget& window)
    : m_case(owner), m_worker(worker), m_theme(theme), m_window(window), m_measuring(new QTimer(this)),
      m_telling(new QTimer(this)) {
    connect(&m_worker, &CaseWorker::checked, this, &ReleaseFlow::onChecked);
    connect(&m_worker, &CaseWorker::checkFailed, this, &ReleaseFlow::onCheckFailed);
    connect(&m_worker, &CaseWorker::busyChanged, this, &ReleaseFlow::onIdle);
    connect(&m_case, &Case::passesChanged, this, &ReleaseFlow::changed);
    m_measuring->setSingleShot(true);
    m_measuring->setInterval(measuringDelay);
    m_telling->setInterval(tellEvery);
    connect(m_telling, &QTimer::timeout, this, &ReleaseFlow::tellWriting);
    connect(m_measuring, &QTimer::timeout, this, &ReleaseFlow::measure);
}

ReleaseFlow::Checked ReleaseFlow::now() const {
    const ReleaseForm form = settings::releaseForm();
    const int small = form.document == DocumentKind::None ? settings::smallVersions() : 0;
    return {m_case.revision(), small, pictureEncoding(form), form.mostBytes, nameTemplate(), form.report};
}

ReleaseFlow::Check ReleaseFlow::standing() const {
    if (m_case.captures().isEmpty() || m_worker.busy() || !isChecked()) return Check::NotRun;
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

QString ReleaseFlow::nameTemplate() const {
    const QString names = settings::releaseForm().names;
    return names.isEmpty() || !checkNames(names) ? usualNames : names;
}

NameParts ReleaseFlow::partsOf(qsizetype index) const {
    return {m_case.name(), m_case.policy().name, QDate::currentDate(), index + 1, m_case.captures().size()};
}

QString ReleaseFlow::nameOf(qsizetype index) const {
    return nameFrom(nameTemplate(), partsOf(index));
}

QStringList ReleaseFlow::names() const {
    const QString ending = u'.' + endingOf(pictureEncoding(settings::releaseForm()).format);
    QStringList names;
    for (qsizetype i = 0; i < m_case.captures().size(); ++i) names << nameOf(i) + ending;
    return names;
}

void ReleaseFlow::check() {
    m_after = After::Nothing;
    begin();
}

void ReleaseFlow::begin() {
    if (m_step == Step::Checking) return;
    ++*m_measured;
    m_step = m_worker.busy() ? Step::WaitToCheck : Step::Checking;
    if (m_step == Step::WaitToCheck) return emit changed();
    m_checked = now();
    std::vector<ToCheck> all;
    for (qsizetype i = 0; i < m_case.captures().size(); ++i) {
        const Capture& capture = m_case.captures()[i];
        all.push_back({capture.id, nameOf(i), capture.picture, m_case.decided(capture)});
        if (m_checked.small > 0) {
            ToCheck small = all.back();
            small.name = smallName(small.name);
            small.decided.framing = smallVersion(small.decided.framing, capture.size, m_checked.small);
            all.push_back(std::move(small));
        }
    }
    auto already = checkedAlready(all);
    m_worker.check(std::move(all), settings::releaseForm(), std::move(already));
}

// Of a check that was stopped, those whose names are still the same: a template may hold the day.
std::vector<CheckedPicture> ReleaseFlow::checkedAlready(const std::vector<ToCheck>& all) {
    const auto stopped = std::exchange(m_stopped, {});
    std::vector<CheckedPicture> already;
    if (!(stopped.of == m_checked)) return already;
    for (size_t i = 0; i < stopped.pictures.size() && i < all.size(); ++i) {
        const CheckedPicture& picture = stopped.pictures[i];
        if (picture.capture != all[i].capture || !picture.artifact.fileName.startsWith(all[i].name + u'.')) break;
        already.push_back(picture);
    }
    return already;
}

void ReleaseFlow::stop() {
    m_step = Step::Idle;
    m_after = After::Nothing;
    ++*m_measured;
    m_worker.cancel();
    emit changed();
}

void ReleaseFlow::onChecked(const std::vector<CheckedPicture>& pictures) {
    m_pictures = pictures;
    m_trouble.clear();
    // Changed while it was being checked: the result is of yesterday's pictures.
    if (!isChecked()) m_checked.revision = -1;
    const bool passed = blocking() == 0 && isChecked();
    // The worker is busy until this has been heard.
    m_step = !passed || m_after == After::Nothing ? Step::Idle
             : m_after == After::Write            ? Step::WaitToWrite
                                                  : Step::WaitToRelease;
    emit changed();
    if (passed && m_after != After::Nothing) return;
    if (m_view) m_view->close();
    emit checkToShow();
}

void ReleaseFlow::onCheckFailed(const QString& sentence, bool cancelled, const std::vector<CheckedPicture>& soFar) {
    if (cancelled) m_stopped = {m_checked, soFar};
    m_checked.revision = -1;
    m_step = Step::Idle;
    m_trouble = cancelled ? QString() : sentence;
    if (m_view) {
        if (cancelled)
            m_view->setWorking({});
        else
            m_view->showTrouble(sentence);
    }
    emit changed();
}

void ReleaseFlow::onIdle() {
    if (!m_worker.busy()) {
        const Step step = m_step;
        if (step == Step::WaitToCheck) begin();
        if (step == Step::WaitToRelease || step == Step::WaitToWrite) m_step = Step::Idle;
        if (step == Step::WaitToRelease) release();
        if (step == Step::WaitToWrite) write();
    }
    emit changed();
}

void ReleaseFlow::release() {
    m_again = false;
    openWhenChecked();
}

void ReleaseFlow::openWhenChecked() {
    if (!isChecked()) {
        m_after = After::OpenView;
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
    Way start{settings::lastWay(), settings::releaseForm(), settings::releaseClash(), settings::destinations()};
    start.form.names = nameTemplate();
    start.to.folderPath = m_case.folders.release.isEmpty() ? usual : m_case.folders.release;
    m_view = new ReleaseView(start, m_theme, &m_window);
    m_view->setAttribute(Qt::WA_DeleteOnClose);
    connect(m_view, &ReleaseView::releaseAsked, this, &ReleaseFlow::writeOrCheck);
    connect(m_view, &ReleaseView::formChanged, this, &ReleaseFlow::onFormChanged);
    connect(m_view, &ReleaseView::stopAsked, this, &ReleaseFlow::stop);
    connect(m_view, &QDialog::finished, this, [this] { ++*m_measured; });
    tellFiles();
    m_view->open();
    if (!m_again) return;
    m_again = false;
    writeOrCheck();
}

void ReleaseFlow::releaseAgain() {
    m_again = true;
    openWhenChecked();
}

void ReleaseFlow::onFormChanged() {
    settings::setReleaseForm(m_view->form());
    settings::setReleaseClash(m_view->clash());
    settings::setDestinations(m_view->destinations());
    settings::setLastWay(m_view->way().name);
    tellFiles();
    emit changed();
}

// As they were made, where the form is the one that was checked; else as they would be called, their size yet to be
// found out.
void ReleaseFlow::tellFiles() {
    ++*m_measured;
    if (isChecked()) {
        qint64 bytes = 0;
        for (const CheckedPicture& picture : m_pictures) bytes += picture.artifact.bytes.size();
        return m_view->setFiles(fileNamesOf(m_pictures, assembling()), bytes);
    }
    std::vector<CheckedPicture> pictures;
    for (const QString& name : names()) pictures.emplace_back().artifact.fileName = name;
    m_view->setFiles(fileNamesOf(pictures, assembling()), 0);
    m_measuring->start();
}

// How large the pictures are in the form that is chosen, before they are checked in it.
void ReleaseFlow::measure() {
    if (!m_view || isChecked() || m_worker.busy()) return;
    struct One {
        PictureId picture;
        Edits edits;
    };
    std::vector<One> all;
    for (const Capture& capture : m_case.captures())
        all.push_back({capture.picture, editsOf(m_case.decided(capture), capture.size)});
    const int counts = ++*m_measured;
    auto bytes = std::make_shared<qint64>(0);
    m_worker.run(
        Tr::tr("Measuring"),
        [=, this, all = std::move(all), form = settings::releaseForm(), last = m_measured,
         pictures = m_case.pictures()](Progress&) {
            for (const One& one : all) {
                if (*last != counts) return;
                const QImage capture = pictures->picture(one.picture);
                const auto made = makeFile(capture, one.edits, render(capture, one.edits), form);
                if (made) *bytes += made->bytes.size();
            }
        },
        [=, this] {
            if (m_view && *m_measured == counts && !isChecked()) {
                std::vector<CheckedPicture> pictures;
                for (const QString& name : names()) pictures.emplace_back().artifact.fileName = name;
                m_view->setFiles(fileNamesOf(pictures, assembling()), *bytes);
            }
        });
}

// What was checked in another form is checked again before it leaves.
void ReleaseFlow::writeOrCheck() {
    if (!m_view) return;
    onFormChanged();
    if (!mayRun(m_view->destinations().command)) return;
    if (m_checked.revision != m_case.revision())
        return m_view->showTrouble(Tr::tr("The case has changed since it was checked; check it again."));
    if (isChecked() && !m_worker.busy()) return write();
    m_view->setWorking(Tr::tr("Checking the pictures in this form…"));
    m_after = After::Write;
    begin();
}

// A program is shown as it will be run before it is run for the first time.
bool ReleaseFlow::mayRun(const QStringList& command) {
    if (command.isEmpty() || settings::knowsCommand(command)) return true;
    QMessageBox box(
        QMessageBox::Question, Tr::tr("Run a program"),
        sentence(Tr::tr("With the released files, this will be run:\n\n%1\n\nIt can do with them whatever you "
                        "could. Run it from now on?"),
                 lineOf(command)),
        QMessageBox::Yes | QMessageBox::No, m_view);
    box.setObjectName(QStringLiteral("runProgram"));
    box.button(QMessageBox::Yes)->setText(Tr::tr("Run it"));
    box.button(QMessageBox::No)->setText(Tr::tr("Not now"));
    if (box.exec() != QMessageBox::Yes) return false;
    settings::setKnowsCommand(command);
    return true;
}

Assembling ReleaseFlow::assembling() const {
    Assembling from;
    from.state = &m_case.state();
    from.secret = m_case.secret();
    from.form = settings::releaseForm();
    from.wholeName = documentNameFrom(nameTemplate(), partsOf(0));
    from.key = SigningKey(); // another when it is written; what files there are is the same
    return from;
}

void ReleaseFlow::write() {
    if (!m_view || !isChecked()) return;
    if (lacksSecondLook(m_case.state()))
        return m_view->showTrouble(Tr::tr("A second officer has not agreed to this case as it stands."));
    ReleaseJob job{m_pictures, m_case.state(), assembling(), m_view->destinations(), m_view->folder(), m_view->clash(),
                   {}};
    for (const Capture& capture : m_case.captures()) job.origins << capture.origin;
    m_view->setWorking(Tr::tr("Writing the release…"));
    m_telling->start();
    auto outcome = std::make_shared<ReleaseOutcome>();
    const int revision = m_case.revision();
    const Destinations to = job.to;
    m_worker.run(
        Tr::tr("Writing the release"),
        [=, this, job = std::move(job)](Progress& progress) mutable {
            *outcome = carryOut(std::move(job), m_worker.work(), progress);
        },
        [=, this] { onWritten(*outcome, to, revision); });
}

void ReleaseFlow::tellWriting() {
    if (m_view && m_worker.busy() && !m_worker.doing().isEmpty()) m_view->setWorking(m_worker.doing() + u'…');
}

// What stands is noted, whatever became of the rest.
void ReleaseFlow::onWritten(const ReleaseOutcome& outcome, const Destinations& to, int revision) {
    m_telling->stop();
    note(outcome, to);
    if (to.folder && !outcome.paths.isEmpty()) m_case.folders.release = to.folderPath;
    if (outcome.trouble) {
        if (!m_view) return;
        const QString stands =
            linesOf(outcome).isEmpty()
                ? QString()
                : u' ' + sentence(Tr::tr("What went before stands: %1."), linesOf(outcome).join(QStringLiteral(", ")));
        return m_view->showTrouble(outcome.trouble->sentence + stands);
    }
    m_releasedRevision = revision;
    emit handedOver(outcome, to);
    if (m_view) m_view->showReleased(linesOf(outcome) + linesOf(to), noteOn(outcome));
    // A draft is opened by the mail program, to be addressed there.
    const bool draft = settings::releaseForm().wrapping == Wrapping::Mail;
    if (settings::opensReleased() && to.folder)
        QDesktopServices::openUrl(QUrl::fromLocalFile(draft ? outcome.paths.first() : to.folderPath));
    emit released(outcome.paths);
}

// What goes to paper is noted when it has been printed.
void ReleaseFlow::note(const ReleaseOutcome& outcome, const Destinations& to) {
    std::vector<Handed> all = outcome.handed;
    if (to.clipboard && !outcome.trouble) all.push_back({Tr::tr("clipboard"), {}});
    if (to.screen && !outcome.trouble) all.push_back({Tr::tr("screen"), {}});
    for (const Handed& one : all)
        m_case.noteRelease(releaseNote(outcome.files, one, m_case.officer(), QDateTime::currentDateTimeUtc()));
}

} // namespace eyelid
