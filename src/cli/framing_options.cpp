#include "cli/framing_options.h"

#include "cli/shared.h"
#include "editing/edits_json.h"

#include <algorithm>
#include <QRegularExpression>
#include <tuple>

namespace eyelid {
namespace {

constexpr int mostCanvas = 2000;

// "50%", "800x" (width), "x600" (height).
Result<Resize> resizeFrom(const QString& text) {
    Resize resize;
    QString number = text.trimmed();
    if (number.endsWith(u'%')) {
        resize.by = Resize::By::Percent;
        number.chop(1);
    } else if (number.endsWith(u'x')) {
        resize.by = Resize::By::Width;
        number.chop(1);
    } else if (number.startsWith(u'x')) {
        resize.by = Resize::By::Height;
        number.remove(0, 1);
    }
    bool ok = false;
    resize.to = number.toDouble(&ok);
    if (!ok || resize.by == Resize::By::No || !(resize.to >= 1 && resize.to <= largestFramed))
        return Error{Error::Kind::BadInput,
                     sentence(Tr::tr("--resize %1: 50%, 800x (its width) or x600 (its height) is expected."), text)};
    return resize;
}

// "wave", "fade:top,left": how an excerpt is torn, and on which sides; on all where none is named.
Result<Done> setEdge(Framing& framing, const QString& text) {
    static const std::pair<const char*, Framing::Edge> forms[] = {
        {"wave", Framing::Edge::Wave}, {"steps", Framing::Edge::Steps}, {"fade", Framing::Edge::Fade}};
    static const std::pair<const char*, Qt::Edge> sides[] = {
        {"top", Qt::TopEdge}, {"right", Qt::RightEdge}, {"bottom", Qt::BottomEdge}, {"left", Qt::LeftEdge}};
    const auto named = [](const auto& all, const QString& name) {
        return std::find_if(std::begin(all), std::end(all),
                            [&](const auto& one) { return name.trimmed() == QLatin1String(one.first); });
    };
    const Error wrong{
        Error::Kind::BadInput,
        sentence(Tr::tr("--edge %1: wave, steps or fade is expected, and sides behind a colon where not all "
                        "are meant: wave:top,bottom"),
                 text)};
    const auto form = named(forms, text.section(u':', 0, 0));
    if (form == std::end(forms)) return wrong;
    framing.edge = form->second;
    if (!text.contains(u':')) return Done{};
    framing.edgeSides = {};
    for (const QString& name : text.section(u':', 1).split(u',')) {
        const auto side = named(sides, name);
        if (side == std::end(sides)) return wrong;
        framing.edgeSides |= side->second;
    }
    return Done{};
}

// "40", or "10,40,10,0": left, top, right, bottom.
Result<QMargins> canvasFrom(const QString& text) {
    const QStringList parts = text.split(u',');
    int widths[4] = {};
    bool ok = parts.size() == 1 || parts.size() == 4;
    for (int i = 0; ok && i < 4; ++i) {
        widths[i] = parts[parts.size() == 1 ? 0 : i].trimmed().toInt(&ok);
        ok = ok && widths[i] >= 0 && widths[i] <= mostCanvas;
    }
    if (!ok)
        return Error{
            Error::Kind::BadInput,
            sentence(Tr::tr("--canvas %1: one width or four are expected, left,top,right,bottom, each up to %2."), text,
                     mostCanvas)};
    return QMargins(widths[0], widths[1], widths[2], widths[3]);
}

// "#f6f2ea".
Result<QRgb> colourOf(const QString& text, const char* option) {
    static const QRegularExpression form(QStringLiteral("^#[0-9a-fA-F]{6}$"));
    if (!form.match(text).hasMatch())
        return Error{Error::Kind::BadInput,
                     sentence(Tr::tr("%1 %2: a colour is expected, #rrggbb."), QString::fromLatin1(option), text)};
    return QRgb(text.mid(1).toUInt(nullptr, 16) | 0xff000000);
}

} // namespace

void FramingOptions::addTo(CLI::App* command) {
    command->add_option("--crop", m_crop,
                        said(Tr::tr("Show only this: x,y,width,height in pixels; what lies outside is not released")));
    command->add_option("--straighten", m_straighten, said(Tr::tr("Turn by so many degrees clockwise, up to 45")))
        ->check(within(-45, 45));
    command->add_option("--turn", m_turn, said(Tr::tr("Turn clockwise")))->check(CLI::IsMember({90, 180, 270}));
    command->add_flag("--mirror", m_mirror, said(Tr::tr("Mirror left for right")));
    command->add_option("--resize", m_resize, said(Tr::tr("50%, 800x (to this width) or x600 (to this height)")));
    command->add_option("--border", m_border, said(Tr::tr("A border so many pixels wide")))->check(within(0, 200));
    command->add_option("--border-colour", m_borderColour, said(Tr::tr("Of the border, #rrggbb")));
    command->add_option(
        "--edge", m_edge,
        said(Tr::tr("Torn edges, as of an excerpt: wave, steps or fade; on some sides: wave:top,bottom")));
    command->add_option("--shadow", m_shadow, said(Tr::tr("A shadow that reaches so many pixels")))
        ->check(within(0, 200));
    command->add_option("--canvas", m_canvas,
                        said(Tr::tr("More ground around it, so many pixels wide: N, or left,top,right,bottom")));
    command->add_option("--ground", m_ground,
                        said(Tr::tr("The colour of that ground, #rrggbb; white where none is given")));
    command->add_flag("--transparent", m_transparent,
                      said(Tr::tr("That ground is transparent in a PNG, and in a WebP without loss")));
    command->add_option("--corner", m_corner, said(Tr::tr("Corners rounded by so many pixels")))->check(within(0, 400));
    command->add_option("--marks", m_marks,
                        said(Tr::tr("Draw the marks of this file (docs/marks.schema.json) on every picture")));
    command
        ->add_option("--small", m_small,
                     said(Tr::tr("Beside each picture a small one, its longest side so many pixels")))
        ->check(within(16, 4000));
}

Result<Framing> FramingOptions::framing() const {
    Framing framing;
    if (!m_crop.empty()) {
        auto crop = parseRect(qt(m_crop), "--crop");
        if (!crop) return crop.error();
        framing.crop = *crop;
    }
    if (!m_resize.empty()) {
        auto resize = resizeFrom(qt(m_resize));
        if (!resize) return resize.error();
        framing.resize = *resize;
    }
    framing.angle = m_straighten;
    framing.quarters = m_turn / 90;
    framing.mirrored = m_mirror;
    framing.border = m_border;
    framing.corner = m_corner;
    framing.shadow = m_shadow;
    framing.transparent = m_transparent;
    if (!m_edge.empty())
        if (auto set = setEdge(framing, qt(m_edge)); !set) return set.error();
    if (!m_canvas.empty()) {
        auto canvas = canvasFrom(qt(m_canvas));
        if (!canvas) return canvas.error();
        framing.canvas = *canvas;
    }
    for (const auto& [given, option, to] : {std::tuple{&m_ground, "--ground", &framing.ground},
                                            std::tuple{&m_borderColour, "--border-colour", &framing.borderColour}}) {
        if (given->empty()) continue;
        auto colour = colourOf(qt(*given), option);
        if (!colour) return colour.error();
        *to = *colour;
    }
    return framing;
}

Result<std::vector<Mark>> FramingOptions::marks() const {
    if (m_marks.empty()) return std::vector<Mark>();
    auto bytes = readFile(qt(m_marks));
    if (!bytes) return bytes.error();
    return marksFromJson(*bytes, qt(m_marks));
}

} // namespace eyelid
