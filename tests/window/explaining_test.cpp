// Explaining: marks drawn with the pointer and with keys alone, changed, kept, released; what is shown of a capture.
#include "app/checking/check_view.h"
#include "app/explain/explaining.h"
#include "app/explain/frame_view.h"
#include "app/explain/mark_drag.h"
#include "app/explain/mark_fields.h"
#include "app/explain/note_edit.h"
#include "app/explain/sign_view.h"
#include "app/releasing/release_view.h"
#include "app/sheet/tiled_picture.h"
#include "app/window/settings.h"
#include "desk.h"
#include "kept_desk.h"
#include "picture/picture_file.h"
#include "support/made.h"
#include "support/random_edits.h"

#include <QCheckBox>
#include <QClipboard>
#include <QComboBox>
#include <QDir>
#include <QListWidget>
#include <QPainter>
#include <QSpinBox>
#include <QTemporaryDir>
#include <QTextBlock>
#include <QTextLayout>
#include <QToolButton>

using namespace eyelid;

namespace {

// A screen that shows nothing anybody would cover.
QImage screen(const QSize& size = {900, 600}) {
    QImage picture(size, QImage::Format_RGB32);
    picture.fill(QColor(0xea, 0xea, 0xea));
    QPainter painter(&picture);
    painter.fillRect(QRect(200, 150, 300, 60), Qt::white);
    painter.setPen(Qt::black);
    painter.setFont(made::font(15));
    painter.drawText(QRect(220, 150, 280, 60), Qt::AlignVCenter, QStringLiteral("Pressure of the north main"));
    return picture;
}

struct ExplainDesk : Desk {
    explicit ExplainDesk(const QSize& size = {900, 600}) {
        window.intake().add(screen(size), QStringLiteral("made"));
        REQUIRE(until([&] { return open().captures().size() == 1 && sheet().isReady(); }));
        waitUntilRead();
    }
    Sheet& sheet() { return window.sheet(); }
    const Capture& capture() { return open().captures().front(); }
    const std::vector<Mark>& marks() { return capture().marks; }
    QAction& command(const char* id) { return window.commands()[QString::fromLatin1(id)]; }
    void begin(MarkKind kind) { command(("mark" + markTitle(kind)).toLatin1().constData()).trigger(); }
    QAction& command(const QString& id) { return window.commands()[id]; }
    void pull(const QPointF& from, const QPointF& to, Qt::KeyboardModifiers held = {}) {
        QWidget* view = sheet().viewport();
        const QPoint a = sheet().toView(from).toPoint(), b = sheet().toView(to).toPoint();
        QTest::mousePress(view, Qt::LeftButton, {}, a);
        for (const double t : {0.3, 0.7, 1.0}) {
            const QPointF at = QPointF(a) + t * QPointF(b - a);
            QMouseEvent move(QEvent::MouseMove, at, view->mapToGlobal(at), Qt::NoButton, Qt::LeftButton, held);
            QApplication::sendEvent(view, &move);
        }
        QTest::mouseRelease(view, Qt::LeftButton, {}, b);
    }
    void click(const QPointF& at, Qt::KeyboardModifiers held = {}) {
        QTest::mouseClick(sheet().viewport(), Qt::LeftButton, held, sheet().toView(at).toPoint());
    }
    void write(const QString& text) {
        auto* edit = sheet().findChild<NoteEdit*>();
        REQUIRE(edit);
        QTest::keyClicks(edit, text);
        QTest::keyClick(edit, Qt::Key_Return, Qt::ControlModifier);
        QApplication::processEvents();
    }
    QImage released() {
        open().setName(QStringLiteral("north"));
        command("check").trigger();
        REQUIRE(until([&] { return window.releaseFlow().standing() == ReleaseFlow::Check::Passed; }));
        return *decodePicture(window.releaseFlow().pictures().front().artifact.bytes, QStringLiteral("a"));
    }
};

bool isNear(const QPointF& a, const QPointF& b, double by = 3) {
    return std::hypot(a.x() - b.x(), a.y() - b.y()) <= by;
}

} // namespace

TEST_CASE("each kind of mark is drawn with the pointer, is in view and selected, and the tool ends") {
    ExplainDesk desk;
    desk.sheet().pen().sign = [] {
        QImage sign(60, 20, QImage::Format_ARGB32);
        sign.fill(Qt::transparent);
        for (int x = 5; x < 55; ++x) sign.setPixelColor(x, 10, Qt::black);
        return encodePng(sign);
    }();
    desk.sheet().pen().setForm(MarkKind::Measure, MarkForm::Distance);
    size_t count = 0;
    for (const MarkKind kind : allMarkKinds) {
        if (kind == MarkKind::Code) continue; // asks for its text first
        desk.begin(kind);
        REQUIRE(desk.sheet().tool() == Sheet::Tool::Mark);
        if (kind == MarkKind::Step)
            desk.click({600, 400});
        else
            desk.pull({300, 300}, {420, 380});
        if (kind == MarkKind::Note) desk.write(QStringLiteral("Look here"));
        REQUIRE(desk.marks().size() == ++count);
        CHECK(desk.marks().back().kind == kind);
        CHECK(desk.window.selection().item() == desk.marks().back().id);
        CHECK(desk.sheet().tool() == Sheet::Tool::Select);
        const QRectF there = desk.sheet().viewOf(boundsOf(desk.marks().back()));
        CHECK(QRectF(desk.sheet().viewport()->rect()).intersects(there));
    }
    CHECK(desk.marks()[5].text == QStringLiteral("Look here"));
    CHECK(desk.released().size() == QSize(900, 600));
}

