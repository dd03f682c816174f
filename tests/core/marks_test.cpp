// Marks and framing: what they draw, what they never do, and what of them is in a file.
#include "checking/in_file.h"
#include "editing/edits_json.h"
#include "editing/mark_arranging.h"
#include "editing/mark_painting.h"
#include "editing/mark_paths.h"
#include "editing/text_outline.h"
#include "picture/picture_file.h"
#include "pipeline/case_work.h"
#include "support/changed_under.h"
#include "support/made.h"
#include "support/random_edits.h"

#include <catch2/catch.hpp>
#include <nlohmann/json.hpp>

using namespace eyelid;

namespace {

QImage page() {
    return made::picture({QStringLiteral("Account overview"), QStringLiteral("Ines Hartwell, 01632 960 417"),
                          QStringLiteral("Larkmoor Water"), QStringLiteral("Balance 38.20")});
}

HandCover handOver(int id, const QRect& place, CoverStyle style = CoverStyle::Solid) {
    return {id, place, {style, 0.5}, {}, {}};
}

Mark markOf(MarkKind kind, QPolygonF points) {
    Mark mark;
    mark.id = 100;
    mark.kind = kind;
    mark.points = std::move(points);
    if (const auto forms = formsOf(kind); !forms.empty()) mark.form = forms.front();
    return mark;
}

CheckedPicture checkedPicture(const QImage& picture, const Decided& decided, const std::vector<Finding>& values = {}) {
    static Reader reader(2);
    static const CaseWork work;
    static const auto policy = std::make_shared<const Policy>(*loadPolicy(QStringLiteral("everything")));
    auto search = searchFor({policy, {}, QStringLiteral("eng")});
    REQUIRE(search);
    Progress progress;
    auto checked = work.make({1, QStringLiteral("a.png"), &picture, decided, values, {}}, *search, reader, progress);
    REQUIRE(checked);
    return *checked;
}

bool anyLeak(const CheckedPicture& picture, const QString& words) {
    return std::any_of(picture.leaks.begin(), picture.leaks.end(),
                       [&](const Leak& leak) { return leak.sentence.contains(words); });
}

} // namespace

TEST_CASE("captures that differ only under covers give the same picture under any framing and marks") {
    std::mt19937 random(4);
    const QImage capture = page();
    for (int round = 0; round < made::rounds(1000); ++round) {
        Edits edits;
        for (int i = 0; i < 2; ++i)
            edits.covers.push_back({QRect(QPoint(int(random() % 800), int(random() % 120)),
                                          QSize(10 + int(random() % 200), 8 + int(random() % 40))),
                                    {CoverStyle(random() % std::size(allStyles)), 0.5},
                                    QStringLiteral("[e-mail 1]")});
        edits.framing = made::randomFraming(capture.size(), random);
        for (int i = 0; i < 3; ++i) edits.marks.push_back(made::randomMark(i + 1, capture.size(), random));
        const QImage other = changedUnder(capture, edits.covers, 7);
        const QImage first = render(capture, edits), second = render(other, edits);
        REQUIRE(first.size() == geometryOf(edits.framing, capture.size()).size);
        REQUIRE(first == second);
        if (round % 5 == 0) REQUIRE(renderTransparent(capture, edits) == renderTransparent(other, edits));
    }
}

TEST_CASE("nothing outside a crop is in the released bytes") {
    std::mt19937 random(9);
    const QRect crop(100, 20, 300, 90);
    for (int round = 0; round < 60; ++round) {
        QImage one = page(), other = page();
        const QImage noise = made::noise(one.size(), unsigned(round));
        for (int y = 0; y < one.height(); ++y)
            for (int x = 0; x < one.width(); ++x)
                if (!crop.contains(x, y)) other.setPixel(x, y, noise.pixel(x, y));
        Edits edits;
        edits.framing = made::randomFraming(one.size(), random);
        edits.framing.crop = crop;
        edits.framing.angle = 0;
        for (int i = 0; i < 3; ++i) edits.marks.push_back(made::randomMark(i + 1, one.size(), random));
        REQUIRE(encodePng(render(one, edits)) == encodePng(render(other, edits)));
    }
}

