#include "capture/scroll_capture.h"

#include "base/sentence.h"

#include <algorithm>
#include <chrono>
#include <cmath>
#include <thread>

namespace eyelid {
namespace {

using Clock = std::chrono::steady_clock;
using std::chrono::milliseconds;

constexpr milliseconds look{20}; // between two looks at the window
constexpr int quietLooks = 6;    // so many looks without movement: it stands still
constexpr int surelyQuiet = 18;  // the same where all later steps depend on it
constexpr milliseconds longestWait{4000};
constexpr int fewChanges = 60;      // cells; a text cursor's worth
constexpr double largestStep = 0.4; // of what is seen

struct View {
    QImage picture;
    CellGrid grid; // with the scrolling direction downwards
};

int changedOutside(const CellGrid& a, const CellGrid& b, const std::vector<char>& mask) {
    int changed = 0;
    const bool known = mask.size() == size_t(a.rows()) * size_t(a.columns());
    for (int y = 0; y < std::min(a.rows(), b.rows()); ++y)
        for (int x = 0; x < std::min(a.columns(), b.columns()); ++x)
            changed += a.at(y, x) != b.at(y, x) && !(known && mask[size_t(y) * size_t(a.columns()) + size_t(x)]);
    return changed;
}

bool nearlyBlank(const CellGrid& grid) {
    int telling = 0;
    for (int y = 0; y < grid.rows(); ++y)
        for (int x = 0; x < grid.columns(); ++x) telling += grid.tells(y, x);
    return telling < 200;
}

// A status line or a badge may look otherwise than before; the rest shows the same place.
bool samePlace(const CellGrid& a, const CellGrid& b) {
    int alike = 0;
    for (int y = 0; y < a.rows(); ++y) alike += std::equal(a.row(y), a.row(y) + a.columns(), b.row(y));
    return alike >= 0.8 * a.rows() || findOverlap(a, b).kind == Overlap::Kind::NotMoved;
}

class WatchedWindow {
public:
    WatchedWindow(const Source& source, const Target& target, const ScrollOptions& options, Progress& progress)
        : m_source(source), m_target(target), m_options(options), m_progress(progress) {}

    Result<View> see() const {
        auto picture = m_source.take(m_target, m_options.take);
        if (!picture) return picture.error();
        View view;
        view.picture = *picture;
        // Sideways the grid is made of the picture turned, as the page does.
        view.grid = CellGrid(
            m_options.direction == ScrollDirection::Down
                ? view.picture
                : view.picture.transformed(QTransform(0, 1, 1, 0, 0, 0)).convertToFormat(QImage::Format_RGB32));
        return view;
    }

    // Looks until nothing moves any more. `from` is what was seen before the turn; `changing` collects the cells that
    // change without moving. Gives what is seen in the end.
    Result<View> still(const View& from, milliseconds patience, std::vector<char>& changing,
                       int looks = quietLooks) const {
        const auto began = Clock::now();
        View last = from;
        int quiet = 0;
        bool moved = false;
        while (true) {
            std::this_thread::sleep_for(look);
            auto now = see();
            if (!now) return now;
            const auto passed = Clock::now() - began;
            if (now->picture.size() != last.picture.size()) return now;
            if (now->grid.sameAs(last.grid)) {
                ++quiet;
            } else {
                const int changed = changedOutside(last.grid, now->grid, changing);
                const Overlap overlap =
                    changed > fewChanges ? findOverlap(last.grid, now->grid) : Overlap{Overlap::Kind::NotMoved, {}, {}};
                if (overlap.kind == Overlap::Kind::NotMoved) {
                    addAnimated(changing, last.grid, now->grid);
                    ++quiet;
                } else {
                    quiet = 0;
                    // What only loads or plays is learnt, so that it need not come to rest.
                    const OffsetScore inPlace = scoreOffset(last.grid, now->grid, 0);
                    if (inPlace.good > 2 * inPlace.bad && overlap.kind != Overlap::Kind::Sure)
                        addAnimated(changing, last.grid, now->grid);
                }
                moved = moved || changedOutside(from.grid, now->grid, changing) > 0;
            }
            last = std::move(*now);
            if (quiet >= looks && (moved || passed > patience)) break;
            if (passed > longestWait || m_progress.cancelled()) break;
        }
        return last;
    }

private:
    const Source& m_source;
    const Target& m_target;
    const ScrollOptions& m_options;
    Progress& m_progress;
};

} // namespace

namespace {

// What the window listens to is found out: the wheel; the page's key; where a page leaves nothing in common with the
// one before, the line's.
enum class By { Wheel, Page, Lines };

// A scrolling capture on its way.
class PageTaking {
public:
    PageTaking(Scrolling& scrolling, const WatchedWindow& run, const ScrollOptions& options, Progress& progress,
               const std::function<void(const ScrolledPage&)>& step)
        : m_scrolling(scrolling), m_run(run), m_options(options), m_progress(progress),
          m_step(step), m_result{ScrolledPage(options.direction), {}, false} {}