TEST_CASE("marks are drawn with keys alone") {
    ExplainDesk desk;
    const std::pair<Qt::Key, MarkKind> keys[] = {
        {Qt::Key_1, MarkKind::Point}, {Qt::Key_2, MarkKind::Line},    {Qt::Key_3, MarkKind::Ring},
        {Qt::Key_4, MarkKind::Draw},  {Qt::Key_5, MarkKind::Tint},    {Qt::Key_6, MarkKind::Note},
        {Qt::Key_7, MarkKind::Step},  {Qt::Key_8, MarkKind::Enlarge}, {Qt::Key_9, MarkKind::Measure}};
    size_t count = 0;
    for (const auto& [key, kind] : keys) {
        desk.press(key);
        desk.press(Qt::Key_Up);
        desk.press(Qt::Key_Return);
        if (kind != MarkKind::Step) {
            for (int i = 0; i < 6; ++i) {
                desk.press(Qt::Key_Right, i % 2 ? Qt::ShiftModifier : Qt::NoModifier);
                desk.press(Qt::Key_Down);
            }
            desk.press(Qt::Key_Return);
        }
        if (kind == MarkKind::Note) desk.write(QStringLiteral("By keys"));
        INFO(markKindName(kind).toStdString());
        REQUIRE(desk.marks().size() == ++count);
        CHECK(desk.marks().back().kind == kind);
    }
    // Chosen, moved, stretched, copied, put to the back and taken away, likewise.
    desk.press(Qt::Key_N);
    const int first = desk.window.selection().item();
    CHECK(first == desk.marks()[0].id);
    const QPointF before = desk.marks()[0].points[1];
    desk.press(Qt::Key_Right, Qt::ShiftModifier);
    CHECK(isNear(desk.marks()[0].points[1], before + QPointF(10, 0), 0.1));
    desk.press(Qt::Key_Down, Qt::ControlModifier);
    CHECK(isNear(desk.marks()[0].points[1], before + QPointF(10, 1), 0.1));
    desk.press(Qt::Key_D, Qt::ControlModifier);
    CHECK(desk.marks().size() == count + 1);
    desk.press(Qt::Key_BracketLeft, Qt::ControlModifier);
    CHECK(desk.marks().front().id == desk.window.selection().item());
    desk.press(Qt::Key_Delete);
    CHECK(desk.marks().size() == count);
    desk.press(Qt::Key_Z, Qt::ControlModifier);
    CHECK(desk.marks().size() == count + 1);
}

TEST_CASE("a cover is drawn with keys alone as well") {
    ExplainDesk desk;
    desk.press(Qt::Key_A);
    desk.press(Qt::Key_Left);
    desk.press(Qt::Key_Return);
    for (int i = 0; i < 5; ++i) {
        desk.press(Qt::Key_Right);
        desk.press(Qt::Key_Down);
    }
    desk.press(Qt::Key_Return, Qt::AltModifier);
    REQUIRE(desk.capture().hands.size() == 1);
}

TEST_CASE("nothing is drawn where no tool is on, and a tool that was locked stays") {
    ExplainDesk desk;
    desk.pull({300, 300}, {420, 380});
    CHECK(desk.marks().empty());
    CHECK(desk.capture().hands.empty());
    desk.begin(MarkKind::Line);
    desk.sheet().pen().setStaysOn(true);
    desk.pull({300, 300}, {420, 380});
    CHECK(desk.sheet().tool() == Sheet::Tool::Mark);
    desk.pull({320, 300}, {440, 380});
    CHECK(desk.marks().size() == 2);
    desk.press(Qt::Key_Escape);
    CHECK(desk.sheet().tool() == Sheet::Tool::Select);
    // A press with Shift moves on and draws nothing.
    desk.begin(MarkKind::Line);
    QTest::mousePress(desk.sheet().viewport(), Qt::LeftButton, Qt::ShiftModifier, QPoint(200, 200));
    QTest::mouseMove(desk.sheet().viewport(), QPoint(260, 240));
    QTest::mouseRelease(desk.sheet().viewport(), Qt::LeftButton, Qt::ShiftModifier, QPoint(260, 240));
    CHECK(desk.marks().size() == 2);
}

