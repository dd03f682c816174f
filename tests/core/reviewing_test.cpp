// What officers say about findings besides covering and keeping them: that one is wider, of another kind, missed, a
// question for a colleague, of the same person as another.
#include "casefile/case.h"
#include "pipeline/case_work.h"
#include "support/made.h"
#include "support/random_work.h"

#include <catch2/catch.hpp>

using namespace eyelid;
using randomly::finding;

namespace {

// Two captures; one person on both, another and a phone number on one each.
struct ReviewedCase {
    Case open{*loadPolicy(QStringLiteral("everything"))};
    int first = open.add(made::noise({200, 200}, 1), QStringLiteral("a"));
    int second = open.add(made::noise({200, 200}, 2), QStringLiteral("b"));
    const Finding ines = finding(Kind::Person, QStringLiteral("Ines Hartwell"), 10),
                  short_ = finding(Kind::Person, QStringLiteral("I. Hartwell"), 40),
                  phone = finding(Kind::Phone, QStringLiteral("01632 960 417"), 40);
    ReviewedCase() {
        findAgain();
        open.setOfficer(QStringLiteral("Ada"));
    }
    void findAgain() {
        const auto page = std::make_shared<const Page>();
        for (const int id : {first, second}) {
            open.setRead(id, {open.capture(id)->picture, open.terms().languages, page});
            open.setFindings(id, id == first ? std::vector{ines, short_} : std::vector{ines, phone}, open.terms(),
                             open.capture(id)->page);
        }
    }
    const Item& item(int capture, size_t at) { return open.items(capture)[at]; }
    QStringList texts(int capture) {
        QStringList all;
        for (const Item& item : open.items(capture)) all << item.finding.text;
        return all;
    }
};

} // namespace

TEST_CASE("a finding made wider stands in place of the one that was found, through finding again and undo") {
    ReviewedCase s;
    const int before = s.item(s.first, 0).id;
    s.open.decide(before, Scope::One, Decision::Cover);
    Finding wider = s.ines;
    wider.text = QStringLiteral("Dr Ines Hartwell");
    wider.boxes = {QRectF(2, 10, 96, 12)};
    const int id = s.open.replaceFinding(before, wider);
    REQUIRE(id > 0);
    CHECK(!s.open.item(before));
    REQUIRE(s.open.item(id));
    CHECK(s.open.item(id)->decision == Decision::Cover);
    s.findAgain();
    CHECK(!s.open.item(before));
    CHECK(s.open.item(id)->finding.boxes.front().width() == 96);
    // Wider still, and back step by step.
    wider.boxes = {QRectF(0, 10, 120, 12)};
    const int next = s.open.replaceFinding(id, wider);
    CHECK((!s.open.item(before) && !s.open.item(id) && s.open.item(next)));
    s.open.undo();
    CHECK((!s.open.item(before) && s.open.item(id) && !s.open.item(next)));
    s.open.undo();
    CHECK((s.open.item(before) && !s.open.item(id)));
    CHECK(s.open.item(before)->decision == Decision::Cover);
    s.open.redo();
    s.open.redo();
    // Taken away, what it stood for shows again, to be decided about.
    s.open.removeHand(next);
    REQUIRE(s.open.item(before));
    CHECK(s.open.item(before)->decision == Decision::Open);
}

TEST_CASE("a value that was replaced is neither kept nor carried any more") {
    ReviewedCase s;
    const auto isCarried = [&](const QString& text) {
        const auto values = valuesToCarry(s.open.state());
        return std::any_of(values.begin(), values.end(), [&](const Finding& f) { return f.text == text; });
    };
    Finding other = s.short_;
    other.text = QStringLiteral("Hartwell Road");
    other.kind = Kind::Address;
    const int kept = s.item(s.first, 1).id;
    s.open.decide(kept, Scope::One, Decision::Keep);
    REQUIRE(keptValues(s.open.state()).contains(nameOfValue(s.short_)));
    const int next = s.open.replaceFinding(kept, other);
    CHECK(!keptValues(s.open.state()).contains(nameOfValue(s.short_)));
    CHECK(keptValues(s.open.state()).contains(nameOfValue(other)));
    s.open.undo();
    s.open.decide(kept, Scope::One, Decision::Cover);
    REQUIRE(isCarried(s.short_.text));
    const int covered = s.open.replaceFinding(kept, other);
    CHECK(covered != next);
    CHECK(!isCarried(s.short_.text));
    CHECK(isCarried(other.text));
}

