// Which lines stand together, and the order a page is read in.
#include "reading/blocks.h"
#include "reading/page_text.h"
#include "reading/reader.h"
#include "support/made.h"

#include <random>
#include <set>

using namespace eyelid;

namespace {

QStringList inOrder(const Page& page) {
    QStringList texts;
    for (const int i : readingOrder(page)) texts << page.lines[size_t(i)].text();
    return texts;
}

// Lines one under another, `pitch` apart.
void put(made::PageMaker& page, double x, double y, const QStringList& texts, double pitch = 20) {
    for (const QString& text : texts) {
        page.line(text, x, y);
        y += pitch;
    }
}

// Three cards: a heading, an address, figures, a remark.
const QStringList pumps{QStringLiteral("Weir Pump"), QStringLiteral("weir@larkmoor.example"), QStringLiteral("14.2 7"),
                        QStringLiteral("stopped since noon on Monday")};
const QStringList meters{QStringLiteral("Lower Road"), QStringLiteral("road@larkmoor.example"),
                         QStringLiteral("8,120 3"), QStringLiteral("read by hand at the gate")};
const QStringList visits{QStringLiteral("Tannery Row"), QStringLiteral("row@larkmoor.example"),
                         QStringLiteral("22.9 1"), QStringLiteral("key hangs in the old cellar")};

} // namespace

TEST_CASE("cards that stand side by side are read one after the other, below the bar over them") {
    made::PageMaker maker;
    put(maker, 20, 20, {QStringLiteral("Accounts")});
    put(maker, 140, 20, {QStringLiteral("Meters")});
    put(maker, 260, 20, {QStringLiteral("Visits")});
    put(maker, 20, 90, pumps);
    put(maker, 420, 90, meters);
    put(maker, 820, 90, visits);
    CHECK(inOrder(maker.page()) ==
          QStringList{QStringLiteral("Accounts"), QStringLiteral("Meters"), QStringLiteral("Visits")} + pumps + meters +
              visits);
}

TEST_CASE("a side bar is read whole, before what stands beside it") {
    made::PageMaker maker;
    const QStringList entries{QStringLiteral("Overview"), QStringLiteral("Readings"), QStringLiteral("Works"),
                              QStringLiteral("Reports"),  QStringLiteral("Staff"),    QStringLiteral("Help")};
    put(maker, 20, 24, entries, 34);
    QStringList prose;
    for (int i = 0; i < 9; ++i)
        prose << QStringLiteral("the main in the lower road burst for the %1th time this year").arg(i);
    put(maker, 300, 30, prose, 19);
    CHECK(inOrder(maker.page()) == entries + prose);
}

TEST_CASE("two columns of prose are read down, a form and a table across") {
    made::PageMaker columns;
    QStringList left, right;
    for (int i = 0; i < 8; ++i) {
        left << QStringLiteral("left %1 the pressure fell slowly over night").arg(i);
        right << QStringLiteral("right %1 and rose again when the valve was").arg(i);
    }
    put(columns, 20, 40, left);
    put(columns, 520, 40, right);
    CHECK(inOrder(columns.page()) == left + right);

    made::PageMaker form;
    QStringList want;
    for (int i = 0; i < 6; ++i) {
        const QString label = QStringLiteral("Field %1").arg(QChar(u'A' + i)),
                      value = QStringLiteral("value %1 of it").arg(i * 7919);
        form.line(label, 20, 40 + 34 * i).line(value, 240, 40 + 34 * i);
        want << label << value;
    }
    CHECK(inOrder(form.page()) == want);
}

TEST_CASE("what is said from the left and from the right is read in turn") {
    made::PageMaker maker;
    QStringList want;
    double y = 30;
    for (int i = 0; i < 8; ++i) {
        const QStringList said{QStringLiteral("%1 says").arg(i), QStringLiteral("the tap drips %1").arg(i)};
        put(maker, i % 2 ? 700 : 20, y, said);
        want += said;
        y += 70;
    }
    CHECK(inOrder(maker.page()) == want);
}