TEST_CASE("marks are hit and their handles held at any zoom") {
    ExplainDesk desk;
    for (const double zoom : {0.25, 1.0, 2.0, 8.0}) {
        while (!desk.marks().empty()) desk.open().removeMarks({desk.marks().front().id});
        Mark ring = desk.sheet().pen().begun(MarkKind::Ring);
        ring.points = {{400, 280}, {460, 320}};
        const int id = desk.open().addMark(desk.capture().id, ring);
        desk.sheet().setZoom(zoom, {});
        desk.sheet().centreOn({430, 300});
        desk.window.selection().select(0);
        INFO(zoom);
        desk.click({400, 300}); // its left side
        REQUIRE(desk.window.selection().item() == id);
        // By the lower right corner.
        const double far = 60 / zoom;
        desk.pull({460, 320}, {460 + far, 320 + far});
        CHECK(isNear(desk.marks()[0].points[1], {460 + far, 320 + far}, 3 / zoom));
        CHECK(isNear(desk.marks()[0].points[0], {400, 280}, 0.01));
        // Moved as a whole, by its side.
        const QRectF box = boxOf(desk.marks()[0]);
        const QPointF side(box.left(), box.top() + box.height() * 0.3);
        desk.pull(side, side + QPointF(far, 0));
        CHECK(isNear(boxOf(desk.marks()[0]).topLeft(), box.topLeft() + QPointF(far, 0), 3 / zoom));
        desk.open().undo();
        CHECK(boxOf(desk.marks()[0]) == box);
    }
}

TEST_CASE("a turned box is stretched along its own sides, and what is across stays") {
    Mark note;
    note.kind = MarkKind::Note;
    note.points = {{0, 0}, {100, 40}};
    note.turn = 90;
    // Its right side lies below; pulled down by 20 it is 20 longer, and its left side stays above.
    const MarkGrip right{MarkGrip::What::Edges, 0, Qt::RightEdge};
    const Mark longer = dragged(note, right, {0, 0}, {0, 20}, false);
    CHECK(boxOf(longer).width() == Approx(120));
    const auto top = [](const Mark& mark) { return boundsOf(mark).top(); };
    CHECK(top(longer) == Approx(top(note)).margin(0.01));
    const Mark turned = dragged(note, {MarkGrip::What::Turn, 0, {}}, {}, {50, -200}, true);
    CHECK(std::abs(turned.turn) < 0.01);
}

TEST_CASE("Shift holds a line to 15 degrees, and to other marks' directions") {
    ExplainDesk desk;
    desk.begin(MarkKind::Line);
    desk.pull({300, 400}, {400, 405}, Qt::ShiftModifier);
    CHECK(desk.marks()[0].points[1].y() == Approx(400).margin(0.5));
    desk.begin(MarkKind::Line);
    desk.pull({300, 300}, {400, 322}); // some 12.4 degrees
    desk.begin(MarkKind::Line);
    desk.pull({300, 440}, {400, 463}, Qt::ShiftModifier);
    const QPointF a = desk.marks()[1].points[1] - desk.marks()[1].points[0],
                  b = desk.marks()[2].points[1] - desk.marks()[2].points[0];
    CHECK(std::abs(a.x() * b.y() - a.y() * b.x()) / (std::hypot(a.x(), a.y()) * std::hypot(b.x(), b.y())) < 0.02);
}

TEST_CASE("a tint clings to the words it is swept over") {
    ExplainDesk desk;
    REQUIRE(desk.capture().page);
    REQUIRE_FALSE(desk.capture().page->lines.empty());
    const TextLine& line = desk.capture().page->lines.front();
    desk.begin(MarkKind::Tint);
    desk.pull(line.words.front().box.center(), line.words.back().box.center() + QPointF(0, 4));
    REQUIRE(desk.marks().size() == 1);
    CHECK(desk.marks()[0].form == MarkForm::Words);
    const QRectF bounds = boundsOf(desk.marks()[0]);
    CHECK(bounds.contains(line.words.front().box));
    CHECK(bounds.height() < 3 * line.box.height());
}

TEST_CASE("the look of a kind is remembered, and one of one's own is kept by name") {
    ExplainDesk desk;
    desk.begin(MarkKind::Ring);
    desk.window.findChild<QSpinBox*>(QStringLiteral("markWidth"))->setValue(9);
    auto* form = desk.window.findChild<QComboBox*>(QStringLiteral("markForm"));
    form->setCurrentIndex(form->findText(QStringLiteral("Ellipse")));
    desk.pull({300, 300}, {420, 380});
    CHECK(desk.marks()[0].style.width == 9);
    CHECK(desk.marks()[0].form == MarkForm::Ellipse);
    // What is selected is changed by the same fields.
    desk.window.findChild<QSpinBox*>(QStringLiteral("markWidth"))->setValue(3);
    CHECK(desk.marks()[0].style.width == 3);
    CHECK(MarkPen().style(MarkKind::Ring).width == 3);
    CHECK(MarkPen().form(MarkKind::Ring) == MarkForm::Ellipse);
    MarkStyle own;
    own.colour = 0xff123456;
    desk.sheet().pen().keep(QStringLiteral("Mine"), own);
    CHECK(MarkPen().keptNames() == QStringList{QStringLiteral("Mine")});
    CHECK(MarkPen().kept(QStringLiteral("Mine")).colour == 0xff123456);
}

