#include "app/main_window.h"

#include "app/file_dialogs.h"
#include "app/findings_panel.h"
#include "app/gate.h"
#include "app/joins_view.h"
#include "app/lid_gauge.h"
#include "app/pdf_view.h"
#include "app/policies_view.h"
#include "app/read_again_view.h"
#include "app/release_view.h"
#include "app/shortcuts_view.h"
#include "app/strip.h"
#include "app/take_view.h"
#include "app/taken_notice.h"
#include "app/theme.h"
#include "app/words_view.h"
#include "base/sentence.h"
#include "picture/picture_file.h"
#include "reading/page_text.h"

#include <QAction>
#include <QApplication>
#include <QClipboard>
#include <QCollator>
#include <QComboBox>
#include <QDir>
#include <QDragEnterEvent>
#include <QFileDialog>
#include <QFileInfo>
#include <QHBoxLayout>
#include <QInputDialog>
#include <QKeyEvent>
#include <QLabel>
#include <QLineEdit>
#include <QMenu>
#include <QMessageBox>
#include <QMimeData>
#include <QPainter>
#include <QProgressDialog>
#include <QPushButton>
#include <QSettings>
#include <QSlider>
#include <QSplitter>
#include <QStackedWidget>
#include <QStandardPaths>
#include <QThreadPool>
#include <QTimer>
#include <QToolButton>
#include <QVBoxLayout>

namespace eyelid {
namespace {

// The brand's shape: a closed eyelid with five lashes.
class Brand final : public QWidget {
public:
    Brand() { setFixedSize(30, 26); }

protected:
    void paintEvent(QPaintEvent*) override {
        QPainter p(this);
        const Theme& t = theme(*qApp);
        paintLid(p, QRectF(rect()).adjusted(1, 1, -1, -1), 1, t.aubergine, t.clay);
    }
};

// Page 2 before page 10.
void sortByName(QStringList& names) {
    QCollator collator(QLocale(QLocale::English)); // the C locale knows no numbers
    collator.setNumericMode(true);
    std::sort(names.begin(), names.end(), collator);
}

} // namespace

MainWindow::MainWindow(const Policy& policy, std::unique_ptr<Source> source, std::unique_ptr<GlobalShortcuts> shortcuts,
                       QWidget* parent)
    : QMainWindow(parent), m_case(policy), m_taker(std::make_unique<Taker>(std::move(source), *this)),
      m_shortcuts(std::move(shortcuts)), m_room(policy, QStringLiteral("eng")) {
    setWindowTitle(QStringLiteral("Eyelid"));
    setAcceptDrops(true);
    setMinimumSize(940, 600);

    auto* central = new QWidget;
    auto* layout = new QVBoxLayout(central);
    layout->setContentsMargins(0, 0, 0, 0);
    layout->setSpacing(0);

    m_strip = new Strip(m_case);
    m_sheet = new Sheet(m_case);
    m_findings = new FindingsPanel(m_case);
    m_gate = new Gate;
    m_check = new CheckView(m_case);
    makeActions();
    layout->addWidget(makeHeader());

    auto* middle = new QSplitter;
    middle->setHandleWidth(1);
    middle->setChildrenCollapsible(false);
    auto* centre = new QWidget;
    auto* column = new QVBoxLayout(centre);
    column->setContentsMargins(0, 0, 0, 0);
    column->setSpacing(0);
    m_joinsBar = new QWidget;
    m_joinsBar->setObjectName(QStringLiteral("joinsBar"));
    m_joinsBar->setAttribute(Qt::WA_StyledBackground);
    auto* joinsRow = new QHBoxLayout(m_joinsBar);
    joinsRow->setContentsMargins(14, 6, 10, 6);
    m_joinsText = new QLabel;
    joinsRow->addWidget(m_joinsText, 1);
    auto* look = new QPushButton(QStringLiteral("Look at the joins"));
    look->setObjectName(QStringLiteral("lookAtJoins"));
    connect(look, &QPushButton::clicked, this, &MainWindow::showJoins);
    joinsRow->addWidget(look);
    m_joinsBar->hide();
    column->addWidget(m_joinsBar);
    column->addWidget(m_sheet, 1);
    // Over the sheet, not beside it: what is being swept must not move.
    m_wordsBar = new QWidget(m_sheet);
    m_wordsBar->setObjectName(QStringLiteral("wordsBar"));
    m_wordsBar->setAttribute(Qt::WA_StyledBackground);
    auto* wordsRow = new QHBoxLayout(m_wordsBar);
    wordsRow->setContentsMargins(14, 6, 10, 6);
    m_wordsText = new QLabel;
    wordsRow->addWidget(m_wordsText, 1);
    const auto wordsButton = [&](const char* text, const char* name, void (MainWindow::*act)()) {
        auto* b = new QPushButton(QString::fromUtf8(text));
        b->setObjectName(QString::fromLatin1(name));
        connect(b, &QPushButton::clicked, this, act);
        wordsRow->addWidget(b);
        return b;
    };
    wordsButton("Copy", "copyWords", &MainWindow::copyWords)
        ->setToolTip(QStringLiteral("As it would be released: names stand in place of what is covered (Ctrl+C)"));
    wordsButton("Cover", "coverWords", &MainWindow::coverWords)->setToolTip(QStringLiteral("C"));
    wordsButton("Watch for it", "watchWords", &MainWindow::watchWords)
        ->setToolTip(QStringLiteral("From now on a finding wherever it stands in this case"));
    m_correct = wordsButton("Correct…", "correctWord", &MainWindow::correctWord);
    m_correct->setToolTip(QStringLiteral("F2"));
    m_wordsBar->hide();
    column->addWidget(makeDock());
    m_stack = new QStackedWidget;
    m_stack->addWidget(centre);
    m_stack->addWidget(m_check);
    middle->addWidget(m_strip);
    middle->addWidget(m_stack);
    middle->addWidget(m_findings);
    m_findings->setMinimumWidth(270);
    middle->setStretchFactor(0, 0);
    middle->setStretchFactor(1, 1);
    middle->setStretchFactor(2, 0);
    middle->setSizes({166, 810, 310});
    layout->addWidget(middle, 1);
    layout->addWidget(m_gate);
    setCentralWidget(central);

    m_ticker = new QTimer(this);
    m_ticker->setInterval(80);
    connect(m_ticker, &QTimer::timeout, this, &MainWindow::refreshGate);
    connect(m_strip, &Strip::captureChosen, this, [this](int id) {
        m_stack->setCurrentIndex(0);
        showCapture(id);
    });
    connect(m_strip, &Strip::removeAsked, this, [this](int id) { m_case.remove(id); });
    connect(m_sheet, &Sheet::itemClicked, this, [this](int id) { selectItem(id); });
    connect(m_sheet, &Sheet::areaDrawn, this, [this](const QRect& place) {
        const int id = m_case.addArea(m_sheet->captureId(), place, CoverStyle(m_areaStyle->currentIndex()),
                                      m_areaStrength->value() / 100.0);
        if (id) selectItem(id);
    });
    connect(m_sheet, &Sheet::areaToRead, this, &MainWindow::readAgain);
    connect(m_sheet, &Sheet::wordsChosen, this, &MainWindow::refreshWordsBar);
    connect(&m_case, &Case::pageChanged, this, [this](int id) {
        // Other words: what is sensitive among them is looked for again.
        if (const Capture* c = m_case.capture(id); c && c->page) m_room.find(id, c->page);
        if (id == m_sheet->captureId()) m_sheet->chooseWords({});
    });
    connect(m_sheet, &Sheet::toolChanged, this, &MainWindow::refreshActions);
    connect(m_sheet, &Sheet::zoomChanged, this,
            [this] { m_zoomLabel->setText(QStringLiteral("%1 %").arg(int(std::lround(100 * m_sheet->zoom())))); });
    connect(m_findings, &FindingsPanel::itemChosen, this, &MainWindow::selectItem);
    connect(m_findings, &FindingsPanel::decisionAsked, this, &MainWindow::decide);
    connect(m_gate, &Gate::cancelAsked, &m_room, &ReadingRoom::cancel);
    connect(m_gate, &Gate::readAsked, this, &MainWindow::readWhatIsNotRead);
    connect(m_gate->checkButton(), &QPushButton::clicked, this, [this] { runCheck(); });
    connect(m_gate->releaseButton(), &QPushButton::clicked, this, &MainWindow::askRelease);
    connect(m_check, &CheckView::closed, this, [this] {
        m_stack->setCurrentIndex(0);
        m_sheet->setFocus();
    });
    connect(m_check, &CheckView::changed, this, &MainWindow::refreshGate);
    m_check->setReasonCheck([this](const QString& reason) {
        const auto leaks = m_room.checkText(reason, QStringLiteral("The reason"), m_case.coveredValues());
        return leaks.empty() ? QString() : leaks.front().sentence;
    });
    connect(m_check, &CheckView::coverAsked, this, [this](int capture, const Leak& leak) {
        showCapture(capture);
        // What has a value is covered as a finding is, so that its value counts everywhere. Whole glyphs and a little
        // more where there is only a place.
        const int id = leak.finding.boxes.empty()
                           ? m_case.addArea(capture, leak.place.adjusted(-3, -3, 3, 3).toAlignedRect(),
                                            CoverStyle::Solid, m_case.policy().strength)
                           : m_case.coverFinding(capture, leak.finding);
        m_stack->setCurrentIndex(0);
        if (id) selectItem(id);
    });
    connect(&m_room, &ReadingRoom::busyChanged, this, [this] {
        if (m_room.busy())
            m_ticker->start();
        else
            m_ticker->stop();
        refreshGate();
        // The check that was to come first has ended, and the room with it.
        if (!m_room.busy() && m_releaseWhenIdle) {
            m_releaseWhenIdle = false;
            askRelease();
        }
    });
    connect(&m_room, &ReadingRoom::readingStarted, this,
            [this](int id) { m_case.setReading(id, Capture::Reading::Running); });
    connect(&m_room, qOverload<int, std::shared_ptr<const Page>, std::vector<Finding>>(&ReadingRoom::read), this,
            &MainWindow::onRead);
    connect(&m_room, &ReadingRoom::readingFailed, this, [this](int id, const QString& sentence, bool) {
        m_case.setReading(id, Capture::Reading::Failed, sentence);
    });
    connect(&m_room, &ReadingRoom::carried, this,
            [this](int id, const std::vector<Finding>& findings) { m_case.addFindings(id, findings); });
    connect(&m_room, &ReadingRoom::checked, this, [this](const std::vector<CheckedFile>& files) {
        m_check->show(files);
        m_checkTrouble.clear();
        // Changed while it was being checked: the result is of yesterday's pictures.
        if (m_checkedRevision != m_case.revision()) m_checkedRevision = -1;
        const bool goOn = m_releaseAfterCheck && m_check->blocking() == 0 && m_checkedRevision == m_case.revision();
        m_releaseAfterCheck = false;
        if (!goOn) {
            m_stack->setCurrentIndex(1);
            m_check->setFocus();
        }
        refreshGate();
        m_releaseWhenIdle = goOn;
    });
    connect(&m_room, &ReadingRoom::checkFailed, this, [this](const QString& sentence, bool cancelled) {
        m_checkedRevision = -1;
        m_releaseAfterCheck = false;
        m_checkTrouble = cancelled ? QString() : sentence;
        refreshGate();
    });
    connect(&m_case, &Case::capturesChanged, this, [this] {
        const auto& captures = m_case.captures();
        if (!m_case.capture(m_sheet->captureId()))
            showCapture(captures.empty() ? 0 : captures.back().id);
        else
            m_strip->setCurrentCapture(m_sheet->captureId());
        // What came back by undo or redo may still have to be read.
        for (const Capture& c : captures)
            if (c.reading == Capture::Reading::Waiting) {
                m_case.setReading(c.id, Capture::Reading::Running);
                m_room.read(c.id, c.picture);
            }
        refreshGate();
        refreshActions();
    });
    connect(&m_case, &Case::policyChanged, this, [this] {
        m_room.setPolicy(m_case.policy());
        for (const Capture& c : m_case.captures())
            if (c.page) m_room.find(c.id, c.page);
        refreshGate();
    });
    connect(&m_case, &Case::captureChanged, this, [this] {
        refreshGate();
        refreshActions();
    });
    connect(m_case.undoStack(), &QUndoStack::indexChanged, this, &MainWindow::refreshActions);

    connect(m_taker.get(), &Taker::captured, this, &MainWindow::onCaptured);
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
        m_stack->setCurrentIndex(0);
        showCapture(id);
    });
    connect(m_taker.get(), &Taker::throwAwayAsked, this, [this](int id) { m_case.remove(id); });
    connect(m_taker.get(), &Taker::runningChanged, this, &MainWindow::refreshActions);
    if (m_shortcuts) {
        connect(m_shortcuts.get(), &GlobalShortcuts::activated, this, &MainWindow::takeBy);
        const auto all = rememberedShortcuts();
        const auto clash = clashes(all);
        std::vector<GlobalShortcut> clear;
        for (const GlobalShortcut& s : all)
            if (!clash.contains(s.id)) clear.push_back(s);
        // What could not be had is told where it can be put right: in the view of shortcuts.
        m_shortcuts->bind(clear);
    }
    qApp->installEventFilter(this);
    QSettings settings;
    // Folders that earlier versions remembered: their names may be anybody's.
    for (const char* key : {"release/folder", "bringIn/folder", "words/folder"}) settings.remove(QLatin1String(key));
    if (!restoreGeometry(settings.value(QStringLiteral("window/geometry")).toByteArray())) resize(1280, 800);
    m_areaStyle->setCurrentIndex(settings.value(QStringLiteral("cover/style"), 0).toInt());
    m_areaStrength->setValue(settings.value(QStringLiteral("cover/strength"), 50).toInt());
    refreshIcons();
    refreshGate();
    refreshActions();
    m_sheet->setFocus();
}

