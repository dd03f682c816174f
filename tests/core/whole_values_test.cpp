#include "finding/finder.h"
#include "support/everything.h"
#include "support/made.h"

using namespace eyelid;

namespace {

// All that is found of a kind on lines one under another, as it reads, in the page's order.
QStringList found(Kind kind, std::initializer_list<const char*> lines) {
    made::PageMaker maker;
    int y = 40;
    for (const char* line : lines) {
        maker.line(QString::fromUtf8(line), 20, y);
        y += 30;
    }
    QStringList texts;
    for (const Finding& f : finder().find(maker.page(), everything(), {}))
        if (f.kind == kind) texts.append(f.text);
    return texts;
}

} // namespace

TEST_CASE("a number that a sentence announces is found, whatever its form, and on the next line too") {
    const QStringList british = found(Kind::Plate, {"The van was hit, registration L RU 0152, outside the depot."});
    CHECK(british == QStringList{QStringLiteral("L RU 0152")});
    CHECK(found(Kind::Plate, {"Der Wagen mit dem Kennzeichen T RN 3441 wurde beschädigt."}) ==
          QStringList{QStringLiteral("T RN 3441")});
    CHECK(found(Kind::Plate, {"La voiture, immatriculation JU-278-GF, est garée."}) ==
          QStringList{QStringLiteral("JU-278-GF")});
    CHECK(found(Kind::Passport, {"Please note that his passport number is X7246466 and expires soon."}) ==
          QStringList{QStringLiteral("X7246466")});
    CHECK(found(Kind::Account, {"We paid it into account number 0044 7120 on Monday."}) ==
          QStringList{QStringLiteral("0044 7120")});
    CHECK(found(Kind::Plate, {"We have looked at the car again. It is blue and its registration",
                              "JU 278 GF is known here."}) == QStringList{QStringLiteral("JU 278 GF")});
    // What a sentence says of numbers otherwise is no value.
    CHECK(found(Kind::Plate, {"Registration opens on 12 May for 40 places."}).isEmpty());
    CHECK(found(Kind::Account, {"Your account has 3 messages."}).isEmpty());
}

TEST_CASE("no half a name: initials and words no list knows beside it are covered with it") {
    CHECK(found(Kind::Person, {"On duty: E. Wilkinson since Monday"}) == QStringList{QStringLiteral("E. Wilkinson")});
    CHECK(found(Kind::Person, {"Customer: Rafaela Zorblatovic, since 2019"}) ==
          QStringList{QStringLiteral("Rafaela Zorblatovic")});
    // A sentence that ends with a name does not lend it the next one's first word.
    CHECK(found(Kind::Person, {"This was said by Rafaela Wilkinson. Meters are read monthly."}) ==
          QStringList{QStringLiteral("Rafaela Wilkinson")});
}

TEST_CASE("no half a value: names of several particles, plates misread, streets that read as names, parties") {
    CHECK(found(Kind::Person, {"Molenaar, Anne", "Groen, Amber", "van de Wal, Jayden 9"}).back() ==
          QStringLiteral("van de Wal, Jayden"));
    CHECK(found(Kind::Plate, {"Registration: z YZ 1354"}) == QStringList{QStringLiteral("z YZ 1354")});
    CHECK(found(Kind::Plate, {"Registration: opens 2026"}).isEmpty());
    CHECK(found(Kind::Address, {"Place of damage: 2160 West Corner, Alderport"}) ==
          QStringList{QStringLiteral("2160 West Corner, Alderport")});
    CHECK(found(Kind::Address, {"69 Rowena Meadow, Alderport"}) ==
          QStringList{QStringLiteral("69 Rowena Meadow, Alderport")});
    const QStringList parties = found(Kind::Person, {"Parties: Quillon v Ashgrove"});
    CHECK(parties.join(u' ').contains(QStringLiteral("Quillon")));
    CHECK(parties.join(u' ').contains(QStringLiteral("Ashgrove")));
}

