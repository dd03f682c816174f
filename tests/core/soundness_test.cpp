// The promises of docs/security.md that the core keeps: what is called clean is clean.
#include "checking/check.h"
#include "checking/uncovered_page.h"
#include "editing/sanitised_page.h"
#include "finding/finder.h"
#include "language/spelling.h"
#include "picture/geometry.h"
#include "reading/page_text.h"
#include "releasing/release.h"
#include "support/everything.h"
#include "support/made.h"

#include <catch2/catch.hpp>
#include <nlohmann/json.hpp>
#include <QStringEncoder>
#include <QTemporaryDir>

using namespace eyelid;

namespace {

Finding value(Kind kind, const QString& text, const QRectF& box = {}) {
    Finding f;
    f.kind = kind;
    f.text = text;
    f.key = kindName(kind) + u':' + skeleton(text);
    f.boxes = {box};
    f.textHeight = 7;
    return f;
}

Item decided(const Finding& finding, Decision decision, CoverStyle style = CoverStyle::Solid) {
    Item item;
    item.finding = finding;
    item.decision = decision;
    item.look.style = style;
    return item;
}

CheckReport check(const QByteArray& bytes, CheckRequest request) {
    if (!request.policy) request.policy = &everything();
    Progress progress;
    auto report = checkBytes(bytes, request, reader(), finder(), progress);
    REQUIRE(report);
    return *report;
}

bool has(const std::vector<Leak>& leaks, Leak::Sort sort) {
    return std::any_of(leaks.begin(), leaks.end(), [&](const Leak& leak) { return leak.sort == sort; });
}

Policy policyOf(const char* toml) {
    auto policy = parsePolicy(toml, QStringLiteral("office.toml"));
    if (!policy) FAIL(policy.error().sentence.toStdString());
    return *policy;
}

QStringList texts(const std::vector<Finding>& findings) {
    QStringList all;
    for (const Finding& f : findings) all << f.text;
    return all;
}

} // namespace

TEST_CASE("rectangles cover together what they cover, however they overlap") {
    const QRectF box(10, 10, 20, 10);
    CHECK(shareUnder(box, {}) == 0);
    CHECK(shareUnder(box, {QRect(10, 10, 10, 10)}) == Approx(0.5));
    CHECK(shareUnder(box, {QRect(10, 10, 10, 10), QRect(10, 10, 10, 10)}) == Approx(0.5)); // not added up
    CHECK(shareUnder(box, {QRect(5, 5, 10, 30), QRect(12, 0, 8, 50)}) == Approx(0.5));
    CHECK(shareUnder(box, {QRect(0, 0, 100, 100), QRect(11, 11, 3, 3)}) == Approx(1));
    // Against counting pixels.
    std::mt19937 random(8);
    for (int round = 0; round < 200; ++round) {
        std::vector<QRect> rects;
        for (size_t n = random() % 5; n > 0; --n)
            rects.emplace_back(int(random() % 40), int(random() % 30), 1 + int(random() % 20), 1 + int(random() % 15));
        int covered = 0;
        for (int y = 10; y < 20; ++y)
            for (int x = 10; x < 30; ++x)
                covered += std::any_of(rects.begin(), rects.end(), [&](const QRect& r) { return r.contains(x, y); });
        CHECK(shareUnder(box, rects) == Approx(covered / 200.0).margin(1e-9));
    }
}

TEST_CASE("what is left of a half-covered word is searched, whatever share of it is covered") {
    // The tail of a long word is an address; its head is covered, more of it than not.
    const QString word =
        QStringLiteral("https://portal.larkmoor-water.example/accounts/search?mail=ines.hartwell@mail.example");
    const QImage image = made::picture({word}, 14, Qt::black, Qt::white, QStringLiteral("JetBrains Mono"));
    Progress progress;
    auto page = reader().read(image, {}, progress);
    REQUIRE(page);
    REQUIRE(page->lines.size() == 1);
    const QRectF line = page->lines[0].box;
    const double end = line.left() + line.width() * double(word.indexOf(u'=') + 1) / double(word.size());
    for (const CoverStyle style : {CoverStyle::Solid, CoverStyle::Mosaic, CoverStyle::Blur}) {
        CheckRequest request;
        request.capture = &image;
        // Two covers over the same place count once.
        const QRect cover(int(line.left()) - 3, int(line.top()) - 4, int(end - line.left()), int(line.height()) + 8);
        request.covers = {{cover, style, 0.5}, {cover.adjusted(0, 0, -20, 0), style, 0.5}};
        const CheckReport report = check(encodePng(render(image, request.covers)), request);
        INFO(int(style));
        CHECK(has(report.leaks, Leak::Sort::Found));
    }
}

