#include "finding/finder.h"
#include "finding/page_view.h"
#include "finding/tagger.h"
#include "support/made.h"

#include <set>
#include <thread>

using namespace eyelid;

namespace {

// Three cards side by side, as an invoice has them.
Page cards() {
    made::PageMaker page;
    int x = 20;
    const char* const columns[3][5] = {
        {"From", "Marek Vondra", "Dlouhá 212", "602 00 Brnov", "Phone: + 420 - 12 12 23 52"},
        {"To", "Ilse Brandner", "Am Kirchanger 14", "83071 Stephansried", "Phone: 08036 99 71 24"},
        {"Ship to", "Aino Lahtela", "Kaivokatu 7 B", "00100 Helsingfors", "Phone: 09 455 21 30"}};
    for (const auto& column : columns) {
        int y = 40;
        for (const char* line : column) {
            page.line(QString::fromUtf8(line), x, y);
            y += 24;
        }
        x += 420;
    }
    return page.page();
}

bool finds(const Page& page, Kind kind, const char* text) {
    static const Finder finder;
    static const Policy policy = *loadPolicy(QStringLiteral("everything"));
    for (const Finding& f : finder.find(page, policy, {})) {
        UNSCOPED_INFO(kindName(f.kind).toStdString() << " " << f.text.toStdString());
        if (f.kind == kind && f.text.contains(QString::fromUtf8(text))) return true;
    }
    return false;
}

} // namespace

TEST_CASE("a page is seen the same whenever it is looked at, and every number of it means something") {
    const Page page = cards();
    const ScreenText screen(page);
    const Names names;
    const std::vector<ViewedWord> view = viewOf(screen, names);
    size_t words = 0;
    for (const TextLine& line : page.lines) words += line.words.size();
    REQUIRE(view.size() == words);
    const auto exists = [&](int word) { return word >= -1 && word < int(view.size()); };
    for (size_t w = 0; w < view.size(); ++w) {
        const ViewedWord& word = view[w];
        CHECK(std::set<int>(word.features.begin(), word.features.end()).size() == word.features.size());
        CHECK((word.features.front() >= 0 && word.features.back() < viewFeatures));
        CHECK(word.near[size_t(Near::Self)] == int(w));
        CHECK(std::all_of(word.near.begin(), word.near.end(), exists));
        for (const auto& group : word.around) CHECK(std::all_of(group.begin(), group.end(), exists));
        CHECK(viewOf(screen, names)[w].features == word.features);
    }
}

TEST_CASE("lines of an address in a card are found beside other cards, of countries no rule knows") {
    const Page page = cards();
    for (const char* line : {"Am Kirchanger 14", "83071 Stephansried", "Kaivokatu 7 B"})
        CHECK(finds(page, Kind::Address, line));
    for (const char* name : {"Marek Vondra", "Ilse Brandner", "Aino Lahtela"}) CHECK(finds(page, Kind::Person, name));
}

TEST_CASE("a given name over a bubble and a user name that is told are found") {
    made::PageMaker chat;
    chat.line(QStringLiteral("Mireille 9:41"), 20, 40)
        .line(QStringLiteral("The login is mhaldane and the password is Tulip4471!"), 20, 64)
        .line(QStringLiteral("Torvald 9:43"), 420, 110)
        .line(QStringLiteral("Thanks Mireille, it works now."), 420, 134);
    const Page page = chat.page();
    CHECK(finds(page, Kind::Person, "Mireille"));
    CHECK(finds(page, Kind::Username, "mhaldane"));
}

TEST_CASE("a handle is covered with its sign, of a name at a host the name alone") {
    made::PageMaker members;
    members.line(QStringLiteral("Femke Oakhollow"), 20, 40)
        .line(QStringLiteral("@foakhollow_7 · since July 2021"), 20, 60)
        .line(QStringLiteral("Sunniva Quarles"), 420, 40)
        .line(QStringLiteral("@squarles · since June 2016"), 420, 60);
    const Page page = members.page();
    CHECK(finds(page, Kind::Username, "@foakhollow_7"));
    CHECK(finds(page, Kind::Username, "@squarles"));
}

TEST_CASE("what looks like names and addresses and is nobody's stays to be seen") {
    made::PageMaker plain;
    double y = 40;
    for (const char* line : {"Departures", "Baker Street 14:05", "San Francisco", "Linen tablecloth", "Mech keyboard",
                             "L’audience aura lieu le 3 mai", "Nordhusen, den 14. März", "Cancelled", "Thank you",
                             "for (int i = 0; i < rows; ++i) total += cells[i].width();"}) {
        plain.line(QString::fromUtf8(line), 20, y);
        y += 60;
    }
    static const Finder finder;
    static const Policy policy = *loadPolicy(QStringLiteral("everything"));
    for (const Finding& f : finder.find(plain.page(), policy, {})) {
        INFO(f.text.toStdString() << ": " << f.reason.toStdString());
        CHECK(false);
    }
}

