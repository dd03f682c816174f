// Type that is struck through, framed, shadowed, set apart, of its ground's lightness, or runs up and down: it is read,
// and what it says is found.
#include "finding/finder.h"
#include "reading/hue_contrast.h"
#include "reading/lightness.h"
#include "reading/reader.h"
#include "support/everything.h"
#include "support/made.h"

#include <catch2/catch.hpp>

using namespace eyelid;

namespace {

QStringList textsOf(const Page& page) {
    QStringList texts;
    for (const TextLine& line : page.lines) texts << line.text();
    return texts;
}

QImage sheet(QColor ground, int width = 760, int height = 260) {
    QImage image(width, height, QImage::Format_RGB32);
    image.fill(ground);
    return image;
}

const QStringList samples{QStringLiteral("Meter reading 4471 taken"), QStringLiteral("oskar.weir@mail.example"),
                          QStringLiteral("GB29 NWBK 6016 1331 9268 19")};

void draw(QImage& image, const QFont& font, QColor ink, const QStringList& texts, QPoint from = {30, 50}) {
    QPainter painter(&image);
    painter.setFont(font);
    painter.setPen(ink);
    for (const QString& text : texts) {
        painter.drawText(from, text);
        from.ry() += 50;
    }
}

} // namespace

TEST_CASE("letters set apart are words") {
    for (const double em : {0.15, 0.2, 0.3}) {
        QImage image = sheet(Qt::white);
        QFont font = made::font(15, QStringLiteral("DejaVu Sans"));
        font.setLetterSpacing(QFont::AbsoluteSpacing, em * 15);
        draw(image, font, Qt::black, samples);
        INFO(em);
        CHECK(textsOf(readWhole(image)) == samples);
    }
}

TEST_CASE("a bar in code stays a bar") {
    const QStringList code{QStringLiteral("grep -E 'open|closed' weir.log"), QStringLiteral("answer yes|no here")};
    for (const char* family : {"JetBrains Mono", "DejaVu Sans Mono", "Inter"}) {
        QImage image = sheet(Qt::white);
        draw(image, made::font(15, QString::fromLatin1(family)), Qt::black, code);
        INFO(family);
        CHECK(textsOf(readWhole(image)) == code);
    }
}

TEST_CASE("type that differs from its ground in hue alone is read where it stands") {
    // Both have a lightness of 120.
    const QColor ground(158, 118, 58), ink(88, 127, 186);
    REQUIRE(std::abs(qGray(ground.rgb()) - qGray(ink.rgb())) < 6);
    QImage image = sheet(ground);
    draw(image, made::font(15), ink, samples);
    const Page page = readWhole(image);
    CHECK(textsOf(page) == samples);
    REQUIRE_FALSE(page.lines.empty());
    CHECK(std::abs(page.lines[0].box.left() - 31) < 3);
}

TEST_CASE("a picture whose type differs in lightness has no places of hue") {
    QImage image = sheet(QColor(246, 242, 234));
    draw(image, made::font(15), QColor(194, 96, 46), samples);
    const QImage lightness = lightnessOf(image);
    const HueContrast contrast = HueLook().at(image, lightness);
    CHECK(contrast.places.empty());
    CHECK(contrast.levels == lightness);
}

TEST_CASE("where hue tells is the same after another picture as by itself") {
    const QColor ground(158, 118, 58), ink(88, 127, 186);
    HueLook kept;
    for (const int y : {50, 120, 121, 190}) {
        QImage image = sheet(y < 190 ? ground : QColor(Qt::white));
        draw(image, made::font(15), ink, {samples[0]}, {30, y});
        const QImage lightness = lightnessOf(image);
        const HueContrast after = kept.at(image, lightness), alone = HueLook().at(image, lightness);
        INFO(y);
        CHECK(after.places == alone.places);
        CHECK(after.levels == alone.levels);
        CHECK(after.places.empty() == (y == 190));
    }
}

TEST_CASE("type that is struck through is read, and the line knows its stroke") {
    QImage image = sheet(Qt::white);
    QFont font = made::font(16, QStringLiteral("Liberation Sans"));
    font.setStrikeOut(true);
    draw(image, font, Qt::black, {samples[1], samples[2]});
    const Page page = readWhole(image);
    const QStringList texts = textsOf(page);
    REQUIRE(texts.size() == 2);
    // As long as the value; finding's places take it in.
    REQUIRE(page.lines[0].rules.size() == 1);
    CHECK(page.lines[0].rules[0].width() > 0.9 * page.lines[0].box.width());
    CHECK(texts[0].contains(QStringLiteral("@mail.example")));
    CHECK(texts[1].startsWith(QStringLiteral("GB29 NWBK 6016")));
}

