// Letters and figures that each stand in a box of their own: one word, whatever they were read as alone.
#include "reading/combs.h"
#include "support/everything.h"
#include "support/made.h"

#include <QPainter>

using namespace eyelid;

namespace {

constexpr double pitch = 24;

// A letter a box from `x` on; a space leaves a box empty.
std::vector<TextLine> boxes(const QString& text, double x = 20, double y = 40, double apart = pitch) {
    made::PageMaker maker;
    for (qsizetype i = 0; i < text.size(); ++i)
        if (text[i] != u' ') maker.line(text.mid(i, 1), x + apart * double(i), y);
    return maker.page().lines;
}

QStringList joined(std::vector<TextLine> lines) {
    joinCombs(lines);
    QStringList texts;
    for (const TextLine& line : lines) texts << line.text();
    return texts;
}

} // namespace

TEST_CASE("letters in boxes are words, parted where a box is empty") {
    CHECK(joined(boxes(QStringLiteral("ROWENA"))) == QStringList{QStringLiteral("ROWENA")});
    CHECK(joined(boxes(QStringLiteral("VAN WYK"))) == QStringList{QStringLiteral("VAN WYK")});
    CHECK(joined(boxes(QStringLiteral("447112"))) == QStringList{QStringLiteral("447112")});
    std::vector<TextLine> lines = boxes(QStringLiteral("ROWENA"));
    const QRectF first = lines.front().box, last = lines.back().box;
    joinCombs(lines);
    REQUIRE(lines.size() == 1);
    CHECK(lines[0].box == first.united(last));
    CHECK(lines[0].words[0].glyphs.size() == 6);
}

TEST_CASE("a letter read as a figure alone in its box is the letter among others, and a figure among figures") {
    CHECK(joined(boxes(QStringLiteral("L0RENZ0"))) == QStringList{QStringLiteral("LORENZO")});
    CHECK(joined(boxes(QStringLiteral("QU1NCY"))) == QStringList{QStringLiteral("QUINCY")});
    CHECK(joined(boxes(QStringLiteral("44O7l12"))) == QStringList{QStringLiteral("4407112")});
    CHECK(joined(boxes(QStringLiteral("LR61KHO"))) == QStringList{QStringLiteral("LR61KHO")});
    CHECK(joined(boxes(QStringLiteral("LM47QP"))) == QStringList{QStringLiteral("LM47QP")}); // as it was read
}

TEST_CASE("what counts on, stands far apart or is of few letters stays as it is") {
    CHECK(joined(boxes(QStringLiteral("12345"))).size() == 5);             // pages of a list
    CHECK(joined(boxes(QStringLiteral("ABCDEF"))).size() == 6);            // columns of a sheet
    CHECK(joined(boxes(QStringLiteral("86420"))).size() == 5);             // marks of an axis
    CHECK(joined(boxes(QStringLiteral("MTWTF"), 20, 40, 90)).size() == 5); // days over a wide calendar
    CHECK(joined(boxes(QStringLiteral("YNY"))).size() == 3);               // answers
    std::vector<TextLine> uneven = boxes(QStringLiteral("RO")), rest = boxes(QStringLiteral("WE"), 130);
    uneven.insert(uneven.end(), rest.begin(), rest.end());
    CHECK(joined(uneven).size() == 4);
}

TEST_CASE("rows of single figures at the same places are a table's; in boxes with walls each row is a word") {
    std::vector<TextLine> table = boxes(QStringLiteral("4211")), under = boxes(QStringLiteral("3102"), 20, 64);
    table.insert(table.end(), under.begin(), under.end());
    CHECK(joined(table).size() == 8);
    for (TextLine& line : table) line.rules.push_back(line.box);
    CHECK(joined(table) == QStringList{QStringLiteral("4211"), QStringLiteral("3102")});
}

TEST_CASE("walls between boxes that were read as bars are taken out, and bars between words stay") {
    const auto read = [](const char* text) {
        made::PageMaker maker;
        maker.line(QString::fromLatin1(text));
        return joined(maker.page().lines);
    };
    CHECK(read("L|0|R|E|N|z|E|N") == QStringList{QStringLiteral("LORENZEN")});
    CHECK(read("|V|A|N||W|Y|K|") == QStringList{QStringLiteral("VAN WYK")});
    CHECK(read("yes|no|maybe|never") == QStringList{QStringLiteral("yes|no|maybe|never")});
    CHECK(read("A|B|C|D") == QStringList{QStringLiteral("A|B|C|D")});
}

TEST_CASE("a form's boxes are read and what its label announces is found in them") {
    QImage picture(640, 200, QImage::Format_RGB32);
    picture.fill(Qt::white);
    QPainter painter(&picture);
    QFont type(QStringLiteral("Liberation Mono"));
    type.setPixelSize(15);
    painter.setFont(type);
    painter.setPen(Qt::black);
    painter.drawText(20, 40, QStringLiteral("Surname"));
    const QString name = QStringLiteral("LORENZEN");
    for (qsizetype i = 0; i < name.size(); ++i) {
        const QRect box(20 + 24 * int(i), 56, 24, 26);
        painter.setPen(QColor(150, 150, 150));
        painter.drawRect(box);
        painter.setPen(Qt::black);
        painter.drawText(box, Qt::AlignCenter, name.mid(i, 1));
    }
    painter.end();
    const Page page = readWhole(picture);
    QStringList found;
    for (const Finding& f : finder().find(page, everything(), {}))
        if (f.kind == Kind::Person) found << f.text;
    CHECK(found == QStringList{name});
}
