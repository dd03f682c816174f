// How fast the desk answers: panning, zooming and dragging a cover on a capture of 3840x2160 with 500 covers, the same
// on one of 16,384x16,384, and scrolling a list of 5,000 findings, by driving the real views. Prints the median and the
// 99th percentile of a frame, drawn and on the screen; exit status 1 where the median is more than a sixtieth of a
// second. Times are of this machine and this run.
#include "app/findings/findings_panel.h"
#include "app/sheet/sheet.h"
#include "app/window/theme.h"
#include "capture/fonts.h"

#include <algorithm>
#include <chrono>
#include <cstdio>
#include <QApplication>
#include <QListView>
#include <QPainter>
#include <QScrollBar>
#include <QtTest/QTest>

using namespace eyelid;

namespace {

constexpr double frame = 1000.0 / 60; // ms

bool report(const char* what, std::vector<double> ms) {
    std::sort(ms.begin(), ms.end());
    const double median = ms[ms.size() / 2], late = ms[ms.size() * 99 / 100];
    std::printf("%-58s median %5.1f ms, 99th %5.1f ms, %4.0f frames a second (at least 60)\n", what, median, late,
                1000 / median);
    return median <= frame;
}

std::vector<double> frames(QWidget* view, int count, const std::function<void(int)>& step) {
    std::vector<double> ms;
    for (int i = 0; i < count; ++i) {
        const auto start = std::chrono::steady_clock::now();
        step(i);
        view->repaint();
        ms.push_back(std::chrono::duration<double, std::milli>(std::chrono::steady_clock::now() - start).count());
        QApplication::processEvents();
    }
    return ms;
}

// A page of text, as large as that.
QImage page(const QSize& size) {
    QImage picture(size, QImage::Format_RGB32);
    picture.fill(QColor(0xfa, 0xfa, 0xf7));
    QPainter painter(&picture);
    painter.setPen(QColor(0x22, 0x26, 0x2e));
    for (int y = 20; y < size.height(); y += 22)
        for (int x = 10; x < size.width(); x += 420)
            painter.drawText(x, y,
                             QStringLiteral("Reading %1 of pump %2, pressure steady at %3").arg(y).arg(x).arg(x ^ y));
    return picture;
}

struct Desk {
    Case open{*loadPolicy(QStringLiteral("everything"))};
    Theme theme = Theme::light();
    Selection selection{open};
    Sheet sheet{open, selection, theme};
    int capture = 0, held = 0;

