// What the form of a line or the words right before it tell, whatever the value is.
#include "finding/labels.h"
#include "support/found_on.h"

using namespace eyelid;

namespace {

// Rows of cells, 220 pixels apart.
QStringList foundInRows(Kind kind, std::initializer_list<std::initializer_list<const char*>> rows) {
    made::PageMaker maker;
    double y = 40;
    for (const auto& row : rows) {
        double x = 20;
        for (const char* cell : row) {
            maker.line(QString::fromUtf8(cell), x, y);
            x += 220;
        }
        y += 26;
    }
    QStringList texts;
    for (const Finding& f : finder().find(maker.page(), everything(), {}))
        if (f.kind == kind) texts << f.text;
    return texts;
}

} // namespace

TEST_CASE("a password may be any word: under its heading, behind its label; what is said of one is none") {
    CHECK(foundInRows(Kind::Secret, {{"Occupier", "Doorstep password", "Set on"},
                                     {"Rowena Sutcliffe", "lantern", "2026-05-19"},
                                     {"Gareth Miller", "teapot", "2026-05-20"}}) == list({"lantern", "teapot"}));
    CHECK(foundInRows(Kind::Secret, {{"Bewohner", "Kennwort", "Seit"},
                                     {"Rowena Sutcliffe", "Laterne", "19.05.2026"},
                                     {"Gareth Miller", "Teekanne", "20.05.2026"}}) == list({"Laterne", "Teekanne"}));
    CHECK(foundOn(Kind::Secret, {"Memorable word: orchard"}) == list({"orchard"}));
    for (const char* line : {"Password: expired", "Password: Change", "Passwort: ändern", "Mot de passe : oublié ?"}) {
        INFO(line);
        CHECK(foundOn(Kind::Secret, {line}).isEmpty());
    }
    CHECK(foundInRows(Kind::Secret, {{"Occupier", "Password", "Set on"},
                                     {"Rowena Sutcliffe", "BLUE_TIGER", "2026-05-19"},
                                     {"Gareth Miller", "RED_HERON", "2026-05-20"}}) ==
          list({"BLUE_TIGER", "RED_HERON"}));
    CHECK(foundOn(Kind::Secret, {"Password", "Qxenthorpeville"}) == list({"Qxenthorpeville"}));
    // The next label of a form, and the next page of a menu.
    CHECK(foundInRows(Kind::Secret, {{"Password", "Country"}, {"", ""}}).isEmpty());
    CHECK(foundOn(Kind::Secret, {"Password", "Notifications", "Billing"}).isEmpty());
}

TEST_CASE("codes of cards and doors are secrets, one that is sent as well") {
    CHECK(foundOn(Kind::Secret, {"Expiry 09/28 CVC 482"}) == list({"482"}));
    CHECK(foundOn(Kind::Secret, {"CVV", "123"}) == list({"123"}));
    CHECK(foundOn(Kind::Secret, {"Key safe: 4471, gate: 9944#"}) == list({"4471", "9944#"}));
    CHECK(foundOn(Kind::Secret, {"447112 is your sign-in code"}) == list({"447112"}));
    CHECK(foundOn(Kind::Secret, {"Gate 12, boarding at 10:35"}).isEmpty());
    CHECK(foundOn(Kind::Secret, {"447112 is your order number"}).isEmpty());
}

TEST_CASE("a label in the middle speaks for the larger type in the middle under it") {
    made::PageMaker maker;
    maker.line(QStringLiteral("One-time code"), 300, 40).line(QStringLiteral("970 749"), 324, 62);
    QStringList texts;
    for (const Finding& f : finder().find(maker.page(), everything(), {}))
        if (f.kind == Kind::Secret) texts << f.text;
    CHECK(texts == list({"970 749"}));
}

TEST_CASE("one word for number stands for each, and what brackets say of a field's form is no part of its label") {
    for (const char* label :
         {"payroll no.", "Payroll nr", "Krankenversichertennr.", "N° de mutuelle", "Hospital no."}) {
        const auto hit = labelHit(QString::fromUtf8(label));
        INFO(label);
        CHECK(bool(hit) == (QString::fromUtf8(label) != QStringLiteral("N° de mutuelle")));
    }
    CHECK(foundOn(Kind::Record, {"Employee: Rowena Sutcliffe (payroll no. 379723)"}) == list({"379723"}));
    CHECK(foundOn(Kind::Record, {"Mandate reference LMW-DD-0044"}) == list({"LMW-DD-0044"}));
    CHECK(foundOn(Kind::Dob, {"Born (DD MM YYYY)", "16 04 1971"}) == list({"16 04 1971"}));
}

