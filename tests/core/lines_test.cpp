// Where text is on a picture: lines of any polarity, what belongs to them, and what is no text.
#include "reading/near_columns.h"
#include "reading/page_text.h"
#include "reading/reader.h"
#include "reading/uniform_line.h"
#include "support/made.h"

#include <catch2/catch.hpp>
#include <random>

using namespace eyelid;

namespace {

QImage blank(int width = 640, int height = 200, QColor ground = Qt::white) {
    QImage image(width, height, QImage::Format_RGB32);
    image.fill(ground);
    return image;
}

QRect inkOf(const QImage& image, QColor ground) {
    QRect box;
    for (int y = 0; y < image.height(); ++y)
        for (int x = 0; x < image.width(); ++x)
            if (std::abs(qGray(image.pixel(x, y)) - qGray(ground.rgb())) > 40) box = box.united(QRect(x, y, 1, 1));
    return box;
}

} // namespace

TEST_CASE("each row of type is one line, tight on its ink, of its own polarity") {
    for (const int pixels : {9, 11, 13, 16, 24, 36})
        for (const bool dark : {false, true}) {
            const QColor ground = dark ? QColor(0x1c, 0x1e, 0x22) : QColor(0xff, 0xff, 0xff);
            const QImage image = made::picture({QStringLiteral("Meter readings, walk 14")}, pixels,
                                               dark ? QColor(0xe0, 0xe0, 0xe0) : QColor(0x10, 0x10, 0x10), ground);
            const auto lines = findLines(image);
            INFO(pixels << (dark ? " dark" : " light"));
            REQUIRE(lines.size() == 1);
            CHECK(lines[0].lightOnDark == dark);
            CHECK(lines[0].box.adjusted(-1, -1, 1, 1).contains(inkOf(image, ground)));
            CHECK(lines[0].xHeight < lines[0].capHeight + 0.01);
            // Inter's small x is 0.55 of its size.
            CHECK(std::abs(lines[0].xHeight - 0.55 * pixels) < 0.14 * pixels + 1);
        }
}

TEST_CASE("a word that stands alone is measured by its first letter, and read with its case and its accent") {
    // One in each row, far apart, as fields and cells show them.
    const QStringList words{QStringLiteral("Town"),      QStringLiteral("Reason"), QStringLiteral("Ärger"),
                            QStringLiteral("Ösen"),      QStringLiteral("Socios"), QStringLiteral("Énorme"),
                            QStringLiteral("Corazones"), QStringLiteral("Zoo"),    QStringLiteral("STOCK")};
    for (const char* family : {"Inter", "Roboto", "Liberation Sans"})
        for (const int pixels : {14, 15, 16}) {
            QImage image = blank(260, 40 * int(words.size()) + 20);
            QPainter painter(&image);
            painter.setFont(made::font(pixels, QString::fromLatin1(family)));
            for (int i = 0; i < words.size(); ++i) painter.drawText(20, 40 * (i + 1), words[i]);
            painter.end();
            Reader reader;
            Progress progress;
            const auto page = reader.read(image, {}, progress);
            REQUIRE(page);
            QStringList read;
            for (const TextLine& line : page->lines) read << line.text();
            INFO(family << ' ' << pixels);
            CHECK(read == words);
        }
}

TEST_CASE("dots of a single pixel, underscores and colons belong to their line") {
    QImage image = made::picture({QStringLiteral("meter depot")}, 14);
    const auto before = findLines(image);
    REQUIRE(before.size() == 1);
    const QRect box = before[0].box;
    const int base = int(before[0].baseline);
    // Between the two words, where only the marks stand.
    int gap = box.left();
    const auto inked = [&](int x) {
        for (int y = box.top(); y <= box.bottom(); ++y)
            if (qGray(image.pixel(x, y)) < 200) return true;
        return false;
    };
    while (inked(gap) || inked(gap + 1) || inked(gap + 2) || inked(gap + 3)) ++gap;
    image.setPixel(gap + 1, base - 1, qRgb(0, 0, 0));
    const auto after = findLines(image);
    REQUIRE(after.size() == 1);
    CHECK(after[0].inks.size() == before[0].inks.size() + 1);
    QImage under =
        made::picture({QStringLiteral("size_mm")}, 14, Qt::black, Qt::white, QStringLiteral("JetBrains Mono"));
    const auto lines = findLines(under);
    REQUIRE(lines.size() == 1);
    CHECK(lines[0].box.bottom() > lines[0].baseline);
}

