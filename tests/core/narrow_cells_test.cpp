// Tables whose columns are too narrow for what stands in them, and words of languages that are nobody's.
#include "finding/names.h"
#include "finding/ordinary_word.h"
#include "finding/whole_cells.h"
#include "language/lexicon.h"
#include "support/found_on.h"

using namespace eyelid;

namespace {

// A table: cells of one line stand at the middle of their row, between the two lines of a cell that has two.
Page tableOf(const std::vector<QStringList>& rows) {
    made::PageMaker maker;
    double y = 40;
    for (const QStringList& row : rows) {
        double x = 20;
        for (const QString& cell : row) {
            const QStringList lines = cell.split(u'\n');
            for (qsizetype i = 0; i < lines.size(); ++i)
                maker.line(lines[i], x, lines.size() == 1 ? y + 9 : y + 18 * double(i));
            x += 160;
        }
        y += 52;
    }
    return maker.page();
}

QStringList cells(const char* a, const char* b, const char* c, const char* d) {
    return list({a, b, c, d});
}

} // namespace

TEST_CASE("a value that a narrow cell breaks over two lines is found whole") {
    const Page page = tableOf({cells("Order", "DOB", "State", "Mobile"),
                               cells("81753", "1977-03-\n17", "Shipped", "+44 1632 960\n417"),
                               cells("70134", "09/06/1987", "On hold", "01632 960 233"),
                               cells("20089", "May 20,\n1953", "Shipped", "01632 960 871")});
    CHECK(foundOn(Kind::Dob, page) == list({"1977-03-17", "09/06/1987", "May 20, 1953"}));
    CHECK(foundOn(Kind::Phone, page).contains(QStringLiteral("+44 1632 960 417")));
}

TEST_CASE("what stands under a value in a row of its own is not taken for the rest of it") {
    // Rows close together, none of whose cells has two lines.
    made::PageMaker maker;
    double y = 40;
    for (const QStringList& row : {cells("Order", "Account number", "State", "Sum"),
                                   cells("81753", "20461793", "Shipped", "12"), cells("70134", "", "On hold", "40")}) {
        double x = 20;
        for (const QString& cell : row) {
            if (!cell.isEmpty()) maker.line(cell, x, y);
            x += 160;
        }
        y += 18;
    }
    const Page page = maker.page();
    CHECK_FALSE(withWholeCells(page));
    CHECK(foundOn(Kind::Account, page) == list({"20461793"}));
}

TEST_CASE("a remark under a value in its cell is left") {
    const Page page = tableOf({cells("Order", "Account holder", "State", "Born"),
                               cells("81753", "Ines Hartwell\nTeam lead", "Shipped", "1977-03-17"),
                               cells("70134", "Tobias Fenn\nAnalytics", "On hold", "1981-11-02")});
    CHECK(withWholeCells(page)->lines.size() == page.lines.size() - 2);
    CHECK(foundOn(Kind::Person, page) == list({"Ines Hartwell", "Tobias Fenn"}));
}

TEST_CASE("a label over its value in a cell of its own is left") {
    const Page page = tableOf({cells("Order", "Server", "State", "Phone"),
                               cells("81753", "IP\n192.0.2.239", "Shipped", "01632 960 871"),
                               cells("70134", "IP\n192.0.2.14", "On hold", "01632 960 233 from 9")});
    CHECK(foundOn(Kind::Ip, page) == list({"192.0.2.239", "192.0.2.14"}));
    // Nobody's list has the name: only its label tells.
    const Page tiles =
        tableOf({cells("Order", "Party", "State", "Sum"), cells("81753", "Contact\nOjhelwe", "Shipped", "12"),
                 cells("70134", "Contact\nNguerbe", "On hold", "17")});
    CHECK_FALSE(withWholeCells(tiles));
    CHECK(foundOn(Kind::Person, tiles) == list({"Ojhelwe", "Nguerbe"}));
}

TEST_CASE("a label over two lines of a narrow heading speaks for its column") {
    const Page page = tableOf({cells("Color", "N.º de\ncuenta", "Estado", "Empresa"),
                               cells("lima", "8212518634", "Activo", "Talleres Ribera"),
                               cells("gris", "00499997", "Activo", "Talleres Ribera"),
                               cells("rojo", "ZU81462615", "Activo", "Talleres Ribera")});
    CHECK(foundOn(Kind::Account, page) == list({"8212518634", "00499997", "ZU81462615"}));
}

