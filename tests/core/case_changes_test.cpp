// Changes as data: taken back, done again, written down and read back, with finding and reading going on meanwhile.
#include "casefile/case_json.h"
#include "pipeline/reading_crew.h"
#include "support/random_work.h"

#include <catch2/catch.hpp>

using namespace eyelid;
using namespace eyelid::randomly;

TEST_CASE("random work, undone to the beginning and redone to the end, comes out the same") {
    for (unsigned round = 0; round < 40; ++round) {
        Sample s;
        const size_t base = s.open.history().length();
        const QString before = seen(s.open);
        RandomWork work(s.open, 300 + round);
        for (int step = 0; step < 30; ++step) {
            work.step();
            follow(s.open);
            while (s.open.history().length() < base) s.open.redo();
            follow(s.open);
        }
        while (s.open.history().canRedo()) s.open.redo();
        follow(s.open);
        const QString after = seen(s.open);
        INFO(round);
        while (s.open.history().length() > base) s.open.undo();
        follow(s.open);
        REQUIRE(seen(s.open) == before);
        while (s.open.history().canRedo()) s.open.redo();
        follow(s.open);
        REQUIRE(seen(s.open) == after);
    }
}

TEST_CASE("changes and states written down and read back do the same") {
    for (unsigned round = 0; round < 10; ++round) {
        Sample s;
        RandomWork work(s.open, 900 + round);
        for (int step = 0; step < 25; ++step) {
            work.step();
            follow(s.open);
        }
        auto copy = stateFromJson(stateToJson(s.open.state()));
        REQUIRE(copy);
        REQUIRE(stateToJson(*copy) == stateToJson(s.open.state()));
        // Taken back to the beginning from what was written down alone.
        const std::vector<Change>& done = s.open.history().done();
        CaseState state = s.open.state();
        for (size_t i = done.size(); i-- > 0;) {
            const QByteArray json = changeToJson(done[i]);
            auto read = changeFromJson(json);
            REQUIRE(read);
            REQUIRE(changeToJson(*read) == json);
            Touched one, other;
            (void)apply(state, done[i], one);
            (void)apply(*copy, *read, other);
            REQUIRE(stateToJson(*copy) == stateToJson(state));
        }
        CHECK(state.captures.isEmpty());
    }
}

TEST_CASE("a policy tuned so that one of its patterns finds nothing is written down and read back all the same") {
    auto policy = parsePolicy("name = \"x\"\nlook_for = [\"record\"]\n[[pattern]]\nname = \"case\"\nmatch = 'LW-\\d+'\n"
                              "kind = \"record\"\nconfidence = 0.6\n",
                              QStringLiteral("x"));
    REQUIRE(policy);
    policy->rule(Kind::Record).threshold = 0.9;
    CHECK_FALSE(parsePolicy(writePolicy(*policy), QStringLiteral("x")));
    Case open(*policy);
    auto copy = stateFromJson(stateToJson(open.state()));
    REQUIRE(copy);
    CHECK(copy->terms.policy->rule(Kind::Record).threshold == 0.9);
}

TEST_CASE("damaged records of a case are refused with a sentence, and nothing else happens") {
    Sample s;
    RandomWork work(s.open, 5);
    for (int step = 0; step < 30; ++step) {
        work.step();
        follow(s.open);
    }
    const QByteArray whole = stateToJson(s.open.state());
    CHECK_FALSE(stateFromJson({}));
    CHECK_FALSE(stateFromJson("[]"));
    CHECK_FALSE(changeFromJson("{\"name\":\"x\",\"edits\":[{\"set_moon\":1}]}"));
    CHECK_FALSE(changeFromJson("{\"name\":\"x\",\"edits\":[{\"set_policy\":\"no policy\"}]}"));
    std::mt19937 random(8);
    for (int round = 0; round < 400; ++round) {
        QByteArray damaged = whole;
        for (int n = 1 + int(random() % 3); n > 0; --n)
            damaged[qsizetype(random() % size_t(damaged.size()))] = char(random() % 256);
        if (auto state = stateFromJson(damaged)) (void)stateToJson(*state);
        if (auto state = stateFromJson(damaged.left(qsizetype(random() % size_t(whole.size()))))) FAIL("half a record");
    }
}