TEST_CASE("every line stands in one block, once, wherever lines are, and the order is the same each time") {
    std::mt19937 random(31);
    for (int round = 0; round < 200; ++round) {
        made::PageMaker maker;
        const int count = int(random() % 60);
        for (int i = 0; i < count; ++i)
            maker.line(QStringLiteral("w%1 on it").arg(i), double(random() % 1200), double(random() % 760));
        Page page = maker.page();
        for (TextLine& line : page.lines)
            if (random() % 5 == 0) line.turned = random() % 2 ? 90 : 270;
        if (!page.lines.empty()) page.lines.front().words.clear();
        std::multiset<int> seen;
        for (const Block& block : blocksOf(page))
            for (const auto& paragraph : block.paragraphs) {
                CHECK(!paragraph.empty());
                for (const int line : paragraph) {
                    seen.insert(line);
                    CHECK(block.box.contains(page.lines[size_t(line)].box.center()));
                }
            }
        std::multiset<int> want;
        for (size_t i = 0; i < page.lines.size(); ++i)
            if (!page.lines[i].words.empty()) want.insert(int(i));
        CHECK(seen == want);
        CHECK(inOrder(page) == inOrder(page));
    }
}

TEST_CASE("lines that run upwards are read from left to right, those that run down from right to left") {
    made::PageMaker maker;
    maker.line(QStringLiteral("first"), 100, 300)
        .line(QStringLiteral("second"), 130, 300)
        .line(QStringLiteral("third"), 160, 300);
    Page page = maker.page();
    for (TextLine& line : page.lines) {
        line.turned = 270;
        line.box = QRectF(line.box.left(), 100, 10, 300);
    }
    CHECK(inOrder(page) == QStringList{QStringLiteral("first"), QStringLiteral("second"), QStringLiteral("third")});
    for (TextLine& line : page.lines) line.turned = 90;
    CHECK(inOrder(page) == QStringList{QStringLiteral("third"), QStringLiteral("second"), QStringLiteral("first")});
}

TEST_CASE("hOCR tells blocks and paragraphs, and copied text keeps rows of tables on one line") {
    made::PageMaker maker;
    put(maker, 20, 40, pumps);
    put(maker, 20, 160, meters);
    put(maker, 620, 40, visits);
    put(maker, 620, 160, visits);
    const QString hocr = pageHocr(maker.page(), QStringLiteral("a.png"));
    CHECK(hocr.count(QStringLiteral("class=\"ocr_carea\"")) >= 2);
    CHECK(hocr.count(QStringLiteral("class=\"ocr_par\"")) == 4);
    CHECK(hocr.count(QStringLiteral("class=\"ocr_line\"")) == 16);
    CHECK(pageText(maker.page()).startsWith(pumps.join(u'\n') + u'\n' + visits.join(u'\n')));

    made::PageMaker table;
    for (int row = 0; row < 5; ++row)
        for (int column = 0; column < 3; ++column)
            table.line(QStringLiteral("r%1c%2").arg(row).arg(column), 20 + 200 * column, 40 + 30 * row);
    CHECK(pageText(table.page()).startsWith(QStringLiteral("r0c0\tr0c1\tr0c2\nr1c0\t")));
}

TEST_CASE("the sides of fields are not read, bars among words are") {
    QImage picture(700, 260, QImage::Format_RGB32);
    picture.fill(QColor(0xee, 0xf3, 0xf0));
    {
        QPainter painter(&picture);
        painter.setRenderHint(QPainter::Antialiasing);
        painter.setFont(made::font(13));
        painter.setPen(QColor(0xcb, 0xd8, 0xd1));
        painter.setBrush(Qt::white);
        painter.drawRoundedRect(QRectF(20.5, 40.5, 300, 27), 4, 4);
        painter.drawRoundedRect(QRectF(360.5, 40.5, 300, 27), 4, 4);
        painter.setPen(QColor(0x20, 0x30, 0x2a));
        painter.drawText(30, 58, QStringLiteral("Tannery Row 14"));
        painter.drawText(370, 58, QStringLiteral("Lower Road"));
        painter.drawText(20, 140, QStringLiteral("Valve open | closed | stuck"));
    }
    Reader reader(1);
    Progress progress;
    const auto page = reader.read(picture, {}, progress);
    REQUIRE(page);
    CHECK(pageText(*page) == QStringLiteral("Tannery Row 14\tLower Road\nValve open | closed | stuck\n"));
}
