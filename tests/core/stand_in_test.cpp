// Stand-ins: made-up values of the right form, the same for the same person, and none of them real.
#include "editing/cover.h"
#include "editing/item.h"
#include "editing/sanitised_page.h"
#include "editing/stand_in.h"
#include "editing/written_text.h"
#include "finding/check_digits.h"
#include "language/spelling.h"
#include "support/made.h"

#include <catch2/catch.hpp>
#include <opencv2/core.hpp>
#include <QDate>
#include <QRegularExpression>
#include <set>
#include <thread>

using namespace eyelid;

namespace {

Item itemOf(Kind kind, int identity, std::vector<QRectF> boxes, CoverStyle style = CoverStyle::StandIn) {
    Item item;
    item.id = identity;
    item.finding.kind = kind;
    item.finding.text = QStringLiteral("a real value");
    item.finding.boxes = std::move(boxes);
    item.finding.textHeight = 8;
    item.decision = Decision::Cover;
    item.look.style = style;
    item.identity = identity;
    return item;
}

} // namespace

TEST_CASE("a stand-in is the same for the same one of a case, and follows nothing but its secret and number") {
    const StandInSource one{"secret of a case", {}}, other{"secret of another", {}};
    std::set<QString> persons;
    int differ = 0;
    for (int identity = 1; identity <= 50; ++identity) {
        const QString name = standIn(Kind::Person, identity, one);
        CHECK(name == standIn(Kind::Person, identity, one));
        CHECK(name.split(u' ').size() == 2);
        persons.insert(name);
        differ += name != standIn(Kind::Person, identity, other);
    }
    CHECK(persons.size() > 40);
    CHECK(differ > 40);
}

TEST_CASE("stand-ins have the form of their kind, of ranges set aside, with check digits that hold") {
    const StandInSource source{"secret", {}};
    const QRegularExpression phones(
        QStringLiteral("^(07700 900\\d{3}|01632 960\\d{3}|020 7946 0\\d{3}|\\(202\\) 555-01\\d{2})$")),
        networks(QStringLiteral("^(192\\.0\\.2|198\\.51\\.100|203\\.0\\.113)\\.\\d{1,3}$")),
        mails(QStringLiteral("^[a-z]+\\.[a-z]+@example\\.(com|org|net)$"));
    for (int identity = 1; identity <= 40; ++identity) {
        const auto of = [&](Kind kind) { return standIn(kind, identity, source); };
        CHECK(phones.match(of(Kind::Phone)).hasMatch());
        CHECK(networks.match(of(Kind::Ip)).hasMatch());
        CHECK(mails.match(of(Kind::Email)).hasMatch());
        CHECK(of(Kind::Mac).startsWith(QStringLiteral("00:00:5E:00:53:")));
        CHECK(ibanHolds(of(Kind::Iban).remove(u' ')));
        CHECK(luhnHolds(of(Kind::Card).remove(u' ')));
        CHECK(luhnHolds(of(Kind::Device)));
        CHECK(QDate::fromString(of(Kind::Dob), Qt::ISODate).isValid());
    }
    for (const Kind kind : allKinds()) CHECK(hasStandIns(kind) == !standIn(kind, 1, source).isEmpty());
}

TEST_CASE("a stand-in that is a value of the case is drawn again") {
    StandInSource source{"secret", {}};
    const QString first = standIn(Kind::Person, 7, source);
    source.taken.insert(skeleton(first));
    const QString second = standIn(Kind::Person, 7, source);
    CHECK(second != first);
    CHECK(second == standIn(Kind::Person, 7, source));
    // Of a kind that has but a few, none is left in the end, and it is named instead.
    for (int i = 0; i < 200; ++i) source.taken.insert(skeleton(standIn(Kind::Card, i, source)));
    CHECK(standIn(Kind::Card, 1, source).isEmpty());
}