TEST_CASE("rules, frames, bars and noise are no text") {
    QImage image = blank();
    QPainter painter(&image);
    painter.setPen(QColor(0x88, 0x88, 0x88));
    painter.drawLine(10, 20, 600, 20);
    painter.drawRect(20, 40, 200, 60);
    painter.fillRect(QRect(300, 40, 220, 18), QColor(0x30, 0x60, 0x90));
    painter.end();
    CHECK(findLines(image).empty());
    std::mt19937 random(3);
    QImage noise = blank(400, 300);
    for (int y = 0; y < noise.height(); ++y)
        for (int x = 0; x < noise.width(); ++x) {
            const int v = int(random() % 256);
            noise.setPixel(x, y, qRgb(v, v, v));
        }
    CHECK(findLines(noise).size() < 12);
    CHECK(findLines(blank()).empty());
    CHECK(findLines(QImage()).empty());
    CHECK(findLines(blank(1, 1)).empty());
}

TEST_CASE("a field's frame and a table's rules do not swallow the text in them") {
    QImage image = blank(500, 120);
    QPainter painter(&image);
    painter.setPen(QColor(0xa0, 0xa0, 0xa0));
    painter.drawRect(20, 20, 260, 30);
    painter.drawLine(0, 70, 499, 70);
    painter.setPen(Qt::black);
    painter.setFont(made::font(14));
    painter.drawText(30, 40, QStringLiteral("Tannery Row 12"));
    painter.drawText(30, 92, QStringLiteral("Open"));
    painter.drawText(300, 92, QStringLiteral("Closed"));
    painter.end();
    const auto lines = findLines(image);
    REQUIRE(lines.size() == 3);
    CHECK(lines[0].box.top() > 20);
    CHECK(lines[1].box.left() < lines[2].box.left());
    CHECK(lines[1].box.top() > 70);
}

TEST_CASE("a line is made uniform whatever its colours and size, and its places lead back") {
    const QString text = QStringLiteral("xenon mixer");
    for (const int pixels : {10, 14, 20, 32})
        for (const auto& [ink, ground] : {std::pair(QColor(Qt::black), QColor(Qt::white)),
                                          std::pair(QColor(0xff, 0xf0, 0xe0), QColor(0x5a, 0x2f, 0x52)),
                                          std::pair(QColor(0x80, 0x80, 0x80), QColor(0xff, 0xff, 0xff))}) {
            const QImage image = made::picture({text}, pixels, ink, ground);
            const auto lines = findLines(image);
            REQUIRE(lines.size() == 1);
            const UniformLine line = makeUniform(image, lines[0]);
            INFO(pixels);
            REQUIRE(line.image.format() == QImage::Format_Grayscale8);
            CHECK(std::abs(line.image.height() - 37) <= 14);
            int darkest = 255, lightest = 0;
            for (int y = 0; y < line.ink.height(); ++y)
                for (int x = 0; x < line.ink.width(); ++x) {
                    darkest = std::min<int>(darkest, line.ink.constScanLine(y)[x]);
                    lightest = std::max<int>(lightest, line.ink.constScanLine(y)[x]);
                }
            CHECK(darkest < 40);
            CHECK(lightest == 255);
            // The leftmost ink of the uniform picture is the leftmost of the line.
            int left = line.image.width();
            for (int y = 0; y < line.image.height(); ++y)
                for (int x = 0; x < left; ++x)
                    if (line.image.constScanLine(y)[x] < 128) left = x;
            CHECK(std::abs(left / line.scale + line.offset.x() - lines[0].box.left()) < 2.5);
            // The ink picture lies on the line without scaling.
            CHECK(QRect(line.inkOrigin, line.ink.size()).adjusted(-1, -1, 1, 1).contains(lines[0].box));
        }
}

TEST_CASE("a number of two figures beside the frames of cards is no mark of theirs") {
    QImage image = blank(300, 90, QColor(0x1c, 0x1e, 0x22));
    QPainter painter(&image);
    painter.setPen(QColor(0x4a, 0x4e, 0x55));
    painter.drawRect(-20, 4, 60, 80);
    painter.drawRect(50, 4, 300, 80);
    painter.setFont(made::font(13));
    painter.setPen(QColor(0xd8, 0xd8, 0xd2));
    painter.drawText(60, 50, QStringLiteral("91 676 32 70"));
    painter.end();
    int figures = 0;
    for (const LinePatch& line : findLines(image))
        if (line.box.left() <= 63 && line.box.right() > 130 && line.box.top() > 30 && line.box.bottom() < 60) ++figures;
    CHECK(figures == 1);
}