TEST_CASE("what nobody has decided about fails a check, though nothing finds it again") {
    const QImage image = made::picture({QStringLiteral("meadow gate by the weir")}, 16);
    Progress progress;
    auto page = reader().read(image, {}, progress);
    REQUIRE(page);
    Finding known;
    known.kind = Kind::Account;
    known.text = QStringLiteral("gate");
    known.boxes = {page->lines.at(0).words.at(1).box};
    known.textHeight = 8;
    known.reason = QStringLiteral("stands beside the label \"account\"");
    const auto leaks = [&](Decision decision, std::vector<Cover> covers = {}) {
        CheckRequest request;
        request.capture = &image;
        request.covers = std::move(covers);
        request.decided.items = {decided(known, decision)};
        return check(encodePng(render(image, request.covers)), request).leaks;
    };
    CHECK(leaks(Decision::Keep).empty());
    const std::vector<Leak> open = leaks(Decision::Open);
    REQUIRE(open.size() == 1);
    CHECK(open[0].sort == Leak::Sort::Found);
    CHECK(open[0].place == known.boxes[0]);
    const QRect around = known.boxes[0].toAlignedRect().adjusted(-3, -3, 3, 3);
    CHECK(leaks(Decision::Open, {{around, {CoverStyle::Solid, 0.5}}}).empty());
}

TEST_CASE("letters are taken out one by one, whatever share of their word is hidden") {
    const QString word = QStringLiteral("portal/accounts/search?mail=ines@mail.example");
    const auto left = [&](qsizetype hidden, std::vector<QRect> more = {}) {
        Page page = made::PageMaker().line(word + QStringLiteral(" more")).page();
        page.lines[0].words[0].alternatives = {QString(word).replace(u'@', u'a')};
        const QRectF box = page.lines[0].words[0].box;
        more.push_back(QRectF(box.left(), box.top() - 2, 8.0 * double(hidden), 16).toAlignedRect());
        takeOutCovered(page, more);
        return page.lines.at(0);
    };
    const qsizetype mail = word.indexOf(u'=') + 1; // most of the word lies before it
    CHECK(left(mail).words.at(0).text == QStringLiteral("ines@mail.example"));
    CHECK(left(mail).words.at(0).alternatives == QStringList{QStringLiteral("inesamail.example")});
    CHECK(left(mail, {QRect(20, 10, 200, 30), QRect(20, 10, 200, 30)}).words.at(0).text ==
          QStringLiteral("ines@mail.example"));
    CHECK(left(word.size()).text() == QStringLiteral("more"));
    CHECK(left(0).words.at(0).text == word);
    // Without the letters' places they are spread over the word.
    Page spread = made::PageMaker().line(word).page();
    spread.lines[0].words[0].glyphs.clear();
    takeOutCovered(spread, {QRect(0, 0, 20 + 8 * int(mail), 100)});
    CHECK(spread.lines.at(0).words.at(0).text == QStringLiteral("ines@mail.example"));
}

TEST_CASE("a cover between two pieces of a line is the value of what stands before it") {
    Page page = made::PageMaker().line(QStringLiteral("PIN"), 150, 40).line(QStringLiteral(", 11:18"), 216, 39).page();
    const auto secrets = [&] {
        const std::vector<Finding> found = Finder().find(page, *loadPolicy(QStringLiteral("everything")), {});
        return std::count_if(found.begin(), found.end(), [](const Finding& f) { return f.kind == Kind::Secret; });
    };
    REQUIRE(secrets() == 1); // the time, were nothing hidden between
    Item number;
    number.decision = Decision::Cover;
    number.finding.kind = Kind::Secret;
    number.finding.boxes = {QRectF(180, 38, 35, 14)};
    putBlocks(page, {number});
    CHECK(secrets() == 0);
}