TEST_CASE("a name that is known on the page is whole where it is written surname first, and my is no name") {
    CHECK(found(Kind::Person, {"Customers > Carlsen, Oscar > Invoices", "Oscar Carlsen"}) ==
          QStringList{QStringLiteral("Carlsen, Oscar"), QStringLiteral("Oscar Carlsen")});
    // Two people's names beside each other are two.
    CHECK(found(Kind::Person, {"Carlsen, Wilkinson", "Oscar Carlsen", "Rafaela Wilkinson"}).size() == 4);
    CHECK(found(Kind::Person, {"[10:02:11] Miguel: my account is closed", "[10:02:40] Pablo: my meter is stuck"}) ==
          QStringList{QStringLiteral("Miguel"), QStringLiteral("Pablo")});
    // What is marked before a value is none of it.
    CHECK(found(Kind::Address, {"Street: @ Prolaz Julija Knifera 84"}).size() == 1);
}

TEST_CASE("who speaks in a talk, whose words are quoted and who is named with others is somebody") {
    CHECK(found(Kind::Person, {"[10:02:11] Pablo: The meter is read.", "[10:02:40] Zorblat: Thank you.",
                               "[10:03:02] Pablo: It stands at 20."}) ==
          QStringList{QStringLiteral("Pablo"), QStringLiteral("Zorblat"), QStringLiteral("Pablo")});
    CHECK(found(Kind::Person, {"10:02 Error: disk is full", "10:04 Warning: fan is slow"}).isEmpty());
    CHECK(found(Kind::Person, {"“Bring the form to the desk.”", "– Zorblat, 60, Alderport"}) ==
          QStringList{QStringLiteral("Zorblat")});
    CHECK(found(Kind::Person, {"Read the form first", "– Filter, 60, spare part"}).isEmpty());
    CHECK(found(Kind::Person, {"Zorblat and 5 others joined the group"}) == QStringList{QStringLiteral("Zorblat")});
    CHECK(found(Kind::Person, {"Garden and 5 others are closed"}).isEmpty());
}

TEST_CASE("what a field is now stands behind an arrow, and a country code in the cell before its number is of it") {
    const auto texts = [](made::PageMaker& maker, Kind kind) {
        QStringList all;
        for (const Finding& f : Finder().find(maker.page(), *loadPolicy(QStringLiteral("everything")), {}))
            if (f.kind == kind) all << f.text;
        return all;
    };
    made::PageMaker fields;
    fields.line(QStringLiteral("Surname"), 20, 40);
    fields.line(QStringLiteral("Zorblat"), 160, 40);
    fields.line(QStringLiteral("→"), 300, 40);
    fields.line(QStringLiteral("Kestrov"), 360, 40);
    const QStringList names = texts(fields, Kind::Person);
    CHECK(names.contains(QStringLiteral("Zorblat")));
    CHECK(names.contains(QStringLiteral("Kestrov")));
    made::PageMaker number;
    number.line(QStringLiteral("Phone: + 872"), 20, 40);
    number.line(QStringLiteral("020 7946 0958"), 160, 40);
    CHECK(texts(number, Kind::Phone).contains(QStringLiteral("+ 872")));
}

TEST_CASE("user names that stand before their terminals, and properties with parameters, are what they are") {
    CHECK(found(Kind::Username, {"zorblat9   pts/3   Mon Nov 3 10:02  still logged in"}) ==
          QStringList{QStringLiteral("zorblat9")});
    CHECK(found(Kind::Username, {"reboot   tty1   Mon Nov 3 10:02"}).isEmpty());
    CHECK(found(Kind::Phone, {"BEGIN:VCARD", "TEL;TYPE=cell:+807-076-207-587"}) ==
          QStringList{QStringLiteral("+807-076-207-587")});
    CHECK(found(Kind::Person, {"ORGANIZER;CN=Zorblat Kestrov:mailto:z@example.org"}) ==
          QStringList{QStringLiteral("Zorblat Kestrov")});
    CHECK(found(Kind::Account, {"Bonjour, mon compte est le 955678/9714"}) ==
          QStringList{QStringLiteral("955678/9714")});
}

TEST_CASE("no half an address: the house number before the street and the town behind it") {
    const QStringList first = found(Kind::Address, {"12 Larkmoor Street, Grimescester – meter in the cellar"});
    REQUIRE(first.size() == 1);
    CHECK(first[0] == QStringLiteral("12 Larkmoor Street, Grimescester"));
    CHECK(found(Kind::Address, {"Seen at Vrem Ave SW, Alderport, WA 98116, USA 11:19 AM"}) ==
          QStringList{QStringLiteral("Vrem Ave SW, Alderport, WA 98116, USA")});
    CHECK(found(Kind::Address, {"Model Fenwick, AB 12345"}).isEmpty());
    CHECK(found(Kind::Address, {"Response OK 12345 bytes"}).isEmpty());
}

