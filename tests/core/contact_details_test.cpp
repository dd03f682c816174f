// What papers and profiles show of somebody beside the ways to reach them: where they live, what they are called on
// networks, from when to when they worked where.
#include "support/found_on.h"

#include <catch2/catch.hpp>

using namespace eyelid;

TEST_CASE("a town beside the ways to reach somebody is where they live") {
    CHECK(foundOn(Kind::Address, {"habiba.egb@web.test | 646 2347 | Idoforo, CA, DE"}) == list({"Idoforo, CA, DE"}));
    CHECK(foundOn(Kind::Address, {"Imotski, ES | darinka_b@example.com | https://cv.example"}) ==
          list({"Imotski, ES"}));
    CHECK(foundOn(Kind::Address, {"TSHWANE, MD", "+541 11 943 15 33 · fichardt36@mail.example"}) ==
          list({"TSHWANE, MD"}));
    CHECK(foundOn(Kind::Address, {"Eskfred TX NL", "m.lundgren@post.example.net"}) == list({"Eskfred TX NL"}));
    CHECK(foundOn(Kind::Address, {"gerbert_b@office.example I 01 99 00 93 65 I Marseille, AR, DE"}) ==
          list({"Marseille, AR, DE"})); // a bar is read as a letter
    // Behind the sign of a place, which is read as a letter or two.
    CHECK(foundOn(Kind::Address, {"©) Effiakuma, DE", "+44 7700 900123", "k.holm@example.org"}) ==
          list({"Effiakuma, DE"}));
    // What a plant and an order are called is no town, nor is a town far from anybody's details.
    CHECK(foundOn(Kind::Address, {"k.holm@example.org | Pump house | Weekly report, PDF"}).isEmpty());
    CHECK(foundOn(Kind::Address, {"Delivery to Imotski, ES", "", "", "Total 12 parts"}).isEmpty());
}

TEST_CASE("a town right under a name in larger type is where somebody lives") {
    made::PageMaker maker;
    maker.line(QStringLiteral("Amelia Rocha"), 20, 40).line(QStringLiteral("London"), 20, 64);
    Page page = maker.page();
    CHECK(foundOn(Kind::Address, page).isEmpty()); // of one size: a list
    page.lines[0].xHeight *= 1.6;
    CHECK(foundOn(Kind::Address, page) == list({"London"}));
    page.lines[1].words[0].text = QStringLiteral("Surveyor");
    CHECK(foundOn(Kind::Address, page).isEmpty());
}

TEST_CASE("a headline of two words, one over the other, is one name") {
    made::PageMaker maker;
    maker.line(QStringLiteral("Vania"), 40, 40).line(QStringLiteral("Garcia"), 36, 58);
    for (int i = 0; i < 4; ++i) maker.line(QStringLiteral("Reading of pump %1 is in range").arg(i), 400, 40 + 24 * i);
    Page page = maker.page();
    for (TextLine& line : page.lines)
        if (line.words.size() == 1) line.xHeight *= 1.6;
    const QStringList people = foundOn(Kind::Person, page);
    CHECK(people.contains(QStringLiteral("Vania")));
    CHECK(people.contains(QStringLiteral("Garcia")));
}

TEST_CASE("an address whose line ends with a comma goes on below") {
    CHECK(foundOn(Kind::Address, {"384 Boundary Drive, San Tin, 85537-7655,", "KLN, NL"})
              .join(u' ')
              .endsWith(QStringLiteral("KLN, NL")));
    CHECK(foundOn(Kind::Address, {"384 Boundary Drive", "Work experience"}) == list({"384 Boundary Drive"}));
}

TEST_CASE("user names that are made of a name on the page are somebody's, in any case") {
    const auto users = [](const char* name, const char* line) { return foundOn(Kind::Username, {name, "", "", line}); };
    CHECK(users("Manikya Pilla", "Codeyard: MANIKYA73") == list({"MANIKYA73"}));
    CHECK(users("Siphiwe Mavundla", "siphiwe_m") == list({"siphiwe_m"}));
    CHECK(users("Bertram Sauer", "sauerb | codeyard.example/bsauer") == list({"sauerb", "bsauer"}));
    CHECK(users("Kuzman Radisavić", "see portmeet.example/radisavic88") == list({"radisavic88"}));
    CHECK(users("Ana Saiz Portillo", "a.saizportillo-ext") == list({"a.saizportillo-ext"}));
    CHECK(users("Mia Jurasić", "mia84 jurasicm mjurasic") == list({"mia84", "jurasicm", "mjurasic"}));
    CHECK(users("Hermine Kaiser", "hermine k") == list({"hermine k"})); // an underscore lost on a link's line
    // Of somebody else, a function of a program, a name beside a figure of the next cell.
    CHECK(users("Manikya Pilla", "pump73 valve_m").isEmpty());
    CHECK(users("Bertram Sauer", "call sauerb() twice").isEmpty());
    CHECK(users("Ole Stensholt", "Stensholt1").isEmpty());
}

