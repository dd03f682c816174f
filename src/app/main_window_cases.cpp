// The main window and the case that is open: where it is kept, which was left, and whether it may be left.
#include "app/case_header.h"
#include "app/kept_bar.h"
#include "app/main_window.h"
#include "base/sentence.h"

#include <QCoreApplication>
#include <QFileDialog>
#include <QInputDialog>
#include <QMessageBox>
#include <QPointer>
#include <QProcess>
#include <QPushButton>

namespace eyelid {

void MainWindow::keepCases(const QString& folder, const QString& keyFile) {
    m_casesFolder = folder;
    m_keeper.keepIn(folder, keyFile);
    // Looked for aside: it takes reading files.
    auto found = std::make_shared<std::optional<CaseKeeper::Left>>();
    m_looking.start([found, folder, keyFile, window = QPointer(this)] {
        *found = CaseKeeper::lastLeft(folder, keyFile);
        QMetaObject::invokeMethod(
            window,
            [window, found] {
                if (*found) window->m_keptBar->offer(**found);
            },
            Qt::QueuedConnection);
    });
}

void MainWindow::showKept() {
    switch (m_keeper.standing()) {
    case CaseKeeper::Standing::InMemory:
        return m_header->setKept(Tr::tr("in memory"),
                                 Tr::tr("Nothing of this case is on disk; it ends with the window."));
    case CaseKeeper::Standing::NothingYet:
        return m_header->setKept({}, {});
    case CaseKeeper::Standing::Keeping:
    case CaseKeeper::Standing::Kept:
        return m_header->setKept(Tr::tr("kept"), sentence(Tr::tr("Kept encrypted in %1."), m_keeper.path()));
    case CaseKeeper::Standing::Failed:
        return m_header->setKept(Tr::tr("not kept"), m_keeper.trouble());
    }
}

void MainWindow::openCaseFile(const QString& path) {
    if (!m_case.captures().isEmpty()) {
        QProcess::startDetached(QCoreApplication::applicationFilePath(), {path});
        return;
    }
    auto opened = m_keeper.open(path);
    if (!opened && opened.error().kind == Error::Kind::Locked) {
        bool given = false;
        const QString words = QInputDialog::getText(this, Tr::tr("Open a case"), Tr::tr("The passphrase of this case:"),
                                                    QLineEdit::Password, {}, &given);
        if (!given) return;
        opened = m_keeper.open(path, words.toUtf8());
    }
    if (!opened) return showTrouble(opened.error().sentence);
    showSheet();
    if (!m_case.captures().isEmpty()) m_selection.showCapture(m_case.captures().first().id);
    m_sheet->setFocus();
}

void MainWindow::chooseCase() {
    const QString path =
        QFileDialog::getOpenFileName(this, Tr::tr("Open a case"), m_casesFolder, Tr::tr("Cases (*.eyelid)"));
    if (!path.isEmpty()) openCaseFile(path);
}

bool MainWindow::mayLeave() {
    if (m_keeper.standing() != CaseKeeper::Standing::InMemory && m_keeper.finish()) return true;
    // A case that lives in memory alone: leaving it is said to be what it is.
    if (m_case.captures().empty() || m_release.isReleased()) return true;
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
