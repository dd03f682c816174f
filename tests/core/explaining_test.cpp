// Marks and framing in a case: done, undone, kept, cut away.
#include "casefile/case.h"
#include "casefile/case_json.h"
#include "casefile/case_summary.h"
#include "casefile/own_sign.h"
#include "casefile/together.h"
#include "language/dictionary.h"
#include "pipeline/case_work.h"
#include "support/everything.h"
#include "support/made.h"
#include "support/random_edits.h"

#include <catch2/catch.hpp>
#include <QFile>
#include <QTemporaryDir>

using namespace eyelid;

namespace {

QImage accountPage() {
    return made::picture({QStringLiteral("Account overview"), QStringLiteral("Ines Hartwell, 01632 960 417"),
                          QStringLiteral("Larkmoor Water")});
}

Finding personAt(const QRectF& place) {
    Finding f;
    f.kind = Kind::Person;
    f.text = QStringLiteral("Ines Hartwell");
    f.key = QStringLiteral("ines hartwell");
    f.boxes = {place};
    f.textHeight = 8;
    f.confidence = 0.9;
    f.reason = QStringLiteral("is a name");
    return f;
}

Mark lineFrom(double x) {
    Mark mark;
    mark.kind = MarkKind::Line;
    mark.points = {{x, 10}, {x + 50, 40}};
    return mark;
}

// As though it had been read and searched.
void found(Case& open, int capture, const std::vector<Finding>& findings) {
    auto read = std::make_shared<const Page>();
    open.setRead(capture, {open.capture(capture)->picture, open.terms().languages, read});
    open.setFindings(capture, findings, open.terms(), read);
}

} // namespace

TEST_CASE("a thousand steps of marking and framing, undone and done again in any order, lead to the same pictures") {
    std::mt19937 random(3);
    Case open(everything());
    const int id = open.add(accountPage(), {});
    open.cover(id, {CoverShape(QRect(10, 40, 200, 24))}, {CoverStyle::Blur, 0.5});
    const QSize size = accountPage().size();
    std::vector<QImage> pictures;
    const auto now = [&] { return render(accountPage(), open.edits(*open.capture(id))); };
    for (int i = 0; i < 1000; ++i) {
        const auto& marks = open.capture(id)->marks;
        const auto any = [&] { return marks[random() % marks.size()]; };
        switch (marks.empty() ? 0 : random() % 8) {
        case 0:
        case 1:
            open.addMark(id, made::randomMark(0, size, random));
            break;
        case 2: {
            Mark mark = translated(any(), {double(random() % 20), 3});
            open.setMarks({mark}, QStringLiteral("moving"));
            break;
        }
        case 3:
            open.removeMarks({any().id});
            break;
        case 4:
            open.arrangeMarks({any().id}, random() % 2);
            break;
        case 5:
            open.duplicateMarks({any().id});
            break;
        case 6:
            open.setFraming(id, made::randomFraming(size, random));
            break;
        case 7:
            if (random() % 2)
                open.undo();
            else
                open.redo();
        }
        if (open.capture(id)->marks.size() > 12) open.removeMarks({open.capture(id)->marks.front().id});
    }
    const size_t steps = open.history().length();
    const QImage end = now();
    for (int i = 0; i < 40; ++i) {
        pictures.push_back(now());
        open.undo();
    }
    for (int i = 0; i < 40; ++i) {
        open.redo();
        REQUIRE(now() == pictures[size_t(39 - i)]);
    }
    CHECK(open.history().length() == steps);
    CHECK(now() == end);
    // On disk and back they are the same as well.
    const auto back = stateFromJson(stateToJson(open.state()));
    REQUIRE(back);
    CHECK(back->captures.front().marks == open.capture(id)->marks);
    CHECK(back->captures.front().framing == open.capture(id)->framing);
    for (const Change& change : open.history().done()) REQUIRE(changeFromJson(changeToJson(change)));
    while (open.history().canUndo()) open.undo();
    CHECK(open.captures().isEmpty());
}

TEST_CASE("what a crop cuts away needs no decision, and is open again when the crop goes") {
    Case open(everything());
    const int id = open.add(accountPage(), {});
    found(open, id, {personAt({20, 44, 100, 14})});
    CHECK(open.counts().open == 1);
    Framing framing;
    framing.crop = QRect(0, 70, 400, 40);
    open.setFraming(id, framing);
    CHECK(open.counts().open == 0);
    REQUIRE(open.items(id).size() == 1);
    CHECK(open.items(id)[0].cutAway);
    // Its value must not be read anywhere else, as though it were covered.
    CHECK(valuesCovered(open.state()).size() == 1);
    framing.crop = QRect(0, 50, 400, 60); // a part of it shows
    open.setFraming(id, framing);
    CHECK(open.counts().open == 1);
    open.undo();
    open.undo();
    CHECK(open.counts().open == 1);
    CHECK_FALSE(open.items(id)[0].cutAway);
}

