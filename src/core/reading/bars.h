// Bars that stand for letters: told by their neighbours where the type draws I and l alike.
#pragma once

#include <QString>

namespace eyelid {

/// What a word's first letter should be, or null where there is nothing to put right. `leads`: it stands where a
/// capital is written, at the start of a line or before a word that begins with one.
QChar firstBar(const QString& word, bool leads);

/// What the bar at `at` of a word is, where it was read with doubt: between letters it is one. Null where it is a bar.
QChar innerBar(const QString& word, qsizetype at);

} // namespace eyelid
