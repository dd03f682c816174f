// Bars that stand for letters: told by their neighbours where the type draws I and l alike. And bars that are none.
#pragma once

#include "reading/page.h"

#include <QString>
#include <vector>

namespace eyelid {

/// What a word's first letter should be, or null where there is nothing to put right. `leads`: it stands where a
/// capital is written, at the start of a line or before a word that begins with one.
QChar firstBar(const QString& word, bool leads);

/// What the bar at `at` of a word is, where it was read with doubt: between letters it is one. Null where it is a bar.
QChar innerBar(const QString& word, qsizetype at);

/// Takes out what was read off the sides of fields and cards: bars far higher than the type of their page and line.
void dropFrames(std::vector<TextLine>& lines);

} // namespace eyelid
