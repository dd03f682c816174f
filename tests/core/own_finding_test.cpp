// Findings that officers make of words and letters on a page.
#include "finding/finder.h"
#include "finding/own_finding.h"
#include "support/made.h"

#include <catch2/catch.hpp>
#include <random>

using namespace eyelid;

namespace {

Page letterPage() {
    return made::PageMaker()
        .line(QStringLiteral("Account holder Ines Hartwell"))
        .line(QStringLiteral("Visit on Monday, ring ines.hartwell@mail.example"))
        .line(QStringLiteral("reference kilo seven"))
        .page();
}

LetterSpan whole(const Page& page, const WordAt& first, const WordAt& last) {
    const Word& end = page.lines[size_t(last.line)].words[size_t(last.word)];
    return {{first.line, first.word, 0}, {last.line, last.word, std::max(1, int(end.glyphs.size())) - 1}};
}

} // namespace

TEST_CASE("what stands between two letters is a finding with their text, and its letters are those again") {
    const Page page = letterPage();
    const Finding name = findingOf(page, whole(page, {0, 2}, {0, 3}), Kind::Person);
    CHECK(name.text == QStringLiteral("Ines Hartwell"));
    REQUIRE(name.boxes.size() == 1);
    CHECK(name.key.startsWith(QStringLiteral("person:")));
    CHECK(lettersOf(page, name) == whole(page, {0, 2}, {0, 3}));
    // Over the end of a line there is a box for each.
    const Finding two = findingOf(page, whole(page, {0, 3}, {1, 1}), Kind::Watch);
    CHECK(two.boxes.size() == 2);
    CHECK(two.text.startsWith(QStringLiteral("Hartwell")));
    CHECK(two.text.endsWith(QStringLiteral("on")));
}

TEST_CASE("ends go on letter by letter, over words and not over the line's end") {
    const Page page = letterPage();
    const LetterAt last = whole(page, {0, 2}, {0, 2}).last;
    const LetterAt next = letterAfter(page, last, 1);
    if (!page.lines[0].words[0].glyphs.empty()) CHECK((next.word == 3 && next.letter == 0));
    CHECK(letterAfter(page, next, -1) == last);
    CHECK(letterAfter(page, {0, 0, 0}, -5) == LetterAt{0, 0, 0});
    CHECK(letterAfter(page, last, 1000).word == int(page.lines[0].words.size()) - 1);
    CHECK(letterAfter(page, {9, 9, 9}, 1) == LetterAt{9, 9, 9}); // not on the page: it stays what it was
}

TEST_CASE("a point means the letter nearest to it, on the line nearest to it") {
    const Page page = letterPage();
    const QRectF box = page.lines[1].words[2].box;
    const auto at = letterNear(page, box.center());
    REQUIRE(at);
    CHECK((at->line == 1 && at->word == 2));
    CHECK(letterNear(page, box.center() + QPointF(0, 3))->line == 1);
    CHECK(letterNear(page, {-500, -500})->line == 0);
    CHECK_FALSE(letterNear(Page(), {5, 5}));
}

TEST_CASE("the kind of swept words is guessed by what finding says of them, else by how they are written") {
    static const Finder finder;
    const Page page = letterPage();
    CHECK(findingOf(page, {{1, 4}}, finder).kind == Kind::Email);
    CHECK(findingOf(page, {{0, 2}, {0, 3}}, finder).kind == Kind::Person);
    CHECK(findingOf(page, {{2, 1}, {2, 2}}, finder).kind == Kind::Watch);
    CHECK(findingOf(page, std::vector<WordAt>{}, finder).boxes.empty());
    CHECK(findingOf(page, {{40, 2}}, finder).boxes.empty()); // words of another page
    const Finding other = asKind(findingOf(page, {{0, 2}}, finder), Kind::Username);
    CHECK((other.kind == Kind::Username && other.key.startsWith(QStringLiteral("username:"))));
}

TEST_CASE("any two letters of a page, in whatever order, give a finding within it") {
    const Page page = letterPage();
    std::mt19937 random(5);
    const auto any = [&] {
        const int line = int(random() % page.lines.size());
        const int word = int(random() % page.lines[size_t(line)].words.size());
        const auto& glyphs = page.lines[size_t(line)].words[size_t(word)].glyphs;
        return LetterAt{line, word, glyphs.empty() ? 0 : int(random() % glyphs.size())};
    };
    for (int round = 0; round < 200; ++round) {
        const LetterAt a = any(), b = any();
        const Finding f = findingOf(page, LetterSpan{a, b}, Kind::Watch);
        REQUIRE(!f.boxes.empty());
        REQUIRE(!f.text.isEmpty());
        REQUIRE(f.text == findingOf(page, LetterSpan{b, a}, Kind::Watch).text);
        for (const QRectF& box : f.boxes) REQUIRE(box.isValid());
    }
}
