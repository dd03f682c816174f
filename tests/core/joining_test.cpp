// A scrolled page comes out as it is: whatever stays in place or moves beside it, nothing lost, nothing doubled.
#include "joining/scrolled_page.h"
#include "support/made.h"

#include <catch2/catch.hpp>
#include <QPainter>
#include <random>

using namespace eyelid;

namespace {

// A long page of lines; each its own, or all alike but for a number.
QImage longPage(int width, int height, bool alike, int pitch = 24, bool dark = false) {
    QImage page(width, height, QImage::Format_RGB32);
    page.fill(dark ? QColor(0x1c, 0x1e, 0x22) : QColor(0xfc, 0xfc, 0xfa));
    QPainter p(&page);
    QFont font(QStringLiteral("Inter"));
    font.setPixelSize(13);
    p.setFont(font);
    std::mt19937 random(7);
    for (int y = pitch, n = 1; y < height; y += pitch, ++n) {
        p.setPen(dark ? QColor(0xd8, 0xd8, 0xd2) : QColor(0x22, 0x22, 0x28));
        QString text = QStringLiteral("Meter reading %1 taken at the depot").arg(n, 5, 10, QLatin1Char('0'));
        if (!alike) {
            text.clear();
            for (int k = 0; k < 40 + int(random() % 30); ++k)
                text += random() % 6 ? QChar(u'a' + int(random() % 26)) : QChar(u' ');
        }
        p.drawText(20, y, text);
        p.setPen(QColor(0xd0, 0xd0, 0xd0));
        p.drawLine(0, y + 7, width, y + 7);
    }
    return page;
}

struct Furniture {
    int header = 0, footer = 0, bar = 0, side = 0;
    bool badge = false; // something that never looks the same twice, within the page
};

// What a window of this height shows with the page scrolled to `at`.
QImage shown(const QImage& page, int at, int height, const Furniture& f, int moment) {
    QImage view(page.width() + f.side + f.bar, height, QImage::Format_RGB32);
    view.fill(QColor(0xee, 0xee, 0xee));
    QPainter p(&view);
    p.drawImage(f.side, 0, page, 0, at, page.width(), height);
    if (f.badge) {
        p.fillRect(QRect(f.side + 500, 300 - at, 48, 48), QColor::fromHsv((moment * 47) % 360, 200, 200));
        p.setPen(Qt::black);
        p.drawText(f.side + 505, 330 - at, QString::number(moment));
    }
    QFont font(QStringLiteral("Inter"));
    font.setPixelSize(14);
    p.setFont(font);
    p.setPen(Qt::white);
    if (f.side) {
        p.fillRect(0, 0, f.side, height, QColor(0x30, 0x50, 0x60));
        for (int k = 0; k < 8; ++k) p.drawText(10, 80 + 30 * k, QStringLiteral("Section %1").arg(k));
    }
    if (f.bar) {
        p.fillRect(view.width() - f.bar, 0, f.bar, height, QColor(0xe0, 0xe0, 0xe0));
        p.fillRect(view.width() - f.bar + 2, int(double(at) / page.height() * height), f.bar - 4,
                   int(double(height) / page.height() * height), QColor(0x90, 0x90, 0x90));
    }
    if (f.header) {
        p.fillRect(0, 0, view.width(), f.header, QColor(0x2d, 0x5f, 0x73));
        p.drawText(20, f.header - 12, QStringLiteral("Larkmoor Water meter book"));
    }
    if (f.footer) {
        p.fillRect(0, height - f.footer, view.width(), f.footer, QColor(0x44, 0x44, 0x44));
        p.drawText(20, height - 8, QStringLiteral("Confidential, depot copy"));
    }
    return view;
}

// The page as a scrolling window would show it were it as high as the page.
QImage scrolled(const QImage& page, int height, const std::vector<int>& steps, const Furniture& f,
                ScrolledPage* out = nullptr) {
    ScrolledPage joined;
    int at = 0, moment = 0;
    joined.add(shown(page, at, height, f, moment++));
    for (const int step : steps) {
        at = std::min(at + step, page.height() - height);
        const auto result = joined.add(shown(page, at, height, f, moment++));
        CHECK(result == ScrolledPage::Step::Moved);
        if (!joined.joins().empty() && result != ScrolledPage::Step::Moved)
            UNSCOPED_INFO(joined.joins().back().doubt.toStdString());
    }
    if (out) *out = joined;
    return joined.compose();
}

std::vector<int> stepsTo(int distance, std::mt19937& random, int least, int most) {
    std::vector<int> steps;
    while (distance > 0) {
        const int step = std::min(distance, least + int(random() % unsigned(most - least + 1)));
        steps.push_back(step);
        distance -= step;
    }
    return steps;
}

} // namespace

