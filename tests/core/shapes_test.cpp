// Equal shapes are read alike: the recogniser's part is played by the test, which knows what was drawn and misreads it.
#include "language/look_alikes.h"
#include "reading/shapes.h"
#include "reading/uniform_line.h"
#include "support/made.h"

#include <catch2/catch.hpp>
#include <QFontMetricsF>
#include <random>
#include <set>

using namespace eyelid;

namespace {

// Lines of one font drawn one under the other, with the glyphs a perfect recogniser would give.
struct Stage {
    QImage picture;
    std::vector<LinePatch> patches;
    std::vector<UniformLine> uniforms;
    std::vector<std::vector<ReadGlyph>> glyphs;

    Stage(const QStringList& lines, const QString& family, int pixels, QColor ink = Qt::black,
          QColor ground = Qt::white)
        : picture(made::picture(lines, pixels, ink, ground, family)) {
        patches = findLines(picture);
        REQUIRE(patches.size() == size_t(lines.size()));
        const QFontMetricsF metrics(made::font(pixels, family));
        for (size_t i = 0; i < patches.size(); ++i) {
            uniforms.push_back(makeUniform(picture, patches[i]));
            const UniformLine& u = uniforms.back();
            const QString& text = lines[qsizetype(i)];
            // Where the first letter's ink begins tells where the line was drawn.
            const double origin = patches[i].box.left() - metrics.boundingRect(text[0]).left();
            std::vector<ReadGlyph> all;
            bool starts = true;
            for (qsizetype k = 0; k < text.size(); ++k) {
                if (text[k] == u' ') {
                    starts = true;
                    continue;
                }
                const double left = origin + metrics.horizontalAdvance(text.left(k)),
                             right = origin + metrics.horizontalAdvance(text.left(k + 1));
                ReadGlyph g;
                g.text = text.mid(k, 1);
                g.box = QRectF((left - u.offset.x()) * u.scale, 0, (right - left) * u.scale, 36);
                g.confidence = 0.95;
                g.startsWord = starts;
                starts = false;
                all.push_back(g);
            }
            glyphs.push_back(all);
        }
    }

    void mend(const Workers& workers = {}) {
        std::vector<ShapedLine> lines;
        for (size_t i = 0; i < patches.size(); ++i) lines.push_back({{&patches[i], &uniforms[i], &glyphs[i]}, nullptr});
        static const std::set<QString> words{QStringLiteral("the"),  QStringLiteral("meter"), QStringLiteral("water"),
                                             QStringLiteral("bill"), QStringLiteral("still"), QStringLiteral("call"),
                                             QStringLiteral("open"), QStringLiteral("order"), QStringLiteral("on"),
                                             QStringLiteral("of"),   QStringLiteral("is"),    QStringLiteral("all")};
        glyphs = mendByShape(
            lines, [](const QString& word) { return words.count(word) > 0; }, workers);
    }

    QString text(size_t line) const {
        QString all;
        for (const ReadGlyph& g : glyphs[line])
            all += (g.startsWord && !all.isEmpty() ? QStringLiteral(" ") : QString()) + g.text;
        return all;
    }
    ReadGlyph& glyph(size_t line, const QString& text, int nth = 0) {
        for (ReadGlyph& g : glyphs[line])
            if (g.text == text && nth-- == 0) return g;
        FAIL("no such glyph: " << text.toStdString());
        return glyphs[line][0];
    }
};

const QStringList numbers{QStringLiteral("0412 0447 2580 1018 5050 3069 7204"),
                          QStringLiteral("1905 2058 1188 0049 0855 6603 4070")};

} // namespace

