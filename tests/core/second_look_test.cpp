// Two readings tell more than one: what most read wins, nothing is lost, and the losers are kept as other readings.
#include "reading/second_look.h"

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
            starts = false;
        }
        x += pitch;
    }
    return glyphs;
}

QString textOf(const std::vector<ReadGlyph>& glyphs) {
    QString text;
    for (const ReadGlyph& g : glyphs) text += g.text;
    return text;
}

} // namespace

TEST_CASE("what two of three readings say wins, and one alone only when it is surer") {
    auto first = reading(QStringLiteral("a4c"), 0.9);
    vote(first, {reading(QStringLiteral("a2c"), 0.5), reading(QStringLiteral("a2c"), 0.6)});
    CHECK(textOf(first) == QLatin1String("a2c"));

    first = reading(QStringLiteral("a4c"), 0.9);
    vote(first, {reading(QStringLiteral("a2c"), 0.95)});
    CHECK(textOf(first) == QLatin1String("a2c"));

    first = reading(QStringLiteral("a4c"), 0.9);
    vote(first, {reading(QStringLiteral("a2c"), 0.8)});
    CHECK(textOf(first) == QLatin1String("a4c"));
}

TEST_CASE("a letter one reading dropped or doubled moves none of the others") {
    for (const char* other : {"kirin67", "kirrlin67", "kirlin6", "jkirlin67"}) {
        auto first = reading(QStringLiteral("kirlin67"), 0.7);
        vote(first, {reading(QString::fromLatin1(other), 0.9)});
        INFO(other);
        CHECK(textOf(first) == QLatin1String("kirlin67"));
    }
}

TEST_CASE("capitals, and bars that are drawn alike, are left to the page's shapes") {
    auto first = reading(QStringLiteral("AIza"), 0.7);
    vote(first, {reading(QStringLiteral("alZA"), 0.99), reading(QStringLiteral("alZA"), 0.99)});
    CHECK(textOf(first) == QLatin1String("AIza"));
}

TEST_CASE("readings of any length and letters vote without changing how many there are") {
    std::mt19937 random(7);
    const auto any = [&] {
        QString text;
        for (int n = int(random() % 40); n > 0; --n) text += QLatin1Char(char('0' + random() % 6));
        return reading(text, double(random() % 100) / 100, 5 + double(random() % 10));
    };
    for (int round = 0; round < 300; ++round) {
        auto first = any();
        const auto before = first;
        std::vector<std::vector<ReadGlyph>> others;
        for (int n = int(random() % 3); n > 0; --n) others.push_back(any());
        vote(first, others);
        REQUIRE(first.size() == before.size());
        for (size_t i = 0; i < first.size(); ++i) {
            CHECK(first[i].box == before[i].box);
            CHECK(first[i].startsWord == before[i].startsWord);
            bool seen = first[i].text == before[i].text;
            for (const auto& other : others)
                for (const ReadGlyph& g : other) seen = seen || g.text == first[i].text;
            CHECK(seen);
        }
        if (others.empty()) CHECK(textOf(first) == textOf(before));
    }
}

TEST_CASE("a line is looked at again for keys, numbers and mail it was unsure of, not for prose") {
    const auto isWord = [](const QString& w) { return w == QLatin1String("meter") || w == QLatin1String("reading"); };
    CHECK(worthASecondLook(reading(QStringLiteral("mail jane@larkmoor.example"), 0.9), isWord));
    CHECK(worthASecondLook(reading(QStringLiteral("key 4fT9xQ2"), 0.9), isWord));
    CHECK_FALSE(worthASecondLook(reading(QStringLiteral("key 4fT9xQ2"), 0.99), isWord));
    CHECK_FALSE(worthASecondLook(reading(QStringLiteral("meter reading today"), 0.5), isWord));
    CHECK_FALSE(worthASecondLook({}, isWord));
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