TEST_CASE("user names made of a name are known through the case, and looked for in what leaves") {
    Finding known;
    known.kind = Kind::Person;
    known.text = QStringLiteral("Siphiwe Mavundla");
    const Page page = pageOf({"Codeyard", "siphiwe_m", "mavundla88"}).page();
    const auto texts = [](const std::vector<Finding>& findings) {
        QStringList all;
        for (const Finding& f : findings) all << f.text;
        return all;
    };
    CHECK(texts(finder().carry(page, {}, {known}, everything())) == list({"siphiwe_m", "mavundla88"}));
    CHECK(texts(finder().readable(page, {known})) == list({"siphiwe_m", "mavundla88"}));
    // "is on" is no other spelling of Ison.
    known.text = QStringLiteral("Ison");
    CHECK(finder().carry(pageOf({"the meeting is on 4 May"}).page(), {}, {known}, everything()).empty());
    known.text = QStringLiteral("Siror");
    CHECK(finder().carry(pageOf({"Dear Sir or Madam"}).page(), {}, {known}, everything()).empty());
    // Words of every day that are as many as the name's are the name, in small letters as well.
    known.text = QStringLiteral("Will Long");
    CHECK(finder().carry(pageOf({"ask will long about it"}).page(), {}, {known}, everything()).size() == 1);
    CHECK(finder().readable(pageOf({"ask will long about it"}).page(), {known}).size() == 1);
    known.text = QStringLiteral("Siror");
    CHECK(finder().carry(pageOf({"Dear SIROR"}).page(), {}, {known}, everything()).size() == 1);
}

TEST_CASE("what a network is called over user names is nobody's") {
    const QStringList users = foundOn(Kind::Username, {"Codeyard", "jan_holm88", "Portmeet", "jan.holm", "Snapfield",
                                                       "holm.jan", "Murmurline", "jholm_ext"});
    for (const char* network : {"Codeyard", "Portmeet", "Snapfield"}) CHECK(!users.contains(QLatin1String(network)));
    CHECK(users.contains(QStringLiteral("jan.holm")));
}

TEST_CASE("from when to when is no number to call") {
    for (const char* period : {"04/2018 - 12/2021", "2018 - 2023", "08/2018 – 07/2024", "2009-10 - 2012-08"}) {
        INFO(period);
        CHECK(foundOn(Kind::Phone, {"Phone: 01632 960123", "Works manager", period}) == list({"01632 960123"}));
    }
    // A label announces a number all the same: some countries' have two groups of four.
    CHECK(foundOn(Kind::Phone, {"Phone: 2018-2023"}) == list({"2018-2023"}));
    // Nor in what else it was read as.
    Page page = pageOf({"04/2018 - 12/2021"}).page();
    page.lines[0].words[0].alternatives = {QStringLiteral("04/2O018")};
    CHECK(foundOn(Kind::Phone, page).isEmpty());
}

TEST_CASE("what a product is called is nobody, though its words are names") {
    CHECK(foundOn(Kind::Person, {"The Nagasaki Lander is the trademarked name of several series"}).isEmpty());
    CHECK(foundOn(Kind::Person, {"Andy shoes are designed with durability in mind"}).isEmpty());
    CHECK(foundOn(Kind::Person, {"Customer: The Anh Nguyen"}) == list({"The Anh Nguyen"}));
    // Nor are partners whose families make a firm's name.
    CHECK(foundOn(Kind::Person, {"Tello Parra y Domínguez Frías"}).isEmpty());
    CHECK(foundOn(Kind::Person, {"José Ortega y Gasset"}) == list({"José Ortega y Gasset"}));
    CHECK(foundOn(Kind::Person, {"Andy is on leave until Monday"}) == list({"Andy"}));
}

