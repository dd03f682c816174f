// What is told by the name it stands beside, and values that a narrow cell breaks over several lines.
#include "support/found_on.h"

#include <algorithm>

using namespace eyelid;

TEST_CASE("whom something belongs to is somebody") {
    CHECK(foundOn(Kind::Person, {"Rosalia’s laptop"}) == QStringList{QStringLiteral("Rosalia")});
    CHECK(foundOn(Kind::Person, {"Today’s laptop"}).isEmpty());
    CHECK(foundOn(Kind::Person, {"London’s bridges"}).isEmpty());
}

TEST_CASE("a frequent given name is a name, and not because it is frequent a word") {
    CHECK(foundOn(Kind::Person, {"On my way, Emily"}) == QStringList{QStringLiteral("Emily")});
    CHECK(foundOn(Kind::Person, {"We were told by Alexander Declerck.", "", "On my way, Alexander"})
              .contains(QStringLiteral("Alexander")));
    // What means something else as well is not.
    CHECK(foundOn(Kind::Person, {"The scripts are written in Perl"}).isEmpty());
    CHECK(foundOn(Kind::Person, {"It was sold to a German firm"}).isEmpty());
}

TEST_CASE("a month before a name is no part of it") {
    CHECK(foundOn(Kind::Person, {"Refund September Ethan Patel"}) == QStringList{QStringLiteral("Ethan Patel")});
    CHECK(foundOn(Kind::Person, {"Fee January Charli Kirlin"}) == QStringList{QStringLiteral("Charli Kirlin")});
    CHECK(foundOn(Kind::Person, {"Salary July Feeney, Ashton"}) == QStringList{QStringLiteral("Feeney, Ashton")});
    // The same word may be a name's own.
    CHECK(foundOn(Kind::Person, {"Anna May Miller"}) == QStringList{QStringLiteral("Anna May Miller")});
}

TEST_CASE("a town behind a name is where somebody lives") {
    CHECK(foundOn(Kind::Address, {"I leave my cup to my niece Rowena Sutcliffe of Hwidiem."}) ==
          QStringList{QStringLiteral("Hwidiem")});
    CHECK(foundOn(Kind::Address, {"Rowena Sutcliffe, Pretoria"}) == QStringList{QStringLiteral("Pretoria")});
    CHECK(foundOn(Kind::Address, {"Rowena S., 43, Hwidiem"}).join(u' ').contains(QStringLiteral("Hwidiem")));
    // A firm, a service, a second name.
    CHECK(foundOn(Kind::Address, {"We spoke with Rowena Sutcliffe of Customer Service."}).isEmpty());
    CHECK(foundOn(Kind::Address, {"Rowena Sutcliffe, Gareth Sutcliffe"}).isEmpty());
}

TEST_CASE("a town behind a user name is where somebody lives") {
    CHECK(foundOn(Kind::Address, {"Vibeke Schroder", "@vibeke91 · Hwidiem"}) == QStringList{QStringLiteral("Hwidiem")});
    CHECK(foundOn(Kind::Address, {"Vibeke Schroder", "@vibeke91 · Moderator"}).isEmpty());
}

TEST_CASE("a town under a street is part of the address") {
    CHECK(foundOn(Kind::Address, {"5870 Fenwick Road", "Generalchester"}).contains(QStringLiteral("Generalchester")));
    CHECK_FALSE(foundOn(Kind::Address, {"5870 Fenwick Road", "Overview"}).contains(QStringLiteral("Overview")));
}

TEST_CASE("a date of long ago by itself under a name is a date of birth, one of these years is not") {
    CHECK(foundOn(Kind::Dob, {"SUTCLIFFE, Rowena", "14.3.1934"}) == QStringList{QStringLiteral("14.3.1934")});
    CHECK(foundOn(Kind::Dob, {"Rowena Sutcliffe  F  1934-03-14"}) == QStringList{QStringLiteral("1934-03-14")});
    CHECK(foundOn(Kind::Dob, {"Rowena Sutcliffe", "14.3.2024"}).isEmpty());
    CHECK(foundOn(Kind::Dob, {"Founded in these days:", "14.3.1934"}).isEmpty());
}

TEST_CASE("a number that a narrow cell breaks over several lines is found whole, with a box for each") {
    const auto whole = [](std::initializer_list<const char*> lines, Kind kind, const char* text, size_t boxes) {
        const std::vector<Finding> all = findingsOn(lines);
        const auto found = std::find_if(all.begin(), all.end(), [&](const Finding& f) {
            return f.kind == kind && f.text == QString::fromUtf8(text);
        });
        INFO(text);
        REQUIRE(found != all.end());
        CHECK(found->boxes.size() == boxes);
        // None of its parts is found besides.
        for (const Finding& other : all)
            CHECK((&other == &*found || !other.boxes.front().intersects(found->boxes.back())));
    };
    whole({"Tools", "GB33 BUKB", "2020 1555", "5555 55", "blue"}, Kind::Iban, "GB33 BUKB 2020 1555 5555 55", 3);
    whole({"4000", "0094", "2273", "4361"}, Kind::Card, "4000 0094 2273 4361", 4);
    whole({"+44 7700", "900 417"}, Kind::Phone, "+44 7700 900 417", 2);
    whole({"acct 2513", "2085 908", "Tools"}, Kind::Account, "2513 2085 908", 2);
}

