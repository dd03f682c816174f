#include "capture/simulated_desk.h"
#include "casefile/case.h"
#include "finding/finder.h"
#include "picture/geometry.h"
#include "reading/reader.h"
#include "support/made.h"

#include <catch2/catch.hpp>

using namespace eyelid;

namespace {

Finding madeFinding(Kind kind, const QString& text, double y) {
    Finding f;
    f.kind = kind;
    f.text = text;
    f.key = kindName(kind) + text;
    f.boxes = {QRectF(10, y, 80, 12)};
    f.confidence = 0.9;
    return f;
}

// The page as the reader would give it, and what is found on it.
void read(Case& open, int capture, const std::shared_ptr<const Page>& page, const std::vector<Finding>& findings) {
    open.setRead(capture, {open.capture(capture)->picture, open.terms().languages, page});
    open.setFindings(capture, findings, open.terms(), open.capture(capture)->page);
}

// Two captures; one person on both, another on the first, a phone on the second.
struct TwoCaptures {
    Case open{*loadPolicy(QStringLiteral("everything"))};
    int first = open.add(made::noise({200, 200}, 1), QStringLiteral("a"));
    int second = open.add(made::noise({200, 200}, 2), QStringLiteral("b"));
    TwoCaptures() {
        const auto page = std::make_shared<const Page>();
        read(open, first, page,
             {madeFinding(Kind::Person, QStringLiteral("Ines Hartwell"), 10),
              madeFinding(Kind::Person, QStringLiteral("Oskar"), 40)});
        read(open, second, page,
             {madeFinding(Kind::Person, QStringLiteral("Ines Hartwell"), 10),
              madeFinding(Kind::Phone, QStringLiteral("01632 960 417"), 40)});
    }
    const Item& item(int capture, size_t at) { return open.items(capture)[at]; }
};

} // namespace

TEST_CASE("a decision reaches one place, all of a value, or all of a kind") {
    TwoCaptures s;
    const int ines = s.item(s.first, 0).id;
    s.open.decide(ines, Scope::One, Decision::Cover);
    CHECK(s.open.counts().cover == 1);
    s.open.decide(ines, Scope::SameValue, Decision::Cover);
    CHECK(s.open.counts().cover == 2);
    s.open.decide(ines, Scope::SameKind, Decision::Keep);
    CHECK(s.open.counts().keep == 3);
    CHECK(s.open.counts().open == 1);
    CHECK(s.item(s.first, 0).identity == s.item(s.second, 0).identity);
    CHECK(s.item(s.first, 0).identity != s.item(s.first, 1).identity);
}

TEST_CASE("every change can be undone and redone, step by step") {
    TwoCaptures s;
    const int ines = s.item(s.first, 0).id;
    Case* undo = &s.open;
    s.open.decide(ines, Scope::SameKind, Decision::Cover);
    s.open.setLook(ines, Scope::SameValue, {CoverStyle::Blur, 0.8});
    s.open.setNote(ines, QStringLiteral("asked"));
    const int area = s.open.cover(s.first, {QRect(50, 100, 40, 40)}, {CoverStyle::Mosaic, 0.3});
    REQUIRE(area);
    s.open.removeHand(area);
    s.open.remove(s.second);
    CHECK(s.open.captures().size() == 1);
    undo->undo();
    REQUIRE(s.open.captures().size() == 2);
    CHECK(s.open.items(s.second).size() == 2);
    CHECK(s.item(s.second, 0).look.style == CoverStyle::Blur);
    undo->undo();
    REQUIRE(s.open.hand(area));
    CHECK(s.open.hand(area)->look.style == CoverStyle::Mosaic);
    undo->undo();
    CHECK_FALSE(s.open.hand(area));
    undo->undo();
    CHECK(s.open.item(ines)->note.isEmpty());
    undo->undo();
    CHECK(s.open.item(ines)->look.style == CoverStyle::Solid);
    undo->undo();
    CHECK(s.open.counts().open == 4);
    while (undo->history().canRedo()) undo->redo();
    CHECK(s.open.captures().size() == 1);
    CHECK(s.open.counts().cover == 2);
}