TEST_CASE("a letter that is hidden less than whole is still read") {
    // The lower half of an address under a cover: each letter half hidden, none of them taken out of the search.
    const QImage image = made::picture({QStringLiteral("ines.hartwell@mail.example")}, 24);
    Progress progress;
    auto read = reader().read(image, {}, progress);
    REQUIRE(read);
    const QRectF line = read->lines.at(0).box;
    CheckRequest request;
    request.capture = &image;
    // Over the feet of the letters: they are read all the same, and are a leak.
    request.covers = {{QRect(int(line.left()) - 2, int(line.top() + 0.72 * line.height()), int(line.width()) + 4,
                             int(0.28 * line.height())),
                       {CoverStyle::Solid, 0.5}}};
    CHECK(has(check(encodePng(render(image, request.covers)), request).leaks, Leak::Sort::Found));
}

TEST_CASE("what a surer finding leaves of another stays a finding") {
    const Policy policy =
        policyOf("name = \"x\"\nlook_for = [\"email\", \"record\"]\n[[pattern]]\nname = \"case title\"\n"
                 "match = 'Case .*'\nkind = \"record\"\nconfidence = 0.6\n");
    const Page page =
        made::PageMaker().line(QStringLiteral("Case 4711 ines@mail.example about the leak in May")).page();
    const auto found = finder().find(page, policy, {});
    QString all;
    for (const Finding& f : found) all += f.text + u'|';
    INFO(all.toStdString());
    CHECK(texts(found).contains(QStringLiteral("ines@mail.example")));
    CHECK(texts(found).contains(QStringLiteral("Case 4711")));
    CHECK(texts(found).contains(QStringLiteral("about the leak in May")));
    for (size_t i = 0; i < found.size(); ++i)
        for (size_t k = i + 1; k < found.size(); ++k) CHECK_FALSE(found[i].boxes[0].intersects(found[k].boxes[0]));
}

TEST_CASE("an exception lets go of one value, not of those that look like it") {
    const auto left = [](const char* exception, const QString& line) {
        Policy policy = everything();
        policy.exceptions = Exceptions({QString::fromUtf8(exception)});
        return texts(finder().find(made::PageMaker().line(line).page(), policy, {}));
    };
    CHECK(left("ann.ab@mail.example", QStringLiteral("To: ann.ab@mail.example")).isEmpty());
    CHECK(left("ann.ab@mail.example", QStringLiteral("To: anna.b@mail.example")).size() == 1);
    CHECK(left("/@mail.example$/", QStringLiteral("To: anna.b@mail.example")).isEmpty());
    CHECK(sameValue(value(Kind::Person, QStringLiteral("Ines  Hartwell")),
                    value(Kind::Person, QStringLiteral("Ines Hartwell"))));
    for (const auto& [a, b] : {std::pair("Kai", "Kaj"),
                               {"Lisa", "Jisa"},
                               {"hunter2.xyz", "hunter2xy.z"},
                               {"1B0457OS", "180457O5"},
                               {"Ines", "ines"}})
        CHECK_FALSE(
            sameValue(value(Kind::Secret, QString::fromLatin1(a)), value(Kind::Secret, QString::fromLatin1(b))));
}

TEST_CASE("a pattern switches its kind on, and one that could never find is refused") {
    const Policy policy =
        policyOf("name = \"x\"\nlook_for = [\"card\"]\n[[pattern]]\nname = \"meter\"\nmatch = 'LW-\\d{7}'\n"
                 "kind = \"record\"\n");
    CHECK(policy.looksFor(Kind::Record));
    CHECK_FALSE(policy.looksFor(Kind::Person));
    CHECK(texts(finder().find(made::PageMaker().line(QStringLiteral("meter LW-1234567")).page(), policy, {})) ==
          QStringList{QStringLiteral("LW-1234567")});
    CHECK_FALSE(
        parsePolicy("name = \"x\"\nlook_for = \"everything\"\nleave_out = [\"record\"]\n[[pattern]]\nname = \"m\"\n"
                    "match = 'a'\nkind = \"record\"\n",
                    QStringLiteral("x")));
    CHECK_FALSE(parsePolicy("name = \"x\"\nlook_for = []\nthreshold = 0.9\n[[pattern]]\nname = \"m\"\nmatch = 'a'\n"
                            "kind = \"record\"\n",
                            QStringLiteral("x")));
    for (const char* nonsense :
         {"threshold = nan", "threshold = inf", "strength = nan", "strength = -nan", "even_width = nan"})
        CHECK_FALSE(parsePolicy(QByteArray("name = \"x\"\nlook_for = []\n") + nonsense + "\n", QStringLiteral("x")));
    CHECK_FALSE(parsePolicy("name = \"x\"\nlook_for = []\n[watch]\nwords = [\"***\"]\n", QStringLiteral("x")));
}