TEST_CASE("what was read rightly stays as it was, in both themes and several fonts") {
    for (const char* family : {"Inter", "JetBrains Mono"})
        for (const int pixels : {11, 13, 16, 22})
            for (const bool dark : {false, true}) {
                const QStringList lines = numbers + QStringList{QStringLiteral("the meter order"),
                                                                QStringLiteral("Key x7Qw0Rt5 of Quillfeather, open")};
                Stage stage(lines, QString::fromLatin1(family), pixels, dark ? QColor(0xdd, 0xdd, 0xd8) : Qt::black,
                            dark ? QColor(0x1a, 0x1c, 0x20) : Qt::white);
                INFO(family << " " << pixels << (dark ? " dark" : " light"));
                stage.mend();
                for (size_t i = 0; i < stage.glyphs.size(); ++i) CHECK(stage.text(i) == lines[qsizetype(i)]);
            }
}

TEST_CASE("a letter read for a figure is put right by the figures of the page") {
    for (const char* family : {"JetBrains Mono", "Inter"}) {
        const QString key = QStringLiteral("id7x0q5z");
        Stage stage(numbers + QStringList{key, key}, QString::fromLatin1(family), 15);
        stage.glyph(2, QStringLiteral("0")).text = QStringLiteral("O");
        // In type of its own widths a 5 is drawn at fractions of a pixel, and one of it may be too few to tell.
        if (family == QByteArray("JetBrains Mono")) stage.glyph(2, QStringLiteral("5")).text = QStringLiteral("S");
        stage.mend();
        INFO(family);
        CHECK(stage.text(2) == key);
        CHECK(stage.text(3) == key);
    }
}

TEST_CASE("a word of the language is not made into none") {
    // The one odd reading is the true one: by number alone the shapes would outvote it.
    const QString word = QStringLiteral("bill");
    Stage stage({word, QStringLiteral("still call all bill"), QStringLiteral("order of the water meter")},
                QStringLiteral("Inter"), 15);
    stage.mend();
    CHECK(stage.text(0) == word);
    CHECK(stage.text(1) == QStringLiteral("still call all bill"));
}

TEST_CASE("capitals that are small letters grown large are told by their height") {
    const QString key = QStringLiteral("aWxVzSoC7k");
    Stage stage(numbers + QStringList{QStringLiteral("the meter order, bill 0412"), key},
                QStringLiteral("JetBrains Mono"), 15);
    for (const char* letter : {"W", "V", "S", "C"}) {
        ReadGlyph& g = stage.glyph(3, QString::fromLatin1(letter));
        g.text = g.text.toLower();
    }
    for (const char* letter : {"x", "z", "o"}) {
        ReadGlyph& g = stage.glyph(3, QString::fromLatin1(letter));
        g.text = g.text.toUpper();
    }
    stage.mend();
    CHECK(stage.text(3) == key);
}

TEST_CASE("a mark the recogniser left out is put back by its build") {
    const QString text = QStringLiteral("a7.b_c:d");
    for (const char* mark : {".", "_", ":"}) {
        Stage stage({QStringLiteral("the meter order 0412"), text}, QStringLiteral("JetBrains Mono"), 16);
        auto& glyphs = stage.glyphs[1];
        glyphs.erase(std::find_if(glyphs.begin(), glyphs.end(),
                                  [&](const ReadGlyph& g) { return g.text == QString::fromLatin1(mark); }));
        stage.mend();
        INFO(mark);
        CHECK(stage.text(1) == text);
    }
}

TEST_CASE("one shape does not both open and close a quotation") {
    Stage stage({QStringLiteral("\"meter\" \"water\" \"order\""), QStringLiteral("the bill, all the water")},
                QStringLiteral("JetBrains Mono"), 15);
    int quotes = 0;
    for (ReadGlyph& g : stage.glyphs[0])
        if (g.text == QLatin1String("\"")) g.text = ++quotes % 2 ? QStringLiteral("“") : QStringLiteral("”");
    REQUIRE(quotes == 6);
    stage.mend();
    CHECK(stage.text(0) == QStringLiteral("\"meter\" \"water\" \"order\""));
}

