// What words around a value announce: names of fields that offices put together, fields set far apart, under or in
// boxes, a title, a part somebody has.
#include "finding/labels.h"
#include "support/found_on.h"

using namespace eyelid;

TEST_CASE("a word for somebody before a word for a number names somebody's number, in four languages") {
    for (const char* label : {"Staff no.", "Tenant number", "your member ID", "Mitarbeiternummer", "Kundennr.",
                              "N° client", "N.° empleado", "Matricule"}) {
        INFO(label);
        const auto hit = labelHit(QString::fromUtf8(label));
        REQUIRE(hit);
        CHECK(hit->kind == Kind::Record);
        CHECK(namesSomebodysNumber(hit->word));
    }
    CHECK(foundOn(Kind::Record, {"Staff no. 225179"}) == list({"225179"}));
    // Of a thing, and of a file.
    CHECK(foundOn(Kind::Record, {"Order no. 225179", "Case number: LMW-004417"}).isEmpty());
}

TEST_CASE("whatever a code opens is a secret, and what lets nobody in is none") {
    for (const char* line : {"Ihr Anmeldecode", "Votre code de connexion", "Join with code", "Unlock code"}) {
        INFO(line);
        CHECK(foundOn(Kind::Secret, {line, "353344"}) == list({"353344"}));
    }
    for (const char* line : {"Error code", "Fehlercode", "Product code", "code postal", "código de país", "Barcode"}) {
        INFO(line);
        const auto hit = labelHit(QString::fromUtf8(line));
        CHECK((!hit || hit->kind != Kind::Secret));
    }
}

TEST_CASE("what a label is said to be is a word of the lists, never what stands on the screen") {
    for (const char* label :
         {"Oakley code", "Rowena Oakley code", "Oakleycode", "code de Oakley", "your Oakley member no."}) {
        INFO(label);
        const auto hit = labelHit(QString::fromUtf8(label));
        REQUIRE(hit);
        CHECK_FALSE(hit->word.contains(QStringLiteral("oakley")));
    }
}

TEST_CASE("labels at the left speak for values at the right, however far, where several do") {
    made::PageMaker maker;
    const char* rows[][2] = {
        {"Lead guest", "Rowena Sutcliffe"}, {"Nights", "8"}, {"Door code", "7313"}, {"Price", "894.00"}};
    double y = 40;
    for (const auto& [label, value] : rows) {
        const QString text = QString::fromUtf8(value);
        maker.line(QString::fromUtf8(label), 20, y).line(text, 1200 - 8 * double(text.size()), y);
        y += 24;
    }
    CHECK(foundOn(Kind::Secret, maker.page()) == list({"7313"}));
}

TEST_CASE("labels under their values speak for them") {
    made::PageMaker maker;
    const char* fields[][2] = {
        {"Rowena Sutcliffe", "Account holder"}, {"41078640", "Account number"}, {"89.00", "Balance"}};
    double x = 20;
    for (const auto& [value, label] : fields) {
        maker.line(QString::fromUtf8(value), x, 40).line(QString::fromUtf8(label), x, 58);
        x += 260;
    }
    CHECK(foundOn(Kind::Account, maker.page()) == list({"41078640"}));
    // A key of code speaks for what follows it, not for the key over it.
    for (const QString& text : foundOn(Kind::Secret, {"\"client_secret\": █████", "\"token\": █████"}))
        CHECK_FALSE(text.contains(QStringLiteral("client")));
}

TEST_CASE("a field's box keeps its value at a distance from its label") {
    made::PageMaker maker;
    const char* fields[][2] = {
        {"Vorname", "Quillon"}, {"Nachname", "Gakstetter"}, {"Ort", "Hwidiem"}, {"Telefon", "030 23125 497"}};
    double y = 40;
    for (const auto& [label, value] : fields) {
        maker.line(QString::fromUtf8(label), 20, y).line(QString::fromUtf8(value), 25, y + 28);
        y += 58;
    }
    CHECK(foundOn(Kind::Person, maker.page()) == list({"Quillon", "Gakstetter"}));
    CHECK(foundOn(Kind::Address, maker.page()) == list({"Hwidiem"}));
    // Of a meeting, where nobody is named.
    CHECK(foundOn(Kind::Address, {"Ort", "Großer Saal"}).isEmpty());
}

