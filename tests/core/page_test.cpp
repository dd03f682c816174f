// What is made of a page once it is read: codes, tables, order, formats, corrections, names in place of values.
#include "editing/sanitised_page.h"
#include "reading/bare_picture.h"
#include "reading/codes.h"
#include "reading/corrections.h"
#include "reading/line_model.h"
#include "reading/page_text.h"
#include "reading/reader.h"
#include "reading/shapes.h"
#include "reading/tables.h"
#include "reading/uniform_line.h"
#include "support/everything.h"
#include "support/made.h"

#include <catch2/catch.hpp>
#include <functional>
#include <random>
#include <ZXing/BitMatrix.h>
#include <ZXing/MultiFormatWriter.h>

using namespace eyelid;

namespace {

QImage codePicture(ZXing::BarcodeFormat format, const std::wstring& text, int size) {
    ZXing::MultiFormatWriter writer(format);
    writer.setMargin(4);
    const auto matrix = writer.encode(text, size, size / (format == ZXing::BarcodeFormat::Code128 ? 4 : 1));
    QImage image(matrix.width(), matrix.height(), QImage::Format_RGB32);
    for (int y = 0; y < matrix.height(); ++y)
        for (int x = 0; x < matrix.width(); ++x)
            image.setPixel(x, y, matrix.get(x, y) ? qRgb(0, 0, 0) : qRgb(255, 255, 255));
    return image;
}

} // namespace

TEST_CASE("a code of most of a busy screen is found") {
    const QImage code = codePicture(ZXing::BarcodeFormat::QRCode, L"https://larkmoor.example/t?id=4471", 1800);
    QImage screen(3840, 2160, QImage::Format_RGB32);
    screen.fill(Qt::white);
    {
        QPainter painter(&screen);
        painter.setFont(made::font(14));
        for (int y = 20; y < 2160; y += 22)
            for (int x = 0; x < 3840; x += 400)
                painter.drawText(x, y, QStringLiteral("pump 4711 stopped at the weir, reading taken"));
        painter.drawImage(900, 180, code);
    }
    const auto codes = findCodes(screen);
    REQUIRE(codes.size() == 1);
    CHECK(codes[0].content == QStringLiteral("https://larkmoor.example/t?id=4471"));
    CHECK(QRectF(880, 160, 1840, 1840).contains(codes[0].box));
    CHECK(codes[0].box.width() > 1400);
}

TEST_CASE("codes are found with their content and place, several on one picture") {
    using F = ZXing::BarcodeFormat;
    const std::tuple<F, const char*, std::wstring> kinds[] = {
        {F::QRCode, "QR code", L"https://larkmoor.example/t?id=4471"},
        {F::DataMatrix, "Data Matrix", L"LW-3304918"},
        {F::Aztec, "Aztec code", L"Visit 14"},
        {F::PDF417, "PDF417", L"Account 4471-20"},
        {F::Code128, "Code128", L"LW3304918"}};
    QImage all(1500, 900, QImage::Format_RGB32);
    all.fill(QColor(0xf4, 0xf4, 0xf0));
    QPainter painter(&all);
    std::vector<QRect> places;
    int x = 40, y = 40;
    for (const auto& [format, name, content] : kinds) {
        const QImage code = codePicture(format, content, 220);
        const Page page = [&] {
            QImage one(500, 500, QImage::Format_RGB32);
            one.fill(Qt::white);
            QPainter(&one).drawImage(100, 120, code);
            return readWhole(one);
        }();
        INFO(name);
        REQUIRE(page.codes.size() == 1);
        CHECK(page.codes[0].kind == QString::fromLatin1(name));
        CHECK(page.codes[0].content == QString::fromStdWString(content));
        CHECK(QRectF(100, 120, code.width(), code.height()).adjusted(-2, -2, 2, 2).contains(page.codes[0].box));
        CHECK(page.codes[0].corners.size() == 4);
        painter.drawImage(x, y, code);
        places.emplace_back(QPoint(x, y), code.size());
        x += 480;
        if (x > 1100) {
            x = 40;
            y += 420;
        }
    }
    painter.end();
    const auto codes = findCodes(all);
    for (const Code& c : codes) UNSCOPED_INFO(c.kind.toStdString());
    CHECK(codes.size() == std::size(kinds));
    // In an area, places are the whole picture's.
    const Page part = readWhole(all, {.area = places[0].adjusted(-20, -20, 20, 20)});
    REQUIRE(part.codes.size() == 1);
    CHECK(QRectF(places[0]).contains(part.codes[0].box.center()));
    CHECK(findCodes(made::picture({QStringLiteral("||| || | |||| no code here | || |||")}, 20)).empty());
}