TEST_CASE("a scrolled page comes out to the pixel, with steps of any size and a short last one") {
    std::mt19937 random(21);
    for (const bool alike : {false, true})
        for (const bool dark : {false, true}) {
            const QImage page = longPage(600, 2600, alike, 24, dark);
            for (int turn = 0; turn < 4; ++turn) CHECK(scrolled(page, 500, stepsTo(2100, random, 3, 380), {}) == page);
        }
}

TEST_CASE("what is fixed at the top and bottom stands once, the scroll bar does not cut the page") {
    std::mt19937 random(5);
    const QImage page = longPage(600, 2400, true);
    for (int turn = 0; turn < 5; ++turn) {
        const Furniture f{.header = 40, .footer = 30, .bar = 14};
        const QImage whole = scrolled(page, 520, stepsTo(1880, random, 40, 300), f);
        REQUIRE(whole.size() == QSize(614, 2400));
        // Between header and footer it is the page.
        CHECK(whole.copy(0, 40, 600, 2330) == page.copy(0, 40, 600, 2330));
        CHECK(whole.copy(0, 0, 600, 40) == shown(page, 0, 520, f, 0).copy(0, 0, 600, 40));
        CHECK(whole.copy(0, 2370, 600, 30) == shown(page, 1880, 520, f, 0).copy(0, 490, 600, 30));
    }
}

TEST_CASE("a side bar that does not scroll is shown once") {
    std::mt19937 random(6);
    const QImage page = longPage(640, 2000, false);
    const QImage whole = scrolled(page, 500, stepsTo(1500, random, 60, 300), {.side = 160});
    REQUIRE(whole.size() == QSize(800, 2000));
    CHECK(whole.copy(160, 0, 640, 2000) == page);
    // Past the first picture there is only its ground.
    CHECK(whole.copy(0, 500, 144, 1500) == [] {
        QImage i(144, 1500, QImage::Format_RGB32);
        i.fill(QColor(0x30, 0x50, 0x60));
        return i;
    }());
}

TEST_CASE("a part that never looks the same twice does not mislead") {
    std::mt19937 random(8);
    const QImage page = longPage(600, 2000, true);
    const QImage whole = scrolled(page, 500, stepsTo(1500, random, 30, 250), {.header = 36, .badge = true});
    REQUIRE(whole.height() == 2000);
    QImage expected = page;
    for (QImage* i : {&expected}) {
        QPainter p(i);
        p.fillRect(500, 300, 48, 48, Qt::black);
    }
    QImage got = whole.copy(0, 0, 600, 2000);
    {
        QPainter p(&got);
        p.fillRect(500, 300, 48, 48, Qt::black);
    }
    CHECK(got.copy(0, 36, 600, 1964) == expected.copy(0, 36, 600, 1964));
}

TEST_CASE("lines that are all the same are not joined in silence") {
    QImage page(600, 2000, QImage::Format_RGB32);
    page.fill(Qt::white);
    QPainter p(&page);
    for (int y = 20; y < 2000; y += 25) p.drawText(20, y, QStringLiteral("no reading"));
    p.end();
    ScrolledPage joined;
    joined.add(page.copy(0, 0, 600, 500));
    CHECK(joined.add(page.copy(0, 110, 600, 500)) == ScrolledPage::Step::Unsure);
    const Join& join = joined.joins().front();
    CHECK_FALSE(join.doubt.isEmpty());
    CHECK(std::count(join.candidates.begin(), join.candidates.end(), 60) == 1); // as good as 110, two lines less
    CHECK(join.candidates.size() >= 2);
    // What a step has been so far is tried first, and is a guess all the same.
    ScrolledPage hinted;
    hinted.add(page.copy(0, 0, 600, 500));
    CHECK(hinted.add(page.copy(0, 110, 600, 500), {.expected = 110}) == ScrolledPage::Step::Unsure);
    CHECK(hinted.joins().front().offset == 110);
    // Put right by hand.
    joined.setOffset(0, 110);
    CHECK(joined.unsure() == 0);
    CHECK(joined.compose() == page.copy(0, 0, 600, 610));
}

