// Two readings tell more than one, nothing is lost, and the losers are kept as other readings.
#include "reading/second_look.h"
#include "support/glyphs.h"

#include <algorithm>
#include <catch2/catch.hpp>
#include <random>

using namespace eyelid;

namespace {

std::vector<ReadGlyph> reading(const QString& text, double confidence, double pitch = 10) {
    std::vector<ReadGlyph> glyphs;
    bool starts = true;
    double x = 0;
    for (const QChar c : text) {
        if (c == u' ') {
            starts = true;
        } else {
            glyphs.push_back({QString(c), QRectF(x, 0, pitch * 0.8, 20), confidence, starts, false, {}});
            glyphs.back().spaceBefore = starts ? 1 : 0;
            starts = false;
        }
        x += pitch;
    }
    return glyphs;
}

} // namespace

TEST_CASE("another reading counts where the model holds it possible or is at a loss, and is kept where it does not") {
    auto mine = reading(QStringLiteral("4f8x"), 0.95);
    mine[2].confidence = 0.6;
    mine[2].others = {QStringLiteral("B")};
    const auto theirs = reading(QStringLiteral("4fBx"), 0.9);
    auto out = weighed(mine, theirs, noWord);
    CHECK(textOf(out) == QLatin1String("4fBx"));
    CHECK(out[2].others.first() == QLatin1String("8"));

    mine[2].confidence = 0.95;
    out = weighed(mine, theirs, noWord);
    CHECK(textOf(out) == QLatin1String("4f8x"));
    CHECK(out[2].others.first() == QLatin1String("B"));

    // Both alike: surer than either.
    out = weighed(reading(QStringLiteral("ab"), 0.6), reading(QStringLiteral("ab"), 0.8), noWord);
    CHECK(out[0].confidence > 0.9);
}

TEST_CASE("a word is taken over from the other reading, a name no list knows is not") {
    const auto isWord = [](const QString& w) { return w == QLatin1String("water"); };
    auto mine = reading(QStringLiteral("vater"), 0.8);
    CHECK(textOf(weighed(mine, reading(QStringLiteral("water"), 0.5), isWord)) == QLatin1String("water"));
    CHECK(textOf(weighed(mine, reading(QStringLiteral("vatar"), 0.5), isWord)) == QLatin1String("vater"));
    CHECK(textOf(weighed(reading(QStringLiteral("vater"), 0.99), reading(QStringLiteral("water"), 0.99), isWord)) ==
          QLatin1String("vater"));
}

TEST_CASE("readings of any length and letters are weighed without inventing any") {
    std::mt19937 random(11);
    const auto any = [&] {
        QString text;
        for (int n = int(random() % 20); n > 0; --n) text += QLatin1Char(char('0' + random() % 6));
        auto glyphs = reading(text, 0);
        for (ReadGlyph& g : glyphs) g.confidence = double(random() % 101) / 100;
        return glyphs;
    };
    for (int round = 0; round < 500; ++round) {
        const auto a = any(), b = any();
        for (const ReadGlyph& g : weighed(a, b, noWord)) {
            const auto is = [&](const ReadGlyph& other) { return other.text == g.text; };
            CHECK((std::any_of(a.begin(), a.end(), is) || std::any_of(b.begin(), b.end(), is)));
        }
        CHECK(textOf(weighed(a, {}, noWord)) == textOf(a));
        CHECK(textOf(weighed({}, b, noWord)) == textOf(b));
    }
}

TEST_CASE("what the other reading has in a word's place is kept beside it, once") {
    TextLine line;
    for (int i = 0; i < 2; ++i) {
        Word word;
        word.text = i == 0 ? QStringLiteral("abc") : QStringLiteral("d4f");
        word.box = QRectF(i * 40, 0, 30, 20);
        line.words.push_back(word);
    }
    const auto other = reading(QStringLiteral("abc dAf"), 0.9);
    for (int twice = 0; twice < 2; ++twice) keepReading(line, other, [](double x) { return x; });
    CHECK(line.words[0].alternatives.isEmpty());
    CHECK(line.words[1].alternatives == QStringList{QStringLiteral("dAf")});
}

