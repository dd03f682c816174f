// The words of English, French and Spanish, inflected forms and all (tools/lexicon).
#pragma once

#include <QString>

namespace eyelid {

/// Whether a language has such a word, whatever its case and accents; words of 4 to 16 letters. Names may be such words
/// as well ("Baker"), and words of German are not among them.
bool isInLexicon(const QString& word);

} // namespace eyelid
