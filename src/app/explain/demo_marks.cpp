#include "app/explain/demo_marks.h"

#include "app/explain/mark_pen.h"
#include "base/sentence.h"
#include "editing/mark_painting.h"

namespace eyelid {
namespace {

// As it comes, whatever somebody has set for marks of their own.
Mark markOf(MarkKind kind, QPolygonF points, QRgb colour = MarkStyle().colour) {
    Mark mark;
    mark.kind = kind;
    if (const auto forms = formsOf(kind); !forms.empty()) mark.form = forms.front();
    mark.points = std::move(points);
    mark.style = MarkPen::usualStyle(kind);
    if (kind != MarkKind::Tint) mark.style.colour = colour;
    return mark;
}

} // namespace

std::vector<Mark> demoMarks() {
    using markColours::brick;
    std::vector<Mark> marks;
    marks.push_back(markOf(MarkKind::Tint, {{303, 87}, {418, 105}}));
    Mark ring = markOf(MarkKind::Ring, {{297, 231}, {392, 265}}, brick);
    ring.style.width = 3;
    marks.push_back(ring);
    Mark line = markOf(MarkKind::Draw, {{306, 305}, {322, 307}, {340, 304}, {358, 307}, {380, 305}}, brick);
    line.style.width = 3;
    marks.push_back(line);
    for (const double y : {96.0, 248.0, 289.0}) {
        Mark step = markOf(MarkKind::Step, {{283, y}});
        step.style.textHeight = 15;
        step.rank = int(marks.size());
        marks.push_back(step);
    }
    Mark enlarge = markOf(MarkKind::Enlarge, {{14, 287}, {106, 306}, {20, 358}, {204, 396}});
    enlarge.style.width = 3;
    marks.push_back(enlarge);
    Mark note = markOf(MarkKind::Note, {{404, 352}, {592, 390}});
    note.style.textHeight = 14;
    note.text = Tr::tr("In credit, though a bill is due on 2 January");
    note.points[1].setY(note.points[0].y() + heightOfNote(note));
    marks.push_back(note);
    Mark pointer = markOf(MarkKind::Point, {{470, 350}, {396, 256}, {462, 290}});
    pointer.form = MarkForm::Curved;
    pointer.style.width = 3;
    marks.push_back(pointer);
    return marks;
}

} // namespace eyelid