TEST_CASE("a missed value is a finding of the officer's own: covered, undone and taken away as one step each") {
    ReviewedCase s;
    const Finding missed = finding(Kind::Account, QStringLiteral("LW-20417"), 90);
    const int id = s.open.coverFinding(s.second, missed);
    REQUIRE(s.open.item(id));
    CHECK((s.open.item(id)->decision == Decision::Cover && s.open.item(id)->by == QStringLiteral("Ada")));
    s.findAgain();
    CHECK(s.open.item(id));
    const auto values = valuesToCarry(s.open.state());
    CHECK(std::any_of(values.begin(), values.end(), [&](const Finding& f) { return f.text == missed.text; }));
    s.open.undo();
    CHECK(!s.texts(s.second).contains(missed.text));
    s.open.redo();
    s.open.removeHand(id);
    CHECK(!s.texts(s.second).contains(missed.text));
    // What stands there already is covered as it is.
    const int there = s.item(s.first, 0).id;
    CHECK(s.open.coverFinding(s.first, s.ines) == there);
    CHECK(s.open.item(there)->decision == Decision::Cover);
    CHECK(s.open.items(s.first).size() == 2);
    // And a finding of finding's own is not taken away.
    s.open.removeHand(there);
    CHECK(s.open.item(there));
}

TEST_CASE("a question keeps a finding open and in the case until somebody decides") {
    ReviewedCase s;
    const int id = s.item(s.first, 1).id;
    s.open.decide(id, Scope::One, Decision::Keep);
    s.open.ask(id, QStringLiteral("Is she staff?"));
    CHECK((s.open.item(id)->decision == Decision::Open && s.open.counts().questions == 1));
    CHECK(s.open.counts().open == 4);
    // Found no longer, it is still asked.
    const auto page = std::make_shared<const Page>();
    s.open.setFindings(s.first, {s.ines}, s.open.terms(), s.open.capture(s.first)->page);
    REQUIRE(s.open.item(id));
    s.open.decide(id, Scope::One, Decision::Cover);
    CHECK((s.open.item(id)->question.isEmpty() && s.open.counts().questions == 0));
    s.open.undo();
    CHECK(s.open.item(id)->question == QStringLiteral("Is she staff?"));
}

TEST_CASE("findings said to be of one person have one number, and deciding about one decides about both") {
    ReviewedCase s;
    const int ines = s.item(s.first, 0).id, abbreviated = s.item(s.first, 1).id;
    REQUIRE(s.open.item(ines)->identity != s.open.item(abbreviated)->identity);
    s.open.setSameIdentity(abbreviated, ines);
    CHECK(s.open.item(ines)->identity == s.open.item(abbreviated)->identity);
    s.open.decide(ines, Scope::SameValue, Decision::Cover);
    CHECK(s.open.counts().cover == 3);
    // What is found later with that value is of the same one.
    const int third = s.open.add(made::noise({200, 200}, 3), QStringLiteral("c"));
    s.open.setRead(third, {s.open.capture(third)->picture, s.open.terms().languages, std::make_shared<const Page>()});
    s.open.setFindings(third, {s.short_}, s.open.terms(), s.open.capture(third)->page);
    CHECK(s.item(third, 0).identity == s.open.item(ines)->identity);
    // On one capture it is somebody else after all; that is undone as one step.
    s.open.setOtherIdentity(s.item(third, 0).id);
    CHECK(s.item(third, 0).identity != s.open.item(ines)->identity);
    s.open.undo();
    CHECK(s.item(third, 0).identity == s.open.item(ines)->identity);
}

TEST_CASE("a finding that was said to be of somebody else stays of them when it is made wider") {
    ReviewedCase s;
    const int id = s.item(s.first, 0).id;
    s.open.setOtherIdentity(id);
    const int whose = s.open.item(id)->identity;
    Finding wider = s.open.item(id)->finding;
    wider.text += QStringLiteral(" Lindqvist");
    wider.key += QStringLiteral(" lindqvist");
    const int next = s.open.replaceFinding(id, wider);
    REQUIRE(s.open.item(next));
    CHECK(s.open.item(next)->identity == whose);
    s.open.undo();
    CHECK(s.open.item(id)->identity == whose);
}

TEST_CASE("what is covered again by another look has that look") {
    ReviewedCase s;
    const Finding known = s.item(s.first, 0).finding;
    const int id = s.open.coverFinding(s.first, known, CoverLook{CoverStyle::Blur, 0.3});
    CHECK(s.open.item(id)->decision == Decision::Cover);
    CHECK(s.open.item(id)->look == CoverLook{CoverStyle::Blur, 0.3});
    const int revision = s.open.revision();
    CHECK(s.open.coverFinding(s.first, known, CoverLook{CoverStyle::Blur, 0.3}) == id);
    CHECK(s.open.revision() == revision);
}

TEST_CASE("faces, which have no value, can be said to be of one person") {
    ReviewedCase s;
    Finding face = finding(Kind::Face, {}, 120);
    face.key.clear();
    Finding again = face;
    again.boxes = {QRectF(10, 160, 80, 12)};
    s.open.setFindings(s.first, {face, again}, s.open.terms(), s.open.capture(s.first)->page);
    const int one = s.item(s.first, 0).id, other = s.item(s.first, 1).id;
    CHECK(s.open.item(one)->identity == 0);
    s.open.setSameIdentity(other, one);
    CHECK((s.open.item(one)->identity > 0 && s.open.item(one)->identity == s.open.item(other)->identity));
    s.open.undo();
    CHECK(s.open.item(other)->identity == 0);
}

