#include "capture/scroll_capture.h"

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

class Run {
public:
    Run(const Source& source, const Target& target, const ScrollOptions& options, Progress& progress)
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
    Result<View> still(const View& from, milliseconds patience, std::vector<char>& changing) const {
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
            if (quiet >= quietLooks && (moved || passed > patience)) break;
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

Result<Scrolled> takeScrolling(const Source& source, const Target& target, const ScrollOptions& options,
                               Progress& progress, const std::function<void(const ScrolledPage&)>& step) {
    auto opened = source.scrolling(target, options.direction);
    if (!opened) return opened.error();
    Scrolling& scrolling = **opened;
    const Run run(source, target, options, progress);
    auto first = run.see();
    if (!first) return first.error();
    Scrolled result{ScrolledPage(options.direction), {}, false};
    std::vector<char> changing; // cells that change by themselves, where the page stands now
    // Looked at for a while before anything is scrolled, so that what moves by itself is known.
    auto before = run.still(*first, milliseconds(0), changing);
    if (!before) return before.error();
    View last = std::move(*before);
    result.page.add(last.picture);
    const auto interrupted = [&](const Error& error) {
        result.ended = error.sentence + QStringLiteral(" What was taken until then is kept.");
        return result;
    };
    int perTurn = 0, clicks = 1, idle = 0;
    bool small = false;
    // What the window listens to is found out: the wheel; the page's key; where a page leaves nothing in common with
    // the one before, the line's.
    enum class By { Wheel, Page, Lines } by = By::Wheel;
    const auto turn = [&](int count) {
        return by == By::Wheel  ? scrolling.turn(count)
               : by == By::Page ? scrolling.press(Scrolling::Key::Page, count)
                                : scrolling.press(Scrolling::Key::Line, count);
    };
    while (true) {
        if (progress.cancelled()) {
            result.ended = QStringLiteral("Stopped; what was taken until then is kept.");
            break;
        }
        const int seen = last.grid.rows();
        progress.setDoing(QStringLiteral("Scrolling: %1 pictures").arg(result.page.pictures().size()));
        auto turned = turn(clicks);
        if (!turned) return interrupted(turned.error());
        OverlapHint hint{.expected = std::min(perTurn * clicks, seen - 1), .animated = changing};
        std::vector<char> now;
        auto view = run.still(last, milliseconds(options.patience * (1 + idle)), now);
        if (!view) return interrupted(view.error());
        if (view->picture.size() != last.picture.size()) {
            result.ended = QStringLiteral("The window changed its size while it was scrolled. What was taken until "
                                          "then is kept.");
            break;
        }
        if (hint.animated.empty()) hint.animated.resize(size_t(seen) * size_t(last.grid.columns()), 0);
        for (size_t i = 0; i < std::min(now.size(), hint.animated.size()); ++i) hint.animated[i] |= now[i];
        const auto how = result.page.add(view->picture, hint);
        if (how == ScrolledPage::Step::TooMuch) {
            result.ended = QStringLiteral("The page is longer than a picture can be; the rest is not taken.");
            break;
        }
        if (how == ScrolledPage::Step::NotMoved) {
            last = std::move(*view);
            changing = std::move(now);
            // A late answer, a page that loads more, white space: not given up at once.
            if (++idle < (nearlyBlank(last.grid) ? 6 : 2)) continue;
            if (result.page.joins().empty() && by == By::Wheel) {
                by = By::Page;
                clicks = 1;
                idle = 0;
                continue;
            }
            result.whole = true;
            result.ended = result.page.joins().empty() ? QStringLiteral("Nothing scrolled: the page ends here.")
                                                       : QStringLiteral("The end of the page was reached.");
            break;
        }
        idle = 0;
        const bool pages = by == By::Page && result.page.joins().size() == 1;
        if (how == ScrolledPage::Step::Unsure && (pages || (by != By::Page && clicks > 1 && !small))) {
            // Back, and on in smaller steps: more of the two pictures overlaps then.
            result.page.removeLast();
            if (auto back = turn(-clicks); !back) return interrupted(back.error());
            std::vector<char> returned;
            auto there = run.still(*view, milliseconds(options.patience), returned);
            if (!there) return interrupted(there.error());
            const bool same = there->picture.size() == last.picture.size() && samePlace(last.grid, there->grid);
            if (pages && same)
                by = By::Lines;
            else
                small = true;
            if (same) {
                clicks = 1;
                last = std::move(*there);
                changing = std::move(returned);
                continue;
            }
            // It does not go back the way it came: what lies between is lost if it is not kept.
            result.page.add(there->picture, {0, hint.animated});
            last = std::move(*there);
            changing = std::move(returned);
            continue;
        }
        const int moved = result.page.joins().back().offset;
        if (how == ScrolledPage::Step::Moved) {
            if (by != By::Page && perTurn == 0) perTurn = moved;
            if (perTurn > 0 && !small)
                clicks = std::clamp(int(largestStep * double(seen) / double(perTurn)), 1, by == By::Wheel ? 12 : 40);
            else
                small = false; // past the hard place
        }
        last = std::move(*view);
        changing = std::move(now);
        if (step) step(result.page);
        int length = last.grid.rows();
        for (const Join& join : result.page.joins()) length += join.offset;
        progress.setFraction(std::min(1.0, double(length) / double(options.longest)));
        if (length >= options.longest) {
            result.ended = QStringLiteral("The limit of %1 pixels was reached; the page goes on.").arg(options.longest);
            break;
        }
    }
    // Without the pointer in it, nothing at the page's end is lit up.
    scrolling.pointerAway();
    std::vector<char> rest;
    if (auto end = run.still(last, milliseconds(0), rest); end && end->picture.size() == last.picture.size()) {
        OverlapHint hint{.expected = 0, .animated = changing};
        if (findOverlap(last.grid, end->grid, hint).kind == Overlap::Kind::NotMoved)
            result.page.add(end->picture, hint);
    }
    return result;
}

} // namespace eyelid
