#include "reading/reader.h"
#include "support/everything.h"
#include "support/made.h"

#include <atomic>
#include <catch2/catch.hpp>
#include <random>
#include <thread>

using namespace eyelid;

namespace {

QStringList textsOf(const QImage& picture, const ReadOptions& options = {}) {
    Progress progress;
    auto page = reader().read(picture, options, progress);
    REQUIRE(page);
    QStringList lines;
    for (const TextLine& line : page->lines) lines << line.text();
    return lines;
}

// All that a page says, to the last bit.
QStringList allOf(const Page& page) {
    const auto box = [](const QRectF& r) {
        return QStringLiteral("%1 %2 %3 %4")
            .arg(r.x(), 0, 'g', 17)
            .arg(r.y(), 0, 'g', 17)
            .arg(r.width(), 0, 'g', 17)
            .arg(r.height(), 0, 'g', 17);
    };
    QStringList all;
    for (const TextLine& line : page.lines) {
        all << QStringLiteral("line %1 %2 %3").arg(box(line.box)).arg(line.baseline).arg(line.xHeight);
        for (const Word& word : line.words) {
            all << word.text + u' ' + box(word.box) + u' ' + word.alternatives.join(u'/');
            for (const Glyph& glyph : word.glyphs)
                all << glyph.text + u' ' + box(glyph.box) + u' ' + QString::number(glyph.confidence, 'g', 17) + u' ' +
                           glyph.others.join(u'/');
        }
    }
    for (const Code& code : page.codes) all << code.kind + u' ' + code.content + u' ' + box(code.box);
    for (const Face& face : page.faces) all << QStringLiteral("face ") + box(face.box);
    return all;
}

} // namespace

TEST_CASE("text of either polarity and of usual sizes is read") {
    const QStringList lines{QStringLiteral("The quick brown fox jumps over the lazy dog"),
                            QStringLiteral("Balance due on 14 March: 38.20")};
    for (int pixels : {12, 13, 16, 26, 40}) {
        INFO(pixels);
        CHECK(textsOf(made::picture(lines, pixels)) == lines);
        CHECK(textsOf(made::picture(lines, pixels, QColor(0xd8, 0xd8, 0xd2), QColor(0x17, 0x1a, 0x1f))) == lines);
    }
}

TEST_CASE("coloured text on a coloured ground is read") {
    const QStringList lines{QStringLiteral("Payment received with thanks")};
    CHECK(textsOf(made::picture(lines, 14, QColor(0xff, 0xf0, 0xe0), QColor(0x5a, 0x2f, 0x52))) == lines);
    CHECK(textsOf(made::picture(lines, 14, QColor(0x99, 0x99, 0x99), Qt::white)) == lines);
}

TEST_CASE("cells on either side of a gutter are lines of their own") {
    QImage image(900, 60, QImage::Format_RGB32);
    image.fill(Qt::white);
    QPainter painter(&image);
    painter.setFont(made::font(13));
    painter.drawText(20, 30, QStringLiteral("Meter reading"));
    painter.drawText(400, 30, QStringLiteral("Next visit"));
    painter.end();
    CHECK(textsOf(image) == QStringList{QStringLiteral("Meter reading"), QStringLiteral("Next visit")});
}

TEST_CASE("a word's box holds its ink, and glyph boxes stand in order within it") {
    const QImage image = made::picture({QStringLiteral("Larkmoor Water supply")}, 16);
    Progress progress;
    auto page = reader().read(image, {}, progress);
    REQUIRE(page);
    REQUIRE(page->lines.size() == 1);
    QRectF all;
    for (const Word& word : page->lines[0].words) {
        all = all.united(word.box);
        CHECK(word.confidence > 0.3);
        QString text;
        double left = word.box.left() - 0.01;
        for (const Glyph& glyph : word.glyphs) {
            text += glyph.text;
            CHECK(glyph.box.left() >= left);
            CHECK(glyph.box.right() <= word.box.right() + 0.01);
            left = glyph.box.left();
        }
        CHECK(text == word.text);
    }
    int outside = 0;
    for (int y = 0; y < image.height(); ++y)
        for (int x = 0; x < image.width(); ++x)
            if (qGray(image.pixel(x, y)) < 100 && !all.adjusted(-1, -1, 1, 1).contains(QPointF(x + 0.5, y + 0.5)))
                ++outside;
    CHECK(outside == 0);
}

TEST_CASE("only the area asked for is read, and its boxes are the picture's") {
    const QImage image = made::picture({QStringLiteral("First line here"), QStringLiteral("Second line here")}, 16);
    Progress progress;
    auto page = reader().read(image, {.area = QRect(0, 40, 900, 60)}, progress);
    REQUIRE(page);
    REQUIRE(page->lines.size() == 1);
    CHECK(page->lines[0].text() == QStringLiteral("Second line here"));
    CHECK(page->lines[0].box.top() > 40);
    CHECK_FALSE(reader().read(image, {.area = QRect(5000, 0, 10, 10)}, progress));
}