TEST_CASE("undo over many changes on many captures holds no copy of a picture") {
    Case open(*loadPolicy(QStringLiteral("everything")));
    std::vector<qint64> keys;
    for (unsigned i = 0; i < 20; ++i) {
        open.add(made::noise({384, 216}, i), QStringLiteral("made"));
        keys.push_back(open.picture(open.captures().back()).cacheKey());
    }
    follow(open);
    std::mt19937 random(3);
    for (int i = 0; i < 200; ++i) {
        const Capture& capture = open.captures()[qsizetype(random() % 20)];
        if (i % 3)
            open.decide(open.items(capture.id)[0].id, Scope::One, Decision(random() % 3));
        else
            open.cover(capture.id, {QRect(int(random() % 300), 10, 30, 20)}, {CoverStyle::Blur, 0.5});
        follow(open);
    }
    REQUIRE(open.history().length() >= 150);
    CHECK(open.pictures()->count() == 20);
    for (size_t i = 0; i < keys.size(); ++i) CHECK(open.picture(open.captures()[qsizetype(i)]).cacheKey() == keys[i]);
    qsizetype bytes = 0;
    for (size_t i = 20; i < open.history().done().size(); ++i) bytes += changeToJson(open.history().done()[i]).size();
    CHECK(bytes < 384 * 216 * 4); // all of them together take less than one small picture
}

TEST_CASE("pictures that nothing speaks of any more are forgotten, and those that undo may bring back are not") {
    Case open(*loadPolicy(QStringLiteral("everything")));
    const int id = open.add(made::noise({60, 40}, 1), QStringLiteral("a"));
    open.remove(id);
    CHECK(open.pictures()->count() == 1);
    open.undo();
    CHECK_FALSE(open.picture(*open.capture(id)).isNull());
    open.undo(); // it was never added
    open.add(made::noise({60, 40}, 2), QStringLiteral("b"));
    CHECK(open.pictures()->count() == 1);
}

TEST_CASE("a pass holds for later checks of the same leak, and for no other") {
    Sample s;
    const int id = s.open.captures()[0].id;
    const Leak leak{Leak::Sort::Found, QRectF(10, 10, 80, 12), QStringLiteral("Person can be read."),
                    finding(Kind::Person, QStringLiteral("Kai"), 10)};
    s.open.letPass(id, leak, QStringLiteral("a public name"));
    Leak again = leak;
    again.place.translate(1, 0.5);
    again.sentence = QStringLiteral("Person can be read when the contrast is stretched.");
    CHECK(s.open.passedBecause(id, again) == QStringLiteral("a public name"));
    CHECK(s.open.passedBecause(s.open.captures()[1].id, again).isEmpty());
    Leak moved = leak;
    moved.place.translate(0, 40);
    CHECK(s.open.passedBecause(id, moved).isEmpty());
    Leak other = leak;
    other.finding.text = QStringLiteral("Kaj");
    CHECK(s.open.passedBecause(id, other).isEmpty());
    other = leak;
    other.sort = Leak::Sort::CoveredValue; // covered since: that is another matter
    CHECK(s.open.passedBecause(id, other).isEmpty());
    s.open.undo();
    CHECK(s.open.passedBecause(id, leak).isEmpty());
}

TEST_CASE("letting pass leaves a check valid, and every other change does not") {
    Sample s;
    const int before = s.open.revision();
    s.open.letPass(s.open.captures()[0].id, {Leak::Sort::Extra, {}, QStringLiteral("bytes"), {}}, QStringLiteral("x"));
    CHECK(s.open.revision() == before);
    s.open.setName(QStringLiteral("other"));
    CHECK(s.open.revision() > before);
}

TEST_CASE("what work finds out of yesterday's picture, terms or page is made anew") {
    Sample s;
    const Capture scrolledOne = s.open.captures()[1];
    const auto page = scrolled(2);
    s.open.setPicture(scrolledOne.id, page->compose(), page);
    // The reading of the old picture arrives after it was joined anew.
    s.open.setRead(scrolledOne.id, scrolledOne.readings.front());
    CHECK_FALSE(s.open.capture(scrolledOne.id)->page);
    CHECK(s.open.items(scrolledOne.id).empty());
    auto work = nextWork(s.open.state());
    REQUIRE(work);
    CHECK(work->what == Work::What::Read);
    s.open.undo();
    // Read before: nothing has to be read again, and what was found is there with its ids.
    REQUIRE(s.open.capture(scrolledOne.id)->page);
    CHECK(s.open.items(scrolledOne.id).size() == scrolledOne.known.size());
    const SearchTerms before = s.open.terms();
    s.open.setPolicy(*loadPolicy(QStringLiteral("payment")));
    s.open.setFindings(scrolledOne.id, {}, before, s.open.capture(scrolledOne.id)->page);
    work = nextWork(s.open.state());
    REQUIRE(work);
    CHECK(work->what == Work::What::Find);
}

