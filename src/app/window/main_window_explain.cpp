// The commands that explain: marks, framing, parts.
#include "app/explain/explain_row.h"
#include "app/explain/explaining.h"
#include "app/explain/frame_view.h"
#include "app/explain/mark_fields.h"
#include "app/explain/parts_view.h"
#include "app/explain/sign_view.h"
#include "app/explain/together_view.h"
#include "app/window/main_window.h"
#include "app/window/settings.h"
#include "app/window/theme.h"
#include "base/sentence.h"
#include "casefile/own_sign.h"

#include <QDate>
#include <QLocale>
#include <QMenu>
#include <QStandardPaths>

namespace eyelid {
namespace {

struct MarkCommand {
    MarkKind kind;
    const char *id, *key, *icon;
    QString alsoCalled; ///< words of the trade, by which it is found
};

// In the order of the keys.
std::vector<MarkCommand> markCommands() {
    return {{MarkKind::Point, "markPoint", "1", "arrow-up-right", Tr::tr("arrow pointer")},
            {MarkKind::Line, "markLine", "2", "minus", Tr::tr("rule dashed dotted")},
            {MarkKind::Ring, "markRing", "3", "circle-dashed", Tr::tr("rectangle ellipse circle box arc")},
            {MarkKind::Draw, "markDraw", "4", "pen-line", Tr::tr("freehand pen scribble")},
            {MarkKind::Tint, "markTint", "5", "highlighter", Tr::tr("highlight band")},
            {MarkKind::Note, "markNote", "6", "message-square-text", Tr::tr("text label callout comment")},
            {MarkKind::Step, "markStep", "7", "list-ordered", Tr::tr("number counter")},
            {MarkKind::Enlarge, "markEnlarge", "8", "picture-in-picture-2", Tr::tr("magnify zoom inset")},
            {MarkKind::Measure, "markMeasure", "9", "ruler", Tr::tr("distance angle area colour")},
            {MarkKind::Sign, "markSign", "0", "signature", Tr::tr("signature stamp")},
            {MarkKind::Code, "markCode", "", "qr-code", Tr::tr("QR barcode")}};
}

Command hidden(const char* id, const QString& text, const char* keys, std::function<void()> run,
               const char* icon = "") {
    Command command{QLatin1String(id), text, QLatin1String(icon), {}, std::move(run)};
    if (*keys) command.keys = {QKeySequence(QLatin1String(keys))};
    command.notInMenu = true;
    return command;
}

QString dataFolder() {
    return QStandardPaths::writableLocation(QStandardPaths::AppDataLocation);
}

} // namespace

void MainWindow::addExplainCommands() {
    std::vector<Command> all;
    Command row{QStringLiteral("explain"),
                Tr::tr("Tools that explain"),
                QStringLiteral("shapes"),
                {QKeySequence(Qt::Key_M)},
                [this] { showExplain(m_explainRow->isHidden()); },
                true};
    row.alsoCalled = Tr::tr("marks annotate");
    all.push_back(row);
    for (const MarkCommand& mark : markCommands()) {
        Command command{QLatin1String(mark.id),
                        markTitle(mark.kind),
                        QLatin1String(mark.icon),
                        {},
                        [this, kind = mark.kind] { beginMark(kind); },
                        true};
        if (*mark.key) command.keys = {QKeySequence(QLatin1String(mark.key))};
        command.alsoCalled = mark.alsoCalled;
        command.startsGroup = mark.kind == MarkKind::Point;
        all.push_back(command);
    }
    Command frame{QStringLiteral("frame"),
                  Tr::tr("Crop and turn"),
                  QStringLiteral("crop"),
                  {QKeySequence(Qt::Key_F)},
                  [this] {
                      showSheet();
                      showExplain(true);
                      m_sheet->setTool(Sheet::Tool::Frame);
                      m_sheet->setFocus();
                      refreshActions();
                  },
                  true};
    frame.startsGroup = true;
    frame.alsoCalled = Tr::tr("cut trim straighten");
    all.push_back(frame);
    Command numbers{
        QStringLiteral("frameMore"), Tr::tr("Framing…"), {}, {QKeySequence(QStringLiteral("Shift+F"))}, [this] {
            showFraming();
        }};
    numbers.alsoCalled = Tr::tr("resize border shadow canvas corner edge");
    all.push_back(numbers);
    Command parts{QStringLiteral("cutParts"), Tr::tr("Cut into parts…"), {}, {}, [this] { cutIntoParts(); }};
    parts.alsoCalled = Tr::tr("split tiles");
    all.push_back(parts);
    Command together{QStringLiteral("together"), Tr::tr("Put captures together…"), {}, {}, [this] { putTogether(); }};
    together.alsoCalled = Tr::tr("combine side by side grid montage");
    all.push_back(together);
    m_do.add(JobStep::Explain, all);
}

void MainWindow::addMarkCommands() {
    Command next{QStringLiteral("nextMark"),
                 Tr::tr("Next mark"),
                 {},
                 {QKeySequence(Qt::Key_N)},
                 [this] { m_explaining->step(1); },
                 false,
                 true};
    next.startsGroup = true;
    const Command previous{QStringLiteral("previousMark"),
                           Tr::tr("Previous mark"),
                           {},
                           {QKeySequence(QStringLiteral("Shift+N"))},
                           [this] { m_explaining->step(-1); },
                           false,
                           true};
    const Command steps{
        QStringLiteral("copySteps"), Tr::tr("Copy the steps as text"), {}, {}, [this] { m_explaining->copySteps(); }};
    const auto align = [this](AlignTo to) { return [this, to] { m_explaining->align(to); }; };
    m_do.add(
        JobStep::Explain,
        {next,
         previous,
         steps,
         hidden("writeMark", Tr::tr("Write on the mark…"), "T", [this] { m_explaining->write(m_selection.item()); }),
         hidden("duplicateMarks", Tr::tr("Copy the marks beside themselves"), "Ctrl+D",
                [this] { m_explaining->duplicate(); }),
         hidden("marksToFront", Tr::tr("To the front"), "Ctrl+]", [this] { m_explaining->arrange(true); }),
         hidden("marksToBack", Tr::tr("To the back"), "Ctrl+[", [this] { m_explaining->arrange(false); }),
         hidden("lockMarks", Tr::tr("Lock, or unlock"), "Ctrl+L",
                [this] { m_explaining->setLocked(!m_explaining->anyLocked()); }),
         hidden("turnMarkLeft", Tr::tr("Turn the mark to the left"), "[", [this] { m_explaining->turn(-15); }),
         hidden("turnMarkRight", Tr::tr("Turn the mark to the right"), "]", [this] { m_explaining->turn(15); }),
         hidden("stepEarlier", Tr::tr("Count the step earlier"), "Ctrl+Up", [this] { m_explaining->moveStep(-1); }),
         hidden("stepLater", Tr::tr("Count the step later"), "Ctrl+Down", [this] { m_explaining->moveStep(1); }),
         hidden("alignLeft", Tr::tr("Align at the left"), "", align(AlignTo::Left)),
         hidden("alignMiddle", Tr::tr("Align on an upright line"), "", align(AlignTo::Middle)),
         hidden("alignRight", Tr::tr("Align at the right"), "", align(AlignTo::Right)),
         hidden("alignTop", Tr::tr("Align at the top"), "", align(AlignTo::Top)),
         hidden("alignCentre", Tr::tr("Align on a level line"), "", align(AlignTo::Centre)),
         hidden("alignBottom", Tr::tr("Align at the bottom"), "", align(AlignTo::Bottom)),
         hidden("spreadAcross", Tr::tr("Spread evenly across"), "",
                [this] { m_explaining->spreadOut(Qt::Horizontal); }),
         hidden("spreadDown", Tr::tr("Spread evenly down"), "", [this] { m_explaining->spreadOut(Qt::Vertical); }),
         hidden(
             "turnCapture", Tr::tr("Turn a quarter clockwise"), "Ctrl+Shift+T",
             [this] { changeFraming([](Framing& f, const Capture&) { f = turnedByQuarter(f); }); }, "rotate-cw"),
         hidden(
             "mirrorCapture", Tr::tr("Mirror left for right"), "",
             [this] { changeFraming([](Framing& f, const Capture&) { f.mirrored = !f.mirrored; }); },
             "flip-horizontal-2"),
         hidden("cropToContent", Tr::tr("Crop to the content"), "", [this] { cropToContent(); })});
    m_do[QStringLiteral("cropToContent")].setIconText(Tr::tr("Trim"));
    m_do[QStringLiteral("explain")].setIconText(u' ' + Tr::tr("Explain"));
    m_do[QStringLiteral("frameMore")].setIconText(Tr::tr("More…"));
}

void MainWindow::bindExplain() {
    connect(m_explaining.get(), &Explaining::signAsked, this, &MainWindow::chooseSign);
    connect(m_explaining.get(), &Explaining::trouble, this, &MainWindow::showTrouble);
    connect(&m_explainRow->fields(), &MarkFields::signAsked, this, &MainWindow::chooseSign);
    connect(m_sheet, &Sheet::menuAsked, this, &MainWindow::showMarkMenu);
    connect(&m_sheet->pen(), &MarkPen::changed, this, &MainWindow::refreshActions);
}

void MainWindow::showExplain(bool shown) {
    m_explainRow->setVisible(shown);
    settings::setExplainShown(shown);
    const bool draws = m_sheet->tool() == Sheet::Tool::Mark || m_sheet->tool() == Sheet::Tool::Frame;
    if (!shown && draws) m_sheet->setTool(Sheet::Tool::Select);
    if (!m_sheet->hasFocus() && !shown) m_sheet->setFocus();
    refreshActions();
}

void MainWindow::beginMark(MarkKind kind) {
    showSheet();
    showExplain(true);
    m_sheet->pen().setKind(kind);
    m_sheet->setTool(Sheet::Tool::Mark);
    m_sheet->setFocus();
    refreshActions();
    if (kind == MarkKind::Sign && m_sheet->pen().sign.isEmpty()) {
        if (auto kept = keptSign(dataFolder()); kept && !kept->isEmpty())
            m_sheet->pen().sign = *kept;
        else
            chooseSign();
    }
}

void MainWindow::changeFraming(const std::function<void(Framing&, const Capture&)>& how) {
    const Capture* capture = m_case.capture(m_selection.capture());
    if (!capture) return;
    Framing framing = capture->framing;
    how(framing, *capture);
    if (framing.crop == QRect(QPoint(0, 0), capture->size)) framing.crop = {};
    m_case.setFraming(capture->id, framing);
}

// A large picture takes a while to be looked through.
void MainWindow::cropToContent() {
    const int capture = m_selection.capture();
    m_aside.start([this, capture, picture = m_sheet->covered()] {
        const QRect content = picture.isNull() ? QRect() : contentOf(picture);
        QMetaObject::invokeMethod(this, [this, capture, content] {
            if (capture == m_selection.capture() && !content.isEmpty())
                changeFraming([content](Framing& f, const Capture&) { f.crop = content; });
        });
    });
}

// What is tried is seen on the sheet, and stands in the case once it is taken.
void MainWindow::showFraming() {
    const int capture = m_selection.capture();
    if (!m_case.capture(capture)) return;
    m_sheet->setTool(Sheet::Tool::Select);
    FrameView view(m_case, capture, this);
    connect(&view, &FrameView::changed, m_sheet, &Sheet::tryFraming);
    const bool taken = view.exec() == QDialog::Accepted;
    m_sheet->tryFraming(std::nullopt);
    if (taken) m_case.setFraming(capture, view.framing());
    m_sheet->setFocus();
}

void MainWindow::chooseSign() {
    MarkPen& pen = m_sheet->pen();
    if (pen.sign.isEmpty()) {
        if (auto kept = keptSign(dataFolder()); kept)
            pen.sign = *kept;
        else
            showTrouble(kept.error().sentence);
    }
    SignView view(m_theme, pen.sign, this);
    connect(&view, &SignView::forgetAsked, this, [&] {
        pen.sign.clear();
        if (auto gone = forgetSign(dataFolder()); !gone) showTrouble(gone.error().sentence);
    });
    if (view.exec() != QDialog::Accepted) {
        if (pen.sign.isEmpty()) m_sheet->setTool(Sheet::Tool::Select);
        return;
    }
    pen.sign = view.png();
    pen.signText = view.withDate() ? QLocale().toString(QDate::currentDate(), QLocale::ShortFormat) : QString();
    if (auto kept = keepSign(dataFolder(), pen.sign); !kept) showTrouble(kept.error().sentence);
    m_explaining->change(Tr::tr("changing a signature"), [&](Mark& mark) {
        if (mark.kind != MarkKind::Sign) return;
        mark.picture = pen.sign;
        mark.text = pen.signText;
    });
    m_sheet->setFocus();
}

void MainWindow::showMarkMenu(const QPoint& place) {
    QMenu menu(this);
    for (const char* id : {"writeMark", "duplicateMarks", "lockMarks", "", "marksToFront", "marksToBack", "stepEarlier",
                           "stepLater", ""})
        if (*id)
            menu.addAction(&m_do[QLatin1String(id)]);
        else
            menu.addSeparator();
    QMenu* align = menu.addMenu(Tr::tr("Align and spread"));
    for (const char* id : {"alignLeft", "alignMiddle", "alignRight", "alignTop", "alignCentre", "alignBottom",
                           "spreadAcross", "spreadDown"})
        align->addAction(&m_do[QLatin1String(id)]);
    menu.addSeparator();
    menu.addAction(&m_do[QStringLiteral("remove")]);
    menu.exec(place);
}

void MainWindow::refreshExplain() {
    const auto enable = [this](std::initializer_list<const char*> ids, bool enabled) {
        for (const char* id : ids) m_do[QLatin1String(id)].setEnabled(enabled);
    };
    const Capture* capture = m_case.capture(m_selection.capture());
    for (const MarkCommand& mark : markCommands()) {
        QAction& action = m_do[QLatin1String(mark.id)];
        action.setEnabled(capture);
        action.setChecked(m_sheet->tool() == Sheet::Tool::Mark && m_sheet->pen().kind() == mark.kind);
    }
    m_do[QStringLiteral("explain")].setChecked(!m_explainRow->isHidden());
    m_do[QStringLiteral("frame")].setChecked(m_sheet->tool() == Sheet::Tool::Frame);
    enable({"frame", "frameMore", "cutParts", "turnCapture", "mirrorCapture", "cropToContent"}, capture);
    enable({"together"}, m_case.captures().size() > 1);
    const auto marks = m_explaining->selected();
    const auto any = [&](auto is) { return std::any_of(marks.begin(), marks.end(), is); };
    enable({"nextMark", "previousMark"}, capture && !capture->marks.empty());
    enable({"copySteps"}, capture && !stepsAsText(capture->marks).isEmpty());
    enable({"duplicateMarks", "marksToFront", "marksToBack", "lockMarks", "turnMarkLeft", "turnMarkRight"},
           !marks.empty());
    enable({"alignLeft", "alignMiddle", "alignRight", "alignTop", "alignCentre", "alignBottom"}, marks.size() > 1);
    enable({"spreadAcross", "spreadDown"}, marks.size() > 2);
    enable({"stepEarlier", "stepLater"}, any([](const Mark& m) { return m.kind == MarkKind::Step; }));
    enable({"writeMark"}, marks.size() == 1 && hasText(marks.front().kind));
}

void MainWindow::cutIntoParts() {
    const Capture* capture = m_case.capture(m_selection.capture());
    if (!capture) return;
    const int id = capture->id;
    PartsView view(m_case.pictures()->small(capture->picture), capture->size, m_theme, this);
    if (view.exec() != QDialog::Accepted) return;
    if (const int first = m_case.cutIntoParts(id, view.parts())) m_selection.showCapture(first);
    m_sheet->setFocus();
}

void MainWindow::putTogether() {
    TogetherView view(m_case, this);
    if (view.exec() != QDialog::Accepted) return;
    std::vector<Capture> captures;
    for (const int id : view.captures())
        if (const Capture* capture = m_case.capture(id)) captures.push_back(*capture);
    struct Made {
        Together whole;
        Case::ReadyPicture ready;
    };
    auto made = std::make_shared<Made>();
    m_worker.run(
        Tr::tr("Putting captures together"),
        [=, layout = view.layoutChosen(), pictures = m_case.pictures()](Progress&) {
            std::vector<QImage> all;
            for (const Capture& capture : captures) all.push_back(pictures->picture(capture.picture));
            made->whole = together(captures, all, layout);
            if (!made->whole.picture.isNull()) made->ready = Case::ready(made->whole.picture, nullptr);
        },
        [=, this] {
            if (const int id = m_case.putTogether(made->whole, made->ready)) m_selection.showCapture(id);
            m_sheet->setFocus();
        });
}

} // namespace eyelid