TEST_CASE("a pointer's end that stands on a cover goes with it") {
    ExplainDesk desk;
    const int hand =
        desk.open().cover(desk.capture().id, {CoverShape(QRect(500, 300, 80, 40))}, {CoverStyle::Solid, 0.5});
    desk.begin(MarkKind::Point);
    desk.pull({300, 420}, {540, 320});
    REQUIRE(desk.marks().size() == 1);
    REQUIRE(desk.marks()[0].holds.size() == 1);
    CHECK(desk.marks()[0].holds[0].id == hand);
    desk.open().setHandShape(hand, CoverShape(QRect(600, 400, 80, 40)));
    CHECK(isNear(desk.sheet().drawnMarks()[0].points[1], {640, 420}, 4));
}

TEST_CASE("several marks are chosen with Control, put in line, copied to another capture as marks") {
    ExplainDesk desk;
    for (const double y : {300.0, 340.0}) {
        desk.begin(MarkKind::Line);
        desk.pull({300 + y / 10, y}, {380, y + 10});
    }
    desk.click({360, 307.5}, {});
    const int first = desk.window.selection().item();
    REQUIRE(first == desk.marks()[0].id);
    desk.click({360, 347.5}, Qt::ControlModifier);
    REQUIRE(desk.window.selection().marks().size() == 2);
    desk.command("alignLeft").trigger();
    CHECK(boundsOf(desk.marks()[0]).left() == Approx(boundsOf(desk.marks()[1]).left()));
    desk.command("copy").trigger();
    desk.window.intake().add(screen(), QStringLiteral("made"));
    REQUIRE(until([&] { return desk.open().captures().size() == 2; }));
    desk.command("paste").trigger();
    CHECK(desk.open().captures()[1].marks.size() == 2);
}

TEST_CASE("steps count themselves and are copied as text") {
    ExplainDesk desk;
    for (const QString& text : {QStringLiteral("Open it"), QStringLiteral("Look")}) {
        desk.begin(MarkKind::Step);
        desk.click({500 + double(text.size()) * 10, 420});
        desk.press(Qt::Key_T);
        desk.write(text);
    }
    desk.command("copySteps").trigger();
    CHECK(QApplication::clipboard()->text() == QStringLiteral("1. Open it\n2. Look"));
    desk.command("stepEarlier").trigger();
    desk.command("copySteps").trigger();
    CHECK(QApplication::clipboard()->text() == QStringLiteral("1. Look\n2. Open it"));
}

TEST_CASE("a mark over an open finding is told of, with the way to cover it") {
    Desk desk;
    desk.window.addDemoCaptures();
    desk.waitUntilRead();
    const int capture = desk.open().captures()[0].id;
    desk.window.selection().showCapture(capture);
    const Item item = desk.open().items(capture).front();
    Mark tint = desk.window.sheet().pen().begun(MarkKind::Tint);
    tint.points = {item.finding.boxes[0].topLeft(), item.finding.boxes[0].bottomRight()};
    desk.open().addMark(capture, tint);
    auto* cover = desk.window.findChild<QPushButton*>(QStringLiteral("coverUnderMarks"));
    REQUIRE(cover->isVisible());
    cover->click();
    CHECK(desk.open().item(item.id)->decision == Decision::Cover);
    CHECK_FALSE(cover->isVisible());
}

TEST_CASE("a crop is drawn, moved, undone; what is released ends there, and so do the marks") {
    ExplainDesk desk;
    desk.press(Qt::Key_F);
    REQUIRE(desk.sheet().tool() == Sheet::Tool::Frame);
    desk.pull({120, 90}, {620, 390});
    const QRect crop = desk.capture().framing.crop;
    CHECK(std::abs(crop.left() - 120) <= 2);
    CHECK(std::abs(crop.width() - 500) <= 4);
    desk.pull({300, 300}, {340, 310}); // by its inside
    CHECK(std::abs(desk.capture().framing.crop.left() - 160) <= 3);
    CHECK(desk.capture().framing.crop.size() == crop.size());
    desk.press(Qt::Key_Escape);
    CHECK(desk.sheet().shownSize() == crop.size());
    Mark outside = desk.sheet().pen().begun(MarkKind::Line);
    outside.points = {{5, 5}, {60, 60}};
    desk.open().addMark(desk.capture().id, outside);
    const QImage released = desk.released();
    CHECK(released.size() == crop.size());
    CHECK(released == framed(screen(), desk.capture().framing));
    for (int i = 0; i < 4; ++i) desk.open().undo(); // the case's name, the mark, and two crops
    CHECK(desk.capture().framing.isPlain());
}