TEST_CASE("a tight frame is none of the letters within it") {
    QImage image = sheet(QColor(238, 243, 246));
    draw(image, made::font(14, QStringLiteral("DejaVu Sans")), QColor(34, 49, 59), {samples[1], samples[2]});
    QPainter painter(&image);
    painter.setPen(QPen(QColor(120, 120, 120), 2));
    const QFontMetrics metrics(made::font(14, QStringLiteral("DejaVu Sans")));
    for (int i = 1; i <= 2; ++i)
        painter.drawRect(QRect(28, 50 * i - 12, metrics.horizontalAdvance(samples[i]) + 4, 16));
    painter.end();
    const Page page = readWhole(image);
    REQUIRE(page.lines.size() == 2);
    CHECK(textsOf(page)[0] == samples[1]);
    CHECK(textsOf(page)[1].remove(u' ') == QString(samples[2]).remove(u' '));
    // What frames a value is as long as it is: the place of the finding takes it in.
    const std::vector<Finding> found = Finder().find(page, *loadPolicy(QStringLiteral("everything")), {});
    REQUIRE(found.size() == 2);
    CHECK(found[1].boxes[0].left() <= 28);
    CHECK(found[1].boxes[0].bottom() >= 103);
}

TEST_CASE("of letters and their shadow the letters are read") {
    QImage image = sheet(QColor(150, 150, 150));
    const QFont font = made::font(15, QStringLiteral("DejaVu Sans"));
    draw(image, font, QColor(60, 60, 60), samples, {31, 51});
    draw(image, font, Qt::white, samples);
    CHECK(textsOf(readWhole(image)) == samples);
}

TEST_CASE("a page that lies on its side is read, and its labels speak for what stands beside them") {
    QImage upright = sheet(Qt::white, 700, 300);
    const QStringList labels{QStringLiteral("Name"), QStringLiteral("Account number"), QStringLiteral("User name"),
                             QStringLiteral("Passport number")};
    const QStringList values{QStringLiteral("Ines Hartwell"), QStringLiteral("20243767"), QStringLiteral("ihartwell53"),
                             QStringLiteral("Z19494206")};
    draw(upright, made::font(15), QColor(90, 90, 90), labels);
    draw(upright, made::font(15), Qt::black, values, {260, 50});
    for (const int turned : {90, 270}) {
        const Page page = readWhole(upright.transformed(QTransform().rotate(turned)));
        INFO(turned);
        for (const QString& text : labels + values) CHECK(textsOf(page).contains(text));
        QStringList found;
        for (const Finding& f : Finder().find(page, *loadPolicy(QStringLiteral("everything")), {})) {
            found << f.text;
            CHECK(f.boxes[0].height() > f.boxes[0].width()); // on the page as it lies
        }
        for (const QString& value : values) CHECK(found.contains(value));
    }
}

TEST_CASE("type of a script there are no letters for is told as illegible, and nothing else on the page is") {
    const QImage picture =
        made::picture({QStringLiteral("Pressure fell at the lower weir"),
                       QString::fromUtf8("Хранить вдали от детей и огня"), QStringLiteral("Telefon: 030 23125 001"),
                       QStringLiteral("sk_4hT9qLm2Xw7Zr1Vb8"), QStringLiteral("ZG-4471/B 10.0.2 [ok]")},
                      15, Qt::black, Qt::white, QStringLiteral("DejaVu Sans"));
    Reader reader(1);
    Progress progress;
    const auto page = reader.read(picture, {}, progress);
    REQUIRE(page);
    REQUIRE(page->illegible.size() == 1);
    CHECK(QRectF(15, 40, 400, 40).contains(page->illegible[0]));

    static const Finder finder;
    const auto found = finder.find(*page, *loadPolicy(QStringLiteral("everything")), {});
    const auto isIt = [](const Finding& f) { return f.kind == Kind::Illegible; };
    REQUIRE(std::count_if(found.begin(), found.end(), isIt) == 1);
    const Finding& f = *std::find_if(found.begin(), found.end(), isIt);
    CHECK(f.boxes.front() == page->illegible[0]);
    CHECK(f.text.isEmpty());
    const auto cards = finder.find(*page, *loadPolicy(QStringLiteral("payment")), {});
    CHECK(std::none_of(cards.begin(), cards.end(), isIt));
    // A look for faint ink sees much that is none.
    CHECK(reader.read(picture, {.faint = true}, progress)->illegible.empty());
}