TEST_CASE("a licence's numbered fields say what stands in them") {
    const auto card = {"DRIVING LICENCE",         "1. QXENTHORPE",       "2. ROWENA",
                       "3. 14.02.1976 ALDERPORT", "5. QXENT702146R99AB", "8. 2714 Weir Loaf"};
    CHECK(foundOn(Kind::Person, card) == list({"QXENTHORPE", "ROWENA"}));
    CHECK(foundOn(Kind::Dob, card) == list({"14.02.1976"}));
    CHECK(foundOn(Kind::Passport, card) == list({"QXENT702146R99AB"}));
    // A list of any other page counts as well.
    CHECK(foundOn(Kind::Person, {"What to do", "1. Settings", "2. Reports", "3. Printing"}).isEmpty());
}

TEST_CASE("all of what a label says is somebody's name is found, misread letters and particles too") {
    CHECK(foundOn(Kind::Person, {"Employee: de Bruijn, Rick (no. 4)"}) == list({"de Bruijn, Rick"}));
    CHECK(foundOn(Kind::Person, {"Employee: Kubiak, ucja (no. 4)"}) == list({"Kubiak, ucja"}));
    CHECK(foundInRows(Kind::Person, {{"Payer", "Card"}, {"$. Gulgowski", "5105 1054 0848 0614"}}) ==
          list({"$. Gulgowski"}));
    // What a device is called after its owner is no more of a name for a label.
    for (const QString& name :
         foundInRows(Kind::Person, {{"Client", "IP"}, {"agathons-laptop", "192.0.2.7"}, {"printer-2", "192.0.2.8"}}))
        CHECK_FALSE(name.contains(QStringLiteral("laptop")));
}

TEST_CASE("headings of columns are nobody's names") {
    CHECK(foundInRows(Kind::Person, {{"Ocupante", "Inmueble", "Contraseña", "Fijada el"},
                                     {"Rowena Sutcliffe", "14 Weir Lane", "lantern", "8 Jan 2025"},
                                     {"Gareth Miller", "16 Weir Lane", "teapot", "9 Jan 2025"}}) ==
          list({"Rowena Sutcliffe", "Gareth Miller"}));
    // Labels one over the other have their values beside them, whatever their names.
    const QStringList form = foundInRows(Kind::Person, {{"Surname", "Qxenthorpe", "Plan", "Basic"},
                                                        {"Forename", "Zwiebelhart", "Since", "2019"},
                                                        {"Contact", "Vrquolme", "Office", "Alderport"}});
    for (const char* name : {"Qxenthorpe", "Zwiebelhart", "Vrquolme"}) {
        INFO(name);
        CHECK(form.contains(QLatin1String(name)));
    }
}

TEST_CASE("who is thanked, named, asked for or was called otherwise is somebody") {
    CHECK(foundOn(Kind::Person, {"Ein großes Lob an Pascal vom Entstördienst."}) == list({"Pascal"}));
    CHECK(foundOn(Kind::Person, {"Un grand merci à Claire de l’équipe."}) == list({"Claire"}));
    CHECK(foundOn(Kind::Person, {"c/o Holm, 14 Weir Lane"}) == list({"Holm"}));
    CHECK(foundOn(Kind::Person, {"c/o Hill, 14 Weir Lane"}) == list({"Hill"}));
    CHECK(foundOn(Kind::Person, {"Rowena Sutcliffe née Qxenthorpe"}) == list({"Rowena Sutcliffe", "Qxenthorpe"}));
    CHECK(foundOn(Kind::Person, {"Guten Tag, mein Name ist Qxenthorpe."}) == list({"Qxenthorpe"}));
    CHECK(foundOn(Kind::Person, {"Not Ines? Sign out"}) == list({"Ines"}));
    CHECK(foundOn(Kind::Person, {"Rowena, Gareth and 3 others reacted"}) == list({"Rowena", "Gareth"}));
    CHECK(foundOn(Kind::Person, {"Ines’ Liste"}) == list({"Ines"}));
    for (const char* line : {"c/o Billing Department", "Not Now? Later", "The name is Required", "Thanks to Support",
                             "geb. 12.11.1971", "Fr. Frühdienst"}) {
        INFO(line);
        CHECK(foundOn(Kind::Person, {line}).isEmpty());
    }
}

