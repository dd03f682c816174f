// What the window remembers from one time to the next: the one home of its settings. Nothing of a case is among them: a
// folder's name may be anybody's.
#pragma once

#include "app/window/theme.h"
#include "finding/policy.h"
#include "releasing/destinations/ways.h"
#include "releasing/release.h"
#include "releasing/release_form.h"

#include <optional>
#include <QByteArray>
#include <QKeySequence>
#include <QLocale>
#include <QPolygon>
#include <QRect>
#include <QString>
#include <QStringList>

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
std::optional<ThemeName> theme();
void setTheme(ThemeName theme);
/// 100 to 200: of the usual size of type.
int typePercent();
void setTypePercent(int percent);

/// The code of the language the window speaks; empty: as the desktop.
QString language();
void setLanguage(const QString& code);
/// By it, or the desktop's.
QLocale spokenLocale();

/// Whether the first steps have been offered.
bool knowsFirstSteps();
void setKnowsFirstSteps(bool knows);

/// Whose name stands with decisions; where none was given, the account's.
QString officerName();
void setOfficerName(const QString& name);

/// Of new cases, by its name; one that is not shipped any more is "everything".
QString policyName();
void setPolicyName(const QString& name);

/// Whether the next open finding comes by itself after a decision.
bool goesOn();
void setGoesOn(bool goesOn);

/// How releases are made: the form and what is done with files that are there, as they were chosen last.
ReleaseForm releaseForm();
void setReleaseForm(const ReleaseForm& form);
Clash releaseClash();
void setReleaseClash(Clash clash);
/// Whether the folder is opened after a release.
bool opensReleased();
void setOpensReleased(bool opens);

/// After how many seconds what was copied is taken back from the clipboard; 0: it stays.
int clipboardSeconds();
void setClipboardSeconds(int seconds);
/// Where releases went last, besides a folder.
Destinations destinations();
void setDestinations(const Destinations& to);
/// The way chosen last, by its name; empty: none.
QString lastWay();
void setLastWay(const QString& name);
/// Whether this command of the user's own has been looked at and allowed to be run.
bool knowsCommand(const QStringList& command);
void setKnowsCommand(const QStringList& command);

/// How findings of new cases are covered; none: as the policy says.
std::optional<CoverStyle> caseStyle();
void setCaseStyle(std::optional<CoverStyle> style);
/// Fewer days than the policy gives captures of new cases; 0: as the policy says.
int mostDays();
void setMostDays(int days);
/// A policy as it is used for new cases here.
Policy forNewCases(Policy policy);

/// Whether the window comes to the front after a take that was begun in it.
bool comesBack();
void setComesBack(bool comesBack);

/// Where pictures come from and releases go to in cases that have no folders of their own yet; empty where none was
/// chosen.
QString bringInFolder();
void setBringInFolder(const QString& folder);
QString releaseFolder();
void setReleaseFolder(const QString& folder);

/// The keys of a command, where others were chosen than it comes with.
std::optional<QList<QKeySequence>> commandKeys(const QString& command);
void setCommandKeys(const QString& command, const std::optional<QList<QKeySequence>>& keys);

/// Of covers drawn by hand.
CoverLook handLook();
void setHandLook(const CoverLook& look);

/// How a kind of mark looks, by the kind's name, as a file of one mark; empty where none was chosen.
QByteArray markLook(const QString& kind);
void setMarkLook(const QString& kind, const QByteArray& look);
/// Looks of one's own, by the names given to them; likewise. An empty one is forgotten.
QStringList keptLooks();
QByteArray keptLook(const QString& name);
void setKeptLook(const QString& name, const QByteArray& look);
/// The longest side of small versions that are released beside the pictures; 0: none.
int smallVersions();
void setSmallVersions(int side);
/// Whether the row of tools that explain is open.
bool explainShown();
void setExplainShown(bool shown);

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

/// Drops what earlier versions kept unasked and should not have: folders.
void forgetFolders();

} // namespace eyelid::settings
