// The commands of the main window, by the steps of the job, and what they do.
#include "app/cases/case_header.h"
#include "app/cases/strip.h"
#include "app/checking/gate.h"
#include "app/explain/explaining.h"
#include "app/findings/decide_many.h"
#include "app/findings/finding_details.h"
#include "app/findings/findings_panel.h"
#include "app/sheet/beside_view.h"
#include "app/sheet/dock.h"
#include "app/sheet/joins_bar.h"
#include "app/sheet/words_bar.h"
#include "app/window/command_finder.h"
#include "app/window/command_parts.h"
#include "app/window/handbook_view.h"
#include "app/window/keys_view.h"
#include "app/window/main_window.h"
#include "app/window/settings.h"
#include "app/window/settings_view.h"
#include "app/window/theme.h"
#include "base/sentence.h"

#include <algorithm>
#include <QApplication>
#include <QListView>
#include <QMenu>
#include <QPushButton>

namespace eyelid {
void MainWindow::addCommands() {
    addCaseCommands();
    addTakeCommands();
    addReadCommands();
    addDecideCommands();
    addExplainCommands();
    addMarkCommands();
    addReleaseCommands();
    addViewCommands();
}

void MainWindow::addCaseCommands() {
    m_do.add(JobStep::Case,
             {called(command("cases", Tr::tr("Cases…"), {keys("Ctrl+Shift+O")}, [this] { showCases(); }),
                     Tr::tr("open recent")),
              command("newCase", Tr::tr("New case"), {QKeySequence::New}, [this] { openCaseFile({}); }),
              first(command("passphrase", Tr::tr("Passphrase of this case…"), {}, [this] { setPassphrase(); })),
              command("seal", Tr::tr("Seal it for a colleague…"), {}, [this] { sealForColleague(); }),
              command("officerKey", Tr::tr("Save your key for colleagues…"), {}, [this] { saveOfficerKey(); }),
              command("officer", Tr::tr("Your name…"), {}, [this] { nameOfficer(); }),
              first(command("putOff", Tr::tr("Put off its destruction…"), {}, [this] { putOffDestruction(); })),
              command("forget", Tr::tr("Destroy what undo could bring back…"), {}, [this] { forgetHistory(); }),
              command("takeOut", Tr::tr("Take it out unprotected…"), {}, [this] { takeOutCase(); }),
              command("throwAwayCase", Tr::tr("Throw this case away"), {}, [this] { throwAwayOpenCase(); }),
              first(command(
                  "undo", Tr::tr("Undo"), {QKeySequence::Undo}, [this] { m_case.undo(); }, "undo-2")),
              command(
                  "redo", Tr::tr("Redo"), {keys("Ctrl+Shift+Z"), keys("Ctrl+Y")}, [this] { m_case.redo(); }, "redo-2"),
              command(
                  "remove", Tr::tr("Remove this cover, mark or capture"), {Qt::Key_Delete},
                  [this] { removeSelected(); }, "trash-2"),
              first(command("policies", Tr::tr("Policies…"), {Qt::Key_P}, [this] { showPolicies(); })),
              command("settings", Tr::tr("Settings…"), {keys("Ctrl+,")}, [this] { showSettings(); }),
              first(command("quit", Tr::tr("Quit"), {QKeySequence::Quit}, [this] { close(); }))});
}

void MainWindow::addTakeCommands() {
    m_do.add(
        JobStep::Take,
        {command(
             "take", Tr::tr("Take…"), {keys("Ctrl+T")}, [this] { takeFromDesk(); }, "camera"),
         command("stopTaking", Tr::tr("Stop taking"), {keys("Ctrl+Shift+.")}, [this] { m_taker->stop(); }),
         first(command(
             "bringIn", Tr::tr("Bring in…"), {QKeySequence::Open}, [this] { m_intake.chooseFiles(); }, "image-plus")),
         command(
             "paste", Tr::tr("Bring in from the clipboard"), {QKeySequence::Paste},
             [this] { m_explaining->canPaste() ? m_explaining->paste() : m_intake.bringInClipboard(); },
             "clipboard-paste"),
         first(command("join", Tr::tr("Join pictures…"), {keys("Ctrl+J")}, [this] { m_intake.joinChosen(); })),
         command("joins", Tr::tr("Joins of this capture…"), {keys("Ctrl+Shift+J")}, [this] { showJoins(); }),
         first(command("shortcuts", Tr::tr("Shortcuts for taking…"), {}, [this] { showShortcuts(); }))});
}

void MainWindow::addReadCommands() {
    m_do.add(
        JobStep::Read,
        {command("readAll", Tr::tr("Read what is not read"), {keys("Ctrl+R")},
                 [this] { m_worker.readWhatIsNotRead(); }),
         checkable(command(
             "readAgain", Tr::tr("Read again"), {Qt::Key_R},
             [this] {
                 showSheet();
                 m_sheet->setTool(Sheet::Tool::ReadAgain);
             },
             "scan-text")),
         command(
             "stop", Tr::tr("Stop reading or checking"), {keys("Ctrl+.")}, [this] { m_release.stop(); }, "x"),
         first(command("words", Tr::tr("Words and tables…"), {Qt::Key_W}, [this] { showWords(); })),
         command(
             "search", Tr::tr("Search the words"), {QKeySequence::Find}, [this] { m_header->startSearch(); }, "search"),
         checkable(command("unsure", Tr::tr("Show unsure words"), {Qt::Key_U},
                           [this] {
                               m_sheet->setUnsureShown(!m_sheet->unsureShown());
                               refreshActions();
                           })),
         first(command("copy", Tr::tr("Copy the chosen words"), {QKeySequence::Copy},
                       [this] {
                           if (m_selection.marks().empty() || m_wordsBar->anyChosen())
                               m_wordsBar->copy();
                           else
                               m_explaining->copy();
                       })),
         command("watch", Tr::tr("Watch for the chosen words"), {}, [this] { m_wordsBar->watch(); }),
         command("correct", Tr::tr("Correct the chosen word…"), {Qt::Key_F2}, [this] { m_wordsBar->correct(); })});
}

void MainWindow::addDecideCommands() {
    m_do.add(
        JobStep::Decide,
        {repeating(command("next", Tr::tr("Next finding"), {Qt::Key_J}, [this] { m_reviewing->step(1); })),
         repeating(command("previous", Tr::tr("Previous finding"), {Qt::Key_K}, [this] { m_reviewing->step(-1); })),
         command("back", Tr::tr("Back to what was decided last"), {Qt::Key_Backspace}, [this] { m_reviewing->back(); }),
         checkable(command("goOn", Tr::tr("Go on by itself after a decision"), {}, [this] {
             settings::setGoesOn(!settings::goesOn());
             refreshActions();
         }))});
    struct Verb {
        const char *id, *key;
        Decision decision;
        QString one, value, kind;
    };
    const Verb verbs[] = {{"cover", "C", Decision::Cover, Tr::tr("Cover"), Tr::tr("Cover all of this value"),
                           Tr::tr("Cover all of this kind")},
                          {"keep", "E", Decision::Keep, Tr::tr("Keep"), Tr::tr("Keep all of this value"),
                           Tr::tr("Keep all of this kind")},
                          {"open", "O", Decision::Open, Tr::tr("Open again"), Tr::tr("Open again all of this value"),
                           Tr::tr("Open again all of this kind")}};
    for (const Verb& verb : verbs) {
        const QString id = QString::fromLatin1(verb.id), key = QString::fromLatin1(verb.key);
        const auto to = [this, d = verb.decision](Scope scope) { return [=, this] { m_reviewing->decide(scope, d); }; };
        const auto keyed = [&](const char* held) { return QKeySequence(QLatin1String(held) + key); };
        m_do.add(JobStep::Decide,
                 {first({id, verb.one, {}, {keyed("")}, to(Scope::One)}),
                  {id + QStringLiteral("Value"), verb.value, {}, {keyed("Shift+")}, to(Scope::SameValue)},
                  {id + QStringLiteral("Kind"), verb.kind, {}, {keyed("Alt+")}, to(Scope::SameKind)}});
    }
    addManyCommands();
    m_do.add(JobStep::Decide,
             {first(checkable(command(
                  "select", Tr::tr("Select"), {Qt::Key_Escape},
                  [this] {
                      // Escape leads back to selecting, from wherever one is.
                      m_findings->decideMany().end();
                      showSheet();
                      m_sheet->setTool(Sheet::Tool::Select);
                      m_sheet->chooseWords({});
                      m_sheet->setFocus();
                      refreshActions();
                  },
                  "mouse-pointer-2"))),
              command("lookOver", Tr::tr("Agree to all as it stands"), {}, [this] { m_case.lookOver(); }),
              checkable(command(
                  "coverArea", Tr::tr("Cover an area"), {Qt::Key_A},
                  [this] {
                      showSheet();
                      m_sheet->setTool(Sheet::Tool::Cover);
                      refreshActions();
                  },
                  "square-dashed"))});
}

void MainWindow::addManyCommands() {
    m_do.add(
        JobStep::Decide,
        {first(called(command("coverMany", Tr::tr("Cover what is open…"), {keys("Ctrl+Shift+C")},
                              [this] { m_findings->decideMany().begin(Decision::Cover, DecideMany::Reach::Case); }),
                      Tr::tr("hide redact all"))),
         command("keepMany", Tr::tr("Keep all like this…"), {keys("Ctrl+Shift+E")},
                 [this] { m_findings->decideMany().begin(Decision::Keep, DecideMany::Reach::Value); }),
         first(command("changeFinding", Tr::tr("Change this finding…"), {Qt::Key_F4},
                       [this] { m_reviewing->change(this); })),
         repeating(command("widen", Tr::tr("A letter more at its end"), {keys("Ctrl+Right")},
                           [this] { m_reviewing->stretch(0, 1); })),
         repeating(command("narrow", Tr::tr("A letter less at its end"), {keys("Ctrl+Left")},
                           [this] { m_reviewing->stretch(0, -1); })),
         repeating(command("widenStart", Tr::tr("A letter more at its start"), {keys("Ctrl+Shift+Left")},
                           [this] { m_reviewing->stretch(1, 0); })),
         repeating(command("narrowStart", Tr::tr("A letter less at its start"), {keys("Ctrl+Shift+Right")},
                           [this] { m_reviewing->stretch(-1, 0); })),
         first(command("ask", Tr::tr("Ask a colleague…"), {Qt::Key_Q}, [this] { m_findings->details().ask(); })),
         command("same", Tr::tr("These are one person or thing"), {}, [this] { m_reviewing->sayTheSame(); }),
         command("another", Tr::tr("This is another person or thing"), {}, [this] { m_reviewing->sayAnother(); }),
         command("coverOnAll", Tr::tr("Cover this place on all captures"), {},
                 [this] { m_case.coverOnAll(m_selection.item()); })});
}

void MainWindow::addViewCommands() {
    Command nextCapture =
        first(command("nextCapture", Tr::tr("Next capture"), {}, [this] { m_selection.stepCapture(1); }));
    nextCapture.keyElsewhere = QStringLiteral("Tab");
    m_do.add(
        JobStep::View,
        {command(
             "fit", Tr::tr("Fit"), {keys("Ctrl+0")}, [this] { m_sheet->fit(); }, "maximize"),
         command("actualSize", Tr::tr("Actual size"), {keys("Ctrl+1")}, [this] { m_sheet->actualSize(); }),
         command("fitWidth", Tr::tr("Fit the width"), {keys("Ctrl+2")}, [this] { m_sheet->fitWidth(); }),
         command("zoomTo", Tr::tr("Zoom to what is selected"), {Qt::Key_Z},
                 [this] { m_sheet->zoomTo(m_case.placeOf(m_selection.item())); }),
         checkable(command("divide", Tr::tr("Before and after, side by side"), {Qt::Key_D},
                           [this] {
                               showSheet();
                               m_sheet->setDivided(!m_sheet->isDivided());
                           })),
         checkable(called(command("beside", Tr::tr("Another capture beside it"), {Qt::Key_B},
                                  [this] { showBeside(!m_beside || m_beside->isHidden()); }),
                          Tr::tr("compare two"))),
         command(
             "zoomIn", Tr::tr("Larger"), {keys("Ctrl++"), keys("Ctrl+=")}, [this] { m_sheet->zoomBy(1.25); },
             "zoom-in"),
         command(
             "zoomOut", Tr::tr("Smaller"), {keys("Ctrl+-")}, [this] { m_sheet->zoomBy(0.8); }, "zoom-out"),
         nextCapture,
         command("captureUp", Tr::tr("Move the capture up"), {keys("Alt+Up")}, [this] { moveCapture(-1); }),
         command("captureDown", Tr::tr("Move the capture down"), {keys("Alt+Down")}, [this] { moveCapture(1); }),
         command("renameCapture", Tr::tr("Rename the capture…"), {}, [this] { renameCapture(m_selection.capture()); }),
         command("nextPanel", Tr::tr("Next panel"), {Qt::Key_F6}, [this] { nextPanel(); }),
         first(
             checkable(command("foldStrip", Tr::tr("Captures at the left"), {Qt::Key_F7}, [this] { fold(*m_strip); }))),
         checkable(
             command("foldFindings", Tr::tr("Findings at the right"), {Qt::Key_F8}, [this] { fold(*m_findings); })),
         checkable(command("overview", Tr::tr("Small map when zoomed in"), {},
                           [this] {
                               m_sheet->setOverviewShown(!m_sheet->overviewShown());
                               settings::setOverviewShown(m_sheet->overviewShown());
                               refreshActions();
                           })),
         first(checkable(command(
             "dark", Tr::tr("Dark theme"), {keys("Ctrl+Shift+D")},
             [this] { setTheme(m_theme.name == ThemeName::Dark ? ThemeName::Light : ThemeName::Dark); }, "moon")))});
    m_do.add(JobStep::Help,
             {command("handbook", Tr::tr("Handbook…"), {Qt::Key_F1}, [this] { showHandbook(); }),
              called(command("firstSteps", Tr::tr("First steps…"), {},
                             [this] { startProgram({QStringLiteral("--first-steps")}); }),
                     Tr::tr("tutorial introduction demo")),
              called(command("keys", Tr::tr("Keys of the commands…"), {}, [this] { showKeys(); }),
                     Tr::tr("shortcuts keyboard")),
              first(command("findCommand", Tr::tr("Find a command…"), {keys("Ctrl+K")}, [this] { findCommand(); }))});
    m_do[QStringLiteral("actualSize")].setIconText(QStringLiteral("1:1"));
}

void MainWindow::refreshActions() {
    const auto enable = [this](std::initializer_list<const char*> ids, bool enabled) {
        for (const char* id : ids) m_do[QString::fromLatin1(id)].setEnabled(enabled);
    };
    enable({"joins"}, m_joinsBar->hasJoins());
    refreshExplain();
    enable({"take"}, !m_taker->running());
    enable({"stopTaking"}, m_taker->running());
    const bool kept = !m_keeper.path().isEmpty() && m_keeper.standing() != CaseKeeper::Standing::ReadOnly;
    enable({"passphrase", "seal", "throwAwayCase", "putOff"}, kept);
    enable({"forget"}, m_case.history().canUndo() || m_case.history().canRedo());
    enable({"cases", "officerKey"}, m_shelf.hasPlace());
    enable({"captureUp", "captureDown", "renameCapture", "takeOut", "lookOver"}, !m_case.captures().empty());
    enable(
        {"readAgain", "words", "coverArea", "fit", "fitWidth", "divide", "actualSize", "zoomIn", "zoomOut", "remove"},
        !m_case.captures().empty());
    enable({"next", "previous"}, m_case.counts().all() > 0);
    m_do[QStringLiteral("select")].setChecked(m_sheet->tool() == Sheet::Tool::Select);
    m_do[QStringLiteral("coverArea")].setChecked(m_sheet->tool() == Sheet::Tool::Cover);
    m_do[QStringLiteral("readAgain")].setChecked(m_sheet->tool() == Sheet::Tool::ReadAgain);
    m_do[QStringLiteral("dark")].setChecked(m_theme.name == ThemeName::Dark);
    m_do[QStringLiteral("divide")].setChecked(m_sheet->isDivided());
    m_do[QStringLiteral("beside")].setChecked(m_beside && !m_beside->isHidden());
    enable({"beside"}, m_case.captures().size() > 1 || (m_beside && !m_beside->isHidden()));
    m_do[QStringLiteral("overview")].setChecked(m_sheet->overviewShown());
    m_do[QStringLiteral("foldStrip")].setChecked(!m_strip->isHidden());
    m_do[QStringLiteral("foldFindings")].setChecked(!m_findings->isHidden());
    m_do[QStringLiteral("unsure")].setChecked(m_sheet->unsureShown());
    const bool finding = m_case.item(m_selection.item());
    enable({"coverValue", "coverKind", "keep", "keepValue", "keepKind", "open", "openValue", "openKind", "ask",
            "changeFinding", "another", "keepMany", "widen", "narrow", "widenStart", "narrowStart"},
           finding);
    enable({"zoomTo"}, m_selection.item());
    enable({"coverMany"}, m_case.counts().open > 0);
    enable({"same"}, m_findings->firstOfSelected().size() > 1);
    enable({"coverOnAll"}, m_case.hand(m_selection.item()) && m_case.captures().size() > 1);
    m_do[QStringLiteral("goOn")].setChecked(settings::goesOn());
    // Words can be covered that nobody found.
    enable({"cover"}, finding || m_wordsBar->anyChosen());
    const History& history = m_case.history();
    enable({"undo"}, history.canUndo());
    enable({"redo"}, history.canRedo());
    QAction &undo = m_do[QStringLiteral("undo")], &redo = m_do[QStringLiteral("redo")];
    undo.setText(history.canUndo() ? sentence(Tr::tr("Undo %1"), history.undoName()) : Tr::tr("Undo"));
    redo.setText(history.canRedo() ? sentence(Tr::tr("Redo %1"), history.redoName()) : Tr::tr("Redo"));
    for (QAction* action : {&undo, &redo}) {
        const QString keys = action->shortcut().toString(QKeySequence::NativeText);
        action->setToolTip(keys.isEmpty() ? action->text() : sentence(Tr::tr("%1 (%2)"), action->text(), keys));
    }
}

void MainWindow::removeSelected() {
    const Item* item = m_case.item(m_selection.item());
    if (!m_selection.marks().empty())
        m_explaining->remove();
    else if (m_case.hand(m_selection.item()) || (item && item->byHand))
        m_reviewing->remove();
    else if (m_strip->hasFocus())
        m_case.remove(m_selection.capture());
}

void MainWindow::showFindingMenu(const QPoint& place) {
    QMenu menu(this);
    for (const char* id : {"cover", "keep", "open", "", "coverValue", "coverKind", "keepMany", "", "changeFinding",
                           "ask", "same", "another", "coverOnAll", "remove"})
        if (*id)
            menu.addAction(&m_do[QString::fromLatin1(id)]);
        else
            menu.addSeparator();
    menu.exec(place);
}

void MainWindow::showSettings() {
    const auto drawn = [] { return std::pair(settings::language(), settings::typePercent()); };
    const auto before = drawn();
    SettingsView view(m_theme, this);
    connect(&view, &SettingsView::themeChosen, this, &MainWindow::setTheme);
    connect(&view, &SettingsView::changed, this, [this] {
        m_sheet->setOverviewShown(settings::overviewShown());
        m_dock->setLook(settings::handLook());
        refreshActions();
        refreshGate();
    });
    connect(&view, &SettingsView::keysAsked, this, &MainWindow::showKeys);
    connect(&view, &SettingsView::shortcutsAsked, this, &MainWindow::showShortcuts);
    connect(&view, &SettingsView::officerNamed, this, [this](const QString& name) {
        settings::setOfficerName(name);
        m_case.setOfficer(name);
    });
    view.exec();
    if (drawn() == before) return;
    if (!isAtRest()) tell(Tr::tr("The window follows what you chose as soon as what is under way is done."));
    emit renewAsked();
}

void MainWindow::showKeys() {
    KeysView view(m_do, this);
    view.exec();
}

void MainWindow::showHandbook() {
    if (!m_handbook) m_handbook = new HandbookView(this);
    m_handbook->show();
    m_handbook->raise();
    m_handbook->activateWindow();
}

void MainWindow::findCommand() {
    CommandFinder finder(m_do, this);
    if (finder.exec() == QDialog::Accepted && finder.chosen()) finder.chosen()->trigger();
}

void MainWindow::fold(QWidget& panel) {
    panel.setVisible(panel.isHidden());
    settings::setFolded(panel.objectName(), panel.isHidden());
    if (!m_sheet->hasFocus() && panel.isHidden()) m_sheet->setFocus();
    refreshActions();
}

void MainWindow::nextPanel() {
    QWidget* panels[] = {m_strip, m_sheet, m_findings->list(), m_gate->checkButton()};
    int at = 0;
    for (int i = 0; i < 4; ++i)
        if (panels[i]->hasFocus()) at = i + 1;
    while (!panels[at % 4]->isVisible()) ++at; // the sheet, at the least, is
    panels[at % 4]->setFocus(Qt::ShortcutFocusReason);
}

} // namespace eyelid