TEST_CASE("codes are found wherever they stand among text, of any size of module") {
    using F = ZXing::BarcodeFormat;
    const F kinds[] = {F::QRCode, F::DataMatrix, F::Aztec, F::PDF417, F::Code128};
    std::mt19937 random(7);
    const auto upTo = [&](int n) { return int(random() % unsigned(n)); };
    for (const F kind : kinds)
        for (const int module : {2, 3, 5}) {
            const std::wstring content = L"LW-" + std::to_wstring(100000 + upTo(900000));
            const QImage least = codePicture(kind, content, 1);
            const int margin = 4 * module, higher = kind == F::Code128 ? 24 * module : 1;
            QStringList lines;
            for (int i = 0; i < 34; ++i) lines << QStringLiteral("The meter at number %1 was read").arg(upTo(999));
            QImage page = made::picture(lines, 13);
            page = page.copy(0, 0, 900, page.height());
            QPainter painter(&page);
            painter.fillRect(QRect(260, 0, 640, page.height()), QColor(0xfb, 0xfb, 0xf8));
            const QImage code = least.scaled(least.width() * module, std::max(least.height() * module, higher));
            const QPoint at(262 + upTo(60), 6 + upTo(200));
            painter.drawImage(at, code);
            painter.setFont(made::font(13));
            painter.setPen(Qt::black);
            painter.drawText(at + QPoint(0, code.height() + 16), QStringLiteral("Show this at the depot"));
            painter.drawText(at + QPoint(code.width() + 8, 20), QStringLiteral("Valid until 14 March"));
            painter.end();
            const Page read = readWhole(page);
            INFO(ZXing::ToString(kind) << " of " << module << " pixels, " << read.codes.size() << " found");
            REQUIRE(read.codes.size() == 1);
            CHECK(read.codes[0].content == QString::fromStdWString(content));
            // All of it will be covered: the drawing without its plain border.
            const QRectF ink = QRectF(QPointF(at), QSizeF(code.size())).adjusted(margin, margin, -margin, -margin);
            CHECK(read.codes[0].box.adjusted(-3, -3, 3, 3).contains(ink));
        }
}

TEST_CASE("light codes on dark are found, and the same barcode twice") {
    QImage page(900, 500, QImage::Format_RGB32);
    page.fill(QColor(0x1c, 0x1e, 0x22));
    const auto dark = [](ZXing::BarcodeFormat kind, const std::wstring& content, int size) {
        QImage code = codePicture(kind, content, size);
        code.invertPixels();
        return code;
    };
    const QImage bars = codePicture(ZXing::BarcodeFormat::Code128, L"LW3304918", 300);
    QPainter painter(&page);
    painter.drawImage(40, 40, dark(ZXing::BarcodeFormat::QRCode, L"LW-7", 150));
    painter.drawImage(40, 300, bars);
    painter.drawImage(480, 60, bars);
    painter.end();
    QStringList found;
    for (const Code& code : readWhole(page).codes) found << code.content;
    found.sort();
    CHECK(found == QStringList{QStringLiteral("LW-7"), QStringLiteral("LW3304918"), QStringLiteral("LW3304918")});
}

TEST_CASE("a light code on a dark card of a light page is found, and one of little contrast") {
    const auto shown = [](QColor modules, QColor card, QColor around) {
        QImage picture(500, 300, QImage::Format_RGB32);
        picture.fill(around);
        QPainter painter(&picture);
        painter.fillRect(150, 60, 190, 180, card);
        const QImage code = codePicture(ZXing::BarcodeFormat::QRCode, L"LW-4471", 100);
        for (int y = 0; y < code.height(); ++y)
            for (int x = 0; x < code.width(); ++x)
                if (qGray(code.pixel(x, y)) < 128) painter.fillRect(195 + x, 100 + y, 1, 1, modules);
        painter.end();
        const auto codes = findCodes(picture);
        return codes.size() == 1 ? codes[0].content : QStringLiteral("%1 codes").arg(codes.size());
    };
    const QString content = QStringLiteral("LW-4471");
    CHECK(shown(Qt::white, QColor(0x22, 0x24, 0x28), Qt::white) == content);
    CHECK(shown(Qt::black, Qt::white, QColor(0x22, 0x24, 0x28)) == content);
    CHECK(shown(QColor(90, 90, 90), QColor(150, 150, 150), Qt::white) == content);
    CHECK(shown(QColor(150, 150, 150), QColor(90, 90, 90), Qt::black) == content);
}

