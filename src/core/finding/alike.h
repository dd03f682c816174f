// Values told by their likes: what is written as two or more findings of its column or row are.
#pragma once

#include "finding/detector.h"

#include <vector>

namespace eyelid {

class TaggedPage;

/// Numbers by their form: the sixth telephone number of a column whose label was misread. `kept` must be whole values.
void findWrittenAlike(const ScreenText& screen, const std::vector<Candidate>& kept, std::vector<Candidate>& out);

/// Vehicle plates by their form, whatever their country, on a page that shows three at least: letters, figures and
/// signs as one of them has.
void findPlatesAlike(const ScreenText& screen, const std::vector<Candidate>& kept, std::vector<Candidate>& out);

/// Part of a line that is written as a name is, whether a list has it or not.
bool readsAsName(const Names& names, const TextRun& run, const Span& span);

/// Letters and figures, at least one letter, as user names are written.
bool isHandle(const QString& word);

/// "Codeyard" over "jan_t": as what a network is called is written, and seldom what somebody is called there.
bool isWrittenLarge(const QString& word);

/// "mark_s", "versfeldg", "carstens97": what is left without figures and an initial is a name of the lists.
bool isMadeOfName(const Names& names, const QString& text);

/// Names and user names by their place: a line of a column, of one size of type, in which most are such, or most of
/// those over which a line of the same form stands.
void findPlacedAlike(const Surroundings& in, const TaggedPage& tagged, const std::vector<Candidate>& kept,
                     std::vector<Candidate>& out);

} // namespace eyelid
