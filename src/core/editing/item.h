// What has been decided about one capture: its findings, each with a decision, and the covers that follow.
#pragma once

#include "editing/cover.h"
#include "finding/finding.h"
#include "reading/page.h"

#include <QString>
#include <vector>

namespace eyelid {

enum class Decision { Open, Cover, Keep };

QString decisionName(Decision decision); ///< "open", "cover", "keep"

/// A finding with what was decided about it.
struct Item {
    int id = 0; ///< unique within the case
    Finding finding;
    Decision decision = Decision::Open;
    CoverStyle style = CoverStyle::Solid;
    double strength = 0.5;
    bool ownStyle = false; ///< somebody chose the style; a policy's does not replace it
    QString note;          ///< the officer's own words; kept in the case, never in a log
    int identity = 0;      ///< the same number for the same value throughout the case, from 1; 0 for areas
};

/// The rectangles of the covers that were drawn by hand.
std::vector<QRect> handCovers(const std::vector<Item>& items, const QSize& picture, int evenWidth);

/// The words such covers hide, letter by letter, as values of kind Area: a line's words together, and those with
/// figures in them by themselves as well.
std::vector<Finding> valuesUnder(const Page& page, const std::vector<QRect>& covers);

/// The covers of all items decided so. Covers of one style and strength that overlap or touch along a line of text are
/// merged; one that lies wholly under a cover drawn by hand is not drawn.
std::vector<Cover> coversOf(const std::vector<Item>& items, const QSize& picture, int evenWidth);

} // namespace eyelid
