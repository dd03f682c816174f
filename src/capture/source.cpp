#include "capture/source.h"

#include "base/sentence.h"

#include <QPainter>
#include <QPainterPath>

namespace eyelid {

Result<std::unique_ptr<Scrolling>> Source::scrolling(const Target&, ScrollDirection) const {
    return Error{Error::Kind::Missing,
                 Tr::tr("Windows on this desk cannot be scrolled by Eyelid; scroll by hand, take several "
                        "pictures, and join them.")};
}

Result<QImage> takeTarget(const Source& source, const Target& target, const TakeOptions& options) {
    if (target.outline.isEmpty()) return source.take(target, options);
    const QRect bounds = target.outline.boundingRect();
    if (bounds.width() < 2 || bounds.height() < 2)
        return Error{Error::Kind::BadInput, Tr::tr("The outline holds nothing; draw it around a place.")};
    auto picture = source.take({Target::What::Region, {}, bounds, {}}, options);
    if (!picture) return picture;
    // The region may have been cut by the desk's edge, at the left or the top only if the outline began outside.
    const QPoint corner(std::max(0, bounds.left()), std::max(0, bounds.top()));
    return keptWithin(*picture, target.outline.translated(-corner));
}

QImage keptWithin(const QImage& picture, const QPolygon& outline) {
    QImage kept(picture.size(), QImage::Format_RGB32);
    kept.fill(Qt::white);
    QPainter painter(&kept);
    QPainterPath path;
    path.addPolygon(QPolygonF(outline));
    path.closeSubpath();
    path.setFillRule(Qt::WindingFill);
    // Whole pixels, no soft edge: half a pixel of what lies outside would be kept otherwise.
    painter.setClipPath(path);
    painter.drawImage(0, 0, picture);
    return kept;
}

QRect placeOf(const DeskLayout& layout, const Target& target, const TakeOptions& options) {
    switch (target.what) {
    case Target::What::Desk:
        return layout.bounds();
    case Target::What::Region:
        return target.outline.isEmpty() ? target.region : target.outline.boundingRect();
    case Target::What::Monitor:
        for (const Monitor& m : layout.monitors)
            if (m.name == target.id) return m.geometry;
        return {};
    case Target::What::ActiveWindow:
        return layout.windows.empty() ? QRect() : layout.windows.front().geometry;
    case Target::What::Window:
    case Target::What::Pane:
        for (const DeskWindow& w : layout.windows) {
            if (w.id == target.id) return options.frame ? w.geometry : w.inner;
            for (const Pane& pane : w.panes)
                if (pane.id == target.id) return pane.geometry;
        }
        return {};
    }
    return {};
}

Target targetAt(const DeskLayout& layout, const QPoint& point, bool panes) {
    for (const DeskWindow& w : layout.windows) {
        if (!w.geometry.contains(point)) continue;
        if (panes)
            for (const Pane& pane : w.panes)
                if (pane.geometry.contains(point)) return {Target::What::Pane, pane.id};
        return {Target::What::Window, w.id};
    }
    for (const Monitor& m : layout.monitors)
        if (m.geometry.contains(point)) return {Target::What::Monitor, m.name};
    return {};
}

} // namespace eyelid