TEST_CASE("the same picture gives the same page on one thread and on many") {
    const QImage image =
        made::picture({QStringLiteral("Standby engineer until Friday"), QStringLiteral("Valve V-204 moved to 60 %"),
                       QStringLiteral("Depot key at the gatehouse")},
                      14);
    Reader one(1), many(4);
    Progress progress;
    auto a = one.read(image, {}, progress), b = many.read(image, {}, progress), again = many.read(image, {}, progress);
    REQUIRE(a);
    REQUIRE(b);
    REQUIRE(again);
    for (const auto* other : {&*b, &*again}) {
        REQUIRE(a->lines.size() == other->lines.size());
        for (size_t i = 0; i < a->lines.size(); ++i) {
            CHECK(a->lines[i].text() == other->lines[i].text());
            CHECK(a->lines[i].box == other->lines[i].box);
        }
    }
}

TEST_CASE("a language that is not there is named, with the package that brings it") {
    Progress progress;
    auto page = reader().read(made::picture({QStringLiteral("x")}), {.languages = QStringLiteral("eng+tlh")}, progress);
    REQUIRE_FALSE(page);
    CHECK(page.error().sentence.contains(QStringLiteral("tlh")));
    CHECK(page.error().sentence.contains(QStringLiteral("tesseract-ocr-tlh")));
    CHECK(installedLanguages().contains(QStringLiteral("eng")));
}

TEST_CASE("reading stops when asked to") {
    Progress progress;
    progress.cancel();
    auto page = reader().read(made::picture({QStringLiteral("Never read before: 7 8 9")}), {}, progress);
    REQUIRE_FALSE(page);
    CHECK(page.error().kind == Error::Kind::Cancelled);
}

TEST_CASE("odd pictures are read as having little or nothing on them") {
    QImage flat(300, 200, QImage::Format_RGB32);
    flat.fill(Qt::gray);
    CHECK(textsOf(flat).isEmpty());
    QImage dot(1, 1, QImage::Format_RGB32);
    dot.fill(Qt::black);
    CHECK(textsOf(dot).isEmpty());
    QImage slope(256, 64, QImage::Format_RGB32);
    for (int y = 0; y < 64; ++y)
        for (int x = 0; x < 256; ++x) slope.setPixel(x, y, qRgb(x, x, x));
    CHECK(textsOf(slope).isEmpty());
    Progress progress;
    CHECK(reader().read(made::noise({200, 150}, 6), {}, progress));
    CHECK(reader().read(QImage(3, 2000, QImage::Format_RGB32), {}, progress));
}

TEST_CASE("what has no space in it is read without one, also in type of one pitch") {
    const QStringList lines{QStringLiteral("https://collector.example/v1?key=WillowLantern"),
                            QStringLiteral("reading config for telemetry")};
    QString text;
    for (const QString& line :
         textsOf(made::picture(lines, 13, Qt::black, Qt::white, QStringLiteral("JetBrains Mono"))))
        text += line + QLatin1Char('\n');
    CHECK(text.count(QLatin1Char(' ')) == 3);
    CHECK(text.contains(QStringLiteral("collector.example")));
}

TEST_CASE("a long number keeps the spaces before it and in it, and what has none gets none") {
    // Figures stand on one grid in nearly all type.
    const QStringList lines{QStringLiteral("Phone 3192544992070741"),
                            QStringLiteral("Tel 8072902227918058"),
                            QStringLiteral("13 23 05 14 15"),
                            QStringLiteral("59171875 88025532"),
                            QStringLiteral("192.0.2.209"),
                            QStringLiteral("08-99-18")};
    for (const char* family : {"Inter", "DejaVu Sans"})
        for (const int pixels : {13, 14, 16}) {
            INFO(family << ' ' << pixels);
            for (const QString& line : lines)
                CHECK(textsOf(made::picture({line}, pixels, Qt::black, Qt::white, QString::fromLatin1(family))) ==
                      QStringList{line});
        }
}

TEST_CASE("a page that changed in one place is read again only there") {
    // The same engines: what they remember must not change what they say.
    const QImage before =
        made::picture({QStringLiteral("Balance 38.20 due"), QStringLiteral("Tariff metered standard")}, 15);
    QImage after = before;
    QPainter painter(&after);
    painter.fillRect(QRect(0, 0, 900, 38), Qt::white);
    painter.end();
    Reader fresh(1);
    Progress progress;
    const auto warm = textsOf(before), again = textsOf(after);
    auto cold = fresh.read(after, {}, progress);
    REQUIRE(cold);
    REQUIRE(cold->lines.size() == 1);
    CHECK(again == QStringList{cold->lines[0].text()});
    CHECK(warm.contains(again[0]));
}