MainWindow::~MainWindow() {
    m_leaving = true;
    m_pool.waitForDone();
    qApp->removeEventFilter(this);
    // The views go before the case they look at, and nobody listens to the case while it is taken down.
    m_case.undoStack()->disconnect(this);
    m_case.disconnect(this);
    m_room.disconnect(this);
    delete takeCentralWidget();
}

QAction* MainWindow::action(const QString& text, const QString& icon, const QList<QKeySequence>& keys,
                            std::function<void()> run) {
    auto* a = new QAction(text, this);
    a->setShortcuts(keys);
    a->setAutoRepeat(false);
    if (!keys.isEmpty())
        a->setToolTip(QStringLiteral("%1 (%2)").arg(QString(text).remove(QStringLiteral("…")),
                                                    keys.first().toString(QKeySequence::NativeText)));
    connect(a, &QAction::triggered, this, [run = std::move(run)] { run(); });
    addAction(a);
    if (!icon.isEmpty()) m_icons.emplace_back(a, icon);
    m_menuOrder << a;
    return a;
}

void MainWindow::makeActions() {
    const auto separator = [this] {
        auto* a = new QAction(this);
        a->setSeparator(true);
        m_menuOrder << a;
    };
    m_do.take = action(QStringLiteral("Take…"), QStringLiteral("camera"), {QKeySequence(QStringLiteral("Ctrl+T"))},
                       [this] { takeFromDesk(); });
    m_do.bringIn = action(QStringLiteral("Bring in…"), QStringLiteral("image-plus"), {QKeySequence::Open},
                          [this] { chooseFiles(); });
    m_do.paste = action(QStringLiteral("Bring in from the clipboard"), QStringLiteral("clipboard-paste"),
                        {QKeySequence::Paste}, [this] { bringInClipboard(); });
    action(QStringLiteral("Join pictures…"), {}, {QKeySequence(QStringLiteral("Ctrl+J"))}, [this] { joinChosen(); });
    m_do.joins = action(QStringLiteral("Joins of this capture…"), {}, {QKeySequence(QStringLiteral("Ctrl+Shift+J"))},
                        [this] { showJoins(); });
    m_do.stopTaking = action(QStringLiteral("Stop taking"), {}, {QKeySequence(QStringLiteral("Ctrl+Shift+."))},
                             [this] { m_taker->stop(); });
    action(QStringLiteral("Shortcuts for taking…"), {}, {}, [this] { showShortcuts(); });
    separator();
    m_do.remove = action(QStringLiteral("Remove this cover or capture"), QStringLiteral("trash-2"),
                         {QKeySequence(Qt::Key_Delete)}, [this] {
                             const Item* item = m_case.item(m_findings->selected());
                             if (item && item->finding.kind == Kind::Area)
                                 m_case.removeArea(item->id);
                             else if (m_strip->hasFocus())
                                 m_case.remove(m_sheet->captureId());
                         });
    separator();
    m_do.undo = action(QStringLiteral("Undo"), QStringLiteral("undo-2"), {QKeySequence::Undo},
                       [this] { m_case.undoStack()->undo(); });
    m_do.redo = action(QStringLiteral("Redo"), QStringLiteral("redo-2"),
                       {QKeySequence(QStringLiteral("Ctrl+Shift+Z")), QKeySequence(QStringLiteral("Ctrl+Y"))},
                       [this] { m_case.undoStack()->redo(); });
    separator();
    m_do.next = action(QStringLiteral("Next finding"), {}, {QKeySequence(Qt::Key_J)}, [this] { step(1); });
    m_do.previous = action(QStringLiteral("Previous finding"), {}, {QKeySequence(Qt::Key_K)}, [this] { step(-1); });
    m_do.next->setAutoRepeat(true);
    m_do.previous->setAutoRepeat(true);
    const std::tuple<const char*, const char*, Decision> verbs[] = {
        {"Cover", "C", Decision::Cover}, {"Keep", "E", Decision::Keep}, {"Open again", "O", Decision::Open}};
    for (const auto& [verb, key, decision] : verbs) {
        const QString v = QString::fromLatin1(verb), k = QString::fromLatin1(key);
        const Decision d = decision;
        m_do.decisions.push_back(action(v, {}, {QKeySequence(k)}, [this, d] { decide(Scope::One, d); }));
        m_do.decisions.push_back(action(QStringLiteral("%1 all of this value").arg(v), {},
                                        {QKeySequence(QStringLiteral("Shift+") + k)},
                                        [this, d] { decide(Scope::SameValue, d); }));
        m_do.decisions.push_back(action(QStringLiteral("%1 all of this kind").arg(v), {},
                                        {QKeySequence(QStringLiteral("Alt+") + k)},
                                        [this, d] { decide(Scope::SameKind, d); }));
    }
    separator();
    m_do.select =
        action(QStringLiteral("Select"), QStringLiteral("mouse-pointer-2"), {QKeySequence(Qt::Key_Escape)}, [this] {
            // Escape leads back to selecting, from wherever one is.
            m_stack->setCurrentIndex(0);
            m_sheet->setTool(Sheet::Tool::Select);
            m_sheet->chooseWords({});
            m_sheet->setFocus();
            refreshActions();
        });
    m_do.cover =
        action(QStringLiteral("Cover an area"), QStringLiteral("square-dashed"), {QKeySequence(Qt::Key_A)}, [this] {
            m_stack->setCurrentIndex(0);
            m_sheet->setTool(Sheet::Tool::Cover);
        });
    m_do.readAgain =
        action(QStringLiteral("Read again"), QStringLiteral("scan-text"), {QKeySequence(Qt::Key_R)}, [this] {
            m_stack->setCurrentIndex(0);
            m_sheet->setTool(Sheet::Tool::ReadAgain);
        });
    m_do.readAgain->setCheckable(true);
    separator();
    m_do.readAll = action(QStringLiteral("Read what is not read"), {}, {QKeySequence(QStringLiteral("Ctrl+R"))},
                          [this] { readWhatIsNotRead(); });
    m_do.words = action(QStringLiteral("Words and tables…"), {}, {QKeySequence(Qt::Key_W)}, [this] { showWords(); });
    action(QStringLiteral("Policies…"), {}, {QKeySequence(Qt::Key_P)}, [this] { showPolicies(); });
    m_do.copy = action(QStringLiteral("Copy the chosen words"), {}, {QKeySequence::Copy}, [this] { copyWords(); });
    action(QStringLiteral("Watch for the chosen words"), {}, {}, [this] { watchWords(); });
    action(QStringLiteral("Correct the chosen word…"), {}, {QKeySequence(Qt::Key_F2)}, [this] { correctWord(); });
    m_do.unsure = action(QStringLiteral("Show unsure words"), {}, {QKeySequence(Qt::Key_U)}, [this] {
        m_sheet->setUnsureShown(!m_sheet->unsureShown());
        m_do.unsure->setChecked(m_sheet->unsureShown());
    });
    m_do.unsure->setCheckable(true);
    separator();
    m_do.fit = action(QStringLiteral("Fit"), QStringLiteral("maximize"), {QKeySequence(QStringLiteral("Ctrl+0"))},
                      [this] { m_sheet->fit(); });
    m_do.actual = action(QStringLiteral("Actual size"), {}, {QKeySequence(QStringLiteral("Ctrl+1"))},
                         [this] { m_sheet->actualSize(); });
    m_do.zoomIn = action(QStringLiteral("Larger"), QStringLiteral("zoom-in"),
                         {QKeySequence(QStringLiteral("Ctrl++")), QKeySequence(QStringLiteral("Ctrl+="))},
                         [this] { m_sheet->zoomBy(1.25); });
    m_do.zoomOut = action(QStringLiteral("Smaller"), QStringLiteral("zoom-out"),
                          {QKeySequence(QStringLiteral("Ctrl+-"))}, [this] { m_sheet->zoomBy(0.8); });
    m_do.dark = action(QStringLiteral("Dark theme"), QStringLiteral("moon"),
                       {QKeySequence(QStringLiteral("Ctrl+Shift+D"))}, [this] { setDark(!theme(*qApp).dark); });
    m_do.dark->setCheckable(true);
    action(QStringLiteral("Next capture"), {}, {}, [this] {
        stepCapture(1);
    })->setText(QStringLiteral("Next capture\tTab"));
    action(QStringLiteral("Next panel"), {}, {QKeySequence(Qt::Key_F6)}, [this] {
        QWidget* panels[] = {m_strip, m_sheet, m_findings->list(), m_gate->checkButton()};
        int at = 0;
        for (int i = 0; i < 4; ++i)
            if (panels[i]->hasFocus()) at = i + 1;
        panels[at % 4]->setFocus(Qt::ShortcutFocusReason);
    });
    action(QStringLiteral("Search the words"), QStringLiteral("search"), {QKeySequence::Find}, [this] {
        m_search->setFocus();
        m_search->selectAll();
    });
    separator();
    m_do.check = action(QStringLiteral("Check"), QStringLiteral("shield-check"),
                        {QKeySequence(QStringLiteral("Ctrl+Return"))}, [this] { runCheck(); });
    m_do.release = action(QStringLiteral("Release…"), QStringLiteral("send"),
                          {QKeySequence(QStringLiteral("Ctrl+Shift+Return"))}, [this] { askRelease(); });
    m_do.stop = action(QStringLiteral("Stop reading or checking"), QStringLiteral("x"),
                       {QKeySequence(QStringLiteral("Ctrl+."))}, [this] { m_room.cancel(); });
    separator();
    action(QStringLiteral("Quit"), {}, {QKeySequence::Quit}, [this] { close(); });
}