TEST_CASE("type in outlined buttons is read, whatever their ends and however thick their edges") {
    const QStringList labels{QStringLiteral("Maria Keller"), QStringLiteral("555 0143"),
                             QStringLiteral("Guardar cambios")};
    for (const double edge : {1.0, 2.0, 3.0})
        for (const double round : {0.0, 6.0, 18.0}) {
            QImage image = sheet(Qt::white, 760, 120);
            QPainter painter(&image);
            painter.setRenderHint(QPainter::Antialiasing);
            painter.setFont(made::font(14, QStringLiteral("Inter")));
            painter.setPen(QPen(QColor(0x66, 0x61, 0x5b), edge));
            QRectF button(20, 40, 190, 36);
            for (const QString& label : labels) {
                painter.drawRoundedRect(button, round, round);
                painter.drawText(button, Qt::AlignCenter, label);
                button.translate(button.width() + 14, 0);
            }
            painter.end();
            INFO(edge << " " << round);
            CHECK(textsOf(readWhole(image)) == labels);
        }
}

TEST_CASE("type under dotted and wavy lines keeps its spaces and its letters") {
    const QStringList texts{QStringLiteral("Account 44718"), QStringLiteral("Maria Keller"),
                            QStringLiteral("rosa@mail.example")};
    for (const bool wavy : {false, true}) {
        QImage image = sheet(Qt::white);
        const QFont font = made::font(15, QStringLiteral("Inter"));
        draw(image, font, Qt::black, texts);
        for (int row = 0; row < 3; ++row) {
            const int width = QFontMetrics(font).horizontalAdvance(texts[row]);
            for (int x = 0; x < width; ++x) {
                if (!wavy && x % 2) continue;
                image.setPixelColor(30 + x, 54 + 50 * row + (wavy ? std::abs(x % 6 - 3) : 0),
                                    wavy ? Qt::red : Qt::black);
            }
        }
        INFO(wavy);
        CHECK(textsOf(readWhole(image)) == texts);
    }
}

TEST_CASE("dots that lead to a number are no line under type") {
    QImage image = sheet(Qt::white);
    draw(image, made::font(15, QStringLiteral("Inter")), Qt::black, {QStringLiteral("Weir house ........ 12")});
    CHECK(textsOf(readWhole(image)).join(QLatin1Char(' ')).contains(QStringLiteral("....")));
}

TEST_CASE("underscores are no line under type, however many") {
    const QStringList names{QStringLiteral("a_b_c_d_e_f_g_h"), QStringLiteral("AV_Ty_raf_T_W_x"),
                            QStringLiteral("k_weir_ops_2")};
    for (const char* family : {"DejaVu Sans", "DejaVu Sans Mono", "Liberation Sans", "Roboto"}) {
        QImage image = sheet(Qt::white);
        draw(image, made::font(15, QString::fromLatin1(family)), Qt::black, names);
        INFO(family);
        for (const QString& text : textsOf(readWhole(image))) CHECK(text.count(u'_') >= 2);
        CHECK(textsOf(readWhole(image)).first() == names.first());
    }
}

TEST_CASE("a line of which a part is selected is read as one, also within a word") {
    const QFont font = made::font(15, QStringLiteral("DejaVu Sans"));
    const QFontMetrics metrics(font);
    for (const auto& [before, selected] : {std::pair{QStringLiteral("Elena "), QStringLiteral("Fuchs")},
                                           {QStringLiteral("rosa@exam"), QStringLiteral("ple.com")},
                                           {QStringLiteral("Account 44"), QStringLiteral("718 5")}}) {
        QImage image = sheet(Qt::white, 400, 90);
        QPainter painter(&image);
        painter.setFont(font);
        painter.drawText(30, 50, before);
        const int x = 30 + metrics.horizontalAdvance(before), width = metrics.horizontalAdvance(selected);
        painter.fillRect(x, 50 - metrics.ascent(), width, metrics.height(), QColor(0x00, 0x66, 0xcc));
        painter.setPen(Qt::white);
        painter.drawText(x, 50, selected);
        painter.end();
        CHECK(textsOf(readWhole(image)) == QStringList{before + selected});
    }
}

