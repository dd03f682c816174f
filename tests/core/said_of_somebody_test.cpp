// What papers, letters and threads say of somebody: who is who and where they live, a street over its town, a title
// before a name, who commented when; and what stands beside and is nobody's.
#include "support/found_on.h"

#include <catch2/catch.hpp>

using namespace eyelid;

TEST_CASE("papers that say who is who give away names and homes of any form") {
    CHECK(foundOn(Kind::Person, {"Zwischen Jonas Weit, wohnhaft Brunnenhof 3, 80331 Talheim, und Eva Lang, geboren am "
                                 "3.4.1977, wird vereinbart"}) == list({"Jonas Weit", "Eva Lang"}));
    CHECK(foundOn(Kind::Address, {"The lease of Alp Er, residing at Ülkü Sokak 97c, c/o Sepetçi, Antalya 62785, Santa "
                                  "Lucia (the landlord), and others"}) ==
          list({"Ülkü Sokak 97c, c/o Sepetçi, Antalya 62785, Santa Lucia"}));
    CHECK(foundOn(Kind::Address, {"Ana Ruiz, con domicilio en Partida Alta, 3, 47225 Orizaba, Egipto (arrendador)"}) ==
          list({"Partida Alta, 3, 47225 Orizaba, Egipto"}));
    CHECK(foundOn(Kind::Address, {"Don Luis Paz, con domicilio en calle Sol 4, 28013 Talheim, y otros"}) ==
          list({"calle Sol 4, 28013 Talheim"}));
    // The sentence behind it is none of it, nor is every place a home.
    CHECK(foundOn(Kind::Address, {"Mme Petit, demeurant 4 rue Haute, 69001 Lyon. L’audience se tiendra le 3 juin"}) ==
          list({"4 rue Haute, 69001 Lyon"}));
    // Nor is the next field of a form, but a sentence goes on.
    CHECK(foundOn(Kind::Address, {"Who is residing at 4 Upper Pump Row", "Meter Number 4711"})
              .filter(QStringLiteral("4711"))
              .isEmpty());
    for (const char* none : {"Frogs living at 20 degrees are fine.", "Der Mieter, wohnhaft in der Wohnung 3, zahlt."})
        CHECK(findingsOn({none}).empty());
    CHECK(foundOn(Kind::Person, {"The pump, born in 1970, is worn."}).isEmpty());
    CHECK(foundOn(Kind::Person, {"Larkmoor Water Ltd, with an address at 4 Pump Row"}).isEmpty());
}

TEST_CASE("a street of no form known here is found over its post code and town") {
    CHECK(foundOn(Kind::Address, {"Sven Gunnarsson Lundqvist", "Järnvägsgärdet 155", "12701 Brland"}) ==
          list({"Järnvägsgärdet 155", "12701 Brland"}));
    CHECK(foundOn(Kind::Address, {"Sven Gunnarsson Lundqvist", "Järnvägsgärdet155", "12701 Brland"}) ==
          list({"Järnvägsgärdet155", "12701 Brland"})); // a space lost in reading
    CHECK(foundOn(Kind::Address, {"Total of parts 155", "", "12701 units sold"}).isEmpty());
}

TEST_CASE("a degree before a name is part of it, a form of address is not") {
    CHECK(foundOn(Kind::Person, {"Requested by: Dr. Paladi"}) == list({"Dr. Paladi"}));
    CHECK(foundOn(Kind::Person, {"Prof. Dr. Holm"}) == list({"Prof. Dr. Holm"}));
    CHECK(foundOn(Kind::Person, {"Dear Mrs Thistlewood,"}) == list({"Thistlewood"}));
}

TEST_CASE("who serves is named under it, and who commented beside how long ago") {
    CHECK(foundOn(Kind::Person, {"You were served by", "Pedro"}) == list({"Pedro"}));
    CHECK(foundOn(Kind::Username, {"aayushmaan_d 5 h", "fine with me", "butts 12 h", "agreed", "apandey 7 h"}) ==
          list({"aayushmaan_d", "butts", "apandey"}));
    made::PageMaker cells; // how long ago in a cell of its own
    cells.line(QStringLiteral("apandey"), 20, 40).line(QStringLiteral("7 h"), 200, 40);
    cells.line(QStringLiteral("kholm"), 20, 90).line(QStringLiteral("12 min ago"), 200, 90);
    QStringList users;
    for (const Finding& f : finder().find(cells.page(), everything(), {}))
        if (f.kind == Kind::Username) users << f.text;
    CHECK(users == list({"apandey", "kholm"}));
    CHECK(foundOn(Kind::Username, {"pumps 5 h", "valves 12 h", "pipes 7 h"}).isEmpty());
    CHECK(foundOn(Kind::Username, {"nginx 5 h", "redis 12 h", "kubelet 7 h"}).isEmpty()); // how long programs run
    // One alone may be a thing.
    CHECK(foundOn(Kind::Username, {"apandey 7 h"}).isEmpty());
}