TEST_CASE("a place of the capture and its place in the framed picture lead to each other") {
    std::mt19937 random(5);
    const QSize size(900, 142);
    for (int round = 0; round < 200; ++round) {
        const FramedGeometry g = geometryOf(made::randomFraming(size, random), size);
        const QPointF there = g.toFramed.map(QPointF(450, 70)), back = g.toFramed.inverted().map(there);
        REQUIRE(std::hypot(back.x() - 450, back.y() - 70) < 0.01);
        REQUIRE(QRect(QPoint(0, 0), g.size).contains(g.inner));
        REQUIRE(g.inner.adjusted(-1, -1, 1, 1).contains(g.shown));
    }
}

TEST_CASE("a pixel stands in the framed picture where its geometry says") {
    QImage capture(300, 200, QImage::Format_RGB32);
    capture.fill(Qt::white);
    const QPoint spot(71, 122);
    for (int y = -2; y <= 2; ++y)
        for (int x = -2; x <= 2; ++x) capture.setPixel(spot.x() + x, spot.y() + y, qRgb(200, 0, 0));
    std::mt19937 random(8);
    for (int round = 0; round < 200; ++round) {
        Framing framing = made::randomFraming(capture.size(), random);
        framing.edge = Framing::Edge::None;
        framing.resize = {};
        framing.ground = 0xffffffff;
        const FramedGeometry g = geometryOf(framing, capture.size());
        const QPointF there = g.toFramed.map(QPointF(spot) + QPointF(0.5, 0.5));
        const QPoint at(int(std::floor(there.x())), int(std::floor(there.y())));
        const QRectF inside = g.shown.adjusted(35, 35, -35, -35);
        if (inside.width() <= 0 || inside.height() <= 0 || !inside.contains(at)) continue;
        REQUIRE(framed(capture, framing).rect().contains(at));
        REQUIRE(qGreen(framed(capture, framing).pixel(at)) < 60);
    }
}

TEST_CASE("four quarter turns are none, and a turn of what is mirrored goes the same way round") {
    const QImage capture = page();
    Framing framing;
    framing.crop = QRect(10, 10, 200, 100);
    framing.canvas = {1, 2, 3, 4};
    framing.mirrored = true;
    const QImage before = framed(capture, framing);
    CHECK(framed(capture, turnedByQuarter(framing)) == before.transformed(QTransform().rotate(90)));
    Framing round = framing;
    for (int i = 0; i < 4; ++i) round = turnedByQuarter(round);
    CHECK(round == framing);
}

TEST_CASE("empty borders are what is of one colour up to the content") {
    QImage picture(100, 80, QImage::Format_RGB32);
    picture.fill(Qt::white);
    CHECK(contentOf(picture) == picture.rect());
    for (int x = 20; x < 61; ++x)
        for (int y = 30; y < 42; ++y) picture.setPixel(x, y, qRgb(9, 9, 9));
    picture.setPixel(70, 35, qRgb(1, 2, 3));
    CHECK(contentOf(picture) == QRect(QPoint(20, 30), QPoint(70, 41)));
    CHECK(ofRatio(QRect(0, 0, 160, 100), 1) == QRect(30, 0, 100, 100));
}

TEST_CASE("a mark is never a cover: what it lies on stays open, and is told of") {
    Decided decided;
    Item item;
    item.id = 3;
    item.finding.kind = Kind::Person;
    item.finding.text = QStringLiteral("Ines Hartwell");
    item.finding.boxes = {QRectF(20, 44, 100, 14)};
    item.finding.textHeight = 8;
    item.finding.confidence = 0.9;
    item.finding.reason = QStringLiteral("is a name");
    decided.items = {item};
    Mark ring = markOf(MarkKind::Ring, {{0, 30}, {200, 80}});
    ring.style.ground = 0xff000000; // opaque
    decided.marks = {ring};
    REQUIRE(marksOver(decided, page().size()).size() == 1);
    CHECK(marksOver(decided, page().size())[0].findings == std::vector<int>{3});
    const CheckedPicture picture = checkedPicture(page(), decided);
    CHECK(std::any_of(picture.leaks.begin(), picture.leaks.end(), [](const Leak& leak) {
        return leak.sort == Leak::Sort::Found && leak.finding.kind == Kind::Person;
    }));
    decided.marks[0].style.ground.reset(); // around it, and nothing on it
    CHECK(marksOver(decided, page().size()).empty());
    decided.marks[0] = markOf(MarkKind::Tint, {{10, 40}, {130, 60}});
    CHECK(marksOver(decided, page().size()).size() == 1);
    decided.items[0].decision = Decision::Cover;
    CHECK(marksOver(decided, page().size()).empty());
}