TEST_CASE("no half an address: what no language has before a street, and what parts a house behind it") {
    CHECK(found(Kind::Address, {"Visit: nr. 8 Rue Zorblat, bl. 1, Sc 4, Ap 09"}).join(QStringLiteral(", ")) ==
          QStringLiteral("nr. 8 Rue Zorblat, bl. 1, Sc 4, Ap 09"));
    CHECK(found(Kind::Address, {"Anneli Lundqvist, Linas Vremgracht 74"}) ==
          QStringList{QStringLiteral("Linas Vremgracht 74")});
    // Words of every day do not go with it.
    CHECK(found(Kind::Address, {"Meet us at 12 Fenwick Row, and bring 3 pumps"}) ==
          QStringList{QStringLiteral("12 Fenwick Row")});
}

TEST_CASE("rows of values without spaces between them, as tables are exported, are read value by value") {
    const std::initializer_list<const char*> rows{
        "id;surname;given;street;town;mail;balance",
        "1;Sutcliffe;Rowena;12 Fenwick Row;Alderport;r.sutcliffe@mail.example;12.50",
        "2;Hartwell;Ines;4 Mill Lane;Grimescester;ines@mail.example;0.00"};
    const QString people = found(Kind::Person, rows).join(u' ');
    for (const char* name : {"Sutcliffe", "Rowena", "Hartwell", "Ines"}) {
        INFO(name);
        CHECK(people.contains(QLatin1String(name)));
    }
    const QString places = found(Kind::Address, rows).join(u' ');
    for (const char* part : {"12 Fenwick Row", "Alderport", "4 Mill Lane", "Grimescester"}) {
        INFO(part);
        CHECK(places.contains(QLatin1String(part)));
    }
    CHECK(found(Kind::Email, rows) ==
          QStringList{QStringLiteral("r.sutcliffe@mail.example"), QStringLiteral("ines@mail.example")});
    CHECK_FALSE((people + places).contains(QStringLiteral("12.50")));
}

TEST_CASE("a cover does not end inside a word") {
    for (const char* line : {"ssh login user=mhaldane_b from console", "Account number 00447120X was closed"}) {
        const QString text = QString::fromUtf8(line);
        REQUIRE((found(Kind::Username, {line}) + found(Kind::Account, {line})).size() > 0);
        for (const Kind kind : {Kind::Username, Kind::Account})
            for (const QString& value : found(kind, {line})) {
                const qsizetype end = text.indexOf(value) + value.size();
                INFO(value.toStdString());
                CHECK((end >= text.size() || !text[end].isLetterOrNumber()));
            }
    }
}

TEST_CASE("a long dash before a name says whose words those above are; a ZIP code's country belongs to it") {
    CHECK(found(Kind::Person, {"Water finds its way where nobody looks.", "— Imogen Harbour, Head of Supply"}) ==
          QStringList{QStringLiteral("Imogen Harbour")});
    CHECK(found(Kind::Person, {"Open until six", "— Closed Gate, West Side"}).isEmpty());
    CHECK(found(Kind::Address, {"12 Fenwick Ave SW, Alderport, WA 98116, USA"}) ==
          QStringList{QStringLiteral("12 Fenwick Ave SW, Alderport, WA 98116, USA")});
}

TEST_CASE("in a column of names what reads like a name is one, however strange") {
    const QStringList names = found(Kind::Person, {"Rafaela Wilkinson", "Desmond Harris", "LilyQuillfeather"});
    CHECK(names.contains(QStringLiteral("LilyQuillfeather")));
    // Words of every day in a column of names are none.
    CHECK(!found(Kind::Person, {"Rafaela Wilkinson", "Desmond Harris", "Waiting room"})
               .contains(QStringLiteral("Waiting room")));
}

