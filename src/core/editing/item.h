// What has been decided about one capture: its findings, each with a decision, and the covers that follow.
#pragma once

#include "editing/cover.h"
#include "editing/framing.h"
#include "editing/mark.h"
#include "editing/stand_in.h"
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
    CoverLook look;
    QString note;           ///< the officer's own words; kept in the case, never in a log
    QString question;       ///< for a colleague; as the note. While there is one, it is open
    QString by;             ///< the officer who decided; as the note
    bool byHand = false;    ///< an officer's own finding
    bool underHand = false; ///< covered because covers drawn by hand hide all of it
    bool cutAway = false;   ///< likewise, because the framing shows nothing of it
    int identity = 0;       ///< the same number for the same value throughout the case, from 1; 0 where there is none
};

/// What was decided about one capture, as far as it is drawn.
struct Decided {
    std::vector<Item> items;
    std::vector<HandCover> hands;
    int evenWidth = 0; ///< of the policy: covers are widened to a multiple of this many pixels
    bool marksReplaced = false, labelsTellGround = false; ///< of the policy
    std::shared_ptr<const StandInSource> standIns;        ///< null: what would be a stand-in is a label
    Framing framing;
    std::vector<Mark> marks; ///< from back to front
};

/// All that covers drawn by hand take in.
QRegion handRegion(const Decided& decided, const QSize& picture);

/// The words such covers hide, letter by letter, as values of kind Watch: a line's words together, and those with
/// figures in them by themselves as well.
std::vector<Finding> valuesUnder(const Page& page, const QRegion& hands);

/// The covers of all items decided so, and those drawn by hand. Covers of one style and strength that overlap or touch
/// along a line of text are merged; one that lies wholly under covers drawn by hand is not drawn.
std::vector<Cover> coversOf(const Decided& decided, const QSize& picture);

} // namespace eyelid
