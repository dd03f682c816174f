// What holds of finding on any page: pages put together at random from values and words of every day.
#include "finding/check_digits.h"
#include "finding/finder.h"
#include "support/everything.h"
#include "support/made.h"

#include <random>

using namespace eyelid;

namespace {

// Values whose form proves them, of ranges set aside or with check digits of their own, and what stands around them.
class Maker {
public:
    explicit Maker(unsigned seed) : m_random(seed) {}

    int number(int from, int to) { return std::uniform_int_distribution<int>(from, to)(m_random); }
    bool chance(double share) { return std::bernoulli_distribution(share)(m_random); }
    QString one(std::initializer_list<const char*> of) {
        return QString::fromUtf8(of.begin()[number(0, int(of.size()) - 1)]);
    }
    QString digits(int count) {
        QString text;
        while (text.size() < count) text += QString::number(number(0, 9));
        return text;
    }

    QString card() {
        QString digits = one({"400000", "510510", "222300"}) + this->digits(9);
        for (int last = 0; last < 10; ++last)
            if (const QString all = digits + QString::number(last); luhnHolds(all)) return spaced(all, 4);
        return {};
    }
    QString mail() {
        return one({"jan.torp", "a.quell", "office", "m_haldane7", "lotte-krahn"}) + u'@' +
               one({"example.org", "post.example.net", "larkmoor.example", "mail.example.com"});
    }
    QString address() { return one({"192.0.2.", "198.51.100.", "203.0.113."}) + QString::number(number(1, 254)); }
    QString hardware() {
        QString text = QStringLiteral("00:00:5e");
        for (int i = 0; i < 3; ++i) text += QStringLiteral(":%1").arg(number(0, 255), 2, 16, QLatin1Char('0'));
        return text;
    }
    QString iban() {
        return one({"GB82 WEST 1234 5698 7654 32", "DE89 3704 0044 0532 0130 00", "NL91 ABNA 0417 1643 00"});
    }
    QString proven(Kind& kind) {
        switch (number(0, 4)) {
        case 0:
            kind = Kind::Card;
            return card();
        case 1:
            kind = Kind::Email;
            return mail();
        case 2:
            kind = Kind::Ip;
            return address();
        case 3:
            kind = Kind::Mac;
            return hardware();
        default:
            kind = Kind::Iban;
            return iban();
        }
    }
    QString words(int count) {
        QStringList all;
        while (all.size() < count)
            all << one({"the",    "pump",    "was",   "checked",  "on",     "Monday", "reading",
                        "and",    "report",  "water", "pressure", "valve",  "closed", "again",
                        "letter", "waiting", "for",   "an",       "answer", "meter"});
        return all.join(u' ');
    }
    // A value in what may stand around one.
    QString within(const QString& value) {
        const QString before = one({"", "", "(", "\"", "see ", "to: ", "by ", "- ", "via "}),
                      behind = before == QLatin1String("(")    ? QStringLiteral(")")
                               : before == QLatin1String("\"") ? QStringLiteral("\"")
                                                               : one({"", "", ".", ",", ";"});
        return (chance(0.5) ? words(number(1, 4)) + u' ' : QString()) + before + value + behind +
               (chance(0.5) ? u' ' + words(number(1, 4)) : QString());
    }
    // Some lines of it, here and there on the page.
    Page page(int lines) {
        made::PageMaker maker;
        for (int i = 0; i < lines; ++i) {
            Kind kind;
            const double x = 20 + 400 * number(0, 1), y = 30 + 34 * i;
            switch (number(0, 4)) {
            case 0:
                maker.line(within(proven(kind)), 20, y);
                break;
            case 1:
                maker.line(one({"Customer", "E-mail", "Card number", "Tenant", "Phone"}), 20, y)
                    .line(proven(kind), 220, y);
                break;
            case 2:
                maker.line(one({"Ilse Brandner", "Marek Vondra", "Torp, Jan", "A. Quell", "Aino Lahtela"}), x, y);
                break;
            case 3:
                maker.line(one({"Kaivokatu 7 B, 00100 Helsinki", "14 Mill Lane, Larkmoor LM1 2AB",
                                "Am Kirchanger 14, 83071 Stephansried"}),
                           x, y);
                break;
            default:
                maker.line(words(number(1, 6)), x, y);
            }
        }
        return maker.page();
    }

private:
    static QString spaced(const QString& text, int every) {
        QString made;
        for (qsizetype i = 0; i < text.size(); ++i) {
            if (i > 0 && i % every == 0) made += u' ';
            made += text[i];
        }
        return made;
    }
    std::mt19937 m_random;
};

QStringList told(const Page& page) {
    QStringList all;
    for (const Finding& f : finder().find(page, everything(), {})) all << kindName(f.kind) + u' ' + f.text;
    return all;
}

Page scaled(Page page, double scale) {
    const auto to = [&](const QRectF& box) { return QRectF(box.topLeft() * scale, box.size() * scale); };
    page.size = (QSizeF(page.size) * scale).toSize();
    for (TextLine& line : page.lines) {
        line.box = to(line.box);
        line.xHeight *= scale;
        line.baseline *= scale;
        for (Word& word : line.words) {
            word.box = to(word.box);
            for (Glyph& glyph : word.glyphs) glyph.box = to(glyph.box);
        }
    }
    return page;
}

} // namespace

