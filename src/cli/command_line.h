// What can be asked for on the command line, and what then is done.
#pragma once

namespace eyelid {

/// Does what the arguments ask for and returns the exit status (console.h).
int runCommandLine(int argc, char** argv);

} // namespace eyelid
