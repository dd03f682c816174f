// Codes of which each lets somebody in, under words for them; the folder of a command; who signs, and from where.
#include "support/found_on.h"

#include <algorithm>

using namespace eyelid;

TEST_CASE("codes under words for a list of them are secrets, in one column or two") {
    const auto head =
        GENERATE("Backup codes", "Your one-time codes", "Ersatzcodes", "Codes de secours", "Códigos de respaldo");
    CAPTURE(head);
    made::PageMaker maker;
    maker.line(QString::fromUtf8(head), 20, 40);
    const QStringList codes{QStringLiteral("8036 3845"), QStringLiteral("6240 1784"), QStringLiteral("1679 3953"),
                            QStringLiteral("9743 3534")};
    for (int i = 0; i < 4; ++i) maker.line(codes[i], i % 2 ? 200 : 20, 70 + i / 2 * 24);
    QStringList found;
    for (const Finding& f : finder().find(maker.page(), everything(), {}))
        if (f.kind == Kind::Secret) found << f.text;
    CHECK(found == codes);
}

TEST_CASE("codes that stand several on a line are of the list as well") {
    const QStringList found =
        foundOn(Kind::Secret, {"Recovery codes", "rn3bh-whdat hifxh-pxtsj", "hha33-pkjmk jttn6-owlug"});
    for (const char* code : {"rn3bh-whdat", "hifxh-pxtsj", "hha33-pkjmk", "jttn6-owlug"}) {
        INFO(code);
        CHECK(found.join(u' ').contains(QLatin1String(code)));
    }
    CHECK(foundOn(Kind::Secret, {"Codes de secours", "a6edh-12keb icmxu-hugrw tppjs-eovkj"}).size() == 1);
    CHECK(foundOn(Kind::Secret, {"Product codes", "rn3bh-whdat hifxh-pxtsj", "hha33-pkjmk jttn6-owlug"}).isEmpty());
}

TEST_CASE("figures under other words, or one alone, are no list of codes") {
    CHECK(foundOn(Kind::Secret, {"Product codes", "8036 3845", "6240 1784", "1679 3953"}).isEmpty());
    CHECK(foundOn(Kind::Secret, {"Codes of conduct", "2024", "2025", "2026"}).isEmpty());
}

TEST_CASE("the folder a command was given in is no password") {
    const QStringList found = foundOn(Kind::Secret, {"sudo: kmclean : TTY=pts/3 ; PWD=/home/kmclean ; USER=root"});
    CHECK(
        std::none_of(found.begin(), found.end(), [](const QString& f) { return f.contains(QStringLiteral("/home")); }));
    CHECK(foundOn(Kind::Secret, {"PWD=/7kWq-pR2x"}) == QStringList{QStringLiteral("/7kWq-pR2x")});
    CHECK(foundOn(Kind::Secret, {"PWD=7kWq-pR2x"}) == QStringList{QStringLiteral("7kWq-pR2x")});
}

TEST_CASE("behind a dash and a name stands a town, on the lists or not") {
    CHECK(foundOn(Kind::Address, {"— Rowena Sutcliffe, Keerbergen"}) == QStringList{QStringLiteral("Keerbergen")});
    CHECK(foundOn(Kind::Address, {"— Rowena Sutcliffe, Manager"}).isEmpty());
}

TEST_CASE("a town under its heading is somebody's where given names and families' stand in columns of their own") {
    made::PageMaker maker;
    const QStringList heads{QStringLiteral("Given name"), QStringLiteral("Surname"), QStringLiteral("Town")};
    const QStringList rows[] = {
        {QStringLiteral("Rowena"), QStringLiteral("Sutcliffe"), QStringLiteral("West Vivienhaven")},
        {QStringLiteral("Gareth"), QStringLiteral("Haldane"), QStringLiteral("North Emmamouth")},
        {QStringLiteral("Bridget"), QStringLiteral("Kowalski"), QStringLiteral("South Szabolcs")}};
    for (int c = 0; c < 3; ++c) maker.line(heads[c], 20 + 160 * c, 40);
    for (int r = 0; r < 3; ++r)
        for (int c = 0; c < 3; ++c) maker.line(rows[r][c], 20 + 160 * c, 70 + 26 * r);
    QStringList found;
    for (const Finding& f : finder().find(maker.page(), everything(), {}))
        if (f.kind == Kind::Address) found << f.text;
    CHECK(found == QStringList{QStringLiteral("West Vivienhaven"), QStringLiteral("North Emmamouth"),
                               QStringLiteral("South Szabolcs")});
}
