#include "cli/framing_options.h"

#include "cli/shared.h"
#include "editing/edits_json.h"

namespace eyelid {
namespace {

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
    return framing;
}

Result<std::vector<Mark>> FramingOptions::marks() const {
    if (m_marks.empty()) return std::vector<Mark>();
    auto bytes = readFile(qt(m_marks));
    if (!bytes) return bytes.error();
    return marksFromJson(*bytes, qt(m_marks));
}

} // namespace eyelid