TEST_CASE("what its form proves is found whole, whatever stands around it") {
    Maker make(11);
    for (int round = 0; round < 400; ++round) {
        Kind kind;
        const QString value = make.proven(kind), line = make.within(value);
        made::PageMaker maker;
        for (int i = make.number(0, 3); i > 0; --i) maker.line(make.words(make.number(2, 6)));
        const Page page = maker.line(line).line(make.words(3)).page();
        INFO(line.toStdString());
        const std::vector<Finding> found = finder().find(page, everything(), {});
        for (const Finding& f : found) UNSCOPED_INFO(kindName(f.kind).toStdString() << " " << f.text.toStdString());
        CHECK(std::any_of(found.begin(), found.end(),
                          [&](const Finding& f) { return f.kind == kind && f.text == value; }));
    }
}

TEST_CASE("findings have places on the page, a reason and a confidence, and no two share a place") {
    for (unsigned seed = 0; seed < 60; ++seed) {
        CAPTURE(seed);
        Maker make(seed);
        const Page page = make.page(make.number(1, 20));
        std::vector<QRectF> boxes;
        for (const Finding& f : finder().find(page, everything(), {})) {
            CHECK_FALSE(f.text.isEmpty());
            CHECK_FALSE(f.reason.isEmpty());
            CHECK_FALSE(f.reason.contains(f.text));
            CHECK((f.confidence > 0 && f.confidence <= 1));
            REQUIRE_FALSE(f.boxes.empty());
            for (const QRectF& box : f.boxes) {
                CHECK(QRectF(QPointF(), QSizeF(page.size)).contains(box));
                for (const QRectF& other : boxes) {
                    const QRectF shared = box.intersected(other);
                    CHECK(shared.width() * shared.height() == Approx(0).margin(0.01));
                }
                boxes.push_back(box);
            }
        }
    }
}

TEST_CASE("how large a page is drawn changes nothing that is found on it") {
    for (unsigned seed = 100; seed < 130; ++seed) {
        CAPTURE(seed);
        Maker make(seed);
        const Page page = make.page(make.number(3, 18));
        const QStringList usual = told(page);
        for (const double scale : {1.25, 2.0, 3.0}) CHECK(told(scaled(page, scale)) == usual);
    }
}

TEST_CASE("more on a page takes nothing from what its form proves") {
    for (unsigned seed = 200; seed < 230; ++seed) {
        CAPTURE(seed);
        Maker make(seed);
        Kind kind;
        const QString value = make.proven(kind);
        Page page = make.page(make.number(1, 16));
        made::PageMaker one;
        const TextLine line = one.line(make.within(value), 20, 30 + 34 * 18).page().lines.front();
        page.lines.push_back(line);
        CHECK(told(page).contains(kindName(kind) + u' ' + value));
    }
}
