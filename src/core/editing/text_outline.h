// Text of several lines as outlines of letters, in the faces that ship with the program: the same everywhere, drawn
// sharp at any size and angle. Lines of right-to-left scripts run as they should (Unicode's bidirectional algorithm,
// UAX 9), letters that join or combine are shaped (HarfBuzz), lines break where they may (UAX 14).
#pragma once

#include "editing/type_weight.h"

#include <QHash>
#include <QPainterPath>
#include <QSizeF>
#include <QString>

namespace eyelid {

struct TextSetting {
    double pixels = 20; ///< an em
    TypeWeight weight = TypeWeight::Regular;
    bool monospaced = false;
    double width = 0;  ///< lines break to fit in; 0: only where the text breaks them
    double middle = 0; ///< 0 to 1: how far lines are moved from where they begin to where they end
};

struct TextOutline {
    QPainterPath path; ///< its first line's top left corner is 0,0; overlapping letters join (winding fill)
    QSizeF size;       ///< of all lines; as wide as `width` where that was given
};

TextOutline outlineOf(const QString& text, const TextSetting& setting);

/// Outlines that were made before, for those who draw the same text again and again. For one thread.
class OutlineCache {
public:
    const TextOutline& of(const QString& text, const TextSetting& setting);

private:
    QHash<QString, TextOutline> m_outlines; ///< by the text and its setting
};

} // namespace eyelid