QWidget* MainWindow::makeHeader() {
    auto* header = new QWidget;
    header->setObjectName(QStringLiteral("header"));
    header->setAttribute(Qt::WA_StyledBackground);
    header->setFixedHeight(48);
    auto* row = new QHBoxLayout(header);
    row->setContentsMargins(14, 0, 12, 0);
    row->setSpacing(8);
    row->addWidget(new Brand);
    m_name = new QLineEdit(m_case.name());
    m_name->setObjectName(QStringLiteral("caseName"));
    m_name->setAccessibleName(QStringLiteral("Name of the case"));
    m_name->setToolTip(QStringLiteral("The case's name; released files are named after it"));
    m_name->setFixedWidth(210);
    m_name->setStyleSheet(QStringLiteral("QLineEdit { border-color: transparent; background: transparent; font-weight: "
                                         "600; } QLineEdit:focus, QLineEdit:hover { border-color: palette(mid); }"));
    connect(m_name, &QLineEdit::editingFinished, this, [this] {
        if (m_name->text().trimmed().isEmpty()) m_name->setText(m_case.name());
        m_case.setName(m_name->text().trimmed());
        refreshGate();
    });
    connect(m_name, &QLineEdit::returnPressed, this, [this] { m_sheet->setFocus(); });
    row->addWidget(m_name);
    const auto button = [&](QAction* a) {
        auto* b = new QToolButton;
        b->setDefaultAction(a);
        b->setToolButtonStyle(Qt::ToolButtonTextBesideIcon);
        b->setAccessibleName(a->text());
        b->setFocusPolicy(Qt::StrongFocus);
        row->addWidget(b);
        return b;
    };
    button(m_do.take);
    button(m_do.bringIn);
    row->addStretch(1);
    m_search = new QLineEdit;
    m_search->setObjectName(QStringLiteral("search"));
    m_search->setPlaceholderText(QStringLiteral("Search all words of the case"));
    m_search->setAccessibleName(QStringLiteral("Search all words of the case"));
    m_search->setToolTip(QStringLiteral("Search (Ctrl+F); Enter for the next place, Shift+Enter for the one before"));
    m_search->setClearButtonEnabled(true);
    m_search->setFixedWidth(260);
    connect(m_search, &QLineEdit::returnPressed, this,
            [this] { search(!(QApplication::keyboardModifiers() & Qt::ShiftModifier)); });
    connect(m_search, &QLineEdit::textChanged, this, [this](const QString& text) {
        if (text.isEmpty()) {
            m_hits.clear();
            m_hitText.clear();
            m_sheet->setMarks({});
        }
    });
    row->addWidget(m_search);
    m_menu = new QMenu(this);
    m_menu->addActions(m_menuOrder);
    m_menu->setToolTipsVisible(false);
    auto* menu = new QToolButton;
    menu->setText(QStringLiteral("Menu"));
    menu->setToolTip(QStringLiteral("All commands and their keys (F10)"));
    menu->setAccessibleName(QStringLiteral("Menu"));
    menu->setShortcut(Qt::Key_F10);
    menu->setPopupMode(QToolButton::InstantPopup);
    menu->setMenu(m_menu);
    row->addWidget(menu);
    return header;
}