TEST_CASE("pictures with nothing in common are put end to end, and said to be unsure") {
    const QImage a = longPage(600, 400, false), b = longPage(600, 1400, false).copy(0, 900, 600, 400);
    ScrolledPage joined;
    joined.add(a);
    CHECK(joined.add(b) == ScrolledPage::Step::Unsure);
    CHECK(joined.compose().height() == 800);
    CHECK(joined.compose().copy(0, 400, 600, 400) == b);
}

TEST_CASE("what lies before the last picture is not taken, and the page goes on behind it") {
    const QImage page = longPage(600, 1500, false);
    const Furniture bar{.header = 40};
    ScrolledPage joined;
    for (const int at : {0, 200, 400}) joined.add(shown(page, at, 500, bar, 0));
    // The window's bar goes away: what it shows begins higher up.
    CHECK(joined.add(shown(page, 250, 500, {}, 0)) == ScrolledPage::Step::Before);
    CHECK(joined.pictures().size() == 3);
    CHECK(joined.add(shown(page, 600, 500, {}, 0)) == ScrolledPage::Step::Moved);
    CHECK(joined.add(shown(page, 1000, 500, {}, 0)) == ScrolledPage::Step::Moved);
    CHECK(joined.compose().copy(0, 40, 600, 1460) == page.copy(0, 40, 600, 1460));
    // Of pictures brought in none is lost: the join says that it is unsure.
    const auto given = joinPictures({page.copy(0, 400, 600, 500), page.copy(0, 250, 600, 500)}, ScrollDirection::Down);
    REQUIRE(given);
    CHECK(given->pictures().size() == 2);
    CHECK(given->unsure() == 1);
}

TEST_CASE("nothing that moves is told from something that blinks") {
    const QImage page = longPage(600, 900, false);
    ScrolledPage joined;
    joined.add(shown(page, 100, 500, {}, 0));
    CHECK(joined.add(shown(page, 100, 500, {}, 0)) == ScrolledPage::Step::NotMoved);
    QImage cursor = shown(page, 100, 500, {}, 0);
    for (int y = 50; y < 66; ++y) cursor.setPixel(310, y, 0xff000000);
    CHECK(joined.add(cursor) == ScrolledPage::Step::NotMoved);
    CHECK(joined.compose() == cursor); // the later state is kept
    CHECK(joined.joins().empty());
}

TEST_CASE("a page scrolled sideways is joined as well") {
    const QImage page = longPage(2000, 400, false);
    QImage wide = page;
    {
        QPainter p(&wide);
        for (int x = 0; x < 2000; x += 90) p.drawText(x, 200, QStringLiteral("Week %1").arg(x / 90));
    }
    ScrolledPage joined(ScrollDirection::Right);
    for (const int x : {0, 230, 470, 800, 1111, 1400}) joined.add(wide.copy(x, 0, 600, 400));
    CHECK(joined.unsure() == 0);
    CHECK(joined.compose() == wide);
}

TEST_CASE("pictures brought in are joined in their order, or it is said why not") {
    const QImage page = longPage(500, 1500, false);
    auto joined = joinPictures({page.copy(0, 0, 500, 700), page.copy(0, 500, 500, 600), page.copy(0, 900, 500, 600)},
                               ScrollDirection::Down);
    REQUIRE(joined);
    CHECK(joined->unsure() == 0);
    CHECK(joined->compose() == page);
    CHECK_FALSE(joinPictures({page}, ScrollDirection::Down));
    auto odd = joinPictures({page, page.copy(0, 0, 400, 700)}, ScrollDirection::Down);
    REQUIRE_FALSE(odd);
    CHECK(odd.error().sentence.contains(QStringLiteral("400")));
    ScrolledPage huge;
    for (int k = 0; k < 3; ++k) {
        const auto step = huge.add(longPage(64, 15000, false, 24 + k));
        CHECK((k < 2 || step == ScrolledPage::Step::TooMuch));
    }
}