TEST_CASE("covers and words are met where they are on a capture that is cut, turned and mirrored") {
    ExplainDesk desk;
    Framing framing;
    framing.crop = QRect(150, 100, 500, 400);
    framing.quarters = 1;
    framing.mirrored = true;
    framing.border = 10;
    desk.open().setFraming(desk.capture().id, framing);
    REQUIRE(until([&] { return desk.sheet().isReady(); }));
    const QPointF there = desk.sheet().toView({300, 200}), back = desk.sheet().toPicture(there);
    CHECK(isNear(back, {300, 200}, 0.01));
    CHECK(desk.sheet().viewport()->rect().contains(there.toPoint()));
    desk.press(Qt::Key_A);
    desk.sheet().setCoverForm(Sheet::CoverForm::Rectangle);
    desk.pull({300, 300}, {400, 360}, Qt::AltModifier);
    REQUIRE(desk.capture().hands.size() == 1);
    const QRect drawn = desk.capture().hands[0].shape.region(desk.capture().size).boundingRect();
    CHECK(drawn.intersected(QRect(300, 300, 100, 60)).width() > 90);
    CHECK(drawn.width() < 115);
}

TEST_CASE("turns, ratio and trimming by their buttons; straightening along a line") {
    ExplainDesk desk;
    desk.command("turnCapture").trigger();
    CHECK(desk.capture().framing.quarters == 1);
    desk.command("mirrorCapture").trigger();
    CHECK(desk.capture().framing.mirrored);
    desk.command("cropToContent").trigger();
    REQUIRE(until([&] { return !desk.capture().framing.crop.isNull(); }));
    CHECK(desk.capture().framing.crop == QRect(200, 150, 300, 60));
    desk.open().undo();
    desk.open().undo();
    desk.open().undo();
    desk.press(Qt::Key_F);
    desk.sheet().setCropRatio(1);
    CHECK(desk.capture().framing.crop.width() == desk.capture().framing.crop.height());
    QWidget* view = desk.sheet().viewport();
    const QPoint from = desk.sheet().toView({300, 300}).toPoint(), to = desk.sheet().toView({500, 320}).toPoint();
    QTest::mousePress(view, Qt::LeftButton, Qt::ControlModifier, from);
    QMouseEvent move(QEvent::MouseMove, to, view->mapToGlobal(to), Qt::NoButton, Qt::LeftButton, Qt::ControlModifier);
    QApplication::sendEvent(view, &move);
    QTest::mouseRelease(view, Qt::LeftButton, Qt::ControlModifier, to);
    CHECK(desk.capture().framing.angle == Approx(-5.71).margin(0.3));
}

TEST_CASE("what was explained is there when the case is opened again, and can be changed and released") {
    const Kept kept;
    Framing framing;
    framing.crop = QRect(150, 100, 400, 300);
    framing.border = 4;
    std::vector<Mark> before;
    {
        Desk desk;
        kept.in(desk);
        desk.window.casesView().hide();
        work(desk);
        const int id = desk.open().captures()[0].id;
        for (int i = 0; i < 4; ++i) {
            Mark step = desk.window.sheet().pen().begun(MarkKind::Step);
            step.points = {{200.0 + 40 * i, 240}};
            desk.open().addMark(id, step);
        }
        desk.open().setFraming(id, framing);
        before = desk.open().captures()[0].marks;
        REQUIRE(isKept(desk));
    }
    Desk desk;
    kept.in(desk);
    desk.window.openCaseFile(kept.file());
    REQUIRE(until([&] { return desk.open().captures().size() == 1 && desk.window.sheet().isReady(); }));
    CHECK(desk.open().captures()[0].marks == before);
    CHECK(desk.open().captures()[0].framing == framing);
    desk.open().removeMarks({before[1].id});
    CHECK(stepLabel(desk.open().captures()[0].marks, desk.open().captures()[0].marks[1]) == QStringLiteral("2"));
    desk.open().undo();
    CHECK(desk.open().captures()[0].marks == before);
}

TEST_CASE("a capture is cut into parts, and captures are put together, by their views") {
    ExplainDesk desk;
    QTimer::singleShot(0, [] {
        auto* view = QApplication::activeModalWidget();
        REQUIRE(view);
        view->findChild<QSpinBox*>(QStringLiteral("partRows"))->setValue(3);
        static_cast<QDialog*>(view)->accept();
    });
    desk.command("cutParts").trigger();
    REQUIRE(desk.open().captures().size() == 4);
    CHECK(desk.open().captures()[1].framing.crop == QRect(0, 0, 900, 200));
    desk.waitUntilRead();
    QTimer::singleShot(0, [] { static_cast<QDialog*>(QApplication::activeModalWidget())->accept(); });
    desk.command("together").trigger();
    REQUIRE(until([&] { return desk.open().captures().size() == 5; }));
    CHECK(desk.open().captures()[4].size.width() > 900);
    desk.waitUntilRead();
}