QWidget* MainWindow::makeDock() {
    auto* dock = new QWidget;
    dock->setObjectName(QStringLiteral("dock"));
    dock->setAttribute(Qt::WA_StyledBackground);
    dock->setFixedHeight(46);
    auto* row = new QHBoxLayout(dock);
    row->setContentsMargins(10, 0, 10, 0);
    row->setSpacing(4);
    const auto tool = [&](QAction* a, bool text) {
        auto* b = new QToolButton;
        b->setDefaultAction(a);
        b->setProperty("flat", true);
        b->setToolButtonStyle(text ? Qt::ToolButtonTextBesideIcon : Qt::ToolButtonIconOnly);
        b->setAccessibleName(a->text());
        row->addWidget(b);
        return b;
    };
    m_do.select->setCheckable(true);
    m_do.cover->setCheckable(true);
    tool(m_do.select, true);
    tool(m_do.cover, true);
    tool(m_do.readAgain, true);
    m_areaStyle = new QComboBox;
    m_areaStyle->setAccessibleName(QStringLiteral("Style of covers drawn by hand"));
    for (const QString& name : {QStringLiteral("Solid"), QStringLiteral("Mosaic"), QStringLiteral("Blur")})
        m_areaStyle->addItem(name);
    m_areaStrength = new QSlider(Qt::Horizontal);
    m_areaStrength->setRange(0, 100);
    m_areaStrength->setFixedWidth(90);
    m_areaStrength->setAccessibleName(QStringLiteral("Strength of covers drawn by hand"));
    m_toolHint = new QLabel;
    m_toolHint->setProperty("role", QStringLiteral("faint"));
    row->addSpacing(6);
    row->addWidget(m_areaStyle);
    row->addWidget(m_areaStrength);
    row->addWidget(m_toolHint);
    row->addStretch(1);
    const auto remember = [this] {
        refreshActions();
        QSettings settings;
        settings.setValue(QStringLiteral("cover/style"), m_areaStyle->currentIndex());
        settings.setValue(QStringLiteral("cover/strength"), m_areaStrength->value());
    };
    connect(m_areaStyle, &QComboBox::currentIndexChanged, this, remember);
    connect(m_areaStrength, &QSlider::valueChanged, this, remember);
    tool(m_do.zoomOut, false);
    m_zoomLabel = new QLabel(QStringLiteral("100 %"));
    m_zoomLabel->setMinimumWidth(46);
    m_zoomLabel->setAlignment(Qt::AlignCenter);
    row->addWidget(m_zoomLabel);
    tool(m_do.zoomIn, false);
    tool(m_do.fit, false);
    tool(m_do.actual, false)->setText(QStringLiteral("1:1"));
    row->addSpacing(6);
    tool(m_do.undo, false);
    tool(m_do.redo, false);
    return dock;
}

void MainWindow::refreshIcons() {
    const Theme& t = theme(*qApp);
    for (const auto& [a, icon] : m_icons) a->setIcon(themedIcon(icon, t.ink));
    m_do.dark->setChecked(t.dark);
}

void MainWindow::setDark(bool dark) {
    applyTheme(*qApp, dark ? Theme::night() : Theme::light());
    QSettings().setValue(QStringLiteral("theme"), dark ? QStringLiteral("dark") : QStringLiteral("light"));
    refreshIcons();
    refreshGate();
}

