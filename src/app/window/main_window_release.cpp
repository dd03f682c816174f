// The main window's commands that hand on, and what they open.
#include "app/cases/strip.h"
#include "app/checking/gate.h"
#include "app/releasing/handing_out.h"
#include "app/releasing/register_view.h"
#include "app/releasing/verify_view.h"
#include "app/window/command_parts.h"
#include "app/window/main_window.h"
#include "app/window/theme.h"
#include "base/sentence.h"

#include <QClipboard>
#include <QGuiApplication>
#include <QTimer>

namespace eyelid {
namespace {

constexpr int noteShown = 8000; // milliseconds: long enough to be read twice

} // namespace

void MainWindow::addReleaseCommands() {
    using As = HandingOut::As;
    const auto copy = [this](As as) { return [this, as] { m_handingOut->copy(m_selection.capture(), as); }; };
    m_do.add(
        JobStep::Release,
        {command(
             "check", Tr::tr("Check"), {keys("Ctrl+Return")}, [this] { m_release.check(); }, "shield-check"),
         called(
             command(
                 "release", Tr::tr("Release…"), {keys("Ctrl+Shift+Return")}, [this] { m_release.release(); }, "send"),
             Tr::tr("save export hand on print mail upload")),
         called(command(
                    "releaseAgain", Tr::tr("Release as last time"), {keys("Ctrl+Alt+Return")},
                    [this] { m_release.releaseAgain(); }, "repeat"),
                Tr::tr("way again repeat")),
         first(called(
             command("copyPicture", Tr::tr("Copy this capture, sanitised"), {keys("Ctrl+Alt+C")}, copy(As::Picture)),
             Tr::tr("clipboard picture paste"))),
         called(command("copyFile", Tr::tr("Copy it as a file"), {}, copy(As::File)), Tr::tr("clipboard")),
         called(command("copyMarkdown", Tr::tr("Copy it as Markdown"), {}, copy(As::Markdown)),
                Tr::tr("clipboard wiki snippet")),
         called(command("copyWords", Tr::tr("Copy the words that are still to be read"), {}, copy(As::Words)),
                Tr::tr("clipboard text")),
         called(command("pin", Tr::tr("Pin it on the screen, sanitised"), {keys("Ctrl+Alt+P")},
                        [this] { m_handingOut->pin(m_selection.capture()); }),
                Tr::tr("stay above top float")),
         first(called(command(
                          "register", Tr::tr("Releases of this case…"), {}, [this] { showRegister(); }, "list-ordered"),
                      Tr::tr("register history withdrawn csv"))),
         called(command(
                    "verify", Tr::tr("Verify files…"), {}, [this] { showVerify({}); }, "signature"),
                Tr::tr("checksum signature altered key intact"))});
}

void MainWindow::bindRelease() {
    m_handingOut = std::make_unique<HandingOut>(m_case, m_worker, m_release, m_theme, *this);
    m_note = new QTimer(this);
    m_note->setSingleShot(true);
    m_note->setInterval(noteShown);
    connect(m_note, &QTimer::timeout, this, [this] { tell({}); });
    connect(m_handingOut.get(), &HandingOut::told, this, &MainWindow::tell);
    connect(m_handingOut.get(), &HandingOut::trouble, this, &MainWindow::showTrouble);
    connect(&m_release, &ReleaseFlow::handedOver, this, &MainWindow::handOut);
    m_strip->giveAway([this](int capture) { return m_handingOut->toDrag({capture}); });
    m_gate->giveAway([this]() -> QMimeData* {
        QList<int> all;
        for (const Capture& capture : m_case.captures()) all << capture.id;
        return all.isEmpty() ? nullptr : m_handingOut->toDrag(all);
    });
}

void MainWindow::tell(const QString& sentence) {
    m_noteText = sentence;
    if (sentence.isEmpty())
        m_note->stop();
    else
        m_note->start();
    refreshGate();
}

void MainWindow::handOut(const ReleaseOutcome& outcome, const Destinations& to) {
    if (to.clipboard)
        m_handingOut->copyChecked(m_release.pictures(), outcome.paths);
    else if (!outcome.link.isEmpty())
        QGuiApplication::clipboard()->setText(outcome.link);
    if (to.screen) m_handingOut->pinChecked(m_release.pictures());
    if (to.paper) m_handingOut->printChecked(m_release.pictures(), m_release.nameOf(0));
}

void MainWindow::showVerify(const QStringList& paths) {
    VerifyView view(m_theme, this);
    if (!paths.isEmpty()) view.verify(paths);
    view.exec();
}

void MainWindow::showRegister() {
    RegisterView view(m_case, m_theme, this);
    connect(&view, &RegisterView::verifyAsked, this, [this](const QString& place) { showVerify({place}); });
    view.exec();
}

} // namespace eyelid