namespace {

// A note that was drawn by keys alone and is open for its words.
NoteEdit* noteBeingWritten(Desk& desk) {
    for (const Qt::Key key : {Qt::Key_6, Qt::Key_Up, Qt::Key_Return, Qt::Key_Return}) desk.press(key);
    auto* edit = desk.window.sheet().findChild<NoteEdit*>();
    REQUIRE(edit);
    return edit;
}

} // namespace

TEST_CASE("what is being written is on its mark when the window is left") {
    const Kept kept;
    Desk desk;
    kept.in(desk);
    desk.window.casesView().hide();
    work(desk);
    NoteEdit* edit = noteBeingWritten(desk);
    QTest::keyClicks(edit, QStringLiteral("Half a sentence"));
    desk.window.close();
    REQUIRE(desk.open().captures()[0].marks.size() == 1);
    CHECK(desk.open().captures()[0].marks[0].text == QStringLiteral("Half a sentence"));
}

TEST_CASE("a word that no dictionary of the case's languages knows is underlined while it is written") {
    const Kept kept;
    Desk desk;
    kept.in(desk);
    desk.window.casesView().hide();
    work(desk);
    NoteEdit* edit = noteBeingWritten(desk);
    QTest::keyClicks(edit, QStringLiteral("Two readdings here"));
    const auto underlined = [&] {
        QStringList words;
        const QTextBlock block = edit->document()->firstBlock();
        for (const auto& range : block.layout()->formats())
            if (range.format.underlineStyle() == QTextCharFormat::SpellCheckUnderline)
                words << block.text().mid(range.start, range.length);
        return words;
    };
    REQUIRE(until([&] { return !underlined().isEmpty(); }));
    CHECK(underlined() == QStringList{QStringLiteral("readdings")});
}

TEST_CASE("while a tool draws, arrows are its own and change no finding") {
    Desk desk;
    desk.window.addDemoCaptures();
    desk.waitUntilRead();
    desk.press(Qt::Key_J);
    const int selected = desk.window.selection().item();
    const QString before = desk.selected()->finding.text;
    desk.press(Qt::Key_2);
    desk.press(Qt::Key_Left, Qt::ControlModifier);
    desk.press(Qt::Key_Return);
    desk.press(Qt::Key_Down, Qt::ControlModifier | Qt::ShiftModifier);
    for (int i = 0; i < 3; ++i) desk.press(Qt::Key_Right);
    desk.press(Qt::Key_Return);
    REQUIRE(desk.open().item(selected));
    CHECK(desk.open().item(selected)->finding.text == before);
    CHECK(desk.open().captures()[0].marks.size() + desk.open().captures()[1].marks.size() +
              desk.open().captures()[2].marks.size() ==
          1);
}

TEST_CASE("with Alt strokes are taken away in one step, and other marks stay") {
    ExplainDesk desk;
    desk.begin(MarkKind::Line);
    desk.pull({300, 300}, {420, 300});
    for (const double y : {330.0, 360.0}) {
        desk.begin(MarkKind::Draw);
        desk.pull({300, y}, {420, y});
    }
    REQUIRE(desk.marks().size() == 3);
    desk.begin(MarkKind::Draw);
    QWidget* view = desk.sheet().viewport();
    const auto at = [&](double y) { return desk.sheet().toView({360, y}).toPoint(); };
    QTest::mousePress(view, Qt::LeftButton, Qt::AltModifier, at(290));
    for (double y = 292; y < 375; y += 2) {
        QMouseEvent move(QEvent::MouseMove, at(y), view->mapToGlobal(at(y)), Qt::NoButton, Qt::LeftButton,
                         Qt::AltModifier);
        QApplication::sendEvent(view, &move);
    }
    QTest::mouseRelease(view, Qt::LeftButton, Qt::AltModifier, at(375));
    REQUIRE(desk.marks().size() == 1);
    CHECK(desk.marks()[0].kind == MarkKind::Line);
    desk.open().undo();
    CHECK(desk.marks().size() == 3);
}

TEST_CASE("a measure goes to edges, counts in a unit once a length is known, and need not stay") {
    ExplainDesk desk;
    desk.sheet().pen().setForm(MarkKind::Measure, MarkForm::Across);
    desk.begin(MarkKind::Measure);
    desk.pull({203, 180}, {496, 181});
    REQUIRE(desk.marks().size() == 1);
    CHECK(measured(desk.marks()[0]) == QStringLiteral("300 px"));
    desk.sheet().pen().unitsPerPixel = 0.1;
    desk.sheet().pen().unit = QStringLiteral("mm");
    desk.begin(MarkKind::Measure);
    desk.pull({203, 190}, {496, 191});
    CHECK(measured(desk.marks().back()) == QStringLiteral("30 mm"));
    desk.sheet().pen().setLeavesMeasures(false);
    desk.begin(MarkKind::Measure);
    desk.pull({203, 170}, {496, 171});
    CHECK(desk.marks().size() == 2);
}