TEST_CASE("what notes and steps say is searched, also where it cannot be read off the picture") {
    Decided decided;
    decided.hands = {handOver(1, QRect(10, 40, 300, 30))};
    Mark note = markOf(MarkKind::Note, {{20, 45}, {280, 66}});
    note.text = QStringLiteral("ask ines.hartwell@larkmoor.example");
    note.style.textHeight = 3; // nobody reads that
    decided.marks = {note};
    const CheckedPicture picture = checkedPicture(page(), decided);
    REQUIRE(anyLeak(picture, QStringLiteral("written on a mark (Note)")));
    decided.marks[0].text = QStringLiteral("see the balance");
    CHECK_FALSE(anyLeak(checkedPicture(page(), decided), QStringLiteral("written on a mark")));
}

TEST_CASE("a covered value that an enlargement makes readable over a cover is found") {
    Finding value;
    value.kind = Kind::Watch;
    value.text = QStringLiteral("Larkmoor");
    value.boxes = {QRectF(0, 0, 10, 10)};
    value.textHeight = 8;
    value.confidence = 1;
    Decided decided;
    decided.hands = {handOver(1, QRect(400, 10, 400, 110))};
    // Enlarged onto the cover: there it must not be taken for the cover's own look.
    Mark enlarge = markOf(MarkKind::Enlarge, {{10, 66}, {140, 92}, {420, 30}, {680, 82}});
    decided.marks = {enlarge};
    const CheckedPicture picture = checkedPicture(page(), decided, {value});
    const auto readable = [](const CheckedPicture& p) {
        return std::count_if(p.leaks.begin(), p.leaks.end(),
                             [](const Leak& leak) { return leak.sort == Leak::Sort::CoveredValue; });
    };
    CHECK(readable(picture) >= 1);
    // Covered, its enlargement is as well.
    decided.hands.push_back(handOver(2, QRect(10, 66, 130, 26)));
    CHECK(readable(checkedPicture(page(), decided, {value})) == 0);
    const InFile inFile(decided, coversOf(decided, page().size()), page().size());
    CHECK(inFile.hidden().contains(QPoint(550, 55)));
}

TEST_CASE("a framed picture is checked where its things stand, and its leaks are told on the capture") {
    Decided decided;
    decided.framing.crop = QRect(5, 35, 500, 90);
    decided.framing.resize = {Resize::By::Percent, 200};
    decided.framing.border = 8;
    const CheckedPicture picture = checkedPicture(page(), decided);
    CHECK(picture.size == QSize(1016, 196));
    const auto phone = std::find_if(picture.leaks.begin(), picture.leaks.end(),
                                    [](const Leak& leak) { return leak.finding.kind == Kind::Phone; });
    REQUIRE(phone != picture.leaks.end());
    CHECK(QRectF(100, 35, 160, 30).contains(phone->place.center()));
    // Covered there, it is gone.
    decided.hands = {handOver(1, QRect(10, 40, 300, 28))};
    const CheckedPicture covered = checkedPicture(page(), decided);
    CHECK(std::none_of(covered.leaks.begin(), covered.leaks.end(),
                       [](const Leak& leak) { return leak.finding.kind == Kind::Phone; }));
    CHECK_FALSE(anyLeak(covered, QStringLiteral("not what was to be written")));
}

