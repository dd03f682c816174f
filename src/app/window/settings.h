// What the window remembers from one time to the next: the one home of its settings. Nothing of a case is among them: a
// folder's name may be anybody's.
#pragma once

#include "casefile/case_state.h"

#include <optional>
#include <QByteArray>
#include <QKeySequence>
#include <QPolygon>
#include <QRect>
#include <QString>

namespace eyelid::settings {

QByteArray windowGeometry();
void setWindowGeometry(const QByteArray& geometry);

/// How wide the panels of the desk are, and which are folded away, by their names.
QByteArray panelSizes();
void setPanelSizes(const QByteArray& sizes);
bool isFolded(const QString& panel);
void setFolded(const QString& panel, bool folded);
/// Whether a small map is shown while only a part of a capture is in view.
bool overviewShown();
void setOverviewShown(bool shown);

/// None where nobody chose: then as the desk has it.
std::optional<bool> dark();
void setDark(bool dark);

/// Whose name stands with decisions; where none was given, the account's.
QString officerName();
void setOfficerName(const QString& name);

/// Of new cases, by its name; one that is not shipped any more is "everything".
QString policyName();
void setPolicyName(const QString& name);

/// Whether the next open finding comes by itself after a decision.
bool goesOn();
void setGoesOn(bool goesOn);

/// Of covers drawn by hand.
CoverLook handLook();
void setHandLook(const CoverLook& look);

/// The region of the desk taken last, device pixels, and its outline where one was drawn; empty where there is none.
QRect lastRegion();
QPolygon lastOutline();
void setLastRegion(const QRect& region, const QPolygon& outline);

/// Of pages of PDFs, pixels an inch.
int pageResolution();
void setPageResolution(int dpi);

/// Of an area that is read again; `usual` where none was chosen.
QString areaLanguage(const QString& usual);
void setAreaLanguage(const QString& language);

/// The keys of a way of taking; `usual` where none were chosen.
QKeySequence takeKeys(const QString& kind, const QString& usual);
void setTakeKeys(const QString& kind, const QKeySequence& keys);

/// Drops what earlier versions kept and should not have: folders.
void forgetFolders();

} // namespace eyelid::settings