TEST_CASE("text that runs up or down is read, and says so") {
    const QString text = QStringLiteral("Larkmoor Water meter cupboard");
    const QImage upright = made::picture({text}, 16);
    QRect ink;
    for (int y = 0; y < upright.height(); ++y)
        for (int x = 0; x < upright.width(); ++x)
            if (qGray(upright.pixel(x, y)) < 128) ink = ink.united(QRect(x, y, 1, 1));
    const QImage line = upright.copy(ink.adjusted(-6, -6, 6, 6));
    for (const int turned : {90, 270}) {
        QImage page(700, 500, QImage::Format_RGB32);
        page.fill(Qt::white);
        QPainter painter(&page);
        const QImage side = line.transformed(QTransform().rotate(turned));
        painter.drawImage(60, 80, side);
        painter.setFont(made::font(14));
        painter.drawText(200, 100, QStringLiteral("An upright line beside it"));
        painter.end();
        const Page read = readWhole(page);
        INFO(turned);
        const auto sideways =
            std::find_if(read.lines.begin(), read.lines.end(), [](const TextLine& l) { return l.turned != 0; });
        REQUIRE(sideways != read.lines.end());
        CHECK(sideways->turned == turned);
        CHECK(sideways->text() == text);
        CHECK(QRectF(60, 80, side.width(), side.height()).adjusted(-3, -3, 3, 3).contains(sideways->box));
        CHECK(std::any_of(read.lines.begin(), read.lines.end(),
                          [](const TextLine& l) { return l.text() == QStringLiteral("An upright line beside it"); }));
    }
}

TEST_CASE("the text tells its language; a hint of another one changes nothing") {
    const QStringList german{QStringLiteral("Der Zähler wurde gestern nicht abgelesen, weil niemand zu Hause war."),
                             QStringLiteral("Bitte geben Sie uns einen neuen Termin für die Prüfung.")};
    const Page page = readWhole(made::picture(german, 16), {.languages = QStringLiteral("auto")});
    CHECK(page.languages == QStringLiteral("deu"));
    REQUIRE(page.lines.size() == 2);
    CHECK(page.lines[0].text() == german[0]);
    CHECK(page.lines[1].text() == german[1]);
    const Page english =
        readWhole(made::picture({QStringLiteral("The meter was not read because nobody was at home.")}, 16),
                  {.languages = QStringLiteral("auto")});
    CHECK(english.languages == QStringLiteral("eng"));
    // Nothing to tell by: as if nothing had been said.
    CHECK(
        readWhole(made::picture({QStringLiteral("0412 0447")}, 16), {.languages = QStringLiteral("auto")}).languages ==
        QStringLiteral("eng"));
}

TEST_CASE("an umlaut is read also where English was asked for") {
    const QString text = QStringLiteral("Visit of Roisin Ekström and Jürgen Möller");
    for (const int pixels : {13, 16, 20}) {
        INFO(pixels);
        const Page page = readWhole(made::picture({text}, pixels));
        REQUIRE(page.lines.size() == 1);
        CHECK(page.lines[0].text() == text);
    }
}

TEST_CASE("an area can be read as numbers, or as one line") {
    const QImage image = made::picture({QStringLiteral("0412 0447 1513")}, 16);
    const Page numbers = readWhole(image, {.content = ReadOptions::Content::Numbers});
    REQUIRE(numbers.lines.size() == 1);
    CHECK(numbers.lines[0].text() == QStringLiteral("0412 0447 1513"));
    QImage wide(900, 60, QImage::Format_RGB32);
    wide.fill(Qt::white);
    QPainter painter(&wide);
    painter.setFont(made::font(16));
    painter.drawText(20, 36, QStringLiteral("Meter"));
    painter.drawText(300, 36, QStringLiteral("reading"));
    painter.end();
    const Page line = readWhole(wide, {.content = ReadOptions::Content::OneLine});
    REQUIRE(line.lines.size() == 1);
    CHECK(line.lines[0].text() == QStringLiteral("Meter reading"));
}

TEST_CASE("what looks alike is told by the page's own type") {
    // A page whose numbers and words show how its figures and letters are drawn, and a key made of both.
    const QString key = QStringLiteral("token=O0OI1l5S2Z8B0O");
    const QStringList lines{
        QStringLiteral("0123456789 2580 1018 5050 8251 1905 2058 1188"),
        QStringLiteral("On Sunday Ill Olive said: Bold Ships sail, Zebras sleep. In Oslo old bells still toll."),
        QStringLiteral("0049 0855 1208 5520 8800 1580 and all shall call Isobel"), key};
    {
        const Page page = readWhole(made::picture(lines, 15, Qt::black, Qt::white, QStringLiteral("JetBrains Mono")));
        REQUIRE(page.lines.size() == 4);
        const QString got = page.lines[3].text();
        INFO(got.toStdString());
        // Letter for letter, or the true one among the runners-up.
        REQUIRE(got.size() == key.size());
        int wrong = 0, lost = 0;
        const auto& glyphs = page.lines[3].words[0].glyphs;
        REQUIRE(glyphs.size() == size_t(key.size()));
        for (size_t i = 0; i < glyphs.size(); ++i) {
            const QString truth = key.mid(qsizetype(i), 1);
            wrong += glyphs[i].text != truth;
            lost += glyphs[i].text != truth && !glyphs[i].others.contains(truth);
        }
        CHECK(wrong <= 1);
        CHECK(lost == 0);
    }
}

