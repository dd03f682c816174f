// What is asked for and told in talks, notes and appointments, and values that are found whole, no more and no less.
#include "support/found_on.h"

#include <catch2/catch.hpp>

using namespace eyelid;

TEST_CASE("the number a question asks for is found in the answer") {
    made::PageMaker bubbles; // at the left and at the right
    bubbles.line(QStringLiteral("Hello! What is your customer number?"), 20, 40);
    bubbles.line(QStringLiteral("34204472"), 700, 70);
    CHECK(foundOn(Kind::Record, bubbles.page()) == list({"34204472"}));
    CHECK(foundOn(Kind::Record, {"Hello! What is your customer number?", "34204472"}) == list({"34204472"}));
    CHECK(foundOn(Kind::Record, {"Bonjour ! Quel est votre numéro client ?", "34204472"}) == list({"34204472"}));
    CHECK(foundOn(Kind::Record, {"What is your customer number?", "I do not know, sorry."}).isEmpty());
}

TEST_CASE("a password that was made anew is told behind words for that") {
    CHECK(foundOn(Kind::Secret, {"Reset, temporary one: 0wjhJAC8z. She confirmed by phone."}) == list({"0wjhJAC8z"}));
    CHECK(foundOn(Kind::Secret, {"Zurückgesetzt, vorläufig: k7pm2x9q."}) == list({"k7pm2x9q"}));
    CHECK(foundOn(Kind::Secret, {"Réinitialisé, provisoire : yGGJqBcrK."}) == list({"yGGJqBcrK"}));
    for (const char* none : {"The valve is temporary: replace it.", "Reset to: version2", "Temporary: McDonald",
                             "The new one: LMW-0044, see shelf 4"})
        CHECK(foundOn(Kind::Secret, {none}).isEmpty());
}

TEST_CASE("whom an entry of a day is of stands in brackets") {
    CHECK(foundOn(Kind::Person, {"10:35 Dentist (Oskar)"}) == list({"Oskar"}));
    made::PageMaker cells; // the hour somewhat higher than what fills its field
    cells.line(QStringLiteral("8:46"), 20, 40).line(QStringLiteral("Dentist (Steven)"), 120, 45);
    CHECK(foundOn(Kind::Person, cells.page()) == list({"Steven"}));
    for (const char* none : {"10:35 Meeting (Board)", "Fittings (Florence)", "10:35 Conference (Alderport)"})
        CHECK(foundOn(Kind::Person, {none}).isEmpty());
}

TEST_CASE("words before a name that say who it is by, or thank, are none of it") {
    CHECK(foundOn(Kind::Person, {"Brief 17.11.2026 · von Lola Bader"}) == list({"Lola Bader"}));
    CHECK(foundOn(Kind::Person, {"Merci Arian. Et votre nom complet ?"}) == list({"Arian"}));
    CHECK(foundOn(Kind::Person, {"Merci Arian"}) == list({"Merci Arian"}));       // a cell of a list of people
    CHECK(foundOn(Kind::Person, {"3 de Vries, Tom"}) == list({"de Vries, Tom"})); // the family's own
}

TEST_CASE("a name is found whole where it stands whole elsewhere on the page") {
    CHECK(foundOn(Kind::Person, {"Tomke Liebe 4.11.2026 9:12", "Seit gestern kommt falsches Passwort.", "", "Melder",
                                 "Tomke Liebe", "", "Bearbeiter", "Mathis Simon"}) ==
          list({"Tomke Liebe", "Tomke Liebe", "Mathis Simon"}));
    CHECK(foundOn(Kind::Person, {"Nota 18 Nov 2026 · por Valeria Avilés de Quintero de la cruz"}) ==
          list({"Valeria Avilés de Quintero de la cruz"}));
}

TEST_CASE("an address is one value, whoever its street is called after and however long its town's name is") {
    made::PageMaker table;
    table.line(QStringLiteral("Donateur"), 20, 20).line(QStringLiteral("Domicile"), 220, 20);
    const std::pair<const char*, const char*> rows[] = {
        {"Zaché Duval", "4 Bertille de Vaugirard, J1O 8M1 Fort Amélien"},
        {"Camillien Dumont", "9982 Josselin du Faubourg-Saint-Denis, Y2V 9B1 East Adonisboro, Libye"},
        {"Malo Leroy", "26 Sébastien de la Victoire, Y5N 7M0 West Jeannot"},
        {"Athanasie Dumont", "21 Abdon Saint-Dominique, T3U 2C2 East Jocelyneworth"}};
    QStringList people, homes;
    for (int y = 60; const auto& [name, home] : rows) {
        people << QString::fromUtf8(name);
        homes << QString::fromUtf8(home);
        table.line(people.back(), 20, y).line(homes.back(), 220, y);
        y += 40;
    }
    CHECK(foundOn(Kind::Address, table.page()) == homes);
    CHECK(foundOn(Kind::Person, table.page()) == people);
    CHECK(foundOn(Kind::Address, {"Se ha mudado a Apartamento Conchita Ríos, 70, 37381 San Juan Bautista Tuxtepec."}) ==
          list({"Apartamento Conchita Ríos, 70, 37381 San Juan Bautista Tuxtepec"}));
}

TEST_CASE("a town under somebody's date of birth is told of them") {
    CHECK(foundOn(Kind::Address, {"Mariana León Olivares", "* 10/09/1997", "Badajoz"}) == list({"Badajoz"}));
    CHECK(foundOn(Kind::Address, {"Mariana León Olivares", "* 10/09/1997", "Married"}).isEmpty());
}

TEST_CASE("a firm is nobody behind a label for somebody") {
    CHECK(foundOn(Kind::Person, {"SEPA direct debit", "", "Creditor: Larkmoor Water", "", "Payer: Imogen Hale"}) ==
          list({"Imogen Hale"}));
    CHECK(foundOn(Kind::Person, {"Patient: Nkemdilim Ward 7"}).join(u' ').contains(QStringLiteral("Nkemdilim")));
    CHECK(foundOn(Kind::Person, {"Creditor: Imogen Hale"}) == list({"Imogen Hale"}));
}
