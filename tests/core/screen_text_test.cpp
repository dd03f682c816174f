#include "finding/labels.h"
#include "finding/page_search.h"
#include "finding/screen_text.h"
#include "support/made.h"

using namespace eyelid;

namespace {

QStringList labelled(made::PageMaker maker) {
    const Page page = maker.page();
    const ScreenText screen(page);
    QStringList list;
    for (const LabelledValue& v : screen.labelled())
        list << QStringLiteral("%1: %2").arg(kindName(v.kind),
                                             screen.runs()[size_t(v.run)].text().mid(v.span.start, v.span.length));
    list.removeDuplicates();
    list.sort();
    return list;
}

} // namespace

TEST_CASE("labels are known in four languages, in code and misread") {
    const std::pair<const char*, Kind> labels[] = {
        {"Name", Kind::Person},
        {"Account holder", Kind::Person},
        {"Kunde:", Kind::Person},
        {"Ansprechpartnerin", Kind::Person},
        {"Titulaire", Kind::Person},
        {"Nombre completo", Kind::Person},
        {"E-Mail-Adresse", Kind::Email},
        {"Courriel", Kind::Email},
        {"Correo electrónico", Kind::Email},
        {"Telefon", Kind::Phone},
        {"Numéro de téléphone", Kind::Phone},
        {"Móvil", Kind::Phone},
        {"Anschrift", Kind::Address},
        {"Adresse postale", Kind::Address},
        {"Domicilio", Kind::Address},
        {"Geburtsdatum", Kind::Dob},
        {"Date de naissance", Kind::Dob},
        {"Fecha de nacimiento", Kind::Dob},
        {"date_of_birth", Kind::Dob},
        {"\"clientSecret\"", Kind::Secret},
        {"API_KEY", Kind::Secret},
        {"Passwort", Kind::Secret},
        {"Mot de passe", Kind::Secret},
        {"Contraseña", Kind::Secret},
        {"Kennzeichen", Kind::Plate},
        {"Reisepass", Kind::Passport},
        {"Sort code", Kind::Account},
        {"Te1ephone", Kind::Phone},
        {"Acc0unt number", Kind::Account},
        {"User narne", Kind::Username},
    };
    for (const auto& [text, kind] : labels) {
        INFO(text);
        const auto hit = labelHit(QString::fromUtf8(text));
        REQUIRE(hit);
        CHECK(hit->kind == kind);
    }
    for (const char* text : {"Balance", "Tariff", "Status", "Meter serial", "Server name", "Product name", "Next bill",
                             "Last reading", "The engineer will come on Monday and bring a new meter with him", ""}) {
        INFO(text);
        CHECK_FALSE(labelHit(QString::fromUtf8(text)));
    }
}

TEST_CASE("a label speaks for what follows it on the line") {
    CHECK(labelled(made::PageMaker().line(QStringLiteral("Customer: Ines Hartwell"))) ==
          QStringList{QStringLiteral("person: Ines Hartwell")});
    CHECK(labelled(made::PageMaker().line(QStringLiteral("\"email\": \"rosa@mail.example\","))) ==
          QStringList{QStringLiteral("email: rosa@mail.example")});
    const QStringList two =
        labelled(made::PageMaker().line(QStringLiteral("connect user=klindqvist password=Kestrel-84")));
    CHECK(two.contains(QStringLiteral("username: klindqvist")));
    CHECK(two.contains(QStringLiteral("secret: Kestrel-84")));
}

TEST_CASE("a label speaks for what stands beside it, row by row") {
    made::PageMaker form;
    for (int row = 0; row < 3; ++row) {
        const QString label =
            QStringList{QStringLiteral("Name"), QStringLiteral("Tariff"), QStringLiteral("E-mail")}[row];
        const QString value = QStringList{QStringLiteral("Ines Hartwell"), QStringLiteral("Metered"),
                                          QStringLiteral("rosa@mail.example")}[row];
        form.line(label, 20, 20 + 30 * row).line(value, 220, 20 + 30 * row);
    }
    CHECK(labelled(form) ==
          QStringList{QStringLiteral("email: rosa@mail.example"), QStringLiteral("person: Ines Hartwell")});
}

TEST_CASE("a label speaks for what stands under it, in each column of a form") {
    made::PageMaker form;
    form.line(QStringLiteral("Account holder"), 20, 20).line(QStringLiteral("Telephone"), 400, 20);
    form.line(QStringLiteral("Ines Hartwell"), 20, 34).line(QStringLiteral("01632 960 417"), 400, 34);
    form.line(QStringLiteral("Tariff"), 20, 80).line(QStringLiteral("E-mail"), 400, 80);
    form.line(QStringLiteral("Metered"), 20, 94).line(QStringLiteral("rosa@mail.example"), 400, 94);
    CHECK(labelled(form) == QStringList{QStringLiteral("email: rosa@mail.example"),
                                        QStringLiteral("person: Ines Hartwell"),
                                        QStringLiteral("phone: 01632 960 417")});
}

TEST_CASE("a heading speaks for its column and no further") {
    made::PageMaker table;
    table.line(QStringLiteral("Meter"), 20, 20)
        .line(QStringLiteral("Customer"), 200, 20)
        .line(QStringLiteral("Status"), 480, 20);
    for (int row = 0; row < 4; ++row)
        table.line(QStringLiteral("LW-%1").arg(row), 20, 50 + 26 * row)
            .line(QStringLiteral("Somebody %1").arg(row), 200, 50 + 26 * row)
            .line(QStringLiteral("read"), 480, 50 + 26 * row);
    table.line(QStringLiteral("Far below the table there is something else altogether"), 200, 600);
    CHECK(labelled(table) == QStringList{QStringLiteral("person: Somebody 0"), QStringLiteral("person: Somebody 1"),
                                         QStringLiteral("person: Somebody 2"), QStringLiteral("person: Somebody 3")});
}

