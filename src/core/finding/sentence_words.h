// The words of a sentence, and which of them are groups of one number: "registration L RU 0152, outside the depot".
#pragma once

#include "finding/pattern.h"

#include <QString>
#include <vector>

namespace eyelid {

/// What spaces part, without the signs around it.
std::vector<Span> sentenceWords(const QString& text);

/// Whether word `first` of `words` opens a number: letters and figures, and one of the next groups at least has a
/// figure.
bool opensNumber(const QString& text, const std::vector<Span>& words, size_t first);
bool isFigures(const QString& word);
/// Figures alone, and too many for a count, a year or a time: somebody's, where a word for somebody stands before them.
bool isLongNumber(const QString& word);
/// A little word that may stand between what a number is of and the number: "no.", "is".
bool standsBeforeNumbers(const QString& word);
/// The last group of the number that word `first` opens: a sign that ends a clause ends it.
size_t lastOfNumber(const QString& text, const std::vector<Span>& words, size_t first);

} // namespace eyelid
