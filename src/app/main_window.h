// The reviewing desk: header, strip, sheet with its dock, findings, gate.
#pragma once

#include "app/check_view.h"
#include "app/reading_room.h"
#include "app/sheet.h"
#include "app/taker.h"
#include "capture/global_shortcuts.h"
#include "capture/source.h"
#include "casefile/case.h"

#include <atomic>
#include <memory>
#include <QMainWindow>
#include <QThreadPool>

class QComboBox;
class QLabel;
class QLineEdit;
class QPushButton;
class QMenu;
class QSlider;
class QStackedWidget;
class QToolButton;
class QTimer;

namespace eyelid {

class PoliciesView;
class WordsView;

class FindingsPanel;
class Gate;
class ReleaseView;
class Strip;

class MainWindow final : public QMainWindow {
    Q_OBJECT
public:
    /// `source`: what Take takes from; `shortcuts`: binds the keys that take from the background, may be null.
    MainWindow(const Policy& policy, std::unique_ptr<Source> source, std::unique_ptr<GlobalShortcuts> shortcuts = {},
               QWidget* parent = nullptr);
    ~MainWindow() override;

    Case& openCase() { return m_case; }
    Sheet& sheet() { return *m_sheet; }
    FindingsPanel& findings() { return *m_findings; }
    Gate& gate() { return *m_gate; }
    CheckView& checkView() { return *m_check; }
    ReadingRoom& readingRoom() { return m_room; }
    Taker& taker() { return *m_taker; }
    /// How a scrolled capture was joined; null for others.
    std::shared_ptr<const ScrolledPage> pageOf(int capture) const;

    /// Opens picture files, all pictures of folders, and pages of PDFs, which are asked about; those that cannot be
    /// opened are told of in one message.
    void bringIn(const QStringList& files);
    void bringInClipboard();
    int addCapture(const QImage& picture, const QString& origin, std::shared_ptr<const ScrolledPage> joined = {});
    /// A way of taking by its id (takeKinds), as a shortcut from the background asks for it.
    void takeBy(const QString& kind);
    void setDark(bool dark);
    /// The names a release gives its pictures, made from the case's name and a number.
    QStringList releaseNames() const;

signals:
    void released(QStringList paths);
    void closed();

protected:
    void dragEnterEvent(QDragEnterEvent*) override;
    void dropEvent(QDropEvent*) override;
    bool eventFilter(QObject* object, QEvent* event) override;
    void closeEvent(QCloseEvent*) override;

private:
    QAction* action(const QString& text, const QString& icon, const QList<QKeySequence>& keys,
                    std::function<void()> run);
    void makeActions();
    QWidget* makeHeader();
    QWidget* makeDock();
    void takeFromDesk();
    void onCaptured(const QImage& picture, const QString& origin, const QRect& place,
                    const std::shared_ptr<ScrolledPage>& page, bool front);
    void bringInPdf(const QString& file);
    void joinChosen();
    void joinFiles(const QStringList& files);
    void showJoins();
    void showShortcuts();
    void refreshJoins();
    void chooseFiles();
    void showCapture(int id);
    void selectItem(int id);
    void step(int by);
    void stepCapture(int by);
    void decide(Scope scope, Decision decision);
    void search(bool forward);
    void showWords();
    void showPolicies();
    void readAgain(const QRect& area);
    void copyWords();
    void coverWords();
    void watchWords();
    void correctWord();
    void readWhatIsNotRead();
    std::vector<Sheet::WordAt> chosenOn(const Page& page) const;
    void refreshWordsBar();
    void placeWordsBar();
    QString chosenText(bool sanitised) const;
    void onRead(int capture, std::shared_ptr<const Page> page, const std::vector<Finding>& findings);
    void runCheck();
    void askRelease();
    void writeRelease();
    void refreshGate();
    void refreshActions();
    void showTrouble(const QString& sentence);
    void refreshIcons();

    Case m_case;
    std::unique_ptr<Taker> m_taker;
    std::unique_ptr<GlobalShortcuts> m_shortcuts;
    QWidget *m_joinsBar = nullptr, *m_wordsBar = nullptr;
    QLabel* m_wordsText = nullptr;
    QPushButton* m_correct = nullptr;
    WordsView* m_wordsView = nullptr;
    PoliciesView* m_policiesView = nullptr;
    QLabel* m_joinsText = nullptr;
    ReadingRoom m_room;
    QStackedWidget* m_stack;
    Sheet* m_sheet;
    Strip* m_strip;
    FindingsPanel* m_findings;
    Gate* m_gate;
    CheckView* m_check;
    QLineEdit *m_name, *m_search;
    QComboBox* m_areaStyle;
    QSlider* m_areaStrength;
    QLabel *m_zoomLabel, *m_toolHint;
    QMenu* m_menu;
    QTimer* m_ticker;
    struct Actions {
        QAction *take, *bringIn, *paste, *joins, *stopTaking, *undo, *redo, *select, *cover, *fit, *actual, *zoomIn,
            *zoomOut, *check, *release, *stop, *dark, *remove, *next, *previous, *readAgain, *readAll, *unsure, *words,
            *copy;
        std::vector<QAction*> decisions;
    } m_do{};
    std::vector<std::pair<QAction*, QString>> m_icons;
    QList<QAction*> m_menuOrder;
    ReleaseView* m_releaseView = nullptr;
    int m_checkedRevision = -1, m_releasedRevision = -1;
    bool m_releaseAfterCheck = false, m_releaseWhenIdle = false;
    QString m_checkTrouble;
    std::vector<std::pair<int, QRectF>> m_hits;
    int m_hit = -1;
    QString m_hitText;
    std::atomic<bool> m_leaving{false}; ///< what is being decoded is not wanted any more
    QThreadPool m_pool;                 ///< decodes and joins; ends before the window does
};

} // namespace eyelid
