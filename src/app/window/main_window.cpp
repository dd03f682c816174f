#include "app/window/main_window.h"

#include "app/cases/case_header.h"
#include "app/cases/cases_view.h"
#include "app/cases/kept_bar.h"
#include "app/cases/strip.h"
#include "app/checking/gate.h"
#include "app/checking/gate_message.h"
#include "app/explain/explain_row.h"
#include "app/explain/explaining.h"
#include "app/findings/decide_many.h"
#include "app/findings/finding_details.h"
#include "app/findings/findings_panel.h"
#include "app/findings/policies_view.h"
#include "app/releasing/handing_out.h"
#include "app/sheet/beside_view.h"
#include "app/sheet/dock.h"
#include "app/sheet/joins_bar.h"
#include "app/sheet/read_again_view.h"
#include "app/sheet/words_bar.h"
#include "app/sheet/words_view.h"
#include "app/taking/shortcuts_view.h"
#include "app/taking/take_view.h"
#include "app/taking/taken_notice.h"
#include "app/window/first_steps.h"
#include "app/window/settings.h"
#include "app/window/theme.h"
#include "base/sentence.h"

#include <QApplication>
#include <QDragEnterEvent>
#include <QHBoxLayout>
#include <QListView>
#include <QMessageBox>
#include <QMimeData>
#include <QPushButton>
#include <QScreen>
#include <QSplitter>
#include <QStackedWidget>
#include <QTimer>
#include <QVBoxLayout>