TEST_CASE("a watch list is read in its own encoding, or refused with the line") {
    QTemporaryDir folder;
    const auto load = [&](const QByteArray& bytes) {
        const QString path = folder.filePath(QStringLiteral("watch.txt"));
        REQUIRE(writeFileWhole(path, bytes, true));
        return WatchList::load(path);
    };
    const QStringList both{QStringLiteral("Größe"), QStringLiteral("Kingfisher")};
    const QString text = both.join(u'\n');
    CHECK(load(text.toUtf8())->words() == both);
    CHECK(load("\xef\xbb\xbf" + text.toUtf8())->words() == both);
    CHECK(load(QString(text).replace(u'\n', u'\r').toUtf8())->words() == both);
    CHECK(load(QString(text).replace(QStringLiteral("\n"), QStringLiteral("\r\n")).toUtf8())->words() == both);
    for (const auto encoding : {QStringConverter::Utf16LE, QStringConverter::Utf16BE}) {
        QStringEncoder encoder(encoding, QStringConverter::Flag::WriteBom);
        CHECK(load(encoder(text))->words() == both);
        QStringEncoder unmarked(encoding);
        CHECK_FALSE(load(unmarked(text)));
    }
    auto latin = load("Kingfisher\n\nGr\xf6\xdf"
                      "e\n");
    REQUIRE_FALSE(latin);
    CHECK(latin.error().sentence.contains(QStringLiteral("line 3")));
    auto symbols = load("Kingfisher\n* * *\n");
    REQUIRE_FALSE(symbols);
    CHECK(symbols.error().sentence.contains(QStringLiteral("line 2")));
}

TEST_CASE("a short word with symbols is not found in the word without them") {
    const auto found = [](const char* word, const QString& line) {
        return texts(finder().find(made::PageMaker().line(line).page(), policyOf("name = \"x\"\nlook_for = []\n"),
                                   *WatchList::make({QString::fromUtf8(word)}, {})));
    };
    CHECK(found("C++", QStringLiteral("in C and C++ and C#")) == QStringList{QStringLiteral("C++")});
    CHECK(found("C#", QStringLiteral("in C and C++ and C#")) == QStringList{QStringLiteral("C#")});
    CHECK(found("C", QStringLiteral("in C too")) == QStringList{QStringLiteral("C")});
    // Of a longer word its letters count.
    CHECK(found("Kingfisher.", QStringLiteral("Kingfisher is a name")) == QStringList{QStringLiteral("Kingfisher")});
}

TEST_CASE("every covered value is looked for: short ones, common words and those covered by hand") {
    const auto readable = [](const std::vector<Finding>& values, const QString& line) {
        return texts(finder().readable(made::PageMaker().line(line).page(), values));
    };
    CHECK(readable({value(Kind::Person, QStringLiteral("Kai"))}, QStringLiteral("ask Kai or Kaj")) ==
          QStringList{QStringLiteral("Kai")});
    CHECK(readable({value(Kind::Username, QStringLiteral("jdoe"))}, QStringLiteral("by jdoe today")).size() == 1);
    CHECK(readable({value(Kind::Health, QStringLiteral("A+"))}, QStringLiteral("group A+ or A")) ==
          QStringList{QStringLiteral("A+")});
    // Two that look alike and are both covered are both found.
    CHECK(readable({value(Kind::Person, QStringLiteral("Kai")), value(Kind::Person, QStringLiteral("Kaj"))},
                   QStringLiteral("ask Kai or Kaj"))
              .size() == 2);
    CHECK(readable({value(Kind::Person, QStringLiteral("Will"))}, QStringLiteral("Will will do it")) ==
          QStringList{QStringLiteral("Will")});
    CHECK(readable({value(Kind::Watch, QStringLiteral("Project Kingfisher"))},
                   QStringLiteral("on project kingflsher now"))
              .size() == 1);
    CHECK(readable({value(Kind::Phone, QStringLiteral("+44 1632 960417"))}, QStringLiteral("call 01632 960 417"))
              .size() == 1);
    // Whatever the policy looks for.
    CheckRequest request;
    const Policy none = policyOf("name = \"x\"\nlook_for = []\n");
    request.policy = &none;
    request.coveredValues = {value(Kind::Username, QStringLiteral("jdoe"))};
    CHECK(has(check(encodePng(made::picture({QStringLiteral("written by jdoe")}, 16)), request).leaks,
              Leak::Sort::CoveredValue));
}

