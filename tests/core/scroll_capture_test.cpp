// Scrolling captures of a window that answers late, in order, glides and halts, or answers no more. Real windows:
// capture/scrolling_test.cpp.
#include "capture/scroll_capture.h"

#include <algorithm>
#include <catch2/catch.hpp>
#include <deque>
#include <QImage>
#include <random>
#include <utility>

using namespace eyelid;

namespace {

constexpr int pageLength = 1900, seenLength = 400, pageWidth = 320, click = 40;
constexpr int never = 1'000'000, begun = 4;

QImage pageOfLines() {
    QImage page(pageWidth, pageLength, QImage::Format_RGB32);
    page.fill(Qt::white);
    std::mt19937 random(7);
    for (int y = 10; y < pageLength; y += 20)
        for (int x = 8; x < pageWidth - 60; ++x)
            for (int v = 0; v < 9; ++v)
                if (random() % 3 == 0) page.setPixel(x, y + v, qRgb(20, 30, 40));
    return page;
}

// A window on a page. The turn numbered `busyAt`, the first being 0, keeps it busy for so many looks; what it is told
// meanwhile it does afterwards, in order. One that glides halts for so many looks a few pixels on, its first turn only
// begun.
class SlowWindow final : public Source {
public:
    SlowWindow(int busyAt, int busyFor) : m_busyAt(busyAt), m_busyFor(busyFor) {}
    static SlowWindow gliding(int halts) {
        SlowWindow window(never, 0);
        window.m_halts = halts;
        return window;
    }

    Result<DeskLayout> layout() const override { return DeskLayout{}; }
    QString description() const override { return {}; }
    bool showsOurselves() const override { return false; }
    Result<QImage> take(const Target&, const TakeOptions&) const override {
        if (m_busy > 0) --m_busy;
        if (m_busy == 0)
            while (!m_told.empty() && m_busy == 0) {
                int by = m_told.front();
                m_told.pop_front();
                if (const int looks = std::exchange(m_halts, 0); looks > 0) {
                    m_busy = looks;
                    m_told.push_front(by - begun);
                    by = begun;
                }
                m_farthest = std::max(m_farthest, by);
                m_at = std::clamp(m_at + by, 0, pageLength - seenLength);
            }
        return m_page.copy(0, m_at, pageWidth, seenLength);
    }
    Result<std::unique_ptr<Scrolling>> scrolling(const Target&, ScrollDirection) const override {
        return std::unique_ptr<Scrolling>(std::make_unique<Turning>(*this));
    }
    const QImage& page() const { return m_page; }
    int farthest() const { return m_farthest; } ///< pixels it was turned by at once

private:
    class Turning final : public Scrolling {
    public:
        explicit Turning(const SlowWindow& window) : m_window(window) {}
        Result<Done> turn(int clicks) override {
            if (m_window.m_turns++ == m_window.m_busyAt) m_window.m_busy = m_window.m_busyFor;
            m_window.m_told.push_back(clicks * click);
            return Done{};
        }
        Result<Done> press(Key, int) override { return Done{}; }
        void pointerAway() override {}

    private:
        const SlowWindow& m_window;
    };

    const QImage m_page = pageOfLines();
    int m_busyAt, m_busyFor;
    mutable int m_turns = 0, m_busy = 0, m_at = 0, m_halts = 0, m_farthest = 0;
    mutable std::deque<int> m_told;
};

Scrolled taken(const SlowWindow& window) {
    Progress progress;
    auto run = takeScrolling(window, {Target::What::Window, QStringLiteral("slow")}, {.patience = 60}, progress);
    REQUIRE(run);
    return *run;
}

} // namespace

TEST_CASE("a window that answers late is not at its page's end, and nothing of the page is skipped") {
    // The second turn comes when a page has moved once; the fifth in the middle of it.
    const int busyAt = GENERATE(1, 4);
    const int looks = GENERATE(5, 25);
    CAPTURE(busyAt, looks);
    const SlowWindow window(busyAt, looks);
    const Scrolled run = taken(window);
    CHECK(run.whole);
    CHECK(run.page.unsure() == 0);
    CHECK(run.page.compose() == window.page());
}

TEST_CASE("a page that glides and halts on its way is taken in steps of its own size, not of where it halted") {
    const SlowWindow window = SlowWindow::gliding(12);
    const Scrolled run = taken(window);
    CHECK(run.whole);
    CHECK(run.page.unsure() == 0);
    CHECK(run.page.compose() == window.page());
    for (const Join& join : run.page.joins()) CHECK(join.offset > begun);
    CHECK(window.farthest() < seenLength);
}

TEST_CASE("a window that answers no more is not said to be at its page's end") {
    const SlowWindow window(3, never);
    const Scrolled run = taken(window);
    CHECK_FALSE(run.whole);
    CHECK(run.ended.contains(QStringLiteral("answers no more")));
    // What was seen until then is kept.
    const QImage got = run.page.compose();
    CHECK(got.height() > seenLength);
    CHECK(got == window.page().copy(0, 0, pageWidth, got.height()));
}

TEST_CASE("a window that answers at once is taken to its page's end") {
    const SlowWindow window(-1, 0);
    const Scrolled run = taken(window);
    CHECK(run.whole);
    CHECK(run.page.compose() == window.page());
}