TEST_CASE("a name that letters of a label would spell is nobody's label") {
    for (const char* name : {"Nea", "Néa"}) {
        INFO(name);
        CHECK_FALSE(wholeLabelHit(QString::fromUtf8(name)));
    }
}

TEST_CASE("a date before the age it makes, or behind where somebody was born, is one of birth") {
    CHECK(foundOn(Kind::Dob, {"Rowena Sutcliffe, 12.11.1971 (54)"}) == list({"12.11.1971"}));
    CHECK(foundOn(Kind::Dob, {"Born in Alderport on 12 Nov 1971"}) == list({"12 Nov 1971"}));
    CHECK(foundOn(Kind::Dob, {"Delivered 12.11.2025 (3)"}) == list({}));
}

TEST_CASE("addresses in capitals, without a number, in boxes of the post and with floor and door") {
    CHECK(foundOn(Kind::Address, {"Street and number", "72 GARDEN COURT"}) == list({"72 GARDEN COURT"}));
    CHECK(foundOn(Kind::Address, {"Rose Cottage, Weir End, Alderport LM4 7QP"}) ==
          list({"Rose Cottage, Weir End, Alderport LM4 7QP"}));
    CHECK(foundOn(Kind::Address, {"Mrs I Sutcliffe", "Rose Cottage", "Weir End", "Alderport", "LM4 7QP"}) ==
          list({"Rose Cottage", "Weir End", "Alderport", "LM4 7QP"}));
    CHECK(foundOn(Kind::Address, {"Postfach 44 71"}) == list({"Postfach 44 71"}));
    CHECK(foundOn(Kind::Address, {"Pza. del Molino, 4, 2.º B"}) == list({"Pza. del Molino, 4, 2.º B"}));
    CHECK(foundOn(Kind::Address, {"No water in Dorđa Jovanovića 6 again. DM me."}) == list({"Dorđa Jovanovića 6"}));
    // Who lives there is no part of it, and neither is a firm over it.
    CHECK_FALSE(foundOn(Kind::Address, {"Larkmoor Water Ltd", "Alderport", "LM4 7QP"})
                    .contains(QStringLiteral("Larkmoor Water Ltd")));
}

TEST_CASE("a name with a number at the end of its line is a street among streets") {
    const QStringList found = foundOn(Kind::Address, {"Borgo Mazzei 1", "Key safe at the back, code 2877.",
                                                      "Piazza Guarnieri 39", "Ask for Mr Benvenuto at the desk.",
                                                      "Strada Mimma 5", "Ask for Mr Ferraris at the desk.",
                                                      "Borgo Mignogna 312", "Ask for Mr Mencarelli at the desk."});
    CHECK(found == list({"Borgo Mazzei 1", "Piazza Guarnieri 39", "Strada Mimma 5", "Borgo Mignogna 312"}));
}

TEST_CASE("an address of mail spelt out is one, and where a page is found is none") {
    CHECK(foundOn(Kind::Email, {"Write to k.holm (at) example.org"}) == list({"k.holm (at) example.org"}));
    CHECK(foundOn(Kind::Email, {"karin dot holm at example dot org"}) == list({"karin dot holm at example dot org"}));
    CHECK(foundOn(Kind::Email, {"Find us at example.org or call."}).isEmpty());
}

TEST_CASE("users of programs: who owns or locked something, what a system tells of them") {
    CHECK(foundOn(Kind::Username, {"assignee: qhaldane"}) == list({"qhaldane"}));
    CHECK(foundOn(Kind::Username, {"Locked by QHALDANE since 09:14"}) == list({"QHALDANE"}));
    CHECK(foundOn(Kind::Username, {"uid=1004(qhaldane) gid=1004(qhaldane)"}).size() == 2);
    CHECK(foundOn(Kind::Username, {"User LARKMOOR\\QHALDANE logged on"}) == list({"LARKMOOR\\QHALDANE"}));
    CHECK(foundOn(Kind::Username, {"\\\\srv\\home$\\qhaldane\\bills.xlsx"}) == list({"qhaldane"}));
    CHECK(foundInRows(Kind::Username, {{"Case", "Assigned to"}, {"44711", "a.guest"}, {"44712", "q.haldane"}}) ==
          list({"a.guest", "q.haldane"}));
    CHECK(foundOn(Kind::Username, {"Assigned to: unassigned"}).isEmpty());
    CHECK(foundOn(Kind::Username, {"name: nginx"}).isEmpty());
}

