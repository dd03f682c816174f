// Takes: gets Eyelid out of the way, waits, lets the place be chosen on the frozen desk, takes it once, in a series or
// scrolling, and says so near the place. What was taken goes out by captured() at once.
#pragma once

#include "app/taking/take_kind.h"
#include "base/progress.h"
#include "base/workers.h"

#include <functional>
#include <memory>
#include <QDeadlineTimer>
#include <QObject>
#include <QTimer>
#include <QWidget>

class QLabel;
class QPushButton;

namespace eyelid {

class RegionOverlay;
class TakenNotice;

/// A small window that is always reachable while something goes on: what goes on, and Stop.
class RunningPill final : public QWidget {
    Q_OBJECT
public:
    RunningPill();
    /// In the corner of the primary screen that is farthest from `place` (the screen's own coordinates).
    void open(const QString& text, bool mayStop, const QRect& place = {});
    void setText(const QString& text);
    QPushButton* stopButton() { return m_stop; }

signals:
    void stopAsked();

protected:
    void keyPressEvent(QKeyEvent*) override;

private:
    QLabel* m_label;
    QPushButton* m_stop;
};

class Taker final : public QObject {
    Q_OBJECT
public:
    /// `window`: the program's own, hidden where it would be in the picture.
    Taker(std::unique_ptr<Source> source, QWidget& window);
    ~Taker() override;

    const Source& source() const { return *m_source; }
    void start(const TakeRequest& request);
    /// Ends a delay, a series or the scrolling; what was taken stays.
    void stop();
    bool running() const { return m_state != State::Idle; }
    bool hasLastRegion() const;
    QRect lastRegion() const;
    RegionOverlay* overlay() { return m_overlay.get(); }
    RunningPill& pill() { return *m_pill; }
    TakenNotice& notice() { return *m_notice; }
    /// Shows the notice for a capture that is in the case.
    void announce(int capture, const QImage& picture, const QRect& place);
    /// Pictures of the series that were the same as the one before.
    int skipped() const { return m_skipped; }

signals:
    /// `place`: on the desk; `page`: for a scrolling capture, how it was joined; `front`: the window has come back.
    void captured(QImage picture, QString origin, QRect place, std::shared_ptr<eyelid::ScrolledPage> page, bool front);
    void trouble(QString sentence);
    void mapAsked();
    void openAsked(int capture);
    void throwAwayAsked(int capture);
    void runningChanged();

private:
    enum class State { Idle, Waiting, Choosing, Series, Scrolling };
    void setState(State state);
    void outOfTheWay(bool needed, std::function<void()> then);
    void whenGone(quint64 window, QDeadlineTimer until, std::function<void()> then);
    void comeBack();
    void waitOut(double seconds);
    void begin();
    void choose(int mode);
    void takeNow(const Target& target, const TakeOptions& options, const QImage& frozen = {});
    void runSeries(const Target& target, const TakeOptions& options, const QImage& first);
    void runScroll(const Target& target);
    void deliver(const QImage& picture, const QRect& place, std::shared_ptr<ScrolledPage> page = {});
    void finish(const QString& sentence = {});
    QString describe(const Target& target) const;
    QRect onScreen(const QRect& place) const;

    std::unique_ptr<Source> m_source;
    QWidget& m_window;
    std::unique_ptr<RegionOverlay> m_overlay;
    std::unique_ptr<RunningPill> m_pill;
    std::unique_ptr<TakenNotice> m_notice;
    TakeRequest m_request;
    State m_state = State::Idle;
    bool m_hidden = false, m_wasActive = false;
    QTimer m_clock;
    std::function<void()> m_tick;
    std::shared_ptr<Progress> m_progress;
    int m_taken = 0, m_skipped = 0;
    bool m_taking = false; ///< a picture of a series is being taken; the source may run a loop of events meanwhile
    Lane m_lane;           ///< scrolls; ends before the rest goes
};

/// How much of two pictures differs, in percent of the pixels; 100 when their sizes differ.
double changedPercent(const QImage& a, const QImage& b);

} // namespace eyelid