TEST_CASE("a space never parts a line in type of one pitch, and a wide gutter always does") {
    for (const int pixels : {13, 15, 18}) {
        INFO(pixels);
        const QImage spaced = made::picture({QStringLiteral("row 12, some one at 1 am, nr. 7")}, pixels, Qt::black,
                                            Qt::white, QStringLiteral("JetBrains Mono"));
        CHECK(findLines(spaced).size() == 1);
        const QImage parted = made::picture({QStringLiteral("open    else")}, pixels, Qt::black, Qt::white,
                                            QStringLiteral("JetBrains Mono"));
        CHECK(findLines(parted).size() == 2);
    }
}

TEST_CASE("a dash with a space on either side is of its line in type of one pitch, and none that stands by itself is") {
    for (const char* family : {"JetBrains Mono", "DejaVu Sans Mono"})
        for (const int pixels : {11, 13, 15, 17, 20}) {
            INFO(family << " at " << pixels);
            const auto lines = findLines(made::picture({QStringLiteral("telephone: 0449 - 921359")}, pixels, Qt::black,
                                                       Qt::white, QString::fromLatin1(family)));
            REQUIRE(lines.size() == 1);
            const auto apart = findLines(made::picture({QStringLiteral("0449      -      921359")}, pixels, Qt::black,
                                                       Qt::white, QString::fromLatin1(family)));
            CHECK(apart.size() >= 2);
        }
    Reader reader;
    Progress progress;
    const auto page = reader.read(made::picture({QStringLiteral("telephone: 0449 - 921359")}, 15, Qt::black, Qt::white,
                                                QStringLiteral("DejaVu Sans Mono")),
                                  {}, progress);
    REQUIRE(page);
    REQUIRE(page->lines.size() == 1);
    CHECK(pageText(*page).trimmed() == QStringLiteral("telephone: 0449 - 921359"));
}

TEST_CASE("underscores and dashes of large type are read, and a rule or an underline is none") {
    Reader reader;
    for (const int pixels : {14, 20, 28, 34, 40}) {
        const QString text = QStringLiteral("DB_USER=quieta_r 12\u20135");
        INFO(pixels);
        Progress progress;
        const auto page = reader.read(
            made::picture({text}, pixels, Qt::black, Qt::white, QStringLiteral("Liberation Mono")), {}, progress);
        REQUIRE(page);
        CHECK(pageText(*page).trimmed().replace(QChar(0x2013), u'-') == QString(text).replace(QChar(0x2013), u'-'));
    }
    // Under letters it is no letter, and by itself it is a rule.
    QImage ruled = blank(500, 160);
    QPainter painter(&ruled);
    painter.setFont(made::font(28, QStringLiteral("Liberation Mono")));
    painter.setPen(Qt::black);
    painter.drawText(20, 50, QStringLiteral("ab next"));
    painter.fillRect(QRect(20, 54, 34, 1), Qt::black);
    painter.fillRect(QRect(20, 120, 30, 1), Qt::black);
    painter.end();
    Progress progress;
    const auto page = reader.read(ruled, {}, progress);
    REQUIRE(page);
    CHECK(pageText(*page).trimmed() == QStringLiteral("ab next"));
}

TEST_CASE("letters that run together in small type are type; a bar of a chart is not") {
    QImage image = blank(200, 60);
    QPainter painter(&image);
    painter.fillRect(QRect(20, 20, 30, 8), QColor(0x5a, 0x2f, 0x52));
    painter.end();
    CHECK(findLines(image).empty());
    // As wide and as full, but uneven as strokes are.
    for (int x = 20; x < 50; ++x)
        for (int y = 20; y < 28; ++y) image.setPixel(x, y, x % 4 < 2 ? qRgb(30, 30, 30) : qRgb(170, 170, 170));
    CHECK(findLines(image).size() == 1);
}