TEST_CASE("a field named in one place has its value in the next, and keys of a program are no values") {
    CHECK(foundOn(Kind::Secret, {"<property name=\"password\" value=\"Tiger1554!\"/>"}) == list({"Tiger1554!"}));
    CHECK(foundOn(Kind::Person, {"SELECT * FROM t WHERE surname LIKE 'Qxenthorpe%';"}) == list({"Qxenthorpe"}));
    CHECK(foundOn(Kind::Address, {"<Line1>19 Qxert de Seine</Line1>"}) == list({"19 Qxert de Seine"}));
    CHECK(foundOn(Kind::Secret, {"net use Z: \\\\srv\\share /user:qhaldane Tiger1554!"}) == list({"Tiger1554!"}));
    // As a check sees them, with covers on their values.
    CHECK(foundOn(Kind::Username, {"pump1 ansible_host= █ ansible_user= █"}).isEmpty());
    CHECK(foundOn(Kind::Person, {"<Surname>", "<Line1>", "<Town>"}).isEmpty());
    CHECK(foundOn(Kind::Person, {"N/réf. ORD-16987"}).isEmpty());
}

TEST_CASE("who talks line for line is a user, and what markup is made of is none") {
    CHECK(foundOn(Kind::Username, {"<qhaldane> deploy is stuck on portal-4", "<mwetherill> restart it then",
                                   "* q_brant has joined #ops"}) == list({"qhaldane", "mwetherill", "q_brant"}));
    CHECK(foundOn(Kind::Secret, {"<qhaldane> pw?", "<mwetherill> it is slphe9lvYLL16"}) == list({"slphe9lvYLL16"}));
    CHECK(foundOn(Kind::Username, {"<section> Opening hours", "<aside> Monday to Friday", "</section>"}).isEmpty());
}

TEST_CASE("labels grown together with what they are of speak as they do alone") {
    CHECK(foundInRows(Kind::Account, {{"Vermietet an", "Kautionskonto", "Miete"},
                                      {"Rowena Sutcliffe", "9721922269", "704.00"},
                                      {"Gareth Miller", "3235990353", "512.00"}}) ==
          list({"9721922269", "3235990353"}));
    CHECK(foundOn(Kind::Secret, {"WLAN-Kennwort: Laterne"}) == list({"Laterne"}));
}

TEST_CASE("a list of steps, of names of secrets and a question that gives its answer announce nothing") {
    const auto steps = {"2. Check: lives at 331 Jaskolski Villages?", "3. Offer to ring back on 0160 - 993229.",
                        "4. Tomorrow the water is cut off."};
    CHECK(foundOn(Kind::Address, steps) == list({"331 Jaskolski Villages"}));
    CHECK(foundOn(Kind::Phone, steps) == list({"0160 - 993229"}));
    // A number that its line had no room for goes on, whatever stands behind it.
    CHECK(foundOn(Kind::Phone, {"You reach us on 07700 9004", "61. Please ring."}) == list({"07700 900461"}));
    const QStringList secrets = foundInRows(Kind::Secret, {{"Name", "Value", "Updated"},
                                                           {"DB_PASSWORD", "oY3qeSnYTd0mBJ7dLjgd5qtE", "2026-05-19"},
                                                           {"SMTP_PASSWORD", "SZzMUFa7wRlz1rP945e0YZLR", "2026-05-20"},
                                                           {"API_TOKEN", "3LzZYVdLTO0FOz0Dn32oA7UG", "2026-05-21"}});
    CHECK(secrets.size() == 3);
    for (const QString& secret : secrets) CHECK_FALSE(secret.contains(u'_'));
    CHECK(foundOn(Kind::Person, {"À Rowena Sutcliffe"}) == list({"Rowena Sutcliffe"}));
}