namespace eyelid {
namespace {

enum CentreView { SheetView, CheckedView };

} // namespace

MainWindow::MainWindow(Theme& theme, const Policy& policy, std::unique_ptr<Source> source,
                       std::unique_ptr<GlobalShortcuts> shortcuts, QWidget* parent)
    : QMainWindow(parent), m_theme(theme), m_case(policy), m_taker(std::make_unique<Taker>(std::move(source), *this)),
      m_shortcuts(std::move(shortcuts)) {
    setWindowTitle(QStringLiteral("Eyelid"));
    setAcceptDrops(true);
    addCommands();
    layOut();
    bindCase();
    bindCases();
    bindSheet();
    bindExplain();
    bindCheck();
    bindTaking();
    bindRelease();
    restoreSettings();
    m_do.refreshIcons(m_theme);
    refreshGate();
    refreshActions();
    m_sheet->setFocus();
}

MainWindow::~MainWindow() {
    // The views go before the case they look at, and nobody listens to the case while it is taken down.
    m_case.disconnect(this);
    m_keeper.disconnect(this);
    m_shelf.disconnect(this);
    m_worker.disconnect(this);
    m_release.disconnect(this);
    m_intake.disconnect(this);
    delete takeCentralWidget();
}

void MainWindow::layOut() {
    auto* central = new QWidget;
    auto* layout = new QVBoxLayout(central);
    layout->setContentsMargins(0, 0, 0, 0);
    layout->setSpacing(0);
    m_sheet = new Sheet(m_case, m_selection, m_theme);
    m_strip = new Strip(m_case, m_keeper, m_selection, m_theme);
    m_findings = new FindingsPanel(m_case, m_selection, m_theme);
    m_gate = new Gate(m_theme);
    m_check = new CheckView(m_case, m_release, m_theme);
    m_header = new CaseHeader(m_case, m_selection, *m_sheet, m_do, m_theme);
    layout->addWidget(m_header);
    m_stack = new QStackedWidget;
    m_stack->addWidget(makeCentre());
    m_stack->addWidget(m_check);
    m_middle = new QSplitter;
    m_middle->setHandleWidth(1);
    m_middle->setChildrenCollapsible(false);
    m_middle->addWidget(m_strip);
    m_middle->addWidget(m_stack);
    m_middle->addWidget(m_findings);
    m_middle->setStretchFactor(1, 1);
    const int right = (310 + atTypeSize(310)) / 2;
    m_middle->setSizes({m_strip->width(), 1120 - right, right});
    m_casesView = new CasesView(m_shelf, m_theme);
    m_whole = new QStackedWidget;
    m_whole->addWidget(m_middle);
    m_whole->addWidget(m_casesView);
    layout->addWidget(m_whole, 1);
    layout->addWidget(m_gate);
    setCentralWidget(central);
    m_keys = std::make_unique<ReviewKeys>(*m_sheet, m_selection);
    for (QWidget* reviewed : std::initializer_list<QWidget*>{m_sheet, m_strip, m_findings->list()})
        m_keys->watch(*reviewed);
    m_reviewing = std::make_unique<Reviewing>(m_case, m_selection, *m_sheet, *m_findings, *m_dock, m_worker);
}

QWidget* MainWindow::makeCentre() {
    auto* centre = new QWidget;
    auto* column = new QVBoxLayout(centre);
    column->setContentsMargins(0, 0, 0, 0);
    column->setSpacing(0);
    m_joinsBar = new JoinsBar(m_case, m_selection, m_theme);
    m_keptBar = new KeptBar(m_keeper);
    m_dock = new Dock(*m_sheet, m_do);
    m_explaining = std::make_unique<Explaining>(m_case, m_selection, *m_sheet);
    m_explainRow = new ExplainRow(*m_sheet, *m_explaining, m_do);
    m_wordsBar = new WordsBar(m_case, m_selection, *m_sheet);
    m_firstSteps = new FirstSteps(m_case, m_selection, m_worker, m_release);
    connect(m_firstSteps, &FirstSteps::endAsked, this, [this] { openCaseFile({}); });
    column->addWidget(m_firstSteps);
    column->addWidget(m_keptBar);
    column->addWidget(m_joinsBar);
    m_sheets = new QSplitter;
    m_sheets->setHandleWidth(1);
    m_sheets->setChildrenCollapsible(false);
    m_sheets->addWidget(m_sheet);
    column->addWidget(m_sheets, 1);
    column->addWidget(m_explainRow);
    column->addWidget(m_dock);
    return centre;
}

void MainWindow::bindCase() {
    connect(&m_case, &Case::changed, this, [this] {
        refreshGate();
        refreshActions();
    });
    connect(&m_selection, &Selection::captureChanged, this, &MainWindow::refreshActions);
    connect(&m_selection, &Selection::itemChanged, this, &MainWindow::refreshActions);
    m_ticker = new QTimer(this);
    m_ticker->setInterval(80);
    connect(m_ticker, &QTimer::timeout, this, &MainWindow::refreshGate);
    connect(&m_worker, &CaseWorker::busyChanged, this, [this] {
        if (m_worker.busy())
            m_ticker->start();
        else
            m_ticker->stop();
        refreshGate();
    });
    connect(&m_intake, &Intake::added, this, [this](int id) {
        showSheet();
        m_selection.showCapture(id);
    });
    connect(&m_intake, &Intake::trouble, this, &MainWindow::showTrouble);
    connect(m_strip, &Strip::captureChosen, this, &MainWindow::showSheet);
    connect(m_strip, &Strip::removeAsked, this, [this](int id) { m_case.remove(id); });
    connect(m_strip, &Strip::renameAsked, this, &MainWindow::renameCapture);
    connect(m_strip, &Strip::copyAsked, this, &MainWindow::copyCapture);
    connect(m_header, &CaseHeader::placeShown, this, &MainWindow::showSheet);
    connect(m_header, &CaseHeader::entered, this, [this] { m_sheet->setFocus(); });
    connect(m_header, &CaseHeader::notFound, this, [this](const QString& text) {
        m_gate->setMessage(sentence(Tr::tr("“%1” stands on none of the captures that have been read"), text), {},
                           Gate::Tone::Waiting);
    });
}

void MainWindow::bindSheet() {
    connect(&m_selection, &Selection::itemChanged, this, [this](int id) {
        if (id) m_sheet->reveal(m_case.placeOf(id));
    });
    connect(m_sheet, &Sheet::shapeDrawn, this, [this](const CoverShape& shape) {
        if (const int id = m_case.cover(m_selection.capture(), {shape}, m_dock->look())) m_selection.select(id);
    });
    connect(m_sheet, &Sheet::pieceCut, this,
            [this](const QRect& place) { m_case.cutOut(m_selection.capture(), place); });
    connect(m_sheet, &Sheet::endsMoved, m_reviewing.get(), &Reviewing::setEnds);
    connect(m_reviewing.get(), &Reviewing::moved, this, &MainWindow::showSheet);
    connect(m_reviewing.get(), &Reviewing::trouble, this, &MainWindow::showTrouble);
    DecideMany& many = m_findings->decideMany();
    connect(&many, &DecideMany::chosenChanged, this, [this, &many] { m_sheet->setMarked(many.chosen()); });
    connect(&many, &DecideMany::closed, this, [this] { m_sheet->setFocus(); });
    connect(m_findings->list()->selectionModel(), &QItemSelectionModel::selectionChanged, this,
            &MainWindow::refreshActions);
    connect(m_findings, &FindingsPanel::menuAsked, this, &MainWindow::showFindingMenu);
    connect(&m_findings->details(), &FindingDetails::changeAsked, &m_do[QStringLiteral("changeFinding")],
            &QAction::trigger);
    connect(m_sheet, &Sheet::areaToRead, this, &MainWindow::readAgain);
    connect(m_sheet, &Sheet::toolChanged, this, &MainWindow::refreshActions);
    connect(m_sheet, &Sheet::wordsChosen, this, &MainWindow::refreshActions);
    connect(m_findings, &FindingsPanel::itemChosen, &m_selection, &Selection::select);
    connect(m_findings, &FindingsPanel::decisionAsked, m_reviewing.get(), &Reviewing::decide);
    connect(m_wordsBar, &WordsBar::coverAsked, m_reviewing.get(), &Reviewing::coverWords);
    connect(m_wordsBar, &WordsBar::trouble, this, &MainWindow::showTrouble);
}

void MainWindow::bindCheck() {
    connect(m_gate, &Gate::cancelAsked, &m_release, &ReleaseFlow::stop);
    connect(m_gate, &Gate::coverAsked, m_explaining.get(), &Explaining::coverUnder);
    connect(m_gate, &Gate::readAsked, &m_worker, &CaseWorker::readWhatIsNotRead);
    connect(m_gate->checkButton(), &QPushButton::clicked, &m_do[QStringLiteral("check")], &QAction::trigger);
    connect(m_gate->releaseButton(), &QPushButton::clicked, &m_do[QStringLiteral("release")], &QAction::trigger);
    connect(&m_release, &ReleaseFlow::changed, this, &MainWindow::refreshGate);
    connect(&m_release, &ReleaseFlow::checkToShow, this, [this] {
        m_check->showResult();
        m_stack->setCurrentIndex(CheckedView);
        m_check->setFocus();
    });
    connect(m_check, &CheckView::closed, this, [this] {
        showSheet();
        m_sheet->setFocus();
    });
    connect(m_check, &CheckView::coverAsked, this, &MainWindow::coverLeak);
}

void MainWindow::bindTaking() {
    connect(m_taker.get(), &Taker::captured, this,
            [this](const QImage& picture, const QString& origin, const QRect& place,
                   const std::shared_ptr<ScrolledPage>& page, bool front) {
                m_intake.addAside(picture, origin, page, [=, this](int id) {
                    if (!front) m_taker->announce(id, picture, place);
                });
            });
    connect(m_taker.get(), &Taker::trouble, this, &MainWindow::showTrouble);
    connect(m_taker.get(), &Taker::mapAsked, this, [this] {
        if (!isVisible()) show();
        raise();
        activateWindow();
        takeFromDesk();
    });
    connect(m_taker.get(), &Taker::openAsked, this, [this](int id) {
        show();
        raise();
        activateWindow();
        showSheet();
        m_selection.showCapture(id);
    });
    connect(m_taker.get(), &Taker::throwAwayAsked, this, [this](int id) { m_case.remove(id); });
    connect(m_taker.get(), &Taker::runningChanged, this, &MainWindow::refreshActions);
    if (!m_shortcuts) return;
    connect(m_shortcuts.get(), &GlobalShortcuts::activated, this, &MainWindow::takeBy);
    const auto all = rememberedShortcuts();
    const auto clash = clashes(all);
    std::vector<GlobalShortcut> clear;
    for (const GlobalShortcut& s : all)
        if (!clash.contains(s.id)) clear.push_back(s);
    // What could not be had is told where it can be put right: in the view of shortcuts.
    m_shortcuts->bind(clear);
}

void MainWindow::restoreSettings() {
    settings::forgetFolders();
    m_sheet->setOverviewShown(settings::overviewShown());
    for (QWidget* panel : std::initializer_list<QWidget*>{m_strip, m_findings})
        panel->setVisible(!settings::isFolded(panel->objectName()));
    m_explainRow->setVisible(settings::explainShown());
    m_middle->restoreState(settings::panelSizes());
    if (restoreGeometry(settings::windowGeometry())) return;
    // What the window manager puts around it must fit on the screen as well.
    constexpr QSize frame(16, 48);
    const QSize usual(1280, 800);
    resize(screen() ? usual.boundedTo(screen()->availableGeometry().size() - frame) : usual);
}

void MainWindow::showSheet() {
    showDesk();
    m_stack->setCurrentIndex(SheetView);
}

void MainWindow::showBeside(bool shown) {
    if (shown && m_case.captures().size() < 2) return;
    showSheet();
    if (!m_beside) {
        m_beside = new BesideView(m_case, m_selection, *m_sheet);
        connect(m_beside, &BesideView::closed, this, [this] { showBeside(false); });
        m_sheets->addWidget(m_beside);
    }
    m_beside->setVisible(shown);
    if (shown) {
        m_sheets->setSizes({m_sheets->width() / 2, m_sheets->width() / 2});
        m_beside->begin();
    }
    m_sheet->setFocus();
    refreshActions();
}

void MainWindow::setTheme(ThemeName name) {
    m_theme = Theme::named(name, m_theme.typePercent);
    applyTheme(*qApp, m_theme);
    settings::setTheme(name);
    m_do.refreshIcons(m_theme);
    refreshActions();
    refreshGate();
}

void MainWindow::takeFromDesk() {
    if (m_taker->running()) return;
    TakeView view(m_taker->source(), m_theme, m_taker->lastRegion(), this);
    TakeRequest asked;
    bool any = false;
    connect(&view, &TakeView::asked, this, [&](const TakeRequest& request) {
        asked = request;
        any = true;
    });
    view.exec();
    m_sheet->setFocus();
    if (any) m_taker->start(asked);
}

void MainWindow::takeBy(const QString& kind) {
    for (const TakeKindName& k : takeKinds) {
        if (kind != QLatin1String(k.id)) continue;
        TakeRequest request;
        request.kind = k.kind;
        // From the background one goes on with what one was at.
        request.comeBack = false;
        m_taker->start(request);
    }
}

void MainWindow::showJoins() {
    m_joinsBar->look();
    m_sheet->setFocus();
}

void MainWindow::showShortcuts() {
    ShortcutsView view(m_shortcuts.get(), m_theme, this);
    view.exec();
    m_sheet->setFocus();
}

void MainWindow::showWords() {
    if (!m_wordsView) {
        m_wordsView = new WordsView(m_case, m_selection, this);
        connect(m_wordsView, &WordsView::hitsFound, this, [this](int capture, const std::vector<QRectF>& places) {
            if (capture != m_selection.capture()) return;
            m_sheet->setHits(places);
            if (!places.empty()) m_sheet->reveal(places.front());
        });
    }
    m_wordsView->show();
    m_wordsView->raise();
    m_wordsView->activateWindow();
}

void MainWindow::showPolicies() {
    if (!m_policiesView) {
        m_policiesView = new PoliciesView(m_case, m_worker, m_selection, this);
        connect(m_policiesView, &PoliciesView::effectShown, this,
                [this](int capture, const std::vector<QRectF>& places) {
                    if (capture == m_selection.capture()) m_sheet->setHits(places);
                });
    }
    m_policiesView->show();
    m_policiesView->raise();
    m_policiesView->activateWindow();
}

void MainWindow::readAgain(const QRect& area) {
    const Capture* capture = m_case.capture(m_selection.capture());
    if (!capture || !capture->page) {
        showTrouble(Tr::tr("This capture is still being read; an area can be read again after that."));
        return;
    }
    // While the view is open captures come and go: nothing of them is held on to.
    const int id = capture->id;
    ReadAgainView view(m_case, *capture, area, m_worker, this);
    if (view.exec() == QDialog::Accepted) m_case.replaceReading(id, area, view.reading());
    m_sheet->setTool(Sheet::Tool::Select);
}

void MainWindow::coverLeak(int capture, const Leak& leak) {
    m_selection.showCapture(capture);
    // What has a value is covered as a finding is, so that its value counts everywhere. Whole glyphs and a little more
    // where there is only a place.
    constexpr double margin = 3; // device pixels
    const int id = leak.finding.boxes.empty()
                       ? m_case.cover(capture, {leak.place.adjusted(-margin, -margin, margin, margin).toAlignedRect()},
                                      m_case.policy().look(Kind::Watch))
                       : m_case.coverFinding(capture, leak.finding);
    showSheet();
    if (id) m_selection.select(id);
}

void MainWindow::showTrouble(const QString& sentence) {
    auto* box = new QMessageBox(QMessageBox::Warning, QStringLiteral("Eyelid"), sentence, QMessageBox::Ok, this);
    box->setObjectName(QStringLiteral("trouble"));
    box->setAttribute(Qt::WA_DeleteOnClose);
    box->open();
}

void MainWindow::refreshGate() {
    const GateState state = gateStateOf(m_case, m_release, m_worker);
    m_gate->setSettled(state.settled);
    m_gate->setMessage(state.message, m_noteText.isEmpty() ? state.detail : m_noteText, state.tone);
    if (m_worker.busy())
        m_gate->setBusy(m_worker.doing(), m_worker.fraction());
    else
        m_gate->setIdle();
    m_gate->setReadable(state.mayRead);
    m_gate->setCoverable(state.mayCoverUnder);
    m_gate->checkButton()->setEnabled(state.mayCheck);
    m_gate->releaseButton()->setEnabled(state.mayRelease);
    m_do[QStringLiteral("readAll")].setEnabled(state.mayRead);
    m_do[QStringLiteral("check")].setEnabled(state.mayCheck);
    m_do[QStringLiteral("release")].setEnabled(state.mayRelease);
    m_do[QStringLiteral("releaseAgain")].setEnabled(state.mayRelease);
    m_do[QStringLiteral("stop")].setEnabled(m_worker.busy());
}

void MainWindow::dragEnterEvent(QDragEnterEvent* event) {
    if (event->source()) return; // of this window: on its way out
    if (event->mimeData()->hasUrls() || event->mimeData()->hasImage()) event->acceptProposedAction();
}

void MainWindow::dropEvent(QDropEvent* event) {
    m_intake.bringInDropped(*event->mimeData());
    event->acceptProposedAction();
}

void MainWindow::closeEvent(QCloseEvent* event) {
    m_explaining->finishWriting();
    if (!mayLeave()) {
        event->ignore();
        return;
    }
    rememberLayout();
    m_worker.cancel();
    QMainWindow::closeEvent(event);
    if (event->isAccepted()) emit closed();
}

} // namespace eyelid
