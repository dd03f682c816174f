#include "app/taking/taker.h"

#include "app/taking/region_overlay.h"
#include "app/taking/taken_notice.h"
#include "app/window/settings.h"
#include "base/sentence.h"
#include "capture/scroll_capture.h"

#include <cmath>
#include <QApplication>
#include <QHBoxLayout>
#include <QKeyEvent>
#include <QLabel>
#include <QPointer>
#include <QPushButton>
#include <QScreen>

namespace eyelid {
namespace {

constexpr std::chrono::seconds patience(5);          // for Eyelid's window to go out of the way
constexpr std::chrono::milliseconds oftenEnough(20); // to look whether it has gone
constexpr int repaintTime = 300;                     // ms; what was under a window needs a moment to paint itself
constexpr int changeLook = 500;                      // ms between two looks at what may change

} // namespace

RunningPill::RunningPill() : QWidget(nullptr, Qt::Tool | Qt::FramelessWindowHint | Qt::WindowStaysOnTopHint) {
    setAttribute(Qt::WA_ShowWithoutActivating);
    setAttribute(Qt::WA_StyledBackground);
    setObjectName(QStringLiteral("runningPill"));
    setWindowTitle(Tr::tr("Eyelid is taking"));
    auto* row = new QHBoxLayout(this);
    row->setContentsMargins(14, 8, 8, 8);
    row->setSpacing(12);
    m_label = new QLabel;
    row->addWidget(m_label);
    m_stop = new QPushButton(Tr::tr("Stop"));
    m_stop->setObjectName(QStringLiteral("pillStop"));
    m_stop->setToolTip(Tr::tr("Stop; what was taken stays (Esc)"));
    row->addWidget(m_stop);
    connect(m_stop, &QPushButton::clicked, this, &RunningPill::stopAsked);
}

void RunningPill::open(const QString& text, bool mayStop, const QRect& place) {
    m_stop->setVisible(mayStop);
    m_label->setText(text);
    adjustSize();
    const QRect room = QGuiApplication::primaryScreen()->availableGeometry().adjusted(12, 12, -12, -12);
    const QPoint corners[] = {{room.right() - width(), room.top()},
                              {room.left(), room.top()},
                              {room.right() - width(), room.bottom() - height()},
                              {room.left(), room.bottom() - height()}};
    // The first corner that the place leaves free.
    QPoint at = corners[0];
    for (const QPoint& corner : corners)
        if (!QRect(corner, size()).intersects(place)) {
            at = corner;
            break;
        }
    move(at);
    show();
    raise();
}

void RunningPill::setText(const QString& text) {
    m_label->setText(text);
    if (const QSize wanted = sizeHint(); wanted.width() > width()) resize(wanted);
}

void RunningPill::keyPressEvent(QKeyEvent* event) {
    if (event->key() == Qt::Key_Escape)
        emit stopAsked();
    else
        QWidget::keyPressEvent(event);
}

Taker::Taker(std::unique_ptr<Source> source, QWidget& window)
    : m_source(std::move(source)), m_window(window), m_pill(std::make_unique<RunningPill>()),
      m_notice(std::make_unique<TakenNotice>()) {
    connect(m_pill.get(), &RunningPill::stopAsked, this, &Taker::stop);
    connect(m_notice.get(), &TakenNotice::openAsked, this, &Taker::openAsked);
    connect(m_notice.get(), &TakenNotice::throwAwayAsked, this, &Taker::throwAwayAsked);
    connect(&m_clock, &QTimer::timeout, this, [this] {
        if (const auto tick = m_tick) tick();
    });
}

Taker::~Taker() {
    if (m_progress) m_progress->cancel();
    // Scrolling uses the source.
    m_lane.finish();
}

void Taker::setState(State state) {
    const bool before = running();
    m_state = state;
    if (before != running()) emit runningChanged();
}

QRect Taker::lastRegion() const {
    return settings::lastRegion();
}

bool Taker::hasLastRegion() const {
    return !lastRegion().isEmpty();
}

QString Taker::describe(const Target& target) const {
    if (target.what == Target::What::Region) {
        const QRect r = target.outline.isEmpty() ? target.region : target.outline.boundingRect();
        return target.outline.isEmpty() ? sentence(Tr::tr("Region, %1 × %2"), r.width(), r.height())
                                        : sentence(Tr::tr("Drawn around, %1 × %2"), r.width(), r.height());
    }
    if (target.what == Target::What::Monitor) return Tr::tr("Monitor %1").arg(target.id);
    if (target.what == Target::What::ActiveWindow) return Tr::tr("Active window");
    if (auto layout = m_source->layout(); layout)
        for (const DeskWindow& w : layout->windows) {
            if (w.id == target.id) return w.title;
            for (const Pane& pane : w.panes)
                if (pane.id == target.id) return Tr::tr("Part of %1").arg(w.title);
        }
    return Tr::tr("Whole desk");
}

QRect Taker::onScreen(const QRect& place) const {
    if (m_source->showsOurselves())
        for (const QScreen* screen : QGuiApplication::screens()) {
            const double ratio = screen->devicePixelRatio();
            const QRect native(screen->geometry().topLeft(), (QSizeF(screen->geometry().size()) * ratio).toSize());
            if (!native.contains(place.center())) continue;
            const QPointF from = QPointF(place.topLeft() - native.topLeft()) / ratio;
            return QRectF(from + QPointF(native.topLeft()), QSizeF(place.size()) / ratio).toAlignedRect();
        }
    // A desk that is not on this screen: the notice stands in the screen's lower corner.
    return QGuiApplication::primaryScreen()->availableGeometry();
}

void Taker::start(const TakeRequest& request) {
    if (running()) {
        // A second shortcut during a series must not end it unseen.
        m_pill->raise();
        return;
    }
    if (request.kind == TakeKind::Map && !request.chosen) {
        emit mapAsked();
        return;
    }
    m_request = request;
    m_taken = m_skipped = 0;
    m_notice->hide();
    const bool window = request.chosen &&
                        (request.target.what == Target::What::Window || request.target.what == Target::What::Pane) &&
                        !request.scroll;
    // A window is taken whole whatever lies over it; of anything else Eyelid's own window would be a part.
    const bool inTheWay = m_source->showsOurselves() && (!window || request.timing.delay > 0);
    setState(State::Waiting);
    outOfTheWay(inTheWay, [this] { waitOut(m_request.timing.delay); });
}

void Taker::outOfTheWay(bool needed, std::function<void()> then) {
    m_wasActive = m_window.isActiveWindow();
    if (!needed || !m_window.isVisible()) return then();
    m_hidden = true;
    const quint64 window = m_window.winId();
    m_window.hide();
    whenGone(window, QDeadlineTimer(patience), std::move(then));
}

// Nothing is taken while what is on it could be on the picture.
void Taker::whenGone(quint64 window, QDeadlineTimer until, std::function<void()> then) {
    if (!m_source->stillShows(window)) return QTimer::singleShot(repaintTime, this, std::move(then));
    if (until.hasExpired())
        return finish(Tr::tr("Eyelid's own window did not go off the desk, so nothing was taken; try it again."));
    QTimer::singleShot(oftenEnough, this, [this, window, until, then = std::move(then)] {
        if (running()) whenGone(window, until, then);
    });
}

void Taker::comeBack() {
    if (!m_hidden && !m_request.comeBack) return;
    if (m_request.comeBack) {
        m_window.show();
        m_window.raise();
        m_window.activateWindow();
    } else {
        // Back where it was, behind what one is working at.
        m_window.setAttribute(Qt::WA_ShowWithoutActivating, true);
        m_window.show();
        m_window.lower();
        m_window.setAttribute(Qt::WA_ShowWithoutActivating, false);
    }
    m_hidden = false;
}

void Taker::waitOut(double seconds) {
    if (seconds <= 0) {
        if (const auto settles = m_source->settleTime(); settles.count() > 0)
            return QTimer::singleShot(settles, this, [this] {
                if (m_state == State::Waiting) begin(); // else stopped meanwhile
            });
        return begin();
    }
    const auto text = [](double left) { return Tr::tr("Taking in %1 s").arg(std::max(1, int(std::ceil(left)))); };
    m_pill->open(text(seconds), true);
    auto left = std::make_shared<double>(seconds);
    constexpr double step = 0.1, hiddenFor = 0.3;
    m_tick = [this, left, text] {
        *left -= step;
        // The countdown itself must not be in the picture.
        if (*left <= hiddenFor && m_pill->isVisible()) m_pill->hide();
        if (*left > step / 2) {
            if (m_pill->isVisible()) m_pill->setText(text(*left));
            return;
        }
        m_clock.stop();
        m_pill->hide();
        begin();
    };
    m_clock.start(int(step * 1000));
}

void Taker::begin() {
    const TakeRequest& r = m_request;
    if (r.chosen) return takeNow(r.target, r.options);
    switch (r.kind) {
    case TakeKind::Desk:
        return takeNow({}, r.options);
    case TakeKind::ActiveWindow:
        return takeNow({Target::What::ActiveWindow}, r.options);
    case TakeKind::Monitor: {
        auto layout = m_source->layout();
        if (!layout) return finish(layout.error().sentence);
        const auto at = m_source->pointer();
        for (const Monitor& m : layout->monitors)
            if (!at || m.geometry.contains(*at)) return takeNow({Target::What::Monitor, m.name}, r.options);
        return finish(Tr::tr("The pointer is on no monitor; take one from the desk map."));
    }
    case TakeKind::LastRegion:
        if (hasLastRegion()) {
            return takeNow({Target::What::Region, {}, lastRegion(), settings::lastOutline()}, r.options);
        }
        return choose(int(RegionChooser::Mode::Region));
    case TakeKind::Region:
        return choose(int(RegionChooser::Mode::Region));
    case TakeKind::Outline:
        return choose(int(RegionChooser::Mode::Outline));
    case TakeKind::Point:
    case TakeKind::Scroll:
    case TakeKind::Map:
        return choose(int(RegionChooser::Mode::Point));
    }
}

void Taker::choose(int mode) {
    auto layout = m_source->layout();
    if (!layout) return finish(layout.error().sentence);
    auto desk = m_source->take({}, {.pointer = m_request.options.pointer});
    if (!desk) return finish(desk.error().sentence);
    setState(State::Choosing);
    FrozenDesk frozen{*layout, *desk, layout->bounds().topLeft()};
    m_overlay = std::make_unique<RegionOverlay>(std::move(frozen), RegionChooser::Mode(mode),
                                                m_source->showsOurselves(), m_request.options);
    if (m_request.kind == TakeKind::Scroll) m_overlay->chooser().setPanes(true);
    // Let go of afterwards: the overlay is still at work when it tells.
    const auto done = [this](auto next) {
        QTimer::singleShot(m_source->showsOurselves() ? repaintTime : 0, this, [this, next] {
            m_overlay.reset();
            next();
        });
    };
    connect(m_overlay.get(), &RegionOverlay::left, this, [this, done] { done([this] { finish(); }); });
    connect(m_overlay.get(), &RegionOverlay::taken, this,
            [this, done](const Target& target, const QImage& picture, const TakeOptions& options) {
                m_request.options = options;
                if (target.what == Target::What::Region)
                    settings::setLastRegion(target.outline.isEmpty() ? target.region : target.outline.boundingRect(),
                                            target.outline);
                const bool live = m_request.kind == TakeKind::Scroll;
                done([this, target, options, picture = live ? QImage() : picture] {
                    if (m_request.kind == TakeKind::Scroll) m_request.scroll = true;
                    takeNow(target, options, picture);
                });
            });
    m_overlay->open();
}

void Taker::takeNow(const Target& target, const TakeOptions& options, const QImage& frozen) {
    if (m_request.origin.isEmpty() || !m_request.chosen) m_request.origin = describe(target);
    if (m_request.scroll) return runScroll(target);
    QRect place;
    if (auto layout = m_source->layout(); layout) place = placeOf(*layout, target, options);
    QImage picture = frozen;
    if (picture.isNull()) {
        auto taken = takeTarget(*m_source, target, options);
        if (!taken) return finish(taken.error().sentence);
        picture = *taken;
    }
    if (m_request.timing.series != TakeTiming::Series::Once) return runSeries(target, options, picture);
    deliver(picture, place);
    finish();
}

void Taker::runSeries(const Target& target, const TakeOptions& options, const QImage& first) {
    setState(State::Series);
    QRect place;
    if (auto layout = m_source->layout(); layout) place = placeOf(*layout, target, options);
    const bool onChange = m_request.timing.series == TakeTiming::Series::OnChange;
    auto last = std::make_shared<QImage>(first);
    m_taken = 1;
    deliver(first, place);
    const auto text = [this, onChange] {
        if (onChange) return sentence(Tr::tr("Series: %1 taken, again when it changes"), m_taken);
        const double every = m_request.timing.every;
        return m_skipped
                   ? sentence(Tr::tr("Series: %1 taken, %2 the same left out, every %3 s"), m_taken, m_skipped, every)
                   : sentence(Tr::tr("Series: %1 taken, every %2 s"), m_taken, every);
    };
    const QRect shown = m_source->showsOurselves() ? onScreen(place) : QRect();
    m_pill->open(text(), true, shown);
    m_tick = [this, target, options, place, last, text, onChange] {
        // Of a picture of the desk or a region the pill would be a part.
        const bool inTheWay = m_source->showsOurselves() && target.what != Target::What::Window &&
                              target.what != Target::What::Pane && m_pill->geometry().intersects(onScreen(place));
        if (inTheWay) m_pill->hide();
        const auto now = [this, target, options, place, last, text, onChange, inTheWay] {
            if (m_state != State::Series || m_taking) return;
            // A portal is waited for in a loop of events, among which is the next tick.
            m_taking = true;
            const QPointer<Taker> alive(this);
            auto taken = takeTarget(*m_source, target, options);
            if (!alive) return; // the window was closed meanwhile
            m_taking = false;
            if (m_state != State::Series) return; // stopped meanwhile
            if (inTheWay) m_pill->show();
            if (!taken) return finish(Tr::tr("The series has ended: %1").arg(taken.error().sentence));
            const double changed = changedPercent(*last, *taken);
            const bool same = onChange ? changed < std::max(0.0001, m_request.timing.threshold) : changed == 0;
            if (same) {
                if (!onChange) ++m_skipped;
            } else {
                ++m_taken;
                *last = *taken;
                deliver(*taken, place);
            }
            m_pill->setText(text());
        };
        if (inTheWay)
            QTimer::singleShot(repaintTime, this, now);
        else
            now();
    };
    m_clock.start(onChange ? changeLook : std::max(100, int(m_request.timing.every * 1000)));
}

void Taker::runScroll(const Target& target) {
    Target wanted = target;
    if (wanted.what == Target::What::ActiveWindow) {
        auto layout = m_source->layout();
        if (layout && !layout->windows.empty()) wanted = {Target::What::Window, layout->windows.front().id};
    }
    if (wanted.what != Target::What::Window && wanted.what != Target::What::Pane)
        return finish(Tr::tr("Only a window or a part of one can be scrolled; choose one."));
    setState(State::Scrolling);
    m_progress = std::make_shared<Progress>();
    QRect place;
    if (auto layout = m_source->layout(); layout) place = placeOf(*layout, wanted, m_request.options);
    m_pill->open(Tr::tr("Scrolling: %n picture(s)", nullptr, 1), true,
                 m_source->showsOurselves() ? onScreen(place) : QRect());
    m_tick = [this] {
        if (m_progress && !m_progress->doing().isEmpty()) m_pill->setText(m_progress->doing());
    };
    m_clock.start(100);
    ScrollOptions options;
    options.direction = m_request.direction;
    options.take = {m_request.options.pointer, m_request.options.frame};
    m_lane.start([this, wanted, options, place, progress = m_progress] {
        auto run = takeScrolling(*m_source, wanted, options, *progress);
        std::shared_ptr<ScrolledPage> page;
        QImage picture;
        if (run) {
            page = std::make_shared<ScrolledPage>(run->page);
            picture = page->compose();
        }
        const QString trouble = !run ? run.error().sentence : run->whole ? QString() : run->ended;
        QMetaObject::invokeMethod(this, [this, picture, page, place, trouble] {
            m_progress.reset();
            if (!picture.isNull()) deliver(picture, place, page);
            finish(trouble);
        });
    });
}

void Taker::deliver(const QImage& picture, const QRect& place, std::shared_ptr<ScrolledPage> page) {
    emit captured(picture, m_request.origin, place, page, m_request.comeBack && m_state != State::Series);
}

void Taker::announce(int capture, const QImage& picture, const QRect& place) {
    m_notice->show(capture, picture, onScreen(place));
}

void Taker::finish(const QString& sentence) {
    m_clock.stop();
    m_tick = nullptr;
    m_pill->hide();
    setState(State::Idle);
    comeBack();
    if (!sentence.isEmpty()) emit trouble(sentence);
}

void Taker::stop() {
    if (m_state == State::Scrolling) {
        if (m_progress) m_progress->cancel();
        m_pill->setText(Tr::tr("Stopping"));
        return;
    }
    if (m_state == State::Choosing && m_overlay) return m_overlay->leave();
    if (running()) finish();
}

double changedPercent(const QImage& a, const QImage& b) {
    if (a.size() != b.size()) return 100;
    if (a.isNull()) return 0;
    qint64 changed = 0;
    for (int y = 0; y < a.height(); ++y) {
        const auto* p = reinterpret_cast<const QRgb*>(a.constScanLine(y));
        const auto* q = reinterpret_cast<const QRgb*>(b.constScanLine(y));
        for (int x = 0; x < a.width(); ++x) changed += ((p[x] ^ q[x]) & 0xffffff) != 0;
    }
    return 100.0 * double(changed) / (double(a.width()) * a.height());
}

} // namespace eyelid
