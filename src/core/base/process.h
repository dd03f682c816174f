// What this process owes to what it holds in memory: captures as they are.
#pragma once

namespace eyelid {

enum class Portal { No, Yes };

/// No core dump of this process shows its memory, and no other process of the user may read it (prctl(2),
/// PR_SET_DUMPABLE). A desktop portal must be able to look at who asks it (/proc/PID/root); where one is used, core
/// dumps alone are forbidden: none are written to files or handed to a collector (core(5): a limit of 1), and their
/// filter is empty.
void keepMemoryPrivate(Portal portal);

/// Whether this session has a bus (D-Bus). Where there is none, asking for it would start one.
bool hasSessionBus();

/// As many files may be open as the system allows this user: a release of many pictures stands all at once.
void allowManyFiles();

} // namespace eyelid