TEST_CASE("another framing or mark asks for a second officer's look again") {
    Case open(everything());
    const int id = open.add(accountPage(), {});
    const QByteArray before = decisionsDigest(open.state());
    open.addMark(id, lineFrom(20));
    const QByteArray marked = decisionsDigest(open.state());
    CHECK(marked != before);
    Framing framing;
    framing.quarters = 1;
    open.setFraming(id, framing);
    CHECK(decisionsDigest(open.state()) != marked);
}

TEST_CASE("a locked mark stays until it is unlocked; a mark that is not whole is not taken") {
    Case open(everything());
    const int id = open.add(accountPage(), {});
    Mark mark = lineFrom(20);
    mark.locked = true;
    const int line = open.addMark(id, mark);
    open.removeMarks({line});
    CHECK(open.mark(line));
    mark.points.clear();
    CHECK(open.addMark(id, mark) == 0);
    mark = lineFrom(20);
    mark.points[1].setX(std::nan(""));
    CHECK(open.addMark(id, mark) == 0);
}

TEST_CASE("a step that goes leaves no gap, and one is counted earlier") {
    Case open(everything());
    const int id = open.add(accountPage(), {});
    std::vector<int> steps;
    for (int i = 0; i < 4; ++i) {
        Mark step;
        step.kind = MarkKind::Step;
        step.points = {{10.0 * i, 20}};
        step.text = QStringLiteral("s%1").arg(i);
        steps.push_back(open.addMark(id, step));
    }
    open.removeMarks({steps[1]});
    CHECK(stepsAsText(open.capture(id)->marks) == QStringLiteral("1. s0\n2. s2\n3. s3"));
    open.moveStep(steps[3], -2);
    CHECK(stepsAsText(open.capture(id)->marks) == QStringLiteral("1. s3\n2. s0\n3. s2"));
    open.arrangeMarks({steps[0]}, true); // in front of the others is not after them
    CHECK(stepsAsText(open.capture(id)->marks) == QStringLiteral("1. s3\n2. s0\n3. s2"));
    open.undo();
    open.undo();
    open.undo();
    CHECK(stepsAsText(open.capture(id)->marks) == QStringLiteral("1. s0\n2. s1\n3. s2\n4. s3"));
}

TEST_CASE("a capture cut into parts is as many captures of one picture, each with what was decided") {
    Case open(everything());
    const int id = open.add(accountPage(), {});
    found(open, id, {personAt({20, 44, 100, 14})});
    open.decide(open.items(id)[0].id, Scope::One, Decision::Cover);
    open.addMark(id, lineFrom(20));
    const QSize size = accountPage().size();
    const int first =
        open.cutIntoParts(id, {QRect(0, 0, size.width(), 60), QRect(0, 60, size.width(), size.height() - 60)});
    REQUIRE(open.captures().size() == 3);
    const Capture* part = open.capture(first);
    REQUIRE(part);
    CHECK(part->picture == open.capture(id)->picture);
    CHECK(part->reading == Capture::Reading::Done); // of one picture one reading
    CHECK(open.items(first)[0].decision == Decision::Cover);
    CHECK(part->marks.size() == 1);
    CHECK(part->marks[0].id != open.capture(id)->marks[0].id);
    CHECK(render(accountPage(), open.edits(*part)).height() == 60);
    open.undo();
    CHECK(open.captures().size() == 1);
}

