// The drawings of one letter of a page, and how far two drawings are apart.
#pragma once

#include "reading/line_shapes.h"

#include <map>
#include <QImage>
#include <QString>
#include <vector>

namespace eyelid {

/// How much speaks for one reading of a shape.
struct Votes {
    double weight = 0;
    int sure = 0; // votes by context that leaves no doubt
};

/// Runs that are drawn alike.
struct Shape {
    size_t leader = 0; // the run it was first seen in
    int members = 0;
    std::map<QString, Votes> votes;
    /// Votes beyond doubt for a reading; none for one nobody voted for.
    int sureOf(const QString& reading) const {
        const auto found = votes.find(reading);
        return found == votes.end() ? 0 : found->second.sure;
    }
    QString best;
    double bestWeight = 0, total = 0;
    bool sure = false;         // vouched for by where it stands
    std::vector<int> fonts;    // where it is vouched for
    QString like;              // what the nearest sure shape reads, where it is near
    std::vector<uchar> soft;   // the drawing, blurred sideways, with a margin of one pixel
    std::vector<int> softRows; // the sum of each row of it
};

/// A run of ink as it was drawn, blurred sideways.
struct Drawing {
    const InkRun* run = nullptr;
    const Shape* shape = nullptr; ///< its `soft`
};

/// Fills in `soft` and `softRows`; `ink` is UniformLine::ink of the line the run is on.
void soften(Shape& shape, const InkRun& run, const QImage& ink);

/// The share of the ink by which two blurred drawings differ, laid over each other as well as can be, to the quarter of
/// a pixel: type is drawn at such places. 0 to 1; beyond `enough` it need not be exact.
double distance(const Drawing& a, const Drawing& b, double enough);

} // namespace eyelid
