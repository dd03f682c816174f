// Tables in plain type: what bars part are cells.
#include "finding/barred_cells.h"
#include "support/found_on.h"

using namespace eyelid;

namespace {

QStringList linesOf(const Page& page) {
    QStringList lines;
    for (const TextLine& line : page.lines) lines << line.text();
    return lines;
}

// As a reader gives it: wide gaps end a line, the bars of the heading were taken for a frame's, and so was one more.
Page tableOfTowns() {
    made::PageMaker maker;
    maker.line(QStringLiteral("id"), 20, 40).line(QStringLiteral("customer"), 76, 40);
    maker.line(QStringLiteral("town"), 256, 40);
    int y = 64;
    for (const auto& [who, town] : {std::pair{"7912 | Merlin Koster", "| Elaineland"},
                                    {"9380 | Henry Kirch", "| Bristol"},
                                    {"7257 | Tina Gadschiew", "| Oos-Londen"},
                                    {"1890 | Nikita Riermeier", "| York"}}) {
        maker.line(QString::fromUtf8(who), 20, y).line(QString::fromUtf8(town), 240, y);
        y += 24;
    }
    maker.line(QStringLiteral("5019 | Hugo Vangermain"), 20, y).line(QStringLiteral("Hull"), 256, y);
    return maker.page();
}

} // namespace

TEST_CASE("bars over one another part the cells of a table, and its headings speak for them") {
    const Page page = tableOfTowns();
    const auto parted = withBarredCells(page);
    REQUIRE(parted);
    CHECK(linesOf(*parted).mid(3, 3) ==
          QStringList{QStringLiteral("7912"), QStringLiteral("Merlin Koster"), QStringLiteral("Elaineland")});
    QStringList towns;
    for (const Finding& f : finder().find(page, everything(), {}))
        if (f.kind == Kind::Address) towns << f.text;
    CHECK(towns == QStringList{QStringLiteral("Elaineland"), QStringLiteral("Bristol"), QStringLiteral("Oos-Londen"),
                               QStringLiteral("York"), QStringLiteral("Hull")});
}

TEST_CASE("rows of values that bars part without spaces are seen value by value") {
    const auto lines = {"001|12.50|EUR|LUCIA FUNK|ARCEO TERTIUS", "002|663.00|EUR|NATAN CHUIT|DEPRIMO VERBUM",
                        "003|9.00|EUR|VALENTIN CLERC|MAGNI ARGUO"};
    const auto parted = withBarredCells(pageOf(lines).page());
    REQUIRE(parted);
    CHECK(linesOf(*parted).mid(5, 5) == QStringList{QStringLiteral("002"), QStringLiteral("663.00"),
                                                    QStringLiteral("EUR"), QStringLiteral("NATAN CHUIT"),
                                                    QStringLiteral("DEPRIMO VERBUM")});
    const QStringList found = foundOn(Kind::Person, lines);
    CHECK(found.contains(QStringLiteral("NATAN CHUIT")));
}

TEST_CASE("a cell keeps the places of its letters") {
    const Page page = tableOfTowns();
    const auto parted = withBarredCells(page);
    REQUIRE(parted);
    QRectF all, before;
    for (const TextLine& line : parted->lines)
        for (const Word& word : line.words)
            for (const Glyph& glyph : word.glyphs) {
                CHECK(word.box.contains(glyph.box));
                CHECK(line.box.contains(glyph.box));
                CHECK(glyph.text != QLatin1String("|"));
                all |= glyph.box;
            }
    for (const TextLine& line : page.lines) before |= line.box;
    CHECK(all == before);
}

TEST_CASE("bars that part no rows are left alone") {
    CHECK_FALSE(withBarredCells(pageOf({"cat list.txt | sort", "it is either | or", "Jan Torp"}).page()));
    // Fields of HL7 messages are known by their place in the segment.
    const Page message =
        pageOf({"MSH|^~\\&|LAB|WARD|2026", "PID|1||4711^^^LAB||SUTCLIFFE^ROWENA", "OBX|1|NM|NA^Sodium||139|mmol"})
            .page();
    const auto parted = withBarredCells(message);
    CHECK((!parted || linesOf(*parted) == linesOf(message)));
}