TEST_CASE(
    "what a search has marked is read, whole or within a word, in both themes, and is covered with all of its mark") {
    const QFont font = made::font(15, QStringLiteral("DejaVu Sans"));
    const QFontMetrics metrics(font);
    const QString before = QStringLiteral("Reach "), name = QStringLiteral("Peggy Kelling");
    struct Theme {
        QColor ground, ink;
    };
    for (const Theme& theme : {Theme{Qt::white, QColor(0x22, 0x22, 0x22)}, Theme{QColor(0x23, 0x21, 0x29), Qt::white}})
        for (const QColor mark : {QColor(0xff, 0xff, 0), QColor(0xff, 0xe0, 0x66), QColor(0xac, 0xf2, 0xbd)})
            for (const qsizetype from : {qsizetype(0), qsizetype(3)}) {
                QImage image = sheet(theme.ground, 400, 90);
                QPainter painter(&image);
                painter.setFont(font);
                painter.setPen(theme.ink);
                const QString plain = before + name.left(from);
                painter.drawText(30, 50, plain);
                const int x = 30 + metrics.horizontalAdvance(plain), width = metrics.horizontalAdvance(name.mid(from));
                const QRect marked(x, 50 - metrics.ascent(), width, metrics.height());
                painter.fillRect(marked, mark);
                painter.setPen(Qt::black);
                painter.drawText(x, 50, name.mid(from));
                painter.end();
                INFO(theme.ground.name().toStdString() << " " << mark.name().toStdString() << " " << from);
                const Page page = readWhole(image);
                CHECK(textsOf(page).join(u' ') == before + name);
                QRectF rules;
                for (const TextLine& line : page.lines)
                    for (const QRectF& rule : line.rules) rules = rules.united(rule);
                CHECK(rules.top() <= marked.top());
                CHECK(rules.bottom() >= marked.bottom());
            }
}

TEST_CASE("lines set close stand on no ground of their own: nothing but the letters says how high a value is") {
    for (const char* family : {"Liberation Serif", "DejaVu Sans", "Liberation Sans"}) {
        QImage image = sheet(Qt::white, 400, 130);
        QPainter painter(&image);
        const QStringList texts{QStringLiteral("Nadezda Spinka"), QStringLiteral("nadezda.spinka@example.org"),
                                QStringLiteral("Signed 23/06/2026 14:35 UTC   IP 192.0.2.40"),
                                QStringLiteral("b.hammes-ext@example.org"),
                                QStringLiteral("Signed 2026-02-11 11:50 UTC   IP 198.51.100.242")};
        const QFont font = made::font(14, QString::fromLatin1(family));
        for (int i = 0; i < texts.size(); ++i) {
            painter.setFont(font);
            painter.setPen(QColor(0x20, 0x30, 0x2a));
            painter.drawText(30, 30 + i * (QFontMetrics(font).height() + 1), texts[i]);
        }
        painter.end();
        INFO(family);
        for (const TextLine& line : readWhole(image).lines) CHECK(line.rules.empty());
    }
}

TEST_CASE("type struck through in another colour keeps its letters, in both themes") {
    const QStringList texts{QStringLiteral("Maria Keller"), QStringLiteral("Account 44718"),
                            QStringLiteral("Pending review")};
    for (const bool dark : {false, true}) {
        QImage image = sheet(dark ? QColor(0x23, 0x21, 0x29) : QColor(Qt::white));
        const QFont font = made::font(15, QStringLiteral("Inter"));
        draw(image, font, dark ? QColor(0xee, 0xee, 0xee) : QColor(0x22, 0x22, 0x22), texts);
        QPainter painter(&image);
        for (int row = 0; row < 3; ++row)
            painter.fillRect(30, 46 + 50 * row, QFontMetrics(font).horizontalAdvance(texts[row]), 1, Qt::red);
        painter.end();
        INFO(dark);
        CHECK(textsOf(readWhole(image)) == texts);
    }
}