TEST_CASE("whatever was read before, a page is read as if it were the first") {
    std::mt19937 random(19);
    const auto upTo = [&](int most) { return int(random() % unsigned(most)); };
    const QStringList texts{QStringLiteral("Account 0447-1180"),      QStringLiteral("Tannery Row 12, Larkmoor"),
                            QStringLiteral("meter@inbox.example"),    QStringLiteral("10.20.0.5 key 7Q0O1lIx"),
                            QStringLiteral("Call the depot at 8:30"), QStringLiteral("GB29 LARK 6016 1331")};
    const QStringList families{QStringLiteral("Inter"), QStringLiteral("JetBrains Mono")};
    QImage picture(560, 240, QImage::Format_RGB32);
    picture.fill(Qt::white);
    Reader kept(2);
    Progress progress;
    for (int step = 0; step < 30; ++step) {
        const int what = upTo(6);
        if (what == 0) { // scrolled, by any number of pixels
            picture = picture.copy(-upTo(9), upTo(40), picture.width(), picture.height());
        } else if (what == 1) { // a line cut through
            QPainter(&picture).fillRect(0, upTo(240), 560, 1 + upTo(6), Qt::white);
        } else {
            QPainter painter(&picture);
            const int y = 20 + upTo(10) * 22;
            const bool dark = upTo(4) == 0;
            painter.fillRect(0, y - 16, 560, 22, dark ? QColor(0x25, 0x28, 0x2c) : QColor(Qt::white));
            painter.setPen(dark ? QColor(0xdd, 0xdd, 0xd8) : QColor(0x22, 0x22, 0x22));
            painter.setFont(made::font(10 + upTo(6), families[upTo(2)]));
            painter.drawText(10 + upTo(30), y, texts[upTo(6)] + u' ' + QString::number(upTo(100)));
        }
        ReadOptions options;
        options.faint = upTo(8) == 0;
        if (upTo(5) == 0) options.area = QRect(upTo(60), upTo(100), 300 + upTo(200), 60 + upTo(70));
        const auto page = kept.read(picture, options, progress);
        const auto first = Reader(1).read(picture.copy(), options, progress);
        REQUIRE(page);
        REQUIRE(first);
        INFO("step " << step);
        REQUIRE(allOf(*page) == allOf(*first));
    }
}

TEST_CASE("a page that is scrolled says the same, elsewhere") {
    const QStringList lines{QStringLiteral("Account 0447-1180 of Tannery Row"),
                            QStringLiteral("meter@inbox.example, 10.20.0.5"), QStringLiteral("Balance due 38.20")};
    const QImage text = made::picture(lines, 13);
    Reader kept(2);
    Progress progress;
    QStringList first;
    QPointF at;
    for (const QPoint by : {QPoint(0, 0), QPoint(0, 7), QPoint(3, 40), QPoint(64, 101), QPoint(-2, 16)}) {
        QImage picture(text.width() + 100, text.height() + 140, QImage::Format_RGB32);
        picture.fill(Qt::white);
        QPainter painter(&picture);
        painter.drawImage(QPoint(10, 10) + by, text);
        painter.end();
        const auto page = kept.read(picture, {}, progress);
        REQUIRE(page);
        REQUIRE(page->lines.size() == 3);
        QStringList words;
        for (const TextLine& line : page->lines)
            for (const Word& word : line.words)
                words << QStringLiteral("%1 %2x%3").arg(word.text).arg(word.box.width()).arg(word.box.height());
        if (first.isEmpty()) {
            first = words;
            at = page->lines[0].box.topLeft();
        }
        CHECK(words == first);
        CHECK(page->lines[0].box.topLeft() - at == QPointF(by));
    }
}

TEST_CASE("a picture larger than any screen is read as any other, and so is what is read after it") {
    const QImage text = made::picture({QStringLiteral("Valve V-204 moved"), QStringLiteral("Depot key 7719")}, 14);
    QImage large(8000, 5200, QImage::Format_RGB32);
    large.fill(Qt::white);
    QPainter painter(&large);
    painter.drawImage(4000, 5000, text);
    painter.end();
    ReadOptions options;
    options.codes = options.faces = false;
    for (int twice = 0; twice < 2; ++twice) {
        const QStringList lines = textsOf(large, options);
        CHECK(lines == QStringList{QStringLiteral("Valve V-204 moved"), QStringLiteral("Depot key 7719")});
        CHECK(textsOf(text, options) == lines);
    }
}

TEST_CASE("type beside noise is still read") {
    QImage image = made::picture({QStringLiteral("Beside a photograph")}, 16);
    const QImage noise = made::noise({300, 50}, 8);
    QPainter(&image).drawImage(QPoint(550, 5), noise);
    CHECK(textsOf(image).contains(QStringLiteral("Beside a photograph")));
}

TEST_CASE("the progress of reading only grows, and ends at the whole") {
    QStringList texts;
    for (int i = 0; i < 40; ++i) texts << QStringLiteral("Meter %1 at Tannery Row lI1O0").arg(1000 + 37 * i);
    const QImage image = made::picture(texts, 11);
    Reader reader(2);
    Progress progress;
    std::atomic<bool> done{false};
    std::vector<double> seen;
    std::thread watcher([&] {
        while (!done) {
            const double now = progress.fraction();
            if (seen.empty() || now != seen.back()) seen.push_back(now);
            std::this_thread::yield();
        }
    });
    const auto page = reader.read(image, {}, progress);
    done = true;
    watcher.join();
    REQUIRE(page);
    CHECK(std::is_sorted(seen.begin(), seen.end()));
    CHECK(progress.fraction() == 1);
}
