#include "editing/mark.h"

#include "base/sentence.h"

#include <algorithm>
#include <cmath>
#include <numbers>

namespace eyelid {
namespace {

template <typename Enum> struct Named {
    Enum value;
    const char* name;
};
constexpr Named<MarkKind> kinds[] = {
    {MarkKind::Point, "point"},     {MarkKind::Line, "line"}, {MarkKind::Ring, "ring"}, {MarkKind::Draw, "draw"},
    {MarkKind::Tint, "tint"},       {MarkKind::Note, "note"}, {MarkKind::Step, "step"}, {MarkKind::Enlarge, "enlarge"},
    {MarkKind::Measure, "measure"}, {MarkKind::Sign, "sign"}, {MarkKind::Code, "code"}};
constexpr Named<MarkForm> forms[] = {{MarkForm::Straight, "straight"}, {MarkForm::Bent, "bent"},
                                     {MarkForm::Curved, "curved"},     {MarkForm::Rectangle, "rectangle"},
                                     {MarkForm::Rounded, "rounded"},   {MarkForm::Ellipse, "ellipse"},
                                     {MarkForm::Arc, "arc"},           {MarkForm::Words, "words"},
                                     {MarkForm::Freehand, "freehand"}, {MarkForm::Distance, "distance"},
                                     {MarkForm::Across, "across"},     {MarkForm::Down, "down"},
                                     {MarkForm::Sides, "sides"},       {MarkForm::Angle, "angle"},
                                     {MarkForm::Colour, "colour"}};

template <typename Enum, size_t n> QString nameIn(const Named<Enum> (&all)[n], Enum value) {
    for (const auto& one : all)
        if (one.value == value) return QLatin1String(one.name);
    return {};
}

template <typename Enum, size_t n> std::optional<Enum> valueIn(const Named<Enum> (&all)[n], const QString& name) {
    for (const auto& one : all)
        if (name == QLatin1String(one.name)) return one.value;
    return std::nullopt;
}

// Whatever comes from a file is drawn in a moment.
constexpr qsizetype mostPoints = 100000, mostLetters = 10000, mostBytes = 8'000'000;
constexpr double leastWidth = 0.25, widest = 1000, tallest = 2000; // device pixels
constexpr double farthest = 200000; // device pixels from a corner of the capture; nobody draws farther

qsizetype fewestPoints(const Mark& mark) {
    switch (mark.kind) {
    case MarkKind::Step:
    case MarkKind::Draw:
        return 1;
    case MarkKind::Enlarge:
        return 4;
    case MarkKind::Point:
        return mark.form == MarkForm::Straight ? 2 : 3;
    case MarkKind::Measure:
        return mark.form == MarkForm::Colour ? 1 : mark.form == MarkForm::Angle ? 3 : 2;
    case MarkKind::Line:
    case MarkKind::Ring:
    case MarkKind::Tint:
    case MarkKind::Note:
    case MarkKind::Sign:
    case MarkKind::Code:
        return 2;
    }
    return 1;
}

QRectF rectOf(const QPointF& a, const QPointF& b) {
    return QRectF(a, b).normalized();
}

QString inUnits(const Mark& measure, double pixels) {
    const double value = pixels * measure.unitsPerPixel;
    const QString unit = measure.unit.isEmpty() ? Tr::tr("px") : measure.unit;
    return sentence(Tr::tr("%1 %2"), QString::number(value, 'f', value == std::round(value) ? 0 : 1), unit);
}

} // namespace

QString markKindName(MarkKind kind) {
    return nameIn(kinds, kind);
}

std::optional<MarkKind> markKindFromName(const QString& name) {
    return valueIn(kinds, name);
}

QString markFormName(MarkForm form) {
    return nameIn(forms, form);
}

std::optional<MarkForm> markFormFromName(const QString& name) {
    return valueIn(forms, name);
}

QString markTitle(MarkKind kind) {
    switch (kind) {
    case MarkKind::Point:
        return Tr::tr("Point");
    case MarkKind::Line:
        return Tr::tr("Line");
    case MarkKind::Ring:
        return Tr::tr("Ring");
    case MarkKind::Draw:
        return Tr::tr("Draw");
    case MarkKind::Tint:
        return Tr::tr("Tint");
    case MarkKind::Note:
        return Tr::tr("Note");
    case MarkKind::Step:
        return Tr::tr("Step");
    case MarkKind::Enlarge:
        return Tr::tr("Enlarge");
    case MarkKind::Measure:
        return Tr::tr("Measure");
    case MarkKind::Sign:
        return Tr::tr("Sign");
    case MarkKind::Code:
        return Tr::tr("Code");
    }
    return {};
}

bool hasText(MarkKind kind) {
    return kind == MarkKind::Note || kind == MarkKind::Step || kind == MarkKind::Sign || kind == MarkKind::Code;
}

std::vector<MarkForm> formsOf(MarkKind kind) {
    switch (kind) {
    case MarkKind::Point:
        return {MarkForm::Straight, MarkForm::Bent, MarkForm::Curved};
    case MarkKind::Ring:
        return {MarkForm::Rounded, MarkForm::Rectangle, MarkForm::Ellipse, MarkForm::Arc};
    case MarkKind::Tint:
        return {MarkForm::Words, MarkForm::Freehand};
    case MarkKind::Enlarge:
        return {MarkForm::Rectangle, MarkForm::Ellipse};
    case MarkKind::Measure:
        return {MarkForm::Distance, MarkForm::Across, MarkForm::Down,
                MarkForm::Sides,    MarkForm::Angle,  MarkForm::Colour};
    default:
        return {};
    }
}

QString faultOf(const Mark& mark) {
    const qsizetype points = mark.points.size();
    if (points < fewestPoints(mark)) return sentence(Tr::tr("it has too few points; it needs %1"), fewestPoints(mark));
    if (points > mostPoints) return sentence(Tr::tr("it has more than %1 points"), mostPoints);
    if (mark.kind == MarkKind::Tint && mark.form == MarkForm::Words && points % 2)
        return Tr::tr("a tint on words needs two points for each of its bands");
    if (mark.text.size() > mostLetters || mark.unit.size() > mostLetters)
        return sentence(Tr::tr("its text is longer than %1 characters"), mostLetters);
    if (mark.picture.size() > mostBytes)
        return sentence(Tr::tr("its picture is larger than %1 MB"), mostBytes / 1'000'000);
    if (!mark.pressures.empty() && qsizetype(mark.pressures.size()) != points)
        return Tr::tr("it needs as many pressures as points");
    const auto sane = [](double v) { return std::isfinite(v) && std::abs(v) <= farthest; };
    const MarkStyle& s = mark.style;
    const double numbers[] = {s.width, s.textHeight, mark.turn, mark.arcFrom, mark.arcSpan, mark.unitsPerPixel};
    if (!std::all_of(mark.points.begin(), mark.points.end(),
                     [&](const QPointF& p) { return sane(p.x()) && sane(p.y()); }) ||
        !std::all_of(std::begin(numbers), std::end(numbers), sane))
        return sentence(Tr::tr("it has a number beyond %1"), int(farthest));
    if (s.width < leastWidth || s.width > widest)
        return sentence(Tr::tr("its width is not within %1 to %2"), leastWidth, widest);
    if (s.textHeight < 1 || s.textHeight > tallest)
        return sentence(Tr::tr("the height of its text is not within %1 to %2"), 1, tallest);
    if (s.heads < 0 || s.heads > 2) return Tr::tr("it can have no more than two heads");
    return {};
}

bool isWhole(const Mark& mark) {
    return faultOf(mark).isEmpty();
}

bool isBox(const Mark& mark) {
    switch (mark.kind) {
    case MarkKind::Ring:
    case MarkKind::Note:
    case MarkKind::Enlarge:
    case MarkKind::Sign:
    case MarkKind::Code:
        return true;
    default:
        return false;
    }
}

QRectF boxOf(const Mark& mark) {
    const bool second = mark.kind == MarkKind::Enlarge;
    return second ? rectOf(mark.points[2], mark.points[3]) : rectOf(mark.points[0], mark.points[1]);
}

void setBox(Mark& mark, const QRectF& box) {
    const qsizetype first = mark.kind == MarkKind::Enlarge ? 2 : 0;
    mark.points[first] = box.topLeft();
    mark.points[first + 1] = box.bottomRight();
}

QTransform turnOf(const Mark& mark) {
    const QPointF middle = boxOf(mark).center();
    return QTransform::fromTranslate(-middle.x(), -middle.y()) * QTransform().rotate(mark.turn) *
           QTransform::fromTranslate(middle.x(), middle.y());
}

QRectF boundsOf(const Mark& mark) {
    QRectF bounds;
    if (isBox(mark)) {
        bounds = turnOf(mark).mapRect(boxOf(mark));
        if (mark.kind == MarkKind::Enlarge) bounds = bounds.united(rectOf(mark.points[0], mark.points[1]));
        if (mark.kind == MarkKind::Note && mark.points.size() > 2)
            bounds = bounds.united(QRectF(mark.points[2], QSizeF(1, 1)));
        return bounds;
    }
    if (mark.kind == MarkKind::Step) {
        const double half = 0.9 * mark.style.textHeight;
        return {mark.points[0] - QPointF(half, half), QSizeF(2 * half, 2 * half)};
    }
    return mark.points.boundingRect();
}

Mark translated(Mark mark, const QPointF& by) {
    mark.points.translate(by);
    return mark;
}

std::vector<Mark> followed(const std::vector<Mark>& marks, const PlaceOf& placeOf) {
    std::vector<Mark> all = marks;
    for (Mark& mark : all)
        for (const MarkHold& hold : mark.holds) {
            if (hold.point >= size_t(mark.points.size()) || hold.id == mark.id) continue;
            // Another mark is where it was put: marks that hold on to one another go round in no circle.
            const auto other =
                std::find_if(marks.begin(), marks.end(), [&](const Mark& m) { return m.id == hold.id && m.id; });
            const QRectF place = other != marks.end() ? boundsOf(*other) : placeOf(hold.id);
            if (place.isNull()) continue;
            mark.points[qsizetype(hold.point)] = {place.left() + hold.part.x() * place.width(),
                                                  place.top() + hold.part.y() * place.height()};
        }
    return all;
}

namespace {

std::vector<const Mark*> stepsInOrder(const std::vector<Mark>& marks) {
    std::vector<const Mark*> steps;
    for (const Mark& mark : marks)
        if (mark.kind == MarkKind::Step) steps.push_back(&mark);
    std::stable_sort(steps.begin(), steps.end(), [](const Mark* a, const Mark* b) { return a->rank < b->rank; });
    return steps;
}

// A, B … Z, AA, AB …
QString inLetters(qsizetype number) {
    QString text;
    for (; number > 0; number = (number - 1) / 26) text.prepend(QChar(ushort(u'A' + (number - 1) % 26)));
    return text;
}

QString labelOf(qsizetype number, const Mark& step) {
    return step.style.letters ? inLetters(number) : QString::number(number);
}

} // namespace

QString stepLabel(const std::vector<Mark>& marks, const Mark& step) {
    const auto steps = stepsInOrder(marks);
    const auto at = std::find_if(steps.begin(), steps.end(),
                                 [&](const Mark* s) { return s == &step || (s->id && s->id == step.id); });
    return labelOf(at == steps.end() ? qsizetype(steps.size()) + 1 : at - steps.begin() + 1, step);
}

QString stepsAsText(const std::vector<Mark>& marks) {
    QStringList lines;
    for (const Mark* step : stepsInOrder(marks))
        lines << (labelOf(lines.size() + 1, *step) + QStringLiteral(". ") + step->text.simplified()).trimmed();
    return lines.join(u'\n');
}

QString measured(const Mark& measure) {
    if (!isWhole(measure)) return {};
    const QPointF by = measure.points.size() > 1 ? measure.points[1] - measure.points[0] : QPointF();
    switch (measure.form) {
    case MarkForm::Across:
        return inUnits(measure, std::abs(by.x()));
    case MarkForm::Down:
        return inUnits(measure, std::abs(by.y()));
    case MarkForm::Sides: {
        const double area = std::abs(by.x() * by.y()) * measure.unitsPerPixel * measure.unitsPerPixel;
        const QString unit = measure.unit.isEmpty() ? Tr::tr("px") : measure.unit;
        return sentence(Tr::tr("%1 × %2, %3 %4²"), inUnits(measure, std::abs(by.x())),
                        inUnits(measure, std::abs(by.y())), QString::number(area, 'f', measure.unit.isEmpty() ? 0 : 1),
                        unit);
    }
    case MarkForm::Angle: {
        const QPointF a = measure.points[0] - measure.points[1], b = measure.points[2] - measure.points[1];
        double angle = std::abs(std::atan2(a.x() * b.y() - a.y() * b.x(), a.x() * b.x() + a.y() * b.y()));
        angle *= 180 / std::numbers::pi;
        return sentence(Tr::tr("%1°"), QString::number(angle, 'f', 1));
    }
    case MarkForm::Colour:
        return measure.text;
    default:
        return inUnits(measure, std::hypot(by.x(), by.y()));
    }
}

} // namespace eyelid