    Result<Scrolled> take() {
        auto first = m_run.see();
        if (!first) return first.error();
        // Looked at for a while before anything is scrolled, so that what moves by itself is known.
        auto before = m_run.still(*first, milliseconds(0), m_changing);
        if (!before) return before.error();
        m_last = std::move(*before);
        m_result.page.add(m_last.picture);
        while (goOn()) {
        }
        if (!m_interrupted) takeEnd();
        return m_result;
    }

private:
    // Ends with a sentence.
    bool end(const QString& why) {
        m_result.ended = why;
        return false;
    }
    bool interrupted(const Error& error) {
        m_interrupted = true;
        return end(sentence(Tr::tr("%1 What was taken until then is kept."), error.sentence));
    }

    Result<Done> turn(int count) {
        return m_by == By::Wheel  ? m_scrolling.turn(count)
               : m_by == By::Page ? m_scrolling.press(Scrolling::Key::Page, count)
                                  : m_scrolling.press(Scrolling::Key::Line, count);
    }

    // One turn; false when there is no more to do.
    bool goOn() {
        if (m_progress.cancelled()) return end(Tr::tr("Stopped; what was taken until then is kept."));
        m_progress.setDoing(Tr::tr("Scrolling: %n picture(s)", nullptr, int(m_result.page.pictures().size())));
        // What was turned before may still be answered: turned once more, it would be a step too far.
        if (m_idle == 0 || nearlyBlank(m_last.grid)) {
            if (auto turned = turn(m_clicks); !turned) return interrupted(turned.error());
            m_unanswered += m_clicks;
        }
        return takeNext(m_last, milliseconds(m_options.patience * (m_proven ? 1 : 1 + m_idle)));
    }

    // Joins what the window shows once it stands still again, `from` being what it showed before it was turned.
    bool takeNext(const View& from, milliseconds patience) {
        const int seen = m_last.grid.rows();
        OverlapHint hint{.expected = std::min(m_perTurn * m_clicks, seen - 1), .animated = m_changing};
        std::vector<char> now;
        // A page that glides and halts on its way would tell too small a step.
        auto view = m_run.still(from, patience, now, m_perTurn == 0 ? surelyQuiet : quietLooks);
        if (!view) return interrupted(view.error());
        if (view->picture.size() != m_last.picture.size()) return resized();
        if (hint.animated.empty()) hint.animated.resize(size_t(seen) * size_t(m_last.grid.columns()), 0);
        for (size_t i = 0; i < std::min(now.size(), hint.animated.size()); ++i) hint.animated[i] |= now[i];
        switch (m_result.page.add(view->picture, hint)) {
        case ScrolledPage::Step::TooMuch:
            return end(Tr::tr("The page is longer than a picture can be; the rest is not taken."));
        case ScrolledPage::Step::NotMoved:
            standOn(*view, now);
            return waitOrChange();
        case ScrolledPage::Step::Before: // a bar of the window went away, or the page jumped back
            standOn(*view, now);
            answered();
            if (++m_backwards <= mostBackwards) return true;
            return end(Tr::tr("The page went back by itself. What was taken until then is kept."));
        case ScrolledPage::Step::Unsure:
            answered();
            if (mayGoBack()) return goBack(*view, hint);
            break;
        default:
            answered();
            m_backwards = 0;
            chooseStep(seen);
        }
        standOn(*view, now);
        return reported();
    }

    void answered() {
        m_idle = m_unanswered = 0;
        m_proven = false;
    }

    bool resized() {
        return end(Tr::tr("The window changed its size while it was scrolled. What was taken until then is kept."));
    }

    void standOn(const View& view, const std::vector<char>& changing) {
        m_last = view;
        m_changing = changing;
    }

    // A late answer, a page that loads more, white space: not given up at once.
    bool waitOrChange() {
        ++m_idle;
        if (nearlyBlank(m_last.grid)) {
            if (m_idle < blankTurns) return true;
        } else if (m_result.page.joins().empty()) {
            if (m_idle < firstLooks) return true;
        } else if (!m_proven) {
            return turnBackAndOn();
        } else if (m_idle < looksAtEnd) {
            return true;
        }
        const bool nothing = m_result.page.joins().empty();
        if (nothing && m_by == By::Wheel) {
            m_by = By::Page;
            m_clicks = 1;
            m_idle = m_unanswered = 0;
            return true;
        }
        m_result.whole = true;
        return end(nothing ? Tr::tr("Nothing scrolled: the page ends here.")
                           : Tr::tr("The end of the page was reached."));
    }