TEST_CASE("another policy is undone and done again, and what sleeps meanwhile wakes as it was") {
    TwoCaptures s;
    const QString before = s.open.policy().name;
    const int ines = s.item(s.first, 0).id;
    s.open.setNote(ines, QStringLiteral("ask the desk"));
    s.open.setLook(ines, Scope::One, {CoverStyle::Blur, 0.9});
    int heard = 0;
    QObject::connect(&s.open, &Case::termsChanged, [&] { ++heard; });
    s.open.setPolicy(*loadPolicy(QStringLiteral("payment")));
    CHECK(s.open.policy().name == QStringLiteral("payment"));
    read(s.open, s.first, s.open.capture(s.first)->page, {}); // it finds no people
    CHECK(s.open.items(s.first).empty());
    s.open.undo();
    CHECK(s.open.policy().name == before);
    CHECK(heard == 2);
    read(s.open, s.first, s.open.capture(s.first)->page,
         {madeFinding(Kind::Person, QStringLiteral("Ines Hartwell"), 10)});
    REQUIRE(s.open.item(ines));
    CHECK(s.open.item(ines)->note == QStringLiteral("ask the desk"));
    CHECK(s.open.item(ines)->look.style == CoverStyle::Blur);
    CHECK(s.open.item(ines)->decision == Decision::Open);
    s.open.redo();
    CHECK(s.open.policy().name == QStringLiteral("payment"));
}

TEST_CASE("keeping asks for the same letters, covering for what looks alike") {
    Case open(*loadPolicy(QStringLiteral("everything")));
    const int id = open.add(made::noise({200, 200}, 1), QStringLiteral("a"));
    std::vector<Finding> alike{madeFinding(Kind::Person, QStringLiteral("Kai"), 10),
                               madeFinding(Kind::Person, QStringLiteral("Kaj"), 40),
                               madeFinding(Kind::Person, QStringLiteral("Kai"), 70)};
    for (Finding& f : alike) f.key = QStringLiteral("person:ka1");
    read(open, id, std::make_shared<const Page>(), alike);
    const auto state = [&](size_t i) { return open.items(id)[i].decision; };
    open.decide(open.items(id)[0].id, Scope::One, Decision::Keep);
    CHECK(state(1) == Decision::Open);
    CHECK(state(2) == Decision::Keep);
    // Nor is it kept where it turns up later.
    open.addFindings(
        id,
        {madeFinding(Kind::Person, QStringLiteral("Kaj"), 120), madeFinding(Kind::Person, QStringLiteral("Kai"), 150)},
        {}, {});
    CHECK(open.items(id)[3].decision == Decision::Open);
    CHECK(open.items(id)[4].decision == Decision::Keep);
    open.decide(open.items(id)[1].id, Scope::SameValue, Decision::Cover);
    CHECK(state(0) == Decision::Cover);
}

TEST_CASE("reading again keeps what was decided, and a kept value is kept where it turns up next") {
    TwoCaptures s;
    s.open.decide(s.item(s.first, 0).id, Scope::One, Decision::Cover);
    read(s.open, s.first, std::make_shared<const Page>(),
         {madeFinding(Kind::Person, QStringLiteral("Ines Hartwell"), 10)});
    REQUIRE(s.open.items(s.first).size() == 1);
    CHECK(s.item(s.first, 0).decision == Decision::Cover);
    s.open.decide(s.item(s.second, 1).id, Scope::One, Decision::Keep);
    s.open.addFindings(s.first, {madeFinding(Kind::Phone, QStringLiteral("01632 960 417"), 90)}, {}, {});
    CHECK(s.item(s.first, 1).decision == Decision::Keep);
}