TEST_CASE("a glyph's box is that of its own ink") {
    const QImage image = made::picture({QStringLiteral("\"Hartwell\", (0412)")}, 18);
    const Page page = readWhole(image);
    REQUIRE(page.lines.size() == 1);
    int exact = 0;
    for (const Word& word : page.lines[0].words)
        for (const Glyph& glyph : word.glyphs) {
            if (!glyph.exact) continue;
            ++exact;
            INFO(glyph.text.toStdString());
            // No ink of a neighbour within, some ink of its own at both edges.
            const auto inked = [&](int x) {
                for (int y = int(word.box.top()); y < int(word.box.bottom()); ++y)
                    if (qGray(image.pixel(x, y)) < 240) return true;
                return false;
            };
            CHECK(inked(int(glyph.box.left())));
            CHECK(inked(int(glyph.box.right()) - 1));
        }
    CHECK(exact >= 12); // of 17
}

TEST_CASE("tables have rows, columns and a heading") {
    made::PageMaker maker;
    const QStringList rows[] = {
        {QStringLiteral("Meter"), QStringLiteral("Customer"), QStringLiteral("Last")},
        {QStringLiteral("LW-1180342"), QStringLiteral("Amelie Brandreth"), QStringLiteral("0412")},
        {QStringLiteral("LW-1180355"), QStringLiteral("Desmond Okonjo"), QStringLiteral("1093")},
        {QStringLiteral("LW-1180361"), QStringLiteral("Greta, \"S\" Vance"), QStringLiteral("0077")}};
    maker.line(QStringLiteral("Meter readings of walk 14"), 20, 20);
    double y = 80;
    for (const QStringList& row : rows) {
        maker.line(row[0], 20, y);
        maker.line(row[1], 180, y);
        maker.line(row[2], 420, y);
        y += 24;
    }
    const Page page = maker.page();
    const auto tables = findTables(page);
    REQUIRE(tables.size() == 1);
    CHECK(tables[0].headed);
    REQUIRE(tables[0].rows.size() == 4);
    REQUIRE(tables[0].columns() == 3);
    CHECK(tables[0].rows[2][1].text == QStringLiteral("Desmond Okonjo"));
    CHECK(tableCsv(tables[0]).split(QStringLiteral("\r\n"))[3] ==
          QStringLiteral("LW-1180361,\"Greta, \"\"S\"\" Vance\",0077"));
    CHECK(tableTsv(tables[0]).startsWith(QStringLiteral("Meter\tCustomer\tLast\n")));
    CHECK(tableHtml(tables[0]).contains(QStringLiteral("<th>Customer</th>")));
    CHECK(tableHtml(tables[0]).contains(QStringLiteral("<td>Greta, &quot;S&quot; Vance</td>")));
    CHECK(findTables(made::PageMaker().line(QStringLiteral("Just some")).line(QStringLiteral("lines of text")).page())
              .empty());
}

TEST_CASE("a page comes out as text, CSV and hOCR") {
    const Page page = made::PageMaker()
                          .line(QStringLiteral("Second"), 300, 20)
                          .line(QStringLiteral("First line"), 20, 21)
                          .line(QStringLiteral("a, \"b\" <c>"), 20, 60)
                          .page();
    CHECK(pageText(page) == QStringLiteral("First line\tSecond\na, \"b\" <c>\n"));
    const QStringList csv = pageCsv(page).split(QStringLiteral("\r\n"));
    REQUIRE(csv.size() == 8);
    CHECK(csv[1].endsWith(QStringLiteral(",First")));
    CHECK(csv[4].endsWith(QStringLiteral(",\"a,\"")));
    CHECK(csv[5].endsWith(QStringLiteral(",\"\"\"b\"\"\"")));
    const QString hocr = pageHocr(page, QStringLiteral("a&b.png"));
    CHECK(hocr.contains(QStringLiteral("image &quot;a&amp;b.png&quot;; bbox 0 0 1280 800")));
    CHECK(hocr.contains(QStringLiteral("&lt;c&gt;")));
    CHECK(hocr.count(QStringLiteral("class=\"ocrx_word\"")) == 6);
}

