// Drives the window as a person would, by keys and pointer: the main job on the demo desk, for a machine without a
// display, and the pictures in docs/screenshots.
#pragma once

#include <QStringList>

namespace eyelid {

class MainWindow;

inline constexpr int patience = 180'000; // ms; a step that takes longer has failed

/// Takes three windows of the demo desk, settles every finding, adds a cover by hand, checks and releases to `folder`.
/// Returns the full names of what was written, a picture of the window last; empty when a step did not come to its end.
QStringList driveDemo(MainWindow& window, const QString& folder);

/// Writes the pictures of the main views to `folder`. Returns their full names.
QStringList takeScreenshots(MainWindow& window, const QString& folder);

} // namespace eyelid