TEST_CASE("a value is looked for on all captures once it is sure, covered, or hidden by hand") {
    Case open(*loadPolicy(QStringLiteral("everything")));
    const int a = open.add(made::noise({600, 200}, 1), QStringLiteral("a"));
    open.add(made::noise({600, 200}, 2), QStringLiteral("b"));
    follow(open);
    open.setFindings(a, {finding(Kind::Person, QStringLiteral("Oskar"), 10, 0.5)}, open.terms(), open.capture(a)->page);
    follow(open);
    const auto carried = [&](const QString& value) {
        for (const Finding& f : valuesToCarry(open.state()))
            if (f.text == value) return true;
        return false;
    };
    CHECK_FALSE(carried(QStringLiteral("Oskar")));
    open.decide(open.items(a)[0].id, Scope::One, Decision::Cover);
    CHECK(carried(QStringLiteral("Oskar")));
    REQUIRE(nextWork(open.state()));
    CHECK(nextWork(open.state())->what == Work::What::Carry);
    follow(open);
    open.cover(a, {open.capture(a)->page->lines[1].words[1].box.toAlignedRect()}, {CoverStyle::Solid, 0.5});
    CHECK(carried(QStringLiteral("01632")));
    std::vector<Finding> covered = valuesCovered(open.state());
    CHECK(std::any_of(covered.begin(), covered.end(),
                      [](const Finding& f) { return f.text == QStringLiteral("01632"); }));
}

TEST_CASE("one way of working serves several threads at once, each with a reader of its own, with the same result") {
    const CaseWork work;
    const auto search = searchFor(
        {std::make_shared<const Policy>(*loadPolicy(QStringLiteral("everything"))), {}, QStringLiteral("eng")});
    REQUIRE(search);
    const std::vector<QStringList> texts{{QStringLiteral("Write to ines.hartwell@mail.example")},
                                         {QStringLiteral("Call Ines Hartwell on 01632 960 417")},
                                         {QStringLiteral("Balance 38.20"), QStringLiteral("Customer: Kai Maravall")}};
    const auto found = [&](size_t i, Reader& reader) {
        Progress progress;
        const QImage picture = made::picture(texts[i], 16);
        auto page = work.read(picture, *search, reader, progress);
        QStringList all;
        if (page)
            for (const Finding& f : work.find(*page, *search)) all << f.text;
        return all;
    };
    std::vector<QStringList> alone(texts.size()), together(texts.size());
    Reader one(1);
    for (size_t i = 0; i < texts.size(); ++i) alone[i] = found(i, one);
    ReadingCrew crew(texts.size());
    crew.each([&](size_t i, Reader& reader) { together[i] = found(i, reader); });
    CHECK(together == alone);
    CHECK_FALSE(alone[0].isEmpty());
}

TEST_CASE("a register is a table a spreadsheet reads, and no formula") {
    const QByteArray csv = registerAsCsv({{QDateTime(QDate(2026, 11, 27), QTime(9, 30), Qt::UTC),
                                           QStringLiteral("=HYPERLINK(1)"),
                                           QStringLiteral("folder"),
                                           QStringLiteral("/out/\"A\", B"),
                                           {},
                                           {{QStringLiteral("a.png"), QStringLiteral("00ff")}}}});
    CHECK(
        csv.endsWith("\"2026-11-27T09:30:00Z\",\"'=HYPERLINK(1)\",\"folder\",\"/out/\"\"A\"\", B\",\"a.png\",\"00ff\","
                     "\"\"\r\n"));
}

TEST_CASE("what has left is kept with the case, and what was withdrawn with its reason") {
    CaseState state;
    state.terms.policy = std::make_shared<const Policy>(*loadPolicy(QStringLiteral("everything")));
    state.releases = {{QDateTime(QDate(2026, 11, 27), QTime(9, 30), Qt::UTC),
                       QStringLiteral("A. Officer"),
                       QStringLiteral("folder"),
                       QStringLiteral("/out"),
                       QStringLiteral("the wrong month"),
                       {{QStringLiteral("a.png"), QStringLiteral("00ff")}}}};
    const auto back = stateFromJson(stateToJson(state));
    REQUIRE(back);
    CHECK(back->releases == state.releases);
}