TEST_CASE("names stand in place of what is covered, the same for the same value") {
    const Page page = made::PageMaker()
                          .line(QStringLiteral("To: Ines Hartwell <ines@mail.example>"))
                          .line(QStringLiteral("cc ines@mail.example and others"))
                          .page();
    const auto boxOf = [&](size_t line, size_t word, qsizetype from, qsizetype count) {
        const auto& glyphs = page.lines[line].words[word].glyphs;
        QRectF box;
        for (qsizetype i = from; i < from + count; ++i) box = box.united(glyphs[size_t(i)].box);
        return box;
    };
    const std::vector<HiddenValue> hidden{
        {Kind::Person, 2, {page.lines[0].words[1].box.united(page.lines[0].words[2].box)}},
        {Kind::Email, 1, {boxOf(0, 3, 1, 17)}},
        {Kind::Email, 1, {page.lines[1].words[1].box}},
        {Kind::Watch, 0, {page.lines[1].words[3].box}}};
    const Page safe = sanitisedPage(page, hidden);
    CHECK(pageText(safe) == QStringLiteral("To: [person 2] <[e-mail 1]>\ncc [e-mail 1] and [covered]\n"));
    for (const TextLine& line : safe.lines)
        for (const Word& word : line.words) {
            QString all = word.text + word.alternatives.join(QString());
            for (const Glyph& g : word.glyphs) all += g.text + g.others.join(QString());
            CHECK_FALSE(all.contains(QStringLiteral("ines"), Qt::CaseInsensitive));
            CHECK_FALSE(all.contains(QStringLiteral("Hartwell")));
        }
    CHECK(sanitisedPage(page, {}).lines.size() == 2);
}

TEST_CASE("corrections and areas read anew change their words and nothing else") {
    const Page page =
        made::PageMaker().line(QStringLiteral("Mr leuan Vance")).line(QStringLiteral("meter 0412 O447")).page();
    const Page corrected = correctedPage(page, {{page.lines[0].words[1].box, QStringLiteral("Ieuan")}});
    CHECK(corrected.lines[0].text() == QStringLiteral("Mr Ieuan Vance"));
    CHECK(corrected.lines[0].words[1].confidence == 1);
    CHECK(corrected.lines[0].words[1].glyphs.size() == 5);
    CHECK(corrected.lines[1].text() == page.lines[1].text());
    const QRect area = page.lines[1].words[2].box.toAlignedRect();
    CHECK(textWithin(page, area) == QStringLiteral("O447"));
    Page reading;
    reading.size = page.size;
    TextLine line = page.lines[1];
    line.words = {line.words[2]};
    line.words[0].text = QStringLiteral("0447");
    line.box = line.words[0].box;
    reading.lines = {line};
    const Page anew = withAreaReadAnew(page, area, reading);
    CHECK(textWithin(anew, area) == QStringLiteral("0447"));
    CHECK(pageText(anew) == QStringLiteral("Mr leuan Vance\nmeter 0412\t0447\n"));
    // Cut by the edge: half of "0412" lies in the area, its middle does not.
    Page wide = reading;
    Word half = page.lines[1].words[1];
    half.box.setLeft(half.box.center().x() + 1);
    half.text = QStringLiteral("12");
    wide.lines[0].words.insert(wide.lines[0].words.begin(), half);
    CHECK(pageText(withAreaReadAnew(page, area, wide)) == QStringLiteral("Mr leuan Vance\nmeter 0412\t0447\n"));
}

TEST_CASE("odd pictures neither crash the shapes nor the codes") {
    std::mt19937 random(5);
    for (int round = 0; round < 12; ++round) {
        QImage image(int(random() % 300) + 1, int(random() % 200) + 1, QImage::Format_RGB32);
        for (int y = 0; y < image.height(); ++y)
            for (int x = 0; x < image.width(); ++x) {
                const int v = round % 3 == 0   ? int(random() % 256)
                              : round % 3 == 1 ? (x * 255) / image.width()
                                               : ((x / 3 + y / 5) % 2) * 255;
                image.setPixel(x, y, qRgb(v, v, v));
            }
        const Page page = readWhole(image);
        for (const TextLine& line : page.lines)
            for (const Word& word : line.words) CHECK(QRectF(image.rect()).adjusted(-1, -1, 1, 1).contains(word.box));
    }
    CHECK(readWhole(QImage(1, 1, QImage::Format_RGB32)).lines.empty());
}

