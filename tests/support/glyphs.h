// What a line's glyphs read as, and a lexicon that knows no word.
#pragma once

#include "reading/recogniser.h"

#include <vector>

namespace eyelid {

inline QString textOf(const std::vector<ReadGlyph>& glyphs) {
    QString text;
    for (const ReadGlyph& g : glyphs)
        text += (g.startsWord && !text.isEmpty() ? QStringLiteral(" ") : QString()) + g.text;
    return text;
}

inline bool noWord(const QString&) {
    return false;
}

} // namespace eyelid