TEST_CASE("a colon behind a quotation mark stays with its word in large type of one pitch") {
    const QStringList texts{QStringLiteral("\"plz\": \"5271\", \"aktiv\": true"),
                            QStringLiteral("\"name\": \"Maria Keller\""), QStringLiteral("\"ort\": \"Wexley\"")};
    QImage image = sheet(QColor(0x1b, 0x1f, 0x27), 700);
    draw(image, made::font(26, QStringLiteral("Liberation Mono")), QColor(0xd9, 0xde, 0xe6), texts);
    CHECK(textsOf(readWhole(image)) == texts);
}

TEST_CASE("letters right beside the edge of a column are read, and so is what they are underlined with") {
    const QStringList texts{QStringLiteral("9 Denesik Field"), QStringLiteral("South Weir, EU41 7PL"),
                            QStringLiteral("rsauer@mail.example"), QStringLiteral("+54182288107")};
    for (const bool framed : {false, true})
        for (const bool underlined : {false, true}) {
            QImage image = sheet(Qt::white, 500, 300);
            QFont font = made::font(16, QStringLiteral("Open Sans"));
            font.setBold(!underlined);
            font.setUnderline(underlined);
            draw(image, font, QColor(0x49, 0x49, 0x49), texts, {8, 50});
            QPainter painter(&image);
            const QColor edge(0x34, 0x49, 0x5e);
            painter.fillRect(0, 0, 8, 300, edge);
            if (framed) {
                painter.fillRect(492, 0, 8, 300, edge);
                for (const int y : {20, 70, 120, 170, 220}) painter.fillRect(0, y, 500, 1, QColor(0xcc, 0xcc, 0xcc));
            }
            painter.end();
            INFO(framed << underlined);
            CHECK(textsOf(readWhole(image)) == texts);
        }
}

TEST_CASE("letters with heavy serifs are no grounds that something stands on") {
    for (const int pixels : {24, 32, 37}) {
        const QStringList texts{QStringLiteral("Hlengiwe Mehloluhlaza"), QStringLiteral("Karma Trantow"),
                                QStringLiteral("Sari Nieminen")};
        QImage image = sheet(Qt::white);
        QFont font = made::font(pixels, QStringLiteral("Liberation Serif"));
        font.setBold(true);
        draw(image, font, Qt::black, texts);
        INFO(pixels);
        CHECK(textsOf(readWhole(image)) == texts);
    }
}

TEST_CASE("heavy letters set close, which cover more than their ground, are read in either polarity") {
    const QStringList texts{QStringLiteral("HERMINE KAISER")};
    for (const bool dark : {false, true})
        for (const int pixels : {24, 36}) {
            QImage image = sheet(dark ? QColor(0x23, 0x21, 0x29) : QColor(Qt::white));
            QFont font = made::font(pixels, QStringLiteral("Open Sans"));
            font.setWeight(QFont::ExtraBold);
            font.setLetterSpacing(QFont::AbsoluteSpacing, -pixels / 24.0);
            draw(image, font, dark ? QColor(0xee, 0xee, 0xee) : QColor(0x33, 0x33, 0x33), texts);
            INFO(dark << " " << pixels);
            CHECK(textsOf(readWhole(image)) == texts);
        }
}

TEST_CASE("what is underlined keeps the feet of its letters where a comma or a tail touches the line") {
    for (const char* text : {"South Veum, EU41 7KZ", "Weir, Pump and Valve", "query, gauge; 4471"}) {
        QImage image = sheet(Qt::white);
        QFont font = made::font(16, QStringLiteral("Open Sans"));
        font.setUnderline(true);
        draw(image, font, QColor(0x49, 0x49, 0x49), {QString::fromLatin1(text)});
        CHECK(textsOf(readWhole(image)) == QStringList{QString::fromLatin1(text)});
    }
}

TEST_CASE("heavy letters that touch are no ground that something lighter stands on") {
    for (const char* text : {"Fatima Wasiu", "Susan Mauser"})
        for (const int pixels : {24, 30}) {
            QImage image = sheet(QColor(0xf7, 0xf3, 0xea));
            QFont font = made::font(pixels, QStringLiteral("Liberation Sans"));
            font.setBold(true);
            font.setLetterSpacing(QFont::AbsoluteSpacing, -pixels / 40.0);
            draw(image, font, QColor(0x33, 0x29, 0x1d), {QString::fromLatin1(text)});
            INFO(text << " " << pixels);
            CHECK(textsOf(readWhole(image)) == QStringList{QString::fromLatin1(text)});
        }
}