TEST_CASE("the words a cover drawn by hand hides are its value, letter by letter") {
    const Page page = made::PageMaker().line(QStringLiteral("user=hartwell; Kingfisher 4711"), 20, 20).page();
    const auto& words = page.lines[0].words;
    const QRect name = words[0].box.adjusted(40, -2, -8, 2).toAlignedRect(); // "hartwell"
    CHECK(texts(valuesUnder(page, name)) == QStringList{QStringLiteral("hartwell")});
    const QRect two = words[1].box.united(words[2].box).toAlignedRect();
    CHECK(texts(valuesUnder(page, two)) == QStringList{QStringLiteral("Kingfisher 4711"), QStringLiteral("4711")});
    CHECK(valuesUnder(page, QRect(500, 500, 20, 20)).empty());
    CHECK(valuesUnder(page, {}).empty());
}

TEST_CASE("keeping a place lets through what stands there, not what reaches out of it") {
    const QImage image = made::picture({QStringLiteral("Write to ines.hartwell@mail.example")}, 15);
    Progress progress;
    auto page = reader().read(image, {}, progress);
    REQUIRE(page);
    Finding all = finder().find(*page, everything(), {}).at(0);
    CheckRequest request;
    request.decided.items = {decided(all, Decision::Keep)};
    request.capture = &image;
    CHECK(check(encodePng(image), request).clean());
    Finding part = all;
    part.text = QStringLiteral("something else");
    part.boxes[0].setWidth(0.6 * part.boxes[0].width());
    request.decided.items = {decided(part, Decision::Keep)};
    CHECK(has(check(encodePng(image), request).leaks, Leak::Sort::Found));
}

TEST_CASE("the name of a file and the reason of a pass are searched as the pictures are") {
    CheckRequest request;
    request.policy = &everything();
    request.coveredValues = {value(Kind::Person, QStringLiteral("Ines Hartwell"))};
    const auto says = [&](const char* text) {
        return !checkText(QString::fromUtf8(text), QStringLiteral("The file's name"), request, finder()).empty();
    };
    CHECK(says("ines-hartwell-02"));
    CHECK(says("statement_Hartwell"));
    CHECK(says("card-4111111111111111"));
    CHECK(says("to ines.hartwell@mail.example"));
    CHECK_FALSE(says("picture-01"));
    CHECK_FALSE(says("quarterly-report"));
    CHECK_FALSE(says("burst-main-tannery-row-01"));
    CHECK_FALSE(says("candidates-serif"));
    CHECK_FALSE(says("Burst main, Tannery Row"));
    CHECK_FALSE(says("Complaint of May"));
    for (const Leak& leak :
         checkText(QStringLiteral("ines-hartwell"), QStringLiteral("The file's name"), request, finder())) {
        CHECK(leak.sort == Leak::Sort::Name);
        CHECK_FALSE(leak.sentence.contains(QStringLiteral("artwell")));
    }
    request.name = QStringLiteral("ines-hartwell");
    CHECK(has(check(encodePng(made::noise({60, 40}, 1)), request).leaks, Leak::Sort::Name));
}