    Desk(const QSize& size, int covers) {
        sheet.resize(1280, 760);
        sheet.show();
        (void)QTest::qWaitForWindowExposed(&sheet);
        capture = open.add(page(size), QStringLiteral("made"));
        std::vector<CoverShape> shapes;
        for (int i = 0; i < covers; ++i)
            shapes.push_back(QRect(40 + i % 20 * size.width() / 21, 30 + i / 20 * size.height() / 26, 130, 20));
        held = open.cover(capture, shapes, {CoverStyle::Blur, 0.5});
        selection.showCapture(capture);
        settle();
    }
    void settle() {
        // Until a picture with all covers is there.
        if (!QTest::qWaitFor([&] { return sheet.isReady(); }, 120'000)) qFatal("the sheet was never ready");
    }
    void drive(const char* what, bool& fine) {
        const auto say = [&](const char* doing, const std::vector<double>& ms) {
            fine = report((std::string(what) + ", " + doing).c_str(), ms) && fine;
        };
        sheet.setZoom(1.3, {});
        say("panning", frames(sheet.viewport(), 240, [&](int i) {
                sheet.horizontalScrollBar()->setValue(i * 7);
                sheet.verticalScrollBar()->setValue(i * 4);
            }));
        say("zooming", frames(sheet.viewport(), 120, [&](int i) { sheet.zoomBy(i < 60 ? 1.03 : 1 / 1.03); }));
        selection.select(held);
        sheet.reveal(open.placeOf(held));
        const QPoint from = sheet.toView(open.placeOf(held).center()).toPoint();
        QTest::mousePress(sheet.viewport(), Qt::LeftButton, {}, from);
        say("dragging a cover", frames(sheet.viewport(), 120, [&](int i) {
                QMouseEvent move(QEvent::MouseMove, from - QPoint(i, i / 2),
                                 sheet.viewport()->mapToGlobal(from - QPoint(i, i / 2)), Qt::NoButton, Qt::LeftButton,
                                 Qt::NoModifier);
                QApplication::sendEvent(sheet.viewport(), &move);
            }));
        QTest::mouseRelease(sheet.viewport(), Qt::LeftButton, {}, from - QPoint(120, 60));
        const auto start = std::chrono::steady_clock::now();
        settle();
        std::printf("%-58s %.0f ms\n", (std::string(what) + ", until the dragged cover is drawn").c_str(),
                    std::chrono::duration<double, std::milli>(std::chrono::steady_clock::now() - start).count());
    }
};

// 200 marks of every kind but those that show a picture of their own, all in view, and one of them dragged.
bool dragMark() {
    Desk desk({3840, 2160}, 40);
    const MarkKind kinds[] = {MarkKind::Point, MarkKind::Line, MarkKind::Ring,    MarkKind::Draw,   MarkKind::Tint,
                              MarkKind::Note,  MarkKind::Step, MarkKind::Enlarge, MarkKind::Measure};
    int last = 0;
    for (int i = 0; i < 200; ++i) {
        Mark mark = desk.sheet.pen().begun(kinds[size_t(i) % std::size(kinds)]);
        const QPointF at(60 + i % 20 * 185, 80 + i / 20 * 205);
        mark.points = {at, at + QPointF(150, 60)};
        if (mark.kind == MarkKind::Enlarge) mark.points << at + QPointF(40, 80) << at + QPointF(180, 150);
        if (mark.kind == MarkKind::Step) mark.points = {at};
        mark.text = QStringLiteral("What to look at here");
        last = desk.open.addMark(desk.capture, mark);
    }
    Mark line = desk.sheet.pen().begun(MarkKind::Line);
    line.points = {{600, 500}, {900, 620}};
    last = desk.open.addMark(desk.capture, line);
    desk.settle();
    bool fine = true;
    for (const auto& [what, zoom] : {std::pair("3840x2160 with 200 marks, all in view, dragging one", 0.0),
                                     std::pair("3840x2160 with 200 marks at life size, dragging one", 1.0)}) {
        zoom > 0 ? desk.sheet.setZoom(zoom, {}) : desk.sheet.fit();
        desk.selection.select(last);
        desk.sheet.reveal(desk.open.placeOf(last));
        const QPoint from = desk.sheet.toView(desk.open.placeOf(last).center()).toPoint();
        QTest::mousePress(desk.sheet.viewport(), Qt::LeftButton, {}, from);
        fine = report(what, frames(desk.sheet.viewport(), 120,
                                   [&](int i) {
                                       const QPointF to = from + QPoint(i / 2, i / 4);
                                       QMouseEvent move(QEvent::MouseMove, to, desk.sheet.viewport()->mapToGlobal(to),
                                                        Qt::NoButton, Qt::LeftButton, Qt::NoModifier);
                                       QApplication::sendEvent(desk.sheet.viewport(), &move);
                                   })) &&
               fine;
        QTest::mouseRelease(desk.sheet.viewport(), Qt::LeftButton, {}, from + QPoint(60, 30));
    }
    return fine;
}

bool scrollList() {
    Case open(*loadPolicy(QStringLiteral("everything")));
    const Theme theme = Theme::light();
    Selection selection(open);
    const int capture = open.add(page({1600, 1000}), QStringLiteral("made"));
    std::vector<Finding> found;
    for (int i = 0; i < 5000; ++i) {
        Finding f;
        f.kind = i % 3 ? Kind::Account : Kind::Record;
        f.text = QStringLiteral("LW-%1").arg(1000000 + i * 37);
        f.key = f.text;
        f.boxes = {QRectF(i % 40 * 38, i / 40 * 8, 30, 7)};
        f.confidence = 0.6 + 0.3 * (i % 10) / 10;
        f.reason = QStringLiteral("is announced by its label");
        found.push_back(f);
    }
    const auto read = std::make_shared<const Page>();
    open.setRead(capture, {open.capture(capture)->picture, open.terms().languages, read});
    open.setFindings(capture, found, open.terms(), open.capture(capture)->page);
    FindingsPanel panel(open, selection, theme);
    panel.resize(310, 760);
    panel.show();
    (void)QTest::qWaitForWindowExposed(&panel);
    QListView* list = panel.list();
    bool fine = report("a list of 5,000 findings, scrolling", frames(list->viewport(), 240, [&](int i) {
                           list->verticalScrollBar()->setValue(i * list->verticalScrollBar()->maximum() / 240);
                       }));
    const std::vector<int> order = panel.order();
    std::vector<double> ms;
    for (size_t i = 0; i < 60; ++i) {
        const auto start = std::chrono::steady_clock::now();
        open.decide(order[i * 40], Scope::One, Decision::Cover);
        panel.repaint();
        ms.push_back(std::chrono::duration<double, std::milli>(std::chrono::steady_clock::now() - start).count());
    }
    std::sort(ms.begin(), ms.end());
    std::printf("%-58s median %5.1f ms\n", "a list of 5,000 findings, a decision", ms[ms.size() / 2]);
    return fine;
}

} // namespace

int main(int argc, char** argv) {
    QApplication application(argc, argv);
    loadShippedFonts();
    Q_INIT_RESOURCE(icons);
    applyTheme(application, Theme::light());
    bool fine = true;
    Desk({3840, 2160}, 500).drive("3840x2160 with 500 covers", fine);
    Desk({16384, 16384}, 500).drive("16384x16384 with 500 covers", fine);
    fine = dragMark() && fine;
    fine = scrollList() && fine;
    return fine ? 0 : 1;
}