TEST_CASE("what lies wholly under covers by hand is settled, and open again without them") {
    ReviewedCase s;
    const int id = s.item(s.first, 0).id;
    const int half = s.open.cover(s.first, {QRect(0, 0, 50, 40)}, {CoverStyle::Solid, 0.5});
    CHECK(s.open.item(id)->decision == Decision::Open);
    s.open.cover(s.first, {QRect(40, 0, 90, 40)}, {CoverStyle::Solid, 0.5});
    CHECK((s.open.item(id)->decision == Decision::Cover && s.open.item(id)->underHand));
    // Its value is one that was covered: it is looked for elsewhere.
    const auto values = valuesToCarry(s.open.state());
    CHECK(std::any_of(values.begin(), values.end(), [&](const Finding& f) { return f.text == s.ines.text; }));
    s.open.removeHand(half);
    CHECK(s.open.item(id)->decision == Decision::Open);
}

TEST_CASE("covers by hand change their shape, within the capture and as a step of its own") {
    ReviewedCase s;
    const int id = s.open.cover(s.first, {QRect(10, 10, 20, 20)}, {CoverStyle::Solid, 0.5});
    s.open.setHandShape(id, QRect(190, 190, 50, 50));
    CHECK(s.open.placeOf(id) == QRectF(190, 190, 10, 10));
    s.open.setHandShape(id, QRect(300, 300, 5, 5)); // outside: it stays where it is
    CHECK(s.open.placeOf(id) == QRectF(190, 190, 10, 10));
    s.open.undo();
    CHECK(s.open.placeOf(id) == QRectF(10, 10, 20, 20));
}

TEST_CASE("a place is covered on all captures that are as large, and a piece is cut out of covers by hand alone") {
    ReviewedCase s;
    const int other = s.open.add(made::noise({90, 90}, 3), QStringLiteral("smaller"));
    const int id = s.open.cover(s.first, {QRect(100, 100, 40, 40)}, {CoverStyle::Mosaic, 0.2});
    s.open.coverOnAll(id);
    REQUIRE(s.open.capture(s.second)->hands.size() == 1);
    CHECK(s.open.capture(other)->hands.empty());
    CHECK(s.open.capture(s.second)->hands.front().look.style == CoverStyle::Mosaic);
    const auto before = s.open.history().done().size();
    s.open.coverOnAll(id); // there already
    CHECK(s.open.history().done().size() == before);
    s.open.decide(s.item(s.first, 0).id, Scope::One, Decision::Cover);
    s.open.cutOut(s.first, QRect(0, 0, 120, 200));
    CHECK(s.open.hand(id)->shape.region({200, 200}).boundingRect() == QRect(120, 100, 20, 40));
    CHECK(s.item(s.first, 0).decision == Decision::Cover);
    s.open.cutOut(s.first, QRect(0, 0, 200, 200));
    CHECK(s.open.capture(s.first)->hands.empty());
    s.open.undo();
    s.open.undo();
    CHECK(s.open.placeOf(id) == QRectF(100, 100, 40, 40));
}

TEST_CASE("an unnamed case is called by the day it was begun, in lists alone") {
    ReviewedCase s;
    CHECK(titleOf(s.open.state()) == s.open.name());
    s.open.begin(QDate(2026, 11, 26));
    CHECK(titleOf(s.open.state()) == QStringLiteral("Untitled, 26 November"));
    CHECK(s.open.name() == nameOfUnnamed());
    s.open.setName(QStringLiteral("Burst main"));
    CHECK(titleOf(s.open.state()) == QStringLiteral("Burst main"));
}

TEST_CASE("captures that come from another case keep what was replaced and asked") {
    ReviewedCase s, there;
    Finding wider = s.ines;
    wider.boxes = {QRectF(2, 10, 96, 12)};
    const int id = there.open.replaceFinding(there.item(there.first, 0).id, wider);
    there.open.ask(there.item(there.second, 1).id, QStringLiteral("whose?"));
    REQUIRE(id);
    s.open.takeIn(there.open.state(), {there.first, there.second});
    const Capture& mine = s.open.captures()[2];
    const auto& items = s.open.items(mine.id);
    CHECK(items.size() == there.open.items(there.first).size());
    CHECK(std::count_if(items.begin(), items.end(), [](const Item& item) { return item.byHand; }) == 1);
    CHECK(s.open.items(s.open.captures()[3].id)[1].question == QStringLiteral("whose?"));
}

TEST_CASE("findings said to replace one another are all shown") {
    ReviewedCase s;
    CaseState state = s.open.state();
    Capture& capture = state.captures[0];
    for (KnownFinding& known : capture.known) known.byHand = true;
    capture.rulings[capture.known[0].id].replacedBy = capture.known[1].id;
    capture.rulings[capture.known[1].id].replacedBy = capture.known[0].id;
    CHECK(itemsOf(capture, *state.terms.policy, {}).size() == 2);
    for (KnownFinding& known : capture.known) known.byHand = false;
    CHECK(itemsOf(capture, *state.terms.policy, {}).size() == 2);
}