TEST_CASE("text on low coloured rows, badges and buttons is found, dark on light or light on dark") {
    struct Row {
        QColor ground, ink;
    };
    const Row rows[] = {{QColor(0xb0, 0xe4, 0xe0), QColor(0x30, 0x40, 0x40)}, {Qt::white, Qt::black},
                        {QColor(0x2c, 0x38, 0x30), QColor(0xd8, 0xf0, 0x90)}, {QColor(0x20, 0xd8, 0x70), Qt::black},
                        {QColor(0x18, 0x18, 0x18), QColor(0xc0, 0xc0, 0xc0)}, {Qt::white, QColor(0x60, 0x60, 0x60)},
                        {QColor(0x50, 0x60, 0x30), QColor(0x10, 0x10, 0x10)}};
    for (const int height : {15, 17, 20, 24}) {
        QImage image(500, 40 + height * int(std::size(rows)), QImage::Format_RGB32);
        image.fill(Qt::white);
        QPainter painter(&image);
        painter.setFont(made::font(height - 6));
        int y = 20;
        std::vector<QRect> places;
        for (const Row& row : rows) {
            painter.fillRect(QRect(0, y, 500, height), row.ground);
            painter.setPen(row.ink);
            painter.drawText(QRect(30, y, 200, height), Qt::AlignVCenter, QStringLiteral("Meter 44710032"));
            places.emplace_back(28, y, 204, height);
            y += height;
        }
        // A badge with round ends.
        painter.setRenderHint(QPainter::Antialiasing);
        painter.setPen(Qt::NoPen);
        painter.setBrush(QColor(0x2e, 0x6b, 0x57));
        painter.drawRoundedRect(QRect(300, 22 + height, 90, height - 4), 8, 8);
        painter.setPen(Qt::white);
        painter.setFont(made::font(height - 7));
        painter.drawText(QRect(300, 22 + height, 90, height - 4), Qt::AlignCenter, QStringLiteral("Settled"));
        places.emplace_back(300, 22 + height, 90, height - 2); // its lower edge may count as ink
        painter.end();
        const auto lines = findLines(image);
        for (const QRect& place : places) {
            INFO("row of " << height << " pixels at " << place.left() << ", " << place.top());
            const auto on = std::find_if(lines.begin(), lines.end(), [&](const LinePatch& line) {
                return place.contains(line.box) && line.box.height() < place.height() - 2 && line.box.width() > 20;
            });
            CHECK(on != lines.end());
        }
    }
}

TEST_CASE("a picture of several pieces beside two rows of type does not make one row of them") {
    // A portrait in black and white, cut up by its light parts, a little higher than either row and as near as a word.
    for (const int gap : {5, 9, 14, 20}) {
        QImage image = blank(420, 80);
        QPainter painter(&image);
        painter.setPen(Qt::NoPen);
        painter.setBrush(Qt::black);
        painter.drawEllipse(20, 18, 14, 36);
        painter.drawEllipse(37, 20, 13, 33);
        painter.setPen(Qt::black);
        painter.setFont(made::font(13));
        painter.drawText(50 + gap, 32, QStringLiteral("Rowena Sutcliffe-Marsh"));
        painter.drawText(50 + gap, 53, QStringLiteral("registered: 4 January"));
        painter.end();
        const auto lines = findLines(image);
        INFO(gap << " pixels");
        std::vector<QRect> rows;
        for (const LinePatch& line : lines)
            if (line.box.width() > 100) rows.push_back(line.box);
        REQUIRE(rows.size() == 2);
        CHECK(rows[0].bottom() < rows[1].top() + 4);
    }
}

TEST_CASE("large bold type is found whole") {
    for (const int pixels : {28, 36, 44, 52}) {
        QImage image(1200, 3 * pixels, QImage::Format_RGB32);
        image.fill(Qt::white);
        QPainter painter(&image);
        QFont font = made::font(pixels);
        font.setBold(true);
        painter.setFont(font);
        painter.drawText(20, 2 * pixels, QStringLiteral("WHEEL ETHEL Water bill"));
        painter.end();
        const auto lines = findLines(image);
        INFO(pixels);
        REQUIRE(lines.size() == 1);
        CHECK(lines[0].inks.size() == 20); // a letter each, and the dot of the i
    }
}