TEST_CASE("the order of work changes nothing, nor does who does it") {
    const QStringList lines =
        numbers + QStringList{QStringLiteral("the meter order"), QStringLiteral("x7Qw0Rt5-Lk8B2Z1l")};
    const auto outcome = [&](const Workers& workers) {
        Stage stage(lines, QStringLiteral("JetBrains Mono"), 13);
        std::mt19937 random(9);
        for (auto& line : stage.glyphs)
            for (ReadGlyph& g : line)
                if (random() % 9 == 0 && !LookAlikes::shipped().all(g.text).isEmpty())
                    g.text = LookAlikes::shipped().all(g.text).first();
        stage.mend(workers);
        QStringList all;
        for (size_t i = 0; i < stage.glyphs.size(); ++i) {
            all << stage.text(i);
            for (const ReadGlyph& g : stage.glyphs[i])
                all << QStringLiteral("%1 %2").arg(g.box.left()).arg(g.confidence) << g.others;
        }
        return all;
    };
    const QStringList once = outcome({});
    CHECK(outcome({}) == once);
    CHECK(outcome([](size_t count, const std::function<void(size_t)>& work) {
              for (size_t i = count; i-- > 0;) work(i);
          }) == once);
}

TEST_CASE("whatever the recogniser says, mending ends and keeps to the line") {
    std::mt19937 random(31);
    const QString alphabet = QStringLiteral("aIl10O.,:;'\"_-WwmM@|ö€ ");
    for (int round = 0; round < 60; ++round) {
        Stage stage(numbers + QStringList{QStringLiteral("Hartwell 0412 Tidewell")},
                    round % 2 ? QStringLiteral("Inter") : QStringLiteral("JetBrains Mono"), 12 + round % 9);
        for (auto& line : stage.glyphs) {
            for (ReadGlyph& g : line) {
                if (random() % 4 == 0) g.text = alphabet.mid(qsizetype(random() % unsigned(alphabet.size() - 1)), 1);
                if (random() % 9 == 0) g.box.translate(double(random() % 80) - 40, 0);
                if (random() % 12 == 0) g.startsWord = !g.startsWord;
            }
            if (random() % 3 == 0) line.resize(line.size() / 2);
            if (random() % 7 == 0) line.clear();
            if (random() % 5 == 0 && !line.empty()) line.insert(line.end(), 30, line.front());
        }
        const auto before = stage.glyphs;
        stage.mend();
        for (size_t i = 0; i < stage.glyphs.size(); ++i) {
            // What was not read at all is not made up.
            if (before[i].empty()) CHECK(stage.glyphs[i].empty());
            for (const ReadGlyph& g : stage.glyphs[i]) {
                CHECK_FALSE(g.text.isEmpty());
                CHECK(g.box.width() >= 0);
                if (!g.exact) continue;
                CHECK(g.box.left() >= -1);
                CHECK(g.box.right() <= stage.uniforms[i].image.width() + 1);
            }
        }
    }
}