TEST_CASE("a text is found wherever it stands, over words of a line, in any case") {
    const Page page = made::PageMaker()
                          .line(QStringLiteral("Burst main in Tannery Row"))
                          .line(QStringLiteral("the BURST MAIN, burst mains"))
                          .page();
    const auto places = placesOf(page, QStringLiteral("burst main"));
    REQUIRE(places.size() == 3);
    CHECK(places[0] == page.lines[0].words[0].box.united(page.lines[0].words[1].box));
    CHECK(places[1] == page.lines[1].words[1].box.united(page.lines[1].words[2].box));
    CHECK(placesOf(page, QStringLiteral("row")).size() == 1);
    CHECK(placesOf(page, QStringLiteral("row the")).empty()); // not over two lines
    CHECK(placesOf(page, {}).empty());
    CHECK(placesOf(Page(), QStringLiteral("burst")).empty());
}

TEST_CASE("the order of reading goes row by row, whatever a pixel says") {
    made::PageMaker maker;
    std::mt19937 random(4);
    QStringList want;
    // Four columns whose lines stand a pixel higher or lower.
    for (int row = 0; row < 12; ++row)
        for (int column = 0; column < 4; ++column) {
            const QString text = QStringLiteral("r%1c%2").arg(row).arg(column);
            want << text;
            maker.line(text, 20 + 200 * column, 40 + 30 * row + int(random() % 3) - 1);
        }
    const Page page = maker.page();
    QStringList got;
    for (const int i : readingOrder(page)) got << page.lines[size_t(i)].text();
    CHECK(got == want);
    CHECK(pageText(page).split(QLatin1Char('\n'), Qt::SkipEmptyParts).size() == 12);
    CHECK(pageText(Page()).isEmpty());
    CHECK(pageCsv(Page()).count(QLatin1Char('\n')) == 1);
}

TEST_CASE("made tables come back cell for cell, with gaps, wide cells and figures to the right") {
    std::mt19937 random(12);
    for (int round = 0; round < 40; ++round) {
        const int columns = 2 + int(random() % 5), rows = 4 + int(random() % 10);
        std::vector<QStringList> cells;
        made::PageMaker maker;
        maker.line(QStringLiteral("A heading over it all"), 20, 10);
        const double wide = 1200.0 / columns;
        for (int r = 0; r < rows; ++r) {
            QStringList row;
            for (int c = 0; c < columns; ++c) {
                QString text;
                if (r == 0)
                    text = QStringLiteral("Head%1").arg(QChar(u'a' + c));
                else if (c == 0 || random() % 8)
                    text = c % 2 ? QString::number(random() % 100000)
                                 : QStringLiteral("word%1 of").arg(QChar(u'a' + int(random() % 26)));
                row << text;
                if (text.isEmpty()) continue;
                // The figures of every second column end at its right edge.
                const double x = c % 2 ? 20 + wide * (c + 1) - 40 - 8.0 * double(text.size()) : 20 + wide * c;
                maker.line(text, x, 60 + 26 * r);
            }
            cells.push_back(row);
        }
        const auto tables = findTables(maker.page());
        INFO("round " << round << ", " << columns << " columns, " << rows << " rows");
        REQUIRE(tables.size() == 1);
        REQUIRE(tables[0].columns() == size_t(columns));
        REQUIRE(tables[0].rows.size() == size_t(rows));
        for (int r = 0; r < rows; ++r)
            for (int c = 0; c < columns; ++c) CHECK(tables[0].rows[size_t(r)][size_t(c)].text == cells[size_t(r)][c]);
        CHECK(tables[0].headed);
        // What is copied can be taken apart again.
        CHECK(tableTsv(tables[0]).count(QLatin1Char('\n')) == rows);
        CHECK(tableTsv(tables[0]).split(QLatin1Char('\n'))[0].count(QLatin1Char('\t')) == columns - 1);
        CHECK(tableHtml(tables[0]).count(QStringLiteral("<tr>")) == rows);
        CHECK(tableHtml(tables[0]).count(QStringLiteral("<th>")) == columns);
    }
}