TEST_CASE("what tells messages and versions apart is nobody's, in whatever reading") {
    CHECK(foundOn(Kind::Email, {"Message-ID: <9VMTMwRZRZ@post.example>"}).isEmpty());
    CHECK(foundOn(Kind::Email, {"In-Reply-To: <a1@post.example> <9VMTMwRZRZ@post.example>"}).isEmpty());
    CHECK(foundOn(Kind::Email, {"References: anna.holm@example.com"}) == list({"anna.holm@example.com"}));
    CHECK(foundOn(Kind::Email, {"Return-Path: <sven@post.example>"}) == list({"sven@post.example"}));
    CHECK(foundOn(Kind::Secret, {"commit 33el14afd25c710bcf782c95ba4b1b14c5180a5d"}).isEmpty());
    CHECK(foundOn(Kind::Email, {"thanks", "cc @apandey"}).isEmpty());
}

TEST_CASE("a column of firms is one of nobody, though its heading may stand over people") {
    made::PageMaker maker;
    const char* const rows[][2] = {{"From", "To see"},
                                   {"Saiz y Armendáriz Asociados", "Holm"},
                                   {"Kardache Rivera Ltd", "Thistlewood"},
                                   {"Crespo Zamarripa", "Oakley"}};
    int y = 40;
    for (const auto& row : rows) {
        maker.line(QString::fromUtf8(row[0]), 20, y).line(QString::fromUtf8(row[1]), 400, y);
        y += 24;
    }
    QStringList found;
    for (const Finding& f : finder().find(maker.page(), everything(), {})) found << f.text;
    CHECK(found.filter(QStringLiteral("Saiz")).isEmpty());
    CHECK(found.filter(QStringLiteral("Rivera")).isEmpty());
    // One firm among people says nothing of them.
    made::PageMaker mixed;
    y = 40;
    for (const char* cell : {"From", "Kardache Rivera Ltd", "Hofmann", "Oakley", "Brzozowski"}) {
        mixed.line(QString::fromUtf8(cell), 20, y).line(QString::fromUtf8(y == 40 ? "Meter" : "4711"), 400, y);
        y += 24;
    }
    QStringList people;
    for (const Finding& f : finder().find(mixed.page(), everything(), {})) people << f.text;
    for (const char* name : {"Hofmann", "Oakley"}) CHECK(people.contains(QString::fromUtf8(name)));
}

TEST_CASE("of what is covered a check sees nothing to be read, whatever stands around it") {
    for (const char* line : {"█@gw1:~$ curl -u █:█ https://api.example/v2/status", "curl -u █ : █", "$ mysql -u █ -p█"})
        CHECK(findingsOn({line}).empty());
    CHECK(foundOn(Kind::Secret, {"curl -u █:ZmqNpAnjTkfn x"}) == list({"ZmqNpAnjTkfn"}));
    CHECK_FALSE(foundOn(Kind::Secret, {"curl -u anna:█!? x"}).isEmpty()); // the end of it is bare
}

TEST_CASE("a number right behind a word for somebody is theirs") {
    CHECK(foundOn(Kind::Record, {"27 June 2022", "Customer 77141165", "Payment reminder"}) == list({"77141165"}));
    CHECK(foundOn(Kind::Record, {"Kunde 20575857, seit 2019"}) == list({"20575857"}));
    CHECK(foundOn(Kind::Record, {"Customer 12 of 40", "Name 77141165", "Station 77141165"}).isEmpty());
}

TEST_CASE("a name in capitals before a slash goes on behind it") {
    CHECK(foundOn(Kind::Person, {"Inhaber KNORR/KURT"}).join(u' ').contains("KNORR/KURT"));
    CHECK_FALSE(foundOn(Kind::Person, {"Peter Martin/QA", "Peter Martin/2"}).join(u' ').contains(u'/'));
}

TEST_CASE("who is called like a town is spoken of by that name as well") {
    CHECK(foundOn(Kind::Person, {"Present: Helena Dokoza, Milan Faller", "1. Helena reports on the leak."}) ==
          list({"Helena Dokoza", "Milan Faller", "Helena"}));
    CHECK(foundOn(Kind::Person, {"Present: Milan Faller", "1. The Helena office reports on the leak."}) ==
          list({"Milan Faller"}));
}

TEST_CASE("what is asked for in Spanish is given below") {
    CHECK(foundOn(Kind::Dob, {"¿Cuándo nació?", "25/04/1977"}) == list({"25/04/1977"}));
}

TEST_CASE("a parcel is with the neighbour who is named") {
    CHECK(foundOn(Kind::Person, {"Ihr Paket ist bei Ihrem Nachbarn Schmid, Amthausstrasse 76."}) == list({"Schmid"}));
}