TEST_CASE("every page of a file is read, and the log says nothing of its name") {
    // Two pages of a TIFF; the second shows an address.
    const QImage first = made::picture({QStringLiteral("Balance 38.20")}, 15),
                 second = made::picture({QStringLiteral("ines.hartwell@mail.example")}, 15);
    QByteArray tiff("II*\0", 4);
    const auto put = [&](quint32 n, int bytes) {
        for (int i = 0; i < bytes; ++i) tiff += char(n >> (8 * i));
    };
    put(0, 4);
    qsizetype link = 4;
    for (const QImage& page : {first, second}) {
        const QImage gray = page.convertToFormat(QImage::Format_Grayscale8);
        const auto strip = quint32(tiff.size());
        for (int y = 0; y < gray.height(); ++y)
            tiff += QByteArray(reinterpret_cast<const char*>(gray.constScanLine(y)), gray.width());
        const auto at = quint32(tiff.size());
        for (int i = 0; i < 4; ++i) tiff[link + i] = char(at >> (8 * i));
        const auto w = quint32(gray.width()), h = quint32(gray.height());
        const std::vector<std::array<quint32, 2>> tags{{256, w},     {257, h}, {258, 8}, {259, 1},    {262, 1},
                                                       {273, strip}, {277, 1}, {278, h}, {279, w * h}};
        put(quint32(tags.size()), 2);
        for (const auto& [tag, number] : tags) {
            put(tag, 2);
            put(4, 2);
            put(1, 4);
            put(number, 4);
        }
        link = tiff.size();
        put(0, 4);
    }
    const CheckReport report = check(tiff, {});
    REQUIRE(has(report.leaks, Leak::Sort::Found));
    CHECK(report.leaks.front().sentence.startsWith(QStringLiteral("On page 2: ")));
    CHECK(check(tiff.left(40), {}).leaks.size() >= 1);
}

TEST_CASE("text that hardly differs from its ground is found by the check, down to a few levels") {
    for (const int levels : {7, 5, 4}) {
        const QImage dark = made::picture({QStringLiteral("Write to ines.hartwell@mail.example")}, 16,
                                          QColor(255 - levels, 255 - levels, 255 - levels), Qt::white);
        const QImage light = made::picture({QStringLiteral("Write to ines.hartwell@mail.example")}, 16,
                                           QColor(30 + levels, 30 + levels, 30 + levels), QColor(30, 30, 30));
        INFO(levels);
        CHECK(has(check(encodePng(dark), {}).leaks, Leak::Sort::Found));
        CHECK(has(check(encodePng(light), {}).leaks, Leak::Sort::Found));
    }
}

TEST_CASE("the log tells of covers as they are drawn, not of what was found beneath") {
    const QSize size(400, 200);
    const auto log = [&](const std::vector<Item>& items, const std::vector<HandCover>& hands = {}) {
        LogInput input{&everything(),
                       QStringLiteral("eng"),
                       QByteArray(32, 'k'),
                       {{QStringLiteral("a.png"), size, size, QStringLiteral("00"), {items, hands, 0}, {}, {}}}};
        return redactionLog(input);
    };
    const auto item = [](Kind kind, const QRectF& box, const char* reason, int identity) {
        Finding f = value(kind, QStringLiteral("x"), box);
        f.reason = QString::fromLatin1(reason);
        Item made = decided(f, Decision::Cover);
        made.identity = identity;
        return made;
    };
    // A cover by hand over two findings: nothing of them is in the log.
    const HandCover hand{9, QRect(10, 10, 200, 60), {CoverStyle::Solid, 0.5}, {}};
    const auto alone = log({}, {hand});
    CHECK(log({item(Kind::Card, QRectF(20, 20, 60, 10), "has the form", 1),
               item(Kind::Email, QRectF(20, 40, 90, 10), "x", 2)},
              {hand}) == alone);
    Item other = item(Kind::Card, QRectF(20, 20, 60, 10), "x", 1);
    other.look.style = CoverStyle::Mosaic; // of another look, it would be seen on the picture
    CHECK(coversOf({{other}, {hand}, 0}, size).size() == 1);
    // The same cover, found for other reasons, in two pieces that touch or in one.
    const auto whole = log({item(Kind::Card, QRectF(20, 100, 100, 10), "holds by its check digit", 1)});
    CHECK(log({item(Kind::Card, QRectF(20, 100, 100, 10), "is written like the others of its column", 1)}) == whole);
    // One cover over two values tells nothing of where one of them ends.
    CHECK(
        log({item(Kind::Person, QRectF(20, 100, 40, 10), "x", 1),
             item(Kind::Email, QRectF(61, 100, 40, 10), "x", 2)}) ==
        log({item(Kind::Person, QRectF(20, 100, 60, 10), "x", 1), item(Kind::Email, QRectF(81, 100, 20, 10), "x", 2)}));
    // That a covered value can be read elsewhere depends on the value: only as let pass is it told, and never where.
    LogEntry entry{QStringLiteral("a.png"), size, size, QStringLiteral("00"), {{}, {hand}, 0}, {}, {}};
    const auto logOf = [&] {
        return redactionLog({&everything(), QStringLiteral("eng"), QByteArray(32, 'k'), {entry}});
    };
    const QByteArray sound = logOf();
    const Leak leak{Leak::Sort::CoveredValue, QRectF(5, 5, 20, 10),
                    QStringLiteral("Card number that is covered can be read."),
                    value(Kind::Card, QStringLiteral("4111"))};
    entry.leaks = {leak};
    CHECK(logOf() == sound);
    entry.leaks.clear();
    entry.passes = {{leak, QStringLiteral("printed on every letter")}};
    const auto json = nlohmann::json::parse(logOf().toStdString());
    CHECK(json["files"][0]["check"]["result"] == "let pass");
    CHECK_FALSE(json["files"][0]["check"]["remarks"][0].contains("box"));
    CHECK_FALSE(json["files"][0]["check"]["remarks"][0].contains("kind"));
}