TEST_CASE("a code says what it should, or the check does") {
    Decided decided;
    Mark code = markOf(MarkKind::Code, {{700, 10}, {820, 130}});
    code.text = QStringLiteral("https://larkmoor.example/help");
    decided.marks = {code};
    CHECK_FALSE(anyLeak(checkedPicture(page(), decided), QStringLiteral("cannot be read back")));
    decided.marks[0].points = {{700, 10}, {712, 22}};
    CHECK(anyLeak(checkedPicture(page(), decided), QStringLiteral("cannot be read back")));
    CHECK(codeModules(QString(9000, u'x')).empty());
}

TEST_CASE("steps count themselves, in the order of their ranks") {
    std::vector<Mark> marks;
    for (const int rank : {2, 7, 4}) {
        Mark step = markOf(MarkKind::Step, {{10, 10}});
        step.id = rank;
        step.rank = rank;
        step.text = QStringLiteral("step of rank %1").arg(rank);
        marks.push_back(step);
    }
    CHECK(stepLabel(marks, marks[1]) == QStringLiteral("3"));
    CHECK(stepsAsText(marks) == QStringLiteral("1. step of rank 2\n2. step of rank 4\n3. step of rank 7"));
    marks[1].style.letters = true;
    CHECK(stepLabel(marks, marks[1]) == QStringLiteral("C"));
    marks.erase(marks.begin());
    CHECK(stepLabel(marks, marks[0]) == QStringLiteral("B"));
}

TEST_CASE("an end that holds on to a cover goes with it") {
    Decided decided;
    decided.hands = {handOver(7, QRect(100, 40, 60, 20))};
    Mark pointer = markOf(MarkKind::Point, {{10, 10}, {1, 1}});
    pointer.holds = {{1, 7, {0, 0.5}}};
    decided.marks = {pointer};
    CHECK(editsOf(decided, page().size()).marks[0].points[1] == QPointF(100, 50));
    decided.hands[0].shape = CoverShape(QRect(300, 40, 60, 20));
    CHECK(editsOf(decided, page().size()).marks[0].points[1] == QPointF(300, 50));
    decided.hands.clear(); // nothing to hold on to: where it was put
    CHECK(editsOf(decided, page().size()).marks[0].points[1] == QPointF(1, 1));
}

TEST_CASE("what a measure tells") {
    Mark measure = markOf(MarkKind::Measure, {{10, 10}, {40, 50}});
    CHECK(measured(measure) == QStringLiteral("50 px"));
    measure.form = MarkForm::Across;
    CHECK(measured(measure) == QStringLiteral("30 px"));
    measure.form = MarkForm::Sides;
    CHECK(measured(measure) == QStringLiteral("30 px × 40 px, 1200 px²"));
    measure.unitsPerPixel = 0.5;
    measure.unit = QStringLiteral("mm");
    measure.form = MarkForm::Down;
    CHECK(measured(measure) == QStringLiteral("20 mm"));
    measure.form = MarkForm::Angle;
    measure.points = {{10, 0}, {0, 0}, {0, 10}};
    CHECK(measured(measure) == QStringLiteral("90.0°"));
}

TEST_CASE("a tint darkens, so that what it lies on stays readable, and no darker where its bands meet") {
    QImage picture(100, 40, QImage::Format_RGB32);
    picture.fill(Qt::white);
    for (int x = 20; x < 30; ++x) picture.setPixel(x, 10, qRgb(0, 0, 0));
    Edits edits;
    edits.marks = {markOf(MarkKind::Tint, {{10, 5}, {60, 15}, {40, 5}, {80, 15}})};
    edits.marks[0].style.colour = 0xffffe27a;
    const QImage drawn = render(picture, edits);
    CHECK(drawn.pixel(25, 10) == qRgb(0, 0, 0));
    CHECK(drawn.pixel(50, 8) == qRgb(0xff, 0xe2, 0x7a));
    CHECK(drawn.pixel(50, 8) == drawn.pixel(70, 8));
    CHECK(drawn.pixel(90, 8) == qRgb(255, 255, 255));
}