namespace {

// A table whose cells all stand at the top of their row, its rows two pixels farther apart than a line is high.
Page topAligned(const std::vector<QStringList>& rows, const std::vector<double>& columns) {
    constexpr double pitch = 18, between = 14;
    made::PageMaker maker;
    double y = 40;
    for (const QStringList& row : rows) {
        qsizetype most = 1;
        for (qsizetype c = 0; c < row.size(); ++c) {
            const QStringList lines = row[c].split(u'\n');
            most = std::max(most, lines.size());
            for (qsizetype i = 0; i < lines.size(); ++i)
                maker.line(lines[i], columns[size_t(c)], y + pitch * double(i));
        }
        y += pitch * double(most) + between;
    }
    return maker.page();
}

} // namespace

TEST_CASE("a cell of three lines at the top of its row is one value, beside cells of as many") {
    const Page page = topAligned({cells("State", "Role", "Street", "Sum"),
                                  cells("Shipped", "Chief\nFunctionality\nPlanner", "Monte\nSalvador\n9", "12"),
                                  cells("Paid", "Lead\nResponse\nEngineer", "Polígono\nMateo, 8", "40"),
                                  cells("Paid", "Lead\nPlanner", "Poblado\nSoledad 3", "17")},
                                 {20, 160, 320, 440});
    CHECK(foundOn(Kind::Address, page) == list({"Monte Salvador 9", "Polígono Mateo, 8", "Poblado Soledad 3"}));
    CHECK(foundOn(Kind::Person, page).isEmpty());
}

TEST_CASE("a value over lines of a cell has a box for each, and a word that a hyphen parts is one") {
    const Page page = topAligned({cells("State", "Born", "Role", "Sum"), cells("Paid", "1977-03-\n17", "Planner", "12"),
                                  cells("Paid", "24 October\n1938", "Planner", "12")},
                                 {20, 160, 320, 440});
    const std::vector<Finding> found = finder().find(page, everything(), {});
    const auto born = std::ranges::find(found, Kind::Dob, &Finding::kind);
    REQUIRE(born != found.end());
    CHECK(born->text == QStringLiteral("1977-03-17"));
    REQUIRE(born->boxes.size() == 2);
    CHECK(born->boxes[0].bottom() < born->boxes[1].center().y());
    CHECK(foundOn(Kind::Dob, page).contains(QStringLiteral("24 October 1938")));
}

TEST_CASE("an address of mail that a narrow cell breaks anywhere is whole") {
    const Page page = topAligned({cells("Town", "E-mail", "Role", "Sum"),
                                  cells("Sulby", "franco85@pos\nt.example.net", "Chief\nPlanner", "12"),
                                  cells("Herne", "r.lutz-\next@office.e\nxample", "Lead\nResponse\nEngineer", "17"),
                                  cells("Sulby", "k@example.org\nm@example.org", "Lead\nPlanner", "17")},
                                 {20, 160, 320, 440});
    CHECK(foundOn(Kind::Email, page) ==
          list({"franco85@post.example.net", "r.lutz-ext@office.example", "k@example.org", "m@example.org"}));
    // Rows so near that the next is as close as lines of one text.
    made::PageMaker dense;
    double y = 40;
    for (const auto& [first, second] : {std::pair{"konrad.winkler", "@example.org"},
                                        {"r.lutz-", "ext@office.example"},
                                        {"franco85@pos", "t.example.net"}}) {
        dense.line(QString::fromLatin1(first), 160, y).line(QString::fromLatin1(second), 160, y + 18);
        dense.line(QStringLiteral("Sulby"), 20, y).line(QStringLiteral("Planner"), 320, y);
        y += 44;
    }
    CHECK(foundOn(Kind::Email, dense.page()) ==
          list({"konrad.winkler@example.org", "r.lutz-ext@office.example", "franco85@post.example.net"}));
}

TEST_CASE("a value that is known is found, and seen by the check, over the lines of a narrow cell") {
    const Page page = topAligned({cells("State", "Note", "Where", "Sum"),
                                  cells("Shipped", "Chief\nFunctionality\nPlanner", "Sleek\nHartwell\nMews 9", "12"),
                                  cells("Paid", "Lead\nPlanner", "Upper hall", "17")},
                                 {20, 160, 320, 440});
    Finding known;
    known.kind = Kind::Address;
    known.text = QStringLiteral("Sleek Hartwell Mews 9");
    known.key = QStringLiteral("address:sleek");
    const std::vector<Finding> carried = finder().carry(page, {}, {known}, everything());
    REQUIRE(carried.size() == 1);
    CHECK(carried.front().boxes.size() == 3);
    CHECK(finder().readable(page, {known}).size() == 1);
}

TEST_CASE("lines of cards side by side are no cells of a table") {
    made::PageMaker cards;
    double x = 20;
    for (const char* card : {"Larkmoor\n12 Fenwick Lane\nHerne", "Northgate\n7 Mill Row\nSulby", "Overview\nBills"}) {
        double y = 40;
        for (const QString& line : QString::fromUtf8(card).split(u'\n')) cards.line(line, x, y += 18);
        x += 240;
    }
    CHECK_FALSE(withWholeCells(cards.page()));
}