    // At its end, or only slow? A window works through what it is told in order: once it has moved back it has answered
    // all that came before, and what it shows when it is turned on again is its answer.
    bool turnBackAndOn() {
        const int clicks = m_unanswered + 1;
        if (auto back = turn(-clicks); !back) return interrupted(back.error());
        std::vector<char> returned;
        auto there = m_run.still(m_last, longestWait, returned);
        if (!there) return interrupted(there.error());
        if (there->picture.size() != m_last.picture.size()) return resized();
        const OverlapHint hint{.expected = 0, .animated = m_changing};
        if (findOverlap(m_last.grid, there->grid, hint).kind == Overlap::Kind::NotMoved)
            return end(Tr::tr("The window answers no more, so nobody can say whether the page goes on. What was taken "
                              "until then is kept."));
        if (auto on = turn(clicks); !on) return interrupted(on.error());
        m_proven = true;
        return takeNext(*there, longestWait);
    }

    bool firstPage() const { return m_by == By::Page && m_result.page.joins().size() == 1; }
    bool mayGoBack() const { return firstPage() || (m_by != By::Page && m_clicks > 1 && !m_small); }

    // Back, and on in smaller steps: more of the two pictures overlaps then.
    bool goBack(const View& view, const OverlapHint& hint) {
        const bool pages = firstPage();
        m_result.page.removeLast();
        if (auto back = turn(-m_clicks); !back) return interrupted(back.error());
        std::vector<char> returned;
        auto there = m_run.still(view, milliseconds(m_options.patience), returned);
        if (!there) return interrupted(there.error());
        const bool same = there->picture.size() == m_last.picture.size() && samePlace(m_last.grid, there->grid);
        if (pages && same)
            m_by = By::Lines;
        else
            m_small = true;
        if (same)
            m_clicks = 1;
        else // it does not go back the way it came: what lies between is lost if it is not kept
            m_result.page.add(there->picture, {0, hint.animated});
        standOn(*there, returned);
        return true;
    }

    // By how far it moved, how far it is moved next.
    void chooseStep(int seen) {
        const int moved = m_result.page.joins().back().offset;
        // A late answer adds to the next step and makes it look longer, never shorter: the longest is gone by.
        if (m_by != By::Page) m_perTurn = std::max(m_perTurn, moved / m_clicks);
        if (m_perTurn > 0 && !m_small)
            m_clicks = std::clamp(int(largestStep * double(seen) / double(m_perTurn)), 1, m_by == By::Wheel ? 12 : 40);
        else
            m_small = false; // past the hard place
    }

    // Tells how far it is; false at the limit.
    bool reported() {
        if (m_step) m_step(m_result.page);
        int length = m_last.grid.rows();
        for (const Join& join : m_result.page.joins()) length += join.offset;
        m_progress.setFraction(std::min(1.0, double(length) / double(m_options.longest)));
        if (length < m_options.longest) return true;
        return end(Tr::tr("The limit of %1 pixels was reached; the page goes on.").arg(m_options.longest));
    }

    // Without the pointer in it, nothing at the page's end is lit up.
    void takeEnd() {
        m_scrolling.pointerAway();
        std::vector<char> rest;
        auto end = m_run.still(m_last, milliseconds(0), rest);
        if (!end || end->picture.size() != m_last.picture.size()) return;
        const OverlapHint hint{.expected = 0, .animated = m_changing};
        if (findOverlap(m_last.grid, end->grid, hint).kind == Overlap::Kind::NotMoved)
            m_result.page.add(end->picture, hint);
    }

    Scrolling& m_scrolling;
    const WatchedWindow& m_run;
    const ScrollOptions& m_options;
    Progress& m_progress;
    const std::function<void(const ScrolledPage&)>& m_step;
    Scrolled m_result;
    View m_last;
    std::vector<char> m_changing; // cells that change by themselves, where the page stands now
    By m_by = By::Wheel;
    static constexpr int mostBackwards = 8; // turns in a row that show what was seen before
    static constexpr int blankTurns = 6;    // on through white space
    static constexpr int firstLooks = 3;    // before another way of scrolling is tried
    static constexpr int looksAtEnd = 3;    // a page may load more
    int m_perTurn = 0, m_clicks = 1, m_backwards = 0;
    int m_idle = 0, m_unanswered = 0; // looks, and turns, since the window last moved
    bool m_proven = false;            // it has answered all that it was told
    bool m_small = false, m_interrupted = false;
};

} // namespace

Result<Scrolled> takeScrolling(const Source& source, const Target& target, const ScrollOptions& options,
                               Progress& progress, const std::function<void(const ScrolledPage&)>& step) {
    auto opened = source.scrolling(target, options.direction);
    if (!opened) return opened.error();
    const WatchedWindow run(source, target, options, progress);
    return PageTaking(**opened, run, options, progress, step).take();
}

} // namespace eyelid