TEST_CASE("letters of every script are drawn, joined and in their own direction") {
    TextSetting setting;
    const auto width = [&](const char* text) { return outlineOf(QString::fromUtf8(text), setting).size.width(); };
    CHECK(width("مرحبا") > 20);
    // Joined letters are narrower than the same ones apart.
    CHECK(width("بب") < 2 * width("ب"));
    // A combining accent takes no room.
    CHECK(width("e\u0301") == Approx(width("é")).margin(0.5));
    setting.width = 100;
    const TextOutline broken = outlineOf(QStringLiteral("a line that has to be broken here and there"), setting);
    CHECK(broken.size.height() > 3 * setting.pixels);
    CHECK(broken.path.boundingRect().right() <= 101);
    // A right-to-left line begins at the right.
    setting.width = 300;
    CHECK(outlineOf(QString::fromUtf8("שלום"), setting).path.boundingRect().left() > 200);
}

TEST_CASE("marks are hit where they draw, and a ring is open inside") {
    Mark ring = markOf(MarkKind::Ring, {{10, 10}, {110, 60}});
    CHECK(isHit(ring, {10, 30}, 2));
    CHECK_FALSE(isHit(ring, {60, 35}, 2));
    ring.style.ground = 0x40ffffff;
    CHECK(isHit(ring, {60, 35}, 2));
    Mark pointer = markOf(MarkKind::Point, {{0, 0}, {100, 0}});
    CHECK(isHit(pointer, {50, 3}, 2));
    CHECK_FALSE(isHit(pointer, {50, 20}, 2));
    pointer.form = MarkForm::Curved;
    pointer.points << QPointF(50, 40);
    CHECK(isHit(pointer, {50, 40}, 2));
    Mark turned = markOf(MarkKind::Note, {{0, 40}, {100, 60}});
    turned.turn = 90;
    CHECK(isHit(turned, {50, 10}, 1));
    CHECK_FALSE(isHit(turned, {5, 50}, 1));
}

TEST_CASE("marks and framings come back from their files as they were") {
    std::mt19937 random(12);
    for (int round = 0; round < 300; ++round) {
        Mark mark = made::randomMark(5, {900, 400}, random);
        if (mark.form != MarkForm::Arc) mark.arcSpan = Mark().arcSpan;
        const Mark back = nlohmann::json(mark).get<Mark>();
        REQUIRE(back == mark);
        const Framing framing = made::randomFraming({900, 400}, random);
        const Framing again = nlohmann::json(framing).get<Framing>();
        REQUIRE(framed(page(), again) == framed(page(), framing));
    }
}

