// A street over a list of its houses and who lives there.
#include "support/found_on.h"

#include <algorithm>

using namespace eyelid;

namespace {

struct Row {
    const char* number;
    const char* name;
};

// A heading over a table of three columns: a number, a name, a reading.
QStringList addressesUnder(const char* heading, std::initializer_list<Row> rows) {
    made::PageMaker maker;
    maker.line(QString::fromUtf8(heading), 20, 40);
    maker.line(QStringLiteral("No."), 22, 80);
    maker.line(QStringLiteral("Occupier"), 90, 80);
    maker.line(QStringLiteral("Reading"), 330, 80);
    int y = 110;
    for (const Row& row : rows) {
        maker.line(QString::fromUtf8(row.number), 22, y);
        maker.line(QString::fromUtf8(row.name), 90, y);
        maker.line(QStringLiteral("25%1").arg(y), 330, y);
        y += 30;
    }
    QStringList texts;
    for (const Finding& f : finder().find(maker.page(), everything(), {}))
        if (f.kind == Kind::Address) texts << f.text;
    return texts;
}

constexpr Row odd[] = {{"1", "Rowena Sutcliffe"}, {"3", "Gareth Haldane"}, {"7b", "Bridget Kowalski"}};

} // namespace

TEST_CASE("a street over a list of its houses is found; their numbers tell nobody without it") {
    const auto heading = GENERATE("Vicarage Road", "Noalaan", "Rue Tanneurs");
    CAPTURE(heading);
    CHECK(addressesUnder(heading, {odd[0], odd[1], odd[2]}) == QStringList{QString::fromUtf8(heading)});
}

TEST_CASE("a line over numbers that only count, or over those of something else, is no street") {
    CHECK(
        addressesUnder("Vicarage Road", {{"1", "Rowena Sutcliffe"}, {"2", "Gareth Haldane"}, {"3", "Bridget Kowalski"}})
            .isEmpty());
    CHECK(addressesUnder("Points of the week", {odd[0], odd[1], odd[2]}).isEmpty());
    // From the best to the last.
    CHECK(addressesUnder("Vicarage Road",
                         {{"31", "Rowena Sutcliffe"}, {"28", "Gareth Haldane"}, {"11", "Bridget Kowalski"}})
              .isEmpty());
}
