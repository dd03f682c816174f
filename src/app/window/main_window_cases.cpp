// The main window and the cases there are: which one is open, where it is kept, and how it is left for another.
#include "app/cases/case_header.h"
#include "app/cases/cases_view.h"
#include "app/cases/destroy_day_view.h"
#include "app/cases/passphrase_view.h"
#include "app/checking/gate.h"
#include "app/explain/explaining.h"
#include "app/releasing/handing_out.h"
#include "app/window/confirm.h"
#include "app/window/first_steps.h"
#include "app/window/main_window.h"
#include "app/window/settings.h"
#include "base/files.h"
#include "base/sentence.h"
#include "casefile/case_folder.h"

#include <QApplication>
#include <QDateTime>
#include <QFileDialog>
#include <QInputDialog>
#include <QMessageBox>
#include <QPointer>
#include <QProcess>
#include <QPushButton>
#include <QSplitter>
#include <QStackedWidget>

namespace eyelid {
namespace {

enum WholeView { Desk, AllCases };

QString caseFilter() {
    return Tr::tr("Cases (*.eyelid)");
}

} // namespace

void MainWindow::keepCases(const QString& folder, const OwnKeys& keys) {
    m_keeper.keepIn(folder, keys);
    m_shelf.setPlace(folder, keys);
    refreshActions();
}

void MainWindow::rememberLayout() {
    settings::setWindowGeometry(saveGeometry());
    settings::setPanelSizes(m_middle->saveState());
}

OpenCase MainWindow::handOver() {
    rememberLayout();
    m_handingOut->takeBack(); // who would do so in time goes with the window
    m_case.disconnect(this);
    return m_keeper.handOver();
}

void MainWindow::takeOver(OpenCase open) {
    if (!open.folder.isEmpty()) m_shelf.setPlace(open.folder, open.keys);
    m_firstLook = true; // there has been one in the window before
    // Reasons are told in the language of the window: what is found is found once more.
    for (Capture& capture : open.kept.state.captures) capture.foundWith = {};
    m_keeper.takeOver(std::move(open));
    refreshActions();
}

bool MainWindow::isAtRest() const {
    return !m_worker.busy() && !m_taker->running() && m_keeper.standing() != CaseKeeper::Standing::Opening &&
           !QApplication::activeModalWidget() && !QApplication::activePopupWidget() &&
           QApplication::mouseButtons() == Qt::NoButton;
}

bool MainWindow::firstStepsAreOn() const {
    return m_firstSteps->isOn();
}

void MainWindow::bindCases() {
    m_case.setOfficer(settings::officerName());
    connect(&m_keeper, &CaseKeeper::changed, this, &MainWindow::showKept);
    connect(&m_keeper, &CaseKeeper::changed, this, &MainWindow::refreshActions);
    connect(&m_keeper, &CaseKeeper::opened, this, [this] {
        showSheet();
        if (!m_case.captures().isEmpty()) m_selection.showCapture(m_case.captures().first().id);
        m_sheet->setFocus();
    });
    connect(&m_keeper, &CaseKeeper::openFailed, this, [this](const QString& path, const Error& error) {
        if (error.kind == Error::Kind::Locked) return openWithPassphrase(path);
        if (error.kind == Error::Kind::Damaged) return offerWhatIsIntact(path);
        showTrouble(error.sentence);
        if (m_shelf.hasPlace()) showCases();
    });
    connect(&m_case, &Case::refused, this, [this] {
        m_gate->setMessage(Tr::tr("This case can only be looked at here"), m_keeper.trouble(), Gate::Tone::Failed);
    });
    connect(&m_shelf, &CaseShelf::trouble, this, &MainWindow::showTrouble);
    connect(&m_shelf, &CaseShelf::changed, this, [this] {
        if (m_firstLook || !m_shelf.isKnown()) return;
        m_firstLook = true;
        const bool nothingOpen =
            m_case.captures().isEmpty() && m_keeper.standing() == CaseKeeper::Standing::NothingYet && !m_intake.busy();
        if (nothingOpen && !m_shelf.cases().empty()) showCases();
    });
    connect(&m_worker, &CaseWorker::busyChanged, this, [this] {
        if (m_leavingFor && !m_worker.busy()) leaveFor(*m_leavingFor);
    });
    connect(&m_intake, &Intake::caseFilesGiven, this, &MainWindow::openCaseFiles);
    connect(m_casesView, &CasesView::openAsked, this, &MainWindow::openCaseFile);
    connect(m_casesView, &CasesView::openElsewhereAsked, this, &MainWindow::openElsewhere);
    connect(m_casesView, &CasesView::takeInAsked, this, &MainWindow::takeIn);
    connect(m_casesView, &CasesView::newAsked, this, [this] { openCaseFile({}); });
    connect(m_casesView, &CasesView::openFileAsked, this, &MainWindow::chooseCaseFile);
    connect(m_casesView, &CasesView::bringInAsked, this, &MainWindow::bringInCase);
    connect(m_casesView, &CasesView::closed, this, &MainWindow::showSheet);
    showKept();
}

void MainWindow::showCases() {
    m_casesView->setOpenCase(m_keeper.path());
    m_whole->setCurrentIndex(AllCases);
    m_casesView->start();
    if (m_keeper.standing() != CaseKeeper::Standing::Kept) return;
    // The open case is listed with a picture of how it is now.
    m_keeper.onFile([state = m_case.state(),
                     pictures = m_case.pictures()](CaseFile& file) { return file.keepCover(state, *pictures); },
                    [this](const Result<Done>&) { m_shelf.refresh(); });
}

void MainWindow::showDesk() {
    m_whole->setCurrentIndex(Desk);
}

void MainWindow::showKept() {
    switch (m_keeper.standing()) {
    case CaseKeeper::Standing::InMemory:
        return m_header->setKept(Tr::tr("in memory"),
                                 Tr::tr("Nothing of this case is on disk; it ends with the window."));
    case CaseKeeper::Standing::NothingYet:
        return m_header->setKept({}, {});
    case CaseKeeper::Standing::Opening:
        return m_header->setKept(Tr::tr("opening…"), {});
    case CaseKeeper::Standing::Keeping:
    case CaseKeeper::Standing::Kept:
        return m_header->setKept(
            Tr::tr("kept"),
            (sentence(Tr::tr("Kept encrypted in %1."), m_keeper.path()) + u' ' + m_keeper.remark()).trimmed());
    case CaseKeeper::Standing::Failed:
        return m_header->setKept(Tr::tr("not kept"), m_keeper.trouble());
    case CaseKeeper::Standing::ReadOnly:
        return m_header->setKept(Tr::tr("to look at"), m_keeper.trouble());
    }
}

// An empty path: a new case.
void MainWindow::openCaseFile(const QString& path) {
    if (!path.isEmpty() && path == m_keeper.path()) return showSheet();
    if (m_intake.busy() || m_taker->running())
        return showTrouble(Tr::tr("Pictures are still coming into this case; wait for them, or stop taking, first."));
    m_explaining->finishWriting();
    if (!mayLeave()) return;
    m_leavingFor = path;
    if (m_worker.busy())
        m_worker.cancel(); // what it has not read is read when the case is opened again
    else
        leaveFor(path);
}

void MainWindow::leaveFor(const QString& path) {
    m_leavingFor.reset();
    m_keeper.leave();
    showSheet();
    m_sheet->setFocus();
    if (m_firstSteps->isOn()) {
        m_firstSteps->end();
        emit firstStepsEnded();
    }
    if (!path.isEmpty()) m_keeper.open(path);
    if (m_toThrowAway.isEmpty()) return;
    m_shelf.throwAway(std::exchange(m_toThrowAway, {}));
    showCases();
}

void MainWindow::openWithPassphrase(const QString& path) {
    const QString words = askPassphrase(this, path.section(u'/', -1), m_askedBefore == path);
    m_askedBefore = words.isEmpty() ? QString() : path;
    if (!words.isEmpty()) return m_keeper.open(path, words.toUtf8());
    if (m_shelf.hasPlace()) showCases();
}

void MainWindow::offerWhatIsIntact(const QString& path) {
    auto* box = new QMessageBox(QMessageBox::Warning, QStringLiteral("Eyelid"),
                                sentence(Tr::tr("%1 is damaged or was altered."), path), QMessageBox::NoButton, this);
    box->setObjectName(QStringLiteral("damaged"));
    box->setAttribute(Qt::WA_DeleteOnClose);
    box->setInformativeText(
        Tr::tr("The captures that are as they were written can be had as a new case; the file stays as it is."));
    QPushButton* intact = box->addButton(Tr::tr("Open what is intact"), QMessageBox::AcceptRole);
    box->addButton(Tr::tr("Leave it"), QMessageBox::RejectRole);
    connect(intact, &QPushButton::clicked, this, [this, path] { m_keeper.openIntact(path); });
    connect(box, &QMessageBox::rejected, this, [this] {
        if (m_shelf.hasPlace()) showCases();
    });
    box->open();
}

// A window shows one case; the others get windows of their own.
void MainWindow::openCaseFiles(const QStringList& paths) {
    openCaseFile(paths.first());
    for (const QString& path : paths.mid(1)) openElsewhere(path);
}

void MainWindow::openElsewhere(const QString& path) {
    startProgram({path});
}

void MainWindow::startProgram(const QStringList& arguments) {
    QProcess::startDetached(QCoreApplication::applicationFilePath(),
                            QStringList{QStringLiteral("--another")} + arguments);
}

void MainWindow::chooseCaseFile() {
    const QString path = QFileDialog::getOpenFileName(this, Tr::tr("Open a case"), m_keeper.folder(), caseFilter());
    if (!path.isEmpty()) openCaseFile(path);
}

// A case that was taken out becomes a case of its own, beside the others.
void MainWindow::bringInCase() {
    const QString folder = QFileDialog::getExistingDirectory(this, Tr::tr("A case that was taken out"));
    if (folder.isEmpty()) return;
    m_aside.start([folder, to = m_keeper.folder(), keys = m_keeper.keys(), window = QPointer(this)] {
        PictureStore pictures;
        QString remark;
        const auto put = [&]() -> Result<Done> {
            auto kept = bringIn(folder, pictures);
            if (!kept) return kept.error();
            auto locks = keys.locksForNewCase();
            if (!locks) return locks.error();
            if (!locks->remark.isEmpty()) remark = QStringLiteral(". ") + locks->remark;
            auto file = CaseFile::create(CaseKeeper::newPath(to), *locks);
            if (!file) return file.error();
            if (auto done = (*file)->keep(*kept, pictures, QDateTime::currentDateTimeUtc()); !done) return done;
            return (*file)->keepCover(kept->state, pictures);
        };
        const auto done = put();
        QMetaObject::invokeMethod(window, [window, done, remark] {
            window->showFileWork(done, Tr::tr("The case was brought in") + remark);
            window->m_shelf.refresh();
        });
    });
}

void MainWindow::takeOutCase() {
    const QString folder = QFileDialog::getExistingDirectory(this, Tr::tr("Take the case out to an empty folder"));
    if (folder.isEmpty()) return;
    if (!confirmed(this, Tr::tr("Take the case out unprotected?"),
                   sentence(Tr::tr("Everybody who can read %1 will see the captures as they were taken."), folder),
                   Tr::tr("Take out")))
        return;
    m_aside.start([folder, kept = m_case.kept(), pictures = m_case.pictures(), window = QPointer(this)] {
        QMetaObject::invokeMethod(window, [window, folder, done = takeOut(kept, *pictures, folder)] {
            window->showFileWork(done, sentence(Tr::tr("Taken out, unprotected, to %1"), folder));
        });
    });
}

// The captures of another case into this one.
void MainWindow::takeIn(const QString& path) {
    m_aside.start([path, keys = m_keeper.keys(), pictures = m_case.pictures(), window = QPointer(this)] {
        auto taken = std::make_shared<KeptCase>();
        const auto load = [&]() -> Result<Done> {
            const auto opener = keys.opener();
            if (!opener) return opener.error();
            auto file = CaseFile::open(path, *opener, SealedRows::Access::ReadOnly);
            if (!file) return file.error();
            auto kept = (*file)->load();
            if (!kept) return kept.error();
            for (const PictureId& id : picturesOf(kept->state)) {
                const QImage picture = (*file)->picture(id);
                if (picture.isNull() && !id.isNull()) return damagedCase();
                pictures->keep(id, picture);
            }
            *taken = std::move(*kept);
            return Done{};
        };
        QMetaObject::invokeMethod(window, [window, taken, done = load()] {
            if (!done) return window->showTrouble(done.error().sentence);
            QList<int> all;
            for (const Capture& capture : taken->state.captures) all << capture.id;
            window->m_case.takeIn(taken->state, all);
            window->showSheet();
        });
    });
}

void MainWindow::copyCapture(int capture) {
    QStringList names;
    std::vector<QString> paths;
    for (const ListedCase& listed : m_shelf.cases()) {
        if (!listed.summary || listed.path == m_keeper.path() || !listed.summary->thrownAway.isNull()) continue;
        names << sentence(Tr::tr("%1. %2"), names.size() + 1, listed.summary->name);
        paths.push_back(listed.path);
    }
    if (names.isEmpty()) return showTrouble(Tr::tr("There is no other case it could be copied into."));
    bool given = false;
    const QString name =
        QInputDialog::getItem(this, Tr::tr("Copy into another case"), Tr::tr("Into which?"), names, 0, false, &given);
    if (!given) return;
    m_aside.start([path = paths[size_t(names.indexOf(name))], capture, state = m_case.state(),
                   pictures = m_case.pictures(), keys = m_keeper.keys(), window = QPointer(this)] {
        const auto opener = keys.opener();
        const auto done = opener ? copyInto(path, *opener, state, {capture}, *pictures, QDateTime::currentDateTimeUtc())
                                 : Result<Done>(opener.error());
        QMetaObject::invokeMethod(window,
                                  [window, done] { window->showFileWork(done, Tr::tr("Copied into the other case")); });
    });
}

void MainWindow::setPassphrase() {
    PassphraseView view(this);
    if (view.exec() != QDialog::Accepted) return;
    m_keeper.onFile(
        [words = view.passphrase(), alone = view.alone()](CaseFile& file) -> Result<Done> {
            if (auto added = file.addLocks({.passphrase = words}); !added) return added;
            if (!alone) return Done{};
            for (const KeyLock::How how : {KeyLock::How::KeyFile, KeyLock::How::KeyRing})
                if (auto dropped = file.dropLocks(how); !dropped) return dropped;
            return Done{};
        },
        [this](const Result<Done>& done) { showFileWork(done, Tr::tr("The passphrase opens this case from now on")); });
}

void MainWindow::sealForColleague() {
    const QString path = QFileDialog::getOpenFileName(this, Tr::tr("A colleague's key"), {},
                                                      Tr::tr("Officers' keys (*.officer);;All files (*)"));
    if (path.isEmpty()) return;
    const auto key = officerKeyFromFile(path);
    if (!key) return showTrouble(key.error().sentence);
    m_keeper.onFile(
        [key = key->publicKey](CaseFile& file) { return file.addLocks({.publicKeys = {key}}); },
        [this, name = key->name](const Result<Done>& done) {
            showFileWork(done, sentence(Tr::tr("%1 can open a copy of this case's file: %2"), name, m_keeper.path()));
        });
}

void MainWindow::saveOfficerKey() {
    const auto key = m_keeper.keys().officerKey(m_case.officer());
    if (!key) return showTrouble(key.error().sentence);
    const QString path =
        QFileDialog::getSaveFileName(this, Tr::tr("Save your public key for colleagues"),
                                     m_case.officer().simplified().replace(u'/', u'-') + QStringLiteral(".officer"),
                                     Tr::tr("Officers' keys (*.officer)"));
    if (path.isEmpty()) return;
    const auto written = writeFileWhole(path, officerKeyLine(*key), true);
    showFileWork(written, sentence(Tr::tr("Your public key is in %1; cases can be sealed for you with it"), path));
}

void MainWindow::nameOfficer() {
    bool given = false;
    const QString name = QInputDialog::getText(
        this, Tr::tr("Your name"), Tr::tr("It stands with your decisions, in the case alone; no release says it."),
        QLineEdit::Normal, m_case.officer(), &given);
    if (!given || name.trimmed().isEmpty()) return;
    settings::setOfficerName(name);
    m_case.setOfficer(name.trimmed());
}

void MainWindow::putOffDestruction() {
    if (const auto day = askDestroyDay(this, dueDay(m_case.state()))) m_case.setDestroyDay(day);
}

void MainWindow::forgetHistory() {
    if (confirmed(
            this, Tr::tr("Destroy what undo could bring back?"),
            Tr::tr("Captures that were removed, and pictures that were joined anew, are destroyed in the case's file. "
                   "Nothing that was done so far can be undone after that."),
            Tr::tr("Destroy")))
        m_case.forgetHistory();
}

void MainWindow::throwAwayOpenCase() {
    const QString path = m_keeper.path();
    if (path.isEmpty()) return showTrouble(Tr::tr("This case is in memory alone; it has no file yet."));
    m_toThrowAway = path;
    openCaseFile({});
    if (!m_leavingFor && m_keeper.path() == path) m_toThrowAway.clear(); // it could not be left
}

void MainWindow::renameCapture(int id) {
    const Capture* capture = m_case.capture(id);
    if (!capture) return;
    bool given = false;
    const QString name =
        QInputDialog::getText(this, Tr::tr("Rename the capture"), Tr::tr("Its name, for officers alone:"),
                              QLineEdit::Normal, capture->name, &given);
    if (given) m_case.setCaptureName(id, name);
}

void MainWindow::moveCapture(int by) {
    for (qsizetype i = 0; i < m_case.captures().size(); ++i)
        if (m_case.captures()[i].id == m_selection.capture()) return m_case.moveCapture(m_selection.capture(), i + by);
}

void MainWindow::showFileWork(const Result<Done>& result, const QString& done) {
    if (!result) return showTrouble(result.error().sentence);
    m_gate->setMessage(done, {}, Gate::Tone::Ready);
}

bool MainWindow::mayLeave() {
    if (m_keeper.standing() != CaseKeeper::Standing::InMemory && m_keeper.finish()) return true;
    // A case that lives in memory alone: leaving it is said to be what it is.
    if (m_case.captures().empty() || m_release.isReleased()) return true;
    if (m_firstSteps->isOn() && holdsDemoAlone()) return true;
    QMessageBox box(QMessageBox::Question, QStringLiteral("Eyelid"), Tr::tr("Leave this case?"), QMessageBox::NoButton,
                    this);
    box.setObjectName(QStringLiteral("leave"));
    box.setInformativeText(
        Tr::tr("It has not been released as it stands, and is not kept on disk: captures and decisions will be gone."));
    QPushButton* stay = box.addButton(Tr::tr("Stay"), QMessageBox::RejectRole);
    QPushButton* leave = box.addButton(Tr::tr("Leave"), QMessageBox::DestructiveRole);
    box.setDefaultButton(stay);
    box.setEscapeButton(stay);
    box.exec();
    return box.clickedButton() == leave;
}

} // namespace eyelid