TEST_CASE("words over columns of what is somebody's are none of it, whatever they are") {
    made::PageMaker maker;
    const char* rows[][3] = {{"Starts", "Buddy", "Login"},
                             {"1 March", "Rowena", "g.nemeth-ext"},
                             {"8 March", "Gareth", "abigel.nagy"},
                             {"9 March", "Vibeke", "alexandra.kiraly"},
                             {"11 March", "Imogen", "mezei64"}};
    double y = 40;
    for (const auto& [day, name, user] : rows) {
        maker.line(QString::fromUtf8(day), 20, y)
            .line(QString::fromUtf8(name), 160, y)
            .line(QString::fromUtf8(user), 320, y);
        y += 24;
    }
    CHECK(foundOn(Kind::Person, maker.page()) == list({"Rowena", "Gareth", "Vibeke", "Imogen"}));
    CHECK(foundOn(Kind::Username, maker.page()).size() == 4);
}

TEST_CASE("numbers that count a list are no houses") {
    CHECK(foundOn(Kind::Person, {"1 Rowena Sutcliffe", "590 Philander Route, 60854 Alderport", "", "2 Gareth Miller",
                                 "6128 Cloete Loop, 18002 Alderport"}) == list({"Rowena Sutcliffe", "Gareth Miller"}));
}

TEST_CASE("houses that follow one another keep their numbers, and plates under their heading are plates") {
    const QStringList found =
        foundOn(Kind::Address, {"12 Emard Meadow", "30155 Karstedt", "", "13 Emard Meadow", "30155 Karstedt"});
    for (const char* street : {"12 Emard Meadow", "13 Emard Meadow"}) CHECK(found.contains(QLatin1String(street)));
    made::PageMaker maker;
    const char* rows[][2] = {{"Plate", "Driver"},
                             {"ZH 4711", "Rowena Sutcliffe"},
                             {"ZH 4712", "Gareth Miller"},
                             {"ZH 4713", "Vibeke Schroder"}};
    double y = 40;
    for (const auto& [plate, name] : rows) {
        maker.line(QString::fromUtf8(plate), 20, y).line(QString::fromUtf8(name), 200, y);
        y += 24;
    }
    CHECK(foundOn(Kind::Plate, maker.page()) == list({"ZH 4711", "ZH 4712", "ZH 4713"}));
}

TEST_CASE("who says a sentence by given name is somebody") {
    CHECK(foundOn(Kind::Person, {"Neue Nachricht", "Vito: Der Verbrauch stieg um 80 Prozent."}) == list({"Vito"}));
    CHECK(foundOn(Kind::Person, {"Victoria: closed for works until Monday"}).isEmpty());
}

TEST_CASE("a name goes on over the end of a short line of text") {
    CHECK(foundOn(Kind::Person, {"Meeting in ten minutes, with Pascal", "Maillard"}) == list({"Pascal Maillard"}));
}

TEST_CASE("a word of every day is a family's name behind a form of address and before a given name") {
    CHECK(foundOn(Kind::Person, {"Ich danke Herrn Lang, der binnen einer Stunde kam."}) == list({"Lang"}));
    CHECK(foundOn(Kind::Person, {"2. Little, Juana"}) == list({"Little, Juana"}));
}

TEST_CASE("whose daughter somebody is names them, over the end of a line as well") {
    CHECK(foundOn(Kind::Person, {"No teníamos agua y llamamos por la noche; mi hija", "Federico tiene seis meses."}) ==
          list({"Federico"}));
}

TEST_CASE("given and family names in cells of their own are found together") {
    CHECK(foundOn(Kind::Person, {"| 1 | Sheldon | Hermiston | sheldon.hermiston@example.org |",
                                 "| 2 | Stephany | Zboncak | zboncaks@post.example.net |",
                                 "| 3 | Britney | Gerlach | gerlach73@example.com |"}) ==
          list({"Sheldon", "Hermiston", "Stephany", "Zboncak", "Britney", "Gerlach"}));
}

TEST_CASE("a paper beside a label is not whom the label speaks of") {
    made::PageMaker maker;
    maker.line(QStringLiteral("Bill to"), 20, 40).line(QStringLiteral("Invoice ORD-54478"), 600, 40);
    maker.line(QStringLiteral("Rowena Sutcliffe"), 20, 58);
    CHECK(foundOn(Kind::Person, maker.page()) == list({"Rowena Sutcliffe"}));
}