TEST_CASE("a file of marks that is none says which mark, and what of it") {
    const auto sentence = [](const char* json) {
        const auto marks = marksFromJson(json, QStringLiteral("marks.json"));
        return marks ? QString() : marks.error().sentence;
    };
    const auto one = [&](const char* mark) {
        return sentence((std::string(R"({"format":"eyelid marks","version":1,"marks":[)") + mark + "]}").c_str());
    };
    CHECK(sentence("nonsense").contains(QStringLiteral("no JSON")));
    CHECK(sentence("[]").contains(QStringLiteral("does not begin")));
    CHECK(one(R"({"kind":"arrow","points":[[1,2],[3,4]]})").contains(QStringLiteral("mark 1: “arrow” is no kind")));
    CHECK(one(R"({"kind":"point","points":[[1,2]]})").contains(QStringLiteral("too few points")));
    CHECK(one(R"({"kind":"point"})").contains(QStringLiteral("no points")));
    CHECK(one(R"({"kind":"point","points":[[1,2],[3,4]],"colr":"#fff"})").contains(QStringLiteral("no key “colr”")));
    CHECK(one(R"({"kind":"point","points":[[1,2],[3,1e300]]})").contains(QStringLiteral("beyond 200000")));
    CHECK(one(R"({"kind":"ring","points":[[1,2],[3,4]],"form":"bent"})").contains(QStringLiteral("no form “bent”")));
    CHECK(one(R"({"kind":"line","points":[[1,2],[3,4]],"colour":"red"})").contains(QStringLiteral("no colour")));
    CHECK(one(R"({"kind":"line","points":[[1,2],[3,4]],"width":"4"})").contains(QStringLiteral("wrong kind")));
    CHECK(one(R"({"kind":"line","points":[[1,2],[3,4]],"width":-4})")
              .contains(QStringLiteral("its width is not within")));
    CHECK(
        one(R"({"kind":"draw","points":[[1,2],[3,4]],"pressures":[1]})").contains(QStringLiteral("as many pressures")));
    CHECK(one(R"({"kind":"draw","points":[[1,2]],"pressures":[2]})").contains(QStringLiteral("within 0 to 1")));
    CHECK(one(R"({"kind":"sign","points":[[1,2],[3,4]]})").contains(QStringLiteral("a picture or a text")));
    CHECK(one(R"({"kind":"sign","points":[[1,2],[3,4]],"picture":"AAAA"})").contains(QStringLiteral("no PNG")));
    CHECK(one(R"({"kind":"code","points":[[1,2],[3,4]]})").contains(QStringLiteral("needs a text")));
    CHECK(one(R"({"kind":"measure","points":[[1,2],[3,4]],"units_per_pixel":0})")
              .contains(QStringLiteral("units_per_pixel")));
    CHECK(one(R"({"kind":"line","points":[[1,2],[3,4]],"width":4})").isEmpty());
}

TEST_CASE("several marks are put in line and at equal distances; locked ones stay") {
    std::vector<Mark> marks;
    for (const double x : {10.0, 100.0, 130.0}) marks.push_back(markOf(MarkKind::Ring, {{x, x}, {x + 10, x + 20}}));
    const auto inLine = aligned(marks, AlignTo::Top);
    for (const Mark& mark : inLine) CHECK(boundsOf(mark).top() == 10);
    CHECK(boundsOf(inLine[2]).left() == 130);
    const auto apart = spread(marks, Qt::Horizontal);
    CHECK(boundsOf(apart[1]).left() == 70);
    marks[1].locked = true;
    CHECK(boundsOf(spread(marks, Qt::Horizontal)[1]).left() == 100);
}

TEST_CASE("a mark that would take forever to draw is none") {
    Mark line = markOf(MarkKind::Line, {{0, 0}, {100, 0}});
    CHECK(isWhole(line));
    line.style.width = 1e-6;
    CHECK_FALSE(isWhole(line));
    line.style.width = 2;
    line.text = QString(20000, u'x');
    CHECK_FALSE(isWhole(line));
    line.text.clear();
    line.points = QPolygonF(QList<QPointF>(200000, QPointF(1, 1)));
    CHECK_FALSE(isWhole(line));
}

TEST_CASE("a tint that was swept over words tells nothing of them once they are covered") {
    const QImage capture = page();
    Edits narrow, wide;
    narrow.covers = wide.covers = {{QRect(100, 40, 200, 24), {CoverStyle::Solid, 0.5}}};
    // The words under the cover are shorter in one than in the other.
    narrow.marks = {markOf(MarkKind::Tint, {{110, 42}, {180, 60}})};
    wide.marks = {markOf(MarkKind::Tint, {{110, 42}, {290, 60}})};
    CHECK(render(capture, narrow) == render(capture, wide));
    wide.framing.quarters = narrow.framing.quarters = 1;
    wide.framing.mirrored = narrow.framing.mirrored = true;
    CHECK(render(capture, narrow) == render(capture, wide));
}

TEST_CASE("what one enlargement shows is not looked for where another shows what lies beneath it") {
    Decided decided;
    decided.hands = {handOver(1, QRect(500, 20, 100, 30))};
    // The first shows the cover, drawn over words; the second shows those words, not the first.
    decided.marks = {markOf(MarkKind::Enlarge, {{500, 20}, {600, 50}, {10, 60}, {150, 102}}),
                     markOf(MarkKind::Enlarge, {{10, 60}, {150, 102}, {400, 60}, {680, 140}})};
    decided.marks[1].id = 101;
    const InFile inFile(decided, coversOf(decided, page().size()), page().size());
    CHECK(inFile.hidden().contains(QPoint(80, 80)));
    CHECK_FALSE(inFile.hidden().contains(QPoint(540, 100)));
}

TEST_CASE("a mark that is turned is looked at where it is drawn, also on a cover") {
    Decided decided;
    decided.hands = {handOver(1, QRect(100, 0, 300, 140))};
    Mark sign = markOf(MarkKind::Sign, {{150, 60}, {350, 80}});
    sign.turn = 90;
    decided.marks = {sign};
    const InFile inFile(decided, coversOf(decided, page().size()), page().size());
    CHECK_FALSE(inFile.hidden().contains(QPoint(250, 10)));
    CHECK_FALSE(inFile.hidden().contains(QPoint(250, 130)));
    CHECK(inFile.hidden().contains(QPoint(150, 70)));
}

TEST_CASE("each kind draws at its place, in its colour, and nothing far from it") {
    QImage picture(600, 400, QImage::Format_RGB32);
    picture.fill(Qt::white);
    for (const MarkKind kind : allMarkKinds) {
        if (kind == MarkKind::Sign) continue; // draws its picture
        const auto forms = formsOf(kind);
        for (size_t i = 0; i < std::max<size_t>(1, forms.size()); ++i) {
            Mark mark = markOf(kind, {{200, 150}, {300, 210}, {240, 220}, {320, 230}});
            if (!forms.empty()) mark.form = forms[i];
            if (kind == MarkKind::Note || kind == MarkKind::Ring) mark.points.resize(2);
            mark.text = QStringLiteral("#123456");
            mark.style.colour = 0xff1040c0;
            Edits edits;
            edits.marks = {mark};
            const QImage drawn = render(picture, edits);
            int inked = 0, far = 0;
            for (int y = 0; y < 400; ++y)
                for (int x = 0; x < 600; ++x) {
                    const bool other = drawn.pixel(x, y) != picture.pixel(x, y);
                    inked += other;
                    far += other && !QRect(60, 60, 500, 280).contains(x, y);
                }
            INFO(markKindName(kind).toStdString() << ' ' << i);
            CHECK(inked > 40);
            CHECK(far == 0);
        }
    }
}

TEST_CASE("a curved pointer goes through its third point, and has as many heads as it should") {
    QImage picture(300, 200, QImage::Format_RGB32);
    picture.fill(Qt::white);
    Mark pointer = markOf(MarkKind::Point, {{40, 150}, {260, 150}, {150, 60}});
    pointer.form = MarkForm::Curved;
    pointer.style.colour = 0xff000000;
    int before = 0;
    for (const int heads : {0, 1, 2}) {
        pointer.style.heads = heads;
        Edits edits;
        edits.marks = {pointer};
        const QImage drawn = render(picture, edits);
        CHECK(qGray(drawn.pixel(150, 60)) < 60);
        int ink = 0;
        for (int y = 0; y < 200; ++y)
            for (int x = 200; x < 300; ++x) ink += qGray(drawn.pixel(x, y)) < 128;
        CHECK((heads == 1 ? ink > before : heads == 2 ? ink == before : ink > 0));
        before = ink;
    }
}

TEST_CASE("text, codes and signs stand upright and readable however the capture is turned and mirrored") {
    for (int quarters = 0; quarters < 4; ++quarters)
        for (const bool mirrored : {false, true}) {
            Decided decided;
            Mark code = markOf(MarkKind::Code, {{400, 10}, {520, 130}});
            code.text = QStringLiteral("https://larkmoor.example/%1").arg(quarters);
            decided.marks = {code};
            decided.framing.quarters = quarters;
            decided.framing.mirrored = mirrored;
            INFO(quarters << ' ' << mirrored);
            CHECK_FALSE(anyLeak(checkedPicture(page(), decided), QStringLiteral("cannot be read back")));
        }
}

TEST_CASE("an enlargement shows nothing of what was cut away") {
    QImage picture(400, 200, QImage::Format_RGB32);
    picture.fill(Qt::white);
    for (int y = 0; y < 200; ++y)
        for (int x = 0; x < 100; ++x) picture.setPixel(x, y, qRgb(0, 160, 0));
    Edits edits;
    edits.framing.crop = QRect(100, 0, 300, 200);
    edits.marks = {markOf(MarkKind::Enlarge, {{60, 20}, {140, 60}, {200, 100}, {360, 180}})};
    const QImage drawn = render(picture, edits);
    for (int y = 0; y < drawn.height(); ++y)
        for (int x = 0; x < drawn.width(); ++x) REQUIRE(drawn.pixel(x, y) != qRgb(0, 160, 0));
    edits.framing.crop = {};
    const QImage whole = render(picture, edits);
    CHECK(whole.pixel(230, 140) == qRgb(0, 160, 0));
    CHECK(qGreen(whole.pixel(330, 140)) > 240);
}

TEST_CASE("steps beyond Z have two letters; marks that hold on to one another stay where they are put") {
    std::vector<Mark> marks;
    for (int i = 1; i <= 28; ++i) {
        Mark step = markOf(MarkKind::Step, {{double(i), 1}});
        step.id = step.rank = i;
        step.style.letters = true;
        marks.push_back(step);
    }
    CHECK(stepLabel(marks, marks[25]) == QStringLiteral("Z"));
    CHECK(stepLabel(marks, marks[27]) == QStringLiteral("AB"));
    Mark one = markOf(MarkKind::Line, {{0, 0}, {10, 10}}), other = markOf(MarkKind::Line, {{50, 50}, {90, 90}});
    one.id = 1;
    other.id = 2;
    one.holds = {{1, 2, {0, 0}}};
    other.holds = {{0, 1, {1, 1}}};
    const auto all = followed({one, other}, [](int) { return QRectF(); });
    CHECK(all[0].points[1] == QPointF(50, 50));
    CHECK(all[1].points[0] == QPointF(10, 10));
}

TEST_CASE("lines of a note break to its width, stand where they are aligned, and make it as high as it must be") {
    Mark note = markOf(MarkKind::Note, {{0, 0}, {200, 30}});
    note.text = QStringLiteral("One line");
    const double one = heightOfNote(note);
    note.text = QStringLiteral("A good deal more than what goes on one line of it");
    CHECK(heightOfNote(note) > 1.8 * one);
    CHECK(widthOfNote(note) > 200);
    TextSetting setting;
    setting.width = 300;
    const auto left = [&](double middle) {
        setting.middle = middle;
        return outlineOf(QStringLiteral("here"), setting).path.boundingRect().left();
    };
    CHECK(left(0) < left(0.5));
    CHECK(left(0.5) < left(1));
    setting = {};
    setting.monospaced = true;
    CHECK(outlineOf(QStringLiteral("iii"), setting).size.width() ==
          Approx(outlineOf(QStringLiteral("mmm"), setting).size.width()));
    OutlineCache cache;
    CHECK(cache.of(QStringLiteral("here"), setting).path == outlineOf(QStringLiteral("here"), setting).path);
    CHECK(cache.of(QStringLiteral("here"), setting).size == outlineOf(QStringLiteral("here"), setting).size);
}

TEST_CASE("a note under a cover's shade, or kept findings under a filled ring, are each told of once") {
    Decided decided;
    Item kept;
    kept.id = 3;
    kept.finding.kind = Kind::Person;
    kept.finding.text = QStringLiteral("Ines Hartwell");
    kept.finding.boxes = {QRectF(20, 44, 100, 14), QRectF(20, 70, 60, 14)};
    kept.decision = Decision::Keep;
    decided.items = {kept};
    Mark ring = markOf(MarkKind::Ring, {{0, 30}, {200, 100}});
    ring.style.ground = 0x20ffffff;
    decided.marks = {ring};
    REQUIRE(marksOver(decided, page().size()).size() == 1);
    CHECK(marksOver(decided, page().size())[0].findings == std::vector<int>{3});
    decided.marks[0].form = MarkForm::Arc; // an arc has no inside
    decided.marks[0].style.ground.reset();
    CHECK(marksOver(decided, page().size()).empty());
}