TEST_CASE("an arc is drawn out by its ends") {
    Mark arc;
    arc.kind = MarkKind::Ring;
    arc.form = MarkForm::Arc;
    arc.points = {{0, 0}, {100, 60}};
    arc.arcFrom = 0;
    arc.arcSpan = 180;
    const Mark longer = dragged(arc, {MarkGrip::What::ArcEnd, 0, {}}, {}, {50, -80}, false);
    CHECK(longer.arcFrom == 0);
    CHECK(longer.arcSpan == Approx(270));
    const Mark shorter = dragged(arc, {MarkGrip::What::ArcStart, 0, {}}, {}, {50, 100}, false);
    CHECK(shorter.arcFrom == Approx(90));
    CHECK(shorter.arcSpan == Approx(90));
}

TEST_CASE("small versions leave beside the pictures, checked as they are") {
    settings::setSmallVersions(0);
    ExplainDesk desk;
    desk.command("check").trigger();
    REQUIRE(until([&] { return desk.window.releaseFlow().standing() == ReleaseFlow::Check::Passed; }));
    settings::setSmallVersions(320);
    CHECK(desk.window.releaseFlow().standing() == ReleaseFlow::Check::NotRun);
    const QTemporaryDir folder;
    const QStringList paths = desk.release(folder.filePath(QStringLiteral("out")));
    REQUIRE(paths.size() == 5);
    CHECK(paths[1].endsWith(QStringLiteral("-small.png")));
    QFile small(paths[1]);
    REQUIRE(small.open(QIODevice::ReadOnly));
    CHECK(decodePicture(small.readAll(), paths[1])->width() == 320);
}

TEST_CASE("what is measured, trimmed and taken to edges is what will be released, not what covers hide") {
    ExplainDesk desk;
    QImage other = screen();
    {
        QPainter painter(&other);
        painter.fillRect(QRect(500, 300, 200, 100), QColor(0x12, 0x90, 0x34));
        painter.fillRect(QRect(540, 320, 60, 40), QColor(0xff, 0, 0));
    }
    desk.window.intake().add(other, QStringLiteral("made"));
    REQUIRE(until([&] { return desk.open().captures().size() == 2; }));
    const int id = desk.open().captures()[1].id;
    desk.window.selection().showCapture(id);
    desk.open().cover(id, {CoverShape(QRect(500, 300, 200, 100))}, {CoverStyle::Solid, 0.5, CoverColour::Ground});
    REQUIRE(until([&] { return desk.sheet().isReady(); }));
    desk.sheet().pen().setForm(MarkKind::Measure, MarkForm::Colour);
    desk.begin(MarkKind::Measure);
    desk.click({560, 340}); // red, under the cover
    REQUIRE(desk.open().capture(id)->marks.size() == 1);
    CHECK(desk.open().capture(id)->marks[0].text.startsWith(QStringLiteral("#eaeaea")));
    desk.command("cropToContent").trigger();
    REQUIRE(until([&] { return !desk.open().capture(id)->framing.crop.isNull(); }));
    CHECK(desk.open().capture(id)->framing.crop == QRect(200, 150, 300, 60));
}

namespace {

// Does this with the next dialog of a class that opens, which must end it.
template <typename View> void withNext(const std::function<void(View&)>& act) {
    auto* poll = new QTimer(qApp);
    QObject::connect(poll, &QTimer::timeout, poll, [=] {
        auto* view = qobject_cast<View*>(QApplication::activeModalWidget());
        if (!view || !view->isVisible()) return;
        poll->deleteLater();
        act(*view);
    });
    poll->start(20);
}

} // namespace

TEST_CASE("a framing by numbers is shown while it is tried, one step when it is taken, and nothing when it is not") {
    ExplainDesk desk;
    const auto width = [&] { return desk.sheet().shownSize().width(); };
    const int before = width();
    bool tried = false;
    const auto enter = [&](FrameView& view) {
        view.findChild<QSpinBox*>(QStringLiteral("cropLeft"))->setValue(100);
        view.findChild<QSpinBox*>(QStringLiteral("cropWidth"))->setValue(400);
        tried = until([&] { return width() == 400; });
    };
    withNext<FrameView>([&](FrameView& view) {
        enter(view);
        view.reject();
    });
    desk.command("frameMore").trigger();
    CHECK(tried);
    CHECK(until([&] { return width() == before; }));
    CHECK(desk.capture().framing.isPlain());
    CHECK_FALSE(desk.open().history().canRedo());
    const QString last = desk.open().history().undoName();
    withNext<FrameView>([&](FrameView& view) {
        enter(view);
        view.accept();
    });
    desk.command("frameMore").trigger();
    CHECK(desk.capture().framing.crop.left() == 100);
    CHECK(desk.capture().framing.crop.width() == 400);
    desk.open().undo();
    CHECK(desk.capture().framing.isPlain());
    CHECK(desk.open().history().undoName() == last); // it was one step
}