TEST_CASE("covers bear stand-ins, names or nothing as their style says, over all the lines of a value") {
    Decided decided;
    decided.items = {itemOf(Kind::Address, 3, {QRectF(10, 10, 150, 14), QRectF(10, 30, 90, 14)}),
                     itemOf(Kind::Person, 4, {QRectF(10, 60, 90, 14)}, CoverStyle::Label),
                     itemOf(Kind::Health, 5, {QRectF(10, 90, 90, 14)}),
                     itemOf(Kind::Person, 6, {QRectF(10, 120, 90, 14)}, CoverStyle::Solid)};
    decided.standIns = std::make_shared<const StandInSource>(StandInSource{"secret", {}});
    const auto covers = coversOf(decided, {300, 200});
    REQUIRE(covers.size() == 5);
    CHECK(covers[0].text + u' ' + covers[1].text == standIn(Kind::Address, 3, *decided.standIns));
    CHECK((!covers[0].text.isEmpty() && !covers[1].text.isEmpty()));
    CHECK(covers[2].text == standInName(Kind::Person, 4));
    CHECK(covers[3].text == standInName(Kind::Health, 5)); // no health fact is made up
    CHECK(covers[4].text.isEmpty());
    // Without what stand-ins are made from there is a name as well.
    decided.standIns = nullptr;
    CHECK(coversOf(decided, {300, 200})[0].text.startsWith(QStringLiteral("[postal")));
}

TEST_CASE("a made-up name is shortened before it is written much smaller than the type around, by its place alone") {
    Decided decided;
    decided.standIns = std::make_shared<const StandInSource>(StandInSource{"secret", {}});
    const auto textIn = [&](double width, const char* real) {
        Item item = itemOf(Kind::Person, 4, {QRectF(10, 60, width, 14)});
        item.finding.text = QString::fromUtf8(real);
        decided.items = {item};
        return coversOf(decided, {500, 200}).at(0).text;
    };
    const QString whole = standIn(Kind::Person, 4, *decided.standIns);
    const QString given = whole.section(u' ', 0, 0), family = whole.section(u' ', -1);
    REQUIRE(given != whole);
    CHECK(textIn(300, "Rowena Sutcliffe") == whole);
    const QString initial = given.left(1) + QStringLiteral(". ") + family;
    CHECK(textIn(widthOfText(initial, 8 / smallLetterOfEm), "Rowena Sutcliffe") == initial);
    CHECK(textIn(20, "Ada") == (given.size() < initial.size() ? given : initial));
    CHECK(textIn(20, "Ada") == textIn(20, "Oda")); // what was there does not matter
}

TEST_CASE("labels tell the ground for covering where the policy wants that and there is one") {
    Decided decided;
    decided.items = {itemOf(Kind::Person, 4, {QRectF(10, 10, 190, 14)}, CoverStyle::Label),
                     itemOf(Kind::Phone, 5, {QRectF(10, 40, 190, 14)}, CoverStyle::Label),
                     itemOf(Kind::Person, 4, {QRectF(10, 70, 190, 14)}, CoverStyle::Solid)};
    decided.items[0].finding.ground = decided.items[2].finding.ground = QStringLiteral("GDPR Art. 4(1)");
    CHECK(coversOf(decided, {300, 200})[0].text == standInName(Kind::Person, 4));
    decided.labelsTellGround = true;
    const auto covers = coversOf(decided, {300, 200});
    CHECK(covers[0].text == QStringLiteral("[GDPR Art. 4(1)]"));
    CHECK(covers[1].text == standInName(Kind::Phone, 5));
    CHECK(covers[2].text.isEmpty());
}

TEST_CASE("what was made up bears a mark where the policy asks for it, names and labels do not") {
    Decided decided;
    decided.items = {itemOf(Kind::Address, 3, {QRectF(10, 10, 150, 14), QRectF(10, 30, 90, 14)}),
                     itemOf(Kind::Person, 4, {QRectF(10, 60, 90, 14)}, CoverStyle::Label),
                     itemOf(Kind::Health, 5, {QRectF(10, 90, 90, 14)})};
    decided.standIns = std::make_shared<const StandInSource>(StandInSource{"secret", {}});
    QImage capture({300, 200}, QImage::Format_RGB32);
    capture.fill(Qt::white);
    const auto plain = coversOf(decided, capture.size());
    decided.marksReplaced = true;
    const auto marked = coversOf(decided, capture.size());
    REQUIRE(marked.size() == 4);
    CHECK((!marked[0].marked && marked[1].marked && !marked[2].marked && !marked[3].marked));
    const QImage with = render(capture, marked), without = render(capture, plain);
    const QRect corner(marked[1].bounds().right() - 8, marked[1].bounds().top(), 9, 9);
    CHECK(with.copy(corner) != without.copy(corner));
    CHECK(with.copy(marked[0].bounds()) == without.copy(marked[0].bounds()));
}