TEST_CASE("lines are the same on one thread and on two") {
    for (unsigned seed = 0; seed < 12; ++seed) {
        std::mt19937 random(seed);
        QImage image(400, 300, QImage::Format_RGB32);
        image.fill(QColor::fromHsv(int(random() % 360), 40, 255 - int(random() % 2) * 220));
        QPainter painter(&image);
        for (int y = 20; y < 300; y += 30) {
            painter.fillRect(QRect(0, y - 14, 400, 20), QColor::fromHsv(int(random() % 360), 120, int(random() % 256)));
            painter.setFont(made::font(9 + int(random() % 8)));
            painter.setPen(QColor::fromHsv(int(random() % 360), 60, int(random() % 256)));
            painter.drawText(12, y, QStringLiteral("Account 44710032 of Tannery Row"));
        }
        painter.end();
        const auto one = findLines(image), two = findLines(image, plainInk, true);
        REQUIRE(one.size() == two.size());
        for (size_t i = 0; i < one.size(); ++i) {
            CHECK(one[i].box == two[i].box);
            CHECK(one[i].inks == two[i].inks);
            CHECK(one[i].baseline == two[i].baseline);
            CHECK(one[i].lightOnDark == two[i].lightOnDark);
        }
    }
}

TEST_CASE("a figure between two full stops in type of one pitch is of its line, whatever its size") {
    for (const char* family : {"JetBrains Mono", "DejaVu Sans Mono", "Liberation Mono"})
        for (int pixels = 24; pixels <= 44; ++pixels) {
            QImage image = blank(900, 100);
            QPainter painter(&image);
            QFont font(QString::fromLatin1(family));
            font.setPixelSize(pixels);
            painter.setFont(font);
            painter.drawText(20, 60, QStringLiteral("HostName 192.0.2.162"));
            painter.end();
            INFO(family << ' ' << pixels);
            CHECK(findLines(image).size() == 1);
        }
}

TEST_CASE("headings that nearly touch are parted by the columns under them") {
    const auto lineOf = [](const QString& text, double x, double y) {
        return made::PageMaker().line(text, x, y).page().lines.front();
    };
    std::vector<TextLine> lines{lineOf(QStringLiteral("Instalment From account"), 100, 20)};
    TextLine& heading = lines.front();
    for (size_t w : {1, 2}) heading.words[w].box.translate(6, 0); // 14 pixels from "Instalment"
    heading.box.setRight(heading.words.back().box.right());
    const double second = heading.words[1].box.left();
    for (const double y : {44.0, 68.0, 92.0}) {
        lines.push_back(lineOf(QStringLiteral("657.00"), 100, y));
        lines.push_back(lineOf(QStringLiteral("91876808"), second, y));
    }
    std::vector<TextLine> table = lines;
    REQUIRE(partNearColumns(table));
    CHECK(table.front().text() == QStringLiteral("Instalment"));
    CHECK(table.back().text() == QStringLiteral("From account"));
    CHECK(table.back().box.left() == second);
    // Where a line goes through the gap, or fewer rows stand there, it is a line of words set apart.
    std::vector<TextLine> through = lines;
    through.insert(through.begin() + 1, lineOf(QStringLiteral("paid in several parts each month"), 100, 32));
    CHECK_FALSE(partNearColumns(through));
    lines.resize(5);
    CHECK_FALSE(partNearColumns(lines));
}

TEST_CASE("cells that nearly touch are parted by the rows over and under them, though several rows are so") {
    const auto lineOf = [](const QString& text, double x, double y) {
        return made::PageMaker().line(text, x, y).page().lines.front();
    };
    constexpr double second = 188; // 16 pixels behind "Approved"
    std::vector<TextLine> lines{lineOf(QStringLiteral("State"), 100, 20),
                                lineOf(QStringLiteral("Account"), second, 20)};
    for (const double y : {44.0, 68.0, 92.0}) {
        TextLine row = lineOf(QStringLiteral("Approved 98443959"), 100, y);
        row.words[1].box.moveLeft(second);
        row.box.setRight(row.words[1].box.right());
        lines.push_back(row);
    }
    lines.push_back(lineOf(QStringLiteral("Paid"), 100, 116));
    lines.push_back(lineOf(QStringLiteral("8206206116"), second, 116));
    std::vector<TextLine> keys = lines;
    for (TextLine& line : keys)
        if (line.words.size() == 2) line.words[0].text = QStringLiteral("Account:");
    CHECK_FALSE(partNearColumns(keys));
    REQUIRE(partNearColumns(lines));
    CHECK(std::ranges::count(lines, QStringLiteral("Approved"), &TextLine::text) == 3);
    CHECK(std::ranges::count(lines, QStringLiteral("98443959"), &TextLine::text) == 3);
}