TEST_CASE("a ground that is to be transparent shows chequers on the sheet, and is released so") {
    ExplainDesk desk;
    withNext<FrameView>([&](FrameView& view) {
        view.findChild<QComboBox*>(QStringLiteral("edgeForm"))->setCurrentIndex(int(Framing::Edge::Wave));
        view.findChild<QCheckBox*>(QStringLiteral("transparentGround"))->setChecked(true);
        view.accept();
    });
    desk.command("frameMore").trigger();
    CHECK(desk.capture().framing.transparent);
    const auto corner = [&] {
        const QImage seen = desk.sheet().viewport()->grab().toImage();
        QSet<QRgb> colours;
        const QPoint at = desk.sheet().toView({0, 0}).toPoint();
        for (int step = 0; step < 40; ++step) colours.insert(seen.pixel(at + QPoint(step, 1)));
        return colours;
    };
    CHECK(until([&] { return corner().contains(qRgb(222, 222, 222)) && corner().contains(qRgb(255, 255, 255)); }));
    desk.released();
    CHECK(desk.window.releaseFlow().pictures().front().transparent);
    const auto* list = desk.window.checkView().findChild<QListWidget*>();
    REQUIRE((list && list->count() == 1));
    CHECK(list->item(0)->text().contains(QStringLiteral("transparent")));
    CHECK_FALSE(list->item(0)->text().contains(QStringLiteral("opaque")));
    desk.open().undo(); // the name the release was given
    desk.open().undo();
    CHECK_FALSE(desk.capture().framing.transparent);
}

TEST_CASE("a signature is drawn once, comes by itself the next time, and is forgotten when that is asked for") {
    ExplainDesk desk;
    withNext<SignView>([](SignView& view) {
        auto* pad = view.findChild<SignPad*>();
        QTest::mousePress(pad, Qt::LeftButton, {}, QPoint(30, 40));
        for (const QPoint at : {QPoint(60, 30), QPoint(90, 60), QPoint(140, 45)}) QTest::mouseMove(pad, at);
        QTest::mouseRelease(pad, Qt::LeftButton, {}, QPoint(140, 45));
        view.accept();
    });
    desk.begin(MarkKind::Sign);
    REQUIRE_FALSE(desk.sheet().pen().sign.isEmpty());
    {
        ExplainDesk next;
        next.begin(MarkKind::Sign); // nothing is asked
        CHECK(next.sheet().pen().sign == desk.sheet().pen().sign);
    }
    bool wasThere = false;
    withNext<SignView>([&](SignView& view) {
        wasThere = !view.findChild<SignPad*>()->isEmpty();
        view.findChild<QPushButton*>(QStringLiteral("forgetSign"))->click();
    });
    emit desk.window.findChild<MarkFields*>()->signAsked();
    CHECK(wasThere);
    CHECK(desk.sheet().pen().sign.isEmpty());
}

TEST_CASE("a mark that is locked stays where it is, however it is pulled or pushed") {
    ExplainDesk desk;
    Mark ring = desk.sheet().pen().begun(MarkKind::Ring);
    ring.points = {{300, 300}, {420, 380}};
    const int id = desk.open().addMark(desk.capture().id, ring);
    desk.window.selection().select(id);
    desk.command("lockMarks").trigger();
    REQUIRE(desk.marks().front().locked);
    desk.pull({300, 340}, {500, 440});
    desk.press(Qt::Key_Right);
    CHECK(desk.marks().front().points[0] == QPointF(300, 300));
    desk.window.selection().select(id);
    desk.command("lockMarks").trigger();
    desk.pull({300, 340}, {340, 340});
    CHECK(isNear(desk.marks().front().points[0], {340, 300}));
}

TEST_CASE("several marks that are chosen move together, in one step") {
    ExplainDesk desk;
    std::vector<int> ids;
    for (const double y : {260.0, 420.0}) {
        Mark ring = desk.sheet().pen().begun(MarkKind::Ring);
        ring.points = {{300, y}, {420, y + 80}};
        ids.push_back(desk.open().addMark(desk.capture().id, ring));
    }
    desk.click({300, 300});
    desk.click({300, 460}, Qt::ControlModifier);
    const auto steps = [&] { return desk.open().history().undoName(); };
    desk.pull({300, 460}, {360, 480});
    CHECK(isNear(desk.marks()[0].points[0], {360, 280}));
    CHECK(isNear(desk.marks()[1].points[0], {360, 440}));
    CHECK_FALSE(steps().isEmpty());
    desk.open().undo();
    CHECK(isNear(desk.marks()[0].points[0], {300, 260}));
    CHECK(isNear(desk.marks()[1].points[0], {300, 420}));
}