TEST_CASE("a text is shrunk to its place and never cut, and the same on every thread") {
    const QString text = QStringLiteral("Wilhelmina Featherstonehaugh");
    const cv::Mat wide = writtenText(text, {400, 24}, 17), narrow = writtenText(text, {80, 24}, 17);
    CHECK(cv::countNonZero(wide > 0.5) > 100);
    CHECK(cv::countNonZero(narrow) > 50);
    // Nothing is drawn at the edges, where what is cut would end.
    CHECK(cv::countNonZero(narrow.col(79) > 0.5) == 0);
    CHECK(widthOfText(text, 17) > 80);
    std::vector<cv::Mat> drawn(4);
    std::vector<std::thread> threads;
    for (cv::Mat& one : drawn) threads.emplace_back([&] { one = writtenText(text, {400, 24}, 17); });
    for (std::thread& thread : threads) thread.join();
    for (const cv::Mat& one : drawn) CHECK(cv::countNonZero(one != wide) == 0);
    CHECK(cv::countNonZero(writtenText(text, {4, 3}, 17)) == 0);
}

TEST_CASE("a stand-in is as bold as what is written beside it, and follows nothing it hides") {
    const auto strokes = [](TypeWeight weight) {
        // The same words around a gap in each weight, drawn as type is.
        QImage capture({600, 60}, QImage::Format_RGB32);
        capture.fill(Qt::white);
        for (const int x : {10, 330}) {
            const cv::Mat ink = writtenText(QStringLiteral("pressure and level"), {260, 30}, 22, weight);
            for (int v = 0; v < ink.rows; ++v)
                for (int u = 0; u < ink.cols; ++u) {
                    const int level = 255 - int(255 * ink.at<float>(v, u));
                    capture.setPixel(x + u, 15 + v, qRgb(level, level, level));
                }
        }
        Cover cover{QRect(215, 17, 100, 28), {CoverStyle::StandIn}, QStringLiteral("Ines Moor"), 12};
        const QImage drawn = render(capture, {cover});
        for (int v = 17; v < 45; ++v)
            for (int u = 215; u < 315; ++u) capture.setPixel(u, v, qRgb(u, v, 0));
        CHECK(render(capture, {cover}) == drawn);
        double dark = 0;
        for (int v = 17; v < 45; ++v)
            for (int u = 215; u < 315; ++u) dark += 255 - qGray(drawn.pixel(u, v));
        return dark;
    };
    const double regular = strokes(TypeWeight::Regular), half = strokes(TypeWeight::SemiBold),
                 bold = strokes(TypeWeight::Bold);
    CHECK(half > 1.15 * regular);
    CHECK(bold > 1.05 * half);
}

TEST_CASE("a stand-in can be read on the picture, and what it stands for cannot") {
    const QImage capture = made::picture({QStringLiteral("Customer: Ines Hartwell")}, 16, Qt::black, Qt::white);
    Decided decided;
    decided.items = {itemOf(Kind::Person, 2, {QRectF(120, 8, 150, 22)})};
    decided.standIns = std::make_shared<const StandInSource>(StandInSource{"secret", {}});
    const auto covers = coversOf(decided, capture.size());
    const QImage result = render(capture, covers);
    const QRect place = covers.front().bounds();
    int dark = 0;
    for (int y = place.top(); y <= place.bottom(); ++y)
        for (int x = place.left(); x <= place.right(); ++x) dark += qGray(result.pixel(x, y)) < 96;
    CHECK(dark > 60);
    CHECK(dark < place.width() * place.height() / 2);
}