TEST_CASE("what is known of a line by itself is the same wherever it stands, and mends the page alike") {
    for (const char* family : {"Inter", "JetBrains Mono"}) {
        const QStringList lines = numbers + QStringList{QStringLiteral("Key x7Qw0Rt5 of Quillfeather, open"),
                                                        QStringLiteral("the meter order id7x0q5z")};
        Stage stage(lines, QString::fromLatin1(family), 13);
        stage.glyph(2, QStringLiteral("0")).text = QStringLiteral("O");
        const auto isWord = [](const QString& word) { return word == QLatin1String("meter"); };
        std::vector<LineShapes> known;
        std::vector<ShapedLine> with, without;
        for (size_t i = 0; i < stage.patches.size(); ++i) {
            const ReadLine here{&stage.patches[i], &stage.uniforms[i], &stage.glyphs[i]};
            known.push_back(shapesOf(here, isWord));
            // The same line on another picture.
            LinePatch patch = stage.patches[i];
            const QPoint by(217, 46);
            patch.box.translate(by);
            patch.baseline += by.y();
            for (QRect& ink : patch.inks) ink.translate(by);
            UniformLine uniform = stage.uniforms[i];
            uniform.moveTo(uniform.inkOrigin + by);
            const LineShapes there = shapesOf({&patch, &uniform, &stage.glyphs[i]}, isWord);
            REQUIRE(there.fits == known[i].fits);
            REQUIRE(there.runs.size() == known[i].runs.size());
            for (size_t r = 0; r < there.runs.size(); ++r) {
                CHECK(there.runs[r].label == known[i].runs[r].label);
                CHECK(there.runs[r].weight == known[i].runs[r].weight);
                CHECK(there.runs[r].drawing == known[i].runs[r].drawing);
            }
        }
        for (size_t i = 0; i < stage.patches.size(); ++i) {
            const ReadLine here{&stage.patches[i], &stage.uniforms[i], &stage.glyphs[i]};
            with.push_back({here, &known[i]});
            without.push_back({here, nullptr});
        }
        const auto a = mendByShape(with, isWord), b = mendByShape(without, isWord);
        REQUIRE(a.size() == b.size());
        for (size_t i = 0; i < a.size(); ++i) {
            REQUIRE(a[i].size() == b[i].size());
            for (size_t g = 0; g < a[i].size(); ++g) {
                CHECK(a[i][g].text == b[i][g].text);
                CHECK(a[i][g].confidence == b[i][g].confidence);
                CHECK(a[i][g].box == b[i][g].box);
            }
        }
    }
}

TEST_CASE("runs that are known as what they were labelled keep their labels, and weigh no less") {
    Stage stage({QStringLiteral("Water bill 0447 still open")}, QStringLiteral("Inter"), 14);
    const ReadLine line{&stage.patches[0], &stage.uniforms[0], &stage.glyphs[0]};
    const LineShapes alone = shapesOf(line, [](const QString&) { return true; });
    REQUIRE(alone.fits);
    std::vector<QString> labels;
    for (const InkRun& run : alone.runs) labels.push_back(run.label);
    for (const bool labelled : {true, false}) { // by the short way and by the long one
        std::vector<InkRun> runs = alone.runs;
        std::vector<const QString*> known;
        for (const QString& label : labels) known.push_back(label.isEmpty() ? nullptr : &label);
        REQUIRE(labelRuns(runs, line, alone.tokens, known, labelled));
        for (size_t r = 0; r < runs.size(); ++r) {
            CHECK(runs[r].label == labels[r]);
            CHECK(runs[r].weight >= alone.runs[r].weight);
            CHECK(runs[r].oddness == Approx(alone.runs[r].oddness - (known[r] ? 0.4 : 0)));
        }
    }
    // Known as something else: put anew.
    std::vector<InkRun> runs = alone.runs;
    std::vector<const QString*> known(runs.size(), nullptr);
    const QString other = QStringLiteral("Q");
    known[0] = &other;
    CHECK(labelRuns(runs, line, alone.tokens, known, true));
    CHECK(runs[0].oddness > alone.runs[0].oddness);
}

TEST_CASE("lookalikes look alike in both directions where it matters") {
    const std::pair<const char*, const char*> pairs[] = {{"0", "O"}, {"1", "l"}, {"1", "I"}, {"I", "l"}, {"5", "S"},
                                                         {"8", "B"}, {"2", "Z"}, {"n", "h"}, {"c", "e"}};
    for (const auto& [a, b] : pairs) {
        INFO(a << b);
        CHECK(LookAlikes::shipped().all(QString::fromLatin1(a)).contains(QString::fromLatin1(b)));
        CHECK(LookAlikes::shipped().all(QString::fromLatin1(b)).contains(QString::fromLatin1(a)));
        CHECK_FALSE(LookAlikes::shipped().all(QString::fromLatin1(a)).contains(QString::fromLatin1(a)));
    }
    CHECK(LookAlikes::shipped().all(QStringLiteral("+")).isEmpty());
}
