// Catch2's own part, compiled once for all test programs.
#pragma once

/// Runs the tests of this program as its arguments ask; what main() returns.
int runTests(int argc, char** argv);
