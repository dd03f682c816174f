// Marks: what explains a picture. Each is an object that stays editable; none ever counts as a cover.
//
// Places are in the capture's device pixels, whatever its framing is; lengths (of strokes, of type) in them too. A mark
// is a kind, points whose meaning the kind gives, and a style:
//
//   Point    from, to; the bend between them where its form is Bent or Curved
//   Line     from, to
//   Ring     two corners of a box that is turned about its middle
//   Draw     the way of the pen
//   Tint     Words: two corners of each band, pair by pair; Freehand: the way of the pen
//   Note     two corners of its box; a third point where it points to
//   Step     the middle of its badge
//   Enlarge  two corners of what is enlarged, two of where it is drawn
//   Measure  Distance, Across, Down, Sides: from, to; Angle: end, corner, end; Colour: the place
//   Sign     two corners of its box
//   Code     two corners of its box
#pragma once

#include "editing/mark_colours.h"
#include "editing/type_weight.h"

#include <functional>
#include <optional>
#include <QByteArray>
#include <QPolygonF>
#include <QRectF>
#include <QRgb>
#include <QString>
#include <QTransform>
#include <vector>

namespace eyelid {

enum class MarkKind { Point, Line, Ring, Draw, Tint, Note, Step, Enlarge, Measure, Sign, Code };
inline constexpr MarkKind allMarkKinds[] = {MarkKind::Point,   MarkKind::Line, MarkKind::Ring, MarkKind::Draw,
                                            MarkKind::Tint,    MarkKind::Note, MarkKind::Step, MarkKind::Enlarge,
                                            MarkKind::Measure, MarkKind::Sign, MarkKind::Code};

enum class MarkForm {
    Straight,
    Bent,
    Curved, ///< of a Point
    Rectangle,
    Rounded,
    Ellipse,
    Arc, ///< of a Ring; Rectangle and Ellipse of an Enlarge as well
    Words,
    Freehand, ///< of a Tint
    Distance,
    Across,
    Down,
    Sides,
    Angle,
    Colour, ///< of a Measure
};

enum class LinePattern { Plain, Dashed, Dotted };
enum class TextAlign { Start, Middle, End };

/// How a mark looks. Each kind uses what it has a use for.
struct MarkStyle {
    QRgb colour = markColours::pine; ///< not the covers': a mark is to be taken for none
    std::optional<QRgb> ground;      ///< inside of a ring, behind a note; may be translucent
    double width = 4;                ///< of strokes, and of a freehand tint
    LinePattern pattern = LinePattern::Plain;
    int heads = 1;          ///< of a Point, 0 to 2; the first at its end
    double textHeight = 20; ///< an em
    TypeWeight weight = TypeWeight::Regular;
    bool monospaced = false;
    TextAlign align = TextAlign::Start;
    bool letters = false; ///< of a Step: A, B, C
    bool operator==(const MarkStyle&) const = default;
};

/// A point that keeps its place on something else: a cover, a finding or another mark, by its id in the case.
struct MarkHold {
    size_t point = 0;
    int id = 0;
    QPointF part{0.5, 0.5}; ///< of its bounds: 0,0 is their upper left corner
    bool operator==(const MarkHold&) const = default;
};

struct Mark {
    int id = 0; ///< unique within the case, among findings and covers as well
    MarkKind kind = MarkKind::Point;
    MarkForm form = MarkForm::Straight;
    QPolygonF points;
    double turn = 0; ///< of its box, degrees clockwise
    MarkStyle style;
    QString text;                      ///< of a Note, a Step, a Code, or beside a Sign
    std::vector<double> pressures;     ///< of a Draw, 0 to 1, one a point; empty: a pen that knows none
    double arcFrom = 0, arcSpan = 270; ///< of an Arc: degrees clockwise from three o'clock
    int rank = 0;                      ///< of a Step: steps count in the order of their ranks
    double unitsPerPixel = 1;          ///< of a Measure,
    QString unit;                      ///< in this; empty: pixels
    QByteArray picture;                ///< of a Sign: a PNG with transparency
    std::vector<MarkHold> holds;
    bool locked = false; ///< cannot be changed before it is unlocked

    bool operator==(const Mark&) const = default;
};

QString markKindName(MarkKind kind); ///< in files: "point"
std::optional<MarkKind> markKindFromName(const QString& name);
QString markTitle(MarkKind kind); ///< for people: "Point"
QString markFormName(MarkForm form);
std::optional<MarkForm> markFormFromName(const QString& name);
/// Whether text can be written on it.
bool hasText(MarkKind kind);
/// Those a kind can have, the usual one first; none where it has but one way of being.
std::vector<MarkForm> formsOf(MarkKind kind);

/// What is wrong with it, so that it cannot be drawn ("it has too few points; it needs 2"). Empty where nothing is.
QString faultOf(const Mark& mark);
/// Whether it can be drawn at all.
bool isWhole(const Mark& mark);

/// Whether it is a box that is held by its corners and can be turned.
bool isBox(const Mark& mark);
/// The first of its boxes: of a box mark the one that is drawn, not yet turned.
QRectF boxOf(const Mark& mark);
void setBox(Mark& mark, const QRectF& box);
/// Turns that box about its middle, as the mark is turned.
QTransform turnOf(const Mark& mark);
/// All it draws, but for the width of strokes.
QRectF boundsOf(const Mark& mark);

Mark translated(Mark mark, const QPointF& by);

/// What stands at a held point: the bounds of a thing of the case; null where there is none.
using PlaceOf = std::function<QRectF(int id)>;
/// Held points brought to where what they hold on to is now.
std::vector<Mark> followed(const std::vector<Mark>& marks, const PlaceOf& placeOf);

/// "3" or "C" of a step among the marks of a capture.
QString stepLabel(const std::vector<Mark>& marks, const Mark& step);
/// The steps as text, one a line, in order: "1. The reading is missing".
QString stepsAsText(const std::vector<Mark>& marks);

/// What a Measure tells: "240 px", "82 × 31 px, 2542 px²", "37.4°".
QString measured(const Mark& measure);

} // namespace eyelid