TEST_CASE("numbers written alike beside names on several lines are theirs, unless a word says they are a thing's") {
    const QStringList found_ =
        found(Kind::Record, {"Guest Rafaela Wilkinson, OO0866, arrives late", "Guest Desmond Harris, UI0131, by train",
                             "Guest Greta Jenkins, XS5080, window seat"});
    CHECK(found_ == QStringList{QStringLiteral("OO0866"), QStringLiteral("UI0131"), QStringLiteral("XS5080")});
    CHECK(found(Kind::Record,
                {"Rafaela Wilkinson, meter OO0866", "Desmond Harris, meter UI0131", "Greta Jenkins, meter XS5080"})
              .isEmpty());
    CHECK(found(Kind::Record, {"Rafaela Wilkinson OO0866"}).isEmpty());
}

TEST_CASE("a bare number that nothing announces is no account") {
    CHECK(found(Kind::Account, {"web-12", "98388331", "44927765"}).isEmpty());
}

TEST_CASE("a word for somebody's part is no part of the name behind it, nor a name by itself elsewhere") {
    const QStringList people = found(
        Kind::Person, {"Keeper Karlsson, Lisa, Gabriels Gata 2, 10597 Alingby",
                       "Keeper Stig Wikström Andersson, Övre Skolgatan 386, 59359 Kramfors",
                       "Keeper Torbjörn Falk, Stationsgatan 4, 34263 Avesta", "Keeper Pia Jakobsson, Kajgatan 9"});
    CAPTURE(people.join(QStringLiteral(" | ")).toStdString());
    CHECK(std::none_of(people.begin(), people.end(), [](const QString& name) { return name.contains("Keeper"); }));
    for (const char* name : {"Karlsson", "Andersson", "Torbjörn Falk", "Pia Jakobsson"}) {
        CAPTURE(name);
        CHECK(std::any_of(people.begin(), people.end(),
                          [&](const QString& one) { return one.contains(QString::fromUtf8(name)); }));
    }
}

TEST_CASE("a given name behind a surname and a comma is covered with it, whatever follows on the line") {
    for (const char* line :
         {"Keeper Hiltunen, Mika, Rantanentie 79, 62146 Raisio", "Keeper Boateng, Karl, 7 Agyemang Lane, Accra"}) {
        const QStringList people = found(Kind::Person, {"Penalty notices", line}),
                          places = found(Kind::Address, {"Penalty notices", line});
        const QString name = QString::fromUtf8(line).section(QStringLiteral(", "), 1, 1);
        CAPTURE(line);
        const auto holds = [&](const QString& text) { return text.contains(name); };
        CHECK((std::any_of(people.begin(), people.end(), holds) || std::any_of(places.begin(), places.end(), holds)));
    }
}

TEST_CASE("no half a name: the given name behind two of a family's, up to the end of its cell") {
    CHECK(found(Kind::Person, {"Johansson Björk, Nina"}) == QStringList{QStringLiteral("Johansson Björk, Nina")});
}

TEST_CASE("a street ends where its town or its house is told of") {
    CHECK(found(Kind::Address, {"de 262 Place de la Printanière à Établissements Borgeaud"}) ==
          QStringList{QStringLiteral("262 Place de la Printanière")});
    CHECK(found(Kind::Address, {"Retour au 12 rue Jean de la Fontaine svp"}) ==
          QStringList{QStringLiteral("12 rue Jean de la Fontaine")});
}

TEST_CASE("a policy's number and a birthday are told by their words") {
    CHECK(found(Kind::Account, {"Policy 500636963"}) == QStringList{QStringLiteral("500636963")});
    CHECK(
        found(Kind::Account, {"See our privacy policy 2024 for more.", "Policy 12.3 applies.", "Call the police: 117"})
            .isEmpty());
    CHECK(found(Kind::Dob, {"BDAY:1998-09-10"}) == QStringList{QStringLiteral("1998-09-10")});
}

TEST_CASE("a date of birth goes on over the end of a line") {
    // Two boxes, one value; the second line's words are its own.
    const QStringList parted = found(Kind::Dob, {"between the lender and Erik Loubser, born 19 May",
                                                 "1989 (the borrower) and others of the same house"});
    CHECK(parted == QStringList{QStringLiteral("19 May 1989")});
    CHECK(found(Kind::Dob, {"The lender and Erik Loubser, who as we know was born on",
                            "19 May 1989 in a house that is no longer there today"}) ==
          QStringList{QStringLiteral("19 May 1989")});
    CHECK(found(Kind::Dob,
                {"The house by the weir was built by a firm on the", "19 May 1989 and sold again soon after it"})
              .isEmpty());
}