TEST_CASE("a column of numbers is no number over several lines") {
    // The second to the fifth are a card's, whether the column ends with them or not.
    CHECK(foundOn(Kind::Card, {"1200", "4000", "0094", "2273", "4361"}).isEmpty());
    CHECK(foundOn(Kind::Card, {"1200", "4000", "0094", "2273", "4361", "7711"}).isEmpty());
}

TEST_CASE("a name over two lines of a narrow cell is whole") {
    CHECK(foundOn(Kind::Person, {"Irma", "Smitham"}).size() == 2);
    CHECK_FALSE(foundOn(Kind::Person, {"Irma", "Overview"}).contains(QStringLiteral("Overview")));
}

TEST_CASE("a month and a year are no number of a passport") {
    CHECK(foundOn(Kind::Passport, {"Passport: December 2024"}).isEmpty());
    CHECK(foundOn(Kind::Passport, {"Passport: QF8209398"}) == QStringList{QStringLiteral("QF8209398")});
}

TEST_CASE("a user name made of a known name is found elsewhere as a whole") {
    Finding known;
    known.kind = Kind::Person;
    known.text = QStringLiteral("Tibor Varga");
    known.key = QStringLiteral("person:tibor varga");
    const auto found = finder().carry(pageOf({"seen: t.varga-ext."}).page(), {}, {known}, everything());
    REQUIRE(found.size() == 1);
    CHECK(found.front().text == QStringLiteral("t.varga-ext"));
}

TEST_CASE("in the cell beside a post code stands its town, whoever knows it") {
    made::PageMaker maker;
    const auto row = [&](const char* name, const char* code, const char* town, double y) {
        maker.line(QString::fromUtf8(name), 20, y).line(QString::fromUtf8(code), 260, y);
        maker.line(QString::fromUtf8(town), 360, y);
    };
    row("Name", "PLZ", "Lage", 40);
    row("Rowena Sutcliffe", "47224", "Hwidiem", 64);
    row("Gareth Miller", "47811", "Zoblin an der Ruhr", 88);
    row("Vibeke Schroder", "30155", "Karstedt", 112);
    QStringList addresses;
    for (const Finding& f : finder().find(maker.page(), everything(), {}))
        if (f.kind == Kind::Address) addresses << f.text;
    for (const char* town : {"Hwidiem", "Zoblin an der Ruhr", "Karstedt"})
        CHECK(addresses.contains(QString::fromUtf8(town)));
    CHECK_FALSE(addresses.contains(QStringLiteral("Lage")));
}

TEST_CASE("in brackets behind a name stands the user name made of it; another word there is none") {
    CHECK(foundOn(Kind::Username, {"Angeline Kris (akris) has signed"}) == QStringList{QStringLiteral("akris")});
    CHECK(foundOn(Kind::Username, {"Sutcliffe, Rowena (@rsutcliffe)"}).size() == 1);
    CHECK(foundOn(Kind::Username, {"Angeline Kris (nurse) has signed"}).isEmpty());
}

TEST_CASE("a number of a record is one in a row whose name is missing as well") {
    made::PageMaker maker;
    const char* rows[][2] = {{"M-548540", "Rozo Bailey"},
                             {"M-564234", "Gareth Miller"},
                             {"M-145028", "Vibeke Schroder"},
                             {"M-820732", "Rowena Sutcliffe"},
                             {"M-505466", "to be told"}};
    double y = 40;
    for (const auto& [number, name] : rows) {
        maker.line(QString::fromUtf8(number), 20, y).line(QString::fromUtf8(name), 160, y);
        y += 24;
    }
    QStringList records;
    for (const Finding& f : finder().find(maker.page(), everything(), {}))
        if (f.kind == Kind::Record) records << f.text;
    CHECK(records.size() == 5);
}

TEST_CASE("a heading that ends in a word for numbers heads a column of them") {
    made::PageMaker maker;
    const char* rows[][2] = {{"Payer", "From account"},
                             {"Rozo Bailey", "91876808"},
                             {"Gareth Miller", "02943897"},
                             {"Vibeke Schroder", "62846276"}};
    double y = 40;
    for (const auto& [name, account] : rows) {
        maker.line(QString::fromUtf8(name), 20, y).line(QString::fromUtf8(account), 260, y);
        y += 24;
    }
    int accounts = 0;
    for (const Finding& f : finder().find(maker.page(), everything(), {})) accounts += f.kind == Kind::Account;
    CHECK(accounts == 3);
}

TEST_CASE("a town behind a name written family first is found, of several words and with a small letter before it") {
    const QStringList towns =
        foundOn(Kind::Address, {"Ontiveros Carrión, Emilio, Benidorm", "",
                                "Navarrete Delafuente, Adán, Jerez de la Frontera", "", "Lukhona Ngcolosi, iBhayi"});
    CHECK(towns ==
          QStringList{QStringLiteral("Benidorm"), QStringLiteral("Jerez de la Frontera"), QStringLiteral("iBhayi")});
    CHECK(foundOn(Kind::Address, {"We met Lukhona Ngcolosi from Jerez de la Frontera."}) ==
          QStringList{QStringLiteral("Jerez de la Frontera")});
    CHECK(foundOn(Kind::Address, {"Popescu, Monalisa, Negrești-Oaș"}) == QStringList{QStringLiteral("Negrești-Oaș")});
    // A list of given names has no town.
    CHECK(foundOn(Kind::Address, {"Emilio, Claudia, Florence"}).isEmpty());
}