TEST_CASE("a heading in the middle of its column speaks for the cells at its left") {
    // As browsers set headings that no style sheet aligns.
    made::PageMaker maker;
    maker.line(QStringLiteral("State"), 60, 40).line(QStringLiteral("Account"), 270, 40);
    maker.line(QStringLiteral("Role"), 500, 40).line(QStringLiteral("Item"), 720, 40);
    double y = 40;
    for (const char* number : {"633453/1319", "640-25690", "78-07-06 95266872"}) {
        y += 22;
        maker.line(QStringLiteral("Paid"), 20, y).line(QString::fromLatin1(number), 180, y);
        maker.line(QStringLiteral("Planner"), 420, y).line(QStringLiteral("Sleek Concrete Tuna Fish"), 640, y);
    }
    CHECK(foundOn(Kind::Account, maker.page()) == list({"633453/1319", "640-25690", "78-07-06 95266872"}));
}

TEST_CASE("icons to sort by in a table's head are no headings, nor part of one") {
    made::PageMaker maker;
    maker.line(QStringLiteral("a. City"), 20, 40).line(QStringLiteral("."), 110, 40);
    maker.line(QStringLiteral("E-mail"), 240, 40).line(QStringLiteral("."), 330, 40);
    maker.line(QStringLiteral("Total"), 480, 40).line(QStringLiteral("."), 570, 40);
    double y = 40;
    for (const auto& [town, mail] : {std::pair{"Eekwerd aan de Spekthoek", "a@example.org"},
                                     {"Kwaalburen", "f@example.org"},
                                     {"Spekthoek", "k@example.org"}}) {
        y += 28;
        maker.line(QString::fromLatin1(town), 20, y).line(QString::fromLatin1(mail), 240, y);
        maker.line(QStringLiteral("12.00"), 480, y);
    }
    CHECK(foundOn(Kind::Address, maker.page()) == list({"Eekwerd aan de Spekthoek", "Kwaalburen", "Spekthoek"}));
}

TEST_CASE("a heading over two lines at the bottom of its row speaks for its column") {
    made::PageMaker maker;
    maker.line(QStringLiteral("Rue"), 20, 58).line(QStringLiteral("Compte"), 180, 40);
    maker.line(QStringLiteral("bancaire"), 180, 58).line(QStringLiteral("Article"), 340, 58);
    maker.line(QStringLiteral("Somme"), 500, 58);
    double y = 58;
    for (const char* number : {"OA27193634", "203-94330", "984-43074"}) {
        y += 34;
        maker.line(QStringLiteral("7 Rue Haute"), 20, y).line(QString::fromLatin1(number), 180, y);
        maker.line(QStringLiteral("Table"), 340, y).line(QStringLiteral("12.00"), 500, y);
    }
    CHECK(foundOn(Kind::Account, maker.page()) == list({"OA27193634", "203-94330", "984-43074"}));
}

TEST_CASE("an address goes on behind a word that never ends one, and ends before how an order stands") {
    CHECK(foundOn(Kind::Address, {"1194 Rue de", "l'Envers"}) == list({"1194 Rue de l'Envers"}));
    CHECK(foundOn(Kind::Address, {"36 Boulevard Haut, 87730 Nioro du Rip"}) ==
          list({"36 Boulevard Haut, 87730 Nioro du Rip"}));
    CHECK(foundOn(Kind::Address, {"Hauptstr. 5, 79261 Gutach im Breisgau"}) ==
          list({"Hauptstr. 5, 79261 Gutach im Breisgau"}));
    CHECK(foundOn(Kind::Address, {"88 Cross Court, Shipped"}) == list({"88 Cross Court"}));
    CHECK(foundOn(Kind::Address, {"691 Greig Road, On hold"}) == list({"691 Greig Road"}));
    CHECK(foundOn(Kind::Address, {"12 Fenwick Lane, Bath"}) == list({"12 Fenwick Lane, Bath"}));
}

TEST_CASE("words of menus are nobody's name, nor part of one") {
    for (const char* word : {"Inbox", "Analytics", "Refunded", "identifiant", "Dirección"}) {
        INFO(word);
        CHECK(isInLexicon(QString::fromUtf8(word)));
        CHECK(isNobodysWord(Names(), QString::fromUtf8(word)));
    }
    for (const char* name : {"Heather", "Baker", "Delapaz", "Fishppin", "", "Xq"}) {
        INFO(name);
        CHECK_FALSE(isNobodysWord(Names(), QString::fromUtf8(name)));
    }
    made::PageMaker bar;
    bar.line(QStringLiteral("Inbox Heather Hartwell"), 400, 30).line(QStringLiteral("Analytics Offouts"), 100, 30);
    CHECK(foundOn(Kind::Person, bar.page()) == list({"Heather Hartwell"}));
}
