// The reviewing desk: header, strip, sheet with its dock, findings, gate. Makes the views, binds them to the case and
// to each other, and holds the commands; what they do is theirs.
#pragma once

#include "app/cases/case_keeper.h"
#include "app/cases/case_shelf.h"
#include "app/cases/case_worker.h"
#include "app/checking/check_view.h"
#include "app/findings/reviewing.h"
#include "app/findings/selection.h"
#include "app/releasing/release_flow.h"
#include "app/sheet/sheet.h"
#include "app/taking/intake.h"
#include "app/taking/taker.h"
#include "app/window/commands.h"
#include "app/window/review_keys.h"
#include "capture/global_shortcuts.h"
#include "capture/source.h"
#include "casefile/case.h"

#include <memory>
#include <QMainWindow>

class QSplitter;
class QStackedWidget;
class QTimer;

namespace eyelid {

struct Theme;
enum class ThemeName;

class BesideView;
class CaseHeader;
class CasesView;
class Dock;
class ExplainRow;
class Explaining;
class FindingsPanel;
class FirstSteps;
class Gate;
class HandbookView;
class HandingOut;
class JoinsBar;
class KeptBar;
class PoliciesView;
class Strip;
class WordsBar;
class WordsView;

class MainWindow final : public QMainWindow {
    Q_OBJECT
public:
    /// `source`: what Take takes from; `shortcuts`: binds the keys that take from the background, may be null.
    /// `theme` is what all views look at; setTheme() changes it.
    MainWindow(Theme& theme, const Policy& policy, std::unique_ptr<Source> source,
               std::unique_ptr<GlobalShortcuts> shortcuts = {}, QWidget* parent = nullptr);
    ~MainWindow() override;

    Case& openCase() { return m_case; }
    Selection& selection() { return m_selection; }
    Sheet& sheet() { return *m_sheet; }
    FindingsPanel& findings() { return *m_findings; }
    Gate& gate() { return *m_gate; }
    CheckView& checkView() { return *m_check; }
    ReleaseFlow& releaseFlow() { return m_release; }
    CaseWorker& worker() { return m_worker; }
    Intake& intake() { return m_intake; }
    Taker& taker() { return *m_taker; }

    /// A way of taking by its id (takeKinds), as a shortcut from the background asks for it.
    void takeBy(const QString& kind);
    /// Keeps cases in a folder, and shows those that are there. Without this they live in memory.
    void keepCases(const QString& folder, const OwnKeys& keys);
    /// Opens a kept case in place of the one that is open, which is kept.
    void openCaseFile(const QString& path);
    /// The open case, for the next window; this one is done with it.
    OpenCase handOver();
    void takeOver(OpenCase open);
    bool firstStepsAreOn() const;
    /// Nothing runs, nothing is dragged, and no dialog or menu is open.
    bool isAtRest() const;
    CaseKeeper& keeper() { return m_keeper; }
    CaseShelf& shelf() { return m_shelf; }
    CasesView& casesView() { return *m_casesView; }
    const Commands& commands() const { return m_do; }
    Explaining& explaining() { return *m_explaining; }
    HandingOut& handingOut() { return *m_handingOut; }
    Strip& strip() { return *m_strip; }

    /// Takes three windows of the demo desk.
    void addDemoCaptures();
    /// The same, the first of them with marks that explain it.
    void addExplainedDemo();
    /// Shows the main job on the demo's captures, step by step. To be called before keepCases(): nothing of it is kept.
    void beginFirstSteps();

    void setTheme(ThemeName name);
    void showSettings();
    const Theme& theme() const { return m_theme; }

signals:
    void closed();
    void firstStepsEnded(); ///< the demo's captures are gone
    void renewAsked();      ///< another language or size of type was chosen

protected:
    void dragEnterEvent(QDragEnterEvent*) override;
    void dropEvent(QDropEvent*) override;
    void closeEvent(QCloseEvent*) override;

private:
    void addCommands();
    void addCaseCommands();
    void addTakeCommands();
    void addReadCommands();
    void addDecideCommands();
    void addManyCommands();
    void addExplainCommands();
    void addMarkCommands();
    void addReleaseCommands();
    void addViewCommands();
    void layOut();
    QWidget* makeCentre();
    void bindCase();
    void bindSheet();
    void bindExplain();
    void bindCheck();
    void bindTaking();
    void bindRelease();
    void restoreSettings();

