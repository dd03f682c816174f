// Tables whose columns are too narrow for what stands in them, and words of languages that are nobody's.
#include "finding/names.h"
#include "finding/ordinary_word.h"
#include "finding/screen_text.h"
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
    CHECK(ScreenText(page).inCells().empty());
    CHECK(foundOn(Kind::Account, page) == list({"20461793"}));
}

TEST_CASE("a remark under a value in its cell is left") {
    const Page page = tableOf({cells("Order", "Account holder", "State", "Born"),
                               cells("81753", "Ines Hartwell\nTeam lead", "Shipped", "1977-03-17"),
                               cells("70134", "Tobias Fenn\nAnalytics", "On hold", "1981-11-02")});
    CHECK(ScreenText(page).inCells().size() == 2);
    CHECK(foundOn(Kind::Person, page) == list({"Ines Hartwell", "Tobias Fenn"}));
}

TEST_CASE("a label over its value in a cell of its own is left") {
    const Page page = tableOf({cells("Order", "Server", "State", "Phone"),
                               cells("81753", "IP\n192.0.2.239", "Shipped", "01632 960 871"),
                               cells("70134", "IP\n192.0.2.14", "On hold", "01632 960 233 from 9")});
    CHECK(foundOn(Kind::Ip, page) == list({"192.0.2.239", "192.0.2.14"}));
}

TEST_CASE("a label over two lines of a narrow heading speaks for its column") {
    const Page page = tableOf({cells("Color", "N.º de\ncuenta", "Estado", "Empresa"),
                               cells("lima", "8212518634", "Activo", "Talleres Ribera"),
                               cells("gris", "00499997", "Activo", "Talleres Ribera"),
                               cells("rojo", "ZU81462615", "Activo", "Talleres Ribera")});
    CHECK(foundOn(Kind::Account, page) == list({"8212518634", "00499997", "ZU81462615"}));
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
