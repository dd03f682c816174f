// The line model reads what screens show, says how sure it is, and keeps what else it could be.
#include "reading/line_model.h"
#include "reading/line_reader.h"
#include "reading/second_look.h"
#include "reading/uniform_line.h"
#include "support/glyphs.h"
#include "support/made.h"

#include <catch2/catch.hpp>
#include <random>

using namespace eyelid;

namespace {

LineModel& model() {
    static std::unique_ptr<LineModel> shared = [] {
        auto loaded = LineModel::load();
        REQUIRE(loaded);
        return std::move(*loaded);
    }();
    return *shared;
}

std::vector<UniformLine> uniformLines(const QStringList& texts, int pixels, const QString& family,
                                      QColor ink = Qt::black, QColor ground = Qt::white) {
    const QImage picture = made::picture(texts, pixels, ink, ground, family);
    std::vector<UniformLine> lines;
    for (const LinePatch& patch : findLines(picture)) lines.push_back(makeUniform(picture, patch));
    std::string found;
    for (const LinePatch& p : findLines(picture))
        found += " " + std::to_string(p.box.left()) + "-" + std::to_string(p.box.right()) + "@" +
                 std::to_string(p.box.top());
    INFO(family.toStdString() << pixels << found);
    REQUIRE(lines.size() == size_t(texts.size()));
    return lines;
}

// A key no one could guess, without the letters this type draws alike.
QString key(std::mt19937& random, int length) {
    static const QString letters = QStringLiteral("ABCDEFGHJKLMNPQRTUVWXYZabcdefghijkmnpqrtuvwxyz2346789");
    QString made;
    for (int i = 0; i < length; ++i) made += letters[qsizetype(random() % unsigned(letters.size()))];
    return made;
}

} // namespace

TEST_CASE("prose, numbers, mail and accents are read in small and large type of either polarity") {
    const QStringList texts{QStringLiteral("The pump was checked on 14 March"),
                            QStringLiteral("0447 2580 1018 5063 7924"), QStringLiteral("jane.haddow@larkmoor.example"),
                            QStringLiteral("Gerberstraße 12, Mühlbach café")};
    for (const QString& family : {QStringLiteral("Inter"), QStringLiteral("JetBrains Mono")})
        for (const int pixels : {11, 13, 16, 28})
            for (const bool dark : {false, true}) {
                const auto lines =
                    uniformLines(texts, pixels, family, dark ? QColor(0xe0, 0xe0, 0xe0) : QColor(Qt::black),
                                 dark ? QColor(0x1c, 0x1e, 0x22) : QColor(Qt::white));
                for (size_t i = 0; i < lines.size(); ++i) {
                    INFO(family.toStdString() << " " << pixels << (dark ? " dark" : " light"));
                    CHECK(textOf(model().read(lines[i])) == texts[qsizetype(i)]);
                }
            }
}

TEST_CASE("random keys in type of nine to twelve pixels: what the model is sure of is right") {
    std::mt19937 random(5);
    int all = 0, sure = 0, right = 0, sureAndRight = 0;
    for (const int pixels : {9, 10, 11, 12}) {
        QStringList keys;
        for (int i = 0; i < 20; ++i) keys << key(random, 8 + int(random() % 32));
        const auto lines = uniformLines(keys, pixels, QStringLiteral("JetBrains Mono"));
        for (size_t i = 0; i < lines.size(); ++i) {
            const auto glyphs = model().read(lines[i]);
            const bool is = textOf(glyphs) == keys[qsizetype(i)];
            ++all;
            right += is;
            if (unsureWords(glyphs, noWord).empty()) {
                ++sure;
                sureAndRight += is;
            }
        }
    }
    INFO(right << " right, " << sure << " sure, of them right " << sureAndRight << " of " << all);
    CHECK(right >= 0.9 * all);
    CHECK(sure >= 0.5 * all);
    CHECK(sureAndRight >= 0.98 * sure);
}

TEST_CASE("glyphs stand in order, within the line, each with a confidence and other readings that differ from it") {
    const auto lines =
        uniformLines({QStringLiteral("Meter 0O8B at Tannery Row l1I|"), QStringLiteral("rn m cl d vv w")}, 9,
                     QStringLiteral("Inter"));
    for (const UniformLine& line : lines) {
        double x = 0;
        for (const ReadGlyph& g : model().read(line)) {
            CHECK(g.confidence >= 0);
            CHECK(g.confidence <= 1);
            CHECK(g.box.center().x() > x);
            CHECK(g.box.right() <= line.image.width() + 10);
            CHECK_FALSE(g.others.contains(g.text));
            CHECK_FALSE(g.text.trimmed().isEmpty());
            x = g.box.center().x();
        }
    }
}