TEST_CASE("no letter in a hidden place is left in a sanitised page, wherever the places lie") {
    std::mt19937 random(77);
    for (int round = 0; round < 200; ++round) {
        made::PageMaker maker;
        for (int l = 0; l < 6; ++l) {
            QString text;
            for (int k = 0; k < 40; ++k) text += random() % 6 ? QChar(u'a' + int(random() % 26)) : QChar(u' ');
            maker.line(text.simplified() + QLatin1Char('z'));
        }
        Page page = maker.page();
        for (TextLine& line : page.lines)
            for (Word& word : line.words) {
                word.alternatives = {word.text + QStringLiteral("?")};
                for (Glyph& g : word.glyphs) g.others = {g.text + QStringLiteral("!")};
            }
        page.codes.push_back({QStringLiteral("QR code"), QStringLiteral("secret"), {}, QRectF(100, 40, 60, 60)});
        std::vector<HiddenValue> hidden;
        for (int h = 0; h < 4; ++h)
            hidden.push_back({h ? Kind::Person : Kind::Watch,
                              h,
                              {QRectF(QRect(int(random() % 300), int(random() % 150), 10 + int(random() % 120),
                                            8 + int(random() % 30)))}});
        const auto covered = [&](const QPointF& at) {
            return std::any_of(hidden.begin(), hidden.end(),
                               [&](const HiddenValue& v) { return v.boxes[0].contains(at); });
        };
        QString kept;
        int gone = 0;
        for (const TextLine& line : page.lines)
            for (const Word& word : line.words)
                for (const Glyph& g : word.glyphs) {
                    if (covered(g.box.center()))
                        ++gone;
                    else
                        kept += g.text;
                }
        const Page safe = sanitisedPage(page, hidden);
        QString left;
        for (const TextLine& line : safe.lines)
            for (const Word& word : line.words) {
                left += word.text;
                bool touched = word.text.contains(QLatin1Char('['));
                if (touched) {
                    CHECK(word.glyphs.empty());
                    CHECK(word.alternatives.isEmpty());
                }
                for (const Glyph& g : word.glyphs) CHECK_FALSE(covered(g.box.center()));
            }
        for (int h = 0; h < 4; ++h) left.remove(standInName(h ? Kind::Person : Kind::Watch, h));
        CHECK(left == kept);
        CHECK((gone == 0) == (pageText(safe) == pageText(page)));
        const bool codeHidden = std::any_of(hidden.begin(), hidden.end(), [&](const HiddenValue& v) {
            return v.boxes[0].intersects(page.codes[0].box);
        });
        CHECK(safe.codes.size() == (codeHidden ? 0 : 1));
    }
}

TEST_CASE("names of values read as words in a sentence") {
    CHECK(standInName(Kind::Email, 1) == QStringLiteral("[e-mail 1]"));
    CHECK(standInName(Kind::Person, 12) == QStringLiteral("[person 12]"));
    CHECK(standInName(Kind::Iban, 3) == QStringLiteral("[IBAN 3]"));
    CHECK(standInName(Kind::Watch, 0) == QStringLiteral("[covered]"));
    for (const Kind kind : allKinds()) CHECK(standInName(kind, 2).endsWith(QStringLiteral(" 2]")));
}

TEST_CASE("text that changes beside a code does not hide it, and a code that changes is read anew") {
    const auto page = [](const QString& says, const std::wstring& content) {
        QImage picture = made::picture({says, QStringLiteral("Scan to see your bill, or call the depot"), QString(),
                                        QString(), QString(), QString(), QString(), QString(), QString()},
                                       24);
        QPainter(&picture).drawImage(60, 120, codePicture(ZXing::BarcodeFormat::QRCode, content, 180));
        return picture;
    };
    Reader reader;
    Progress progress;
    const auto contentOf = [&](const QImage& picture) {
        const auto read = reader.read(picture, {}, progress);
        REQUIRE(read);
        REQUIRE(read->codes.size() == 1);
        return read->codes[0].content;
    };
    CHECK(contentOf(page(QStringLiteral("Account 4471 0032"), L"LW-1")) == QLatin1String("LW-1"));
    CHECK(contentOf(page(QStringLiteral("Account 4471 8135"), L"LW-1")) == QLatin1String("LW-1"));
    CHECK(contentOf(page(QStringLiteral("Account 4471 8135"), L"LW-2")) == QLatin1String("LW-2"));
    // What was not asked for the first time is looked for the second.
    const QImage other = page(QStringLiteral("Another page"), L"LW-3");
    REQUIRE(reader.read(other, {.codes = false}, progress)->codes.empty());
    CHECK(contentOf(other) == QLatin1String("LW-3"));
}