TEST_CASE("a time, a sign and a name are no address of mail") {
    CHECK(found(Kind::Email, {"6 September 2026, 11:00 @ Amalia Rousseau"}).isEmpty());
}

TEST_CASE("a surname and an initial behind a comma are one name, wherever they stand") {
    const QStringList names = found(Kind::Person, {"Alvarez Montaño, Á. ........ 063 055 1004"});
    CHECK(names == QStringList{QStringLiteral("Alvarez Montaño, Á.")});
}

TEST_CASE("a quoted value ends at its closing quote, though the colon behind the next key lost a dot") {
    for (const char* line : {R"("supply": { "street": "1302 Jaycee Land", "town": "Delta" },)",
                             R"("supply": { "street": "1302 Jaycee Land", "town". "Delta" },)"})
        CHECK(found(Kind::Address, {line}) == QStringList{QStringLiteral("1302 Jaycee Land"), QStringLiteral("Delta")});
}

TEST_CASE("in a statement the word before an equals sign names what is quoted behind it") {
    CHECK(found(Kind::Address, {"SELECT id FROM customer WHERE town = 'Beaulahland';"}) ==
          QStringList{QStringLiteral("Beaulahland")});
    CHECK(found(Kind::Address, {"UPDATE pump SET colour = 'Beaulahland';"}).isEmpty());
}

TEST_CASE("the names in the first row of values parted by signs speak for the fields below, quoted or not") {
    const QStringList towns{QStringLiteral("Beaulahland"), QStringLiteral("Karstedt")};
    CHECK(found(Kind::Address, {"id;full_name;town;remark", "4471;Rowena Sutcliffe;Beaulahland;paid",
                                "4472;Gareth Miller;Karstedt;paid"}) == towns);
    CHECK(found(Kind::Address, {"\"id\",\"town\",\"full_name\"", "\"4471\",\"Beaulahland\",\"Sutcliffe, Rowena\"",
                                "\"4472\",\"Karstedt\",\"Miller, Gareth\""}) == towns);
    // A list in a sentence is no table.
    CHECK(found(Kind::Address, {"We looked at town, country, sea.", "Then came rain, Beaulahland, hail.",
                                "Later on, Karstedt, nothing."})
              .isEmpty());
}

TEST_CASE("whom a web server let in stands third in a line of its log") {
    CHECK(found(Kind::Username, {"192.0.2.7 - rouxm [12/Nov/2026:10:22:31 +0000] \"GET /x HTTP/1.1\" 200 512"}) ==
          QStringList{QStringLiteral("rouxm")});
    CHECK(found(Kind::Username, {"192.0.2.7 - - [12/Nov/2026:10:22:31 +0000] \"GET /x HTTP/1.1\" 200 512"}).isEmpty());
}

TEST_CASE("the number somebody is insured under is announced in four languages") {
    for (const char* line : {"Insurance no. U437228275", "Versichertennr. M649980772", "N° d'assuré : K220174501",
                             "N.º de asegurado M649980772"}) {
        INFO(line);
        CHECK(found(Kind::NationalId, {line}).size() == 1);
    }
}