TEST_CASE("captures put together are one capture on which all that was decided stands where it stood") {
    Case open(everything());
    const int one = open.add(accountPage(), {}), two = open.add(accountPage(), {});
    found(open, one, {personAt({20, 44, 100, 14})});
    open.decide(open.items(one)[0].id, Scope::One, Decision::Cover);
    open.cover(two, {CoverShape(QRect(10, 10, 50, 20))}, {CoverStyle::Solid, 0.5});
    open.addMark(two, lineFrom(20));
    Framing framing;
    framing.crop = QRect(0, 0, 450, 100);
    open.setFraming(two, framing);
    TogetherLayout layout;
    layout.arrange = TogetherLayout::Arrange::Column;
    CHECK_FALSE(layout.captions); // names of captures stay in the case, unless somebody wants them to leave
    layout.captions = true;
    const std::vector<Capture> captures{*open.capture(one), *open.capture(two)};
    const Together whole = together(captures, {accountPage(), accountPage()}, layout);
    REQUIRE(whole.parts.size() == 2);
    // Scaled to one width, that of the smaller.
    CHECK(whole.picture.width() == 450 + 2 * layout.gap);
    const int id = open.putTogether(whole, Case::ready(whole.picture, nullptr));
    REQUIRE(open.capture(id));
    REQUIRE(open.items(id).size() == 1);
    CHECK(open.items(id)[0].decision == Decision::Cover);
    CHECK(whole.parts[0].place.contains(open.items(id)[0].finding.boxes[0]));
    REQUIRE(open.capture(id)->hands.size() == 1);
    CHECK(whole.parts[1].place.toAlignedRect().contains(
        open.capture(id)->hands[0].shape.region(whole.picture.size()).boundingRect()));
    CHECK(open.capture(id)->marks.size() == 3); // the line, and two captions
    // Found again, it is the same finding.
    found(open, id, {open.items(id)[0].finding});
    CHECK(open.items(id).size() == 1);
    CHECK(open.items(id)[0].decision == Decision::Cover);
    open.undo();
    CHECK_FALSE(open.capture(id));
}

TEST_CASE("captures of any framing and number are put together without one lying on another") {
    std::mt19937 random(6);
    for (int round = 0; round < 60; ++round) {
        std::vector<Capture> captures;
        std::vector<QImage> pictures;
        for (size_t i = 0; i < 1 + random() % 5; ++i) {
            Capture capture;
            capture.id = int(i) + 1;
            capture.name = QStringLiteral("Capture");
            QImage picture(20 + int(random() % 300), 20 + int(random() % 200), QImage::Format_RGB32);
            picture.fill(Qt::gray);
            capture.size = picture.size();
            if (random() % 2) capture.framing = made::randomFraming(capture.size, random);
            captures.push_back(capture);
            pictures.push_back(picture);
        }
        TogetherLayout layout;
        layout.arrange = TogetherLayout::Arrange(random() % 3);
        layout.align = TogetherLayout::Align(random() % 3);
        layout.sameSize = random() % 2;
        layout.captions = random() % 2;
        layout.gap = int(random() % 30);
        const Together whole = together(captures, pictures, layout);
        REQUIRE(whole.parts.size() == captures.size());
        for (size_t i = 0; i < whole.parts.size(); ++i) {
            REQUIRE(QRectF(whole.picture.rect()).adjusted(-1, -1, 1, 1).contains(whole.parts[i].place));
            for (size_t j = 0; j < i; ++j)
                REQUIRE(whole.parts[i].place.intersected(whole.parts[j].place).width() *
                            whole.parts[i].place.intersected(whole.parts[j].place).height() <=
                        whole.parts[i].place.height() + whole.parts[i].place.width());
        }
    }
}

TEST_CASE("a signature is kept so that its file alone shows nothing, and one that was altered is not taken") {
    QTemporaryDir folder;
    const QByteArray png = "\x89PNG not really, but bytes that must come back";
    REQUIRE(keepSign(folder.path(), png));
    CHECK(*keptSign(folder.path()) == png);
    QFile file(folder.filePath(QStringLiteral("signature")));
    REQUIRE(file.open(QIODevice::ReadWrite));
    const QByteArray sealed = file.readAll();
    CHECK_FALSE(sealed.contains("PNG"));
    file.seek(sealed.size() - 1);
    file.putChar(sealed.back() ^ 1);
    file.close();
    CHECK_FALSE(keptSign(folder.path()));
    REQUIRE(forgetSign(folder.path()));
    CHECK(keptSign(folder.path())->isEmpty());
}

TEST_CASE("words are looked up where there is a dictionary, and names of things are left alone") {
    const auto dictionary = Dictionary::of(QStringLiteral("eng"));
    REQUIRE(dictionary); // packages.txt has one
    CHECK(dictionary->knows(QStringLiteral("reading")));
    CHECK_FALSE(dictionary->knows(QStringLiteral("raeding")));
    CHECK(dictionary->suggestions(QStringLiteral("raeding")).contains(QStringLiteral("reading")));
    CHECK(dictionary->knows(QStringLiteral("LW-9971621")));
    CHECK(dictionary->knows(QStringLiteral("XQZK")));
    CHECK_FALSE(Dictionary::of(QStringLiteral("none")));
}