void MainWindow::takeFromDesk() {
    if (m_taker->running()) return;
    TakeView view(m_taker->source(), m_taker->lastRegion(), this);
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

void MainWindow::onCaptured(const QImage& picture, const QString& origin, const QRect& place,
                            const std::shared_ptr<ScrolledPage>& page, bool front) {
    const int id = addCapture(picture, origin, page);
    if (!front) m_taker->announce(id, picture, place);
}

std::shared_ptr<const ScrolledPage> MainWindow::pageOf(int capture) const {
    const Capture* c = m_case.capture(capture);
    return c ? c->joined : nullptr;
}

int MainWindow::addCapture(const QImage& picture, const QString& origin, std::shared_ptr<const ScrolledPage> joined) {
    const int id = m_case.add(picture, origin, std::move(joined));
    m_stack->setCurrentIndex(0);
    showCapture(id);
    return id;
}

void MainWindow::refreshJoins() {
    const auto page = pageOf(m_sheet->captureId());
    const int unsure = page ? page->unsure() : 0;
    m_joinsBar->setVisible(unsure > 0);
    m_joinsText->setText(
        unsure == 1 ? QStringLiteral("One join of this page is not sure: something may be lost or doubled there.")
                    : QStringLiteral("%1 joins of this page are not sure: something may be lost or doubled there.")
                          .arg(unsure));
    m_do.joins->setEnabled(page && !page->joins().empty());
}

void MainWindow::showJoins() {
    const int id = m_sheet->captureId();
    const auto page = pageOf(id);
    if (!page || page->joins().empty()) return;
    JoinsView view(*page, this);
    view.exec();
    const auto joined = std::make_shared<const ScrolledPage>(view.page());
    if (view.moved())
        m_case.setPicture(id, joined->compose(), joined);
    else
        m_case.setJoined(id, joined);
    refreshJoins();
    m_sheet->setFocus();
}

void MainWindow::joinChosen() {
    const FileDialogTraces traces;
    QStringList patterns;
    for (const QString& ending : readableEndings()) patterns << QStringLiteral("*.") + ending;
    QStringList files = QFileDialog::getOpenFileNames(
        this, QStringLiteral("Pictures of one page that overlap"), m_case.folders.bringIn,
        QStringLiteral("Pictures (%1);;All files (*)").arg(patterns.join(QLatin1Char(' '))));
    if (files.isEmpty()) return;
    // File dialogs give them in the order they were clicked or in none; their names say the order.
    sortByName(files);
    joinFiles(files);
}

void MainWindow::joinFiles(const QStringList& files) {
    m_pool.start([this, files] {
        std::vector<QImage> pictures;
        for (const QString& file : files) {
            if (m_leaving) return;
            auto picture = readPicture(file);
            if (!picture) {
                QMetaObject::invokeMethod(this, [this, t = picture.error().sentence] { showTrouble(t); });
                return;
            }
            pictures.push_back(*picture);
        }
        const bool across = pictures.size() > 1 && pictures[0].width() != pictures[1].width() &&
                            pictures[0].height() == pictures[1].height();
        auto joined = joinPictures(pictures, across ? ScrollDirection::Right : ScrollDirection::Down);
        if (!joined) {
            QMetaObject::invokeMethod(this, [this, t = joined.error().sentence] { showTrouble(t); });
            return;
        }
        auto page = std::make_shared<ScrolledPage>(*joined);
        const QImage picture = page->compose();
        QMetaObject::invokeMethod(this, [this, picture, page, n = files.size()] {
            addCapture(picture, QStringLiteral("Joined from %1 pictures").arg(n), page);
        });
    });
}

void MainWindow::showShortcuts() {
    ShortcutsView view(m_shortcuts.get(), this);
    view.exec();
    m_sheet->setFocus();
}

void MainWindow::bringInClipboard() {
    const QMimeData* held = QGuiApplication::clipboard()->mimeData();
    QStringList files;
    if (held)
        for (const QUrl& url : held->urls())
            if (url.isLocalFile()) files << url.toLocalFile();
    if (held && held->hasImage()) {
        const QImage picture = held->imageData().value<QImage>();
        if (!picture.isNull()) {
            addCapture(flattened(picture), QStringLiteral("From the clipboard"));
            return;
        }
    }
    if (!files.isEmpty()) return bringIn(files);
    showTrouble(QStringLiteral("There is no picture on the clipboard; copy one, or a picture file, first."));
}

void MainWindow::bringInPdf(const QString& file) {
    QString password;
    std::unique_ptr<PdfFile> pdf;
    while (true) {
        auto opened = PdfFile::open(file, password);
        if (opened) {
            pdf = std::move(*opened);
            break;
        }
        if (!PdfFile::needsPassword(opened.error())) return showTrouble(opened.error().sentence);
        bool ok = false;
        password = QInputDialog::getText(
            this, QStringLiteral("Bring in pages"),
            password.isEmpty()
                ? QStringLiteral("%1 is locked. Its password:").arg(QFileInfo(file).fileName())
                : QStringLiteral("That was not the password of %1. Its password:").arg(QFileInfo(file).fileName()),
            QLineEdit::Password, {}, &ok);
        if (!ok) return;
    }
    PdfView view(*pdf, file, this);
    if (view.exec() != QDialog::Accepted) return;
    QStringList troubles;
    const std::vector<int> pages = view.chosenPages();
    QProgressDialog progress(QStringLiteral("Drawing the pages"), QStringLiteral("Stop"), 0, int(pages.size()), this);
    progress.setWindowModality(Qt::WindowModal);
    progress.setMinimumDuration(600);
    for (size_t i = 0; i < pages.size() && !progress.wasCanceled(); ++i) {
        progress.setValue(int(i));
        auto picture = pdf->render(pages[i], view.dpi());
        if (picture)
            addCapture(*picture, sentence(u"%1, page %2", QFileInfo(file).fileName(), pages[i] + 1));
        else
            troubles << picture.error().sentence;
    }
    progress.reset();
    if (!troubles.isEmpty()) showTrouble(troubles.join(QLatin1Char('\n')));
    m_sheet->setFocus();
}

void MainWindow::chooseFiles() {
    const FileDialogTraces traces;
    QStringList patterns;
    for (const QString& ending : readableEndings()) patterns << QStringLiteral("*.") + ending;
    const QStringList files = QFileDialog::getOpenFileNames(
        this, QStringLiteral("Bring in pictures"), m_case.folders.bringIn,
        QStringLiteral("Pictures and PDFs (%1 *.pdf);;All files (*)").arg(patterns.join(QLatin1Char(' '))));
    if (files.isEmpty()) return;
    m_case.folders.bringIn = QFileInfo(files.first()).absolutePath();
    bringIn(files);
}

void MainWindow::bringIn(const QStringList& given) {
    QStringList files, pdfs;
    for (const QString& path : given) {
        if (QFileInfo(path).isDir()) {
            // The pictures in it, in the order of their names; folders within are left alone.
            QStringList patterns;
            for (const QString& ending : readableEndings()) patterns << QStringLiteral("*.") + ending;
            QStringList names = QDir(path).entryList(patterns, QDir::Files);
            sortByName(names);
            for (const QString& name : names) files << QDir(path).filePath(name);
            if (names.isEmpty()) showTrouble(QStringLiteral("There are no pictures in %1.").arg(path));
        } else if (PdfFile::isPdf(path)) {
            pdfs << path;
        } else {
            files << path;
        }
    }
    for (const QString& pdf : pdfs) bringInPdf(pdf);
    if (files.isEmpty()) return;
    // Large pictures take a while to decode; the window goes on meanwhile.
    m_pool.start([this, files] {
        QStringList troubles;
        for (const QString& file : files) {
            if (m_leaving) return;
            auto picture = readPicture(file);
            if (!picture) {
                troubles << picture.error().sentence;
                continue;
            }
            QMetaObject::invokeMethod(this, [this, image = *picture, file] { addCapture(image, file); });
        }
        if (!troubles.isEmpty())
            QMetaObject::invokeMethod(this, [this, troubles] { showTrouble(troubles.join(QLatin1Char('\n'))); });
    });
}

void MainWindow::showTrouble(const QString& sentence) {
    auto* box = new QMessageBox(QMessageBox::Warning, QStringLiteral("Eyelid"), sentence, QMessageBox::Ok, this);
    box->setObjectName(QStringLiteral("trouble"));
    box->setAttribute(Qt::WA_DeleteOnClose);
    box->open();
}

void MainWindow::showCapture(int id) {
    m_sheet->setCapture(id);
    if (m_wordsView) m_wordsView->setCapture(id);
    if (m_policiesView) m_policiesView->setCapture(id);
    m_findings->setCapture(id);
    m_strip->setCurrentCapture(id);
    refreshJoins();
    const Item* item = m_case.item(m_findings->selected());
    if (item && m_case.captureOf(item->id)->id != id) m_findings->select(0);
    std::vector<QRectF> marks;
    for (const auto& [capture, place] : m_hits)
        if (capture == id) marks.push_back(place);
    m_sheet->setMarks(marks);
    refreshActions();
}

void MainWindow::selectItem(int id) {
    const Capture* capture = m_case.captureOf(id);
    if (capture && capture->id != m_sheet->captureId()) showCapture(capture->id);
    m_findings->select(id);
    m_sheet->setSelected(id);
    if (const Item* item = m_case.item(id)) m_sheet->reveal(item->finding.boxes.front());
    refreshActions();
}

void MainWindow::step(int by) {
    const std::vector<int> order = m_findings->order();
    if (order.empty()) return;
    const auto at = std::find(order.begin(), order.end(), m_findings->selected());
    qsizetype next;
    if (at == order.end()) {
        // From nowhere: the first one on the capture that is shown.
        next = by > 0 ? 0 : qsizetype(order.size()) - 1;
        for (size_t i = 0; i < order.size(); ++i)
            if (m_case.captureOf(order[i])->id == m_sheet->captureId()) {
                next = qsizetype(i);
                break;
            }
    } else {
        next = (at - order.begin() + by + qsizetype(order.size())) % qsizetype(order.size());
    }
    m_stack->setCurrentIndex(0);
    selectItem(order[size_t(next)]);
}

void MainWindow::stepCapture(int by) {
    const auto& captures = m_case.captures();
    if (captures.empty()) return;
    qsizetype at = 0;
    for (size_t i = 0; i < captures.size(); ++i)
        if (captures[i].id == m_sheet->captureId()) at = qsizetype(i);
    const qsizetype n = qsizetype(captures.size());
    m_stack->setCurrentIndex(0);
    showCapture(captures[size_t((at + by + n) % n)].id);
}

void MainWindow::decide(Scope scope, Decision decision) {
    if (decision == Decision::Cover && scope == Scope::One && !m_sheet->chosenWords().empty()) {
        coverWords();
        return;
    }
    const int id = m_findings->selected();
    if (!id) return;
    m_case.decide(id, scope, decision);
}

void MainWindow::showPolicies() {
    if (!m_policiesView) {
        m_policiesView = new PoliciesView(m_case, m_room, this);
        connect(m_policiesView, &PoliciesView::effectShown, this,
                [this](int capture, const std::vector<QRectF>& places) {
                    if (capture == m_sheet->captureId()) m_sheet->setMarks(places);
                });
    }
    m_policiesView->setCapture(m_sheet->captureId());
    m_policiesView->show();
    m_policiesView->raise();
    m_policiesView->activateWindow();
}

void MainWindow::showWords() {
    if (!m_wordsView) {
        m_wordsView = new WordsView(m_case, this);
        connect(m_wordsView, &WordsView::hitsFound, this, [this](int capture, const std::vector<QRectF>& places) {
            if (capture != m_sheet->captureId()) return;
            m_sheet->setMarks(places);
            if (!places.empty()) m_sheet->reveal(places.front());
        });
    }
    m_wordsView->setCapture(m_sheet->captureId());
    m_wordsView->show();
    m_wordsView->raise();
    m_wordsView->activateWindow();
}

// Reading that was stopped, or that failed, begun again.
void MainWindow::readWhatIsNotRead() {
    std::vector<int> ids;
    for (const Capture& c : m_case.captures())
        if (c.reading == Capture::Reading::Waiting || c.reading == Capture::Reading::Failed) ids.push_back(c.id);
    for (const int id : ids) {
        m_case.setReading(id, Capture::Reading::Running);
        if (const Capture* c = m_case.capture(id)) m_room.read(id, c->picture);
    }
}

void MainWindow::readAgain(const QRect& area) {
    const Capture* capture = m_case.capture(m_sheet->captureId());
    if (!capture || !capture->page) {
        showTrouble(QStringLiteral("This capture is still being read; an area can be read again after that."));
        return;
    }
    // While the view is open captures come and go: nothing of them is held on to.
    const int id = capture->id;
    ReadAgainView view(*capture, area, m_room, this);
    if (view.exec() == QDialog::Accepted) m_case.replaceReading(id, area, view.reading());
    m_sheet->setTool(Sheet::Tool::Select);
}

// The chosen words that are on the page as it is now.
std::vector<Sheet::WordAt> MainWindow::chosenOn(const Page& page) const {
    std::vector<Sheet::WordAt> there;
    for (const Sheet::WordAt& at : m_sheet->chosenWords())
        if (size_t(at.line) < page.lines.size() && size_t(at.word) < page.lines[size_t(at.line)].words.size())
            there.push_back(at);
    return there;
}

QString MainWindow::chosenText(bool sanitised) const {
    const Capture* capture = m_case.capture(m_sheet->captureId());
    if (!capture || !capture->page) return {};
    // The chosen words alone; what is covered is told by place.
    Page page;
    page.size = capture->page->size;
    int last = -1;
    for (const auto& [l, w] : chosenOn(*capture->page)) {
        const TextLine& from = capture->page->lines[size_t(l)];
        if (l != last) {
            TextLine line;
            line.box = from.box;
            line.baseline = from.baseline;
            line.xHeight = from.xHeight;
            page.lines.push_back(line);
        }
        page.lines.back().words.push_back(from.words[size_t(w)]);
        last = l;
    }
    if (sanitised) page = sanitisedPageOf(page, *capture, m_case.policy());
    QString text;
    const TextLine* before = nullptr;
    for (const TextLine& line : page.lines) {
        if (before)
            text += std::abs(before->baseline - line.baseline) < 0.45 * line.xHeight ? QLatin1Char('\t')
                                                                                     : QLatin1Char('\n');
        text += line.text();
        before = &line;
    }
    return text;
}

void MainWindow::copyWords() {
    const QString text = chosenText(true);
    if (!text.isEmpty()) QGuiApplication::clipboard()->setText(text);
}

void MainWindow::coverWords() {
    const Capture* capture = m_case.capture(m_sheet->captureId());
    if (!capture || !capture->page) return;
    // One cover for the words of a line that stand together.
    std::vector<QRectF> places;
    Sheet::WordAt last{-1, -1};
    for (const Sheet::WordAt& at : chosenOn(*capture->page)) {
        const QRectF& box = capture->page->lines[size_t(at.line)].words[size_t(at.word)].box;
        if (at.line == last.line && at.word == last.word + 1)
            places.back() = places.back().united(box);
        else
            places.push_back(box);
        last = at;
    }
    if (places.empty()) return;
    const int id = capture->id;
    m_sheet->chooseWords({});
    m_case.undoStack()->beginMacro(QStringLiteral("cover words"));
    int item = 0;
    for (const QRectF& place : places)
        item = m_case.addArea(id, place.adjusted(-2, -2, 2, 2).toAlignedRect(), CoverStyle(m_areaStyle->currentIndex()),
                              m_areaStrength->value() / 100.0);
    m_case.undoStack()->endMacro();
    if (item) selectItem(item);
}

void MainWindow::watchWords() {
    const QString text = chosenText(false).simplified();
    if (text.isEmpty()) return;
    QStringList words = m_room.watchWords();
    if (!words.contains(text, Qt::CaseInsensitive)) words << text;
    if (auto set = m_room.setWatch(words); !set) return showTrouble(set.error().sentence);
    m_sheet->chooseWords({});
    for (const Capture& c : m_case.captures())
        if (c.page) m_room.find(c.id, c.page);
}

void MainWindow::correctWord() {
    const Capture* capture = m_case.capture(m_sheet->captureId());
    if (!capture || !capture->page || chosenOn(*capture->page).size() != 1) return;
    const auto [l, w] = chosenOn(*capture->page).front();
    const Word word = capture->page->lines[size_t(l)].words[size_t(w)];
    const int id = capture->id;
    // In place: over the word, in the type of the interface.
    auto* edit = new QLineEdit(word.text, m_sheet->viewport());
    edit->setObjectName(QStringLiteral("wordEdit"));
    edit->setAccessibleName(QStringLiteral("What the word says"));
    const QPointF at = m_sheet->toView(word.box.bottomLeft());
    const int width = std::max(120, edit->fontMetrics().horizontalAdvance(word.text) + 40);
    edit->setGeometry(std::clamp(int(at.x()) - 8, 0, std::max(0, m_sheet->viewport()->width() - width)),
                      std::clamp(int(at.y()) + 4, 0, std::max(0, m_sheet->viewport()->height() - 32)), width, 30);
    edit->selectAll();
    edit->show();
    edit->setFocus();
    edit->installEventFilter(this);
    connect(edit, &QLineEdit::returnPressed, this, [this, edit, id, box = word.box, old = word.text] {
        const QString text = edit->text().trimmed();
        edit->deleteLater();
        m_sheet->setFocus();
        if (!text.isEmpty() && text != old) m_case.correctWord(id, box, text);
    });
}

void MainWindow::refreshWordsBar() {
    const size_t n = m_sheet->chosenWords().size();
    m_wordsBar->setVisible(n > 0);
    refreshActions();
    if (n == 0) return;
    QString text = chosenText(true).simplified();
    if (text.size() > 60) text = text.left(57) + QStringLiteral("…");
    m_wordsText->setText(n == 1 ? QStringLiteral("One word: %1").arg(text) : sentence(u"%1 words: %2", n, text));
    m_correct->setEnabled(n == 1);
    placeWordsBar();
}

void MainWindow::placeWordsBar() {
    const QSize room = m_sheet->size();
    const int width = std::min(room.width() - 24, std::max(560, m_wordsBar->sizeHint().width()));
    const int height = m_wordsBar->sizeHint().height();
    m_wordsBar->setGeometry((room.width() - width) / 2, room.height() - height - 12, width, height);
    m_wordsBar->raise();
}

void MainWindow::search(bool forward) {
    const QString text = m_search->text().trimmed();
    if (text.isEmpty()) return;
    if (text != m_hitText) {
        m_hits.clear();
        m_hit = -1;
        m_hitText = text;
        for (const Capture& c : m_case.captures()) {
            if (!c.page) continue;
            for (const QRectF& place : placesOf(*c.page, text)) m_hits.emplace_back(c.id, place);
        }
    }
    if (m_hits.empty()) {
        m_search->setToolTip(QStringLiteral("Not found on any capture that has been read"));
        m_gate->setMessage(QStringLiteral("“%1” stands on none of the captures that have been read").arg(text), {},
                           Gate::Tone::Waiting);
        return;
    }
    const int n = int(m_hits.size());
    m_hit = m_hit < 0 ? 0 : (m_hit + (forward ? 1 : n - 1)) % n;
    const auto& [capture, place] = m_hits[size_t(m_hit)];
    m_stack->setCurrentIndex(0);
    showCapture(capture);
    m_sheet->reveal(place);
}

void MainWindow::onRead(int id, std::shared_ptr<const Page> page, const std::vector<Finding>& findings) {
    // A page that was joined anew meanwhile is being read again; this reading is of the old picture.
    if (const Capture* c = m_case.capture(id); c && page->size != c->picture.size()) return;
    // Words are chosen by their number; on another page they would be others.
    if (id == m_sheet->captureId()) m_sheet->chooseWords({});
    m_case.setFindings(id, page, findings);
    // What was found here is looked for on the other captures, and what was found there is looked for here.
    std::vector<Finding> elsewhere;
    for (const Capture& c : m_case.captures()) {
        if (c.id == id || !c.page) continue;
        std::vector<Finding> there;
        for (const Item& item : c.items) {
            there.push_back(item.finding);
            if (item.finding.confidence >= 0.6) elsewhere.push_back(item.finding);
        }
        if (!findings.empty()) m_room.carry(c.id, c.page, there, findings);
    }
    if (!elsewhere.empty()) m_room.carry(id, page, findings, elsewhere);
}

QStringList MainWindow::releaseNames() const {
    QString stem;
    for (const QChar c : m_case.name().toLower()) stem += c.isLetterOrNumber() ? c : QLatin1Char('-');
    while (stem.contains(QStringLiteral("--"))) stem.replace(QStringLiteral("--"), QStringLiteral("-"));
    if (stem.isEmpty()) stem = QStringLiteral("case");
    QStringList names;
    for (size_t i = 0; i < m_case.captures().size(); ++i)
        names << releaseName(stem, qsizetype(i) + 1, qsizetype(m_case.captures().size()));
    return names;
}

void MainWindow::runCheck() {
    if (!m_gate->checkButton()->isEnabled()) return;
    CheckJob job;
    job.coveredValues = m_case.coveredValues();
    job.name = m_case.name();
    const QStringList names = releaseNames();
    for (size_t i = 0; i < m_case.captures().size(); ++i) {
        const Capture& c = m_case.captures()[i];
        job.files.push_back({c.id, names[qsizetype(i)], c.picture, c.items, m_case.covers(c)});
    }
    m_checkedRevision = m_case.revision();
    m_room.check(std::move(job));
}

void MainWindow::askRelease() {
    if (!m_gate->releaseButton()->isEnabled()) return;
    if (m_checkedRevision != m_case.revision()) {
        m_releaseAfterCheck = true;
        runCheck();
        return;
    }
    if (m_check->blocking() > 0) {
        m_stack->setCurrentIndex(1);
        return;
    }
    const QString usual =
        QStandardPaths::writableLocation(QStandardPaths::DocumentsLocation) + QStringLiteral("/Released");
    QStringList names;
    for (const CheckedFile& file : m_check->files()) names << file.artifact.fileName;
    names << redactionLogName();
    auto* view = new ReleaseView(names, m_case.folders.release.isEmpty() ? usual : m_case.folders.release, this);
    view->setAttribute(Qt::WA_DeleteOnClose);
    m_releaseView = view;
    connect(view, &QObject::destroyed, this, [this] { m_releaseView = nullptr; });
    connect(view, &ReleaseView::releaseAsked, this, &MainWindow::writeRelease);
    view->open();
}

void MainWindow::writeRelease() {
    if (!m_releaseView) return;
    const QString folder = m_releaseView->folder();
    LogInput log{&m_case.policy(), m_room.languages(), m_case.secret(), {}};
    std::vector<Artifact> artifacts;
    QStringList outputs, origins;
    for (const CheckedFile& file : m_check->files()) {
        artifacts.push_back(file.artifact);
        outputs << QDir(folder).absoluteFilePath(file.artifact.fileName);
        log.entries.push_back({file.artifact.fileName, file.size, file.sha256, file.items,
                               m_check->blockingLeaks(file.capture), m_check->overrides(file.capture)});
    }
    for (const Capture& c : m_case.captures()) origins << c.origin;
    if (const QString path = overwritten(outputs, origins); !path.isEmpty())
        return m_releaseView->showTrouble(
            sentence(u"%1 is one of this case's own pictures and would be replaced; choose another folder.", path));
    auto written = eyelid::writeRelease(folder, artifacts, redactionLog(log), m_releaseView->mayReplace());
    if (!written) return m_releaseView->showTrouble(written.error().sentence);
    const QStringList& paths = *written;
    m_case.folders.release = folder;
    m_releasedRevision = m_case.revision();
    m_releaseView->showReleased(paths);
    emit released(paths);
}

void MainWindow::refreshGate() {
    const Case::Counts n = m_case.counts();
    // Never quite closed while anything is open or still to be read, however much is settled.
    const double share =
        n.all() == 0 ? (m_case.captures().empty() || n.unread > 0 ? 0.0 : 1.0) : double(n.settled()) / n.all();
    m_gate->setSettled(n.open || n.unread ? std::min(share, 0.85) : share);
    const bool any = !m_case.captures().empty();
    const bool checked = any && m_checkedRevision == m_case.revision() && !m_room.busy();
    const bool failed = checked && m_check->blocking() > 0;
    QStringList ways;
    if (n.open) ways << QStringLiteral("%1 open").arg(n.open);
    if (n.unread)
        ways << (n.unread == 1 ? QStringLiteral("1 capture not read")
                               : QStringLiteral("%1 captures not read").arg(n.unread));
    if (failed)
        ways << QStringLiteral("check failed");
    else if (!checked)
        ways << QStringLiteral("check not run");
    QString message, detail;
    Gate::Tone tone = Gate::Tone::Waiting;
    if (!any) {
        message = QStringLiteral("Nothing to release yet");
        detail = QStringLiteral("Take or bring in a capture to begin.");
    } else if (ways.isEmpty()) {
        message = QStringLiteral("Checked; ready to release");
        tone = Gate::Tone::Ready;
        detail = sentence(u"%1 covered, %2 kept.", n.cover, n.keep);
    } else {
        message = ways.join(QStringLiteral(", "));
        message[0] = message[0].toUpper();
        if (failed || !m_checkTrouble.isEmpty()) tone = Gate::Tone::Failed;
        if (!m_checkTrouble.isEmpty())
            detail = m_checkTrouble;
        else if (n.open)
            detail = QStringLiteral("J goes to the next; C covers it, E keeps it.");
        else if (n.unread) {
            for (const Capture& c : m_case.captures())
                if (c.reading == Capture::Reading::Failed) detail = c.trouble;
        } else if (failed)
            detail = QStringLiteral("Cover what was found, or let it pass with a reason.");
        else
            detail = QStringLiteral("All findings are settled. Check the pictures as they will be written.");
    }
    m_gate->setMessage(message, detail, tone);
    if (m_room.busy())
        m_gate->setBusy(m_room.doing(), m_room.fraction());
    else
        m_gate->setIdle();
    const bool mayCheck = any && !n.unread && !m_room.busy();
    const bool halted = std::any_of(m_case.captures().begin(), m_case.captures().end(),
                                    [](const Capture& c) { return c.reading == Capture::Reading::Failed; });
    m_gate->setReadable(halted && !m_room.busy());
    m_do.readAll->setEnabled(halted && !m_room.busy());
    m_gate->checkButton()->setEnabled(mayCheck);
    m_gate->releaseButton()->setEnabled(mayCheck && !n.open && !failed);
    m_do.check->setEnabled(mayCheck);
    m_do.release->setEnabled(m_gate->releaseButton()->isEnabled());
    m_do.stop->setEnabled(m_room.busy());
}

void MainWindow::refreshActions() {
    refreshJoins();
    m_do.take->setEnabled(!m_taker->running());
    m_do.stopTaking->setEnabled(m_taker->running());
    const bool any = !m_case.captures().empty();
    const bool cover = m_sheet->tool() == Sheet::Tool::Cover;
    const bool again = m_sheet->tool() == Sheet::Tool::ReadAgain;
    m_do.select->setChecked(!cover && !again);
    m_do.readAgain->setChecked(again);
    m_do.readAgain->setEnabled(any);
    m_do.words->setEnabled(any);
    m_do.cover->setChecked(cover);
    m_do.cover->setEnabled(any);
    m_areaStyle->setVisible(cover);
    m_areaStrength->setVisible(cover && m_areaStyle->currentIndex() != 0); // a solid cover has none
    m_toolHint->setText(cover   ? QStringLiteral("Drag over what to cover; Escape ends.")
                        : again ? QStringLiteral("Drag over what to read again; Escape ends.")
                                : QString());
    for (QAction* a : {m_do.fit, m_do.actual, m_do.zoomIn, m_do.zoomOut}) a->setEnabled(any);
    const Item* item = m_case.item(m_findings->selected());
    for (QAction* a : m_do.decisions) a->setEnabled(item && item->finding.kind != Kind::Area);
    // Words can be covered that nobody found.
    if (!m_sheet->chosenWords().empty()) m_do.decisions.front()->setEnabled(true);
    m_do.remove->setEnabled(any);
    const bool findings = m_case.counts().all() > 0;
    m_do.next->setEnabled(findings);
    m_do.previous->setEnabled(findings);
    QUndoStack* undo = m_case.undoStack();
    m_do.undo->setEnabled(undo->canUndo());
    m_do.redo->setEnabled(undo->canRedo());
    m_do.undo->setText(undo->canUndo() ? QStringLiteral("Undo %1").arg(undo->undoText()) : QStringLiteral("Undo"));
    m_do.redo->setText(undo->canRedo() ? QStringLiteral("Redo %1").arg(undo->redoText()) : QStringLiteral("Redo"));
    m_do.undo->setToolTip(QStringLiteral("%1 (Ctrl+Z)").arg(m_do.undo->text()));
    m_do.redo->setToolTip(QStringLiteral("%1 (Ctrl+Shift+Z)").arg(m_do.redo->text()));
}

bool MainWindow::eventFilter(QObject* object, QEvent* event) {
    // Space let go while another window had the keys must not leave the capture bare.
    if (event->type() == QEvent::WindowDeactivate || event->type() == QEvent::FocusOut) m_sheet->setBare(false);
    if (event->type() == QEvent::Resize && object == m_sheet && m_wordsBar->isVisible()) placeWordsBar();
    // A word's correction that is left is not made.
    if (event->type() == QEvent::FocusOut && object->objectName() == QLatin1String("wordEdit")) object->deleteLater();
    if (event->type() != QEvent::KeyPress && event->type() != QEvent::KeyRelease)
        return QMainWindow::eventFilter(object, event);
    auto* widget = qobject_cast<QWidget*>(object);
    if (!widget || widget->window() != this) return QMainWindow::eventFilter(object, event);
    auto* key = static_cast<QKeyEvent*>(event);
    const bool reviewing = widget == m_sheet || widget == m_strip || widget == m_findings->list();
    if (key->key() == Qt::Key_Space && reviewing) {
        // Held, not toggled: the bare capture must not be left standing.
        if (!key->isAutoRepeat()) m_sheet->setBare(event->type() == QEvent::KeyPress);
        return true;
    }
    if (event->type() == QEvent::KeyPress && reviewing &&
        (key->key() == Qt::Key_Tab || key->key() == Qt::Key_Backtab)) {
        stepCapture(key->key() == Qt::Key_Tab ? 1 : -1);
        return true;
    }
    return QMainWindow::eventFilter(object, event);
}

void MainWindow::dragEnterEvent(QDragEnterEvent* event) {
    if (event->mimeData()->hasUrls() || event->mimeData()->hasImage()) event->acceptProposedAction();
}

void MainWindow::dropEvent(QDropEvent* event) {
    QStringList files;
    for (const QUrl& url : event->mimeData()->urls())
        if (url.isLocalFile()) files << url.toLocalFile();
    if (!files.isEmpty())
        bringIn(files);
    else if (event->mimeData()->hasImage())
        addCapture(event->mimeData()->imageData().value<QImage>(), QStringLiteral("Dropped picture"));
    event->acceptProposedAction();
}

void MainWindow::closeEvent(QCloseEvent* event) {
    // A case lives in memory for now: leaving it is said to be what it is.
    if (!m_case.captures().empty() && m_releasedRevision != m_case.revision()) {
        QMessageBox box(QMessageBox::Question, QStringLiteral("Eyelid"), QStringLiteral("Leave this case?"),
                        QMessageBox::NoButton, this);
        box.setObjectName(QStringLiteral("leave"));
        box.setInformativeText(QStringLiteral(
            "It has not been released as it stands, and cases are not kept yet: captures and decisions will be gone."));
        QPushButton* stay = box.addButton(QStringLiteral("Stay"), QMessageBox::RejectRole);
        QPushButton* leave = box.addButton(QStringLiteral("Leave"), QMessageBox::DestructiveRole);
        box.setDefaultButton(stay);
        box.setEscapeButton(stay);
        box.exec();
        if (box.clickedButton() != leave) {
            event->ignore();
            return;
        }
    }
    QSettings().setValue(QStringLiteral("window/geometry"), saveGeometry());
    m_room.cancel();
    QMainWindow::closeEvent(event);
    if (event->isAccepted()) emit closed();
}

} // namespace eyelid