TEST_CASE("many workers tag a page alike, and an empty page has no tags") {
    CHECK(Tagger::shipped().judge({}).tags().empty());
    const Page page = cards();
    const ScreenText screen(page);
    const std::vector<ViewedWord> view = viewOf(screen, Names());
    const std::vector<Tagger::Tag> alone = Tagger::shipped().judge(view).tags();
    std::vector<std::vector<Tagger::Tag>> beside(3);
    std::vector<std::thread> threads;
    for (auto& tags : beside) threads.emplace_back([&tags, &view] { tags = Tagger::shipped().judge(view).tags(); });
    for (std::thread& thread : threads) thread.join();
    for (const auto& tags : beside) {
        REQUIRE(tags.size() == alone.size());
        for (size_t w = 0; w < tags.size(); ++w) {
            CHECK(tags[w].kind == alone[w].kind);
            CHECK(tags[w].confidence == alone[w].confidence);
        }
    }
}

TEST_CASE("a number under each guest's name is the guest's, one under each pump's is a thing's") {
    const auto tiles = [](const QString& before) {
        made::PageMaker page;
        const char* const guests[] = {"Femke Oakhollow", "Sunniva Quarles", "Marek Vondra", "Aino Lahtela"};
        for (int i = 0; i < 4; ++i) {
            page.line(QString::fromUtf8(guests[i]), 20 + 300 * i, 40);
            page.line(before + QStringLiteral("KX%1").arg(704418 + 7919 * i), 20 + 300 * i, 64);
            page.line(QStringLiteral("%1 nights").arg(i + 2), 20 + 300 * i, 88);
        }
        return page.page();
    };
    for (const char* number : {"KX704418", "KX712337", "KX720256", "KX728175"})
        CHECK(finds(tiles({}), Kind::Record, number));
    CHECK_FALSE(finds(tiles(QStringLiteral("Pump ")), Kind::Record, "KX"));
    CHECK_FALSE(finds(tiles(QStringLiteral("Order ")), Kind::Record, "KX"));
}

TEST_CASE("sums, days and numbers of things beside people are not theirs, nor is a number that stands alone") {
    made::PageMaker table;
    table.line(QStringLiteral("Name"), 20, 40).line(QStringLiteral("Serial no."), 320, 40);
    table.line(QStringLiteral("Due"), 520, 40).line(QStringLiteral("Total"), 720, 40);
    const char* const people[] = {"Femke Oakhollow", "Sunniva Quarles", "Marek Vondra", "Aino Lahtela"};
    for (int i = 0; i < 4; ++i) {
        const double y = 74 + 34 * i;
        table.line(QString::fromUtf8(people[i]), 20, y)
            .line(QStringLiteral("LX-%1").arg(704418 + 31 * i), 320, y)
            .line(QStringLiteral("1%1.03.2026").arg(i), 520, y)
            .line(QStringLiteral("1,2%1%1.50").arg(i), 720, y);
    }
    table.line(QStringLiteral("Batch 5520917"), 20, 300);
    CHECK_FALSE(finds(table.page(), Kind::Record, ""));
}

TEST_CASE("words of like meaning are in one group, names and misspellings in none") {
    const WordGroups& groups = WordGroups::shipped();
    const auto wide = [&](const char* word) { return groups.of(QString::fromLatin1(word)).value().wide; };
    CHECK(wide("apartment") == wide("apartments"));
    CHECK(groups.of(QStringLiteral("applicant"))->fine == groups.of(QStringLiteral("applicants"))->fine);
    CHECK(wide("applicant") != wide("kitchen"));
    CHECK_FALSE(groups.of(QStringLiteral("quillfeather")));
    CHECK_FALSE(groups.of(QStringLiteral("apartmnet")));
    CHECK_FALSE(groups.of({}));
}