TEST_CASE("a value written small beside a name of a field heads nothing") {
    made::PageMaker sheet;
    const char* const fields[][2] = {
        {"Model", "Weir 4"}, {"Finish", "tan"}, {"Maker", "Reed Brothers"}, {"Revision", "10.19.3"}};
    int y = 20;
    for (const auto& field : fields) {
        sheet.line(QString::fromUtf8(field[0]), 20, y).line(QString::fromUtf8(field[1]), 200, y);
        y += 26;
    }
    CHECK(labelled(sheet).filter(QStringLiteral("secret")).isEmpty());
}

TEST_CASE("part of a word has the box of its glyphs, a value over two lines has two boxes") {
    made::PageMaker maker;
    maker.line(QStringLiteral("https://collector.example/v1?token=abc"), 20, 20)
        .line(QStringLiteral("defghij and more"), 20, 44);
    const Page page = maker.page();
    const ScreenText screen(page);
    const TextRun& run = screen.runs()[0];
    const int start = int(run.text().indexOf(QStringLiteral("abc")));
    const auto part = screen.boxes(run, {start, 3});
    REQUIRE(part.size() == 1);
    CHECK(part[0].right() == page.lines[0].words[0].box.right());
    CHECK(part[0].left() > page.lines[0].words[0].box.left() + 200);
    CHECK(part[0].left() <= page.lines[0].words[0].glyphs[size_t(start)].box.left());
    REQUIRE(screen.wrapped().size() == 1);
    const auto both = screen.boxes(screen.wrapped()[0], {start, 10});
    REQUIRE(both.size() == 2);
    CHECK(both[1].left() == 20);
    CHECK(both[1].top() == 44);
}

TEST_CASE("short cells under one another are no wrapped line") {
    made::PageMaker maker;
    maker.line(QStringLiteral("0412"), 20, 20).line(QStringLiteral("0447"), 20, 44);
    const Page page = maker.page();
    CHECK(ScreenText(page).wrapped().empty());
}

// Lines in which, at random, stands what patterns of all sorts look for: at their ends, in words, over two of them.
TEST_CASE("a page searched for many patterns gives for each line what the pattern gives for it alone") {
    const Pattern patterns[] = {
        Pattern("^a"),      Pattern("b$"),    Pattern("^ab$"),        Pattern("\\bab\\b"),
        Pattern("[^c]{3}"), Pattern("a\\sb"), Pattern("(?:^|c)(b+)"), Pattern("(?i)BC(?:$|a)"),
        Pattern("\\Ba"),    Pattern("x*"),    Pattern("[^\\w]é"),     *Pattern::compile(QStringLiteral("^b")),
        Pattern()};
    const QString signs = QStringLiteral("aabbc é.");
    std::mt19937 random(7);
    int matches = 0;
    for (int turn = 0; turn < 30; ++turn) {
        made::PageMaker maker;
        const int lines = int(random() % 200);
        for (int i = 0; i < lines; ++i) {
            QString text;
            for (auto n = random() % 24; n > 0; --n) text += signs[qsizetype(random() % 8)];
            // Most hold nothing that is looked for, so that whole bundles are passed over.
            maker.line(random() % 40 == 0 ? text : QStringLiteral("-----------------"), 20, 20 + 14 * i);
        }
        const Page page = maker.page();
        const ScreenText screen(page);
        PageSearch search(screen);
        for (const auto* runs : {&screen.runs(), &screen.wrapped(), &screen.flowing()})
            for (const TextRun& run : *runs)
                for (const Pattern& pattern : patterns) {
                    const std::vector<PatternMatch> found = search.all(pattern, run), alone = pattern.all(run.search);
                    REQUIRE(found.size() == alone.size());
                    for (size_t i = 0; i < found.size(); ++i)
                        CHECK(found[i].text(run.search) == alone[i].text(run.search));
                    CHECK(search.found(pattern, run) == pattern.found(run.search));
                    matches += int(found.size());
                }
    }
    CHECK(matches > 1000);
    const Page empty;
    const ScreenText none(empty);
    PageSearch search(none);
    const TextRun elsewhere{SearchText(QStringLiteral("ab"))};
    CHECK(search.all(patterns[2], elsewhere).size() == 1);
}

TEST_CASE("letters of the program's patterns are those of RE2's own classes, as far as screens are read") {
    const char* const expressions[] = {"\\p{L}",      "\\p{Lu}",         "\\p{Ll}",
                                       "[^\\p{L}]",   "[\\p{Lu}\\d\\-]", "\\[?[\\p{Ll}'’]\\]?",
                                       "(?i)\\p{Lu}", "\\\\p\\{L\\}"};
    QStringList texts{QStringLiteral("[a]"), QStringLiteral("]"), QStringLiteral("\\p{L}"), QStringLiteral("ǅ1")};
    for (char16_t c = 1; c < 0x180; ++c) texts << QString(QChar(c));
    for (const char* other : {"Ω", "ω", "ж", "Ж", "י", "漢", "–", "’", "€", "→"}) texts << QString::fromUtf8(other);
    for (const char* expression : expressions) {
        const Pattern ours(expression), whole = *Pattern::compile(QString::fromUtf8(expression), true);
        for (const QString& text : texts) {
            INFO(expression << " in " << text.toStdString());
            CHECK(ours.matchesWhole(text) == whole.matchesWhole(text));
        }
    }
    // Where capitals and small letters take turns they are told apart no more, and names are names still.
    for (const char* name : {"Nguyễn", "Țepeș", "Ѣлин"})
        CHECK(Pattern("\\p{Lu}\\p{Ll}+").matchesWhole(QString::fromUtf8(name)));
}
