#include "finding/finder.h"
#include "finding/names.h"
#include "support/made.h"

using namespace eyelid;

namespace {

std::vector<Finding> people(made::PageMaker maker) {
    static const Finder finder;
    static const Policy policy = *loadPolicy(QStringLiteral("everything"));
    std::vector<Finding> found;
    for (Finding& f : finder.find(maker.page(), policy, {}))
        if (f.kind == Kind::Person) found.push_back(std::move(f));
    return found;
}

QString one(const char* line) {
    const auto found = people(made::PageMaker().line(QString::fromUtf8(line)));
    return found.size() == 1 ? found[0].text : QStringLiteral("%1 found").arg(found.size());
}

} // namespace

TEST_CASE("names in the forms people write them") {
    CHECK(one("Note by Rafaela Wilkinson, 14/06/2026") == QStringLiteral("Rafaela Wilkinson"));
    CHECK(one("Customer: Wilkinson, Rafaela") == QStringLiteral("Wilkinson, Rafaela"));
    CHECK(one("Customer: Rafaela van der Wilk") == QStringLiteral("Rafaela van der Wilk"));
    CHECK(one("Customer: Seán O'Brien") == QStringLiteral("Seán O'Brien"));
    CHECK(one("Customer: Rafaela J. Wilkinson") == QStringLiteral("Rafaela J. Wilkinson"));
    CHECK(one("Sehr geehrte Frau Quillfeather,") == QStringLiteral("Quillfeather"));
    CHECK(one("Estimado señor Maravall,") == QStringLiteral("Maravall"));
    // Where title and name are the whole of a cell, they are its value.
    CHECK(one("Mrs Rafaela Wilkinson") == QStringLiteral("Mrs Rafaela Wilkinson"));
    CHECK(one("Hi Rafaela, thanks") == QStringLiteral("Rafaela"));
}

TEST_CASE("names misread by a letter are still names") {
    CHECK(one("Customer: Rafae1a Wi1kinson") == QStringLiteral("Rafae1a Wi1kinson"));
    CHECK(one("Dear lngrid Wilkinson,") == QStringLiteral("lngrid Wilkinson"));
}

TEST_CASE("who the list does not know is known by the company kept") {
    // Three known names make the column one of names.
    made::PageMaker column;
    int y = 20;
    for (const char* name : {"Rafaela Wilkinson", "Desmond Harris", "Greta Jenkins", "Zorblat Quillfeather"}) {
        column.line(QString::fromUtf8(name), 300, y);
        y += 60;
    }
    CHECK(people(column).size() == 4);
    // Alone it is written like one.
    CHECK(people(made::PageMaker().line(QStringLiteral("Zorblat Quillfeather"))).size() == 1);
    CHECK(people(made::PageMaker().line(QStringLiteral("zorblat quillfeather"))).empty());
    // A mail address made from the name.
    made::PageMaker card;
    card.line(QStringLiteral("Zorblat Quillfeather"), 20, 20)
        .line(QStringLiteral("zorblat.quillfeather@mail.example"), 20, 100);
    CHECK(people(card).size() == 1);
}

TEST_CASE("a name in a sentence that a word for somebody's part speaks for is found, whatever the page around it") {
    made::PageMaker page;
    page.line(QStringLiteral("Account overview"), 20, 20)
        .line(QStringLiteral("Balance"), 20, 60)
        .line(QStringLiteral("-38.20"), 20, 80)
        .line(QStringLiteral(
                  "Priority register: dialysis at home. Call Oskar first, then the neighbour Meera Quillfeather."),
              20, 120);
    QStringList found;
    for (const Finding& f : people(page)) found << f.text;
    CHECK(found == QStringList{QStringLiteral("Oskar"), QStringLiteral("Meera Quillfeather")});
}

TEST_CASE("the parts of a name that was found are found elsewhere on the screen") {
    made::PageMaker page;
    page.line(QStringLiteral("Customer: Zorblat Quillfeather"), 20, 20)
        .line(QStringLiteral("we told Quillfeather to call again"), 20, 140);
    const auto found = people(page);
    REQUIRE(found.size() == 2);
    CHECK(found[1].text == QStringLiteral("Quillfeather"));
}

TEST_CASE("every person found comes with the evidence in words") {
    for (const Finding& f : people(made::PageMaker().line(QStringLiteral("Customer: Rafaela Wilkinson")))) {
        CHECK(f.reason.contains(QStringLiteral("lists of names")));
        CHECK(f.reason.contains(QStringLiteral("customer")));
        CHECK_FALSE(f.reason.contains(QStringLiteral("Rafaela")));
    }
}

