// What is told in passing: whom an appointment is with, whose family it is, who lies in which room, when somebody is
// born who is so old; and values in the formats that programs and banks send one another.
#include "support/found_on.h"

#include <catch2/catch.hpp>

using namespace eyelid;

TEST_CASE("whom an appointment is with is found in a week's cells, and neither towns nor words of every day are") {
    CHECK(foundOn(Kind::Person, {"Visit Sowa"}) == list({"Sowa"}));
    CHECK(foundOn(Kind::Person, {"Besuch Brzozowski"}) == list({"Brzozowski"}));
    CHECK(foundOn(Kind::Person, {"Meeting – Hofmann – roof"}) == list({"Hofmann"}));
    // One on the lists speaks for who is on none.
    CHECK(foundOn(Kind::Person, {"Termin Wegener"}).isEmpty());
    CHECK(foundOn(Kind::Person, {"Termin Wegener", "Besuch Hofmann"}) == list({"Wegener", "Hofmann"}));
    for (const char* nobody : {"Visit Lyon", "Call Center", "Meeting Room", "Lunch Break", "Review Board"})
        CHECK(foundOn(Kind::Person, {nobody, "Visit Sowa"}) == list({"Sowa"}));
}

TEST_CASE("families are found by what they are called together, and who lies in a room") {
    CHECK(foundOn(Kind::Person, {"Complaint lodged by the Szalai family"}) == list({"Szalai"}));
    CHECK(foundOn(Kind::Person, {"Ehepaar Brzozowski zieht aus"}).join(u' ').contains(QStringLiteral("Brzozowski")));
    CHECK(foundOn(Kind::Person, {"The Szalais are away until Monday"}).join(u' ').startsWith(QStringLiteral("Szalai")));
    CHECK(foundOn(Kind::Person, {"Room 12: Szalai / Hofmann"}) == list({"Szalai", "Hofmann"}));
    CHECK(foundOn(Kind::Person, {"Room 12: Heating / Water"}).isEmpty());
    CHECK(foundOn(Kind::Person, {"Tel/Fax 01632 960123"}).isEmpty());
}

TEST_CASE("a street under a name is no part of it, nor are brackets between two names") {
    CHECK(foundOn(Kind::Person, {"To the parents of Mia Boon", "Vojo de Boulton 5012", "8231 Hallein"})
              .filter(QStringLiteral("Vojo"))
              .isEmpty());
    CHECK(foundOn(Kind::Person, {"Hilde Auer (Betriebsrat), Otto Boon (HR)"}) == list({"Hilde Auer", "Otto Boon"}));
}

TEST_CASE("a date of birth stands behind a label that asks for the place as well, and behind the age it makes") {
    for (const char* line : {"Born on / in 14.09.1944, Hallein", "Born on/in: 14.09.1944, Hallein",
                             "Geboren am / in 14.09.1944, Hallein", "Né(e) le / à 14.09.1944, Lyon",
                             "Nacido el / en: 14.09.1944, Sevilla", "Aged 81 (14.09.1944)", "81 ans, 14.09.1944"})
        CHECK(foundOn(Kind::Dob, {line}) == list({"14.09.1944"}));
    CHECK(foundOn(Kind::Dob, {"Aged 30 days (14.09.2024)"}).isEmpty());
}

TEST_CASE("a document's number is found behind a bare word for one where it has a traveller's form") {
    CHECK(foundOn(Kind::Passport, {"Document VLS338741"}) == list({"VLS338741"}));
    CHECK(foundOn(Kind::Passport, {"Dokument: 55FP56920"}) == list({"55FP56920"}));
    for (const char* paper : {"Document INV-2026-0001", "Document: Annual report 2026", "Documento 14 páginas"})
        CHECK(foundOn(Kind::Passport, {paper}).isEmpty());
}

TEST_CASE("messages between banks and files of programs name their fields") {
    const auto found = findingsOn({":20:12345678", ":50K:/9939429823", "MIA FARRELL", "12 HARBOUR STREET",
                                   ":59:/GB29NWBK60161331926819", "TOM BOON", ":71A:SHA"});
    const auto has = [&](Kind kind, const char* text) {
        return std::ranges::any_of(
            found, [&](const Finding& f) { return f.kind == kind && f.text == QString::fromUtf8(text); });
    };
    CHECK(has(Kind::Account, "9939429823"));
    CHECK(has(Kind::Person, "MIA FARRELL"));
    CHECK(has(Kind::Address, "12 HARBOUR STREET"));
    CHECK(has(Kind::Person, "TOM BOON"));
    CHECK(std::ranges::none_of(found, [](const Finding& f) { return f.text.contains(QStringLiteral("SHA")); }));
    CHECK(foundOn(Kind::Address, {"<PstlAdr><StrtNm>519 June Islands</StrtNm>"}) == list({"519 June Islands"}));
    CHECK(foundOn(Kind::Address, {"LOCATION:Taussigova 97"}) == list({"Taussigova 97"}));
    for (const char* place : {"Location: Room B12", "Location: Halle 7", "Ort: Lager 4"})
        CHECK(foundOn(Kind::Address, {place}).isEmpty());
}

TEST_CASE("checksums of versions and files are no secrets, the same figures behind a word for a key are one") {
    const char* sums[] = {"commit 33e114afd25c710bcf782c95ba4b1b14c5180a5d",
                          "git checkout 33e114afd25c710bcf782c95ba4b1b14c5180a5d",
                          "ETag: \"33e114afd25c710bcf782c95ba4b1b14c5180a5d\""};
    for (const char* sum : sums) CHECK(foundOn(Kind::Secret, {sum}).isEmpty());
    for (const char* secret :
         {"password md5: 5f4dcc3b5aa765d61d8327deb882cf99", "build Zq33e114afd25c710bcf782c95ba4b1b14c5180x",
          "token sha1 33e114afd25c710bcf782c95ba4b1b14c5180a5d"})
        CHECK(foundOn(Kind::Secret, {secret}).size() == 1);
    CHECK(foundOn(Kind::Secret, {"api key 33e114afd25c710bcf782c95ba4b1b14c5180a5d"}).size() == 1);
    CHECK(foundOn(Kind::Secret, {"my password’s still Harbour12"}) == list({"Harbour12"}));
    CHECK(foundOn(Kind::Username, {"Created by mboon on 12 May"}) == list({"mboon"}));
}