TEST_CASE("whom something is asked or told is somebody, by the given name alone") {
    CHECK(foundOn(Kind::Person, {"“Thank you John for covering my shift.”"}) == list({"John"}));
    for (const char* line : {"# ask Sophie before changing", "please tell Sophie that the pump is off",
                             "Termin mit Sophie besprochen", "à voir avec Mathilde demain"}) {
        INFO(line);
        CHECK(foundOn(Kind::Person, {line}).size() == 1);
    }
    for (const char* line :
         {"ask Support before changing", "call Florence station", "mit Motor und Pumpe", "ask Will or May"}) {
        INFO(line);
        CHECK(foundOn(Kind::Person, {line}).isEmpty());
    }
}

TEST_CASE("a town behind somebody's age and job is where they live, on the next line as well") {
    CHECK(foundOn(Kind::Address, {"Thea Hartwell, 34, Forward Data Producer, of Sulby and Tobias Fenn, 41, Lead",
                                  "Planner, of Herne."}) == list({"Sulby", "Herne"}));
    CHECK(foundOn(Kind::Address, {"Thea Hartwell, 34, Regional Programme Coordinator, of", "Sulby, and others"}) ==
          list({"Sulby"}));
    CHECK(foundOn(Kind::Address, {"Thea Hartwell, Forward Data Producer, of Tuesday and Friday"}).isEmpty());
}

TEST_CASE("a post code that a line's end parts at its hyphen is whole") {
    const QStringList found = foundOn(Kind::Address, {"9541 Turcotte Falls", "Abdullahland, AK 35978-", "9685"});
    CHECK(std::ranges::any_of(found, [](const QString& text) { return text.endsWith(QLatin1String("35978-9685")); }));
}

TEST_CASE("the code of a gate is a secret beside its label alone") {
    made::PageMaker maker;
    maker.line(QStringLiteral("Gate"), 20, 40).line(QStringLiteral("code 2135"), 200, 40);
    maker.line(QStringLiteral("Fault"), 20, 70).line(QStringLiteral("code 4417"), 200, 70);
    CHECK(foundOn(Kind::Secret, maker.page()) == list({"2135"}));
}

TEST_CASE("ships that bear names are nobody; whom a form of address stands before in capitals is somebody") {
    for (const char* ship : {"MV Leela", "MS Ranjeet", "HMS Victoria"}) {
        INFO(ship);
        CHECK(foundOn(Kind::Person, {"10:20", ship, "daily"}).isEmpty());
    }
    CHECK(foundOn(Kind::Person, {"Dear MS JANE HARTWELL,"}).size() == 1);
    CHECK(foundOn(Kind::Person, {"Ms Jane Hartwell"}).size() == 1);
}

TEST_CASE("of two values with nothing but a space between them both are found") {
    CHECK(foundOn(Kind::Ip, {"192.0.2.239 192.0.2.14 192.0.2.15"}) ==
          list({"192.0.2.239", "192.0.2.14", "192.0.2.15"}));
    CHECK(foundOn(Kind::Mac, {"00:00:5e:00:53:af 00:00:5e:00:53:b0"}).size() == 2);
    CHECK(foundOn(Kind::Card, {"4000 0566 5566 5556 5105 1051 0510 5100"}) ==
          list({"4000 0566 5566 5556", "5105 1051 0510 5100"}));
    CHECK(foundOn(Kind::Phone, {"01632 960 871 01632 960 233"}) == list({"01632 960 871", "01632 960 233"}));
    CHECK(foundOn(Kind::Phone, {"+44 1632 960417 +44 1632 960418"}) == list({"+44 1632 960417", "+44 1632 960418"}));
    CHECK(foundOn(Kind::Iban, {"DE89 3704 0044 0532 0130 00 GB29 NWBK 6016 1331 9268 19"}).size() == 2);
    CHECK(foundOn(Kind::Email, {"a.weir@example.org b.torp@example.org"}).size() == 2);
}

TEST_CASE("who is called at the start of what is quoted is a user") {
    for (const char* said : {"“@ninon.koch The pump is back.”", "\"@ninon.koch, the pump is back.\"",
                             "„@ninon.koch Die Pumpe läuft.“", "« @ninon.koch La pompe marche. »"}) {
        INFO(said);
        CHECK(foundOn(Kind::Username, {said}) == list({"@ninon.koch"}));
    }
}