TEST_CASE("the shipped lists answer whatever case and accents a word comes in") {
    const Names names;
    CHECK(names.isGiven(QStringLiteral("RAFAELA")));
    CHECK(names.isFamily(QStringLiteral("Ekström")));
    CHECK(names.isFamily(QStringLiteral("Ekstrom")));
    CHECK(names.isCommonWord(QStringLiteral("Account")));
    CHECK(names.isVeryCommonWord(QStringLiteral("call")));
    CHECK_FALSE(names.isGiven(QStringLiteral("Telemetry")));
    CHECK_FALSE(names.isCommonWord(QStringLiteral("Quillfeather")));
}

TEST_CASE("what a street is called after names nobody elsewhere on the screen") {
    made::PageMaker maker;
    maker.line(QStringLiteral("Hostal La Alameda Reservas"), 20, 20);
    maker.line(QStringLiteral("Domicilio"), 20, 200);
    maker.line(QStringLiteral("Avenida de la Alameda, 53, 51990 Puerto Mirón"), 20, 220);
    CHECK(people(maker).empty());
}

TEST_CASE("the country somebody is from is not part of the name") {
    CHECK(one("Sage Rodriguez Netherlands Baileux 44") == QStringLiteral("Sage Rodriguez"));
    CHECK(one("Minerva Hooper Curaçao") == QStringLiteral("Minerva Hooper"));
    // Somebody may be called so.
    CHECK(one("Name: Minerva Jordan") == QStringLiteral("Minerva Jordan"));
}

TEST_CASE("a greeting before a name is none of it, whatever language the page is of") {
    CHECK(one("text=\"Bonjour Jacques, votre technicien passe\"") == QStringLiteral("Jacques"));
    CHECK(one("Yes, Bob. Please do.") == QStringLiteral("Bob"));
}

TEST_CASE("who meets whom alone is told, whatever their names") {
    const auto met = people(made::PageMaker().line(QStringLiteral("1:1 Bon / Georges")));
    REQUIRE(met.size() == 2);
    CHECK(met[0].text == QStringLiteral("Bon"));
    CHECK(met[1].text == QStringLiteral("Georges"));
    CHECK(people(made::PageMaker().line(QStringLiteral("1:1 Review / Planning"))).empty());
}

TEST_CASE("two words that no language has, as a line of their own, are somebody") {
    CHECK(one("Dedik Sugihartono") == QStringLiteral("Dedik Sugihartono"));
    CHECK(one("Tamsin Quorlathe") == QStringLiteral("Tamsin Quorlathe"));
    for (const char* other : {"ViewAll Settingz", "Vestibulum Dapibus", "Pumpwerk NORDOST", "MI N AG O"}) {
        INFO(other);
        CHECK(people(made::PageMaker().line(QString::fromUtf8(other))).empty());
    }
}

TEST_CASE("a town of several words that are names is nobody") {
    CHECK(people(made::PageMaker().line(QStringLiteral("San Francisco"))).empty());
    CHECK(one("Name: Santiago Francisco") == QStringLiteral("Santiago Francisco"));
    CHECK(one("Florencio Varela") == QStringLiteral("Florencio Varela"));
    CHECK(one("Name: LI WU") == QStringLiteral("LI WU"));
}

TEST_CASE("arrows of a menu that read as v set nobody against anybody") {
    CHECK(people(made::PageMaker().line(QStringLiteral("Layout v Plugins v Addons v Jordan v"))).empty());
}

TEST_CASE("who does something at the beginning of a sentence is somebody; a word of every day is not") {
    CHECK(one("Walter weist Ihnen ORD-4465 zu") == QStringLiteral("Walter"));
    CHECK(one("Geraldine mentioned you in #12345") == QStringLiteral("Geraldine"));
    CHECK(one("Denis kommentiert ORD-1243") == QStringLiteral("Denis"));
    for (const char* line :
         {"Mark all as read", "Will be sent later", "Grant access to all", "Rosa es un color claro"}) {
        INFO(line);
        CHECK(people(made::PageMaker().line(QString::fromUtf8(line))).empty());
    }
}

TEST_CASE("a device called after its owner names them, and one called after its place does not") {
    CHECK(one("agathons-laptop") == QStringLiteral("agathons"));
    CHECK(one("Jana-PC") == QStringLiteral("Jana"));
    CHECK(one("Handy von Jana") == QStringLiteral("Jana"));
    CHECK(people(made::PageMaker().line(QStringLiteral("meter-pc reception-phone north-laptop"))).empty());
}

TEST_CASE("a street of two names with a hyphen is a street") {
    CHECK(people(made::PageMaker().line(QStringLiteral("Karl Kraft-Straße 80"))).empty());
}

TEST_CASE("whom a question or a cry is said to is somebody, without a comma as well") {
    CHECK(one("Hi, do you have a moment to talk Joe?") == QStringLiteral("Joe"));
    CHECK(one("Congratulations John!") == QStringLiteral("John"));
    for (const char* line : {"Have you been to Paris?", "Can we do it in May?", "What is the Will?"}) {
        INFO(line);
        CHECK(people(made::PageMaker().line(QString::fromUtf8(line))).empty());
    }
}