TEST_CASE("a picture without its text keeps all else, and does not tell what the text was") {
    const auto bare = [](const QString& text) {
        QImage picture = made::picture({text}, 16);
        picture.setPixel(5, 5, qRgb(200, 30, 30));
        std::vector<LinePatch> patches = findLines(picture);
        REQUIRE(patches.size() == 1);
        UniformLine uniform = makeUniform(picture, patches[0]);
        std::vector<ReadGlyph> glyphs = (*LineModel::load())->read(uniform);
        return barePicture(picture, {{&patches[0], &uniform, &glyphs}});
    };
    const QImage one = bare(QStringLiteral("Payment received")), two = bare(QStringLiteral("Balance agreed on"));
    QRect left;
    for (int y = 0; y < one.height(); ++y)
        for (int x = 0; x < one.width(); ++x)
            if (one.constScanLine(y)[x] < 250) left = left.united(QRect(x, y, 1, 1));
    CHECK(left == QRect(5, 5, 1, 1));
    CHECK(one.copy(0, 0, 100, one.height()) == two.copy(0, 0, 100, two.height()));
}

TEST_CASE("what may be part of a code stays on the bare picture") {
    const QImage picture = made::picture({QStringLiteral("Payment received")}, 16);
    const std::vector<LinePatch> patches = findLines(picture);
    REQUIRE(patches.size() == 1);
    const UniformLine uniform = makeUniform(picture, patches[0]);
    const std::vector<ReadGlyph> read = (*LineModel::load())->read(uniform);
    REQUIRE(read.size() == 15);
    const QImage whole = barePicture(picture, {});
    const auto bareWith = [&](const std::function<void(ReadGlyph&)>& change) {
        std::vector<ReadGlyph> glyphs = read;
        for (ReadGlyph& g : glyphs) change(g);
        return barePicture(picture, {{&patches[0], &uniform, &glyphs}});
    };
    CHECK(bareWith([](ReadGlyph&) {}) != whole);
    CHECK(bareWith([](ReadGlyph& g) { g.doubted = true; }) == whole);             // another engine's word for it
    CHECK(bareWith([](ReadGlyph& g) { g.confidence = 0.7; }) == whole);           // not sure enough
    CHECK(bareWith([](ReadGlyph& g) { g.text = QStringLiteral("|"); }) == whole); // stripes
    CHECK(bareWith([](ReadGlyph& g) { g.text = QStringLiteral("."); }) == whole); // spots
    CHECK(bareWith([](ReadGlyph& g) { g.startsWord = true; }) == whole);          // single signs are no words
}

TEST_CASE("codes are looked for on any picture without harm") {
    std::mt19937 random(31);
    for (int round = 0; round < 40; ++round) {
        const QSize size(1 + int(random() % 300), 1 + int(random() % 200));
        QImage picture = made::noise(size, unsigned(random()));
        // Blocks and stripes of all kinds, as far as they can be from a code.
        QPainter painter(&picture);
        for (int i = 0; i < 60; ++i)
            painter.fillRect(
                QRect(int(random() % 300), int(random() % 200), 1 + int(random() % 20), 1 + int(random() % 60)),
                random() % 2 ? Qt::black : Qt::white);
        painter.end();
        for (const Code& code : findCodes(picture)) {
            CHECK(code.corners.size() == 4);
            CHECK(code.box.intersects(QRectF(picture.rect())));
        }
    }
}

TEST_CASE("a bare picture is of the picture's size and keeps what was not read, whatever was read on it") {
    std::mt19937 random(32);
    const QString signs = QStringLiteral("abIl1|5.-XW");
    for (int round = 0; round < 60; ++round) {
        const QImage picture = made::picture({QStringLiteral("Meter reading 0447 of March")}, 10 + int(random() % 20));
        const std::vector<LinePatch> patches = findLines(picture);
        REQUIRE_FALSE(patches.empty());
        const UniformLine uniform = makeUniform(picture, patches[0]);
        std::vector<ReadGlyph> glyphs(random() % 30);
        double x = 0;
        for (ReadGlyph& g : glyphs) {
            g.text = signs[qsizetype(random() % unsigned(signs.size()))];
            x += double(random() % 40);
            g.box = QRectF(x, 0, double(random() % 20), 30);
            g.confidence = double(random() % 101) / 100;
            g.startsWord = random() % 4 == 0;
            g.doubted = random() % 5 == 0;
        }
        const QImage bare = barePicture(picture, {{&patches[0], &uniform, &glyphs}});
        REQUIRE(bare.size() == picture.size());
        const bool any =
            std::any_of(glyphs.begin(), glyphs.end(), [](const ReadGlyph& g) { return g.confidence > 0.74; });
        const QImage before = barePicture(picture, {});
        if (!any) CHECK(bare == before);
        // Outside the line nothing changes.
        const QRect line = patches[0].box.adjusted(-3, -3, 3, 3);
        for (int y = 0; y < bare.height(); ++y)
            for (int i = 0; i < bare.width(); ++i)
                if (!line.contains(i, y)) REQUIRE(bare.constScanLine(y)[i] == before.constScanLine(y)[i]);
    }
}