TEST_CASE("another engine is asked for the words in doubt alone, and not where the language settles them") {
    const auto isWord = [](const QString& w) {
        return w == QLatin1String("password") || w == QLatin1String("water") || w == QLatin1String("later");
    };
    const auto ranges = [&](const std::vector<ReadGlyph>& glyphs) {
        std::vector<std::pair<size_t, size_t>> found;
        for (const Stretch& s : unsureWords(glyphs, isWord)) found.push_back({s.begin, s.end});
        return found;
    };
    using Ranges = std::vector<std::pair<size_t, size_t>>;
    auto glyphs = reading(QStringLiteral("Change password 8188"), 0.99);
    CHECK(ranges(glyphs) == Ranges{});
    glyphs[10].confidence = 0.85; // the w
    glyphs[10].others = {QStringLiteral("W")};
    CHECK(ranges(glyphs) == Ranges{});
    glyphs[15].confidence = 0.85; // no word list settles a figure
    CHECK(ranges(glyphs) == Ranges{{14, 18}});
    glyphs[0].confidence = 0.85; // "Change" is not in this list
    CHECK(ranges(glyphs) == Ranges{{0, 6}, {14, 18}});
    glyphs[14].spaceBefore = 0.5; // what no sure space parts is one
    CHECK(ranges(glyphs) == Ranges{{0, 18}});

    auto word = reading(QStringLiteral("water"), 0.99);
    word[0].confidence = 0.8;
    word[0].others = {QStringLiteral("l")};
    CHECK(ranges(word) == Ranges{{0, 5}}); // two words of the language
    word[0].others = {QStringLiteral("v")};
    CHECK(ranges(word) == Ranges{});
    word[0].confidence = 0.4;
    CHECK(ranges(word) == Ranges{{0, 5}});
    CHECK(ranges({}) == Ranges{});
}

TEST_CASE("an accent in doubt that makes a known word unknown is a speck; any other stays") {
    const auto isWord = [](const QString& w) {
        return w == QLatin1String("password") || w == QStringLiteral("für") || w == QLatin1String("fur") ||
               w == QLatin1String("due") || w == QLatin1String("on");
    };
    const auto read = [&](const QString& text, qsizetype at, double confidence, const QStringList& others) {
        auto glyphs = reading(text, 0.99);
        glyphs[size_t(at)].confidence = confidence;
        glyphs[size_t(at)].others = others;
        dropSpecks(glyphs, isWord);
        return glyphs;
    };
    const auto word = read(QStringLiteral("passwořd"), 6, 0.6, {QStringLiteral("r")});
    CHECK(textOf(word) == QLatin1String("password"));
    CHECK(word[6].others == QStringList{QStringLiteral("ř")}); // nothing is lost
    CHECK(unsureWords(word, isWord).empty());
    CHECK(textOf(read(QStringLiteral("pásswords"), 1, 0.6, {QStringLiteral("a")})) == QStringLiteral("pásswords"));
    // It may be any accent, and is none.
    CHECK(textOf(read(QStringLiteral("pássword"), 1, 0.5, {QStringLiteral("ä"), QStringLiteral("â")})) ==
          QLatin1String("password"));
    // It may be another letter as well: not for this to say.
    CHECK(textOf(read(QStringLiteral("pássword"), 1, 0.5, {QStringLiteral("ä"), QStringLiteral("6")})) ==
          QStringLiteral("pássword"));
    CHECK(textOf(read(QStringLiteral("pássword"), 1, 0.95, {QStringLiteral("a")})) == QStringLiteral("pássword"));
    CHECK(textOf(read(QStringLiteral("für"), 1, 0.6, {QStringLiteral("u")})) == QStringLiteral("für")); // a word itself
    CHECK(textOf(read(QStringLiteral("dué"), 2, 0.6, {QStringLiteral("e")})) == QLatin1String("due"));
    CHECK(textOf(read(QStringLiteral("ón"), 0, 0.6, {QStringLiteral("o")})) == QStringLiteral("ón")); // too short
    CHECK(textOf(read(QStringLiteral("Ořdá"), 1, 0.6, {QStringLiteral("r")})) == QStringLiteral("Ořdá"));
}