TEST_CASE("what begins where user names begin in a listing is one, unless it is a word or a file") {
    const auto listing = [](int told) {
        made::PageMaker page;
        const QStringList others{QStringLiteral("wpressler"), QStringLiteral("bsiewert_4")};
        int y = 40;
        for (int i = 0; i < told; ++i, y += 24)
            page.line(QStringLiteral("user=mvondra%1 opened the weir").arg(i + 10), 20, y);
        for (const QString& other : others) page.line(QStringLiteral("     ") + other, 60, y += 24);
        page.line(QStringLiteral("granted"), 60, y + 24).line(QStringLiteral("notes.txt"), 60, y + 48);
        return page.page();
    };
    const auto found = [&](int told) {
        static const Finder finder;
        static const Policy policy = *loadPolicy(QStringLiteral("everything"));
        QStringList names;
        for (const Finding& f : finder.find(listing(told), policy, {}))
            if (f.kind == Kind::Username) names << f.text;
        return names;
    };
    CHECK(found(4).contains(QStringLiteral("wpressler")));
    CHECK(found(4).contains(QStringLiteral("bsiewert_4")));
    CHECK_FALSE(found(4).contains(QStringLiteral("granted")));
    CHECK_FALSE(found(4).contains(QStringLiteral("notes.txt")));
}

TEST_CASE("a label does not make words of every day somebody's name, but a name it does") {
    made::PageMaker shop;
    shop.line(QStringLiteral("Chair"), 20, 40).line(QStringLiteral("Luxurious Granite Towels"), 220, 40);
    shop.line(QStringLiteral("Price"), 20, 74).line(QStringLiteral("214.00"), 220, 74);
    shop.line(QStringLiteral("Stock"), 20, 108).line(QStringLiteral("12 pieces"), 220, 108);
    CHECK_FALSE(finds(shop.page(), Kind::Person, ""));
    made::PageMaker board;
    board.line(QStringLiteral("Chair"), 20, 40).line(QStringLiteral("Sunniva Quarles"), 220, 40);
    CHECK(finds(board.page(), Kind::Person, "Sunniva Quarles"));
}

TEST_CASE("early dates under a heading that says what they are of are no dates of birth") {
    const auto page = [](const char* heading) {
        made::PageMaker list;
        list.line(QStringLiteral("Name"), 20, 40).line(QString::fromUtf8(heading), 320, 40);
        list.line(QStringLiteral("Rafaela Wilkinson"), 20, 64).line(QStringLiteral("9 January 1974"), 320, 64);
        list.line(QStringLiteral("Desmond Harris"), 20, 88).line(QStringLiteral("28 August 1956"), 320, 88);
        list.line(QStringLiteral("Greta Jenkins"), 20, 112).line(QStringLiteral("2 May 1981"), 320, 112);
        return list.page();
    };
    CHECK(finds(page("Gimimas"), Kind::Dob, "28 August 1956")); // of a language nobody here knows
    CHECK_FALSE(finds(page("Date"), Kind::Dob, "28 August 1956"));
}

TEST_CASE("in lines with people's names, long numbers and dates far back are theirs, whatever their form") {
    made::PageMaker crew;
    crew.line(QStringLiteral("Rafaela Wilkinson MASTER RNN015457 9 January 1974"), 20, 40);
    crew.line(QStringLiteral("Desmond Harris COOK 468394225 28 August 1956"), 20, 64);
    crew.line(QStringLiteral("Greta Jenkins BOSUN UO0747292 1951-01-25"), 20, 88);
    for (const char* id : {"RNN015457", "468394225", "UO0747292"}) CHECK(finds(crew.page(), Kind::Record, id));
    for (const char* day : {"9 January 1974", "28 August 1956", "1951-01-25"})
        CHECK(finds(crew.page(), Kind::Dob, day));
    made::PageMaker cells; // each a line of its own, where the one before it ends
    int y = 40;
    for (const auto& [who, id, day] : {std::tuple{"Rafaela Wilkinson", "RNN015457", "9 January 1974"},
                                       {"Desmond Harris", "468394225", "28 August 1956"},
                                       {"Greta Jenkins", "UO0747292", "1951-01-25"}}) {
        const double x = 60 + 8.0 * double(std::strlen(who));
        cells.line(QString::fromUtf8(who), 20, y).line(QString::fromUtf8(id), x, y);
        cells.line(QString::fromUtf8(day), x + 200, y);
        y += 24;
    }
    for (const char* id : {"RNN015457", "468394225", "UO0747292"}) CHECK(finds(cells.page(), Kind::Record, id));
    for (const char* day : {"9 January 1974", "28 August 1956", "1951-01-25"})
        CHECK(finds(cells.page(), Kind::Dob, day));
    made::PageMaker rota; // of these years nobody is told by a date
    rota.line(QStringLiteral("Rafaela Wilkinson 9 January 2025"), 20, 40);
    rota.line(QStringLiteral("Desmond Harris 10 January 2025"), 20, 64);
    rota.line(QStringLiteral("Greta Jenkins 11 January 2025"), 20, 88);
    CHECK_FALSE(finds(rota.page(), Kind::Dob, ""));
}