TEST_CASE("a column that counts keys opens nothing; keys in one are secrets") {
    const auto column = [](const char* heading, std::initializer_list<const char*> keys) {
        made::PageMaker maker;
        maker.line(QString::fromUtf8(heading), 20, 40)
            .line(QStringLiteral("MAC"), 220, 40)
            .line(QStringLiteral("IP"), 420, 40);
        double y = 64;
        int device = 10;
        for (const char* key : keys) {
            const QString two = QString::number(device++);
            maker.line(QString::fromUtf8(key), 20, y).line(QStringLiteral("00-00-5e-7e-b2-") + two, 220, y);
            maker.line(QStringLiteral("203.0.113.") + two, 420, y);
            y += 24;
        }
        return foundOn(Kind::Secret, maker.page());
    };
    CHECK(column("Clé", {"K-11", "K-12", "K-13"}).isEmpty());
    CHECK(column("Key", {"7eWFSYoI7Sv4", "rMQXHFfIXJVd", "aVPqrBp22u34"}).size() == 3);
    CHECK(column("Key", {"retries_max", "listen_port", "log_level2"}).isEmpty());
    CHECK(foundOn(Kind::Secret, {"Password on the account is jVaVx9xJ."}) == list({"jVaVx9xJ"}));
}

TEST_CASE("a date of long ago in the cell beside a name alone is one of birth; one under a heading of ordinary words "
          "is not") {
    made::PageMaker maker;
    maker.line(QStringLiteral("Gareth Miller"), 20, 40).line(QStringLiteral("1965-03-15"), 240, 40);
    maker.line(QStringLiteral("Rowena Sutcliffe"), 20, 90).line(QStringLiteral("1992-02-13"), 240, 90);
    CHECK(foundOn(Kind::Dob, maker.page()) == list({"1965-03-15", "1992-02-13"}));
}

TEST_CASE("what stands well inside the field under its label is announced by it") {
    made::PageMaker form;
    form.line(QStringLiteral("Address"), 40, 40).line(QStringLiteral("Nine Gables above Sulby"), 60, 68);
    form.line(QStringLiteral("Remarks"), 40, 116).line(QStringLiteral("Ring twice"), 60, 144);
    CHECK(foundOn(Kind::Address, form.page()) == list({"Nine Gables above Sulby"}));
    // A paragraph set in under a heading is not in a field.
    made::PageMaker prose;
    prose.line(QStringLiteral("Address"), 40, 40).line(QStringLiteral("Nine Gables above Sulby"), 60, 68);
    CHECK(foundOn(Kind::Address, prose.page()).isEmpty());
}

TEST_CASE("names of fields in a form's fields are nobody's address") {
    CHECK(
        foundOn(Kind::Address, {"City: Country", "Address: State, City", "Anschrift: Region, Postal Code"}).isEmpty());
    CHECK(foundOn(Kind::Address, {"City: Alderport"}) == list({"Alderport"}));
}

TEST_CASE("under a heading for towns beside names every cell is somebody's town, known or not") {
    made::PageMaker table;
    table.line(QStringLiteral("Subscriber"), 40, 40)
        .line(QStringLiteral("Town"), 260, 40)
        .line(QStringLiteral("Until"), 460, 40);
    int y = 64;
    for (const auto& [who, where] :
         {std::pair{"Anna Visser", "Eekwerd"}, {"Maria Keller", "Kwaalburen"}, {"Robert Price", "Spekthoek"}}) {
        table.line(QString::fromUtf8(who), 40, y)
            .line(QString::fromUtf8(where), 260, y)
            .line(QStringLiteral("paid"), 460, y);
        y += 24;
    }
    CHECK(foundOn(Kind::Address, table.page()) == list({"Eekwerd", "Kwaalburen", "Spekthoek"}));
}

TEST_CASE("two parts of an address may share a label") {
    for (const char* label : {"Postcode and town", "PLZ und Ort", "Code postal et ville", "Código postal y ciudad"}) {
        INFO(label);
        const auto hit = labelHit(QString::fromUtf8(label));
        REQUIRE(hit);
        CHECK(hit->kind == Kind::Address);
        CHECK(hit->whole);
    }
    CHECK_FALSE(labelHit(QStringLiteral("Come and go")));
}

TEST_CASE("a label at the top of its field speaks for what stands in the middle of it") {
    made::PageMaker form;
    form.line(QStringLiteral("Date of birth"), 40, 40).line(QStringLiteral("08/01/1977"), 220, 46);
    form.line(QStringLiteral("Account number"), 40, 80).line(QStringLiteral("99723260"), 220, 86);
    CHECK(foundOn(Kind::Dob, form.page()) == list({"08/01/1977"}));
    CHECK(foundOn(Kind::Account, form.page()) == list({"99723260"}));
}