TEST_CASE("a quote within a quoted value is no end of it") {
    CHECK(found(Kind::Address, {R"("street": "12 \"Old\" Fenwick Row", "floor": 2)"})
              .join(u' ')
              .contains(QStringLiteral("Fenwick Row")));
}

TEST_CASE("a code for a gate is told in a sentence, and the sentence before it keeps its town") {
    const auto text = {"leak at 651 Fung Shan Crescent, Tung Chung. Gate code 5369#. Ask for Cary Chow."};
    CHECK(found(Kind::Secret, text) == QStringList{QStringLiteral("5369#")});
    const QStringList places = found(Kind::Address, text);
    CHECK(places.join(u' ').contains(QStringLiteral("Tung Chung")));
    CHECK_FALSE(places.join(u' ').contains(QStringLiteral("Gate")));
    CHECK(found(Kind::Secret, {"Fault code 5369 was shown."}).isEmpty());
}

TEST_CASE("names of fields that are yet to be filled are no address") {
    CHECK(found(Kind::Address, {"Street address", "State, City", "Region, Postal code"}).isEmpty());
}

TEST_CASE("initials alone in a column headed by somebody's part are somebody") {
    made::PageMaker log;
    log.line(QStringLiteral("Received"), 20, 40).line(QStringLiteral("Nature"), 220, 40);
    log.line(QStringLiteral("Handler"), 420, 40);
    int y = 64;
    for (const auto& [nature, who] :
         {std::pair{"Late reading", "A.M."}, {"Low pressure", "T.Z."}, {"Wrong tariff", "J. K."}}) {
        log.line(QStringLiteral("2026-03-1%1").arg(y % 9), 20, y).line(QString::fromUtf8(nature), 220, y);
        log.line(QString::fromUtf8(who), 420, y);
        y += 24;
    }
    QStringList people;
    for (const Finding& f : finder().find(log.page(), everything(), {}))
        if (f.kind == Kind::Person) people << f.text;
    CHECK(people == QStringList{QStringLiteral("A.M."), QStringLiteral("T.Z."), QStringLiteral("J. K.")});
}

TEST_CASE("a given name alone in a grid of tiles that bear names is somebody") {
    made::PageMaker call;
    call.line(QStringLiteral("Marie Borge (host)"), 20, 40).line(QStringLiteral("Aksel Vedvik"), 320, 40);
    call.line(QStringLiteral("Oliver"), 620, 40);
    call.line(QStringLiteral("Eirik Finstad"), 20, 240).line(QStringLiteral("Sofie Borge"), 320, 240);
    call.line(QStringLiteral("Mia Vedvik"), 620, 240);
    QStringList people;
    for (const Finding& f : finder().find(call.page(), everything(), {})) people << f.text;
    CHECK(people.contains(QStringLiteral("Oliver")));
}

TEST_CASE("what a question asks for, the line under it gives, behind who says it") {
    CHECK(found(Kind::Dob, {"Agent: Thank you. And your date of birth?", "Caller: 6.12.1967"}) ==
          QStringList{QStringLiteral("6.12.1967")});
    CHECK(found(Kind::Dob, {"Votre date de naissance, s’il vous plaît ?", "13/06/1940"}) ==
          QStringList{QStringLiteral("13/06/1940")});
    CHECK(found(Kind::Dob, {"Agent: When did the meter stop?", "Caller: 6.12.1967"}).isEmpty());
    // Who asks is named by no word of the question.
    CHECK(found(Kind::Person, {"Agent: Can I take your name, please?"}).isEmpty());
}

TEST_CASE("one strange word where somebody is to be named is a user name") {
    made::PageMaker list;
    list.line(QStringLiteral("Device"), 20, 40).line(QStringLiteral("Handed to"), 220, 40);
    int y = 64;
    for (const char* who : {"mnienow", "walterk", "available", "root"}) {
        list.line(QStringLiteral("Tablet"), 20, y).line(QString::fromUtf8(who), 220, y);
        y += 24;
    }
    QStringList names;
    for (const Finding& f : finder().find(list.page(), everything(), {}))
        if (f.kind == Kind::Username) names << f.text;
    CHECK(names == QStringList{QStringLiteral("mnienow"), QStringLiteral("walterk")});
}

TEST_CASE("among plates what is written as one of them is a plate, of whatever country") {
    const QStringList plates =
        found(Kind::Plate, {"9:20 IN DT-222-KD ok", "16:05 OUT AV-650-WE ok", "8:35 OUT OU79 HCG ok",
                            "13:00 OUT NT-952-IS ok", "14:10 OUT ABC-12 ok"});
    CHECK(plates.contains(QStringLiteral("NT-952-IS")));
    CHECK_FALSE(plates.contains(QStringLiteral("ABC-12")));
    CHECK(found(Kind::Plate, {"Part NT-952-IS is out of stock"}).isEmpty());
}

TEST_CASE("an address without a number of its house is one, and a year alone is no secret") {
    CHECK(found(Kind::Address, {"Aviso en Partida Manzanares s/n."}) ==
          QStringList{QStringLiteral("Partida Manzanares s/n")});
    CHECK(found(Kind::Secret, {"First aid", "2027", "2027", "2026"}).isEmpty());
}

TEST_CASE("the country under an address is part of it") {
    CHECK(found(Kind::Address, {"Lindenweg 14", "26529 Sulby", "Deutschland"}).contains(QStringLiteral("Deutschland")));
    CHECK(found(Kind::Address, {"Due on 4 May", "Deutschland"}).isEmpty());
}

TEST_CASE("the number of a street called after somebody goes with it") {
    const auto covered = [](const char* line, const char* number) {
        made::PageMaker page;
        page.line(QString::fromUtf8(line));
        for (const Finding& f : finder().find(page.page(), everything(), {}))
            if (f.text.contains(QString::fromUtf8(number))) return true;
        return false;
    };
    CHECK(covered("He called to read the meter at 97450 Cathryn Landing.", "97450"));
    CHECK(covered("Marko Kos, Jovana Gojkovića 160", "160"));
    CHECK_FALSE(covered("He was hired at 2024 Cathryn Landing.", "2024"));
    CHECK_FALSE(covered("Marko Kos, Jovana Gojković 160 pages", "160"));
}

TEST_CASE("what leads a family's name in a cell is part of it, in a sentence it is none") {
    CHECK(found(Kind::Person, {"de Vries, Tom"}) == QStringList{QStringLiteral("de Vries, Tom")});
    CHECK(found(Kind::Person, {"7 de Vries, Thomas"}) == QStringList{QStringLiteral("de Vries, Thomas")});
    CHECK(found(Kind::Person, {"carta de Laura Vries"}) == QStringList{QStringLiteral("Laura Vries")});
}

TEST_CASE("a name written family first ends before a number, with its given name") {
    CHECK(found(Kind::Person, {"Claesson Jakobsson, Eva +46 70 174 06 71"}) ==
          QStringList{QStringLiteral("Claesson Jakobsson, Eva")});
}

TEST_CASE("an amount behind a number is no part of it, and a speck in an account number parts nothing") {
    CHECK(found(Kind::Phone, {"+53703184502 19 min"}) == QStringList{QStringLiteral("+53703184502")});
    // A letter may say which number it is.
    CHECK(found(Kind::Phone, {"07700 900 417 m"}) == QStringList{QStringLiteral("07700 900 417")});
    CHECK(found(Kind::Phone, {"+53 703 184 502 19"}) == QStringList{QStringLiteral("+53 703 184 502 19")});
    CHECK(found(Kind::Iban, {"FR.5138296491629889350813639"}) ==
          QStringList{QStringLiteral("FR.5138296491629889350813639")});
}

TEST_CASE("a post code goes on behind its dash and on a line its address had no room for") {
    CHECK(found(Kind::Address, {"86 Yin Kai Court, Stanley 72505-1716"}) ==
          QStringList{QStringLiteral("86 Yin Kai Court, Stanley 72505-1716")});
    made::PageMaker maker;
    maker.line(QStringLiteral("5961 Modise Avenue, Kimberley"), 20, 40).line(QStringLiteral("54172"), 20, 54);
    QStringList parts;
    for (const Finding& f : finder().find(maker.page(), everything(), {}))
        if (f.kind == Kind::Address) parts << f.text;
    CHECK(parts.contains(QStringLiteral("54172")));
    CHECK(found(Kind::Address, {"200 Donnie Road, Val-d’Or J8H 7P8"}).join(u' ').contains(QStringLiteral("Val-d’Or")));
    CHECK(found(Kind::Phone, {"Satterfieldfort, PA 06268-5961, Senegal."}).isEmpty());
}

TEST_CASE("an initial written small ends a name at the end of its cell") {
    made::PageMaker maker;
    maker.line(QStringLiteral("Name"), 20, 40);
    for (const char* name : {"Britt van Leeuwen", "Amber v.", "Johannes van Beek"}) maker.line(QString::fromUtf8(name));
    QStringList names;
    for (const Finding& f : finder().find(maker.page(), everything(), {}))
        if (f.kind == Kind::Person) names << f.text;
    CHECK(names.filter(QStringLiteral("Amber v")).size() == 1);
}

TEST_CASE("a town goes on over the words that join its parts") {
    const QString address =
        found(Kind::Address, {"Ronda Benjamín, 75, 49902 Chiclana de la Frontera, Méjico"}).join(u' ');
    CHECK(address.contains(QStringLiteral("49902 Chiclana de la Frontera")));
    CHECK(address.contains(QStringLiteral("Méjico")));
}
