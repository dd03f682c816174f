#include "app/explain/mark_pen.h"

#include "app/window/settings.h"
#include "editing/edits_json.h"

namespace eyelid {
namespace {

// A style as a file of one mark: as it stands everywhere else.
QByteArray written(MarkStyle style, MarkKind kind, MarkForm form) {
    Mark sample;
    sample.kind = kind;
    sample.form = form;
    sample.style = std::move(style);
    sample.points = QPolygonF(QList<QPointF>(4, QPointF(0, 0)));
    return marksToJson({sample});
}

std::optional<Mark> readBack(const QByteArray& json) {
    auto marks = marksFromJson(json, QStringLiteral("settings"));
    return marks && marks->size() == 1 ? std::optional(marks->front()) : std::nullopt;
}

} // namespace

MarkStyle MarkPen::usualStyle(MarkKind kind) {
    MarkStyle style;
    switch (kind) {
    case MarkKind::Tint:
        style.colour = markColours::sun;
        style.width = 24;
        break;
    case MarkKind::Note:
        style.ground = markColours::paper;
        style.width = 3;
        style.textHeight = 18;
        break;
    case MarkKind::Step:
        style.textHeight = 22;
        break;
    case MarkKind::Enlarge:
        style.width = 4;
        break;
    case MarkKind::Measure:
        style.width = 3;
        style.textHeight = 15;
        break;
    case MarkKind::Sign:
        style.colour = markColours::ink;
        style.textHeight = 14;
        break;
    default:
        break;
    }
    return style;
}

MarkPen::MarkPen() {
    for (const MarkKind kind : allMarkKinds) {
        Mark& usual = m_usual[kind];
        usual.kind = kind;
        if (const auto forms = formsOf(kind); !forms.empty()) usual.form = forms.front();
        usual.style = usualStyle(kind);
        if (const auto before = readBack(settings::markLook(markKindName(kind))); before && before->kind == kind) {
            usual.form = before->form;
            usual.style = before->style;
        }
    }
}

void MarkPen::setKind(MarkKind kind) {
    if (m_kind == kind) return;
    m_kind = kind;
    emit changed();
}

void MarkPen::remember(MarkKind kind) {
    const Mark& usual = m_usual.at(kind);
    settings::setMarkLook(markKindName(kind), written(usual.style, kind, usual.form));
    emit changed();
}

void MarkPen::setForm(MarkKind kind, MarkForm form) {
    if (m_usual.at(kind).form == form) return;
    m_usual.at(kind).form = form;
    remember(kind);
}

void MarkPen::setStyle(MarkKind kind, const MarkStyle& style) {
    if (m_usual.at(kind).style == style) return;
    m_usual.at(kind).style = style;
    remember(kind);
}

void MarkPen::setStaysOn(bool stays) {
    if (m_staysOn == stays) return;
    m_staysOn = stays;
    emit changed();
}

QStringList MarkPen::keptNames() const {
    return settings::keptLooks();
}

MarkStyle MarkPen::kept(const QString& name) const {
    const auto mark = readBack(settings::keptLook(name));
    return mark ? mark->style : MarkStyle();
}

void MarkPen::keep(const QString& name, const MarkStyle& style) {
    settings::setKeptLook(name, written(style, MarkKind::Line, MarkForm::Straight));
    emit changed();
}

void MarkPen::forget(const QString& name) {
    settings::setKeptLook(name, {});
    emit changed();
}

Mark MarkPen::begun(MarkKind kind) const {
    Mark mark = m_usual.at(kind);
    if (kind == MarkKind::Sign) {
        mark.picture = sign;
        mark.text = signText;
    }
    if (kind == MarkKind::Measure) {
        mark.unitsPerPixel = unitsPerPixel;
        mark.unit = unit;
    }
    return mark;
}

} // namespace eyelid