TEST_CASE("any pictures at all can be joined without harm") {
    std::mt19937 random(99);
    for (int turn = 0; turn < 60; ++turn) {
        ScrolledPage joined(turn % 2 ? ScrollDirection::Right : ScrollDirection::Down);
        for (int k = 0; k < 4; ++k) {
            QImage picture(1 + int(random() % 70), 1 + int(random() % 70), QImage::Format_RGB32);
            picture.fill(random() % 3 ? QColor(Qt::white) : QColor(Qt::black));
            for (int n = int(random() % 200); n > 0; --n)
                picture.setPixel(int(random() % unsigned(picture.width())), int(random() % unsigned(picture.height())),
                                 0xff000000u | unsigned(random()));
            joined.add(picture, {.expected = int(random() % 80)});
            for (size_t j = 0; j < joined.joins().size(); ++j) {
                CHECK(joined.joins()[j].offset >= 0);
                CHECK_FALSE(joined.joins()[j].candidates.empty());
                if (random() % 4 == 0) joined.setOffset(j, int(random() % 200) - 50);
            }
        }
        const QImage page = joined.compose();
        CHECK_FALSE(page.isNull());
        CHECK(page == joined.compose());
    }
}

TEST_CASE("a heading that begins to stick hides nothing of what the picture before shows") {
    const QImage page = longPage(600, 1800, false);
    constexpr int height = 400, headingAt = 60, headingHigh = 26;
    // The heading scrolls along until it meets the top, and stands there.
    const auto view = [&](int at) {
        QImage picture = page.copy(0, at, 600, height);
        QPainter p(&picture);
        const int y = std::max(0, headingAt - at);
        p.fillRect(0, y, 600, headingHigh, QColor(0xdd, 0xe6, 0xea));
        p.setPen(Qt::black);
        p.drawText(30, y + 18, QStringLiteral("Meter   Customer   Last   New   Status"));
        return picture;
    };
    ScrolledPage joined;
    int at = 0;
    for (; at < 1400; at += 150) joined.add(view(at));
    at -= 150;
    CHECK(joined.unsure() == 0);
    QImage want = page.copy(0, 0, 600, at + height);
    QPainter(&want).drawImage(0, headingAt, view(0), 0, headingAt, 600, headingHigh);
    CHECK(joined.compose() == want);
}

TEST_CASE("a prompt at the bottom covers no line, though all lines begin alike") {
    constexpr int pitch = 13, rows = 24, high = pitch * rows;
    QImage page(480, pitch * 120, QImage::Format_RGB32);
    page.fill(Qt::white);
    {
        QPainter p(&page);
        QFont font(QStringLiteral("JetBrains Mono"));
        font.setPixelSize(10);
        p.setFont(font);
        for (int n = 0; n < 120; ++n)
            p.drawText(1, n * pitch + 10,
                       QStringLiteral("00%1 %2").arg(n, 3, 10, QLatin1Char('0')).arg(n * 7919 % 1000));
    }
    ScrolledPage joined;
    const int steps[] = {0, 8, 17, 19, 28, 36, 45, 54, 61, 70, 79, 88, 97};
    for (const int line : steps) {
        QImage view(480, high, QImage::Format_RGB32);
        view.fill(Qt::white);
        QPainter p(&view);
        p.drawImage(0, 0, page, 0, line * pitch, 480, high - pitch);
        p.drawText(1, high - 3, QStringLiteral(":"));
        p.fillRect(8, high - pitch, 6, pitch, Qt::black);
        p.end();
        joined.add(view);
    }
    CHECK(joined.unsure() == 0);
    const QImage got = joined.compose();
    const int end = (97 + rows - 1) * pitch;
    CHECK(got.height() == end + pitch);
    CHECK(got.copy(0, 0, 480, end) == page.copy(0, 0, 480, end));
}
