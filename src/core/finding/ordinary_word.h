// Which words are of every day, by all that is known of words.
#pragma once

#include "finding/names.h"

namespace eyelid {

/// A word of three letters or more that a list of frequent words or a group of words of like meaning has, as written;
/// names may be such words as well.
bool isOrdinary(const Names& names, const QString& word);

/// A word of a language, and no name by any list: "Inbox", "Analytics"; however rare, it is nobody's by itself.
bool isNobodysWord(const Names& names, const QString& word);

/// "search,export", "About me": no figure, and nothing but such words and common shorter ones.
bool saysOrdinaryWords(const Names& names, const QString& text);

} // namespace eyelid