TEST_CASE("what a field is kept as stands between its name and its value and is neither") {
    made::PageMaker maker;
    const char* rows[][3] = {{"given_name", "varchar(40)", "Leonie"},
                             {"birth_date", "date", "1988-05-11"},
                             {"postcode", "varchar", "0745"},
                             {"tariff_id", "int", "16"}};
    double y = 40;
    for (const auto& row : rows) {
        for (int i = 0; i < 3; ++i) maker.line(QString::fromUtf8(row[i]), 20 + 160 * i, y);
        y += 24;
    }
    CHECK(foundOn(Kind::Person, maker.page()) == list({"Leonie"}));
    CHECK(foundOn(Kind::Dob, maker.page()) == list({"1988-05-11"}));
    CHECK(foundOn(Kind::Address, maker.page()) == list({"0745"}));
    CHECK(foundOn(Kind::Username, maker.page()).isEmpty());
    // Who is called so is somebody.
    CHECK(foundOn(
              Kind::Person,
              made::PageMaker().line(QStringLiteral("Surname"), 20, 40).line(QStringLiteral("Long"), 200, 40).page()) ==
          list({"Long"}));
}

TEST_CASE("a label misread by a letter, in its first half or its last, is that label") {
    for (const char* label : {"phone nomber", "rhone number", "hone number", "phone nunber", "telephome"}) {
        INFO(label);
        const auto hit = labelHit(QString::fromUtf8(label));
        REQUIRE(hit);
        CHECK(hit->kind == Kind::Phone);
    }
    CHECK_FALSE(labelHit(QStringLiteral("phase counter")));
    CHECK_FALSE(labelHit(QStringLiteral("fone nomber")));
}

TEST_CASE("where somebody lives is an address, as a whole") {
    CHECK(foundOn(Kind::Address,
                  made::PageMaker().line(QStringLiteral("Lives in: Šentilj v Slov. Goricah, Slovenia")).page()) ==
          list({"Šentilj v Slov. Goricah, Slovenia"}));
}

TEST_CASE("a label speaks for no object, and for no sentence behind its value") {
    const QStringList parts = foundOn(
        Kind::Address,
        made::PageMaker()
            .line(QStringLiteral("\"address\": { \"line1\": \"12 Alder Lane\", \"town\": \"Whitby\", \"n\": 4 },"))
            .page());
    CHECK(parts == list({"12 Alder Lane", "Whitby"}));
    CHECK(foundOn(Kind::Address,
                  made::PageMaker()
                      .line(QStringLiteral("Address: 542 Alvena Road, East Bria, Suriname. Bring the form in cash."))
                      .page()) == list({"542 Alvena Road, East Bria, Suriname"}));
    CHECK(
        foundOn(Kind::Person,
                made::PageMaker().line(QStringLiteral("job=letter customer=\"Mattsson, Hugo\" msg=\"none\"")).page()) ==
        list({"Mattsson, Hugo"}));
}

TEST_CASE("a key over its fields is no value of the label above it; a password that ends like one is") {
    const auto secrets = [](std::initializer_list<const char*> lines) {
        made::PageMaker maker;
        double y = 40;
        for (const char* line : lines) maker.line(QString::fromUtf8(line), 20, y += 18);
        return foundOn(Kind::Secret, maker.page());
    };
    CHECK_FALSE(secrets({"kind: Secret", "metadata:", "name: billing"}).contains(QStringLiteral("metadata:")));
    CHECK(secrets({"Password", "pragelin:"}).join(u' ').contains(QStringLiteral("pragelin")));
}

TEST_CASE("figures that look like a label are none, and what a machine is called is no address of it") {
    CHECK(foundOn(Kind::Account, made::PageMaker().line(QStringLiteral("+ 812 1315 07")).page()).isEmpty());
    const QString image = QStringLiteral("gateway: registry.example/meters:18.25.7");
    CHECK(foundOn(Kind::Ip, made::PageMaker().line(image).page()).isEmpty());
}

TEST_CASE("a part of a country beside somebody is an address; what became of a thing and a data centre are none") {
    const auto form = [](const char* label, const char* value) {
        return made::PageMaker()
            .line(QStringLiteral("First name:"), 20, 20)
            .line(QStringLiteral("Walter"), 160, 20)
            .line(QString::fromUtf8(label), 20, 60)
            .line(QString::fromUtf8(value), 160, 60)
            .page();
    };
    CHECK(foundOn(Kind::Address, form("State:", "California")) == list({"California"}));
    CHECK(foundOn(Kind::Address, form("State:", "Established")).isEmpty());
    CHECK(foundOn(Kind::Address, form("Region:", "eu-west-1")).isEmpty());
}