TEST_CASE("a line is read alike whatever was read before it") {
    const auto lines =
        uniformLines({QStringLiteral("Balance due 38.20"), QStringLiteral("a much longer line of text that "
                                                                          "goes on and on")},
                     12, QStringLiteral("Inter"));
    const QString first = textOf(model().read(lines[0]));
    const double sure = model().read(lines[0]).front().confidence;
    (void)model().read(lines[1]);
    const auto again = model().read(lines[0]);
    CHECK(textOf(again) == first);
    CHECK(again.front().confidence == sure);
}

TEST_CASE("noise of any size is read as something or nothing, and never for sure") {
    std::mt19937 random(3);
    for (int round = 0; round < 40; ++round) {
        UniformLine line;
        line.image = made::noise(QSize(1 + int(random() % 400), 20 + int(random() % 60)), unsigned(random()))
                         .convertToFormat(QImage::Format_Grayscale8);
        line.baseline = int(random() % unsigned(line.image.height() + 20)) - 10;
        const auto glyphs = model().read(line);
        if (glyphs.size() >= 3) CHECK_FALSE(unsureWords(glyphs, noWord).empty());
    }
}

TEST_CASE("what is read twice is read alike by one worker and by several, and nothing of it is lost") {
    // Letters with specks over them, which the model is not sure of.
    std::mt19937 random(41);
    QStringList texts;
    for (int i = 0; i < 14; ++i) texts << QStringLiteral("Reading %1 of Tannery Row").arg(key(random, 6));
    QImage picture = made::picture(texts, 11);
    for (int spot = 0; spot < 700; ++spot) {
        const int x = int(random() % unsigned(picture.width())), y = int(random() % unsigned(picture.height()));
        picture.setPixel(x, y, qRgb(120, 120, 120));
    }
    std::vector<UniformLine> lines;
    for (const LinePatch& patch : findLines(picture)) lines.push_back(makeUniform(picture, patch));
    std::vector<const UniformLine*> all;
    for (const UniformLine& line : lines) all.push_back(&line);
    std::vector<std::vector<LineReading>> readings;
    for (const size_t workers : {1, 2, 5}) {
        LineReader reader(workers, noWord);
        Progress progress;
        auto read = reader.read(all, QStringLiteral("eng"), false, progress);
        REQUIRE(read);
        readings.push_back(std::move(*read));
    }
    size_t twice = 0;
    for (size_t i = 0; i < lines.size(); ++i) {
        const LineReading& first = readings[0][i];
        twice += !first.others.empty() || !first.byModel;
        for (const auto& other : readings) {
            REQUIRE(other.size() == lines.size());
            CHECK(textOf(other[i].glyphs) == textOf(first.glyphs));
            CHECK(other[i].others.size() == first.others.size());
            CHECK(other[i].byModel == first.byModel);
            for (size_t g = 0; g < first.glyphs.size(); ++g) {
                CHECK(other[i].glyphs[g].confidence == first.glyphs[g].confidence);
                CHECK(other[i].glyphs[g].doubted == first.glyphs[g].doubted);
            }
        }
    }
    CHECK(twice >= 5); // otherwise this shows nothing
}

TEST_CASE("lines of a language without a model are read as well, and stop when told to") {
    const auto lines =
        uniformLines({QStringLiteral("Next visit"), QStringLiteral("on 14 March")}, 16, QStringLiteral("Inter"));
    LineReader reader(2, noWord);
    Progress progress;
    auto read = reader.read({&lines[0], &lines[1]}, QStringLiteral("eng"), true, progress);
    REQUIRE(read);
    // Figures only: the letters are not read as letters.
    for (const ReadGlyph& g : (*read)[1].glyphs) CHECK_FALSE(g.text[0].isLetter());
    auto missing = reader.read({&lines[0]}, QStringLiteral("tlh"), false, progress);
    CHECK_FALSE(missing);
    progress.cancel();
    auto stopped = reader.read({&lines[0], &lines[1]}, QStringLiteral("eng"), false, progress);
    REQUIRE_FALSE(stopped);
    CHECK(stopped.error().kind == Error::Kind::Cancelled);
}