TEST_CASE("findings that differ only under equal covers give the same picture and the same log") {
    // Values of one width and kind at one place; the covers that follow are equal, and so is all that leaves.
    const auto released = [](const QString& name, const QString& number, CoverStyle style) {
        const QImage image = made::picture({QStringLiteral("Customer: ") + name, QStringLiteral("Phone: ") + number,
                                            QStringLiteral("Balance due 38.20")},
                                           15, Qt::black, Qt::white, QStringLiteral("JetBrains Mono"));
        Progress progress;
        auto page = reader().read(image, {}, progress);
        REQUIRE(page);
        std::vector<Item> items;
        for (const Finding& f : finder().find(*page, everything(), {})) {
            items.push_back(decided(f, Decision::Cover, style));
            // Inks differ by a pixel; the cells they stand in do not.
            for (QRectF& box : items.back().finding.boxes) {
                const double left = std::floor(box.left() / 4) * 4, right = std::ceil(box.right() / 4) * 4;
                box = QRectF(left, std::floor(box.top() / 8) * 8, right - left, 16);
            }
            items.back().identity = int(items.size());
        }
        REQUIRE(items.size() == 2);
        const QByteArray png = encodePng(render(image, coversOf({items, {}, 32}, image.size())));
        Policy policy = everything();
        policy.evenWidth = 32;
        LogInput log{
            &policy,
            QStringLiteral("eng"),
            QByteArray(32, 'k'),
            {{QStringLiteral("a.png"), image.size(), image.size(), QStringLiteral("00"), {items, {}, 32}, {}, {}}}};
        return std::pair(png, redactionLog(log));
    };
    for (const CoverStyle style : {CoverStyle::Solid, CoverStyle::Mosaic, CoverStyle::Blur}) {
        const auto first = released(QStringLiteral("Ines Hartwell"), QStringLiteral("01632 960417"), style);
        const auto second = released(QStringLiteral("Mara Jennings"), QStringLiteral("01632 960998"), style);
        CHECK(first.first == second.first);
        CHECK(first.second == second.second);
    }
}

TEST_CASE("sanitised text gives a cover's box, not the width of what it hides") {
    const Page page = made::PageMaker().line(QStringLiteral("To: Ines Hartwell now")).page();
    Finding person = value(Kind::Person, QStringLiteral("Ines Hartwell"),
                           page.lines[0].words[1].box.united(page.lines[0].words[2].box));
    const HiddenValue hidden = hiddenValue(person, 1, page.size, 64);
    const Page safe = sanitisedPage(page, {hidden});
    REQUIRE(safe.lines[0].words.size() == 3);
    CHECK(safe.lines[0].words[1].text == QStringLiteral("[person 1]"));
    CHECK(safe.lines[0].words[1].box == QRectF(coverRects(person, page.size, 64).front()));
    CHECK(std::fmod(safe.lines[0].words[1].box.width(), 64) == 0);
    // Cut after finding: a label outside the area still tells what stands within it.
    CHECK(pageWithin(safe, QRectF(hidden.boxes[0])).lines[0].text() == QStringLiteral("[person 1]"));
}