TEST_CASE("what fields show until they are filled in is nobody's") {
    const auto under = [](const char* label, const char* value) {
        return made::PageMaker().line(QString::fromUtf8(label), 20, 20).line(QString::fromUtf8(value), 20, 42).page();
    };
    CHECK(foundOn(Kind::Secret, under("Password", "Recipient's username")).isEmpty());
    CHECK(foundOn(Kind::Phone, under("Phone number", "+00 (000) 000-00-00")).isEmpty());
    CHECK(foundOn(Kind::Username, made::PageMaker().line(QStringLiteral("@example.com")).page()).isEmpty());
    // What somebody may be called or have chosen stays found.
    CHECK(foundOn(Kind::Username, made::PageMaker().line(QStringLiteral("@marta.it")).page()) == list({"@marta.it"}));
}

TEST_CASE("a house's number before somebody's name and a word of every day is a street") {
    const auto in = [](const char* text) {
        return foundOn(Kind::Address, made::PageMaker().line(QString::fromUtf8(text)).page());
    };
    CHECK(in("Probably Alma Myburgh, 180 Leticia Light") == list({"180 Leticia Light"}));
    CHECK(in("Who takes 859 Szófia Mountain?") == list({"859 Szófia Mountain"}));
    CHECK(in("both 12 Peter Fox").isEmpty());
    CHECK(in("Version 180 is out, see page 12").isEmpty());
}

TEST_CASE("a firm's legal form says that nobody is meant, whatever label stands beside it") {
    const auto in = [](const char* text) {
        return foundOn(Kind::Person, made::PageMaker().line(QString::fromUtf8(text)).page());
    };
    CHECK(in("Issued by: Stehr Ltd CA").isEmpty());
    CHECK(in("Issued by: Walter Stehr") == list({"Walter Stehr"}));
    CHECK(in("Name: Lukhona Ngcolosi, limited access").join(u' ').contains(QStringLiteral("Lukhona Ngcolosi")));
    CHECK(in("Name: Ngcolosi Myburgh, limited access").join(u' ').contains(QStringLiteral("Myburgh")));
    CHECK(in("Customer: Walter Stehr GmbH").join(u' ').contains(QStringLiteral("Walter Stehr")));
}

TEST_CASE("a secret that is words is found whole, what is said about it is not") {
    const auto under = [](const char* label, const char* value) {
        return foundOn(
            Kind::Secret,
            made::PageMaker().line(QString::fromUtf8(label), 20, 20).line(QString::fromUtf8(value), 20, 42).page());
    };
    CHECK(under("Passphrase", "correct horse battery staple") == list({"correct horse battery staple"}));
    CHECK(under("Recovery phrase", "orbit velvet lamp stone river acid").size() == 1);
    CHECK(under("Wiederherstellungsphrase", "orbit velvet lamp stone river acid").size() == 1);
    CHECK(under("Passphrase", "use at least four words").isEmpty());
}

TEST_CASE("the words of a recovery phrase in cells of their own are found, numbered or not") {
    const char* words[] = {"orbit", "velvet", "lamp",   "stone", "river", "acid",
                           "maple", "cradle", "tunnel", "ivory", "gaze",  "solid"};
    for (const bool numbered : {true, false}) {
        made::PageMaker page;
        page.line(QStringLiteral("Your recovery phrase"), 20, 20);
        for (int i = 0; i < 12; ++i) {
            const QString word = QString::fromUtf8(words[i]);
            page.line(numbered ? QStringLiteral("%1. %2").arg(i + 1).arg(word) : word, 20 + 160 * (i % 3),
                      56 + 36 * (i / 3));
        }
        page.line(QStringLiteral("Write these words down and keep them safe"), 20, 220);
        CHECK(foundOn(Kind::Secret, page.page()).size() == 12);
    }
    made::PageMaker rows;
    rows.line(QStringLiteral("Your seed phrase"), 20, 20)
        .line(QStringLiteral("orbit velvet lamp stone river acid maple"), 20, 60)
        .line(QStringLiteral("cradle tunnel ivory gaze solid"), 20, 84)
        .line(QStringLiteral("Keep it safe."), 20, 108);
    CHECK(foundOn(Kind::Secret, rows.page()).size() == 2);
    made::PageMaker prose;
    prose.line(QStringLiteral("Seed words"), 20, 20)
        .line(QStringLiteral("people often forget where their notes were placed"), 20, 60)
        .line(QStringLiteral("and lose access forever because nobody else"), 20, 84);
    CHECK(foundOn(Kind::Secret, prose.page()).isEmpty());
}