TEST_CASE("what another engine cannot tell either is not asked of it") {
    const auto asked = [](const QString& text, qsizetype at, const QStringList& others, double confidence = 0.7) {
        auto glyphs = reading(text, 0.99);
        glyphs[size_t(at)].confidence = confidence;
        glyphs[size_t(at)].others = others;
        return !unsureWords(glyphs, noWord).empty();
    };
    const QString nought = QStringLiteral("0"), letter = QStringLiteral("O");
    CHECK_FALSE(asked(QStringLiteral("ghp_x0Kq7"), 5, {letter}));
    CHECK_FALSE(asked(QStringLiteral("ghp_xOKq7"), 5, {nought, QStringLiteral("0O"), QString()}));
    CHECK(asked(QStringLiteral("ghp_x0Kq7"), 5, {letter, QStringLiteral("D")}));
    CHECK(asked(QStringLiteral("ghp_x0Kq7"), 5, {}));
    CHECK(asked(QStringLiteral("ghp_x0Kq7"), 5, {letter}, 0.4));
    CHECK(asked(nought, 0, {letter})); // by itself, nothing else tells
    CHECK(asked(QStringLiteral("O)"), 0, {nought}));
    // A figure of a number is no letter; among letters it may be.
    CHECK_FALSE(asked(QStringLiteral("11:13"), 1, {QStringLiteral("l")}));
    CHECK(asked(QStringLiteral("11:13"), 1, {QStringLiteral("7")}));
    CHECK(asked(QStringLiteral("ab113"), 2, {QStringLiteral("l")}));
    CHECK(asked(QStringLiteral("1/2"), 0, {QStringLiteral("l")}));
}

TEST_CASE("a part of a line is cut in the gaps beside it, with nothing of its neighbours") {
    std::mt19937 random(5);
    for (int round = 0; round < 200; ++round) {
        const auto glyphs = reading(QStringLiteral("one two three four"), 0.9);
        UniformLine line;
        line.image = QImage(200, 37, QImage::Format_Grayscale8);
        line.image.fill(255);
        // A block for each glyph, of its own grey.
        for (size_t i = 0; i < glyphs.size(); ++i) {
            const QRect block = glyphs[i].box.toRect().adjusted(1, 5, -1, 5);
            for (int y = block.top(); y <= block.bottom(); ++y)
                std::fill_n(line.image.scanLine(y) + block.left(), block.width(), uchar(10 + i));
        }
        Stretch part{random() % glyphs.size(), 0};
        part.end = part.begin + 1 + random() % (glyphs.size() - part.begin);
        int left = 0;
        const QImage cut = cutOut(line, glyphs, part, left);
        REQUIRE(cut.height() == line.image.height());
        std::vector<char> seen(glyphs.size(), 0);
        for (int y = 0; y < cut.height(); ++y)
            for (int x = 0; x < cut.width(); ++x) {
                const uchar level = cut.constScanLine(y)[x];
                if (level == 255) continue;
                REQUIRE(level == line.image.constScanLine(y)[x + left]);
                seen[size_t(level - 10)] = 1;
            }
        for (size_t i = 0; i < glyphs.size(); ++i) CHECK(bool(seen[i]) == (i >= part.begin && i < part.end));
    }
}

TEST_CASE("every glyph in doubt stands in a part that is asked for, and the parts are apart and in order") {
    std::mt19937 random(21);
    for (int round = 0; round < 500; ++round) {
        QString text;
        for (int n = int(random() % 30); n > 0; --n) text += QStringLiteral("ab1 I|x. ")[qsizetype(random() % 9)];
        auto glyphs = reading(text, 0.99);
        for (ReadGlyph& g : glyphs)
            if (random() % 4 == 0) g.confidence = double(random() % 100) / 100;
        const auto parts = unsureWords(glyphs, noWord);
        size_t end = 0;
        std::vector<char> asked(glyphs.size(), 0);
        for (const Stretch& part : parts) {
            CHECK(part.begin >= end);
            REQUIRE(part.begin < part.end);
            REQUIRE(part.end <= glyphs.size());
            CHECK((part.begin == 0 || glyphs[part.begin].startsWord));
            CHECK((part.begin == 0 || part.begin > end || end == 0)); // neighbours are one part
            for (size_t i = part.begin; i < part.end; ++i) asked[i] = 1;
            end = part.end;
        }
        for (size_t i = 0; i < glyphs.size(); ++i)
            if (glyphs[i].confidence < 0.5) CHECK(asked[i]);
    }
}