TEST_CASE("a cover by hand stays within the capture, and cannot be kept") {
    TwoCaptures s;
    CHECK(s.open.cover(s.first, {QRect(500, 500, 10, 10)}, {CoverStyle::Solid, 0.5}) == 0);
    const int area = s.open.cover(s.first, {QRect(150, 150, 500, 500)}, {CoverStyle::Solid, 0.5});
    CHECK(s.open.placeOf(area) == QRectF(150, 150, 50, 50));
    s.open.decide(area, Scope::One, Decision::Keep);
    CHECK(s.open.hand(area));
    CHECK(s.open.counts().keep == 0);
}

TEST_CASE("the simulated desk has two monitors of different scale and six windows, all takeable") {
    const SimulatedDesk desk;
    auto layout = desk.layout();
    REQUIRE(layout);
    REQUIRE(layout->monitors.size() == 2);
    CHECK(layout->monitors[0].scale != layout->monitors[1].scale);
    CHECK(layout->monitors[0].geometry.size() != layout->monitors[1].geometry.size());
    CHECK(layout->windows.size() >= 6);
    auto whole = desk.take({Target::What::Desk, {}});
    REQUIRE(whole);
    CHECK(whole->size() == layout->bounds().size());
    for (const DeskWindow& window : layout->windows) {
        auto picture = desk.take({Target::What::Window, window.id});
        REQUIRE(picture);
        CHECK(picture->size() == window.geometry.size());
        CHECK(whole->copy(window.geometry) == *picture);
    }
    // Without its frame, a part, and the window in front.
    const DeskWindow& first = layout->windows.front();
    auto inner = desk.take({Target::What::Window, first.id}, {.frame = false});
    REQUIRE(inner);
    CHECK(*inner == whole->copy(first.inner));
    auto region = desk.take({Target::What::Region, {}, QRect(100, 50, 300, 200)});
    REQUIRE(region);
    CHECK(*region == whole->copy(100, 50, 300, 200));
    CHECK_FALSE(desk.take({Target::What::Region, {}, QRect(9000, 50, 300, 200)}));
    CHECK(desk.take({Target::What::ActiveWindow, {}})->size() == first.geometry.size());
    CHECK_FALSE(desk.take({Target::What::Window, QStringLiteral("closed meanwhile")}));
    CHECK_FALSE(desk.take({Target::What::Monitor, QStringLiteral("unplugged")}));
}

TEST_CASE("nearly all that is sensitive on the simulated desk is found, in its place") {
    const SimulatedDesk desk;
    Reader reader(2);
    const Finder finder;
    const Policy policy = *loadPolicy(QStringLiteral("everything"));
    int hidden = 0, all = 0;
    auto layout = desk.layout();
    for (const DeskWindow& window : layout->windows) {
        const Target target{Target::What::Window, window.id};
        auto picture = desk.take(target);
        Progress progress;
        auto page = reader.read(*picture, {}, progress);
        REQUIRE(page);
        const auto findings = finder.find(*page, policy, {});
        for (const TrueValue& value : desk.truth(target)) {
            bool whole = true;
            for (const QRectF& box : value.boxes) {
                // The middle of the line: a text's box is taller than its ink.
                const QRectF ink(box.left() + 1, box.center().y() - 2, box.width() - 2, 4);
                double share = 0;
                for (const Finding& f : findings)
                    for (const QRect& r : coverRects(f, picture->size())) share += shareWithin(ink, QRectF(r));
                whole = whole && share > 0.9;
            }
            ++all;
            hidden += whole;
            if (!whole) UNSCOPED_INFO(value.kind.toStdString() << " " << value.text.toStdString());
        }
    }
    CHECK(all >= 40);
    CHECK(hidden >= all * 95 / 100);
}

