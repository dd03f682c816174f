// What was decided about a capture, as the written file shows it: where its framing has put things, and where marks
// show them once more.
#pragma once

#include "editing/edits.h"

namespace eyelid {

class InFile {
public:
    /// `covers` as they are drawn. An empty `capture` for a file of unknown origin: its places are the file's own.
    InFile(const Decided& decided, const std::vector<Cover>& covers, const QSize& capture);

    const Edits& edits() const { return m_edits; }
    const FramedGeometry& geometry() const { return m_geometry; }
    /// The findings at their places in the file, those that are enlarged at both.
    const std::vector<Item>& items() const { return m_items; }
    /// What of the file shows nothing but covers: not where a mark that brings pixels of its own lies on them.
    const QRegion& hidden() const { return m_hidden; }
    /// What was found in the file, at its place on the capture; what an Enlarge shows, at the place it shows.
    Finding onCapture(Finding found) const;

private:
    void show(const Mark& mark);
    void showEnlarged(const Mark& mark, const QRectF& target);

    Edits m_edits;
    FramedGeometry m_geometry;
    std::vector<Item> m_items;
    size_t m_ownItems = 0; ///< the first of them; behind them those that are enlarged
    QRegion m_covers;      ///< in the file, whatever lies on them
    QRegion m_hidden;
    struct Enlarged {
        QRectF target;       ///< in the file
        QTransform toTarget; ///< from the file's source to it
    };
    std::vector<Enlarged> m_enlarged;
};

} // namespace eyelid
