// A second reading of what the first was not sure of, at another width. The network reads the same letters drawn a
// little narrower with other mistakes, so that two readings tell more than one (Ho, Hull and Srihari, 1994).
#pragma once

#include "reading/page.h"
#include "reading/recogniser.h"

#include <functional>
#include <QImage>
#include <vector>

namespace eyelid {

/// Whether a line holds what no word list vouches for (keys, numbers, addresses of mail and machines) and the reader
/// was not sure of.
bool worthASecondLook(const std::vector<ReadGlyph>& glyphs, const std::function<bool(const QString&)>& isWord);

/// The line for another reading; multiply its x by `by` to come back to the first.
QImage ofWidth(const QImage& uniformLine, double by);
inline constexpr double secondWidths[] = {1.08, 0.93};

/// Settles letter by letter what the readings differ in: what most of them read, of as many the surer. All have the
/// first's boxes.
void vote(std::vector<ReadGlyph>& first, const std::vector<std::vector<ReadGlyph>>& others);

/// Adds to each word what another reading has in its place. `toPicture` maps the reading's x to the picture's.
void keepReading(TextLine& line, const std::vector<ReadGlyph>& other, const std::function<double(double)>& toPicture);

} // namespace eyelid