TEST_CASE("a word put right and an area read anew are undone and done again, and hold for later readings") {
    Case open(*loadPolicy(QStringLiteral("everything")));
    const int id = open.add(made::picture({QStringLiteral("Mr leuan Vance")}), QStringLiteral("test"));
    const Page page =
        made::PageMaker().line(QStringLiteral("Mr leuan Vance")).line(QStringLiteral("meter O447")).page();
    // Before anything was read there is nothing to put right.
    open.correctWord(id, QRectF(0, 0, 10, 10), QStringLiteral("x"));
    CHECK_FALSE(open.capture(id)->page);
    read(open, id, std::make_shared<const Page>(page), {});
    std::vector<int> changed;
    QObject::connect(&open, &Case::pageChanged, &open, [&](int capture) { changed.push_back(capture); });
    const auto text = [&](size_t line) { return open.capture(id)->page->lines[line].text(); };

    const QRectF word = page.lines[0].words[1].box;
    open.correctWord(id, word, QStringLiteral("  Ieuan "));
    CHECK(text(0) == QStringLiteral("Mr Ieuan Vance"));
    open.correctWord(id, word, QStringLiteral("   "));
    CHECK(text(0) == QStringLiteral("Mr Ieuan Vance"));
    CHECK(open.capture(id)->corrections.size() == 1);
    open.correctWord(id, word, QStringLiteral("Iewan"));
    CHECK(text(0) == QStringLiteral("Mr Iewan Vance"));
    CHECK(open.capture(id)->corrections.size() == 1); // the later one of a word holds
    open.undo();
    CHECK(text(0) == QStringLiteral("Mr Ieuan Vance"));

    // Read once more: the machine errs again, and the correction holds.
    read(open, id, std::make_shared<const Page>(page), {});
    CHECK(text(0) == QStringLiteral("Mr Ieuan Vance"));

    Page reading;
    reading.size = page.size;
    TextLine line = page.lines[1];
    line.words.erase(line.words.begin());
    line.words[0].text = QStringLiteral("0447");
    reading.lines = {line};
    open.replaceReading(id, line.words[0].box.toAlignedRect(), reading);
    QStringList all;
    for (const TextLine& l : open.capture(id)->page->lines) all << l.text();
    CHECK(all.contains(QStringLiteral("0447")));
    CHECK(all.contains(QStringLiteral("Mr Ieuan Vance")));
    CHECK_FALSE(all.join(QLatin1Char(' ')).contains(QStringLiteral("O447")));
    while (int(open.history().length()) > 1) open.undo();
    CHECK(text(0) == QStringLiteral("Mr leuan Vance"));
    CHECK(open.capture(id)->corrections.empty());
    while (open.history().canRedo()) open.redo();
    CHECK(open.capture(id)->corrections.size() == 1);
    CHECK(changed.size() >= 6);
    CHECK(std::all_of(changed.begin(), changed.end(), [&](int c) { return c == id; }));
}

TEST_CASE("reading an area anew takes back the corrections in it and no others") {
    Case open(*loadPolicy(QStringLiteral("everything")));
    const int id = open.add(made::picture({QStringLiteral("x")}), QStringLiteral("test"));
    const Page page = made::PageMaker().line(QStringLiteral("one two")).line(QStringLiteral("three four")).page();
    read(open, id, std::make_shared<const Page>(page), {});
    open.correctWord(id, page.lines[0].words[0].box, QStringLiteral("ONE"));
    open.correctWord(id, page.lines[1].words[0].box, QStringLiteral("THREE"));
    Page reading;
    reading.size = page.size;
    reading.lines = {page.lines[1]};
    open.replaceReading(id, page.lines[1].box.toAlignedRect(), reading);
    REQUIRE(open.capture(id)->corrections.size() == 1);
    CHECK(open.capture(id)->corrections[0].text == QStringLiteral("ONE"));
    CHECK(open.capture(id)->page->lines[1].text() == QStringLiteral("three four"));
    // A capture that is gone takes nothing.
    open.remove(id);
    open.correctWord(id, page.lines[0].words[0].box, QStringLiteral("late"));
    open.replaceReading(id, QRect(0, 0, 10, 10), reading);
    CHECK_FALSE(open.capture(id));
}