    void showSheet();
    void showBeside(bool shown);
    void takeFromDesk();
    void showJoins();
    void showExplain(bool shown);
    void beginMark(MarkKind kind);
    void showFraming();
    void changeFraming(const std::function<void(Framing&, const Capture&)>& how);
    void cropToContent();
    void chooseSign();
    void showMarkMenu(const QPoint& place);
    void refreshExplain();
    void cutIntoParts();
    void putTogether();
    void showShortcuts();
    void showWords();
    void showPolicies();
    void bindCases();
    void showCases();
    void showDesk();
    void openWithPassphrase(const QString& path);
    void offerWhatIsIntact(const QString& path);
    bool holdsDemoAlone() const;
    void openCaseFiles(const QStringList& paths);
    void openElsewhere(const QString& path);
    void openNow(const QString& path);
    void leaveFor(const QString& path);
    void chooseCaseFile();
    void bringInCase();
    void takeOutCase();
    void takeIn(const QString& path);
    void copyCapture(int capture);
    void setPassphrase();
    void sealForColleague();
    void saveOfficerKey();
    void throwAwayOpenCase();
    void nameOfficer();
    void putOffDestruction();
    void forgetHistory();
    void renameCapture(int capture);
    void moveCapture(int by);
    void showKept();
    void showFileWork(const Result<Done>& result, const QString& done);
    void readAgain(const QRect& area);
    void removeSelected();
    void showFindingMenu(const QPoint& place);
    void coverLeak(int capture, const Leak& leak);
    void findCommand();
    void showHandbook();
    void showRegister();
    void handOut(const ReleaseOutcome& outcome, const Destinations& to);
    void tell(const QString& sentence); ///< for a while, beside what stands in the way
    void showVerify(const QStringList& paths);
    void showKeys();
    void startProgram(const QStringList& arguments); ///< in another window
    void nextPanel();
    void fold(QWidget& panel);
    bool mayLeave();
    void rememberLayout();
    void refreshGate();
    void refreshActions();
    void showTrouble(const QString& sentence);

    Theme& m_theme;
    Case m_case;
    CaseKeeper m_keeper{m_case};
    CaseShelf m_shelf;
    Selection m_selection{m_case};
    CaseWorker m_worker{m_case};
    ReleaseFlow m_release{m_case, m_worker, m_theme, *this};
    Intake m_intake{m_case, *this};
    Commands m_do{*this};
    std::unique_ptr<Taker> m_taker;
    std::unique_ptr<GlobalShortcuts> m_shortcuts;
    QStackedWidget* m_whole; ///< the desk, or the view Cases in its place
    QStackedWidget* m_stack;
    QSplitter *m_middle, *m_sheets; ///< captures, sheet and findings; the sheet and one to compare with
    Sheet* m_sheet;
    std::unique_ptr<ReviewKeys> m_keys;
    std::unique_ptr<Reviewing> m_reviewing;
    Dock* m_dock;
    ExplainRow* m_explainRow;
    std::unique_ptr<Explaining> m_explaining;
    CaseHeader* m_header;
    Strip* m_strip;
    FindingsPanel* m_findings;
    Gate* m_gate;
    CheckView* m_check;
    WordsBar* m_wordsBar;
    JoinsBar* m_joinsBar;
    KeptBar* m_keptBar;
    FirstSteps* m_firstSteps;
    QTimer *m_ticker, *m_note;
    QString m_noteText; ///< told for a while
    std::unique_ptr<HandingOut> m_handingOut;
    CasesView* m_casesView;
    std::optional<QString> m_leavingFor;    ///< a case to be opened, or none, as soon as nothing runs
    QString m_toThrowAway;                  ///< the open case, once it has been left
    QString m_askedBefore;                  ///< the case whose passphrase was asked for last
    bool m_firstLook = false;               ///< the cases there are have been shown once
    BesideView* m_beside = nullptr;         ///< made when first asked for
    WordsView* m_wordsView = nullptr;       ///< likewise
    PoliciesView* m_policiesView = nullptr; ///< likewise
    HandbookView* m_handbook = nullptr;     ///< likewise
    Lane m_aside;                           ///< for other cases than the open one, and looking through pictures
};

} // namespace eyelid
